#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/threshold.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/ampacity.h"
#include "core/physics/efficiency.h"
#include "core/physics/fuse.h"
#include "core/physics/level.h"
#include "core/physics/speaker_cable.h"
#include "core/physics/wire.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

// Inputs that say which conductor it is.
std::vector<CalcInput> conductorInputs(std::vector<CalcInput> more)
{
    std::vector<CalcInput> inputs{
        within("gauge_awg", kLeastGauge_awg, kGreatestGauge_awg).maybe().meaning("0 is 1/0, -3 is 4/0"),
        positive("area_m2").maybe().meaning("instead of a gauge; stranded cable by its stated cross-section"),
        choice("material", {"copper", "clad10", "clad15"})};
    inputs.insert(inputs.end(), more.begin(), more.end());
    return inputs;
}

Outcome<double> areaOf(const CalcArguments& in)
{
    if (in.has("gauge_awg") && in.has("area_m2"))
        return refuse(ErrorCode::Inconsistent, "area_m2", in.number("area_m2"), "either gauge_awg or area_m2");
    if (in.has("gauge_awg")) return Answer<double>{awgArea_m2(in.number("gauge_awg")), {}};
    if (in.has("area_m2")) return Answer<double>{in.number("area_m2"), {}};
    return refuse(ErrorCode::Underdetermined, "gauge_awg", 0.0, "gauge_awg or area_m2 to be given");
}

Conductor conductorOf(const CalcArguments& in, double area_m2, double temperature_degc)
{
    Conductor conductor{.length_m = 1.0, .area_m2 = area_m2, .temperature_degc = temperature_degc};
    const std::string& material = in.text("material");
    if (material != "copper") {
        conductor.cladding =
            in.practice()[material == "clad10" ? PracticeKey::CladWire10_ratio : PracticeKey::CladWire15_ratio];
        conductor.coefficient_per_k = in.practice()[PracticeKey::CladCoefficient_per_k];
    }
    return conductor;
}

// Ohm for each metre of one conductor, strands and temperature counted.
double ohmPerMetre(const CalcArguments& in, double area_m2)
{
    Conductor conductor = conductorOf(in, area_m2, in.number("temperature_degc"));
    conductor.lay = in.number("lay_ratio");
    return conductorResistance_ohm(conductor);
}

const std::vector<CalcInput>& warmth()
{
    static const std::vector<CalcInput> kInputs{
        within("temperature_degc", -40.0, 120.0).orElse(20.0),
        within("lay_ratio", 0.0, 0.1).orElse(PracticeKey::WireResistivityLay_ratio)};
    return kInputs;
}

Outcome<CalcResults> conductorModel(const CalcArguments& in)
{
    const auto area = areaOf(in);
    if (!area) return tl::unexpected(area.error());
    const double each = ohmPerMetre(in, area->value);
    return Answer<CalcResults>{CalcResults()
                                   .set("area_m2", area->value)
                                   .set("diameter_m", std::sqrt(4.0 * area->value / std::numbers::pi))
                                   .set("perMetre_ohm_m", each)
                                   .set("wires", std::string("oneWire"))
                                   .set("resistance_ohm", each * in.number("length_m")),
                               {}};
}

Outcome<CalcResults> dropModel(const CalcArguments& in)
{
    const auto area = areaOf(in);
    if (!area) return tl::unexpected(area.error());
    const double feed_ohm = ohmPerMetre(in, area->value) * in.number("length_m");
    const double return_ohm = in.text("return") == "chassis" ? in.number("chassis_ohm") : feed_ohm;
    const double resistance_ohm = feed_ohm + return_ohm + in.number("contacts_ohm");
    const double current_a = in.number("current_a"), supply_v = in.number("supply_v");
    const double drop_v = current_a * resistance_ohm;
    if (drop_v >= supply_v) return refuse(ErrorCode::Inconsistent, "current_a", current_a, "a drop below the supply");
    const double care_v = in.practice()[PracticeKey::DropCare_ratio] * supply_v;
    const double stop_v = in.practice()[PracticeKey::DropStop_ratio] * supply_v;
    const bool tooLow = in.has("least_v") && under(supply_v - drop_v, in.number("least_v"));
    const bool stop = over(drop_v, stop_v) || tooLow;
    return Answer<CalcResults>{CalcResults()
                                   .set("drop_v", drop_v)
                                   .set("drop_ratio", drop_v / supply_v)
                                   .set("wires", in.text("return"))
                                   .set("resistance_ohm", resistance_ohm)
                                   .set("lost_w", drop_v * current_a)
                                   .set("atLoad_v", supply_v - drop_v)
                                   .set("careOver_v", care_v)
                                   .set("stopOver_v", stop_v)
                                   .set("verdict", verdictText(stop, over(drop_v, care_v))),
                               {}};
}

