#include "app/widgets/candidate_row.h"

#include <QEvent>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/rank_list.h"
#include "app/widgets/severity_mark.h"
#include "words/figures.h"
#include "words/fit_words.h"

namespace app {
namespace {

constexpr double kRowLine = 34.0, kHeading = 24.0;  // heights at normal zoom
constexpr double kMostClear_m = 0.03;               // a bar is no longer than that
constexpr double kMostBand_db = 6.0;
constexpr double kMostTravel = 1.3;  // of what it bears

const CandidateModel& modelOf(const QModelIndex& index)
{
    return *qobject_cast<const CandidateModel*>(index.model());
}

bool stopsBy(const core::Candidate& one, core::Criterion criterion)
{
    return std::any_of(one.lost.begin(), one.lost.end(),
                       [&](const core::LostPoints& lost) { return lost.by == criterion && lost.stop; });
}

}  // namespace

CandidateColumns candidateColumns(const QRect& row, const Theme& theme)
{
    CandidateColumns columns;
    int right = row.right() - theme.px(10);
    const auto take = [&](QRect& column, double wide, double gap) {
        column = QRect(right - theme.px(wide), row.top(), theme.px(wide), row.height());
        right = column.left() - theme.px(gap);
    };
    take(columns.points, 36, 6);
    take(columns.mass, 34, 6);
    take(columns.price, 34, 8);
    take(columns.travel, 34, 8);
    take(columns.reach, 42, 8);
    take(columns.load, 28, 6);
    take(columns.clear, 94, 6);
    columns.name =
        QRect(row.left() + theme.px(10), row.top(), std::max(0, right - row.left() - theme.px(10)), row.height());
    return columns;
}

CandidateRow::CandidateRow(const Theme& theme, RankList& list)
    : QStyledItemDelegate(&list), m_theme(theme), m_list(list)
{
}

QSize CandidateRow::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const
{
    int height = m_theme.px(kRowLine);
    if (index.data(CandidateModel::FirstStopRole).toBool()) height += m_theme.px(kHeading);
    if (index == m_list.currentIndex()) height += m_list.detailHeight();
    return {m_theme.px(300), height};
}

// From a zero line that stands at one place in all rows; what is not known has no length.
void CandidateRow::paintClear(QPainter& painter, const QRect& box, const core::Candidate& one) const
{
    const Tokens& tokens = m_theme.tokens();
    const double mark = m_theme.px(11), zero = box.left() + m_theme.px(20), high = m_theme.px(12);
    const double middle = box.center().y() + 0.5;
    painter.setPen(QPen(tokens.ink2, 1));
    painter.drawLine(QPointF(zero, middle - 0.7 * high), QPointF(zero, middle + 0.7 * high));
    painter.setFont(m_theme.text());
    const QRect beside(box.left() + m_theme.px(26), box.top(), box.width() - m_theme.px(26), box.height());
    if (!one.fit.depthMargin_m) {
        painter.setPen(tokens.clay);
        painter.drawText(beside, Qt::AlignVCenter | Qt::AlignLeft, tr("?"));
        return;
    }
    const double left_m = one.fit.depthMargin_m->value;
    const bool meets = left_m < 0.0, tight = !meets && left_m < one.fit.wantedDepth_m - 1e-9;
    const QColor colour = meets ? tokens.rust : tight ? tokens.clay : tokens.river;
    const double most = m_theme.px(38);
    const double length = std::max(2.0, std::min(1.0, std::abs(left_m) / kMostClear_m) * most);
    painter.setPen(Qt::NoPen);
    painter.setBrush(colour);
    painter.drawRect(QRectF(zero, middle - 0.5 * high, meets ? -std::min(length, m_theme.px(6) * 1.0) : length, high));
    if (meets || tight)
        drawSeverity(painter, QRectF(box.left(), middle - 0.5 * mark, mark, mark),
                     meets ? core::Severity::Stop : core::Severity::Care, tokens);
    painter.setPen(meets || tight ? colour : tokens.ink);
    const double at = zero + (meets ? 0.0 : length) + m_theme.px(6);
    const QString text = words::marginNumber(left_m, m_theme.units());
    painter.drawText(QRectF(at, box.top(), box.right() - at + m_theme.px(8), box.height()),
                     Qt::AlignVCenter | Qt::AlignLeft, text);
}

void CandidateRow::paintReach(QPainter& painter, const QRect& box, const core::Candidate& one) const
{
    const Tokens& tokens = m_theme.tokens();
    const double base = box.center().y() + 0.5, step = box.width() / static_cast<double>(core::kBandCount);
    const double most = 0.5 * m_theme.px(kRowLine) - m_theme.px(4);
    painter.setPen(QPen(tokens.ink2, 1));
    painter.drawLine(QPointF(box.left(), base), QPointF(box.right(), base));
    if (!one.bands_db) return;
    for (size_t band = 0; band < core::kBandCount; ++band) {
        const double share = std::clamp((*one.bands_db)[band] / kMostBand_db, -1.0, 1.0);
        const bool less = share < 0.0;
        painter.setPen(QPen(less ? tokens.clay : tokens.goldText, 1));
        painter.setBrush(less ? tokens.raised : tokens.gold);
        painter.drawRect(QRectF(box.left() + static_cast<double>(band) * step + 1.0, base, step - 3.0, -share * most));
    }
}

void CandidateRow::paintTravel(QPainter& painter, const QRect& box, const core::Candidate& one) const
{
    if (!one.connected || !(one.travel_ratio >= 0.0)) return;
    const Tokens& tokens = m_theme.tokens();
    const double high = m_theme.px(10), top = box.center().y() + 0.5 - 0.5 * high;
    const double whole = box.width() / kMostTravel;
    const bool over = one.travel_ratio > 1.0;
    const double length = std::min(one.travel_ratio, kMostTravel) * whole;
    painter.setPen(QPen(over ? tokens.rust : tokens.ink2, 1));
    painter.setBrush(over ? tokens.goldTint : tokens.rule);
    painter.drawRect(QRectF(box.left(), top, length, high));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(box.left(), top, whole, high));
    if (over) painter.drawRect(QRectF(box.left() + whole, top, std::max(2.0, length - whole), high));
}

