#include "core/model/names.h"

#include <array>

namespace core {
namespace {

template <class Half>
std::optional<Half> deviceAndName(std::string_view text)
{
    const size_t dot = text.find('.');
    if (dot == std::string_view::npos || dot + 1 >= text.size()) return std::nullopt;
    const auto device = idFromText<DeviceId>(text.substr(0, dot));
    const std::string_view name = text.substr(dot + 1);
    if (!device || name.find_first_of(".:>") != std::string_view::npos) return std::nullopt;
    return Half{*device, std::string(name)};
}

std::optional<Inside> insideFromText(std::string_view text)
{
    const size_t dot = text.find('.');
    if (dot == std::string_view::npos || dot + 1 >= text.size()) return std::nullopt;
    const auto part = idFromText<PartId>(text.substr(0, dot));
    if (!part) return std::nullopt;
    return Inside{*part, std::string(text.substr(dot + 1))};
}

template <class AnyId>
std::optional<Subject> subjectIfId(std::string_view text)
{
    if (const auto id = idFromText<AnyId>(text)) return Subject{*id};
    return std::nullopt;
}

}  // namespace

#define CORE_ENUM_NAMES(Enum, ...)                                                   \
    template <>                                                                      \
    std::span<const EnumName<Enum>> enumNames()                                      \
    {                                                                                \
        using enum Enum;                                                             \
        static constexpr auto kNames = std::to_array<EnumName<Enum>>({__VA_ARGS__}); \
        return kNames;                                                               \
    }

CORE_ENUM_NAMES(Origin, {Measured, "measured"}, {Stated, "stated"}, {CommonPractice, "commonPractice"},
                {ClassGuess, "classGuess"})
CORE_ENUM_NAMES(ElementKind, {Output, "output"}, {Input, "input"}, {Coil, "coil"}, {Capacitor, "capacitor"},
                {Inductor, "inductor"}, {Resistor, "resistor"}, {Link, "link"})
CORE_ENUM_NAMES(PartKind, {Driver, "driver"}, {Radio, "radio"}, {Amplifier, "amplifier"}, {Network, "network"},
                {Plug, "plug"}, {Adaptor, "adaptor"}, {Lead, "lead"}, {Cable, "cable"}, {Fuse, "fuse"},
                {Spacer, "spacer"}, {Mat, "mat"}, {FoamSheet, "foamSheet"},
                {BarrierMat, "barrierMat"}, {Enclosure, "enclosure"}, {ArticleSet, "set"})
CORE_ENUM_NAMES(BodyKind, {Hatchback, "hatchback"}, {Saloon, "saloon"}, {Estate, "estate"}, {Coupe, "coupe"},
                {Classic, "classic"}, {Pickup, "pickup"}, {OffRoad, "offRoad"}, {Van, "van"}, {Bus, "bus"},
                {OpenTwoSeater, "openTwoSeater"}, {OpenSideBySide, "openSideBySide"}, {Motorcycle, "motorcycle"},
                {Boat, "boat"})
CORE_ENUM_NAMES(PlaceKind, {Door, "door"}, {DashTop, "dashTop"}, {Sail, "sail"}, {Pillar, "pillar"},
                {KickPanel, "kickPanel"}, {Quarter, "quarter"}, {RearDeck, "rearDeck"}, {UnderSeat, "underSeat"},
                {Overhead, "overhead"}, {Fairing, "fairing"}, {BagLid, "bagLid"}, {CargoSide, "cargoSide"},
                {RollBar, "rollBar"}, {OwnBox, "ownBox"}, {Hidden, "hidden"})
CORE_ENUM_NAMES(Cab, {Single, "single"}, {Extended, "extended"}, {Double, "double"})
CORE_ENUM_NAMES(Drive, {Combustion, "combustion"}, {Hybrid, "hybrid"}, {Electric, "electric"})
CORE_ENUM_NAMES(VariantSign, {SubLevelControl, "subLevelControl"}, {SystemBadge, "systemBadge"},
                {SeparateAmplifier, "separateAmplifier"}, {LowOhms, "lowOhms"}, {MoreDrivers, "moreDrivers"},
                {EmptyTweeterPlug, "emptyTweeterPlug"})
CORE_ENUM_NAMES(Behind, {Unknown, "unknown"}, {Glass, "glass"}, {Regulator, "regulator"}, {SheetMetal, "sheetMetal"},
                {FuelTank, "fuelTank"}, {Harness, "harness"}, {OpenAir, "openAir"})
CORE_ENUM_NAMES(Anchor, {Unknown, "unknown"}, {Metal, "metal"}, {Plastic, "plastic"}, {Wood, "wood"},
                {CaptiveNut, "captiveNut"}, {Rivet, "rivet"})
CORE_ENUM_NAMES(Fixing, {Screws, "screws"}, {Adhesive, "adhesive"}, {Clip, "clip"}, {Ring, "ring"},
                {Bracket, "bracket"})
CORE_ENUM_NAMES(FastenerKind, {Screw, "screw"}, {Bolt, "bolt"}, {Nut, "nut"}, {Clip, "clip"}, {PushPin, "pushPin"},
                {Rivet, "rivet"}, {Hook, "hook"})
CORE_ENUM_NAMES(Complaint, {Dull, "dull"}, {Thin, "thin"}, {NoBass, "noBass"}, {Harsh, "harsh"}, {NotLoud, "notLoud"},
                {Buzz, "buzz"}, {OneSided, "oneSided"}, {CutsOut, "cutsOut"})
CORE_ENUM_NAMES(KeepOut, {Glass, "glass"}, {Rods, "rods"}, {Drains, "drains"}, {Sensors, "sensors"}, {Vents, "vents"})
CORE_ENUM_NAMES(Keep, {NoCutting, "noCutting"}, {Looks, "looks"}, {Radio, "radio"}, {Badge, "badge"},
                {LoadSpace, "loadSpace"})
CORE_ENUM_NAMES(Use, {FamilyCar, "familyCar"}, {WorkVan, "workVan"}, {WindAndHelmet, "windAndHelmet"},
                {OpenCab, "openCab"}, {SummerCruiser, "summerCruiser"})
CORE_ENUM_NAMES(Demand, {Wind, "wind"}, {Water, "water"}, {Vibration, "vibration"}, {Heat, "heat"}, {Theft, "theft"})
CORE_ENUM_NAMES(Extra, {Tethers, "tethers"}, {TamperProofBolts, "tamperProofBolts"}, {Badges, "badges"},
                {LightController, "lightController"})
CORE_ENUM_NAMES(Control, {HighPass, "highPass"}, {LowPass, "lowPass"}, {Equaliser, "equaliser"},
                {ChannelGain, "channelGain"}, {Polarity, "polarity"})
CORE_ENUM_NAMES(OutputGround, {Unknown, "unknown"}, {Floating, "floating"}, {Shared, "shared"})
CORE_ENUM_NAMES(Cover, {None, "none"}, {ThinCloth, "thinCloth"}, {ThickCloth, "thickCloth"},
                {ClothUnderLeather, "clothUnderLeather"})
CORE_ENUM_NAMES(SurfaceMaterial, {Glass, "glass"}, {HardTrim, "hardTrim"}, {SoftDash, "softDash"}, {Carpet, "carpet"},
                {ClothSeat, "clothSeat"}, {LeatherSeat, "leatherSeat"}, {Headliner, "headliner"})
CORE_ENUM_NAMES(CurveKind, {Response, "response"}, {InPlace, "inPlace"}, {Hearing, "hearing"})
CORE_ENUM_NAMES(Seat, {Driver, "driver"}, {FrontPassenger, "frontPassenger"}, {RearLeft, "rearLeft"},
                {RearRight, "rearRight"})
CORE_ENUM_NAMES(Goal, {Improve, "improve"}, {Restore, "restore"}, {Replace, "replace"})
CORE_ENUM_NAMES(StageKind, {Factory, "factory"}, {Found, "found"}, {Planned, "planned"}, {Built, "built"})
CORE_ENUM_NAMES(AlterationKind, {Hole, "hole"}, {Seal, "seal"}, {Mat, "mat"}, {Foam, "foam"}, {OpenCover, "openCover"},
                {ScrewHoles, "screwHoles"}, {WireHole, "wireHole"}, {CutObstruction, "cutObstruction"},
                {Decoupler, "decoupler"}, {Barrier, "barrier"})
CORE_ENUM_NAMES(Instrument, {Ohmmeter, "ohmmeter"}, {Voltmeter, "voltmeter"}, {Ruler, "ruler"}, {Eye, "eye"},
                {Microphone, "microphone"}, {SoundCard, "soundCard"})
CORE_ENUM_NAMES(PracticeList, {AmpacityGauge_awg, "ampacityGauge_awg"}, {Ampacity_a, "ampacity_a"},
                {CrossSection_m2, "crossSection_m2"}, {FuseBlade_a, "fuseBlade_a"},
                {FuseLargeBlade_a, "fuseLargeBlade_a"}, {FuseBoltM5_a, "fuseBoltM5_a"}, {FuseBoltM8_a, "fuseBoltM8_a"},
                {FuseAnl_a, "fuseAnl_a"}, {AbsorptionGlass, "absorptionGlass"},
                {AbsorptionHardTrim, "absorptionHardTrim"}, {AbsorptionSoftDash, "absorptionSoftDash"},
                {AbsorptionCarpet, "absorptionCarpet"}, {AbsorptionClothSeat, "absorptionClothSeat"},
                {AbsorptionLeatherSeat, "absorptionLeatherSeat"}, {AbsorptionHeadliner, "absorptionHeadliner"},
                {CoverThinCloth_db, "coverThinCloth_db"}, {CoverThickCloth_db, "coverThickCloth_db"},
                {CoverClothUnderLeather_db, "coverClothUnderLeather_db"}, {Spacer_m, "spacer_m"},
                {HoleSaw_m, "holeSaw_m"}, {ScrewLength_m, "screwLength_m"},
                {PilotSheet_m, "pilotSheet_m"}, {PilotThread_ratio, "pilotThread_ratio"})
CORE_ENUM_NAMES(
    PracticeKey, {LoadStop_ratio, "loadStop_ratio"}, {LoadCare_ratio, "loadCare_ratio"},
    {LowerLoadCare_ratio, "lowerLoadCare_ratio"}, {LowerLoadStop_ratio, "lowerLoadStop_ratio"},
    {LessLevelNote_db, "lessLevelNote_db"}, {LessLevelCare_db, "lessLevelCare_db"}, {CoilSine_ratio, "coilSine_ratio"},
    {CornerShift_octave, "cornerShift_octave"}, {CrestFactor_db, "crestFactor_db"},
    {OutputResistance_ohm, "outputResistance_ohm"}, {HeadUnitPower_w, "headUnitPower_w"},
    {HeadUnitLeastLoad_ohm, "headUnitLeastLoad_ohm"}, {ReOfNominal_ratio, "reOfNominal_ratio"},
    {OhmmeterCoreLow_ratio, "ohmmeterCoreLow_ratio"}, {OhmmeterCoreHigh_ratio, "ohmmeterCoreHigh_ratio"},
    {OhmmeterWideLow_ratio, "ohmmeterWideLow_ratio"}, {OhmmeterWideHigh_ratio, "ohmmeterWideHigh_ratio"},
    {OhmmeterCentre_ratio, "ohmmeterCentre_ratio"}, {OhmmeterOpen_ohm, "ohmmeterOpen_ohm"},
    {ContinuityShort_ratio, "continuityShort_ratio"}, {ContinuityWithin_ratio, "continuityWithin_ratio"},
    {CoilCoupling_ratio, "coilCoupling_ratio"}, {TweeterAhead_m, "tweeterAhead_m"},
    {SeriesCapacitor_f, "seriesCapacitor_f"}, {TweeterCapacitor_f, "tweeterCapacitor_f"},
    {MidCapacitor_f, "midCapacitor_f"}, {TravelCare_ratio, "travelCare_ratio"}, {TravelStop_ratio, "travelStop_ratio"},
    {SubTravelCare_ratio, "subTravelCare_ratio"}, {SubTravelStop_ratio, "subTravelStop_ratio"},
    {SubTravelFrom_hz, "subTravelFrom_hz"}, {SubTravelTuning_ratio, "subTravelTuning_ratio"},
    {TweeterLows_db, "tweeterLows_db"}, {TweeterSplit_ratio, "tweeterSplit_ratio"},
    {FlipBassCare_db, "flipBassCare_db"}, {ComplexLoad_ratio, "complexLoad_ratio"},
    {ProgrammeHighPass_hz, "programmeHighPass_hz"}, {ProgrammeHighPassQ, "programmeHighPassQ"},
    {ProgrammeLowPass1_hz, "programmeLowPass1_hz"}, {ProgrammeLowPass2_hz, "programmeLowPass2_hz"},
    {StereoCoherentBelow_hz, "stereoCoherentBelow_hz"}, {StereoRandomAbove_hz, "stereoRandomAbove_hz"},
    {AcousticInductanceFade_hz, "acousticInductanceFade_hz"}, {CurveBelowLimit_db, "curveBelowLimit_db"},
    {WireResistivityLay_ratio, "wireResistivityLay_ratio"}, {RatingRise_ratio, "ratingRise_ratio"},
    {RatingFlatExponent_ratio, "ratingFlatExponent_ratio"}, {RatedSupply_v, "ratedSupply_v"},
    {RealStage_ratio, "realStage_ratio"}, {SwitchingEfficiency_ratio, "switchingEfficiency_ratio"},
    {LowerRail_ratio, "lowerRail_ratio"}, {CladWire10_ratio, "cladWire10_ratio"},
    {CladWire15_ratio, "cladWire15_ratio"}, {CladCoefficient_per_k, "cladCoefficient_per_k"},
    {FeedTemperature_degc, "feedTemperature_degc"}, {ChassisReturn_ohm, "chassisReturn_ohm"},
    {DropCare_ratio, "dropCare_ratio"}, {DropStop_ratio, "dropStop_ratio"},
    {UnknownInsulation_degc, "unknownInsulation_degc"}, {EngineSpace_degc, "engineSpace_degc"},
    {StillAir_w_m2k, "stillAir_w_m2k"}, {LargeWire_ratio, "largeWire_ratio"},
    {BundleOfThree_ratio, "bundleOfThree_ratio"}, {BundleOfSix_ratio, "bundleOfSix_ratio"},
    {BundleOfMany_ratio, "bundleOfMany_ratio"}, {BundleOfMost_ratio, "bundleOfMost_ratio"},
    {FuseFactor_ratio, "fuseFactor_ratio"}, {CableCrestFactor_db, "cableCrestFactor_db"},
    {AlternatorIdle_ratio, "alternatorIdle_ratio"}, {BatteryShare_ratio, "batteryShare_ratio"},
    {ResistorProgramme_ratio, "resistorProgramme_ratio"}, {ResistorSine_ratio, "resistorSine_ratio"},
    {CapacitorVoltage_ratio, "capacitorVoltage_ratio"}, {FrameWorking_ratio, "frameWorking_ratio"},
    {OvalWorking_ratio, "ovalWorking_ratio"}, {CoilThermal_k_w, "coilThermal_k_w"}, {CoilLimit_degc, "coilLimit_degc"},
    {CoilAmbient_degc, "coilAmbient_degc"}, {SlotPortEnd_ratio, "slotPortEnd_ratio"}, {BoxLeakQ, "boxLeakQ"},
    {PortSpeed_m_s, "portSpeed_m_s"}, {DriverDisplacement_ratio, "driverDisplacement_ratio"},
    {FilledBoxQ, "filledBoxQ"}, {FrontBackPath_m, "frontBackPath_m"}, {UnsealedLeak_ratio, "unsealedLeak_ratio"},
    {SealedLeak_ratio, "sealedLeak_ratio"}, {PodWidth_m, "podWidth_m"}, {CabinLeak_hz, "cabinLeak_hz"},
    {BootLoss_db, "bootLoss_db"}, {ImageFullTime_s, "imageFullTime_s"}, {ImageFullLevel_db, "imageFullLevel_db"},
    {MostBlendStep_db, "mostBlendStep_db"}, {ReSpread_ratio, "reSpread_ratio"}, {FsSpread_ratio, "fsSpread_ratio"},
    {SensitivitySpread_db, "sensitivitySpread_db"}, {ClassFsSpread_ratio, "classFsSpread_ratio"},
    {ClassVasSpread_ratio, "classVasSpread_ratio"}, {ClassSdSpread_ratio, "classSdSpread_ratio"},
    {ClassXmaxSpread_ratio, "classXmaxSpread_ratio"}, {ClassReSpread_ratio, "classReSpread_ratio"},
    {StatedSpread_ratio, "statedSpread_ratio"}, {MeasuredSpread_ratio, "measuredSpread_ratio"},
    {LeakSpread_ratio, "leakSpread_ratio"}, {CabinSpread_db, "cabinSpread_db"}, {ModeSpread_db, "modeSpread_db"},
    {ModesUpTo_hz, "modesUpTo_hz"}, {AlignLoss_db, "alignLoss_db"}, {SpotOffAxis_points, "spotOffAxis_points"},
    {SpotEvenness_points, "spotEvenness_points"}, {SpotImage_points, "spotImage_points"},
    {SpotWidth_points, "spotWidth_points"}, {SpotShadow_points, "spotShadow_points"},
    {SpotOffAxisFull_db, "spotOffAxisFull_db"}, {SpotEvennessFull_db, "spotEvennessFull_db"},
    {SpotShadowFull_db, "spotShadowFull_db"}, {SpotWidthEnough_deg, "spotWidthEnough_deg"},
    {RemedyLeast_db, "remedyLeast_db"}, {LargestTweeter_m2, "largestTweeter_m2"}, {SameSize_ratio, "sameSize_ratio"},
    {DepthMargin_m, "depthMargin_m"}, {RegulatorMargin_m, "regulatorMargin_m"}, {FrontMargin_m, "frontMargin_m"},
    {MostSpacers_count, "mostSpacers_count"}, {RingThickness_m, "ringThickness_m"}, {RingSheet_m, "ringSheet_m"},
    {HoleTolerance_m, "holeTolerance_m"}, {LeastHoles_count, "leastHoles_count"}, {CoverNote_db, "coverNote_db"},
    {CoverCare_db, "coverCare_db"}, {AdhesiveCare_kg, "adhesiveCare_kg"}, {AdhesiveStop_kg, "adhesiveStop_kg"},
    {AdhesiveSunStop_kg, "adhesiveSunStop_kg"}, {LargestDomeBody_m, "largestDomeBody_m"}, {WireHole_m, "wireHole_m"},
    {SlackLeast_m, "slackLeast_m"}, {SlackMost_m, "slackMost_m"}, {SlackWanted_m, "slackWanted_m"},
    {Shock_ratio, "shock_ratio"}, {BodySlack_m, "bodySlack_m"}, {TurnDown_deg, "turnDown_deg"},
    {TurnWire_deg, "turnWire_deg"}, {TurnGlass_deg, "turnGlass_deg"}, {TurnBadge_deg, "turnBadge_deg"},
    {ScrewHoldMetal_n, "screwHoldMetal_n"}, {ScrewHoldPlastic_n, "screwHoldPlastic_n"},
    {ScrewHoldWood_n, "screwHoldWood_n"}, {OverNoise_db, "overNoise_db"}, {Screw_m, "screw_m"},
    {PilotPlastic_ratio, "pilotPlastic_ratio"}, {PilotWood_ratio, "pilotWood_ratio"}, {MachineScrew_m, "machineScrew_m"}, {Rivet_m, "rivet_m"}, {ScrewBite_m, "screwBite_m"}, {ClipsEarly_db, "clipsEarly_db"},
    {MismatchNote_db, "mismatchNote_db"}, {MismatchCare_db, "mismatchCare_db"}, {UndoHole_min, "undoHole_min"},
    {UndoScrews_min, "undoScrews_min"}, {UndoRing_min, "undoRing_min"}, {UndoPlug_min, "undoPlug_min"},
    {UndoLead_min, "undoLead_min"}, {RankDepth_points, "rankDepth_points"}, {RankFront_points, "rankFront_points"},
    {RankHole_points, "rankHole_points"}, {RankScrews_points, "rankScrews_points"},
    {RankLoad_points, "rankLoad_points"}, {RankLevel_points, "rankLevel_points"},
    {RankBands_points, "rankBands_points"}, {RankHeat_points, "rankHeat_points"},
    {RankTravel_points, "rankTravel_points"}, {RankCost_points, "rankCost_points"},
    {RankWeight_points, "rankWeight_points"}, {RankUnknown_ratio, "rankUnknown_ratio"},
    {RankSpacer_ratio, "rankSpacer_ratio"}, {RankSpacer_m, "rankSpacer_m"}, {RankMinimum_ratio, "rankMinimum_ratio"},
    {RankRing_ratio, "rankRing_ratio"}, {RankQuieter_db, "rankQuieter_db"}, {RankBandFree_db, "rankBandFree_db"},
    {RankBand_db, "rankBand_db"}, {RankHeatFree_ratio, "rankHeatFree_ratio"}, {RankTravel_ratio, "rankTravel_ratio"},
    {StepPowerDown_min, "stepPowerDown_min"}, {StepSupply_min, "stepSupply_min"},
    {StepTrim_min, "stepTrim_min"}, {Panel_min, "panel_min"}, {Fastener_min, "fastener_min"}, {CutHole_min, "cutHole_min"}, {ScrewHole_min, "screwHole_min"}, {MakeSpacer_min, "makeSpacer_min"}, {FitSpacer_min, "fitSpacer_min"}, {Splice_min, "splice_min"}, {CleanSkin_min, "cleanSkin_min"}, {LineSkin_min, "lineSkin_min"},
    {InspectSkin_min, "inspectSkin_min"}, {AdhesiveSet_min, "adhesiveSet_min"}, {FunctionTest_min, "functionTest_min"}, {StepSwap_min, "stepSwap_min"},
    {OhmmeterReading_min, "ohmmeterReading_min"}, {VoltmeterReading_min, "voltmeterReading_min"},
    {RulerReading_min, "rulerReading_min"}, {SheetReading_min, "sheetReading_min"},
    {MicrophoneReading_min, "microphoneReading_min"}, {SweepReading_min, "sweepReading_min"},
    {WorthReading_ratio, "worthReading_ratio"}, {FarReading_ratio, "farReading_ratio"},
    {StepWiring_min, "stepWiring_min"}, {StepTest_min, "stepTest_min"}, {BodySkin_m2, "bodySkin_m2"}, {SmallSkin_m2, "smallSkin_m2"}, {SteelSkin_m, "steelSkin_m"},
    {PlasticSkin_m, "plasticSkin_m"}, {UsualCover_ratio, "usualCover_ratio"}, {MatSheet_m2, "matSheet_m2"}, {MatOffcut_ratio, "matOffcut_ratio"},
    {SpareClips_count, "spareClips_count"},
    {CableTies_count, "cableTies_count"})
#undef CORE_ENUM_NAMES

std::string textOf(const Pin& pin)
{
    return textOf(pin.device) + "." + pin.terminal;
}

std::string textOf(const Port& port)
{
    return textOf(port.device) + "." + port.element;
}

std::string textOf(const Subject& subject)
{
    struct Spell {
        std::string operator()(std::monostate) const { return {}; }
        std::string operator()(const Inside& inside) const { return textOf(inside.part) + "." + inside.element; }
        std::string operator()(const Port& port) const { return textOf(port); }
        std::string operator()(const RunId& run) const { return textOf(run.channel) + ">" + textOf(run.coil); }
        std::string operator()(PlaceId id) const { return textOf(id); }
        std::string operator()(PartId id) const { return textOf(id); }
        std::string operator()(DeviceId id) const { return textOf(id); }
        std::string operator()(WireId id) const { return textOf(id); }
        std::string operator()(ListenerId id) const { return textOf(id); }
    };
    return std::visit(Spell{}, subject);
}

std::string textOf(const Address& address)
{
    return textOf(address.of) + ":" + std::string(row(address.what).key);
}

std::optional<Pin> pinFromText(std::string_view text)
{
    return deviceAndName<Pin>(text);
}

std::optional<Port> portFromText(std::string_view text)
{
    return deviceAndName<Port>(text);
}

std::optional<Subject> subjectFromText(std::string_view text)
{
    if (text.empty()) return Subject{};
    if (const size_t arrow = text.find('>'); arrow != std::string_view::npos) {
        const auto channel = portFromText(text.substr(0, arrow));
        const auto coil = portFromText(text.substr(arrow + 1));
        if (!channel || !coil) return std::nullopt;
        return Subject{RunId{*channel, *coil}};
    }
    if (const auto port = portFromText(text)) return Subject{*port};
    if (const auto inside = insideFromText(text)) return Subject{*inside};
    for (const auto& tryId : {subjectIfId<PartId>, subjectIfId<PlaceId>, subjectIfId<DeviceId>, subjectIfId<WireId>,
                              subjectIfId<ListenerId>})
        if (const auto subject = tryId(text)) return subject;
    return std::nullopt;
}

std::optional<Address> addressFromText(std::string_view text)
{
    const size_t colon = text.rfind(':');
    if (colon == std::string_view::npos) return std::nullopt;
    const auto subject = subjectFromText(text.substr(0, colon));
    const auto quantity = quantityFromKey(text.substr(colon + 1));
    if (!subject || !quantity) return std::nullopt;
    return Address{*subject, *quantity};
}

}  // namespace core
