#pragma once

#include <Eigen/Core>
#include <cmath>
#include <vector>

#include "core/design/split_measure.h"
#include "core/evaluate/leg_response.h"
#include "core/model/board.h"
#include "core/practice/practice.h"

namespace core {

// One leg as a search tries it: what the ears get of its driver, and what it adds to the load.
struct TriedLeg {
    LegParts parts{};
    Eigen::ArrayXcd transfer{};  // volts at the coil per source volt
    Eigen::ArrayXcd admittance_s{};
    std::vector<Ears<Eigen::ArrayXcd>> at{};  // pressure at each seat per source volt
    Eigen::ArrayXd square{};                  // of both ears of the first one
    double cost_db = 0.0;                     // what its parts have to save
};

// Legs before one driver of a stage, on the grid of a search. By its own impedance, behind what its channel is set to.
// requires seats that hear it; stage and practice outlive it
class LegTrial {
public:
    LegTrial(const StageResult& stage, size_t run, const std::vector<ListenerId>& seats, const SplitMeasure& measure,
             const Practice& practice);

    [[nodiscard]] TriedLeg with(LegParts parts) const;
    [[nodiscard]] TriedLeg standing() const;  // as it is, whatever lies before it
    [[nodiscard]] double ohmAt(double hz) const;
    // Whether a high-pass of this order leaves a tweeter what its resonance asks (split_limits).
    [[nodiscard]] bool spares(const TriedLeg& leg, int order) const;
    [[nodiscard]] const RunResult& run() const { return m_stage.runs[m_run]; }

private:
    void hear(TriedLeg& leg) const;

    const StageResult& m_stage;
    const Practice& m_practice;
    size_t m_run;
    Eigen::ArrayXd m_hz;
    Eigen::ArrayXcd m_s;
    double m_leads;  // its pair's ohms over those of all its coils in parallel
    double m_share;  // of its pair's volts, what one of its coils gets: all, or as many as lie in series
    Eigen::ArrayXcd m_ohm;
    Eigen::ArrayXcd m_channel;                         // the channel's own response
    std::vector<Ears<Eigen::ArrayXcd>> m_perCoilVolt;  // by seat
};

// The least that a channel would see of legs side by side, by what they take together.
template <class Admittance>
[[nodiscard]] double leastOf_ohm(const Eigen::ArrayBase<Admittance>& admittance_s)
{
    return 1.0 / std::sqrt(admittance_s.abs2().maxCoeff());
}

}  // namespace core