void CandidateRow::paintFigures(QPainter& painter, const CandidateColumns& at, const core::Candidate& one) const
{
    const Tokens& tokens = m_theme.tokens();
    const auto figure = [&](const QRect& box, const QString& text, const QColor& colour) {
        painter.setPen(colour);
        painter.drawText(box, Qt::AlignVCenter | Qt::AlignRight, text);
    };
    painter.setFont(m_theme.text());
    if (one.connected)
        figure(at.load, words::fixedNumber(one.least_ohm, 1),
               stopsBy(one, core::Criterion::Load) ? tokens.rust : tokens.ink);
    const auto price = core::valueOf(one.part.figures, core::Quantity::Price);
    figure(at.price, price ? words::fixedNumber(*price, 0) : tr("?"), price ? tokens.ink : tokens.ink2);
    const auto mass = core::valueOf(one.part.figures, core::Quantity::Mass_kg);
    figure(at.mass, mass ? words::fixedNumber(*mass, *mass < 0.995 ? 2 : 1) : tr("?"), mass ? tokens.ink : tokens.ink2);
    painter.setFont(m_theme.strong());
    figure(at.points, words::fixedNumber(one.points, 0), tokens.ink);
}

void CandidateRow::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const
{
    const Tokens& tokens = m_theme.tokens();
    const core::Candidate& one = modelOf(index).candidate(index.row());
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    QRect row = option.rect;
    if (index.data(CandidateModel::FirstStopRole).toBool()) {
        const QRect band(row.left(), row.top(), row.width(), m_theme.px(kHeading));
        painter->setFont(m_theme.strong());
        painter->setPen(tokens.rust);
        painter->drawText(band.adjusted(m_theme.px(10), 0, 0, 0), Qt::AlignVCenter, tr("these do not go in"));
        row.setTop(band.bottom() + 1);
    }
    const bool picked = index == m_list.currentIndex();
    if (picked) {
        painter->setPen(QPen(tokens.goldText, 1));
        painter->setBrush(tokens.goldTint);
        painter->drawRect(QRectF(row).adjusted(0.5, 0.5, -0.5, -0.5));
    } else {
        painter->setPen(tokens.rule);
        painter->drawLine(row.bottomLeft(), row.bottomRight());
    }
    const CandidateColumns at =
        candidateColumns(QRect(row.left(), row.top(), row.width(), m_theme.px(kRowLine)), m_theme);
    QString mark;
    if (index.data(CandidateModel::HeldRole).toBool()) mark = tr("held");
    if (one.fitted) mark = mark.isEmpty() ? tr("planned") : tr("planned, held");
    QRect name = at.name;
    painter->setFont(m_theme.small());
    const int marked = mark.isEmpty() ? 0 : painter->fontMetrics().horizontalAdvance(mark) + m_theme.px(8);
    painter->setPen(picked ? tokens.ink : tokens.ink2);
    painter->drawText(name, Qt::AlignVCenter | Qt::AlignRight, mark);
    name.setRight(name.right() - marked);
    painter->setFont(picked || one.fitted ? m_theme.strong() : m_theme.text());
    painter->setPen(tokens.ink);
    painter->drawText(name, Qt::AlignVCenter,
                      painter->fontMetrics().elidedText(index.data().toString(), Qt::ElideRight, name.width()));
    paintClear(*painter, at.clear, one);
    paintReach(*painter, at.reach, one);
    paintTravel(*painter, at.travel, one);
    paintFigures(*painter, at, one);
    painter->restore();
}

