#pragma once

#include <optional>
#include <string_view>
#include <variant>
#include <vector>

#include "core/model/edit.h"
#include "core/model/evaluation.h"

namespace core {

// Rules by what they say; code() gives the letters and number that people use among themselves.
enum class RuleId {
    LoadUnderMinimum,
    LowerLoadOnFactory,
    LessLevel,
    CoilOverRating,
    KeptCapacitor,
    CapacitorOnFilteredOutput,
    ClipsEarly,
    LevelMismatch,
    DepthAndSpacer,
    WindowTravel,
    CutoutAndRing,
    HoleUnknown,  // of a driver that is added
    DomeTakenForHole,
    ScrewHoles,
    ScrewOutsideFlange,  // a hole of the driver's own pattern
    FrontClearance,
    UnderPanel,
    CoverSwallows,
    HeavyOnAdhesive,
    SealMissing,
    PinchedCable,
    WireSlack,
    PlasticAnchors,
    CountsOpen,
    ScrewReaches,
    NeedlessCut,    // of what stands in the way of a driver that clears it
    FixingOverload,  // a driver too heavy for its screws
    CoilsFight,      // two coils of one cone push against each other
    CoilOpen,        // a coil that nothing is wired to
    DriverUnfed,     // a planned driver that no channel plays
    TweeterUnprotected,
    HighPassLost,  // with the old speaker, or bridged
    TravelWithProgramme,
    SubwooferTravel,  // of a sine
    PairTurnedOver,   // one of two sides against the other
    BassLostByFlip,
    FuseAndCable,    // of an added source
    CutAgainstWish  // for good, where the owner wants none
};

enum class Severity { Note, Care, Stop };

// One number of a finding: what it is, where it stands, and the limit it is held against.
struct Evidence {
    Address what{};
    StageId stage{};
    Computed figure{};
    std::optional<double> limit{};
    std::optional<PracticeKey> limitFrom{};
    bool operator==(const Evidence&) const = default;
};

// A figure of a stage that a finding's first figure hangs on, and how much it moves with it.
struct Lean {
    StageId stage{};
    Address figure{};
    double slope = 1.0;
    bool operator==(const Lean&) const = default;
};

// Asked when the mend is taken: a solver answers with an edit, a reading is typed by whoever holds the meter.
struct SolverRequest {
    enum class Kind { ChooseDriver, TakeReading, Measure, ChooseBracket } kind = Kind::ChooseDriver;
    DeviceId device{};
    StageId stage{};                 // of the reading
    std::optional<Quantity> what{};  // to measure with a ruler
    bool operator==(const SolverRequest&) const = default;
};

enum class MendName {
    ReplaceCapacitor,
    BypassCapacitor,
    ChooseDriver,
    SetHighPass,
    MeasureRe,
    MeasureFit,
    FitSpacer,
    FitRing,
    CutHole,
    CutByTemplate,
    ForgetCutout,
    TurnDriver,
    NewScrewHoles,
    OpenCover,
    FixByBracket,
    FixByRing,
    SealEdge,
    WireHole,
    WireLength,
    ShorterScrews,
    SetGain,
    CutObstruction,
    LeaveObstruction,
    CoilsInSeries,
    CoilsInParallel,
    TurnCoil,
    AddCapacitor,
    AddResistor,
    TurnOver,
    TakeBridgeOut,
    ConnectDriver,
    FitBracket,
    BreakTabs,
    FitFuse,
    ThickerCable,
    LeaveUncut,
    AllowCutting
};

struct Mend {
    MendName name{};
    double figure = 0.0;  // what the button names: F, Hz, ohm
    std::variant<Edit, SolverRequest> act{};
    double cost_db = 0.0;  // level that it takes, where it takes any
    bool operator==(const Mend&) const = default;
};

// One judgement, as data: its words live elsewhere.
struct Finding {
    RuleId rule{};
    Severity severity{};
    bool couldBe = false;  // the limit lies inside the spread of what nobody measured, so at most Care
    StageId stage{};
    std::optional<StageId> from{};  // for a rule about the way between two stages
    std::vector<Subject> where{};   // the first is the one it is about; the others are alike
    std::vector<Evidence> evidence{};
    std::vector<Lean> leans{};
    std::vector<Mend> mends{};
    bool operator==(const Finding&) const = default;
};

[[nodiscard]] std::string_view code(RuleId rule);  // "LOAD1"
// the figure of this evidence; requires that the finding has it
[[nodiscard]] const Evidence& evidenceOf(const Finding& finding, Quantity quantity, StageId stage);
[[nodiscard]] double figureOf(const Finding& finding, Quantity quantity);  // at the stage it speaks of

}  // namespace core
