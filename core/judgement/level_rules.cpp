#include "core/judgement/level_rules.h"

#include <cmath>

#include "core/base/grid.h"
#include "core/edits/named_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/physics/level.h"

namespace core {
namespace {

// Where in the band that is compared one driver plays, and how loud on its axis per source volt.
struct Way {
    const RunResult* run = nullptr;
    const Place* place = nullptr;
    PlaceId at{};
    double level_db = 0.0;
    double centre_octave = 0.0;  // log2 of Hz
    bool stood = false;          // as it was found
};

Way wayOf(const Fitout& used, const RunResult& run, const Practice& practice)
{
    const double low_hz = practice[PracticeKey::MismatchFrom_hz], high_hz = practice[PracticeKey::MismatchTo_hz];
    const double passband_ratio = ratioOf(-practice[PracticeKey::MismatchPassband_db]);
    Way way{&run, placeOf(used, run.run.id.coil.device), used.devices.at(run.run.id.coil.device).at, 0.0, 0.0};
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    const Eigen::ArrayXd pressure = run.pressure_pa_v.abs();
    double most = 0.0;
    for (Eigen::Index i = 0; i < hz.size(); ++i)
        if (hz(i) >= low_hz && hz(i) <= high_hz) most = std::max(most, pressure(i));
    double count = 0.0;
    for (Eigen::Index i = 0; i < hz.size(); ++i) {
        if (hz(i) < low_hz || hz(i) > high_hz || !(pressure(i) > most * passband_ratio)) continue;
        way.level_db += decibels(pressure(i));
        way.centre_octave += std::log2(hz(i));
        count += 1.0;
    }
    if (count > 0.0) {
        way.level_db /= count;
        way.centre_octave /= count;
    }
    return way;
}

bool sameBand(const Way& a, const Way& b, const Practice& practice)
{
    return std::abs(a.centre_octave - b.centre_octave) < practice[PracticeKey::OtherBand_octave];
}

// The same band on the vehicle's two sides.
bool areSides(const Way& a, const Way& b, const Practice& practice)
{
    return a.place->pair == b.at && sameBand(a, b, practice);
}

// Two bands of one side and row.
bool areWays(const Way& a, const Way& b, const Practice& practice)
{
    const Vec3 &here = a.place->frame.at_m, &there = b.place->frame.at_m;
    return !sameBand(a, b, practice) && here.y * there.y > 0.0 && inOneRow(here, there);
}

// Turn the louder one down, where a channel of its own lets it.
void addGainMend(Finding& finding, const Judging& judging, const Way& louder, const Way& other, double apart_db)
{
    const Port& channel = louder.run->run.id.channel;
    if (channel == other.run->run.id.channel) return;
    Setting setting = itemAt(judging.plan, &Plan::settings, judging.goalId, channel).value_or(Setting{});
    setting.gain_db -= apart_db;
    finding.mends.push_back({MendName::SetGain, -apart_db, setChannels(judging.plan, {{channel, setting}})});
}

}  // namespace

std::vector<Finding> judgeClipsEarly(const Judging& judging)
{
    std::vector<Finding> findings;
    const double limit_db = judging.practice[PracticeKey::ClipsEarly_db];
    for (const auto& [cone, run] : judging.leadingCones()) {
        const Known& rating = run->coil.at(Quantity::Power_w);
        if (!(cone->sine_w > 0.0)) continue;
        const double under_db = powerDecibels(rating.value / cone->sine_w);
        if (!over(under_db, limit_db)) continue;
        const RunResult* before = findRun(judging.found, run->run.id);
        if (before && before->driver == run->driver) continue;  // nobody chose it
        Finding finding{.rule = RuleId::ClipsEarly, .severity = Severity::Note, .stage = judging.goalId};
        finding.where = judging.alike(run->run.id.coil.device);
        const Port& coil = run->run.id.coil;
        const Origin worst = std::max(run->worst, rating.basis.origin);
        finding.evidence = {
            {{coil, Quantity::RatedUnder_db},
             judging.goalId,
             {under_db, worst, {}},
             limit_db,
             PracticeKey::ClipsEarly_db},
            {{coil, Quantity::SinePower_w}, judging.goalId, {cone->sine_w, run->worst, {}}, {}, {}},
            {{coil, Quantity::Power_w}, judging.goalId, {rating.value, rating.basis.origin, {}}, {}, {}}};
        soften(finding, {.worst = worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeLevelMismatch(const Judging& judging)
{
    std::vector<Finding> findings;
    const double note_db = judging.practice[PracticeKey::MismatchNote_db];
    const double care_db = judging.practice[PracticeKey::MismatchCare_db];
    if (judging.nothingPlanned()) return findings;
    std::vector<Way> ways;
    for (const RunResult& run : judging.goal.runs) {
        if (run.sameCone || !placeOf(judging.goal.used, run.run.id.coil.device)) continue;
        ways.push_back(wayOf(judging.goal.used, run, judging.practice));
        ways.back().stood = judging.stood(run);
    }
    for (size_t i = 0; i < ways.size(); ++i)
        for (size_t j = i + 1; j < ways.size(); ++j) {
            const Way &a = ways[i], &b = ways[j];
            if (a.run->run.id.coil.device == b.run->run.id.coil.device) continue;  // as its maker made it
            if (!areSides(a, b, judging.practice) && !areWays(a, b, judging.practice)) continue;
            if (repeatsLeader(judging.goal, a.run->run.id.coil.device) &&
                repeatsLeader(judging.goal, b.run->run.id.coil.device))
                continue;  // said of the leading side already
            const double apart_db = std::abs(a.level_db - b.level_db);
            if (!over(apart_db, note_db) || (a.stood && b.stood)) continue;
            const bool care = over(apart_db, care_db);
            const Way &louder = a.level_db > b.level_db ? a : b, &other = a.level_db > b.level_db ? b : a;
            Finding finding{.rule = RuleId::LevelMismatch,
                            .severity = care ? Severity::Care : Severity::Note,
                            .stage = judging.goalId};
            finding.where = {louder.run->run.id.coil.device, other.run->run.id.coil.device};
            // The same driver twice: what is only guessed of it is guessed alike.
            const Origin worst = louder.run->driver == other.run->driver
                                     ? Origin::Stated
                                     : std::max(louder.run->worst, other.run->worst);
            finding.evidence = {{{louder.run->run.id.coil, Quantity::Mismatch_db},
                                 judging.goalId,
                                 {apart_db, worst, {}},
                                 care ? care_db : note_db,
                                 care ? PracticeKey::MismatchCare_db : PracticeKey::MismatchNote_db}};
            addGainMend(finding, judging, louder, other, apart_db);
            soften(finding, {.worst = worst});
            findings.push_back(std::move(finding));
        }
    return findings;
}

}  // namespace core
