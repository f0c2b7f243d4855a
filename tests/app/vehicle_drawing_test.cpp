// The drawing of the vehicle by itself: what the keys and the pointer do on it, and what it tells.
#include "app/widgets/vehicle_drawing.h"

#include <gtest/gtest.h>

#include <QApplication>
#include <QLineEdit>
#include <QSignalSpy>
#include <QTest>
#include <QVBoxLayout>

#include "app/theme/theme.h"
#include "app/widgets/vehicle_painter.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/io/shop.h"
#include "tests/app/shown.h"

namespace app {
namespace {

class Drawing : public testing::Test {
protected:
    Drawing()
    {
        plan = core::newPlan(core::BodyKind::Estate, shop.vehicles);
        for (const core::UsualSpot& spot : core::usualSpots(plan.body, shop.vehicles))
            if (spot.name == "front door")
                plan = core::apply(plan, core::addSpeakers(plan, core::kFactory, spot, shop.practice)).plan;
        snapshot.shop = tests::unowned(shop);
        snapshot.plan = plan;
        snapshot.evaluation = core::evaluateJob(plan, shop.practice);
        auto* layout = new QVBoxLayout(&page);
        layout->addWidget(&before);
        layout->addWidget(&drawing, 1);
        layout->addWidget(&after);
        page.resize(520, 760);
        page.show();
        QApplication::setActiveWindow(&page);
        show({.listener = plan.listeners.begin()->first, .survey = true, .flanks = true});
    }
    ~Drawing() override
    {
        for (QWidget* child :
             {static_cast<QWidget*>(&before), static_cast<QWidget*>(&drawing), static_cast<QWidget*>(&after)})
            child->setParent(nullptr);  // they are members
    }
    void show(const DrawingFocus& wanted)
    {
        focus = wanted;
        drawing.present(tests::unowned(snapshot), focus);
    }
    const DrawnThing& thing(const QString& name)
    {
        for (const DrawnThing& one : drawing.things())
            if (one.name == name) return one;
        throw std::runtime_error(name.toStdString());
    }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = {})
    {
        QTest::keyClick(QApplication::focusWidget(), key, modifiers);
    }

