// Every kind of file that can be taken in, by the one way in: found by its first line, onto what can take it, counted.
#include "core/intake/importer.h"

#include <fmt/format.h>
#include <gtest/gtest.h>

#include <cmath>
#include <complex>
#include <filesystem>
#include <fstream>
#include <numbers>
#include <sstream>

#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/shelf_file.h"
#include "core/model/validate.h"
#include "core/physics/driver.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

using namespace tests;

const Shop& intakeShop()
{
    static const Shop kShop = shippedShop();
    return kShop;
}

constexpr const char* kPins =
    "terminal,plug,pin,colour,known,drawer\r\nRL+,big,1,grey,measured,x\r\nXX+,big,2,red,,y\r\n";

TEST(Importer, AKindIsFoundByItsEndingAndItsFirstLine)
{
    std::ostringstream shelf;
    writeShelf(shelf, intakeShop().shelf);
    EXPECT_EQ(importerFor("parts.CSV", shelf.str())->key, "shelf");
    EXPECT_EQ(importerFor("parts.csv",
                          "\xEF\xBB\xBF"
                          "name,key\r\n")
                  ->key,
              "shelf");
    EXPECT_EQ(importerFor("a/b.c/radio.csv", kPins)->key, "pins");
    EXPECT_EQ(importerFor("left.frd", "100 80\n")->key, "response");
    EXPECT_EQ(importerFor("table.csv", "a,b\r\n"), nullptr);
    EXPECT_EQ(importerFor("table.csv", ""), nullptr);
    EXPECT_EQ(importerFor("csv", kPins), nullptr);
    EXPECT_EQ(importerFor("plan.reed", "{}"), nullptr);
}

TEST(Importer, EveryKindHasItsOwnKeyAndIsFoundByIt)
{
    std::set<std::string_view> keys;
    for (const Importer& importer : importers()) {
        EXPECT_TRUE(keys.insert(importer.key).second) << importer.key;
        EXPECT_EQ(importerByKey(importer.key), &importer);
    }
    EXPECT_EQ(importerByKey("pin"), nullptr);
}

TEST(Importer, OnlyWhatCanTakeItIsOffered)
{
    const Fitout found = resolve(demoPlan(), kFound);
    EXPECT_EQ(targetsOf(*importerByKey("pins"), found), std::vector{kRadio});
    EXPECT_EQ(targetsOf(*importerByKey("response"), found), (std::vector{kLeftSpeaker, kRightSpeaker}));
    EXPECT_TRUE(targetsOf(*importerByKey("shelf"), found).empty());
}

TEST(Importer, WhatATableOfPinsHasTooMuchIsNamed)
{
    const Plan plan = demoPlan();
    const auto intake = importerByKey("pins")->read(kPins, "radio.csv", {&plan, kFound, kRadio}, intakeShop());
    ASSERT_TRUE(intake);
    EXPECT_EQ(intake->rows, 1U);
    EXPECT_EQ(intake->passedOver, std::vector<std::string>{"drawer"});
    EXPECT_EQ(intake->homeless, std::vector<std::string>{"XX+"});
    const Plan after = apply(plan, std::get<Edit>(intake->gives)).plan;
    EXPECT_EQ(partOf(resolve(after, kFound), kRadio).pins.at("RL+").number, "1");
}

TEST(Importer, AShelfKeepsItsGoodLines)
{
    const auto intake =
        importerByKey("shelf")->read("key,name,re_ohm\r\none,One,3.3\r\ntwo,Two,many\r\n", "s.csv", {}, intakeShop());
    ASSERT_TRUE(intake);
    EXPECT_EQ(intake->rows, 1U);
    EXPECT_EQ(intake->errors.size(), 1U);
    EXPECT_EQ(std::get<Shelf>(intake->gives).parts.front().name, "One");
}

