// Match in the real window: four places chosen for, a margin read, a spacer put in and taken back.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QProcess>
#include <QPushButton>
#include <QTableView>
#include <QTableWidget>
#include <QTest>
#include <QTextBrowser>
#include <algorithm>
#include <cmath>

#include "app/shell/main_window.h"
#include "app/stations/match/fit_panel.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_model.h"
#include "app/widgets/section_drawing.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/resolve.h"
#include "tests/app/window_driver.h"

namespace {

class Match : public testing::Test {
protected:
    void SetUp() override { driver.window().resize(1280, 800); }
    void TearDown() override { theme.setUnits(words::UnitSystem::Metric); }
    template <class Widget>
    Widget* find(const char* name)
    {
        return driver.window().findChild<Widget*>(QLatin1String(name));
    }
    app::CandidateModel& model()
    {
        return *qobject_cast<app::CandidateModel*>(find<QListView>("candidateList")->model());
    }
    const core::Fitout& planned() { return driver.session().snapshot().after().used; }
    std::string partAt(const std::string& place)
    {
        for (const auto& [id, device] : planned().devices) {
            const auto at = planned().places.find(device.at);
            if (at != planned().places.end() && at->second.name == place &&
                planned().parts.at(device.part).kind == core::PartKind::Driver)
                return planned().parts.at(device.part).shelfKey;
        }
        return {};
    }
    // A measure typed by its button, as a fitter with a ruler does.
    void measure(const char* name, const char* text)
    {
        const std::string button = std::string("measure_") + name;
        if (!find<QPushButton>(button.c_str())->isVisible()) driver.click("moreMeasures");
        driver.click(button.c_str());
        driver.type(name, QString::fromLatin1(text));
    }
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

TEST_F(Match, ChoosesForFourPlaces)
{
    driver.newJob("estate");
    for (const char* spot : {"front door", "sail", "rear door", "dash top"})
        driver.clickThing(QString::fromLatin1(spot));
    driver.key(Qt::Key_3, Qt::ControlModifier);
    const std::pair<const char*, const char*> wanted[] = {{"left front door", "wf165-cedar-4"},
                                                          {"left sail", "tw-aster-4"},
                                                          {"left rear door", "cx165-maple-4"},
                                                          {"left dash top", "wb65-pipit-4"}};
    for (const auto& [place, key] : wanted) {
        for (const auto& [id, one] : planned().places)
            if (one.name == place) driver.click(("place_p" + std::to_string(id.number)).c_str());
        driver.pickCandidate(key);
        EXPECT_EQ(partAt(place), key);
    }
    EXPECT_EQ(partAt("right rear door"), "cx165-maple-4") << "the other side follows";
    for (int i = 0; i < 4; ++i) driver.key(Qt::Key_Z, Qt::ControlModifier);
    for (const auto& [place, key] : wanted) EXPECT_NE(partAt(place), key);
}

// 46 mm deep before 55: nine are left, and the drawing is to scale.
TEST_F(Match, AMarginIsALengthOnTheDrawing)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    const auto* drawing = find<app::SectionDrawing>("section");
    const auto& measures = drawing->section().measures;
    ASSERT_EQ(measures.size(), 1U);
    EXPECT_NEAR(measures[0].figure.value, 0.009, 1e-9);
    const double pixels = drawing->xOf(measures[0].to_m) - drawing->xOf(measures[0].from_m);
    const double across = drawing->xOf(0.1) - drawing->xOf(0.0);  // a tenth of a metre
    EXPECT_NEAR(pixels / across, 0.09, 1e-6);
    EXPECT_TRUE(drawing->accessibleDescription().contains("behind the magnet: 9 mm"));
    theme.setUnits(words::UnitSystem::Imperial);
    QCoreApplication::processEvents();
    EXPECT_TRUE(drawing->accessibleDescription().contains("0.35 in"));  // 9 over 25.4
}

TEST_F(Match, ASpacerIsAppliedByItsMendAndTakenBack)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    EXPECT_EQ(driver.finding("FIT1"), "");
    measure("placeDepth", "48 mm");  // two are left, five wanted
    EXPECT_TRUE(driver.finding("FIT1").contains("2 mm left, wanted 5 mm")) << driver.finding("FIT1").toStdString();
    driver.click("mend_FIT1_0");
    EXPECT_EQ(driver.finding("FIT1"), "");
    EXPECT_EQ(planned().mounts.size(), 2U) << "both sides";
    EXPECT_TRUE(find<QAbstractButton>("spacer_3")->isChecked());
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_NE(driver.finding("FIT1"), "");
    EXPECT_TRUE(planned().mounts.empty());
}

