#include "core/design/rank_drivers.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <deque>
#include <limits>
#include <thread>

#include "core/base/grid.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/channel_inputs.h"
#include "core/evaluate/coil_wiring.h"
#include "core/evaluate/driver_fit.h"
#include "core/evaluate/driver_work.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/held_back.h"
#include "core/evaluate/plug_cut.h"
#include "core/evaluate/resolve.h"
#include "core/evaluate/solve_circuit.h"
#include "core/evaluate/wiring_graph.h"
#include "core/physics/network_sweep.h"

namespace core {
namespace {

struct Weight {
    Criterion criterion{};
    PracticeKey key{};
};
constexpr std::array kWeights{Weight{Criterion::Depth, PracticeKey::RankDepth_points},
                              Weight{Criterion::Front, PracticeKey::RankFront_points},
                              Weight{Criterion::Hole, PracticeKey::RankHole_points},
                              Weight{Criterion::Screws, PracticeKey::RankScrews_points},
                              Weight{Criterion::Load, PracticeKey::RankLoad_points},
                              Weight{Criterion::Level, PracticeKey::RankLevel_points},
                              Weight{Criterion::Bands, PracticeKey::RankBands_points},
                              Weight{Criterion::Heat, PracticeKey::RankHeat_points},
                              Weight{Criterion::Travel, PracticeKey::RankTravel_points},
                              Weight{Criterion::Cost, PracticeKey::RankCost_points},
                              Weight{Criterion::Weight, PracticeKey::RankWeight_points}};
constexpr std::array kCriteria = [] {
    std::array<Criterion, kWeights.size()> all{};
    for (size_t i = 0; i < all.size(); ++i) all[i] = kWeights[i].criterion;
    return all;
}();

double share(double value, double none, double all)
{
    return std::clamp((value - none) / (all - none), 0.0, 1.0);
}

// Enough to rank by: figures within half a per cent of the plan's own, at a fourth of the work.
Eigen::ArrayXd everyFourth(const Eigen::ArrayXd& values)
{
    constexpr Eigen::Index kStep = 4;
    Eigen::ArrayXd fewer((values.size() + kStep - 1) / kStep);
    for (Eigen::Index i = 0; i < fewer.size(); ++i) fewer(i) = values(kStep * i);
    return fewer;
}

// On axis, all that a device plays together: a coaxial's cone and its tweeter.
Eigen::ArrayXcd soundOf(const std::vector<RunResult>& runs, DeviceId device)
{
    Eigen::ArrayXcd sum;
    for (const RunResult& run : runs) {
        if (run.run.id.coil.device != device || run.sameCone) continue;
        if (sum.size() == 0)
            sum = run.pressure_pa_v;
        else
            sum += run.pressure_pa_v;
    }
    return sum;
}

// All that is the same for every candidate.
struct Role {
    const Practice& practice;
    const Shelf& shelf;
    GridTables tables;  // of every fourth frequency
    const StageResult& goal;
    DeviceId device{};
    const Place* place = nullptr;
    Mount mount{};
    const Part* spacer = nullptr;
    std::vector<const Alteration*> alterations{};
    const RunResult* run = nullptr;     // at the goal
    const RunResult* before = nullptr;  // as found
    bool factorySource = false, minimumGuessed = false;
    double least_ohm = 0.0;  // stable minimum of the channel
    std::array<double, kBandCount> bandsBefore_db{};
    double levelBefore_db = 0.0;  // in the bands of the place's work
    DriverWork work = DriverWork::FullRange;
    std::string factoryPlug{};
    double dearest = 0.0, heaviest_kg = 0.0;
    std::string fittedKey{};
    std::optional<Known> usualHole{};  // what the driver that stood there tells of it
    bool noCutting = false;
    Body body{};
    Figures output{};  // of the channel that plays it
};

Role roleOf(const Plan& plan, const Shelf& shelf, DeviceId device, const Evaluation& last)
{
    Role role{last.practice, shelf, gridTables(last.practice, everyFourth(frequencyGrid_hz())),
              *last.stages.at(plan.job.goal), device};
    role.body = plan.body;
    const Fitout& used = role.goal.used;
    const Device& own = used.devices.at(device);
    if (const auto place = used.places.find(own.at); place != used.places.end()) role.place = &place->second;
    if (const auto hole = used.usualHoles.find(own.at); hole != used.usualHoles.end()) role.usualHole = hole->second;
    role.mount = mountOf(used, device);
    role.mount.turn_deg.reset();  // each candidate is turned as it wants to be
    if (const auto spacer = used.parts.find(role.mount.spacer); spacer != used.parts.end())
        role.spacer = &spacer->second;
    for (const auto& [id, alteration] : used.alterations)
        if (alteration.place == own.at) role.alterations.push_back(&alteration);
    role.fittedKey = used.parts.at(own.part).shelfKey;
    const StageResult& found = *last.stages.at(kFound);
    if (const auto old = found.used.devices.find(device); old != found.used.devices.end()) {
        const Part& stood = found.used.parts.at(old->second.part);
        role.factoryPlug = plugOf(stood);
    }
    role.noCutting = plan.job.keep.contains(Keep::NoCutting);
    role.run = findRunOfDevice(role.goal, device);
    if (role.run) {
        role.before = findRun(found, role.run->run.id);
        const Port& channel = role.run->run.id.channel;
        role.output = findCircuit(role.goal, channel)->output;
        const Known& minimum = role.output.at(Quantity::LeastLoad_ohm);
        role.least_ohm = minimum.value;
        role.minimumGuessed = minimum.basis.origin == Origin::ClassGuess;
        const auto factory = itemAt(plan, &Plan::devices, kFactory, channel.device);
        role.factorySource = factory && factory->part == used.devices.at(channel.device).part;
    }
    role.work = workOfPlace(found, role.goal, device);
    if (role.before) {
        const Eigen::ArrayXd square = everyFourth(soundOf(found.runs, device).abs2());
        for (const Band band : {Band::LowBass, Band::MidBass, Band::Mid, Band::Treble})
            role.bandsBefore_db[static_cast<size_t>(band)] = bandLevel_db(role.tables, band, square);
    }
    for (const Part& part : shelf.parts) {
        if (part.kind != PartKind::Driver) continue;
        role.dearest = std::max(role.dearest, valueOf(part.figures, Quantity::Price).value_or(0.0));
        role.heaviest_kg = std::max(role.heaviest_kg, valueOf(part.figures, Quantity::Mass_kg).value_or(0.0));
    }
    return role;
}

// One candidate after another in the same seat: the circuit it is in is solved anew, nothing else is.
class Bench {
public:
    Bench(const Plan& plan, const Role& role) : m_plan(plan), m_role(role), m_tried(seated()) {}