CandidateHeader::CandidateHeader(const Theme& theme, RankList& list, const QString& prefix, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_list(list)
{
    const struct {
        CandidateOrder order;
        const char* name;
        QString text, help;
    } kColumns[] = {
        {CandidateOrder::Name, "Name", tr("driver"), tr("By name")},
        {CandidateOrder::Clear, "Clear", QString(), tr("What is left behind it, most first")},
        {CandidateOrder::Load, "Load", tr("Ω"), tr("The least the source would see, most first")},
        {CandidateOrder::Loudest, "Reach", tr("bands"),
         tr("Deep bass, mid-bass, middle, treble against what was there, at equal volts; loudest in its work first")},
        {CandidateOrder::Travel, "Travel", tr("travel"), tr("With programme, of what it bears; least first")},
        {CandidateOrder::Cheapest, "Price", tr("price"), tr("Cheapest first, each")},
        {CandidateOrder::Lightest, "Mass", tr("kg"), tr("Lightest first, each")},
        {CandidateOrder::Best, "Points", tr("points"), tr("Best first")}};
    for (const auto& column : kColumns) {
        auto* button = new QPushButton(this);
        button->setObjectName(prefix + QLatin1String(column.name));
        button->setProperty("role", "column");
        button->setProperty("side", column.order == CandidateOrder::Name ? "left" : "right");
        button->setText(column.text);
        button->setToolTip(plainTip(column.help));
        button->setAccessibleName(column.help);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        connect(button, &QPushButton::clicked, this, [this, order = column.order] { choose(order); });
        m_buttons[column.order] = button;
    }
    m_buttons.at(m_order)->setChecked(true);
    list.viewport()->installEventFilter(this);  // the columns are the list's
    connect(&theme, &Theme::changed, this, &CandidateHeader::arrange);
    arrange();
}

void CandidateHeader::setCurrency(const QString& currency)
{
    m_buttons.at(CandidateOrder::Cheapest)->setText(currency.isEmpty() ? tr("price") : currency);
}

QSize CandidateHeader::sizeHint() const
{
    return {m_theme.px(300), m_theme.px(24)};
}

void CandidateHeader::choose(CandidateOrder order)
{
    m_order = order;
    for (const auto& [one, button] : m_buttons) button->setChecked(one == order);
    emit chosen(order);
}

// Over the columns of the list, which may have a bar at its side.
void CandidateHeader::arrange()
{
    m_buttons.at(CandidateOrder::Clear)
        ->setText(m_theme.units() == words::UnitSystem::Imperial ? tr("clear, in") : tr("clear, mm"));
    const int inset = m_list.frameWidth();
    const CandidateColumns at = candidateColumns(QRect(inset, 0, m_list.viewport()->width(), height()), m_theme);
    const std::pair<CandidateOrder, QRect> kBoxes[] = {
        {CandidateOrder::Name, at.name},     {CandidateOrder::Clear, at.clear},   {CandidateOrder::Load, at.load},
        {CandidateOrder::Loudest, at.reach}, {CandidateOrder::Travel, at.travel}, {CandidateOrder::Cheapest, at.price},
        {CandidateOrder::Lightest, at.mass}, {CandidateOrder::Best, at.points}};
    for (const auto& [order, box] : kBoxes)
        m_buttons.at(order)->setGeometry(order == CandidateOrder::Name ? box : box.adjusted(-m_theme.px(6), 0, 0, 0));
}

bool CandidateHeader::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Resize) arrange();
    return QWidget::eventFilter(watched, event);
}

void CandidateHeader::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

}  // namespace app
