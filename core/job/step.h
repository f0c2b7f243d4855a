#pragma once

#include <compare>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/model/vehicle.h"
#include "core/model/wiring.h"
#include "core/practice/practice.h"

namespace core {

enum class StepKind {
    Note,        // photograph, write down colours, faults already there
    MakeLead,    // adapter lead with a capacitor, at the bench
    MakeSpacer,  // a spacer or ring from sheet, at the bench
    PowerDown,
    OpenPanel,
    OpenTrim,  // of a place whose way in nobody noted
    RemoveDriver,
    CutHole,
    Alter,      // seal a place, open its cover: what else the plan does to the vehicle
    StripSkin,  // what lay on the metal comes off
    CleanSkin,  // before something is laid on it
    LineSkin,
    InspectSkin,
    Retain,      // a new hold for a cable whose own was cut away
    FitSpacer,   // or a ring or a bracket
    CutPlug,     // off the vehicle's pair, and the new ends on
    LinkAcross,  // a link over a capacitor that stays
    JoinCoils,   // several coils of one cone, on the driver's own terminals
    InsertPart,  // a capacitor, a resistor or a board that was not in the lead before
    MountSource,
    LaySupply,  // the cable from the battery to an added source
    SwapLead,
    PlugLead,  // an adapter lead as it was bought
    CheckResistance,
    Connect,
    FitDriver,
    LetSet,  // adhesive
    PowerUpTrial,
    TrySound,
    FitFuse,  // near the battery, last of all
    Protect,  // against what the vehicle's use does to it
    TryBeforeClosing,
    HearDriver,  // another one of the same place
    ClosePanel,
    CloseTrim,
    KeepOriginals,
    ProveInUse,
    ProveMoving,  // steering, lids and seat of a vehicle that is ridden
    Record
};

enum class Tool {
    PlasticPry,
    CrossHead,
    Ohmmeter,
    Camera,
    SolderOrCrimp,
    SideCutter,
    HexBattery,
    Tape,
    Drill,
    Vacuum,
    HoleSaw,
    Jigsaw,
    StarDriver,
    HexKey,
    Socket,
    RivetTool,
    Hook,
    Paint,
    Cleaner,
    Roller,
    HotAir,
    Knife
};

// A tool of a size, as people call it: a star driver "T25". Empty: any.
struct ToolUse {
    Tool tool{};
    std::string size{};
    auto operator<=>(const ToolUse&) const = default;
};

enum class Caution {
    BatteryFirst,
    HighVoltage,
    HotParts,
    Restraints,
    RestraintPlugsOpen,
    ShortCircuit,
    ClipsCounted,
    WaterFilm,
    HotSolder,
    ConeGuard,
    HearingStartLow,
    HearingInTheOpen,
    TrialFuse,
    LookBehind,
    MaskMagnet,
    CuttingEdges  // of metal and of foil
};

// What the words of a step name.
enum class StepFigure {
    Reading_ohm,  // what an ohmmeter should show, and between what
    ReadingLow_ohm,
    ReadingHigh_ohm,
    Value_f,
    Length_m,
    Fuse_a,
    Hole_m,
    HoleShort_m,  // of an oval
    Saw_m,        // absent: by a template
    Drill_m,
    Pilot_m,  // of a hole: the first drill, and the one that a saw blade goes into
    Blade_m,
    Thickness_m,
    Inside_m,
    Outside_m,
    TabsOff,   // 1: they are broken off first
    Turn_deg,   // of the driver, counter-clockwise as seen from the front
    AimIn_deg,  // which way it looks, where the plan says that: in of straight back, up of level
    AimUp_deg,
    Wire_deg,  // where the cable leaves
    Notch_m,
    OwnScrews_count,  // of a bracket; absent: the driver's screws go through it
    Screw_m,
    ScrewLength_m,
    Screws_count,
    ScrewTooShort_m,  // what the old ones lack
    Wait_min,
    Laid_m2,  // in all layers
    Layers
};

// One step, with its cautions beside it. Words live elsewhere.
struct Step {
    StepKind kind{};
    PlaceId place{};
    DeviceId device{};
    PanelId panel{};
    AlterationKind alteration{};  // of Alter, StripSkin and LineSkin
    Demand demand{};              // of Protect and ProveInUse
    Fixing fixing{};              // of FitDriver
    MountStyle style{};           // of FitDriver
    std::optional<Backing> backing{};  // of CutHole: what is cut, where anybody knows
    std::map<StepFigure, double> figures{};
    std::vector<ToolUse> tools{};
    std::vector<Caution> cautions{};
    PracticeKey time{};  // it takes this, so many times
    double times = 0.0;
    double minutes = 0.0, least_min = 0.0, most_min = 0.0;
    bool operator==(const Step&) const = default;

    // requires that the step has it
    [[nodiscard]] double operator[](StepFigure figure) const { return figures.at(figure); }
    [[nodiscard]] bool has(StepFigure figure) const { return figures.contains(figure); }
};

}  // namespace core
