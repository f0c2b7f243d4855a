#pragma once

#include <QWidget>
#include <map>
#include <set>

#include "app/stations/aim/aim_scene.h"

class QPushButton;

namespace app {

class FlowLayout;

// Whose ears count, each with what the driver gets from there; what can be asked for them; restraint zones that were
// recorded as cleared stay in sight and can be closed again.
class SeatRow : public QWidget {
    Q_OBJECT
public:
    explicit SeatRow(QWidget* parent);
    void present(const AimScene& scene, bool all);

signals:
    void seatPicked(core::ListenerId seat);
    void allPicked();
    void alignAsked();
    void weightsAsked();
    void zoneClosed(core::RestraintZone zone);

private:
    // Buttons are made anew only where something of this has changed: not with each frame of a drag.
    struct Shown {
        std::map<core::ListenerId, core::Listener> listeners{};
        core::ListenerId listener{};
        bool all = false;
        std::set<core::RestraintZone> cleared{};
        bool operator==(const Shown&) const = default;
    };
    void rebuild();
    QPushButton* add(const QString& text, const QString& name);

    FlowLayout* m_buttons;
    Shown m_shown{};
    std::map<core::ListenerId, QPushButton*> m_seats{};
    QPushButton* m_all = nullptr;
};

}  // namespace app
