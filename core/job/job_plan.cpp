#include "core/job/job_plan.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/evaluate/coil_wiring.h"
#include "core/evaluate/held_back.h"
#include "core/evaluate/supply.h"
#include "core/model/names.h"
#include "core/physics/fixing.h"
#include "core/physics/oval.h"

namespace core {
namespace {

// What changes at one place, so that its steps can stand together.
struct PlaceWork {
    std::vector<DeviceId> drivers{};  // another part in the same role, or new here
    std::vector<DeviceId> leads{};    // a plug or lead that becomes another
    std::vector<AlterationKind> alterations{};
    std::vector<DeviceId> links{};    // a new link across something that stays
    std::vector<DeviceId> coils{};    // drivers whose coils are joined afresh
    std::vector<DeviceId> inserts{};  // new in a lead
    std::vector<DeviceId> sources{};
};

class JobPlanner {
public:
    JobPlanner(const Plan& plan, const Fitout& from, const Evaluation& evaluation, const StageResult& goal)
        : m_plan(plan),
          m_from(from),
          m_to(goal.used),
          m_practice(evaluation.practice),
          m_use(m_practice.uses.at(std::string(textOf(plan.job.use)))),
          m_goal(goal)
    {
    }

    JobPlan run()
    {
        collectWork();
        if (!m_work.empty() || !m_fuses.empty() || !m_supplies.empty()) addSteps();
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
            if (partOf(id).kind == PartKind::Fuse)
                m_fuses.push_back(id);
            else
                worksOf(m_work[device.at], id).push_back(id);
        }
        for (const auto& [id, wire] : m_to.wires) {
            if (wire.b.terminal == kSupplyTerminal && isNewCable(id, wire)) m_supplies.push_back(id);
            if (m_from.wires.contains(id) || wire.a.device != wire.b.device) continue;
            PlaceWork& work = m_work[m_to.devices.at(wire.a.device).at];
            auto& list = partOf(wire.a.device).kind == PartKind::Driver ? work.coils : work.links;
            if (std::find(list.begin(), list.end(), wire.a.device) == list.end()) list.push_back(wire.a.device);
        }
        for (const auto& [id, alteration] : m_to.alterations)
            if (!m_from.alterations.contains(id)) m_work[alteration.place].alterations.push_back(alteration.what);
    }

