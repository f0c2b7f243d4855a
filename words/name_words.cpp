#include "words/name_words.h"

#include <QStringList>
#include <algorithm>
#include <set>

#include "core/fitout/sides.h"
#include "core/model/names.h"
#include "words/made_names.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(Severity severity)
{
    switch (severity) {
        case Severity::Stop:
            return Words::tr("Stop");
        case Severity::Care:
            return Words::tr("Care");
        case Severity::Note:
            return Words::tr("Note");
    }
    return {};
}

QString nameOf(Origin origin)
{
    switch (origin) {
        case Origin::Measured:
            return Words::tr("measured");
        case Origin::Stated:
            return Words::tr("stated");
        case Origin::CommonPractice:
            return Words::tr("common practice");
        case Origin::ClassGuess:
            return Words::tr("class guess");
    }
    return {};
}

QString nameOf(const Basis& basis)
{
    const QString origin = nameOf(basis.origin);
    return basis.toConfirm ? Words::tr("%1, to confirm").arg(origin) : origin;
}

QString nameOf(Limit limit)
{
    switch (limit) {
        case Limit::Source:
            return Words::tr("source clips");
        case Limit::Heat:
            return Words::tr("coil heats");
        case Limit::Travel:
            return Words::tr("cone travel");
    }
    return {};
}

QString nameOf(Band band)
{
    switch (band) {
        case Band::LowBass:
            return Words::tr("deep bass");
        case Band::MidBass:
            return Words::tr("mid-bass");
        case Band::Mid:
            return Words::tr("middle");
        case Band::Treble:
            return Words::tr("treble");
    }
    return {};
}

QString rangeOf(Band band)
{
    switch (band) {
        case Band::LowBass:
            return Words::tr("20–60 Hz");
        case Band::MidBass:
            return Words::tr("60–250 Hz");
        case Band::Mid:
            return Words::tr("250 Hz–4 k");
        case Band::Treble:
            return Words::tr("4–20 k");
    }
    return {};
}

QString nameOf(Seat seat)
{
    switch (seat) {
        case Seat::Driver:
            return Words::tr("driver's seat");
        case Seat::FrontPassenger:
            return Words::tr("front passenger");
        case Seat::RearLeft:
            return Words::tr("rear seat, left");
        case Seat::RearRight:
            return Words::tr("rear seat, right");
    }
    return {};
}

QString titleOf(const Body& body)
{
    const QString name = QString::fromStdString(body.name), kind = nameOf(body.kind);
    return name.isEmpty() ? Words::tr("New job, %1").arg(kind) : Words::tr("%1, %2").arg(name, kind);
}

QString nameOf(BodyKind kind)
{
    switch (kind) {
        case BodyKind::Hatchback:
            return Words::tr("hatchback");
        case BodyKind::Saloon:
            return Words::tr("saloon");
        case BodyKind::Estate:
            return Words::tr("estate");
        case BodyKind::Coupe:
            return Words::tr("coupe");
        case BodyKind::Classic:
            return Words::tr("classic");
        case BodyKind::Pickup:
            return Words::tr("pickup");
        case BodyKind::OffRoad:
            return Words::tr("off-road");
        case BodyKind::Van:
            return Words::tr("van");
        case BodyKind::Bus:
            return Words::tr("bus");
        case BodyKind::OpenTwoSeater:
            return Words::tr("open two-seater");
        case BodyKind::OpenSideBySide:
            return Words::tr("open side-by-side");
        case BodyKind::Motorcycle:
            return Words::tr("motorcycle");
        case BodyKind::Boat:
            return Words::tr("boat");
    }
    return {};
}

