// What is decided at a place, in the window, and the card that comes of it.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QRegularExpression>
#include <QTextBrowser>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "card/pin_drawing.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/shipped/shipped.h"
#include "tests/app/window_driver.h"

namespace {

class Card : public testing::Test {
protected:
    void SetUp() override { driver.window().resize(1280, 800); }

    // The front doors of a vehicle of this kind, with what is usual there, opened in Match.
    void matchAt(const char* kind, const QString& thing)
    {
        driver.newJob(kind);
        driver.clickThing(thing);
        driver.key(Qt::Key_3, Qt::ControlModifier);
    }
    void measure(const std::string& name, const char* text)
    {
        const std::string button = "measure_" + name;
        auto* chip = driver.window().findChild<QWidget*>(QString::fromStdString(button));
        if (!chip->isVisible()) driver.click("moreMeasures");
        driver.click(button.c_str());
        driver.type(name.c_str(), QString::fromLatin1(text));
    }
    void choose(const char* list, const QString& text)
    {
        auto* box = driver.window().findChild<QComboBox*>(QLatin1String(list));
        const int index = box->findText(text);
        ASSERT_GE(index, 0) << list << " " << text.toStdString();
        box->setCurrentIndex(index);
        emit box->activated(index);
    }
    QString card()
    {
        driver.key(Qt::Key_9, Qt::ControlModifier);
        return driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText().replace(QChar(0xA0), ' ');
    }

    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

// A driver whose sheet asks for a hole of 142.6 mm, and one of 138: 143.6 is wanted, the next saw is 146.
TEST_F(Card, AHoleIsCutOnTheCardOrForbidden)
{
    matchAt("estate", "front door");
    measure("placeHole", "138 mm");
    driver.pickCandidate("cx165-lapwing-4");
    EXPECT_TRUE(driver.finding("FIT3").contains("142.6 mm")) << driver.finding("FIT3").toStdString();
    EXPECT_TRUE(driver.text("fitFacts").startsWith("Lapwing two-way 165, 4 ohm, as it stands in the plan"));
    EXPECT_FALSE(card().contains("hole saw"));
    driver.click("mend_FIT3_0");
    EXPECT_EQ(driver.finding("FIT3"), "");
    const QString cut = card();
    EXPECT_EQ(cut.count("cut the hole at"), 2) << "both doors";
    for (const char* line : {"to 146 mm, hole saw 146 mm", "painted against rust", "every chip out again", "25 min",
                             "paint against rust, for cut edges", "Chips stay out of the magnet's gap"})
        EXPECT_TRUE(cut.contains(QLatin1String(line))) << line;
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.openCustomer();
    driver.click("askWish");
    driver.click("keep_0");
    EXPECT_TRUE(driver.finding("JOB6").contains("146 mm")) << driver.finding("JOB6").toStdString();
    driver.click("mend_JOB6_0");
    EXPECT_FALSE(driver.finding("JOB6").contains("146 mm")) << "but for a plug that nobody has seen";
    EXPECT_NE(driver.finding("FIT3"), "") << "and the hole is too small again";
    EXPECT_FALSE(card().contains("hole saw"));
}

TEST_F(Card, AClipInTweeterHasNoScrews)
{
    matchAt("estate", "sail");
    driver.pickCandidate("tw-aster-4");
    EXPECT_TRUE(card().contains("screw 4.2"));
    driver.key(Qt::Key_3, Qt::ControlModifier);
    choose("heldBy", QStringLiteral("clip"));
    const QString clipped = card();
    EXPECT_TRUE(clipped.contains("until every clip has snapped")) << clipped.toStdString();
    for (const char* no : {"screw 4.2", "low clutch", "Gasket on", "foam gasket"})
        EXPECT_FALSE(clipped.contains(QLatin1String(no))) << no;
    EXPECT_TRUE(clipped.contains("mirror and its switch"));
}

// One fairing over both speakers of a motorcycle: off once, on once, and nothing of a car on the card.
TEST_F(Card, AFairingComesOffOnce)
{
    driver.newJob("motorcycle");
    EXPECT_EQ(driver.session().snapshot().plan.job.use, core::Use::WindAndHelmet);
    driver.clickThing("fairing");
    driver.click("askWayIn");
    driver.type("panelName", "inner fairing");
    driver.type("fastener", "2 bolts 8 mm");
    driver.type("fastener", "3/16 in Allen under the seat");
    driver.type("panelUndo", "dash plug");
    const auto plan = [&]() -> const core::Plan& { return driver.session().snapshot().plan; };
    ASSERT_FALSE(plan().panels.empty());
    EXPECT_EQ(plan().panels.begin()->second.fasteners.size(), 2U);
    driver.type("held", "four T25");
    EXPECT_EQ(plan().places.begin()->second.held.size(), 1U);
    driver.key(Qt::Key_3, Qt::ControlModifier);
    driver.pickCandidate("cx100-birch-4");
    const QString text = card();
    const auto panels = static_cast<qsizetype>(plan().panels.size());
    EXPECT_EQ(text.count("Take off inner fairing"), panels) << text.toStdString();
    EXPECT_EQ(text.count("Put inner fairing back"), panels);
    for (const char* line : {"2 × bolt 8 mm", "1 × bolt 3/16 in hex, under the seat", "socket or spanner 8 mm",
                             "hex key 3/16 in hex", "star driver T25", "label both ends: dash plug", "lock to lock"})
        EXPECT_TRUE(text.contains(QString::fromUtf8(line))) << line;
    for (const char* no : {"Airbags", "restraint", "closed car", "window all the way"})
        EXPECT_FALSE(text.contains(QLatin1String(no))) << no;
}

// What a plug's drawing says, cell by cell as rows of lines.
std::vector<std::vector<QString>> cellsOf(const QString& html)
{
    std::vector<std::vector<QString>> rows;
    for (const QString& row : html.split(QStringLiteral("<tr>")).sliced(1)) {
        rows.emplace_back();
        for (const QString& cell : row.split(QStringLiteral("<td")).sliced(1)) {
            QString text = QStringLiteral("<td") + cell;
            text.replace(QStringLiteral("<br>"), QStringLiteral("|")).remove(QRegularExpression(QStringLiteral("<[^>]*>")));
            rows.back().push_back(text);
        }
    }
    return rows;
}

// A radio's plug as it is counted: number, what it carries, colour, the label of the wire that leaves it.
TEST(PinDrawing, IsCountedOrByChannels)
{
    core::Plan plan = core::readPlanText(std::string(core::shippedDemoText()), "demo.reed")->plan;
    constexpr core::DeviceId kRadio{10}, kSpeaker{28};
    const core::Fitout fitout = core::resolve(plan, plan.job.goal);
    core::JobPlan job;
    EXPECT_TRUE(card::pinDrawings(job, fitout).empty()) << "no lead is laid";
    job.wires = {{.id = core::WireId{70},
                  .from = {kRadio, "FL+"},
                  .to = {kSpeaker, "1+"},
                  .state = core::WireState::Kept}};
    EXPECT_TRUE(card::pinDrawings(job, fitout).empty()) << "it is there already";
    job.wires.front().state = core::WireState::New;
    std::vector<QString> drawn = card::pinDrawings(job, fitout);
    ASSERT_EQ(drawn.size(), 1U) << "one plug";
    using Rows = std::vector<std::vector<QString>>;
    const Rows byChannel = cellsOf(drawn.front());
    ASSERT_EQ(byChannel.size(), 2U);
    EXPECT_EQ(byChannel[0].front(), QStringLiteral("?|FL+|white|w70 +"));
    EXPECT_EQ(byChannel[1].front(), QStringLiteral("?|FL-|white/black|"));
    EXPECT_EQ(byChannel[0].size(), 6U);
    EXPECT_EQ(byChannel[1].size(), 6U);
    // Counted, they stand by number, 2 before 10; after eight a new row.
    core::Fitout counted = fitout;
    core::Part& radio = counted.parts.at(counted.devices.at(kRadio).part);
    int number = static_cast<int>(radio.terminals.size());
    for (const auto& [terminal, plug] : radio.terminals) radio.pins[terminal].number = std::to_string(number--);
    drawn = card::pinDrawings(job, counted);
    const Rows byNumber = cellsOf(drawn.front());
    ASSERT_EQ(byNumber.size(), 2U);
    EXPECT_EQ(byNumber[0].size(), 8U);
    QStringList numbers;
    for (const auto& row : byNumber)
        for (const QString& cell : row) numbers << cell.section(QLatin1Char('|'), 0, 0);
    EXPECT_EQ(numbers.join(QLatin1Char(' ')), QStringLiteral("1 2 3 4 5 6 7 8 9 10 11 12"));
    // A name with an angle bracket is a name.
    radio.pins["FL+"].number = "<b>";
    EXPECT_TRUE(card::pinDrawings(job, counted).front().contains(QStringLiteral("&lt;b&gt;")));
}

}  // namespace
