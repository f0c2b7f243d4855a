#include "app/stations/split/bench_drawing.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <set>

#include "app/stations/split/bench_tile.h"
#include "app/stations/split/cable_tile.h"
#include "app/theme/theme.h"
#include "app/widgets/arrow_step.h"
#include "app/widgets/severity_mark.h"
#include "core/fitout/resolve.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/part_value.h"

namespace app {
namespace {

constexpr double kLimitShare = 0.6;  // of a bar's room: the tick of every limit stands there

QString nameFor(const BenchPick& pick)
{
    return QStringLiteral("%1_d%2_%3")
        .arg(pick.speaker ? QStringLiteral("speaker") : QStringLiteral("part"))
        .arg(pick.port.device.number)
        .arg(QString::fromStdString(pick.port.element));
}

}  // namespace

BenchDrawing::BenchDrawing(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("bench"));
    setAccessibleName(tr("The way from the amplifier to the speakers"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    connect(&theme, &Theme::changed, this, &BenchDrawing::arrange);
}

QSize BenchDrawing::minimumSizeHint() const
{
    return {m_theme.px(470), m_theme.px(kBenchRow * std::max(1, benchRows(m_ways)))};
}

QSize BenchDrawing::sizeHint() const
{
    return {m_theme.px(660), minimumSizeHint().height()};
}

void BenchDrawing::present(SharedSnapshot snapshot, std::shared_ptr<const core::StageResult> stage,
                           std::vector<core::BenchWay> ways, const BenchPick& picked)
{
    m_snapshot = std::move(snapshot);
    m_stage = std::move(stage);
    m_ways = std::move(ways);
    m_picked = picked;
    updateGeometry();
    arrange();
}

std::optional<Arrival> BenchDrawing::arrivalOf(const core::Port& coil) const
{
    return arrivalAt(*m_stage, m_snapshot->before(), coil, m_snapshot->practice(),
                     m_snapshot->evaluation.frequency_hz);
}

QRect BenchDrawing::areaOf(const BenchPick& pick) const
{
    const auto found = m_tiles.find(nameFor(pick));
    return found == m_tiles.end() ? QRect() : found->second->geometry();
}

void BenchDrawing::focusPicked()
{
    const auto found = m_tiles.find(nameFor(m_picked));
    if (found != m_tiles.end()) found->second->setFocus();
}

void BenchDrawing::layTile(const BenchItem& item)
{
    const BenchPick pick{item.port, item.kind == BenchItem::Kind::Speaker};
    BenchTile*& tile = m_tiles[nameFor(pick)];
    if (!tile) {
        tile = new BenchTile(m_theme, this);
        tile->setObjectName(nameFor(pick));
        tile->installEventFilter(this);
        connect(tile, &QAbstractButton::clicked, this, [this, pick] { emit chosen(pick); });
    }
    m_pickOf[tile] = pick;
    const core::Part& part = partOf(m_stage->used, item.port.device);
    const core::Element& element = part.inside.at(item.port.element);
    tile->setGeometry(item.area.toAlignedRect());
    tile->show({.kind = element.kind,
                .upright = item.upright,
                .bridged = item.bridged,
                .onSpeaker = !pick.speaker && part.kind == core::PartKind::Driver,
                .picked = pick == m_picked,
                .coils = static_cast<int>(std::max<size_t>(1, item.coils.size())),
                .value = pick.speaker ? QString() : words::partValue(part, item.port.element)});
    const QString where = words::nameOf(core::Subject{item.port.device}, m_stage->used);
    tile->setAccessibleName(pick.speaker ? where : tr("%1 in %2").arg(words::partName(part, item.port.element), where));
    if (const auto arrival = pick.speaker ? arrivalOf(item.port) : std::nullopt)
        tile->setAccessibleDescription(words::joinedKnown(
            {arrival->volts, arrival->heat.text, arrival->travel.text, arrival->resonance,
             arrival->turned ? tr("turned over") : QString()},
            QStringLiteral(", ")));
    tile->setToolTip(item.bridged ? tr("%1: bridged, it carries nothing").arg(tile->accessibleName())
                                  : tile->accessibleName());
}

void BenchDrawing::arrange()
{
    if (!m_stage) return;
    m_picture = layOutBench(m_ways, *m_stage, QRectF(rect()), m_theme.px(100) / 100.0);
    std::set<QString> there;
    for (const BenchItem& item : m_picture.items) {
        layTile(item);
        there.insert(nameFor({item.port, item.kind == BenchItem::Kind::Speaker}));
    }
    for (auto tile = m_tiles.begin(); tile != m_tiles.end();) {
        if (there.contains(tile->first)) {
            ++tile;
            continue;
        }
        m_pickOf.erase(tile->second);
        tile->second->hide();
        tile->second->deleteLater();
        tile = m_tiles.erase(tile);
    }
    layCables();
    update();
}

core::DeviceId BenchDrawing::cabledOn(const core::Port& channel) const
{
    core::DeviceId on{};
    for (const core::RunResult& run : m_stage->runs)
        if (run.run.id.channel == channel && (!on || (m_picked.speaker && run.run.id.coil == m_picked.port)))
            on = run.run.id.coil.device;
    return on;
}

// Under the lead that leaves the channel.
void BenchDrawing::layCables()
{
    std::map<core::Port, CableTile*> there;
    for (size_t way = 0; way < m_ways.size() && way < m_picture.starts.size(); ++way) {
        const core::Port& channel = m_ways[way].channel;
        const auto cable = core::cableTo(m_stage->used, cabledOn(channel), m_snapshot->practice());
        if (!cable) continue;
        CableTile*& tile = m_cables[channel];
        if (!tile) {
            tile = new CableTile(m_theme, this);
            tile->setObjectName(QStringLiteral("cable_d%1_%2")
                                    .arg(channel.device.number)
                                    .arg(QString::fromStdString(channel.element)));
            connect(tile, &QAbstractButton::clicked, this, [this, channel] { emit cableAsked(channel); });
        }
        const auto row = static_cast<size_t>(m_picture.starts[way]);
        const bool last = way + 1 == m_picture.starts.size();
        const double top = m_picture.minusAt[row] + m_theme.px(4);
        const double bottom =
            last ? height() : m_picture.plusAt[static_cast<size_t>(m_picture.starts[way + 1])] - m_theme.px(14);
        tile->show(*cable, findCircuit(*m_stage, channel), QRectF(0.0, top, width(), bottom - top).toAlignedRect());
        there[channel] = tile;
    }
    for (const auto& [channel, tile] : m_cables)
        if (!there.contains(channel)) tile->deleteLater();
    m_cables = std::move(there);
}

void BenchDrawing::resizeEvent(QResizeEvent*)
{
    arrange();
}

void BenchDrawing::mousePressEvent(QMouseEvent*)
{
    emit chosen({});  // beside everything: nothing is picked
}

// Keys of what lies here: arrows to the nearest thing that way, R, Delete.
bool BenchDrawing::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() != QEvent::KeyPress || !m_pickOf.contains(watched)) return QWidget::eventFilter(watched, event);
    const auto& tile = *static_cast<QWidget*>(watched);
    const int key = static_cast<QKeyEvent*>(event)->key();
    const bool carries = static_cast<QKeyEvent*>(event)->modifiers().testFlag(Qt::ControlModifier);
    if (carries && (key == Qt::Key_Left || key == Qt::Key_Right)) {
        emit moveAsked(m_pickOf.at(watched), key == Qt::Key_Left ? core::Along::ToInput : core::Along::ToSpeaker);
        return true;
    }
    if (const auto way = arrowOf(key)) {
        step(tile, *way);
        return true;
    }
    switch (key) {
        case Qt::Key_R:
            emit turnAsked(m_pickOf.at(watched));
            return true;
        case Qt::Key_Delete:
            emit removeAsked(m_pickOf.at(watched));
            return true;
        case Qt::Key_Escape:
            if (!m_picked) break;
            emit chosen({});
            return true;
        default:
            break;
    }
    return QWidget::eventFilter(watched, event);
}

