// Split in the real window: values set where they stand, a speaker turned over, answers planned, all by hand or by
// keys.
#include <gtest/gtest.h>

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QRegularExpression>
#include <QTest>
#include <algorithm>
#include <cmath>

#include "app/stations/split/band_chart.h"
#include "app/stations/split/bench_drawing.h"
#include "app/stations/split/split_answers.h"
#include "app/stations/split/value_picker.h"
#include "core/design/split_search.h"
#include "core/edits/filter_edits.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/resolve.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "tests/app/window_driver.h"
#include "tests/core/two_way_parts.h"
#include "words/band_words.h"
#include "words/figures.h"

namespace {

using core::DeviceId;
using core::Plan;

// Of the demo: what the sails hold, and the doors under them.
constexpr DeviceId kWoofer{28}, kTweeter{37}, kRightTweeter{40};

class SplitStation : public testing::Test {
protected:
    SplitStation() : m_window(m_theme)
    {
        m_window.window().resize(1280, 800);
        m_window.openShipped(false);
        m_window.key(Qt::Key_4, Qt::ControlModifier);
        m_window.click("dot_p34");
        m_window.settle();
    }
    [[nodiscard]] const core::StageResult& goal() { return m_window.session().snapshot().after(); }
    [[nodiscard]] const Plan& plan() { return m_window.session().snapshot().plan; }
    [[nodiscard]] double carries_f(DeviceId tweeter)
    {
        return core::findRunOfDevice(goal(), tweeter)->seriesCapacitance_f.value_or(0.0);
    }
    [[nodiscard]] QString said(const char* label)
    {
        const auto* found = m_window.window().findChild<QLabel*>(QLatin1String(label));
        return found && found->isVisible() ? found->text() : QString();
    }
    [[nodiscard]] std::optional<core::SplitSum> sum()
    {
        const auto pair = core::splitPairOf(goal(), kTweeter, m_window.session().snapshot().practice());
        return pair ? core::splitSum(goal(), *pair, plan().listeners.begin()->first) : std::nullopt;
    }
    [[nodiscard]] QWidget* thing(const QString& name) { return m_window.window().findChild<QWidget*>(name); }
    [[nodiscard]] bool isOpen() { return m_window.window().findChild<app::ValuePicker*>()->isVisible(); }
    [[nodiscard]] bool waitForAnswers()
    {
        return QTest::qWaitFor([&] { return m_window.has("answer_2"); }, 30'000);
    }
    // The only part of a lead that the plan put there.
    [[nodiscard]] QString partInLead()
    {
        for (const auto& [id, device] : goal().used.devices) {
            const core::Part& part = goal().used.parts.at(device.part);
            if (part.kind == core::PartKind::Network && part.inside.size() == 1 && device.at.number == 34)
                return QStringLiteral("part_d%1_%2")
                    .arg(id.number)
                    .arg(QString::fromStdString(part.inside.begin()->first));
        }
        return {};
    }

    app::Theme m_theme{*static_cast<QApplication*>(QCoreApplication::instance())};
    tests::WindowDriver m_window;
};

// The capacitor on the tweeter: opened, stepped, what it would be is shown; returned, nothing was done; kept, it is one
// edit for both sides, and undone whole.
TEST_F(SplitStation, AValueIsSetWhereItStands)
{
    const Plan before = plan();
    m_window.click("part_d37_C");
    ASSERT_TRUE(isOpen());
    auto* field = m_window.window().findChild<QLineEdit*>(QStringLiteral("valueField"));
    ASSERT_TRUE(field->hasFocus());
    EXPECT_EQ(field->text(), words::farads(4.7e-6));
    const QString split = said("splitAt");
    QTest::keyClick(field, Qt::Key_Up);
    EXPECT_EQ(field->text(), words::farads(5.6e-6)) << "the next that is made";
    EXPECT_NE(said("splitAt"), split) << "the curves follow";
    EXPECT_EQ(plan(), before) << "nothing is planned before it is kept";
    QTest::keyClick(field, Qt::Key_Escape);
    EXPECT_FALSE(isOpen());
    EXPECT_EQ(said("splitAt"), split);
    EXPECT_EQ(plan(), before);
    m_window.click("part_d37_C");
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("8.2"));
    QTest::keyClick(field, Qt::Key_Return);
    m_window.settle();
    for (const DeviceId tweeter : {kTweeter, kRightTweeter}) EXPECT_NEAR(carries_f(tweeter), 8.2e-6, 1e-12);
    EXPECT_TRUE(core::filterOf(goal().used, kTweeter).bridged);
    ASSERT_TRUE(sum() && sum()->at_hz);
    EXPECT_EQ(said("splitAt"), words::frequency(*sum()->at_hz)) << "what is drawn is what the plan gives";
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

TEST_F(SplitStation, NonsenseIsSaidAndPlansNothing)
{
    const Plan before = plan();
    m_window.click("part_d37_C");
    auto* field = m_window.window().findChild<QLineEdit*>(QStringLiteral("valueField"));
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("8 ohm"));
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_TRUE(isOpen());
    EXPECT_FALSE(said("valueSaid").isEmpty());
    EXPECT_EQ(plan(), before);
}

// The wheel acts on the value that was opened, in preferred values both ways.
TEST_F(SplitStation, TheWheelStepsWhatIsOpen)
{
    m_window.click("part_d37_C");
    auto* picker = m_window.window().findChild<app::ValuePicker*>();
    const auto turn = [&](int notches) {
        QWheelEvent wheel(QPointF(5, 5), picker->mapToGlobal(QPointF(5, 5)), {}, {0, 120 * notches}, Qt::NoButton,
                          Qt::NoModifier, Qt::NoScrollPhase, false);
        QCoreApplication::sendEvent(picker, &wheel);
    };
    turn(2);
    EXPECT_DOUBLE_EQ(picker->value(), 6.8e-6);
    turn(-3);
    EXPECT_DOUBLE_EQ(picker->value(), 3.9e-6);
    m_window.click("keepValue");
    m_window.settle();
    EXPECT_NEAR(carries_f(kTweeter), 3.9e-6, 1e-12);
}

// Turned over by R on the speaker itself: both sides, and the screen says what the plan then gives.
TEST_F(SplitStation, RTurnsTheTweeterOver)
{
    const int sign = core::findRunOfDevice(goal(), kTweeter)->run.sign;
    const QString wired = said("splitWired"), turned = said("splitTurned");
    QWidget* tweeter = thing(QStringLiteral("speaker_d37_1"));
    ASSERT_NE(tweeter, nullptr);
    tweeter->setFocus();
    QTest::keyClick(tweeter, Qt::Key_R);
    m_window.settle();
    for (const DeviceId one : {kTweeter, kRightTweeter}) EXPECT_EQ(core::findRunOfDevice(goal(), one)->run.sign, -sign);
    EXPECT_NE(said("splitWired"), wired);
    const auto figure = [](const QString& text) {
        static const QRegularExpression kSaid(QStringLiteral("(hole|even within) [^,\\n]*"));
        return kSaid.match(text).captured().toStdString();
    };
    EXPECT_FALSE(figure(wired).empty()) << wired.toStdString();
    EXPECT_EQ(figure(said("splitTurned")), figure(wired)) << "what was as wired is now the other way round";
    EXPECT_EQ(figure(said("splitWired")), figure(turned));
}

// A two-way by the keyboard alone: a board begun with, its values stepped, a part taken out, all undone.
TEST_F(SplitStation, ABoardIsMadeByKeyboardAlone)
{
    const Plan before = plan();
    auto* make = m_window.window().findChild<QWidget*>(QStringLiteral("makeBoard"));
    ASSERT_NE(make, nullptr);
    ASSERT_TRUE(QTest::qWaitFor([&] { return make->isVisible(); }));
    make->setFocus();
    ASSERT_TRUE(make->hasFocus());
    QTest::keyClick(make, Qt::Key_Return);
    QTest::keyClick(m_window.window().findChild<QDialog*>(QStringLiteral("boardDialog")), Qt::Key_Return);
    m_window.settle();
    QString prefix;
    for (const auto& [id, device] : goal().used.devices)
        if (goal().used.parts.at(device.part).inside.contains("Ct") && device.at.number == 25)
            prefix = QStringLiteral("part_d%1_").arg(id.number);
    ASSERT_FALSE(prefix.isEmpty());
    for (const char* part : {"Ct", "Lt", "Lw", "Cw"}) EXPECT_NE(thing(prefix + QLatin1String(part)), nullptr) << part;
    QWidget* capacitor = thing(prefix + QStringLiteral("Ct"));
    capacitor->setFocus();
    QTest::keyClick(capacitor, Qt::Key_Return);
    auto* field = m_window.window().findChild<QLineEdit*>(QStringLiteral("valueField"));
    ASSERT_TRUE(field->hasFocus());
    const double was_f = carries_f(kTweeter);
    QTest::keyClick(field, Qt::Key_Up);
    QTest::keyClick(field, Qt::Key_Return);
    m_window.settle();
    EXPECT_GT(carries_f(kTweeter), 1.1 * was_f);
    EXPECT_TRUE(thing(prefix + QStringLiteral("Ct"))->hasFocus()) << "the keys go on where they were";
    QTest::keyClick(thing(prefix + QStringLiteral("Ct")), Qt::Key_Down);
    EXPECT_FALSE(thing(prefix + QStringLiteral("Ct"))->hasFocus());
    QWidget* shunt = thing(prefix + QStringLiteral("Lt"));
    shunt->setFocus();
    QTest::keyClick(shunt, Qt::Key_Delete);
    m_window.settle();
    EXPECT_FALSE(thing(prefix + QStringLiteral("Lt")) && thing(prefix + QStringLiteral("Lt"))->isVisible());
    EXPECT_TRUE(std::none_of(goal().used.parts.begin(), goal().used.parts.end(), [](const auto& part) {
        return part.second.inside.contains("Lt");
    })) << "on both sides";
    for (int i = 0; i < 3; ++i) m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

// A part that was put into a lead goes again; the one on the speaker is bridged, and the link comes out.
TEST_F(SplitStation, PartsComeAndGo)
{
    m_window.click("addResistor");
    m_window.settle();
    const QString resistor = partInLead();
    ASSERT_FALSE(resistor.isEmpty());
    m_window.click(resistor.toLatin1());
    m_window.click("takePartOut");
    m_window.settle();
    EXPECT_TRUE(partInLead().isEmpty());
    m_window.click("part_d37_C");
    m_window.click("takePartOut");
    m_window.settle();
    EXPECT_DOUBLE_EQ(carries_f(kTweeter), 0.0);
    m_window.click("takeBridgeOut");
    m_window.settle();
    EXPECT_NEAR(carries_f(kTweeter), 4.7e-6, 1e-12);
}

// The channel's own switches: a high-pass set, made steeper, off again.
TEST_F(SplitStation, TheChannelIsSetWhereItStands)
{
    const core::Port channel = core::findRunOfDevice(goal(), kWoofer)->run.id.channel;
    m_window.click("knobHighPass");
    auto* field = m_window.window().findChild<QLineEdit*>(QStringLiteral("valueField"));
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("70"));
    QTest::keyClick(field, Qt::Key_Return);
    m_window.settle();
    EXPECT_EQ(goal().used.settings.at(channel).highPass, (core::Filter{70.0, 2}));
    const auto take = [&](const char* shape) {
        m_window.click("knobHighPassSlope");
        const auto menus = m_window.window().findChildren<QMenu*>(QStringLiteral("shapes"));
        ASSERT_FALSE(menus.isEmpty());
        auto* action = menus.back()->findChild<QAction*>(QLatin1String(shape));
        ASSERT_NE(action, nullptr) << shape;
        QTest::mouseClick(menus.back(), Qt::LeftButton, {}, menus.back()->actionGeometry(action).center());
        m_window.settle();
    };
    const auto slope = [&] {
        return m_window.window().findChild<QPushButton*>(QStringLiteral("knobHighPassSlope"))->text();
    };
    take("shape_butterworth_18");
    EXPECT_EQ(goal().used.settings.at(channel).highPass, (core::Filter{70.0, 3}));
    take("shape_linkwitzRiley_24");
    EXPECT_EQ(goal().used.settings.at(channel).highPass, (core::Filter{70.0, 4, core::FilterFamily::LinkwitzRiley}));
    EXPECT_EQ(slope(), "LR 24");
    m_window.click("knobHighPass");  // another corner keeps its shape
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("80"));
    QTest::keyClick(field, Qt::Key_Return);
    m_window.settle();
    EXPECT_EQ(goal().used.settings.at(channel).highPass, (core::Filter{80.0, 4, core::FilterFamily::LinkwitzRiley}));
    take("shape_butterworth_12");
    EXPECT_EQ(slope(), "12 dB");
    m_window.click("knobHighPass");
    m_window.click("valueOff");
    m_window.click("keepValue");
    m_window.settle();
    EXPECT_FALSE(goal().used.settings.contains(channel));
    m_window.click("knobLevel");
    for (const char* most : {"-40.5", "12.5"}) {
        field->selectAll();
        QTest::keyClicks(field, QLatin1String(most));
        QTest::keyClick(field, Qt::Key_Return);
        EXPECT_TRUE(isOpen()) << most;
        EXPECT_FALSE(said("valueSaid").isEmpty());
    }
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("-3.5"));
    QTest::keyClick(field, Qt::Key_Return);
    m_window.settle();
    EXPECT_DOUBLE_EQ(goal().used.settings.at(channel).gain_db, -3.5);
    m_window.click("knobLevel");
    EXPECT_EQ(field->text(), QStringLiteral("\u22123.5 dB"));
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_FALSE(isOpen()) << "what a field shows can be kept as it is";
    m_window.click("knobPolarity");
    m_window.settle();
    EXPECT_TRUE(goal().used.settings.at(channel).reversed);
}

