#pragma once

#include "core/evaluate/grid_tables.h"
#include "core/model/evaluation.h"

namespace core {

// excursion_m_v  peak, per source volt rms;  limit_v  the sine at which the source clips first
[[nodiscard]] Travel travelOf(const Eigen::ArrayXd& excursion_m_v, double limit_v, const GridTables& tables,
                              const Practice& practice);

// Heat in one coil of a cone with several, per square source volt: its wire, and its part of what the suspension takes.
[[nodiscard]] Eigen::ArrayXd coilHeat_w_v2(const ConeShare& cone, size_t coil);

// A cone with a single coil that a single channel plays is as that run says.
[[nodiscard]] ConeResult coneOfOneRun(const RunResult& run);

// The cones that the runs of a stage move, in the order of the runs: channels that share one are added by phase.
[[nodiscard]] std::vector<ConeResult> conesOf(const StageResult& stage, const GridTables& tables,
                                              const Practice& practice);

}  // namespace core