TEST_F(Match, WhatNobodyMeasuredIsAskedForAtItsField)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    core::Place place = driver.session().snapshot().plan.places.at({3});
    place.behind = core::Behind::Glass;
    place.room.clear();
    driver.session().apply(core::changePlace(driver.session().snapshot().plan, {3}, place));
    EXPECT_NE(driver.finding("FIT2"), "");
    driver.click("mend_FIT2_0");
    EXPECT_TRUE(find<QLineEdit>("placeDepth")->isVisible());
    driver.type("placeDepth", "70 mm");
    EXPECT_EQ(driver.finding("FIT2"), "");
}

TEST_F(Match, SearchFilterAndOrderTheShelf)
{
    driver.openDemo();
    const int all = model().rowCount();
    EXPECT_GE(all, 40);
    driver.click("filterOtherKinds");  // domes, woofers and subwoofers too, for whoever asks
    EXPECT_GE(model().rowCount(), all + 30);
    driver.click("filterOtherKinds");
    EXPECT_EQ(model().rowCount(), all);
    QTest::keyClicks(find<QLineEdit>("candidateSearch"), "two-way 100");
    EXPECT_EQ(model().rowCount(), 4);
    find<QLineEdit>("candidateSearch")->clear();
    driver.click("filterWhole");
    EXPECT_LT(model().rowCount(), all);
    for (int row = 0; row < model().rowCount(); ++row) EXPECT_FALSE(model().candidate(row).cuts());
    driver.click("orderPrice");
    double last = 0.0;
    bool stopped = false;
    for (int row = 0; row < model().rowCount(); ++row) {
        const core::Candidate& one = model().candidate(row);
        EXPECT_TRUE(one.stops() || !stopped) << "what does not go in comes last";
        if (one.stops() && !stopped) last = 0.0;
        stopped = one.stops();
        const double price = core::valueOf(one.part.figures, core::Quantity::Price).value();
        EXPECT_GE(price, last);
        last = price;
    }
    driver.click("orderPoints");
    QTest::keyClicks(find<QLineEdit>("candidateSearch"), "no such thing");
    EXPECT_EQ(model().rowCount(), 0);
    EXPECT_FALSE(find<QPushButton>("fitCandidate")->isEnabled());
}

TEST_F(Match, EveryLostPointIsSaid)
{
    driver.openDemo();
    driver.pickCandidate("wb-dunlin-6");
    const QString reasons = driver.text("candidateReasons");
    const core::Candidate& candidate = model().candidate(model().rowOfKey("wb-dunlin-6"));
    for (const core::LostPoints& lost : candidate.lost)
        if (lost.points >= 0.05) {
            EXPECT_TRUE(reasons.contains(words::fixedNumber(-lost.points, 1))) << reasons.toStdString();
        }
    EXPECT_TRUE(reasons.contains("costs EUR 37")) << reasons.toStdString();
}

