#include "app/stations/match/candidate_reasons.h"

#include <QCoreApplication>
#include <algorithm>

#include "core/advice/amplifier_risk.h"
#include "core/advice/deviations.h"
#include "core/advice/family.h"
#include "core/fitout/sides.h"
#include "words/fit_words.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

struct Reasons {
    Q_DECLARE_TR_FUNCTIONS(app::Reasons)
};

}  // namespace

QStringList candidateReasons(const core::Candidate& candidate, const Snapshot& snapshot, core::DeviceId chosen,
                             const ReasonWords& how)
{
    QStringList lines, lost;
    for (const core::LostPoints& one : candidate.lost)
        if (one.stop || one.points >= 0.05) lost << words::lineOf(one, how.units, how.currency);
    if (!lost.isEmpty()) lines << lost.join(QStringLiteral(" · "));
    if (candidate.heldBack) lines << words::heldBackText(*candidate.heldBack);
    for (const core::Damage& damage : candidate.damage) lines << words::textOf(damage);
    if (snapshot.plan.job.goalKind != core::Goal::Improve) {
        const core::Fitout& before = snapshot.before().used;
        if (const auto old = before.devices.find(chosen); old != before.devices.end()) {
            QStringList deviations;
            for (const core::Deviation& one :
                 core::deviationsFrom(before.parts.at(old->second.part), candidate.part, snapshot.evaluation.practice))
                deviations << words::textOf(one, how.units);
            lines << (deviations.isEmpty()
                          ? Reasons::tr("As the original in all that is known.")
                          : Reasons::tr("Not as the original: %1.").arg(deviations.join(Reasons::tr("; "))));
        }
    }
    if (!candidate.fitted) return lines;
    if (const auto risk = core::amplifierRisk(snapshot.plan, snapshot.evaluation, chosen))
        lines << words::textOf(*risk);
    // The nearest in kind, but for the twin, which is the same.
    const auto mates = core::mates(snapshot.after().used, chosen);
    for (const core::FamilyMatch& one : core::familyOf(snapshot.after(), chosen, snapshot.practice())) {
        if (std::find(mates.begin(), mates.end(), one.other) != mates.end()) continue;
        lines << words::textOf(one, words::nameOf(core::Subject{one.other}, snapshot.after().used));
        break;
    }
    return lines;
}

}  // namespace app
