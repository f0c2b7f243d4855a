#pragma once

#include <vector>

#include "core/physics/network_matrix.h"

namespace core {

// The order in which the equations of a network are eliminated, worked out once and then followed at every frequency.
// Taking the pivot that disturbs least first amounts to joining series and parallel parts before anything else.
struct Elimination {
    struct Update {
        int target = 0, multiplier = 0, upper = 0;  // slots: target -= multiplier x upper
    };
    struct RightUpdate {
        int target = 0, multiplier = 0;  // row of the right side, slot
    };
    struct Upper {
        int slot = 0, unknown = 0;  // a place of the pivot's row and the unknown it belongs to
    };
    struct Step {
        int row = 0, unknown = 0, pivot = 0;  // pivot: its slot
        std::vector<int> multipliers{};       // slots below the pivot, each to be divided by it
        std::vector<Update> updates{};
        std::vector<RightUpdate> rightUpdates{};  // empty if the right side is still zero in the pivot's row
        std::vector<Upper> uppers{};
    };
    std::vector<Step> steps{};
    std::vector<bool> rightUsed{};  // rows whose right side can be other than zero when their step comes
    int slots = 0;                  // places of the matrix: its entries first, in their order, then those filled in
};

// Markowitz's order with a threshold: among pivots that are not small within their row at the given angular frequency,
// the one whose row and column are emptiest. No pivot can be had from a singular matrix: then `steps` is cut short.
// source  H. M. Markowitz, "The elimination form of the inverse", Management Science 3 (1957)
[[nodiscard]] Elimination chooseElimination(const NetworkMatrix& matrix, double angular);

}  // namespace core
