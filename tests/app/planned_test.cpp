// What stands in the plan is what stands in the vehicle: added as planned, wired, held back, turned over, in the real
// window, against figures worked out beforehand.
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QTextBrowser>

#include "app/shell/main_window.h"
#include "core/edits/network_edits.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/resolve.h"
#include "core/model/inside_ways.h"
#include "core/model/validate.h"
#include "tests/app/survey_fixture.h"
#include "words/figures.h"

namespace {

class Planned : public tests::Survey {
protected:
    // As a person picks one line of a list.
    void choose(const char* list, const QString& text)
    {
        auto* box = driver.window().findChild<QComboBox*>(QLatin1String(list));
        ASSERT_TRUE(box && box->isVisible()) << list;
        int index = -1;
        for (int i = 0; i < box->count(); ++i)
            if (box->itemText(i).contains(text)) index = i;
        ASSERT_GE(index, 0) << text.toStdString();
        box->setCurrentIndex(index);
        emit box->activated(index);
    }
    [[nodiscard]] QStringList lines(const char* list)
    {
        QStringList all;
        auto* box = driver.window().findChild<QComboBox*>(QLatin1String(list));
        for (int i = 0; box && i < box->count(); ++i) all << box->itemText(i);
        return all;
    }
    [[nodiscard]] const core::StageResult& before() { return driver.session().snapshot().before(); }
    [[nodiscard]] const core::StageResult& after() { return driver.session().snapshot().after(); }
    [[nodiscard]] core::DeviceId driverAt(const core::StageResult& stage, const std::string& name)
    {
        const core::PlaceId at = placeNamed(name);
        for (const auto& [id, device] : stage.used.devices)
            if (device.at == at && stage.used.parts.at(device.part).kind == core::PartKind::Driver) return id;
        return {};
    }
};

// An added tweeter: before stays as found and has none; after it hangs on the door's pair behind its capacitor, and the
// treble at the seat rises. The wiring table calls its wires new.
TEST_F(Planned, ATweeterIsAddedAsThePlan)
{
    driver.newJob("estate");
    driver.clickThing(QStringLiteral("front door"));
    const size_t found = before().runs.size();
    driver.click("stagePlanned");
    driver.clickThing(QStringLiteral("sail"));
    EXPECT_EQ(before().runs.size(), found) << "before is as it was found";
    ASSERT_EQ(after().runs.size(), found + 2) << "one on each side";
    EXPECT_NE(plan().job.goal, core::kFound);
    const core::ListenerId seat = plan().listeners.begin()->first;
    const auto treble = static_cast<size_t>(core::Band::Treble);
    EXPECT_GT(after().hearing.at(seat).bands[treble].reach_db, before().hearing.at(seat).bands[treble].reach_db + 3.0);
    EXPECT_TRUE(driver.finding("SPLIT1").isEmpty()) << "it has its capacitor";
    driver.key(Qt::Key_9, Qt::ControlModifier);
    auto* card = driver.window().findChild<QTextBrowser*>("jobCardPreview");
    ASSERT_TRUE(card);
    EXPECT_TRUE(card->toPlainText().contains(QStringLiteral("new")));
    EXPECT_TRUE(core::validate(plan()).empty());
    while (driver.session().undoStack().canUndo()) driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(plan().places.empty());
}

// Its capacitor taken away is a Stop at once; the finding's own first mend puts one in that suits it.
TEST_F(Planned, ATweeterWithoutItsCapacitorIsAStopWithItsMend)
{
    driver.newJob("estate");
    driver.clickThing(QStringLiteral("front door"));
    driver.click("stagePlanned");
    driver.clickThing(QStringLiteral("sail"));
    choose("filterPlace", QStringLiteral("nothing"));
    ASSERT_FALSE(driver.finding("SPLIT1").isEmpty());
    choose("filterPlace", QStringLiteral("on the speaker"));
    EXPECT_TRUE(driver.finding("SPLIT1").isEmpty());
    driver.type("ownCapacitor", QStringLiteral("100 uF"));
    const core::DeviceId tweeter = driverAt(after(), "left sail");
    const core::Part& part = after().used.parts.at(after().used.devices.at(tweeter).part);
    EXPECT_EQ(part.inside.at(core::ownCapacitorOf(part)).figures.at(core::Quantity::Capacitance_f).value, 0.0001);
}

// A subwoofer with two coils on an amplifier of the shelf: each way to join them shows its ohms, 3.37 ohm a coil, and
// what a meter must read; the plan says what is wrong with one left open.
TEST_F(Planned, ASubwoofersCoilsAreJoinedByChoice)
{
    driver.newJob("van");
    driver.clickThing(QStringLiteral("own box"));
    driver.click("stagePlanned");
    driver.key(Qt::Key_3, Qt::ControlModifier);
    driver.pickCandidate("sw-valerian-4");
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.click("askWires");
    const QStringList ways = lines("coilJoin");
    ASSERT_EQ(ways.size(), 4);
    EXPECT_TRUE(ways[0].contains(QStringLiteral("6.74"))) << ways[0].toStdString();
    EXPECT_TRUE(ways[1].contains(QStringLiteral("1.69")) || ways[1].contains(QStringLiteral("1.68")))
        << ways[1].toStdString();
    const core::DeviceId sub = driverAt(after(), plan().places.begin()->second.name);
    const auto join = [&] { return core::coilsAtDriver(after().used, sub, driver.session().shop().practice).join; };
    choose("coilJoin", QStringLiteral("side by side"));
    EXPECT_EQ(join(), core::CoilJoin::Parallel);
    EXPECT_TRUE(driver.text("coilsSaid").contains(QStringLiteral("1.6")));
    EXPECT_FALSE(driver.finding("LOAD1").isEmpty()) << "1.7 ohm on an unknown amplifier";
    choose("coilJoin", QStringLiteral("one after the other"));
    EXPECT_EQ(join(), core::CoilJoin::Series);
    EXPECT_TRUE(driver.finding("LOAD1").isEmpty());
    choose("coilJoin", QStringLiteral("one alone"));
    EXPECT_EQ(join(), core::CoilJoin::One);
    EXPECT_FALSE(driver.finding("LOAD20").isEmpty());
    for (int i = 0; i < 3; ++i) driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_NE(join(), core::CoilJoin::One);
}

// One of a pair turned over as found: it is said with what it costs, and the other side does not follow.
TEST_F(Planned, OneSideTurnedOverIsSaid)
{
    driver.openDemo();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.clickThing(QStringLiteral("rear right"));
    driver.click("stageFound");
    driver.click("askWires");
    EXPECT_TRUE(driver.finding("POL1").isEmpty());
    driver.click("polarity_1");
    EXPECT_FALSE(driver.finding("POL1").isEmpty());
    int turned = 0;
    for (const core::RunResult& run : before().runs) turned += run.run.sign < 0 ? 1 : 0;
    EXPECT_EQ(turned, 1);
    driver.click("polarity_0");
    EXPECT_TRUE(driver.finding("POL1").isEmpty());
}

// A driver is never offered what hangs on it, nor its own twin, as what feeds it.
TEST_F(Planned, NothingIsFedByWhatItFeeds)
{
    driver.newJob("estate");
    driver.clickThing(QStringLiteral("front door"));
    driver.clickThing(QStringLiteral("sail"));
    driver.click("askWires");
    EXPECT_FALSE(lines("channel").filter(QStringLiteral("on from")).filter(QStringLiteral("sail")).size());
    choose("channel", QStringLiteral("on from"));
    driver.clickThing(QStringLiteral("left front door"));
    driver.click("askWires");
    EXPECT_TRUE(lines("channel").filter(QStringLiteral("on from")).isEmpty())
        << lines("channel").join('|').toStdString();
}

// A coaxial chosen as a class has its tweeter, in the plan and in the sound.
TEST_F(Planned, ACoaxialHasItsTweeter)
{
    driver.newJob("estate");
    driver.clickThing(QStringLiteral("rear door"));
    EXPECT_EQ(core::waysOf(partAt("left rear door")).size(), 1U);
    EXPECT_EQ(before().runs.size(), 4U) << "cone and tweeter on each side";
    choose("driverClass", QStringLiteral("165 mm woofer"));
    EXPECT_EQ(before().runs.size(), 2U);
    choose("driverClass", QStringLiteral("87 mm coaxial"));
    EXPECT_EQ(before().runs.size(), 4U);
}

// An amplifier of the shelf is added as planned, and the speaker moves onto one of its channels: nothing is guessed.
TEST_F(Planned, AnAmplifierOfTheShelfIsAdded)
{
    driver.newJob("estate");
    driver.clickThing(QStringLiteral("front door"));
    driver.click("stagePlanned");
    driver.click("topicSources");
    driver.click("askAnother");
    choose("shelfSource", QStringLiteral("Beck"));
    int planned = 0;
    for (const auto& [id, device] : after().used.devices)
        planned +=
            core::isSource(after().used.parts.at(device.part)) && !after().used.parts.at(device.part).shelfKey.empty()
                ? 1
                : 0;
    EXPECT_EQ(planned, 1);
    for (const auto& [id, device] : before().used.devices)
        EXPECT_TRUE(before().used.parts.at(device.part).shelfKey.empty()) << "before is as it was found";
    driver.clickThing(QStringLiteral("left front door"));
    driver.click("askWires");
    choose("channel", QStringLiteral("Beck"));
    for (const core::RunResult& run : after().runs)
        EXPECT_FALSE(after().used.parts.at(after().used.devices.at(run.run.id.channel.device).part).shelfKey.empty());
}

// The cable is typed where the wires are, as found and as planned; its ohms count at once, on both sides.
TEST_F(Planned, TheCableIsTypedWhereTheWiresAre)
{
    driver.newJob("hatchback");
    driver.clickThing(QStringLiteral("front door"));
    driver.click("askWires");
    const double bare = before().circuits.front().least_ohm;
    driver.type("cableArea", "0.75 mm2");
    driver.type("cableLength", "3.5 m");
    // Source: IEC 60028 copper and 2 % lay: 2 x 3.5 m of 0.75 mm2 are 0.1641 ohm, of 2.5 mm2 0.0492.
    for (const core::CircuitResult& circuit : before().circuits) EXPECT_NEAR(circuit.least_ohm - bare, 0.1641, 0.0005);
    driver.click("stagePlanned");
    driver.type("cableArea", "2.5 mm2");
    for (const core::CircuitResult& circuit : after().circuits) EXPECT_NEAR(circuit.least_ohm - bare, 0.0492, 0.0005);
    for (const core::CircuitResult& circuit : before().circuits)
        EXPECT_NEAR(circuit.least_ohm - bare, 0.1641, 0.0005) << "before stays as it was found";
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_NEAR(after().circuits.front().least_ohm - bare, 0.1641, 0.0005);
    driver.type("cableArea", "16 awg");  // ASTM B258: 1.309 mm2, so 0.0940 ohm
    EXPECT_NEAR(after().circuits.front().least_ohm - bare, 0.0940, 0.0005);
    driver.type("cableArea", "1.5");  // bare: mm2
    EXPECT_NEAR(after().circuits.front().least_ohm - bare, 0.0821, 0.0005);
    EXPECT_EQ(driver.window().findChild<QWidget*>("cableArea")->property("text").toString(), "1.5 mm2");
}

// An added amplifier has no fuse: a Stop with its mend; the fuse and the cable are typed where the source is, and reach
// the card.
TEST_F(Planned, AFuseAndItsCableAreAddedWithTheAmplifier)
{
    driver.newJob("estate");
    driver.clickThing(QStringLiteral("front door"));
    driver.click("stagePlanned");
    driver.click("topicSources");
    driver.click("askAnother");
    choose("shelfSource", QStringLiteral("Burn"));
    const auto stops = [&] {
        int count = 0;
        for (const core::Finding& finding : driver.session().snapshot().findings)
            count += finding.rule == core::RuleId::FuseAndCable && finding.severity == core::Severity::Stop ? 1 : 0;
        return count;
    };
    EXPECT_EQ(stops(), 1);
    driver.click("askSupply");
    const auto said = [&](const char* name) { return driver.window().findChild<QLabel*>(QLatin1String(name))->text(); };
    // 180 W at 7.78 dB of crest, class AB: 10.6 A at 13.8 V; 1.25 times that takes a fuse of 15 A.
    EXPECT_TRUE(said("supplyNeed").contains(words::amperes(15.0))) << said("supplyNeed").toStdString();
    choose("fuse", words::amperes(15.0));
    EXPECT_EQ(stops(), 0);
    EXPECT_NE(driver.finding("LOAD14"), "") << "which cable it protects nobody said";
    driver.type("supplyArea", "6 mm2");
    EXPECT_EQ(driver.finding("LOAD14"), "");
    driver.type("supplyLength", "4.5 m");
    // Source: IEC 60028: 4.5 m of 6 mm2 are 12.93 milliohm, at 10.62 A 0.137 V.
    EXPECT_TRUE(said("supplyCable").contains(words::volts(0.137))) << said("supplyCable").toStdString();
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(stops(), 1) << "undone as it was typed";
    for (int i = 0; i < 3; ++i) driver.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const QString card = driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText();
    EXPECT_TRUE(card.startsWith("Job card: estate\nabout ")) << "nobody named the vehicle or the customer";
    for (const char* line :
         {"fuse 15 A", "Lay the supply cable from the battery to Burn four-channel 45, 4.5 m (14.8 ft)",
          "supply cable, 6 mm2, 4.5 m", "within 450 mm (17.72 in)", "fuse holders"})
        EXPECT_TRUE(card.contains(QLatin1String(line))) << line;
}

// A network between a woofer and its tweeter, by itself: listed where the wires are, exchanged, taken out.
TEST_F(Planned, ANetworkIsAddedWhereTheWiresAre)
{
    driver.newJob("saloon");
    driver.clickThing(QStringLiteral("front door"));
    driver.clickThing(QStringLiteral("sail"));
    driver.clickThing(QStringLiteral("left front door"));
    driver.click("askWires");
    auto* list = driver.window().findChild<QComboBox*>("network");
    ASSERT_TRUE(list);
    EXPECT_FALSE(list->isVisible()) << "what was found is looked at, nothing is planned";
    driver.click("stagePlanned");
    const size_t found = after().runs.size();
    choose("network", QStringLiteral("Orchid"));
    const core::DeviceId door = driverAt(after(), "left front door");
    const auto network = [&] { return core::networkOf(after().used, door); };
    ASSERT_TRUE(network());
    EXPECT_EQ(after().runs.size(), found);
    EXPECT_EQ(before().runs.size(), found);
    QStringList mends;
    for (int i = 0; auto* button = driver.window().findChild<QPushButton*>(QStringLiteral("mend_LOAD1_%1").arg(i)); ++i)
        mends << button->text();
    ASSERT_GE(mends.size(), 2);
    EXPECT_EQ(mends.removeDuplicates(), 0) << "two drivers to measure: each button says which";
    choose("network", QStringLiteral("Thrift"));
    EXPECT_EQ(core::partOf(after().used, network()).shelfKey, "net-thrift");
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(core::partOf(after().used, network()).shelfKey, "net-orchid");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    EXPECT_TRUE(driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText().contains("Orchid two-way"));
    driver.key(Qt::Key_1, Qt::ControlModifier);
    choose("network", QStringLiteral("none"));
    EXPECT_FALSE(network());
    EXPECT_EQ(after().runs.size(), found);
}

}  // namespace
