#pragma once

#include <Eigen/Core>
#include <optional>

#include "core/model/evaluation.h"
#include "core/model/plan.h"

namespace core {

// What a sum is to come near, whatever its level: a line that falls by so much an octave, or a curve, which past its
// ends goes on as it is there.
struct SplitTarget {
    double slope_db_octave = 0.0;  // 0 flat, -1 falling to the highs
    std::optional<Curve> curve{};

    // re its level at 1 kHz
    [[nodiscard]] Eigen::ArrayXd at_db(const Eigen::ArrayXd& frequency_hz) const;
};
// slope  nothing: the plan's own curve, or flat where it has none
[[nodiscard]] SplitTarget splitTarget(const Plan& plan, const std::optional<double>& slope_db_octave);

// How a search judges a hand-over: on every sixth point of the grid, 27 a decade.
class SplitMeasure {
public:
    SplitMeasure(const Eigen::ArrayXd& frequency_hz, const SplitTarget& target);

    [[nodiscard]] const Eigen::ArrayXd& hz() const { return m_hz; }
    template <class Array>
    [[nodiscard]] static Array coarse(const Array& fine)
    {
        Array taken((fine.size() + kEvery - 1) / kEvery);
        for (Eigen::Index i = 0; i < taken.size(); ++i) taken(i) = fine(i * kEvery);
        return taken;
    }

    // Rms about the target from 250 Hz to 12 kHz, third-octaves, whatever its level.
    [[nodiscard]] double unevenness_db(const Eigen::ArrayXd& square) const;
    // Where the higher one takes over, third-octaves as they are heard; of several places the loudest, as in splitSum.
    // 0: nowhere.
    [[nodiscard]] double handOver_hz(const Eigen::ArrayXd& low, const Eigen::ArrayXd& high) const;
    // What each ear gets of a driver per volt at its coil.
    [[nodiscard]] static Ears<Eigen::ArrayXcd> perCoilVolt(const StageResult& stage, size_t run, ListenerId seat);

private:
    static constexpr Eigen::Index kEvery = 6;
    Eigen::ArrayXd m_hz, m_weight, m_target_db;
};

}  // namespace core
