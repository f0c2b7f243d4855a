// The lines that a survey asks by, each by itself: what they show, what they report, what they refuse.
#include <gtest/gtest.h>

#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>
#include <QVBoxLayout>

#include "app/asks/ask.h"
#include "app/asks/ask_rows.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/elided_label.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/evaluate.h"
#include "tests/app/shown.h"
#include "tests/core/demo_plan.h"

namespace app {
namespace {

class Asking : public testing::Test {
protected:
    void SetUp() override
    {
        snapshot.plan = core::newPlan(core::BodyKind::Estate, shop.vehicles);
        snapshot.evaluation = core::evaluateJob(snapshot.plan, shop.practice);
        snapshot.shop = tests::unowned(shop);
        survey.snapshot = tests::unowned(snapshot);
        QObject::connect(&form, &AskForm::edited, [this](const core::Edit& edit) { edits.push_back(edit); });
        form.show();
        QApplication::setActiveWindow(&form);
    }
    // What the plan would be with the last edit.
    [[nodiscard]] core::Plan after() const { return core::apply(snapshot.plan, edits.back()).plan; }
    void take()
    {
        snapshot.plan = after();
        form.present(survey);
    }
    void addHeight()
    {
        form.addQuantity({.name = "height",
                          .label = "height",
                          .quantity = core::Quantity::BodyHeight_m,
                          .figures = [](const Survey& s) -> const core::Figures* { return &s.plan().body.cabin; },
                          .meanwhile =
                              [](const Survey&) {
                                  return std::optional(core::Known{1.48, {core::Origin::ClassGuess}});
                              },
                          .write =
                              [](const Survey& s, const std::optional<core::Known>& known) {
                                  core::Body body = s.plan().body;
                                  body.cabin.erase(core::Quantity::BodyHeight_m);
                                  if (known) body.cabin[core::Quantity::BodyHeight_m] = *known;
                                  return core::setBody(s.plan(), body, s.shop().vehicles);
                              }});
    }
    template <class Widget>
    Widget* find(const char* name)
    {
        return form.findChild<Widget*>(QLatin1String(name));
    }
    void typeInto(const char* name, const char* text)
    {
        auto* field = find<QLineEdit>(name);
        field->setFocus();
        field->selectAll();
        QTest::keyClick(field, Qt::Key_Delete);
        QTest::keyClicks(field, text);
        QTest::keyClick(field, Qt::Key_Return);
    }

