#pragma once

#include <QColor>

namespace app {

// Every colour of the program by what it means. The dark set is derived from the light one.
struct Tokens {
    QColor paper{0xF6, 0xF1, 0xE6};
    QColor raised{0xFD, 0xFA, 0xF3};
    QColor ink{0x27, 0x24, 0x1E};
    QColor ink2{0x6A, 0x63, 0x57};
    QColor rule{0xD8, 0xCD, 0xB8};
    QColor gold{0xC8, 0x92, 0x2A};  // fills only, always outlined in goldText
    QColor goldText{0x7A, 0x52, 0x08};
    QColor goldTint{0xF0, 0xDD, 0xB0};
    QColor river{0x2D, 0x6A, 0x5F};  // good
    QColor rust{0xA6, 0x3D, 0x24};   // Stop
    QColor clay{0x9A, 0x4E, 0x14};   // Care
    QColor slate{0x4A, 0x60, 0x78};  // Note
    QColor glass{0xDF, 0xE6, 0xEE};
    bool operator==(const Tokens&) const = default;
};

[[nodiscard]] Tokens darkened(const Tokens& light);

// WCAG 2.1 contrast ratio of two opaque colours, 1 to 21.
[[nodiscard]] double contrast(const QColor& a, const QColor& b);

}  // namespace app
