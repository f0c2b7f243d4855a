// Where a crossover board sits: what is wet, hot, kicked or hard to reach is common practice, no source.
#include "core/advice/network_site.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/edits/network_edits.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;
using tests::goalOf;

class Sites : public testing::Test {
protected:
    static std::vector<NetworkSite> sitesOf(const Plan& plan, DeviceId speaker)
    {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& stage = goalOf(evaluation, plan);
        return networkSites(stage, networkOf(stage.used, speaker), tests::shop().vehicles, evaluation.practice);
    }
    static const NetworkSite* siteOf(const std::vector<NetworkSite>& sites, PlaceKind kind)
    {
        const auto found = std::find_if(sites.begin(), sites.end(), [&](const auto& one) { return one.kind == kind; });
        return found == sites.end() ? nullptr : &*found;
    }
    const tests::SetInDoors m_job = tests::setInDoors();
};

// Worked by hand with the saloon's usual spots (data/vehicles.json): radio at (-0.69, 0, 0.89), board beside the door's
// speaker at (-1.00, 0.71, 0.57), sail at (-0.75, 0.68, 1.09), seat at (-1.18, 0.37, 0.43), along the three axes.
TEST_F(Sites, LeadsAreLaidAlongTheBody)
{
    const std::vector<NetworkSite> sites = sitesOf(m_job.plan, m_job.door);
    const double door_m = (0.31 + 0.71 + 0.32) + 0.0 + (0.25 + 0.03 + 0.52);
    EXPECT_NEAR(siteOf(sites, PlaceKind::Door)->leads_m, door_m, 1e-9);
    const double seat_m = (0.49 + 0.37 + 0.46) + (0.18 + 0.34 + 0.14) + (0.43 + 0.31 + 0.66);
    EXPECT_NEAR(siteOf(sites, PlaceKind::UnderSeat)->leads_m, seat_m, 1e-9);
    // The shortest way is by the dash, at (-0.60, 0.53, 0.99). The door is wet at times and behind its trim; under the
    // seat it is further and nothing else.
    const double dash_m = (0.09 + 0.53 + 0.10) + (0.40 + 0.18 + 0.42) + (0.15 + 0.15 + 0.10);
    EXPECT_NEAR(siteOf(sites, PlaceKind::DashTop)->leads_m, dash_m, 1e-9);
    EXPECT_NEAR(siteOf(sites, PlaceKind::Door)->points, 100.0 - 40.0 - 10.0 - 8.0 * (door_m - dash_m), 1e-9);
    EXPECT_NEAR(siteOf(sites, PlaceKind::UnderSeat)->points, 100.0 - 8.0 * (seat_m - dash_m), 1e-9);
    EXPECT_EQ(sites.front().kind, PlaceKind::UnderSeat);
}

// Each fault takes what it takes, and no place has one that it should not have.
TEST_F(Sites, WhatSpeaksAgainstThem)
{
    const std::vector<NetworkSite> sites = sitesOf(m_job.plan, m_job.door);
    using enum SiteFault;
    const double least_m = siteOf(sites, PlaceKind::DashTop)->leads_m;
    const auto expect = [&](PlaceKind kind, std::set<SiteFault> faults, double taken) {
        const NetworkSite* site = siteOf(sites, kind);
        ASSERT_NE(site, nullptr);
        EXPECT_EQ(site->faults, faults);
        EXPECT_NEAR(site->points, 100.0 - taken - 8.0 * (site->leads_m - least_m), 1e-9);
    };
    expect(PlaceKind::Door, {Wet, BehindTrim}, 50.0);
    expect(PlaceKind::DashTop, {Hot, BehindTrim}, 35.0);
    expect(PlaceKind::KickPanel, {Feet, BehindTrim}, 30.0);
    expect(PlaceKind::RearDeck, {Hot, BehindTrim}, 35.0);
    expect(PlaceKind::UnderSeat, {}, 0.0);
    for (const PlaceKind kind : {PlaceKind::Pillar, PlaceKind::Sail, PlaceKind::OwnBox})
        EXPECT_EQ(siteOf(sites, kind), nullptr) << "no room, or a restraint's path";
}

