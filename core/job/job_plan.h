#pragma once

#include <string>
#include <vector>

#include "core/evaluate/variant.h"
#include "core/model/evaluation.h"

namespace core {

enum class StepKind {
    Note,  // photograph, write down colours, faults already there
    PowerDown,
    OpenTrim,  // of a place; what has none yet finds its own
    RemoveDriver,
    MakeLead,    // adapter lead with a capacitor, at the bench
    Alter,       // seal a place, open its cover: what the plan does to the vehicle
    LinkAcross,  // a link over a capacitor that stays
    JoinCoils,   // several coils of one cone, on the driver's own terminals
    InsertPart,  // a capacitor, a resistor or a board that was not in the lead before
    MountSource,
    LaySupply,  // the cable from the battery to an added source
    SwapLead,
    PlugLead,  // an adapter lead as it was bought
    Retain,    // a new hold for a cable whose own was cut away
    Connect,
    CheckResistance,
    FitDriver,
    PowerUpTrial,
    TrySound,
    FitFuse,  // near the battery, last of all
    Protect,  // against what the vehicle's use does to it
    CloseTrim,
    KeepOriginals,
    ProveInUse,
    Record
};

enum class Tool { PlasticPry, CrossHead, Ohmmeter, Camera, SolderOrCrimp, SideCutter, HexBattery, Tape, Drill, Vacuum };

enum class Caution {
    BatteryFirst,
    Restraints,
    RestraintPlugsOpen,
    ShortCircuit,
    ClipsCounted,
    HotSolder,
    ConeGuard,
    HearingStartLow,
    TrialFuse,
    LookBehind,
    MaskMagnet
};

// One step, with its cautions beside it. Words live elsewhere.
struct Step {
    StepKind kind{};
    PlaceId place{};
    DeviceId device{};
    AlterationKind alteration{};  // of Alter
    Demand demand{};              // of Protect and ProveInUse
    std::vector<Tool> tools{};
    std::vector<Caution> cautions{};
    double minutes = 0.0;
    double figure = 0.0;  // what the words name: ohms to read, farads to fit
    bool operator==(const Step&) const = default;
};

enum class WireState { Kept, New, Removed };

struct WireRow {
    WireId id{};
    Pin from{}, to{};
    std::string colour{};
    WireState state{};
    bool operator==(const WireRow&) const = default;
};

struct PartRow {
    PartId part{};
    int count = 0;
    std::string name{};
    std::optional<VariantSign> heldBack{};  // to be looked for before it is ordered
    bool operator==(const PartRow&) const = default;
};

enum class SmallPart {
    Gasket,
    FrontSeal,  // from a driver to the card that covers it
    SpareClips,
    CableTies,
    SealedPlugs,
    Tethers,
    LockWashers,
    TamperProofBolts,
    Badges,
    LightController,
    FuseHolder,
    SupplyCable,
    SpeakerCable,
    Labels,
    OldPartsBag
};
struct SmallPartRow {
    SmallPart part{};
    int count = 0;
    double length_m = 0.0;  // of all of them; 0: it is counted only
    double area_m2 = 0.0;   // of each core of a cable; 0: nobody said
    bool operator==(const SmallPartRow&) const = default;
};

// The way from one fitout to another as work: derived, never stored.
struct JobPlan {
    std::vector<Step> steps{};
    std::vector<WireRow> wires{};
    std::vector<PartRow> parts{};
    std::vector<SmallPartRow> smallParts{};
    double minutes = 0.0;
    bool operator==(const JobPlan&) const = default;
};

// requires that the evaluation holds both stages
[[nodiscard]] JobPlan planJob(const Plan& plan, StageId from, StageId to, const Evaluation& evaluation);

}  // namespace core
