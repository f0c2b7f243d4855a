#include "words/survey_words.h"

#include "core/model/names.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(PlaceKind kind)
{
    switch (kind) {
        case PlaceKind::Door:
            return Words::tr("door");
        case PlaceKind::DashTop:
            return Words::tr("dash");
        case PlaceKind::Sail:
            return Words::tr("sail panel at the mirror");
        case PlaceKind::Pillar:
            return Words::tr("pillar");
        case PlaceKind::KickPanel:
            return Words::tr("kick panel");
        case PlaceKind::Quarter:
            return Words::tr("side panel");
        case PlaceKind::RearDeck:
            return Words::tr("rear deck");
        case PlaceKind::UnderSeat:
            return Words::tr("under a seat");
        case PlaceKind::Overhead:
            return Words::tr("overhead");
        case PlaceKind::Fairing:
            return Words::tr("fairing");
        case PlaceKind::BagLid:
            return Words::tr("bag lid");
        case PlaceKind::CargoSide:
            return Words::tr("load-space side");
        case PlaceKind::RollBar:
            return Words::tr("roll bar");
        case PlaceKind::OwnBox:
            return Words::tr("box of its own");
        case PlaceKind::Hidden:
            return Words::tr("out of sight");
    }
    return {};
}

QString nameOf(Cab cab)
{
    switch (cab) {
        case Cab::Single:
            return Words::tr("single cab");
        case Cab::Extended:
            return Words::tr("extended cab");
        case Cab::Double:
            return Words::tr("double cab");
    }
    return {};
}

QString nameOf(Drive drive)
{
    switch (drive) {
        case Drive::Combustion:
            return Words::tr("engine only");
        case Drive::Hybrid:
            return Words::tr("hybrid");
        case Drive::Electric:
            return Words::tr("battery-electric");
    }
    return {};
}

QString nameOf(Behind behind)
{
    switch (behind) {
        case Behind::Unknown:
            return Words::tr("not looked at");
        case Behind::Glass:
            return Words::tr("glass, wound down");
        case Behind::Regulator:
            return Words::tr("the window's lift");
        case Behind::SheetMetal:
            return Words::tr("sheet metal");
        case Behind::FuelTank:
            return Words::tr("fuel tank");
        case Behind::Harness:
            return Words::tr("wiring");
        case Behind::OpenAir:
            return Words::tr("nothing near");
    }
    return {};
}

QString nameOf(Cover cover)
{
    switch (cover) {
        case Cover::None:
            return Words::tr("open grille or none");
        case Cover::ThinCloth:
            return Words::tr("thin cloth");
        case Cover::ThickCloth:
            return Words::tr("thick cloth");
        case Cover::ClothUnderLeather:
            return Words::tr("cloth under leather");
    }
    return {};
}

QString nameOf(OutputGround ground)
{
    switch (ground) {
        case OutputGround::Unknown:
            return Words::tr("not measured");
        case OutputGround::Floating:
            return Words::tr("they float");
        case OutputGround::Shared:
            return Words::tr("minus is ground");
    }
    return {};
}

QString nameOf(FastenerKind kind)
{
    switch (kind) {
        case FastenerKind::Screw:
            return Words::tr("screw");
        case FastenerKind::Bolt:
            return Words::tr("bolt");
        case FastenerKind::Nut:
            return Words::tr("nut");
        case FastenerKind::Clip:
            return Words::tr("clip");
        case FastenerKind::PushPin:
            return Words::tr("push pin");
        case FastenerKind::Rivet:
            return Words::tr("rivet");
        case FastenerKind::Hook:
            return Words::tr("hook");
    }
    return {};
}

QString nameOf(Variant variant)
{
    switch (variant) {
        case Variant::Unknown:
            return Words::tr("not told apart yet");
        case Variant::Plain:
            return Words::tr("the radio drives the speakers itself");
        case Variant::Amplified:
            return Words::tr("a separate amplifier drives them");
        case Variant::AmplifiedWithBass:
            return Words::tr("a separate amplifier, with a bass channel");
    }
    return {};
}

