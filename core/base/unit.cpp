#include "core/base/unit.h"

#include <utility>

namespace core {

std::string_view unitOfName(std::string_view name)
{
    // Longer endings first.
    static constexpr std::pair<std::string_view, std::string_view> kUnits[] = {{"_ohm_sn", "ohm s^n"},
                                                                               {"_ohm_m", "ohm/m"},
                                                                               {"_m3_s", "m3/s"},
                                                                               {"_kg_m3", "kg/m3"},
                                                                               {"_kg_s", "kg/s"},
                                                                               {"_m_s", "m/s"},
                                                                               {"_m_n", "m/N"},
                                                                               {"_kg_m2", "kg/m2"},
                                                                               {"_k_w", "K/W"},
                                                                               {"_per_k", "1/K"},
                                                                               {"_w_m2k", "W/(m2 K)"},
                                                                               {"_octaves", "octave"},
                                                                               {"_octave", "octave"},
                                                                               {"_degc", "degC"},
                                                                               {"_dbfs", "dBFS"},
                                                                               {"_dbw", "dBW"},
                                                                               {"_dbv", "dBV"},
                                                                               {"_deg", "deg"},
                                                                               {"_ohm", "ohm"},
                                                                               {"_awg", "AWG"},
                                                                               {"_db", "dB"},
                                                                               {"_hz", "Hz"},
                                                                               {"_va", "VA"},
                                                                               {"_ah", "Ah"},
                                                                               {"_tm", "Tm"},
                                                                               {"_pa", "Pa"},
                                                                               {"_kg", "kg"},
                                                                               {"_m3", "m3"},
                                                                               {"_m2", "m2"},
                                                                               {"_v", "V"},
                                                                               {"_a", "A"},
                                                                               {"_w", "W"},
                                                                               {"_f", "F"},
                                                                               {"_h", "H"},
                                                                               {"_m", "m"},
                                                                               {"_s", "s"},
                                                                               {"_k", "K"},
                                                                               {"_n", "N"}};
    for (const auto& [ending, unit] : kUnits)
        if (name.ends_with(ending)) return unit;
    return {};
}

}  // namespace core