    Candidate sit(const Part& part)
    {
        m_candidate = Candidate{.part = part};
        m_candidate.fitted = !part.shelfKey.empty() && part.shelfKey == m_role.fittedKey;
        if (m_role.place)
            m_candidate.fit =
                fitOf({part, *m_role.place, m_role.mount, m_role.spacer, m_role.alterations, m_role.usualHole},
                      m_role.practice);
        m_candidate.damage = damageOf(part, m_candidate.fit, m_role.factoryPlug, m_role.shelf, m_role.practice);
        if (m_role.run) listen(part);
        m_candidate.heldBack = heldBack(m_role.body, part, m_role.output, m_role.practice);
        count();
        return std::move(m_candidate);
    }

private:
    static constexpr PartId kTried{std::numeric_limits<int>::max()};

    void listen(const Part& part)
    {
        const bool severalCoils = coilsOfCone(part, firstOf(part, ElementKind::Coil)).size() > 1;
        const bool alike =
            !severalCoils && m_tried.parts.contains(kTried) && sameInside(m_tried.parts.at(kTried), part) && !m_rewired;
        if (m_rewired) m_tried = seated();
        m_rewired = severalCoils;
        if (severalCoils) m_tried = joined(part);
        const PartId seat = m_tried.devices.at(m_role.device).part;
        if (!severalCoils) m_tried.parts[kTried] = part;
        assert(m_tried.parts.contains(seat));
        const Port& channel = m_role.run->run.id.channel;
        if (!alike) {
            m_graph = wiringGraph(m_tried);
            m_runs = runs(m_graph);
        }
        ChannelInputs inputs = channelInputs(m_tried, m_graph, channel, m_runs, m_role.practice);
        // The -3 dB points of a capacitor are sought one frequency at a time, and rank nothing.
        for (CoilInputs& coil : inputs.coils) {
            if (coil.run.id.coil.device == m_role.device &&
                coil.run.id.coil.element == firstOf(part, ElementKind::Coil))
                m_behindCapacitor = !coil.run.seriesCapacitors.empty();
            coil.run.seriesCapacitors.clear();
        }
        const NetworkSweep* sweep = inputs.circuit ? &m_sweeps.of(inputs.circuit->network) : nullptr;
        const auto solved = solveCircuit(inputs, m_role.practice, m_role.tables, {.sweep = sweep, .burdens = false});
        if (!solved) return;
        const auto run = std::find_if(solved->runs.begin(), solved->runs.end(), [&](const RunResult& one) {
            return one.run.id.coil == Port{m_role.device, firstOf(part, ElementKind::Coil)};
        });
        if (run == solved->runs.end()) return;
        m_re = run->coil.at(Quantity::Re_ohm);
        m_re.value = coilsAtDriver(m_tried, m_role.device, m_role.practice).leads_ohm.value_or(m_re.value);
        m_candidate.connected = true;
        m_candidate.least_ohm = solved->circuit.least_ohm;
        m_candidate.corner_hz = run->idealCorner_hz;
        double programme_w = 0.0;  // in all coils of its own cone
        for (const RunResult& one : solved->runs)
            if (one.run.id.coil.device == m_role.device && !isWay(part, one.run.id.coil.element))
                programme_w += one.programme_w;
        m_candidate.heat_ratio = programme_w / run->driver.power_w;
        m_candidate.travel_ratio = run->travel.programme_m / run->driver.xmax_m;
        m_candidate.unprotected =
            workOf(part.driverClass) == DriverWork::Treble && !m_behindCapacitor && !solved->circuit.filteredLow;
        if (!m_role.before) return;
        const Eigen::ArrayXd square = soundOf(solved->runs, m_role.device).abs2();
        const auto change = [&](Band band) {
            return bandLevel_db(m_role.tables, band, square) - m_role.bandsBefore_db[static_cast<size_t>(band)];
        };
        const bool bass = m_role.work == DriverWork::Bass;
        m_candidate.levelChange_db = change(bass                                ? Band::MidBass
                                            : m_role.work == DriverWork::Treble ? Band::Treble
                                                                                : Band::Mid);
        m_candidate.bandChange_db = 0.0;
        for (const Band band : bandsOf(m_role.work))
            m_candidate.bandChange_db = std::min(m_candidate.bandChange_db, change(band));
    }

