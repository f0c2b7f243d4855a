// An added amplifier's fuse and cable: what is planned, what is judged, what reaches the job.
#include "core/evaluate/supply.h"

#include "core/edits/source_edits.h"
#include "core/edits/supply_edits.h"
#include "core/fitout/wiring_graph.h"
#include "core/job/job_plan.h"
#include "core/physics/wire.h"
#include "tests/core/mends_help.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;

// The demo with an amplifier added: four channels of 45 W, where nothing else is said.
struct Added {
    Plan plan = tests::demoPlan();
    StageId goal{};
    DeviceId amplifier{};

    explicit Added(const char* key = "amp-burn-4")
    {
        goal = plan.job.goal;
        const auto before = resolve(plan, goal).devices;
        plan = after(plan, addSource(plan, goal, *tests::shop().shelf.find(key), {}));
        for (const auto& [id, device] : fitout().devices)
            if (!before.contains(id)) amplifier = id;
    }
    [[nodiscard]] Fitout fitout() const { return resolve(plan, goal); }
    [[nodiscard]] Supply supply() const { return supplyOf(fitout(), amplifier, tests::shop().practice); }
    void fuse(double fuse_a)
    {
        const Part part{.kind = PartKind::Fuse, .name = "fuse", .figures = {{Quantity::Fuse_a, Known{fuse_a}}}};
        plan = after(plan, setFuse(plan, goal, amplifier, &part));
    }
    void cable(Quantity what, double value)
    {
        plan = after(plan, noteSupplyCable(plan, goal, amplifier, what, Known{value}));
    }
    [[nodiscard]] std::optional<Finding> finding() const
    {
        const auto findings = judge(plan, tests::evaluated(plan));
        const Finding* found = tests::findingOf(findings, RuleId::FuseAndCable);
        return found ? std::optional(*found) : std::nullopt;
    }
};

// 180 W at CF 7.78 dB: share 2/10^0.778 = 0.33345, eta 0.8 sqrt(pi/2) 10^(-0.389) = 0.40940; /13.8 V.
TEST(Supply, DrawsWhatItsChannelsTake)
{
    const Added added;
    EXPECT_NEAR(*added.supply().draw_a, 180.0 * 0.333448 / (0.409401 * 13.8), 2e-4);
    EXPECT_EQ(fuseFor_a(added.supply(), tests::shop().practice), 15.0) << "1.25 x 10.62 A, ISO 8820";
    EXPECT_FALSE(added.supply().fuse);
    Added unknown;
    const Part bare{.kind = PartKind::Amplifier, .name = "amplifier"};
    unknown.plan = tests::demoPlan();
    unknown.plan = after(unknown.plan, addSource(unknown.plan, unknown.goal, PartKind::Amplifier, {"S1"}, {}));
    const auto finding = unknown.finding();
    ASSERT_TRUE(finding) << "nobody knows what it draws, but it has no fuse";
    EXPECT_TRUE(finding->mends.empty());
}

// Copper at 20 degC, IEC 60028: 5 m of 10 mm2 are 8.6205 milliohm. AWG 4 carries 160 A at 105 degC insulation, AWG 16
// 25 A and AWG 14 35 A, ABYC E-11 (from memory); at the 80 of an unknown one sqrt(50/75) of it.
TEST(Supply, TheCableBearsAndDrops)
{
    Added added;
    added.fuse(15.0);
    added.cable(Quantity::Area_m2, 10e-6);
    EXPECT_FALSE(added.supply().drop_v) << "how long it is nobody said";
    added.cable(Quantity::Length_m, 5.0);
    EXPECT_NEAR(*added.supply().drop_v, *added.supply().draw_a * 8.6205e-3, 1e-7);
    added.cable(Quantity::Area_m2, awgArea_m2(4.0));
    EXPECT_NEAR(*added.supply().ampacity_a, 130.639, 1e-3);
    // Thinner than the table: 0.5 of the 0.8231 mm2 that carry 16.330 A, so 9.920; thicker: as 4/0, 445 sqrt(50/75).
    added.cable(Quantity::Area_m2, 0.5e-6);
    EXPECT_NEAR(*added.supply().ampacity_a, 9.920, 1e-3);
    added.cable(Quantity::Area_m2, 150e-6);
    EXPECT_NEAR(*added.supply().ampacity_a, 363.341, 1e-3);
    EXPECT_EQ(cableFor_m2(20.41, tests::shop().practice), awgArea_m2(16.0));
    EXPECT_EQ(cableFor_m2(20.42, tests::shop().practice), awgArea_m2(14.0));
}

