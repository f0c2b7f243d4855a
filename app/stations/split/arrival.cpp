#include "app/stations/split/arrival.h"

#include <QCoreApplication>
#include <algorithm>

#include "core/advice/strain.h"
#include "core/fitout/resolve.h"
#include "core/limits/sound_limits.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {
namespace {

struct ArrivalText {
    Q_DECLARE_TR_FUNCTIONS(app::Arrival)
};

// Two digits are enough beside a length.
QString shortNumber(double value)
{
    return words::fixedNumber(value, value < 0.995 ? 2 : value < 9.95 ? 1 : 0);
}

}  // namespace

std::optional<Arrival> arrivalAt(const core::StageResult& stage, const core::StageResult& found, const core::Port& coil,
                                 const core::Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    const auto run = std::find_if(stage.runs.begin(), stage.runs.end(),
                                  [&](const core::RunResult& one) { return one.run.id.coil == coil; });
    if (run == stage.runs.end()) return std::nullopt;
    constexpr double kMillimetre_m = 1e-3;
    const core::Strain strain = core::strainOf(stage, *run, found, practice);
    const QString name = words::nameOf(core::Subject{coil.device}, stage.used);
    const bool inside = isWay(partOf(stage.used, coil.device), coil.element);
    return Arrival{
        .name = inside ? ArrivalText::tr("tweeter in %1").arg(name) : name,
        .volts = words::signedAsKnown(words::volts(run->most_v), run->worst),
        .heat = {strain.programme_w / strain.rating_w,
                 ArrivalText::tr("%1 of %2").arg(shortNumber(strain.programme_w), words::watts(strain.rating_w)),
                 strain.heat},
        .travel = {strain.travel_m / strain.xmax_m,
                   ArrivalText::tr("%1 of %2 mm")
                       .arg(shortNumber(strain.travel_m / kMillimetre_m), shortNumber(strain.xmax_m / kMillimetre_m)),
                   strain.travel},
        .resonance =
            isTweeter(*run, practice)
                ? ArrivalText::tr("%1 at fs, %2")
                      .arg(words::decibelChange(underLargest_db(*run, frequency_hz, run->driver.fs_hz), 0),
                           words::signedAsKnown(words::frequency(run->driver.fs_hz),
                                                run->coil.at(core::Quantity::Fs_hz).basis.origin))
                : QString(),
        .turned = run->run.sign < 0};
}

}  // namespace app