// Boards of both sides sit alike, so the driver's feet close the kick panel; where nobody drives on one of these sides
// it is open.
TEST_F(Sites, ThePedalsAreClosed)
{
    std::vector<NetworkSite> sites = sitesOf(m_job.plan, m_job.door);
    EXPECT_TRUE(siteOf(sites, PlaceKind::KickPanel)->closed);
    EXPECT_EQ(sites.back().kind, PlaceKind::KickPanel);
    EXPECT_TRUE(std::none_of(sites.begin(), sites.end() - 1, [](const NetworkSite& one) { return one.closed; }));
    Plan apart = m_job.plan;
    for (auto& [id, place] : apart.places) place.followsPair = false;
    const DeviceId right = tests::driverAt(apart, "right front door");
    EXPECT_TRUE(siteOf(sitesOf(apart, m_job.door), PlaceKind::KickPanel)->closed) << "the driver sits on the left";
    EXPECT_FALSE(siteOf(sitesOf(apart, right), PlaceKind::KickPanel)->closed);
}

// Who sits in the middle has his feet on both sides.
TEST_F(Sites, AStraddledSeatClosesBoth)
{
    Plan plan = m_job.plan;
    for (auto& [id, place] : plan.places) place.followsPair = false;
    for (auto& [id, listener] : plan.listeners)
        if (listener.seat == Seat::Driver) listener.head_m.y = 0.0;
    for (const DeviceId door : {m_job.door, tests::driverAt(plan, "right front door")})
        EXPECT_TRUE(siteOf(sitesOf(plan, door), PlaceKind::KickPanel)->closed);
}

// SPLIT14, what a file or another seat can bring about: said of the driver's side, until the board sits elsewhere. The
// other side is open ground where each side is kept by itself. Common practice, no source.
TEST_F(Sites, ABoardAtThePedalsIsSaid)
{
    const auto says = [](const Plan& plan) {
        std::vector<Finding> said;
        for (const Finding& one : judge(plan, tests::evaluated(plan)))
            if (one.rule == RuleId::NetworkAtPedals) said.push_back(one);
        return said;
    };
    Plan plan = m_job.plan;
    for (auto& [id, place] : plan.places) place.followsPair = false;
    const Fitout used = resolve(plan, plan.job.goal);
    const DeviceId left = networkOf(used, m_job.door), right = networkOf(used, tests::driverAt(plan, "right front door"));
    const Plan onRight = after(plan, siteNetwork(plan, right, PlaceKind::KickPanel));
    EXPECT_TRUE(says(onRight).empty()) << "the driver sits on the left";
    const Plan onLeft = after(plan, siteNetwork(plan, left, PlaceKind::KickPanel));
    EXPECT_TRUE(says(after(plan, siteNetwork(plan, left, PlaceKind::Door))).empty());
    const std::vector<Finding> said = says(onLeft);
    ASSERT_EQ(said.size(), 1U);
    EXPECT_EQ(said.front().severity, Severity::Stop);
    EXPECT_EQ(said.front().where, std::vector<Subject>{left});
    ASSERT_EQ(said.front().mends.size(), 1U);
    EXPECT_TRUE(says(after(onLeft, std::get<Edit>(said.front().mends.front().act))).empty());
    Plan anyone = onRight;  // nobody says who drives: it may be this side
    anyone.listeners.clear();
    EXPECT_EQ(says(anyone).size(), 1U);
}

// One edit, both sides, kept when the board is exchanged for another.
TEST_F(Sites, IsSaidOfBothSidesAndKept)
{
    const Plan& plan = m_job.plan;
    const Fitout before = resolve(plan, plan.job.goal);
    const DeviceId board = networkOf(before, m_job.door);
    const Plan said = after(plan, siteNetwork(plan, board, PlaceKind::UnderSeat));
    const auto siteAt = [](const Plan& one, DeviceId speaker) {
        const Fitout fitout = resolve(one, one.job.goal);
        return fitout.devices.at(networkOf(fitout, speaker)).site;
    };
    const DeviceId right = tests::driverAt(plan, "right front door");
    EXPECT_EQ(siteAt(said, m_job.door), PlaceKind::UnderSeat);
    EXPECT_EQ(siteAt(said, right), PlaceKind::UnderSeat);
    EXPECT_EQ(siteAt(plan, m_job.door), PlaceKind::Hidden);
    const Plan other = after(said, fitMadeNetwork(said, tests::onBoard(m_job.door, m_job.sail),
                                                  tests::partsOf({.wooferCoil_h = 0.5e-3, .tweeterSeries_f = 6.8e-6})));
    EXPECT_EQ(siteAt(other, m_job.door), PlaceKind::UnderSeat);
}

}  // namespace
}  // namespace core
