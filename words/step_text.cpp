// What is said of each step of the job card.
#include <QStringList>
#include <cmath>

#include "core/edits/network_edits.h"
#include "core/evaluate/supply.h"
#include "core/fitout/plug_cut.h"
#include "core/fitout/resolve.h"
#include "core/model/branch_across.h"
#include "words/aim_words.h"
#include "words/cutting_words.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/job_words.h"
#include "words/lining_words.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/step_words.h"
#include "words/survey_words.h"
#include "words/tr.h"
#include "words/use_words.h"

namespace words {

using namespace core;

namespace {

class StepText {
public:
    StepText(const Step& step, const Fitout& from, const Fitout& to)
        : m_step(step), m_from(from), m_to(to), m_place(nameOf(Subject{step.place}, to))
    {
    }

    [[nodiscard]] QString text() const
    {
        switch (m_step.kind) {
            case StepKind::Note:
                return Words::tr(
                    "Try everything and note faults that are there already; photograph trim, plugs and wire colours "
                    "before touching them.");
            case StepKind::PowerDown:
                return powerDownOf(m_to.body);
            case StepKind::OpenPanel:
            case StepKind::OpenTrim:
                return opening();
            case StepKind::RemoveDriver:
                return removing();
            case StepKind::StripSkin:
            case StepKind::CleanSkin:
            case StepKind::LineSkin:
            case StepKind::InspectSkin:
                return liningStep(m_step, m_to, m_place);
            case StepKind::MakeLead:
                return Words::tr(
                           "At the bench, make %1 for %2: bipolar capacitor, insulated and held firm; write + and − "
                           "on both ends.")
                    .arg(part(m_to), m_place);
            case StepKind::MakeSpacer:
                return Words::tr(
                           "At the bench, make the ring for %1 from its 1:1 template: %2 thick, %3 inside, %4 "
                           "outside, a notch of %5 for the cable %6. Mark which side faces you, and up.")
                    .arg(m_place, spokenLength(figure(StepFigure::Thickness_m)),
                         spokenLength(figure(StepFigure::Inside_m)), spokenLength(figure(StepFigure::Outside_m)),
                         spokenLength(figure(StepFigure::Notch_m)), cableSide());
            case StepKind::CutHole:
                return cutting();
            case StepKind::Alter:
                return alteration();
            case StepKind::FitSpacer:
                return fittingSpacer();
            case StepKind::CutPlug:
                return cuttingPlug();
            case StepKind::FitDriver:
                return aimed(fitting());
            case StepKind::TryBeforeClosing:
                return trying();
            case StepKind::ClosePanel:
            case StepKind::CloseTrim:
                return closing();
            case StepKind::LinkAcross:
                return Words::tr("Join the two pins of the capacitor in %1 at %2 with an insulated link.")
                    .arg(part(m_to), m_place);
            case StepKind::JoinCoils:
                return Words::tr(
                           "Join the coils of %1 at %2 by the wiring table, then the ohmmeter across its leads: "
                           "expect %3. A cell of 1.5 V across them must move the cone.")
                    .arg(part(m_to), m_place, ohms(figure(StepFigure::Reading_ohm)));
            case StepKind::InsertPart:
                if (!legsOf(partOf(m_to, m_step.device)).empty()) return network();
                if (isBranchAcross(partOf(m_to, m_step.device)))
                    return Words::tr(
                               "Put %1 across the terminals of %2, one after the other from plus to minus, insulated, "
                               "held firm and clear of lining: a resistor gets hot.")
                        .arg(part(m_to), fedName());
                return Words::tr("Put %1 in the plus lead of %2, insulated and held firm.").arg(part(m_to), m_place);
            case StepKind::MountSource:
                return m_step.place
                           ? Words::tr("Fix %1 at %2, its openings free; look behind before a hole.")
                                 .arg(part(m_to), m_place)
                           : Words::tr("Find the place for %1, fix it, its openings free; look behind before a hole.")
                                 .arg(part(m_to));
            case StepKind::LaySupply:
                return Words::tr(
                           "Lay the supply cable from the battery to %1: bush in every hole, away from heat, edges "
                           "and what moves; ground as thick, to bare metal. It stays open at the battery.")
                    .arg(m_step.has(StepFigure::Length_m)
                             ? Words::tr("%1, %2").arg(part(m_to), cableLength(m_step[StepFigure::Length_m]))
                             : part(m_to));
            case StepKind::SwapLead:
                return Words::tr("Put %1 in place of %2 at %3; keep the old plug.")
                    .arg(part(m_to), part(m_from), m_place);
            case StepKind::PlugLead:
                return Words::tr("Plug %1 into the vehicle's plug at %2; nothing is cut, the lead comes off again.")
                    .arg(part(m_to), m_place);
            case StepKind::Retain:
                return Words::tr(
                           "Give the cable at %1 a new hold: a tie on a base or an edge clip, clear of the magnet.")
                    .arg(m_place);
            case StepKind::Connect:
                return Words::tr("Connect %1 at %2 by the wiring table, plus to plus; pull gently at each terminal.")
                    .arg(part(m_to), m_place);
            case StepKind::CheckResistance:
                return Words::tr("Ohmmeter across the tabs of %1 at %2 before it is connected: %3, leads taken off.")
                    .arg(part(m_to), m_place, reading());
            case StepKind::HearDriver:
                return Words::tr("At %1 too, before it is closed: %2.").arg(m_place, heard());
            case StepKind::LetSet:
                return Words::tr("Let the adhesive at %1 set for %2, or as its tube says, before anything pulls on it.")
                    .arg(m_place, minutes(figure(StepFigure::Wait_min)));
            case StepKind::FitFuse:
                return Words::tr(
                           "The holder within %1 of cable from the battery, then %2 in it: the last thing that "
                           "closes the supply.")
                    .arg(length(kFuseWithin_m), part(m_to));
            case StepKind::PowerUpTrial:
                return hasRestraints(m_to.body)
                           ? Words::tr(
                                 "Every restraint plug closed again, then the battery, through a small trial "
                                 "fuse where the source has its own feed.")
                           : Words::tr(
                                 "Every plug closed again, then the battery, through a small trial fuse where "
                                 "the source has its own feed.");
            case StepKind::TrySound:
                return Words::tr(
                    "Before any trim goes back: each speaker alone, quietly; fade and balance; nothing rubs, nothing "
                    "buzzes.");
            case StepKind::Protect:
                return protectionAgainst(m_step.demand);
            case StepKind::ProveInUse:
                return proofAgainst(m_step.demand);
            case StepKind::ProveMoving:
                return Words::tr(
                    "Steering lock to lock, suspension pressed down, tank, seat and every lid opened and shut: no "
                    "wire pulled or pinched, none near the exhaust. Then a first ride, slowly.");
            case StepKind::KeepOriginals:
                return Words::tr(
                    "Bag the old parts with their screws, write vehicle and place on each: with them the vehicle goes "
                    "back to what it was.");
            case StepKind::Record:
                return Words::tr("Write down readings and settings, photograph the result, hand the old parts back.");
        }
        return {};
    }

private:
    [[nodiscard]] double figure(StepFigure what) const { return m_step.has(what) ? m_step[what] : 0.0; }

