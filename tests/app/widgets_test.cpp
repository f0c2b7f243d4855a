// The window's own parts, each by itself.
#include <gtest/gtest.h>

#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QLabel>
#include <QLocale>
#include <QMessageBox>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalSpy>
#include <QStackedWidget>
#include <QTest>
#include <QTextBrowser>
#include <QTimer>

#include "app/shell/main_window.h"
#include "app/shell/notice_bar.h"
#include "app/shell/rail.h"
#include "app/shell/strip.h"
#include "app/theme/theme.h"
#include "app/widgets/band_reed.h"
#include "app/widgets/candidate_model.h"
#include "app/widgets/curve_line.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/seat_plan.h"
#include "core/edits/place_edits.h"
#include "core/io/atomic_file.h"
#include "core/io/shop.h"
#include "tests/app/window_driver.h"

namespace app {
namespace {

class Widgets : public testing::Test {
protected:
    Theme theme{*qApp};
};

QString plain(QString text)
{
    return text.replace(QChar(0x202F), QLatin1Char(' '));
}

TEST_F(Widgets, ACandidateShowsWhatItDoesInTheUnitsAskedFor)
{
    core::Candidate candidate;
    candidate.part = core::shippedShop().shelf.parts.front();
    candidate.least_ohm = 3.3;
    candidate.levelChange_db = 1.25;
    candidate.corner_hz = 585.1;
    candidate.connected = true;
    candidate.points = 88.0;
    candidate.lost = {{core::Criterion::Depth, 3.5, core::Quantity::SpacerNeeded_m, 0.012, {}}};
    CandidateModel model(theme);
    model.setCandidates({candidate});
    ASSERT_EQ(model.rowCount(), 1);
    EXPECT_EQ(plain(model.data(model.index(0), CandidateModel::ReasonsRole).toString()),
              "−3.5 needs a spacer of 12 mm · sees 3.3 Ω · +1.3 dB in the middle · nominal corner 585 Hz · 46 mm deep");
    theme.setUnits(words::UnitSystem::Imperial);
    EXPECT_TRUE(plain(model.data(model.index(0), CandidateModel::ReasonsRole).toString()).endsWith("1.81 in deep"));
    EXPECT_EQ(model.rowOfKey(candidate.part.shelfKey), 0);
    EXPECT_EQ(model.rowOfKey("not on the shelf"), -1);
}

TEST_F(Widgets, AFlowGoesOnInANewLine)
{
    QWidget page;
    auto* flow = new FlowLayout(6);
    page.setLayout(flow);
    for (int i = 0; i < 3; ++i) {
        auto* box = new QWidget(&page);
        box->setFixedSize(100, 30);
        flow->addWidget(box);
    }
    EXPECT_EQ(flow->heightForWidth(320), 30);
    EXPECT_EQ(flow->heightForWidth(310), 66);
    EXPECT_EQ(flow->heightForWidth(120), 102);
    page.resize(220, 200);
    page.show();
    EXPECT_EQ(flow->itemAt(2)->geometry().topLeft(), QPoint(0, 36));
    EXPECT_EQ(flow->itemAt(3), nullptr);
}

TEST_F(Widgets, AReedSaysBeforeAfterAndChange)
{
    QWidget page;
    BandReed reed(core::Band::MidBass, theme, &page);
    const core::BandFigures before{.reach_db = 92.1};
    const core::BandFigures after{.reach_db = 93.0};
    const core::Range could{90.0, 96.5};
    reed.show(&before, &after, &could);
    EXPECT_EQ(plain(reed.accessibleName()), "mid-bass, 60–250 Hz: reach 92.1 dB before, 93.0 dB after, change +0.9 dB");
    EXPECT_TRUE(plain(reed.toolTip()).contains("With what nobody measured: 90.0 to 96.5 dB after."));
    EXPECT_TRUE(plain(reed.toolTip()).contains("NIOSH"));
    EXPECT_TRUE(plain(reed.toolTip()).contains("times as loud"));
    reed.show(nullptr, &after, nullptr);
    EXPECT_EQ(plain(reed.accessibleName()), "mid-bass, 60–250 Hz");
}

TEST_F(Widgets, AStationThatIsNotBuiltIsNoButton)
{
    Rail rail(theme);
    rail.addNotYet("Aim");
    EXPECT_TRUE(rail.findChildren<QAbstractButton*>().isEmpty());
    StationButton* match = rail.addStation("m", "Match", "Ctrl+3");
    match->setOwed("2 Stops");
    EXPECT_EQ(match->accessibleDescription(), "2 Stops");
    QSignalSpy chosen(match, &QAbstractButton::clicked);
    QTest::mouseClick(match, Qt::LeftButton);
    EXPECT_EQ(chosen.count(), 1);
}

TEST_F(Widgets, ANoticeOffersItsChoicesAndGoes)
{
    NoticeBar notice;
    bool taken = false;
    notice.say("found something", {{"Take it", "takeIt", [&] { taken = true; }}});
    EXPECT_EQ(notice.findChild<QLabel*>("noticeText")->text(), "found something");
    QTest::mouseClick(notice.findChild<QPushButton*>("takeIt"), Qt::LeftButton);
    EXPECT_TRUE(taken);
    EXPECT_TRUE(notice.isHidden());
}

TEST_F(Widgets, ClosingWithUnsavedWorkAsksFirst)
{
    tests::WindowDriver driver(theme);
    driver.openDemo();
    EXPECT_TRUE(driver.window().close()) << "nothing to lose, nothing to ask";
    driver.window().show();
    driver.pickCandidate("wb-alder-4");
    EXPECT_TRUE(driver.window().isWindowModified());
    driver.answerNextBox(QMessageBox::Cancel);
    EXPECT_FALSE(driver.window().close());
    driver.answerNextBox(QMessageBox::Discard);
    EXPECT_TRUE(driver.window().close());
}

TEST_F(Widgets, UnsavedWorkOfLastTimeIsOfferedAndTakenUp)
{
    tests::WindowDriver driver(theme);
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    driver.session().writeRecoveryNow();
    const core::Plan lost = driver.session().snapshot().plan;
    driver.openDemo();  // as after a kill: the file as it was, the work kept aside
    ASSERT_TRUE(driver.has("recoveryRestore"));
    const QString today = QLocale().toString(QDate::currentDate(), QLocale::ShortFormat);
    EXPECT_EQ(driver.text("noticeText").count(today), 2) << driver.text("noticeText").toStdString();
    EXPECT_TRUE(driver.text("noticeText").contains("(Tarnwick Sallow")) << driver.text("noticeText").toStdString();
    EXPECT_TRUE(driver.text("noticeText").contains("from the window that opened it"));
    EXPECT_NE(driver.session().snapshot().plan, lost);
    driver.click("recoveryRestore");
    EXPECT_EQ(driver.session().snapshot().plan, lost);
}

TEST_F(Widgets, TheWorstThreeComeFirstAndTheRestOnAsking)
{
    tests::WindowDriver driver(theme);
    driver.openTrouble();
    const auto slips = [&] { return driver.window().findChildren<QWidget*>(QRegularExpression("^finding_")).size(); };
    EXPECT_EQ(slips(), 3);
    EXPECT_TRUE(driver.has("finding_LOAD1"));
    EXPECT_FALSE(driver.has("finding_SPLIT7"));
    driver.click("moreFindings");
    EXPECT_EQ(slips(), std::ssize(driver.session().snapshot().findings));
    EXPECT_TRUE(driver.has("finding_SPLIT7"));
}

TEST_F(Widgets, GeometryAndRecentPlansAreRemembered)
{
    tests::WindowDriver driver(theme);
    driver.openDemo();
    ASSERT_TRUE(driver.window().savePlan(driver.folder() + "/one.reed"));
    ASSERT_TRUE(driver.window().close());
    EXPECT_FALSE(driver.settings().value("geometry").toByteArray().isEmpty());
    EXPECT_EQ(driver.settings().value("recent").toStringList().front(), driver.folder() + "/one.reed");
}

TEST_F(Widgets, TracesCanTakeTheWholeWindow)
{
    tests::WindowDriver driver(theme);
    driver.openDemo();
    auto* list = driver.window().findChild<QWidget*>("candidateList");
    driver.click("traceWhole");
    EXPECT_FALSE(list->isVisible());
    driver.click("traceWhole");
    EXPECT_TRUE(list->isVisible());
}

TEST_F(Widgets, AnEmptyPlanIsShownWithoutHarm)
{
    tests::WindowDriver driver(theme);
    const QString path = driver.folder() + "/empty.reed";
    const std::string text = R"({"format": "reed", "version": 1, "lastId": 2, "job": {"goal": "s2"},
        "stages": {"s1": {"kind": "factory"}, "s2": {"kind": "found", "on": "s1"}}})";
    ASSERT_TRUE(core::writeAtomically(path.toStdString(), text, 0));
    ASSERT_TRUE(driver.window().openPlan(path));
    EXPECT_EQ(driver.text("traceTitle"), "Nobody listens in this plan");
    driver.click("traceFold");
    driver.click("traceImpedance");
    EXPECT_EQ(driver.text("traceTitle"), "No speaker at this place");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    EXPECT_TRUE(
        driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText().contains("Nothing is planned yet"));
}

