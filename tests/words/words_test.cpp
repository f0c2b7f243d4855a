#include <gtest/gtest.h>

#include <QLocale>
#include <QRegularExpression>
#include <map>
#include <set>

#include "core/edits/fit_edits.h"
#include "core/io/shop.h"
#include "core/job/job_plan.h"
#include "core/slate/named_line.h"
#include "tests/core/demo_plan.h"
#include "tests/core/reference_csv.h"
#include "words/calc_words.h"
#include "words/doubt_words.h"
#include "words/figures.h"
#include "words/finding_words.h"
#include "words/fit_words.h"
#include "words/job_words.h"
#include "words/loudness_words.h"
#include "words/name_words.h"
#include "words/reckoning_words.h"
#include "words/slate_words.h"
#include "words/warning_words.h"

namespace words {
namespace {

QString plain(QString text)
{
    return text.replace(QChar(0x202F), QLatin1Char(' '));
}

class Words : public testing::Test {
protected:
    void SetUp() override { QLocale::setDefault(QLocale::c()); }
};

TEST_F(Words, FiguresHaveThreeDigitsAndTheRightPrefix)
{
    EXPECT_EQ(plain(frequency(390.086)), "390 Hz");
    EXPECT_EQ(plain(frequency(1440.0)), "1.44 kHz");
    EXPECT_EQ(plain(frequency(999.7)), "1 kHz");
    EXPECT_EQ(plain(frequency(88.66)), "88.7 Hz");
    EXPECT_EQ(plain(ohms(4.0)), "4 Ω");
    EXPECT_EQ(plain(ohms(2200.0)), "2.2 kΩ");
    EXPECT_EQ(plain(ohms(0.05)), "50 mΩ");
    EXPECT_EQ(plain(farads(68e-6)), "68 µF");
    EXPECT_EQ(plain(farads(1e-3)), "1000 µF");
    EXPECT_EQ(plain(preferredFarads(47e-6, 47e-6, 51e-6)), "47 µF (E6, E12), 51 µF (E24)");
    EXPECT_EQ(plain(preferredFarads(4.7e-6, 4.7e-6, 4.7e-6)), "4.7 µF (E6, E12, E24)");
    EXPECT_EQ(plain(preferredFarads(47e-6, 56e-6, 51e-6)), "47 µF (E6), 56 µF (E12), 51 µF (E24)");
    EXPECT_EQ(plain(watts(0.25)), "250 mW");
    EXPECT_EQ(plain(volts(8.0)), "8 V");
    EXPECT_EQ(plain(amperes(1.6128)), "1.61 A");
    EXPECT_EQ(plain(percent(0.667)), "67 %");
}

TEST_F(Words, ChangesCarryTheirSign)
{
    EXPECT_EQ(plain(decibelChange(1.7609, 2)), "+1.76 dB");
    EXPECT_EQ(plain(decibelChange(-2.46)), "−2.5 dB");
    EXPECT_EQ(plain(decibelChange(-0.04)), "±0.0 dB");
    EXPECT_EQ(plain(decibels(-0.01)), "0.0 dB");
}

TEST_F(Words, LengthsStandInBothSystems)
{
    EXPECT_EQ(length(0.142875), "143 mm (5.63 in)");
    EXPECT_EQ(length(0.142875, UnitSystem::Imperial), "5.63 in (143 mm)");
}

TEST_F(Words, Minutes)
{
    EXPECT_EQ(minutes(45.4), "45 min");
    EXPECT_EQ(minutes(186.0), "3 h 06 min");
}

TEST_F(Words, EveryFindingSaysItsNumbersAndItsReasonInOneLineEach)
{
    std::set<core::RuleId> seen;
    for (const core::Plan& plan : {tests::withShelfDriver(tests::demoPlan(), "wb-alder-4"), tests::troublePlan()}) {
        for (const core::Finding& finding : core::judge(plan, tests::evaluated(plan))) {
            seen.insert(finding.rule);
            const FindingText text = textOf(finding);
            for (const QString& line : {text.title, text.numbers, text.reason}) {
                EXPECT_FALSE(line.isEmpty());
                EXPECT_FALSE(line.contains(QLatin1Char('\n')) || line.contains(QLatin1Char('%') + QString::number(1)))
                    << line.toStdString();
            }
            EXPECT_TRUE(text.numbers.contains(QRegularExpression(QStringLiteral("[0-9]"))));
            for (const core::Mend& mend : finding.mends) EXPECT_FALSE(textOf(mend).isEmpty());
        }
    }
    for (const core::RuleId rule :
         {core::RuleId::LoadUnderMinimum, core::RuleId::LowerLoadOnFactory, core::RuleId::LessLevel,
          core::RuleId::CoilOverRating, core::RuleId::KeptCapacitor, core::RuleId::StackedHighPasses})
        EXPECT_TRUE(seen.contains(rule)) << core::code(rule);
}

// A driver for which nearly everything is wrong, once from the front and once under a panel.
core::Plan misfit(bool underPanel)
{
    using core::Quantity;
    core::Plan plan =
        tests::withDriver(tests::demoPlan(), tests::driverPart("misfit", {{Quantity::Depth_m, 0.06},
                                                                          {Quantity::Dome_m, 0.025},
                                                                          {Quantity::Cutout_m, 0.025},
                                                                          {Quantity::ScrewCount, 4.0},
                                                                          {Quantity::ScrewCircle_m, 0.12},
                                                                          {Quantity::Mass_kg, 0.4},
                                                                          {Quantity::Power_w, 500.0},
                                                                          {Quantity::Sensitivity_db, 95.0},
                                                                          {Quantity::Basket_m, 0.094},
                                                                          {Quantity::Flange_m, 0.13}}));
    const auto panel = core::drawId<core::PanelId>(plan);
    plan.panels[panel] = {.name = "card"};
    const auto spacer = core::drawId<core::PartId>(plan);
    plan.parts[spacer] = {.kind = core::PartKind::Spacer, .name = "ring", .shelfKey = "made"};
    plan.parts[spacer].figures = {{Quantity::Thickness_m, core::Known{0.003}},
                                  {Quantity::WireNotch_m, core::Known{0.0}}};
    for (auto& [id, place] : plan.places) {
        place.behind = core::Behind::Glass;
        place.anchor = core::Anchor::Plastic;
        place.underPanel = underPanel;
        place.cover = core::Cover::ClothUnderLeather;
        place.wayIn = {panel};
        place.room = {{Quantity::Depth_m, core::Known{0.04}},       {Quantity::FrontClearance_m, core::Known{0.005}},
                      {Quantity::Cutout_m, core::Known{0.2}},       {Quantity::ScrewCount, core::Known{3.0}},
                      {Quantity::ScrewCircle_m, core::Known{0.15}}, {Quantity::ScrewRoom_m, core::Known{0.001}}};
        if (underPanel) place.room.erase(Quantity::Cutout_m);
    }
    for (const core::DeviceId device : {tests::kLeftSpeaker, core::DeviceId{14}})
        plan.mounts[{plan.job.goal, device}] = core::Mount{.spacer = spacer,
                                                           .fixing = core::Fixing::Adhesive,
                                                           .figures = {{Quantity::ScrewLength_m, core::Known{0.032}}}};
    plan.settings[{plan.job.goal, {tests::kRadio, "RR"}}] = core::Setting{.gain_db = -6.0};
    return plan;
}

TEST_F(Words, EveryFindingAboutFitSaysItsNumbersAndItsReason)
{
    std::set<core::RuleId> seen;
    for (const bool underPanel : {false, true})
        for (const core::Finding& finding : core::judge(misfit(underPanel), tests::evaluated(misfit(underPanel)))) {
            seen.insert(finding.rule);
            const FindingText text = textOf(finding);
            for (const QString& line : {text.title, text.numbers, text.reason}) EXPECT_FALSE(line.isEmpty());
            EXPECT_FALSE((text.title + text.numbers).contains(QLatin1Char('_'))) << text.numbers.toStdString();
            for (const core::Mend& mend : finding.mends) EXPECT_FALSE(textOf(mend).isEmpty());
        }
    EXPECT_GE(
        std::count_if(seen.begin(), seen.end(), [](core::RuleId rule) { return core::code(rule).starts_with("FIT"); }),
        13);
    EXPECT_TRUE(seen.contains(core::RuleId::ClipsEarly) && seen.contains(core::RuleId::LevelMismatch));
}

// What cannot be taken back says so before it is done.
TEST_F(Words, StepsThatCutSayThatTheyAreForGood)
{
    core::Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const std::map<core::AlterationKind, bool> forGood{{core::AlterationKind::Hole, true},
                                                       {core::AlterationKind::ScrewHoles, true},
                                                       {core::AlterationKind::Seal, false},
                                                       {core::AlterationKind::OpenCover, false}};
    for (const auto& [what, permanent] : forGood)
        plan = core::apply(plan, core::prepareHole(plan, tests::kLeftSpeaker, what)).plan;
    const core::Evaluation evaluation = tests::evaluated(plan);
    const core::StageResult& goal = *evaluation.stages.at(plan.job.goal);
    const core::JobPlan job = core::planJob(plan, core::kFound, plan.job.goal, evaluation);
    int seen = 0;
    for (const core::Step& step : job.steps) {
        if (step.kind != core::StepKind::Alter && step.kind != core::StepKind::CutHole) continue;
        ++seen;
        EXPECT_EQ(textOf(step, evaluation.stages.at(core::kFound)->used, goal.used).startsWith("For good"),
                  step.kind == core::StepKind::CutHole || forGood.at(step.alteration));
    }
    EXPECT_EQ(seen, 8) << "four things on both sides";
}

TEST_F(Words, EveryLostPointDamageAndTurnHasWords)
{
    for (const core::Criterion criterion : core::criteria()) {
        EXPECT_FALSE(nameOf(criterion).isEmpty());
        EXPECT_FALSE(reasonOf({criterion, 1.0, core::Quantity::Ratio, 0.5, {}}, UnitSystem::Metric, "EUR").isEmpty());
        EXPECT_TRUE(
            reasonOf({criterion, 1.0, core::Quantity::Ratio, {}, {}}, UnitSystem::Metric, "EUR").contains("not known"));
    }
    EXPECT_EQ(plain(lineOf({core::Criterion::Depth, 3.5, core::Quantity::SpacerNeeded_m, 0.0127, {}},
                           UnitSystem::Imperial, {})),
              "−3.5 needs a spacer of 0.50 in");
    // Every rule that can stop a driver in the ranking says why there.
    for (const core::RuleId rule :
         {core::RuleId::DepthAndSpacer, core::RuleId::WindowTravel, core::RuleId::FrontClearance,
          core::RuleId::UnderPanel, core::RuleId::ScrewReaches, core::RuleId::CutoutAndRing,
          core::RuleId::DomeTakenForHole, core::RuleId::ScrewOutsideFlange, core::RuleId::HeavyOnAdhesive,
          core::RuleId::CutAgainstWish, core::RuleId::LoadUnderMinimum, core::RuleId::LowerLoadOnFactory,
          core::RuleId::CoilOverRating, core::RuleId::TravelWithProgramme, core::RuleId::SubwooferTravel,
          core::RuleId::TweeterUnprotected})
        EXPECT_TRUE(reasonOf(core::Verdict{.rule = rule, .figure = {0.1, {}, {}}, .limit = 0.05}, UnitSystem::Metric)
                        .contains(' '))
            << code(rule) << ": a sentence, not its code";
    const core::Verdict touches{
        core::RuleId::FrontClearance, core::Severity::Stop, core::Quantity::FrontMargin_m, {-0.002, {}, {}}, 0.0, {}};
    EXPECT_EQ(plain(lineOf({core::Criterion::Front, 8.0, core::Quantity::FrontMargin_m, -0.002, touches},
                           UnitSystem::Metric, {})),
              "Stop: −2 mm in front at full travel");
    EXPECT_TRUE(textOf(core::Damage{core::DamageKind::WiderHole, true, 90.0, {}}).startsWith("For good"));
    EXPECT_TRUE(textOf(core::Damage{core::DamageKind::LeadAdded, false, 2.0, "lead-a"}).contains("lead-a"));
    EXPECT_EQ(textOf(core::TurnChoice{90.0, {}, {core::TurnWish::BadgeUpright}}),
              "turned 90° to the left; given up: badge upright");
    EXPECT_EQ(marginText(-0.0083, UnitSystem::Metric), "−8.3 mm");
}

TEST_F(Words, TheCapacitorFindingNamesBothCorners)
{
    const core::Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    for (const core::Finding& finding : core::judge(plan, tests::evaluated(plan))) {
        if (finding.rule != core::RuleId::KeptCapacitor) continue;
        EXPECT_EQ(plain(textOf(finding).title), "The capacitor's nominal corner is 585 Hz now, not 390 Hz");
        EXPECT_EQ(plain(textOf(finding.mends.front())), "use 100 µF");
    }
}

TEST_F(Words, NeverSaySafe)
{
    // What was checked is said; that something is safe never is.
    const core::Plan plan = tests::troublePlan();
    const core::Evaluation evaluation = tests::evaluated(plan);
    QString all;
    for (const core::Finding& finding : core::judge(plan, evaluation))
        all += textOf(finding).title + textOf(finding).numbers + textOf(finding).reason;
    const core::JobPlan job = core::planJob(plan, core::kFound, plan.job.goal, evaluation);
    for (const auto& row :
         stepTable(job, evaluation.stages.at(core::kFound)->used, evaluation.stages.at(plan.job.goal)->used))
        for (const QString& cell : row) all += cell;
    EXPECT_FALSE(
        all.contains(QRegularExpression(QStringLiteral("\\bsafe\\b"), QRegularExpression::CaseInsensitiveOption)));
}

TEST_F(Words, TablesHaveRowsAsWideAsTheirHeading)
{
    const core::Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const core::Evaluation evaluation = tests::evaluated(plan);
    const core::JobPlan job = core::planJob(plan, core::kFound, plan.job.goal, evaluation);
    const core::Fitout& from = evaluation.stages.at(core::kFound)->used;
    const core::Fitout& to = evaluation.stages.at(plan.job.goal)->used;
    for (const Table& table : {stepTable(job, from, to), wireTable(job, from, to), partTable(job, to)}) {
        EXPECT_GT(table.size(), 2U);
        for (const auto& row : table) EXPECT_EQ(row.size(), table.front().size());
    }
    EXPECT_EQ(wireTable(job, from, to)[1][3], "grey");
    EXPECT_EQ(wireTable(job, from, to)[3][3], "not noted");
}

TEST_F(Words, EverySlateAnswerShowsFormulaAndSteps)
{
    for (const char* line : {"68 uF 6 ohm", "390 Hz 4 ohm", "50 W 4 ohm", "10 V 4 ohm", "4 || 8", "3x4 ohm min 2"}) {
        const SlateText text = textOf(*core::slate(line, core::shippedShop().practice));
        EXPECT_FALSE(text.headline.isEmpty()) << line;
        EXPECT_FALSE(text.formula.isEmpty()) << line;
        EXPECT_FALSE(text.steps.isEmpty()) << line;
    }
    EXPECT_EQ(plain(textOf(*core::slate("68 uF 6 ohm", core::shippedShop().practice)).headline),
              "68 µF into 6 Ω cuts at 390 Hz");
    EXPECT_EQ(textOf(*core::slate("5 5/8 in", core::shippedShop().practice)).headline, "143 mm (5.63 in)");
    EXPECT_TRUE(textOf(*core::slate("16 ga", core::shippedShop().practice)).headline.contains("1.31 mm²"));
}

TEST_F(Words, EveryNamedLineHasFormulaStepsAndALabelForEachFigure)
{
    for (const core::NamedLine& line : core::namedLines()) {
        const auto answer = core::slate(line.example, core::shippedShop().practice);
        ASSERT_TRUE(answer) << line.example;
        const SlateText text = textOf(*answer);
        EXPECT_FALSE(text.headline.isEmpty()) << line.example;
        EXPECT_FALSE(text.formula.isEmpty()) << line.example;
        EXPECT_FALSE(text.steps.isEmpty()) << line.example;
        for (const std::string_view output : line.shown) {
            if (output == "allowed") continue;  // shown as a remark in its line
            EXPECT_FALSE(labelOfOutput(std::string(output)).isEmpty()) << output;
        }
    }
}

struct FigureRow {
    double value;
    const char* unit;
    const char* text;
};
TEST_F(Words, FiguresOfModelsCarryTheUnitsThatPeopleUse)
{
    for (const FigureRow& row : {FigureRow{4.7, "ohm", "4.7 Ω"},
                                 {0.00035, "H", "0.35 mH"},
                                 {0.012, "m3", "12 l"},
                                 {0.0135, "m2", "135 cm²"},
                                 {3.31e-6, "m2", "3.31 mm²"},
                                 {0.0142, "kg", "14.2 g"},
                                 {0.00035, "s", "0.35 ms"},
                                 {15428.6, "s", "4 h 17 min"},
                                 {5.0, "m", "5 m (16.4 ft)"},
                                 {0.131, "m", "131 mm (5.16 in)"},
                                 {-126.0, "deg", "-126.0 °"},
                                 {20.0, "degC", "20 °C"},
                                 {18.75, "dBW", "18.75 dBW"},
                                 {343.2, "m/s", "343 m/s"},
                                 {0.4955, "", "0.495"},
                                 {16.0, "AWG", "16 AWG"}})
        EXPECT_EQ(plain(figure(row.value, row.unit)), QString::fromUtf8(row.text));
    EXPECT_EQ(plain(outputFigure("wireShare", 0.0378)), "3.78 %");
    EXPECT_EQ(plain(outputFigure("change_db", -0.378)), "-0.38 dB");
}

TEST_F(Words, WarningsAreSentencesAndVerdictsAreWords)
{
    const core::WarningKind kinds[] = {
#define WARNING(name, key, sentence) core::WarningKind::name,
#include "core/base/warnings.def"
    };
    for (const core::WarningKind kind : kinds) {
        const bool about = core::sentenceOf(kind).find("%1") != std::string_view::npos;
        const core::Warning warning{kind, about ? "what it is about." : ""};
        const QString sentence = sentenceOf(warning);
        EXPECT_TRUE(sentence.endsWith('.')) << textOf(warning);
        EXPECT_TRUE(sentence.contains(' ')) << textOf(warning);
        EXPECT_FALSE(sentence.contains("%1")) << textOf(warning);
    }
    EXPECT_EQ(sentenceOf({core::WarningKind::Differs, "qts"}),
              "What was typed for qts differs from what follows from the rest: one of them is wrong.");
    EXPECT_EQ(wordOf("stop"), "stop");
    EXPECT_EQ(wordOf("invert"), "invert one leg");
}

TEST_F(Words, SlateSaysWhatAPersonWouldReadOut)
{
    const auto lines = [](const char* line) {
        const SlateText text = textOf(*core::slate(line, core::shippedShop().practice));
        return plain(text.headline + QStringLiteral(" | ") + text.steps.join(QStringLiteral(" | ")));
    };
    EXPECT_EQ(lines("pad 3 dB 4 ohm"),
              "in series 1.17 Ω | A = 3.00 dB,  Z = 4 Ω | across the load 9.7 Ω  ·  or one resistor in series 1.65 Ω");
    EXPECT_EQ(lines("ladder lr2 low 3000 Hz 4 ohm"), "series L 0.424 mH  ·  shunt C 6.63 µF | f0 = 3 kHz,  R = 4 Ω");
    EXPECT_EQ(
        lines("coils 4 8 min 5"),
        "2 ways to wire them, 2.67 Ω to 12 Ω | Z = 4 Ω,  Z = 8 Ω,  minimum = 5 Ω | a is the first coil; + in series, "
        "|| side by side | a+b 12 Ω | below the minimum: | a||b 2.67 Ω | Unlike coils in series share the voltage by "
        "their impedance, which changes with frequency.");
    EXPECT_EQ(lines("drop 60 A 5 m awg 4"),
              "drop 558 mV | I = 60 A,  L = 5 m (16.4 ft),  n = 4 AWG,  as usual V = 13.8 V,  T = 50 °C | "
              "counted two wires, there and back  ·  share of the "
              "supply 4.04 %  ·  left at the device 13.2 V | lost in the cable 33.5 W  ·  verdict take care");
    EXPECT_TRUE(lines("help").contains("fuse 60 A cable 160 A anl"));
}

TEST_F(Words, EveryValueThatCanBeMeasuredHasItsSentence)
{
    using core::Quantity;
    const core::Fitout nowhere;
    for (const Quantity what :
         {Quantity::Re_ohm, Quantity::Le_h, Quantity::Fs_hz, Quantity::Qms, Quantity::Qes, Quantity::Vas_m3,
          Quantity::Sd_m2, Quantity::Xmax_m, Quantity::Power_w, Quantity::Sensitivity_db, Quantity::RatedPower_w,
          Quantity::Capacitance_f, Quantity::Inductance_h, Quantity::Resistance_ohm, Quantity::BoxVolume_m3,
          Quantity::LeakCoupling}) {
        const core::NextReading next{
            .what = {core::DeviceId{3}, what}, .value = core::Known{1.0}, .spread = 0.25, .share = 0.5};
        const ReadingText text = textOf(next, nowhere);
        EXPECT_FALSE(text.title.isEmpty());
        EXPECT_TRUE(plain(text.reason).contains("50 %")) << text.reason.toStdString();
        EXPECT_FALSE(nameOf(what).contains('_')) << nameOf(what).toStdString();  // words, no key
    }
}

// Common practice, no source: +3 dB is about 1.4 times as loud at 50 Hz, 1.2 times at 1 kHz; the bands' own middles.
TEST_F(Words, AChangeIsSaidInLoudnessToo)
{
    EXPECT_EQ(plain(loudnessOf(core::Band::Mid, 3.0)), "about 1.2 times as loud at 1 kHz");
    EXPECT_TRUE(plain(loudnessOf(core::Band::LowBass, 3.0)).startsWith("about 1.5 times as loud at 34.6 Hz"));
    EXPECT_EQ(loudnessOf(core::Band::Mid, 0.1), "");
    EXPECT_EQ(loudnessOf(core::Band::Mid, 60.0), "");  // beyond the standard
}

TEST_F(Words, AFixedNumberHasATrueMinusAndNoMinusZero)
{
    EXPECT_EQ(fixedNumber(-0.437, 2), QString::fromUtf8("−0.44"));
    EXPECT_EQ(fixedNumber(-0.004, 2), "0.00");
    EXPECT_EQ(fixedNumber(12.0, 0), "12");
}

// Source: NIOSH 98-126 (1998): 8 h at 85 dBA, half for each 3 dB.
TEST_F(Words, LoudPlansCarryACaution)
{
    EXPECT_EQ(hearingCaution(84.9), "");
    EXPECT_TRUE(plain(hearingCaution(85.0)).contains("8 h 00 min a day"));
    EXPECT_TRUE(plain(hearingCaution(100.0)).contains("15 min a day"));
    EXPECT_TRUE(plain(hearingCaution(130.0)).contains("less than a minute a day"));
}

// Metric or inches first, like a language, until somebody sets it otherwise.
TEST(SpokenUnits, GoThroughEverySentence)
{
    const auto spaced = [](QString text) { return text.replace(QChar(0x202F), QLatin1Char(' ')); };
    ASSERT_EQ(spokenUnits(), UnitSystem::Metric);
    EXPECT_EQ(spaced(spokenLength(0.146)), "146 mm");
    EXPECT_EQ(spaced(cableLength(3.048)), "3.05 m (10 ft)");
    EXPECT_EQ(spaced(length(0.0508)), "50.8 mm (2.00 in)");
    const auto plan = tests::troublePlan();
    const auto said = [&] {
        QString all;
        for (const core::Finding& finding : core::judge(plan, tests::evaluated(plan)))
            all += textOf(finding).numbers + QLatin1Char('\n');
        return spaced(all);
    };
    const QString metric = said();
    EXPECT_TRUE(metric.contains(QStringLiteral(" mm")));
    speakIn(UnitSystem::Imperial);
    EXPECT_EQ(spaced(spokenLength(0.146)), "5.75 in (146 mm)");
    EXPECT_EQ(spaced(cableLength(3.048)), "10 ft (3.05 m)");
    EXPECT_EQ(spaced(length(0.0508)), "2.00 in (50.8 mm)");
    // Every length of a finding that was in millimetres alone has its inches now.
    static const QRegularExpression kBare(QStringLiteral("(?<!\\()(?<![\\d.])[\\d.]+ mm(?! \\()"));
    EXPECT_TRUE(kBare.match(metric).hasMatch());
    const QString imperial = said();
    EXPECT_FALSE(kBare.match(imperial).hasMatch()) << imperial.toStdString();
    speakIn(UnitSystem::Metric);
    EXPECT_EQ(said(), metric);
}

// What a finding rests on: each figure with how it comes about and how it is known, then what it is held against.
TEST_F(Words, AFindingSaysWhatItRestsOn)
{
    const core::Port channel{core::DeviceId{1}, "FL"}, coil{core::DeviceId{2}, "1"};
    const core::StageId goal{3};
    const core::Finding finding{
        .rule = core::RuleId::LoadUnderMinimum,
        .stage = goal,
        .evidence = {{{channel, core::Quantity::LeastImpedance_ohm},
                      goal,
                      {2.22, core::Origin::ClassGuess, {}},
                      2.8,
                      core::PracticeKey::LoadStop_ratio},
                     {{coil, core::Quantity::Nominal_ohm}, core::kFound, {4.0, core::Origin::Stated, {}}, {}, {}},
                     {{channel, core::Quantity::LeastImpedance_ohm},
                      goal,
                      {3.0, core::Origin::Measured, {}},
                      3.2,
                      core::PracticeKey::LoadCare_ratio}}};
    const QStringList lines = reckoningOf(finding, core::shippedShop().practice);
    ASSERT_EQ(lines.size(), 5);
    EXPECT_EQ(plain(lines[0]),
              "least impedance 2.22 Ω · least |Z| of all that hangs on the channel, solved from 20 Hz to 20 kHz · class "
              "guess");
    EXPECT_EQ(plain(lines[1]), "held against 2.8 Ω · common practice, no source");
    EXPECT_EQ(plain(lines[2]), "nominal 4 Ω · as found · stated");
    EXPECT_TRUE(plain(lines[4]).startsWith("held against 3.2 Ω · IEC 60268-5")) << lines[4].toStdString();
    EXPECT_TRUE(formulaOf(core::Quantity::Re_ohm).isEmpty()) << "what is measured is not reckoned";
}

}  // namespace
}  // namespace words
