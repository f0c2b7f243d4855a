// A survey goes any way a person may take it: whatever is entered in whatever order, the plan stays valid, evaluates,
// and every step can be taken back.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/edits/branch_edits.h"
#include "core/edits/coil_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/edits/lead_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/panel_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/set_edits.h"
#include "core/edits/source_edits.h"
#include "core/edits/survey_edits.h"
#include "core/edits/turn_edits.h"
#include "core/edits/vehicle_sheet.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/coil_wiring.h"
#include "core/io/shop.h"
#include "core/job/job_plan.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "core/survey/channel_map.h"
#include "core/survey/continuity.h"
#include "core/survey/lead_back.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::shop;

int below(size_t count)
{
    return count == 0 ? 0 : *rc::gen::inRange(0, static_cast<int>(count));
}

template <class Table>
auto anyKey(const Table& table)
{
    return std::next(table.begin(), below(table.size()))->first;
}

// The drivers that some channel plays.
std::set<DeviceId> fedAt(const Plan& plan, StageId stage)
{
    std::set<DeviceId> fed;
    for (const Run& run : runs(resolve(plan, stage))) fed.insert(run.id.coil.device);
    return fed;
}

// One thing a person may do to wires, coils, filters and drivers of a car with several speakers.
Edit anyWiringStep(const Plan& plan)
{
    const StageId stage = *rc::gen::element(kFactory, kFound);
    const Fitout fitout = resolve(plan, kFound);
    std::vector<DeviceId> drivers;
    for (const auto& [id, device] : fitout.devices)
        if (fitout.parts.at(device.part).kind == PartKind::Driver) drivers.push_back(id);
    const auto spots = usualSpots(plan.body, shop().vehicles);
    const int what = below(10);
    if (drivers.empty() || what == 0)
        return addSpeakers(plan, stage, spots[static_cast<size_t>(below(spots.size()))], shop().practice);
    const DeviceId driver = drivers[static_cast<size_t>(below(drivers.size()))];
    const auto parts = shop().shelf.of(PartKind::Driver), leads = shop().shelf.of(PartKind::Lead);
    const auto ports = channels(fitout);
    switch (what) {
        case 1:
        case 2: {
            const DeviceId other = drivers[static_cast<size_t>(below(drivers.size()))];
            return loopThrough(plan, stage, driver, other);
        }
        case 3:
            return connectSpeaker(plan, stage, driver, ports[static_cast<size_t>(below(ports.size()))]);
        case 4:
        case 5: {
            const Fitout goal = resolve(plan, plan.job.goal);
            if (!goal.devices.contains(driver)) return {};
            return fitPluggedIn(plan, driver, *parts[static_cast<size_t>(below(parts.size()))],
                                what == 4 ? leads[static_cast<size_t>(below(leads.size()))] : nullptr);
        }
        case 6:
            return setFilter(
                plan, stage, driver,
                *rc::gen::element(FilterPlace::None, FilterPlace::Speaker, FilterPlace::Plug, FilterPlace::Harness),
                Known{82e-6});
        case 7:
            return turnOver(plan, stage, driver);
        case 8:
            return addCapacitor(plan, driver, 100e-6);
        default: {
            const Fitout goal = resolve(plan, plan.job.goal);
            if (!goal.devices.contains(driver) || coilsAtDriver(goal, driver, shop().practice).coils.size() < 2)
                return {};
            return planCoils(plan, driver, *rc::gen::element(CoilJoin::Series, CoilJoin::Parallel, CoilJoin::One));
        }
    }
}

// What was planned on the wires as they were may not suit what is corrected below it: then it is a Stop.
bool unfedIsSaid(const Plan& plan, DeviceId device)
{
    const auto findings = judge(plan, evaluateJob(plan, shop().practice));
    return std::any_of(findings.begin(), findings.end(), [&](const Finding& finding) {
        return finding.rule == RuleId::DriverUnfed && finding.severity == Severity::Stop &&
               std::find(finding.where.begin(), finding.where.end(), Subject{device}) != finding.where.end();
    });
}

// Edits come in sequences: in any order a driver that was fed stays fed, at every stage, no pin is wired to itself, and
// undo is the identity.
void walkKeepsEverybodyFed(const Plan& start, Edit (*next)(const Plan&))
{
    std::vector<Plan> history{start};
    std::vector<Edit> inverses;
    for (int step = 0; step < 10; ++step) {
        const Plan& before = history.back();
        const Edit edit = next(before);
        Applied applied = apply(before, edit);
        RC_LOG() << "edit " << static_cast<int>(edit.name) << " of " << edit.detail << '\n';
        RC_ASSERT(validate(applied.plan).empty());
        for (const auto& [key, wire] : applied.plan.wires)
            if (wire) RC_ASSERT(!(wire->a == wire->b));
        for (const StageId stage : {kFound, before.job.goal}) {
            const std::set<DeviceId> was = fedAt(before, stage), is = fedAt(applied.plan, stage);
            for (const DeviceId device : was)
                if (!is.contains(device) && !(stage == before.job.goal && unfedIsSaid(applied.plan, device))) {
                    RC_LOG() << "cut off " << textOf(device) << " at " << textOf(stage);
                    RC_FAIL("a driver was cut off");
                }
        }
        history.push_back(std::move(applied.plan));
        inverses.push_back(std::move(applied.inverse));
    }
    for (size_t step = inverses.size(); step-- > 0;)
        RC_ASSERT(apply(history[step + 1], inverses[step]).plan == history[step]);
}

