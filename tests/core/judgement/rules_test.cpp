// Each rule: it fires, it stays silent, and it turns exactly at its limit. Limits: common practice, no source, unless
// said.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <fstream>
#include <functional>
#include <set>

#include "tests/core/mends_help.h"

namespace core {
namespace {

using Figure = std::pair<Quantity, double>;

// What differs from the demo: the driver on the left (and by following on the right) and, if need be, more.
struct RuleRow {
    const char* what;
    RuleId rule;
    std::vector<Figure> driver;
    std::function<void(Plan&)> also;
    std::optional<Severity> expected;
    bool couldBe = false;
};
void PrintTo(const RuleRow& row, std::ostream* out)
{
    *out << row.what;
}

void measureFactory(Plan& plan, double re_ohm)
{
    plan.parts[{9}].figures[Quantity::Re_ohm] = Known{re_ohm, {Origin::Measured}};
}
void outputFilter(Plan& plan)
{
    plan.parts[{7}].figures[Quantity::HighPass_hz] = Known{120.0};
}
const auto kMeasured = [](Plan& plan) { measureFactory(plan, 5.0); };
const auto kUnknownMinimum = [](Plan& plan) {
    measureFactory(plan, 5.0);
    plan.parts[{7}].figures.erase(Quantity::LeastLoad_ohm);
};
const auto kNoCapacitor = [](Plan& plan) { plan = apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan; };
// A channel that no driver's impedance takes down, so that the least load is the resistor across it.
const auto kLoadedWith = [](double ohm) {
    return [ohm](Plan& plan) {
        Part part{.kind = PartKind::Network, .name = "load"};
        part.terminals = {{"a", ""}, {"b", ""}};
        part.inside["R"] = {ElementKind::Resistor, "a", "b", {{Quantity::Resistance_ohm, Known{ohm}}}};
        const auto id = drawId<PartId>(plan);
        plan.parts[id] = part;
        const auto device = drawId<DeviceId>(plan);
        plan.devices[{plan.job.goal, device}] = Device{.part = id};
        for (const int wire : {16, 17}) plan.wires[{plan.job.goal, {wire}}] = std::nullopt;
        plan.wires[{plan.job.goal, drawId<WireId>(plan)}] = Wire{{tests::kRadio, "RL+"}, {device, "a"}};
        plan.wires[{plan.job.goal, drawId<WireId>(plan)}] = Wire{{tests::kRadio, "RL-"}, {device, "b"}};
    };
};
// Equal drivers before and after but for the sensitivity, so that the change of level is what the figures say.
const auto kSameButSensitivity = [](double before_db, double re_ohm) {
    return [=](Plan& plan) {
        for (const auto& [quantity, value] : {Figure{Quantity::Re_ohm, re_ohm}, Figure{Quantity::Nominal_ohm, 6.0},
                                              Figure{Quantity::Sensitivity_db, before_db}})
            plan.parts[{9}].figures[quantity] = Known{value};
        kNoCapacitor(plan);
        for (const int plug : {11, 13})
            plan.wires[{kFactory, drawId<WireId>(plan)}] = Wire{{{plug}, "h-"}, {{plug}, "s-"}};
    };
};

class Rule : public testing::TestWithParam<RuleRow> {};

TEST_P(Rule, SpeaksAsItsLimitSays)
{
    const RuleRow& row = GetParam();
    Plan plan = tests::demoPlan();
    if (row.also) row.also(plan);
    if (!row.driver.empty()) {
        Part part = tests::driverPart("tried", {});
        part.driverClass = "wideBand100";  // as the factory one, so that only the figures of the row differ
        for (const auto& [quantity, value] : row.driver) part.figures[quantity] = Known{value};
        plan = tests::withDriver(plan, part);
    }
    const auto findings = judge(plan, tests::evaluated(plan));
    const auto found =
        std::find_if(findings.begin(), findings.end(), [&](const Finding& f) { return f.rule == row.rule; });
    ASSERT_EQ(found != findings.end(), row.expected.has_value());
    if (!row.expected) return;
    EXPECT_EQ(found->severity, *row.expected);
    EXPECT_EQ(found->couldBe, row.couldBe);
    EXPECT_FALSE(found->evidence.empty());
    EXPECT_FALSE(found->where.empty());
    EXPECT_FALSE(found->mends.empty() && row.rule != RuleId::LoadUnderMinimum);
}

using tests::kStop, tests::kCare, tests::kNote;
// Source of 0.80: IEC 60268-5, |Z| may fall to 80 % of nominal; 0.70: common practice. The minimum is 4 ohm.
INSTANTIATE_TEST_SUITE_P(
    Load1, Rule,
    testing::Values(
        RuleRow{"3.30 of 4", RuleId::LoadUnderMinimum, {}, kLoadedWith(3.30), {}},
        RuleRow{"3.20 of 4", RuleId::LoadUnderMinimum, {}, kLoadedWith(3.20), {}},
        RuleRow{"3.19 of 4", RuleId::LoadUnderMinimum, {}, kLoadedWith(3.19), kCare},
        RuleRow{"3.00 of 4", RuleId::LoadUnderMinimum, {}, kLoadedWith(3.00), kCare},
        RuleRow{"2.80 of 4", RuleId::LoadUnderMinimum, {}, kLoadedWith(2.80), kCare},
        RuleRow{"2.79 of 4", RuleId::LoadUnderMinimum, {}, kLoadedWith(2.79), kStop},
        RuleRow{"a dead short",
                RuleId::LoadUnderMinimum,
                {},
                [](Plan& p) {
                    p.wires[{p.job.goal, drawId<WireId>(p)}] = Wire{{tests::kRadio, "RL+"}, {tests::kRadio, "RL-"}};
                },
                kStop}));
INSTANTIATE_TEST_SUITE_P(
    Load2, Rule,
    testing::Values(
        RuleRow{"4.51 of 5", RuleId::LowerLoadOnFactory, {{Quantity::Re_ohm, 4.51}}, kMeasured, {}},
        RuleRow{"4.50 of 5", RuleId::LowerLoadOnFactory, {{Quantity::Re_ohm, 4.50}}, kMeasured, {}},
        RuleRow{"4.49 of 5", RuleId::LowerLoadOnFactory, {{Quantity::Re_ohm, 4.49}}, kMeasured, kCare},
        RuleRow{"3.3 of 5, minimum known", RuleId::LowerLoadOnFactory, {{Quantity::Re_ohm, 3.3}}, kMeasured, kCare},
        RuleRow{"3.50 of 5, minimum unknown",
                RuleId::LowerLoadOnFactory,
                {{Quantity::Re_ohm, 3.50}},
                kUnknownMinimum,
                kCare},
        RuleRow{"3.49 of 5, minimum unknown",
                RuleId::LowerLoadOnFactory,
                {{Quantity::Re_ohm, 3.49}},
                kUnknownMinimum,
                kStop},
        RuleRow{"old one not measured", RuleId::LowerLoadOnFactory, {{Quantity::Re_ohm, 3.3}}, {}, kCare, true}));
// The new coil has 6.1 against 6.0 ohm, so that the load counts as higher; all else is the sensitivity.
const std::vector<Figure> kQuieter{
    {Quantity::Re_ohm, 6.1}, {Quantity::Nominal_ohm, 6.0}, {Quantity::Sensitivity_db, 85.0}};
INSTANTIATE_TEST_SUITE_P(
    Load3, Rule,
    testing::Values(RuleRow{"0.9 dB less", RuleId::LessLevel, kQuieter, kSameButSensitivity(85.9, 6.0), {}},
                    RuleRow{"1.1 dB less", RuleId::LessLevel, kQuieter, kSameButSensitivity(86.1, 6.0), kNote, true},
                    RuleRow{"2.9 dB less", RuleId::LessLevel, kQuieter, kSameButSensitivity(87.9, 6.0), kNote, true},
                    RuleRow{"3.1 dB less", RuleId::LessLevel, kQuieter, kSameButSensitivity(88.1, 6.0), kCare, true},
                    RuleRow{
                        "less, but no higher load", RuleId::LessLevel, kQuieter, kSameButSensitivity(88.1, 6.2), {}}));
// 16 W into 4 ohm: a sine gives a 3.3 ohm coil up to 19.4 W where its impedance is least.
const auto kRated = [](double watts) {
    return std::vector<Figure>{{Quantity::Re_ohm, 3.3},    {Quantity::Nominal_ohm, 4.0}, {Quantity::Le_h, 0.0},
                               {Quantity::Power_w, watts}, {Quantity::Fs_hz, 110.0},     {Quantity::Qms, 4.5},
                               {Quantity::Qes, 0.95},      {Quantity::Vas_m3, 1.8e-3}};
};
INSTANTIATE_TEST_SUITE_P(
    Load4, Rule,
    testing::Values(RuleRow{"rated amply", RuleId::CoilOverRating, kRated(30.0), kNoCapacitor, {}},
                    RuleRow{"sine under four times", RuleId::CoilOverRating, kRated(4.9), kNoCapacitor, {}},
                    RuleRow{"sine over four times, no high-pass", RuleId::CoilOverRating, kRated(4.7), kNoCapacitor,
                            kStop},
                    RuleRow{"the same behind its capacitor", RuleId::CoilOverRating, kRated(4.7), {}, {}},
                    RuleRow{"programme over the rating", RuleId::CoilOverRating, kRated(0.5), {}, kCare}));
// Corner moves by log2 of the ratio of nominal impedances; a third of an octave is a ratio of 1.26: 6 to 4.762 ohm.
INSTANTIATE_TEST_SUITE_P(
    Split2, Rule,
    testing::Values(
        RuleRow{"4 ohm", RuleId::KeptCapacitor, {{Quantity::Nominal_ohm, 4.0}}, {}, kCare},
        RuleRow{"8 ohm", RuleId::KeptCapacitor, {{Quantity::Nominal_ohm, 8.0}}, {}, kCare},
        RuleRow{"just inside", RuleId::KeptCapacitor, {{Quantity::Nominal_ohm, 6.0 / std::cbrt(2.0)}}, {}, {}},
        RuleRow{
            "just outside", RuleId::KeptCapacitor, {{Quantity::Nominal_ohm, 0.9999 * 6.0 / std::cbrt(2.0)}}, {}, kCare},
        RuleRow{"same ohms", RuleId::KeptCapacitor, {{Quantity::Nominal_ohm, 6.0}}, {}, {}},
        RuleRow{"bypassed", RuleId::KeptCapacitor, {{Quantity::Nominal_ohm, 4.0}}, kNoCapacitor, {}}));
INSTANTIATE_TEST_SUITE_P(
    Split3, Rule,
    testing::Values(RuleRow{"filtered output, capacitor", RuleId::CapacitorOnFilteredOutput, {}, outputFilter, kNote},
                    RuleRow{"no filter", RuleId::CapacitorOnFilteredOutput, {}, {}, {}},
                    RuleRow{"a filter that somebody set",
                            RuleId::CapacitorOnFilteredOutput,
                            {},
                            [](Plan& p) {
                                p.settings[{kFound, {tests::kRadio, "RL"}}] = Setting{.highPass = Filter{80.0, 2}};
                            },
                            kNote},
                    RuleRow{"filtered, no capacitor",
                            RuleId::CapacitorOnFilteredOutput,
                            {},
                            [](Plan& p) {
                                outputFilter(p);
                                kNoCapacitor(p);
                            },
                            {}}));

// Every mend that is an edit does away with its finding.
// docs/rules.md has a row for each rule, with its code, and none for any other.
TEST(Rules, EachHasItsRowInTheDocs)
{
    std::ifstream in(TEST_FOLDER "/../docs/rules.md");
    std::set<std::string> rows, wanted;
    for (std::string line; std::getline(in, line);) {
        const auto name = line.find("| `");
        if (line.starts_with("| ") && name != std::string::npos) rows.insert(line.substr(0, line.find('`', name + 3)));
    }
    for (const auto& [rule, code] : kRules) {
        static const char* const kNames[] = {
#define RULE(name, code) #name,
#include "core/model/rules.def"
        };
        wanted.insert("| " + std::string(code) + " | `" + kNames[static_cast<size_t>(rule)]);
    }
    EXPECT_EQ(rows, wanted);
}

TEST(Mends, EachEditSilencesItsFinding)
{
    int tried = 0;
    for (const Plan& plan : {tests::withShelfDriver(tests::demoPlan(), "wb-alder-4"), tests::troublePlan()}) {
        for (const Finding& finding : judge(plan, tests::evaluated(plan)))
            tried += tests::expectMendsHelp(plan, finding);
    }
    EXPECT_GE(tried, 5);
}

TEST(Mends, TheTroublePlanFiresWhatTheDemoCannot)
{
    std::set<RuleId> fired;
    for (const Plan& plan : {tests::withShelfDriver(tests::demoPlan(), "wb-alder-4"), tests::troublePlan()})
        for (const Finding& finding : judge(plan, tests::evaluated(plan))) fired.insert(finding.rule);
    for (const RuleId rule : {RuleId::LoadUnderMinimum, RuleId::LowerLoadOnFactory, RuleId::LessLevel,
                              RuleId::CoilOverRating, RuleId::KeptCapacitor, RuleId::StackedHighPasses})
        EXPECT_TRUE(fired.contains(rule)) << code(rule);
}

// 2 ohm on a channel for 4 is a Stop; what is offered instead is none.
TEST(Mends, AnotherDriverHasLessAgainstIt)
{
    const Shop shop = shippedShop();
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-heron-2");
    const auto edit =
        answer({SolverRequest::Kind::ChooseDriver, tests::kLeftSpeaker, {}, {}}, plan, shop.practice, shop.shelf);
    ASSERT_TRUE(edit);
    const auto serious = [&](const Plan& tried) {
        const auto findings = judge(tried, tests::evaluated(tried));
        return std::count_if(findings.begin(), findings.end(),
                             [](const Finding& finding) { return finding.severity != Severity::Note; });
    };
    const Plan mended = apply(plan, *edit).plan;
    EXPECT_LT(serious(mended), serious(plan));
}

TEST(Judge, PutsTheWorstFirstAndSpeaksOnceForAPairThatIsAlike)
{
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-heron-2");
    const auto findings = judge(plan, tests::evaluated(plan));
    EXPECT_TRUE(std::is_sorted(findings.begin(), findings.end(),
                               [](const Finding& a, const Finding& b) { return a.severity > b.severity; }));
    for (const Finding& finding : findings) {
        if (finding.rule != RuleId::KeptCapacitor) continue;
        EXPECT_EQ(finding.where, (std::vector<Subject>{tests::kLeftSpeaker, tests::kRightSpeaker}));
    }
    EXPECT_EQ(std::count_if(findings.begin(), findings.end(),
                            [](const Finding& f) { return f.rule == RuleId::KeptCapacitor; }),
              1);
}

}  // namespace
}  // namespace core
