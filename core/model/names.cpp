#include "core/model/names.h"

#include <array>

namespace core {
namespace {

template <class Half>
std::optional<Half> deviceAndName(std::string_view text)
{
    const size_t dot = text.find('.');
    if (dot == std::string_view::npos || dot + 1 >= text.size()) return std::nullopt;
    const auto device = idFromText<DeviceId>(text.substr(0, dot));
    const std::string_view name = text.substr(dot + 1);
    if (!device || name.find_first_of(".:>") != std::string_view::npos) return std::nullopt;
    return Half{*device, std::string(name)};
}

std::optional<Inside> insideFromText(std::string_view text)
{
    const size_t dot = text.find('.');
    if (dot == std::string_view::npos || dot + 1 >= text.size()) return std::nullopt;
    const auto part = idFromText<PartId>(text.substr(0, dot));
    if (!part) return std::nullopt;
    return Inside{*part, std::string(text.substr(dot + 1))};
}

template <class AnyId>
std::optional<Subject> subjectIfId(std::string_view text)
{
    if (const auto id = idFromText<AnyId>(text)) return Subject{*id};
    return std::nullopt;
}

}  // namespace

#define CORE_ENUM_NAMES(Enum, ...)                                                   \
    template <>                                                                      \
    std::span<const EnumName<Enum>> enumNames()                                      \
    {                                                                                \
        using enum Enum;                                                             \
        static constexpr auto kNames = std::to_array<EnumName<Enum>>({__VA_ARGS__}); \
        return kNames;                                                               \
    }

CORE_ENUM_NAMES(Origin, {Measured, "measured"}, {Stated, "stated"}, {CommonPractice, "commonPractice"},
                {ClassGuess, "classGuess"})
CORE_ENUM_NAMES(ElementKind, {Output, "output"}, {Input, "input"}, {Coil, "coil"}, {Capacitor, "capacitor"},
                {Inductor, "inductor"}, {Resistor, "resistor"}, {Link, "link"})
CORE_ENUM_NAMES(PartKind, {Driver, "driver"}, {Radio, "radio"}, {Amplifier, "amplifier"}, {Network, "network"},
                {Plug, "plug"}, {Adaptor, "adaptor"}, {Lead, "lead"}, {Cable, "cable"}, {Fuse, "fuse"},
                {Spacer, "spacer"}, {Mat, "mat"}, {FoamSheet, "foamSheet"}, {BarrierMat, "barrierMat"},
                {Enclosure, "enclosure"}, {ArticleSet, "set"})
CORE_ENUM_NAMES(BodyKind, {Hatchback, "hatchback"}, {Saloon, "saloon"}, {Estate, "estate"}, {Coupe, "coupe"},
                {Classic, "classic"}, {Pickup, "pickup"}, {OffRoad, "offRoad"}, {Van, "van"}, {Bus, "bus"},
                {OpenTwoSeater, "openTwoSeater"}, {OpenSideBySide, "openSideBySide"}, {Motorcycle, "motorcycle"},
                {Boat, "boat"})
CORE_ENUM_NAMES(PlaceKind, {Door, "door"}, {DashTop, "dashTop"}, {Sail, "sail"}, {Pillar, "pillar"},
                {KickPanel, "kickPanel"}, {Quarter, "quarter"}, {RearDeck, "rearDeck"}, {UnderSeat, "underSeat"},
                {Overhead, "overhead"}, {Fairing, "fairing"}, {BagLid, "bagLid"}, {CargoSide, "cargoSide"},
                {RollBar, "rollBar"}, {OwnBox, "ownBox"}, {Hidden, "hidden"})
CORE_ENUM_NAMES(Cab, {Single, "single"}, {Extended, "extended"}, {Double, "double"})
CORE_ENUM_NAMES(Drive, {Combustion, "combustion"}, {Hybrid, "hybrid"}, {Electric, "electric"})
CORE_ENUM_NAMES(VariantSign, {SubLevelControl, "subLevelControl"}, {SystemBadge, "systemBadge"},
                {SeparateAmplifier, "separateAmplifier"}, {LowOhms, "lowOhms"}, {MoreDrivers, "moreDrivers"},
                {EmptyTweeterPlug, "emptyTweeterPlug"})
CORE_ENUM_NAMES(Behind, {Unknown, "unknown"}, {Glass, "glass"}, {Regulator, "regulator"}, {SheetMetal, "sheetMetal"},
                {FuelTank, "fuelTank"}, {Harness, "harness"}, {OpenAir, "openAir"})
CORE_ENUM_NAMES(Anchor, {Unknown, "unknown"}, {Metal, "metal"}, {Plastic, "plastic"}, {Wood, "wood"},
                {CaptiveNut, "captiveNut"}, {Rivet, "rivet"})
CORE_ENUM_NAMES(Fixing, {Screws, "screws"}, {Adhesive, "adhesive"}, {Clip, "clip"}, {Ring, "ring"},
                {Bracket, "bracket"})
CORE_ENUM_NAMES(FastenerKind, {Screw, "screw"}, {Bolt, "bolt"}, {Nut, "nut"}, {Clip, "clip"}, {PushPin, "pushPin"},
                {Rivet, "rivet"}, {Hook, "hook"})
CORE_ENUM_NAMES(Complaint, {Dull, "dull"}, {Thin, "thin"}, {NoBass, "noBass"}, {Harsh, "harsh"}, {NotLoud, "notLoud"},
                {Buzz, "buzz"}, {OneSided, "oneSided"}, {CutsOut, "cutsOut"})
CORE_ENUM_NAMES(KeepOut, {Glass, "glass"}, {Rods, "rods"}, {Drains, "drains"}, {Sensors, "sensors"}, {Vents, "vents"})
CORE_ENUM_NAMES(Keep, {NoCutting, "noCutting"}, {Looks, "looks"}, {Radio, "radio"}, {Badge, "badge"},
                {LoadSpace, "loadSpace"})
CORE_ENUM_NAMES(Use, {FamilyCar, "familyCar"}, {WorkVan, "workVan"}, {WindAndHelmet, "windAndHelmet"},
                {OpenCab, "openCab"}, {SummerCruiser, "summerCruiser"})
CORE_ENUM_NAMES(Demand, {Wind, "wind"}, {Water, "water"}, {Vibration, "vibration"}, {Heat, "heat"}, {Theft, "theft"})
CORE_ENUM_NAMES(Extra, {Tethers, "tethers"}, {TamperProofBolts, "tamperProofBolts"}, {Badges, "badges"},
                {LightController, "lightController"})
CORE_ENUM_NAMES(Control, {HighPass, "highPass"}, {LowPass, "lowPass"}, {Equaliser, "equaliser"},
                {ChannelGain, "channelGain"}, {Polarity, "polarity"})
CORE_ENUM_NAMES(FilterFamily, {Butterworth, "butterworth"}, {LinkwitzRiley, "linkwitzRiley"}, {Bessel, "bessel"})
CORE_ENUM_NAMES(BandKind, {Peak, "peak"}, {LowShelf, "lowShelf"}, {HighShelf, "highShelf"}, {AllPass1, "allPass1"},
                {AllPass2, "allPass2"})
CORE_ENUM_NAMES(OutputGround, {Unknown, "unknown"}, {Floating, "floating"}, {Shared, "shared"})
CORE_ENUM_NAMES(Cover, {None, "none"}, {ThinCloth, "thinCloth"}, {ThickCloth, "thickCloth"},
                {ClothUnderLeather, "clothUnderLeather"})
CORE_ENUM_NAMES(SurfaceMaterial, {Glass, "glass"}, {HardTrim, "hardTrim"}, {SoftDash, "softDash"}, {Carpet, "carpet"},
                {ClothSeat, "clothSeat"}, {LeatherSeat, "leatherSeat"}, {Headliner, "headliner"})
CORE_ENUM_NAMES(RestraintZone, {Pillar, "pillar"}, {DashBag, "dashBag"}, {RoofEdge, "roofEdge"})
CORE_ENUM_NAMES(Backing, {Metal, "metal"}, {Plastic, "plastic"}, {Cloth, "cloth"})
CORE_ENUM_NAMES(MountStyle, {Flush, "flush"}, {Cup, "cup"}, {Pod, "pod"}, {Plate, "plate"})
CORE_ENUM_NAMES(CurveKind, {Response, "response"}, {InPlace, "inPlace"}, {Hearing, "hearing"}, {Target, "target"})
CORE_ENUM_NAMES(Seat, {Driver, "driver"}, {FrontPassenger, "frontPassenger"}, {RearLeft, "rearLeft"},
                {RearRight, "rearRight"})
CORE_ENUM_NAMES(Goal, {Improve, "improve"}, {Restore, "restore"}, {Replace, "replace"})
CORE_ENUM_NAMES(StageKind, {Factory, "factory"}, {Found, "found"}, {Planned, "planned"}, {Built, "built"})
CORE_ENUM_NAMES(AlterationKind, {Hole, "hole"}, {Seal, "seal"}, {Mat, "mat"}, {Foam, "foam"}, {OpenCover, "openCover"},
                {ScrewHoles, "screwHoles"}, {WireHole, "wireHole"}, {CutObstruction, "cutObstruction"},
                {Decoupler, "decoupler"}, {Barrier, "barrier"})
CORE_ENUM_NAMES(Instrument, {Ohmmeter, "ohmmeter"}, {Voltmeter, "voltmeter"}, {Ruler, "ruler"}, {Eye, "eye"},
                {Microphone, "microphone"}, {SoundCard, "soundCard"})
#undef CORE_ENUM_NAMES

template <>
std::span<const EnumName<PracticeKey>> enumNames()
{
#define PRACTICE_KEY(name, key) {PracticeKey::name, key},
    static constexpr auto kNames = std::to_array<EnumName<PracticeKey>>({
#include "core/practice/practice_keys.def"
    });
    return kNames;
}

template <>
std::span<const EnumName<PracticeList>> enumNames()
{
#define PRACTICE_LIST(name, key) {PracticeList::name, key},
    static constexpr auto kNames = std::to_array<EnumName<PracticeList>>({
#include "core/practice/practice_keys.def"
    });
    return kNames;
}

std::string textOf(const Pin& pin)
{
    return textOf(pin.device) + "." + pin.terminal;
}

std::string textOf(const Port& port)
{
    return textOf(port.device) + "." + port.element;
}

std::string textOf(const Subject& subject)
{
    struct Spell {
        std::string operator()(std::monostate) const { return {}; }
        std::string operator()(const Inside& inside) const { return textOf(inside.part) + "." + inside.element; }
        std::string operator()(const Port& port) const { return textOf(port); }
        std::string operator()(const RunId& run) const { return textOf(run.channel) + ">" + textOf(run.coil); }
        std::string operator()(PlaceId id) const { return textOf(id); }
        std::string operator()(PartId id) const { return textOf(id); }
        std::string operator()(DeviceId id) const { return textOf(id); }
        std::string operator()(WireId id) const { return textOf(id); }
        std::string operator()(ListenerId id) const { return textOf(id); }
    };
    return std::visit(Spell{}, subject);
}

std::string textOf(const Address& address)
{
    return textOf(address.of) + ":" + std::string(row(address.what).key);
}

std::optional<Pin> pinFromText(std::string_view text)
{
    return deviceAndName<Pin>(text);
}

std::optional<Port> portFromText(std::string_view text)
{
    return deviceAndName<Port>(text);
}

std::optional<Subject> subjectFromText(std::string_view text)
{
    if (text.empty()) return Subject{};
    if (const size_t arrow = text.find('>'); arrow != std::string_view::npos) {
        const auto channel = portFromText(text.substr(0, arrow));
        const auto coil = portFromText(text.substr(arrow + 1));
        if (!channel || !coil) return std::nullopt;
        return Subject{RunId{*channel, *coil}};
    }
    if (const auto port = portFromText(text)) return Subject{*port};
    if (const auto inside = insideFromText(text)) return Subject{*inside};
    for (const auto& tryId : {subjectIfId<PartId>, subjectIfId<PlaceId>, subjectIfId<DeviceId>, subjectIfId<WireId>,
                              subjectIfId<ListenerId>})
        if (const auto subject = tryId(text)) return subject;
    return std::nullopt;
}

std::optional<Address> addressFromText(std::string_view text)
{
    const size_t colon = text.rfind(':');
    if (colon == std::string_view::npos) return std::nullopt;
    const auto subject = subjectFromText(text.substr(0, colon));
    const auto quantity = quantityFromKey(text.substr(colon + 1));
    if (!subject || !quantity) return std::nullopt;
    return Address{*subject, *quantity};
}

}  // namespace core
