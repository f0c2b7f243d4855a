// POL5: subwoofers against everything else about their hand-over, against the two sides added by hand.
#include <gtest/gtest.h>

#include <cmath>
#include <utility>

#include "core/base/grid.h"
#include "core/evaluate/hearing.h"
#include "core/fitout/driver_work.h"
#include "core/judgement/judge.h"
#include "tests/core/demo_plan.h"
#include "tests/core/mends_help.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

constexpr double kSplit_hz = 80.0;

// The boxes play alone on their channels, under 80 Hz; the doors over it. The front doors wait so long for them.
Plan withSubs(double delay_s)
{
    tests::TwelveRuns twelve;
    Plan plan = twelve.plan;
    std::erase_if(plan.wires, [&](const auto& entry) {
        const std::string& label = plan.devices.at({kFactory, entry.second->b.device})->label;
        return label == "BL low" || label == "BR low" || label[0] == 'R';
    });
    for (const char* channel : {"FL", "FR", "BL", "BR"}) {
        Setting setting;
        const bool sub = channel[0] == 'B';
        (sub ? setting.lowPass : setting.highPass) = Filter{kSplit_hz, 2};
        setting.gain_db = sub ? 0.0 : 6.0;
        setting.delay_s = sub ? 0.0 : delay_s;
        plan.settings[{plan.job.goal, Port{twelve.amplifier, channel}}] = setting;
    }
    return plan;
}

const Finding* subFinding(const std::vector<Finding>& findings)
{
    return tests::findingOf(findings, RuleId::SubAgainstDoors);
}

// Energies of both less their sum, in dB, over the octave about a frequency.
double lostByHand_db(const Plan& plan, double at_hz)
{
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const ListenerId listener = stage.used.listeners.begin()->first;
    Eigen::ArrayXd energy = Eigen::ArrayXd::Zero(kGridSize), together = energy;
    std::array<std::array<Eigen::ArrayXcd, 2>, 2> sides;
    for (auto& side : sides) side.fill(Eigen::ArrayXcd::Zero(kGridSize));
    for (size_t i = 0; i < stage.runs.size(); ++i) {
        const bool sub = workOf(stage.used, stage.runs[i].run.id.coil) == DriverWork::Bass;
        const auto heard = runAt(stage, i, listener);
        for (size_t ear = 0; ear < 2; ++ear) sides[sub ? 0 : 1][ear] += heard[ear];
    }
    for (size_t ear = 0; ear < 2; ++ear) {
        energy += sides[0][ear].abs2() + sides[1][ear].abs2();
        together += (sides[0][ear] + sides[1][ear]).abs2();
    }
    const auto& hz = evaluation.tables->frequency_hz;
    const auto about = (hz >= at_hz / std::sqrt(2.0) && hz <= at_hz * std::sqrt(2.0)).cast<double>();
    return 10.0 * std::log10((about * energy).sum() / (about * together).sum());
}

TEST(SubAgainstDoors, IsSaidWhereTheyCancelAndMendedByTurning)
{
    int said = 0, mendedByTurning = 0;
    for (int step = 0; step <= 12; ++step) {
        const Plan plan = withSubs(0.001 * step);
        const auto findings = judge(plan, tests::evaluated(plan));
        const Finding* finding = subFinding(findings);
        if (!finding) continue;
        ++said;
        EXPECT_EQ(code(finding->rule), "POL5");
        EXPECT_EQ(finding->severity, Severity::Care);
        EXPECT_EQ(finding->where.size(), 2U) << "both boxes";
        const double at_hz = evidenceOf(*finding, Quantity::SplitAt_hz, plan.job.goal).figure.value;
        const Evidence& lost = evidenceOf(*finding, Quantity::SplitHole_db, plan.job.goal);
        EXPECT_NEAR(lost.figure.value, lostByHand_db(plan, at_hz), 0.6) << step << " ms, third-octaves against bins";
        EXPECT_EQ(lost.limit, 3.0);
        for (const Mend& mend : finding->mends) {
            if (mend.name != MendName::TurnOver) continue;
            ++mendedByTurning;
            const Plan turned = apply(plan, std::get<Edit>(mend.act)).plan;
            EXPECT_FALSE(subFinding(judge(turned, tests::evaluated(turned)))) << step;
            EXPECT_NEAR(lostByHand_db(turned, at_hz), mend.figure, 0.6);
        }
        EXPECT_TRUE(std::any_of(finding->mends.begin(), finding->mends.end(),
                                [](const Mend& mend) { return mend.name == MendName::AlignSides; }));
    }
    EXPECT_GE(said, 3) << "half a period of 80 Hz is 6.25 ms: some delays must cancel";
    EXPECT_LE(said, 8) << "and some must not";
    EXPECT_GE(mendedByTurning, 3);
}

TEST(SubAgainstDoors, TurnsAtItsLimit)
{
    for (int step = 0; step <= 12; ++step) {
        Plan plan = withSubs(0.001 * step);
        const auto before = judge(plan, tests::evaluated(plan));
        if (!subFinding(before)) continue;
        const double lost_db = subFinding(before)->evidence.front().figure.value;
        for (const double share : {0.999, 1.001}) {
            plan.practice[PracticeKey::SubLossCare_db] = share * lost_db;
            EXPECT_EQ(subFinding(judge(plan, tests::evaluated(plan))) != nullptr, share < 1.0) << lost_db;
        }
        return;
    }
    FAIL() << "it was never said";
}

// What stood there nobody chose; and without a subwoofer there is nothing to say.
TEST(SubAgainstDoors, IsSilentOfWhatStood)
{
    int saidOfMoved = 0;
    for (int step = 0; step <= 12; ++step) {
        Plan plan = withSubs(0.001 * step);
        const auto set = std::exchange(plan.settings, {});
        for (const auto& [key, setting] : set) plan.settings[{kFactory, key.key}] = setting;
        EXPECT_FALSE(subFinding(judge(plan, tests::evaluated(plan)))) << step;
        // Moved by a hand it was chosen.
        const auto box = std::find_if(plan.devices.begin(), plan.devices.end(),
                                      [](const auto& one) { return one.second->label == "BL other"; });
        const Frame was = plan.places.at(box->second->at).frame;
        plan.mounts[{plan.job.goal, box->first.key}] = Mount{.frame = Frame{was.at_m + Vec3{0.05, 0.0, 0.0}, was.facing}};
        saidOfMoved += subFinding(judge(plan, tests::evaluated(plan))) != nullptr;
    }
    EXPECT_GE(saidOfMoved, 3);
    const Plan demo = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    EXPECT_FALSE(subFinding(judge(demo, tests::evaluated(demo))));
}

}  // namespace
}  // namespace core