// A measured response is what is heard from then on: 6 dB more of it is 6 dB more at the ear, where it reaches.
TEST(Importer, AMeasuredResponseIsHeardFromThenOn)
{
    const Plan plan = demoPlan();
    const auto heard = [&](double level_db) {
        std::string text;
        for (const double hz : {20.0, 200.0, 2000.0, 20000.0}) text += fmt::format("{} {} 0\n", hz, level_db);
        const auto intake =
            importerByKey("response")->read(text, "left.frd", {&plan, kFound, kLeftSpeaker}, intakeShop());
        EXPECT_TRUE(intake);
        EXPECT_EQ(intake->rows, 4U);
        EXPECT_EQ(textsOf(intake->warnings), std::vector<std::string>{"AsOnASheet"}) << "what it is taken for is said";
        const Plan after = apply(plan, std::get<Edit>(intake->gives)).plan;
        EXPECT_TRUE(validate(after).empty());
        EXPECT_EQ(after.curves.size(), plan.curves.size() + 1);
        return evaluateJob(after, intakeShop().practice).stages.at(kFound)->hearing.begin()->second.level_db.eval();
    };
    const Eigen::ArrayXd apart_db = heard(92.0) - heard(86.0);
    EXPECT_NEAR(apart_db(apart_db.size() / 2), 6.0, 1e-6);
    EXPECT_NEAR(apart_db(apart_db.size() - 1), 6.0, 1e-6);
}

// Another response takes the place of the one before, and no curve is left that nothing uses.
TEST(Importer, ASecondResponseReplacesTheFirst)
{
    const Plan plan = demoPlan();
    const auto take = [](const Plan& before, const char* text) {
        const auto intake =
            importerByKey("response")->read(text, "left.frd", {&before, kFound, kLeftSpeaker}, intakeShop());
        return apply(before, std::get<Edit>(intake->gives));
    };
    const Plan once = take(plan, "100 80\n1000 84\n").plan;
    const Applied twice = take(once, "100 70\n1000 74\n10000 70\n");
    EXPECT_EQ(twice.plan.curves.size(), once.curves.size());
    EXPECT_EQ(twice.plan.curves.rbegin()->second.level_db, (std::vector{70.0, 74.0, 70.0}));
    EXPECT_TRUE(twice.plan.curves.rbegin()->second.phase_deg.empty());
    EXPECT_EQ(apply(twice.plan, twice.inverse).plan, once);
    const auto bad =
        importerByKey("response")->read("100 high\n", "x.frd", {&plan, kFound, kLeftSpeaker}, intakeShop());
    ASSERT_FALSE(bad);
    EXPECT_EQ(bad.error().file, "x.frd");
}

