#include "app/stations/walk/circuit_bar.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/circuit_layout.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {
namespace {

// What the coil shows, and whether somebody read it.
QString ohmsOf(const core::StageResult& stage, core::DeviceId driver)
{
    for (const core::RunResult& run : stage.runs) {
        if (run.run.id.coil.device != driver) continue;
        const auto found = run.coil.find(core::Quantity::Re_ohm);
        if (found == run.coil.end()) continue;
        const core::Known& known = found->second;
        const QString ohms = words::ohms(known.value);
        return known.basis.origin == core::Origin::Measured
                   ? CircuitBar::tr("%1, as read").arg(ohms)
                   : CircuitBar::tr("%1, %2").arg(ohms, words::nameOf(known.basis.origin));
    }
    return {};
}

}  // namespace

CircuitBar::CircuitBar(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_title(new PlainLabel(tr("its circuit"), this)),
      m_room(new QWidget(this)),
      m_ohms(new PlainLabel(this)),
      m_open(new QPushButton(tr("pull a plug"), this))
{
    setObjectName(QStringLiteral("circuitBar"));
    m_title->setProperty("role", "strong");
    m_open->setObjectName(QStringLiteral("pullAPlug"));
    m_open->setToolTip(tr("Opens the circuit: every pin, and what goes quiet when a plug is off"));
    m_room->setAttribute(Qt::WA_TransparentForMouseEvents);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(4, 4, 10, 2);
    layout->setSpacing(12);
    layout->addWidget(m_title);
    layout->addWidget(m_room, 1);
    layout->addWidget(m_ohms);
    layout->addWidget(m_open);
    connect(m_open, &QPushButton::clicked, this, &CircuitBar::opened);
    connect(&theme, &Theme::changed, this, qOverload<>(&QWidget::update));
}

void CircuitBar::present(const core::StageResult& stage, core::DeviceId driver)
{
    const core::Fitout& used = stage.used;
    const QString ohms = ohmsOf(stage, driver);
    // In a drag nothing of it changes.
    if (driver == m_driver && used.wires == m_wires && used.devices == m_devices && ohms == m_ohms->text()) return;
    m_driver = driver;
    m_wires = used.wires;
    m_devices = used.devices;
    const std::vector<CircuitBox> boxes = layOutCircuit(stage.used, driver, 1.0, 600.0).boxes;
    const auto own =
        std::find_if(boxes.begin(), boxes.end(), [&](const CircuitBox& box) { return box.device == driver; });
    QStringList names;
    if (own != boxes.end()) {
        // One for each step on the way; what hangs beside it is counted.
        for (int column = 0; column < own->column; ++column) {
            const auto in = [column](const CircuitBox& box) { return box.column == column; };
            const auto first = std::find_if(boxes.begin(), boxes.end(), in);
            if (first == boxes.end()) continue;
            const auto more = std::count_if(boxes.begin(), boxes.end(), in) - 1;
            names << (more > 0 ? tr("%1 +%2").arg(first->name).arg(more) : first->name);
        }
        names << own->name;
    }
    m_names = names;
    m_ohms->setText(ohms);
    setAccessibleName(tr("Its circuit: %1. %2").arg(m_names.join(tr(", then ")), m_ohms->text()));
    update();
}

void CircuitBar::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    painter.setPen(QPen(tokens.rule, 1));
    painter.drawLine(0, 0, width(), 0);
    if (m_names.empty()) return;
    painter.setFont(m_theme.small());
    const QFontMetrics metrics(m_theme.small());
    const double middle = m_room->geometry().center().y(), tall = m_theme.px(24), pad = m_theme.px(8);
    const double radius = m_theme.px(9);
    double words = 0.0;
    for (const QString& name : m_names) words += metrics.horizontalAdvance(name) + 2.0 * pad;
    const auto gaps = static_cast<double>(m_names.size() - 1);
    const double gap = std::clamp((m_room->width() - words - 3.0 * radius) / std::max(1.0, gaps),
                                  static_cast<double>(m_theme.px(20)), static_cast<double>(m_theme.px(150)));
    double x = m_room->x();
    for (qsizetype i = 0; i < m_names.size(); ++i) {
        if (i > 0) {
            for (const double side : {-2.0, 2.0})
                painter.drawLine(QPointF(x, middle + side), QPointF(x + gap, middle + side));
            x += gap;
        }
        const double wide = metrics.horizontalAdvance(m_names[i]) + 2.0 * pad;
        const bool speaker = i == m_names.size() - 1;
        painter.setPen(QPen(speaker ? tokens.goldText : tokens.ink, 1.4));
        painter.setBrush(speaker ? tokens.goldTint : tokens.raised);
        if (speaker) {
            painter.drawEllipse(QPointF(x + radius, middle), radius, radius);
            painter.setBrush(tokens.ink);
            painter.drawEllipse(QPointF(x + radius, middle), radius / 3.0, radius / 3.0);
            painter.setPen(tokens.ink);
            painter.drawText(QPointF(x + 2.0 * radius + 0.5 * pad, middle + 0.35 * metrics.height()), m_names[i]);
        } else {
            const QRectF box(x, middle - 0.5 * tall, wide, tall);
            painter.drawRoundedRect(box, 4, 4);
            painter.setPen(tokens.ink);
            painter.drawText(box, Qt::AlignCenter, m_names[i]);
        }
        x += wide;
        painter.setPen(QPen(tokens.ink2, 1.2));
    }
}

}  // namespace app
