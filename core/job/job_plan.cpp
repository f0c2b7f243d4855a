#include "core/job/job_plan.h"

#include <cmath>
#include <map>

namespace core {
namespace {

// What changes at one place, so that its steps can stand together.
struct PlaceWork {
    std::vector<DeviceId> drivers{};  // another part in the same role, or new here
    std::vector<DeviceId> leads{};    // a plug or lead that becomes another
    std::vector<AlterationKind> alterations{};
    std::vector<DeviceId> links{};  // a new link across something that stays
};

class JobPlanner {
public:
    JobPlanner(const Fitout& from, const Fitout& to, const Evaluation& evaluation, const StageResult& goal)
        : m_from(from), m_to(to), m_practice(evaluation.practice), m_goal(goal)
    {
    }

    JobPlan run()
    {
        collectWork();
        if (!m_work.empty()) addSteps();
        addWires();
        addParts();
        for (const Step& step : m_job.steps) m_job.minutes += step.minutes;
        return std::move(m_job);
    }

private:
    [[nodiscard]] bool sameAsBefore(DeviceId id) const
    {
        const auto before = m_from.devices.find(id);
        return before != m_from.devices.end() && before->second.part == m_to.devices.at(id).part;
    }

    [[nodiscard]] const Part& partOf(DeviceId id) const { return m_to.parts.at(m_to.devices.at(id).part); }

    void collectWork()
    {
        for (const auto& [id, device] : m_to.devices) {
            if (sameAsBefore(id)) continue;
            PlaceWork& work = m_work[device.at];
            (partOf(id).kind == PartKind::Driver ? work.drivers : work.leads).push_back(id);
        }
        for (const auto& [id, wire] : m_to.wires) {
            if (m_from.wires.contains(id) || wire.a.device != wire.b.device) continue;
            m_work[m_to.devices.at(wire.a.device).at].links.push_back(wire.a.device);
        }
        for (const auto& [id, alteration] : m_to.alterations)
            if (!m_from.alterations.contains(id)) m_work[alteration.place].alterations.push_back(alteration.what);
    }

    void add(StepKind kind, PlaceId place, DeviceId device, std::vector<Tool> tools, std::vector<Caution> cautions,
             double minutes, double figure = 0.0)
    {
        m_job.steps.push_back({.kind = kind,
                               .place = place,
                               .device = device,
                               .tools = std::move(tools),
                               .cautions = std::move(cautions),
                               .minutes = minutes,
                               .figure = figure});
    }

    void addSteps()
    {
        const double swap_min = m_practice[PracticeKey::StepSwap_min];
        const double wiring_min = m_practice[PracticeKey::StepWiring_min];
        const double trim_min = m_practice[PracticeKey::StepTrim_min];
        add(StepKind::Note, {}, {}, {Tool::Camera}, {}, m_practice[PracticeKey::StepTest_min]);
        addBenchWork(wiring_min);
        add(StepKind::PowerDown, {}, {}, {Tool::HexBattery}, {Caution::BatteryFirst, Caution::ShortCircuit},
            m_practice[PracticeKey::StepPowerDown_min]);
        for (const auto& [place, work] : m_work) {
            add(StepKind::OpenTrim, place, {}, {Tool::PlasticPry, Tool::CrossHead},
                {Caution::Restraints, Caution::ClipsCounted}, trim_min);
            for (const DeviceId driver : work.drivers)
                if (m_from.devices.contains(driver))
                    add(StepKind::RemoveDriver, place, driver, {Tool::CrossHead, Tool::Camera}, {}, 0.5 * swap_min);
            for (const AlterationKind what : work.alterations) {
                add(StepKind::Alter, place, {}, {Tool::Tape}, {}, wiring_min);
                m_job.steps.back().alteration = what;
            }
            for (const DeviceId lead : work.leads)
                add(StepKind::SwapLead, place, lead, {Tool::SideCutter, Tool::Tape}, {}, wiring_min);
            for (const DeviceId link : work.links)
                add(StepKind::LinkAcross, place, link, {Tool::SolderOrCrimp, Tool::Tape}, {Caution::HotSolder},
                    wiring_min);
            for (const DeviceId driver : work.drivers) addFitting(place, driver, swap_min, wiring_min);
        }
        // JOB2: before the panels go back, but with every restraint plug closed first.
        add(StepKind::PowerUpTrial, {}, {}, {Tool::HexBattery}, {Caution::RestraintPlugsOpen, Caution::TrialFuse},
            m_practice[PracticeKey::StepPowerDown_min]);
        add(StepKind::TrySound, {}, {}, {}, {Caution::HearingStartLow}, m_practice[PracticeKey::StepTest_min]);
        for (const auto& [place, work] : m_work)
            add(StepKind::CloseTrim, place, {}, {}, {Caution::ClipsCounted}, trim_min);
        add(StepKind::Record, {}, {}, {Tool::Camera}, {}, m_practice[PracticeKey::StepTest_min]);
    }