// Bands are shown while they are typed, planned when they are kept, and one undo takes them back.
TEST_F(SplitStation, TheEqualiserOfAChannel)
{
    const core::Port channel = core::findRunOfDevice(goal(), kWoofer)->run.id.channel;
    const Plan before = plan();
    const auto dialog = [&] { return m_window.window().findChild<QDialog*>(QStringLiteral("equaliserDialog")); };
    const auto fill = [&](const char* name, const char* text) {
        auto* field = dialog()->findChild<QLineEdit*>(QLatin1String(name));
        field->selectAll();
        QTest::keyClicks(field, QLatin1String(text));
    };
    const auto press = [&](const char* name) {
        QTest::mouseClick(dialog()->findChild<QPushButton*>(QLatin1String(name)), Qt::LeftButton);
    };
    m_window.click("knobEqualiser");
    ASSERT_NE(dialog(), nullptr);
    press("addBand");
    fill("band1_at", "250");
    fill("band1_gain", "-4");
    fill("band1_q", "2");
    press("addBand");
    fill("band2_gain", "25");
    EXPECT_FALSE(dialog()->findChild<QPushButton*>(QStringLiteral("equaliserOk"))->isEnabled());
    EXPECT_FALSE(said("equaliserSaid").isEmpty());
    EXPECT_EQ(plan(), before) << "nothing is planned yet";
    press("band2_out");
    EXPECT_TRUE(said("equaliserSaid").isEmpty());
    press("equaliserOk");
    m_window.settle();
    EXPECT_EQ(goal().used.settings.at(channel).bands,
              (std::vector<core::EqualiserBand>{{core::BandKind::Peak, 250.0, 2.0, -4.0}}));
    EXPECT_EQ(m_window.window().findChild<QPushButton*>(QStringLiteral("knobEqualiser"))->text(), "1 band");
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
    m_window.click("knobEqualiser");
    press("addBand");
    press("equaliserCancel");
    m_window.settle();
    EXPECT_EQ(plan(), before);
}

