#include "core/design/rank_drivers.h"

#include <algorithm>
#include <array>
#include <thread>

#include "core/design/rank_bench.h"

namespace core {
namespace {

struct Weight {
    Criterion criterion{};
    PracticeKey key{};
};
constexpr std::array kWeights{Weight{Criterion::Depth, PracticeKey::RankDepth_points},
                              Weight{Criterion::Front, PracticeKey::RankFront_points},
                              Weight{Criterion::Hole, PracticeKey::RankHole_points},
                              Weight{Criterion::Screws, PracticeKey::RankScrews_points},
                              Weight{Criterion::Load, PracticeKey::RankLoad_points},
                              Weight{Criterion::Level, PracticeKey::RankLevel_points},
                              Weight{Criterion::Bands, PracticeKey::RankBands_points},
                              Weight{Criterion::Heat, PracticeKey::RankHeat_points},
                              Weight{Criterion::Travel, PracticeKey::RankTravel_points},
                              Weight{Criterion::Cost, PracticeKey::RankCost_points},
                              Weight{Criterion::Weight, PracticeKey::RankWeight_points}};
constexpr std::array kCriteria = [] {
    std::array<Criterion, kWeights.size()> all{};
    for (size_t i = 0; i < all.size(); ++i) all[i] = kWeights[i].criterion;
    return all;
}();

}  // namespace

std::span<const Criterion> criteria()
{
    return kCriteria;
}

PracticeKey weightOf(Criterion criterion)
{
    return kWeights[static_cast<size_t>(criterion)].key;
}

double pointsOf(const Practice& practice)
{
    double sum = 0.0;
    for (const Weight& weight : kWeights) sum += practice[weight.key];
    return sum;
}

bool Candidate::stops() const
{
    return std::any_of(lost.begin(), lost.end(), [](const LostPoints& one) { return one.stop.has_value(); });
}

bool Candidate::cuts() const
{
    return std::any_of(damage.begin(), damage.end(), [](const Damage& one) { return one.permanent; });
}

std::vector<Candidate> rankDrivers(const Plan& plan, const Shelf& shelf, DeviceId device, const Evaluation& last,
                                   RankScope scope, const std::stop_token& stop)
{
    const RankRole role = rankRole(plan, shelf, device, last);
    std::vector<const Part*> parts;
    for (const Part& part : shelf.parts)
        if (part.kind == PartKind::Driver &&
            (scope == RankScope::Everything || canDo(workOf(part.driverClass), role.work) ||
             part.shelfKey == role.fittedKey))
            parts.push_back(&part);
    std::vector<Candidate> candidates(parts.size());
    // Each has its own bench; none knows of the others.
    constexpr size_t kWorthAThread = 64;
    const size_t most = std::max<size_t>(1, std::thread::hardware_concurrency());
    const size_t count = std::clamp<size_t>(parts.size() / kWorthAThread, 1, most);
    const auto sitEvery = [&](size_t first) {
        RankBench bench(plan, role);
        for (size_t i = first; i < parts.size(); i += count) {
            if (stop.stop_requested()) return;
            candidates[i] = bench.sit(*parts[i]);
        }
    };
    {
        std::vector<std::jthread> others;
        for (size_t i = 1; i < count; ++i) others.emplace_back(sitEvery, i);
        sitEvery(0);
    }
    std::stable_sort(candidates.begin(), candidates.end(), [](const Candidate& a, const Candidate& b) {
        return a.stops() != b.stops() ? b.stops() : a.points > b.points;
    });
    return candidates;
}

}  // namespace core
