#include "core/judgement/split_rules.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/advice/run_change.h"
#include "core/base/grid.h"
#include "core/edits/element_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/solve_circuit.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/resolve.h"
#include "core/judgement/split_mend.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

Finding findingOf(const Judging& judging, const Verdict& verdict, const Subject& what, DeviceId device)
{
    Finding finding{.rule = verdict.rule, .severity = verdict.severity, .stage = judging.goalId};
    finding.where = judging.alike(device);
    finding.evidence = {{{what, verdict.what}, judging.goalId, verdict.figure, verdict.limit, verdict.key}};
    return finding;
}

void addEvidence(Finding& finding, const Judging& judging, const Subject& what, Quantity quantity, Computed figure)
{
    finding.evidence.push_back({{what, quantity}, judging.goalId, std::move(figure), {}, {}});
}

std::optional<Filter> setHighPassOf(const Judging& judging, const Port& channel)
{
    const auto setting = judging.goal.used.settings.find(channel);
    return setting == judging.goal.used.settings.end() ? std::nullopt : setting->second.highPass;
}

// The largest value of the series behind which this very driver begins no lower than asked.
std::optional<double> higherCapacitor_f(const RunResult& run, double corner_hz, const Eigen::ArrayXd& hz)
{
    constexpr int kTried = 12;  // an octave down from half the corner
    auto value_f = protectingCapacitor_f(0.5 * corner_hz, run.driver.nominal_ohm, PreferredSeries::E12);
    const Eigen::ArrayXcd s = laplace(hz), load_ohm = impedance_ohm(run.driver, hz);
    for (int i = 0; value_f && i < kTried; ++i) {
        const auto begins = highPassCorner_hz((load_ohm / (load_ohm + (s * *value_f).inverse())).abs(), hz);
        if (begins && !under(*begins, corner_hz)) return value_f;
        value_f = preferredBelow(*value_f, PreferredSeries::E12)->value;
    }
    return std::nullopt;
}

// The channel without its high-pass.
Mend withoutHighPass(const Judging& judging, const Port& channel)
{
    return {MendName::DropHighPass, setHighPassOf(judging, channel)->frequency_hz, dropHighPass(judging.plan, channel)};
}

// Whether what is built into a channel spares this tweeter without a capacitor of its own, whatever its order.
bool channelSpares(const Judging& judging, const RunResult& run)
{
    const Eigen::ArrayXd& hz = judging.tables->frequency_hz;
    for (const ChannelInputs& inputs : judging.goal.inputs) {
        if (inputs.channel != run.run.id.channel) continue;
        const auto corner_hz = highPassCorner_hz(channelResponse(inputs, hz).abs(), hz);
        return corner_hz && !under(*corner_hz, judging.practice[PracticeKey::SplitNearFirst_ratio] * run.driver.fs_hz);
    }
    return false;
}

// A channel of the same source that nothing hangs on, nor on its twin, and that plays the whole band.
std::optional<Port> fullRangeBeside(const Judging& judging, const Port& channel)
{
    const Fitout& used = judging.goal.used;
    const auto& inside = partOf(used, channel.device).inside;
    const auto isFree = [&](const std::string& name) {
        const auto output = inside.find(name);
        if (output == inside.end() || output->second.kind != ElementKind::Output) return false;
        const Port port{channel.device, name};
        const Figures figures = figuresOf(partOf(used, channel.device), name);
        const Setting setting = settingOf(used, port);
        return !figures.contains(Quantity::HighPass_hz) && !figures.contains(Quantity::LowPass_hz) &&
               !setting.highPass && !setting.lowPass &&
               std::none_of(judging.goal.runs.begin(), judging.goal.runs.end(),
                            [&](const RunResult& run) { return run.run.id.channel == port; });
    };
    const std::string& twin = inside.at(channel.element).twin;
    for (const auto& [name, output] : inside) {
        // Left stays left: of a pair the first takes the place of the first.
        const bool sameSide = twin.empty() == output.twin.empty() && (channel.element < twin) == (name < output.twin);
        if (isFree(name) && sameSide && (twin.empty() || isFree(output.twin))) return Port{channel.device, name};
    }
    return std::nullopt;
}