TEST_F(Widgets, KeysOfThisScreenAreShown)
{
    tests::WindowDriver driver(theme);
    driver.openDemo();
    driver.key(Qt::Key_F1);
    EXPECT_TRUE(driver.text("noticeText").contains("F4"));
}

// Slips cost more than a frame of a drag has: the same ones stay.
TEST_F(Widgets, SlipsAreMadeAnewOnlyWhenTheySaySomethingElse)
{
    tests::WindowDriver driver(theme);
    driver.openTrouble();
    const auto slip = [&] { return driver.window().findChild<QWidget*>("finding_LOAD1"); };
    const QWidget* before = slip();
    ASSERT_NE(before, nullptr);
    core::Place place = driver.session().snapshot().plan.places.begin()->second;
    place.room[core::Quantity::Cutout_m] = core::Known{0.1};
    driver.session().apply(core::changePlace(driver.session().snapshot().plan,
                                             driver.session().snapshot().plan.places.begin()->first, place));
    EXPECT_EQ(slip(), before) << "a hole that no rule looks at";
    driver.click("mend_LOAD1_0");
    EXPECT_NE(slip(), before);
    theme.setGround(Ground::Dark);
    theme.setGround(Ground::Light);
}

TEST_F(Widgets, AnotherPlanIsHeardByItsDriver)
{
    tests::WindowDriver driver(theme);
    driver.openDemo();
    auto* ears = driver.window().findChild<SeatPlan*>("listenerChoice");
    ears->choose(driver.session().snapshot().plan.listeners.rbegin()->first);
    EXPECT_EQ(driver.text("traceTitle"), "At the rear seat, left");
    driver.newJob("saloon");
    EXPECT_EQ(ears->accessibleDescription(), "driver's seat");
}

