#pragma once

#include <Eigen/Core>

#include "core/model/evaluation.h"

namespace core {

// How a search judges a hand-over: on every sixth point of the grid, 27 a decade.
class SplitMeasure {
public:
    // slope_db_octave  of the target: 0 flat, -1 falling to the highs
    SplitMeasure(const Eigen::ArrayXd& frequency_hz, double slope_db_octave);

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
