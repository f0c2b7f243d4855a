#pragma once

#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "core/base/id.h"

namespace core {

// What a figure is a figure of. One row of `quantities()` for each: it serves the file, the schema, the fields and the
// checks.
enum class Quantity {
    Nominal_ohm,
    Re_ohm,
    Le_h,
    Fs_hz,
    Qms,
    Qes,
    Vas_m3,
    Sd_m2,
    Xmax_m,
    Power_w,
    Sensitivity_db,
    Polarity,
    NetPolarity,
    SeenOhm_ohm,
    Capacitance_f,
    Inductance_h,
    Resistance_ohm,
    SeriesResistance_ohm,
    RatedPower_w,
    RatedLoad_ohm,
    SecondPower_w,  // a second rating, into another load
    SecondLoad_ohm,
    LeastLoad_ohm,
    LeastBridged_ohm,  // the least load across two channels joined to one
    OutputResistance_ohm,
    HighPass_hz,
    HighPassOrder,
    LowPass_hz,
    LowPassOrder,
    MostDelay_s,  // that an output can be set to; 0: it cannot delay
    Length_m,
    Area_m2,
    Depth_m,
    Cutout_m,
    CutoutShort_m,  // of an oval opening, across its length
    FrontClearance_m,  // from the mounting face to the cover
    ScrewCount,
    ScrewCircle_m,  // diameter through the screw holes; or a rectangle of them:
    ScrewWidth_m,
    ScrewHeight_m,
    Mass_kg,
    // how a driver is mounted, of it, its place, its spacer and its screws
    Basket_m,  // of a driver: its body behind the flange
    BasketShort_m,  // of an oval, across its length
    Flange_m,
    FlangeShort_m,
    FlangeThickness_m,  // how far it stands out
    Surround_m,         // height of the roll over the mounting face
    Magnet_m,
    MostTravel_m,  // one way, where it strikes
    Dome_m,
    ScrewStart_deg,  // angles: seen from the front, counter-clockwise from the right
    ScrewHole_m,
    ScrewSlot_m,  // half the length of a slot
    OuterScrewCount,  // of a bracket: the holes by which it takes the vehicle's own, as those of a driver
    OuterScrewCircle_m,
    OuterScrewWidth_m,
    OuterScrewHeight_m,
    OuterScrewStart_deg,
    TabCount,     // holes in tabs that can be broken off, of a driver or outside on a bracket
    TabCircle_m,  // diameter through them
    TabsOff,      // of a driver as it is mounted: 1, they are broken off
    RatedVoltage_v,
    Terminal_deg,
    Badge_deg,
    ScrewLength_m,
    Thickness_m,
    WireNotch_m,  // of a spacer, for the cable; 0: none
    AreaMass_kg_m2,
    SheetArea_m2,  // of a mat as it is sold
    Covered_m2,    // by a mat
    Layers,
    Skin_m2,       // of a place: the metal behind it that could be covered
    SkinSheet_m,   // its thickness
    KeptClear_m2,  // of it, for the keep-outs
    Fuse_a,
    SupplyDraw_a,
    Ampacity_a,
    Price,
    // of a source, and of what lies ready behind its place; 0: there is none
    LineOutputs,
    LineOutput_v,
    ConstantFeed_v,
    SwitchedFeed_v,
    TurnOn_v,
    FeedGround_ohm,
    DepthGlassUp_m,  // of a place: Depth_m with the window closed
    ScrewRoom_m,     // free behind the screws
    Sheet_m,         // thickness of what the screws bite in
    Between_m,       // parts between a flange and the panel over it
    Stump_m,         // what stands up round the hole: rivets drilled off, a rim
    Obstruction_m,   // depth that something in the way takes, and that cutting it away would give
    WireExit_deg,    // where the vehicle's cable comes from
    GlassSide_deg,   // where what lies behind comes nearest
    Route_m,         // that a cable takes to the driver
    LoopInGlass,     // of a wire: a loop hangs where the window runs
    // of a place or an enclosure: the air behind a driver and what surrounds it
    BoxVolume_m3,
    Tuning_hz,
    LeakQ,
    PortQ,
    BoxQ,
    FillGain,
    PortDiameter_m,
    PortCount,
    LeaksOutdoors,
    FrontBack_m,
    LeakCoupling,
    PodWidth_m,
    GrilleThickness_m,
    GrilleHole_m,
    GrillePitch_m,
    // of a body, and its cabin inside
    BodyHeight_m,
    Wheelbase_m,
    CabinLength_m,
    CabinWidth_m,
    CabinHeight_m,
    CabinFront_m,
    CabinFloor_m,
    CabinLeak_hz,
    // computed, never stored in a plan
    LeastImpedance_ohm,
    AtFrequency_hz,
    Corner_hz,
    CornerShift_octave,
    Level_db,
    LevelChange_db,
    ProgrammePower_w,
    SinePower_w,
    Travel_m,
    ProgrammeTravel_m,
    CoilCount,
    PortSpeed_m_s,
    Ratio,
    DepthMargin_m,
    GlassMargin_m,
    FrontMargin_m,
    ScrewMargin_m,
    SpacerNeeded_m,
    MatchedHoles,
    CutoutLeast_m,
    CutoutMost_m,
    CoverLoss_db,
    Slack_m,
    FixingForce_n,
    OpenCounts,
    RatedUnder_db,
    Mismatch_db,
    BandChange_db,
    TopCorner_hz,
    Cuts  // for good, of a harness
};

struct QuantityRow {
    Quantity quantity{};
    std::string_view key;   // as in files: "re_ohm"
    std::string_view unit;  // SI; empty for a ratio or a count
    double least = 0.0;
    double greatest = 0.0;
    bool whole = false;  // a count, an order, a yes or a no
};

[[nodiscard]] std::span<const QuantityRow> quantities();
[[nodiscard]] const QuantityRow& row(Quantity quantity);
[[nodiscard]] std::optional<Quantity> quantityFromKey(std::string_view key);
// Within its range, and whole where it is a count. Not a number is not.
[[nodiscard]] bool allows(Quantity quantity, double value);
[[nodiscard]] std::string allowedText(Quantity quantity);  // "allowed 0.05 to 1000 ohm"

// How a figure is known, best first. A computed figure carries the worst origin of its inputs.
enum class Origin { Measured, Stated, CommonPractice, ClassGuess };

struct Basis {
    Origin origin = Origin::Stated;
    bool toConfirm = false;
    ReadingId reading{};  // the reading that settled it, if one did
    bool operator==(const Basis&) const = default;
};

struct Known {
    double value = 0.0;  // SI, in the unit of its quantity
    Basis basis{};
    double spread = 0.0;  // relative; 0: what Practice says for this origin
    bool operator==(const Known&) const = default;
};

// A quantity that is absent is unknown, which is legal everywhere.
using Figures = std::map<Quantity, Known>;

[[nodiscard]] std::optional<double> valueOf(const Figures& figures, Quantity quantity);

}  // namespace core