QString nameOf(Gap gap)
{
    switch (gap) {
        case Gap::Driver:
            return Words::tr("what is fitted");
        case Gap::Wires:
            return Words::tr("which channel");
        case Gap::Colours:
            return Words::tr("wire colours");
        case Gap::Ohms:
            return Words::tr("ohms");
        case Gap::Depth:
            return Words::tr("depth");
        case Gap::WayIn:
            return Words::tr("the way in");
    }
    return {};
}

QString textOf(CoilJoin join, double leads_ohm)
{
    switch (join) {
        case CoilJoin::Series:
            return Words::tr("one after the other, %1").arg(ohms(leads_ohm));
        case CoilJoin::Parallel:
            return Words::tr("side by side, %1").arg(ohms(leads_ohm));
        case CoilJoin::One:
            return Words::tr("one alone, the others open");
        case CoilJoin::EachItsChannel:
            return Words::tr("each on its own channel");
        case CoilJoin::Other:
            return Words::tr("some other way");
    }
    return {};
}

QString nameOf(FilterPlace place)
{
    switch (place) {
        case FilterPlace::None:
            return Words::tr("nothing: it gets all");
        case FilterPlace::Speaker:
            return Words::tr("a capacitor on the speaker");
        case FilterPlace::Plug:
            return Words::tr("a capacitor in its plug");
        case FilterPlace::Harness:
            return Words::tr("a capacitor in the harness");
        case FilterPlace::Amplifier:
            return Words::tr("the amplifier's own filter");
    }
    return {};
}

QString whatGoesWith(FilterPlace place)
{
    switch (place) {
        case FilterPlace::None:
            return {};
        case FilterPlace::Speaker:
            return Words::tr(
                "It belongs to this speaker and leaves with it: the new one needs a high-pass of its own.");
        case FilterPlace::Plug:
            return Words::tr("It stays in the vehicle's plug: cut the plug off and it is gone.");
        case FilterPlace::Harness:
            return Words::tr("It stays in the harness, whatever speaker stands here.");
        case FilterPlace::Amplifier:
            return Words::tr("It stays as long as this channel feeds the place.");
    }
    return {};
}

QString nameOfClass(const std::string& driverClass)
{
    const QString name = QString::fromStdString(driverClass);
    qsizetype digits = 0;
    while (digits < name.size() && !name[digits].isDigit()) ++digits;
    const QString kind = name.left(digits), size = name.mid(digits);
    const QString sized = size.contains(QLatin1Char('x'))
                              ? Words::tr("%1 in").arg(QString(size).replace(QLatin1Char('x'), QStringLiteral(" × ")))
                              : Words::tr("%1 mm").arg(size);
    const std::pair<const char*, QString> kinds[] = {
        {"coaxialTweeter", Words::tr("%1 tweeter of a coaxial")},
        {"domeTweeter", Words::tr("%1 dome tweeter")},
        {"wideBand", Words::tr("%1 wide-band")},
        {"midrange", Words::tr("%1 midrange")},
        {"fullRange", Words::tr("%1 full-range")},
        {"coaxial", Words::tr("%1 coaxial")},
        {"ovalCoaxial", Words::tr("%1 oval coaxial")},
        {"dualCone", Words::tr("%1 with a whizzer cone")},
        {"componentWoofer", Words::tr("%1 woofer")},
        {"oval", Words::tr("%1 oval")},
        {"midBass", Words::tr("%1 mid-bass")},
        {"subwoofer", Words::tr("%1 subwoofer")},
    };
    for (const auto& [key, text] : kinds)
        if (kind == QLatin1String(key)) return text.arg(sized);
    return name;
}

QString powerDownOf(const Body& body)
{
    if (body.drive != Drive::Combustion)
        return Words::tr(
            "Power down by the maker's procedure; the low-voltage battery first, then wait as the maker says. Only "
            "people "
            "trained for it isolate the traction battery.");
    if (body.kind == BodyKind::Motorcycle)
        return Words::tr("Ignition off, engine and exhaust cold, negative lead of the battery off first and on last.");
    if (body.kind == BodyKind::Boat)
        return Words::tr("Battery switch off, bilge aired before any spark; negative lead off first and on last.");
    return Words::tr("Ignition off, negative lead of the battery off first and on last, then wait as the maker says.");
}

