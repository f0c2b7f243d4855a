#include "app/stations/split/arrival.h"

#include <QCoreApplication>

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

std::optional<Arrival> arrivalAt(const core::StageResult& stage, const core::Port& coil)
{
    for (const core::RunResult& run : stage.runs) {
        if (run.run.id.coil != coil) continue;
        const core::ConeResult& cone = coneOf(stage, run);
        const QString name = words::nameOf(core::Subject{coil.device}, stage.used);
        const core::Part& part = stage.used.parts.at(stage.used.devices.at(coil.device).part);
        Arrival arrival{.name = isWay(part, coil.element) ? ArrivalText::tr("tweeter in %1").arg(name) : name,
                        .volts = words::signedAsKnown(words::volts(run.most_v), run.worst),
                        .turned = run.run.sign < 0};
        const double rating_w = run.coil.at(core::Quantity::Power_w).value;
        arrival.heat = {cone.programme_w / rating_w,
                        ArrivalText::tr("%1 of %2").arg(shortNumber(cone.programme_w), words::watts(rating_w))};
        const double millimetre_m = 1e-3;
        arrival.travel = {cone.travel.programme_m / run.driver.xmax_m,
                          ArrivalText::tr("%1 of %2 mm")
                              .arg(shortNumber(cone.travel.programme_m / millimetre_m),
                                   shortNumber(run.driver.xmax_m / millimetre_m))};
        return arrival;
    }
    return std::nullopt;
}

}  // namespace app
