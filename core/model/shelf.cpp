#include "core/model/shelf.h"

#include <algorithm>

namespace core {

std::vector<const Part*> Shelf::of(PartKind kind) const
{
    std::vector<const Part*> found;
    for (const Part& part : parts)
        if (part.kind == kind) found.push_back(&part);
    return found;
}

const Part* Shelf::find(const std::string& key) const
{
    const auto found = std::find_if(parts.begin(), parts.end(), [&](const Part& part) { return part.shelfKey == key; });
    return found == parts.end() ? nullptr : &*found;
}

int takeIn(Shelf& shelf, const Shelf& other)
{
    int fresh = 0;
    for (const Part& part : other.parts) {
        const auto there = std::find_if(shelf.parts.begin(), shelf.parts.end(),
                                        [&](const Part& one) { return one.shelfKey == part.shelfKey; });
        if (there != shelf.parts.end()) {
            *there = part;
        } else {
            shelf.parts.push_back(part);
            ++fresh;
        }
    }
    return fresh;
}

}  // namespace core