    std::vector<DeviceId>& worksOf(PlaceWork& work, DeviceId id) const
    {
        const Part& part = partOf(id);
        if (part.kind == PartKind::Driver) return work.drivers;
        if (isSource(part)) return work.sources;
        const bool fresh =
            !m_from.devices.contains(id) && (part.kind == PartKind::Network || part.kind == PartKind::Plug);
        return fresh ? work.inserts : work.leads;
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
            if (place)
                add(StepKind::OpenTrim, place, {}, {Tool::PlasticPry, Tool::CrossHead},
                    {Caution::Restraints, Caution::ClipsCounted}, trim_min);
            for (const DeviceId driver : work.drivers)
                if (m_from.devices.contains(driver))
                    add(StepKind::RemoveDriver, place, driver, {Tool::CrossHead, Tool::Camera}, {}, 0.5 * swap_min);
            for (const AlterationKind what : work.alterations) addAlteration(place, what, wiring_min);
            for (const DeviceId lead : work.leads)
                if (isBought(lead))
                    add(StepKind::PlugLead, place, lead, {Tool::Tape}, {}, 0.5 * wiring_min);
                else
                    add(StepKind::SwapLead, place, lead, {Tool::SideCutter, Tool::Tape}, {}, wiring_min);
            for (const DeviceId source : work.sources)
                add(StepKind::MountSource, place, source, {Tool::CrossHead, Tool::Drill}, {Caution::LookBehind},
                    swap_min);
            for (const DeviceId insert : work.inserts)
                add(StepKind::InsertPart, place, insert, {Tool::SolderOrCrimp, Tool::Tape}, {Caution::HotSolder},
                    wiring_min, valueInside(insert));
            for (const DeviceId driver : work.coils)
                add(StepKind::JoinCoils, place, driver, {Tool::SolderOrCrimp, Tool::Ohmmeter}, {}, 0.5 * wiring_min,
                    leads_ohm(driver));
            for (const DeviceId link : work.links)
                add(StepKind::LinkAcross, place, link, {Tool::SolderOrCrimp, Tool::Tape}, {Caution::HotSolder},
                    wiring_min);
            for (const DeviceId driver : work.drivers) addFitting(place, driver, swap_min, wiring_min);
        }
        for (const WireId id : m_supplies) {
            const Wire& cable = m_to.wires.at(id);
            add(StepKind::LaySupply, {}, cable.b.device, {Tool::Drill, Tool::SolderOrCrimp, Tool::Tape},
                {Caution::LookBehind, Caution::ShortCircuit}, m_practice[PracticeKey::StepSupply_min],
                valueOf(cable.figures, Quantity::Length_m).value_or(0.0));
        }
        // JOB2: before the panels go back, but with every restraint plug closed first.
        add(StepKind::PowerUpTrial, {}, {}, {Tool::HexBattery}, {Caution::RestraintPlugsOpen, Caution::TrialFuse},
            m_practice[PracticeKey::StepPowerDown_min]);
        add(StepKind::TrySound, {}, {}, {}, {Caution::HearingStartLow}, m_practice[PracticeKey::StepTest_min]);
        for (const DeviceId fuse : m_fuses)
            add(StepKind::FitFuse, {}, fuse, {Tool::HexBattery}, {Caution::ShortCircuit}, 0.5 * wiring_min,
                valueOf(partOf(fuse).figures, Quantity::Fuse_a).value_or(0.0));
        addForUse(StepKind::Protect, 0.5 * wiring_min);
        for (const auto& [place, work] : m_work)
            if (place) add(StepKind::CloseTrim, place, {}, {}, {Caution::ClipsCounted}, trim_min);
        if (removed() > 0) add(StepKind::KeepOriginals, {}, {}, {}, {}, 0.5 * wiring_min);
        addForUse(StepKind::ProveInUse, m_practice[PracticeKey::StepTest_min]);
        add(StepKind::Record, {}, {}, {Tool::Camera}, {}, m_practice[PracticeKey::StepTest_min]);
    }

    void addAlteration(PlaceId place, AlterationKind what, double wiring_min)
    {
        const bool cuts = what == AlterationKind::Hole || what == AlterationKind::ScrewHoles ||
                          what == AlterationKind::CutObstruction;
        add(StepKind::Alter, place, {},
            cuts ? std::vector{what == AlterationKind::CutObstruction ? Tool::SideCutter : Tool::Drill, Tool::Vacuum}
                 : std::vector{Tool::Tape},
            cuts ? std::vector{Caution::LookBehind, Caution::MaskMagnet} : std::vector<Caution>{}, wiring_min);
        m_job.steps.back().alteration = what;
        if (what == AlterationKind::WireHole) m_job.steps.back().figure = m_practice[PracticeKey::WireHole_m];
        if (what == AlterationKind::ScrewHoles)
            m_job.steps.back().figure =
                pilotDrill_m(m_practice[PracticeKey::Screw_m], m_practice[PracticeKey::PilotDrill_ratio]);
        // What held the cable went with what was cut away.
        if (what == AlterationKind::CutObstruction)
            add(StepKind::Retain, place, {}, {Tool::Tape}, {}, 0.5 * wiring_min);
    }

    // One step for each thing that this use does to what is built in. Nothing can be proved against thieves.
    void addForUse(StepKind kind, double minutes)
    {
        for (const Demand demand : m_use.demands) {
            if (kind == StepKind::ProveInUse && demand == Demand::Theft) continue;
            add(kind, {}, {}, {}, {}, minutes);
            m_job.steps.back().demand = demand;
        }
    }

    [[nodiscard]] bool isBought(DeviceId lead) const { return partOf(lead).kind == PartKind::Lead; }

    // Drivers that come out.
    [[nodiscard]] int removed() const
    {
        int count = 0;
        for (const auto& [place, work] : m_work)
            for (const DeviceId driver : work.drivers) count += m_from.devices.contains(driver) ? 1 : 0;
        return count;
    }

