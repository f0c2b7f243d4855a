// Match as it is looked at: rows that compare by eye, measures on the cut, slabs, figures before and after.
#include <gtest/gtest.h>

#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QTest>
#include <cmath>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_row.h"
#include "app/widgets/change_figures.h"
#include "app/widgets/curve_line.h"
#include "app/widgets/rank_list.h"
#include "app/widgets/section_drawing.h"
#include "app/widgets/spacer_picker.h"
#include "tests/app/window_driver.h"

namespace {

class MatchRows : public testing::Test {
protected:
    void SetUp() override
    {
        driver.settings().remove("tracesFolded/Match");  // as it is at first
        driver.window().resize(1280, 800);
        driver.openDemo();
        driver.pickCandidate("wb-alder-4");
    }
    template <class Widget>
    Widget* find(const char* name)
    {
        return driver.window().findChild<Widget*>(QLatin1String(name));
    }
    app::RankList& list() { return *find<app::RankList>("candidateList"); }
    app::CandidateModel& model() { return *qobject_cast<app::CandidateModel*>(list().model()); }
    int rowsInSight()
    {
        int rows = 0;
        for (int row = 0; row < model().rowCount(); ++row) {
            const QRect box = list().visualRect(model().index(row));
            rows += list().viewport()->rect().contains(box) ? 1 : 0;
        }
        return rows;
    }
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

TEST_F(MatchRows, EightOrMoreStandInSight)
{
    QTest::qWait(20);
    EXPECT_GE(rowsInSight(), 8);
    driver.window().resize(1366, 768);
    QTest::qWait(20);
    EXPECT_GE(rowsInSight(), 8);
}

// The bar of what is left behind is as long as the margin: 38 px for 30 mm, from one zero line in every row.
TEST_F(MatchRows, AMarginIsALengthInItsRow)
{
    QTest::qWait(20);
    const QImage drawn = list().viewport()->grab().toImage();
    int measured = 0;
    for (int row = 0; row < model().rowCount(); ++row) {
        const QRect box = list().visualRect(model().index(row));
        const core::Candidate& one = model().candidate(row);
        if (!list().viewport()->rect().contains(box) || row == list().currentIndex().row()) continue;
        const double left_m = one.fit.depthMargin_m->value;
        if (left_m < one.fit.wantedDepth_m || left_m > 0.03) continue;
        const app::CandidateColumns at = app::candidateColumns(QRect(box.left(), box.top(), box.width(), 34), theme);
        int dark = 0;
        for (int x = at.clear.left(); x <= at.clear.right(); ++x)
            dark += drawn.pixelColor(x, at.clear.center().y() + 4).rgb() == theme.tokens().river.rgb() ? 1 : 0;
        EXPECT_NEAR(dark, 38.0 * left_m / 0.03, 1.6) << one.part.name;
        ++measured;
    }
    EXPECT_GE(measured, 5);
}

TEST_F(MatchRows, EachColumnSortsByItsOwnAndWhatDoesNotGoInComesLast)
{
    using core::Candidate;
    const std::pair<const char*, double (*)(const Candidate&)> orders[] = {
        {"orderClear", [](const Candidate& c) { return c.fit.depthMargin_m ? -c.fit.depthMargin_m->value : 1e9; }},
        {"orderLoad", [](const Candidate& c) { return -c.least_ohm; }},
        {"orderReach", [](const Candidate& c) { return -c.levelChange_db; }},
        {"orderTravel", [](const Candidate& c) { return c.travel_ratio; }},
        {"orderMass",
         [](const Candidate& c) { return core::valueOf(c.part.figures, core::Quantity::Mass_kg).value_or(1e9); }},
        {"orderPoints", [](const Candidate& c) { return -c.points; }}};
    for (const auto& [name, key] : orders) {
        driver.click(name);
        EXPECT_EQ(model().candidate(list().currentIndex().row()).part.shelfKey, "wb-alder-4") << "stays picked";
        for (int row = 1; row < model().rowCount(); ++row) {
            const Candidate &before = model().candidate(row - 1), &one = model().candidate(row);
            EXPECT_LE(before.stops(), one.stops());
            if (before.stops() == one.stops()) {
                EXPECT_LE(key(before), key(one)) << name << " " << row;
            }
            EXPECT_EQ(model().data(model().index(row), app::CandidateModel::FirstStopRole).toBool(),
                      one.stops() && !before.stops());
        }
    }
    driver.click("orderName");
    for (int row = 1; row < model().rowCount(); ++row)
        if (model().candidate(row - 1).stops() == model().candidate(row).stops()) {
            EXPECT_LE(model().candidate(row - 1).part.name, model().candidate(row).part.name);
        }
}

// The unit stands once, over its column; a slab says its number alone.
TEST_F(MatchRows, MarginsAndSlabsFollowTheUnits)
{
    EXPECT_EQ(find<QPushButton>("orderClear")->text(), "clear, mm");
    EXPECT_EQ(find<QAbstractButton>("spacer_6")->text(), "6");
    theme.setUnits(words::UnitSystem::Imperial);
    QTest::qWait(5);
    EXPECT_EQ(find<QPushButton>("orderClear")->text(), "clear, in");
    EXPECT_EQ(find<QAbstractButton>("spacer_6")->text(), "0.24");  // 6 over 25.4
    EXPECT_EQ(find<QAbstractButton>("spacer_0")->text(), "0");
    theme.setUnits(words::UnitSystem::Metric);
}

// The picked row opens to its reasons, whole and in sight, and closes when another one is picked.
TEST_F(MatchRows, ThePickedRowHoldsItsReasons)
{
    list().setFocus();
    for (const int key : {Qt::Key_Home, Qt::Key_Down, Qt::Key_PageDown, Qt::Key_End}) {
        QTest::keyClick(&list(), static_cast<Qt::Key>(key));
        QTest::qWait(5);
        const QRect row = list().visualRect(list().currentIndex());
        const auto* reasons = find<QLabel>("candidateReasons");
        const QRect lines(reasons->mapTo(list().viewport(), QPoint()), reasons->size());
        EXPECT_TRUE(row.contains(lines)) << key;
        EXPECT_GE(lines.height(), reasons->heightForWidth(lines.width()));
        EXPECT_TRUE(list().viewport()->rect().contains(row));
        for (int other = 0; other < model().rowCount(); ++other)
            if (other != list().currentIndex().row()) {
                EXPECT_LE(list().visualRect(model().index(other)).height(), 34 + 24);
            }
    }
}

TEST_F(MatchRows, KeysStepTheSpacerAndLayTheHeldSideBySide)
{
    const auto mounts = [&] { return driver.session().snapshot().after().used.mounts.size(); };
    list().setFocus();
    driver.key(Qt::Key_Minus);
    EXPECT_EQ(mounts(), 0U) << "none is the thinnest";
    driver.key(Qt::Key_Plus);
    EXPECT_EQ(mounts(), 2U);
    EXPECT_TRUE(find<QAbstractButton>("spacer_3")->isChecked());
    EXPECT_FALSE(find<QAbstractButton>("spacer_0")->isChecked());
    list().setFocus();
    driver.key(Qt::Key_C);
    EXPECT_FALSE(find<QWidget>("compareTable")->isVisible()) << "nothing is held";
    driver.key(Qt::Key_Space);
    driver.key(Qt::Key_Down);
    driver.key(Qt::Key_Space);
    driver.key(Qt::Key_C);
    EXPECT_TRUE(find<QWidget>("compareTable")->isVisible());
}

TEST_F(MatchRows, AMeasureIsTypedOnItsDimensionLine)
{
    auto* tag = find<QPushButton>("measure_placeFront");
    ASSERT_TRUE(tag->isVisible());
    EXPECT_TRUE(tag->property("unknown").toBool());
    EXPECT_EQ(tag->text(), "in front ?");
    driver.click("measure_placeFront");
    const auto* field = find<QWidget>("measureField");
    ASSERT_TRUE(field->isVisible());
    const QRect at(tag->mapTo(&driver.window(), QPoint()), tag->size());
    const QRect box(field->mapTo(&driver.window(), QPoint()), field->size());
    EXPECT_FALSE(box.intersects(at)) << "what is asked for stays in sight";
    EXPECT_LE(std::abs(box.bottom() - at.top()), 12);
    EXPECT_TRUE(box.left() <= at.center().x() && at.center().x() <= box.right());
    driver.type("placeFront", "18");
    EXPECT_FALSE(tag->property("unknown").toBool());
    EXPECT_EQ(tag->text(), "in front 18 mm");
    // The line now runs from the face to the cover that was measured.
    const auto* drawing = find<app::SectionDrawing>("section");
    EXPECT_NEAR(drawing->lineOf(app::SectionDrawing::Line::InFront).x1(), drawing->xOf(-0.019), 0.01);
    EXPECT_NEAR(drawing->lineOf(app::SectionDrawing::Line::InFront).x2(), drawing->xOf(0.0), 0.01);
    find<QLineEdit>("placeFront")->setFocus();
    driver.key(Qt::Key_Escape);
    EXPECT_FALSE(field->isVisible());
    EXPECT_EQ(QApplication::focusWidget(), tag);
}

// On any vehicle and at any width no tag lies on another.
TEST_F(MatchRows, NoTagLiesOnAnother)
{
    driver.newJob("estate");
    driver.clickThing(QStringLiteral("front door"));
    driver.click("askDepth");
    driver.click("behind_1");
    driver.type("depth", "62 mm");
    driver.type("depthGlassUp", "70 mm");
    driver.type("frontClearance", "22 mm");
    driver.key(Qt::Key_3, Qt::ControlModifier);
    for (const QSize& size : {QSize(1280, 800), QSize(1366, 768), QSize(1920, 1080)}) {
        driver.window().resize(size);
        QTest::qWait(20);
        std::vector<const QPushButton*> tags;
        for (const QPushButton* tag : find<app::SectionDrawing>("section")->findChildren<QPushButton*>())
            if (tag->isVisible()) tags.push_back(tag);
        EXPECT_EQ(tags.size(), 6U);
        for (size_t a = 0; a < tags.size(); ++a)
            for (size_t b = a + 1; b < tags.size(); ++b)
                EXPECT_FALSE(tags[a]->geometry().intersects(tags[b]->geometry()))
                    << tags[a]->text().toStdString() << " on " << tags[b]->text().toStdString();
    }
}

// The large figures are those of the plan, and open the table they rest on.
TEST_F(MatchRows, FourFiguresBeforeAndAfter)
{
    const auto* change = find<app::ChangeFigures>("showFigures");
    ASSERT_EQ(change->figures().size(), 4U);
    EXPECT_EQ(change->figures()[0], (app::ChangeFigure{"load, least", QString::fromUtf8("≈\u202F4.96"), "3.3", "Ω",
                                                       QString::fromUtf8("at 2\u202FkHz")}));
    EXPECT_EQ(change->figures()[2].before, "390");  // 68 uF into 6 and into 4 ohm: 1 / (2 pi R C)
    EXPECT_EQ(change->figures()[2].after, "585");
    EXPECT_FALSE(find<QWidget>("ohmmeterReading")->isVisible());
    driver.click("showFigures");
    EXPECT_TRUE(find<QWidget>("ohmmeterReading")->isVisible());
    EXPECT_TRUE(find<QLabel>("after_corner")->isVisible());
}

TEST_F(MatchRows, AReasonOpensWhenAskedAndStaysOpen)
{
    const auto reason = [&] { return find<QLabel>("reason_LOAD2"); };
    ASSERT_NE(reason(), nullptr);
    EXPECT_FALSE(reason()->isVisible());
    EXPECT_TRUE(driver.text("where_LOAD2").startsWith("left speaker, rear left, both sides"))
        << driver.text("where_LOAD2").toStdString();
    driver.click("why_LOAD2");
    EXPECT_TRUE(reason()->isVisible());
    driver.click("spacer_3");  // other findings, other slips
    QTest::qWait(5);
    EXPECT_TRUE(reason()->isVisible());
    driver.click("why_LOAD2");
    EXPECT_FALSE(reason()->isVisible());
}

TEST(SpacerPicker, StepsFromSlabToSlabAndEndsAtBoth)
{
    app::Theme theme{*qApp};
    app::SpacerPicker picker(theme);
    std::vector<double> picked;
    QObject::connect(&picker, &app::SpacerPicker::picked, [&](double one_m) { picked.push_back(one_m); });
    picker.present({0.003, 0.006}, 0.006, words::UnitSystem::Metric);
    picker.step(1);
    EXPECT_TRUE(picked.empty());
    picker.step(-1);
    picker.present({0.003, 0.006}, 0.0045, words::UnitSystem::Metric);  // a stack of its own stands between
    picker.step(1);
    picker.present({0.003, 0.006}, 0.0, words::UnitSystem::Metric);
    picker.step(-1);
    EXPECT_EQ(picked, (std::vector{0.003, 0.006}));
}

TEST(CurveLine, LiesOverALogarithmicAxisAndNeverLooksSteeperThanTwentyDecibels)
{
    app::Theme theme{*qApp};
    app::CurveLine line(theme);
    line.resize(300, 44);
    line.present({20.0, 200.0, 2000.0, 20000.0}, {80.0, 80.0, 80.0, 80.0}, {82.0, 84.0, 84.0, 82.0});
    EXPECT_EQ(line.at(20.0, 84.0), QPointF(0.0, 2.0));
    EXPECT_NEAR(line.at(200.0, 84.0).x(), 100.0, 1e-9);
    EXPECT_NEAR(line.at(20000.0, 64.0).y(), 42.0, 1e-9) << "20 dB are its height";
    line.present({20.0, 20000.0}, {30.0, 30.0}, {90.0, 90.0});
    EXPECT_NEAR(line.at(20.0, 30.0).y(), 42.0, 1e-9);
}

}  // namespace
