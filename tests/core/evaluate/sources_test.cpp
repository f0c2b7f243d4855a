// What is known of a source, of its pins and of what lies ready for it; what is held back until a variant is told.
#include <gtest/gtest.h>

#include <sstream>

#include "core/edits/source_edits.h"
#include "core/edits/vehicle_sheet.h"
#include "core/fitout/complete.h"
#include "core/io/pin_file.h"
#include "core/survey/held_back.h"
#include "core/survey/source_gaps.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

Plan doors()
{
    return tests::withSpots(BodyKind::Estate, {"front door"});
}

TEST(SourceGaps, AnAmplifierThatNobodyFoundIsOpenInEverything)
{
    const Plan plan = doors();
    const auto gaps = sourceGaps(resolve(plan, kFound), tests::sourceOf(plan));
    EXPECT_EQ(gaps, (std::set{SourceGap::Where, SourceGap::Power, SourceGap::LeastLoad, SourceGap::Band,
                              SourceGap::Ground, SourceGap::LineOutputs, SourceGap::Controls, SourceGap::Pins}));
}

TEST(SourceGaps, EachIsClosedByWhatItAsksFor)
{
    Plan plan = doors();
    const DeviceId source = tests::sourceOf(plan);
    const auto part = [&]() -> Part& { return plan.parts.at(plan.devices.at({kFactory, source})->part); };
    const auto isOpen = [&](SourceGap gap) { return sourceGaps(resolve(plan, kFound), source).contains(gap); };
    plan.devices.at({kFactory, source})->at = tests::placeNamed(plan, "left front door");
    EXPECT_FALSE(isOpen(SourceGap::Where));
    part().figures[Quantity::RatedPower_w] = Known{20.0};
    EXPECT_FALSE(isOpen(SourceGap::Power));
    part().figures[Quantity::LeastLoad_ohm] = Known{4.0};
    EXPECT_FALSE(isOpen(SourceGap::LeastLoad));
    part().figures[Quantity::LowPass_hz] = Known{120.0};
    EXPECT_FALSE(isOpen(SourceGap::Band));
    part().ground = OutputGround::Floating;
    EXPECT_FALSE(isOpen(SourceGap::Ground));
    part().figures[Quantity::LineOutputs] = Known{0.0};  // there is none: an answer too
    EXPECT_FALSE(isOpen(SourceGap::LineOutputs));
    part().controls[Control::Equaliser] = false;
    EXPECT_FALSE(isOpen(SourceGap::Controls));
    for (const auto& [terminal, plug] : part().terminals) part().pins[terminal] = {"1", {Origin::Measured}};
    EXPECT_TRUE(sourceGaps(resolve(plan, kFound), source).empty());
    part().pins.begin()->second.basis = {Origin::ClassGuess};
    EXPECT_TRUE(isOpen(SourceGap::Pins));
}

TEST(Feeds, AClassicMayHaveNoneAndThatIsAnAnswer)
{
    Body body{.kind = BodyKind::Classic};
    EXPECT_EQ(feedGaps(body).size(), 4U);
    body.feeds[Quantity::SwitchedFeed_v] = Known{0.0, {Origin::Measured}};
    EXPECT_EQ(feedGaps(body).size(), 3U);
    EXPECT_FALSE(feedGaps(body).contains(Quantity::SwitchedFeed_v));
}

TEST(Pins, AreNotedOnceAndGoOnWithTheSheet)
{
    Plan plan = doors();
    const DeviceId source = tests::sourceOf(plan);
    auto rows = pinTable(resolve(plan, kFound), source);
    ASSERT_EQ(rows.size(), 4U);  // two channels
    EXPECT_EQ(rows[0].known.origin, Origin::ClassGuess);
    rows[0] = {rows[0].terminal, "C2", "14", "grey", {Origin::Measured}};
    plan = tests::after(plan, notePins(plan, kFactory, source, rows));
    EXPECT_EQ(pinTable(resolve(plan, kFound), source)[0], rows[0]);
    const Plan next = planFromSheet(vehicleSheet(plan), "next");
    const PinRow there = pinTable(resolve(next, kFound), source)[0];
    EXPECT_EQ(there.number, "14");
    EXPECT_EQ(there.colour, "grey");
    EXPECT_TRUE(there.known.toConfirm) << "another vehicle of its kind: to be confirmed";
    EXPECT_EQ(there.known.origin, Origin::Measured);
}

