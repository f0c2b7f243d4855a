// Split in the real window: the cable that leaves a channel, the other speakers, what parts as they are sold make of the
// sum, what leaves as a file.
#include <gtest/gtest.h>
#include <qcustomplot.h>

#include <QDialog>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollBar>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <map>

#include "app/shell/findings_column.h"
#include "app/stations/split/bench_layout.h"
#include "app/stations/split/split_answers.h"
#include "app/stations/split/split_view.h"
#include "app/stations/split/value_picker.h"
#include "core/advice/network_site.h"
#include "core/edits/filter_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/evaluate/split_sum.h"
#include "core/io/atomic_file.h"
#include "core/limits/sound_limits.h"
#include "core/io/curve_file.h"
#include "core/netlist/netlist_file.h"
#include "core/survey/cable_to.h"
#include "tests/app/window_driver.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/job_words.h"

namespace {

using core::DeviceId;
using core::Plan;

constexpr DeviceId kFrontWoofer{28}, kFrontTweeter{37};

class SplitMore : public testing::Test {
protected:
    SplitMore() : m_window(m_theme)
    {
        m_window.window().resize(1280, 800);
        m_window.openShipped(false);
        m_window.key(Qt::Key_4, Qt::ControlModifier);
        m_window.click("dot_p34");
        m_window.settle();
    }
    [[nodiscard]] const app::Snapshot& snapshot() { return m_window.session().snapshot(); }
    [[nodiscard]] const core::StageResult& goal() { return snapshot().after(); }
    [[nodiscard]] const Plan& plan() { return snapshot().plan; }
    template <class Widget>
    [[nodiscard]] Widget* thing(const QString& name)
    {
        return m_window.window().findChild<Widget*>(name);
    }
    void fill(const QString& name, const QString& text)
    {
        auto* field = thing<QLineEdit>(name);
        ASSERT_NE(field, nullptr);
        field->selectAll();
        QTest::keyClick(field, Qt::Key_Delete);
        QTest::keyClicks(field, text);
    }
    [[nodiscard]] std::optional<core::CableTo> cable()
    {
        return core::cableTo(goal().used, kFrontWoofer, snapshot().practice());
    }
    [[nodiscard]] app::SplitView* view() { return m_window.window().findChild<app::SplitView*>(); }

