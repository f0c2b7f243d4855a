#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/model/part.h"

namespace core {

// Where a leg of a board goes: it has a pair of terminals for each, w, m or t.
enum class Leg { Woofer, Mid, Tweeter };
inline constexpr Leg kLegs[]{Leg::Woofer, Leg::Mid, Leg::Tweeter};
[[nodiscard]] std::string terminalOf(Leg leg, char pole);

// Capacitor, coil of wire or resistor on a leg: in the lead, or across it.
struct LegPart {
    ElementKind kind = ElementKind::Capacitor;
    bool series = true;
    double value = 0.0;  // F, H, ohm
    bool operator==(const LegPart&) const = default;
};
// From the input on; with none it passes through.
using LegParts = std::vector<LegPart>;
// A crossover board by its legs: two or three, or one alone in a speaker's lead.
using BoardParts = std::map<Leg, LegParts>;
[[nodiscard]] int countOf(const BoardParts& parts);
// The first one of this kind that lies so; none where there is none.
[[nodiscard]] const LegPart* findPart(const BoardParts& parts, Leg leg, ElementKind kind, bool series);

// What a network is called that is made for a job.
inline constexpr const char* kNetworkToBeMade = "network to be made";
inline constexpr const char* kFilterToBeMade = "filter to be made";  // of one leg

// From in to w, m and t, each with its plus and minus. Parts are named by kind and leg, from the input on: Ct, Lt, Ct2.
[[nodiscard]] Part boardOf(const BoardParts& parts, const std::string& name);

// What lies on its legs, or on one of them, by name, from the input on: in the lead or across it.
[[nodiscard]] std::vector<std::string> partsFromInput(const Part& board);
[[nodiscard]] std::vector<std::string> partsFromInput(const Part& board, Leg leg);
// A leg read back; nothing where a value is not known.
[[nodiscard]] std::optional<LegParts> partsOn(const Part& board, Leg leg);
// A leg of these parts in the place of what is there, each with what else is known of the one of its rank: their names.
std::vector<std::string> putLeg(Part& board, Leg leg, const LegParts& parts, const std::vector<Figures>& figures = {});
// The leg that one of its parts lies on.
[[nodiscard]] std::optional<Leg> legWith(const Part& board, const std::string& element);

// The ohms that a leg is made for, as far as anybody said; of a board that is made it is said of each of its parts.
[[nodiscard]] std::optional<double> madeFor_ohm(const Part& board, Leg leg);
void sayMadeFor(Part& board, Leg leg, double load_ohm);

// The legs that a part has terminals for; none where it is no board.
[[nodiscard]] std::vector<Leg> legsOf(const Part& part);
// For a woofer and a tweeter and nothing else.
[[nodiscard]] bool isTwoWay(const Part& part);

}  // namespace core
