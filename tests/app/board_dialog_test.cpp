// A board by the book, in the real window: for whom, where they part, how steeply; tried, kept, given back.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>

#include "core/design/board_design.h"
#include "core/edits/filter_edits.h"
#include "core/edits/network_edits.h"
#include "core/fitout/resolve.h"
#include "tests/app/window_driver.h"
#include "words/figures.h"

namespace {

using core::DeviceId;
using core::Leg;
using core::Plan;

constexpr DeviceId kDoorWoofer{28}, kSailTweeter{37}, kOtherTweeter{40};

class BoardByTheBook : public testing::Test {
protected:
    BoardByTheBook() : m_window(m_theme)
    {
        m_window.window().resize(1280, 800);
        m_window.openShipped(false);
        m_window.key(Qt::Key_4, Qt::ControlModifier);
        m_window.click("dot_p34");
        m_window.settle();
        m_window.click("makeBoard");
    }
    [[nodiscard]] const core::StageResult& goal() { return m_window.session().snapshot().after(); }
    [[nodiscard]] const Plan& plan() { return m_window.session().snapshot().plan; }
    [[nodiscard]] QDialog* dialog() { return m_window.window().findChild<QDialog*>(QStringLiteral("boardDialog")); }
    template <class Field>
    [[nodiscard]] Field* field(const char* name)
    {
        return dialog()->findChild<Field*>(QLatin1String(name));
    }
    void fill(const char* name, const char* text)
    {
        field<QLineEdit>(name)->selectAll();
        QTest::keyClick(field<QLineEdit>(name), Qt::Key_Delete);
        QTest::keyClicks(field<QLineEdit>(name), QLatin1String(text));
    }
    void press(const char* name)
    {
        QTest::mouseClick(field<QPushButton>(name), Qt::LeftButton);
        m_window.settle();
    }
    [[nodiscard]] QString shown(const char* label)
    {
        return m_window.window().findChild<QLabel*>(QLatin1String(label))->text();
    }
    [[nodiscard]] core::Part boardAt(DeviceId speaker)
    {
        DeviceId board = core::networkOf(goal().used, speaker);
        if (!board) board = core::inlineFilterOf(goal().used, speaker);
        return board ? partOf(goal().used, board) : core::Part{};
    }
    [[nodiscard]] core::BoardParts legsAt(DeviceId speaker)
    {
        const core::Part board = boardAt(speaker);
        core::BoardParts parts;
        for (const Leg leg : core::legsOf(board)) parts[leg] = core::partsOn(board, leg).value_or(core::LegParts{});
        return parts;
    }

