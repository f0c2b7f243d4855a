#include "core/model/quantity.h"

#include <fmt/format.h>

#include <array>
#include <cmath>
#include <unordered_map>

namespace core {
namespace {

// The ranges refuse what can only be a slip of the pen or of the unit, not what is unusual.
constexpr std::array kRows{
    QuantityRow{Quantity::Nominal_ohm, "nominal_ohm", "ohm", 0.25, 100.0},
    QuantityRow{Quantity::Re_ohm, "re_ohm", "ohm", 0.05, 1000.0},
    QuantityRow{Quantity::Le_h, "le_h", "H", 0.0, 0.1},
    QuantityRow{Quantity::Fs_hz, "fs_hz", "Hz", 5.0, 20000.0},
    QuantityRow{Quantity::Qms, "qms", "", 0.1, 50.0},
    QuantityRow{Quantity::Qes, "qes", "", 0.05, 20.0},
    QuantityRow{Quantity::Vas_m3, "vas_m3", "m3", 1e-8, 2.0},
    QuantityRow{Quantity::Sd_m2, "sd_m2", "m2", 1e-5, 0.5},
    QuantityRow{Quantity::Xmax_m, "xmax_m", "m", 1e-6, 0.1},
    QuantityRow{Quantity::Power_w, "power_w", "W", 0.1, 10000.0},
    QuantityRow{Quantity::Sensitivity_db, "sensitivity_db", "dB at 2.83 V, 1 m", 50.0, 120.0},
    QuantityRow{Quantity::Polarity, "polarity", "", -1.0, 1.0, true},
    QuantityRow{Quantity::NetPolarity, "netPolarity", "", -1.0, 1.0, true},
    QuantityRow{Quantity::SeenOhm_ohm, "seenOhm_ohm", "ohm", 0.0, 1e6},
    QuantityRow{Quantity::Capacitance_f, "capacitance_f", "F", 1e-10, 1.0},
    QuantityRow{Quantity::Inductance_h, "inductance_h", "H", 1e-8, 1.0},
    QuantityRow{Quantity::Resistance_ohm, "resistance_ohm", "ohm", 1e-4, 1e6},
    QuantityRow{Quantity::SeriesResistance_ohm, "seriesResistance_ohm", "ohm", 0.0, 100.0},
    QuantityRow{Quantity::RatedPower_w, "ratedPower_w", "W", 0.1, 10000.0},
    QuantityRow{Quantity::RatedLoad_ohm, "ratedLoad_ohm", "ohm", 0.25, 100.0},
    QuantityRow{Quantity::SecondPower_w, "secondPower_w", "W", 0.1, 10000.0},
    QuantityRow{Quantity::SecondLoad_ohm, "secondLoad_ohm", "ohm", 0.25, 100.0},
    QuantityRow{Quantity::LeastLoad_ohm, "leastLoad_ohm", "ohm", 0.25, 100.0},
    QuantityRow{Quantity::LeastBridged_ohm, "leastBridged_ohm", "ohm", 0.25, 100.0},
    QuantityRow{Quantity::OutputResistance_ohm, "outputResistance_ohm", "ohm", 1e-4, 10.0},
    QuantityRow{Quantity::HighPass_hz, "highPass_hz", "Hz", 1.0, 20000.0},
    QuantityRow{Quantity::HighPassOrder, "highPassOrder", "", 1.0, 8.0, true},
    QuantityRow{Quantity::LowPass_hz, "lowPass_hz", "Hz", 1.0, 40000.0},
    QuantityRow{Quantity::LowPassOrder, "lowPassOrder", "", 1.0, 8.0, true},
    QuantityRow{Quantity::MostDelay_s, "mostDelay_s", "s", 0.0, 1.0},
    QuantityRow{Quantity::Length_m, "length_m", "m", 0.0, 30.0},
    QuantityRow{Quantity::Area_m2, "area_m2", "m2", 1e-8, 5e-4},
    QuantityRow{Quantity::Depth_m, "depth_m", "m", 0.0, 1.0},
    QuantityRow{Quantity::Cutout_m, "cutout_m", "m", 0.0, 1.0},
    QuantityRow{Quantity::CutoutShort_m, "cutoutShort_m", "m", 0.0, 1.0},
    QuantityRow{Quantity::FrontClearance_m, "frontClearance_m", "m", 0.0, 0.5},
    QuantityRow{Quantity::ScrewCount, "screwCount", "", 0.0, 24.0, true},
    QuantityRow{Quantity::ScrewCircle_m, "screwCircle_m", "m", 0.01, 0.6},
    QuantityRow{Quantity::ScrewWidth_m, "screwWidth_m", "m", 0.005, 0.6},
    QuantityRow{Quantity::ScrewHeight_m, "screwHeight_m", "m", 0.005, 0.6},
    QuantityRow{Quantity::Mass_kg, "mass_kg", "kg", 0.0, 200.0},
    QuantityRow{Quantity::Basket_m, "basket_m", "m", 0.005, 0.6},
    QuantityRow{Quantity::BasketShort_m, "basketShort_m", "m", 0.005, 0.6},
    QuantityRow{Quantity::Flange_m, "flange_m", "m", 0.01, 0.8},
    QuantityRow{Quantity::FlangeShort_m, "flangeShort_m", "m", 0.01, 0.8},
    QuantityRow{Quantity::FlangeThickness_m, "flangeThickness_m", "m", 0.0, 0.05},
    QuantityRow{Quantity::Surround_m, "surround_m", "m", 0.0, 0.06},
    QuantityRow{Quantity::Magnet_m, "magnet_m", "m", 0.005, 0.4},
    QuantityRow{Quantity::MostTravel_m, "mostTravel_m", "m", 0.0, 0.1},
    QuantityRow{Quantity::Dome_m, "dome_m", "m", 0.005, 0.1},
    QuantityRow{Quantity::ScrewStart_deg, "screwStart_deg", "deg", -360.0, 360.0},
    QuantityRow{Quantity::ScrewHole_m, "screwHole_m", "m", 0.001, 0.02},
    QuantityRow{Quantity::ScrewSlot_m, "screwSlot_m", "m", 0.0, 0.02},
    QuantityRow{Quantity::OuterScrewCount, "outerScrewCount", "", 0.0, 24.0, true},
    QuantityRow{Quantity::OuterScrewCircle_m, "outerScrewCircle_m", "m", 0.01, 0.6},
    QuantityRow{Quantity::OuterScrewWidth_m, "outerScrewWidth_m", "m", 0.005, 0.6},
    QuantityRow{Quantity::OuterScrewHeight_m, "outerScrewHeight_m", "m", 0.005, 0.6},
    QuantityRow{Quantity::OuterScrewStart_deg, "outerScrewStart_deg", "deg", -360.0, 360.0},
    QuantityRow{Quantity::TabCount, "tabCount", "", 0.0, 12.0, true},
    QuantityRow{Quantity::TabCircle_m, "tabCircle_m", "m", 0.01, 0.6},
    QuantityRow{Quantity::TabsOff, "tabsOff", "", 0.0, 1.0, true},
    QuantityRow{Quantity::RatedVoltage_v, "ratedVoltage_v", "V", 1.0, 2000.0},
    QuantityRow{Quantity::Terminal_deg, "terminal_deg", "deg", -360.0, 360.0},
    QuantityRow{Quantity::Badge_deg, "badge_deg", "deg", -360.0, 360.0},
    QuantityRow{Quantity::ScrewLength_m, "screwLength_m", "m", 0.003, 0.2},
    QuantityRow{Quantity::Thickness_m, "thickness_m", "m", 0.0, 0.1},
    QuantityRow{Quantity::WireNotch_m, "wireNotch_m", "m", 0.0, 0.05},
    QuantityRow{Quantity::AreaMass_kg_m2, "areaMass_kg_m2", "kg/m2", 0.0, 50.0},
    QuantityRow{Quantity::SheetArea_m2, "sheetArea_m2", "m2", 0.001, 50.0},
    QuantityRow{Quantity::Covered_m2, "covered_m2", "m2", 0.001, 50.0},
    QuantityRow{Quantity::Layers, "layers", "", 1.0, 4.0, true},
    QuantityRow{Quantity::Skin_m2, "skin_m2", "m2", 0.001, 50.0},
    QuantityRow{Quantity::SkinSheet_m, "skinSheet_m", "m", 0.0001, 0.05},
    QuantityRow{Quantity::KeptClear_m2, "keptClear_m2", "m2", 0.0, 50.0},
    QuantityRow{Quantity::Fuse_a, "fuse_a", "A", 0.5, 500.0},
    QuantityRow{Quantity::SupplyDraw_a, "supplyDraw_a", "A", 0.0, 1000.0},
    QuantityRow{Quantity::Ampacity_a, "ampacity_a", "A", 0.0, 1000.0},
    QuantityRow{Quantity::Price, "price", "", 0.0, 100000.0},
    QuantityRow{Quantity::LineOutputs, "lineOutputs", "", 0.0, 24.0, true},
    QuantityRow{Quantity::LineOutput_v, "lineOutput_v", "V", 0.0, 20.0},
    QuantityRow{Quantity::ConstantFeed_v, "constantFeed_v", "V", 0.0, 60.0},
    QuantityRow{Quantity::SwitchedFeed_v, "switchedFeed_v", "V", 0.0, 60.0},
    QuantityRow{Quantity::TurnOn_v, "turnOn_v", "V", 0.0, 60.0},
    QuantityRow{Quantity::FeedGround_ohm, "feedGround_ohm", "ohm", 0.0, 1e6},
    QuantityRow{Quantity::DepthGlassUp_m, "depthGlassUp_m", "m", 0.0, 1.0},
    QuantityRow{Quantity::ScrewRoom_m, "screwRoom_m", "m", 0.0, 1.0},
    QuantityRow{Quantity::Sheet_m, "sheet_m", "m", 0.0, 0.05},
    QuantityRow{Quantity::Between_m, "between_m", "m", 0.0, 0.05},
    QuantityRow{Quantity::Stump_m, "stump_m", "m", 0.0, 0.05},
    QuantityRow{Quantity::Obstruction_m, "obstruction_m", "m", 0.0, 0.2},
    QuantityRow{Quantity::WireExit_deg, "wireExit_deg", "deg", -360.0, 360.0},
    QuantityRow{Quantity::GlassSide_deg, "glassSide_deg", "deg", -360.0, 360.0},
    QuantityRow{Quantity::Route_m, "route_m", "m", 0.0, 30.0},
    QuantityRow{Quantity::LoopInGlass, "loopInGlass", "", 0.0, 1.0, true},
    QuantityRow{Quantity::BoxVolume_m3, "boxVolume_m3", "m3", 1e-05, 10.0},
    QuantityRow{Quantity::Tuning_hz, "tuning_hz", "Hz", 5.0, 500.0},
    QuantityRow{Quantity::LeakQ, "leakQ", "", 0.1, 1000.0},
    QuantityRow{Quantity::PortQ, "portQ", "", 0.1, 10000.0},
    QuantityRow{Quantity::BoxQ, "boxQ", "", 0.1, 50.0},
    QuantityRow{Quantity::FillGain, "fillGain", "", 0.0, 0.4},
    QuantityRow{Quantity::PortDiameter_m, "portDiameter_m", "m", 0.005, 0.5},
    QuantityRow{Quantity::PortCount, "portCount", "", 1.0, 20.0, true},
    QuantityRow{Quantity::LeaksOutdoors, "leaksOutdoors", "", 0.0, 1.0, true},
    QuantityRow{Quantity::FrontBack_m, "frontBack_m", "m", 0.01, 5.0},
    QuantityRow{Quantity::LeakCoupling, "leakCoupling", "", 0.0, 1.0},
    QuantityRow{Quantity::PodWidth_m, "podWidth_m", "m", 0.02, 3.0},
    QuantityRow{Quantity::GrilleThickness_m, "grilleThickness_m", "m", 0.0001, 0.02},
    QuantityRow{Quantity::GrilleHole_m, "grilleHole_m", "m", 0.0001, 0.05},
    QuantityRow{Quantity::GrillePitch_m, "grillePitch_m", "m", 0.0001, 0.1},
    QuantityRow{Quantity::BodyHeight_m, "bodyHeight_m", "m", 0.5, 5.0},
    QuantityRow{Quantity::Wheelbase_m, "wheelbase_m", "m", 0.5, 10.0},
    QuantityRow{Quantity::CabinLength_m, "cabinLength_m", "m", 0.5, 20.0},
    QuantityRow{Quantity::CabinWidth_m, "cabinWidth_m", "m", 0.5, 4.0},
    QuantityRow{Quantity::CabinHeight_m, "cabinHeight_m", "m", 0.5, 4.0},
    QuantityRow{Quantity::CabinFront_m, "cabinFront_m", "m", -10.0, 10.0},
    QuantityRow{Quantity::CabinFloor_m, "cabinFloor_m", "m", 0.0, 5.0},
    QuantityRow{Quantity::CabinLeak_hz, "cabinLeak_hz", "Hz", 1.0, 200.0},
    QuantityRow{Quantity::LeastImpedance_ohm, "leastImpedance_ohm", "ohm", 0.0, 1e9},
    QuantityRow{Quantity::AtFrequency_hz, "atFrequency_hz", "Hz", 0.0, 1e6},
    QuantityRow{Quantity::Corner_hz, "corner_hz", "Hz", 0.0, 1e9},
    QuantityRow{Quantity::CornerShift_octave, "cornerShift_octave", "octave", -60.0, 60.0},
    QuantityRow{Quantity::Level_db, "level_db", "dB", -1000.0, 1000.0},
    QuantityRow{Quantity::LevelChange_db, "levelChange_db", "dB", -1000.0, 1000.0},
    QuantityRow{Quantity::ProgrammePower_w, "programmePower_w", "W", 0.0, 1e9},
    QuantityRow{Quantity::SinePower_w, "sinePower_w", "W", 0.0, 1e9},
    QuantityRow{Quantity::Travel_m, "travel_m", "m", 0.0, 1e9},
    QuantityRow{Quantity::ProgrammeTravel_m, "programmeTravel_m", "m", 0.0, 1e9},
    QuantityRow{Quantity::CoilCount, "coilCount", "", 0.0, 4.0, true},
    QuantityRow{Quantity::PortSpeed_m_s, "portSpeed_m_s", "m/s", 0.0, 1e9},
    QuantityRow{Quantity::Ratio, "ratio", "", 0.0, 1e9},
    QuantityRow{Quantity::DepthMargin_m, "depthMargin_m", "m", -10.0, 10.0},
    QuantityRow{Quantity::GlassMargin_m, "glassMargin_m", "m", -10.0, 10.0},
    QuantityRow{Quantity::FrontMargin_m, "frontMargin_m", "m", -10.0, 10.0},
    QuantityRow{Quantity::ScrewMargin_m, "screwMargin_m", "m", -40.0, 10.0},
    QuantityRow{Quantity::SpacerNeeded_m, "spacerNeeded_m", "m", 0.0, 10.0},
    QuantityRow{Quantity::MatchedHoles, "matchedHoles", "", 0.0, 100.0, true},
    QuantityRow{Quantity::CutoutLeast_m, "cutoutLeast_m", "m", -1.0, 1.0},
    QuantityRow{Quantity::CutoutMost_m, "cutoutMost_m", "m", -1.0, 1.0},
    QuantityRow{Quantity::CoverLoss_db, "coverLoss_db", "dB", -100.0, 1000.0},
    QuantityRow{Quantity::Slack_m, "slack_m", "m", -60.0, 60.0},
    QuantityRow{Quantity::FixingForce_n, "fixingForce_n", "N", 0.0, 1e6},
    QuantityRow{Quantity::OpenCounts, "openCounts", "", 0.0, 1000.0, true},
    QuantityRow{Quantity::RatedUnder_db, "ratedUnder_db", "dB", -1000.0, 1000.0},
    QuantityRow{Quantity::Mismatch_db, "mismatch_db", "dB", 0.0, 1000.0},
    QuantityRow{Quantity::BandChange_db, "bandChange_db", "dB", -1000.0, 1000.0},
    QuantityRow{Quantity::TopCorner_hz, "topCorner_hz", "Hz", 0.0, 1000000000.0},
    QuantityRow{Quantity::Cuts, "cuts", "", 0.0, 1000.0, true},
};

// One row for each, in the order of the enum: a row is found by its number.
consteval bool inOrder()
{
    for (size_t i = 0; i < kRows.size(); ++i)
        if (static_cast<size_t>(kRows[i].quantity) != i) return false;
    return kRows.back().quantity == Quantity::Cuts;
}
static_assert(inOrder());

}  // namespace

std::span<const QuantityRow> quantities()
{
    return kRows;
}

const QuantityRow& row(Quantity quantity)
{
    return kRows.at(static_cast<size_t>(quantity));
}

std::optional<Quantity> quantityFromKey(std::string_view key)
{
    static const auto kByKey = [] {
        std::unordered_map<std::string_view, Quantity> byKey;
        for (const QuantityRow& one : kRows) byKey.emplace(one.key, one.quantity);
        return byKey;
    }();
    const auto found = kByKey.find(key);
    if (found == kByKey.end()) return std::nullopt;
    return found->second;
}

bool allows(Quantity quantity, double value)
{
    const QuantityRow& limits = row(quantity);
    return value >= limits.least && value <= limits.greatest && (!limits.whole || value == std::round(value));
}

std::string allowedText(Quantity quantity)
{
    const QuantityRow& limits = row(quantity);
    return fmt::format("allowed {:g} to {:g}{}{}{}", limits.least, limits.greatest, limits.unit.empty() ? "" : " ",
                       limits.unit, limits.whole ? ", whole numbers" : "");
}

std::optional<double> valueOf(const Figures& figures, Quantity quantity)
{
    const auto found = figures.find(quantity);
    if (found == figures.end()) return std::nullopt;
    return found->second.value;
}

}  // namespace core
