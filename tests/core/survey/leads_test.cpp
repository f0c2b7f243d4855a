// What hangs on what, as a fitter sees it: worked out by hand for a pair, a loop-through and an amplifier that a radio
// feeds; and for every plan that ships, a tree that reaches what is fed and nothing else.
#include "core/survey/leads.h"

#include <gtest/gtest.h>

#include <set>

#include "core/edits/survey_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/wiring_graph.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

// So written: "d10 -> p3".
std::vector<std::string> drawn(const std::vector<Lead>& leads)
{
    const auto end = [](const LeadEnd& one) {
        return one.source ? "d" + std::to_string(one.source.number) : "p" + std::to_string(one.place.number);
    };
    std::vector<std::string> lines;
    for (const Lead& lead : leads) lines.push_back(end(lead.from) + " -> " + end(lead.to));
    return lines;
}

TEST(Leads, APairThatHasEachItsOwn)
{
    const Fitout fitout = resolve(tests::demoPlan(), kFound);
    const auto found = leads(fitout);
    EXPECT_EQ(drawn(found), (std::vector<std::string>{"d10 -> p3", "d10 -> p4"}));
    // Plus and minus from the radio to the plug, and from there to the speaker.
    for (const Lead& lead : found) {
        EXPECT_EQ(lead.wires.size(), 4U);
        EXPECT_TRUE(lead.plug);
    }
}

TEST(Leads, ASpeakerOnAnothersPlugHangsOnThatPlace)
{
    Plan plan = tests::demoPlan();
    for (auto& [id, place] : plan.places) place.followsPair = false;
    plan = apply(plan, loopThrough(plan, kFound, tests::kRightSpeaker, tests::kLeftSpeaker)).plan;
    EXPECT_EQ(drawn(leads(resolve(plan, kFound))), (std::vector<std::string>{"d10 -> p3", "p3 -> p4"}));
}

TEST(Leads, WithoutWiresThereIsNone)
{
    Fitout fitout = resolve(tests::demoPlan(), kFound);
    fitout.wires.clear();
    EXPECT_TRUE(leads(fitout).empty());
}

// A screw terminal is no plug that a hand can pull.
TEST(Leads, ATerminalWithoutAConnectorIsNoPlug)
{
    Fitout fitout = resolve(tests::demoPlan(), kFound);
    for (auto& [id, part] : fitout.parts)
        if (part.kind == PartKind::Driver)
            for (auto& [terminal, connector] : part.terminals) connector.clear();
    for (const Lead& lead : leads(fitout)) EXPECT_FALSE(lead.plug);
}

TEST(Leads, AreATreeThatReachesWhatIsFed)
{
    for (const std::string_view text : {shippedDemoText(), shippedTroubleText()}) {
        const auto document = readPlanText(std::string(text), "shipped");
        ASSERT_TRUE(document);
        for (const auto& [stage, entry] : document->plan.stages) {
            const Fitout fitout = resolve(document->plan, stage);
            std::set<LeadEnd> reached;
            for (const Lead& lead : leads(fitout)) {
                EXPECT_TRUE(lead.from.source || reached.contains(lead.from)) << "it hangs on what has a lead";
                EXPECT_TRUE(reached.insert(lead.to).second) << "each end has one lead";
                EXPECT_FALSE(lead.wires.empty());
            }
            std::set<LeadEnd> fed;
            for (const auto& run : runs(fitout)) fed.insert({.place = fitout.devices.at(run.id.coil.device).at});
            for (const LeadEnd& place : fed) EXPECT_TRUE(reached.contains(place)) << "p" << place.place.number;
        }
    }
}

}  // namespace
}  // namespace core
