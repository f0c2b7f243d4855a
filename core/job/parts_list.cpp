#include "core/job/parts_list.h"

#include <algorithm>
#include <cmath>
#include <tuple>

#include "core/evaluate/supply.h"
#include "core/fitout/lining.h"
#include "core/fitout/resolve.h"
#include "core/model/names.h"
#include "core/physics/oval.h"
#include "core/survey/held_back.h"

namespace core {
namespace {

class PartsLister {
public:
    explicit PartsLister(const PartsQuestion& question)
        : m_plan(question.plan),
          m_from(question.from),
          m_to(question.goal.used),
          m_goal(question.goal),
          m_work(question.work),
          m_openings(question.openings),
          m_fits(question.fits),
          m_practice(question.practice)
    {
    }

    PartsList run()
    {
        addParts();
        addFixings();
        addCables();
        if (m_work.places.empty()) return std::move(m_list);
        addJoints();
        list(SmallPart::SpareClips, spareClips());
        list(SmallPart::CableTies, static_cast<int>(std::lround(m_practice[PracticeKey::CableTies_count] *
                                                                static_cast<double>(m_work.places.size()))));
        addExtras();
        return std::move(m_list);
    }

private:
    void list(SmallPart part, int count)
    {
        if (count > 0) m_list.smallParts.push_back({.part = part, .count = count});
    }

    void addParts()
    {
        std::map<PartId, int> counts;
        for (const auto& [id, device] : m_to.devices) {
            if (samePartAsBefore(m_from, m_to, id)) continue;
            ++counts[device.part];
            if (partOf(m_to, id).kind == PartKind::Driver) ++m_drivers;
        }
        for (const auto& [id, mount] : m_to.mounts)
            if (m_to.devices.contains(id) && newSpacer(m_from, m_to, id)) ++counts[mount.spacer];
        for (const auto& [material, area_m2] : laid_m2())
            counts[material] += sheetsFor(m_to.parts.at(material), area_m2, m_practice);
        for (const auto& [part, count] : counts)
            m_list.parts.push_back({part, count, m_to.parts.at(part).name, heldBackPart(part)});
    }