// The driver is the one that was found, the same reaches it, and it stands where it stood.
bool stoodThere(const Judging& judging, size_t run)
{
    const RunResult& now = judging.goal.runs[run];
    const RunResult* before = judging.stood(now) ? findRun(judging.found, now.run.id) : nullptr;
    return before && judging.found.ways[static_cast<size_t>(before - judging.found.runs.data())].source ==
                         judging.goal.ways[run].source;
}

void judgeBeaming(std::vector<Finding>& findings, const Judging& judging, const SplitPair& pair, const SplitSum& sum)
{
    const RunResult &low = judging.goal.runs[pair.low], &high = judging.goal.runs[pair.high];
    const auto verdict = beamingLimit(*sum.at_hz, low);
    if (!verdict) return;
    Finding finding = findingOf(judging, *verdict, high.run.id, low.run.id.coil.device);
    offerSplitSearch(finding, judging, high.run.id.coil.device);
    finding.mends.push_back(chooseDriverMend(low.run.id.coil.device));
    soften(finding, {.worst = verdict->figure.worst});
    findings.push_back(std::move(finding));
}

DeviceId deviceOf(const Judging& judging, size_t run)
{
    return judging.goal.runs[run].run.id.coil.device;
}

// Of what two together do, against a limit of practice.
Finding findingOfPair(const Judging& judging, const SplitPair& pair, RuleId rule, Quantity what, double figure,
                      PracticeKey limit)
{
    const RunResult &low = judging.goal.runs[pair.low], &high = judging.goal.runs[pair.high];
    const Computed computed{figure, std::max(low.worst, high.worst), {}};
    return findingOf(judging, {rule, Severity::Care, what, computed, judging.practice[limit], limit}, high.run.id,
                     high.run.id.coil.device);
}

// A band that both leave out, or that both play: wider than a hole, and no turning over mends it.
// Whether it is a gap, of which a hole says nothing more.
bool judgeGap(std::vector<Finding>& findings, const Judging& judging, const SplitPair& pair, const SplitSum& sum)
{
    const double limit_db = judging.practice[PracticeKey::SplitOffCare_db];
    const double wide_octave = judging.practice[PracticeKey::SplitOffWide_octave];
    // Too little is what both together could not give however they were phased; too much is what they do give.
    OffLine off = offLine(sum.energy_db(), *sum.meet_hz, -limit_db);
    if (!over(off.wide_octave, wide_octave)) off = offLine(sum.wired.level_db, *sum.meet_hz, limit_db);
    if (!over(off.wide_octave, wide_octave)) return false;
    Finding finding = findingOfPair(judging, pair, RuleId::GapOrOverlap, Quantity::SplitOff_octave, off.wide_octave,
                                    PracticeKey::SplitOffWide_octave);
    const Subject high = judging.goal.runs[pair.high].run.id;
    const Computed most{off.most_db, finding.evidence.front().figure.worst, {}};
    addEvidence(finding, judging, high, Quantity::SplitOff_db, most);
    addEvidence(finding, judging, high, Quantity::AtFrequency_hz, {off.most_hz, most.worst, {}});
    offerSplitSearch(finding, judging, deviceOf(judging, pair.high));
    if (finding.mends.empty()) finding.mends.push_back(chooseDriverMend(deviceOf(judging, pair.high)));
    soften(finding, {.worst = most.worst});
    findings.push_back(std::move(finding));
    return off.most_db < 0.0;
}

