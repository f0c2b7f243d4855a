#include "app/widgets/drawn_things.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "core/fitout/coil_wiring.h"
#include "core/survey/lead_back.h"
#include "words/figures.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

constexpr double kBehindSeat_ratio = 0.12;  // of the length

// The two of a pair are told by where they stand.
QString tagOf(const core::Place& place)
{
    const std::string& name = place.name;
    if (place.pair)
        for (const std::string side : {"left", "right"}) {
            if (name.starts_with(side + ' ')) return words::named(name.substr(side.size() + 1));
            if (name.ends_with(' ' + side)) return words::named(name.substr(0, name.size() - side.size() - 1));
        }
    return words::named(name);
}

// The colours of the wires where they end, one a line; only those that somebody noted.
QStringList coloursAt(const core::Fitout& fitout, core::DeviceId device)
{
    QStringList colours;
    const auto ends = core::feedEnds(fitout, device);
    if (!ends) return colours;
    for (const bool plus : {true, false}) {
        const std::string colour = core::leadColour(fitout, {device, plus ? ends->plus : ends->minus});
        if (colour.empty()) continue;
        const QString name = QString::fromStdString(colour);
        colours << (plus ? Drawing::tr("+ %1").arg(name) : Drawing::tr("− %1").arg(name));
    }
    return colours;
}

// What is fitted at a place, in a few words and as the figure beside it.
void describePlace(DrawnThing& thing, const Snapshot& snapshot, core::PlaceId id, bool chosen)
{
    const core::StageResult& after = snapshot.after();
    QStringList values, figures, more;
    bool planned = false;
    for (const core::RunResult& run : after.runs) {
        const core::Device& device = after.used.devices.at(run.run.id.coil.device);
        const core::Part& part = after.used.parts.at(device.part);
        // A coaxial is one thing at a place, and so is a cone with two coils.
        if (device.at != id || run.sameCone || core::isWay(part, run.run.id.coil.element)) continue;
        const auto coils = static_cast<qsizetype>(core::coilsOfCone(part, run.run.id.coil.element).size());
        const core::Known& nominal = run.coil.at(core::Quantity::Nominal_ohm);
        const QString one = words::signedAsKnown(words::ohms(nominal.value), nominal.basis.origin);
        const QString ohms = coils > 1 ? Drawing::tr("%1 × %2").arg(coils).arg(one) : one;
        QString value =
            Drawing::tr("%1, %2, channel %3")
                .arg(part.driverClass.empty() ? words::named(part.name) : words::nameOfClass(part.driverClass), ohms,
                     QString::fromStdString(run.run.id.channel.element));
        if (device.basis.origin == core::Origin::ClassGuess) value = Drawing::tr("%1, by estimate").arg(value);
        if (!values.contains(value)) values << value;
        if (!figures.contains(ohms)) figures << ohms;
        // Where it really cuts, the same as in the table and the inventory.
        if (!run.halfPower_hz.empty())
            more << Drawing::tr("from %1").arg(
                words::signedAsKnown(words::frequency(run.halfPower_hz.front()), nominal.basis.origin));
        if (chosen) more << coloursAt(after.used, run.run.id.coil.device);
        planned = planned || !snapshot.before().used.devices.contains(run.run.id.coil.device);
    }
    more.removeDuplicates();
    thing.planned = planned;
    thing.more = more.join(QLatin1Char('\n'));
    thing.value = values.isEmpty() ? Drawing::tr("nothing known to be there") : values.join(Drawing::tr("; "));
    thing.figure = figures.isEmpty() ? Drawing::tr("empty") : figures.join(Drawing::tr(", "));
}

