// What the window asks of a station, asked of each of them without a window.
#include <gtest/gtest.h>

#include <QApplication>
#include <QProgressBar>
#include <QPushButton>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <QThread>
#include <memory>
#include <set>

#include "app/session/plan_session.h"
#include "app/session/widening.h"
#include "app/session/workbench.h"
#include "app/stations/stations.h"
#include "app/theme/theme.h"
#include "app/widgets/waiting_line.h"
#include "core/io/shop.h"
#include "core/shipped/shipped.h"

namespace app {
namespace {

class Stations : public testing::Test {
protected:
    void SetUp() override
    {
        session.widening().setRest(3'600'000);
        ASSERT_TRUE(session.openText(std::string(core::shippedDemoText()), "demo"));
        for (const Stop& stop : path)
            if (stop.station) stations.emplace_back(stop.station);
    }
    [[nodiscard]] core::ListenerId listener() const { return session.snapshot().plan.listeners.begin()->first; }
    bool settled()
    {
        return QTest::qWaitFor([&] { return !session.bench().isAsked("ranking"); }, 20'000);
    }

    QTemporaryDir folder{};
    Theme theme{*qApp};
    PlanSession session{core::shippedShop(), folder.path()};
    std::vector<Stop> path = makeStations(theme, session.bench());
    std::vector<std::unique_ptr<Station>> stations{};
};

TEST_F(Stations, HaveNamesDigitsAndLettersOfTheirOwn)
{
    std::set<QString> names, titles;
    std::set<int> digits;
    for (const auto& station : stations) {
        const Station::Sign& sign = station->sign();
        EXPECT_TRUE(names.insert(sign.name).second) << sign.name.toStdString();
        EXPECT_TRUE(titles.insert(sign.title).second) << sign.title.toStdString();
        EXPECT_TRUE(digits.insert(sign.digit).second && sign.digit >= 1 && sign.digit <= 9) << sign.digit;
        EXPECT_EQ(station->shortcut(), QKeySequence(QStringLiteral("Ctrl+%1").arg(sign.digit)));
        EXPECT_EQ(QString(sign.menuText).remove('&'), sign.title);
        EXPECT_FALSE(sign.keys.isEmpty());
    }
    for (const Stop& stop : path) EXPECT_NE(stop.station == nullptr, stop.notYet.isEmpty());
    // The path in its order: Walk-round first, the job card before the proof.
    EXPECT_EQ(path.size(), 10U);
    EXPECT_EQ(path.front().station->sign().name, "Walk");
}

TEST_F(Stations, EachShowsAPlanByItself)
{
    for (const auto& station : stations) {
        station->resize(900, 600);
        station->show();
        const QImage before = station->grab().toImage();
        EXPECT_FALSE(station->owed(session.snapshot()).isEmpty()) << station->sign().name.toStdString();
        station->present(session.shared(), listener());
        ASSERT_TRUE(settled());
        EXPECT_NE(station->grab().toImage(), before) << station->sign().name.toStdString();
        station->startAfresh();
        station->present(session.shared(), listener());
        station->hide();
    }
}

// A snapshot that is shown outlives the session's next one: nothing points into what has gone.
TEST_F(Stations, WhatIsShownIsKeptWhole)
{
    for (const auto& station : stations) {
        station->present(session.shared(), listener());
        ASSERT_TRUE(settled());
    }
    const std::weak_ptr<const Snapshot> shown = session.shared();
    session.startNew(core::Plan(session.snapshot().plan));
    EXPECT_FALSE(shown.expired());
    for (const auto& station : stations) station->grab();
    for (const auto& station : stations) {
        station->startAfresh();
        station->present(session.shared(), listener());
    }
    ASSERT_TRUE(settled());
    EXPECT_TRUE(shown.expired()) << "nobody keeps the old one";
}

TEST(WaitingLine, ShowsItselfOnlyForWhatTakesLongAndCanGiveItUp)
{
    Workbench bench;
    QObject asker;
    WaitingLine line(bench, &asker, QStringLiteral("sum"));
    QSignalSpy again(&line, &WaitingLine::askedAgain);
    EXPECT_TRUE(line.isHidden());
    bench.ask(&asker, QStringLiteral("other"), 0, [](const std::stop_token& stop) -> Workbench::Take {
        while (!stop.stop_requested()) QThread::msleep(1);
        return {};
    });
    bench.ask(&asker, QStringLiteral("sum"), 0, [](const std::stop_token& stop) -> Workbench::Take {
        while (!stop.stop_requested()) QThread::msleep(1);
        return {};
    });
    ASSERT_TRUE(QTest::qWaitFor([&] { return !line.isHidden(); }, 5'000));
    EXPECT_FALSE(line.findChild<QProgressBar*>()->isHidden());
    line.findChild<QPushButton*>(QStringLiteral("sumCancel"))->click();
    EXPECT_FALSE(bench.isAsked(QStringLiteral("sum")));
    EXPECT_TRUE(bench.isAsked(QStringLiteral("other")));
    EXPECT_FALSE(line.isHidden()) << "it says that what stands there is older";
    line.findChild<QPushButton*>(QStringLiteral("sumAgain"))->click();
    EXPECT_EQ(again.count(), 1);
    bench.ask(&asker, QStringLiteral("sum"), 0, [](const std::stop_token&) -> Workbench::Take { return [] {}; });
    EXPECT_TRUE(QTest::qWaitFor([&] { return line.isHidden(); }, 5'000));
}

}  // namespace
}  // namespace app
