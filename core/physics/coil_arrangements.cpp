#include "core/physics/coil_arrangements.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <map>
#include <numeric>
#include <optional>
#include <set>

namespace core {
namespace {

using Complex = std::complex<double>;
using Counts = std::vector<int>;  // how many coils of each kind

int total(const Counts& counts)
{
    return std::accumulate(counts.begin(), counts.end(), 0);
}

// The opposite tree: series for parallel and the reverse. Its leaves stay.
CoilTree dual(CoilTree tree)
{
    if (tree.join == CoilTree::Join::Coil) return tree;
    tree.join = tree.join == CoilTree::Join::Series ? CoilTree::Join::Parallel : CoilTree::Join::Series;
    for (CoilTree& child : tree.children) child = dual(std::move(child));
    return tree;
}

// All series trees of a set of coils, each once; leaves hold kinds, not coils.
class SeriesTrees {
public:
    const std::vector<CoilTree>& of(const Counts& counts)
    {
        if (const auto known = m_known.find(counts); known != m_known.end()) return known->second;
        std::vector<CoilTree> trees;
        std::vector<CoilTree> members;
        addMembers(counts, subsetsOf(counts), 0, 0, members, trees);
        return m_known.emplace(counts, std::move(trees)).first->second;
    }

private:
    // What may stand in a series node: a coil, or a parallel tree, which is the dual of a series tree.
    std::vector<CoilTree> membersOf(const Counts& counts)
    {
        if (total(counts) == 1) {
            const auto kind = std::find(counts.begin(), counts.end(), 1) - counts.begin();
            return {CoilTree{CoilTree::Join::Coil, static_cast<int>(kind), {}}};
        }
        std::vector<CoilTree> members = of(counts);
        for (CoilTree& tree : members) tree = dual(std::move(tree));
        return members;
    }

    // Every part of a set that is neither empty nor the whole.
    static std::vector<Counts> subsetsOf(const Counts& counts)
    {
        std::vector<Counts> subsets{Counts(counts.size(), 0)};
        for (size_t kind = 0; kind < counts.size(); ++kind) {
            const size_t so_far = subsets.size();
            for (int take = 1; take <= counts[kind]; ++take) {
                for (size_t i = 0; i < so_far; ++i) {
                    subsets.push_back(subsets[i]);
                    subsets.back()[kind] = take;
                }
            }
        }
        std::erase_if(subsets, [&](const Counts& subset) { return total(subset) == 0 || subset == counts; });
        return subsets;
    }

    // Members in rising order of (subset, tree), so that no order of them comes twice.
    void addMembers(const Counts& left, const std::vector<Counts>& subsets, size_t subset, size_t tree,
                    std::vector<CoilTree>& members, std::vector<CoilTree>& into)
    {
        if (total(left) == 0) {
            if (members.size() >= 2) into.push_back(CoilTree{CoilTree::Join::Series, 0, members});
            return;
        }
        for (size_t s = subset; s < subsets.size(); ++s) {
            Counts rest = left;
            bool fits = true;
            for (size_t kind = 0; kind < left.size(); ++kind) fits &= (rest[kind] -= subsets[s][kind]) >= 0;
            if (!fits) continue;
            const std::vector<CoilTree> choices = membersOf(subsets[s]);
            for (size_t t = s == subset ? tree : 0; t < choices.size(); ++t) {
                members.push_back(choices[t]);
                addMembers(rest, subsets, s, t, members, into);
                members.pop_back();
            }
        }
    }

    std::map<Counts, std::vector<CoilTree>> m_known{};
};

std::vector<CoilTree> allTrees(const Counts& counts)
{
    if (total(counts) == 1) {
        const auto kind = std::find(counts.begin(), counts.end(), 1) - counts.begin();
        return {CoilTree{CoilTree::Join::Coil, static_cast<int>(kind), {}}};
    }
    std::vector<CoilTree> trees = SeriesTrees().of(counts);
    const size_t series = trees.size();
    for (size_t i = 0; i < series; ++i) trees.push_back(dual(trees[i]));
    return trees;
}

// Leaves that hold kinds become leaves that hold coils, in the order in which they stand.
void handOutCoils(CoilTree& tree, std::vector<std::vector<int>>& coilsOfKind)
{
    if (tree.join == CoilTree::Join::Coil) {
        std::vector<int>& coils = coilsOfKind[static_cast<size_t>(tree.coil)];
        tree.coil = coils.front();
        coils.erase(coils.begin());
    }
    for (CoilTree& child : tree.children) handOutCoils(child, coilsOfKind);
}

// Loads from the leaves up; then voltages from the root down, for one volt across the whole.
class Divider {
public:
    explicit Divider(const std::vector<Complex>& coil_ohm) : m_coil_ohm(coil_ohm) {}

    std::optional<Complex> loadOf(const CoilTree& tree)
    {
        if (tree.join == CoilTree::Join::Coil) return m_coil_ohm[static_cast<size_t>(tree.coil)];
        Complex sum{};
        double size = 0.0;
        for (const CoilTree& child : tree.children) {
            const auto load = loadOf(child);
            if (!load) return std::nullopt;
            const Complex term = tree.join == CoilTree::Join::Series ? *load : 1.0 / *load;
            sum += term;
            size += std::abs(term);
        }
        constexpr double kCancelled = 1e-12;
        if (!(std::abs(sum) > kCancelled * size)) return std::nullopt;
        return tree.join == CoilTree::Join::Series ? sum : 1.0 / sum;
    }

