#pragma once

#include <Eigen/Core>
#include <vector>

namespace core {

enum class FilterSide { LowPass, HighPass };
enum class FilterFamily { Butterworth, LinkwitzRiley, Bessel };

struct FilterShape {
    FilterFamily family = FilterFamily::Butterworth;
    int order = 2;
    bool operator==(const FilterShape&) const = default;
};

// Butterworth 1 2 3 4 6 8, Linkwitz-Riley 2 4 8, Bessel 2 3 4: what electronic crossovers offer.
[[nodiscard]] bool isOffered(const FilterShape& shape);

// A first-order (q = 0) or second-order section of the low-pass prototype with the corner of the whole at 1; a
// high-pass has 1 / corner.
struct FilterSection {
    double corner_ratio = 1.0;  // w_n
    double q = 0.0;
    bool operator==(const FilterSection&) const = default;
};

// Sections of Butterworth of any order from 1 to 8, of even Linkwitz-Riley orders and of Bessel 2 to 4; first order
// first, then rising Q.
// Bessel is normalised to -3.0103 dB at the corner.
// source  S. Butterworth, "On the theory of filter amplifiers", Experimental Wireless 7 (1930); W. E. Thomson, "Delay
//         networks having maximally flat frequency characteristics", Proc. IEE 96 (1949); S. Linkwitz, "Active
//         crossover networks for noncoincident drivers", J. Audio Eng. Soc. 24 (1976)
[[nodiscard]] std::vector<FilterSection> filterSections(const FilterShape& shape);

// H(S) = prod of sections, S = j f / corner; high-pass: 1/S.
// requires corner_hz > 0 and the orders above
[[nodiscard]] Eigen::ArrayXcd filterResponse(const FilterShape& shape, FilterSide side, double corner_hz,
                                             const Eigen::ArrayXd& frequency_hz);

// -d(phase)/dw, of either side: the two differ by a constant phase only where they differ at all.
[[nodiscard]] Eigen::ArrayXd filterDelay_s(const FilterShape& shape, FilterSide side, double corner_hz,
                                           const Eigen::ArrayXd& frequency_hz);

}  // namespace core
