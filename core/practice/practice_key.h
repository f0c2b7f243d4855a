#pragma once

namespace core {

// Every limit and class value that is common practice or uncertain; its default, unit, range and source stand in
// practice.json.
enum class PracticeKey {
    LoadStop_ratio,
    LoadCare_ratio,
    LowerLoadCare_ratio,
    LowerLoadStop_ratio,
    LessLevelNote_db,
    LessLevelCare_db,
    CoilSine_ratio,
    CornerShift_octave,
    CrestFactor_db,
    OutputResistance_ohm,
    HeadUnitPower_w,
    HeadUnitLeastLoad_ohm,
    ReOfNominal_ratio,
    OhmmeterCoreLow_ratio,
    OhmmeterCoreHigh_ratio,
    OhmmeterWideLow_ratio,
    OhmmeterWideHigh_ratio,
    OhmmeterCentre_ratio,
    OhmmeterOpen_ohm,
    SeriesCapacitor_f,
    ComplexLoad_ratio,
    ProgrammeHighPass_hz,
    ProgrammeHighPassQ,
    ProgrammeLowPass1_hz,
    ProgrammeLowPass2_hz,
    StereoCoherentBelow_hz,
    StereoRandomAbove_hz,
    AcousticInductanceFade_hz,
    CurveBelowLimit_db,
    WireResistivityLay_ratio,
    StepPowerDown_min,
    StepTrim_min,
    StepSwap_min,
    StepWiring_min,
    StepTest_min,
    SpareClips_count,
    CableTies_count
};

}  // namespace core
