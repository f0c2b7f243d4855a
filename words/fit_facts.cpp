#include "words/fit_facts.h"

#include <cmath>

#include "core/design/pod_seal.h"
#include "core/fit/screw_choice.h"
#include "words/fit_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

void addOpening(QStringList& facts, const DriverFit& fit, UnitSystem units)
{
    if (fit.spacers && !fit.spacers->pieces_m.empty() && std::abs(fit.spacers->sum_m - fit.spacer_m) > 1e-6) {
        QStringList pieces;
        for (const double piece_m : fit.spacers->pieces_m) pieces << marginText(piece_m, units);
        facts << Words::tr("Spacer that clears it: %1.").arg(pieces.join(Words::tr(" and ")));
    }
    if (fit.hole) {
        const CutoutPlan& plan = fit.hole->plan;
        if (fit.hole->ring && fit.hole->ringOutside_m)
            facts << Words::tr("Ring: %1 inside, %2 outside.")
                         .arg(marginText(*fit.hole->ringInside_m, units), marginText(*fit.hole->ringOutside_m, units));
        else if (fit.hole->cut || !fit.hole->there_m)
            facts << (plan.saw_m ? Words::tr("Saw for its hole: %1.").arg(marginText(*plan.saw_m, units))
                                 : Words::tr("Hole by template: %1.").arg(marginText(plan.cut_m, units)));
    }
    if (fit.screws && fit.screws->matched == 0)
        facts << Words::tr("None of its %1 screw holes meets the vehicle's.").arg(fit.screwCount);
    else if (fit.screws)
        facts << Words::tr("%1 of %2 screw holes meet, at worst %3 off.")
                     .arg(fit.screws->matched)
                     .arg(fit.screwCount)
                     .arg(marginText(fit.screws->worst_m, units));
    if (fit.turn) facts << Words::tr("Rotation: %1.").arg(textOf(*fit.turn));
}

void addScrews(QStringList& facts, const FitAsked& asked, UnitSystem units)
{
    const auto& [place, fit, run, practice] = asked;
    if (fit.fixing_n) facts << Words::tr("In a shock each screw bears %1 N.").arg(plainNumber(fit.fixing_n->value));
    if (const QString screws = screwsFor(place, practice, units); !screws.isEmpty()) {
        facts << screws;
        const double raised_m = fit.spacer_m + fit.stump_m;
        if (const auto screw_m = neededScrew_m(practice, place, fit))
            facts << Words::tr("They hold %1 and have to be %2 long at least.")
                         .arg(marginText(screwGrip_m(place, fit), units), marginText(*screw_m, units));
        facts << (raised_m > 0.0 ? Words::tr("The old ones are %1 too short now: keep them with the old parts.")
                                       .arg(marginText(raised_m, units))
                                 : Words::tr("The old ones may serve again where the new flange is no thicker."));
    }
    if (const auto stump_m = valueOf(place.room, Quantity::Stump_m))
        facts << Words::tr("%1 stand up round the hole.").arg(marginText(*stump_m, units));
}

}  // namespace

QStringList fitFacts(const FitAsked& asked, UnitSystem units)
{
    const auto& [place, fit, run, practice] = asked;
    QStringList facts;
    addOpening(facts, fit, units);
    addScrews(facts, asked, units);
    if (run)
        if (const auto seal = podSeal(*run, place, practice))
            facts << (seal->worst == Origin::ClassGuess
                          ? Words::tr("In its air it resonates at %1, Q %2, by estimate; without the strip Q %3, %4 "
                                      "less there.")
                          : Words::tr("In its air it resonates at %1, Q %2; without the strip Q %3, %4 less there."))
                         .arg(frequency(seal->tight.resonance_hz), plainNumber(seal->tight.totalQ),
                              plainNumber(seal->leaking.totalQ), decibels(seal->lost_db));
    if (!place.obstruction.empty() && fit.depthMargin_m) {
        const double whole_m = fit.depthMargin_m->value - fit.obstruction_m;
        facts << (whole_m >= fit.wantedDepth_m - 1e-9 ? Words::tr("Leave %1 whole: its depth is not needed.")
                                                      : Words::tr("In the way: %1."))
                     .arg(QString::fromStdString(place.obstruction));
    }
    if (fit.coverLoss_db > 0.05) facts << Words::tr("The cover costs %1 of treble.").arg(decibels(fit.coverLoss_db));
    return facts;
}

}  // namespace words
