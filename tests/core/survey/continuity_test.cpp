// What an ohmmeter at a channel's plug reads: direct current sees resistances alone. Expected values: R/2 of two like
// coils, sums in series, an open capacitor; closed forms.
#include "core/survey/continuity.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <complex>

#include "core/edits/named_edits.h"
#include "core/evaluate/circuit.h"
#include "core/netlist/circuit_netlist.h"
#include "tests/core/spice.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

std::vector<ContinuityRow> listOf(const Plan& plan)
{
    const Evaluation evaluation = tests::evaluated(plan);
    return continuityList(plan, kFound, *evaluation.stages.at(kFound), evaluation.practice);
}

const ContinuityRow& rowOf(const std::vector<ContinuityRow>& rows, const std::string& channel)
{
    for (const ContinuityRow& row : rows)
        if (row.channel.element == channel) return row;
    throw std::runtime_error(channel);
}

// Front doors of which the coils were measured, both at this resistance.
Plan doorsOf(double re_ohm)
{
    Plan plan = tests::withSpots(BodyKind::Estate, {"front door"});
    for (auto& [id, part] : plan.parts)
        if (part.kind == PartKind::Driver) part.figures[Quantity::Re_ohm] = Known{re_ohm, {Origin::Measured}};
    return plan;
}

TEST(Continuity, OneCoilReadsAsItself)
{
    const auto rows = listOf(doorsOf(3.3));
    ASSERT_EQ(rows.size(), 2U);
    for (const ContinuityRow& row : rows) {
        ASSERT_TRUE(row.expected_ohm);
        EXPECT_NEAR(*row.expected_ohm, 3.3, 1e-6);
        EXPECT_EQ(row.worst, Origin::Measured);
        EXPECT_EQ(row.coils.size(), 1U);
        EXPECT_EQ(row.verdict, Continuity::NotRead);
    }
}

// R/2: two 4 ohm doors of Re 3.3 on one pair.
TEST(Continuity, TwoLikeCoilsOnOnePairReadHalf)
{
    Plan plan = doorsOf(3.3);
    const DeviceId left = tests::driverAt(plan, "left front door"), right = tests::driverAt(plan, "right front door");
    plan.wires[{kFactory, drawId<WireId>(plan)}] = Wire{{left, "1+"}, {right, "1+"}};
    plan.wires[{kFactory, drawId<WireId>(plan)}] = Wire{{left, "1-"}, {right, "1-"}};
    for (auto& [key, wire] : plan.wires)
        if (wire && wire->a.terminal.starts_with("FR")) wire = std::nullopt;
    std::erase_if(plan.wires, [](const auto& entry) { return !entry.second; });
    const auto rows = listOf(plan);
    ASSERT_EQ(rows.size(), 1U);
    EXPECT_EQ(rows[0].coils.size(), 2U);
    EXPECT_NEAR(*rows[0].expected_ohm, 1.65, 1e-6);
}

// Its wires count: 20 m of 1 mm2 each way are 0.345 ohm and more; the wire table has them to four digits.
TEST(Continuity, ALongCableAddsItsOwn)
{
    const auto plain = *listOf(doorsOf(3.3)).front().expected_ohm;
    Plan plan = doorsOf(3.3);
    for (auto& [key, wire] : plan.wires) {
        wire->figures[Quantity::Length_m] = Known{20.0};
        wire->figures[Quantity::Area_m2] = Known{1e-6};
    }
    // Source: resistivity of annealed copper at 20 degC, IEC 60028: 1/58 ohm mm2/m.
    constexpr double kLoop_ohm = 2.0 * 20.0 / 58.0;
    const double lay = tests::shop().practice[PracticeKey::WireResistivityLay_ratio];
    EXPECT_NEAR(*listOf(plan).front().expected_ohm - plain, kLoop_ohm * (1.0 + lay), 1e-3);
}

TEST(Continuity, ACapacitorBetweenReadsOpenAndThatIsRight)
{
    Plan plan = tests::demoPlan();  // a capacitor in each plug
    auto rows = listOf(plan);
    ASSERT_EQ(rows.size(), 2U);
    EXPECT_FALSE(rows[0].expected_ohm);
    plan = tests::after(plan, readChannel(plan, kFound, rows[0].channel, 1e6));
    EXPECT_EQ(listOf(plan)[0].verdict, Continuity::AsExpected);
    plan = tests::after(plan, readChannel(plan, kFound, rows[0].channel, 3.4));
    EXPECT_EQ(listOf(plan)[0].verdict, Continuity::Other) << "somebody bridged it";
}

