#include "words/aim_words.h"

#include <cmath>

#include "core/design/hole_outline.h"
#include "core/physics/air.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/hole_words.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/survey_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString notchText(const Reflection& mirror)
{
    return Words::tr("%1 notch, %2").arg(frequency(mirror.notch_hz), decibelChange(-mirror.notch_db));
}

QString mirrorText(const Reflection& mirror)
{
    return Words::tr("off the %1, %2 longer").arg(named(mirror.surface), wayText(mirror.longer_m));
}

QString shortMirror(const Reflection& mirror)
{
    return Words::tr("%1: %2, %3")
        .arg(named(mirror.surface), frequency(mirror.notch_hz), decibelChange(-mirror.notch_db));
}

QString obstacleText(const Obstacle& obstacle)
{
    return Words::tr("%1 in the way: %2 at %3")
        .arg(named(obstacle.name), decibelChange(-obstacle.loss_db), frequency(obstacle.loss_hz));
}

QString wayText(double way_m)
{
    return spokenUnits() == UnitSystem::Imperial ? Words::tr("%1 in").arg(fixedNumber(way_m / 0.0254, 1))
                                                 : Words::tr("%1 m").arg(fixedNumber(way_m, 2));
}

QString laterText(double longer_m)
{
    const QString time = fixedNumber(1e3 * std::abs(longer_m) / kSoundSpeed_m_s, 2);
    return longer_m >= 0.0 ? Words::tr("%1 ms later").arg(time) : Words::tr("%1 ms earlier").arg(time);
}

QString sidesText(const SidesAim& sides, std::optional<double> image)
{
    const QString later = fixedNumber(1e3 * std::abs(sides.later_s), 2);
    const QString said =
        sides.later_s >= 0.0
            ? Words::tr("the right one %1 ms later, %2 against the left one").arg(later, decibelChange(-sides.louder_db))
            : Words::tr("the left one %1 ms later, %2 against the right one").arg(later, decibelChange(sides.louder_db));
    const QString width = Words::tr("%1; %2° wide").arg(said, fixedNumber(sides.width_deg, 0));
    if (!image) return width;
    constexpr double kMiddle = 0.005;  // rounds to nothing
    if (std::abs(*image) < kMiddle) return Words::tr("%1; the image in the middle, by estimate").arg(width);
    return (*image >= 0.0 ? Words::tr("%1; the image %2 to the left, by estimate")
                          : Words::tr("%1; the image %2 to the right, by estimate"))
        .arg(width, percent(std::abs(*image)));
}

QString inText(const Aim& aim)
{
    const QString degrees = fixedNumber(std::abs(aim.in_deg), 0);
    return aim.in_deg >= 0.0 ? Words::tr("%1° in").arg(degrees) : Words::tr("%1° out").arg(degrees);
}

QString upText(const Aim& aim)
{
    const QString degrees = fixedNumber(std::abs(aim.up_deg), 0);
    return aim.up_deg >= 0.0 ? Words::tr("%1° up").arg(degrees) : Words::tr("%1° down").arg(degrees);
}

QString nameOf(const Habit& habit)
{
    using Way = Habit::Way;
    if (habit.kind == PlaceKind::Door && habit.way != Way::AsItStands)
        return habit.height == Habit::Height::High ? Words::tr("door, high, between the heads")
                                                   : Words::tr("door, low, straight across");
    const QString where = habit.kind == PlaceKind::Sail ? Words::tr("sail") : nameOf(habit.kind);
    switch (habit.way) {
        case Way::AsItStands:
            return Words::tr("as it stands");
        case Way::BetweenHeads:
            return Words::tr("%1, between the heads").arg(where);
        case Way::NearEar:
            return Words::tr("%1, to the near ear").arg(where);
        case Way::FarEar:
            return Words::tr("%1, to the far ear").arg(where);
        case Way::AtTheGlass:
            return Words::tr("%1, up at the glass").arg(where);
        case Way::StraightOut:
            return Words::tr("%1, straight out").arg(where);
    }
    return {};
}