    void addBenchWork(double wiring_min)
    {
        for (const auto& [place, work] : m_work) {
            for (const DeviceId lead : work.leads) {
                if (isBought(lead)) continue;
                double value_f = 0.0;
                for (const auto& [name, element] : partOf(lead).inside)
                    if (element.kind == ElementKind::Capacitor)
                        value_f = valueOf(figuresOf(partOf(lead), name), Quantity::Capacitance_f).value_or(0.0);
                add(StepKind::MakeLead, place, lead, {Tool::SolderOrCrimp, Tool::Ohmmeter}, {Caution::HotSolder},
                    wiring_min, value_f);
            }
        }
    }

    // What an ohmmeter shows across a driver's leads, its coils joined.
    [[nodiscard]] double leads_ohm(DeviceId driver) const
    {
        return coilsAtDriver(m_to, driver, m_practice).leads_ohm.value_or(0.0);
    }

    // Farads or ohms of the one thing in a part.
    [[nodiscard]] double valueInside(DeviceId device) const
    {
        for (const auto& [name, element] : partOf(device).inside)
            for (const Quantity what : {Quantity::Capacitance_f, Quantity::Resistance_ohm})
                if (const auto value = valueOf(figuresOf(partOf(device), name), what)) return *value;
        return 0.0;
    }

    void addFitting(PlaceId place, DeviceId driver, double swap_min, double wiring_min)
    {
        const double re_ohm = leads_ohm(driver);
        // The reading is taken at the tabs: a capacitor in the lead would read open.
        add(StepKind::CheckResistance, place, driver, {Tool::Ohmmeter}, {}, 0.5 * wiring_min, re_ohm);
        add(StepKind::Connect, place, driver, {}, {}, 0.5 * wiring_min);
        add(StepKind::FitDriver, place, driver, {Tool::CrossHead}, {Caution::ConeGuard}, 0.5 * swap_min);
    }

    void addWires()
    {
        for (const auto& [id, wire] : m_to.wires)
            m_job.wires.push_back(
                {id, wire.a, wire.b, wire.colour, isNewCable(id, wire) ? WireState::New : WireState::Kept});
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
        for (const auto& [part, count] : counts)
            m_job.parts.push_back({part, count, m_to.parts.at(part).name, heldBackPart(part)});
        if (drivers > 0) m_job.smallParts.push_back({SmallPart::Gasket, drivers, gasketLength_m()});
        if (const int covered = behindCards(); covered > 0) m_job.smallParts.push_back({SmallPart::FrontSeal, covered});
        addCables();
        if (m_work.empty()) return;
        const auto perPlace = [&](PracticeKey key) {
            return static_cast<int>(std::lround(m_practice[key] * static_cast<double>(m_work.size())));
        };
        m_job.smallParts.push_back({SmallPart::SpareClips, perPlace(PracticeKey::SpareClips_count)});
        m_job.smallParts.push_back({SmallPart::CableTies, perPlace(PracticeKey::CableTies_count)});
        addExtras(drivers);
    }

    // One that is drawn anew, or in its place another one.
    [[nodiscard]] bool isNewCable(WireId id, const Wire& wire) const
    {
        const auto before = m_from.wires.find(id);
        return before == m_from.wires.end() || before->second.figures != wire.figures;
    }

    // By the metre, where somebody said how long it is, each cross-section by itself; a speaker's has two cores.
    void addCables()
    {
        std::map<std::pair<SmallPart, double>, double> lengths_m;
        int holders = 0;
        for (const DeviceId fuse : m_fuses) holders += m_from.devices.contains(fuse) ? 0 : 1;
        if (holders > 0) m_job.smallParts.push_back({SmallPart::FuseHolder, holders});
        for (const auto& [id, wire] : m_to.wires) {
            const auto length_m = valueOf(wire.figures, Quantity::Length_m);
            if (!length_m || !isNewCable(id, wire)) continue;
            const bool supply = wire.b.terminal == kSupplyTerminal;
            const double area_m2 = valueOf(wire.figures, Quantity::Area_m2).value_or(0.0);
            lengths_m[{supply ? SmallPart::SupplyCable : SmallPart::SpeakerCable, area_m2}] +=
                supply ? *length_m : 0.5 * *length_m;
        }
        for (const auto& [cable, length_m] : lengths_m)
            m_job.smallParts.push_back({cable.first, 1, length_m, cable.second});
    }

