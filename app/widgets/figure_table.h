#pragma once

#include <QWidget>
#include <array>

#include "app/session/snapshot.h"

class QLabel;

namespace app {

class Theme;

// One place in figures: as found, as planned, and what the change gives.
class FigureTable : public QWidget {
    Q_OBJECT
public:
    explicit FigureTable(const Theme& theme, QWidget* parent = nullptr);
    void present(const Snapshot& snapshot, core::DeviceId device);

private:
    enum Row { Speaker, Impedance, Corner, HalfPower, Least, AtLimit, RowCount };

    struct Column {
        std::array<QLabel*, RowCount> cells{};
    };
    void showColumn(const Column& column, const core::StageResult& stage, core::DeviceId device,
                    const core::Practice& practice);
    void restyle();

    const Theme& m_theme;
    Column m_before{}, m_after{};
    QLabel* m_change;
    QLabel* m_restoring;
};

}  // namespace app
