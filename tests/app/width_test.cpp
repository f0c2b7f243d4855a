// Nothing is cut off at the side, whatever the window's width and however large the type: what does not fit goes down,
// folds away or stands behind a button. Widths: the three of the window's layout, and what a laptop shows at 200 %.
#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QComboBox>
#include <QLineEdit>
#include <QScrollArea>
#include <QScrollBar>
#include <QTest>
#include <QTextBrowser>
#include <algorithm>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "tests/app/window_driver.h"
#include "words/language.h"

namespace {

struct Size {
    int wide = 0;
    double zoom = 1.0;
    const char* language = "en";  // German words are the longest that are spoken here
};
void PrintTo(const Size& size, std::ostream* out)
{
    *out << size.wide << " px at " << size.zoom << ", " << size.language;
}

class Width : public testing::TestWithParam<Size> {
protected:
    void TearDown() override { theme.setZoom(1.0); }

    bool scrollsSideways()
    {
        const auto areas = driver.window().findChildren<QScrollArea*>();
        const auto texts = driver.window().findChildren<QTextBrowser*>();
        return std::any_of(areas.begin(), areas.end(),
                           [](const QScrollArea* area) {
                               return area->isVisible() && area->widget() &&
                                      area->widget()->width() > area->viewport()->width();
                           }) ||
               std::any_of(texts.begin(), texts.end(),
                           [](const QTextBrowser* text) { return text->horizontalScrollBar()->maximum() > 1; });
    }
    // Everything that can be pressed, typed into or read by scrolling lies within the window from side to side.
    void expectNothingCutOff(const char* where)
    {
        driver.settle();
        QTest::qWait(30);
        // A page whose text has just changed its height is laid out in several turns.
        static_cast<void>(QTest::qWaitFor([this] { return !scrollsSideways(); }, 1'000));
        const int wide = driver.window().width();
        EXPECT_LE(driver.window().minimumSizeHint().width(), wide) << where;
        for (QWidget* widget : driver.window().findChildren<QWidget*>()) {
            const bool used = qobject_cast<QAbstractButton*>(widget) || qobject_cast<QLineEdit*>(widget) ||
                              qobject_cast<QComboBox*>(widget);
            if (!used || !widget->isVisible() || widget->objectName().isEmpty() ||
                widget->objectName().startsWith(QLatin1String("qt_")))
                continue;
            const QPoint left = widget->mapTo(&driver.window(), QPoint(0, 0));
            EXPECT_GE(left.x(), 0) << where << ": " << widget->objectName().toStdString();
            EXPECT_LE(left.x() + widget->width(), wide) << where << ": " << widget->objectName().toStdString();
        }
        for (const QTextBrowser* text : driver.window().findChildren<QTextBrowser*>())
            EXPECT_LE(text->horizontalScrollBar()->maximum(), 1) << where << ": " << text->objectName().toStdString();
        for (const QScrollArea* area : driver.window().findChildren<QScrollArea*>()) {
            if (!area->isVisible() || !area->widget()) continue;
            EXPECT_LE(area->widget()->width(), area->viewport()->width())
                << where << ": " << area->objectName().toStdString() << " holds more than it shows";
        }
    }

    words::Speaker speaker{QString::fromLatin1(GetParam().language)};
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

TEST_P(Width, CutsNothingOff)
{
    theme.setZoom(GetParam().zoom);
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    driver.window().resize(GetParam().wide, 800);
    expectNothingCutOff("Match");
    driver.key(Qt::Key_4, Qt::ControlModifier);
    expectNothingCutOff("Split");
    driver.click("allBands");
    expectNothingCutOff("All bands");
    driver.click("allBands");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    expectNothingCutOff("Job card");
    driver.key(Qt::Key_1, Qt::ControlModifier);
    expectNothingCutOff("Walk-round");
    for (const char* topic : {"topicVehicle", "topicSources", "topicInventory"}) {
        driver.click(topic);
        expectNothingCutOff(topic);
    }
    driver.openCustomer();
    expectNothingCutOff("Customer");
    driver.click("topicSources");
    for (const char* ask : {"askSource", "askOutputs", "askPins", "askFeeds", "askAnother"}) {
        driver.click(ask);
        expectNothingCutOff(ask);
    }
    driver.click("topicInventory");
    driver.click("askContinuity");
    expectNothingCutOff("askContinuity");
}

INSTANTIATE_TEST_SUITE_P(Layouts, Width,
                         testing::Values(Size{640, 1.0}, Size{820, 1.0}, Size{1120, 1.0}, Size{1366, 1.0},
                                         Size{1280, 2.0}, Size{640, 1.0, "de"}, Size{1280, 1.0, "de"},
                                         Size{1366, 1.5, "de"}, Size{1280, 2.0, "de"}));

}  // namespace
