// Rules about what drives a cone: protection, travel, what feeds it. Each on both sides of its limit; limits: common
// practice, no source.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/edits/survey_edits.h"
#include "core/limits/sound_limits.h"
#include "core/spread/widen.h"
#include "tests/core/mends_help.h"

namespace core {
namespace {

using tests::kLeftPlug;
using tests::kLeftSpeaker;
using Figure = std::pair<Quantity, double>;

Part driverOf(const char* driverClass, std::initializer_list<Figure> figures)
{
    Part part = tests::driverPart("tried", figures);
    part.driverClass = driverClass;
    return part;
}

using tests::findingOf;

std::optional<Severity> severityOf(const Plan& plan, RuleId rule)
{
    const auto findings = judge(plan, tests::evaluated(plan));
    const Finding* finding = findingOf(findings, rule);
    return finding ? std::optional(finding->severity) : std::nullopt;
}

Plan bare(const Part& part)
{
    const Plan plan = tests::withDriver(tests::demoPlan(), part);
    return apply(plan, bypass(plan, {kLeftPlug, "C"})).plan;
}

const std::initializer_list<Figure> kStated{
    {Quantity::Re_ohm, 3.3},  {Quantity::Le_h, 0.3e-3},   {Quantity::Fs_hz, 90.0},
    {Quantity::Qms, 4.5},     {Quantity::Qes, 0.8},       {Quantity::Vas_m3, 5e-3},
    {Quantity::Sd_m2, 88e-4}, {Quantity::Power_w, 400.0}, {Quantity::Nominal_ohm, 4}};

// The limits are shares of Xmax, so Xmax is set by the travel that the plan itself has.
// A first-order high-pass at 4 kHz: 1 / sqrt(1 + (4 k / f)^2), at 1 kHz and at the largest, 20 kHz: circuit theory.
TEST(Split1, HowFarATweeterIsDrivenAtItsResonance)
{
    RunResult run;
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    const Eigen::ArrayXcd over = laplace(hz) / (2.0 * std::numbers::pi * 4000.0);
    run.transfer = over / (1.0 + over);
    const auto level_db = [](double f_hz) { return -10.0 * std::log10(1.0 + 16e6 / (f_hz * f_hz)); };
    EXPECT_NEAR(underLargest_db(run, hz, 1000.0), level_db(1000.0) - level_db(20000.0), 0.07);
    EXPECT_NEAR(underLargest_db(run, hz, 20000.0), 0.0, 1e-9);
}

TEST(TravelRule, TurnsAtXmaxAndAtTwiceThat)
{
    Part part = driverOf("coaxial130", kStated);
    part.figures[Quantity::Xmax_m] = Known{3e-3};
    const Plan first = bare(part);
    const Evaluation evaluation = tests::evaluated(first);
    const StageResult& goal = *evaluation.stages.at(first.job.goal);
    const double travel_m = coneOf(goal, *findRunOfDevice(goal, kLeftSpeaker)).travel.programme_m;
    ASSERT_GT(travel_m, 0.0);
    for (const auto& [share, expected] : {std::pair{1.001, std::optional<Severity>()},
                                          {0.999, std::optional(Severity::Care)},
                                          {0.5005, std::optional(Severity::Care)},
                                          {0.4995, std::optional(Severity::Stop)}}) {
        part.figures[Quantity::Xmax_m] = Known{travel_m * share};
        EXPECT_EQ(severityOf(bare(part), RuleId::TravelWithProgramme), expected) << share;
    }
    // What stands there already and gets the same is a Note: nobody chose it.
    Plan factory = tests::demoPlan();
    Part old = part;
    old.shelfKey.clear();
    factory.parts[{9}] = old;
    factory = apply(factory, setFilter(factory, kFactory, kLeftSpeaker, FilterPlace::None, std::nullopt)).plan;
    EXPECT_EQ(severityOf(factory, RuleId::TravelWithProgramme), Severity::Note);
}

TEST(TravelRule, ItsHighPassHoldsTheCone)
{
    Part part = driverOf("coaxial130", kStated);
    part.figures[Quantity::Xmax_m] = Known{1.2e-3};
    const Plan plan = bare(part);
    const auto findings = judge(plan, tests::evaluated(plan));
    const Finding* finding = findingOf(findings, RuleId::TravelWithProgramme);
    ASSERT_TRUE(finding);
    ASSERT_EQ(finding->mends.front().name, MendName::SetHighPass);
    EXPECT_GT(tests::expectMendsHelp(plan, *finding), 0);
}

// A subwoofer goes by its sine, from 25 Hz up; the programme's weight has little down there.
TEST(TravelRule, OfASubwooferGoesByItsSine)
{
    Part part = driverOf("subwoofer200", {{Quantity::Re_ohm, 3.3},
                                          {Quantity::Le_h, 1e-3},
                                          {Quantity::Fs_hz, 38.0},
                                          {Quantity::Qms, 5.5},
                                          {Quantity::Qes, 0.55},
                                          {Quantity::Vas_m3, 20e-3},
                                          {Quantity::Sd_m2, 215e-4},
                                          {Quantity::Power_w, 400.0},
                                          {Quantity::Nominal_ohm, 4.0},
                                          {Quantity::Xmax_m, 9e-3}});
    const Plan first = bare(part);
    const Evaluation evaluation = tests::evaluated(first);
    const StageResult& goal = *evaluation.stages.at(first.job.goal);
    const ConeResult& cone = coneOf(goal, *findRunOfDevice(goal, kLeftSpeaker));
    const double limit_v = cone.travel.sine_m / cone.excursion_m_v.maxCoeff();
    const double travel_m = limit_v * (evaluation.frequency_hz >= 25.0).select(cone.excursion_m_v, 0.0).maxCoeff();
    EXPECT_LT(travel_m, cone.travel.sine_m) << "20 Hz is not counted";
    for (const auto& [share, expected] : {std::pair{1.001, std::optional<Severity>()},
                                          {0.999, std::optional(Severity::Care)},
                                          {1.0 / 1.499, std::optional(Severity::Care)},
                                          {1.0 / 1.501, std::optional(Severity::Stop)}}) {
        part.figures[Quantity::Xmax_m] = Known{travel_m * share};
        EXPECT_EQ(severityOf(bare(part), RuleId::SubwooferTravel), expected) << share;
        EXPECT_FALSE(severityOf(bare(part), RuleId::TravelWithProgramme));
    }
}

// SPLIT1: a dome straight on the pair is a Stop whatever its rating; the capacitor that the finding itself proposes has
// its corner at three times the resonance or above, 1/(2 pi R C), and silences it.
TEST(Protection, ATweeterOnTheBarePairIsAStop)
{
    const Part dome = driverOf("domeTweeter25", {{Quantity::Re_ohm, 3.4},
                                                 {Quantity::Le_h, 0.03e-3},
                                                 {Quantity::Fs_hz, 1400.0},
                                                 {Quantity::Qms, 2.0},
                                                 {Quantity::Qes, 1.3},
                                                 {Quantity::Vas_m3, 1.9e-6},
                                                 {Quantity::Sd_m2, 6.4e-4},
                                                 {Quantity::Nominal_ohm, 4.0}});
    const Plan plan = bare(dome);
    const auto findings = judge(plan, tests::evaluated(plan));
    const Finding* stop = findingOf(findings, RuleId::TweeterUnprotected);
    ASSERT_TRUE(stop);
    EXPECT_EQ(stop->severity, Severity::Stop);
    ASSERT_EQ(stop->mends.front().name, MendName::AddCapacitor);
    // 3 x 1400 Hz into 4 ohm is 9.47 uF; the next E6 value below is 6.8 uF.
    EXPECT_NEAR(stop->mends.front().figure, 6.8e-6, 1e-12);
    EXPECT_GT(tests::expectMendsHelp(plan, *stop), 0);
    EXPECT_FALSE(findingOf(findings, RuleId::HighPassLost)) << "said once";
    const Plan kept = tests::withDriver(tests::demoPlan(), dome);  // behind 68 uF: 585 Hz, and 140 Hz is held back
    EXPECT_FALSE(severityOf(kept, RuleId::TweeterUnprotected));
    const Plan filtered = apply(plan, setHighPass(plan, {tests::kRadio, "RL"}, {3000.0, 2})).plan;
    EXPECT_FALSE(severityOf(filtered, RuleId::TweeterUnprotected));
}

// A kept capacitor before a tweeter is never to be bypassed.
TEST(Protection, NobodyProposesToBypassATweetersCapacitor)
{
    Part dome = driverOf("domeTweeter25", {{Quantity::Re_ohm, 3.4}, {Quantity::Nominal_ohm, 4.0}});
    const Plan plan = tests::withDriver(tests::demoPlan(), dome);
    for (const Finding& finding : judge(plan, tests::evaluated(plan)))
        for (const Mend& mend : finding.mends) EXPECT_NE(mend.name, MendName::BypassCapacitor);
}

// What held the lows back is gone: said for any driver, and the bridge can be taken out again.
TEST(Protection, AHighPassThatIsLostIsSaid)
{
    const Plan plan = bare(driverOf("wideBand100", kStated));
    const auto findings = judge(plan, tests::evaluated(plan));
    const Finding* lost = findingOf(findings, RuleId::HighPassLost);
    ASSERT_TRUE(lost);
    EXPECT_EQ(lost->severity, Severity::Care);
    ASSERT_EQ(lost->mends.front().name, MendName::TakeBridgeOut);
    EXPECT_GT(tests::expectMendsHelp(plan, *lost), 0);
    EXPECT_FALSE(
        severityOf(tests::withDriver(tests::demoPlan(), driverOf("wideBand100", kStated)), RuleId::HighPassLost));
}

// A driver that the plan leaves without a channel is a Stop, said once for both sides.
TEST(Unfed, APlannedDriverWithoutAChannelIsAStop)
{
    Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    EXPECT_FALSE(severityOf(plan, RuleId::DriverUnfed));
    for (const auto& [id, wire] : resolve(plan, plan.job.goal).wires)
        if (wire.a.device == tests::kRadio) dropAt(plan, &Plan::wires, plan.job.goal, id);
    const auto findings = judge(plan, tests::evaluated(plan));
    EXPECT_EQ(
        std::count_if(findings.begin(), findings.end(), [](const Finding& f) { return f.rule == RuleId::DriverUnfed; }),
        1);
    const Finding& unfed = *findingOf(findings, RuleId::DriverUnfed);
    EXPECT_EQ(unfed.severity, Severity::Stop);
    ASSERT_EQ(unfed.mends.size(), 1U);
    const Plan fed = apply(plan, std::get<Edit>(unfed.mends.front().act)).plan;
    EXPECT_EQ(findRunOfDevice(*tests::evaluated(fed).stages.at(fed.job.goal), kLeftSpeaker)->run.id.channel,
              (Port{tests::kRadio, "RL"}))
        << "the channel that played it";
    EXPECT_FALSE(severityOf(fed, RuleId::DriverUnfed)) << "the other side too";
}

// What the vehicle came with is evidence of what its source bears; the same load of another driver is not.
TEST(LoadAsFound, IsANote)
{
    Plan plan = tests::demoPlan();
    plan.parts[{9}].figures[Quantity::Re_ohm] = Known{2.0, {Origin::Measured}};
    plan.parts[{9}].figures[Quantity::Nominal_ohm] = Known{2.4};
    EXPECT_EQ(severityOf(plan, RuleId::LoadUnderMinimum), Severity::Note);
    Part part = driverOf("wideBand100", {{Quantity::Nominal_ohm, 2.5}, {Quantity::Le_h, 0.0}});
    part.figures[Quantity::Re_ohm] = Known{2.0, {Origin::Measured}};
    const auto severity = [](const Plan& tried) {
        const auto findings = judge(tried, widen(tests::evaluated(tried)));
        const Finding* finding = findingOf(findings, RuleId::LoadUnderMinimum);
        return finding ? std::optional(finding->severity) : std::nullopt;
    };
    Plan changed = tests::withDriver(plan, part);
    EXPECT_EQ(severity(changed), Severity::Stop);
    // Where nobody knows the minimum, 1.5 ohm may yet be borne; under 0.70 of the 2 ohm of the most willing, nothing
    // is.
    Part& radio = changed.parts.at(resolve(changed, kFound).devices.at(tests::kRadio).part);
    for (auto& [name, element] : radio.inside) element.figures.erase(Quantity::LeastLoad_ohm);
    radio.figures.erase(Quantity::LeastLoad_ohm);
    for (const auto& [ohms, expected] : {std::pair{1.5, Severity::Care}, {1.3, Severity::Stop}}) {
        part.figures[Quantity::Re_ohm] = Known{ohms, {Origin::Measured}};
        EXPECT_EQ(severity(tests::withDriver(changed, part)), expected) << ohms;
    }
}

}  // namespace
}  // namespace core
