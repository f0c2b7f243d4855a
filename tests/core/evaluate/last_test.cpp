// What an evaluation takes over from the last one is what it would have worked out: random edits over every table of
// the plan, each evaluated anew and from the last.
#include <gtest/gtest.h>

#include <array>
#include <functional>
#include <map>
#include <random>

#include "core/evaluate/evaluate.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/hearing.h"
#include "core/io/shop.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

using Random = std::mt19937;

double between(Random& random, double low, double high)
{
    return std::uniform_real_distribution<double>(low, high)(random);
}

// One entry of a table; nothing of an empty one.
template <class Table>
auto* any(Random& random, Table& table)
{
    using Entry = typename Table::value_type;
    if (table.empty()) return static_cast<Entry*>(nullptr);
    const auto at = std::uniform_int_distribution<size_t>(0, table.size() - 1)(random);
    return &*std::next(table.begin(), static_cast<std::ptrdiff_t>(at));
}

// A layered entry that is there, rather than one that says it was taken out.
template <class Table>
auto* anyThere(Random& random, Table& table)
{
    for (int tries = 0; tries < 20; ++tries)
        if (auto* entry = any(random, table); entry && entry->second) return entry;
    return static_cast<typename Table::value_type*>(nullptr);
}

void shake(Random& random, Figures& figures)
{
    auto* known = any(random, figures);
    if (!known) return;
    const double value = known->second.value * between(random, 0.8, 1.25);
    if (allows(known->first, value)) known->second.value = value;
}

struct Kind {
    const char* table;
    std::function<void(Random&, Plan&)> edit;
};

const std::vector<Kind>& kinds()
{
    static const std::vector<Kind> all{
        {"parts", [](Random& r, Plan& p) { shake(r, any(r, p.parts)->second.figures); }},
        {"parts, inside",
         [](Random& r, Plan& p) {
             if (auto* element = any(r, any(r, p.parts)->second.inside)) shake(r, element->second.figures);
         }},
        {"places, where", [](Random& r, Plan& p) { any(r, p.places)->second.frame.at_m.z += between(r, -0.1, 0.1); }},
        {"places, facing", [](Random& r, Plan& p) { any(r, p.places)->second.frame.facing.y += between(r, 0.1, 0.4); }},
        {"places, cover",
         [](Random& r, Plan& p) { any(r, p.places)->second.cover = static_cast<Cover>(between(r, 0.0, 3.99)); }},
        {"places, room",
         [](Random& r, Plan& p) {
             any(r, p.places)->second.room[Quantity::BoxVolume_m3] = Known{between(r, 5e-3, 60e-3)};
         }},
        {"places, kind", [](Random& r, Plan& p) { any(r, p.places)->second.kind = PlaceKind::DashTop; }},
        {"body", [](Random& r, Plan& p) { p.body.cabin[Quantity::CabinLength_m] = Known{between(r, 1.8, 3.0)}; }},
        {"surfaces",
         [](Random& r, Plan& p) {
             p.surfaces[SurfaceId{900 + static_cast<int>(between(r, 0.0, 3.0))}] =
                 Surface{.material = SurfaceMaterial::Carpet,
                         .corner_m = {0.5, 0.8, between(r, 0.2, 0.5)},
                         .along_m = {0.0, -1.6, 0.0},
                         .across_m = {-2.0, 0.0, 0.0}};
         }},
        {"listeners", [](Random& r, Plan& p) { any(r, p.listeners)->second.head_m.x += between(r, -0.1, 0.1); }},
        {"devices, part",
         [](Random& r, Plan& p) {
             auto *one = anyThere(r, p.devices), *other = anyThere(r, p.devices);
             if (one && other && p.parts.at(one->second->part).kind == PartKind::Driver &&
                 p.parts.at(other->second->part).kind == PartKind::Driver)
                 one->second->part = other->second->part;
         }},
        {"mounts",
         [](Random& r, Plan& p) {
             auto* device = anyThere(r, p.devices);
             if (!device || p.parts.at(device->second->part).kind != PartKind::Driver) return;
             Mount mount;
             mount.backwards = between(r, 0.0, 1.0) > 0.5;
             mount.frame = p.places.contains(device->second->at) ? std::optional(p.places.at(device->second->at).frame)
                                                                 : std::nullopt;
             if (mount.frame) mount.frame->at_m.y += between(r, -0.05, 0.05);
             p.mounts[{p.job.goal, device->first.key}] = mount;
         }},
        {"settings",
         [](Random& r, Plan& p) {
             const Evaluation now = evaluate(p, shippedShop().practice, std::array{p.job.goal});
             const auto& circuits = now.stages.at(p.job.goal)->circuits;
             if (circuits.empty()) return;
             const auto at = std::uniform_int_distribution<size_t>(0, circuits.size() - 1)(r);
             p.settings[{p.job.goal, circuits[at].channel}] = Setting{.highPass = Filter{between(r, 60.0, 400.0), 2},
                                                                      .gain_db = between(r, -6.0, 0.0),
                                                                      .delay_s = between(r, 0.0, 3e-3),
                                                                      .reversed = between(r, 0.0, 1.0) > 0.5};
         }},
        {"wires",
         [](Random& r, Plan& p) {
             if (auto* wire = anyThere(r, p.wires)) {
                 wire->second->figures[Quantity::Length_m] = Known{between(r, 1.0, 6.0)};
                 wire->second->figures[Quantity::Area_m2] = Known{between(r, 0.5e-6, 2.5e-6)};
             }
         }},
        {"wires, taken out",
         [](Random& r, Plan& p) {
             if (auto* wire = anyThere(r, p.wires)) p.wires[{p.job.goal, wire->first.key}] = std::nullopt;
         }},
        {"alterations",
         [](Random& r, Plan& p) {
             static constexpr std::array kWhat{AlterationKind::Seal, AlterationKind::OpenCover, AlterationKind::Foam};
             const AlterationId id{900 + static_cast<int>(between(r, 0.0, 4.0))};
             p.alterations[{p.job.goal, id}] = Alteration{.place = any(r, p.places)->first,
                                                          .what = kWhat[static_cast<size_t>(between(r, 0.0, 2.99))]};
         }},
        {"curves",
         [](Random& r, Plan& p) {
             p.curves[CurveId{900}] = Curve{.name = "measured",
                                            .frequency_hz = {200.0, 1000.0, 8000.0},
                                            .level_db = {between(r, 70.0, 90.0), 85.0, between(r, 70.0, 90.0)}};
         }},
        {"practice",
         [](Random& r, Plan& p) {
             p.practice[PracticeKey::CrestFactor_db] = between(r, 6.0, 15.0);
             p.practice[PracticeKey::SealedLeak_ratio] = 0.1;
         }},
        {"job, goal",
         [](Random& r, Plan& p) { p.job.goal = between(r, 0.0, 1.0) > 0.5 ? p.stages.rbegin()->first : kFound; }},
    };
    return all;
}

