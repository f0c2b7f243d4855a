#pragma once

#include <QByteArray>
#include <QString>
#include <vector>

#include "core/design/hole_outline.h"

namespace card {

struct HolePage {
    QString title{};
    bool letterPaper = false;
};

// 1:1, a page for each side of the vehicle, as a hand sees it from the seats: the hole to cut, the flange round it, the
// centre, the edges it is measured from as far as the paper goes, an arrow up, a bar of 100 mm to check the printer by.
// requires a QGuiApplication for the PDF
[[nodiscard]] QByteArray holePdf(const std::vector<core::HoleOutline>& sides, const HolePage& page);
// The same pages beside each other, in millimetres.
[[nodiscard]] QByteArray holeSvg(const std::vector<core::HoleOutline>& sides, const HolePage& page);

}  // namespace card
