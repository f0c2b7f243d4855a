#include "core/design/rank_bench.h"

#include <algorithm>
#include <cassert>
#include <limits>
#include <set>

#include "core/edits/named_edits.h"
#include "core/evaluate/channel_inputs.h"
#include "core/evaluate/cone_results.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/solve_circuit.h"
#include "core/fit/fit_of.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/resolve.h"
#include "core/fitout/wiring_graph.h"
#include "core/limits/fit_limits.h"
#include "core/limits/hold_limits.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/network_sweep.h"
#include "core/survey/held_back.h"

namespace core {
namespace {

double share(double value, double none, double all)
{
    return std::clamp((value - none) / (all - none), 0.0, 1.0);
}

}  // namespace

class RankBench::Seat {
public:
    Seat(const Plan& plan, const RankRole& role) : m_plan(plan), m_role(role), m_tried(seated()) {}

    Candidate sit(const Part& part)
    {
        m_candidate = Candidate{.part = part};
        m_stops.clear();
        m_candidate.fitted = !part.shelfKey.empty() && part.shelfKey == m_role.fittedKey;
        if (m_role.place)
            m_candidate.fit =
                fitOf({part, *m_role.place, m_role.mount, m_role.spacer, m_role.alterations, m_role.usualHole},
                      m_role.practice);
        m_candidate.damage = damageOf(part, m_candidate.fit, m_role.factoryPlug, m_role.shelf, m_role.practice);
        if (m_role.place && !(m_candidate.fitted && m_role.stood)) judgeFit(part);
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
        m_behindCapacitor.clear();
        for (CoilInputs& coil : inputs.coils) {
            if (!coil.run.seriesCapacitors.empty()) m_behindCapacitor.insert(coil.run.id.coil);
            coil.run.seriesCapacitors.clear();
        }
        const NetworkSweep* sweep = inputs.circuit ? &m_sweeps.of(inputs.circuit->network) : nullptr;
        const auto solved = solveCircuit(inputs, m_role.practice, m_role.tables, {.sweep = sweep, .burdens = false});
        if (!solved) return;
        const auto run = std::find_if(solved->runs.begin(), solved->runs.end(), [&](const RunResult& one) {
            return one.run.id.coil == Port{m_role.device, firstOf(part, ElementKind::Coil)};
        });
        if (run == solved->runs.end()) return;
        m_re = atLeads(m_tried, *run, m_role.practice);
        m_candidate.connected = true;
        m_candidate.least_ohm = solved->circuit.least_ohm;
        m_candidate.corner_hz = run->idealCorner_hz;
        double programme_w = 0.0;  // in all coils of its own cone
        for (const RunResult& one : solved->runs)
            if (one.run.id.coil.device == m_role.device && !isWay(part, one.run.id.coil.element))
                programme_w += one.programme_w;
        m_candidate.heat_ratio = programme_w / run->driver.power_w;
        m_candidate.travel_ratio = run->travel.programme_m / run->driver.xmax_m;
        judgeSound(part, *solved, *run);
        if (!m_role.before) return;
        const Eigen::ArrayXd square = soundOf(solved->runs, m_role.device).abs2();
        const auto change = [&](Band band) {
            return bandLevel_db(m_role.tables, band, square) - m_role.bandsBefore_db[static_cast<size_t>(band)];
        };
        m_candidate.bands_db.emplace();
        for (const Band band : {Band::LowBass, Band::MidBass, Band::Mid, Band::Treble})
            (*m_candidate.bands_db)[static_cast<size_t>(band)] = change(band);
        const bool bass = m_role.work == DriverWork::Bass;
        m_candidate.levelChange_db = change(bass                                ? Band::MidBass
                                            : m_role.work == DriverWork::Treble ? Band::Treble
                                                                                : Band::Mid);
        m_candidate.bandChange_db = 0.0;
        for (const Band band : bandsOf(m_role.work))
            m_candidate.bandChange_db = std::min(m_candidate.bandChange_db, change(band));
    }

    void take(Criterion by, const std::optional<Verdict>& verdict)
    {
        if (verdict && stops(*verdict)) m_stops.emplace_back(by, *verdict);
    }