double bundleShare(double conductors, const Practice& practice)
{
    if (conductors < 3.0) return 1.0;
    if (conductors < 4.0) return practice[PracticeKey::BundleOfThree_ratio];
    if (conductors < 7.0) return practice[PracticeKey::BundleOfSix_ratio];
    return practice[conductors < 25.0 ? PracticeKey::BundleOfMany_ratio : PracticeKey::BundleOfMost_ratio];
}

Outcome<CalcResults> ampacityModel(const CalcArguments& in)
{
    const auto area = areaOf(in);
    if (!area) return tl::unexpected(area.error());
    const Practice& practice = in.practice();
    ConductorSetting setting{.area_m2 = area->value};
    setting.insulation_degc = in.number("insulation_degc");
    // A stated ambient is what it says, wherever the cable lies.
    constexpr double kUsualAmbient_degc = 30.0;
    const double unstated_degc = in.isSet("engineSpace") ? practice[PracticeKey::EngineSpace_degc] : kUsualAmbient_degc;
    setting.ambient_degc = in.numberOr("ambient_degc", unstated_degc);
    setting.bundle = bundleShare(in.number("conductors"), practice);
    setting.outsideDiameter_m = in.maybe("outsideDiameter_m");
    const Conductor hot = conductorOf(in, area->value, setting.insulation_degc);
    setting.cladding = hot.cladding;
    setting.resistance_ohm_m = conductorResistance_ohm(hot);
    const auto ampacity = ampacity_a(setting, ampacityTable(practice),
                                     {practice[PracticeKey::StillAir_w_m2k], practice[PracticeKey::LargeWire_ratio]});
    if (!ampacity) return tl::unexpected(ampacity.error());
    return Answer<CalcResults>{CalcResults().set("ampacity_a", ampacity->value), ampacity->warnings};
}

Outcome<CalcResults> heatBalanceModel(const CalcArguments& in)
{
    const auto area = areaOf(in);
    if (!area) return tl::unexpected(area.error());
    const double insulation = in.number("insulation_degc"), ambient = in.number("ambient_degc");
    if (insulation <= ambient)
        return refuse(ErrorCode::OutOfDomain, "insulation_degc", insulation, "above the ambient");
    const double each = conductorResistance_ohm(conductorOf(in, area->value, insulation));
    return Answer<CalcResults>{
        CalcResults().set("ampacity_a", heatBalanceCurrent_a({in.number("outsideDiameter_m"), insulation - ambient,
                                                              each, in.practice()[PracticeKey::StillAir_w_m2k]})),
        {}};
}

struct FuseKind {
    const char* name;
    PracticeList list;
};
constexpr FuseKind kFuseKinds[] = {{"blade", PracticeList::FuseBlade_a},
                                   {"largeBlade", PracticeList::FuseLargeBlade_a},
                                   {"boltM5", PracticeList::FuseBoltM5_a},
                                   {"boltM8", PracticeList::FuseBoltM8_a},
                                   {"anl", PracticeList::FuseAnl_a}};

PracticeList fuseList(const std::string& kind)
{
    return std::find_if(std::begin(kFuseKinds), std::end(kFuseKinds),
                        [&](const FuseKind& one) { return kind == one.name; })
        ->list;
}

std::vector<std::string> fuseKindNames()
{
    std::vector<std::string> names;
    for (const FuseKind& kind : kFuseKinds) names.emplace_back(kind.name);
    return names;
}

// Every kind of fuse that answers a task, with its value: "anl 80 A".
std::vector<std::string> otherFuses(const FuseTask& task, const Practice& practice)
{
    std::vector<std::string> fuses;
    for (const FuseKind& kind : kFuseKinds)
        if (const auto fuse = fuse_a(task, practice[kind.list]))
            fuses.push_back(fmt::format("{} {:g} A", kind.name, fuse->value));
    return fuses;
}