TEST_F(Match, TwoAreHeldAgainstEachOther)
{
    driver.openDemo();
    EXPECT_FALSE(find<QPushButton>("compareCandidates")->isEnabled());
    auto* list = find<QListView>("candidateList");
    list->setFocus();
    QTest::keyClick(list, Qt::Key_Home);
    QTest::keyClick(list, Qt::Key_Space);
    QTest::keyClick(list, Qt::Key_Down);
    QTest::keyClick(list, Qt::Key_Space);
    driver.click("compareCandidates");
    const auto* table = find<QTableWidget>("compareTable");
    ASSERT_TRUE(table->isVisible());
    ASSERT_EQ(table->columnCount(), 2);
    for (int column = 0; column < 2; ++column)
        for (int row = 0; row < table->rowCount(); ++row) EXPECT_FALSE(table->item(row, column)->text().isEmpty());
    const auto cell = [&](const QString& name) {
        for (int row = 0; row < table->rowCount(); ++row)
            if (table->verticalHeaderItem(row)->text() == name) return table->item(row, 0)->text();
        return QString();
    };
    EXPECT_GE(cell("parts to buy").toInt(), 2) << "both sides";
    const auto* rows = find<QListView>("compareRows");
    ASSERT_TRUE(rows->isVisible());
    ASSERT_EQ(rows->model()->rowCount(), 2) << "as they stand in the ranking";
    EXPECT_TRUE(rows->viewport()->rect().contains(rows->visualRect(rows->model()->index(1, 0))));
    EXPECT_TRUE(cell("work").contains("min")) << cell("work").toStdString();
    driver.click("compareCandidates");
    EXPECT_FALSE(table->isVisible());
    driver.openTrouble();
    EXPECT_FALSE(find<QPushButton>("compareCandidates")->isEnabled()) << "another plan: nothing is held";
}

TEST_F(Match, ARestorationListsWhatIsNotAsTheOriginal)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    EXPECT_FALSE(driver.text("candidateReasons").contains("Not as the original"));
    core::Plan plan = driver.session().snapshot().plan;
    plan.job.goalKind = core::Goal::Restore;
    driver.session().apply(core::difference(core::EditName::SetJob, driver.session().snapshot().plan, plan));
    driver.settle();
    EXPECT_TRUE(driver.text("candidateReasons").contains("nominal: 4 ohm instead of 6 ohm"))
        << driver.text("candidateReasons").toStdString();
}

TEST_F(Match, MeasuresAreTypedByKeyAloneInEitherSystem)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    auto* button = find<QPushButton>("measure_placeFront");
    button->setFocus();
    driver.key(Qt::Key_Space);
    EXPECT_EQ(QApplication::focusWidget(), find<QLineEdit>("placeFront")) << "ready for typing";
    QTest::keyClicks(QApplication::focusWidget(), "1/2 in");
    driver.key(Qt::Key_Return);
    EXPECT_EQ(driver.session().snapshot().plan.places.at({3}).room.at(core::Quantity::FrontClearance_m).value, 0.0127);
    EXPECT_EQ(button->text(), "in front 12.7 mm");
    theme.setUnits(words::UnitSystem::Imperial);
    QCoreApplication::processEvents();
    EXPECT_EQ(button->text(), "in front 0.50 in");
    QTest::keyClicks(find<QLineEdit>("placeFront"), "x");  // no measure
    driver.key(Qt::Key_Return);
    EXPECT_TRUE(find<QLabel>("placeFrontAnswer")->isVisible());
    EXPECT_EQ(driver.session().snapshot().plan.places.at({3}).room.at(core::Quantity::FrontClearance_m).value, 0.0127)
        << "nothing is lost";
}

TEST_F(Match, SpacerFixingAndScrewsAreDecidedAtTheDrawing)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    driver.click("spacer_3");
    EXPECT_TRUE(find<QAbstractButton>("spacer_3")->isChecked());
    EXPECT_EQ(planned().mounts.size(), 2U);
    auto* held = find<QComboBox>("heldBy");
    held->setFocus();
    QTest::keyClick(held, Qt::Key_Down);
    EXPECT_EQ(planned().mounts.begin()->second.fixing, core::Fixing::Adhesive);
    EXPECT_NE(driver.finding("FIT9"), "") << "420 g on adhesive";
    measure("screwLength", "16 mm");
    EXPECT_EQ(planned().mounts.begin()->second.figures.at(core::Quantity::ScrewLength_m).value, 0.016);
    auto* length = find<QLineEdit>("screwLength");
    length->selectAll();
    QTest::keyClick(length, Qt::Key_Delete);
    QTest::keyClick(length, Qt::Key_Return);
    EXPECT_TRUE(planned().mounts.begin()->second.figures.empty()) << "emptied: unknown again";
    for (int i = 0; i < 4; ++i) driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(planned().mounts.empty());
}

