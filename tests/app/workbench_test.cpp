// Where solvers are asked: what is answered, in which order, and what is given up.
#include "app/session/workbench.h"

#include <gtest/gtest.h>

#include <QSignalSpy>
#include <QTest>
#include <QThread>
#include <atomic>
#include <functional>
#include <memory>
#include <vector>

namespace app {
namespace {

constexpr int kLong_ms = 20'000;

// Answers with a number, in the order in which the answers come.
class Bench : public testing::Test {
protected:
    void ask(QObject& asker, const char* subject, int number, std::uint64_t revision = 0)
    {
        bench.ask(&asker, subject, revision, [this, number](const std::stop_token&) -> Workbench::Take {
            return [this, number] { answers << number; };
        });
    }
    // Keeps one worker busy until it is released or stopped; true in `stopped` where it was stopped.
    struct Gate {
        std::atomic<bool> open = false, stopped = false, entered = false;
    };
    void block(QObject& asker, const char* subject, std::shared_ptr<Gate> gate, int number, std::uint64_t revision = 0)
    {
        bench.ask(&asker, subject, revision, [this, gate, number](const std::stop_token& stop) -> Workbench::Take {
            gate->entered = true;
            while (!gate->open && !stop.stop_requested()) QThread::msleep(1);
            gate->stopped = stop.stop_requested();
            return [this, number] { answers << number; };
        });
    }
    bool wait(const std::function<bool()>& holds) { return QTest::qWaitFor(holds, kLong_ms); }

    QObject one{}, other{};
    QList<int> answers{};
    Workbench bench{};
};

TEST_F(Bench, AnswersInTheWindowsThread)
{
    QThread* there = nullptr;
    QThread* here = nullptr;
    bench.ask(&one, "a", 0, [&](const std::stop_token&) -> Workbench::Take {
        there = QThread::currentThread();
        return [&] { here = QThread::currentThread(); };
    });
    EXPECT_TRUE(bench.isAsked("a"));
    EXPECT_FALSE(bench.isAsked("b"));
    ASSERT_TRUE(wait([&] { return here != nullptr; }));
    EXPECT_EQ(here, QThread::currentThread());
    EXPECT_NE(there, here);
    EXPECT_FALSE(bench.isAsked("a"));
}

TEST_F(Bench, ANewerQuestionOfTheSameAskerAndSubjectTakesTheOldersPlace)
{
    const auto gate = std::make_shared<Gate>();
    block(one, "a", gate, 1);
    ASSERT_TRUE(wait([&] { return gate->entered.load(); }));
    ask(one, "a", 2);
    ask(other, "a", 3);
    ASSERT_TRUE(wait([&] { return answers.size() == 2 && gate->stopped; }));
    QTest::qWait(20);
    EXPECT_FALSE(answers.contains(1));
    EXPECT_TRUE(answers.contains(2) && answers.contains(3));
}

TEST_F(Bench, ThePlanMovesOnAndOlderQuestionsAreGivenUp)
{
    const auto gate = std::make_shared<Gate>();
    block(one, "a", gate, 1, 4);
    ASSERT_TRUE(wait([&] { return gate->entered.load(); }));
    bench.moveOn(5);
    EXPECT_FALSE(bench.isAsked("a"));
    ask(one, "b", 2, 4);
    EXPECT_FALSE(bench.isAsked("b")) << "of a plan that is no more";
    ask(one, "b", 3, 5);
    ASSERT_TRUE(wait([&] { return answers.size() == 1; }));
    EXPECT_EQ(answers, QList<int>{3});
    EXPECT_TRUE(wait([&] { return gate->stopped.load(); }));
}

TEST_F(Bench, TheNewestQuestionComesFirst)
{
    // All workers are busy; what waits for them is then taken from the last.
    const int workers = std::max(2, QThread::idealThreadCount());
    std::vector<std::shared_ptr<Gate>> gates;
    std::vector<std::unique_ptr<QObject>> askers;
    for (int i = 0; i < workers; ++i) {
        gates.push_back(std::make_shared<Gate>());
        askers.push_back(std::make_unique<QObject>());
        block(*askers.back(), "gate", gates.back(), -1);
    }
    for (const auto& gate : gates) ASSERT_TRUE(wait([&] { return gate->entered.load(); }));
    ask(one, "first", 1);
    ask(one, "second", 2);
    ask(one, "third", 3);
    gates.front()->open = true;  // one worker alone: its order is the order of the answers
    ASSERT_TRUE(wait([&] { return answers.size() == 4; }));
    EXPECT_EQ(answers, (QList<int>{-1, 3, 2, 1}));
    for (const auto& gate : gates) gate->open = true;
    ASSERT_TRUE(wait([&] { return answers.size() == workers + 3; }));
}

TEST_F(Bench, SaysWhatTakesLongAndThatItIsDone)
{
    QSignalSpy busy(&bench, &Workbench::busy), done(&bench, &Workbench::done);
    ask(one, "quick", 1);
    ASSERT_TRUE(wait([&] { return done.count() == 1; }));
    const auto gate = std::make_shared<Gate>();
    block(one, "slow", gate, 2);
    ASSERT_TRUE(wait([&] { return busy.count() == 1; }));
    EXPECT_EQ(busy[0][1].toString(), "slow");
    gate->open = true;
    ASSERT_TRUE(wait([&] { return done.count() == 2; }));
    EXPECT_EQ(done[1][1].toString(), "slow");
    QTest::qWait(320);
    EXPECT_EQ(busy.count(), 1) << "what was quick was never busy";
}

TEST_F(Bench, AnAskerThatIsGoneHearsNothing)
{
    const auto gate = std::make_shared<Gate>();
    auto gone = std::make_unique<QObject>();
    block(*gone, "a", gate, 1);
    ASSERT_TRUE(wait([&] { return gate->entered.load(); }));
    gone.reset();
    gate->open = true;
    ASSERT_TRUE(wait([&] { return !bench.isAsked("a"); }));
    EXPECT_TRUE(answers.isEmpty());
}

TEST_F(Bench, EndsWithItsWorkersStopped)
{
    const auto gate = std::make_shared<Gate>();
    {
        Workbench short_lived;
        short_lived.ask(&one, "a", 0, [gate](const std::stop_token& stop) -> Workbench::Take {
            gate->entered = true;
            while (!stop.stop_requested()) QThread::msleep(1);
            gate->stopped = true;
            return {};
        });
        ASSERT_TRUE(wait([&] { return gate->entered.load(); }));
    }
    EXPECT_TRUE(gate->stopped);
}

}  // namespace
}  // namespace app
