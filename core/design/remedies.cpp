#include "core/design/remedies.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/design/complaints.h"
#include "core/design/try_driver.h"
#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/edits/named_edits.h"
#include "core/edits/source_edits.h"
#include "core/edits/supply_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/driver_work.h"
#include "core/fitout/sides.h"
#include "core/fitout/wiring_graph.h"
#include "core/limits/sound_limits.h"
#include "core/model/inside_ways.h"

namespace core {
namespace {

constexpr size_t kMostDriversTried = 4;  // roles; each tries the whole shelf
constexpr size_t kMostRunsTried = 24;    // more than any vehicle's; of a longer list the loudest in the band

struct Heard {
    double level_db = 0.0, middle_db = 0.0, reach_db = 0.0;
};

class RemedyFinder {
public:
    RemedyFinder(const Plan& plan, const Practice& practice, const Shelf& shelf, const UsualVehicles& vehicles,
                 const Evaluation& evaluation, Complaint complaint, ListenerId listener)
        : m_plan(plan),
          m_practice(practice),
          m_shelf(shelf),
          m_vehicles(vehicles),
          m_evaluation(evaluation),
          m_row(rowOf(complaint)),
          m_listener(listener),
          m_goal(*evaluation.stages.at(plan.job.goal))
    {
        m_now = heard(m_goal);
    }

    std::vector<Remedy> run(const std::stop_token& stop)
    {
        if (!m_now) return {};
        std::vector<const RunResult*> runs = leadingRuns();
        const bool all = runs.size() <= kMostRunsTried;
        if (!all) runs = loudestOf(std::move(runs), kMostRunsTried);
        std::set<PlaceId> places;
        for (const RunResult* run : runs) places.insert(m_goal.used.devices.at(run->run.id.coil.device).at);
        for (const auto& [id, place] : m_goal.used.places) {
            if (stop.stop_requested()) return {};
            if (!place.followsPair && (all || places.contains(id))) tryPlace(id, place);
        }
        for (const RunResult* run : runs) {
            if (stop.stop_requested()) return {};
            tryRun(*run);
        }
        tryDrivers(stop);
        tryAdding(stop);
        std::stable_sort(m_found.begin(), m_found.end(),
                         [](const Remedy& a, const Remedy& b) { return a.balance_db > b.balance_db; });
        return std::move(m_found);
    }

private:
    [[nodiscard]] std::optional<Heard> heard(const StageResult& stage) const
    {
        const auto found = stage.hearing.find(m_listener);
        if (found == stage.hearing.end() || stage.runs.empty()) return std::nullopt;
        const HearingResult& hearing = found->second;
        Heard result;
        result.level_db = bandMean_db(m_evaluation.frequency_hz, hearing.level_db, m_row.from_hz, m_row.to_hz);
        result.middle_db = bandMean_db(m_evaluation.frequency_hz, hearing.level_db, 250.0, 4000.0);
        double octaves = 0.0;
        for (size_t i = 0; i < kBandCount; ++i) {
            const double low = std::max(kBands[i].low_hz, m_row.from_hz),
                         high = std::min(kBands[i].high_hz, m_row.to_hz);
            if (high <= low) continue;
            result.reach_db += std::log2(high / low) * hearing.bands[i].reach_db;
            octaves += std::log2(high / low);
        }
        if (octaves > 0.0) result.reach_db /= octaves;
        return result;
    }

    void add(RemedyKind kind, PlaceId place, DeviceId device, const Edit& edit, const std::string& spot = {})
    {
        const Plan tried = apply(m_plan, edit).plan;
        const Evaluation evaluation = evaluateJob(tried, m_practice, m_evaluation);
        const auto then = heard(*evaluation.stages.at(tried.job.goal));
        if (!then) return;
        Remedy remedy{.kind = kind, .place = place, .device = device, .spot = spot, .edit = edit};
        remedy.level_db = then->level_db - m_now->level_db;
        remedy.balance_db = remedy.level_db - (then->middle_db - m_now->middle_db);
        remedy.reach_db = then->reach_db - m_now->reach_db;
        const double most =
            std::max({std::abs(remedy.level_db), std::abs(remedy.balance_db), std::abs(remedy.reach_db)});
        if (most >= m_evaluation.practice[PracticeKey::RemedyLeast_db]) m_found.push_back(std::move(remedy));
    }

