#pragma once

#include "core/physics/ampacity.h"
#include "core/physics/amplifier.h"
#include "core/physics/interaural.h"
#include "core/physics/ohmmeter.h"
#include "core/physics/part_stress.h"
#include "core/physics/pilot_drill.h"
#include "core/physics/programme.h"
#include "core/physics/stereo.h"
#include "core/practice/practice.h"

namespace core {

// Practice entries that belong together, as the plain inputs physics takes.
[[nodiscard]] inline ProgrammeWeight programmeShape(const Practice& practice)
{
    return {practice[PracticeKey::ProgrammeHighPass_hz], practice[PracticeKey::ProgrammeHighPassQ],
            practice[PracticeKey::ProgrammeLowPass1_hz], practice[PracticeKey::ProgrammeLowPass2_hz]};
}

[[nodiscard]] inline PilotPractice pilotPractice(const Practice& practice)
{
    return {practice[PracticeList::PilotSheet_m], practice[PracticeList::PilotThread_ratio],
            practice[PracticeKey::PilotPlastic_ratio], practice[PracticeKey::PilotWood_ratio]};
}

[[nodiscard]] inline StereoMix stereoMix(const Practice& practice)
{
    return {practice[PracticeKey::StereoCoherentBelow_hz], practice[PracticeKey::StereoRandomAbove_hz]};
}

[[nodiscard]] inline OhmmeterWindows ohmmeterWindows(const Practice& practice)
{
    return {practice[PracticeKey::OhmmeterCoreLow_ratio], practice[PracticeKey::OhmmeterCoreHigh_ratio],
            practice[PracticeKey::OhmmeterWideLow_ratio], practice[PracticeKey::OhmmeterWideHigh_ratio],
            practice[PracticeKey::OhmmeterCentre_ratio],  practice[PracticeKey::OhmmeterOpen_ohm]};
}

[[nodiscard]] inline RatingPractice ratingPractice(const Practice& practice)
{
    return {practice[PracticeKey::RatingRise_ratio], practice[PracticeKey::RatingFlatExponent_ratio]};
}

[[nodiscard]] inline ImagePractice imagePractice(const Practice& practice)
{
    return {practice[PracticeKey::ImageFullTime_s], practice[PracticeKey::ImageFullLevel_db]};
}

[[nodiscard]] inline StressMargins stressMargins(const Practice& practice)
{
    return {practice[PracticeKey::ResistorProgramme_ratio], practice[PracticeKey::ResistorSine_ratio],
            practice[PracticeKey::CapacitorVoltage_ratio]};
}

[[nodiscard]] inline std::vector<AmpacityRow> ampacityTable(const Practice& practice)
{
    const auto& gauges = practice[PracticeList::AmpacityGauge_awg];
    const auto& currents = practice[PracticeList::Ampacity_a];
    std::vector<AmpacityRow> rows;
    for (size_t i = 0; i < gauges.size(); ++i) rows.push_back({gauges[i], currents[i]});
    return rows;
}

}  // namespace core
