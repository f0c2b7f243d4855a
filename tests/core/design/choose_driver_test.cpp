#include "core/design/choose_driver.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "tests/core/demo_plan.h"

namespace core {
namespace {

class Ranking : public testing::Test {
protected:
    const Shop shop = shippedShop();
    const Plan plan = tests::demoPlan();
    const std::vector<Candidate> ranked = rankDrivers(plan, shop.practice, shop.shelf, tests::kLeftSpeaker);
};

std::ptrdiff_t count(const Candidate& candidate, Severity severity)
{
    return std::count_if(candidate.findings.begin(), candidate.findings.end(),
                         [&](const Finding& finding) { return finding.severity == severity; });
}

TEST_F(Ranking, TriesEveryDriverOfTheShelf)
{
    EXPECT_EQ(ranked.size(), shop.shelf.drivers.size());
    for (const Candidate& candidate : ranked) EXPECT_GT(candidate.least_ohm, 0.0) << candidate.part.name;
}

TEST_F(Ranking, FewerStopsThenFewerCaresThenMoreLevel)
{
    for (size_t i = 0; i + 1 < ranked.size(); ++i) {
        const Candidate& better = ranked[i];
        const Candidate& worse = ranked[i + 1];
        const auto stops = std::pair{count(better, Severity::Stop), count(worse, Severity::Stop)};
        const auto cares = std::pair{count(better, Severity::Care), count(worse, Severity::Care)};
        ASSERT_LE(stops.first, stops.second);
        if (stops.first != stops.second) continue;
        ASSERT_LE(cares.first, cares.second);
        if (cares.first != cares.second) continue;
        EXPECT_GE(better.levelChange_db, worse.levelChange_db);
    }
}

TEST_F(Ranking, SaysWhatThePlanWouldSayWithIt)
{
    for (const Candidate& candidate : ranked) {
        const Plan tried = tests::withDriver(plan, candidate.part);
        const Evaluation evaluation = tests::evaluated(tried);
        const StageResult& goal = *evaluation.stages.at(tried.job.goal);
        EXPECT_EQ(candidate.least_ohm, goal.circuits.front().least_ohm) << candidate.part.name;
        EXPECT_EQ(candidate.corner_hz, findRunOfDevice(goal, tests::kLeftSpeaker)->idealCorner_hz);
    }
}

TEST_F(Ranking, MarksTheOneThatIsPlanned)
{
    EXPECT_TRUE(
        std::none_of(ranked.begin(), ranked.end(), [](const Candidate& candidate) { return candidate.fitted; }));
    const Plan planned = tests::withShelfDriver(plan, "wb-juniper-4");
    for (const Candidate& candidate : rankDrivers(planned, shop.practice, shop.shelf, tests::kLeftSpeaker))
        EXPECT_EQ(candidate.fitted, candidate.part.shelfKey == "wb-juniper-4");
}

TEST_F(Ranking, AnEmptyShelfHasNoAnswer)
{
    const SolverRequest request{SolverRequest::Kind::ChooseDriver, tests::kLeftSpeaker, {}};
    EXPECT_FALSE(answer(request, plan, shop.practice, Shelf{}));
    EXPECT_TRUE(rankDrivers(plan, shop.practice, Shelf{}, tests::kLeftSpeaker).empty());
}

TEST_F(Ranking, AnUnwiredPlaceStillRanks)
{
    Plan loose = plan;
    for (const int wire : {16, 17, 18, 19}) loose.wires[{loose.job.goal, {wire}}] = std::nullopt;
    EXPECT_EQ(rankDrivers(loose, shop.practice, shop.shelf, tests::kLeftSpeaker).size(), shop.shelf.drivers.size());
}

}  // namespace
}  // namespace core
