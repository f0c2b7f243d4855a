// The walk-round as it is looked at: leads that lie beside each other, labels that give way, one question at the top,
// a window on the vehicle where all of it would be a stamp.
#include <gtest/gtest.h>

#include <QAction>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QPushButton>
#include <QTest>
#include <QTextBrowser>
#include <cmath>

#include "app/shell/main_window.h"
#include "app/stations/walk/circuit_bar.h"
#include "app/widgets/answer_line.h"
#include "app/widgets/lead_routes.h"
#include "app/widgets/side_labels.h"
#include "tests/app/survey_fixture.h"

namespace {

using app::SideLabel;

SideLabel label(double y, double height, bool strong = false, bool left = true)
{
    return {.of = {0.0, y}, .strong = strong, .left = left, .height = height};
}

void expectApart(const std::vector<SideLabel>& labels)
{
    for (const SideLabel& a : labels)
        for (const SideLabel& b : labels)
            EXPECT_TRUE(&a == &b || a.left != b.left || !a.shown || !b.shown || a.top + a.height <= b.top ||
                        b.top + b.height <= a.top)
                << a.top << " " << b.top;
}

TEST(SideLabels, StandAtTheirThingsWhereNothingIsInTheWay)
{
    std::vector<SideLabel> labels{label(100, 20), label(200, 30), label(200, 30, false, false)};
    app::layOutLabels(labels, 0, 400);
    EXPECT_DOUBLE_EQ(labels[0].top, 90);
    EXPECT_DOUBLE_EQ(labels[1].top, 185);
    EXPECT_DOUBLE_EQ(labels[2].top, 185) << "each side for itself";
}

TEST(SideLabels, ThePickedOneKeepsItsPlaceAndTheOthersStepAside)
{
    std::vector<SideLabel> labels{label(100, 40), label(110, 60, true), label(115, 40), label(120, 40)};
    app::layOutLabels(labels, 0, 400);
    EXPECT_DOUBLE_EQ(labels[1].top, 80);
    EXPECT_DOUBLE_EQ(labels[0].top, 39) << "up";
    EXPECT_DOUBLE_EQ(labels[2].top, 141) << "down, in the order of the things";
    EXPECT_DOUBLE_EQ(labels[3].top, 182);
    expectApart(labels);
}

TEST(SideLabels, AtTheLowerEndTheyGoUp)
{
    std::vector<SideLabel> labels{label(360, 40), label(380, 40), label(390, 40)};
    app::layOutLabels(labels, 0, 400);
    EXPECT_DOUBLE_EQ(labels[2].top, 360);
    EXPECT_DOUBLE_EQ(labels[1].top, 319);
    EXPECT_DOUBLE_EQ(labels[0].top, 278);
}

TEST(SideLabels, WhatHasNoRoomWaits)
{
    std::vector<SideLabel> labels;
    for (int i = 0; i < 30; ++i) labels.push_back(label(100.0 + i, 30, i == 12));
    app::layOutLabels(labels, 0, 300);
    int shown = 0;
    for (const SideLabel& one : labels) {
        if (!one.shown) continue;
        ++shown;
        EXPECT_GE(one.top, 0.0);
        EXPECT_LE(one.top + one.height, 300.0);
    }
    EXPECT_TRUE(labels[12].shown);
    EXPECT_EQ(shown, 9) << "all that 300 pixels hold";
    expectApart(labels);
}

class WalkLook : public tests::Survey {
protected:
    WalkLook()
    {
        driver.window().resize(1280, 800);
        QTest::qWait(20);
    }
    ~WalkLook() override { theme.setZoom(1.0); }
    [[nodiscard]] QWidget* widget(const char* name) { return driver.window().findChild<QWidget*>(QLatin1String(name)); }
    [[nodiscard]] int topOf(const char* name) { return widget(name)->mapTo(&driver.window(), QPoint()).y(); }
};

// Sampled along both: no two leads of one side are ever nearer than a lead is wide, but where they leave the source.
TEST_F(WalkLook, LeadsOfASideLieBesideEachOther)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    const app::Snapshot& shown = driver.session().snapshot();
    const auto& used = shown.after().used;
    const auto routes = app::leadRoutes(core::leads(used), used, driver.drawing().things(), {},
                                        driver.drawing().view(app::VehicleView::Side::Above), 1.0);
    ASSERT_EQ(routes.size(), 8U);
    const auto isLeft = [](const app::LeadRoute& route) {
        return route.path.pointAtPercent(1.0).x() < route.path.pointAtPercent(0.0).x();
    };
    for (size_t a = 0; a < routes.size(); ++a)
        for (size_t b = a + 1; b < routes.size(); ++b) {
            if (isLeft(routes[a]) != isLeft(routes[b])) continue;
            double nearest = 1e9;
            for (int i = 0; i <= 200; ++i)
                for (int j = 0; j <= 200; ++j) {
                    const QPointF way =
                        routes[a].path.pointAtPercent(i / 200.0) - routes[b].path.pointAtPercent(j / 200.0);
                    nearest = std::min(nearest, std::hypot(way.x(), way.y()));
                }
            EXPECT_GE(nearest, 4.0) << a << " and " << b;
        }
    for (const app::LeadRoute& route : routes) {
        EXPECT_FALSE(route.planned);
        EXPECT_FALSE(route.chosen);
    }
}

