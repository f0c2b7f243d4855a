#include "core/model/shelf.h"

#include <algorithm>
#include <string_view>
#include <unordered_map>

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
    std::unordered_map<std::string_view, size_t> at;
    for (size_t i = 0; i < shelf.parts.size(); ++i) at.emplace(shelf.parts[i].shelfKey, i);
    std::vector<Part> fresh;
    for (const Part& part : other.parts) {
        if (const auto there = at.find(part.shelfKey); there != at.end())
            shelf.parts[there->second] = part;
        else
            fresh.push_back(part);
    }
    shelf.parts.insert(shelf.parts.end(), fresh.begin(), fresh.end());
    return static_cast<int>(fresh.size());
}

}  // namespace core
