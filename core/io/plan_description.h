#pragma once

#include "core/model/plan.h"

// What a plan looks like in a file: one list of fields for each struct. The writer, the reader and the schema all walk
// these lists.
//   io.always(name, item, member)  written even where it has its default, and required
//   io.field(name, item, member)   left out where it has its default
namespace core {

template <class Io>
void describe(Io& io, Basis& basis)
{
    io.field("origin", basis, &Basis::origin);
    io.field("toConfirm", basis, &Basis::toConfirm);
    io.field("reading", basis, &Basis::reading);
}

template <class Io>
void describe(Io& io, Known& known)
{
    io.always("value", known, &Known::value);
    describe(io, known.basis);
    io.field("spread", known, &Known::spread);
}

template <class Io>
void describe(Io& io, Frame& frame)
{
    io.always("at_m", frame, &Frame::at_m);
    io.field("facing", frame, &Frame::facing);
}

template <class Io>
void describe(Io& io, Element& element)
{
    io.always("kind", element, &Element::kind);
    io.always("a", element, &Element::a);
    io.always("b", element, &Element::b);
    io.field("figures", element, &Element::figures);
    io.field("twin", element, &Element::twin);
    io.field("cone", element, &Element::cone);
    io.field("driverClass", element, &Element::driverClass);
    io.field("curve", element, &Element::curve);
}

template <class Io>
void describe(Io& io, PinNote& pin)
{
    io.field("number", pin, &PinNote::number);
    describe(io, pin.basis);
}

template <class Io>
void describe(Io& io, Part& part)
{
    io.always("kind", part, &Part::kind);
    io.field("name", part, &Part::name);
    io.field("shelfKey", part, &Part::shelfKey);
    io.field("driverClass", part, &Part::driverClass);
    io.field("ground", part, &Part::ground);
    io.field("figures", part, &Part::figures);
    io.field("terminals", part, &Part::terminals);
    io.field("pins", part, &Part::pins);
    io.field("controls", part, &Part::controls);
    io.field("inside", part, &Part::inside);
}

template <class Io>
void describe(Io& io, Body& body)
{
    io.always("kind", body, &Body::kind);
    io.field("name", body, &Body::name);
    io.field("wheelOnLeft", body, &Body::wheelOnLeft);
    io.field("cab", body, &Body::cab);
    io.field("drive", body, &Body::drive);
    io.field("length_m", body, &Body::length_m);
    io.field("width_m", body, &Body::width_m);
    io.field("frontAxle_m", body, &Body::frontAxle_m);
    io.field("cabin", body, &Body::cabin);
    io.field("feeds", body, &Body::feeds);
    io.field("cleared", body, &Body::cleared);
    io.field("signs", body, &Body::signs);
    io.field("learntSigns", body, &Body::learnt);
}

template <class Io>
void describe(Io& io, Fastener& fastener)
{
    io.field("kind", fastener, &Fastener::kind);
    io.field("size", fastener, &Fastener::size);
    io.field("count", fastener, &Fastener::count);
    io.field("hidden", fastener, &Fastener::hidden);
    io.field("where", fastener, &Fastener::where);
}

template <class Io>
void describe(Io& io, Place& place)
{
    io.always("kind", place, &Place::kind);
    io.field("name", place, &Place::name);
    io.field("frame", place, &Place::frame);
    io.field("pair", place, &Place::pair);
    io.field("followsPair", place, &Place::followsPair);
    io.field("cover", place, &Place::cover);
    io.field("behind", place, &Place::behind);
    io.field("anchor", place, &Place::anchor);
    io.field("underPanel", place, &Place::underPanel);
    io.field("obstruction", place, &Place::obstruction);
    io.field("room", place, &Place::room);
    io.field("keepOuts", place, &Place::keepOuts);
    io.field("wayIn", place, &Place::wayIn);
    io.field("held", place, &Place::held);
}

template <class Io>
void describe(Io& io, Panel& panel)
{
    io.field("name", panel, &Panel::name);
    io.field("pair", panel, &Panel::pair);
    io.field("followsPair", panel, &Panel::followsPair);
    io.field("fasteners", panel, &Panel::fasteners);
    io.field("leave", panel, &Panel::leave);
    io.field("undo", panel, &Panel::undo);
    io.field("labels", panel, &Panel::labels);
    io.field("membrane", panel, &Panel::membrane);
}

template <class Io>
void describe(Io& io, Listener& listener)
{
    io.always("seat", listener, &Listener::seat);
    io.field("head_m", listener, &Listener::head_m);
    io.field("facing", listener, &Listener::facing);
}

template <class Io>
void describe(Io& io, Surface& surface)
{
    io.always("material", surface, &Surface::material);
    io.field("name", surface, &Surface::name);
    io.always("corner_m", surface, &Surface::corner_m);
    io.always("along_m", surface, &Surface::along_m);
    io.always("across_m", surface, &Surface::across_m);
    io.field("blocks", surface, &Surface::blocks);
    io.field("mirrors", surface, &Surface::mirrors);
    io.field("mountable", surface, &Surface::mountable);
    io.field("kind", surface, &Surface::kind);
    io.field("backing", surface, &Surface::backing);
    io.field("basis", surface, &Surface::basis);
}

template <class Io>
void describe(Io& io, Curve& curve)
{
    io.always("kind", curve, &Curve::kind);
    io.field("name", curve, &Curve::name);
    io.always("frequency_hz", curve, &Curve::frequency_hz);
    io.always("level_db", curve, &Curve::level_db);
    io.field("phase_deg", curve, &Curve::phase_deg);
    io.field("voltage_v", curve, &Curve::voltage_v);
    io.field("distance_m", curve, &Curve::distance_m);
    io.field("flightInPhase", curve, &Curve::flightInPhase);
    io.field("coil", curve, &Curve::coil);
    io.field("listener", curve, &Curve::listener);
    io.field("box", curve, &Curve::box);
}

template <class Io>
void describe(Io& io, Job& job)
{
    io.field("customer", job, &Job::customer);
    io.field("complaint", job, &Job::complaint);
    io.field("complaints", job, &Job::complaints);
    io.field("goalKind", job, &Job::goalKind);
    io.field("keep", job, &Job::keep);
    io.field("use", job, &Job::use);
    io.field("extras", job, &Job::extras);
    io.field("budget", job, &Job::budget);
    io.field("currency", job, &Job::currency);
    io.field("hours_h", job, &Job::hours_h);
    io.field("hearingLeft", job, &Job::hearingLeft);
    io.field("hearingRight", job, &Job::hearingRight);
    io.field("target", job, &Job::target);
    io.always("goal", job, &Job::goal);
}

template <class Io>
void describe(Io& io, Device& device)
{
    io.always("part", device, &Device::part);
    io.field("at", device, &Device::at);
    io.field("label", device, &Device::label);
    io.field("site", device, &Device::site);
    describe(io, device.basis);
}

template <class Io>
void describe(Io& io, Mount& mount)
{
    io.field("frame", mount, &Mount::frame);
    io.field("behind", mount, &Mount::behind);
    io.field("backwards", mount, &Mount::backwards);
    io.field("spacer", mount, &Mount::spacer);
    io.field("turn_deg", mount, &Mount::turn_deg);
    io.field("fixing", mount, &Mount::fixing);
    io.field("style", mount, &Mount::style);
    io.field("apart", mount, &Mount::apart);
    io.field("figures", mount, &Mount::figures);
}

template <class Io>
void describe(Io& io, Filter& filter)
{
    io.always("frequency_hz", filter, &Filter::frequency_hz);
    io.field("order", filter, &Filter::order);
    io.field("family", filter, &Filter::family);
}

template <class Io>
void describe(Io& io, EqualiserBand& band)
{
    io.field("kind", band, &EqualiserBand::kind);
    io.always("corner_hz", band, &EqualiserBand::corner_hz);
    io.field("q", band, &EqualiserBand::q);
    io.field("gain_db", band, &EqualiserBand::gain_db);
}

template <class Io>
void describe(Io& io, Setting& setting)
{
    io.field("highPass", setting, &Setting::highPass);
    io.field("lowPass", setting, &Setting::lowPass);
    io.field("bands", setting, &Setting::bands);
    io.field("gain_db", setting, &Setting::gain_db);
    io.field("delay_s", setting, &Setting::delay_s);
    io.field("reversed", setting, &Setting::reversed);
}

template <class Io>
void describe(Io& io, Wire& wire)
{
    io.always("a", wire, &Wire::a);
    io.always("b", wire, &Wire::b);
    io.field("colour", wire, &Wire::colour);
    io.field("figures", wire, &Wire::figures);
    describe(io, wire.basis);
}

template <class Io>
void describe(Io& io, Alteration& alteration)
{
    io.always("place", alteration, &Alteration::place);
    io.always("what", alteration, &Alteration::what);
    io.field("material", alteration, &Alteration::material);
    io.field("figures", alteration, &Alteration::figures);
}

template <class Io>
void describe(Io& io, Stage& stage)
{
    io.always("kind", stage, &Stage::kind);
    io.field("on", stage, &Stage::on);
    io.field("name", stage, &Stage::name);
}

template <class Io>
void describe(Io& io, Reading& reading)
{
    io.always("of", reading, &Reading::of);
    io.always("stage", reading, &Reading::stage);
    io.always("by", reading, &Reading::by);
    io.always("value", reading, &Reading::value);
    io.field("leads_ohm", reading, &Reading::leads_ohm);
    io.field("note", reading, &Reading::note);
}

// The tables that lie under their stage in the file.
template <class PlanRef, class Visit>
void eachLayer(PlanRef& plan, Visit visit)
{
    visit("devices", plan.devices);
    visit("mounts", plan.mounts);
    visit("settings", plan.settings);
    visit("wires", plan.wires);
    visit("alterations", plan.alterations);
}

template <class Io>
void describe(Io& io, Plan& plan)
{
    io.always("lastId", plan, &Plan::lastId);
    io.field("job", plan, &Plan::job);
    io.field("body", plan, &Plan::body);
    io.field("places", plan, &Plan::places);
    io.field("panels", plan, &Plan::panels);
    io.field("surfaces", plan, &Plan::surfaces);
    io.field("listeners", plan, &Plan::listeners);
    io.field("parts", plan, &Plan::parts);
    io.field("curves", plan, &Plan::curves);
    io.stages(plan);
    io.field("readings", plan, &Plan::readings);
    io.field("practice", plan, &Plan::practice);
}

}  // namespace core