    void addPower(const CoilTree& tree, Complex voltage, std::vector<double>& power)
    {
        if (tree.join == CoilTree::Join::Coil) {
            power[static_cast<size_t>(tree.coil)] =
                std::norm(voltage) * (1.0 / m_coil_ohm[static_cast<size_t>(tree.coil)]).real();
            return;
        }
        const Complex whole = *loadOf(tree);
        for (const CoilTree& child : tree.children)
            addPower(child, tree.join == CoilTree::Join::Series ? voltage * *loadOf(child) / whole : voltage, power);
    }

private:
    const std::vector<Complex>& m_coil_ohm;
};

bool unlikeInSeries(const CoilTree& tree, const std::vector<Complex>& coil_ohm)
{
    std::set<std::pair<double, double>> loads;
    bool unlike = false;
    for (const CoilTree& child : tree.children) {
        unlike |= unlikeInSeries(child, coil_ohm);
        const Complex load = Divider(coil_ohm).loadOf(child).value_or(Complex{});
        loads.insert({load.real(), load.imag()});
    }
    return unlike || (tree.join == CoilTree::Join::Series && loads.size() > 1);
}

struct Fraction {
    long long above = 1, below = 1;
    auto operator<=>(const Fraction&) const = default;
};

Fraction reduced(long long above, long long below)
{
    const long long divisor = std::gcd(above, below);
    return {above / divisor, below / divisor};
}

Fraction ratioOfTree(const CoilTree& tree)
{
    if (tree.join == CoilTree::Join::Coil) return {};
    const bool series = tree.join == CoilTree::Join::Series;
    Fraction sum{0, 1};
    for (const CoilTree& child : tree.children) {
        const Fraction ratio = ratioOfTree(child);
        const Fraction term = series ? ratio : Fraction{ratio.below, ratio.above};
        sum = reduced(sum.above * term.below + term.above * sum.below, sum.below * term.below);
    }
    return series ? sum : Fraction{sum.below, sum.above};
}

}  // namespace

Outcome<CoilArrangement> arrangementOf(const CoilTree& tree, const std::vector<Complex>& coil_ohm)
{
    for (const Complex& coil : coil_ohm)
        if (!(coil.real() > 0.0)) return refuse(ErrorCode::OutOfDomain, "coil_ohm", coil.real(), "a resistance > 0");
    Divider divider(coil_ohm);
    const auto load = divider.loadOf(tree);
    if (!load) return refuse(ErrorCode::Singular, "coil_ohm", 0.0, "impedances that do not cancel");
    Answer<CoilArrangement> answer;
    answer.value.tree = tree;
    answer.value.load_ohm = *load;
    answer.value.share.assign(coil_ohm.size(), 0.0);
    divider.addPower(tree, 1.0, answer.value.share);
    const double whole = std::accumulate(answer.value.share.begin(), answer.value.share.end(), 0.0);
    for (double& share : answer.value.share) share /= whole;
    answer.value.unlikeInSeries = unlikeInSeries(tree, coil_ohm);
    if (answer.value.unlikeInSeries) answer.warnings.emplace_back(WarningKind::UnlikeInSeries);
    return answer;
}

Outcome<std::vector<CoilArrangement>> coilArrangements(const std::vector<Complex>& coil_ohm)
{
    std::vector<Complex> kinds;
    std::vector<std::vector<int>> coilsOfKind;
    Counts counts;
    for (size_t i = 0; i < coil_ohm.size(); ++i) {
        auto kind = static_cast<size_t>(std::find(kinds.begin(), kinds.end(), coil_ohm[i]) - kinds.begin());
        if (kind == kinds.size()) {
            kinds.push_back(coil_ohm[i]);
            coilsOfKind.emplace_back();
            counts.push_back(0);
        }
        coilsOfKind[kind].push_back(static_cast<int>(i));
        ++counts[kind];
    }
    const int most = kinds.size() == 1 ? kMostLikeCoils : kMostUnlikeCoils;
    const auto coils = static_cast<int>(coil_ohm.size());
    if (coils < 1 || coils > most)
        return refuse(ErrorCode::OutOfDomain, "coil_ohm", coils, "1 to 8 like coils or 1 to 6 unlike ones");
    Answer<std::vector<CoilArrangement>> answer;
    for (CoilTree& tree : allTrees(counts)) {
        auto left = coilsOfKind;
        handOutCoils(tree, left);
        auto arrangement = arrangementOf(tree, coil_ohm);
        if (!arrangement) return tl::unexpected(arrangement.error());
        answer.value.push_back(std::move(arrangement->value));
    }
    return answer;
}

std::vector<double> distinctRatios(int coils)
{
    assert(coils >= 1 && coils <= kMostLikeCoils);
    std::set<Fraction> found;
    for (const CoilTree& tree : allTrees({coils})) found.insert(ratioOfTree(tree));
    std::vector<double> ratios;
    for (const Fraction& f : found) ratios.push_back(static_cast<double>(f.above) / static_cast<double>(f.below));
    std::sort(ratios.begin(), ratios.end());
    return ratios;
}

}  // namespace core
