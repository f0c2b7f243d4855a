#pragma once

#include <algorithm>

#include "app/theme/plain_label.h"

namespace app {

// A line that ends in an ellipsis where it has no room; the whole of it is its tool tip.
class ElidedLabel : public PlainLabel {
public:
    using PlainLabel::PlainLabel;

    void setWhole(const QString& text)
    {
        m_whole = text;
        setToolTip(text);
        setAccessibleName(text);
        fit();
    }

protected:
    void resizeEvent(QResizeEvent* event) override
    {
        QLabel::resizeEvent(event);
        fit();
    }

private:
    void fit() { setText(fontMetrics().elidedText(m_whole, Qt::ElideRight, std::max(40, width()))); }

    QString m_whole{};
};

}  // namespace app