QString nameOf(const Edit& edit)
{
    const QString detail = QString::fromStdString(edit.detail);
    switch (edit.name) {
        case EditName::FitDriver:
            return Words::tr("fit %1").arg(detail);
        case EditName::FitNetwork:
            return detail.isEmpty() ? Words::tr("take the network out") : Words::tr("fit %1").arg(detail);
        case EditName::SetFuse:
            return detail.isEmpty() ? Words::tr("take the fuse out") : Words::tr("fit %1").arg(detail);
        case EditName::ReplaceCapacitor:
            return Words::tr("replace the capacitor");
        case EditName::BypassCapacitor:
            return Words::tr("bypass the capacitor");
        case EditName::SetHighPass:
            return Words::tr("set a high-pass");
        case EditName::TakeReading:
            return Words::tr("enter a reading");
        case EditName::SetJob:
            return Words::tr("change the job");
        case EditName::Align:
            return Words::tr("set delays, levels and polarity");
        case EditName::PlaceDriver:
            return Words::tr("move a speaker");
        case EditName::FreeAim:
            return Words::tr("aim each side by itself");
        case EditName::MirrorAim:
            return Words::tr("mirror one side");
        case EditName::SeatDriver:
            return Words::tr("change how a speaker is let in");
        case EditName::ClearZone:
            return Words::tr("record a restraint\u2019s zone");
        case EditName::ChangeSurface:
            return Words::tr("change a surface");
        case EditName::AddPlace:
            return Words::tr("add a place");
        case EditName::ChangePlace:
            return Words::tr("change a place");
        case EditName::RemovePlace:
            return Words::tr("remove a place");
        case EditName::CopySide:
            return Words::tr("copy one side to the other");
        case EditName::SetBody:
            return Words::tr("change the vehicle");
        case EditName::MoveSeat:
            return Words::tr("move a seat");
        case EditName::AddSpeakers:
            return Words::tr("add speakers");
        case EditName::RemoveSpeaker:
            return Words::tr("take a speaker off the list");
        case EditName::ChangeDriver:
            return Words::tr("change what is fitted");
        case EditName::ConnectSpeaker:
            return Words::tr("change the channel");
        case EditName::SetTarget:
            return Words::tr("set what the sum is to come near");
        case EditName::SiteNetwork:
            return Words::tr("say where the network sits");
        case EditName::FollowSchools:
            return Words::tr("choose house rules");
        case EditName::MovePart:
            return Words::tr("move a part along its lead");
        case EditName::ColourWire:
            return Words::tr("note a wire's colour");
        case EditName::LinePlace:
            return Words::tr("damp a place");
        case EditName::AlterPlace:
            return Words::tr("seal or open a place");
        case EditName::AddSource:
            return Words::tr("add a source");
        case EditName::ChangeSource:
            return Words::tr("change a source");
        case EditName::AddPanel:
            return Words::tr("add a panel");
        case EditName::ChangePanel:
            return Words::tr("change a panel");
        case EditName::RemovePanel:
            return Words::tr("remove a panel");
        case EditName::FitSpacer:
            return detail.isEmpty() ? Words::tr("take the spacer out") : Words::tr("fit %1").arg(detail);
        case EditName::TurnDriver:
            return Words::tr("turn a driver");
        case EditName::FixDriver:
            return Words::tr("change how a driver is held");
        case EditName::JoinCoils:
            return Words::tr("join the coils another way");
        case EditName::TurnOver:
            return Words::tr("turn a speaker's wires over");
        case EditName::SetFilter:
            return Words::tr("change a speaker's filter");
        case EditName::AddResistor:
            return Words::tr("add a resistor");
        case EditName::AddAcross:
            return Words::tr("put parts across a speaker");
        case EditName::PlanSpeakers:
            return Words::tr("plan more speakers");
        case EditName::WireLength:
            return Words::tr("change a cable's length");
        case EditName::ChangeValue:
            return Words::tr("change a part's value");
        case EditName::TakePartOut:
            return Words::tr("take a part out");
        case EditName::SetChannel:
            return Words::tr("set the channel");
        case EditName::Unnamed:
            return Words::tr("change");
    }
    return {};
}

QString nameOf(const Subject& subject, const Fitout& fitout)
{
    struct Name {
        const Fitout& fitout;
        [[nodiscard]] QString device(DeviceId id) const
        {
            const auto found = fitout.devices.find(id);
            if (found == fitout.devices.end()) return QString::fromStdString(textOf(id));
            const Device& entry = found->second;
            const QString label = named(entry.label.empty() ? fitout.parts.at(entry.part).name : entry.label);
            const auto place = fitout.places.find(entry.at);
            return place == fitout.places.end() ? label : Words::tr("%1, %2").arg(label, named(place->second.name));
        }
        QString operator()(std::monostate) const { return Words::tr("the vehicle"); }
        QString operator()(PartId id) const
        {
            const auto found = fitout.parts.find(id);
            return named(found == fitout.parts.end() ? textOf(id) : found->second.name);
        }
        QString operator()(const Inside& inside) const { return (*this)(inside.part); }
        QString operator()(PlaceId id) const
        {
            const auto found = fitout.places.find(id);
            return named(found == fitout.places.end() ? textOf(id) : found->second.name);
        }
        QString operator()(DeviceId id) const { return device(id); }
        QString operator()(const Port& port) const
        {
            return Words::tr("%1, channel %2").arg(device(port.device), QString::fromStdString(port.element));
        }
        QString operator()(WireId id) const { return Words::tr("wire %1").arg(QString::fromStdString(textOf(id))); }
        QString operator()(const RunId& run) const { return device(run.coil.device); }
        QString operator()(ListenerId id) const
        {
            const auto found = fitout.listeners.find(id);
            return found == fitout.listeners.end() ? QString::fromStdString(textOf(id))
                                                   : words::nameOf(found->second.seat);
        }
    };
    return std::visit(Name{fitout}, subject);
}

QString namesOf(const std::vector<Subject>& subjects, const Fitout& fitout)
{
    const auto deviceOf = [](const Subject& subject) {
        if (const auto* run = std::get_if<RunId>(&subject)) return run->coil.device;
        const auto* device = std::get_if<DeviceId>(&subject);
        return device ? *device : DeviceId{};
    };
    QStringList names;
    std::set<DeviceId> said;  // with the one whose other side they are
    for (const Subject& subject : subjects) {
        const DeviceId device = deviceOf(subject);
        if (said.contains(device)) continue;
        bool both = false;
        if (fitout.devices.contains(device))
            for (const DeviceId mate : mates(fitout, device))
                if (mate != device && std::any_of(subjects.begin(), subjects.end(),
                                                  [&](const Subject& one) { return deviceOf(one) == mate; }))
                    both = said.insert(mate).second;
        names << (both ? Words::tr("%1, both sides").arg(nameOf(subject, fitout)) : nameOf(subject, fitout));
    }
    return names.join(Words::tr("; "));
}

}  // namespace words