    void judgeFit(const Part& part)
    {
        const Place& place = *m_role.place;
        const DriverFit& fit = m_candidate.fit;
        take(Criterion::Depth, depthLimit(place, fit));
        take(Criterion::Depth, windowLimit(place, fit));
        take(Criterion::Front, frontLimit(place, fit));
        take(Criterion::Screws, screwReachLimit(fit));
        take(Criterion::Hole, holeLimit(place, fit, m_role.noCutting));
        take(Criterion::Hole, domeLimit(part));
        take(Criterion::Screws, flangeLimit(fit));
        take(Criterion::Weight, adhesiveLimit(m_role.body, place, m_role.mount, fit, m_role.practice));
        const bool plugCut = std::any_of(m_candidate.damage.begin(), m_candidate.damage.end(),
                                         [](const Damage& one) { return one.kind == DamageKind::FactoryPlugCut; });
        if (plugCut && m_role.noCutting) take(Criterion::Hole, plugCutLimit(m_role.plugSeen));
    }

    // run  of its own coil
    void judgeSound(const Part& part, const SolvedCircuit& solved, const RunResult& run)
    {
        const Practice& practice = m_role.practice;
        const CircuitResult& circuit = solved.circuit;
        const auto same = [](const Eigen::ArrayXcd& a, const Eigen::ArrayXcd& b) {
            return a.size() == b.size() && a.isApprox(b, 1e-9);
        };
        take(Criterion::Load,
             loadLimit({circuit.least_ohm, circuit.worst, {}}, m_role.output.at(Quantity::LeastLoad_ohm),
                       same(circuit.load_ohm, m_role.loadBefore_ohm), practice));
        const bool changed = m_role.before && !(m_role.before->driver == run.driver);
        if (changed && m_role.factorySource)
            take(Criterion::Load, lowerLoadLimit(m_re, m_role.reBefore, m_role.minimumGuessed, practice));
        const bool oneCoilEach = std::all_of(solved.runs.begin(), solved.runs.end(), [&](const RunResult& one) {
            return one.run.id.coil.device != m_role.device || coilsOfCone(part, one.run.id.coil.element).size() == 1;
        });
        if (oneCoilEach) {
            for (const RunResult& one : solved.runs)
                if (one.run.id.coil.device == m_role.device)
                    judgeCone(part, coneOfOneRun(one), one, circuit.filteredLow, m_tried);
            return;
        }
        StageResult stage;  // of this circuit alone: its cones
        stage.used = std::move(m_tried);
        stage.circuits = {circuit};
        stage.runs = solved.runs;
        for (const ConeResult& cone : conesOf(stage, m_role.tables, practice)) {
            const RunResult& own = stage.runs[cone.runs.front()];
            if (own.run.id.coil.device == m_role.device) judgeCone(part, cone, own, circuit.filteredLow, stage.used);
        }
        m_tried = std::move(stage.used);
    }

