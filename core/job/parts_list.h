#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/job/fit_steps.h"
#include "core/job/openings.h"
#include "core/survey/variant.h"

namespace core {

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
    Screws,
    BackingRing,
    Adhesive,
    Splices,
    RustPaint,
    FilmSealant,
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
    double length_m = 0.0;  // of all of them, of one screw; 0: it is counted only
    double area_m2 = 0.0;   // of each core of a cable; 0: nobody said
    double across_m = 0.0;  // of a screw
    Anchor anchor{};        // of a screw: what it bites in
    bool operator==(const SmallPartRow&) const = default;
};

struct PartsList {
    std::vector<PartRow> parts{};
    std::vector<SmallPartRow> smallParts{};
};

struct PartsQuestion {
    const Plan& plan;
    const Fitout& from;
    const StageResult& goal;
    const JobWork& work;
    const std::vector<Opening>& openings;
    const FitsAt& fits;
    const Practice& practice;
};
// Everything that is bought for the way from one fitout to another, to the last screw.
[[nodiscard]] PartsList partsFor(const PartsQuestion& question);

// What comes out for good and is kept: drivers, and whatever nothing replaces.
[[nodiscard]] int driversOut(const Fitout& from, const JobWork& work);

}  // namespace core
