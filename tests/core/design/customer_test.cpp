// What the owner says, hears and could have: complaints, remedies, hearing, variants.
#include <gtest/gtest.h>

#include <cmath>
#include <functional>

#include "core/design/complaints.h"
#include "core/design/customer_hearing.h"
#include "core/design/remedies.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "core/physics/loudness.h"
#include "core/survey/variant.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

TEST(Complaints, EachHasABandCausesAndATest)
{
    for (const auto& complaint : enumNames<Complaint>()) {
        const ComplaintRow& row = rowOf(complaint.value);
        EXPECT_EQ(row.complaint, complaint.value);
        EXPECT_LT(row.from_hz, row.to_hz) << complaint.text;
        EXPECT_GE(row.from_hz, 20.0);
        EXPECT_LE(row.to_hz, 20000.0);
        EXPECT_GE(row.causes.size(), 2U) << "a test tells causes apart";
    }
}

std::vector<Remedy> remediesOf(const Plan& plan, Complaint complaint)
{
    const Shop shop = shippedShop();
    const Evaluation evaluation = evaluateJob(plan, shop.practice);
    return remedies(plan, shop.practice, shop.shelf, shop.vehicles, evaluation, complaint,
                    plan.listeners.begin()->first);
}

const Remedy* find(const std::vector<Remedy>& found, RemedyKind kind)
{
    const auto one = std::find_if(found.begin(), found.end(), [&](const Remedy& r) { return r.kind == kind; });
    return one == found.end() ? nullptr : &*one;
}

// A cover that takes the same everywhere gives back what it took: 12 dB on 4-20 kHz if it takes 12 from 4 kHz on.
TEST(Remedies, OpeningACoverGivesBackWhatItTook)
{
    Plan plan = tests::demoPlan();
    EXPECT_EQ(find(remediesOf(plan, Complaint::Dull), RemedyKind::Uncover), nullptr) << "nothing covers it";
    for (auto& [id, place] : plan.places) place.cover = Cover::ClothUnderLeather;
    const Practice practice = shippedShop().practice;
    const auto& loss = practice[PracticeList::CoverClothUnderLeather_db];
    const auto found = remediesOf(plan, Complaint::Dull);
    const Remedy* open = find(found, RemedyKind::Uncover);
    ASSERT_NE(open, nullptr);
    EXPECT_GE(open->level_db, loss[1] - 1e-6);  // never less than at 4 kHz, never more than at 10 kHz and above
    EXPECT_LE(open->level_db, loss[2] + 1e-6);
    const Plan after = apply(plan, open->edit).plan;
    EXPECT_TRUE(validate(after).empty());
    EXPECT_EQ(after.places, plan.places) << "what covers it as found stays on record";
}

TEST(Remedies, BypassingTheCapacitorGivesBassAndOneIsNotToldTwice)
{
    const auto found = remediesOf(tests::demoPlan(), Complaint::Thin);
    const Remedy* bypass = find(found, RemedyKind::BypassCapacitor);
    ASSERT_NE(bypass, nullptr);
    EXPECT_GT(bypass->level_db, 3.0);
    EXPECT_GT(bypass->balance_db, 3.0);
    EXPECT_TRUE(std::is_sorted(found.begin(), found.end(),
                               [](const Remedy& a, const Remedy& b) { return a.balance_db > b.balance_db; }));
    Plan done = apply(tests::demoPlan(), bypass->edit).plan;
    const auto again = remediesOf(done, Complaint::Thin);
    const Remedy* second = find(again, RemedyKind::BypassCapacitor);
    EXPECT_TRUE(!second || second->level_db < 0.5) << "a second link changes nothing";
}

// What is missing can be added, not only changed: treble by a tweeter with its own capacitor, bass by a subwoofer.
TEST(Remedies, AddWhatIsNotThere)
{
    const Plan plan = tests::demoPlan();
    for (const auto& [complaint, kind, band] : {std::tuple{Complaint::Dull, RemedyKind::AddTweeter, size_t{3}},
                                                {Complaint::NoBass, RemedyKind::AddSubwoofer, size_t{0}}}) {
        const auto found = remediesOf(plan, complaint);
        const Remedy* added = find(found, kind);
        ASSERT_NE(added, nullptr);
        EXPECT_FALSE(added->spot.empty());
        const Plan after = apply(plan, added->edit).plan;
        EXPECT_TRUE(validate(after).empty());
        const Evaluation before = tests::evaluated(plan), then = tests::evaluated(after);
        EXPECT_EQ(then.stages.at(kFound)->runs.size(), before.stages.at(kFound)->runs.size()) << "before stays";
        EXPECT_GT(then.stages.at(after.job.goal)->runs.size(), before.stages.at(plan.job.goal)->runs.size());
        const ListenerId driver = plan.listeners.begin()->first;
        const auto reach = [&](const Evaluation& evaluation, StageId stage) {
            return evaluation.stages.at(stage)->hearing.at(driver).bands[band].reach_db;
        };
        EXPECT_GT(reach(then, after.job.goal), reach(before, plan.job.goal));
        for (const Finding& finding : judge(after, then)) {
            EXPECT_NE(finding.rule, RuleId::TweeterUnprotected);
            EXPECT_NE(finding.rule, RuleId::DriverUnfed);
            EXPECT_NE(finding.rule, RuleId::FuseAndCable) << "it comes with its supply";
        }
    }
    // Not where something of the kind stands already.
    const Plan with = apply(plan, find(remediesOf(plan, Complaint::NoBass), RemedyKind::AddSubwoofer)->edit).plan;
    EXPECT_EQ(find(remediesOf(with, Complaint::NoBass), RemedyKind::AddSubwoofer), nullptr);
}