// At the foot of the start page, with a sum to try; in a plan it comes when it is asked for.
TEST_F(Widgets, SlateStandsOnTheStartPage)
{
    tests::WindowDriver driver(theme);
    driver.window().resize(1280, 800);
    QTest::qWait(20);
    ASSERT_TRUE(driver.has("slateSample0"));
    driver.click("slateSample0");
    EXPECT_TRUE(driver.text("slateAnswer").contains("585")) << driver.text("slateAnswer").toStdString();
    driver.key(Qt::Key_Escape);
    EXPECT_TRUE(driver.window().findChild<QWidget*>("slateBar")->isVisible());
    driver.newJob("saloon");
    EXPECT_FALSE(driver.window().findChild<QWidget*>("slateBar")->isVisible());
}

TEST_F(Widgets, TheStartPageOffersRecentPlansAndCountsTheSheets)
{
    tests::WindowDriver driver(theme);
    driver.newJob("hatchback");
    const QString path = driver.folder() + "/kept.reed";
    ASSERT_TRUE(driver.window().savePlan(path));
    QDir().mkpath(driver.folder() + "/sheets");
    for (int i = 0; i < 8; ++i)
        ASSERT_TRUE(driver.window().saveSheet(driver.folder() + QStringLiteral("/sheets/car%1.reedcar").arg(i)));
    tests::WindowDriver later(theme);  // another start knows nothing of this one's settings
    EXPECT_TRUE(later.window().findChild<QLabel*>("noSheets") != nullptr);
    driver.window().findChild<QAction*>("actionNew")->trigger();
    EXPECT_TRUE(driver.has("sheet5"));
    EXPECT_FALSE(driver.has("sheet6"));
    EXPECT_TRUE(driver.text("noSheets").contains("2 more"));
    driver.newJob("boat");
    driver.session().undoStack().setClean();
    driver.key(Qt::Key_N, Qt::ControlModifier);
    ASSERT_TRUE(driver.window().openPlan(path));
    EXPECT_EQ(driver.session().snapshot().plan.body.kind, core::BodyKind::Hatchback);
}