QStringList hazardsOf(const Body& body, const Practice& practice)
{
    QStringList lines;
    const bool open = !practice.bodies.at(std::string(textOf(body.kind))).cabin;
    if (body.drive != Drive::Combustion)
        lines << Words::tr(
            "Touch nothing orange; no drilling into floor or bulkhead unless the maker's data clears the spot.");
    if (hasRestraints(body))
        lines << Words::tr(
            "Airbags and belt tighteners: never probe, meter or unplug a yellow plug; nothing in a bag's way.");
    if (open)
        lines << Words::tr(
            "Water, mud and sun: sealed plugs, a tether on what can fall. No cabin helps the bass, none is counted.");
    if (body.kind == BodyKind::Motorcycle)
        lines << Words::tr(
            "Steering lock to lock, suspension and hot parts before any wire is tied; first ride slowly.");
    if (body.kind == BodyKind::Classic)
        lines << Words::tr(
            "A switched or constant feed may not be there at all, and plus may be at the chassis: measure first.");
    return lines;
}

QString questionOf(VariantSign sign)
{
    switch (sign) {
        case VariantSign::SubLevelControl:
            return Words::tr("Is there a subwoofer level in the radio's sound menu?");
        case VariantSign::SystemBadge:
            return Words::tr("Is there the badge of a sound system on a grille?");
        case VariantSign::SeparateAmplifier:
            return Words::tr("Is there an amplifier under a seat, in the boot or behind trim?");
        case VariantSign::LowOhms:
            return Words::tr("Does a door speaker read under 2.8 Ω with its plug off?");
        case VariantSign::MoreDrivers:
            return Words::tr("Are there more speakers than doors?");
        case VariantSign::EmptyTweeterPlug:
            return Words::tr("Is there a plug with nothing in it where a tweeter could be?");
    }
    return {};
}

QString heldBackText(VariantSign sign)
{
    return Words::tr("Held back: few ohms suit only a vehicle with an amplifier made for them. %1")
        .arg(questionOf(sign));
}

QString meaningOf(VariantSign sign)
{
    switch (sign) {
        case VariantSign::SubLevelControl:
            return Words::tr("Then a channel for a subwoofer is there, and an amplifier behind it.");
        case VariantSign::SystemBadge:
            return Words::tr("Then an amplifier of its own is likely, and speakers of few ohms.");
        case VariantSign::SeparateAmplifier:
            return Words::tr("Its outputs, not the radio's, are what the speakers hang on.");
        case VariantSign::LowOhms:
            return Words::tr(
                "Few ohms come with an amplifier made for them; a radio is seldom made for less than 4 Ω.");
        case VariantSign::MoreDrivers:
            return Words::tr("Count them with the trim on: a speaker found later is a part that was not ordered.");
        case VariantSign::EmptyTweeterPlug:
            return Words::tr("The wires for tweeters are there; look which channel feeds them before using them.");
    }
    return {};
}

QString textOf(const Fastener& fastener)
{
    const QString what = QString::fromStdString(fastener.size).isEmpty()
                             ? nameOf(fastener.kind)
                             : Words::tr("%1 %2").arg(nameOf(fastener.kind), QString::fromStdString(fastener.size));
    const QString counted = Words::tr("%1 × %2").arg(fastener.count).arg(what);
    const QString line = joinedKnown({counted, QString::fromStdString(fastener.where)}, QStringLiteral(", "));
    return fastener.hidden ? Words::tr("%1 (hidden)").arg(line) : line;
}

