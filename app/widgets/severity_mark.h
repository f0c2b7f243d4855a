#pragma once

#include <QWidget>

#include "core/model/finding.h"

class QPainter;

namespace app {

class Theme;
struct Tokens;

// Stop is a square, Care a triangle, Note a disc: shape and colour say the same, the word stands beside it.
void drawSeverity(QPainter& painter, const QRectF& box, core::Severity severity, const Tokens& tokens);
[[nodiscard]] QColor colourOf(core::Severity severity, const Tokens& tokens);

class SeverityMark : public QWidget {
    Q_OBJECT
public:
    SeverityMark(core::Severity severity, const Theme& theme, QWidget* parent = nullptr);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    core::Severity m_severity;
    const Theme& m_theme;
};

}  // namespace app
