#include "app/widgets/circuit_view.h"

#include <QLabel>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "core/survey/unplug.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {

CircuitDrawing::CircuitDrawing(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("circuitDrawing"));
    setAccessibleName(tr("The circuit of this place"));
}

void CircuitDrawing::present(const core::Fitout& fitout, core::DeviceId device, const Open& open)
{
    m_fitout = fitout;
    m_device = device;
    m_open = open;
    layOut();
    QStringList wires;
    for (const CircuitWire& wire : m_layout.wires) {
        const auto end = [&](const core::Pin& pin) {
            return tr("%1 %2").arg(words::nameOf(core::Subject{pin.device}, m_fitout),
                                   QString::fromStdString(pin.terminal));
        };
        wires << tr("%1 to %2, %3")
                     .arg(end(wire.a), end(wire.b), wire.colour.isEmpty() ? tr("colour not noted") : wire.colour);
    }
    setAccessibleDescription(wires.join(QStringLiteral(". ")));
}

void CircuitDrawing::layOut()
{
    m_layout = layOutCircuit(m_fitout, m_device, m_theme.px(100) / 100.0, width());
    updateGeometry();
    update();
}

QSize CircuitDrawing::minimumSizeHint() const
{
    return {m_theme.px(120), static_cast<int>(m_layout.size.height())};
}

void CircuitDrawing::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    m_layout = layOutCircuit(m_fitout, m_device, m_theme.px(100) / 100.0, width());
}

bool CircuitDrawing::isOff(const core::Pin& pin) const
{
    if (pin.device != m_open.device || m_open.device == core::DeviceId{}) return false;
    const auto& terminals = m_fitout.parts.at(m_fitout.devices.at(pin.device).part).terminals;
    const auto found = terminals.find(pin.terminal);
    return found != terminals.end() && found->second == m_open.connector;
}

void CircuitDrawing::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    painter.setFont(m_theme.small());
    for (const CircuitWire& wire : m_layout.wires) {
        const bool off = isOff(wire.a) || isOff(wire.b);
        QPainterPath path(wire.from);
        const bool link = wire.a.device == wire.b.device;  // from one of its own terminals to another: bowed outwards
        const QPointF away(link ? (m_layout.isLeft(wire.a) ? -1.0 : 1.0) * m_theme.px(26) : 0.0, 0.0);
        const QPointF bend(0.4 * (wire.to.x() - wire.from.x()), 0.0);
        path.cubicTo(wire.from + bend + away, wire.to - bend + away, wire.to);
        QPen pen(off ? tokens.rule : link ? tokens.goldText : tokens.ink2, link ? 2.4 : 1.8);
        if (off) pen.setDashPattern({2, 4});
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(path);
        if (wire.colour.isEmpty()) continue;
        const QPointF middle = path.pointAtPercent(0.5);
        const QRectF label(middle.x() - m_theme.px(44), middle.y() - m_theme.px(15), m_theme.px(88), m_theme.px(14));
        painter.setPen(tokens.ink);
        painter.drawText(label, Qt::AlignCenter, wire.colour);
    }
    for (const CircuitBox& box : m_layout.boxes) {
        const bool quiet = m_open.quiet.contains(box.device);
        painter.setPen(QPen(box.device == m_device ? tokens.goldText : tokens.ink, box.device == m_device ? 2.0 : 1.4,
                            quiet ? Qt::DashLine : Qt::SolidLine));
        painter.setBrush(box.device == m_device ? tokens.goldTint : tokens.raised);
        painter.drawRoundedRect(box.area, 4, 4);
        painter.setPen(quiet ? tokens.rust : tokens.ink);
        painter.setFont(m_theme.small());
        const QRectF head = box.area.adjusted(m_theme.px(6), m_theme.px(2), -m_theme.px(6), 0);
        const QString name = quiet ? tr("quiet: %1").arg(box.name) : box.name;
        painter.drawText(head, Qt::AlignTop | Qt::TextWordWrap, name);
        painter.setPen(box.device == m_device ? tokens.ink : tokens.ink2);  // on the tint the second ink is too pale
        painter.drawText(head.adjusted(0, 0, 0, -m_theme.px(3)), Qt::AlignBottom | Qt::TextWordWrap, box.inside.join(QLatin1Char('\n')));
        for (const auto& [terminal, at] : box.terminals) {
            painter.setPen(QPen(tokens.ink, 1.2));
            painter.setBrush(isOff({box.device, terminal}) ? tokens.paper : tokens.gold);
            painter.drawEllipse(at, m_theme.px(4), m_theme.px(4));
            const bool right = at.x() > box.area.center().x();
            const QRectF label(right ? box.area.left() : at.x() + m_theme.px(8), at.y() - m_theme.px(9),
                               box.area.width() - m_theme.px(8), m_theme.px(18));
            painter.setPen(tokens.ink);
            painter.drawText(label, (right ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter,
                             QString::fromStdString(terminal));
        }
    }
}

