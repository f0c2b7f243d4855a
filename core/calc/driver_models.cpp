#include <cmath>

#include "core/base/grid.h"
#include "core/base/threshold.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/fitout/complete.h"
#include "core/physics/air.h"
#include "core/physics/driver_box.h"
#include "core/physics/driver_set.h"
#include "core/physics/level.h"
#include "core/physics/radiation.h"
#include "core/physics/thermal.h"

namespace core {
namespace {

void setImpedance(CalcResults& results, const Eigen::ArrayXcd& z, bool list)
{
    results.set("impedance_ohm", z, list)
        .set("magnitude_ohm", z.abs().eval(), list)
        .set("phase_deg", phases_deg(z), list);
}

Outcome<CalcResults> impedanceModel(const CalcArguments& in)
{
    const auto loss = coilLoss(in);
    if (!loss) return tl::unexpected(loss.error());
    const DriverParameters driver = electricalDriver(in);
    const MotionalElements m = motionalElements(driver);
    CalcResults results;
    setImpedance(results, impedance_ohm(driver, in.numbers("frequency_hz"), loss->value), in.isList("frequency_hz"));
    results.set("res_ohm", m.res_ohm)
        .set("cmes_f", m.cmes_f)
        .set("lces_h", m.lces_h)
        .set("maxImpedance_ohm", driver.re_ohm + m.res_ohm);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> boxedModel(const CalcArguments& in)
{
    const auto loss = coilLoss(in);
    if (!loss) return tl::unexpected(loss.error());
    DriverParameters driver = electricalDriver(in);
    driver.vas_m3 = in.number("vas_m3");
    Box box{.volume_m3 = in.number("box_m3"), .tuning_hz = in.maybe("tuning_hz"), .leakQ = in.maybe("leakQ")};
    if (box.tuning_hz) box.portQ = in.maybe("portQ");
    const BoxElements elements = boxElements(driver, box);
    CalcResults results;
    setImpedance(results, boxedImpedance_ohm(driver, box, in.numbers("frequency_hz"), loss->value),
                 in.isList("frequency_hz"));
    results.set("spring_h", elements.spring_h).set("leak_ohm", elements.leak_ohm);
    if (box.tuning_hz) results.set("port_f", elements.port_f);
    if (elements.portLoss_ohm > 0.0) results.set("portLoss_ohm", elements.portLoss_ohm);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> completionModel(const CalcArguments& in)
{
    KnownDriver known;
    for (const auto& [into, name] : {std::pair{&known.fs_hz, "fs_hz"},
                                     {&known.re_ohm, "re_ohm"},
                                     {&known.sd_m2, "sd_m2"},
                                     {&known.qms, "qms"},
                                     {&known.qes, "qes"},
                                     {&known.qts, "qts"},
                                     {&known.maxImpedance_ohm, "maxImpedance_ohm"},
                                     {&known.vas_m3, "vas_m3"},
                                     {&known.cms_m_n, "cms_m_n"},
                                     {&known.mms_kg, "mms_kg"},
                                     {&known.bl_tm, "bl_tm"},
                                     {&known.sensitivity_db, "sensitivity_db"},
                                     {&known.le_h, "le_h"}})
        *into = in.maybe(name);
    const auto completed = completeDriver(known);
    if (!completed) return tl::unexpected(completed.error());
    const CompletedDriver& c = completed->value;
    return Answer<CalcResults>{CalcResults()
                                   .set("qms", c.parameters.qms)
                                   .set("qes", c.parameters.qes)
                                   .set("qts", c.qts)
                                   .set("vas_m3", c.parameters.vas_m3)
                                   .set("mms_kg", c.mechanics.mms_kg)
                                   .set("cms_m_n", c.mechanics.cms_m_n)
                                   .set("rms_kg_s", c.mechanics.rms_kg_s)
                                   .set("bl_tm", c.mechanics.bl_tm)
                                   .set("sensitivity_db", c.sensitivity_db),
                               completed->warnings};
}

Outcome<CalcResults> sensitivityModel(const CalcArguments& in)
{
    const DriverParameters driver{.re_ohm = in.number("re_ohm"),
                                  .fs_hz = in.number("fs_hz"),
                                  .qes = in.number("qes"),
                                  .vas_m3 = in.number("vas_m3")};
    const double efficiency = referenceEfficiency(driver);
    const double oneWatt = oneWattLevel_db(efficiency);
    const double atTest = atTestVoltage_db(oneWatt, driver.re_ohm);
    return Answer<CalcResults>{
        CalcResults()
            .set("efficiency", efficiency)
            .set("oneWattInRe_db", oneWatt)
            .set("atTestVoltage_db", atTest)
            .set("oneWattInNominal_db", atTest - atTestVoltage_db(0.0, in.number("nominal_ohm"))),
        {}};
}

Outcome<CalcResults> areaModel(const CalcArguments& in)
{
    if (in.has("effective_m") == in.has("frame_m"))
        return refuse(in.has("frame_m") ? ErrorCode::Inconsistent : ErrorCode::Underdetermined, "effective_m",
                      in.numberOr("effective_m", 0.0), "either effective_m or frame_m to be given");
    const Practice& practice = in.practice();
    double first = in.numberOr("effective_m", 0.0), second = first;
    Answer<CalcResults> answer;
    if (in.has("frame_m")) {
        const double share =
            practice[in.has("otherFrame_m") ? PracticeKey::OvalWorking_ratio : PracticeKey::FrameWorking_ratio];
        first = share * in.number("frame_m");
        second = share * in.numberOr("otherFrame_m", in.number("frame_m"));
        answer.warnings.emplace_back(WarningKind::ClassGuess);
    } else if (in.has("otherFrame_m")) {
        return refuse(ErrorCode::Inconsistent, "otherFrame_m", in.number("otherFrame_m"), "together with frame_m");
    }
    answer.value.set("sd_m2", effectiveArea_m2(first, second));
    return answer;
}

Outcome<CalcResults> excursionModel(const CalcArguments& in)
{
    const DriverParameters driver = driverOf(in);
    const Eigen::ArrayXd frequency_hz = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    const double voltage_v = in.number("voltage_v"), distance_m = in.number("distance_m");
    const PistonMotion motion = pistonMotion(driver, frequency_hz, in.number("source_ohm"));
    const Eigen::ArrayXd excursion_m = voltage_v * motion.excursion_m_v;
    const auto level = [&](const Eigen::ArrayXd& x) {
        Eigen::ArrayXd result(x.size());
        for (Eigen::Index i = 0; i < x.size(); ++i)
            result(i) =
                decibels(pistonPressure_pa(frequency_hz(i), driver.sd_m2, x(i)) / distance_m / kReferencePressure_pa);
        return result;
    };
    CalcResults results;
    results.set("excursion_m", excursion_m, list)
        .set("level_db", level(excursion_m), list)
        .set("phase_deg", phases_deg(pressureOfFlow_pa(frequency_hz, motion.flow_m3_s_v)), list)
        .set("fullSpace_db", (level(excursion_m) - kHalfSpaceGain_db).eval(), list);
    if (const auto xmax = in.maybe("xmax_m"))
        results.set("limitLevel_db", level(Eigen::ArrayXd::Constant(frequency_hz.size(), *xmax)), list)
            .set("limitVoltage_v", (voltage_v * *xmax / excursion_m).eval(), list);
    return Answer<CalcResults>{std::move(results), nearness(distance_m)};
}

Outcome<CalcResults> displacementModel(const CalcArguments& in)
{
    const double pressure = pistonPressure_pa(in.number("frequency_hz"), in.number("sd_m2"), in.number("xmax_m"));
    const double level = decibels(pressure / in.number("distance_m") / kReferencePressure_pa);
    return Answer<CalcResults>{CalcResults().set("level_db", level).set("fullSpace_db", level - kHalfSpaceGain_db),
                               nearness(in.number("distance_m"))};
}

VoiceCoilHeat coilHeat(const CalcArguments& in)
{
    return {in.number("re_ohm"), in.number("thermal_k_w"), in.number("ambient_degc"),
            in.text("wire") == "aluminium" ? kAluminiumCoefficient_per_k : kCopperCoefficient_per_k};
}

Outcome<CalcResults> compressionModel(const CalcArguments& in)
{
    const HotCoil hot = hotCoil(coilHeat(in), in.number("voltage_v"));
    const double coil_degc = in.number("ambient_degc") + hot.rise_k;
    Answer<CalcResults> answer{CalcResults()
                                   .set("resistance_ratio", hot.resistance_ratio)
                                   .set("rise_k", hot.rise_k)
                                   .set("coil_degc", coil_degc)
                                   .set("loss_db", hot.loss_db),
                               {}};
    if (over(coil_degc, in.number("limit_degc"))) answer.warnings.emplace_back(WarningKind::CoilTooHot);
    return answer;
}

Outcome<CalcResults> thermalLimitModel(const CalcArguments& in)
{
    const double limit = in.number("limit_degc"), ambient = in.number("ambient_degc");
    if (limit <= ambient) return refuse(ErrorCode::OutOfDomain, "limit_degc", limit, "above ambient_degc");
    const ThermalLimit found = thermalLimit(coilHeat(in), limit);
    const double square = found.voltage_v * found.voltage_v;
    return Answer<CalcResults>{CalcResults()
                                   .set("heat_w", found.heat_w)
                                   .set("limitVoltage_v", found.voltage_v)
                                   .set("inRe_w", square / in.number("re_ohm"))
                                   .set("sheetPower_w", square / in.number("nominal_ohm")),
                               {}};
}

Outcome<CalcResults> classModel(const CalcArguments& in)
{
    const Practice& practice = in.practice();
    const auto found = practice.classes.find(in.text("class"));
    if (found == practice.classes.end()) {
        std::string names;
        for (const auto& [name, row] : practice.classes) names += (names.empty() ? "" : ", ") + name;
        return refuse(ErrorCode::UnknownName, "class", 0.0, "one of " + names);
    }
    // The filling rule of a plan, with nothing stated but the nominal impedance.
    Part part{.driverClass = found->first};
    part.inside["1"] = {ElementKind::Coil, "1+", "1-", {}};
    const double nominal = in.number("nominal_ohm");
    part.inside["1"].figures[Quantity::Nominal_ohm] = Known{nominal};
    const Figures filled = complete(part, "1", practice);
    const DriverParameters driver = driverParameters(filled, part, "1", practice);
    const double quality = practice[PracticeKey::ClassFsSpread_ratio],
                 volume = practice[PracticeKey::ClassVasSpread_ratio];
    const double travel = practice[PracticeKey::ClassXmaxSpread_ratio];
    return Answer<CalcResults>{CalcResults()
                                   .set("fs_hz", driver.fs_hz)
                                   .set("re_ohm", driver.re_ohm)
                                   .set("qms", driver.qms)
                                   .set("qes", driver.qes)
                                   .set("vas_m3", driver.vas_m3)
                                   .set("sd_m2", driver.sd_m2)
                                   .set("xmax_m", driver.xmax_m)
                                   .set("le_h", driver.le_h)
                                   .set("power_w", driver.power_w)
                                   .set("sensitivity_db", sensitivity_db(driver))
                                   .set("fsSpread_ratio", quality)
                                   .set("qSpread_ratio", quality)
                                   .set("vasSpread_ratio", volume)
                                   .set("leSpread_ratio", volume)
                                   .set("sdSpread_ratio", practice[PracticeKey::ClassSdSpread_ratio])
                                   .set("xmaxSpread_ratio", travel)
                                   .set("powerSpread_ratio", travel),
                               {{WarningKind::ClassGuess}}};
}

Outcome<CalcResults> addedMassModel(const CalcArguments& in)
{
    const AddedMassEffect effect = withAddedMass(in.number("fs_hz"), in.number("mms_kg"), in.number("added_kg"));
    return Answer<CalcResults>{CalcResults().set("fs_hz", effect.fs_hz).set("change_db", effect.change_db), {}};
}

}  // namespace

void addDriverModels(std::vector<CalcModel>& models)
{
    const CalcInput frequencies = positive("frequency_hz").list();
    models.push_back({"B2",
                      "boxed-impedance",
                      "a driver in its box as the load that an amplifier sees",
                      "across Res, Cmes, Lces: L = Lces Vb/Vas, R = wL/QL, C = 1/(wb^2 L)",
                      withElectricalDriver({positive("vas_m3"), positive("box_m3"),
                                            positive("tuning_hz").maybe().meaning("closed if left out"),
                                            positive("leakQ").maybe(), positive("portQ").maybe(), frequencies}),
                      {"impedance_ohm", "magnitude_ohm", "phase_deg", "spring_h", "leak_ohm", "port_f", "portLoss_ohm"},
                      boxedModel});
    models.push_back(
        {"D1",
         "driver",
         "a set of parameters completed and held against itself",
         "1/Qts = 1/Qms + 1/Qes, Cms = Vas/(rho c^2 Sd^2), Mms = 1/(ws^2 Cms), Bl = sqrt(ws Mms Re/Qes)",
         {positive("fs_hz"), positive("re_ohm"), positive("sd_m2"), positive("qms").maybe(), positive("qes").maybe(),
          positive("qts").maybe(), positive("maxImpedance_ohm").maybe(), positive("vas_m3").maybe(),
          positive("cms_m_n").maybe(), positive("mms_kg").maybe(), positive("bl_tm").maybe(),
          positive("sensitivity_db").maybe().meaning("at 2.83 V"), notNegative("le_h").maybe()},
         {"qms", "qes", "qts", "vas_m3", "mms_kg", "cms_m_n", "rms_kg_s", "bl_tm", "sensitivity_db"},
         completionModel});
    models.push_back(
        {"D2",
         "driver-impedance",
         "impedance of a driver in free air or in an infinite baffle",
         "Z = Re + jwLe [+ R2 || jwL2] + (Res || 1/(jwCmes) || jwLces)",
         withElectricalDriver({frequencies}),
         {"impedance_ohm", "magnitude_ohm", "phase_deg", "res_ohm", "cmes_f", "lces_h", "maxImpedance_ohm"},
         impedanceModel});
    models.push_back({"D3",
                      "driver-sensitivity",
                      "efficiency and sensitivity from parameters",
                      "eta0 = 4 pi^2 fs^3 Vas/(c^3 Qes), SPL = 112.160 + 10 log eta0",
                      {positive("fs_hz"), positive("re_ohm"), positive("qes"), positive("vas_m3"),
                       positive("nominal_ohm").orElse(4.0)},
                      {"efficiency", "oneWattInRe_db", "atTestVoltage_db", "oneWattInNominal_db"},
                      sensitivityModel});
    models.push_back({"D4",
                      "effective-area",
                      "radiating area from the cone's or the frame's size",
                      "Sd = pi d^2/4; frame: 0.80 of it, ovals 0.90",
                      {positive("effective_m").maybe().meaning("middle of surround to middle of surround"),
                       positive("frame_m").maybe(), positive("otherFrame_m").maybe().meaning("of an oval")},
                      {"sd_m2"},
                      areaModel});
    models.push_back({"D5",
                      "excursion",
                      "travel and level of a driver in an infinite baffle",
                      "u = Bl V/(ze (zm + Bl^2/ze)), x = sqrt2 |u|/w, p = rho w^2 Sd x/(sqrt2 2 pi r)",
                      withDriver({positive("voltage_v"), frequencies, positive("distance_m").orElse(1.0),
                                  notNegative("source_ohm").orElse(0.0), positive("xmax_m").maybe()}),
                      {"excursion_m", "level_db", "phase_deg", "fullSpace_db", "limitLevel_db", "limitVoltage_v"},
                      excursionModel});
    models.push_back(
        {"D5",
         "displacement-limit",
         "level that an area gives at a travel",
         "p = rho w^2 Sd x/(sqrt2 2 pi r)",
         {positive("frequency_hz"), positive("sd_m2"), positive("xmax_m"), positive("distance_m").orElse(1.0)},
         {"level_db", "fullSpace_db"},
         displacementModel});
    const CalcInput thermal = positive("thermal_k_w").orElse(PracticeKey::CoilThermal_k_w);
    const CalcInput wire = choice("wire", {"copper", "aluminium"});
    models.push_back(
        {"D6",
         "power-compression",
         "how hot a coil gets, and the level that costs",
         "u = (ua + sqrt(ua^2 + 4 alpha Rth V^2/Re))/2, loss = 20 log(u/ua)",
         {positive("re_ohm"), positive("voltage_v"), thermal, within("ambient_degc", -40.0, 120.0).orElse(20.0),
          within("limit_degc", -40.0, 400.0).orElse(PracticeKey::CoilLimit_degc), wire},
         {"resistance_ratio", "rise_k", "coil_degc", "loss_db"},
         compressionModel});
    models.push_back(
        {"D6",
         "thermal-limit",
         "power and voltage that a coil bears for long",
         "P = (Tmax - Tamb)/Rth, V = sqrt(u(Tmax) Re P)",
         {positive("re_ohm"), thermal, within("ambient_degc", -40.0, 120.0).orElse(PracticeKey::CoilAmbient_degc),
          within("limit_degc", -40.0, 400.0).orElse(PracticeKey::CoilLimit_degc), positive("nominal_ohm").orElse(4.0),
          wire},
         {"heat_w", "limitVoltage_v", "inRe_w", "sheetPower_w"},
         thermalLimitModel});
    models.push_back({"D8",
                      "driver-class",
                      "plausible values of a kind of driver of which nothing is known, and their spread",
                      "class table for a nominal 4 ohm coil, Re 3.3; Re and Le in proportion",
                      {textInput("class"), positive("nominal_ohm").orElse(4.0)},
                      {"fs_hz", "re_ohm", "qms", "qes", "vas_m3", "sd_m2", "xmax_m", "le_h", "power_w",
                       "sensitivity_db", "fsSpread_ratio", "qSpread_ratio", "vasSpread_ratio", "leSpread_ratio",
                       "sdSpread_ratio", "xmaxSpread_ratio", "powerSpread_ratio"},
                      classModel});
    models.push_back({"D8",
                      "added-mass-effect",
                      "what mass stuck to a cone does",
                      "fs' = fs sqrt(Mms/(Mms + dm)), 20 log(Mms/(Mms + dm))",
                      {positive("fs_hz"), positive("mms_kg"), notNegative("added_kg")},
                      {"fs_hz", "change_db"},
                      addedMassModel});
}

}  // namespace core