TEST(FuseAndCable, BothSidesOfEachLimit)
{
    Added added;
    ASSERT_TRUE(added.finding());
    EXPECT_EQ(added.finding()->severity, Severity::Stop) << "no fuse";
    EXPECT_EQ(code(added.finding()->rule), "LOAD14");
    EXPECT_EQ(tests::expectMendsHelp(added.plan, *added.finding()), 1);
    added.fuse(10.6);
    ASSERT_TRUE(added.finding());
    EXPECT_EQ(added.finding()->severity, Severity::Care) << "10.62 A through it";
    EXPECT_EQ(tests::expectMendsHelp(added.plan, *added.finding()), 1);
    added.fuse(10.7);
    ASSERT_TRUE(added.finding());
    EXPECT_EQ(added.finding()->severity, Severity::Care) << "of its cable nobody said anything";
    EXPECT_FALSE(added.finding()->evidence.front().limit);
    EXPECT_EQ(tests::expectMendsHelp(added.plan, *added.finding()), 1);
    added.cable(Quantity::Area_m2, 10e-6);
    EXPECT_FALSE(added.finding());
    added.fuse(20.41);
    added.cable(Quantity::Area_m2, awgArea_m2(16.0));
    EXPECT_FALSE(added.finding());
    added.fuse(20.42);
    ASSERT_TRUE(added.finding());
    EXPECT_EQ(added.finding()->severity, Severity::Stop) << "the cable carries 20.412 A";
    EXPECT_NEAR(figureOf(*added.finding(), Quantity::Ampacity_a), 20.4124, 1e-4);
    EXPECT_EQ(tests::expectMendsHelp(added.plan, *added.finding()), 2) << "a smaller fuse, a thicker cable";
    // 400 W draw 23.6 A and want 30 A, which AWG 18 with its 16.3 A does not bear, nor AWG 14 with 28.6.
    Added bass("amp-ford-1");
    bass.fuse(15.0);
    bass.cable(Quantity::Area_m2, awgArea_m2(18.0));
    const auto finding = bass.finding();
    ASSERT_TRUE(finding);
    EXPECT_EQ(finding->severity, Severity::Care);
    ASSERT_EQ(finding->mends.size(), 1U);
    EXPECT_EQ(finding->mends.front().name, MendName::ThickerCable);
    EXPECT_EQ(finding->mends.front().figure, awgArea_m2(12.0));
    EXPECT_EQ(tests::expectMendsHelp(bass.plan, *finding), 1);
}

TEST(SetFuse, ComesIsExchangedAndGoes)
{
    Added added;
    const auto runsBefore = runs(added.fitout());
    const Plan bare = added.plan;
    added.fuse(15.0);
    added.cable(Quantity::Length_m, 4.5);
    const DeviceId first = added.supply().fuse;
    added.fuse(20.0);
    EXPECT_EQ(added.supply().fuse, first);
    EXPECT_EQ(*added.supply().fuse_a, 20.0);
    EXPECT_EQ(*added.supply().length_m, 4.5) << "the cable stays";
    EXPECT_EQ(runs(added.fitout()).size(), runsBefore.size());
    added.plan = after(added.plan, setFuse(added.plan, added.goal, added.amplifier, nullptr));
    EXPECT_FALSE(added.supply().fuse);
    EXPECT_EQ(added.fitout().devices, resolve(bare, added.goal).devices);
    EXPECT_EQ(added.fitout().wires, resolve(bare, added.goal).wires);
    added.fuse(15.0);
    added.plan = after(added.plan, removeSource(added.plan, added.goal, added.amplifier));
    for (const auto& [id, device] : added.fitout().devices)
        EXPECT_NE(added.plan.parts.at(device.part).kind, PartKind::Fuse) << "it went with its amplifier";
}

// A radio hangs on the vehicle's own fused feed.
TEST(FuseAndCable, SpeaksOfAmplifiersThatAreAdded)
{
    Added added;
    added.plan = tests::demoPlan();
    added.plan = after(added.plan, addSource(added.plan, added.goal, PartKind::Radio, {"FL", "FR"}, {}));
    EXPECT_FALSE(added.finding());
    const Part& burn = *tests::shop().shelf.find("amp-burn-4");
    added.plan = after(tests::demoPlan(), addSource(tests::demoPlan(), kFound, burn, {}));
    EXPECT_FALSE(added.finding()) << "it was found so";
}

// What a later stage changed of a supply goes with it.
TEST(SetFuse, GoesAtEveryStageAboveIt)
{
    const auto fuse = [](double fuse_a) {
        return Part{.kind = PartKind::Fuse, .name = "fuse", .figures = {{Quantity::Fuse_a, Known{fuse_a}}}};
    };
    const Part found = fuse(15.0), planned = fuse(20.0);
    Plan plan = tests::demoPlan();
    plan = after(plan, setFuse(plan, kFound, tests::kRadio, &found));
    plan = after(plan, setFuse(plan, plan.job.goal, tests::kRadio, &planned));
    plan = after(plan, noteSupplyCable(plan, plan.job.goal, tests::kRadio, Quantity::Length_m, Known{3.0}));
    const auto fuses = [&](StageId stage) {
        int count = 0;
        for (const auto& [id, device] : resolve(plan, stage).devices)
            count += plan.parts.at(device.part).kind == PartKind::Fuse ? 1 : 0;
        return count;
    };
    EXPECT_EQ(fuses(plan.job.goal), 1);
    plan = after(plan, setFuse(plan, kFound, tests::kRadio, nullptr));
    EXPECT_EQ(fuses(kFound), 0);
    EXPECT_EQ(fuses(plan.job.goal), 0);
}

