#include "core/judgement/supply_rules.h"

#include "core/edits/supply_edits.h"
#include "core/evaluate/supply.h"

namespace core {
namespace {

void offerFuse(Finding& finding, const Judging& judging, DeviceId source, const Supply& supply)
{
    const auto fuse_a = fuseFor_a(supply, judging.practice);
    if (!fuse_a) return;
    const auto area_m2 = supply.area_m2 ? std::nullopt : cableFor_m2(*fuse_a, judging.practice);
    finding.mends.push_back(
        {.name = MendName::FitFuse, .figure = *fuse_a, .act = planSupply(judging.plan, source, *fuse_a, area_m2)});
}

// The cable that a fuse of this value protects, and the fuse with it.
void offerCable(Finding& finding, const Judging& judging, DeviceId source, double fuse_a)
{
    if (const auto area_m2 = cableFor_m2(fuse_a, judging.practice))
        finding.mends.push_back({.name = MendName::ThickerCable,
                                 .figure = *area_m2,
                                 .act = planSupply(judging.plan, source, fuse_a, area_m2)});
}

std::optional<Finding> judged(const Judging& judging, DeviceId source)
{
    const Supply supply = supplyOf(judging.goal.used, source, judging.practice);
    Finding finding{.rule = RuleId::FuseAndCable, .severity = Severity::Stop, .stage = judging.goalId};
    finding.where = {source};
    const auto say = [&](Quantity what, double value, std::optional<double> limit = {}) {
        finding.evidence.push_back({{source, what}, judging.goalId, {value, Origin::Stated}, limit, {}});
    };
    say(Quantity::Fuse_a, supply.fuse_a.value_or(0.0));
    if (supply.draw_a) say(Quantity::SupplyDraw_a, *supply.draw_a);
    if (!supply.fuse || !supply.fuse_a) {
        offerFuse(finding, judging, source, supply);
        return finding;
    }
    if (supply.ampacity_a && over(*supply.fuse_a, *supply.ampacity_a)) {
        finding.evidence.front().limit = supply.ampacity_a;
        say(Quantity::Ampacity_a, *supply.ampacity_a);
        offerFuse(finding, judging, source, supply);
        offerCable(finding, judging, source, *supply.fuse_a);
        return finding;
    }
    if (!supply.draw_a || !under(*supply.fuse_a, *supply.draw_a)) return std::nullopt;
    finding.severity = Severity::Care;
    finding.evidence.front().limit = supply.draw_a;
    offerFuse(finding, judging, source, supply);
    if (finding.mends.empty()) {
        Supply any = supply;
        any.ampacity_a = {};
        if (const auto fuse_a = fuseFor_a(any, judging.practice)) offerCable(finding, judging, source, *fuse_a);
    }
    return finding;
}

}  // namespace

std::vector<Finding> judgeFuseAndCable(const Judging& judging)
{
    std::vector<Finding> findings;
    if (judging.nothingPlanned()) return findings;
    for (const auto& [id, device] : judging.goal.used.devices) {
        if (judging.found.used.devices.contains(id) || !isSource(judging.goal.used.parts.at(device.part))) continue;
        if (auto finding = judged(judging, id)) findings.push_back(std::move(*finding));
    }
    return findings;
}

}  // namespace core