TEST(Remedies, StopWhenTold)
{
    std::stop_source source;
    source.request_stop();
    const Shop shop = shippedShop();
    const Plan plan = tests::demoPlan();
    EXPECT_TRUE(remedies(plan, shop.practice, shop.shelf, shop.vehicles, evaluateJob(plan, shop.practice),
                         Complaint::Thin, plan.listeners.begin()->first, source.get_token())
                    .empty());
}

// Source: ISO 226:2003, table 1, from memory: 2.4 dB at 1 kHz, -5.4 at 4 kHz, 12.6 at 8 kHz, 44 at 50 Hz.
TEST(HearingThreshold, IsTheStandardsForNormalEars)
{
    Eigen::ArrayXd at_hz(4);
    at_hz << 50.0, 1000.0, 4000.0, 8000.0;
    const Eigen::ArrayXd least_db = hearingThreshold_db(at_hz);
    Eigen::ArrayXd expected(4);
    expected << 44.0, 2.4, -5.4, 12.6;
    EXPECT_LT((least_db - expected).abs().maxCoeff(), 1e-9);
}

TEST(CustomerHearing, AddsTheAudiogramToTheNormalEar)
{
    Plan plan = tests::demoPlan();
    Eigen::ArrayXd at_hz(3);
    at_hz << 1000.0, 2828.4271247461903, 8000.0;
    EXPECT_FALSE(hearingThresholds_db(plan, at_hz)[0]);
    plan = apply(plan, setHearing(plan, true, {0, 0, 10, 20, 40, 60})).plan;
    EXPECT_TRUE(validate(plan).empty());
    const auto least = hearingThresholds_db(plan, at_hz);
    ASSERT_TRUE(least[0]);
    EXPECT_FALSE(least[1]) << "nothing is known of the other ear";
    const Eigen::ArrayXd loss_db = *least[0] - hearingThreshold_db(at_hz);
    EXPECT_NEAR(loss_db(0), 10.0, 1e-9);
    EXPECT_NEAR(loss_db(1), 30.0, 1e-9) << "half way between 2 and 4 kHz in octaves";
    EXPECT_NEAR(loss_db(2), 60.0, 1e-9);
    plan = apply(plan, setHearing(plan, true, {})).plan;
    EXPECT_FALSE(plan.job.hearingLeft);
    EXPECT_TRUE(plan.curves.empty());
}

TEST(CustomerHearing, ADeafEarHearsNothingAndANormalOneAll)
{
    Plan plan = tests::demoPlan();
    const Practice practice = shippedShop().practice;
    const ListenerId driver = plan.listeners.begin()->first;
    EXPECT_FALSE(bandsHeard(plan, evaluateJob(plan, practice), driver));
    plan = apply(plan, setHearing(plan, false, std::vector<double>(6, 120.0))).plan;
    const auto none = bandsHeard(plan, evaluateJob(plan, practice), driver);
    ASSERT_TRUE(none);
    for (const BandHeard& band : *none) EXPECT_EQ(band.after_ratio, 0.0);
    plan = apply(plan, setHearing(plan, true, std::vector<double>(6, 0.0))).plan;
    const auto all = bandsHeard(plan, evaluateJob(plan, practice), driver);
    ASSERT_TRUE(all);
    EXPECT_EQ((*all)[2].before_ratio, 1.0) << "the better ear counts";
}

// Common practice, no source: a subwoofer level in the menu means a channel for one.
TEST(Variant, TheTreeAsksTheTellingQuestionAndKeepsUnknownAsAState)
{
    Body body;
    VariantReading reading = readVariant(body);
    EXPECT_EQ(reading.variant, Variant::Unknown);
    EXPECT_EQ(reading.ask, VariantSign::SubLevelControl);
    int asked = 0;
    while (reading.ask) {  // all answered with no
        body.signs[*reading.ask] = false;
        reading = readVariant(body);
        ++asked;
    }
    EXPECT_EQ(reading.variant, Variant::Plain);
    EXPECT_LE(asked, 4) << "a short tree";
    body.signs[VariantSign::LowOhms] = true;
    EXPECT_EQ(readVariant(body).variant, Variant::Amplified);
    body.signs[VariantSign::SubLevelControl] = true;
    EXPECT_EQ(readVariant(body).variant, Variant::AmplifiedWithBass);
    EXPECT_EQ(readVariant(body).because, VariantSign::SubLevelControl);
    EXPECT_FALSE(readVariant(body).ask);
}

TEST(Variant, AVehicleThatDiffersFromItsSheetIsSaid)
{
    Body body;
    body.learnt = {{VariantSign::SystemBadge, true}, {VariantSign::LowOhms, true}};
    EXPECT_TRUE(readVariant(body).unlike.empty()) << "nobody has looked yet";
    body.signs = {{VariantSign::SystemBadge, true}, {VariantSign::LowOhms, false}};
    EXPECT_EQ(readVariant(body).unlike, std::vector{VariantSign::LowOhms});
}

}  // namespace
}  // namespace core