TEST_F(Match, AnotherDriverIsLookedAtBeforeItIsPlanned)
{
    driver.openDemo();
    auto* list = find<QListView>("candidateList");
    const auto* drawing = find<app::SectionDrawing>("section");
    for (const char* key : {"wb-curlew-4", "wb-juniper-4"}) {
        list->setCurrentIndex(list->model()->index(model().rowOfKey(key), 0));
        const double depth_m =
            core::valueOf(model().candidate(list->currentIndex().row()).part.figures, core::Quantity::Depth_m).value();
        ASSERT_FALSE(drawing->section().measures.empty());
        EXPECT_NEAR(drawing->section().measures.front().figure.value, 0.055 - depth_m, 1e-9) << key;
    }
    EXPECT_EQ(partAt("rear left"), "") << "nothing was planned";
}

// 1:1 means that a ruler on the paper agrees: the page is drawn at ten dots a millimetre and measured.
TEST_F(Match, TheTemplateOfASpacerIsAsLargeAsTheSpacer)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    EXPECT_FALSE(find<QPushButton>("spacerTemplate")->isVisible()) << "none is needed";
    measure("placeDepth", "48 mm");
    ASSERT_TRUE(find<QPushButton>("spacerTemplate")->isVisible());
    const QString pdf = driver.folder() + "/spacer.pdf";
    ASSERT_TRUE(find<app::FitPanel>("fitPanel")->writeTemplate(pdf));
    EXPECT_TRUE(driver.text("noticeText").contains("spacer.pdf")) << driver.text("noticeText").toStdString();
    QProcess raster;
    raster.start(QStringLiteral("pdftoppm"), {"-r", "254", "-gray", "-png", pdf, driver.folder() + "/page"});
    ASSERT_TRUE(raster.waitForFinished());
    const QStringList pages = QDir(driver.folder()).entryList({"page*.png"});
    ASSERT_EQ(pages.size(), 2) << "both sides";
    const QImage page(driver.folder() + '/' + pages.front());
    // A4: 210 x 297 mm.
    EXPECT_NEAR(page.width(), 2100, 2);
    EXPECT_NEAR(page.height(), 2970, 2);
    const auto darkSpan_mm = [&](int y) {
        int first = -1, last = -1;
        for (int x = 0; x < page.width(); ++x) {
            if (qGray(page.pixel(x, y)) > 128) continue;
            if (first < 0) first = x;
            last = x;
        }
        return (last - first) / 10.0;
    };
    // The line to check a printer by, from 10 to 110 mm; what is written beside it is right of that.
    int until = 100;
    while (until < page.width() && qGray(page.pixel(until, 320)) < 200) ++until;
    EXPECT_NEAR(until, 1100, 4);
    // The flange is 116 mm across: 10 mm under its middle the rim is a chord of 2 sqrt(58^2 - 10^2) = 114.26 mm.
    EXPECT_NEAR(darkSpan_mm(1655 + 100), 2.0 * std::sqrt(58.0 * 58.0 - 100.0), 0.5);
}

// A lead of the shelf saves the vehicle's plug: it comes along, is on the job card, and goes with undo.
TEST_F(Match, AnAdapterLeadComesAlongWhereItSavesThePlug)
{
    driver.openDemo();
    const core::DeviceId speaker = driver.session().snapshot().before().runs.front().run.id.coil.device;
    core::Part factory = planned().parts.at(planned().devices.at(speaker).part);
    for (auto& [terminal, plug] : factory.terminals) plug = "flat two-pin";
    driver.session().apply(core::changePart(driver.session().snapshot().plan, core::kFactory, speaker, factory));
    driver.pickCandidate("wb-alder-4");
    const auto leads = [&] {
        return std::count_if(planned().devices.begin(), planned().devices.end(), [&](const auto& entry) {
            return planned().parts.at(entry.second.part).shelfKey == "lead-a";
        });
    };
    EXPECT_EQ(leads(), 2) << "both sides";
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const QString card = find<QTextBrowser>("jobCardPreview")->toPlainText();
    EXPECT_TRUE(card.contains("nothing is cut, the lead comes off again"));
    EXPECT_TRUE(card.contains("adapter lead, flat two-pin to tabs"));
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(leads(), 0);
}