struct ReadRow {
    double read_ohm = 0.0, leads_ohm = 0.0;
    Continuity verdict{};
};
void PrintTo(const ReadRow& row, std::ostream* out)
{
    *out << row.read_ohm << " less " << row.leads_ohm;
}
class ContinuityRead : public testing::TestWithParam<ReadRow> {};

// Of 4 ohm: short below 0.3 of it, as expected within a quarter, open above 60; common practice, no source.
TEST_P(ContinuityRead, IsJudgedAgainstWhatIsExpected)
{
    Plan plan = doorsOf(4.0);
    const Port channel = listOf(plan).front().channel;
    plan = tests::after(plan, readChannel(plan, kFound, channel, GetParam().read_ohm, GetParam().leads_ohm));
    EXPECT_EQ(rowOf(listOf(plan), channel.element).verdict, GetParam().verdict);
}
INSTANTIATE_TEST_SUITE_P(Limits, ContinuityRead,
                         testing::Values(ReadRow{0.0, 0.0, Continuity::Short}, ReadRow{1.19, 0.0, Continuity::Short},
                                         ReadRow{1.21, 0.0, Continuity::Other}, ReadRow{2.99, 0.0, Continuity::Other},
                                         ReadRow{3.01, 0.0, Continuity::AsExpected},
                                         ReadRow{4.99, 0.0, Continuity::AsExpected},
                                         ReadRow{5.01, 0.0, Continuity::Other},
                                         ReadRow{5.2, 0.3, Continuity::AsExpected},
                                         ReadRow{59.9, 0.0, Continuity::Other}, ReadRow{60.1, 0.0, Continuity::Open},
                                         ReadRow{0.1, 0.3, Continuity::Short}));

TEST(Continuity, AReadingReplacesTheLastAndIsTakenBack)
{
    Plan plan = doorsOf(4.0);
    const Port channel = listOf(plan).front().channel;
    plan = tests::after(plan, readChannel(plan, kFound, channel, 9.0));
    plan = tests::after(plan, readChannel(plan, kFound, channel, 4.1));
    EXPECT_EQ(plan.readings.size(), 1U);
    EXPECT_EQ(rowOf(listOf(plan), channel.element).read_ohm, 4.1);
    // It settles nothing: what the coil is known to be stays.
    EXPECT_NEAR(*rowOf(listOf(plan), channel.element).expected_ohm, 4.0, 1e-6);
    plan = tests::after(plan, readChannel(plan, kFound, channel, std::nullopt));
    EXPECT_TRUE(plan.readings.empty());
    EXPECT_EQ(rowOf(listOf(plan), channel.element).verdict, Continuity::NotRead);
}

// A general circuit simulator (ngspice, from Debian) on the same wires, all but at rest: a tenth of a millihertz is
// what an ohmmeter sends. Volts over the current of its source.
void expectAsSimulated(const Plan& plan, const std::string& name)
{
    const auto rows = listOf(plan);
    ASSERT_FALSE(rows.empty());
    for (const ContinuityRow& row : rows) {
        const auto circuit = circuitOf(resolve(plan, kFound), row.channel, tests::shop().practice);
        ASSERT_TRUE(circuit);
        const tests::SpiceResult simulated =
            tests::runSpiceAt(circuitNetlist(*circuit, name), name + row.channel.element, "1e-4");
        std::complex<double> amperes;
        for (const auto& [key, values] : simulated.values)
            if (key.starts_with("i(v")) amperes = values.front();
        const auto volts = simulated.values.at("v(" + std::to_string(circuit->terminal) + ")").front();
        const double ohm = std::abs(volts / amperes);
        if (row.expected_ohm)
            EXPECT_NEAR(*row.expected_ohm / ohm, 1.0, 1e-6) << name << row.channel.element;
        else
            EXPECT_GT(ohm, 1000.0) << name << row.channel.element;
    }
}

TEST(ContinuitySpice, ReadsWhatASimulatorDoes)
{
    expectAsSimulated(doorsOf(3.3), "doors");
    expectAsSimulated(tests::withSpots(BodyKind::Pickup, {"front door", "sail", "rear door"}), "pickup");
    expectAsSimulated(tests::demoPlan(), "demo");
}

// Whatever the coils read, a meter that shows just that finds every channel as it should be.
RC_GTEST_PROP(ContinuityProperty, AMeterThatReadsWhatIsExpectedFindsNothing, ())
{
    Plan plan = doorsOf(*rc::gen::inRange(5, 400) / 10.0);
    for (const ContinuityRow& row : listOf(plan))
        plan = apply(plan, readChannel(plan, kFound, row.channel, row.expected_ohm.value_or(1e6))).plan;
    for (const ContinuityRow& row : listOf(plan)) RC_ASSERT(row.verdict == Continuity::AsExpected);
}

}  // namespace
}  // namespace core