CircuitView::CircuitView(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_drawing(new CircuitDrawing(theme)),
      m_plugs(new QWidget(this)),
      m_plugRow(new FlowLayout(6)),
      m_answer(new PlainLabel(this))
{
    m_plugs->setLayout(m_plugRow);
    m_answer->setObjectName(QStringLiteral("unplugAnswer"));
    m_answer->setWordWrap(true);
    auto* scroll = new QScrollArea(this);
    scroll->setWidget(m_drawing);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 4, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(scroll, 1);
    layout->addWidget(m_plugs);
    layout->addWidget(m_answer);
}

void CircuitView::present(const SharedSnapshot& snapshot, core::DeviceId device, bool planned)
{
    m_snapshot = snapshot;
    m_planned = planned;
    const core::Fitout& used = (planned ? snapshot->after() : snapshot->before()).used;
    const auto plugged = core::pluggedConnectors(used, m_open.device);
    if (device != m_device || std::find(plugged.begin(), plugged.end(), m_open.connector) == plugged.end()) m_open = {};
    m_device = device;
    rebuild();
}

void CircuitView::rebuild()
{
    const core::StageResult& found = m_planned ? m_snapshot->after() : m_snapshot->before();
    m_open.quiet.clear();
    QString answer;
    if (m_open.device) {
        const auto unplugged = core::whatUnpluggingDoes(
            found, m_open.device, m_open.connector, m_snapshot->evaluation.practice, *m_snapshot->evaluation.tables);
        for (const core::RunId& run : unplugged.dead) m_open.quiet.insert(run.coil.device);
        answer = words::textOf(unplugged, found.used);
    }
    m_answer->setText(answer);
    m_answer->setVisible(!answer.isEmpty());
    m_drawing->present(found.used, m_device, m_open);
    const KeepFocus keys(*m_plugs);
    clearLayout(*m_plugRow);
    const double unit = m_theme.px(100) / 100.0;
    for (const CircuitBox& box : layOutCircuit(found.used, m_device, unit, width()).boxes)
        for (const std::string& connector : core::pluggedConnectors(found.used, box.device)) {
            auto* button = new QPushButton(
                tr("Unplug %1")
                    .arg(connector.empty() ? box.name : tr("%1: %2").arg(box.name, QString::fromStdString(connector))),
                m_plugs);
            button->setObjectName(
                QStringLiteral("unplug_d%1_%2").arg(box.device.number).arg(QString::fromStdString(connector)));
            button->setCheckable(true);
            button->setChecked(m_open.device == box.device && m_open.connector == connector);
            connect(button, &QPushButton::clicked, this, [this, device = box.device, connector](bool off) {
                m_open = off ? CircuitDrawing::Open{device, connector, {}} : CircuitDrawing::Open{};
                rebuild();
            });
            m_plugRow->addWidget(button);
        }
    if (m_tabAfter) tabThrough(m_tabAfter, *m_plugs);
}

}  // namespace app
