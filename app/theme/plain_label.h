#pragma once

#include <QLabel>

namespace app {

// Shown as it stands: a name that comes from a file is never markup, opens no file and draws no picture. Every label of
// the window is one.
class PlainLabel : public QLabel {
public:
    explicit PlainLabel(QWidget* parent = nullptr) : QLabel(parent) { setTextFormat(Qt::PlainText); }
    explicit PlainLabel(const QString& text, QWidget* parent = nullptr) : PlainLabel(parent) { setText(text); }
};

// The same for what a tool tip says.
[[nodiscard]] inline QString plainTip(const QString& text)
{
    return Qt::mightBeRichText(text) ? Qt::convertFromPlainText(text) : text;
}

}  // namespace app