    Theme theme{*qApp};
    core::Shop shop = core::shippedShop();
    core::Plan plan{};
    Snapshot snapshot{};
    DrawingFocus focus{};
    QWidget page{};
    QLineEdit before{}, after{};
    VehicleDrawing drawing{theme};
};

TEST_F(Drawing, TabGoesOverEveryThingAndOn)
{
    before.setFocus();
    key(Qt::Key_Tab);
    EXPECT_TRUE(drawing.hasFocus());
    std::set<QString> seen;
    size_t steps = 0;
    for (; QApplication::focusWidget() == &drawing && steps < 200; ++steps) {
        if (drawing.current()) seen.insert(drawing.current()->name);
        key(Qt::Key_Tab);
    }
    EXPECT_TRUE(after.hasFocus());
    EXPECT_GE(steps, drawing.things().size());
    for (const DrawnThing& one : drawing.things()) EXPECT_TRUE(seen.contains(one.name)) << one.name.toStdString();
    key(Qt::Key_Backtab);
    EXPECT_TRUE(drawing.hasFocus()) << "and back in from the other end";
}

TEST_F(Drawing, ArrowsGoToTheNearestThatWay)
{
    QSignalSpy chosen(&drawing, &VehicleDrawing::placeChosen);
    drawing.setFocus();
    QTest::mouseClick(&drawing, Qt::LeftButton, {}, drawing.pointOf(thing("left front door")).toPoint());
    ASSERT_EQ(chosen.count(), 1);
    for (int i = 0; i < 12 && drawing.current()->at_m.y > 0.0; ++i) key(Qt::Key_Right);
    EXPECT_LE(drawing.current()->at_m.y, 0.0) << "to the other side";
    const double x_m = drawing.current()->at_m.x;
    key(Qt::Key_Down);
    EXPECT_LT(drawing.current()->at_m.x, x_m) << "down the page is towards the tail";
}

TEST_F(Drawing, EnterAddsASpotAndTakesHoldOfAPlace)
{
    QSignalSpy spots(&drawing, &VehicleDrawing::spotChosen);
    QSignalSpy moves(&drawing, &VehicleDrawing::moved);
    QSignalSpy down(&drawing, &VehicleDrawing::putDown);
    QSignalSpy returned(&drawing, &VehicleDrawing::returned);
    drawing.setFocus();
    while (!drawing.current() || drawing.current()->name != "sail") key(Qt::Key_Tab);
    key(Qt::Key_Return);
    ASSERT_EQ(spots.count(), 1);
    EXPECT_EQ(spots.front().front().value<core::UsualSpot>().name, "sail");
    while (drawing.current()->name != "left front door") key(Qt::Key_Tab);
    key(Qt::Key_Return);
    key(Qt::Key_Right);
    ASSERT_EQ(moves.count(), 1);
    const auto to_m = moves.front()[1].value<core::Vec3>();
    EXPECT_LT(to_m.y, thing("left front door").at_m.y) << "right on the page is right of the vehicle";
    key(Qt::Key_Escape);
    EXPECT_EQ(returned.count(), 1);
    key(Qt::Key_Return);
    key(Qt::Key_Return);
    EXPECT_EQ(down.count(), 1);
    key(Qt::Key_Return);
    after.setFocus();  // whoever walks away has put it down
    EXPECT_EQ(down.count(), 2);
}

TEST_F(Drawing, OutsideASurveyNothingIsMovedOrOffered)
{
    show({.listener = focus.listener});
    QSignalSpy moves(&drawing, &VehicleDrawing::moved);
    QSignalSpy points(&drawing, &VehicleDrawing::pointChosen);
    const QPoint at = drawing.pointOf(thing("left front door")).toPoint();
    QTest::mousePress(&drawing, Qt::LeftButton, {}, at);
    QTest::mouseMove(&drawing, at + QPoint(0, 40));
    QTest::mouseRelease(&drawing, Qt::LeftButton, {}, at + QPoint(0, 40));
    QTest::mouseClick(&drawing, Qt::LeftButton, {}, QPoint(4, drawing.height() - 4));
    drawing.setFocus();
    key(Qt::Key_N);
    EXPECT_EQ(moves.count(), 0);
    EXPECT_EQ(points.count(), 0);
}

TEST_F(Drawing, APointOutsideTheVehicleProposesNothing)
{
    QSignalSpy points(&drawing, &VehicleDrawing::pointChosen);
    QTest::mouseClick(&drawing, Qt::LeftButton, {}, QPoint(4, 60));
    EXPECT_EQ(points.count(), 0);
    const VehicleView& above = drawing.view(VehicleView::Side::Above);
    QTest::mouseClick(&drawing, Qt::LeftButton, {}, above.at({-1.0, 0.05, 0.5}).toPoint());
    EXPECT_EQ(points.count(), 1);
}

TEST_F(Drawing, AShakyClickIsNoDrag)
{
    QSignalSpy moves(&drawing, &VehicleDrawing::moved);
    const QPoint at = drawing.pointOf(thing("left front door")).toPoint();
    QTest::mousePress(&drawing, Qt::LeftButton, {}, at);
    QTest::mouseMove(&drawing, at + QPoint(2, 1));
    QTest::mouseRelease(&drawing, Qt::LeftButton, {}, at + QPoint(2, 1));
    EXPECT_EQ(moves.count(), 0);
}

TEST_F(Drawing, WhatIsTooNearToBeShownIsNotHitEither)
{
    QSignalSpy spots(&drawing, &VehicleDrawing::spotChosen);
    const VehicleView& above = drawing.view(VehicleView::Side::Above);
    const double radius = placeRadius(theme, above);
    int crowded = 0;
    for (const DrawnThing& one : std::vector(drawing.things())) {
        if (!isCrowded(one, drawing.things(), above, radius)) continue;
        ++crowded;
        QTest::mouseClick(&drawing, Qt::LeftButton, {}, above.at(one.at_m).toPoint());
    }
    EXPECT_EQ(crowded, 2) << "an estate has a usual spot beside each front door's";
    EXPECT_EQ(spots.count(), 0);
}

// The right side is picked on its own view, where the left one is not shown.
TEST_F(Drawing, AFlankShowsItsOwnHalf)
{
    QSignalSpy chosen(&drawing, &VehicleDrawing::placeChosen);
    const VehicleView& right = drawing.view(VehicleView::Side::Right);
    QTest::mouseClick(&drawing, Qt::LeftButton, {}, right.at(thing("right front door").at_m).toPoint());
    ASSERT_EQ(chosen.count(), 1);
    const auto place = chosen.front().front().value<core::PlaceId>();
    EXPECT_EQ(plan.places.at(place).name, "right front door");
}

TEST_F(Drawing, LargerTypeAndAnotherBodyAreDrawnAnew)
{
    const QImage small = drawing.grab().toImage();
    theme.setZoom(1.5);
    EXPECT_NE(drawing.grab().toImage(), small);
    theme.setZoom(1.0);
    EXPECT_EQ(drawing.grab().toImage(), small) << "the same plan is the same picture";
    snapshot.plan.body.kind = core::BodyKind::Van;
    show(focus);
    EXPECT_NE(drawing.grab().toImage(), small);
    theme.setGround(Ground::Dark);
    const QImage dark = drawing.grab().toImage();
    theme.setGround(Ground::Light);
    EXPECT_NE(drawing.grab().toImage(), dark);
}

}  // namespace
}  // namespace app