// The impedance of a speaker that is known, as a sweep would write it: what it is made of is known from then on, as
// measured. Reference: the model's own impedance in free air, Small (1972).
TEST(Importer, AMeasuredImpedanceIsWhatTheSpeakerIs)
{
    const DriverParameters made{.re_ohm = 3.4, .le_h = 0.45e-3, .fs_hz = 72.0, .qms = 4.2, .qes = 0.71};
    const Eigen::ArrayXd hz = Eigen::ArrayXd::LinSpaced(240, std::log(15.0), std::log(4000.0)).exp();
    const Eigen::ArrayXcd ohm = impedance_ohm(made, hz);
    std::string text = "* free air\n";
    for (Eigen::Index i = 0; i < hz.size(); ++i)
        text += fmt::format("{:.4f} {:.5f} {:.4f}\n", hz(i), std::abs(ohm(i)),
                            std::arg(ohm(i)) * 180.0 / std::numbers::pi);
    const Plan plan = demoPlan();
    const Importer& importer = *importerByKey("impedance");
    const auto intake = importer.read(text, "left.zma", {&plan, kFound, kLeftSpeaker}, intakeShop());
    ASSERT_TRUE(intake) << intake.error().message;
    EXPECT_EQ(intake->rows, 240U);
    EXPECT_EQ(textsOf(intake->warnings), std::vector<std::string>{"AsInFreeAir"}) << "what it is taken for is said";
    const Applied taken = apply(plan, std::get<Edit>(intake->gives));
    EXPECT_TRUE(validate(taken.plan).empty());
    EXPECT_EQ(apply(taken.plan, taken.inverse).plan, plan);
    const Evaluation evaluation = evaluateJob(taken.plan, intakeShop().practice);
    const RunResult& run = *findRunOfDevice(*evaluation.stages.at(kFound), kLeftSpeaker);
    EXPECT_NEAR(run.driver.re_ohm, made.re_ohm, 0.002 * made.re_ohm);
    EXPECT_NEAR(run.driver.le_h, made.le_h, 0.005 * made.le_h);
    EXPECT_NEAR(run.driver.fs_hz, made.fs_hz, 0.002 * made.fs_hz);
    EXPECT_NEAR(run.driver.qms, made.qms, 0.01 * made.qms);
    EXPECT_NEAR(run.driver.qes, made.qes, 0.01 * made.qes);
    for (const Quantity what : {Quantity::Re_ohm, Quantity::Le_h, Quantity::Fs_hz, Quantity::Qms, Quantity::Qes})
        EXPECT_EQ(run.coil.at(what).basis.origin, Origin::Measured);
    EXPECT_EQ(importerFor("left.zma", text), &importer);
    ASSERT_TRUE(intake->band_hz);
    EXPECT_NEAR(intake->band_hz->first, 15.0, 0.01);
    EXPECT_NEAR(intake->band_hz->second, 4000.0, 0.01);
}

// What is no impedance of a speaker changes nothing and says what to do; of two coils nobody knows which was swept.
TEST(Importer, AnImpedanceThatTellsNothingIsRefused)
{
    // Qms of 80 is none of a speaker: at most 50 may be stated.
    const DriverParameters bell{.re_ohm = 3.4, .le_h = 0.2e-3, .fs_hz = 72.0, .qms = 80.0, .qes = 0.7};
    const Eigen::ArrayXd hz = Eigen::ArrayXd::LinSpaced(2000, std::log(15.0), std::log(2000.0)).exp();
    const Eigen::ArrayXcd ohm = impedance_ohm(bell, hz);
    std::string rung;
    for (Eigen::Index i = 0; i < hz.size(); ++i)
        rung += fmt::format("{:.4f} {:.5f} {:.4f}\n", hz(i), std::abs(ohm(i)),
                            std::arg(ohm(i)) * 180.0 / std::numbers::pi);
    const Plan plan = demoPlan();
    const Importer& importer = *importerByKey("impedance");
    const auto messageOf = [&](const std::string& text) {
        const auto intake = importer.read(text, "x.zma", {&plan, kFound, kLeftSpeaker}, intakeShop());
        EXPECT_FALSE(intake);
        return intake ? std::string() : intake.error().message;
    };
    std::string flat;
    for (int at_hz = 20; at_hz < 2000; at_hz += 20) flat += fmt::format("{} 4.0\n", at_hz);
    EXPECT_NE(messageOf(flat).find("no resonance"), std::string::npos);
    EXPECT_NE(messageOf("20 4\n50 12\n100 4\n").find("too few"), std::string::npos);
    EXPECT_NE(messageOf(rung).find("allowed 0.1 to 50"), std::string::npos) << messageOf(rung);
    const Part one = partOf(resolve(plan, kFound), kLeftSpeaker);
    EXPECT_TRUE(importer.mayGoOnto(one));
    Part two = one;
    two.inside["2"] = two.inside.at("1");
    two.inside["1"].cone = two.inside["2"].cone = 1;
    EXPECT_FALSE(importer.mayGoOnto(two));
}

TEST(Importer, AFileThatIsNotThereIsNamed)
{
    const auto none = takeFile(*importerByKey("shelf"), "/nowhere/x.csv", "x.csv", {}, intakeShop());
    ASSERT_FALSE(none);
    EXPECT_EQ(none.error().file, "x.csv");
}

}  // namespace
}  // namespace core
