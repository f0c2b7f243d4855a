#include "core/judgement/supply_rules.h"

#include "core/edits/supply_edits.h"
#include "core/evaluate/supply.h"

namespace core {
namespace {

class SupplyJudge {
public:
    SupplyJudge(const Judging& judging, DeviceId source)
        : m_judging(judging), m_source(source), m_supply(supplyOf(judging.goal.used, source, judging.practice))
    {
        m_finding = {.rule = RuleId::FuseAndCable, .severity = Severity::Stop, .stage = judging.goalId};
        m_finding.where = {source};
    }

    std::optional<Finding> run()
    {
        say(Quantity::Fuse_a, m_supply.fuse_a.value_or(0.0), Origin::Stated);
        if (m_supply.draw_a) say(Quantity::SupplyDraw_a, *m_supply.draw_a, Origin::ClassGuess);
        if (!m_supply.fuse || !m_supply.fuse_a) {
            offerFuse();
        } else if (m_supply.ampacity_a && over(*m_supply.fuse_a, *m_supply.ampacity_a)) {
            m_finding.evidence.front().limit = m_supply.ampacity_a;
            say(Quantity::Ampacity_a, *m_supply.ampacity_a, Origin::ClassGuess);
            offerFuse();
            offerCable(*m_supply.fuse_a);
        } else if (m_supply.draw_a && under(*m_supply.fuse_a, *m_supply.draw_a)) {
            m_finding.severity = Severity::Care;
            m_finding.evidence.front().limit = m_supply.draw_a;
            offerFuse();
            if (m_finding.mends.empty()) offerBoth();
        } else if (!m_supply.ampacity_a) {
            m_finding.severity = Severity::Care;
            offerCable(*m_supply.fuse_a);
        } else {
            return std::nullopt;
        }
        return std::move(m_finding);
    }

private:
    void say(Quantity what, double value, Origin origin)
    {
        m_finding.evidence.push_back({{m_source, what}, m_judging.goalId, {value, origin}, {}, {}});
    }

    void offerFuse()
    {
        if (auto edit = usualSupply(m_judging.plan, m_source, m_supply, m_judging.practice))
            m_finding.mends.push_back({.name = MendName::FitFuse,
                                       .figure = *fuseFor_a(m_supply, m_judging.practice),
                                       .act = std::move(*edit)});
    }

    // The cable that a fuse of this value protects, and the fuse with it.
    void offerCable(double fuse_a)
    {
        if (const auto area_m2 = cableFor_m2(fuse_a, m_judging.practice))
            m_finding.mends.push_back({.name = MendName::ThickerCable,
                                       .figure = *area_m2,
                                       .act = planSupply(m_judging.plan, m_source, fuse_a, area_m2)});
    }

    // No fuse carries the load and protects this cable.
    void offerBoth()
    {
        Supply anyCable = m_supply;
        anyCable.ampacity_a.reset();
        if (const auto fuse_a = fuseFor_a(anyCable, m_judging.practice)) offerCable(*fuse_a);
    }

    const Judging& m_judging;
    DeviceId m_source{};
    Supply m_supply{};
    Finding m_finding{};
};

}  // namespace

std::vector<Finding> judgeFuseAndCable(const Judging& judging)
{
    std::vector<Finding> findings;
    if (judging.nothingPlanned()) return findings;
    for (const auto& [id, device] : judging.goal.used.devices) {
        const bool added = !judging.found.used.devices.contains(id);
        if (!added || judging.goal.used.parts.at(device.part).kind != PartKind::Amplifier) continue;
        if (auto finding = SupplyJudge(judging, id).run()) findings.push_back(std::move(*finding));
    }
    return findings;
}

}  // namespace core