    // The bands in which a place with this work must not lose.
    [[nodiscard]] static std::vector<Band> bandsOf(DriverWork work)
    {
        switch (work) {
            case DriverWork::Treble:
                return {Band::Treble};
            case DriverWork::Middle:
                return {Band::Mid};
            case DriverWork::FullRange:
                return {Band::MidBass, Band::Treble};
            case DriverWork::Woofer:
                return {Band::MidBass};
            case DriverWork::Bass:
                return {Band::LowBass, Band::MidBass};
        }
        return {};
    }

    // The goal with this seat free for whatever is tried.
    [[nodiscard]] Fitout seated() const
    {
        Fitout tried = m_role.goal.used;
        tried.devices.at(m_role.device).part = kTried;
        return tried;
    }

    // The goal as it would be wired for a driver with several coils.
    [[nodiscard]] Fitout joined(const Part& part) const
    {
        const Plan fitted = apply(m_plan, fitPart(m_plan, m_role.device, part)).plan;
        return resolve(fitted, fitted.job.goal);
    }

    static bool sameInside(const Part& a, const Part& b)
    {
        return std::equal(a.inside.begin(), a.inside.end(), b.inside.begin(), b.inside.end(),
                          [](const auto& x, const auto& y) {
                              return x.first == y.first && x.second.kind == y.second.kind && x.second.a == y.second.a &&
                                     x.second.b == y.second.b;
                          });
    }

    void lose(Criterion by, double lostShare, Quantity what, std::optional<double> figure, bool stops = false)
    {
        if (lostShare <= 0.0 && !stops) return;
        m_candidate.lost.push_back({by, lostShare * m_role.practice[weightOf(by)], what, figure, stops});
    }