void judgeHole(std::vector<Finding>& findings, const Judging& judging, const SplitPair& pair, const SplitSum& sum)
{
    const double limit_db = judging.practice[PracticeKey::SplitHoleCare_db];
    if (!over(sum.wired.hole_db, limit_db)) return;
    Finding finding = findingOfPair(judging, pair, RuleId::HoleAtSplit, Quantity::SplitHole_db, sum.wired.hole_db,
                                    PracticeKey::SplitHoleCare_db);
    const Subject high = judging.goal.runs[pair.high].run.id;
    const Origin worst = finding.evidence.front().figure.worst;
    addEvidence(finding, judging, high, Quantity::AtFrequency_hz, {sum.wired.holeAt_hz, worst, {}});
    addEvidence(finding, judging, high, Quantity::SplitAt_hz, {*sum.at_hz, worst, {}});
    std::vector<DeviceId> sides;  // what is alike is turned alike
    for (const Subject& one : finding.where) sides.push_back(std::get<DeviceId>(one));
    if (!over(sum.turned.hole_db, limit_db) && deviceOf(judging, pair.low) != deviceOf(judging, pair.high))
        finding.mends.push_back({MendName::TurnOver, sum.turned.hole_db, planTurnOver(judging.plan, sides)});
    offerSplitSearch(finding, judging, deviceOf(judging, pair.high));
    soften(finding, {.worst = worst});
    findings.push_back(std::move(finding));
}

}  // namespace

