#include "core/physics/gain.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include "core/physics/level.h"

namespace core {

Answer<GainSetting> gainSetting(const GainTask& task)
{
    assert(task.amplifierPower_w > 0.0 && task.driverPower_w > 0.0 && task.load_ohm > 0.0 &&
           task.sourceFullScale_v > 0.0 && task.tone_dbfs <= 0.0);
    Answer<GainSetting> answer;
    GainSetting& setting = answer.value;
    setting.power_w = std::min(task.amplifierPower_w, task.driverPower_w);
    setting.target_v = std::sqrt(setting.power_w * task.load_ohm);
    setting.tone_dbfs = task.tone_dbfs;
    if (task.tone_dbfs < 0.0 && task.driverPower_w < task.amplifierPower_w) {
        setting.tone_dbfs = 0.0;
        setting.overlapPower_w = std::min(task.amplifierPower_w, setting.power_w * powerRatioOf(-task.tone_dbfs));
        answer.warnings.emplace_back(WarningKind::OverlapIgnored);
    }
    setting.sensitivity_v = task.sourceFullScale_v * ratioOf(setting.tone_dbfs);
    setting.gain_db = decibels(setting.target_v / setting.sensitivity_v);
    setting.fullScaleDemand_v = setting.target_v * ratioOf(-setting.tone_dbfs);
    setting.fullScalePower_w = std::min(task.amplifierPower_w, setting.power_w * powerRatioOf(-setting.tone_dbfs));
    return answer;
}

}  // namespace core