void BenchDrawing::step(const QWidget& from, const QPointF& way)
{
    std::vector<BenchTile*> tiles;
    std::vector<QPointF> centres;
    for (const auto& [name, tile] : m_tiles) {
        tiles.push_back(tile);
        centres.push_back(QRectF(tile->geometry()).center());
    }
    if (const auto next = nearestThatWay(QRectF(from.geometry()).center(), way, centres)) tiles[*next]->setFocus();
}

void BenchDrawing::paintEvent(QPaintEvent*)
{
    if (!m_stage) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(m_theme.small());
    painter.setPen(m_theme.tokens().ink2);
    const double line = m_theme.px(16);
    painter.drawText(QRectF(0.0, 0.0, width(), line), Qt::AlignRight | Qt::AlignTop,
                     tr("at the source's limit, programme"));
    for (const BenchBoard& board : m_picture.boards) paintBoard(painter, board);
    paintLeads(painter);
    paintScrews(painter);
    for (const BenchItem& item : m_picture.items)
        if (item.kind == BenchItem::Kind::Speaker)
            if (const auto arrival = arrivalOf(item.port)) paintArrival(painter, item, *arrival);
}

void BenchDrawing::paintBoard(QPainter& painter, const BenchBoard& board)
{
    const Tokens& tokens = m_theme.tokens();
    painter.setPen(QPen(tokens.ink, 1.4));
    painter.setBrush(tokens.goldTint);
    painter.drawRoundedRect(board.area, 3, 3);
    painter.setBrush(tokens.paper);
    painter.drawEllipse(board.area.topLeft() + QPointF(9, 9), 3, 3);
}

