// What the drawings are laid out from: views, things, circuits; and the small readers of what is typed into a survey.
#include <gtest/gtest.h>

#include <QSettings>
#include <QTemporaryDir>
#include <cmath>

#include "app/asks/audiogram_text.h"
#include "app/asks/fastener_text.h"
#include "app/asks/typed_quantity.h"
#include "app/session/sheet_shelf.h"
#include "app/session/shop_settings.h"
#include "app/widgets/circuit_layout.h"
#include "app/widgets/drawn_things.h"
#include "app/widgets/vehicle_views.h"
#include "core/edits/network_edits.h"
#include "core/edits/survey_edits.h"
#include "core/edits/vehicle_sheet.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/model/names.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/twelve_runs.h"

namespace app {
namespace {

using tests::shop;

Snapshot snapshotOf(core::Plan plan)
{
    Snapshot snapshot;
    snapshot.plan = std::move(plan);
    snapshot.evaluation = core::evaluateJob(snapshot.plan, shop().practice);
    return snapshot;
}

// A pixel back to metres and again to the same pixel, in every view, whatever the vehicle.
TEST(VehicleViews, TurnMetresIntoPixelsAndBack)
{
    for (const auto& kind : core::enumNames<core::BodyKind>()) {
        const core::Body body = core::usualBody(kind.value, shop().vehicles);
        const double height_m = core::bodyHeight_m(body, shop().vehicles);
        const auto views = arrangeViews(body, height_m, QRectF(10, 20, 480, 640), true, 104);
        ASSERT_EQ(views.size(), 3U);
        for (const VehicleView& view : views) {
            const core::Vec3 point{-1.2, view.side == VehicleView::Side::Right ? -0.6 : 0.6, 0.8};
            const core::Vec3 back = view.put(view.at(point), point);
            EXPECT_LT(core::distance(back, point), 1e-9);
            const QPointF moved = view.at(point) + QPointF(7, -5);
            const QPointF again = view.at(view.put(moved, point));
            EXPECT_NEAR(std::hypot(again.x() - moved.x(), again.y() - moved.y()), 0.0, 1e-9);
            EXPECT_TRUE(view.shows(point.y));
        }
    }
}

TEST(VehicleViews, HoldTheWholeBodyAndDoNotLieOnEachOther)
{
    for (const auto& kind : core::enumNames<core::BodyKind>())
        for (const QRectF& area : {QRectF(0, 0, 480, 640), QRectF(0, 0, 900, 400), QRectF(0, 0, 300, 500)}) {
            const core::Body body = core::usualBody(kind.value, shop().vehicles);
            const double height_m = core::bodyHeight_m(body, shop().vehicles);
            const auto views = arrangeViews(body, height_m, area, true, 60);
            const double nose = body.frontAxle_m, tail = nose - body.length_m;
            for (const VehicleView& view : views) {
                const bool above = view.side == VehicleView::Side::Above;
                for (const double x : {nose, tail}) {
                    const core::Vec3 edge{x, above ? 0.5 * body.width_m : 0.0, above ? 0.0 : height_m};
                    EXPECT_TRUE(view.area.adjusted(-2, -2, 2, 2).contains(view.at(edge))) << kind.text;
                }
                for (const VehicleView& other : views)
                    if (&other != &view) {
                        EXPECT_FALSE(view.area.adjusted(1, 1, -1, -1).intersects(other.area.adjusted(1, 1, -1, -1)));
                    }
            }
        }
}

TEST(VehicleViews, LeftIsLeftAndTheNoseIsWhereTheTitleSays)
{
    const core::Body body = core::usualBody(core::BodyKind::Estate, shop().vehicles);
    const auto views = arrangeViews(body, 1.5, QRectF(0, 0, 480, 640), true, 104);
    EXPECT_LT(views[0].at({0, 0.5, 0}).x(), views[0].at({0, -0.5, 0}).x());
    EXPECT_LT(views[0].at({0.5, 0, 0}).y(), views[0].at({-0.5, 0, 0}).y()) << "nose up";
    EXPECT_LT(views[1].at({0.5, 0, 0}).x(), views[1].at({-0.5, 0, 0}).x()) << "left side, nose left";
    EXPECT_GT(views[2].at({0.5, 0, 0}).x(), views[2].at({-0.5, 0, 0}).x()) << "right side, nose right";
    EXPECT_FALSE(views[1].shows(-0.5));
    EXPECT_FALSE(views[2].shows(0.5));
}

TEST(DrawnThings, ASpotIsOfferedUntilItIsTaken)
{
    core::Plan plan = core::newPlan(core::BodyKind::Saloon, shop().vehicles);
    const auto before = openSpots(plan, shop().vehicles);
    plan = core::apply(plan, core::addSpeakers(plan, core::kFactory, before.front(), shop().practice)).plan;
    const auto after = openSpots(plan, shop().vehicles);
    EXPECT_EQ(after.size() + 1, before.size());
    for (const core::UsualSpot& spot : after) EXPECT_NE(spot.name, before.front().name);
}

TEST(DrawnThings, GoFromTheNoseToTheTailAndEachHasAName)
{
    core::Plan plan = core::newPlan(core::BodyKind::Estate, shop().vehicles);
    for (const core::UsualSpot& spot : core::usualSpots(plan.body, shop().vehicles))
        if (spot.likely) plan = core::apply(plan, core::addSpeakers(plan, core::kFactory, spot, shop().practice)).plan;
    const Snapshot snapshot = snapshotOf(plan);
    const auto things = drawnThings(snapshot, shop().vehicles, {.survey = true});
    for (size_t i = 1; i < things.size(); ++i) EXPECT_GE(things[i - 1].at_m.x, things[i].at_m.x - 0.1);
    std::set<std::pair<int, int>> seen;
    for (const DrawnThing& thing : things) {
        EXPECT_FALSE(thing.name.isEmpty());
        EXPECT_TRUE(seen.emplace(static_cast<int>(thing.kind), thing.number).second) << thing.name.toStdString();
    }
    const auto quiet = drawnThings(snapshot, shop().vehicles, {});
    EXPECT_TRUE(std::none_of(quiet.begin(), quiet.end(), [](const DrawnThing& thing) {
        return thing.kind == DrawnThing::Kind::Spot;
    })) << "spots are offered in a survey alone";
}

// Every wire ends at its terminals, no box lies on another, and what shares the pair is in the picture.
TEST(CircuitLayout, ShowsWhatHangsTogether)
{
    const core::Fitout fitout = core::resolve(tests::TwelveRuns().plan, core::kFound);
    for (const auto& [id, device] : fitout.devices) {
        if (fitout.parts.at(device.part).kind != core::PartKind::Driver) continue;
        const CircuitLayout layout = layOutCircuit(fitout, id, 1.0, 480.0);
        EXPECT_TRUE(std::any_of(layout.boxes.begin(), layout.boxes.end(),
                                [id = id](const CircuitBox& box) { return box.device == id; }));
        EXPECT_FALSE(layout.wires.empty());
        for (const CircuitWire& wire : layout.wires)
            for (const auto& [pin, at] : {std::pair{wire.a, wire.from}, {wire.b, wire.to}}) {
                const auto box =
                    std::find_if(layout.boxes.begin(), layout.boxes.end(),
                                 [&, device = pin.device](const CircuitBox& b) { return b.device == device; });
                ASSERT_NE(box, layout.boxes.end());
                EXPECT_EQ(box->terminals.at(pin.terminal), at);
                EXPECT_TRUE(box->area.adjusted(-1, -1, 1, 1).contains(at));
            }
        for (size_t a = 0; a < layout.boxes.size(); ++a)
            for (size_t b = a + 1; b < layout.boxes.size(); ++b)
                EXPECT_FALSE(layout.boxes[a].area.intersects(layout.boxes[b].area));
    }
    EXPECT_TRUE(layOutCircuit(fitout, {999}, 1.0, 480.0).boxes.empty());
}

TEST(CircuitLayout, ThePlugStandsBetweenSourceAndSpeakerWithItsCapacitor)
{
    const core::Fitout fitout = core::resolve(tests::demoPlan(), core::kFound);
    const CircuitLayout layout = layOutCircuit(fitout, tests::kLeftSpeaker, 1.0, 480.0);
    ASSERT_EQ(layout.boxes.size(), 3U) << "the right side hangs on other pins";
    std::map<core::DeviceId, const CircuitBox*> by;
    for (const CircuitBox& box : layout.boxes) by[box.device] = &box;
    EXPECT_EQ(by.at(tests::kRadio)->column, 0);
    EXPECT_EQ(by.at(tests::kLeftPlug)->column, 1);
    EXPECT_EQ(by.at(tests::kLeftSpeaker)->column, 2);
    EXPECT_TRUE(by.at(tests::kLeftPlug)->inside.join(' ').contains("capacitor"));
    EXPECT_EQ(layout.wires.front().colour, "grey");
}

// A network's pairs come out in the order of the drivers they go to, however its terminals are called.
TEST(CircuitLayout, ANetworksPairsDoNotCross)
{
    core::Plan plan = tests::withSpots(core::BodyKind::Saloon, {"front door", "sail"});
    const core::DeviceId door = tests::driverAt(plan, "left front door"), sail = tests::driverAt(plan, "left sail");
    plan = tests::after(plan, core::fitNetwork(plan, {{core::Leg::Woofer, door}, {core::Leg::Tweeter, sail}}, *shop().shelf.find("net-orchid")));
    const core::Fitout fitout = core::resolve(plan, plan.job.goal);
    const CircuitLayout layout = layOutCircuit(fitout, door, 1.0, 480.0);
    std::map<core::DeviceId, const CircuitBox*> by;
    for (const CircuitBox& box : layout.boxes) by[box.device] = &box;
    const CircuitBox& network = *by.at(core::networkOf(fitout, door));
    EXPECT_LT(by.at(door)->area.top(), by.at(sail)->area.top());
    EXPECT_LT(network.terminals.at("w-").y(), network.terminals.at("t+").y());
    EXPECT_LT(network.terminals.at("w+").y(), network.terminals.at("w-").y());
}

struct TypedRow {
    const char* text;
    int count;
    core::FastenerKind kind;
    const char* size;
    const char* where;
    bool hidden;
};
class TypedFastener : public testing::TestWithParam<TypedRow> {};
void PrintTo(const TypedRow& row, std::ostream* out)
{
    *out << row.text;
}

TEST_P(TypedFastener, IsUnderstoodAsAFitterSaysIt)
{
    const auto typed = fastenerFromText(GetParam().text);
    ASSERT_TRUE(typed);
    EXPECT_EQ(typed->count, GetParam().count);
    EXPECT_EQ(typed->kind, GetParam().kind);
    EXPECT_EQ(typed->size, GetParam().size);
    EXPECT_EQ(typed->where, GetParam().where);
    EXPECT_EQ(typed->hidden, GetParam().hidden);
}
INSTANTIATE_TEST_SUITE_P(
    Each, TypedFastener,
    testing::Values(
        TypedRow{"2 hidden screws T20 behind the handle cup", 2, core::FastenerKind::Screw, "T20",
                 "behind the handle cup", true},
        TypedRow{"8 clips", 8, core::FastenerKind::Clip, "", "", false},
        TypedRow{"2 bolts 8 mm", 2, core::FastenerKind::Bolt, "8 mm", "", false},
        TypedRow{"10 mm nut", 1, core::FastenerKind::Nut, "10 mm", "", false},
        TypedRow{"3/16 in Allen under the seat", 1, core::FastenerKind::Bolt, "3/16 in hex", "under the seat", false},
        TypedRow{"four T25", 4, core::FastenerKind::Screw, "T25", "", false},
        TypedRow{"a hook", 1, core::FastenerKind::Hook, "", "", false},
        TypedRow{"push pin under the sill", 1, core::FastenerKind::PushPin, "", "under the sill", false},
        TypedRow{"3 push pins at the arch", 3, core::FastenerKind::PushPin, "", "at the arch", false},
        TypedRow{"4 nuts 10mm in the corners", 4, core::FastenerKind::Nut, "10mm", "in the corners", false},
        TypedRow{"1 bolt M6 hidden by the badge", 1, core::FastenerKind::Bolt, "M6", "by the badge", true},
        TypedRow{"12 Rivets 4.8 round the frame", 12, core::FastenerKind::Rivet, "4.8", "round the frame", false}));

TEST(TypedFasteners, WithoutAKindAreRefused)
{
    for (const char* text : {"", "   ", "three things", "4", "hidden"}) EXPECT_FALSE(fastenerFromText(text)) << text;
}

TEST(Audiogram, IsSixNumbersOfDecibels)
{
    EXPECT_EQ(*audiogramFromText("0 5 -5 20 40 60"), (std::vector<double>{0, 5, -5, 20, 40, 60}));
    for (const char* text :
         {"", "0 5", "0 5 10 20 40 60 80", "0 5 ten 20 40 60", "0 5 10 20 40 121", "-21 5 10 20 40 60"})
        EXPECT_FALSE(audiogramFromText(text)) << text;
    core::Curve curve{.level_db = {0, 5, -5, 20, 40, 60}};
    EXPECT_EQ(*audiogramFromText(audiogramText(curve)), curve.level_db);
}

TEST(TypedQuantity, TakesTheQuantitysUnitAndItsRange)
{
    EXPECT_EQ(*typedQuantity("62", core::Quantity::Depth_m), 0.062);
    EXPECT_EQ(*typedQuantity("2 1/2 in", core::Quantity::Depth_m), 0.0635);
    EXPECT_EQ(*typedQuantity("4.7 uF", core::Quantity::Capacitance_f), 4.7e-6);
    EXPECT_EQ(*typedQuantity("4", core::Quantity::ScrewCount), 4.0);
    EXPECT_EQ(*typedQuantity("3R3", core::Quantity::Re_ohm), 3.3);
    EXPECT_TRUE(typedQuantity("30", core::Quantity::ScrewCount).error().contains("allowed 0 to 24"));
    EXPECT_FALSE(typedQuantity("4 ohm", core::Quantity::Depth_m));
    EXPECT_FALSE(typedQuantity("", core::Quantity::Depth_m));
}

TEST(ShopSettings, AreReadBackAsTheyWereWritten)
{
    QTemporaryDir folder;
    QSettings settings(folder.filePath("s.ini"), QSettings::IniFormat);
    EXPECT_EQ(ShopSettings::read(settings).currency, "EUR");
    ShopSettings shop{.name = "Invented Garage",
                      .currency = "CHF",
                      .hourlyRate = 95.5,
                      .letterPaper = true,
                      .saws = "44 51 mm",
                      .missing = {core::Tool::SideCutter, core::Tool::Camera},
                      .sheetFolder = "/somewhere"};
    shop.write(settings);
    const ShopSettings back = ShopSettings::read(settings);
    EXPECT_EQ(back.name, shop.name);
    EXPECT_EQ(back.currency, shop.currency);
    EXPECT_EQ(back.hourlyRate, shop.hourlyRate);
    EXPECT_EQ(back.letterPaper, shop.letterPaper);
    EXPECT_EQ(back.saws, shop.saws);
    EXPECT_EQ(back.missing, shop.missing);
    EXPECT_EQ(back.sheetFolder, shop.sheetFolder);
}

TEST(SheetShelf, FindsByWordsAndPassesOverWhatCannotBeRead)
{
    QTemporaryDir folder;
    const auto save = [&](const char* file, core::BodyKind kind, const char* name) {
        core::Plan plan = core::newPlan(kind, shop().vehicles);
        plan.body.name = name;
        plan.body.signs[core::VariantSign::SystemBadge] = true;
        ASSERT_TRUE(core::writePlanFile(folder.filePath(file).toStdString(), {core::vehicleSheet(plan), {}}));
    };
    save("b.reedcar", core::BodyKind::Van, "Invented Hauler");
    save("a.reedcar", core::BodyKind::Estate, "Tarnwick Sallow");
    QFile broken(folder.filePath("broken.reedcar"));
    ASSERT_TRUE(broken.open(QIODevice::WriteOnly));
    broken.write("{");
    broken.close();
    EXPECT_EQ(sheetsIn(folder.path()).size(), 2U);
    EXPECT_EQ(nameOf(sheetsIn(folder.path()).front()), "Invented Hauler, van · a separate amplifier drives them");
    ASSERT_EQ(matching(sheetsIn(folder.path()), "ESTATE sall").size(), 1U);
    EXPECT_EQ(matching(sheetsIn(folder.path()), "amplifier").size(), 2U);
    EXPECT_TRUE(matching(sheetsIn(folder.path()), "estate hauler").empty());
    EXPECT_TRUE(sheetsIn("/nowhere/at/all").empty());
}

}  // namespace
}  // namespace app
