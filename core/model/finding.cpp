#include "core/model/finding.h"

#include <algorithm>
#include <cassert>

namespace core {

std::string_view code(RuleId rule)
{
    switch (rule) {
        case RuleId::LoadUnderMinimum:
            return "LOAD1";
        case RuleId::LowerLoadOnFactory:
            return "LOAD2";
        case RuleId::LessLevel:
            return "LOAD3";
        case RuleId::CoilOverRating:
            return "LOAD4";
        case RuleId::KeptCapacitor:
            return "SPLIT2";
        case RuleId::CapacitorOnFilteredOutput:
            return "SPLIT3";
    }
    return {};
}

const Evidence& evidenceOf(const Finding& finding, Quantity quantity, StageId stage)
{
    const auto found = std::find_if(finding.evidence.begin(), finding.evidence.end(), [&](const Evidence& evidence) {
        return evidence.what.what == quantity && evidence.stage == stage;
    });
    assert(found != finding.evidence.end());
    return *found;
}

}  // namespace core