    void judgeCone(const Part& part, const ConeResult& cone, const RunResult& run, bool filteredLow, const Fitout& used)
    {
        const Practice& practice = m_role.practice;
        const Eigen::ArrayXd& hz = m_role.tables.frequency_hz;
        const Port& coil = run.run.id.coil;
        const bool highPass = filteredLow || m_behindCapacitor.contains(coil);
        take(
            Criterion::Heat,
            heatLimit({cone.sine_w, cone.programme_w, run.coil.at(Quantity::Power_w), highPass, cone.worst}, practice));
        ConeTravel travel{.travel_m = cone.travel.programme_m,
                          .xmax_m = run.driver.xmax_m,
                          .subwoofer = workOf(driverClassOf(part, coil.element)) == DriverWork::Bass,
                          .stood = m_role.before && m_role.before->run.id.coil == coil &&
                                   m_role.before->driver == run.driver &&
                                   run.transfer.size() == m_role.transferBefore.size() &&
                                   run.transfer.isApprox(m_role.transferBefore, 1e-9),
                          .worst = std::max(cone.worst, run.coil.at(Quantity::Xmax_m).basis.origin)};
        if (travel.subwoofer) {
            const auto& box = mountedDriver(used, coil, run.coil, practice).mounting.box;
            const auto sine = subwooferSine(cone, box ? box->tuning_hz : std::nullopt, hz, practice);
            travel.travel_m = sine ? sine->travel_m : 0.0;
        }
        take(Criterion::Travel, travelLimit(travel, practice));
        take(Criterion::Load, protectionLimit(run, hz, practice));
        if (!travel.stood) take(Criterion::Travel, splitNearLimit(run, hz, practice));
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

    void lose(Criterion by, double lostShare, Quantity what, std::optional<double> figure)
    {
        if (lostShare <= 0.0) return;
        m_candidate.lost.push_back({by, lostShare * m_role.practice[weightOf(by)], what, figure, {}});
    }

    // Each Stop stands with the points of its own criterion; a second one of the same stands by itself.
    void markStops()
    {
        for (const auto& [by, verdict] : m_stops) {
            const auto lost = std::find_if(m_candidate.lost.begin(), m_candidate.lost.end(),
                                           [by = by](const LostPoints& one) { return one.by == by && !one.stop; });
            if (lost != m_candidate.lost.end())
                lost->stop = verdict;
            else
                m_candidate.lost.push_back({by, 0.0, verdict.what, verdict.figure.value, verdict});
        }
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
        markStops();
        std::stable_sort(m_candidate.lost.begin(), m_candidate.lost.end(),
                         [](const LostPoints& a, const LostPoints& b) {
                             return a.stop.has_value() != b.stop.has_value() ? a.stop.has_value() : a.points > b.points;
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
                 fit.spacers ? fit.spacers->sum_m : *depth);
        if (!fit.frontMargin_m)
            lose(Criterion::Front, m_role.practice[PracticeKey::RankUnknown_ratio], Quantity::FrontMargin_m, {});
        else if (fit.frontMargin_m->value < fit.wantedFront_m - 1e-9)
            lose(Criterion::Front, share(-fit.frontMargin_m->value, -fit.wantedFront_m, 0.0), Quantity::FrontMargin_m,
                 fit.frontMargin_m->value);
        if (!fit.hole)
            lose(Criterion::Hole, 1.0, Quantity::Basket_m, valueOf(fit.body, Quantity::Basket_m));
        else if (!fit.hole->there_m)
            lose(Criterion::Hole, m_role.practice[PracticeKey::RankUnknown_ratio], Quantity::Cutout_m, {});
        else if (fit.hole->ring)
            lose(Criterion::Hole, fit.hole->ringOutside_m ? practice[PracticeKey::RankRing_ratio] : 1.0,
                 Quantity::CutoutMost_m, fit.hole->limits.most_m);
        else if (fit.hole->cut)
            lose(Criterion::Hole, 1.0, Quantity::CutoutLeast_m, fit.hole->limits.least_m);
        if (!fit.screws)
            lose(Criterion::Screws, m_role.practice[PracticeKey::RankUnknown_ratio], Quantity::MatchedHoles, {});
        else if (fit.screws->matched < fit.screwCount)
            lose(Criterion::Screws, 1.0 - static_cast<double>(fit.screws->matched) / fit.screwCount,
                 Quantity::MatchedHoles, static_cast<double>(fit.screws->matched));
    }

    void countSound()
    {
        const Practice& practice = m_role.practice;
        const double care = practice[PracticeKey::LoadCare_ratio], stop = practice[PracticeKey::LoadStop_ratio];
        const double load_ratio = m_candidate.least_ohm / m_role.least_ohm;
        double load = share(-load_ratio, -care, -stop);
        Quantity what = Quantity::LeastImpedance_ohm;
        double figure = m_candidate.least_ohm;
        if (m_role.before && m_role.factorySource) {
            // Where nobody knows the minimum, what it has always driven is all there is to go by.
            const double ratio = m_re.value / m_role.reBefore.value;
            const double lower = share(-ratio, -practice[PracticeKey::LowerLoadCare_ratio],
                                       -practice[PracticeKey::LowerLoadStop_ratio]) *
                                 (m_role.minimumGuessed ? 1.0 : practice[PracticeKey::RankMinimum_ratio]);
            if (lower > load) {
                load = lower;
                what = Quantity::Ratio;
                figure = ratio;
            }
        }
        lose(Criterion::Load, load, what, figure);
        // Nothing keeps the lows from it: all that the load can cost.
        if (std::any_of(m_stops.begin(), m_stops.end(),
                        [](const auto& one) { return one.second.rule == RuleId::TweeterUnprotected; }))
            lose(Criterion::Load, 1.0, Quantity::Corner_hz, {});
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
    const RankRole& m_role;
    Fitout m_tried;
    bool m_rewired = false;              // the wires of m_tried are those of a driver with several coils
    std::set<Port> m_behindCapacitor{};  // coils of the last candidate's circuit
    std::vector<std::pair<Criterion, Verdict>> m_stops{};  // of the last candidate
    WiringGraph m_graph{};
    std::vector<Run> m_runs{};
    SweepsByShape m_sweeps{};
    Known m_re{};
    Candidate m_candidate{};
};

RankBench::RankBench(const Plan& plan, const RankRole& role) : m_seat(std::make_unique<Seat>(plan, role)) {}
RankBench::~RankBench() = default;

Candidate RankBench::sit(const Part& part)
{
    return m_seat->sit(part);
}

}  // namespace core