    [[nodiscard]] QString part(const Fitout& fitout) const
    {
        const auto device = fitout.devices.find(m_step.device);
        return device == fitout.devices.end() ? QString() : nameOf(fitout.parts.at(device->second.part));
    }

    [[nodiscard]] static QString listed(const std::vector<Fastener>& fasteners)
    {
        QStringList lines;
        for (const Fastener& one : fasteners) lines << textOf(one);
        return lines.join(Words::tr("; "));
    }

    // What hangs on it, what holds it: nothing is pulled on a count that is not zero.
    [[nodiscard]] QString opening() const
    {
        const auto panel = m_to.panels.find(m_step.panel);
        if (panel == m_to.panels.end())
            return Words::tr("Open the trim at %1: find every screw and clip first, then lift it off and support it.")
                .arg(m_place);
        const Panel& one = panel->second;
        QStringList lines{one.fasteners.empty()
                              ? Words::tr("Take off %1: find every screw and clip first, then lift it off and "
                                          "support it.")
                                    .arg(name(one))
                              : Words::tr("Take off %1: %2. Count to zero, then lift it off and support it.")
                                    .arg(name(one), listed(one.fasteners))};
        if (!one.leave.empty()) lines << Words::tr("Leave alone: %1.").arg(QString::fromStdString(one.leave));
        if (!one.undo.empty())
            lines << Words::tr("Undo, and label both ends: %1.").arg(QString::fromStdString(one.undo));
        if (one.membrane) lines << Words::tr("Peel the film behind it back in one piece.");
        return lines.join(QLatin1Char(' '));
    }

