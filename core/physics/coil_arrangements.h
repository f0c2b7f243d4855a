#pragma once

#include <complex>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/outcome.h"

namespace core {

// Voice coils in series and parallel. A leaf is one coil; the children of a series node are coils or parallel nodes,
// and the reverse.
struct CoilTree {
    enum class Join { Coil, Series, Parallel };
    Join join = Join::Coil;
    int coil = 0;  // of a leaf: index into the list of coils
    std::vector<CoilTree> children{};
    bool operator==(const CoilTree&) const = default;
};

struct CoilArrangement {
    CoilTree tree{};
    std::complex<double> load_ohm{};
    std::vector<double> share{};  // of the total power, coil by coil
    bool unlikeInSeries = false;  // unlike coils share a series voltage by |Z(f)|, which is not constant
};

inline constexpr int kMostLikeCoils = 8, kMostUnlikeCoils = 6;

// Every two-terminal series-parallel arrangement that uses each coil once; equal coils are interchangeable, and an
// arrangement appears once whatever the order of its members.
// errors  OutOfDomain (none, more than 8, more than 6 unlike; a resistance that is not > 0),
//         Singular (an impedance or an admittance that cancels to 0)
// source  P. A. MacMahon (1892); J. Riordan, C. E. Shannon, "The number of two-terminal series-parallel networks",
//         J. Math. Phys. 21 (1942)
[[nodiscard]] Outcome<std::vector<CoilArrangement>> coilArrangements(const std::vector<std::complex<double>>& coil_ohm);

// One arrangement written with letters, a for the first coil: "a+(b||c)"; || binds tighter than +.
[[nodiscard]] std::string textOf(const CoilTree& tree);
// errors  Unreadable (a letter beyond the coils, one used twice or not at all, an open bracket)
[[nodiscard]] Outcome<CoilTree> coilTreeFromText(std::string_view text, size_t coils);

// Load and shares of one arrangement.      errors  as above
[[nodiscard]] Outcome<CoilArrangement> arrangementOf(const CoilTree& tree,
                                                     const std::vector<std::complex<double>>& coil_ohm);

// The different resistances, as multiples of one coil, that exactly n equal coils can make; rising. Counted with exact
// fractions.      requires 1 <= n <= 8
[[nodiscard]] std::vector<double> distinctRatios(int coils);

}  // namespace core
