#include "core/judgement/cut_rules.h"

#include <set>

#include "core/edits/fit_edits.h"
#include "core/fitout/plug_cut.h"

namespace core {
namespace {

// What is cut at one place.
struct Cuts {
    std::set<AlterationKind> kinds{};
    std::vector<Evidence> evidence{};
    DeviceId driver{};
};

class CutJudge {
public:
    explicit CutJudge(const Judging& judging) : m_judging(judging), m_used(judging.goal.used) {}

    std::vector<Finding> run()
    {
        for (const auto& [id, alteration] : m_used.alterations)
            if (const auto before = m_judging.found.used.alterations.find(id);
                before == m_judging.found.used.alterations.end() || before->second != alteration)
                addAlteration(alteration);
        for (const auto& [id, device] : m_used.devices)
            if (m_used.parts.at(device.part).kind == PartKind::Driver && m_used.places.contains(device.at)) {
                if (plugIsCut(m_judging.found.used, m_used, id))
                    add(device.at, Quantity::Cuts, 1.0, m_judging.found.used.devices.at(id).basis.origin);
                if (const auto cuts = m_places.find(device.at); cuts != m_places.end() && !cuts->second.driver)
                    cuts->second.driver = id;
            }
        std::vector<Finding> findings;
        for (const auto& [place, cuts] : m_places)
            if (!saidOfMate(place, cuts)) findings.push_back(findingOf(place, cuts));
        return findings;
    }

private:
    void add(PlaceId place, Quantity what, double figure, Origin worst = Origin::Stated)
    {
        m_places[place].evidence.push_back({{place, what}, m_judging.goalId, {figure, worst, {}}, {}, {}});
    }

    // Of one without a size, what the driver there needs.
    [[nodiscard]] double holeOf(const Alteration& hole) const
    {
        if (const auto across_m = valueOf(hole.figures, Quantity::Cutout_m)) return *across_m;
        for (const auto& [id, fit] : m_judging.goal.fits)
            if (m_used.devices.at(id).at == hole.place && fit->hole) return fit->hole->plan.cut_m;
        return 0.0;
    }

    void addAlteration(const Alteration& one)
    {
        switch (one.what) {
            case AlterationKind::Hole:
                add(one.place, Quantity::Cutout_m, holeOf(one));
                break;
            case AlterationKind::ScrewHoles:
                add(one.place, Quantity::ScrewCount, 1.0);
                break;
            case AlterationKind::CutObstruction:
                add(one.place, Quantity::Obstruction_m,
                    valueOf(m_used.places.at(one.place).room, Quantity::Obstruction_m).value_or(0.0));
                break;
            case AlterationKind::Seal:
            case AlterationKind::Mat:
            case AlterationKind::Foam:
            case AlterationKind::OpenCover:
            case AlterationKind::WireHole:
            case AlterationKind::Decoupler:
            case AlterationKind::Barrier:
                return;
        }
        m_places[one.place].kinds.insert(one.what);
    }

    // The other side of a pair, where the same is done.
    [[nodiscard]] bool saidOfMate(PlaceId place, const Cuts& cuts) const
    {
        const PlaceId mate = mateOf(m_used.places, place);
        const auto other = m_places.find(mate);
        return mate && mate < place && other != m_places.end() && other->second.kinds == cuts.kinds &&
               other->second.evidence.size() == cuts.evidence.size();
    }

    [[nodiscard]] Finding findingOf(PlaceId place, const Cuts& cuts) const
    {
        Finding finding{.rule = RuleId::CutAgainstWish, .severity = Severity::Stop, .stage = m_judging.goalId};
        finding.where.emplace_back(place);
        if (const PlaceId mate = mateOf(m_used.places, place);
            m_places.contains(mate) && saidOfMate(mate, m_places.at(mate)))
            finding.where.emplace_back(mate);
        finding.evidence = cuts.evidence;
        // Nobody has seen the plug yet.
        if (std::all_of(cuts.evidence.begin(), cuts.evidence.end(),
                        [](const Evidence& one) { return one.figure.worst == Origin::ClassGuess; }))
            soften(finding, {.worst = Origin::ClassGuess});
        if (!cuts.kinds.empty())
            finding.mends.push_back({MendName::LeaveUncut, 0.0, leaveUncut(m_judging.plan, place, cuts.kinds)});
        if (cuts.driver) finding.mends.push_back(chooseDriverMend(cuts.driver));
        finding.mends.push_back({MendName::AllowCutting, 0.0, allowCutting(m_judging.plan)});
        return finding;
    }

    const Judging& m_judging;
    const Fitout& m_used;
    std::map<PlaceId, Cuts> m_places{};
};

}  // namespace

std::vector<Finding> judgeCutAgainstWish(const Judging& judging)
{
    if (!judging.plan.job.keep.contains(Keep::NoCutting) || judging.nothingPlanned()) return {};
    return CutJudge(judging).run();
}

}  // namespace core