    [[nodiscard]] QString closing() const
    {
        const auto panel = m_to.panels.find(m_step.panel);
        if (panel == m_to.panels.end())
            return Words::tr("Close the trim at %1: no wire behind a clip, clips and screws counted.").arg(m_place);
        const Panel& one = panel->second;
        QStringList lines;
        if (one.membrane) lines << Words::tr("Seal the film all round, its cable holes too.");
        if (!one.undo.empty())
            lines << Words::tr("Join again, each pulled at gently: %1.").arg(QString::fromStdString(one.undo));
        lines << (one.fasteners.empty()
                      ? Words::tr("Put %1 back: no wire behind a clip, clips and screws counted.").arg(name(one))
                      : Words::tr("Put %1 back: no wire behind a clip; %2, all of them.")
                            .arg(name(one), listed(one.fasteners)));
        if (!one.labels.empty())
            lines << Words::tr("Has to be there again: %1.").arg(QString::fromStdString(one.labels));
        return lines.join(QLatin1Char(' '));
    }

    [[nodiscard]] static QString name(const Panel& panel)
    {
        return panel.name.empty() ? Words::tr("the panel") : QString::fromStdString(panel.name);
    }

    [[nodiscard]] QString removing() const
    {
        const auto place = m_to.places.find(m_step.place);
        const QString out =
            Words::tr("Unplug and take out %1 at %2; keep it, its screws and its foam.").arg(part(m_from), m_place);
        return place == m_to.places.end() || place->second.held.empty()
                   ? out
                   : Words::tr("%1 It is held by: %2.").arg(out, listed(place->second.held));
    }

    // Where the cable leaves a ring, by the clock as a fitter reads it.
    [[nodiscard]] QString cableSide() const
    {
        const double deg = std::remainder(figure(StepFigure::Wire_deg), 360.0);
        if (std::abs(deg) <= 45.0) return Words::tr("on the right");
        if (std::abs(deg) >= 135.0) return Words::tr("on the left");
        return deg > 0.0 ? Words::tr("at the top") : Words::tr("at the bottom");
    }

    [[nodiscard]] QString cutting() const
    {
        QString what = Words::tr("For good: cut the hole at %1.").arg(m_place);
        if (m_step.has(StepFigure::HoleShort_m))
            what = Words::tr("For good: cut the hole at %1 oval, %2 by %3, by template.")
                       .arg(m_place, spokenLength(figure(StepFigure::Hole_m)),
                            spokenLength(figure(StepFigure::HoleShort_m)));
        else if (m_step.has(StepFigure::Saw_m))
            what = Words::tr("For good: cut the hole at %1 to %2, hole saw %2.")
                       .arg(m_place, spokenLength(figure(StepFigure::Saw_m)));
        else if (m_step.has(StepFigure::Hole_m))
            what = Words::tr("For good: cut the hole at %1 to %2, by template.")
                       .arg(m_place, spokenLength(figure(StepFigure::Hole_m)));
        return QStringList{what, cuttingOrder(m_step)}.join(QLatin1Char(' '));
    }

    [[nodiscard]] QString alteration() const
    {
        switch (m_step.alteration) {
            case AlterationKind::Hole:
                return cutting();
            case AlterationKind::Seal:
                return Words::tr(
                           "Seal all round the frame at %1, so that no air goes from the front of the cone to its "
                           "back.")
                    .arg(m_place);
            case AlterationKind::Foam:
                return Words::tr("Put foam round the edge at %1, where it touches no moving part and no cone.")
                    .arg(m_place);
            case AlterationKind::OpenCover:
                return Words::tr("Open the cover at %1, or put a grille there that lets sound through.").arg(m_place);
            case AlterationKind::ScrewHoles:
                return Words::tr(
                           "For good: %1 new holes of %2 at %3. Mark from the driver, look behind, stop collar on "
                           "the drill, paint the edges.")
                    .arg(fixedNumber(figure(StepFigure::Screws_count), 0), spokenLength(figure(StepFigure::Drill_m)),
                         m_place);
            case AlterationKind::WireHole:
                return Words::tr("A hole of %1 with a bush for the cable in the spacer at %2.")
                    .arg(spokenLength(figure(StepFigure::Drill_m)), m_place);
            case AlterationKind::CutObstruction:
                return Words::tr(
                           "For good: cut away what stands in the way behind %1, in small bites, edges smooth. "
                           "Driver out, magnet covered, every chip out again.")
                    .arg(m_place);
            case AlterationKind::Mat:
            case AlterationKind::Decoupler:
            case AlterationKind::Barrier:
                break;  // steps of their own
        }
        return {};
    }

