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
        case RuleId::ClipsEarly:
            return "LOAD5";
        case RuleId::LevelMismatch:
            return "LOAD6";
        case RuleId::FuseAndCable:
            return "LOAD14";
        case RuleId::CutAgainstWish:
            return "JOB6";
        case RuleId::DepthAndSpacer:
            return "FIT1";
        case RuleId::WindowTravel:
            return "FIT2";
        case RuleId::CutoutAndRing:
        case RuleId::HoleUnknown:
            return "FIT3";
        case RuleId::DomeTakenForHole:
            return "FIT4";
        case RuleId::ScrewHoles:
        case RuleId::ScrewOutsideFlange:
            return "FIT5";
        case RuleId::FrontClearance:
            return "FIT6";
        case RuleId::UnderPanel:
            return "FIT7";
        case RuleId::CoverSwallows:
            return "FIT8";
        case RuleId::HeavyOnAdhesive:
            return "FIT9";
        case RuleId::SealMissing:
            return "FIT10";
        case RuleId::PinchedCable:
            return "FIT11";
        case RuleId::WireSlack:
            return "FIT12";
        case RuleId::PlasticAnchors:
            return "FIT13";
        case RuleId::CountsOpen:
            return "FIT14";
        case RuleId::ScrewReaches:
            return "FIT15";
        case RuleId::NeedlessCut:
            return "FIT1";
        case RuleId::FixingOverload:
            return "FIT13";
        case RuleId::CoilsFight:
        case RuleId::CoilOpen:
        case RuleId::DriverUnfed:
            return "LOAD10";
        case RuleId::TweeterUnprotected:
        case RuleId::HighPassLost:
            return "SPLIT1";
        case RuleId::TravelWithProgramme:
            return "SPLIT8";
        case RuleId::SubwooferTravel:
            return "LOWS1";
        case RuleId::PairTurnedOver:
            return "POL1";
        case RuleId::BassLostByFlip:
            return "POL4";
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

double figureOf(const Finding& finding, Quantity quantity)
{
    return evidenceOf(finding, quantity, finding.stage).figure.value;
}

}  // namespace core
