#include "app/stations/walk/survey.h"

#include "core/edits/named_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/coil_wiring.h"
#include "words/survey_words.h"

namespace app {

std::vector<std::pair<QString, QString>> joinChoices(const core::Fitout& fitout, core::DeviceId driver,
                                                     const core::Practice& practice)
{
    std::vector<std::pair<QString, QString>> choices;
    for (const auto& [join, ohm] : core::coilChoices(fitout, driver, practice))
        choices.emplace_back(QString::number(static_cast<int>(join)), words::textOf(join, ohm));
    if (!choices.empty() && core::coilsAtDriver(fitout, driver, practice).join == core::CoilJoin::Other)
        choices.emplace_back(QString::number(static_cast<int>(core::CoilJoin::Other)),
                             words::textOf(core::CoilJoin::Other, 0.0));
    return choices;
}

core::Edit partNow(const Survey& survey, core::DeviceId device, const core::Part& part, bool seen)
{
    const auto& found = survey.snapshot->before().used.devices;
    const auto there = found.find(device);
    if (survey.planning() && there != found.end() && there->second.part == survey.fitout().devices.at(device).part) {
        core::Part planned = part;
        planned.shelfKey.clear();  // it is not quite the shelf's any more
        return core::fitPart(survey.plan(), device, planned);
    }
    return seen ? core::seenThere(survey.plan(), survey.stage, device, part)
                : core::changePart(survey.plan(), survey.stage, device, part);
}

}  // namespace app
