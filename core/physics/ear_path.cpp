#include "core/physics/ear_path.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/air.h"
#include "core/physics/directivity.h"
#include "core/physics/path.h"

namespace core {
namespace {

// On the grid a decade higher is ten times the phase, so one decade of sines serves all three.
Eigen::ArrayXcd gridFlight(double distance_m, const Eigen::ArrayXd& frequency_hz)
{
    constexpr auto kDecade = static_cast<Eigen::Index>(kGridPerDecade);
    Eigen::ArrayXcd way(kGridSize);
    way.head(kDecade) = flight(distance_m, frequency_hz.head(kDecade));
    for (Eigen::Index i = kDecade; i < kGridSize; ++i) {
        const std::complex<double> z = way(i - kDecade);
        const double x2 = z.real() * z.real() - z.imag() * z.imag(), y2 = 2.0 * z.real() * z.imag();
        const double x4 = x2 * x2 - y2 * y2, y4 = 2.0 * x2 * y2;
        const double x8 = x4 * x4 - y4 * y4, y8 = 2.0 * x4 * y4;
        way(i) = {x8 * x2 - y8 * y2, x8 * y2 + y8 * x2};
    }
    return way;
}

}  // namespace

SoundField soundField(const Eigen::ArrayXd& frequency_hz, const std::optional<CabinGain>& cabin)
{
    SoundField field;
    field.frequency_hz = frequency_hz;
    if (cabin) {
        field.distanceShare = distanceShare(cabin->zone_hz, frequency_hz);
        field.gain = cabinGainResponse(*cabin, frequency_hz);
    } else {
        field.distanceShare = Eigen::ArrayXd::Ones(frequency_hz.size());
        field.gain = Eigen::ArrayXcd::Ones(frequency_hz.size());
    }
    return field;
}

SoundField gridField(const std::optional<CabinGain>& cabin)
{
    SoundField field = soundField(frequencyGrid_hz(), cabin);
    field.isGrid = true;
    return field;
}

void addArrival(Eigen::ArrayXcd& sum, const SoundField& field, double radius_m, const Arrival& arrival,
                const Eigen::ArrayXd& weight)
{
    assert(arrival.distance_m > 0.0 && radius_m > 0.0);
    const Eigen::ArrayXd& f = field.frequency_hz;
    const Eigen::ArrayXd size = weight * pistonDirectivity(f * pistonArgument(radius_m, arrival.angle_rad, 1.0)) *
                                (field.distanceShare * -std::log(arrival.distance_m)).exp();
    sum += size * (field.isGrid ? gridFlight(arrival.distance_m, f) : flight(arrival.distance_m, f));
}

}  // namespace core
