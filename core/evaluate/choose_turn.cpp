#include "core/evaluate/choose_turn.h"

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

std::vector<Wish> wishesAt(const TurnQuestion& question, double turn_deg)
{
    std::vector<Wish> wishes;
    if (question.terminal_deg) {
        const double terminal = *question.terminal_deg + turn_deg;
        wishes.push_back({TurnWish::TerminalsDown, apart_deg(terminal, kDown_deg), 45.0});
        if (question.wireExit_deg)
            wishes.push_back({TurnWish::TowardsWire, apart_deg(terminal, *question.wireExit_deg), 60.0});
        if (question.glassSide_deg)
            wishes.push_back({TurnWish::AwayFromGlass, 180.0 - apart_deg(terminal, *question.glassSide_deg), 90.0});
    }
    if (question.badge_deg)
        wishes.push_back({TurnWish::BadgeUpright, apart_deg(*question.badge_deg + turn_deg, kUp_deg), 10.0});
    return wishes;
}

struct Tried {
    TurnChoice choice{};
    std::array<bool, 4> lost{};
    double off_deg = 0.0;
    [[nodiscard]] auto order() const
    {
        return std::tuple(lost, std::round(off_deg * 1e6), std::round(std::abs(choice.turn_deg) * 1e6));
    }
};

Tried tryTurn(const TurnQuestion& question, double turn_deg)
{
    constexpr double kSlack_deg = 1e-6;
    Tried tried{.choice = {.turn_deg = turn_deg}};
    for (const Wish& wish : wishesAt(question, turn_deg)) {
        const bool kept = wish.off_deg <= wish.within_deg + kSlack_deg;
        (kept ? tried.choice.kept : tried.choice.givenUp).push_back(wish.wish);
        tried.lost[static_cast<size_t>(wish.wish)] = !kept;
        if (kept) tried.off_deg += wish.off_deg;
    }
    return tried;
}

}  // namespace

TurnChoice chooseTurn(const TurnQuestion& question)
{
    std::vector<double> turns = question.turns_deg;
    if (turns.empty())
        for (int turn = -175; turn <= 180; turn += 5) turns.push_back(turn);
    Tried best = tryTurn(question, turns.front());
    for (const double turn : turns)
        if (Tried tried = tryTurn(question, turn); tried.order() < best.order()) best = std::move(tried);
    return best.choice;
}

}  // namespace core
