#pragma once

#include <optional>

#include "core/evaluate/grid_tables.h"
#include "core/model/evaluation.h"

namespace core {

// How loud the one volume control may be turned: all channels hang on it and keep their ratios, so that the first limit
// of any of them counts, frequency by frequency. Fills clean and sourceLeast_v of the stage. requires its cones
void setCleanVoltage(StageResult& stage, const Practice& practice, const GridTables& tables);

// What one listener hears of all channels together and of each side alone, and how loud each band can get. Nothing if
// no run plays, or the tables are of another grid than the runs.      requires the stage's runs, ways and clean voltage
[[nodiscard]] std::optional<HearingResult> hear(const StageResult& stage, ListenerId listener, const Practice& practice,
                                                const GridTables& tables);

// One run alone: pressure at each ear per source volt; a curve measured at this head goes first, as far as it reaches.
// requires that the listener is among the run's ways
[[nodiscard]] Ears<Eigen::ArrayXcd> runAt(const StageResult& stage, size_t run, ListenerId listener);
// One channel alone: pressure at each ear per source volt, all its ways added.
[[nodiscard]] Ears<Eigen::ArrayXcd> channelAt(const StageResult& stage, const Port& channel, ListenerId listener);
// Its level, mean over the two ears.
[[nodiscard]] Eigen::ArrayXd channelLevel_db(const StageResult& stage, const Port& channel, ListenerId listener);

// A listener's level at the largest clean voltage of each frequency.
[[nodiscard]] Eigen::ArrayXd loudest_db(const StageResult& stage, ListenerId listener);

// 10 log of mean squares in Pa^2, re 20 uPa.
[[nodiscard]] Eigen::ArrayXd levelOf_db(const Eigen::ArrayXd& meanSquare_pa2);

// What a channel is set to.
[[nodiscard]] double delayOf(const StageResult& stage, const Port& channel);

// The side a run plays on: +1 left, -1 right, 0 a driver on the centre plane, which plays on both.
[[nodiscard]] int sideOf(const SoundSource& source);

}  // namespace core