    void tryPlace(PlaceId id, const Place& place)
    {
        const auto alter = [&](RemedyKind kind, AlterationKind what) {
            Plan planned = m_plan;
            const StageId goal = plannedGoal(planned);
            const Plan after = apply(planned, alterPlace(planned, goal, id, what, true)).plan;
            if (after == planned) return;  // it is done already
            add(kind, id, {}, difference(EditName::AlterPlace, m_plan, after));
        };
        const bool occupied = std::any_of(m_goal.runs.begin(), m_goal.runs.end(), [&](const RunResult& run) {
            return m_goal.used.devices.at(run.run.id.coil.device).at == id;
        });
        if (!occupied) return;
        if (place.cover != Cover::None || place.room.contains(Quantity::GrilleHole_m))
            alter(RemedyKind::Uncover, AlterationKind::OpenCover);
        alter(RemedyKind::Seal, AlterationKind::Seal);
    }

    [[nodiscard]] std::vector<const RunResult*> leadingRuns() const
    {
        std::vector<const RunResult*> runs;
        for (const RunResult& run : m_goal.runs)
            if (!repeatsLeader(m_goal, run.run.id.coil.device)) runs.push_back(&run);
        return runs;
    }

    // Those that carry the complaint's band, loudest first.
    [[nodiscard]] std::vector<const RunResult*> loudestOf(std::vector<const RunResult*> runs, size_t most) const
    {
        const auto level_db = [&](const RunResult* run) {
            const Eigen::ArrayXd curve_db = 20.0 * (run->transfer.abs() * run->pressure_pa_v.abs()).max(1e-12).log10();
            return bandMean_db(m_evaluation.frequency_hz, curve_db, m_row.from_hz, m_row.to_hz);
        };
        std::vector<std::pair<double, const RunResult*>> byLevel;
        for (const RunResult* run : runs) byLevel.emplace_back(level_db(run), run);
        std::stable_sort(byLevel.begin(), byLevel.end(),
                         [](const auto& a, const auto& b) { return a.first > b.first; });
        runs.clear();
        for (const auto& [level, run] : byLevel)
            if (runs.size() < most) runs.push_back(run);
        return runs;
    }

    void tryRun(const RunResult& run)
    {
        const DeviceId coil = run.run.id.coil.device;
        if (isTweeter(run, m_evaluation.practice)) return;  // its capacitor is what keeps it alive
        for (const Port& capacitor : run.run.seriesCapacitors)
            add(RemedyKind::BypassCapacitor, m_goal.used.devices.at(coil).at, coil, bypass(m_plan, capacitor));
    }

    // What of the shelf goes into the same hole, by its class.
    [[nodiscard]] Shelf ofSizeOf(DeviceId device) const
    {
        const double same = m_evaluation.practice[PracticeKey::SameSize_ratio];
        const auto sizeOf = [&](const Part& part) { return m_practice.driverClass(part.driverClass).size_m; };
        const double size_m = sizeOf(m_goal.used.parts.at(m_goal.used.devices.at(device).part));
        Shelf fitting;
        for (const Part* part : m_shelf.of(PartKind::Driver))
            if (std::abs(sizeOf(*part) - size_m) <= same * size_m) fitting.parts.push_back(*part);
        return fitting;
    }

    // The roles that carry the band, loudest first.
    void tryDrivers(const std::stop_token& stop)
    {
        std::vector<const RunResult*> roles = leadingRuns();
        // The shelf's wide-band drivers do not replace a tweeter.
        std::erase_if(roles, [&](const RunResult* run) { return isTweeter(*run, m_evaluation.practice); });
        for (const RunResult* run : loudestOf(std::move(roles), kMostDriversTried)) {
            if (stop.stop_requested()) return;
            const DeviceId device = run->run.id.coil.device;
            const SolverRequest request{SolverRequest::Kind::ChooseDriver, device, {}};
            if (const auto edit = answer(request, m_plan, m_practice, ofSizeOf(device)))
                add(RemedyKind::AnotherDriver, m_goal.used.devices.at(device).at, device, *edit);
        }
    }

    // The usual spots for what the complaint's band lacks, as long as nothing of the kind stands there.
    void tryAdding(const std::stop_token& stop)
    {
        for (const UsualSpot& spot : usualSpots(m_plan.body, m_vehicles)) {
            if (stop.stop_requested()) return;
            const DriverWork work = workOf(spot.driverClass);
            const bool treble = work == DriverWork::Treble && m_row.to_hz > kBands.back().low_hz;
            const bool bass = work == DriverWork::Bass && m_row.from_hz < kBands[1].high_hz;
            if ((treble || bass) && !isTaken(spot) && !hasItsLike(spot, bass))
                addNew(spot, treble ? RemedyKind::AddTweeter : RemedyKind::AddSubwoofer);
        }
    }