// Another fuse on a cable that stays is no cable to lay; another cable behind a fuse that stays is.
TEST(Supply, OnlyWhatChangesIsWork)
{
    const auto fuse = [](double fuse_a) {
        return Part{.kind = PartKind::Fuse, .name = "fuse", .figures = {{Quantity::Fuse_a, Known{fuse_a}}}};
    };
    const Part found = fuse(15.0), other = fuse(20.0);
    Plan plan = tests::demoPlan();
    plan = after(plan, setFuse(plan, kFound, tests::kRadio, &found));
    const auto count = [](const Plan& of, StepKind kind) {
        const JobPlan job = planJob(of, kFound, of.job.goal, tests::evaluated(of));
        return std::count_if(job.steps.begin(), job.steps.end(), [&](const Step& step) { return step.kind == kind; });
    };
    EXPECT_EQ(count(plan, StepKind::LaySupply) + count(plan, StepKind::FitFuse), 0);
    const Plan fused = after(plan, setFuse(plan, plan.job.goal, tests::kRadio, &other));
    EXPECT_EQ(count(fused, StepKind::LaySupply), 0);
    EXPECT_EQ(count(fused, StepKind::FitFuse), 1);
    const Plan laid = after(plan, noteSupplyCable(plan, plan.job.goal, tests::kRadio, Quantity::Area_m2, Known{6e-6}));
    EXPECT_EQ(count(laid, StepKind::LaySupply), 1);
    EXPECT_EQ(count(laid, StepKind::FitFuse), 0);
    const JobPlan job = planJob(laid, kFound, laid.job.goal, tests::evaluated(laid));
    for (const SmallPartRow& row : job.smallParts) EXPECT_NE(row.part, SmallPart::FuseHolder) << "it is there";
    EXPECT_TRUE(std::any_of(job.wires.begin(), job.wires.end(), [](const WireRow& row) {
        return row.to.terminal == kSupplyTerminal && row.state == WireState::New;
    }));
}

TEST(Supply, IsLaidBoughtAndClosedLast)
{
    Added added;
    added.fuse(15.0);
    added.cable(Quantity::Length_m, 4.5);
    const JobPlan job = planJob(added.plan, kFound, added.goal, tests::evaluated(added.plan));
    const auto at = [&](StepKind kind) {
        return std::find_if(job.steps.begin(), job.steps.end(), [&](const Step& step) { return step.kind == kind; });
    };
    for (const Step& step : job.steps)
        EXPECT_TRUE(step.place || (step.kind != StepKind::OpenTrim && step.kind != StepKind::CloseTrim))
            << "no trim of nowhere is opened";
    ASSERT_NE(at(StepKind::LaySupply), job.steps.end());
    EXPECT_EQ((*at(StepKind::LaySupply))[StepFigure::Length_m], 4.5);
    EXPECT_EQ(at(StepKind::LaySupply)->minutes, tests::shop().practice[PracticeKey::StepSupply_min]);
    EXPECT_EQ((*at(StepKind::FitFuse))[StepFigure::Fuse_a], 15.0);
    EXPECT_LT(at(StepKind::PowerDown), at(StepKind::LaySupply));
    EXPECT_LT(at(StepKind::TrySound), at(StepKind::FitFuse));
    EXPECT_TRUE(std::any_of(job.parts.begin(), job.parts.end(), [&](const PartRow& row) {
        return added.plan.parts.at(row.part).kind == PartKind::Fuse && row.count == 1;
    }));
    EXPECT_TRUE(std::any_of(job.wires.begin(), job.wires.end(), [&](const WireRow& row) {
        return row.id == added.supply().cable && row.state == WireState::New;
    }));
    const auto small = [&](SmallPart part) {
        return std::find_if(job.smallParts.begin(), job.smallParts.end(),
                            [&](const SmallPartRow& row) { return row.part == part; });
    };
    ASSERT_NE(small(SmallPart::FuseHolder), job.smallParts.end());
    EXPECT_EQ(small(SmallPart::FuseHolder)->count, 1);
    EXPECT_EQ(small(SmallPart::SupplyCable)->length_m, 4.5);
    EXPECT_EQ(small(SmallPart::SupplyCable)->area_m2, 0.0) << "nobody said";
    EXPECT_EQ(small(SmallPart::SpeakerCable), job.smallParts.end()) << "no speaker's cable is another one";
}

}  // namespace
}  // namespace core
