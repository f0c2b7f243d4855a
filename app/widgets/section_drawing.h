#pragma once

#include <QWidget>

#include "core/picture/fit_section.h"

namespace app {

class Theme;

// A driver in its place, half of it cut through its axis, to scale, with its margins as lengths on the drawing.
class SectionDrawing : public QWidget {
    Q_OBJECT
public:
    explicit SectionDrawing(const Theme& theme, QWidget* parent = nullptr);
    void present(const core::FitSection& section, bool underPanel);
    void clear();
    // Where a length along the axis lies on the drawing, in pixels from its left; for tests that measure it.
    [[nodiscard]] double xOf(double along_m) const;
    [[nodiscard]] const core::FitSection& section() const { return m_section; }

protected:
    void paintEvent(QPaintEvent* event) override;
    [[nodiscard]] QSize sizeHint() const override;

private:
    [[nodiscard]] double scale() const;  // pixels a metre
    [[nodiscard]] double axisY() const;
    void paintPiece(QPainter& painter, const core::SectionPiece& piece) const;
    void paintMeasure(QPainter& painter, const core::SectionMeasure& measure, double y) const;
    void describe();

    const Theme& m_theme;
    core::FitSection m_section{};
    bool m_underPanel = false;
    bool m_empty = true;
};

}  // namespace app