TEST_F(WalkLook, WhatIsPlannedIsMarkedOnTheVehicle)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.click("topicInventory");
    driver.click("stagePlanned");
    driver.click("askSpots");
    driver.click("spot_pillar");
    int planned = 0;
    for (const app::DrawnThing& thing : driver.drawing().things()) planned += thing.planned ? 1 : 0;
    EXPECT_EQ(planned, 2) << "left and right, and nothing that was there";
    EXPECT_EQ(driver.text("surveyHead"), "left pillar");
}

TEST_F(WalkLook, TheQuestionStandsAtTheTopAndComesFirstForTheKeys)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.clickThing("rear left");
    driver.click("askCover");
    QTest::qWait(20);
    for (const char* other : {"askDriver", "askHole", "askDepth", "askWay", "askWires", "askWayIn"})
        EXPECT_LT(topOf("askCover"), topOf(other)) << other;
    EXPECT_LT(topOf("askDriver"), topOf("askHole")) << "the others in their own order";
    driver.drawing().setFocus();
    widget("stagePlanned")->setFocus();
    driver.key(Qt::Key_Tab);
    EXPECT_EQ(QApplication::focusWidget()->objectName(), "askCover");
    int steps = 0;
    while (!QApplication::focusWidget()->objectName().startsWith("ask") || steps == 0) {
        driver.key(Qt::Key_Tab);
        ASSERT_LT(++steps, 40);
    }
    EXPECT_EQ(QApplication::focusWidget()->objectName(), "askDriver") << "after all of its form";
}

TEST_F(WalkLook, DotsCountWhatIsAnswered)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    EXPECT_EQ(widget("answerDots")->accessibleName(), "0 of 6 answered") << "what is fitted is an estimate";
    driver.click("askDepth");
    driver.type("depth", "62 mm");
    EXPECT_EQ(widget("answerDots")->accessibleName(), "1 of 6 answered");
    const auto* depth = driver.window().findChild<app::AnswerLine*>("askDepth");
    EXPECT_EQ(depth->accessibleDescription().replace(QChar(0x202F), ' ').toStdString(), "depth 62 mm, stated");
}

TEST_F(WalkLook, TheCustomerIsThreeEntriesUnderTheFindings)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    EXPECT_FALSE(widget("topicCustomer")->isVisible()) << "he is said once";
    EXPECT_EQ(driver.answer("customerHears"), "the rear seats sound dull and thin");
    EXPECT_EQ(driver.answer("customerKeeps"), "nothing is cut");
    driver.click("customerKeeps");
    EXPECT_EQ(driver.text("surveyHead"), "The customer");
    EXPECT_TRUE(widget("keep_0")->isVisible());
    driver.window().resize(1000, 800);
    QTest::qWait(20);
    EXPECT_TRUE(widget("topicCustomer")->isVisible()) << "no column of findings, no entries";
    driver.window().resize(1280, 800);
    driver.key(Qt::Key_3, Qt::ControlModifier);
    EXPECT_FALSE(widget("customerCard")->isVisible()) << "another station";
}