Outcome<CalcResults> fuseModel(const CalcArguments& in)
{
    if (in.has("load_a") == in.has("onBoard_a"))
        return refuse(in.has("load_a") ? ErrorCode::Inconsistent : ErrorCode::Underdetermined, "load_a",
                      in.numberOr("load_a", 0.0), "either load_a or onBoard_a to be given");
    const bool known = in.has("onBoard_a");
    FuseTask task{.load_a = known ? in.numbers("onBoard_a").sum() : in.number("load_a"),
                  .factor = known ? 1.0 : in.number("factor_ratio"),
                  .ampacity_a = in.number("ampacity_a")};
    auto fuse = fuse_a(task, in.practice()[fuseList(in.text("kind"))]);
    if (!fuse) {
        ModelError error = fuse.error();
        if (error.code == ErrorCode::CableTooSmall) {
            // Name the smallest cable of the table that would do.
            FuseTask free = task;
            free.ampacity_a = std::numeric_limits<double>::infinity();
            const double needed_a = fuse_a(free, in.practice()[fuseList(in.text("kind"))])->value;
            for (const AmpacityRow& row : ampacityTable(in.practice())) {
                if (under(row.current_a, needed_a)) continue;
                error.allowed += fmt::format(", such as AWG {:g} ({:g} A)", row.gauge_awg, row.current_a);
                break;
            }
        } else if (const auto others = otherFuses(task, in.practice()); !others.empty()) {
            error.allowed += fmt::format("; there is {}", fmt::join(others, ", "));
        }
        return tl::unexpected(error);
    }
    return Answer<CalcResults>{CalcResults()
                                   .set("fuse_a", fuse->value)
                                   .set("kinds", otherFuses(task, in.practice()))
                                   .set("needed_a", task.factor * task.load_a)
                                   .set("factor_ratio", task.factor),
                               {}};
}

Outcome<CalcResults> alternatorModel(const CalcArguments& in)
{
    const double headroom_a =
        in.number("rated_a") * in.number("idle_ratio") - in.number("vehicle_a") - in.number("audio_a");
    Answer<CalcResults> answer;
    answer.value.set("headroom_a", headroom_a);
    if (headroom_a < 0.0 && in.has("battery_ah"))
        answer.value.set("time_s", 3600.0 * in.number("battery_ah") * in.number("usable_ratio") / -headroom_a);
    return answer;
}

Outcome<CalcResults> speakerCableModel(const CalcArguments& in)
{
    const auto area = areaOf(in);
    if (!area) return tl::unexpected(area.error());
    const std::complex<double> load = in.complexNumber("load_ohm");
    SpeakerCable cable{2.0 * in.number("length_m") * ohmPerMetre(in, area->value), in.number("output_ohm"),
                       in.numberOr("nominal_ohm", std::abs(load))};
    const auto effect = cableEffect(cable, load);
    if (!effect) return tl::unexpected(effect.error());
    Answer<CalcResults> answer{CalcResults()
                                   .set("wires", std::string("twoWire"))
                                   .set("wire_ohm", cable.wire_ohm)
                                   .set("change_db", effect->value.change_db)
                                   .set("wireShare", effect->value.wireShare),
                               effect->warnings};
    if (effect->value.dampingFactor > 0.0) answer.value.set("dampingFactor", effect->value.dampingFactor);
    if (in.has("qes") && in.has("re_ohm"))
        answer.value.set("qesWithCable",
                         qesBehind(cable.wire_ohm + cable.output_ohm, in.number("re_ohm"), in.number("qes")));
    return answer;
}

Outcome<CalcResults> lineLevelModel(const CalcArguments& in)
{
    const double in_v = std::sqrt(in.number("power_w") * in.number("load_ohm"));
    Answer<CalcResults> answer;
    answer.value.set("in_v", in_v).set("out_v", in_v / in.number("ratio"));
    const auto check = [&](const char* limit, double voltage_v, WarningKind warning, const char* excess) {
        if (!in.has(limit) || !over(voltage_v, in.number(limit))) return;
        answer.warnings.emplace_back(warning);
        answer.value.set(excess, decibels(voltage_v / in.number(limit)));
    };
    check("inputLimit_v", in_v, WarningKind::InputOverload, "inputExcess_db");
    check("nextLimit_v", in_v / in.number("ratio"), WarningKind::NextInputOverload, "nextExcess_db");
    return answer;
}

}  // namespace