void BenchDrawing::paintLeads(QPainter& painter)
{
    const Tokens& tokens = m_theme.tokens();
    painter.setBrush(Qt::NoBrush);
    for (const BenchLead& lead : m_picture.leads) {
        painter.setPen(QPen(lead.plus ? tokens.rust : tokens.ink, 2.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(lead.points);
    }
    // Said beside the line, for whoever cannot tell red from black.
    for (size_t way = 0; way < m_ways.size() && way < m_picture.starts.size(); ++way) {
        const auto row = static_cast<size_t>(m_picture.starts[way]);
        const double plus = m_picture.plusAt[row], minus = m_picture.minusAt[row], edge = m_theme.px(2);
        painter.setFont(m_theme.strong());
        painter.setPen(tokens.rust);
        painter.drawText(QPointF(edge, plus - m_theme.px(5)), QStringLiteral("+"));
        painter.setPen(tokens.ink);
        painter.drawText(QPointF(edge, minus - m_theme.px(5)), QStringLiteral("\u2212"));
        painter.setFont(m_theme.small());
        painter.drawText(QRectF(edge, plus, m_theme.px(44), minus - plus - m_theme.px(14)), Qt::AlignVCenter,
                         QString::fromStdString(m_ways[way].channel.element));
    }
    painter.setPen(QPen(tokens.ink, 1.2));
    for (const BenchItem& item : m_picture.items) {
        if (item.kind != BenchItem::Kind::Speaker) continue;
        const double tab = 0.16 * item.area.height();
        painter.setFont(m_theme.small());
        for (const bool plus : {true, false}) {
            const QRectF beside(item.area.left() - m_theme.px(20),
                                item.area.center().y() + (plus ? -tab : tab) - (plus ? m_theme.px(18) : m_theme.px(-2)),
                                m_theme.px(16), m_theme.px(16));
            painter.drawText(beside, Qt::AlignCenter, plus ? QStringLiteral("+") : QStringLiteral("\u2212"));
        }
    }
}

void BenchDrawing::paintScrews(QPainter& painter)
{
    const Tokens& tokens = m_theme.tokens();
    painter.setFont(m_theme.small());
    const QFontMetricsF metrics(m_theme.small());
    const double half = m_theme.px(6);
    for (const BenchScrew& screw : m_picture.screws) {
        painter.setPen(QPen(tokens.ink, 1.2));
        painter.setBrush(tokens.raised);
        painter.drawRect(QRectF(screw.at.x() - half, screw.at.y() - half, 2 * half, 2 * half));
        painter.drawLine(screw.at - QPointF(0.6 * half, 0.6 * half), screw.at + QPointF(0.6 * half, 0.6 * half));
        const QString pole = screw.plus ? QStringLiteral("+") : QStringLiteral("\u2212");
        const QString name = !screw.output                     ? tr("in %1").arg(pole)
                             : screw.leg == core::Leg::Tweeter ? tr("tweeter %1").arg(pole)
                             : screw.leg == core::Leg::Mid     ? tr("mid %1").arg(pole)
                                                               : tr("woofer %1").arg(pole);
        const double wide = metrics.horizontalAdvance(name);
        const double x = screw.output ? screw.at.x() - wide - half - 3 : screw.at.x() + half + 3;
        const double y = screw.at.y() - 4;
        painter.setPen(tokens.ink);
        painter.drawText(QPointF(x, y), name);
    }
}

// Lengths to one tick, which is the limit; what the rules say of it in its colour, with its mark.
void BenchDrawing::paintBar(QPainter& painter, const QRectF& area, const ArrivalBar& bar)
{
    const Tokens& tokens = m_theme.tokens();
    const QColor said = bar.said ? colourOf(*bar.said, tokens) : tokens.ink2;
    const double room = 0.3 * area.width(), tick = area.left() + kLimitShare * room;
    const double height = m_theme.px(9), top = area.center().y() - 0.5 * height;
    const double length = std::min(bar.share * kLimitShare, 1.0) * room;
    painter.setPen(QPen(bar.said ? said : tokens.goldText, 1));
    painter.setBrush(bar.said ? said : tokens.gold);
    painter.drawRect(QRectF(area.left(), top, std::max(1.0, length), height));
    painter.setPen(QPen(tokens.ink, 1.4));
    painter.drawLine(QPointF(tick, top - 3), QPointF(tick, top + height + 3));
    QRectF words = area.adjusted(room + m_theme.px(8), 0, 0, 0);
    if (bar.said) {
        drawSeverity(painter, QRectF(words.left(), top, height, height), *bar.said, tokens);
        words.adjust(height + m_theme.px(4), 0, 0, 0);
    }
    painter.setFont(bar.said ? m_theme.strong() : m_theme.small());
    painter.setPen(said);
    painter.drawText(words, Qt::AlignVCenter | Qt::AlignLeft, bar.text);
}

void BenchDrawing::paintArrival(QPainter& painter, const BenchItem& item, const Arrival& arrival)
{
    const Tokens& tokens = m_theme.tokens();
    const double left = m_picture.right + m_theme.px(8), width = this->width() - left - 2.0;
    const double line = m_theme.px(18), figure = m_theme.px(24);
    const auto said = [&](const QString& text) { return text.isEmpty() ? 0.0 : line; };
    const double high = line + figure + 2 * line + said(arrival.resonance) + (arrival.turned ? line : 0.0);
    double top = item.area.center().y() - 0.5 * high;
    const auto next = [&](double height) {
        const QRectF area(left, top, width, height);
        top += height;
        return area;
    };
    painter.setFont(m_theme.small());
    painter.setPen(tokens.ink);
    painter.drawText(next(line), Qt::AlignVCenter | Qt::AlignLeft,
                     QFontMetricsF(m_theme.small()).elidedText(arrival.name, Qt::ElideRight, width));
    painter.setFont(m_theme.figure());
    painter.drawText(next(figure), Qt::AlignVCenter | Qt::AlignLeft, arrival.volts);
    paintBar(painter, next(line), arrival.heat);
    paintBar(painter, next(line), arrival.travel);
    painter.setFont(m_theme.small());
    if (!arrival.resonance.isEmpty()) {
        painter.setPen(tokens.ink2);
        painter.drawText(next(line), Qt::AlignVCenter | Qt::AlignLeft, arrival.resonance);
    }
    if (!arrival.turned) return;
    painter.setPen(tokens.goldText);
    painter.drawText(next(line), Qt::AlignVCenter | Qt::AlignLeft, tr("turned over"));
}

}  // namespace app
