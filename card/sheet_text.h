#pragma once

#include <QPainter>
#include <QString>

namespace card {

// So fine that a millimetre of a template is one on paper.
inline constexpr int kTemplateDots = 1200;  // an inch
inline constexpr double kTemplateDots_mm = kTemplateDots / 25.4;

// Words on a 1:1 drawing whose unit is the millimetre: as outlines, so high, from there on.
void writeOutlined(QPainter& painter, const QPointF& at, double high_mm, const QString& text);

}  // namespace card