void addSupplyModels(std::vector<CalcModel>& models)
{
    const std::vector<CalcInput> warm = warmth();
    const CalcInput& temperature = warm[0];
    const CalcInput& lay = warm[1];
    models.push_back({"A10",
                      "conductor",
                      "size and resistance of a conductor",
                      "d = 0.127 mm 92^((36 - n)/39), R' = rho(T) kc (1 + lay)/A",
                      conductorInputs({temperature, lay, notNegative("length_m").orElse(1.0)}),
                      {"area_m2", "diameter_m", "perMetre_ohm_m", "wires", "resistance_ohm"},
                      conductorModel});
    models.push_back(
        {"A11",
         "voltage-drop",
         "volts lost in a supply cable",
         "dV = I (R' L + R_return + R_contacts)",
         conductorInputs({notNegative("current_a"), notNegative("length_m").meaning("one way"),
                          choice("return", {"twoWire", "chassis"}),
                          notNegative("chassis_ohm").orElse(PracticeKey::ChassisReturn_ohm),
                          notNegative("contacts_ohm").orElse(0.0), positive("supply_v").orElse(kRunning_v),
                          positive("least_v").maybe().meaning("least voltage of the device"),
                          within("temperature_degc", -40.0, 120.0).orElse(PracticeKey::FeedTemperature_degc), lay}),
         {"drop_v", "drop_ratio", "wires", "resistance_ohm", "lost_w", "atLoad_v", "careOver_v", "stopOver_v",
          "verdict"},
         dropModel});
    models.push_back(
        {"A12",
         "ampacity",
         "safe continuous current of a conductor",
         "I = I_table sqrt((Tins - Tamb)/75), between sizes by ln A and ln I",
         conductorInputs({within("insulation_degc", -40.0, 250.0).orElse(PracticeKey::UnknownInsulation_degc),
                          within("ambient_degc", -40.0, 120.0).maybe().meaning("30 where it is not stated"),
                          flag("engineSpace").meaning("stands for an ambient that is not stated"),
                          within("conductors", 1.0, 1000.0).counted().orElse(1.0).meaning("lying together"),
                          positive("outsideDiameter_m").maybe().meaning("for sizes outside the table")}),
         {"ampacity_a"},
         ampacityModel});
    models.push_back({"A12",
                      "ampacity-heat-balance",
                      "current of one conductor in still air, where the table ends",
                      "I = sqrt(h pi D (Tins - Tamb)/R'(Tins))",
                      conductorInputs({positive("outsideDiameter_m"), within("insulation_degc", -40.0, 250.0),
                                       within("ambient_degc", -40.0, 120.0)}),
                      {"ampacity_a"},
                      heatBalanceModel});
    models.push_back(
        {"A13",
         "fuse",
         "fuse that carries the load and protects the cable",
         "k I_load <= I_fuse <= ampacity",
         {notNegative("load_a").maybe(), positive("onBoard_a").list().maybe().meaning("fuses of the devices"),
          positive("ampacity_a"), choice("kind", fuseKindNames()),
          within("factor_ratio", 1.0, 3.0).orElse(PracticeKey::FuseFactor_ratio)},
         {"fuse_a", "kinds", "needed_a", "factor_ratio"},
         fuseModel});
    models.push_back({"A14",
                      "alternator-headroom",
                      "what the charging system has left at idle, and how long a battery lasts",
                      "I = I_rated x idle - I_vehicle - I_audio, t = Ah u/|I|",
                      {notNegative("rated_a").meaning("0: engine off"),
                       within("idle_ratio", 0.0, 1.0).orElse(PracticeKey::AlternatorIdle_ratio),
                       notNegative("vehicle_a"), notNegative("audio_a"), positive("battery_ah").maybe(),
                       within("usable_ratio", 0.0, 1.0).orElse(PracticeKey::BatteryShare_ratio)},
                      {"headroom_a", "time_s"},
                      alternatorModel});
    models.push_back({"A15",
                      "speaker-cable",
                      "loss and damping with a speaker cable",
                      "Rw = 2 L R', 20 log|Z/(Z + Rw + Rout)|, DF = Zn/(Rw + Rout)",
                      conductorInputs({notNegative("length_m").meaning("one way"), impedance("load_ohm"),
                                       positive("nominal_ohm").maybe(),
                                       notNegative("output_ohm").orElse(PracticeKey::OutputResistance_ohm),
                                       positive("qes").maybe(), positive("re_ohm").maybe(), temperature, lay}),
                      {"wires", "wire_ohm", "change_db", "wireShare", "dampingFactor", "qesWithCable"},
                      speakerCableModel});
    models.push_back({"A16",
                      "line-level",
                      "a speaker output brought down to line level",
                      "Vin = sqrt(P R), Vout = Vin/ratio",
                      {positive("power_w"), positive("load_ohm"), positive("ratio"), positive("inputLimit_v").maybe(),
                       positive("nextLimit_v").maybe()},
                      {"in_v", "out_v", "inputExcess_db", "nextExcess_db"},
                      lineLevelModel});
    models.push_back({"A16",
                      "channel-sum",
                      "rise of level when channels are summed",
                      "alike 20 log n, unlike 10 log n",
                      {choice("content", {"alike", "unlike"}), within("channels", 1.0, 64.0).counted().orElse(2.0)},
                      {"rise_db"},
                      [](const CalcArguments& in) -> Outcome<CalcResults> {
                          const double n = in.number("channels");
                          const double rise = in.text("content") == "alike" ? decibels(n) : powerDecibels(n);
                          return Answer<CalcResults>{CalcResults().set("rise_db", rise), {}};
                      }});
}

}  // namespace core