    // Calls `take` with each driver that is new in its place, and how it stands there.
    template <class Take>
    void eachNewFit(Take take) const
    {
        for (const auto& [id, fit] : m_goal.fits)
            if (!sameAsBefore(id)) take(m_to.places.at(m_to.devices.at(id).at), *fit);
    }

    // Round every flange.
    [[nodiscard]] double gasketLength_m() const
    {
        double sum_m = 0.0;
        eachNewFit([&](const Place&, const DriverFit& fit) {
            const double long_m = fit.body.at(Quantity::Flange_m).value;
            const double short_m = valueOf(fit.body, Quantity::FlangeShort_m).value_or(long_m);
            sum_m += perimeter_m({0.5 * long_m, 0.5 * short_m});
        });
        return sum_m;
    }

    // Drivers that play through a card or a cover in front of them.
    [[nodiscard]] int behindCards() const
    {
        int count = 0;
        eachNewFit([&](const Place& place, const DriverFit&) {
            const bool card =
                place.kind == PlaceKind::Door || place.kind == PlaceKind::Quarter || place.kind == PlaceKind::CargoSide;
            count += card && !place.underPanel && place.room.contains(Quantity::FrontClearance_m) ? 1 : 0;
        });
        return count;
    }

    [[nodiscard]] std::optional<VariantSign> heldBackPart(PartId part) const
    {
        for (const RunResult& run : m_goal.runs) {
            const DeviceId device = run.run.id.coil.device;
            if (m_to.devices.at(device).part != part) continue;
            const CircuitResult* circuit = findCircuit(m_goal, run.run.id.channel);
            return heldBack(m_plan.body, m_to.parts.at(part), circuit ? circuit->output : Figures{}, m_practice);
        }
        return std::nullopt;
    }

    void addExtras(int drivers)
    {
        const auto& extras = m_plan.job.extras;
        const auto list = [&](SmallPart part, int count, bool wanted) {
            if (wanted && count > 0) m_job.smallParts.push_back({part, count});
        };
        const auto asks = [&](Demand demand) { return m_use.demands.contains(demand); };
        int labels = 0;
        for (const auto& [place, work] : m_work)
            if (const auto there = m_to.places.find(place); there != m_to.places.end())
                for (const PanelId panel : there->second.wayIn) labels += m_to.panels.at(panel).labels.empty() ? 0 : 1;
        list(SmallPart::SealedPlugs, drivers, asks(Demand::Water));
        list(SmallPart::LockWashers, drivers, asks(Demand::Vibration));
        list(SmallPart::Tethers, drivers, asks(Demand::Vibration) || extras.contains(Extra::Tethers));
        list(SmallPart::TamperProofBolts, drivers, asks(Demand::Theft) || extras.contains(Extra::TamperProofBolts));
        list(SmallPart::Badges, drivers, extras.contains(Extra::Badges));
        list(SmallPart::LightController, 1, extras.contains(Extra::LightController));
        list(SmallPart::Labels, labels, true);
        list(SmallPart::OldPartsBag, removed(), true);
    }

    const Plan& m_plan;
    const Fitout& m_from;
    const Fitout& m_to;
    const Practice& m_practice;
    const UseClass& m_use;
    const StageResult& m_goal;
    std::map<PlaceId, PlaceWork> m_work{};
    std::vector<DeviceId> m_fuses{};   // new, or of another value
    std::vector<WireId> m_supplies{};  // supply cables to be laid
    JobPlan m_job{};
};

}  // namespace

JobPlan planJob(const Plan& plan, StageId from, StageId to, const Evaluation& evaluation)
{
    return JobPlanner(plan, evaluation.stages.at(from)->used, evaluation, *evaluation.stages.at(to)).run();
}

}  // namespace core
