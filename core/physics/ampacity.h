#pragma once

#include <optional>
#include <span>

#include "core/base/outcome.h"

namespace core {

struct AmpacityRow {
    double gauge_awg = 0.0;
    double current_a = 0.0;  // single conductor, 105 degC insulation, 30 degC around
    bool operator==(const AmpacityRow&) const = default;
};

// Where a conductor lies and what it is made of.
struct ConductorSetting {
    double area_m2 = 0.0;
    double insulation_degc = 80.0;
    double ambient_degc = 30.0;  // below 30 counted as 30
    double cladding = 1.0;
    double bundle = 1.0;                        // share left where several lie together
    std::optional<double> outsideDiameter_m{};  // over the insulation; only for sizes outside the table
    double resistance_ohm_m = 0.0;              // at the insulation's temperature, for the same
};

struct AmpacityPractice {
    double stillAir_w_m2k = 12.0;  // heat given off in still air
    double largeSize_ratio = 0.9;  // the heat balance overstates sizes above the table
};

// Safe continuous current. From the table, sizes between its rows by ln A and ln I:  I = I_table sqrt((Tins - Tamb) /
// 75). errors    OutOfDomain (insulation not above ambient; outside the table without a diameter) warnings OutsideTable
// source    ABYC E-11, recalled; heat balance outside the table
[[nodiscard]] Outcome<double> ampacity_a(const ConductorSetting& setting, std::span<const AmpacityRow> table,
                                         const AmpacityPractice& practice);

// I = sqrt(h pi D (Tins - Tamb) / R'(Tins)), a conductor alone in still air.
struct HeatBalance {
    double outsideDiameter_m = 0.0;
    double rise_k = 0.0;            // insulation over ambient
    double resistance_ohm_m = 0.0;  // at the insulation's temperature
    double stillAir_w_m2k = 12.0;
};
[[nodiscard]] double heatBalanceCurrent_a(const HeatBalance& balance);

}  // namespace core