// What stands in the way is cut only where the depth is needed, and then last of all mends.
TEST_F(Match, WhatStandsInTheWayStaysWhereItCan)
{
    driver.openDemo();
    core::Place place = driver.session().snapshot().plan.places.begin()->second;
    place.obstruction = "a cable holder";
    place.room[core::Quantity::Obstruction_m] = core::Known{0.012};
    driver.session().apply(core::changePlace(driver.session().snapshot().plan,
                                             driver.session().snapshot().plan.places.begin()->first, place));
    driver.pickCandidate("wb-alder-4");
    EXPECT_TRUE(driver.text("fitFacts").contains("Leave a cable holder whole"))
        << driver.text("fitFacts").toStdString();
    measure("placeDepth", "48 mm");
    EXPECT_TRUE(driver.text("fitFacts").contains("In the way: a cable holder"));
    const int last = driver.has("mend_FIT1_2") ? 2 : 1;
    const QString name = QStringLiteral("mend_FIT1_%1").arg(last);
    EXPECT_TRUE(find<QPushButton>(name.toUtf8().constData())->text().contains("cut it away, 12 mm more"));
    driver.click(name.toUtf8().constData());
    EXPECT_EQ(driver.finding("FIT1"), "");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const QString card = find<QTextBrowser>("jobCardPreview")->toPlainText();
    EXPECT_TRUE(card.contains("cut away what stands in the way"));
    EXPECT_TRUE(card.contains("a new hold"));
    EXPECT_TRUE(card.contains("Chips stay out of the magnet"));
}

// Enter comes before the ranking of the edited plan: what is planned is what that one says of the driver.
TEST_F(Match, WhatIsAskedForMeanwhileIsPlannedByTheNewRanking)
{
    driver.openDemo();
    auto* list = find<QListView>("candidateList");
    const auto* model = qobject_cast<const app::CandidateModel*>(list->model());
    list->setCurrentIndex(model->index(model->rowOfKey("wb-alder-4")));
    const core::DeviceId speaker = driver.session().snapshot().before().runs.front().run.id.coil.device;
    core::Part factory = planned().parts.at(planned().devices.at(speaker).part);
    for (auto& [terminal, plug] : factory.terminals) plug = "flat two-pin";
    driver.session().apply(core::changePart(driver.session().snapshot().plan, core::kFactory, speaker, factory));
    QTest::keyClick(list, Qt::Key_Return);
    const auto fitted = [&](const char* key) {
        return std::count_if(planned().devices.begin(), planned().devices.end(),
                             [&](const auto& entry) { return planned().parts.at(entry.second.part).shelfKey == key; });
    };
    EXPECT_EQ(fitted("wb-alder-4"), 0) << "the old ranking knows nothing of that plug";
    driver.settle();
    EXPECT_EQ(fitted("wb-alder-4"), 2);
    EXPECT_EQ(fitted("lead-a"), 2);
}

// The key of the station that is open already takes nothing away: the keys stay where they are.
TEST_F(Match, ItsOwnKeyLeavesTheKeysWhereTheyAre)
{
    driver.openDemo();
    auto* search = find<QLineEdit>("candidateSearch");
    search->setFocus();
    driver.key(Qt::Key_3, Qt::ControlModifier);
    EXPECT_EQ(QApplication::focusWidget(), search);
}

// Narrow: the cut stands in the shelf's place, one button away, and nothing is cut off at the side.
TEST_F(Match, ANarrowWindowShowsOneThingAtATime)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    driver.window().resize(620, 800);
    QTest::qWait(50);
    EXPECT_FALSE(find<app::SectionDrawing>("section")->isVisible());
    ASSERT_TRUE(find<QPushButton>("showFit")->isVisible());
    driver.click("showFit");
    EXPECT_TRUE(find<app::SectionDrawing>("section")->isVisible());
    EXPECT_FALSE(find<QListView>("candidateList")->isVisible());
    driver.click("showFit");
    EXPECT_TRUE(find<QListView>("candidateList")->isVisible());
    driver.window().resize(1280, 800);
    QTest::qWait(50);
    EXPECT_FALSE(find<QPushButton>("showFit")->isVisible());
    EXPECT_TRUE(find<app::SectionDrawing>("section")->isVisible());
    EXPECT_TRUE(find<QListView>("candidateList")->isVisible());
}

}  // namespace