RC_GTEST_PROP(WiringWalk, NobodyIsCutOffByAnothersWires, ())
{
    walkKeepsEverybodyFed(newPlan(BodyKind::Estate, shop().vehicles), anyWiringStep);
}

// A woofer and its tweeter, with a network between them as planned or not.
Edit anyStepWithANetwork(const Plan& plan)
{
    const Fitout goal = resolve(plan, plan.job.goal);
    std::vector<DeviceId> woofers;
    for (const auto& [id, device] : goal.devices)
        if (goal.parts.at(device.part).kind == PartKind::Driver && tweeterBeside(goal, id, shop().practice))
            woofers.push_back(id);
    const int what = below(8);
    if (woofers.empty() || what > 4) return anyWiringStep(plan);
    const DeviceId woofer = woofers[static_cast<size_t>(below(woofers.size()))];
    const DeviceId tweeter = tweeterBeside(goal, woofer, shop().practice);
    if (what == 0) return removeNetwork(plan, woofer);
    if (what == 1) {
        const char* key = *rc::gen::element("set-orchid", "set-thrift");
        const auto set = contentsOf(shop().shelf, *shop().shelf.find(key), shop().practice);
        return fitSet(plan, woofer, *set, shop().vehicles, shop().practice);
    }
    if (what == 2) return fitNetwork(plan, {{Leg::Woofer, woofer}, {Leg::Tweeter, tweeter}}, *shop().shelf.find("net-thrift"));
    if (what == 3)
        return setFilter(plan, plan.job.goal, *rc::gen::element(woofer, tweeter),
                         *rc::gen::element(FilterPlace::None, FilterPlace::Plug, FilterPlace::Harness), Known{82e-6});
    return turnOver(plan, plan.job.goal, *rc::gen::element(woofer, tweeter));
}

RC_GTEST_PROP(WiringWalk, NobodyIsCutOffByANetwork, ())
{
    const Plan start = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    walkKeepsEverybodyFed(start, anyStepWithANetwork);
}

