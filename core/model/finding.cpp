#include "core/model/finding.h"

#include <algorithm>
#include <cassert>

namespace core {

namespace {

consteval bool everyCodeIsItsOwn()
{
    for (size_t i = 0; i < kRules.size(); ++i)
        for (size_t j = 0; j < i; ++j)
            if (kRules[i].second == kRules[j].second) return false;
    return true;
}
static_assert(everyCodeIsItsOwn());

}  // namespace

std::string_view code(RuleId rule)
{
    return kRules.at(static_cast<size_t>(rule)).second;
}

const Evidence& evidenceOf(const Finding& finding, Quantity quantity, StageId stage)
{
    const auto found = std::find_if(finding.evidence.begin(), finding.evidence.end(), [&](const Evidence& evidence) {
        return evidence.what.what == quantity && evidence.stage == stage;
    });
    assert(found != finding.evidence.end());
    return *found;
}

double figureOf(const Finding& finding, Quantity quantity)
{
    return evidenceOf(finding, quantity, finding.stage).figure.value;
}

}  // namespace core
