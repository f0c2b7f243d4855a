#pragma once

#include <QByteArray>
#include <QString>

#include "core/fit/spacer_outline.h"

namespace app {

struct TemplatePage {
    QString title{};
    bool letterPaper = false;
    double leftward_m = 0.0;  // of the place it is for; 0: the middle, or nobody knows
};

// The spacer at 1:1 as a PDF: front side up, both sides of the vehicle where it has two, centre and rim marked, a line
// of 100 mm to check the printer by. What is wider than the paper goes over several sheets that overlap.
[[nodiscard]] QByteArray spacerPdf(const core::SpacerOutline& outline, bool bothSides, const TemplatePage& page);

}  // namespace app
