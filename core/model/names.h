#pragma once

#include <charconv>
#include <concepts>
#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "core/model/edit.h"
#include "core/model/plan.h"
#include "core/practice/practice.h"

namespace core {

// Enumerators as files, schema and command line write them: camelCase.
template <class Enum>
struct EnumName {
    Enum value{};
    std::string_view text{};
};
template <class Enum>
std::span<const EnumName<Enum>> enumNames();  // one specialisation for each enum that is written anywhere

template <class Enum>
requires std::is_enum_v<Enum> std::string_view textOf(Enum value)
{
    for (const EnumName<Enum>& name : enumNames<Enum>())
        if (name.value == value) return name.text;
    return {};
}

template <class Enum>
std::optional<Enum> enumFromText(std::string_view text)
{
    for (const EnumName<Enum>& name : enumNames<Enum>())
        if (name.text == text) return name.value;
    return std::nullopt;
}

template <>
std::span<const EnumName<Origin>> enumNames();
template <>
std::span<const EnumName<ElementKind>> enumNames();
template <>
std::span<const EnumName<PartKind>> enumNames();
template <>
std::span<const EnumName<BodyKind>> enumNames();
template <>
std::span<const EnumName<Cab>> enumNames();
template <>
std::span<const EnumName<Drive>> enumNames();
template <>
std::span<const EnumName<VariantSign>> enumNames();
template <>
std::span<const EnumName<Behind>> enumNames();
template <>
std::span<const EnumName<Anchor>> enumNames();
template <>
std::span<const EnumName<Fixing>> enumNames();
template <>
std::span<const EnumName<FastenerKind>> enumNames();
template <>
std::span<const EnumName<Complaint>> enumNames();
template <>
std::span<const EnumName<KeepOut>> enumNames();
template <>
std::span<const EnumName<Keep>> enumNames();
template <>
std::span<const EnumName<Use>> enumNames();
template <>
std::span<const EnumName<Demand>> enumNames();
template <>
std::span<const EnumName<Extra>> enumNames();
template <>
std::span<const EnumName<Control>> enumNames();
template <>
std::span<const EnumName<OutputGround>> enumNames();
template <>
std::span<const EnumName<PlaceKind>> enumNames();
template <>
std::span<const EnumName<Seat>> enumNames();
template <>
std::span<const EnumName<Goal>> enumNames();
template <>
std::span<const EnumName<StageKind>> enumNames();
template <>
std::span<const EnumName<AlterationKind>> enumNames();
template <>
std::span<const EnumName<Instrument>> enumNames();
template <>
std::span<const EnumName<PracticeKey>> enumNames();
template <>
std::span<const EnumName<PracticeList>> enumNames();
template <>
std::span<const EnumName<Cover>> enumNames();
template <>
std::span<const EnumName<SurfaceMaterial>> enumNames();
template <>
std::span<const EnumName<RestraintZone>> enumNames();
template <>
std::span<const EnumName<Backing>> enumNames();
template <>
std::span<const EnumName<MountStyle>> enumNames();
template <>
std::span<const EnumName<CurveKind>> enumNames();

// "d17"
template <char Letter>
std::string textOf(Id<Letter> id)
{
    return Letter + std::to_string(id.number);
}

// nothing for anything but the letter and a number from 1 to 999999999 without leading zeros
template <class AnyId>
std::optional<AnyId> idFromText(std::string_view text)
{
    const std::string letter = textOf(AnyId{1});
    if (text.size() < 2 || text.size() > 10 || text[0] != letter[0] || text[1] == '0') return std::nullopt;
    AnyId id{};
    const auto [end, error] = std::from_chars(text.data() + 1, text.data() + text.size(), id.number);
    if (error != std::errc{} || end != text.data() + text.size() || id.number <= 0) return std::nullopt;
    return id;
}

std::string textOf(const Pin& pin);          // "d9.RL+"
std::string textOf(const Port& port);        // "d9.RL"
std::string textOf(const Subject& subject);  // "t7.1", "p3", "d9.RL", "d9.RL>d11.1", "" for the body
std::string textOf(const Address& address);  // "d11.1:re_ohm"
std::optional<Pin> pinFromText(std::string_view text);
std::optional<Port> portFromText(std::string_view text);
std::optional<Subject> subjectFromText(std::string_view text);
std::optional<Address> addressFromText(std::string_view text);

}  // namespace core
