#pragma once

#include "core/fitout/plug_cut.h"

namespace core {

// Something to be laid on the metal behind a place.
struct Laid {
    AlterationKind what{};
    PartId material{};
    double area_m2 = 0.0;  // in all layers
    int layers = 1;
    bool operator==(const Laid&) const = default;
};

// What changes at one place, so that its steps can stand together.
struct PlaceWork {
    std::vector<DeviceId> drivers{};    // another part in the same role, or new here
    std::vector<DeviceId> remounted{};  // the same part on another spacer, turned, or held another way
    std::vector<DeviceId> leads{};      // a plug or lead that becomes another
    std::vector<Alteration> alterations{};
    std::vector<AlterationKind> stripped{};  // what lay on the metal comes off
    std::vector<Laid> laid{};                // in the order it goes on
    std::vector<DeviceId> links{};           // a new link across something that stays
    std::vector<DeviceId> coils{};           // drivers whose coils are joined afresh
    std::vector<DeviceId> inserts{};         // new in a lead
    std::vector<DeviceId> sources{};
    std::vector<DeviceId> gone{};   // taken out, and nothing in their stead
    std::vector<DeviceId> moved{};  // taken out here, to go in somewhere else: they count there

    // Every driver that goes in, new or the old one again.
    [[nodiscard]] std::vector<DeviceId> fitted() const;
};

// The difference of two fitouts, by what a fitter does about it.
struct JobWork {
    std::map<PlaceId, PlaceWork> places{};  // those that are nowhere under no id
    std::vector<DeviceId> fuses{};          // new, or of another value
    std::vector<WireId> supplies{};         // supply cables to be laid
    [[nodiscard]] bool empty() const { return places.empty() && fuses.empty() && supplies.empty(); }
};
[[nodiscard]] JobWork workBetween(const Fitout& from, const Fitout& to);

// One that is drawn anew, or in its place another one.
[[nodiscard]] bool isNewCable(const Fitout& from, WireId id, const Wire& wire);
// It was somewhere else before.
[[nodiscard]] bool isMoved(const Fitout& from, const Fitout& to, DeviceId device);
// Whether the mount's spacer is another one than before.
[[nodiscard]] bool newSpacer(const Fitout& from, const Fitout& to, DeviceId driver);

}  // namespace core
