#include "words/cutting_words.h"

#include <QStringList>

#include "core/physics/cutout.h"
#include "words/figures.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

// 3 mm, 6 mm, 10 mm
QString drills(const Step& step)
{
    QStringList all;
    for (const double drill_m : drillLadder(step[StepFigure::Pilot_m], step[StepFigure::Blade_m]))
        all << spokenLength(drill_m);
    return all.join(QStringLiteral(", "));
}

QString edge(const Step& step)
{
    const QString metal = Words::tr("Edge deburred and painted against rust, every chip out again.");
    if (!step.backing) return metal;
    switch (*step.backing) {
        case Backing::Metal:
            return metal;
        case Backing::Plastic:
            return Words::tr("Slowly, or it melts; press lightly, or it cracks. Edge scraped smooth, every chip out again.");
        case Backing::Cloth:
            return Words::tr("The cloth first, crosswise with the knife, its flaps glued back under the edge.");
    }
    return metal;
}

}  // namespace

QString cuttingOrder(const Step& step)
{
    QStringList order{Words::tr("Look behind first. Template on with tape, held against the other side; tape where the "
                                "saw's foot runs.")};
    if (step.has(StepFigure::Blade_m) && step.has(StepFigure::Pilot_m))
        order << Words::tr("Drills one after the other, just inside the line: %1. Saw from there; two bridges stay to the "
                           "last, tape over what falls out and a hand on it.")
                     .arg(drills(step));
    else if (step.has(StepFigure::Pilot_m))
        order << Words::tr("Pilot %1 through the middle, then the saw, square to the face; what it cuts out stays on its "
                           "drill.")
                     .arg(spokenLength(step[StepFigure::Pilot_m]));
    order << edge(step);
    return order.join(QLatin1Char(' '));
}

}  // namespace words
