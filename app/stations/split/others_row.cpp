#include "app/stations/split/others_row.h"

#include <QPainter>
#include <algorithm>

#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/painted_button.h"
#include "core/edits/filter_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/limits/split_limits.h"
#include "core/model/board.h"
#include "core/model/inside_ways.h"
#include "words/figures.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/part_value.h"

namespace app {
namespace {

constexpr double kHeight = 40.0, kWidth = 176.0, kSketch = 58.0;  // units of normal zoom

struct Look {
    bool capacitor = false, board = false, onSpeaker = false, inner = false;
    QString name{}, before{};
};

Look lookOf(const core::StageResult& stage, const core::RunResult& run)
{
    const core::Fitout& used = stage.used;
    const core::DeviceId speaker = run.run.id.coil.device;
    const core::Part& part = partOf(used, speaker);
    Look look{.inner = !core::waysOf(part).empty(), .name = words::named(core::placeOf(used, speaker)->name)};
    const std::vector<core::Port>& capacitors = run.run.seriesCapacitors;
    look.capacitor = !capacitors.empty();
    QStringList before;
    for (const core::DeviceId device : run.run.along) {
        const core::Part& between = partOf(used, device);
        if (core::legsOf(between).size() > 1) {
            look.board = true;
            before << OthersRow::tr("a board");
            continue;
        }
        for (const auto& [name, element] : between.inside) {
            const core::Port port{device, name};
            const bool holds = std::find(capacitors.begin(), capacitors.end(), port) != capacitors.end();
            look.onSpeaker = look.onSpeaker || (holds && device == speaker);
            // What is in the speaker beside that is not on this coil's way.
            if (holds || (device != speaker && core::boughtBy(element.kind) && !core::isBridged(used, port)))
                before << words::partValue(between, name);
        }
    }
    if (const auto highPass = core::channelHighPass(stage, run.run.id.channel))
        before << OthersRow::tr("from %1").arg(words::frequency(highPass->value));
    if (const auto lowPass = settingOf(used, run.run.id.channel).lowPass)
        before << OthersRow::tr("up to %1").arg(words::frequency(lowPass->frequency_hz));
    look.before = before.isEmpty() ? OthersRow::tr("straight on") : before.join(QStringLiteral(", "));
    return look;
}

class OtherTile : public PaintedButton {
public:
    OtherTile(const Theme& theme, Look look, core::PlaceId place, QWidget* parent)
        : PaintedButton(theme, parent), m_look(std::move(look))
    {
        setObjectName(QStringLiteral("other_p%1").arg(place.number));
        setAccessibleName(OthersRow::tr("%1: %2").arg(m_look.name, m_look.before));
        setToolTip(accessibleName());
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Tokens& tokens = m_theme.tokens();
        const bool lit = hasFocus() || underMouse();
        if (lit) {
            painter.setPen(QPen(tokens.goldText, hasFocus() ? 2.0 : 1.0));
            painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);
        }
        const double unit = m_theme.px(100) / 100.0;
        paintSketch(painter, unit);
        const double left = (kSketch + 6.0) * unit, line = 0.5 * height();
        const QRectF upper(left, 0.0, width() - left - 2.0, line), lower(left, line, upper.width(), line);
        painter.setFont(m_theme.small());
        const QFontMetrics metrics(m_theme.small());
        painter.setPen(tokens.ink);
        painter.drawText(upper, Qt::AlignVCenter | Qt::AlignLeft,
                         metrics.elidedText(m_look.name, Qt::ElideRight, int(upper.width())));
        painter.setPen(tokens.ink2);
        painter.drawText(lower, Qt::AlignVCenter | Qt::AlignLeft,
                         metrics.elidedText(m_look.before, Qt::ElideRight, int(lower.width())));
    }

private:
    // Lead, what lies in it, cone.
    void paintSketch(QPainter& painter, double unit)
    {
        const Tokens& tokens = m_theme.tokens();
        const double middle = 0.5 * height(), radius = 14.0 * unit, centre = (kSketch - 15.0) * unit;
        painter.setPen(QPen(tokens.rust, 1.6));
        painter.drawLine(QPointF(3.0 * unit, middle - 4.0 * unit), QPointF(centre, middle - 4.0 * unit));
        painter.setPen(QPen(tokens.ink, 1.6));
        painter.drawLine(QPointF(3.0 * unit, middle + 4.0 * unit), QPointF(centre, middle + 4.0 * unit));
        QPen edge(tokens.ink, 1.3);
        if (m_look.board) {
            painter.setPen(edge);
            painter.setBrush(tokens.goldTint);
            painter.drawRect(QRectF(8.0 * unit, middle - 11.0 * unit, 16.0 * unit, 22.0 * unit));
        } else if (m_look.capacitor) {
            if (m_look.onSpeaker) edge.setStyle(Qt::DashLine);
            painter.setPen(edge);
            painter.setBrush(tokens.raised);
            painter.drawRoundedRect(QRectF(7.0 * unit, middle - 9.0 * unit, 17.0 * unit, 10.0 * unit), 4.0 * unit,
                                    4.0 * unit);
        }
        painter.setPen(QPen(tokens.ink, 1.3));
        painter.setBrush(tokens.raised);
        painter.drawEllipse(QPointF(centre, middle), radius, radius);
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(QPointF(centre, middle), 0.35 * radius, 0.35 * radius);
        if (m_look.inner) painter.drawEllipse(QPointF(centre, middle), 0.6 * radius, 0.6 * radius);
    }

    Look m_look;
};

}  // namespace

OthersRow::OthersRow(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("others"));
    setAccessibleName(tr("The other speakers"));
}

void OthersRow::present(const core::StageResult& stage, const std::vector<core::DeviceId>& shown)
{
    const KeepFocus keys(*this);
    for (QWidget* tile : m_tiles) {  // one that is just sending a signal outlives it
        tile->hide();
        tile->setParent(nullptr);
        tile->deleteLater();
    }
    m_tiles.clear();
    std::vector<core::PlaceId> places;
    for (const core::DeviceId device : shown) {
        if (!core::placeOf(stage.used, device)) continue;  // nobody said where it is
        places.push_back(stage.used.devices.at(device).at);
        if (const core::PlaceId mate = core::mateOf(stage.used.places, places.back())) places.push_back(mate);
    }
    for (const core::RunResult& run : stage.runs) {
        const core::PlaceId place = stage.used.devices.at(run.run.id.coil.device).at;
        const core::Place* its = core::placeOf(stage.used, run.run.id.coil.device);
        if (!its || its->followsPair || core::isWay(partOf(stage.used, run.run.id.coil.device), run.run.id.coil.element) ||
            std::find(places.begin(), places.end(), place) != places.end())
            continue;
        places.push_back(place);
        auto* tile = new OtherTile(m_theme, lookOf(stage, run), place, this);
        connect(tile, &QAbstractButton::clicked, this, [this, place] { emit placeChosen(place); });
        m_tiles.push_back(tile);
    }
    setVisible(!m_tiles.empty());
    setFixedHeight(m_theme.px(int(kHeight)));
    lay();
}

void OthersRow::resizeEvent(QResizeEvent*)
{
    lay();
}

void OthersRow::lay()
{
    const int wide = m_theme.px(int(kWidth)), fits = std::max(1, width() / wide);
    for (size_t i = 0; i < m_tiles.size(); ++i) {
        const auto column = static_cast<int>(i);
        m_tiles[i]->setGeometry(column * wide, 0, std::min(wide, width()) - 6, height());
        m_tiles[i]->setVisible(column < fits);
    }
}

}  // namespace app