void expectSame(const StageResult& fresh, const StageResult& taken)
{
    ASSERT_EQ(fresh.circuits.size(), taken.circuits.size());
    for (size_t i = 0; i < fresh.circuits.size(); ++i) {
        EXPECT_TRUE((fresh.circuits[i].load_ohm == taken.circuits[i].load_ohm).all());
        EXPECT_TRUE((fresh.circuits[i].sourceLimit_v == taken.circuits[i].sourceLimit_v).all());
        EXPECT_EQ(fresh.circuits[i].worst, taken.circuits[i].worst);
    }
    ASSERT_EQ(fresh.runs.size(), taken.runs.size());
    for (size_t i = 0; i < fresh.runs.size(); ++i) {
        EXPECT_TRUE((fresh.runs[i].transfer == taken.runs[i].transfer).all());
        EXPECT_TRUE((fresh.runs[i].pressure_pa_v == taken.runs[i].pressure_pa_v).all());
        EXPECT_EQ(fresh.runs[i].programme_w, taken.runs[i].programme_w);
        EXPECT_EQ(fresh.runs[i].worst, taken.runs[i].worst);
    }
    ASSERT_EQ(fresh.cones.size(), taken.cones.size());
    for (size_t i = 0; i < fresh.cones.size(); ++i)
        EXPECT_TRUE((fresh.cones[i].excursion_m_v == taken.cones[i].excursion_m_v).all());
    ASSERT_EQ(fresh.hearing.size(), taken.hearing.size());
    for (const auto& [id, heard] : fresh.hearing) {
        const HearingResult& other = taken.hearing.at(id);
        EXPECT_TRUE((heard.level_db == other.level_db).all());
        EXPECT_TRUE((heard.left_pa2 == other.left_pa2).all());
        EXPECT_EQ(heard.image, other.image);
        for (size_t band = 0; band < kBandCount; ++band)
            EXPECT_EQ(heard.bands[band].reach_db, other.bands[band].reach_db);
    }
    ASSERT_EQ(fresh.fits.size(), taken.fits.size());
    for (const auto& [id, fit] : fresh.fits) {
        EXPECT_EQ(fit->depthMargin_m, taken.fits.at(id)->depthMargin_m);
        EXPECT_EQ(fit->frontMargin_m, taken.fits.at(id)->frontMargin_m);
        EXPECT_EQ(fit->coverLoss_db, taken.fits.at(id)->coverLoss_db);
    }
    EXPECT_EQ(fresh.expected, taken.expected);
}