    void addBenchWork(double wiring_min)
    {
        for (const auto& [place, work] : m_work) {
            for (const DeviceId lead : work.leads) {
                double value_f = 0.0;
                for (const auto& [name, element] : partOf(lead).inside)
                    if (element.kind == ElementKind::Capacitor)
                        value_f = valueOf(figuresOf(partOf(lead), name), Quantity::Capacitance_f).value_or(0.0);
                add(StepKind::MakeLead, place, lead, {Tool::SolderOrCrimp, Tool::Ohmmeter}, {Caution::HotSolder},
                    wiring_min, value_f);
            }
        }
    }

    void addFitting(PlaceId place, DeviceId driver, double swap_min, double wiring_min)
    {
        double re_ohm = 0.0;
        if (const RunResult* run = findRunOfDevice(m_goal, driver)) re_ohm = run->driver.re_ohm;
        // The reading is taken at the tabs: a capacitor in the lead would read open.
        add(StepKind::CheckResistance, place, driver, {Tool::Ohmmeter}, {}, 0.5 * wiring_min, re_ohm);
        add(StepKind::Connect, place, driver, {}, {}, 0.5 * wiring_min);
        add(StepKind::FitDriver, place, driver, {Tool::CrossHead}, {Caution::ConeGuard}, 0.5 * swap_min);
    }

    void addWires()
    {
        for (const auto& [id, wire] : m_to.wires)
            m_job.wires.push_back(
                {id, wire.a, wire.b, wire.colour, m_from.wires.contains(id) ? WireState::Kept : WireState::New});
        for (const auto& [id, wire] : m_from.wires)
            if (!m_to.wires.contains(id)) m_job.wires.push_back({id, wire.a, wire.b, wire.colour, WireState::Removed});
    }

    void addParts()
    {
        std::map<PartId, int> counts;
        int drivers = 0;
        for (const auto& [id, device] : m_to.devices) {
            if (sameAsBefore(id)) continue;
            ++counts[device.part];
            if (partOf(id).kind == PartKind::Driver) ++drivers;
        }
        for (const auto& [id, mount] : m_to.mounts) {
            const auto before = m_from.mounts.find(id);
            if (mount.spacer && (before == m_from.mounts.end() || before->second.spacer != mount.spacer))
                ++counts[mount.spacer];
        }
        for (const auto& [part, count] : counts) m_job.parts.push_back({part, count, m_to.parts.at(part).name});
        if (drivers > 0) m_job.smallParts.push_back({SmallPart::Gasket, drivers});
        if (m_work.empty()) return;
        const auto perPlace = [&](PracticeKey key) {
            return static_cast<int>(std::lround(m_practice[key] * static_cast<double>(m_work.size())));
        };
        m_job.smallParts.push_back({SmallPart::SpareClips, perPlace(PracticeKey::SpareClips_count)});
        m_job.smallParts.push_back({SmallPart::CableTies, perPlace(PracticeKey::CableTies_count)});
    }

    const Fitout& m_from;
    const Fitout& m_to;
    const Practice& m_practice;
    const StageResult& m_goal;
    std::map<PlaceId, PlaceWork> m_work{};
    JobPlan m_job{};
};

}  // namespace

JobPlan planJob(StageId from, StageId to, const Evaluation& evaluation)
{
    const StageResult& goal = *evaluation.stages.at(to);
    return JobPlanner(evaluation.stages.at(from)->used, goal.used, evaluation, goal).run();
}

}  // namespace core
