#pragma once

#include <array>
#include <optional>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "core/model/edit.h"
#include "core/model/evaluation.h"

namespace core {

// Rules by what they say; rules.def has a row for each.
enum class RuleId {
#define RULE(name, code) name,
#include "core/model/rules.def"
};
inline constexpr auto kRules = std::to_array<std::pair<RuleId, std::string_view>>({
#define RULE(name, code) {RuleId::name, code},
#include "core/model/rules.def"
});

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
    enum class Kind { ChooseDriver, TakeReading, Measure, ChooseBracket, FindSplit, AlignSeat, FindSpot } kind = Kind::ChooseDriver;
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
    AllowCutting,
    DropHighPass,
    FindSplit,
    FeedFullRange,
    TurnBoardRound,
    SiteElsewhere,
    MakeForOhms,
    HigherRating,
    TurnToEars,   // its axis, and its twin's
    MoveToSpot,   // another spot of the map
    AlignSides,   // delays and levels
    MirrorSides,  // the other side becomes the mirror image of this one
    PutBack,      // to where it was found
    SeatFlush
};

struct Mend {
    MendName name{};
    double figure = 0.0;  // what the button names: F, Hz, ohm
    std::variant<Edit, SolverRequest> act{};
    double cost_db = 0.0;  // level that it takes, where it takes any
    bool operator==(const Mend&) const = default;
};

// A house rule, and the rank of the school that is followed.
struct FollowedSchool {
    PracticeKey rule{};
    size_t school = 0;
    bool operator==(const FollowedSchool&) const = default;
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
    std::optional<FollowedSchool> house{};  // where schools differ
    bool operator==(const Finding&) const = default;
};

[[nodiscard]] std::string_view code(RuleId rule);  // "LOAD1"
// the figure of this evidence; requires that the finding has it
[[nodiscard]] const Evidence& evidenceOf(const Finding& finding, Quantity quantity, StageId stage);
[[nodiscard]] double figureOf(const Finding& finding, Quantity quantity);  // at the stage it speaks of

}  // namespace core
