#pragma once

#include <QAbstractButton>

namespace app {

class Theme;

// A button that draws itself: reached by Tab, lit where the pointer is.
class PaintedButton : public QAbstractButton {
public:
    PaintedButton(const Theme& theme, QWidget* parent) : QAbstractButton(parent), m_theme(theme)
    {
        setFocusPolicy(Qt::StrongFocus);
        setCursor(Qt::PointingHandCursor);
        setAttribute(Qt::WA_Hover);
    }

protected:
    const Theme& m_theme;
};

}  // namespace app
