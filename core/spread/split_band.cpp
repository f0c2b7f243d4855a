#include "core/spread/split_band.h"

#include <algorithm>
#include <set>

#include "core/base/splitmix.h"
#include "core/evaluate/make_stage.h"
#include "core/physics/network_sweep.h"
#include "core/spread/uncertain_inputs.h"
#include "core/spread/widen.h"

namespace core {
namespace {

constexpr std::uint64_t kSeed = 19;  // any: the same draws on every machine

// What lies between the channel and the coils of both, by what it may be off.
std::vector<UncertainInput> partsOnTheWay(const StageResult& stage, const SplitPair& pair, const Practice& practice)
{
    std::set<PartId> passed;
    std::set<Inside> own;  // on the speakers themselves: what is bridged there carries nothing
    for (const size_t run : {pair.low, pair.high}) {
        const Run& way = stage.runs[run].run;
        for (const DeviceId device : way.along)
            if (device != way.id.coil.device) passed.insert(stage.used.devices.at(device).part);
        for (const Port& port : way.seriesCapacitors)
            own.insert({stage.used.devices.at(port.device).part, port.element});
    }
    std::vector<UncertainInput> inputs = uncertainInputs(stage.used, practice);
    std::erase_if(inputs, [&](const UncertainInput& input) {
        const auto* inside = std::get_if<Inside>(&input.what.of);
        return !inside || (!passed.contains(inside->part) && !own.contains(*inside)) ||
               !boughtBy(stage.used.parts.at(inside->part).inside.at(inside->element).kind);
    });
    return inputs;
}

}  // namespace

std::optional<SplitBand> splitBand(const StageResult& stage, const SplitPair& pair, ListenerId listener,
                                   const Evaluation& evaluation, const std::stop_token& stop)
{
    const std::vector<UncertainInput> inputs = partsOnTheWay(stage, pair, evaluation.practice);
    const auto nominal = splitSum(stage, pair, listener);
    if (inputs.empty() || !nominal) return std::nullopt;
    const Fitout whole = settled(stage.used, evaluation.practice);
    SweepsByShape sweeps;
    Splitmix random(kSeed);
    const Eigen::Index frequencies = nominal->wired.level_db.size();
    Eigen::ArrayXXd level_db(kSpreadDraws, frequencies);
    Eigen::ArrayXd even_db(kSpreadDraws);
    for (Eigen::Index draw = 0; draw < kSpreadDraws; ++draw) {
        if (stop.stop_requested()) return std::nullopt;
        Fitout fitout = whole;
        for (const UncertainInput& input : inputs) shift(fitout, input, 2.0 * random.uniform() - 1.0);
        const auto drawn = makeStage(std::move(fitout), evaluation.practice, *evaluation.tables, {&stage}, &sweeps);
        const SplitSum sum = splitSum(*drawn, pair, listener).value_or(*nominal);
        level_db.row(draw) = sum.wired.level_db.transpose();
        even_db(draw) = sum.wired.even_db;
    }
    SplitBand band{Eigen::ArrayXd(frequencies), Eigen::ArrayXd(frequencies), rangeOf(even_db).high};
    for (Eigen::Index i = 0; i < frequencies; ++i) {
        const Range range = rangeOf(level_db.col(i));
        band.low_db(i) = range.low;
        band.high_db(i) = range.high;
    }
    for (const UncertainInput& input : inputs) band.spread_ratio = std::max(band.spread_ratio, input.spread);
    return band;
}

}  // namespace core