void addSources(std::vector<DrawnThing>& things, const Snapshot& snapshot, const core::UsualVehicles& vehicles)
{
    const core::Fitout& used = snapshot.after().used;
    const auto seats = core::usualSeats(snapshot.plan.body, vehicles);
    int nowhere = 0;
    for (const auto& [id, device] : used.devices) {
        const core::Part& part = used.parts.at(device.part);
        if (!core::isSource(part)) continue;
        DrawnThing thing{.kind = DrawnThing::Kind::Source, .number = id.number};
        thing.name = words::named(device.label.empty() ? part.name : device.label);
        const int outputs = static_cast<int>(core::allOf(part, core::ElementKind::Output).size());
        const auto place = used.places.find(device.at);
        thing.value = Drawing::tr("%n channel(s)", nullptr, outputs);
        if (place != used.places.end()) {
            thing.at_m = place->second.frame.at_m;
        } else {  // a radio is in the dash; where an amplifier is, somebody has to find out
            thing.at_m = core::usualSource_m(snapshot.plan.body, vehicles);
            if (part.kind == core::PartKind::Amplifier) {
                thing.at_m.x = seats.at(core::Seat::Driver).x -
                               kBehindSeat_ratio * snapshot.plan.body.length_m;  // out of the way, between the rows
                thing.at_m.y = 0.0;
            }
            thing.at_m.x -= 0.32 * nowhere++;
            if (part.kind == core::PartKind::Amplifier) {
                thing.value = Drawing::tr("%1, not found yet").arg(thing.value);
                thing.unfound = true;
            }
        }
        thing.planned = !snapshot.before().used.devices.contains(id);
        things.push_back(std::move(thing));
    }
}

void addSpots(std::vector<DrawnThing>& things, const core::Plan& plan, const core::UsualVehicles& vehicles)
{
    int rank = 0;
    for (const core::UsualSpot& spot : openSpots(plan, vehicles)) {
        ++rank;
        const QString name = words::named(spot.name);
        DrawnThing thing{.kind = DrawnThing::Kind::Spot, .number = rank, .name = name};
        thing.value = Drawing::tr("usual spot for a %1; Enter adds it").arg(words::nameOfClass(spot.driverClass));
        thing.figure = spot.likely ? name : QString();
        thing.at_m = spot.frame.at_m;
        thing.likely = spot.likely;
        const bool alone = std::abs(thing.at_m.y) < 0.05;
        things.push_back(thing);
        if (alone) continue;
        thing.number = -rank;
        thing.at_m.y = -thing.at_m.y;
        thing.figure.clear();  // said once
        things.push_back(thing);
    }
}

}  // namespace

std::vector<core::UsualSpot> openSpots(const core::Plan& plan, const core::UsualVehicles& vehicles)
{
    constexpr double kTaken_m = 0.3;
    std::vector<core::UsualSpot> open;
    for (const core::UsualSpot& spot : core::usualSpots(plan.body, vehicles)) {
        const bool taken = std::any_of(plan.places.begin(), plan.places.end(), [&](const auto& entry) {
            core::Vec3 at_m = entry.second.frame.at_m;
            at_m.y = std::abs(at_m.y);
            core::Vec3 spot_m = spot.frame.at_m;
            spot_m.y = std::abs(spot_m.y);
            return core::distance(at_m, spot_m) < kTaken_m && entry.second.kind == spot.kind;
        });
        if (!taken) open.push_back(spot);
    }
    return open;
}

std::vector<DrawnThing> drawnThings(const Snapshot& snapshot, const core::UsualVehicles& vehicles,
                                    const DrawingFocus& focus)
{
    std::vector<DrawnThing> things;
    for (const auto& [id, place] : snapshot.plan.places) {
        DrawnThing thing{.kind = DrawnThing::Kind::Place, .number = id.number};
        thing.name = words::named(place.name);
        thing.tag = tagOf(place);
        thing.at_m = place.frame.at_m;
        describePlace(thing, snapshot, id, id == focus.place);
        things.push_back(std::move(thing));
    }
    for (const auto& [id, listener] : snapshot.plan.listeners) {
        DrawnThing thing{.kind = DrawnThing::Kind::Seat, .number = id.number};
        thing.name = words::nameOf(listener.seat);
        thing.value = id == focus.listener ? Drawing::tr("listened from") : QString();
        thing.at_m = listener.head_m;
        things.push_back(std::move(thing));
    }
    addSources(things, snapshot, vehicles);
    if (focus.survey) addSpots(things, snapshot.plan, vehicles);
    std::stable_sort(things.begin(), things.end(), [](const DrawnThing& a, const DrawnThing& b) {
        return std::pair(-std::lround(a.at_m.x * 10.0), -a.at_m.y) <
               std::pair(-std::lround(b.at_m.x * 10.0), -b.at_m.y);
    });
    if (focus.fresh_m) {
        DrawnThing thing{
            .kind = DrawnThing::Kind::New, .name = Drawing::tr("new place"), .value = {}, .at_m = *focus.fresh_m};
        things.push_back(std::move(thing));
    }
    return things;
}

}  // namespace app