    app::Theme m_theme{*static_cast<QApplication*>(QCoreApplication::instance())};
    tests::WindowDriver m_window;
};

// Typed in metres and square millimetres or as a gauge; what it loses is what the core says; given back, nothing.
TEST_F(SplitMore, TheCableIsSetWhereItStands)
{
    const Plan before = plan();
    m_window.click("cable_d10_FL");
    ASSERT_NE(thing<QDialog>(QStringLiteral("cableDialog")), nullptr);
    fill(QStringLiteral("cableLengthField"), QStringLiteral("5 m"));
    fill(QStringLiteral("cableAreaField"), QStringLiteral("long"));
    EXPECT_FALSE(thing<QPushButton>(QStringLiteral("cableOk"))->isEnabled());
    fill(QStringLiteral("cableAreaField"), QStringLiteral("1.5"));
    EXPECT_TRUE(thing<QPushButton>(QStringLiteral("cableOk"))->isEnabled());
    EXPECT_EQ(plan(), before);
    m_window.click("cableOk");
    m_window.settle();
    ASSERT_TRUE(cable() && cable()->length_m && cable()->area_m2);
    EXPECT_DOUBLE_EQ(cable()->length_m->value, 5.0);
    EXPECT_NEAR(cable()->area_m2->value, 1.5e-6, 1e-12);
    const core::CircuitResult* circuit =
        findCircuit(goal(), core::findRunOfDevice(goal(), kFrontTweeter)->run.id.channel);
    const QString loss = words::decibels(core::cableLoss_db(*cable(), circuit->least_ohm));
    EXPECT_TRUE(thing<QWidget>(QStringLiteral("cable_d10_FL"))->toolTip().contains(loss));
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
    m_window.click("cable_d10_FL");
    fill(QStringLiteral("cableLengthField"), QStringLiteral("9 m"));
    m_window.click("cableCancel");
    m_window.settle();
    EXPECT_EQ(plan(), before);
}

// Each other place once, of two sides the leading one; picked, it is what the bench shows, and the front is among them.
TEST_F(SplitMore, TheOthersAreOnePickAway)
{
    ASSERT_TRUE(m_window.has("other_p43"));
    EXPECT_FALSE(m_window.has("other_p34")) << "it is on the bench";
    EXPECT_FALSE(m_window.has("other_p25")) << "so is its woofer";
    m_window.click("other_p43");
    m_window.settle();
    EXPECT_NE(thing<QWidget>(QStringLiteral("speaker_d46_1")), nullptr);
    EXPECT_FALSE(thing<QWidget>(QStringLiteral("other_p43")) && thing<QWidget>(QStringLiteral("other_p43"))->isVisible());
    EXPECT_TRUE(m_window.has("other_p25"));
}

// What lies before each is told, of whatever kind it is.
TEST_F(SplitMore, TheOthersTellWhatLiesBeforeThem)
{
    constexpr DeviceId kRearCoaxial{46};
    const auto said = [&] { return thing<QWidget>(QStringLiteral("other_p43"))->accessibleName(); };
    EXPECT_EQ(said(), QStringLiteral("left rear door: straight on"));
    m_window.session().apply(core::addResistor(plan(), kRearCoaxial, 2.2));
    m_window.settle();
    EXPECT_EQ(said(), QStringLiteral("left rear door: ") + words::ohms(2.2));
    core::Setting setting;
    setting.highPass = core::Filter{120.0, 2};
    m_window.session().apply(
        core::setChannel(plan(), core::findRunOfDevice(goal(), kRearCoaxial)->run.id.channel, setting));
    m_window.settle();
    EXPECT_EQ(said(),
              QStringLiteral("left rear door: ") + words::ohms(2.2) + QStringLiteral(", from ") + words::frequency(120.0));
}

// Three speakers on one board: each pair of screws says whose it is, and no mend is wider than its column.
TEST_F(SplitMore, ABoardForThreeIsDrawnWithItsScrews)
{
    m_window.newJob("saloon");
    for (const char* spot : {"front door", "dash top", "sail"}) m_window.clickThing(QString::fromLatin1(spot));
    m_window.click("stationSplit");
    m_window.settle();
    m_window.click("makeBoard");
    m_window.click("boardOk");
    m_window.settle();
    const core::Port channel = goal().runs.front().run.id.channel;
    const app::BenchPicture picture =
        app::layOutBench(app::benchWays(goal().used, {channel}), goal(), QRectF(0.0, 0.0, 640.0, 300.0), 1.0);
    std::map<int, core::Leg> legs;
    int inputs = 0;
    for (const app::BenchScrew& screw : picture.screws) {
        if (!screw.output) {
            ++inputs;
            continue;
        }
        ASSERT_TRUE(screw.leg);
        legs[screw.row] = *screw.leg;
    }
    EXPECT_EQ(inputs, 2);
    EXPECT_EQ(legs, (std::map<int, core::Leg>{{0, core::Leg::Tweeter}, {1, core::Leg::Mid}, {2, core::Leg::Woofer}}));
    EXPECT_TRUE(thing<QWidget>(QStringLiteral("others"))->isHidden()) << "all of them are on the bench";
    ASSERT_FALSE(m_window.finding("LOAD1").isEmpty());
    auto* column = m_window.window().findChild<app::FindingsColumn*>();
    int mends = 0;
    for (const auto* button : column->findChildren<QPushButton*>(QRegularExpression(QStringLiteral("^mend_")))) {
        EXPECT_LE(button->mapTo(column, button->rect().topRight()).x(), column->viewport()->width())
            << button->text().toStdString();
        ++mends;
    }
    EXPECT_GT(mends, 2);
}

// Three on one channel are parted at once: two hand-overs, its price in the shop's money, planned by a pick, undone.
TEST_F(SplitMore, ThreeAreFoundTogether)
{
    m_window.newJob("saloon");
    for (const char* spot : {"front door", "dash top", "sail"}) m_window.clickThing(QString::fromLatin1(spot));
    m_window.click("stationSplit");
    const auto answers = [&] { return thing<app::SplitAnswers>(QStringLiteral("splitAnswers"))->answers(); };
    ASSERT_TRUE(QTest::qWaitFor([&] { return answers().size() == 2U; }, 60'000));
    const core::SplitAnswer even = answers()[1];
    ASSERT_TRUE(even.found.middle);
    auto* card = thing<QWidget>(QStringLiteral("answer_2"));
    for (const QString& said : {words::frequency(even.found.middle->from_hz), words::frequency(even.found.at_hz),
                                words::moneyText(std::round(even.price), QStringLiteral("EUR"))})
        EXPECT_TRUE(card->accessibleName().contains(said)) << said.toStdString();
    const Plan before = plan();
    m_window.click("answer_2");
    m_window.settle();
    const DeviceId board = core::networkOf(goal().used, goal().runs.front().run.id.coil.device);
    ASSERT_TRUE(board);
    EXPECT_EQ(core::legsOf(partOf(goal().used, board)).size(), 3U);
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

// A channel's delay is stepped and typed where it stands, in milliseconds or as the way that sound goes meanwhile.
TEST_F(SplitMore, TheDelayOfAChannel)
{
    const core::Port channel = core::findRunOfDevice(goal(), kFrontWoofer)->run.id.channel;
    const auto delay_s = [&] { return settingOf(goal().used, channel).delay_s; };
    const auto typeIn = [&](const char* text) {
        fill(QStringLiteral("valueField"), QString::fromLatin1(text));
        QTest::keyClick(thing<QLineEdit>(QStringLiteral("valueField")), Qt::Key_Return);
        m_window.settle();
    };
    m_window.click("knobDelay");
    typeIn("0.5 ms");
    EXPECT_NEAR(delay_s(), 5e-4, 1e-12);
    EXPECT_EQ(thing<QPushButton>(QStringLiteral("knobDelay"))->text(), QStringLiteral("0.50 ms"));
    m_window.click("knobDelay");
    typeIn("17.2 cm");
    EXPECT_NEAR(delay_s(), 0.172 / 343.0, 2e-6) << "343 m/s in air of 20 degrees";
    const double kept_s = delay_s();
    // As far as practice has it where nobody said what the channel can do.
    const double most_ms = 1e3 * snapshot().practice()[core::PracticeKey::UnstatedDelay_s];
    for (const QByteArray& wrong : {QByteArray("-0.1"), QByteArray::number(most_ms + 0.1), QByteArray("late")}) {
        m_window.click("knobDelay");
        typeIn(wrong.constData());
        EXPECT_FALSE(thing<QLabel>(QStringLiteral("valueSaid"))->text().isEmpty()) << wrong.constData();
        EXPECT_EQ(delay_s(), kept_s);
        QTest::keyClick(thing<QLineEdit>(QStringLiteral("valueField")), Qt::Key_Escape);
    }
    m_window.click("knobDelay");
    auto* picker = thing<app::ValuePicker>(QStringLiteral("valuePicker"));
    ASSERT_NE(picker, nullptr);
    EXPECT_NEAR(picker->stepped(5e-4, 1), 5.5e-4, 1e-12);
    EXPECT_EQ(picker->stepped(0.0, -1), 0.0);
    m_window.click("returnValue");
    m_window.session().undoStack().setIndex(0);
    EXPECT_EQ(delay_s(), 0.0);
    // What is stated of it is its bound, and one that has none cannot be set.
    const auto state = [&](double most_s) {
        core::Part radio = partOf(goal().used, channel.device);
        radio.inside.at(channel.element).figures[core::Quantity::MostDelay_s] = core::Known{most_s};
        m_window.session().apply(core::changePart(plan(), core::kFactory, channel.device, radio));
        m_window.settle();
    };
    state(0.005);
    m_window.click("knobDelay");
    typeIn("5.1");
    EXPECT_FALSE(thing<QLabel>(QStringLiteral("valueSaid"))->text().isEmpty());
    typeIn("4.9");
    EXPECT_NEAR(delay_s(), 4.9e-3, 1e-12);
    m_window.session().undoStack().undo();
    m_window.settle();
    state(0.0);
    EXPECT_FALSE(thing<QPushButton>(QStringLiteral("knobDelay"))->isEnabled());
}

// A curve from a file is what the sum is to come near, from then on; a line may be asked for instead; it is forgotten.
TEST_F(SplitMore, ThePlanHasATargetOfItsOwn)
{
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("wanted.frd"));
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("20 banana\n");
    file.close();
    const Plan before = plan();
    EXPECT_FALSE(view()->readTarget(path));
    EXPECT_FALSE(view()->readTarget(QStringLiteral("/nowhere.frd")));
    EXPECT_EQ(plan(), before);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("20 3\n1000 0\n20000 -6\n");
    file.close();
    EXPECT_TRUE(view()->readTarget(path));
    m_window.settle();
    ASSERT_TRUE(plan().job.target);
    auto* target = thing<QPushButton>(QStringLiteral("splitTarget"));
    EXPECT_EQ(target->text(), QStringLiteral("own curve"));
    const auto evenOf = [&](std::optional<double> slope_db) {
        core::SplitTask task{.tweeter = kFrontTweeter, .slope_db_octave = slope_db};
        task.seats = {plan().listeners.begin()->first};
        return core::searchSplits(plan(), snapshot().evaluation, task)->answers.back().found.even_db;
    };
    const auto shown = [&] {
        const auto& answers = thing<app::SplitAnswers>(QStringLiteral("splitAnswers"))->answers();
        return answers.empty() ? 0.0 : answers.back().found.even_db;
    };
    EXPECT_TRUE(QTest::qWaitFor([&] { return std::abs(shown() - evenOf({})) < 1e-9; }, 30'000));
    const auto choose = [&](const char* name) {
        m_window.click("splitTarget");
        auto* menu = m_window.window().findChildren<QMenu*>(QStringLiteral("targets")).back();
        auto* action = menu->findChild<QAction*>(QLatin1String(name));
        ASSERT_NE(action, nullptr) << name;
        QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
        m_window.settle();
    };
    choose("target_0");
    EXPECT_EQ(target->text(), QStringLiteral("flat"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return std::abs(shown() - evenOf(0.0)) < 1e-9; }, 30'000));
    choose("target_own");
    EXPECT_EQ(target->text(), QStringLiteral("own curve"));
    choose("target_forget");
    EXPECT_FALSE(plan().job.target);
    EXPECT_EQ(plan().curves, before.curves);
    EXPECT_EQ(target->text(), QStringLiteral("flat"));
    // What was asked for here is not asked for in another plan, which may have a curve of its own.
    choose("target_-1");
    EXPECT_NE(target->text(), QStringLiteral("flat"));
    m_window.openShipped(true);
    m_window.key(Qt::Key_4, Qt::ControlModifier);
    m_window.settle();
    EXPECT_EQ(target->text(), QStringLiteral("flat"));
}

// A part of a board lies elsewhere along its lead, by button and by key; it stays picked, and undo brings it back.
TEST_F(SplitMore, APartIsCarriedAlongItsLead)
{
    const core::BoardSpeakers pair{{core::Leg::Woofer, kFrontWoofer}, {core::Leg::Tweeter, kFrontTweeter}};
    const core::LegPart c{core::ElementKind::Capacitor, true, 6.8e-6}, l{core::ElementKind::Inductor, false, 0.39e-3};
    m_window.session().apply(
        core::fitMadeNetwork(plan(), pair, {{core::Leg::Woofer, {}}, {core::Leg::Tweeter, {c, l}}}));
    m_window.settle();
    const auto leg = [&] {
        const core::Fitout& used = goal().used;
        return *core::partsOn(partOf(used, core::networkOf(used, kFrontTweeter)), core::Leg::Tweeter);
    };
    const QString coil =
        QStringLiteral("part_d%1_Lt").arg(core::networkOf(goal().used, kFrontTweeter).number);
    m_window.click(coil.toLatin1());
    EXPECT_EQ(thing<QPushButton>(QStringLiteral("moveToSpeaker")), nullptr) << "nothing lies beyond it";
    QTest::keyClick(thing<QLineEdit>(QStringLiteral("valueField")), Qt::Key_Up);
    m_window.click("moveToInput");  // what is tried is kept first
    m_window.settle();
    const core::LegPart larger{l.kind, false, 0.47e-3};
    EXPECT_EQ(leg(), (core::LegParts{larger, c}));
    m_window.session().undoStack().undo();
    m_window.session().undoStack().undo();
    m_window.click(coil.toLatin1());
    m_window.click("moveToInput");
    m_window.settle();
    EXPECT_EQ(leg(), (core::LegParts{l, c}));
    EXPECT_TRUE(thing<QWidget>(coil)->hasFocus());
    QTest::keyClick(thing<QWidget>(coil), Qt::Key_Right, Qt::ControlModifier);
    m_window.settle();
    EXPECT_EQ(leg(), (core::LegParts{c, l}));
    EXPECT_TRUE(thing<QWidget>(coil)->hasFocus());
    m_window.session().undoStack().undo();
    EXPECT_EQ(leg(), (core::LegParts{l, c}));
}

// Of a tweeter it is said how far it is still driven where it resonates.
TEST_F(SplitMore, ATweeterSaysWhatItGetsAtItsResonance)
{
    const core::RunResult& run = *core::findRunOfDevice(goal(), kFrontTweeter);
    const double level_db = core::underLargest_db(run, snapshot().evaluation.frequency_hz, run.driver.fs_hz);
    EXPECT_LT(level_db, -3.0);
    const QString said = QStringLiteral("%1 at fs, ").arg(words::decibelChange(level_db, 0));
    const auto describedBy = [&](DeviceId speaker) {
        return thing<QWidget>(QStringLiteral("speaker_d%1_%2")
                                  .arg(speaker.number)
                                  .arg(QString::fromStdString(core::findRunOfDevice(goal(), speaker)->run.id.coil.element)))
            ->accessibleDescription();
    };
    EXPECT_TRUE(describedBy(kFrontTweeter).contains(said)) << describedBy(kFrontTweeter).toStdString();
    EXPECT_FALSE(describedBy(kFrontWoofer).contains(QStringLiteral(" at fs")));
}

// Where its board sits is chosen from what speaks against each spot; the pedals are closed; the card says it.
TEST_F(SplitMore, ABoardHasItsPlace)
{
    EXPECT_TRUE(thing<QPushButton>(QStringLiteral("boardSite"))->isHidden()) << "no board yet";
    m_window.click("makeBoard");
    m_window.click("boardOk");
    m_window.settle();
    const DeviceId board = core::networkOf(goal().used, kFrontWoofer);
    m_window.click("boardSite");
    auto* menu = m_window.window().findChildren<QMenu*>(QStringLiteral("sites")).back();
    EXPECT_FALSE(menu->findChild<QAction*>(QStringLiteral("site_kickPanel"))->isEnabled());
    auto* seat = menu->findChild<QAction*>(QStringLiteral("site_underSeat"));
    ASSERT_NE(seat, nullptr);
    EXPECT_EQ(menu->actions().front(), seat) << "the best first";
    const auto sites = core::networkSites(goal(), board, snapshot().shop->vehicles, snapshot().practice());
    EXPECT_TRUE(seat->text().contains(
        words::fieldText(core::Quantity::Length_m, sites.front().leads_m, words::spokenUnits())));
    QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(seat).center());
    m_window.settle();
    EXPECT_EQ(goal().used.devices.at(board).site, core::PlaceKind::UnderSeat);
    EXPECT_EQ(thing<QPushButton>(QStringLiteral("boardSite"))->text(), QStringLiteral("sits: under a seat"));
    bool said = false;
    for (const core::Step& step : snapshot().job.steps)
        said = said || words::textOf(step, snapshot().before().used, goal().used)
                           .contains(QStringLiteral("under a seat; clear of pedals"));
    EXPECT_TRUE(said);
    m_window.session().undoStack().undo();
    EXPECT_EQ(goal().used.devices.at(board).site, core::PlaceKind::Hidden);
}

// What both ways round make of the pair: each line begins as its curve is drawn, in its colour, with the plan's figures.
TEST_F(SplitMore, BothWaysRoundAreSaidAsTheyAreDrawn)
{
    auto* plot = thing<QCustomPlot>(QStringLiteral("pairPlot"));
    auto* wired = thing<QLabel>(QStringLiteral("splitWired"));
    auto* turned = thing<QLabel>(QStringLiteral("splitTurned"));
    const auto pair = core::splitPairOf(goal(), kFrontTweeter, snapshot().practice());
    const auto sum = core::splitSum(goal(), *pair, plan().listeners.begin()->first);
    // A hole where there is one to speak of, else how even it is.
    const double hole_db = snapshot().practice()[core::PracticeKey::SplitHoleCare_db];
    for (const auto& [label, one] : {std::pair{wired, sum->wired}, {turned, sum->turned}})
        EXPECT_TRUE(label->text().contains(words::decibels(one.hole_db > hole_db ? one.hole_db : one.even_db)))
            << label->text().toStdString();
    const QPen thick = plot->graph(5)->pen(), dashed = plot->graph(4)->pen();
    EXPECT_EQ(thick.style(), Qt::SolidLine);
    EXPECT_TRUE(wired->text().startsWith(QChar(0x2014)));
    EXPECT_EQ(dashed.style(), Qt::CustomDashLine);
    EXPECT_TRUE(turned->text().startsWith(QStringLiteral("- -")));
    EXPECT_EQ(wired->palette().color(QPalette::WindowText).name(), thick.color().name());
    EXPECT_EQ(turned->palette().color(QPalette::WindowText).name(), dashed.color().name());
}

// A speaker of which nobody said where it is hangs on the channel like any other.
TEST_F(SplitMore, ASpeakerWithoutAPlaceIsDrawnToo)
{
    Plan after = plan();
    core::Device device = *core::itemAt(after, &Plan::devices, after.job.goal, kFrontWoofer);
    device.at = {};
    after.devices[{after.job.goal, kFrontWoofer}] = device;
    m_window.session().apply(core::difference(core::EditName::ChangeDriver, plan(), after));
    m_window.settle();
    EXPECT_FALSE(goal().used.devices.at(kFrontWoofer).at);
    EXPECT_NE(thing<QWidget>(QStringLiteral("speaker_d28_1")), nullptr);
}

// The band lies about the curve as it is wired, and goes where no part lies on the way.
TEST_F(SplitMore, PartsAsTheyAreSoldMakeABand)
{
    auto* plot = thing<QCustomPlot>(QStringLiteral("pairPlot"));
    ASSERT_NE(plot, nullptr);
    ASSERT_TRUE(QTest::qWaitFor([&] { return plot->graph(0)->visible() && !plot->graph(0)->data()->isEmpty(); }, 20'000));
    const auto low = plot->graph(0)->data(), high = plot->graph(1)->data(), wired = plot->graph(5)->data();
    ASSERT_EQ(low->size(), wired->size());
    double widest_db = 0.0;
    for (int i = 0; i < low->size(); ++i) {
        EXPECT_LE(low->at(i)->value, wired->at(i)->value + 0.1);
        EXPECT_GE(high->at(i)->value, wired->at(i)->value - 0.1);
        widest_db = std::max(widest_db, high->at(i)->value - low->at(i)->value);
    }
    EXPECT_GT(widest_db, 0.3);
}

// What was written reads back: the load's least ohms, the sum's level, a netlist with the channel's parts.
TEST_F(SplitMore, FilesThatOtherProgramsRead)
{
    QTemporaryDir folder;
    const auto textOf = [&](app::SplitView::File file, const char* name) {
        const QString path = folder.filePath(QLatin1String(name));
        EXPECT_TRUE(view()->writeFile(file, path));
        return core::readWholeFile(path.toStdString()).value_or(std::string());
    };
    const core::CircuitResult* circuit =
        findCircuit(goal(), core::findRunOfDevice(goal(), kFrontTweeter)->run.id.channel);
    const auto load =
        core::readCurveFile(textOf(app::SplitView::File::Load, "l.zma"), core::CurveFileKind::Impedance, "l.zma");
    ASSERT_TRUE(load);
    EXPECT_TRUE(load->curve.hasPhase);
    EXPECT_NEAR(load->curve.magnitude.minCoeff(), circuit->least_ohm, 1e-4);
    const auto sum =
        core::readCurveFile(textOf(app::SplitView::File::Sum, "s.frd"), core::CurveFileKind::Response, "s.frd");
    ASSERT_TRUE(sum);
    EXPECT_FALSE(sum->curve.hasPhase);
    const auto pair = core::splitPairOf(goal(), kFrontTweeter, snapshot().practice());
    const Eigen::ArrayXd level_db = core::splitSum(goal(), *pair, plan().listeners.begin()->first)->wired.level_db;
    EXPECT_LT((sum->curve.magnitude - level_db).abs().maxCoeff(), 1e-4);
    const auto netlist = core::readNetlist(textOf(app::SplitView::File::Netlist, "n.cir"), "n.cir");
    ASSERT_TRUE(netlist);
    EXPECT_GT(netlist->network.elements.size(), 5U);
    EXPECT_FALSE(view()->writeFile(app::SplitView::File::Load, QStringLiteral("/nowhere/l.zma")));
    m_window.click("splitFiles");
    auto* menu = thing<QMenu>(QStringLiteral("files"));
    ASSERT_NE(menu, nullptr);
    EXPECT_EQ(menu->actions().size(), 3);
    menu->close();
}

// The dialog says what stands against the board that it tries, and how even the best one is once it is found.
TEST_F(SplitMore, ABoardSaysWhyNot)
{
    ASSERT_TRUE(QTest::qWaitFor([&] { return m_window.has("answer_2"); }, 30'000));
    m_window.click("makeBoard");
    fill(QStringLiteral("boardCorner1"), QStringLiteral("1.1 kHz"));
    auto* against = thing<QLabel>(QStringLiteral("boardAgainst"));
    ASSERT_NE(against, nullptr);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !against->text().isEmpty(); }, 20'000));
    EXPECT_TRUE(against->text().startsWith(QStringLiteral("Against it: "))) << against->text().toStdString();
    EXPECT_TRUE(against->text().contains(QStringLiteral("the most even one found by")));
    m_window.click("boardCancel");
}

}  // namespace