TEST_F(WalkLook, TheCircuitIsABarThatOpens)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    EXPECT_FALSE(widget("circuitBar")->isVisible());
    driver.clickThing("rear left");
    const auto* bar = driver.window().findChild<app::CircuitBar*>("circuitBar");
    ASSERT_TRUE(bar->isVisible());
    EXPECT_EQ(bar->chain(), (QStringList{"radio", "left plug, rear left", "rear left"}));
    EXPECT_FALSE(widget("circuitDrawing")->isVisible());
    driver.click("pullAPlug");
    EXPECT_TRUE(widget("circuitDrawing")->isVisible());
    EXPECT_FALSE(bar->isVisible());
}

// At 200 % on a usual screen: a window on the vehicle round what is picked, and the whole of it small beside.
TEST_F(WalkLook, AtTwiceTheSizeThePaneIsAWindowOnTheVehicle)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    QTest::qWait(20);
    EXPECT_FALSE(driver.drawing().smallPlan().small)
        << "all of it is seen at 100 %: " << driver.drawing().width() << " x " << driver.drawing().height() << " "
        << driver.drawing().view(app::VehicleView::Side::Above).scale;
    theme.setZoom(2.0);
    app::VehicleDrawing& drawing = driver.drawing();
    // Everything is laid out anew, which takes as long as it takes.
    ASSERT_TRUE(QTest::qWaitFor([&] { return drawing.smallPlan().small && drawing.width() >= 500; }, 5'000))
        << drawing.width();
    EXPECT_DOUBLE_EQ(drawing.view(app::VehicleView::Side::Above).scale, 300.0);
    EXPECT_GE(drawing.width(), 500) << "near half of what the rail leaves of 1280";
    for (const char* name : {"rear left", "right front door", "left sail"}) {
        driver.clickThing(name);
        EXPECT_EQ(driver.text("surveyHead"), QLatin1String(name));
        const QPointF at = drawing.pointOf(placeNamed(name));
        EXPECT_TRUE(QRectF(drawing.rect()).contains(at)) << name;
        EXPECT_FALSE(drawing.smallPlan().area.contains(at)) << "the small plan lies where it is not";
    }
    // A click on the small plan picks the place there.
    const app::VehicleView small = drawing.smallPlan();
    QTest::mouseClick(&drawing, Qt::LeftButton, {}, small.at(place("rear right").frame.at_m).toPoint());
    EXPECT_EQ(driver.text("surveyHead"), "rear right");
}

TEST_F(WalkLook, ZGivesThePaneToTheVehicleAndBack)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.clickThing("rear left");
    driver.drawing().setFocus();
    const int beside = driver.drawing().width();
    driver.key(Qt::Key_Z);
    QTest::qWait(20);
    EXPECT_FALSE(widget("surveyCard")->isVisible());
    EXPECT_GT(driver.drawing().width(), 800);
    driver.key(Qt::Key_Z);
    QTest::qWait(20);
    EXPECT_TRUE(widget("surveyCard")->isVisible());
    EXPECT_EQ(driver.drawing().width(), beside);
}

// 214 %: too narrow for both. A new job gets its first place by the list, and by the vehicle when it has its turn.
TEST_F(WalkLook, WhereOneFitsANewJobCanStillAddPlaces)
{
    driver.newJob("estate");
    theme.setZoom(2.14);
    driver.window().resize(1180, 780);
    QTest::qWait(30);
    EXPECT_FALSE(driver.drawing().isVisible());
    driver.click("topicInventory");
    driver.click("askSpots");
    driver.click("spot_front door");
    EXPECT_TRUE(placeNamed("left front door"));
    EXPECT_TRUE(placeNamed("right front door"));
    driver.click("showVehicle");
    QTest::qWait(30);
    ASSERT_TRUE(driver.drawing().isVisible());
    EXPECT_TRUE(driver.drawing().hasFocus());
    driver.clickThing("sail");
    EXPECT_TRUE(placeNamed("left sail"));
    driver.click("showQuestion");
    EXPECT_TRUE(widget("surveyCard")->isVisible());
    EXPECT_EQ(driver.text("surveyHead"), "left sail");
}

TEST_F(WalkLook, InTheBayAnEqualListAddsAPlace)
{
    driver.newJob("estate");
    driver.key(Qt::Key_F8);
    driver.click("topicInventory");
    driver.click("bayNext");
    driver.click("spot_rear door");
    EXPECT_TRUE(placeNamed("right rear door"));
    driver.key(Qt::Key_F8);
}