std::vector<Finding> judgeSplitNearResonance(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        if (run->sameCone || judging.stood(*run)) continue;
        const auto verdict = splitNearLimit(*run, judging.tables->frequency_hz, judging.practice);
        if (!verdict) continue;
        const Port& coil = run->run.id.coil;
        Finding finding = findingOf(judging, *verdict, run->run.id, coil.device);
        addEvidence(finding, judging, coil, Quantity::Fs_hz,
                    {run->driver.fs_hz, run->coil.at(Quantity::Fs_hz).basis.origin, {}});
        const int order = highPassOrder(*run, judging.tables->frequency_hz);
        if (run->run.seriesCapacitors.size() == 1 && order < 2) {
            if (const auto value_f = higherCapacitor_f(*run, *verdict->limit, judging.tables->frequency_hz))
                finding.mends.push_back({MendName::ReplaceCapacitor, *value_f,
                                         setPartValue(judging.plan, run->run.seriesCapacitors.front(), *value_f)});
        } else if (const auto filter = setHighPassOf(judging, run->run.id.channel)) {
            const Filter higher{std::ceil(*verdict->limit / 100.0) * 100.0, std::max(filter->order, 2)};
            finding.mends.push_back(
                {MendName::SetHighPass, higher.frequency_hz, setHighPass(judging.plan, run->run.id.channel, higher)});
        }
        offerSplitSearch(finding, judging, coil.device);
        finding.mends.push_back(chooseDriverMend(coil.device));
        soften(finding, {.worst = verdict->figure.worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeHandOver(const Judging& judging)
{
    std::vector<Finding> findings;
    if (judging.goal.used.listeners.empty()) return findings;
    const ListenerId listener = judging.goal.used.listeners.begin()->first;
    for (const SplitPair& pair : splitPairs(judging.goal, judging.practice)) {
        if (repeatsLeader(judging.goal, judging.goal.runs[pair.high].run.id.coil.device) ||
            (stoodThere(judging, pair.low) && stoodThere(judging, pair.high)))
            continue;
        const auto sum = splitSum(judging.goal, pair, listener);
        if (!sum || !sum->meet_hz) continue;
        const bool gap = judgeGap(findings, judging, pair, *sum);
        if (sum->at_hz) judgeBeaming(findings, judging, pair, *sum);
        if (sum->at_hz && !gap) judgeHole(findings, judging, pair, *sum);
    }
    return findings;
}

std::vector<Finding> judgeStackedHighPasses(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const auto filter = channelHighPass(judging.goal, run->run.id.channel);
        if (!filter || !run->idealCorner_hz || run->sameCone || judging.stood(*run)) continue;
        const auto verdict = stackedLimit(filter->value, *run->idealCorner_hz, run->worst, judging.practice);
        if (!verdict) continue;
        Finding finding = findingOf(judging, *verdict, run->run.id, run->run.id.coil.device);
        addEvidence(finding, judging, run->run.id.channel, Quantity::HighPass_hz,
                    {filter->value, filter->basis.origin, {}});
        addEvidence(finding, judging, run->run.id, Quantity::Corner_hz, {*run->idealCorner_hz, run->worst, {}});
        if (setHighPassOf(judging, run->run.id.channel))
            finding.mends.push_back(withoutHighPass(judging, run->run.id.channel));
        const bool mayGo = !isTweeter(*run, judging.practice) ||
                           (!setHighPassOf(judging, run->run.id.channel) && channelSpares(judging, *run));
        if (mayGo && !run->run.seriesCapacitors.empty())
            finding.mends.push_back({MendName::BypassCapacitor, *run->seriesCapacitance_f,
                                     bypass(judging.plan, run->run.seriesCapacitors.front())});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgePartOverRating(const Judging& judging)
{
    std::vector<Finding> findings;
    std::set<Port> said;  // one lies before several drivers
    for (const RunResult* run : judging.leadingRuns())
        for (const PartBurden& burden : findCircuit(judging.goal, run->run.id.channel)->burdens) {
            const std::vector<DeviceId>& along = run->run.along;
            const DeviceId device = burden.element.device;
            if (std::find(along.begin(), along.end(), device) == along.end() || !said.insert(burden.element).second)
                continue;
            const Part& part = judging.goal.used.parts.at(judging.goal.used.devices.at(device).part);
            const Figures figures = figuresOf(part, burden.element.element);
            const auto rating = figures.find(Quantity::RatedVoltage_v);
            const auto verdict = rating == figures.end() ? std::nullopt : partLimit(burden, rating->second);
            if (!verdict) continue;
            Finding finding = findingOf(judging, *verdict, burden.element, run->run.id.coil.device);
            addEvidence(finding, judging, burden.element, Quantity::AtFrequency_hz,
                        {burden.voltageAt_hz, burden.worst, {}});
            if (const auto volts = ratedVoltageFor(burden.rating))
                finding.mends.push_back(
                    {MendName::HigherRating, volts->value, rateCapacitor(judging.plan, burden.element, volts->value)});
            soften(finding, {.worst = verdict->figure.worst});
            findings.push_back(std::move(finding));
        }
    return findings;
}

std::vector<Finding> judgeNetworkOnFilteredLine(const Judging& judging)
{
    std::vector<Finding> findings;
    std::set<DeviceId> judged;  // each once, however many hang behind it
    for (const RunResult* run : judging.leadingRuns()) {
        const CircuitResult* circuit = findCircuit(judging.goal, run->run.id.channel);
        const DeviceId network = networkOf(judging.goal.used, run->run.id.coil.device);
        const auto filter = channelHighPass(judging.goal, run->run.id.channel);
        // What keeps a door's cone in its travel is no missing band.
        if (!network || !filter || !over(filter->value, judging.practice[PracticeKey::NetworkLine_hz]) ||
            !judged.insert(network).second)
            continue;
        Finding finding{.rule = RuleId::NetworkOnFilteredLine, .severity = Severity::Care, .stage = judging.goalId};
        finding.where = judging.alike(network);
        finding.evidence = {{{circuit->channel, Quantity::HighPass_hz},
                             judging.goalId,
                             {filter->value, filter->basis.origin, {}},
                             judging.practice[PracticeKey::NetworkLine_hz],
                             PracticeKey::NetworkLine_hz}};
        if (setHighPassOf(judging, circuit->channel))
            finding.mends.push_back(withoutHighPass(judging, circuit->channel));
        else if (const auto other = fullRangeBeside(judging, circuit->channel))
            finding.mends.push_back(
                {MendName::FeedFullRange, 0.0, feedBoardFrom(judging.plan, run->run.id.coil.device, *other)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
