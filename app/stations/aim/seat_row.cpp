#include "app/stations/aim/seat_row.h"

#include <QPushButton>
#include <utility>

#include "app/theme/plain_label.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "words/aim_words.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {

SeatRow::SeatRow(QWidget* parent) : QWidget(parent), m_buttons(new FlowLayout(6))
{
    setLayout(m_buttons);
}

void SeatRow::present(const AimScene& scene, bool all)
{
    const core::Plan& plan = scene.snapshot->plan;
    Shown now{plan.listeners, scene.listener, all, plan.body.cleared};
    if (!(now == m_shown)) {
        m_shown = std::move(now);
        rebuild();
    }
    const auto points = [](double value) { return words::fixedNumber(value, 0); };
    for (const auto& [id, button] : m_seats) {
        const auto found = scene.points.find(id);
        const QString seat = words::nameOf(m_shown.listeners.at(id).seat);
        button->setText(found == scene.points.end() ? seat : tr("%1, %2").arg(seat, points(found->second)));
    }
    if (m_all) m_all->setText(scene.pointsOfAll ? tr("all, %1").arg(points(*scene.pointsOfAll)) : tr("all"));
}

QPushButton* SeatRow::add(const QString& text, const QString& name)
{
    auto* button = new QPushButton(text, this);
    button->setObjectName(name);
    m_buttons->addWidget(button);
    return button;
}

void SeatRow::rebuild()
{
    const KeepFocus keys(*this);
    clearLayout(*m_buttons);
    m_seats.clear();
    m_all = nullptr;
    m_buttons->addWidget(new PlainLabel(tr("best for"), this));
    const auto choice = [&](const QString& name, bool on) {
        QPushButton* button = add({}, name);
        button->setCheckable(true);
        button->setChecked(on);
        return button;
    };
    for (const auto& [id, listener] : m_shown.listeners) {
        QPushButton* button =
            choice(QStringLiteral("bestFor_e%1").arg(id.number), !m_shown.all && id == m_shown.listener);
        m_seats[id] = button;
        connect(button, &QPushButton::clicked, this, [this, id = id] { emit seatPicked(id); });
    }
    if (m_shown.listeners.size() > 1) {
        m_all = choice(QStringLiteral("bestFor_all"), m_shown.all);
        connect(m_all, &QPushButton::clicked, this, &SeatRow::allPicked);
    }
    QPushButton* align = add(tr("delay and level"), QStringLiteral("aimAlign"));
    align->setToolTip(tr("Delays, gains and polarity of all channels for these ears, into the settings sheet"));
    connect(align, &QPushButton::clicked, this, &SeatRow::alignAsked);
    QPushButton* weights = add(tr("what counts\u2026"), QStringLiteral("spotWeights"));
    weights->setToolTip(tr("How many points each fault can take"));
    connect(weights, &QPushButton::clicked, this, &SeatRow::weightsAsked);
    for (const core::RestraintZone zone : m_shown.cleared) {
        QPushButton* button = add(tr("%1 cleared: close again").arg(words::nameOf(zone)),
                                  QStringLiteral("closeZone_%1").arg(static_cast<int>(zone)));
        connect(button, &QPushButton::clicked, this, [this, zone] { emit zoneClosed(zone); });
    }
}

}  // namespace app
