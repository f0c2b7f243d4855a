#pragma once

class QCustomPlot;

namespace app {

class Theme;

// Axes, ground and type of a plot by the theme.
void stylePlot(QCustomPlot& plot, const Theme& theme);
// The lower axis as frequency, 20 Hz to 20 kHz or less.
void showFrequencies(QCustomPlot& plot, double from_hz, double to_hz);

}  // namespace app
