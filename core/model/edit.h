#pragma once

#include <optional>
#include <string>
#include <type_traits>
#include <variant>
#include <vector>

#include "core/model/plan.h"

namespace core {

// The plan's tables and its single values. A new table is one line here: apply, difference and undo then know it.
template <auto... Members>
struct MemberList {
};
using PlanTables = MemberList<&Plan::places, &Plan::panels, &Plan::surfaces, &Plan::listeners, &Plan::parts,
                              &Plan::curves, &Plan::stages, &Plan::devices, &Plan::mounts, &Plan::settings,
                              &Plan::wires, &Plan::alterations, &Plan::readings, &Plan::practice>;
using PlanWholes = MemberList<&Plan::lastId, &Plan::job, &Plan::body>;

template <auto Member>
using MemberOf = std::remove_cvref_t<decltype(std::declval<Plan&>().*Member)>;

// This entry of a table becomes `now`; empty: the entry goes.
template <auto Member>
struct Set {
    typename MemberOf<Member>::key_type key{};
    std::optional<typename MemberOf<Member>::mapped_type> now{};
    bool operator==(const Set&) const = default;
};

template <auto Member>
struct Whole {
    MemberOf<Member> now{};
    bool operator==(const Whole&) const = default;
};

template <class Tables, class Wholes>
struct ChangeOver;
template <auto... Tables, auto... Wholes>
struct ChangeOver<MemberList<Tables...>, MemberList<Wholes...>> {
    using type = std::variant<Set<Tables>..., Whole<Wholes>...>;
};
using Change = ChangeOver<PlanTables, PlanWholes>::type;

enum class EditName {
    Unnamed,
    FitDriver,
    FitNetwork,
    SetFuse,
    ReplaceCapacitor,
    BypassCapacitor,
    SetHighPass,
    TakeReading,
    SetJob,
    Align,
    PlaceDriver,
    AddPlace,
    ChangePlace,
    RemovePlace,
    CopySide,
    SetBody,
    MoveSeat,
    AddSpeakers,
    RemoveSpeaker,
    ChangeDriver,
    ConnectSpeaker,
    ColourWire,
    AlterPlace,
    LinePlace,
    AddSource,
    ChangeSource,
    AddPanel,
    ChangePanel,
    RemovePanel,
    FitSpacer,
    TurnDriver,
    FixDriver,
    JoinCoils,
    TurnOver,
    SetFilter,
    AddResistor,
    AddAcross,
    PlanSpeakers,
    WireLength,
    SiteNetwork,
    MovePart,
    SetTarget,
    FollowSchools,
    ChangeValue,
    TakePartOut,
    SetChannel,
    FreeAim,
    MirrorAim,
    SeatDriver,
    ClearZone,
    ChangeSurface
};

// A list of "this entry becomes that". Its inverse is another edit; a mend is an edit, ready made.
struct Edit {
    EditName name = EditName::Unnamed;
    std::string detail{};  // a name or a figure for the undo list, as the user typed or the shelf spells it
    std::vector<Change> changes{};
    int idsFrom = 0;  // lastId of the plan it was made from, if it draws ids
    bool operator==(const Edit&) const = default;
};

struct Applied {
    Plan plan{};
    Edit inverse{};
};

[[nodiscard]] Applied apply(Plan plan, const Edit& edit);

// Change a copy in plain code and take the difference.
[[nodiscard]] Edit difference(EditName name, const Plan& before, const Plan& after);

// An edit that drew ids suits only the plan it was made from; any other edit is absolute and always fits.
[[nodiscard]] bool fits(const Plan& plan, const Edit& edit);

// A drag: the same name, and no entries but those of the first step, which may have more: the stage that it made. True
// if `later` was taken into `earlier`.
[[nodiscard]] bool mergeInto(Edit& earlier, const Edit& later);

}  // namespace core