    void count()
    {
        if (m_role.place) countFit();
        if (m_candidate.connected) countSound();
        const auto price = valueOf(m_candidate.part.figures, Quantity::Price);
        if (m_role.dearest > 0.0)
            lose(Criterion::Cost, price ? *price / m_role.dearest : m_role.practice[PracticeKey::RankUnknown_ratio],
                 Quantity::Price, price);
        const auto mass = valueOf(m_candidate.part.figures, Quantity::Mass_kg);
        if (m_role.heaviest_kg > 0.0)
            lose(Criterion::Weight, mass ? *mass / m_role.heaviest_kg : m_role.practice[PracticeKey::RankUnknown_ratio],
                 Quantity::Mass_kg, mass);
        m_candidate.points = pointsOf(m_role.practice);
        for (const LostPoints& one : m_candidate.lost) m_candidate.points -= one.points;
        std::stable_sort(m_candidate.lost.begin(), m_candidate.lost.end(),
                         [](const LostPoints& a, const LostPoints& b) {
                             return a.stops != b.stops ? a.stops : a.points > b.points;
                         });
    }

    void countFit()
    {
        const Practice& practice = m_role.practice;
        const DriverFit& fit = m_candidate.fit;
        std::optional<double> depth;
        for (const auto& margin : {fit.depthMargin_m, fit.glassUpMargin_m})
            if (margin) depth = std::min(depth.value_or(margin->value), margin->value);
        if (!depth)
            lose(Criterion::Depth, m_role.practice[PracticeKey::RankUnknown_ratio], Quantity::DepthMargin_m, {});
        else if (*depth < fit.wantedDepth_m - 1e-9)
            lose(Criterion::Depth,
                 fit.spacers ? std::clamp(practice[PracticeKey::RankSpacer_ratio] * fit.spacers->sum_m /
                                              practice[PracticeKey::RankSpacer_m],
                                          practice[PracticeKey::RankSpacer_ratio], 1.0)
                             : 1.0,
                 fit.spacers ? Quantity::SpacerNeeded_m : Quantity::DepthMargin_m,
                 fit.spacers ? fit.spacers->sum_m : *depth, !fit.spacers);
        if (!fit.frontMargin_m)
            lose(Criterion::Front, m_role.practice[PracticeKey::RankUnknown_ratio], Quantity::FrontMargin_m, {});
        else if (fit.frontMargin_m->value < fit.wantedFront_m - 1e-9)
            lose(Criterion::Front, share(-fit.frontMargin_m->value, -fit.wantedFront_m, 0.0), Quantity::FrontMargin_m,
                 fit.frontMargin_m->value, fit.frontMargin_m->value < -1e-9);
        if (!fit.hole)
            lose(Criterion::Hole, 1.0, Quantity::Basket_m, valueOf(fit.body, Quantity::Basket_m), true);
        else if (!fit.hole->there_m)
            lose(Criterion::Hole, m_role.practice[PracticeKey::RankUnknown_ratio], Quantity::Cutout_m, {});
        else if (fit.hole->ring)
            lose(Criterion::Hole, fit.hole->ringOutside_m ? practice[PracticeKey::RankRing_ratio] : 1.0,
                 Quantity::CutoutMost_m, fit.hole->limits.most_m, !fit.hole->ringOutside_m);
        else if (fit.hole->cut)
            lose(Criterion::Hole, 1.0, Quantity::CutoutLeast_m, fit.hole->limits.least_m, m_role.noCutting);
        if (!fit.screws)
            lose(Criterion::Screws, m_role.practice[PracticeKey::RankUnknown_ratio], Quantity::MatchedHoles, {});
        else if (fit.screws->matched < fit.screwCount)
            lose(Criterion::Screws, 1.0 - static_cast<double>(fit.screws->matched) / fit.screwCount,
                 Quantity::MatchedHoles, static_cast<double>(fit.screws->matched), m_role.noCutting && needsHoles());
    }

    [[nodiscard]] bool needsHoles() const
    {
        return std::any_of(m_candidate.damage.begin(), m_candidate.damage.end(),
                           [](const Damage& one) { return one.kind == DamageKind::NewScrewHoles; });
    }