    [[nodiscard]] QString fittingSpacer() const
    {
        const auto spacer = m_to.parts.find(mountOf(m_to, m_step.device).spacer);
        const QString name = spacer == m_to.parts.end() ? Words::tr("the spacer") : named(spacer->second.name);
        const QString held = m_step.has(StepFigure::OwnScrews_count)
                                 ? Words::tr("into the vehicle's holes with its own: %1").arg(screws())
                                 : Words::tr("the driver's screws go through it.");
        return tabs() + Words::tr("Put %1 on the panel at %2, marked side to you: cable through its notch, %3; %4")
                            .arg(turned(name), m_place, cableSide(), held);
    }

    [[nodiscard]] QString cuttingPlug() const
    {
        const auto plug = [&](const Fitout& fitout) {
            return QString::fromStdString(plugOf(partOf(fitout, m_step.device)));
        };
        const auto place = m_to.places.find(m_step.place);
        const bool wet = place != m_to.places.end() &&
                         (place->second.kind == PlaceKind::Door || place->second.kind == PlaceKind::Fairing ||
                          place->second.kind == PlaceKind::BagLid || place->second.kind == PlaceKind::RollBar);
        return Words::tr(
                   "For good: write + and − on the pair at %1, then cut its plug (%2) off with a hand's width of "
                   "wire left on the plug. Crimp the ends for %3 on, one wire after the other, %4. Bag the plug: "
                   "spliced back on it is the way home.")
            .arg(m_place, plug(m_from), plug(m_to),
                 wet ? Words::tr("each under a sealing sleeve, with a drip loop") : Words::tr("each under a sleeve"));
    }

    [[nodiscard]] QString fitting() const
    {
        switch (m_step.fixing) {
            case Fixing::Clip:
                return Words::tr("Press %1 in at %2 until every clip has snapped; it must not come out by hand.")
                    .arg(turned(part(m_to)), m_place);
            case Fixing::Adhesive:
                return Words::tr(
                           "Clean both faces at %1 of grease, let them dry, set %2 in its adhesive and hold it "
                           "there.")
                    .arg(m_place, turned(part(m_to)));
            case Fixing::Screws:
            case Fixing::Ring:
            case Fixing::Bracket:
                break;
        }
        QStringList lines{
            tabs() +
            Words::tr("Gasket on, fit %1 at %2: all by hand first, then evenly.").arg(turned(part(m_to)), m_place)};
        if (m_step.fixing == Fixing::Ring) lines << Words::tr("The ring goes behind the panel and takes the screws.");
        if (m_step.fixing == Fixing::Bracket) lines << Words::tr("It sits in its bracket, not in the trim.");
        if (m_step.has(StepFigure::Screw_m)) lines << screws();
        return lines.join(QLatin1Char(' '));
    }

    // Which way it looks and how it is let in, where the plan says more than that it goes in.
    [[nodiscard]] QString aimed(const QString& fitted) const
    {
        QStringList lines{fitted};
        if (m_step.has(StepFigure::AimIn_deg))
            lines << Words::tr("It looks %1, %2; where it goes stands in the table, tighten it once it is aimed.")
                         .arg(inText({.in_deg = figure(StepFigure::AimIn_deg)}),
                              upText({.up_deg = figure(StepFigure::AimUp_deg)}));
        if (m_step.style != MountStyle::Flush) lines << Words::tr("How it sits: %1.").arg(nameOf(m_step.style));
        return lines.join(QLatin1Char(' '));
    }

    // Behind the plug, before both of its drivers.
    // The speaker that what is fitted goes on to.
    [[nodiscard]] QString fedName() const
    {
        for (const auto& [id, wire] : m_to.wires)
            for (const auto& [near, far] : {std::pair{wire.a, wire.b}, {wire.b, wire.a}})
                if (near.device == m_step.device && near.terminal == "out+") return nameOf(Subject{far.device}, m_to);
        return m_place;
    }

