#include "words/quantity_words.h"

#include "words/tr.h"

namespace words {

using namespace core;

QString labelOf(Quantity quantity)
{
    switch (quantity) {
        case Quantity::Depth_m:
            return Words::tr("depth");
        case Quantity::Cutout_m:
            return Words::tr("hole across");
        case Quantity::CutoutShort_m:
            return Words::tr("oval: hole the short way");
        case Quantity::FrontClearance_m:
            return Words::tr("room in front");
        case Quantity::ScrewCount:
            return Words::tr("screw holes");
        case Quantity::ScrewCircle_m:
            return Words::tr("circle through them");
        case Quantity::ScrewWidth_m:
            return Words::tr("or rectangle, wide");
        case Quantity::ScrewHeight_m:
            return Words::tr("and high");
        case Quantity::BoxVolume_m3:
            return Words::tr("air behind it");
        case Quantity::Tuning_hz:
            return Words::tr("port tuned to");
        case Quantity::GrilleThickness_m:
            return Words::tr("plate thick");
        case Quantity::GrilleHole_m:
            return Words::tr("its holes");
        case Quantity::GrillePitch_m:
            return Words::tr("hole to hole");
        case Quantity::Nominal_ohm:
            return Words::tr("nominal");
        case Quantity::Re_ohm:
            return Words::tr("DC resistance");
        case Quantity::Capacitance_f:
            return Words::tr("own capacitor");
        case Quantity::RatedPower_w:
            return Words::tr("rated power");
        case Quantity::RatedLoad_ohm:
            return Words::tr("into");
        case Quantity::LeastLoad_ohm:
            return Words::tr("least load");
        case Quantity::LeastBridged_ohm:
            return Words::tr("least, bridged");
        case Quantity::HighPass_hz:
            return Words::tr("nothing below");
        case Quantity::LowPass_hz:
            return Words::tr("nothing above");
        case Quantity::BodyHeight_m:
            return Words::tr("height");
        case Quantity::Wheelbase_m:
            return Words::tr("axle to axle");
        case Quantity::Sensitivity_db:
            return Words::tr("sensitivity");
        case Quantity::Fs_hz:
            return Words::tr("resonance");
        case Quantity::TopCorner_hz:
            return Words::tr("top of the band");
        case Quantity::Power_w:
            return Words::tr("rated for");
        case Quantity::Xmax_m:
            return Words::tr("travel Xmax");
        case Quantity::Mass_kg:
            return Words::tr("mass");
        case Quantity::Price:
            return Words::tr("price");
        case Quantity::Qms:
            return Words::tr("Qms");
        case Quantity::Qes:
            return Words::tr("Qes");
        case Quantity::Vas_m3:
            return Words::tr("Vas");
        case Quantity::Sd_m2:
            return Words::tr("cone area");
        case Quantity::Le_h:
            return Words::tr("inductance");
        case Quantity::Basket_m:
            return Words::tr("body behind the flange");
        case Quantity::BasketShort_m:
            return Words::tr("oval: body the short way");
        case Quantity::FlangeShort_m:
            return Words::tr("oval: flange the short way");
        case Quantity::Flange_m:
            return Words::tr("flange across");
        case Quantity::FlangeThickness_m:
            return Words::tr("flange thick");
        case Quantity::Surround_m:
            return Words::tr("surround high");
        case Quantity::Magnet_m:
            return Words::tr("magnet across");
        case Quantity::MostTravel_m:
            return Words::tr("strikes at");
        case Quantity::Dome_m:
            return Words::tr("dome");
        case Quantity::ScrewStart_deg:
            return Words::tr("first hole at, degrees");
        case Quantity::ScrewHole_m:
            return Words::tr("each hole");
        case Quantity::ScrewSlot_m:
            return Words::tr("slots, half long");
        case Quantity::OuterScrewCount:
            return Words::tr("outer holes");
        case Quantity::OuterScrewCircle_m:
            return Words::tr("circle through the outer holes");
        case Quantity::OuterScrewWidth_m:
            return Words::tr("outer holes side by side");
        case Quantity::OuterScrewHeight_m:
            return Words::tr("outer holes one over the other");
        case Quantity::OuterScrewStart_deg:
            return Words::tr("first outer hole at, degrees");
        case Quantity::TabCount:
            return Words::tr("holes in tabs that break off");
        case Quantity::TabCircle_m:
            return Words::tr("circle through the tabs");
        case Quantity::TabsOff:
            return Words::tr("tabs broken off");
        case Quantity::RatedVoltage_v:
            return Words::tr("bears");
        case Quantity::Terminal_deg:
            return Words::tr("terminals at, degrees");
        case Quantity::Badge_deg:
            return Words::tr("badge up at, degrees");
        case Quantity::ScrewLength_m:
            return Words::tr("screws long");
        case Quantity::Thickness_m:
            return Words::tr("thick");
        case Quantity::WireNotch_m:
            return Words::tr("notch for the cable");
        case Quantity::AreaMass_kg_m2:
            return Words::tr("mass per area");
        case Quantity::SheetArea_m2:
            return Words::tr("area of a sheet");
        case Quantity::Covered_m2:
            return Words::tr("area");
        case Quantity::Layers:
            return Words::tr("layers");
        case Quantity::Skin_m2:
            return Words::tr("metal behind it");
        case Quantity::SkinSheet_m:
            return Words::tr("metal thick");
        case Quantity::KeptClear_m2:
            return Words::tr("of it kept clear");
        case Quantity::Fuse_a:
            return Words::tr("fuse");
        case Quantity::SupplyDraw_a:
            return Words::tr("draws");
        case Quantity::Ampacity_a:
            return Words::tr("cable carries");
        case Quantity::Length_m:
            return Words::tr("long");
        case Quantity::Area_m2:
            return Words::tr("cross-section");
        case Quantity::DepthGlassUp_m:
            return Words::tr("depth, window closed");
        case Quantity::ScrewRoom_m:
            return Words::tr("room behind the screws");
        case Quantity::Sheet_m:
            return Words::tr("sheet thick");
        case Quantity::Between_m:
            return Words::tr("parts between");
        case Quantity::WireExit_deg:
            return Words::tr("cable comes from, degrees");
        case Quantity::GlassSide_deg:
            return Words::tr("closest at, degrees");
        case Quantity::Route_m:
            return Words::tr("way of the cable");
        case Quantity::LoopInGlass:
            return Words::tr("loop near the glass");
        case Quantity::DepthMargin_m:
            return Words::tr("left behind");
        case Quantity::GlassMargin_m:
            return Words::tr("left behind, window closed");
        case Quantity::FrontMargin_m:
            return Words::tr("left in front");
        case Quantity::ScrewMargin_m:
            return Words::tr("left behind the screws");
        case Quantity::SpacerNeeded_m:
            return Words::tr("spacer");
        case Quantity::Stump_m:
            return Words::tr("stands up round the hole");
        case Quantity::Obstruction_m:
            return Words::tr("depth it takes");
        case Quantity::FixingForce_n:
            return Words::tr("on each screw");
        case Quantity::LineOutputs:
            return Words::tr("line outputs");
        case Quantity::LineOutput_v:
            return Words::tr("each gives up to");
        case Quantity::ConstantFeed_v:
            return Words::tr("constant feed");
        case Quantity::SwitchedFeed_v:
            return Words::tr("switched feed");
        case Quantity::TurnOn_v:
            return Words::tr("turn-on lead");
        case Quantity::FeedGround_ohm:
            return Words::tr("ground there");
        case Quantity::MostDelay_s:
            return Words::tr("delays up to");
        case Quantity::SecondPower_w:
            return Words::tr("or");
        case Quantity::SecondLoad_ohm:
            return Words::tr("into");
        default:
            return QString::fromStdString(std::string(row(quantity).key));
    }
}

}  // namespace words