    void countSound()
    {
        const Practice& practice = m_role.practice;
        const double care = practice[PracticeKey::LoadCare_ratio], stop = practice[PracticeKey::LoadStop_ratio];
        const double load_ratio = m_candidate.least_ohm / m_role.least_ohm;
        double load = share(-load_ratio, -care, -stop);
        bool stops = load_ratio < stop * (1.0 - 1e-9) && !m_role.minimumGuessed;
        Quantity what = Quantity::LeastImpedance_ohm;
        double figure = m_candidate.least_ohm;
        if (m_role.before && m_role.factorySource) {
            // Where nobody knows the minimum, what it has always driven is all there is to go by.
            const double ratio = m_re.value / m_role.before->coil.at(Quantity::Re_ohm).value;
            const double lower = share(-ratio, -practice[PracticeKey::LowerLoadCare_ratio],
                                       -practice[PracticeKey::LowerLoadStop_ratio]) *
                                 (m_role.minimumGuessed ? 1.0 : practice[PracticeKey::RankMinimum_ratio]);
            if (lower > load) {
                load = lower;
                what = Quantity::Ratio;
                figure = ratio;
            }
        }
        lose(Criterion::Load, load, what, figure, stops);
        if (m_candidate.unprotected) lose(Criterion::Load, 1.0, Quantity::Corner_hz, {}, true);
        if (m_role.before) {
            lose(Criterion::Level, share(-m_candidate.levelChange_db, 0.0, practice[PracticeKey::RankQuieter_db]),
                 Quantity::LevelChange_db, m_candidate.levelChange_db);
            // Not capped: who loses a whole band is not in the middle of the list.
            const double free_db = practice[PracticeKey::RankBandFree_db];
            lose(Criterion::Bands,
                 std::max(0.0, (-m_candidate.bandChange_db - free_db) / (practice[PracticeKey::RankBand_db] - free_db)),
                 Quantity::BandChange_db, m_candidate.bandChange_db);
        }
        lose(Criterion::Heat, share(m_candidate.heat_ratio, practice[PracticeKey::RankHeatFree_ratio], 1.0),
             Quantity::ProgrammePower_w, m_candidate.heat_ratio);
        lose(Criterion::Travel, share(m_candidate.travel_ratio, 1.0, practice[PracticeKey::RankTravel_ratio]),
             Quantity::Travel_m, m_candidate.travel_ratio);
    }

    const Plan& m_plan;
    const Role& m_role;
    Fitout m_tried;
    bool m_rewired = false;          // the wires of m_tried are those of a driver with several coils
    bool m_behindCapacitor = false;  // the last candidate's own coil
    WiringGraph m_graph{};
    std::vector<Run> m_runs{};
    SweepsByShape m_sweeps{};
    Known m_re{};
    Candidate m_candidate{};
};

}  // namespace

std::span<const Criterion> criteria()
{
    return kCriteria;
}

PracticeKey weightOf(Criterion criterion)
{
    return kWeights[static_cast<size_t>(criterion)].key;
}

double pointsOf(const Practice& practice)
{
    double sum = 0.0;
    for (const Weight& weight : kWeights) sum += practice[weight.key];
    return sum;
}

bool Candidate::stops() const
{
    return std::any_of(lost.begin(), lost.end(), [](const LostPoints& one) { return one.stops; });
}

bool Candidate::cuts() const
{
    return std::any_of(damage.begin(), damage.end(), [](const Damage& one) { return one.permanent; });
}

std::vector<Candidate> rankDrivers(const Plan& plan, const Shelf& shelf, DeviceId device, const Evaluation& last,
                                   RankScope scope)
{
    const Role role = roleOf(plan, shelf, device, last);
    std::vector<const Part*> parts;
    for (const Part& part : shelf.parts)
        if (part.kind == PartKind::Driver &&
            (scope == RankScope::Everything || canDo(workOf(part.driverClass), role.work) ||
             part.shelfKey == role.fittedKey))
            parts.push_back(&part);
    std::vector<Candidate> candidates(parts.size());
    // Each has its own bench; none knows of the others.
    constexpr size_t kWorthAThread = 64;
    const size_t most = std::max<size_t>(1, std::thread::hardware_concurrency());
    const size_t count = std::clamp<size_t>(parts.size() / kWorthAThread, 1, most);
    const auto sitEvery = [&](size_t first) {
        Bench bench(plan, role);
        for (size_t i = first; i < parts.size(); i += count) candidates[i] = bench.sit(*parts[i]);
    };
    {
        std::vector<std::jthread> others;
        for (size_t i = 1; i < count; ++i) others.emplace_back(sitEvery, i);
        sitEvery(0);
    }
    std::stable_sort(candidates.begin(), candidates.end(), [](const Candidate& a, const Candidate& b) {
        return a.stops() != b.stops() ? b.stops() : a.points > b.points;
    });
    return candidates;
}

}  // namespace core