TEST_F(Widgets, CurvesStayFoldedWhereTheyWereFolded)
{
    tests::WindowDriver driver(theme);
    driver.settings().remove("tracesFolded/Match");
    driver.openDemo();
    auto* plot = driver.window().findChild<QWidget*>("tracePlot");
    const auto* line = driver.window().findChild<app::CurveLine*>("foldedTrace");
    EXPECT_FALSE(plot->isVisible()) << "the shelf needs the room";
    EXPECT_TRUE(line->isVisible()) << "what is left of them";
    driver.key(Qt::Key_F7);
    EXPECT_TRUE(plot->isVisible());
    EXPECT_FALSE(line->isVisible());
    driver.click("traceFold");
    EXPECT_FALSE(plot->isVisible());
    driver.key(Qt::Key_1, Qt::ControlModifier);
    EXPECT_FALSE(plot->isVisible()) << "a walk-round needs the room";
    driver.click("traceFold");
    EXPECT_TRUE(plot->isVisible());
    driver.key(Qt::Key_3, Qt::ControlModifier);
    EXPECT_FALSE(plot->isVisible()) << "each station for itself";
    driver.click("traceFold");
    EXPECT_TRUE(plot->isVisible());
}

// Enter presses what has the keys, once; a closed list takes no letters.
TEST_F(Widgets, EnterPressesAndLettersChangeNothing)
{
    tests::WindowDriver driver(theme);
    driver.openDemo();
    driver.key(Qt::Key_3, Qt::ControlModifier);
    auto* flag = driver.window().findChild<QPushButton*>("filterGoesIn");
    flag->setFocus();
    driver.key(Qt::Key_Return);
    EXPECT_TRUE(flag->isChecked());
    driver.key(Qt::Key_Enter);
    EXPECT_FALSE(flag->isChecked());
    auto* held = driver.window().findChild<QComboBox*>("heldBy");
    held->setFocus();
    const QString before = held->currentText();
    for (int row = 0; row < held->count(); ++row) QTest::keyClicks(held, held->itemText(row).left(1));
    EXPECT_EQ(held->currentText(), before);
    QTest::keyClick(held, Qt::Key_Down);
    EXPECT_NE(held->currentText(), before);
}

TEST_F(Widgets, EachStationHasItsKeys)
{
    tests::WindowDriver driver(theme);
    driver.newJob("estate");
    driver.key(Qt::Key_F1);
    EXPECT_TRUE(driver.text("noticeText").contains("N new place"));
    // The help follows the screen, lies over it without moving it, and Esc closes it.
    driver.key(Qt::Key_3, Qt::ControlModifier);
    EXPECT_TRUE(driver.text("noticeText").contains("On the shelf"));
    auto* notice = driver.window().findChild<QWidget*>("noticeBar");
    const auto* page = driver.window().findChild<QStackedWidget*>();
    QCoreApplication::processEvents();
    const QRect before = page->geometry();
    driver.key(Qt::Key_Escape);
    EXPECT_FALSE(notice->isVisible());
    QCoreApplication::processEvents();
    EXPECT_EQ(page->geometry(), before);
    driver.key(Qt::Key_9, Qt::ControlModifier);
    EXPECT_FALSE(notice->isVisible());
}

}  // namespace
}  // namespace app
