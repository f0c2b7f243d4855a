// A component set in the real window.
#include <gtest/gtest.h>

#include <QApplication>
#include <QListView>
#include <QPushButton>
#include <QTest>
#include <QTextBrowser>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_model.h"
#include "tests/app/window_driver.h"

namespace {

// The demo that ships: a woofer that comes in a set is planned with its tweeter and its network, one step to undo.
TEST(Sets, AWholeSetIsPlannedAsOne)
{
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
    driver.openShipped(false);
    driver.key(Qt::Key_3, Qt::ControlModifier);
    const int steps = driver.session().undoStack().count();
    for (const auto& [id, place] : driver.session().snapshot().plan.places)
        if (place.name == "left front door") driver.click(("place_p" + std::to_string(id.number)).c_str());
    auto* list = driver.window().findChild<QListView*>("candidateList");
    const auto& model = *qobject_cast<app::CandidateModel*>(list->model());
    const auto partAt = [&](const std::string& place) {
        const core::Fitout& used = driver.session().snapshot().after().used;
        for (const auto& [id, device] : used.devices) {
            const auto at = used.places.find(device.at);
            const core::Part& part = used.parts.at(device.part);
            if (at != used.places.end() && at->second.name == place && part.kind == core::PartKind::Driver)
                return part.shelfKey;
        }
        return std::string();
    };
    const int row = model.rowOfKey("wf165-verbena-4");
    ASSERT_GE(row, 0);
    list->setCurrentIndex(list->model()->index(row, 0));
    auto* whole = driver.window().findChild<QPushButton*>("fitSet");
    ASSERT_TRUE(QTest::qWaitFor([&] { return whole->isVisible(); }, 500));
    driver.click("fitSet");
    EXPECT_EQ(partAt("left front door"), "wf165-verbena-4");
    EXPECT_EQ(partAt("left sail"), "tw-foxglove-4");
    EXPECT_EQ(partAt("right sail"), "tw-foxglove-4") << "both sides";
    int networks = 0;
    for (const auto& [id, device] : driver.session().snapshot().after().used.devices)
        networks += driver.session().snapshot().after().used.parts.at(device.part).shelfKey == "net-orchid" ? 1 : 0;
    EXPECT_EQ(networks, 2);
    EXPECT_EQ(driver.finding("SPLIT1"), "");
    EXPECT_EQ(driver.session().undoStack().count(), steps + 1);
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const QString card = driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText();
    EXPECT_TRUE(card.contains("Orchid two-way network")) << card.toStdString();
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_NE(partAt("left sail"), "tw-foxglove-4");
    // One that comes alone has no such button.
    list->setCurrentIndex(list->model()->index(model.rowOfKey("wf165-avocet-4"), 0));
    EXPECT_FALSE(whole->isVisible());
}

}  // namespace
