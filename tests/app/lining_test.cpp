// Damping planned at a place, in the window: what it weighs, costs and brings, and the card that comes of it.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QLineEdit>
#include <QScrollArea>
#include <QScrollBar>
#include <QTest>
#include <QTextBrowser>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "app/widgets/return_curve.h"
#include "tests/app/window_driver.h"

namespace {

class LiningAsk : public testing::Test {
protected:
    void SetUp() override
    {
        driver.window().resize(1280, 800);
        driver.newJob("estate");
        driver.clickThing("front door");
        driver.click("stagePlanned");
        driver.click("askLining");
    }
    void choose(const char* list, const QString& key)
    {
        auto* box = driver.window().findChild<QComboBox*>(QLatin1String(list));
        const int index = box->findData(key);
        ASSERT_GE(index, 0) << list << " " << key.toStdString();
        box->setCurrentIndex(index);
        emit box->activated(index);
    }
    [[nodiscard]] bool seen(const char* name) const
    {
        auto* widget = driver.window().findChild<QWidget*>(QLatin1String(name));
        return widget && widget->isVisible();
    }
    [[nodiscard]] QString field(const char* name) const
    {
        return driver.window().findChild<QLineEdit*>(QLatin1String(name))->text();
    }
    app::Theme theme{*qApp};
    mutable tests::WindowDriver driver{theme};
};

// 0.8 m2 of a door by its kind, a quarter of it at 3.2 kg/m2: 0.64 kg a side and +1.0 dB (row 49 of the work list).
TEST_F(LiningAsk, APickedSheetCoversAQuarterAndSaysWhatThatBrings)
{
    EXPECT_TRUE(driver.text("skinSaid").contains("0.8 m²")) << driver.text("skinSaid").toStdString();
    EXPECT_FALSE(seen("damperArea") || seen("returnCurve")) << "nothing lies there yet";
    choose("damper", "mat-damp-32");
    EXPECT_TRUE(seen("damperArea") && seen("returnCurve"));
    EXPECT_FALSE(seen("barrierArea"));
    EXPECT_EQ(field("damperArea"), "0.2 m2");
    const QString said = driver.text("liningSaid");
    for (const char* what : {"Both sides: 1.28 kg", "1 sheet", "21", "1.0", "comes first"})
        EXPECT_TRUE(said.contains(QLatin1String(what))) << what << ": " << said.toStdString();
    driver.type("damperArea", "0.4 m2");
    EXPECT_TRUE(driver.text("liningSaid").contains("2.0")) << driver.text("liningSaid").toStdString();
    driver.type("damperLayers", "2");
    EXPECT_TRUE(driver.text("liningSaid").contains("5.12 kg")) << driver.text("liningSaid").toStdString();
    driver.type("damperArea", "0.9");
    EXPECT_TRUE(driver.text("liningSaid").startsWith("More than")) << driver.text("liningSaid").toStdString();
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(field("damperArea"), "0.4 m2");
    driver.click("askCover");
    driver.click("sealed_0");
    driver.click("askLining");
    EXPECT_FALSE(driver.text("liningSaid").contains("comes first")) << driver.text("liningSaid").toStdString();
    choose("damper", "");
    EXPECT_FALSE(seen("damperArea"));
    EXPECT_TRUE(driver.text("liningSaid").isEmpty());
}

// An opened question is in sight from its head on, however far down it stands.
TEST_F(LiningAsk, IsBroughtIntoSight)
{
    auto* page = driver.window().findChild<QScrollArea*>("surveyCard");
    auto* head = driver.window().findChild<QWidget*>("askLining");
    choose("damper", "mat-damp-32");
    driver.click("askLining");
    page->verticalScrollBar()->setValue(0);
    driver.click("askLining");
    const auto top = [&] { return head->mapTo(page->viewport(), QPoint()).y(); };
    EXPECT_TRUE(QTest::qWaitFor([&] { return top() == 0; }, 2000)) << "taller than the page: its head on top";
    driver.click("askCover");
    head = driver.window().findChild<QWidget*>("askCover");
    EXPECT_TRUE(QTest::qWaitFor([&] { return top() >= 0 && top() < page->viewport()->height() / 2; }, 2000)) << top();
}

// A click on the curve takes so much; over all of it, all of it twice.
TEST_F(LiningAsk, TheCurveTakesAClick)
{
    choose("damper", "mat-damp-25");
    auto* curve = driver.window().findChild<app::ReturnCurve*>();
    const auto click = [&](double share) {
        QTest::mouseClick(curve, Qt::LeftButton, {}, QPoint(qRound(curve->xOf(share)), curve->height() / 2));
    };
    click(0.5);
    EXPECT_EQ(field("damperArea"), "0.4 m2");
    EXPECT_EQ(field("damperLayers"), "1");
    click(2.0);
    EXPECT_EQ(field("damperArea"), "0.8 m2");
    EXPECT_EQ(field("damperLayers"), "2");
    EXPECT_TRUE(curve->accessibleDescription().startsWith("25")) << curve->accessibleDescription().toStdString();
}

TEST_F(LiningAsk, StandsOnTheCardWithWhatIsKeptClear)
{
    choose("damper", "mat-damp-32");
    driver.click("keepOut_2");  // drain holes
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const QString card =
        driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText().replace(QChar(0xA0), ' ');
    for (const char* what : {"Lay 0.2 m² of damping mat, 3.2 kg/m² on the bare skin", "Clear of drain holes.",
                             "wash, degrease, let dry", "tap for hollows", "damping mat, 3.2 kg/m²"})
        EXPECT_TRUE(card.contains(QString::fromUtf8(what))) << what << "\n" << card.toStdString();
    EXPECT_FALSE(card.contains("Gasket")) << "no speaker is touched";
}

// What is noted as the factory's or as found is no work, and the question says so.
TEST_F(LiningAsk, SaysWhereItIsPlanned)
{
    EXPECT_FALSE(seen("liningStage"));
    driver.click("stageFactory");
    EXPECT_TRUE(driver.text("liningStage").contains("as planned")) << driver.text("liningStage").toStdString();
    choose("damper", "mat-damp-32");
    EXPECT_EQ(field("damperArea"), "0.2 m2");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    EXPECT_FALSE(driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText().contains("bare skin"));
}

// A spot without metal behind it is not asked about it.
TEST_F(LiningAsk, IsAskedOnlyWhereThereIsSkin)
{
    EXPECT_TRUE(seen("askLining"));
    driver.clickThing("sail");
    EXPECT_FALSE(seen("askLining"));
}

}  // namespace
