#include <cmath>
#include <numbers>

#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/air.h"
#include "core/physics/closed_box.h"
#include "core/physics/driver_group.h"
#include "core/physics/filter.h"
#include "core/physics/level.h"
#include "core/physics/port.h"
#include "core/physics/radiation.h"
#include "core/physics/travel_limit.h"
#include "core/physics/vented_alignment.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

Outcome<CalcResults> closedModel(const CalcArguments& in)
{
    const double fs = in.number("fs_hz"), vas = in.number("vas_m3"), volume = in.number("box_m3");
    if (in.has("boxQ") && !in.has("qes"))
        return refuse(ErrorCode::Underdetermined, "qes", 0.0, "qes together with boxQ");
    if (in.has("boxQ") && in.has("qts"))
        return refuse(ErrorCode::Inconsistent, "qts", in.number("qts"),
                      "without boxQ, which gives Qtc together with qes");
    if (!in.has("boxQ") && !in.has("qts")) return refuse(ErrorCode::Underdetermined, "qts", 0.0, "qts");
    const auto qes = in.maybe("qes");
    if (qes && in.has("qts") && in.number("qts") >= *qes)
        return refuse(ErrorCode::Inconsistent, "qts", in.number("qts"), "below qes");
    const ClosedBox box = in.has("boxQ") ? lossyClosedBox(fs, in.number("qes"), vas, volume, in.number("boxQ"))
                                         : closedBox(fs, in.number("qts"), vas, volume);
    CalcResults results;
    results.set("totalQ", box.totalQ).set("resonance_hz", box.resonance_hz).set("halfPower_hz", halfPower_hz(box));
    const double stiffer = box.resonance_hz / fs;  // sqrt(1 + alpha)
    if (qes) {
        const double qmc = in.has("boxQ") ? in.number("boxQ") : stiffer / (1.0 / in.number("qts") - 1.0 / *qes);
        results.set("qec", *qes * stiffer).set("qmc", qmc);
    }
    if (const auto peak = peakOf(box)) results.set("peak_db", peak->height_db).set("peakAt_hz", peak->at_hz);
    if (in.has("frequency_hz"))
        setResponse(results, closedBoxResponse(box, in.numbers("frequency_hz")), in.isList("frequency_hz"));
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> closedVolumeModel(const CalcArguments& in)
{
    const auto volume = closedBoxVolume_m3(in.number("vas_m3"), in.number("qts"), in.number("targetQ"));
    if (!volume) return tl::unexpected(volume.error());
    return Answer<CalcResults>{CalcResults().set("box_m3", volume->value), {}};
}

// Driver, source and box at one voltage.
Outcome<CalcResults> motionModel(const CalcArguments& in)
{
    const DriverParameters driver = driverOf(in);
    const auto box = boxOf(in);
    const Eigen::ArrayXd f = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    const double voltage = in.number("voltage_v"), source = in.number("source_ohm");
    const auto loss = coilLoss(in);
    if (!loss) return tl::unexpected(loss.error());
    const PistonMotion motion = pistonMotion(driver, f, source, box, loss->value);
    const Eigen::ArrayXcd pressure_pa = voltage * pressureOfFlow_pa(f, motion.flow_m3_s_v);
    const Eigen::ArrayXd level_db = levels_db(pressure_pa.abs() / kReferencePressure_pa);
    const Eigen::ArrayXcd load =
        source + (box ? boxedImpedance_ohm(driver, *box, f, loss->value) : impedance_ohm(driver, f, loss->value));
    CalcResults results;
    results.set("excursion_m", (voltage * motion.excursion_m_v).eval(), list)
        .set("level_db", level_db, list)
        .set("phase_deg", phases_deg(pressure_pa), list)
        .set("fullSpace_db", (level_db - kHalfSpaceGain_db).eval(), list)
        .set("flow_m3_s", (voltage * motion.flow_m3_s_v.abs()).eval(), list)
        .set("load_ohm", load.abs().eval(), list);
    if (motion.portFlow_m3_s_v.size() > 0) {
        results.set("portFlow_m3_s", (voltage * motion.portFlow_m3_s_v.abs()).eval(), list);
        if (const auto diameter = in.maybe("port_m")) {
            const BoxPort port{std::numbers::pi / 4.0 * *diameter * *diameter, in.whole("ports")};
            results.set("portSpeed_m_s", (motion.portFlow_m3_s_v.abs() * portSpeed_m_s(port, voltage)).eval(), list);
        }
    }
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> responseModel(const CalcArguments& in)
{
    const Eigen::ArrayXcd response =
        boxResponse(in.number("fs_hz"), in.number("qts"), in.number("vas_m3"), *boxOf(in), in.numbers("frequency_hz"));
    CalcResults results;
    setResponse(results, response, in.isList("frequency_hz"));
    results.set("magnitude", response.abs().eval(), in.isList("frequency_hz"));
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> alignmentModel(const CalcArguments& in)
{
    const auto found = ventedAlignment(in.number("qts"), in.number("leakQ"));
    if (!found) return tl::unexpected(found.error());
    const VentedAlignment& a = found->value;
    const char* kind = a.kind == AlignmentKind::B4 ? "B4" : a.kind == AlignmentKind::Qb3 ? "QB3" : "C4";
    CalcResults results;
    results.set("kind", std::string(kind))
        .set("tuning_ratio", a.tuning_ratio)
        .set("compliance_ratio", a.compliance_ratio)
        .set("halfPower_ratio", a.halfPower_ratio)
        .set("peak_db", a.peak_db);
    if (in.has("fs_hz"))
        results.set("tuning_hz", a.tuning_ratio * in.number("fs_hz"))
            .set("halfPower_hz", a.halfPower_ratio * in.number("fs_hz"));
    if (in.has("vas_m3")) results.set("box_m3", in.number("vas_m3") / a.compliance_ratio);
    return Answer<CalcResults>{std::move(results), found->warnings};
}

Outcome<CalcResults> groupModel(const CalcArguments& in)
{
    const DriverGroup group{in.whole("cones"), in.isSet("isobaric"),
                            in.text("wiring") == "series" ? CoilWiring::Series : CoilWiring::Parallel};
    const DriverParameters all = groupAsOne(driverOf(in), group);
    const DriverMechanics m = mechanics(all);
    return Answer<CalcResults>{CalcResults()
                                   .set("fs_hz", all.fs_hz)
                                   .set("qts", all.qms * all.qes / (all.qms + all.qes))
                                   .set("re_ohm", all.re_ohm)
                                   .set("vas_m3", all.vas_m3)
                                   .set("sd_m2", all.sd_m2)
                                   .set("mms_kg", m.mms_kg)
                                   .set("bl_tm", m.bl_tm)
                                   .set("efficiency", referenceEfficiency(all))
                                   .set("change_db", groupLevel_db(group)),
                               {}};
}

Outcome<CalcResults> unloadingModel(const CalcArguments& in)
{
    const DriverParameters driver = driverOf(in);
    const auto box = boxOf(in);
    Outcome<FilterShape> shape = Answer<FilterShape>{};
    if (in.has("subsonic_hz")) {
        shape = shapeOf("butterworth", in.number("subsonicOrder"), "subsonicOrder");
        if (!shape) return tl::unexpected(shape.error());
    }
    const auto excursion_m_v = [&](const Eigen::ArrayXd& f) {
        Eigen::ArrayXd x = pistonMotion(driver, f, in.number("source_ohm"), box).excursion_m_v;
        if (in.has("subsonic_hz"))
            x *= filterResponse(shape->value, FilterSide::HighPass, in.number("subsonic_hz"), f).abs();
        return x;
    };
    const VoltageOverFrequency limit = [&](double f) {
        return travelVoltage_v(in.number("xmax_m"), excursion_m_v(Eigen::ArrayXd::Constant(1, f)))(0);
    };
    const double low = in.number("low_hz"), high = in.number("high_hz");
    if (!(low < high)) return refuse(ErrorCode::OutOfDomain, "high_hz", high, "above low_hz");
    const LeastVoltage least = leastVoltage(limit, low, high);
    CalcResults results;
    results.set("limit_v", least.voltage_v).set("limitAt_hz", least.at_hz);
    if (in.has("voltage_v")) results.setIf("safeFrom_hz", safeFrom_hz(limit, in.number("voltage_v"), low, 20000.0));
    if (in.has("frequency_hz")) {
        const Eigen::ArrayXd x = excursion_m_v(in.numbers("frequency_hz"));
        const bool list = in.isList("frequency_hz");
        results.set("travelVoltage_v", travelVoltage_v(in.number("xmax_m"), x), list);
        if (in.has("voltage_v")) results.set("excursion_m", (in.number("voltage_v") * x).eval(), list);
    }
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> leakModel(const CalcArguments& in)
{
    const BaffleLeak leak{in.number("path_m"), in.number("coupling")};
    const Eigen::ArrayXd f = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    CalcResults results;
    setResponse(results, baffleLeakResponse(leak, f), list);
    results.set("bare_db", levels_db(bareLeakResponse(leak, f).abs()), list)
        .set("firstMaximum_hz", kSoundSpeed_m_s / (2.0 * leak.path_m));
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> podModel(const CalcArguments& in)
{
    CalcResults results;
    setResponse(results, podResponse(in.number("width_m"), in.numbers("frequency_hz")), in.isList("frequency_hz"));
    return Answer<CalcResults>{std::move(results), {}};
}

}  // namespace

void addEnclosureModels(std::vector<CalcModel>& models)
{
    const CalcInput frequencies = positive("frequency_hz").list();
    models.push_back(
        {"E1",
         "closed-box",
         "a driver in a closed box",
         "k = sqrt(1 + Vas/Vb), Qtc = Qts k, fc = fs k",
         {positive("fs_hz"), positive("qts").maybe(), positive("vas_m3"), positive("box_m3"),
          positive("qes").maybe().meaning("beside qts for Qec and Qmc, or with boxQ instead of qts"),
          positive("boxQ").maybe().meaning("Q_mc, the losses of driver and box"), frequencies.maybe()},
         {"totalQ", "resonance_hz", "halfPower_hz", "qec", "qmc", "peak_db", "peakAt_hz", "response_db", "phase_deg"},
         closedModel});
    models.push_back({"E1",
                      "closed-box-volume",
                      "the closed box for a wanted Qtc",
                      "Vb = Vas/((Qtc/Qts)^2 - 1)",
                      {positive("vas_m3"), positive("qts"), positive("targetQ").orElse(1.0 / std::numbers::sqrt2)},
                      {"box_m3"},
                      closedVolumeModel});
    models.push_back({"E2",
                      "box",
                      "travel, level and load of a driver in a closed, leaky or vented box, or in an infinite baffle",
                      "u = Bl V/(ze (zm + Bl^2/ze)), zm = jwMms + Rms + 1/(jwCms) + Sd^2/Yb, U0 = Sd u jwCab/Yb",
                      withBox(withDriver({notNegative("l2_h").orElse(0.0), notNegative("r2_ohm").orElse(0.0),
                                          notNegative("k_ohm_sn").orElse(0.0), within("exponent", 0.5, 1.0).orElse(0.7),
                                          positive("voltage_v"), notNegative("source_ohm").orElse(0.0)}),
                              {positive("port_m").maybe().meaning("diameter of the port"),
                               within("ports", 1.0, 20.0).orElse(1.0).counted(), frequencies}),
                      {"excursion_m", "level_db", "phase_deg", "fullSpace_db", "flow_m3_s", "load_ohm", "portFlow_m3_s",
                       "portSpeed_m_s"},
                      motionModel});
    std::vector<CalcInput> responseInputs =
        withBox({positive("fs_hz"), positive("qts"), positive("vas_m3")}, {frequencies});
    responseInputs[3].needed = true;  // box_m3
    models.push_back({"E2",
                      "box-response",
                      "response of a box relative to its level far above, no coil inductance",
                      "H = S (S/alpha)/(yb (S + 1/Qts + 1/S) + 1)",
                      responseInputs,
                      {"response_db", "phase_deg", "magnitude"},
                      responseModel});
    models.push_back({"E3",
                      "vented-alignment",
                      "box size and tuning for a smooth response",
                      "B4: A1 = A2 = A3 = 0; QB3: A1 = A2 = 0; C4: equal ripple",
                      {positive("qts"), positive("leakQ").orElse(PracticeKey::BoxLeakQ), positive("fs_hz").maybe(),
                       positive("vas_m3").maybe()},
                      {"kind", "tuning_ratio", "compliance_ratio", "halfPower_ratio", "peak_db", "tuning_hz",
                       "halfPower_hz", "box_m3"},
                      alignmentModel});
    models.push_back(
        {"E5",
         "driver-group",
         "identical drivers working as one",
         "side by side: Sd, Vas, Mms x n; a pair one behind the other: Mms x 2, Vas / 2",
         withDriver({within("cones", 1.0, 64.0).counted().orElse(2.0).meaning("radiating areas"),
                     flag("isobaric").meaning("each area is a pair"), choice("wiring", {"parallel", "series"})}),
         {"fs_hz", "qts", "re_ohm", "vas_m3", "sd_m2", "mms_kg", "bl_tm", "efficiency", "change_db"},
         groupModel});
    models.push_back(
        {"E7",
         "subsonic",
         "voltage that a box allows before the cone leaves its travel, and from where on it is safe",
         "V_x = V Xmax/x_peak(V)",
         withBox(withDriver({positive("xmax_m"), positive("voltage_v").maybe(), notNegative("source_ohm").orElse(0.0),
                             positive("subsonic_hz").maybe(), within("subsonicOrder", 1.0, 8.0).counted().orElse(4.0)}),
                 {positive("low_hz").orElse(20.0), positive("high_hz").orElse(80.0), frequencies.maybe()}),
         {"limit_v", "limitAt_hz", "safeFrom_hz", "travelVoltage_v", "excursion_m"},
         unloadingModel});
    models.push_back({"E8",
                      "baffle-leak",
                      "what sound round the edge of a baffle or through its holes takes away",
                      "H = 1 - g exp(-jkD), g fading from c/(4D) to c/D",
                      {positive("path_m"), within("coupling", 0.0, 1.0), frequencies},
                      {"response_db", "phase_deg", "bare_db", "firstMaximum_hz"},
                      leakModel});
    models.push_back({"F10",
                      "pod",
                      "a free-standing pod without half space, relative to a baffle",
                      "(1 + 2jy)/(2 + 2jy), y = f B/163",
                      {positive("width_m"), frequencies},
                      {"response_db", "phase_deg"},
                      podModel});
}

}  // namespace core
