#pragma once

#include <QWidget>

#include "app/stations/aim/aim_scene.h"

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace app {

class Theme;

// Where people put a driver, ranked for this vehicle and these ears, each with its points as a length from one line.
// One is tried by picking it; a closed one says what closes it, and can be recorded as cleared. The best few, how it
// stands and what a restraint closes; the rest where it is asked for.
class HabitList : public QWidget {
    Q_OBJECT
public:
    HabitList(const Theme& theme, QWidget* parent);
    void present(const AimScene& scene);
    [[nodiscard]] int mostRanks() const;  // that it tells of

signals:
    void taken(const core::Habit& habit);
    void cleared(core::RestraintZone zone);
    void unfolded();

private:
    [[nodiscard]] std::vector<QWidget*> rows() const;
    void addRow();

    const Theme& m_theme;
    QLabel* m_title;
    QPushButton* m_more;
    AimScene m_scene{};
    bool m_all = false;
    QVBoxLayout* m_rows;
};

}  // namespace app
