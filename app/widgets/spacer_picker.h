#pragma once

#include <QWidget>
#include <vector>

#include "words/figures.h"

class QAbstractButton;
class QLabel;

namespace app {

class FlowLayout;
class Theme;

// Thicknesses drawn as slabs, the one in use in gold: picked by hand, stepped by keys.
class SpacerPicker : public QWidget {
    Q_OBJECT
public:
    explicit SpacerPicker(const Theme& theme, QWidget* parent = nullptr);
    // stock  in rising order; what is in use and not among them gets a slab of its own
    void present(std::vector<double> stock_m, double used_m, words::UnitSystem units);
    // The next thicker slab or, below zero, the next thinner one; at the end nothing.
    void step(int by);

signals:
    void picked(double thickness_m);

private:
    void rebuild();

    const Theme& m_theme;
    QLabel* m_name;
    FlowLayout* m_row;
    std::vector<double> m_stock_m{};
    std::vector<QAbstractButton*> m_slabs{};
    double m_used_m = 0.0;
    words::UnitSystem m_units = words::UnitSystem::Metric;
};

}  // namespace app