QString textOf(const SideDifference& difference, const Plan& plan, UnitSystem units)
{
    const auto part = [&](PartId id) {
        const auto found = plan.parts.find(id);
        return found == plan.parts.end() ? Words::tr("nothing") : named(found->second.name);
    };
    const auto figure = [&](const std::optional<double>& value) {
        return value ? fieldText(difference.quantity, *value, units) : Words::tr("unknown");
    };
    switch (difference.what) {
        case SideDifference::What::Kind:
            return Words::tr("another kind of place");
        case SideDifference::What::Position:
            return Words::tr("stands %1 off the mirrored spot").arg(length(difference.apart_m, units));
        case SideDifference::What::Behind:
            return Words::tr("something else lies behind");
        case SideDifference::What::Cover:
            return Words::tr("another cover");
        case SideDifference::What::Room:
            return Words::tr("%1: %2 here, %3 there")
                .arg(labelOf(difference.quantity), figure(difference.here), figure(difference.there));
        case SideDifference::What::Driver:
            return Words::tr("%1 here, %2 there").arg(part(difference.partHere), part(difference.partThere));
    }
    return {};
}

QString textOf(const Unplugged& unplugged, const Fitout& fitout)
{
    QStringList quiet;
    for (const RunId& run : unplugged.dead) quiet << nameOf(Subject{run}, fitout);
    QStringList lines;
    lines << (quiet.isEmpty() ? Words::tr("Nothing goes quiet.")
                              : Words::tr("Quiet then: %1.").arg(quiet.join(Words::tr("; "))));
    for (const LoadChange& load : unplugged.loads) {
        const QString channel = QString::fromStdString(load.channel.element);
        lines << (load.after_ohm ? Words::tr("Channel %1 sees %2 at least instead of %3.")
                                       .arg(channel, ohms(*load.after_ohm), ohms(load.before_ohm))
                                 : Words::tr("Channel %1 sees nothing any more.").arg(channel));
    }
    return lines.join(QLatin1Char(' '));
}

QString textOf(const MapRow& row, const Fitout& fitout)
{
    QStringList lines;
    const QString place = row.place ? nameOf(Subject{row.place}, fitout) : Words::tr("nowhere");
    if (!row.coil.device) return Words::tr("%1: empty, as far as anybody has said").arg(place);
    const Part& part = fitout.parts.at(fitout.devices.at(row.coil.device).part);
    lines << Words::tr("%1: %2").arg(place,
                                     part.driverClass.empty() ? named(part.name) : nameOfClass(part.driverClass));
    QStringList channels;
    for (const Port& channel : row.channels) channels << QString::fromStdString(channel.element);
    if (!channels.isEmpty())
        lines << (row.sign < 0 ? Words::tr("channel %1, the other way round") : Words::tr("channel %1"))
                     .arg(channels.join(Words::tr(", ")));
    if (!row.plusColour.empty() || !row.minusColour.empty())
        lines << Words::tr("+ %1, − %2")
                     .arg(QString::fromStdString(row.plusColour), QString::fromStdString(row.minusColour));
    if (row.from_hz && row.to_hz) lines << Words::tr("%1 to %2").arg(frequency(*row.from_hz), frequency(*row.to_hz));
    QStringList gaps;
    for (const Gap gap : row.gaps) gaps << nameOf(gap);
    if (!gaps.isEmpty()) lines << Words::tr("open: %1").arg(gaps.join(Words::tr(", ")));
    return lines.join(Words::tr(" · "));
}

QString stateOf(const ChannelMap& map)
{
    if (map.complete()) return Words::tr("Complete: every driver has its channel, wires and measures.");
    int open = 0;
    for (const MapRow& row : map.rows) open += row.gaps.empty() ? 0 : 1;
    QStringList lines;
    if (open > 0) lines << Words::tr("%n entry(s) not complete", nullptr, open);
    if (!map.idleChannels.empty()) {
        QStringList names;
        for (const Port& channel : map.idleChannels) names << QString::fromStdString(channel.element);
        lines << Words::tr("nothing hangs on channel %1").arg(names.join(Words::tr(", ")));
    }
    if (!map.loose.empty()) lines << Words::tr("%n wire(s) hanging loose", nullptr, static_cast<int>(map.loose.size()));
    return Words::tr("%1.").arg(lines.join(Words::tr("; ")));
}

}  // namespace words
