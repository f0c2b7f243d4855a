#pragma once

#include <string>
#include <vector>

#include "core/model/part.h"

namespace core {

// The parts a plan can choose from, each by a key of its own.
struct Shelf {
    std::vector<Part> parts{};
    bool operator==(const Shelf&) const = default;

    [[nodiscard]] std::vector<const Part*> of(PartKind kind) const;
    [[nodiscard]] const Part* find(const std::string& key) const;
};

// Parts of another shelf come in; one with a key that is there already takes its place. Returns how many were new.
int takeIn(Shelf& shelf, const Shelf& other);

}  // namespace core
