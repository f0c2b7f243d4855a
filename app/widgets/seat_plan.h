#pragma once

#include <QWidget>
#include <map>
#include <vector>

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
    [[nodiscard]] QString chosenName() const;  // empty: nobody sits there
    void choose(core::ListenerId listener);
    void startAfresh();  // another plan: the first of its seats

signals:
    void listenerChosen(core::ListenerId listener);

protected:
    void paintEvent(QPaintEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;

private:
    // Where a seat is shown: rows from the nose to the tail, left before right, one in the middle over both.
    struct Spot {
        core::ListenerId listener{};
        core::Seat seat{};
        int row = 0, column = 0, span = 1;
        bool operator==(const Spot&) const = default;
    };
    static std::vector<Spot> arranged(const std::map<core::ListenerId, core::Listener>& listeners);
    void rebuild();
    void mark();

    const Theme& m_theme;
    QGridLayout* m_grid;
    std::vector<Spot> m_spots{};
    std::map<core::ListenerId, QAbstractButton*> m_seats{};
    core::ListenerId m_chosen{};
};

}  // namespace app
