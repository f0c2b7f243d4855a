#include "app/stations/split/band_chart.h"

#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "core/fitout/resolve.h"
#include "words/band_words.h"
#include "words/name_words.h"

namespace app {
namespace {

// Units of normal zoom.
constexpr double kNames = 190.0, kTravel = 128.0, kRow = 40.0, kMostRow = 66.0, kBar = 14.0, kSum = 84.0, kScale = 22.0,
                 kSaid = 74.0;
constexpr double kFrom_hz = 20.0, kTo_hz = 20000.0, kSum_db = 15.0;  // shown either way of the line
constexpr double kTicks_hz[]{20, 50, 100, 200, 500, 1000, 2000, 5000, 10000, 20000};

}  // namespace

BandChart::BandChart(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_said(new PlainLabel(this))
{
    setObjectName(QStringLiteral("bandChart"));
    m_said->setObjectName(QStringLiteral("bandsSaid"));
    m_said->setWordWrap(true);
    m_said->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    connect(&theme, &Theme::changed, this, [this] {
        arrange();
        update();
    });
}

QSize BandChart::minimumSizeHint() const
{
    const double rows = m_bands ? static_cast<double>(m_bands->rows.size()) : 1.0;
    return {m_theme.px(kNames + 160.0), m_theme.px(kRow * rows + kSum + kScale + kSaid)};
}

void BandChart::present(const Snapshot& snapshot, const core::StageResult& stage, core::ListenerId listener)
{
    m_bands = core::bandPlan(stage, snapshot.before(), listener, snapshot.practice(), snapshot.evaluation.frequency_hz);
    const size_t rows = m_bands ? m_bands->rows.size() : 0;
    while (m_names.size() > rows) {
        delete m_names.back();
        m_names.pop_back();
    }
    while (m_names.size() < rows) {
        auto* name = new QPushButton(this);
        name->setProperty("role", "why");
        name->setStyleSheet(QStringLiteral("text-align: left"));
        m_names.push_back(name);
    }
    for (size_t i = 0; i < rows; ++i) {
        const core::BandRow& row = m_bands->rows[i];
        const core::DeviceId device = row.run.coil.device;
        const bool inside = isWay(partOf(stage.used, device), row.run.coil.element);
        const QString name = words::nameOf(core::Subject{device}, stage.used);
        m_names[i]->setObjectName(
            QStringLiteral("band_d%1_%2").arg(device.number).arg(QString::fromStdString(row.run.coil.element)));
        m_names[i]->setToolTip(inside ? tr("tweeter in %1").arg(name) : name);
        m_names[i]->setAccessibleName(
            QStringLiteral("%1: %2 %3").arg(m_names[i]->toolTip(), words::carriesText(row), words::travelText(row)));
        m_names[i]->disconnect(this);
        connect(m_names[i], &QPushButton::clicked, this,
                [this, place = stage.used.devices.at(device).at] { emit placeChosen(place); });
        m_names[i]->show();
    }
    const QStringList remarks = m_bands ? words::remarksOf(*m_bands, stage) : QStringList();
    m_said->setText(!m_bands            ? tr("Nobody hears anything yet.")
                    : remarks.isEmpty() ? tr("No gap, no overlap wider than an octave, no filter twice.")
                                        : remarks.join(QLatin1Char('\n')));
    updateGeometry();
    arrange();
    update();
}

void BandChart::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

void BandChart::arrange()
{
    for (size_t i = 0; i < m_names.size(); ++i) {
        const QRectF area = areaOf(i);
        const int wide = m_theme.px(kNames - 8.0);
        const int high = m_theme.px(32);
        m_names[i]->setGeometry(0, static_cast<int>(area.center().y()) + m_theme.px(6) - high / 2, wide, high);
        m_names[i]->setText(
            QFontMetrics(m_names[i]->font()).elidedText(m_names[i]->toolTip(), Qt::ElideRight, wide - m_theme.px(18)));
    }
    const double top = sumArea().bottom() + m_theme.px(kScale);
    m_said->setGeometry(0, static_cast<int>(top), width(), std::max(0, height() - static_cast<int>(top)));
}

double BandChart::xOf(double hz) const
{
    const double left = m_theme.px(kNames), right = width() - m_theme.px(kTravel);
    return left + (right - left) * std::log(hz / kFrom_hz) / std::log(kTo_hz / kFrom_hz);
}

QRectF BandChart::areaOf(size_t row) const
{
    const double rows = static_cast<double>(std::max<size_t>(1, m_names.size()));
    const double room = (height() - m_theme.px(kSum + kScale + kSaid)) / rows;
    const double high = std::clamp(room, double(m_theme.px(kRow)), double(m_theme.px(kMostRow)));
    return {xOf(kFrom_hz), high * static_cast<double>(row), xOf(kTo_hz) - xOf(kFrom_hz), high};
}

QRectF BandChart::sumArea() const
{
    const QRectF after = areaOf(m_names.size());
    return {after.left(), after.top() + m_theme.px(6), after.width(), static_cast<double>(m_theme.px(kSum))};
}

void BandChart::paintEvent(QPaintEvent*)
{
    if (!m_bands) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(m_theme.small());
    paintScale(painter);
    for (size_t i = 0; i < m_bands->rows.size(); ++i) paintRow(painter, i);
    paintSum(painter);
    paintGaps(painter);
    paintLegend(painter);
}

void BandChart::paintScale(QPainter& painter)
{
    const Tokens& tokens = m_theme.tokens();
    const QRectF sum = sumArea();
    for (const double hz : kTicks_hz) {
        painter.setPen(QPen(tokens.rule, 1.0));
        painter.drawLine(QPointF(xOf(hz), 0.0), QPointF(xOf(hz), sum.bottom()));
        painter.setPen(tokens.ink2);
        const QRectF at(xOf(hz) - m_theme.px(34), sum.bottom() + 2, m_theme.px(68), m_theme.px(kScale) - 2);
        painter.drawText(at, Qt::AlignHCenter | Qt::AlignTop,
                         hz < 1000.0 ? QString::number(hz) : tr("%1 k").arg(hz / 1000.0));
    }
}

// What a tick on a bar is.
void BandChart::paintLegend(QPainter& painter)
{
    const Tokens& tokens = m_theme.tokens();
    const double x = m_theme.px(6), y = sumArea().bottom() + 0.5 * m_theme.px(kScale);
    painter.setPen(QPen(tokens.ink, 2.0));
    painter.drawLine(QPointF(x, y - m_theme.px(7)), QPointF(x, y + m_theme.px(7)));
    painter.setPen(tokens.ink2);
    painter.drawText(QRectF(x + m_theme.px(8), y - m_theme.px(10), m_theme.px(kNames - 20.0), m_theme.px(20)),
                     Qt::AlignVCenter | Qt::AlignLeft, tr("a filter begins"));
}

// A bar where it carries, its ends in words over it, its filters as ticks through it.
void BandChart::paintRow(QPainter& painter, size_t row)
{
    const Tokens& tokens = m_theme.tokens();
    const core::BandRow& one = m_bands->rows[row];
    const QRectF area = areaOf(row);
    const double bar = m_theme.px(kBar), top = area.center().y() - 0.5 * bar + m_theme.px(6);
    for (const core::BandStretch& stretch : one.carries) {
        painter.setPen(QPen(tokens.goldText, 1.2));
        painter.setBrush(tokens.goldTint);
        painter.drawRect(
            QRectF(xOf(stretch.from_hz), top, std::max(2.0, xOf(stretch.to_hz) - xOf(stretch.from_hz)), bar));
    }
    painter.setPen(tokens.ink2);
    const double from = one.carries.empty() ? area.left() : xOf(one.carries.front().from_hz);
    const QString said = words::carriesText(one);
    const double wide = painter.fontMetrics().horizontalAdvance(said);
    const double x = std::clamp(from, area.left(), std::max(area.left(), area.right() - wide));
    painter.drawText(QPointF(x, top - m_theme.px(3)), said);
    painter.setPen(QPen(one.doubled ? tokens.clay : tokens.ink, 2.0));
    for (const auto& hz : {one.channelHighPass_hz, one.ownHighPass_hz})
        if (hz && *hz >= kFrom_hz && *hz <= kTo_hz)
            painter.drawLine(QPointF(xOf(*hz), top - m_theme.px(2)), QPointF(xOf(*hz), top + bar + m_theme.px(2)));
    const QString travel = words::travelText(one);
    painter.setPen(tokens.ink);
    painter.drawText(QRectF(area.right() + m_theme.px(8), top - m_theme.px(2), m_theme.px(kTravel - 8.0), bar + 4),
                     Qt::AlignLeft | Qt::AlignVCenter, travel);
}

// All of it together, about its own line.
void BandChart::paintSum(QPainter& painter)
{
    const Tokens& tokens = m_theme.tokens();
    const QRectF area = sumArea();
    const auto y = [&](double off_db) {
        return area.center().y() - 0.5 * area.height() * std::clamp(off_db / kSum_db, -1.0, 1.0);
    };
    painter.setPen(QPen(tokens.ink2, 1.0, Qt::DashLine));
    painter.drawLine(QPointF(area.left(), y(0.0)), QPointF(area.right(), y(0.0)));
    QPolygonF line;
    const Eigen::ArrayXd& hz = m_bands->frequency_hz;
    for (Eigen::Index i = 0; i < hz.size(); ++i)
        if (hz(i) >= kFrom_hz && hz(i) <= kTo_hz) line << QPointF(xOf(hz(i)), y(m_bands->sum_db(i) - m_bands->line_db));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(tokens.goldText, 2.2));
    painter.drawPolyline(line);
    painter.setPen(tokens.ink);
    painter.drawText(QRectF(0, area.top(), m_theme.px(kNames - 10.0), area.height()),
                     Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
                     tr("all together\n%1").arg(words::textOf(m_bands->plays)));
}

void BandChart::paintGaps(QPainter& painter)
{
    const Tokens& tokens = m_theme.tokens();
    for (const core::BandStretch& gap : m_bands->gaps) {
        painter.setPen(QPen(tokens.rust, 1.2));
        painter.setBrush(QBrush(tokens.rust, Qt::BDiagPattern));
        painter.drawRect(QRectF(xOf(gap.from_hz), 0, xOf(gap.to_hz) - xOf(gap.from_hz), sumArea().bottom()));
    }
}

}  // namespace app
