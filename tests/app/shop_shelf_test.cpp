// The shop's own shelf in the real window: taken in, searched, kept, and mended by its owner.
#include <gtest/gtest.h>

#include <QFile>
#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QTableView>
#include <QTest>

#include "app/shell/main_window.h"
#include "app/stations/match/match_view.h"
#include "app/stations/match/shelf_dialog.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_model.h"
#include "core/io/atomic_file.h"
#include "core/shipped/shipped.h"
#include "tests/app/window_driver.h"

namespace {

class ShopShelf : public testing::Test {
protected:
    template <class Widget>
    Widget* find(const char* name)
    {
        return driver.window().findChild<Widget*>(QLatin1String(name));
    }
    app::CandidateModel& model()
    {
        return *qobject_cast<app::CandidateModel*>(find<QListView>("candidateList")->model());
    }
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

TEST_F(ShopShelf, ABrokenShelfKeepsItsGoodLines)
{
    driver.openDemo();
    driver.click("openShelf");
    auto* dialog = find<app::ShelfDialog>("shelfDialog");
    ASSERT_NE(dialog, nullptr);
    const size_t before = dialog->shelf().parts.size();
    const QString path = driver.folder() + "/mine.csv";
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write(
        "key,name,kind,class,re_ohm,depth_m\n"
        "mine-1,Mine good,driver,wideBand100,3.3,0.04\n"
        "mine-2,Mine torn,driver,wideBand100,three,0.04\n"
        "mine-3,Mine far,driver,wideBand100,3.3,46\n"
        "mine-4,Mine strange,teapot,,,\n"
        "mine-5,Mine short\n");
    file.close();
    ASSERT_TRUE(dialog->importFile(path));
    EXPECT_EQ(dialog->shelf().parts.size(), before + 1);
    const QString said = dialog->findChild<QLabel*>("shelfSaid")->text();
    for (const char* line : {"1 part taken in, 1 of them new", "4 lines left out",
                             "line 3, column 5 (re_ohm): found 'three', expected a number such as 3.3",
                             "line 4, column 6 (depth_m): found 46, allowed 0 to 1 m", "line 5, column 3 (kind)",
                             "line 6: found 2 cells, expected 6"})
        EXPECT_TRUE(said.contains(QString::fromLatin1(line))) << line << "\n" << said.toStdString();
    driver.settle();
    EXPECT_GE(model().rowOfKey("mine-1"), 0) << "it can be chosen at once";
    EXPECT_FALSE(dialog->importFile(driver.folder() + "/none.csv"));
    EXPECT_TRUE(dialog->exportFile(driver.folder() + "/out.csv"));
    EXPECT_TRUE(dialog->importFile(driver.folder() + "/out.csv"));
    EXPECT_EQ(dialog->shelf().parts.size(), before + 1) << "the same keys take their own places";
    driver.click("shelfClose");
}

TEST_F(ShopShelf, TheShelfIsSearchedAndSorted)
{
    driver.openDemo();
    driver.click("openShelf");
    auto* dialog = find<app::ShelfDialog>("shelfDialog");
    auto* table = dialog->findChild<QTableView*>("shelfTable");
    const int all = table->model()->rowCount();
    QTest::keyClicks(dialog->findChild<QLineEdit*>("shelfSearch"), "spacer 165");
    EXPECT_EQ(table->model()->rowCount(), 7);
    dialog->findChild<QLineEdit*>("shelfSearch")->clear();
    EXPECT_EQ(table->model()->rowCount(), all);
    table->sortByColumn(table->model()->columnCount() - 1, Qt::DescendingOrder);  // price; unknown ones are none here
    EXPECT_TRUE(dialog->findChild<QLabel*>("shelfFact")->text().contains("weight"));
}

// What was taken in is there again the next time, as a file that any table program opens.
TEST_F(ShopShelf, TheShopsShelfIsKept)
{
    driver.openDemo();
    driver.click("openShelf");
    QFile file(driver.folder() + "/mine.csv");
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("key,name,class,re_ohm\nmine-9,Mine kept,wideBand100,3.4\n");
    file.close();
    ASSERT_TRUE(find<app::ShelfDialog>("shelfDialog")->importFile(file.fileName()));
    driver.click("shelfClose");
    app::PlanSession session(core::shippedShop(), driver.folder() + "/other");
    app::MainWindow again(session, theme, driver.settings());
    ASSERT_NE(session.shop().shelf.find("mine-9"), nullptr);
    EXPECT_EQ(session.shop().shelf.find("mine-9")->name, "Mine kept");
    // A shelf that somebody broke is said, and the one that ships is used.
    QFile broken(driver.folder() + "/shelf.csv");
    ASSERT_TRUE(broken.open(QIODevice::WriteOnly));
    broken.write("\"never closed");
    broken.close();
    app::PlanSession third(core::shippedShop(), driver.folder() + "/third");
    app::MainWindow window(third, theme, driver.settings());
    EXPECT_EQ(third.shop().shelf, core::shippedShop().shelf);
    EXPECT_TRUE(window.findChild<QLabel*>("noticeText")->text().contains("shelf"));
}

// Lines that could not be read are told, and are still in the file after the next save; a file that could not be read
// at all is not written over.
TEST_F(ShopShelf, BadLinesOfTheShopsShelfAreToldAndKept)
{
    const std::string path = (driver.folder() + "/shelf.csv").toStdString();
    ASSERT_TRUE(core::writeAtomically(path, "key,name,re_ohm,rack\na,A,3.3,R2\nb,B,three,R3\n", 0));
    QFile more(driver.folder() + "/more.csv");
    ASSERT_TRUE(more.open(QIODevice::WriteOnly));
    more.write("key,name\nc,C\n");
    more.close();
    const auto takeMoreIn = [&](app::MainWindow& window) {
        emit window.findChild<app::MatchView*>()->shelfAsked();  // as its button does
        auto* dialog = window.findChild<app::ShelfDialog*>();
        EXPECT_TRUE(dialog->importFile(more.fileName()));
        dialog->close();
    };
    app::PlanSession session(core::shippedShop(), driver.folder() + "/other");
    app::MainWindow window(session, theme, driver.settings());
    EXPECT_EQ(session.shop().shelf.parts.size(), 1U);
    EXPECT_TRUE(window.findChild<QLabel*>("noticeText")->text().contains("line 3, column 3 (re_ohm): found 'three'"));
    // Whoever starts with a plan is told too, and once.
    const auto openDemo = [&] { EXPECT_TRUE(session.openText(std::string(core::shippedDemoText()), "demo")); };
    openDemo();
    EXPECT_TRUE(window.findChild<QLabel*>("noticeText")->text().contains("found 'three'"));
    openDemo();
    EXPECT_TRUE(window.findChild<QFrame*>("noticeBar")->isHidden());
    takeMoreIn(window);
    const std::string kept = *core::readWholeFile(path);
    EXPECT_NE(kept.find("\nb,B,three,R3"), std::string::npos) << kept;
    EXPECT_NE(kept.find("\na,A,3.3,R2"), std::string::npos) << kept;
    EXPECT_NE(kept.find("\nc,C,"), std::string::npos) << kept;

    ASSERT_TRUE(core::writeAtomically(path, "\"never closed", 0));
    app::PlanSession third(core::shippedShop(), driver.folder() + "/third");
    app::MainWindow unread(third, theme, driver.settings());
    takeMoreIn(unread);
    EXPECT_NE(third.shop().shelf.find("c"), nullptr) << "used as long as the window is open";
    EXPECT_EQ(*core::readWholeFile(path), "\"never closed");
    EXPECT_TRUE(unread.findChild<QLabel*>("noticeText")->text().startsWith("Not saved"));
}

}  // namespace