// What the textbook lays across a woofer's terminals: picked like any part, its value stepped, out as a whole.
TEST_F(SplitStation, PartsAcrossTheWoofer)
{
    const double re_ohm = core::findRunOfDevice(goal(), kWoofer)->driver.re_ohm;
    const double le_h = core::findRunOfDevice(goal(), kWoofer)->driver.le_h;
    const Plan before = plan();
    m_window.click("speaker_d28_1");
    m_window.click("addAcross");
    m_window.settle();
    const DeviceId branch = core::branchAcross(goal().used, kWoofer);
    ASSERT_TRUE(branch);
    const auto valueOf = [&](const char* element, core::Quantity what) {
        return *core::valueOf(core::figuresOf(partOf(goal().used, branch), element), what);
    };
    const double r_ohm = valueOf("R", core::Quantity::Resistance_ohm);
    EXPECT_NEAR(std::log(r_ohm / re_ohm), 0.0, 0.1) << "the coil's own ohms, to be bought";
    EXPECT_NEAR(std::log(valueOf("C", core::Quantity::Capacitance_f) * r_ohm * r_ohm / le_h), 0.0, 0.1);
    EXPECT_FALSE(m_window.has("addAcross")) << "there is one";
    const QString resistor = QStringLiteral("part_d%1_R").arg(branch.number);
    ASSERT_NE(thing(resistor), nullptr);
    m_window.click(resistor.toUtf8().constData());
    m_window.click("valueAfter");
    m_window.click("keepValue");
    m_window.settle();
    EXPECT_GT(valueOf("R", core::Quantity::Resistance_ohm), r_ohm);
    m_window.click(resistor.toUtf8().constData());
    m_window.click("takePartOut");
    m_window.settle();
    EXPECT_FALSE(core::branchAcross(goal().used, kWoofer));
    m_window.session().undoStack().undo();
    m_window.session().undoStack().undo();
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

// Every speaker on one scale; its name leads to its place.
TEST_F(SplitStation, AllBandsOnOneScale)
{
    m_window.click("allBands");
    m_window.settle();
    auto* chart = m_window.window().findChild<app::BandChart*>();
    ASSERT_TRUE(chart->isVisible() && chart->bands());
    EXPECT_FALSE(thing(QStringLiteral("bench"))->isVisible());
    EXPECT_FALSE(said("bandsSaid").isEmpty());
    for (const core::BandRow& row : chart->bands()->rows) {
        const auto* name = thing(QStringLiteral("band_d%1_%2")
                                     .arg(row.run.coil.device.number)
                                     .arg(QString::fromStdString(row.run.coil.element)));
        ASSERT_NE(name, nullptr);
        EXPECT_TRUE(name->accessibleName().contains(words::carriesText(row)));
    }
    const core::BandPlan before = *chart->bands();
    m_window.click("knobHighPass");
    m_window.click("keepValue");
    m_window.settle();
    EXPECT_FALSE(chart->bands()->sum_db.isApprox(before.sum_db, 1e-9)) << "a switch is set here, too";
    m_window.click("band_d46_1");
    m_window.settle();
    EXPECT_FALSE(chart->isVisible());
    EXPECT_NE(thing(QStringLiteral("part_d46_tweeterC")), nullptr) << "the coaxial's own place";
}

// An answer is planned by picking it; in the plan it hands over where it was said to, and undone it is gone.
TEST_F(SplitStation, AnAnswerIsPlannedAndUndone)
{
    ASSERT_TRUE(waitForAnswers());
    const Plan before = plan();
    const auto& answers = m_window.window().findChild<app::SplitAnswers*>()->answers();
    ASSERT_EQ(answers.size(), 3U);
    const core::SplitCandidate even = answers[2].found;
    m_window.click("answer_2");
    m_window.settle();
    EXPECT_NE(plan(), before);
    ASSERT_TRUE(sum() && sum()->at_hz);
    EXPECT_NEAR(std::log2(*sum()->at_hz / even.at_hz), 0.0, 0.35);
    EXPECT_NEAR(carries_f(kTweeter), tests::tweeterSeries_f(even.parts).value_or(0.0), 1e-12);
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

// Another target, or all seats, is another search; what it finds is what the command line finds.
TEST_F(SplitStation, TheSearchHasATargetAndSeats)
{
    ASSERT_TRUE(waitForAnswers());
    const auto evenOf = [&] {
        for (const core::SplitAnswer& one : m_window.window().findChild<app::SplitAnswers*>()->answers())
            if (one.kind == core::SplitKind::MostEven) return one.found.even_db;
        return 0.0;
    };
    const auto wantedOf = [&](const core::SplitTask& task) {
        const auto found = core::searchSplits(plan(), m_window.session().snapshot().evaluation, task);
        for (const core::SplitAnswer& one : found->answers)
            if (one.kind == core::SplitKind::MostEven) return one.found.even_db;
        return 0.0;
    };
    m_window.click("splitTarget");
    auto* menu = m_window.window().findChildren<QMenu*>(QStringLiteral("targets")).back();
    auto* action = menu->findChild<QAction*>(QStringLiteral("target_-1"));
    QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
    const double falling_db = wantedOf({.tweeter = kTweeter, .slope_db_octave = -1.0});
    EXPECT_TRUE(QTest::qWaitFor([&] { return std::abs(evenOf() - falling_db) < 1e-9; }, 30'000));
    std::vector<core::ListenerId> all;
    for (const auto& [id, listener] : plan().listeners) all.push_back(id);
    ASSERT_GT(all.size(), 1U);
    m_window.click("splitSeats");
    const double everybody_db = wantedOf({kTweeter, all, -1.0});
    EXPECT_NE(everybody_db, falling_db);
    EXPECT_TRUE(QTest::qWaitFor([&] { return std::abs(evenOf() - everybody_db) < 1e-9; }, 30'000));
}

// A coaxial is the same way without a board; two channels are two ways, and no network is offered between them.
TEST_F(SplitStation, ACoaxialAndTwoChannels)
{
    m_window.click("dot_p43");
    m_window.settle();
    EXPECT_NE(thing(QStringLiteral("part_d46_tweeterC")), nullptr);
    EXPECT_FALSE(said("noAnswers").isEmpty());
    EXPECT_TRUE(m_window.has("makeBoard")) << "a filter for both of it, none between";
}

TEST_F(SplitStation, AnEmptyPlanSaysWhatToDo)
{
    m_window.newJob("van");
    m_window.key(Qt::Key_4, Qt::ControlModifier);
    EXPECT_FALSE(said("splitNone").isEmpty());
    EXPECT_FALSE(thing(QStringLiteral("bench"))->isVisible());
}

}  // namespace
