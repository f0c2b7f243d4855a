#pragma once

#include <QWidget>
#include <map>

#include "core/model/vehicle.h"

class QAbstractButton;
class QGridLayout;

namespace app {

class Theme;

// Whose ears are listened with, on a plan of the seats, nose up: each where it stands in the vehicle. Arrows go from
// seat to seat and choose, as a click does.
class SeatPlan : public QWidget {
    Q_OBJECT
public:
    explicit SeatPlan(const Theme& theme, QWidget* parent);

    void present(const std::map<core::ListenerId, core::Listener>& listeners);
    [[nodiscard]] core::ListenerId chosen() const { return m_chosen; }
    void choose(core::ListenerId listener);
    void startAfresh();  // another plan: the first of its seats

signals:
    void listenerChosen(core::ListenerId listener);

protected:
    void paintEvent(QPaintEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;

private:
    void rebuild();
    void mark();

    const Theme& m_theme;
    QGridLayout* m_grid;
    std::map<core::ListenerId, core::Listener> m_listeners{};
    std::map<core::ListenerId, QAbstractButton*> m_seats{};
    core::ListenerId m_chosen{};
};

}  // namespace app
