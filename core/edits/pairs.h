#pragma once

#include <map>
#include <set>

namespace core {

// Places and panels come in pairs of which one side may follow the other.

// From now on each side may differ.
template <class AnyId, class Item>
void freeOfPair(std::map<AnyId, Item>& table, AnyId id)
{
    Item& own = table.at(id);
    own.followsPair = false;
    if (own.pair) table.at(own.pair).followsPair = false;
}

// An item goes, and its twin if that follows; else the twin stands alone. Returns what went.
template <class AnyId, class Item>
std::set<AnyId> eraseWithFollower(std::map<AnyId, Item>& table, AnyId id)
{
    std::set<AnyId> gone{id};
    if (const AnyId pair = table.at(id).pair) {
        Item& twin = table.at(pair);
        if (twin.followsPair) gone.insert(pair);
        twin.pair = {};
        twin.followsPair = false;
    }
    for (const AnyId one : gone) table.erase(one);
    return gone;
}

}  // namespace core
