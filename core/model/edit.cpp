#include "core/model/edit.h"

#include <algorithm>
#include <utility>

namespace core {
namespace {

template <auto Member>
Change exchange(Plan& plan, const Set<Member>& change)
{
    auto& table = plan.*Member;
    Set<Member> inverse{change.key, std::nullopt};
    if (const auto found = table.find(change.key); found != table.end()) inverse.now.emplace(found->second);
    if (change.now)
        table.insert_or_assign(change.key, *change.now);
    else
        table.erase(change.key);
    return inverse;
}

template <auto Member>
Change exchange(Plan& plan, const Whole<Member>& change)
{
    return Whole<Member>{std::exchange(plan.*Member, change.now)};
}

template <auto Member>
void addTableDifference(std::vector<Change>& changes, const Plan& before, const Plan& after)
{
    const auto& old = before.*Member;
    const auto& now = after.*Member;
    for (const auto& [key, item] : old)
        if (!now.contains(key)) changes.push_back(Set<Member>{key, std::nullopt});
    for (const auto& [key, item] : now) {
        const auto found = old.find(key);
        if (found != old.end() && found->second == item) continue;
        Set<Member> change{key, std::nullopt};
        change.now.emplace(item);
        changes.push_back(std::move(change));
    }
}

template <auto... Tables, auto... Wholes>
void addDifference(std::vector<Change>& changes, const Plan& before, const Plan& after, MemberList<Tables...>,
                   MemberList<Wholes...>)
{
    (addTableDifference<Tables>(changes, before, after), ...);
    const auto addWhole = [&]<auto Member>()
    {
        if (!(before.*Member == after.*Member)) changes.push_back(Whole<Member>{after.*Member});
    };
    (addWhole.template operator()<Wholes>(), ...);
}

template <auto Member>
bool sameEntry(const Set<Member>& a, const Set<Member>& b)
{
    return a.key == b.key;
}
template <auto Member>
bool sameEntry(const Whole<Member>&, const Whole<Member>&)
{
    return true;
}
template <class A, class B>
bool sameEntry(const A&, const B&)
{
    return false;
}

}  // namespace

Applied apply(Plan plan, const Edit& edit)
{
    Edit inverse{edit.name, edit.detail, {}, 0};
    for (const Change& change : edit.changes)
        inverse.changes.push_back(std::visit([&](const auto& one) { return exchange(plan, one); }, change));
    std::reverse(inverse.changes.begin(), inverse.changes.end());
    return {std::move(plan), std::move(inverse)};
}

Edit difference(EditName name, const Plan& before, const Plan& after)
{
    Edit edit{name, {}, {}, after.lastId != before.lastId ? before.lastId : 0};
    addDifference(edit.changes, before, after, PlanTables{}, PlanWholes{});
    return edit;
}

bool fits(const Plan& plan, const Edit& edit)
{
    return edit.idsFrom == 0 || edit.idsFrom == plan.lastId;
}

bool mergeInto(Edit& earlier, const Edit& later)
{
    const auto same = [](const Change& a, const Change& b) {
        return std::visit([](const auto& one, const auto& other) { return sameEntry(one, other); }, a, b);
    };
    if (earlier.name != later.name || later.idsFrom != 0) return false;
    const auto entryOf = [&](const Change& change) {
        return std::find_if(earlier.changes.begin(), earlier.changes.end(),
                            [&](const Change& one) { return same(one, change); });
    };
    const auto isKnown = [&](const Change& change) { return entryOf(change) != earlier.changes.end(); };
    if (!std::all_of(later.changes.begin(), later.changes.end(), isKnown)) return false;
    for (const Change& change : later.changes) *entryOf(change) = change;
    earlier.detail = later.detail;
    return true;
}

}  // namespace core