// One thing a person may enter next; nothing where there is nothing to enter it for.
Edit anyStep(const Plan& plan)
{
    // The car in front of a person is what was found, whichever stage the entry is for.
    const StageId stage = *rc::gen::element(kFactory, kFound);
    const Fitout fitout = resolve(plan, kFound);
    std::vector<DeviceId> drivers, sources;
    for (const auto& [id, device] : fitout.devices)
        (isSource(fitout.parts.at(device.part)) ? sources : drivers).push_back(id);
    const auto spots = usualSpots(plan.body, shop().vehicles);
    const int what = below(28);
    if (what <= 2) return addSpeakers(plan, stage, spots[static_cast<size_t>(below(spots.size()))], shop().practice);
    if (what == 3) return addSource(plan, stage, PartKind::Radio, {"FL", "FR"}, {});
    if (what == 4) {
        Body body = plan.body;
        body.kind = enumNames<BodyKind>()[static_cast<size_t>(below(enumNames<BodyKind>().size()))].value;
        body.wheelOnLeft = *rc::gen::arbitrary<bool>();
        return setBody(plan, body, shop().vehicles);
    }
    const std::vector<StageId> ways = planWays(plan);
    if (what == 26) {
        const bool grows = ways.size() < 3;
        return grows ? branchWay(plan, "way") : takeWay(plan, ways[static_cast<size_t>(below(ways.size()))]);
    }
    if (what == 27 && !ways.empty()) return dropWay(plan, ways[static_cast<size_t>(below(ways.size()))]);
    if (plan.places.empty()) return {};
    const PlaceId place = anyKey(plan.places);
    if (what == 5) return freeSides(plan, place);
    if (what == 6 && plan.places.at(place).pair) return copySide(plan, stage, place);
    if (what == 7) return removePlace(plan, place);
    if (what == 8) return alterPlace(plan, stage, place, AlterationKind::Seal, *rc::gen::arbitrary<bool>());
    if (what == 9) return addPanel(plan, place, "card");
    if (what == 10 && !plan.panels.empty()) return removePanel(plan, anyKey(plan.panels));
    if (what == 15 && !fitout.wires.empty()) return colourWire(plan, stage, anyKey(fitout.wires), "grey");
    if (what == 16 && !sources.empty()) return putSource(plan, stage, sources.front(), place);
    if (what == 17 && !sources.empty()) return removeSource(plan, stage, sources.front());
    if (what == 19 && !sources.empty()) {
        auto rows = pinTable(fitout, sources.front());
        PinRow& row = rows[static_cast<size_t>(below(rows.size()))];
        row = {row.terminal,
               "C1",
               std::to_string(below(40)),
               "violet",
               {*rc::gen::element(Origin::Measured, Origin::Stated)}};
        return notePins(plan, stage, sources.front(), rows);
    }
    if (what == 20) {
        Body body = plan.body;
        body.feeds[*rc::gen::element(Quantity::ConstantFeed_v, Quantity::TurnOn_v)] = Known{12.6};
        return setBody(plan, body, shop().vehicles);
    }
    if (what == 21) {
        Job job = plan.job;
        job.use = *rc::gen::element(Use::OpenCab, Use::WorkVan, Use::FamilyCar);
        job.extras = {Extra::Badges};
        return setJob(plan, job);
    }
    if (what == 22) {
        Place changed = plan.places.at(place);
        changed.obstruction = "holder";
        changed.room[Quantity::Obstruction_m] = Known{below(30) / 1000.0};
        changed.room[Quantity::Stump_m] = Known{below(5) / 1000.0};
        return changePlace(plan, place, changed);
    }
    if (drivers.empty()) return {};
    const DeviceId driver = drivers[static_cast<size_t>(below(drivers.size()))];
    if (what == 11) return removeSpeaker(plan, stage, driver);
    const auto ports = channels(fitout);
    if (what == 12 && !ports.empty())
        return connectSpeaker(plan, stage, driver, ports[static_cast<size_t>(below(ports.size()))]);
    if (what == 13)
        return readResistance(plan, standingAt(plan, &Plan::devices, stage, driver), {driver, "1"}, 3.4, 0.2);
    if (what == 23 && !ports.empty())
        return readChannel(plan, kFound, ports[static_cast<size_t>(below(ports.size()))], below(90) / 10.0);
    if (what == 24 || what == 25) {
        // Planned on what is there: another driver, plugged in with a lead or as it is.
        const auto parts = shop().shelf.of(PartKind::Driver), leads = shop().shelf.of(PartKind::Lead);
        const Fitout goal = resolve(plan, plan.job.goal);
        if (!goal.devices.contains(driver) || goal.parts.at(goal.devices.at(driver).part).kind != PartKind::Driver)
            return {};
        return fitPluggedIn(plan, driver, *parts[static_cast<size_t>(below(parts.size()))],
                            what == 24 ? leads[static_cast<size_t>(below(leads.size()))] : nullptr);
    }
    if (what == 18) return seenThere(plan, stage, driver, fitout.parts.at(fitout.devices.at(driver).part));
    const DeviceId other = drivers[static_cast<size_t>(below(drivers.size()))];
    return other == driver ? Edit{} : loopThrough(plan, stage, driver, other);
}

RC_GTEST_PROP(SurveyWalk, StaysValidAndGoesBackStepByStep, ())
{
    const auto kind = enumNames<BodyKind>()[static_cast<size_t>(below(enumNames<BodyKind>().size()))].value;
    std::vector<Plan> history{newPlan(kind, shop().vehicles)};
    std::vector<Edit> inverses;
    for (int step = 0; step < 12; ++step) {
        const Edit edit = anyStep(history.back());
        RC_ASSERT(fits(history.back(), edit));
        Applied applied = apply(history.back(), edit);
        const auto problems = validate(applied.plan);
        if (!problems.empty()) RC_LOG() << problems.front().where << " " << problems.front().message;
        RC_ASSERT(problems.empty());
        history.push_back(std::move(applied.plan));
        inverses.push_back(std::move(applied.inverse));
    }
    const Evaluation evaluation = evaluateJob(history.back(), shop().practice);
    const StageResult& found = *evaluation.stages.at(kFound);
    for (const auto& [listener, heard] : found.hearing) RC_ASSERT(heard.level_db.isFinite().all());
    // Whatever was planned on the way is judged and made into a job, all of it in finite numbers.
    for (const Finding& finding : judge(history.back(), evaluation))
        for (const Evidence& evidence : finding.evidence) RC_ASSERT(std::isfinite(evidence.figure.value));
    const JobPlan job = planJob(history.back(), kFound, history.back().job.goal, evaluation);
    RC_ASSERT(std::isfinite(job.minutes));
    for (const PartRow& row : job.parts) RC_ASSERT(row.count > 0);
    for (const ContinuityRow& row : continuityList(history.back(), kFound, found, evaluation.practice))
        RC_ASSERT(!row.expected_ohm || (std::isfinite(*row.expected_ohm) && *row.expected_ohm >= 0.0));
    const ChannelMap map = channelMap(found, evaluation.frequency_hz);
    for (const auto& [id, place] : history.back().places) {  // nothing is lost from the inventory
        const bool source = std::any_of(found.used.devices.begin(), found.used.devices.end(), [&](const auto& entry) {
            return entry.second.at == id && isSource(found.used.parts.at(entry.second.part));
        });
        RC_ASSERT(source ||
                  std::any_of(map.rows.begin(), map.rows.end(), [&](const MapRow& row) { return row.place == id; }));
    }
    RC_ASSERT(validate(planFromSheet(history.back())).empty());
    for (size_t step = inverses.size(); step-- > 0;)
        RC_ASSERT(apply(history[step + 1], inverses[step]).plan == history[step]);
}

