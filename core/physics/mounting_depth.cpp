#include "core/physics/mounting_depth.h"

#include <algorithm>
#include <cassert>

#include "core/base/threshold.h"

namespace core {
namespace {

// Adds `left` pieces, none thicker than the last one; keeps the smallest sum that reaches.
void addPieces(SpacerStack& tried, int left, double needed_m, std::span<const double> stock_m,
               std::optional<SpacerStack>& best)
{
    if (left == 0) {
        if (!under(tried.sum_m, needed_m) && (!best || tried.sum_m < best->sum_m)) best = tried;
        return;
    }
    for (const double piece_m : stock_m) {
        if (!tried.pieces_m.empty() && piece_m > tried.pieces_m.back()) break;
        tried.pieces_m.push_back(piece_m);
        tried.sum_m += piece_m;
        addPieces(tried, left - 1, needed_m, stock_m, best);
        tried.sum_m -= piece_m;
        tried.pieces_m.pop_back();
    }
}

}  // namespace

double spacerForDepth_m(double mountingDepth_m, double margin_m, double available_m)
{
    return std::max(0.0, mountingDepth_m + margin_m - available_m);
}

double frontReach_m(const DriverFront& front)
{
    return std::max(front.flange_m, front.surround_m + front.travel_m);
}

double frontNeed_m(const DriverFront& front, double spacer_m, double margin_m)
{
    return spacer_m + frontReach_m(front) + margin_m;
}

double spacerBelow_m(const DriverFront& front, double margin_m, double between_m)
{
    return std::max(0.0, front.surround_m + front.travel_m + margin_m - between_m);
}

double depthBelow_m(const DriverFront& front, double mountingDepth_m, double spacer_m, double margin_m)
{
    return spacer_m + front.flange_m + mountingDepth_m + margin_m;
}

std::optional<SpacerStack> spacerStack(double needed_m, std::span<const double> stock_m, int mostPieces)
{
    assert(std::is_sorted(stock_m.begin(), stock_m.end()));
    if (!over(needed_m, 0.0)) return SpacerStack{};
    for (int count = 1; count <= mostPieces; ++count) {
        std::optional<SpacerStack> best;
        SpacerStack tried;
        addPieces(tried, count, needed_m, stock_m, best);
        if (best) return best;
    }
    return std::nullopt;
}

}  // namespace core
