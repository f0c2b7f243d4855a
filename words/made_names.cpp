#include "words/made_names.h"

#include <algorithm>
#include <string_view>

#include "words/tr.h"

namespace words {
namespace {

// What data/vehicles.json and the edits of core call things.
constexpr const char* kMade[] = {
    QT_TRANSLATE_NOOP("Words", "front door"),
    QT_TRANSLATE_NOOP("Words", "rear door"),
    QT_TRANSLATE_NOOP("Words", "sail"),
    QT_TRANSLATE_NOOP("Words", "pillar"),
    QT_TRANSLATE_NOOP("Words", "dash"),
    QT_TRANSLATE_NOOP("Words", "dash top"),
    QT_TRANSLATE_NOOP("Words", "kick panel"),
    QT_TRANSLATE_NOOP("Words", "rear deck"),
    QT_TRANSLATE_NOOP("Words", "rear side"),
    QT_TRANSLATE_NOOP("Words", "under seat"),
    QT_TRANSLATE_NOOP("Words", "under the bench"),
    QT_TRANSLATE_NOOP("Words", "behind the seat"),
    QT_TRANSLATE_NOOP("Words", "load-space side"),
    QT_TRANSLATE_NOOP("Words", "behind the rear seat"),
    QT_TRANSLATE_NOOP("Words", "own box"),
    QT_TRANSLATE_NOOP("Words", "overhead"),
    QT_TRANSLATE_NOOP("Words", "overhead front"),
    QT_TRANSLATE_NOOP("Words", "overhead rear"),
    QT_TRANSLATE_NOOP("Words", "roll bar"),
    QT_TRANSLATE_NOOP("Words", "fairing"),
    QT_TRANSLATE_NOOP("Words", "leg shield"),
    QT_TRANSLATE_NOOP("Words", "bag lid"),
    QT_TRANSLATE_NOOP("Words", "tail box"),
    QT_TRANSLATE_NOOP("Words", "bow"),
    QT_TRANSLATE_NOOP("Words", "cockpit side"),
    QT_TRANSLATE_NOOP("Words", "helm"),
    QT_TRANSLATE_NOOP("Words", "stern side"),
    QT_TRANSLATE_NOOP("Words", "tower"),
    QT_TRANSLATE_NOOP("Words", "speaker"),
    QT_TRANSLATE_NOOP("Words", "tweeter"),
    QT_TRANSLATE_NOOP("Words", "subwoofer"),
    QT_TRANSLATE_NOOP("Words", "radio"),
    QT_TRANSLATE_NOOP("Words", "amplifier"),
    QT_TRANSLATE_NOOP("Words", "plug"),
    QT_TRANSLATE_NOOP("Words", "adapter ring"),
    QT_TRANSLATE_NOOP("Words", "adapter lead with capacitor"),
    QT_TRANSLATE_NOOP("Words", "network to be made"),
    QT_TRANSLATE_NOOP("Words", "filter to be made"),
    QT_TRANSLATE_NOOP("Words", "parts across the speaker"),
    QT_TRANSLATE_NOOP("Words", "capacitor in the lead"),
    QT_TRANSLATE_NOOP("Words", "capacitor in the harness"),
    QT_TRANSLATE_NOOP("Words", "resistor in the lead"),
    QT_TRANSLATE_NOOP("Words", "windscreen"),
    QT_TRANSLATE_NOOP("Words", "windows"),
    QT_TRANSLATE_NOOP("Words", "roof"),
    QT_TRANSLATE_NOOP("Words", "floor"),
    QT_TRANSLATE_NOOP("Words", "leg"),
    QT_TRANSLATE_NOOP("Words", "steering wheel"),
    QT_TRANSLATE_NOOP("Words", "seat back"),
    QT_TRANSLATE_NOOP("Words", "rider's back"),
    QT_TRANSLATE_NOOP("Words", "left ear"),
    QT_TRANSLATE_NOOP("Words", "right ear"),
};

// Empty: not one of them.
QString madeName(std::string_view name)
{
    const auto* const found = std::find(std::begin(kMade), std::end(kMade), name);
    return found == std::end(kMade) ? QString() : Words::tr(*found);
}

}  // namespace

QString named(const std::string& name)
{
    const std::string_view all = name;
    constexpr std::string_view kLeft = "left ", kRight = "right ", kDriver = " driver";
    if (const QString made = madeName(all); !made.isEmpty()) return made;
    if (all.ends_with(kDriver))
        if (const QString of = madeName(all.substr(0, all.size() - kDriver.size())); !of.isEmpty())
            return Words::tr("%1 driver").arg(of);
    if (all.starts_with(kLeft))
        if (const QString of = madeName(all.substr(kLeft.size())); !of.isEmpty()) return Words::tr("left %1").arg(of);
    if (all.starts_with(kRight))
        if (const QString of = madeName(all.substr(kRight.size())); !of.isEmpty()) return Words::tr("right %1").arg(of);
    // A second one of the name: "left front door 2".
    if (const auto space = all.rfind(' '); space != std::string_view::npos && all.find_first_not_of("0123456789", space + 1) == std::string_view::npos && space + 1 < all.size()) {
        const std::string first(all.substr(0, space));
        if (const QString of = named(first); of != QString::fromStdString(first) || !madeName(first).isEmpty())
            return of + QString::fromStdString(name.substr(space));
    }
    return QString::fromStdString(name);
}

}  // namespace words