    [[nodiscard]] QString network() const
    {
        const PlaceKind site = m_to.devices.at(m_step.device).site;
        const QString where =
            site == PlaceKind::Hidden || site == PlaceKind::Door
                ? Words::tr("Fix %1 on the dry side at %2, tied down; its pairs by the wiring table.")
                      .arg(part(m_to), m_place)
                : Words::tr(
                      "Fix %1 here: %2; clear of pedals, steering and seat rails, tied down; its pairs by the "
                      "wiring table.")
                      .arg(part(m_to), nameOf(site));
        if (!isMade(partOf(m_to, m_step.device))) return where;
        return where + QLatin1Char(' ') +
               Words::tr("Made at the bench: non-polar capacitors, coils apart and at right angles, joints insulated.");
    }

    [[nodiscard]] QString tabs() const
    {
        return m_step.has(StepFigure::TabsOff)
                   ? Words::tr("Break its tabs off and smooth the stumps.") + QLatin1Char(' ')
                   : QString();
    }

    // What is put there, and how it is turned.
    [[nodiscard]] QString turned(const QString& name) const
    {
        const QString turn = turnText(figure(StepFigure::Turn_deg));
        return turn.isEmpty() ? name : Words::tr("%1 (turned %2)").arg(name, turn);
    }

    [[nodiscard]] QString screws() const
    {
        const auto place = m_to.places.find(m_step.place);
        const Anchor anchor = place == m_to.places.end() ? Anchor::Unknown : place->second.anchor;
        const std::optional<double> length_m =
            m_step.has(StepFigure::ScrewLength_m) ? std::optional(m_step[StepFigure::ScrewLength_m]) : std::nullopt;
        const QString one = screwText(anchor, figure(StepFigure::Screw_m), length_m);
        QStringList lines{m_step.has(StepFigure::Screws_count)
                              ? Words::tr("%1 × %2.").arg(fixedNumber(figure(StepFigure::Screws_count), 0), one)
                              : Words::tr("With %1.").arg(one)};
        if (m_step.has(StepFigure::ScrewTooShort_m))
            lines << Words::tr("The old ones are %1 too short.").arg(spokenLength(figure(StepFigure::ScrewTooShort_m)));
        if (!length_m) lines << Words::tr("None that is sold is long enough: ask for one.");
        return lines.join(QLatin1Char(' '));
    }

    [[nodiscard]] QString reading() const
    {
        return Words::tr("%1, %2 to %3")
            .arg(ohms(figure(StepFigure::Reading_ohm)), ohms(figure(StepFigure::ReadingLow_ohm)),
                 ohms(figure(StepFigure::ReadingHigh_ohm)));
    }

    [[nodiscard]] QString heard() const
    {
        return Words::tr("%1 heard alone, its reading noted (%2)").arg(part(m_to), reading());
    }

    // What this place's trim hides or carries.
    [[nodiscard]] QString trying() const
    {
        QStringList tried;
        const auto place = m_to.places.find(m_step.place);
        if (place != m_to.places.end()) {
            const PlaceKind kind = place->second.kind;
            const bool glass = place->second.behind == Behind::Glass || place->second.behind == Behind::Regulator;
            if (kind == PlaceKind::Door || glass) tried << Words::tr("window all the way down and up");
            if (kind == PlaceKind::Door) tried << Words::tr("lock, handles, switches, lamp");
            if (kind == PlaceKind::Sail) tried << Words::tr("mirror and its switch");
            if (kind == PlaceKind::BagLid) tried << Words::tr("lid shut and opened");
            if (kind == PlaceKind::Fairing) tried << Words::tr("steering lock to lock");
            for (const PanelId id : place->second.wayIn)
                if (const std::string& undone = m_to.panels.at(id).undo; !undone.empty())
                    tried << QString::fromStdString(undone);
        }
        if (m_step.device) tried << heard();
        tried << Words::tr("nothing loose, nothing left inside");
        return Words::tr("Before %1 is closed: %2.").arg(m_place, tried.join(Words::tr("; ")));
    }

    const Step& m_step;
    const Fitout& m_from;
    const Fitout& m_to;
    QString m_place{};
};

}  // namespace

QString textOf(const Step& step, const Fitout& from, const Fitout& to)
{
    return StepText(step, from, to).text();
}

}  // namespace words
