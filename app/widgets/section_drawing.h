#pragma once

#include <QLineF>
#include <QWidget>
#include <map>
#include <optional>

#include "core/picture/fit_section.h"

namespace app {

class Theme;

// A driver in its place, cut through its axis, to scale, with its margins as lengths on the drawing. What somebody
// measures there has a dimension line and a tag that lies on it, dashed while nobody knows the measure.
class SectionDrawing : public QWidget {
    Q_OBJECT
public:
    // Between which edges: cover and face, face and what lies behind (window down or up), flange and the driver's back,
    // the hole's rim, the screws.
    enum class Line { InFront, Behind, WindowUp, Body, Hole, Circle };

    explicit SectionDrawing(const Theme& theme, QWidget* parent = nullptr);
    void present(const core::FitSection& section, bool underPanel);
    void clear();
    // The tag lies on this line from now on; the drawing keeps it there while it is not hidden.
    void hold(Line line, QWidget* tag);
    void setKnown(Line line, bool known);
    void arrangeTags();  // after some were shown, hidden or written anew
    // Where a length along the axis lies on the drawing, in pixels from its left; for tests that measure it.
    [[nodiscard]] double xOf(double along_m) const;
    // A dimension line, in pixels.
    [[nodiscard]] QLineF lineOf(Line line) const;
    [[nodiscard]] const core::FitSection& section() const { return m_section; }

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    [[nodiscard]] QSize sizeHint() const override;

private:
    struct Held {
        QWidget* tag = nullptr;
        bool known = false;
    };
    // The part of the drawing that is to scale; words and tags stand round it.
    [[nodiscard]] QRectF scaled() const;
    [[nodiscard]] std::optional<core::SectionPiece> piece(core::SectionPiece::What what) const;
    [[nodiscard]] bool isShown(Line line) const;
    void paintLine(QPainter& painter, Line line, const Held& held) const;
    void paintHalf(QPainter& painter, const core::SectionPiece& piece, double outwards) const;
    [[nodiscard]] double scale() const;  // pixels a metre
    [[nodiscard]] double axisY() const;
    void paintPiece(QPainter& painter, const core::SectionPiece& piece) const;
    void paintMeasure(QPainter& painter, const core::SectionMeasure& measure, double y, bool decides) const;
    void describe();

    const Theme& m_theme;
    core::FitSection m_section{};
    std::map<Line, Held> m_held{};
    bool m_underPanel = false;
    bool m_empty = true;
};

}  // namespace app
