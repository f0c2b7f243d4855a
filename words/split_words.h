#pragma once

#include <QString>

#include "core/advice/network_site.h"
#include "core/design/split_search.h"
#include "core/design/why_not.h"

namespace words {

[[nodiscard]] QString nameOf(const core::SplitAnswer& answer);
// "tweeter capacitor 4.7 µF, coil 0.33 mH; tweeter turned over"
[[nodiscard]] QString partsOf(const core::SplitCandidate& found);
// The same as a fitter jots it: "woofer 0.82 mH, 10 µF; tweeter 12 µF, turned over"
[[nodiscard]] QString jottedParts(const core::SplitCandidate& found);
// The parts of a board by its legs, and nothing else.
[[nodiscard]] QString jottedBoard(const core::BoardParts& board);
// What stands against a split in one or two sentences.
[[nodiscard]] QString textOf(const core::WhyNot& why);
// "under the seat: 2.1 m of leads, behind trim"
[[nodiscard]] QString lineOf(const core::NetworkSite& site);
// What a search weighs.
[[nodiscard]] QString weighedBy(const core::Practice& practice, const QString& currency);
[[nodiscard]] QString headOf(const core::SplitSearch& search, const core::StageResult& stage);
// As it stands: where it hands over, or that no clear split is there.
[[nodiscard]] QString lineOf(const core::SplitSum& now);
[[nodiscard]] QString lineOf(const core::SplitAnswer& answer, const core::StageResult& stage);
// Where it hands over; of three at both places.
[[nodiscard]] QString handOverOf(const core::SplitCandidate& found);
// Whoever else the settings of an answer change; empty where nobody.
[[nodiscard]] QString othersOf(const core::SplitAnswer& answer, const core::StageResult& stage);

}  // namespace words