// The way back from a driver to its source, once through a plug and once from another driver's terminals.
TEST(LeadBack, GoesThroughThePlugToTheSource)
{
    const Fitout fitout = resolve(tests::demoPlan(), kFound);
    const LeadBack lead = leadBack(fitout, {tests::kLeftSpeaker, "1+"});
    EXPECT_EQ(lead.wires.size(), 2U);
    EXPECT_EQ(lead.from, (Pin{tests::kRadio, "RL+"}));
    EXPECT_EQ(lead.arrival, (Pin{tests::kLeftPlug, "h+"}));
    EXPECT_EQ(fitout.wires.at(lead.wires.back()).colour, "grey");
    const LeadBack none = leadBack(fitout, {tests::kRadio, "RL+"});
    EXPECT_TRUE(none.wires.empty());
    EXPECT_EQ(none.from, (Pin{tests::kRadio, "RL+"}));
}

TEST(LeadBack, OfARingComesToAnEnd)
{
    Plan plan = tests::demoPlan();
    for (auto& [key, wire] : plan.wires)
        if (wire && wire->b == Pin{tests::kLeftPlug, "h+"}) wire->a = {tests::kLeftPlug, "s+"};
    const LeadBack lead = leadBack(resolve(plan, kFound), {tests::kLeftSpeaker, "1+"});
    EXPECT_GE(lead.wires.size(), 2U);
}

// What stands below is not written twice; what is taken out leaves a mark only where there is something below.
TEST(Layers, HoldOnlyWhatDiffers)
{
    Plan plan = tests::demoPlan();
    const Device below = *itemAt(plan, &Plan::devices, kFactory, tests::kLeftSpeaker);
    const Plan before = plan;
    putAt(plan, &Plan::devices, kFound, tests::kLeftSpeaker, below);
    EXPECT_EQ(plan, before);
    Device other = below;
    other.label = "another";
    putAt(plan, &Plan::devices, kFound, tests::kLeftSpeaker, other);
    EXPECT_EQ(itemAt(plan, &Plan::devices, kFound, tests::kLeftSpeaker)->label, "another");
    putAt(plan, &Plan::devices, kFound, tests::kLeftSpeaker, below);
    EXPECT_EQ(plan, before) << "back to what lies below: the entry goes";
    dropAt(plan, &Plan::devices, kFound, tests::kLeftSpeaker);
    EXPECT_FALSE(itemAt(plan, &Plan::devices, kFound, tests::kLeftSpeaker));
    EXPECT_TRUE(itemAt(plan, &Plan::devices, kFactory, tests::kLeftSpeaker));
    dropAt(plan, &Plan::devices, kFactory, tests::kLeftSpeaker);
    EXPECT_FALSE(plan.devices.contains({kFactory, tests::kLeftSpeaker})) << "below the factory there is nothing";
}

// Opening a cover as planned takes its loss away at the goal and leaves what was found as it was.
TEST(OpenCover, ChangesTheGoalAlone)
{
    Plan plan = tests::demoPlan();
    for (auto& [id, place] : plan.places) place.cover = Cover::ThickCloth;
    const StageId goal = plannedGoal(plan);
    const Plan opened = apply(plan, alterPlace(plan, goal, {3}, AlterationKind::OpenCover, true)).plan;
    const Evaluation evaluation = evaluateJob(opened, shop().practice);
    const ListenerId ear = opened.listeners.begin()->first;
    const auto treble = [&](StageId stage) {
        const HearingResult& heard = evaluation.stages.at(stage)->hearing.at(ear);
        return bandMean_db(evaluation.frequency_hz, heard.level_db, 8000.0, 20000.0);
    };
    const double loss_db = shop().practice[PracticeList::CoverThickCloth_db][2];
    EXPECT_NEAR(treble(goal) - treble(kFound), loss_db, 0.35 * loss_db);
    EXPECT_GT(treble(goal), treble(kFound) + 1.0);
}

}  // namespace
}  // namespace core