    // Of each stuff, at all places together: offcuts of one serve the next.
    [[nodiscard]] std::map<PartId, double> laid_m2() const
    {
        std::map<PartId, double> areas;
        for (const auto& [place, work] : m_work.places)
            for (const Laid& one : work.laid)
                if (m_to.parts.contains(one.material)) areas[one.material] += one.area_m2;
        return areas;
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

    // What each driver is held and sealed by.
    void addFixings()
    {
        int gaskets = 0, seals = 0, rings = 0, glued = 0;
        double gasket_m = 0.0;
        using Bought = std::tuple<Anchor, double, double>;  // across, length
        std::map<Bought, int> screws;
        for (const auto& [driver, at] : m_fits) {
            rings += at.mount.fixing == Fixing::Ring ? 1 : 0;
            glued += at.mount.fixing == Fixing::Adhesive ? 1 : 0;
            if (const auto own = spacerScrewsAt(at); own && own->length_m)
                screws[{own->anchor, own->across_m, *own->length_m}] += own->count;
            const auto held = screwsAt(at);
            if (!held) continue;
            ++gaskets;
            gasket_m += edge_m(at.fit);
            seals += isBehindCard(at.place) ? 1 : 0;
            // The old ones go back in where they hold.
            const bool oldServe = held->old_m && held->tooShort_m == 0.0;
            if (held->length_m && !oldServe) screws[{held->anchor, held->across_m, *held->length_m}] += held->count;
        }
        if (gaskets > 0)
            m_list.smallParts.push_back({.part = SmallPart::Gasket, .count = gaskets, .length_m = gasket_m});
        list(SmallPart::FrontSeal, seals);
        for (const auto& [bought, count] : screws)
            m_list.smallParts.push_back({.part = SmallPart::Screws,
                                         .count = count,
                                         .length_m = std::get<2>(bought),
                                         .across_m = std::get<1>(bought),
                                         .anchor = std::get<0>(bought)});
        list(SmallPart::BackingRing, rings);
        list(SmallPart::Adhesive, glued);
    }

    // Round its flange.
    static double edge_m(const DriverFit& fit)
    {
        const double long_m = fit.body.at(Quantity::Flange_m).value;
        return perimeter_m({0.5 * long_m, 0.5 * valueOf(fit.body, Quantity::FlangeShort_m).value_or(long_m)});
    }

    // It plays through a card or a cover in front of it.
    static bool isBehindCard(const Place& place)
    {
        const bool card =
            place.kind == PlaceKind::Door || place.kind == PlaceKind::Quarter || place.kind == PlaceKind::CargoSide;
        return card && !place.underPanel && place.room.contains(Quantity::FrontClearance_m);
    }

    // By the metre, where somebody said how long it is, each cross-section by itself; a speaker's has two cores.
    void addCables()
    {
        std::map<std::pair<SmallPart, double>, double> lengths_m;
        int holders = 0;
        for (const DeviceId fuse : m_work.fuses) holders += m_from.devices.contains(fuse) ? 0 : 1;
        list(SmallPart::FuseHolder, holders);
        for (const auto& [id, wire] : m_to.wires) {
            const auto length_m = valueOf(wire.figures, Quantity::Length_m);
            if (!length_m || !isNewCable(m_from, id, wire)) continue;
            const bool supply = wire.b.terminal == kSupplyTerminal;
            const double area_m2 = valueOf(wire.figures, Quantity::Area_m2).value_or(0.0);
            lengths_m[{supply ? SmallPart::SupplyCable : SmallPart::SpeakerCable, area_m2}] +=
                supply ? *length_m : 0.5 * *length_m;
        }
        for (const auto& [cable, length_m] : lengths_m)
            m_list.smallParts.push_back(
                {.part = cable.first, .count = 1, .length_m = length_m, .area_m2 = cable.second});
    }

    // Ends, paint on cut edges, what seals the film again.
    void addJoints()
    {
        int splices = 0;
        bool cut = false, film = false;
        for (const auto& [place, work] : m_work.places) {
            splices += kWiresOfPair * static_cast<int>(work.inserts.size());
            for (const DeviceId driver : work.drivers) splices += plugIsCut(m_from, m_to, driver) ? kWiresOfPair : 0;
            const auto there = m_to.places.find(place);
            const bool rusts = there != m_to.places.end() && there->second.anchor != Anchor::Plastic &&
                               there->second.anchor != Anchor::Wood;
            for (const Alteration& one : work.alterations)
                cut = cut || (rusts && (one.what == AlterationKind::Hole || one.what == AlterationKind::ScrewHoles));
        }
        for (const Opening& opening : m_openings)
            for (const PanelId panel : opening.panels) film = film || m_to.panels.at(panel).membrane;
        list(SmallPart::Splices, splices);
        list(SmallPart::RustPaint, cut ? 1 : 0);
        list(SmallPart::FilmSealant, film ? 1 : 0);
    }

    // Some for each opening whose clips nobody counted; never more than it has where somebody did.
    [[nodiscard]] int spareClips() const
    {
        const int usual = static_cast<int>(std::lround(m_practice[PracticeKey::SpareClips_count]));
        int spare = 0;
        for (const Opening& opening : m_openings) {
            if (!hasTrim(opening, m_to)) continue;
            int clips = 0;
            bool counted = !opening.panels.empty();
            for (const PanelId panel : opening.panels) {
                const auto& fasteners = m_to.panels.at(panel).fasteners;
                counted = counted && !fasteners.empty();
                for (const Fastener& one : fasteners)
                    if (one.kind == FastenerKind::Clip || one.kind == FastenerKind::PushPin) clips += one.count;
            }
            spare += counted ? std::min(usual, clips) : usual;
        }
        return spare;
    }

    void addExtras()
    {
        const auto& extras = m_plan.job.extras;
        const auto& demands = m_practice.uses.at(std::string(textOf(m_plan.job.use))).demands;
        const auto asks = [&](Demand demand) { return demands.contains(demand); };
        int labels = 0;
        for (const Opening& opening : m_openings)
            for (const PanelId panel : opening.panels) labels += m_to.panels.at(panel).labels.empty() ? 0 : 1;
        const auto wanted = [&](SmallPart part, int count, bool is) { list(part, is ? count : 0); };
        wanted(SmallPart::SealedPlugs, m_drivers, asks(Demand::Water));
        wanted(SmallPart::LockWashers, m_drivers, asks(Demand::Vibration));
        wanted(SmallPart::Tethers, m_drivers, asks(Demand::Vibration) || extras.contains(Extra::Tethers));
        wanted(SmallPart::TamperProofBolts, m_drivers, asks(Demand::Theft) || extras.contains(Extra::TamperProofBolts));
        wanted(SmallPart::Badges, m_drivers, extras.contains(Extra::Badges));
        wanted(SmallPart::LightController, 1, extras.contains(Extra::LightController));
        list(SmallPart::Labels, labels);
        list(SmallPart::OldPartsBag, driversOut(m_from, m_work));
    }

    const Plan& m_plan;
    const Fitout& m_from;
    const Fitout& m_to;
    const StageResult& m_goal;
    const JobWork& m_work;
    const std::vector<Opening>& m_openings;
    const FitsAt& m_fits;
    const Practice& m_practice;
    int m_drivers = 0;
    PartsList m_list{};
};

}  // namespace

int driversOut(const Fitout& from, const JobWork& work)
{
    int count = 0;
    for (const auto& [place, there] : work.places) {
        for (const DeviceId driver : there.drivers) count += from.devices.contains(driver) ? 1 : 0;
        count += static_cast<int>(there.gone.size());
    }
    return count;
}

PartsList partsFor(const PartsQuestion& question)
{
    return PartsLister(question).run();
}

}  // namespace core