// Tab leaves the questions towards the findings, and comes to the customer after those: as the eye does.
TEST_F(WalkLook, TheCustomerComesAfterTheFindingsForTheKeys)
{
    driver.openShipped(true);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    QTest::qWait(20);
    widget("topicInventory")->setFocus();
    int findings = -1, customer = -1, drawing = -1;
    for (int step = 0; step < 60; ++step) {
        driver.key(Qt::Key_Tab);
        const QWidget* focus = QApplication::focusWidget();
        if (customer < 0 && widget("customerCard")->isAncestorOf(focus))
            customer = step;
        else if (findings < 0 && widget("findingsColumn")->isAncestorOf(focus) &&
                 !widget("customerCard")->isAncestorOf(focus))
            findings = step;
        if (focus == &driver.drawing()) {
            drawing = step;
            break;
        }
    }
    EXPECT_GE(findings, 0);
    EXPECT_GT(customer, findings);
    EXPECT_TRUE(drawing < 0 || drawing > customer);
}

// From the vehicle to its question and on, without going through everything that is drawn.
TEST_F(WalkLook, F6VisitsTheQuestion)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.clickThing("rear left");
    driver.drawing().setFocus();
    driver.key(Qt::Key_F6);
    EXPECT_TRUE(widget("surveyCard")->parentWidget()->isAncestorOf(QApplication::focusWidget()))
        << QApplication::focusWidget()->objectName().toStdString();
    EXPECT_EQ(driver.text("surveyHead"), "rear left") << "nothing else was picked on the way";
    driver.key(Qt::Key_F6);
    EXPECT_FALSE(widget("surveyCard")->parentWidget()->isAncestorOf(QApplication::focusWidget()));
}

// The column of findings shows that the keys are on it: its edge is the gold of every other focus.
TEST_F(WalkLook, FocusInTheFindingsIsSeen)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    QTest::qWait(20);
    const auto edge = [&] { return widget("findingsColumn")->grab().toImage().pixelColor(0, 60); };
    EXPECT_NE(edge(), theme.tokens().goldText);
    widget("findingsColumn")->setFocus();
    EXPECT_EQ(edge(), theme.tokens().goldText);
}

TEST_F(WalkLook, RemovingBothSidesIsSaid)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.clickThing("rear left");
    driver.drawing().setFocus();
    driver.key(Qt::Key_Delete);
    EXPECT_FALSE(placeNamed("rear right"));
    const auto* notice = driver.window().findChild<QLabel*>("noticeText");
    ASSERT_NE(notice, nullptr);
    EXPECT_TRUE(notice->isVisible());
    EXPECT_TRUE(notice->text().contains("rear left, rear right")) << notice->text().toStdString();
}

// Inches first: the findings and the card say them too, at once.
TEST_F(WalkLook, InchesGoThroughFindingsAndCard)
{
    driver.openShipped(true);
    const auto findings = [&] {
        QString all;
        for (const auto* label : widget("findingsColumn")->findChildren<QLabel*>()) all += label->text() + '\n';
        return all.replace(QChar(0x202F), ' ');
    };
    driver.click("moreFindings");
    const QString metric = findings();
    EXPECT_FALSE(metric.contains(" in ("));
    auto* inches = driver.window().findChild<QAction*>("actionInches");
    inches->trigger();
    EXPECT_TRUE(findings().contains(" in (")) << findings().toStdString();
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const auto card = [&] {
        return driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText().replace(QChar(0x202F), ' ');
    };
    EXPECT_TRUE(card().contains(" in ("));
    inches->trigger();
    EXPECT_FALSE(card().contains(" in ("));
    driver.key(Qt::Key_3, Qt::ControlModifier);
    EXPECT_EQ(findings(), metric);
}

// A finding stands in the column of findings; where that is not there, the worst of the place stands with its question.
TEST_F(WalkLook, AVerdictIsSaidOnce)
{
    driver.openTrouble();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    QTest::qWait(20);
    driver.clickThing(QString::fromStdString(plan().places.begin()->second.name));
    ASSERT_FALSE(driver.text("surveyVerdict").isEmpty());
    EXPECT_FALSE(widget("surveyVerdict")->isVisible());
    driver.window().resize(1000, 800);
    QTest::qWait(20);
    EXPECT_TRUE(widget("surveyVerdict")->isVisible());
}

}  // namespace