    app::Theme m_theme{*static_cast<QApplication*>(QCoreApplication::instance())};
    tests::WindowDriver m_window;
};

// Fourth order at 3 kHz: what the core designs for it, on both sides, in one edit.
TEST_F(BoardByTheBook, OfFourthOrderIsTriedAndKept)
{
    const Plan before = plan();
    const QString split = shown("splitAt");
    ASSERT_NE(dialog(), nullptr);
    fill("boardCorner1", "3 kHz");
    EXPECT_TRUE(field<QLineEdit>("boardCorner2")->isHidden()) << "two part in one place";
    auto* shape = field<QComboBox>("boardShape1");
    shape->setCurrentIndex(shape->findText(QStringLiteral("Linkwitz-Riley, 24 dB/octave")));
    ASSERT_GE(shape->currentIndex(), 0);
    EXPECT_NE(shown("splitAt"), split) << "the curves follow";
    EXPECT_EQ(plan(), before) << "nothing is planned before it is kept";
    const core::Filter filter{3000.0, 4, core::FilterFamily::LinkwitzRiley};
    const core::BoardParts parts =
        core::designBoard(goal(), {{Leg::Woofer, kDoorWoofer}, {Leg::Tweeter, kSailTweeter}},
                          {.filters = {filter}});
    press("boardOk");
    EXPECT_EQ(legsAt(kSailTweeter), parts);
    EXPECT_EQ(legsAt(kOtherTweeter), parts);
    ASSERT_EQ(core::countOf(parts), 8);
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

// What no figure tells is said, too, and mended where it is said: a board at the pedals, and one wired backwards.
TEST_F(BoardByTheBook, WrongsWithoutAFigureAreSaid)
{
    press("boardOk");
    const Plan right = plan();
    const DeviceId board = core::networkOf(goal().used, kSailTweeter);
    m_window.session().apply(core::siteNetwork(plan(), board, core::PlaceKind::KickPanel));
    m_window.rest();
    ASSERT_TRUE(m_window.has("finding_SPLIT14"));
    EXPECT_FALSE(m_window.finding("SPLIT14").isEmpty());
    m_window.click("mend_SPLIT14_0");
    m_window.settle();
    EXPECT_EQ(plan(), right);
    Plan wrong = right;
    for (auto& [key, wire] : wrong.wires)
        for (core::Pin* end : {&wire->a, &wire->b}) {
            if (end->device != board) continue;
            const char pole = end->terminal.back();
            if (end->terminal.starts_with("in"))
                end->terminal = std::string("w") + pole;
            else if (end->terminal.front() == 'w')
                end->terminal = std::string("in") + pole;
        }
    m_window.session().apply(core::difference(core::EditName::FitNetwork, right, wrong));
    m_window.rest();
    ASSERT_TRUE(m_window.has("finding_SPLIT13"));
    m_window.click("mend_SPLIT13_0");
    m_window.settle();
    EXPECT_EQ(core::resolve(plan(), plan().job.goal).wires, core::resolve(right, right.job.goal).wires);
}

// What it is made for is one of three: label, corner, or all that the speaker has.
TEST_F(BoardByTheBook, IsMadeForOneOfThreeLoads)
{
    const core::BoardSpeakers both{{Leg::Woofer, kDoorWoofer}, {Leg::Tweeter, kSailTweeter}};
    fill("boardCorner1", "2.5 kHz");
    auto* shape = field<QComboBox>("boardShape1");
    shape->setCurrentIndex(shape->findText(QStringLiteral("Butterworth, 18 dB/octave")));
    auto* load = field<QComboBox>("boardLoad");
    ASSERT_EQ(load->count(), 3);
    load->setCurrentIndex(2);
    const core::BoardWish wish{.filters = {core::Filter{2500.0, 3}}, .load = core::LegLoad::WholeCurve};
    const core::BoardParts parts = core::designBoard(goal(), both, wish);
    core::BoardWish other = wish;
    other.load = core::LegLoad::AtCorner;
    EXPECT_NE(parts, core::designBoard(goal(), both, other));
    press("boardOk");
    EXPECT_EQ(legsAt(kSailTweeter), parts);
}

// Of the tweeter alone, padded: a filter in its own lead, and it goes by its button.
TEST_F(BoardByTheBook, OfOneAloneLiesInItsLead)
{
    const Plan before = plan();
    field<QComboBox>("boardFor")->setCurrentIndex(1);
    ASSERT_FALSE(field<QLineEdit>("boardCorner2")->isHidden());
    EXPECT_TRUE(field<QLineEdit>("boardCorner2")->text().isEmpty()) << "no low-pass of a tweeter";
    fill("boardCorner1", "");
    fill("boardPad", "0");
    EXPECT_FALSE(field<QPushButton>("boardOk")->isEnabled());
    EXPECT_FALSE(shown("boardSaid").isEmpty()) << "says what is missing";
    fill("boardPad", "6 dB");
    press("boardOk");
    const core::Part pad = boardAt(kSailTweeter);
    EXPECT_EQ(core::legsOf(pad), std::vector{Leg::Tweeter});
    EXPECT_EQ(core::partsFromInput(pad), (std::vector<std::string>{"Rt", "Rt2"}));
    EXPECT_FALSE(core::filterOf(goal().used, kSailTweeter).bridged) << "its capacitor does what it did";
    EXPECT_TRUE(boardAt(kDoorWoofer).inside.empty());
    m_window.click("filterOut");
    m_window.settle();
    EXPECT_TRUE(boardAt(kSailTweeter).inside.empty());
    m_window.session().undoStack().undo();
    m_window.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

TEST_F(BoardByTheBook, GivenBackNothingWasDone)
{
    const Plan before = plan();
    const QString said = shown("boardSaid");
    fill("boardCorner1", "4.5 kHz");
    EXPECT_NE(shown("boardSaid"), said) << "other parts";
    field<QComboBox>("boardLoad")->setCurrentIndex(1);
    press("boardCancel");
    EXPECT_EQ(plan(), before);
    EXPECT_EQ(dialog() == nullptr || !dialog()->isVisible(), true);
}

TEST_F(BoardByTheBook, WhatCannotBeIsSaid)
{
    for (const char* wrong : {"high", "-3 kHz", "3 uF"}) {
        fill("boardCorner1", wrong);
        EXPECT_FALSE(field<QPushButton>("boardOk")->isEnabled()) << wrong;
        EXPECT_FALSE(shown("boardSaid").isEmpty()) << wrong;
    }
    fill("boardCorner1", "3k");
    EXPECT_TRUE(field<QPushButton>("boardOk")->isEnabled());
    fill("boardPad", "25");
    EXPECT_FALSE(field<QPushButton>("boardOk")->isEnabled()) << "over the most";
    fill("boardPad", "24");
    EXPECT_TRUE(field<QPushButton>("boardOk")->isEnabled());
}

}  // namespace
