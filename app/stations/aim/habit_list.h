#pragma once

#include <QWidget>

#include "app/stations/aim/aim_scene.h"

class QVBoxLayout;

namespace app {

class Theme;

// Where people put a driver, ranked for this vehicle and these ears, each with its points as a length from one line.
// One is tried by picking it; a closed one says what closes it, and can be recorded as cleared.
class HabitList : public QWidget {
    Q_OBJECT
public:
    HabitList(const Theme& theme, QWidget* parent);
    void present(const AimScene& scene);

signals:
    void taken(const core::Habit& habit);
    void cleared(core::RestraintZone zone);

private:
    [[nodiscard]] std::vector<QWidget*> rows() const;
    void addRow();

    const Theme& m_theme;
    QVBoxLayout* m_rows;
};

}  // namespace app