// A walk of edits: what does not make a plan is left out, everything else is compared.
void walk(Plan plan, unsigned seed, int steps, std::map<std::string, int>& made)
{
    const Practice practice = shippedShop().practice;
    Random random(seed);
    Evaluation last = evaluateJob(plan, practice);
    for (int step = 0; step < steps; ++step) {
        const Kind& kind = kinds()[static_cast<size_t>(step) % kinds().size()];
        Plan edited = plan;
        kind.edit(random, edited);
        if (edited == plan || !validate(edited).empty()) continue;
        ++made[kind.table];
        plan = std::move(edited);
        const Evaluation fresh = evaluateJob(plan, practice);
        last = evaluateJob(plan, practice, last);
        for (const auto& [id, stage] : fresh.stages) {
            SCOPED_TRACE(testing::Message() << "seed " << seed << ", step " << step << ", " << kind.table);
            expectSame(*stage, *last.stages.at(id));
            if (testing::Test::HasFailure()) return;
        }
    }
}

TEST(Last, OnlySavesTimeWhateverIsEdited)
{
    std::map<std::string, int> made;
    for (unsigned seed = 1; seed <= 3; ++seed) {
        walk(tests::withShelfDriver(tests::demoPlan(), "wb-heron-2"), seed, 60, made);
        walk(tests::TwelveRuns().plan, seed, 60, made);
    }
    for (const Kind& kind : kinds()) EXPECT_GE(made[kind.table], 1) << kind.table;
}

// A driver in the middle belongs half to each side: a whole plan with its twin on the other side sounds the same with
// the two sides exchanged, and the one in the middle is heard in both.
TEST(Hearing, ACentreDriverCountsHalfToEachSide)
{
    Plan plan = tests::demoPlan();
    const Device& left = *plan.devices.at({kFactory, tests::kLeftSpeaker});
    const Device& right = *plan.devices.at({kFactory, tests::kRightSpeaker});
    plan.places.at(right.at).frame = plan.places.at(left.at).frame;
    const auto hearingOf = [](const Plan& asked) {
        const Evaluation evaluation = tests::evaluated(asked);
        return evaluation.stages.at(kFound)->hearing.begin()->second;
    };
    const HearingResult aside = hearingOf(plan);
    EXPECT_EQ(aside.right_pa2.maxCoeff(), 0.0) << "nothing plays on the right";
    for (const PlaceId place : {left.at, right.at}) plan.places.at(place).frame.at_m.y = 0.0;
    const HearingResult centred = hearingOf(plan);
    EXPECT_TRUE((centred.left_pa2 == centred.right_pa2).all());
    // Where left and right are one signal, the halves make up the whole: four times the power of one of them; where
    // they are strangers, twice.
    for (size_t ear = 0; ear < 2; ++ear) EXPECT_GT(centred.ear_pa2[ear].minCoeff(), 0.0);
    const Eigen::ArrayXd mean = 0.5 * (centred.ear_pa2[0] + centred.ear_pa2[1]);
    EXPECT_NEAR(mean(0) / centred.left_pa2(0), 4.0, 1e-6) << "20 Hz, coherent";
    EXPECT_NEAR(mean(mean.size() - 1) / centred.left_pa2(mean.size() - 1), 2.0, 1e-6) << "20 kHz, random";
    EXPECT_FALSE(centred.image) << "without two sides there is no image";
}

TEST(Hearing, RefusesTablesOfAnotherGrid)
{
    const Plan plan = tests::demoPlan();
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(kFound);
    const ListenerId listener = plan.listeners.begin()->first;
    EXPECT_TRUE(hear(stage, listener, evaluation.practice, *evaluation.tables));
    const Eigen::ArrayXd few = Eigen::ArrayXd::LinSpaced(50, 20.0, 20000.0);
    EXPECT_FALSE(hear(stage, listener, evaluation.practice, gridTables(evaluation.practice, few)));
}

}  // namespace
}  // namespace core
