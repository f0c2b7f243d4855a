#include "core/design/noise.h"

#include "core/model/names.h"

namespace core {

std::optional<OverNoise> overNoise(const StageResult& stage, ListenerId listener, Use use, const Practice& practice)
{
    const auto heard = stage.hearing.find(listener);
    if (heard == stage.hearing.end()) return std::nullopt;
    const UseClass& asked = practice.uses.at(std::string(textOf(use)));
    OverNoise bands{};
    for (size_t i = 0; i < kBandCount; ++i) {
        bands[i].noise_db = asked.noise_db[i];
        bands[i].mean_db = heard->second.bands[i].reach_db - practice[PracticeKey::CrestFactor_db] -
                           asked.worn_db[i];
        bands[i].over_db = bands[i].mean_db - bands[i].noise_db;
        bands[i].wanted_db = practice[PracticeKey::OverNoise_db];
    }
    return bands;
}

}  // namespace core