    // One subwoofer serves the vehicle, one pair of tweeters a row of seats.
    [[nodiscard]] bool hasItsLike(const UsualSpot& spot, bool bass) const
    {
        return std::any_of(m_goal.runs.begin(), m_goal.runs.end(), [&](const RunResult& run) {
            const Port& coil = run.run.id.coil;
            if (bass) return workOf(m_goal.used, coil) == DriverWork::Bass;
            const Place* place = placeOf(m_goal.used, coil.device);
            return isTweeter(run, m_evaluation.practice) && place && inOneRow(place->frame.at_m, spot.frame.at_m);
        });
    }

    [[nodiscard]] bool isTaken(const UsualSpot& spot) const
    {
        return std::any_of(m_goal.used.places.begin(), m_goal.used.places.end(), [&](const auto& entry) {
            return distance(entry.second.frame.at_m, spot.frame.at_m) < m_evaluation.practice[PracticeKey::SameSpot_m];
        });
    }

    static bool isFed(const Fitout& fitout, DeviceId device)
    {
        const std::vector<Run> all = runs(fitout);
        return std::any_of(all.begin(), all.end(), [&](const Run& one) { return one.id.coil.device == device; });
    }

    // The nearest driver from whose terminals this one may go on; none where nothing plays.
    static DeviceId nearestFed(const Fitout& fitout, DeviceId device)
    {
        const Vec3 here = fitout.places.at(fitout.devices.at(device).at).frame.at_m;
        DeviceId nearest;
        double least_m = 0.0;
        for (const Run& one : runs(fitout)) {
            const DeviceId other = one.id.coil.device;
            const auto place = fitout.places.find(fitout.devices.at(other).at);
            if (place == fitout.places.end() || leaderOf(fitout, other) || !mayFeed(fitout, other, device)) continue;
            const double apart_m = distance(place->second.frame.at_m, here);
            if (nearest && apart_m >= least_m) continue;
            nearest = other;
            least_m = apart_m;
        }
        return nearest;
    }

    // With the shelf's first driver of the spot's class and, for a subwoofer, its first amplifier of one channel.
    void addNew(const UsualSpot& spot, RemedyKind kind)
    {
        Plan after = m_plan;
        const StageId goal = plannedGoal(after);
        const auto take = [&](const Edit& edit) { after = apply(std::move(after), edit).plan; };
        std::optional<Port> channel;
        if (kind == RemedyKind::AddSubwoofer) {
            for (const Part* part : m_shelf.of(PartKind::Amplifier)) {
                if (allOf(*part, ElementKind::Output).size() != 1) continue;
                const Fitout stood = resolve(after, goal);
                take(addSource(after, goal, *part, {}));
                const Fitout fitout = resolve(after, goal);
                channel = Port{newSource(fitout, stood), firstOf(*part, ElementKind::Output)};
                const Supply none = supplyOf(fitout, channel->device, m_practice);
                if (const auto supply = usualSupply(after, channel->device, none, m_practice)) take(*supply);
                break;
            }
            if (!channel) return;
        }
        const Fitout before = resolve(after, goal);
        take(addSpeakers(after, goal, spot, m_practice));
        const Fitout fitout = resolve(after, goal);
        const DeviceId added = newDriver(fitout, before);
        if (!added) return;
        if (channel) take(connectSpeaker(after, goal, added, *channel));
        if (!channel && !isFed(fitout, added))
            if (const DeviceId from = nearestFed(fitout, added)) take(loopThrough(after, goal, added, from));
        for (const Part* part : m_shelf.of(PartKind::Driver)) {
            if (part->driverClass != spot.driverClass ||
                coilsOfCone(*part, firstOf(*part, ElementKind::Coil)).size() > 1)
                continue;
            take(fitPart(after, added, *part));
            break;
        }
        if (kind == RemedyKind::AddTweeter && filterOf(resolve(after, goal), added).place == FilterPlace::None)
            take(addCapacitor(after, added, m_evaluation.practice[PracticeKey::TweeterCapacitor_f]));
        add(kind, {}, added, difference(EditName::AddSpeakers, m_plan, after), spot.name);
    }

    const Plan& m_plan;
    const Practice& m_practice;
    const Shelf& m_shelf;
    const UsualVehicles& m_vehicles;
    const Evaluation& m_evaluation;
    const ComplaintRow& m_row;
    ListenerId m_listener;
    const StageResult& m_goal;
    std::optional<Heard> m_now{};
    std::vector<Remedy> m_found{};
};

}  // namespace

std::vector<Remedy> remedies(const Plan& plan, const Practice& practice, const Shelf& shelf,
                             const UsualVehicles& vehicles, const Evaluation& evaluation, Complaint complaint,
                             ListenerId listener, std::stop_token stop)
{
    return RemedyFinder(plan, practice, shelf, vehicles, evaluation, complaint, listener).run(stop);
}

}  // namespace core
