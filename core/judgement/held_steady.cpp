#include "core/judgement/held_steady.h"

#include <algorithm>

namespace core {
namespace {

bool isSame(const Finding& a, const Finding& b)
{
    return a.rule == b.rule && a.stage == b.stage && a.where == b.where;
}

// The buttons that were shown, in their order, doing what the new plan needs; another one waits until all is settled.
void keepButtons(std::vector<Mend>& mends, const std::vector<Mend>& shown)
{
    const auto placeOf = [&](const Mend& mend) {
        return std::find_if(shown.begin(), shown.end(), [&](const Mend& one) { return one.name == mend.name; }) -
               shown.begin();
    };
    std::erase_if(mends, [&](const Mend& mend) { return placeOf(mend) == std::ssize(shown); });
    std::stable_sort(mends.begin(), mends.end(), [&](const Mend& a, const Mend& b) { return placeOf(a) < placeOf(b); });
    // A reading that was asked for stays so until it is known whether it still settles anything.
    if (!shown.empty() && shown.front().name == MendName::MeasureRe &&
        (mends.empty() || mends.front().name != MendName::MeasureRe))
        mends.insert(mends.begin(), shown.front());
}

}  // namespace

bool restsOnSpread(const Finding& finding)
{
    return !finding.leans.empty() && !finding.evidence.empty() &&
           finding.evidence.front().figure.worst != Origin::Measured;
}

std::vector<Finding> heldSteady(const std::vector<Finding>& shown, std::vector<Finding> unsettled)
{
    const std::vector<Finding> ruled = unsettled;  // in the order of the rules
    std::vector<Finding> held;
    for (const Finding& old : shown) {
        const auto now = std::find_if(unsettled.begin(), unsettled.end(),
                                      [&](const Finding& finding) { return isSame(finding, old); });
        if (now == unsettled.end()) continue;
        if (restsOnSpread(*now)) {
            now->severity = old.severity;
            now->couldBe = old.couldBe;
            keepButtons(now->mends, old.mends);
        }
        held.push_back(std::move(*now));
        unsettled.erase(now);
    }
    for (Finding& fresh : unsettled) {
        // After the last of its severity that the rules put before it, else before all of them.
        auto place = std::find_if(held.begin(), held.end(),
                                  [&](const Finding& finding) { return finding.severity <= fresh.severity; });
        for (const Finding& before : ruled) {
            if (isSame(before, fresh)) break;
            const auto there = std::find_if(held.begin(), held.end(), [&](const Finding& finding) {
                return isSame(finding, before) && finding.severity == fresh.severity;
            });
            if (there != held.end()) place = std::next(there);
        }
        held.insert(place, std::move(fresh));
    }
    return held;
}

}  // namespace core