QString briefFaultsOf(const SpotFaults& faults)
{
    return Words::tr("%1 off axis, %2 uneven").arg(decibels(faults.offAxis_db), decibels(faults.unevenness_db));
}

QString faultsOf(const SpotFaults& faults)
{
    return Words::tr("%1 off axis, %2 uneven, image %3 aside, %4 in shadow")
        .arg(decibels(faults.offAxis_db), decibels(faults.unevenness_db), fixedNumber(faults.image, 2),
             decibels(faults.shadow_db));
}

QString nameOf(RestraintZone zone)
{
    switch (zone) {
        case RestraintZone::Pillar:
            return Words::tr("pillars");
        case RestraintZone::DashBag:
            return Words::tr("dash before the passenger");
        case RestraintZone::RoofEdge:
            return Words::tr("edges of the roof");
    }
    return {};
}

QString whyClosed(const Closed& why)
{
    if (std::holds_alternative<InSight>(why)) return Words::tr("before the dials or the road");
    return Words::tr("closed until its data clears it");
}

QString nameOf(MountStyle style)
{
    switch (style) {
        case MountStyle::Flush:
            return Words::tr("let in flush");
        case MountStyle::Cup:
            return Words::tr("in a turned cup");
        case MountStyle::Pod:
            return Words::tr("in a pod upon it");
        case MountStyle::Plate:
            return Words::tr("factory plate reworked");
    }
    return {};
}

QString nameOf(FromEdge edge)
{
    switch (edge) {
        case FromEdge::Top:
            return Words::tr("down from the top edge");
        case FromEdge::Front:
            return Words::tr("back from the front edge");
        case FromEdge::Outer:
            return Words::tr("in from the outer edge");
    }
    return {};
}

QString nameOf(Backing backing)
{
    switch (backing) {
        case Backing::Metal:
            return Words::tr("metal behind");
        case Backing::Plastic:
            return Words::tr("plastic");
        case Backing::Cloth:
            return Words::tr("cloth");
    }
    return {};
}

Table spotTable(const StageResult& stage, const std::map<SurfaceId, Surface>& mounts, const Practice& practice)
{
    Table table{{Words::tr("Speaker"), Words::tr("Middle of the hole"), Words::tr("It looks"), Words::tr("Hole")}};
    for (const auto& [id, mount] : stage.used.mounts) {
        if (!mount.frame) continue;
        const Aim aim = aimOf(*mount.frame);
        const auto hole = holeOutline(stage, id, mounts, practice);
        QString where = Words::tr("on no surface: a bracket or a pod"), cut;
        if (hole) {
            where = Words::tr("%1 %2, %3 %4")
                        .arg(spokenLength(hole->down.from_m), nameOf(hole->down.edge),
                             spokenLength(hole->across.from_m), nameOf(hole->across.edge));
            cut = mount.style == MountStyle::Pod ? Words::tr("for the cable alone")
                  : hole->sawn ? Words::tr("%1 by saw").arg(spokenLength(hole->hole_m))
                               : Words::tr("%1 by template").arg(spokenLength(hole->hole_m));
            if (mount.style != MountStyle::Pod) where = Words::tr("%1; %2").arg(where, roomText(*hole));
            if (hole->worst == Origin::ClassGuess) where = Words::tr("%1 (usual sizes: measure first)").arg(where);
        }
        table.push_back({nameOf(Subject{id}, stage.used), where,
                         Words::tr("%1, %2; %3").arg(inText(aim), upText(aim), nameOf(mount.style)), cut});
    }
    return table;
}

QString weighedBy(const SpotWeights& weights)
{
    const auto points = [](double value) { return fixedNumber(value, 0); };
    return Words::tr("Of %1 points: %2 for what is lost off the axis, %3 for evenness, %4 for the image in the middle, "
                     "%5 for width, %6 for eye level, %7 for nothing in the way. By estimate.")
        .arg(points(weights.sum()), points(weights.offAxis), points(weights.evenness), points(weights.image),
             points(weights.width), points(weights.height), points(weights.shadow));
}

}  // namespace words
