#include <cmath>
#include <numbers>

#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/box_volume.h"
#include "core/physics/port.h"
#include "core/physics/radiation.h"
#include "core/physics/travel_limit.h"

namespace core {
namespace {

std::optional<double> portArea_m2(const CalcArguments& in)
{
    if (in.has("port_m") == in.has("area_m2")) return std::nullopt;
    if (in.has("area_m2")) return in.number("area_m2");
    return std::numbers::pi / 4.0 * in.number("port_m") * in.number("port_m");
}

Outcome<BoxPort> portOf(const CalcArguments& in)
{
    const auto area = portArea_m2(in);
    if (!area)
        return refuse(in.has("port_m") ? ErrorCode::Inconsistent : ErrorCode::Underdetermined, "port_m",
                      in.numberOr("port_m", 0.0), "either port_m, its diameter, or area_m2 to be given");
    if (!(*area > 0.0 && std::isfinite(*area)))
        return refuse(ErrorCode::OutOfDomain, in.has("port_m") ? "port_m" : "area_m2", *area, "of some size");
    const std::string& ends = in.text("ends");
    const PortEnds kind = ends == "bothFlanged" ? PortEnds::BothFlanged
                          : ends == "bothFree"  ? PortEnds::BothFree
                          : ends == "slot"      ? PortEnds::Slot
                                                : PortEnds::OneFlanged;
    return Answer<BoxPort>{
        {*area, in.whole("ports"), endCorrection(kind, in.practice()[PracticeKey::SlotPortEnd_ratio])}, {}};
}

Outcome<CalcResults> portLengthModel(const CalcArguments& in)
{
    const auto port = portOf(in);
    if (!port) return tl::unexpected(port.error());
    const auto found =
        portLength(port->value, in.number("box_m3"), in.number("tuning_hz"), in.numberOr("boxLength_m", 0.0));
    if (!found) return tl::unexpected(found.error());
    return Answer<CalcResults>{CalcResults()
                                   .set("length_m", found->value.length_m)
                                   .set("effective_m", found->value.effective_m)
                                   .set("pipeResonance_hz", found->value.pipeResonance_hz),
                               found->warnings};
}

Outcome<CalcResults> portTuningModel(const CalcArguments& in)
{
    const auto port = portOf(in);
    if (!port) return tl::unexpected(port.error());
    return Answer<CalcResults>{
        CalcResults().set("tuning_hz", portTuning_hz(port->value, in.number("box_m3"), in.number("length_m"))), {}};
}

Outcome<CalcResults> portAirModel(const CalcArguments& in)
{
    const auto port = portOf(in);
    if (!port) return tl::unexpected(port.error());
    for (const char* needed : {"box_m3", "tuning_hz"})
        if (!in.has(needed)) return refuse(ErrorCode::Underdetermined, needed, 0.0, needed);
    const DriverParameters driver = driverOf(in);
    const auto box = boxOf(in);
    const VoltageOverFrequency slowness = [&](double f) {
        const PistonMotion motion = pistonMotion(driver, Eigen::ArrayXd::Constant(1, f), in.number("source_ohm"), box);
        return -portSpeed_m_s(port->value, std::abs(motion.portFlow_m3_s_v(0))) * in.number("voltage_v");
    };
    const double low = in.number("low_hz"), high = in.number("high_hz");
    if (!(low < high)) return refuse(ErrorCode::OutOfDomain, "high_hz", high, "above low_hz");
    const LeastVoltage worst = leastVoltage(slowness, low, high);
    Answer<CalcResults> answer{CalcResults()
                                   .set("portSpeed_m_s", -worst.voltage_v)
                                   .set("worstAt_hz", worst.at_hz)
                                   .set("atTuning_m_s", -slowness(in.number("tuning_hz"))),
                               {}};
    if (-worst.voltage_v > in.practice()[PracticeKey::PortSpeed_m_s])
        answer.warnings.emplace_back(WarningKind::PortSpeed);
    return answer;
}

Outcome<CalcResults> volumeModel(const CalcArguments& in)
{
    const Practice& practice = in.practice();
    CalcResults results;
    double taken = in.number("braces_m3");
    if (in.has("mountDiameter_m") != in.has("mountDepth_m"))
        return refuse(ErrorCode::Underdetermined, in.has("mountDepth_m") ? "mountDiameter_m" : "mountDepth_m", 0.0,
                      "mountDiameter_m together with mountDepth_m");
    if (in.has("mountDiameter_m")) {
        const double driver = driverDisplacement_m3(practice[PracticeKey::DriverDisplacement_ratio],
                                                    in.number("mountDiameter_m"), in.number("mountDepth_m"));
        results.set("driver_m3", driver);
        taken += driver;
    }
    if (in.has("port_m") != in.has("portLength_m"))
        return refuse(ErrorCode::Underdetermined, in.has("port_m") ? "portLength_m" : "port_m", 0.0,
                      "port_m together with portLength_m");
    if (in.has("port_m")) {
        if (in.number("portLength_m") < in.number("panel_m"))
            return refuse(ErrorCode::Inconsistent, "portLength_m", in.number("portLength_m"), "at least panel_m");
        const double port = portDisplacement_m3(in.number("port_m"), in.number("wall_m"), in.number("portLength_m"),
                                                in.number("panel_m"));
        results.set("port_m3", port);
        taken += port;
    }
    const auto effective = effectiveVolume_m3(in.number("gross_m3"), taken, in.number("fillGain"));
    if (!effective) return tl::unexpected(effective.error());
    results.set("net_m3", in.number("gross_m3") - taken).set("effective_m3", effective->value);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> gapModel(const CalcArguments& in)
{
    return Answer<CalcResults>{
        CalcResults().set("gap_m", downFiringGap_m(in.number("sd_m2"), in.number("xmax_m"), in.number("surround_m"))),
        {}};
}

}  // namespace

void addBoxBuildingModels(std::vector<CalcModel>& models)
{
    const std::vector<CalcInput> port{positive("port_m").maybe().meaning("diameter of one"),
                                      positive("area_m2").maybe().meaning("of one"),
                                      within("ports", 1.0, 20.0).counted().orElse(1.0),
                                      choice("ends", {"oneFlanged", "bothFlanged", "bothFree", "slot"})};
    const auto withPort = [&](std::vector<CalcInput> more) {
        more.insert(more.begin(), port.begin(), port.end());
        return more;
    };
    models.push_back({"E4",
                      "port-length",
                      "length of a port for a tuning",
                      "Leff = n Sp c^2/((2 pi fb)^2 Vb), L = Leff - k r",
                      withPort({positive("box_m3"), positive("tuning_hz"),
                                positive("boxLength_m").maybe().meaning("largest inside measure")}),
                      {"length_m", "effective_m", "pipeResonance_hz"},
                      portLengthModel});
    models.push_back({"E4",
                      "port-tuning",
                      "tuning that a port makes",
                      "fb = c/(2 pi) sqrt(n Sp/(Vb (L + k r)))",
                      withPort({positive("box_m3"), positive("length_m")}),
                      {"tuning_hz"},
                      portTuningModel});
    models.push_back({"E4",
                      "port-air",
                      "worst air speed in a port between two frequencies",
                      "v = sqrt2 |Up|/(n Sp), peak",
                      withBox(withDriver(withPort({positive("voltage_v"), notNegative("source_ohm").orElse(0.0)})),
                              {positive("low_hz").orElse(20.0), positive("high_hz").orElse(200.0)}),
                      {"portSpeed_m_s", "worstAt_hz", "atTuning_m_s"},
                      portAirModel});
    models.push_back({"E6",
                      "box-volume",
                      "what is left inside a box, and what filling makes of it",
                      "net = gross - driver - port - braces; filled: (1 + 0.15..0.25) net",
                      {positive("gross_m3"), positive("mountDiameter_m").maybe(), positive("mountDepth_m").maybe(),
                       positive("port_m").maybe(), notNegative("wall_m").orElse(0.003),
                       positive("portLength_m").maybe(), notNegative("panel_m").orElse(0.018),
                       notNegative("braces_m3").orElse(0.0), within("fillGain", 0.0, 0.4).orElse(0.0)},
                      {"net_m3", "effective_m3", "driver_m3", "port_m3"},
                      volumeModel});
    models.push_back({"E6",
                      "down-firing-gap",
                      "least gap under a cone that fires down",
                      "h >= r/2, h >= Xmax + surround + 10 mm",
                      {positive("sd_m2"), notNegative("xmax_m").orElse(0.0), notNegative("surround_m").orElse(0.0)},
                      {"gap_m"},
                      gapModel});
}

}  // namespace core
