// What the mends of a fit offer and when, and that whatever is measured and decided stays whole.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/edits/fit_edits.h"
#include "core/fit/screw_choice.h"
#include "core/model/validate.h"
#include "tests/core/judgement/fitting.h"

namespace core {
namespace {

using namespace tests;

TEST(FitMends, CuttingIsOfferedLastAndOnlyWhereItIsEnough)
{
    const auto offered = [](double depth_m) {
        Fitting fitting;
        withHolder(depth_m, false)(fitting);
        const Plan plan = planOf(fitting);
        for (const Finding& finding : judge(plan, tests::evaluated(plan)))
            if (finding.rule == RuleId::DepthAndSpacer && !finding.mends.empty())
                return finding.mends.back().name == MendName::CutObstruction;
        return false;
    };
    EXPECT_TRUE(offered(0.043));
    EXPECT_FALSE(offered(0.042)) << "a cut for good that does not bring it clear";
}
// Rivets drilled off stand up 3 mm: a bare flange sits on them, a spacer is relieved.
TEST(FitStack, StumpsLiftABareFlange)
{
    Fitting fitting;
    room({{Quantity::Depth_m, 0.060}, {Quantity::FrontClearance_m, 0.020}, {Quantity::Stump_m, 0.003}})(fitting);
    const auto fitOfIt = [&] {
        const Plan plan = planOf(fitting);
        return *tests::evaluated(plan).stages.at(plan.job.goal)->fits.at(tests::kLeftSpeaker);
    };
    const DriverFit bare = fitOfIt();
    EXPECT_NEAR(bare.depthMargin_m->value, 0.060 - (0.050 - 0.003), 1e-12);
    EXPECT_NEAR(bare.frontMargin_m->value, 0.020 - 0.010 - 0.003, 1e-12);
    fitting.spacer = {.kind = PartKind::Spacer, .name = "spacer", .shelfKey = "made"};
    fitting.spacer.figures[Quantity::Thickness_m] = Known{0.006};
    EXPECT_NEAR(fitOfIt().depthMargin_m->value, 0.060 - (0.050 - 0.006), 1e-12);
}
TEST(FitMends, ShorterScrewsAreTheLongestThatStillClear)
{
    const Shop shop = shippedShop();
    Fitting fitting;
    withScrewRoom(0.0109)(fitting);
    const Plan plan = planOf(fitting);
    const Evaluation evaluation = tests::evaluated(plan);
    const DriverFit& fit = *evaluation.stages.at(plan.job.goal)->fits.at(tests::kLeftSpeaker);
    EXPECT_NEAR(screwGrip_m(plan.places.at(kLeft), fit), 0.005, 1e-12);
    EXPECT_EQ(neededScrew_m(shop.practice, plan.places.at(kLeft), fit), 0.0095);
    // 4 + 1 through, 4 to bite, 10.9 - 5 free: 9 to 10.9 mm, sold as 9.5.
    EXPECT_EQ(shorterScrew_m(shop.practice, plan.places.at(kLeft), fitting.mount, fit), 0.0095);
}

// Whatever is measured and decided: findings have finite numbers, and every mend leaves a valid plan and can be undone.
RC_GTEST_PROP(FitRulesProperty, EveryMendLeavesAValidPlan, ())
{
    const Shop shop = shippedShop();
    const auto drivers = shop.shelf.of(PartKind::Driver);
    Fitting fitting;
    fitting.driver = *drivers[static_cast<size_t>(*rc::gen::inRange(0, static_cast<int>(drivers.size())))];
    fitting.place.kind = static_cast<PlaceKind>(*rc::gen::inRange(0, static_cast<int>(PlaceKind::Hidden) + 1));
    fitting.place.behind = static_cast<Behind>(*rc::gen::inRange(0, static_cast<int>(Behind::OpenAir) + 1));
    fitting.place.cover = static_cast<Cover>(*rc::gen::inRange(0, 4));
    fitting.place.underPanel = *rc::gen::arbitrary<bool>();
    for (const auto& [what, most_mm] : {std::pair{Quantity::Depth_m, 150}, std::pair{Quantity::DepthGlassUp_m, 150},
                                        std::pair{Quantity::FrontClearance_m, 40}, std::pair{Quantity::Cutout_m, 300},
                                        std::pair{Quantity::ScrewRoom_m, 30}, std::pair{Quantity::Between_m, 20}})
        if (*rc::gen::arbitrary<bool>()) fitting.place.room[what] = Known{*rc::gen::inRange(0, most_mm) / 1000.0};
    if (*rc::gen::arbitrary<bool>()) {
        fitting.place.room[Quantity::ScrewCount] = Known{static_cast<double>(*rc::gen::inRange(2, 9))};
        fitting.place.room[Quantity::ScrewCircle_m] = Known{*rc::gen::inRange(40, 320) / 1000.0};
    }
    fitting.mount.fixing = static_cast<Fixing>(*rc::gen::inRange(0, 5));
    if (*rc::gen::arbitrary<bool>()) fitting.mount.turn_deg = *rc::gen::inRange(-180, 181);
    if (*rc::gen::arbitrary<bool>()) fitting.mount.figures[Quantity::ScrewLength_m] = Known{0.025};
    if (*rc::gen::arbitrary<bool>()) {
        fitting.spacer = {.kind = PartKind::Spacer, .name = "spacer", .shelfKey = "made"};
        fitting.spacer.figures[Quantity::Thickness_m] = Known{*rc::gen::inRange(0, 40) / 1000.0};
        if (*rc::gen::arbitrary<bool>()) fitting.spacer.figures[Quantity::WireNotch_m] = Known{0.0};
    }
    const Plan plan = planOf(fitting);
    RC_ASSERT(validate(plan).empty());
    for (const Finding& finding : judge(plan, tests::evaluated(plan))) {
        for (const Evidence& evidence : finding.evidence) RC_ASSERT(std::isfinite(evidence.figure.value));
        for (const Mend& mend : finding.mends) {
            const auto* edit = std::get_if<Edit>(&mend.act);
            if (!edit) continue;
            const Applied applied = apply(plan, *edit);
            RC_ASSERT(validate(applied.plan).empty());
            RC_ASSERT(apply(applied.plan, applied.inverse).plan == plan);
        }
    }
}

}  // namespace
}  // namespace core