TEST(Pins, OfATerminalThatIsNotThereArePassedOver)
{
    const Plan plan = doors();
    const DeviceId source = tests::sourceOf(plan);
    const Edit edit = notePins(plan, kFactory, source, {{"no such", "C9", "1", "", {Origin::Measured}}});
    EXPECT_TRUE(edit.changes.empty());
}

TEST(Pins, AreWrittenAndReadAgain)
{
    const std::vector<PinRow> rows{{"FL+", "C2, upper", "14", "grey \"thin\"", {Origin::Measured}},
                                   {"FL-", "", "", "", {Origin::ClassGuess}},
                                   {"FR+", "C2", "7", "white", {Origin::Stated}}};
    std::ostringstream out;
    writePins(out, rows);
    const auto file = readPins("\xEF\xBB\xBF" + out.str(), "pins.csv");
    ASSERT_TRUE(file);
    EXPECT_TRUE(file->errors.empty());
    EXPECT_EQ(file->rows, rows);
}

TEST(Pins, ABrokenLineIsSaidAndTheGoodOnesAreKept)
{
    const auto file = readPins("terminal,known\nFL+,measured\nFL-,guessed\nFL+,stated\n,\nFR+\nFR-,\n", "pins.csv");
    ASSERT_TRUE(file);
    ASSERT_EQ(file->rows.size(), 2U);
    EXPECT_EQ(file->rows[1].terminal, "FR-");
    ASSERT_EQ(file->errors.size(), 4U);
    EXPECT_EQ(oneLine(file->errors[0]),
              "pins.csv line 3, column 2 (known): found 'guessed', expected measured, stated or nothing");
    EXPECT_EQ(file->errors[1].where, "line 4");
    EXPECT_EQ(file->errors[2].where, "line 5");
    EXPECT_EQ(file->errors[3].message, "found 1 cells, expected 2");
    const auto foreign = readPins("terminal,colur,note,pin\nFL+,red,a,1\n", "pins.csv");
    EXPECT_EQ(foreign->unknown, (std::vector<std::string>{"colur", "note"}));
    EXPECT_EQ(foreign->rows.front().number, "1");
    for (const char* hopeless : {"", "pin,plug\n1,2\n"}) EXPECT_FALSE(readPins(hopeless, "pins.csv")) << hopeless;
}

Part driverOf(double nominal_ohm)
{
    return tests::driverPart("d", {{Quantity::Nominal_ohm, nominal_ohm}});
}

// A plain radio's minimum is 4 ohm nominal, of which |Z| may fall to 80 % (IEC 60268-5): under 3.2 a driver is for an
// amplifier made for it.
TEST(HeldBack, FewOhmsWaitUntilTheVariantIsTold)
{
    const Practice& practice = tests::shop().practice;
    Body body;
    EXPECT_EQ(heldBack(body, driverOf(2.0), {}, practice), VariantSign::SubLevelControl);
    EXPECT_EQ(heldBack(body, driverOf(3.19), {}, practice), VariantSign::SubLevelControl);
    EXPECT_FALSE(heldBack(body, driverOf(3.2), {}, practice));
    EXPECT_FALSE(heldBack(body, driverOf(4.0), {}, practice));
    body.signs[VariantSign::SubLevelControl] = false;
    EXPECT_EQ(heldBack(body, driverOf(2.0), {}, practice), VariantSign::SystemBadge) << "the next question";
    body.signs[VariantSign::SystemBadge] = true;
    EXPECT_FALSE(heldBack(body, driverOf(2.0), {}, practice)) << "an amplified one takes it";
}

TEST(HeldBack, NothingWaitsWhereTheMinimumWasReadOffTheSource)
{
    const Practice& practice = tests::shop().practice;
    const Figures stated{{Quantity::LeastLoad_ohm, Known{2.0}}};
    const Figures guessed{{Quantity::LeastLoad_ohm, Known{4.0, {Origin::ClassGuess}}}};
    EXPECT_FALSE(heldBack({}, driverOf(2.0), stated, practice));
    EXPECT_TRUE(heldBack({}, driverOf(2.0), guessed, practice));
    Part capacitor{.kind = PartKind::Plug};
    EXPECT_FALSE(heldBack({}, capacitor, guessed, practice));
}

}  // namespace
}  // namespace core
