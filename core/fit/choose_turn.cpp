#include "core/fit/choose_turn.h"

#include <array>
#include <cmath>
#include <tuple>

namespace core {
namespace {

constexpr double kDown_deg = 270.0, kUp_deg = 90.0;

double apart_deg(double a_deg, double b_deg)
{
    return std::abs(std::remainder(a_deg - b_deg, 360.0));
}

struct Wish {
    TurnWish wish{};
    double off_deg = 0.0;     // how far from what it wants
    double within_deg = 0.0;  // what still counts as kept
};

// Calls `take` with each wish there is, the most important first.
template <class Take>
void eachWish(const TurnQuestion& question, double turn_deg, Take take)
{
    if (question.terminal_deg) {
        const double terminal = *question.terminal_deg + turn_deg;
        take(Wish{TurnWish::TerminalsDown, apart_deg(terminal, kDown_deg), question.within.down_deg});
        if (question.wireExit_deg)
            take(Wish{TurnWish::TowardsWire, apart_deg(terminal, *question.wireExit_deg), question.within.wire_deg});
        if (question.glassSide_deg)
            take(Wish{TurnWish::AwayFromGlass, 180.0 - apart_deg(terminal, *question.glassSide_deg),
                      question.within.glass_deg});
    }
    if (question.badge_deg)
        take(Wish{TurnWish::BadgeUpright, apart_deg(*question.badge_deg + turn_deg, kUp_deg),
                  question.within.badge_deg});
}

bool isKept(const Wish& wish)
{
    constexpr double kSlack_deg = 1e-6;
    return wish.off_deg <= wish.within_deg + kSlack_deg;
}

// Less is better: what is lost, the most important first; then how far off what is kept; then how far turned.
std::tuple<std::array<bool, 4>, double, double> costOf(const TurnQuestion& question, double turn_deg)
{
    std::array<bool, 4> lost{};
    double off_deg = 0.0;
    eachWish(question, turn_deg, [&](const Wish& wish) {
        lost[static_cast<size_t>(wish.wish)] = !isKept(wish);
        if (isKept(wish)) off_deg += wish.off_deg;
    });
    return {lost, std::round(off_deg * 1e6), std::round(std::abs(turn_deg) * 1e6)};
}

}  // namespace

TurnChoice chooseTurn(const TurnQuestion& question)
{
    std::vector<double> turns = question.turns_deg;
    if (turns.empty())
        for (int turn = -175; turn <= 180; turn += 5) turns.push_back(turn);
    TurnChoice best{.turn_deg = turns.front()};
    auto least = costOf(question, turns.front());
    for (const double turn : turns) {
        const auto cost = costOf(question, turn);
        if (!(cost < least)) continue;
        least = cost;
        best.turn_deg = turn;
    }
    eachWish(question, best.turn_deg,
             [&](const Wish& wish) { (isKept(wish) ? best.kept : best.givenUp).push_back(wish.wish); });
    return best;
}

}  // namespace core
