#include "core/job/job_plan.h"

#include <algorithm>
#include <cmath>

#include "core/job/class_cautions.h"
#include "core/job/place_steps.h"
#include "core/model/names.h"

namespace core {
namespace {

class JobPlanner {
public:
    JobPlanner(const Plan& plan, const Fitout& from, const Evaluation& evaluation, const StageResult& goal)
        : m_plan(plan),
          m_from(from),
          m_to(goal.used),
          m_practice(evaluation.practice),
          m_use(m_practice.uses.at(std::string(textOf(plan.job.use)))),
          m_goal(goal),
          m_work(workBetween(from, m_to)),
          m_fits(fitsAt(m_work, from, goal, m_practice)),
          m_steps(m_practice)
    {
        std::set<PlaceId> places;
        for (const auto& [place, work] : m_work.places) places.insert(place);
        m_openings = openingsFor(places, m_to);
        // What goes in elsewhere is taken out first.
        std::stable_partition(m_openings.begin(), m_openings.end(), [&](const Opening& opening) {
            return std::any_of(opening.places.begin(), opening.places.end(),
                               [&](PlaceId place) { return !m_work.places.at(place).moved.empty(); });
        });
    }

    JobPlan run()
    {
        if (!m_work.empty()) addSteps();
        m_job.steps = m_steps.take();
        addMinutes();
        addWires();
        PartsList list = partsFor({m_plan, m_from, m_goal, m_work, m_openings, m_fits, m_practice});
        m_job.parts = std::move(list.parts);
        m_job.smallParts = std::move(list.smallParts);
        return std::move(m_job);
    }

private:
    Step& add(StepKind kind, PracticeKey time, double times = 1.0, std::vector<ToolUse> tools = {},
              std::vector<Caution> cautions = {})
    {
        Step& step = m_steps.add(kind, time, times);
        step.tools = std::move(tools);
        step.cautions = std::move(cautions);
        return step;
    }

    void addSteps()
    {
        PlaceSteps places(m_plan.body, m_from, m_to, m_fits, m_practice, m_steps);
        add(StepKind::Note, PracticeKey::StepTest_min, 1.0, {{Tool::Camera, {}}});
        for (const auto& [place, work] : m_work.places) places.addBenchWork(work);
        add(StepKind::PowerDown, PracticeKey::StepPowerDown_min, 1.0, {{Tool::HexBattery, {}}},
            powerDownCautions(m_plan.body));
        // One side is opened and fitted before the other.
        for (const Opening& opening : m_openings) {
            places.open(opening);
            for (const PlaceId place : opening.places) places.addFitting(place, m_work.places.at(place));
        }
        for (const auto& [place, work] : m_work.places)
            if (!m_to.places.contains(place)) places.addFitting({}, work);
        addSupplies();
        // JOB2: before the panels go back, but with every restraint plug closed first.
        add(StepKind::PowerUpTrial, PracticeKey::StepPowerDown_min, 1.0, {{Tool::HexBattery, {}}},
            trialCautions(m_plan.body));
        add(StepKind::TrySound, PracticeKey::StepTest_min, 1.0, {}, {hearingCaution(m_plan.body, m_practice)});
        addFuses();
        addForUse(StepKind::Protect, PracticeKey::StepWiring_min, 0.5);
        for (const Opening& opening : m_openings) {
            places.tryBeforeClosing(opening, m_work.places);
            places.close(opening);
        }
        if (driversOut(m_from, m_work) > 0) add(StepKind::KeepOriginals, PracticeKey::StepWiring_min, 0.5);
        addForUse(StepKind::ProveInUse, PracticeKey::StepTest_min, 1.0);
        // JOB3
        if (m_plan.body.kind == BodyKind::Motorcycle)
            add(StepKind::ProveMoving, PracticeKey::StepTest_min, 1.0, {}, {Caution::HotParts});
        add(StepKind::Record, PracticeKey::StepTest_min, 1.0, {{Tool::Camera, {}}});
    }

    void addSupplies()
    {
        for (const WireId id : m_work.supplies) {
            const Wire& cable = m_to.wires.at(id);
            Step& step = add(StepKind::LaySupply, PracticeKey::StepSupply_min, 1.0,
                             {{Tool::Drill, {}}, {Tool::SolderOrCrimp, {}}, {Tool::Tape, {}}},
                             cuttingCautions(m_plan.body, {Caution::ShortCircuit}));
            step.device = cable.b.device;
            if (const auto length_m = valueOf(cable.figures, Quantity::Length_m))
                step.figures[StepFigure::Length_m] = *length_m;
        }
    }

    void addFuses()
    {
        for (const DeviceId fuse : m_work.fuses) {
            Step& step = add(StepKind::FitFuse, PracticeKey::StepWiring_min, 0.5, {{Tool::HexBattery, {}}},
                             {Caution::ShortCircuit});
            step.device = fuse;
            step.figures[StepFigure::Fuse_a] =
                valueOf(m_to.parts.at(m_to.devices.at(fuse).part).figures, Quantity::Fuse_a).value_or(0.0);
        }
    }

    // One step for each thing that this use does to what is built in. Nothing can be proved against thieves.
    void addForUse(StepKind kind, PracticeKey time, double times)
    {
        for (const Demand demand : m_use.demands) {
            if (kind == StepKind::ProveInUse && demand == Demand::Theft) continue;
            add(kind, time, times).demand = demand;
        }
    }

    void addMinutes()
    {
        struct Span {
            double below = 0.0, above = 0.0;
        };
        std::map<PracticeKey, Span> kinds;
        for (const Step& step : m_job.steps) {
            m_job.minutes += step.minutes;
            kinds[step.time].below += step.minutes - step.least_min;
            kinds[step.time].above += step.most_min - step.minutes;
        }
        double below2 = 0.0, above2 = 0.0;
        for (const auto& [key, span] : kinds) {
            below2 += span.below * span.below;
            above2 += span.above * span.above;
        }
        m_job.least_min = m_job.minutes - std::sqrt(below2);
        m_job.most_min = m_job.minutes + std::sqrt(above2);
    }

    [[nodiscard]] WireState stateOf(WireId id, const Wire& wire) const
    {
        if (isNewCable(m_from, id, wire)) return WireState::New;
        const Wire& before = m_from.wires.at(id);
        const auto cut = [&](const Pin& pin) {
            return m_to.devices.contains(pin.device) &&
                   (plugIsCut(m_from, m_to, pin.device) || isMoved(m_from, m_to, pin.device));
        };
        return before.a != wire.a || before.b != wire.b || cut(wire.a) || cut(wire.b) ? WireState::NewEnd
                                                                                      : WireState::Kept;
    }

    void addWires()
    {
        for (const auto& [id, wire] : m_to.wires)
            m_job.wires.push_back({id, wire.a, wire.b, wire.colour, stateOf(id, wire)});
        for (const auto& [id, wire] : m_from.wires)
            if (!m_to.wires.contains(id)) m_job.wires.push_back({id, wire.a, wire.b, wire.colour, WireState::Removed});
    }

    const Plan& m_plan;
    const Fitout& m_from;
    const Fitout& m_to;
    const Practice& m_practice;
    const UseClass& m_use;
    const StageResult& m_goal;
    JobWork m_work;
    FitsAt m_fits;
    std::vector<Opening> m_openings{};
    StepList m_steps;
    JobPlan m_job{};
};

}  // namespace

JobPlan planJob(const Plan& plan, StageId from, StageId to, const Evaluation& evaluation)
{
    return JobPlanner(plan, evaluation.stages.at(from)->used, evaluation, *evaluation.stages.at(to)).run();
}

}  // namespace core