    core::Shop shop = core::shippedShop();
    Snapshot snapshot{};
    Survey survey{};
    AskForm form{};
    std::vector<core::Edit> edits{};
};

TEST_F(Asking, AQuantityShowsWhatIsAssumedUntilSomebodyKnows)
{
    addHeight();
    form.present(survey);
    auto* field = find<QLineEdit>("height");
    EXPECT_EQ(field->text(), "");
    EXPECT_EQ(field->placeholderText(), "1.48 m by estimate");
    typeInto("height", "1.52 m");
    ASSERT_EQ(edits.size(), 1U);
    EXPECT_EQ(after().body.cabin.at(core::Quantity::BodyHeight_m).value, 1.52);
    take();
    EXPECT_EQ(field->text(), "1.52 m");
    EXPECT_EQ(field->toolTip(), "stated");
    survey.units = words::UnitSystem::Imperial;
    form.present(survey);
    EXPECT_EQ(field->text(), "59.84 in");  // 1.52 m over 25.4 mm
    typeInto("height", "");
    EXPECT_FALSE(after().body.cabin.contains(core::Quantity::BodyHeight_m)) << "emptied: unknown again";
}

TEST_F(Asking, GoingOverAFieldIsNoEdit)
{
    addHeight();
    form.present(survey);
    auto* field = find<QLineEdit>("height");
    field->setFocus();
    QTest::keyClick(field, Qt::Key_Return);
    QTest::keyClick(field, Qt::Key_Tab);
    EXPECT_TRUE(edits.empty());
}

// What came with a sheet says so until somebody who looked keeps it: Enter, nothing else.
TEST_F(Asking, EnterKeepsWhatIsToConfirm)
{
    addHeight();
    snapshot.plan.body.cabin[core::Quantity::BodyHeight_m] = {1.52, {.toConfirm = true}};
    form.present(survey);
    auto* answer = find<QLabel>("heightAnswer");
    EXPECT_TRUE(answer->text().contains("to confirm")) << answer->text().toStdString();
    auto* field = find<QLineEdit>("height");
    field->setFocus();
    QTest::keyClick(field, Qt::Key_Tab);
    EXPECT_TRUE(edits.empty()) << "going over it confirms nothing";
    field->setFocus();
    QTest::keyClick(field, Qt::Key_Return);
    ASSERT_EQ(edits.size(), 1U);
    const core::Known kept = after().body.cabin.at(core::Quantity::BodyHeight_m);
    EXPECT_EQ(kept.value, 1.52);
    EXPECT_FALSE(kept.basis.toConfirm);
    take();
    EXPECT_TRUE(answer->isHidden());
}

// What was refused stays in sight while the same thing is picked, and is not carried over to another.
TEST_F(Asking, WhatWasRefusedStaysUntilSomethingElseIsPicked)
{
    addHeight();
    form.present(survey);
    QCoreApplication::processEvents();
    auto* field = find<QLineEdit>("height");
    typeInto("height", "9 m");
    field->clearFocus();
    form.present(survey);
    EXPECT_EQ(field->text(), "9 m");
    survey.place = core::PlaceId{77};
    form.present(survey);
    EXPECT_EQ(field->text(), "");
    EXPECT_TRUE(find<QLabel>("heightAnswer")->isHidden());
}

TEST_F(Asking, WhatIsBeingTypedIsNotOverwritten)
{
    addHeight();
    form.present(survey);
    QCoreApplication::processEvents();  // what is added to a form in sight shows with the next turn
    auto* field = find<QLineEdit>("height");
    field->setFocus();
    QTest::keyClicks(field, "1.5");
    form.present(survey);  // something else has changed meanwhile
    EXPECT_EQ(field->text(), "1.5");
}

TEST_F(Asking, ABadQuantityIsAnsweredOnceAndGoesWithTheMend)
{
    addHeight();
    form.present(survey);
    auto* answer = find<QLabel>("heightAnswer");
    typeInto("height", "9 m");
    EXPECT_TRUE(answer->isVisible());
    EXPECT_TRUE(answer->text().contains("allowed 500 mm to 5.00 m")) << answer->text().toStdString();
    EXPECT_TRUE(edits.empty());
    typeInto("height", "1.6 m");
    EXPECT_FALSE(answer->isVisible());
    EXPECT_EQ(edits.size(), 1U);
}

TEST_F(Asking, AChoiceIsOneButtonOfSeveral)
{
    form.addChoice({.name = "side",
                    .label = "wheel",
                    .choices = {{1, "left"}, {0, "right"}},
                    .read = [](const Survey& s) { return s.plan().body.wheelOnLeft ? 1 : 0; },
                    .write =
                        [](const Survey& s, int id) {
                            core::Body body = s.plan().body;
                            body.wheelOnLeft = id == 1;
                            return core::setBody(s.plan(), body, s.shop().vehicles);
                        }});
    form.present(survey);
    EXPECT_TRUE(find<QPushButton>("side_1")->isChecked());
    EXPECT_EQ(find<QPushButton>("side_0")->accessibleName(), "wheel: right");
    find<QPushButton>("side_0")->click();
    take();
    EXPECT_TRUE(find<QPushButton>("side_0")->isChecked());
    EXPECT_FALSE(find<QPushButton>("side_1")->isChecked());
    EXPECT_FALSE(snapshot.plan.body.wheelOnLeft);
}

TEST_F(Asking, FlagsAreAnyOfSeveral)
{
    form.addFlags(
        {.name = "keep",
         .label = {},
         .choices = {{0, "no cutting"}, {2, "radio"}},
         .read = [](const Survey& s, int id) { return s.plan().job.keep.contains(static_cast<core::Keep>(id)); },
         .write =
             [](const Survey& s, int id, bool on) {
                 core::Job job = s.plan().job;
                 if (on)
                     job.keep.insert(static_cast<core::Keep>(id));
                 else
                     job.keep.erase(static_cast<core::Keep>(id));
                 return core::setJob(s.plan(), job);
             }});
    form.present(survey);
    find<QPushButton>("keep_0")->click();
    take();
    find<QPushButton>("keep_2")->click();
    take();
    EXPECT_EQ(snapshot.plan.job.keep, (std::set{core::Keep::NoCutting, core::Keep::Radio}));
    find<QPushButton>("keep_0")->click();
    take();
    EXPECT_EQ(snapshot.plan.job.keep, (std::set{core::Keep::Radio}));
}

TEST_F(Asking, AListHasWhatThePlanHasAndIsQuietWhileItIsShown)
{
    form.addList({.name = "seat",
                  .label = "seat",
                  .choices =
                      [](const Survey& s) {
                          std::vector<std::pair<QString, QString>> choices;
                          for (const auto& [id, listener] : s.plan().listeners)
                              choices.emplace_back(QString::number(id.number),
                                                   QStringLiteral("seat %1").arg(id.number));
                          return choices;
                      },
                  .read = [](const Survey& s) { return QString::number(s.plan().listeners.rbegin()->first.number); },
                  .write =
                      [](const Survey& s, const QString& key) {
                          return core::moveSeat(s.plan(), {key.toInt()}, {-1.0, 0.0, 1.0});
                      }});
    form.present(survey);
    auto* box = find<QComboBox>("seat");
    EXPECT_EQ(box->count(), static_cast<int>(snapshot.plan.listeners.size()));
    EXPECT_EQ(box->currentIndex(), box->count() - 1);
    EXPECT_TRUE(edits.empty());
    box->setFocus();
    QTest::keyClick(box, Qt::Key_Home);
    ASSERT_FALSE(edits.empty());
    EXPECT_EQ(after().listeners.begin()->second.head_m, (core::Vec3{-1.0, 0.0, 1.0}));
}

TEST_F(Asking, ATextCanBeRefusedAndAButtonHidden)
{
    form.addText({.name = "budget",
                  .label = "budget",
                  .hint = "640",
                  .read = [](const Survey&) { return QString(); },
                  .write =
                      [](const Survey& s, const QString& text) {
                          core::Job job = s.plan().job;
                          job.budget = text.toDouble();
                          return core::setJob(s.plan(), job);
                      },
                  .refuse = [](const QString& text) { return text == "much" ? QString("not so") : QString(); }});
    form.addButton({.name = "never",
                    .text = "never",
                    .enabled = [](const Survey&) { return false; },
                    .write = [](const Survey&) { return core::Edit{}; }});
    form.present(survey);
    typeInto("budget", "much");
    EXPECT_TRUE(edits.empty());
    EXPECT_EQ(find<QLabel>("budgetAnswer")->text(), "not so");
    typeInto("budget", "640");
    EXPECT_EQ(after().job.budget, 640.0);
    EXPECT_FALSE(find<QPushButton>("never")->isVisible());
}

// Closed it is a line; its form is presented only while it is open, so that a frame pays for what is seen.
TEST_F(Asking, AnAskOpensInPlace)
{
    Theme theme(*qApp);
    auto* inner = new AskForm;
    int presented = 0;
    inner->addSentence("said", [&](const Survey&) {
        ++presented;
        return QString("inside");
    });
    Ask ask(
        theme, "askIt", {"kind", "What is it?"}, [](const Survey&) { return QString("an estate"); }, inner, nullptr,
        [](const Survey&) {
            return AnswerSaid{Answer::Given, "seen"};
        });
    ask.show();
    ask.present(survey);
    EXPECT_EQ(presented, 0);
    auto* line = ask.findChild<AnswerLine*>("askIt");
    EXPECT_EQ(line->answer(), "an estate");
    EXPECT_EQ(line->accessibleName(), "What is it?");
    EXPECT_EQ(line->accessibleDescription(), "an estate, seen");
    QSignalSpy asked(&ask, &Ask::openAsked);
    line->click();
    EXPECT_EQ(asked.count(), 1);
    ask.setOpen(true);
    ask.present(survey);
    EXPECT_EQ(presented, 1);
    EXPECT_TRUE(inner->isVisible());
}

TEST_F(Asking, KeysGoOnWhereAnAreaIsBuiltAnew)
{
    QWidget area;
    auto* row = new QVBoxLayout(&area);
    const auto build = [&] {
        const KeepFocus keys(area);
        clearLayout(*row);
        for (const char* name : {"one", "two"}) {
            auto* button = new QPushButton(name, &area);
            button->setObjectName(name);
            row->addWidget(button);
        }
    };
    build();
    area.show();
    area.activateWindow();
    static_cast<void>(QTest::qWaitForWindowActive(&area));
    area.findChild<QPushButton*>("two")->setFocus();
    build();
    ASSERT_NE(QApplication::focusWidget(), nullptr);
    EXPECT_EQ(QApplication::focusWidget()->objectName(), "two");
}

TEST_F(Asking, ALongTitleEndsInAnEllipsisAndKeepsItsName)
{
    ElidedLabel label;
    label.resize(60, 20);
    label.setWhole("A very long name of an invented estate car");
    EXPECT_TRUE(label.text().endsWith(QChar(0x2026)));
    EXPECT_EQ(label.toolTip(), "A very long name of an invented estate car");
    label.resize(600, 20);
    label.show();
    EXPECT_EQ(label.text(), "A very long name of an invented estate car");
}

}  // namespace
}  // namespace app
