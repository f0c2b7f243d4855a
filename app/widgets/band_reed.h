#pragma once

#include <QWidget>
#include <optional>

#include "core/model/evaluation.h"
#include "core/model/spread.h"

namespace app {

class Theme;

// One band as two reeds, before and after, with the change in figures.
class BandReed : public QWidget {
    Q_OBJECT
public:
    BandReed(core::Band band, const Theme& theme, QWidget* parent);
    // could: of after, once it is known
    void show(const core::BandFigures* before, const core::BandFigures* after, const core::Range* could);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    core::Band m_band;
    const Theme& m_theme;
    std::optional<double> m_before_db{}, m_after_db{};
};

}  // namespace app
