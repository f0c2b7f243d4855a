#include "words/calc_words.h"

#include <QHash>
#include <QLocale>

#include "core/base/unit.h"

#include "words/figures.h"
#include "words/tr.h"

namespace words {

namespace {

QString scaled(double value, double factor, const char* unit)
{
    return plainNumber(value * factor) + QChar(0x202F) + QString::fromUtf8(unit);
}

QString duration(double value_s)
{
    if (value_s < 1.0) return scaled(value_s, 1e3, "ms");
    if (value_s < 120.0) return scaled(value_s, 1.0, "s");
    return minutes(value_s / 60.0);
}

}  // namespace

QString figure(double value, std::string_view unit)
{
    if (unit == "ohm") return ohms(value);
    if (unit == "Hz") return frequency(value);
    if (unit == "F") return farads(value);
    if (unit == "V") return volts(value);
    if (unit == "W") return watts(value);
    if (unit == "A") return amperes(value);
    if (unit == "m" && std::abs(value) >= 1.0)
        return Words::tr("%1 m (%2 ft)").arg(plainNumber(value), plainNumber(value / 0.3048));
    if (unit == "m") return length(value);
    if (unit == "s") return duration(value);
    if (unit == "H") return scaled(value, 1e3, "mH");
    if (unit == "m2") return value < 2e-4 ? scaled(value, 1e6, "mm²") : scaled(value, 1e4, "cm²");
    if (unit == "m3") return scaled(value, 1e3, "l");
    if (unit == "kg") return scaled(value, 1e3, "g");
    if (unit == "deg") return QLocale().toString(value, 'f', 1) + QChar(0x202F) + QStringLiteral("°");
    if (unit == "degC") return scaled(value, 1.0, "°C");
    if (unit.starts_with("dB"))
        return QLocale().toString(value, 'f', 2) + QChar(0x202F) +
               QString::fromUtf8(unit.data(), qsizetype(unit.size()));
    if (unit.empty()) return plainNumber(value);
    return plainNumber(value) + QChar(0x202F) + QString::fromUtf8(unit.data(), qsizetype(unit.size()));
}

QString outputFigure(const std::string& name, double value)
{
    const bool share = name.ends_with("Share") || name == "drop_ratio" || name == "fraction" || name == "efficiency" ||
                       name == "ratio";
    return share ? plainNumber(100.0 * value) + QChar(0x202F) + QLatin1Char('%')
                 : figure(value, core::unitOfName(name));
}

QString labelOfOutput(const std::string& name)
{
    const QHash<QString, QString> labels{
        {QStringLiteral("rated_ohm"), Words::tr("may be called")},
        {QStringLiteral("spacer_m"), Words::tr("spacer")},
        {QStringLiteral("stock_m"), Words::tr("to be had")},
        {QStringLiteral("frontNeed_m"), Words::tr("room it needs in front")},
        {QStringLiteral("depthNeed_m"), Words::tr("depth it needs below")},
        {QStringLiteral("cut_m"), Words::tr("cut it")},
        {QStringLiteral("saw_m"), Words::tr("with the saw")},
        {QStringLiteral("play_m"), Words::tr("play")},
        {QStringLiteral("smaller_m"), Words::tr("next smaller saw")},
        {QStringLiteral("travel_m"), Words::tr("travel with programme")},
        {QStringLiteral("travelShare"), Words::tr("of its travel")},
        {QStringLiteral("perimeter_m"), Words::tr("round its edge")},
        {QStringLiteral("passes"), Words::tr("goes through")},
        {QStringLiteral("overlap_m"), Words::tr("covered by")},
        {QStringLiteral("screwReach"), Words::tr("screws reach, 1 is the edge")},
        {QStringLiteral("least_m"), Words::tr("at least")},
        {QStringLiteral("most_m"), Words::tr("at most")},
        {QStringLiteral("ringOutside_m"), Words::tr("ring outside")},
        {QStringLiteral("skin_kg_m2"), Words::tr("skin")},
        {QStringLiteral("mass_kg"), Words::tr("mass")},
        {QStringLiteral("chord_m"), Words::tr("hole to hole")},
        {QStringLiteral("circle_m"), Words::tr("circle through them")},
        {QStringLiteral("angle_deg"), Words::tr("first hole at")},
        {QStringLiteral("force_n"), Words::tr("on each")},
        {QStringLiteral("pilot_m"), Words::tr("pilot drill")},
        {QStringLiteral("nominal_ohm"), Words::tr("nominal")},
        {QStringLiteral("ratio"), Words::tr("of nominal")},
        {QStringLiteral("arrangement"), Words::tr("wired")},
        {QStringLiteral("load_ohm"), Words::tr("load")},
        {QStringLiteral("half_ohm"), Words::tr("each half sees")},
        {QStringLiteral("power_w"), Words::tr("power")},
        {QStringLiteral("voltage_v"), Words::tr("voltage")},
        {QStringLiteral("current_a"), Words::tr("current")},
        {QStringLiteral("verdict"), Words::tr("verdict")},
        {QStringLiteral("change_db"), Words::tr("change of level")},
        {QStringLiteral("atTestVoltage_db"), Words::tr("at 2.83 V, 1 m")},
        {QStringLiteral("level_db"), Words::tr("level")},
        {QStringLiteral("target_v"), Words::tr("set the output to")},
        {QStringLiteral("sensitivity_v"), Words::tr("input sensitivity")},
        {QStringLiteral("gain_db"), Words::tr("gain")},
        {QStringLiteral("fullScalePower_w"), Words::tr("power at full scale")},
        {QStringLiteral("efficiency"), Words::tr("efficiency")},
        {QStringLiteral("heat_w"), Words::tr("heat")},
        {QStringLiteral("resistance_ohm"), Words::tr("resistance")},
        {QStringLiteral("area_m2"), Words::tr("cross-section")},
        {QStringLiteral("diameter_m"), Words::tr("diameter")},
        {QStringLiteral("drop_v"), Words::tr("drop")},
        {QStringLiteral("drop_ratio"), Words::tr("share of the supply")},
        {QStringLiteral("atLoad_v"), Words::tr("left at the device")},
        {QStringLiteral("lost_w"), Words::tr("lost in the cable")},
        {QStringLiteral("ampacity_a"), Words::tr("safe current")},
        {QStringLiteral("fuse_a"), Words::tr("fuse")},
        {QStringLiteral("needed_a"), Words::tr("at least")},
        {QStringLiteral("headroom_a"), Words::tr("left at idle")},
        {QStringLiteral("time_s"), Words::tr("battery lasts")},
        {QStringLiteral("wire_ohm"), Words::tr("both wires")},
        {QStringLiteral("wireShare"), Words::tr("share of the power in the wire")},
        {QStringLiteral("dampingFactor"), Words::tr("damping factor at the driver")},
        {QStringLiteral("out_v"), Words::tr("line level")},
        {QStringLiteral("in_v"), Words::tr("from the speaker output")},
        {QStringLiteral("rise_db"), Words::tr("rise of level")},
        {QStringLiteral("corner_hz"), Words::tr("corner")},
        {QStringLiteral("part"), Words::tr("from the amplifier")},
        {QStringLiteral("value"), Words::tr("nearest")},
        {QStringLiteral("series_ohm"), Words::tr("in series")},
        {QStringLiteral("shunt_ohm"), Words::tr("across the load")},
        {QStringLiteral("plainSeries_ohm"), Words::tr("or one resistor in series")},
        {QStringLiteral("r_ohm"), Words::tr("R")},
        {QStringLiteral("l_h"), Words::tr("L")},
        {QStringLiteral("c_f"), Words::tr("C")},
        {QStringLiteral("first"), Words::tr("or")},
        {QStringLiteral("second"), Words::tr("with")},
        {QStringLiteral("together"), Words::tr("together")},
        {QStringLiteral("same_db"), Words::tr("like polarity")},
        {QStringLiteral("inverted_db"), Words::tr("one leg inverted")},
        {QStringLiteral("difference_deg"), Words::tr("high leg against low leg")},
        {QStringLiteral("rule"), Words::tr("polarity")},
        {QStringLiteral("phase_deg"), Words::tr("phase")},
        {QStringLiteral("q"), Words::tr("Q")},
        {QStringLiteral("sd_m2"), Words::tr("working area")},
        {QStringLiteral("oneWattInNominal_db"), Words::tr("1 W in nominal, 1 m")},
        {QStringLiteral("loss_db"), Words::tr("loss of level")},
        {QStringLiteral("kinds"), Words::tr("to be had as")},
        {QStringLiteral("wires"), Words::tr("counted")},
        {QStringLiteral("coil_degc"), Words::tr("coil at")},
        {QStringLiteral("rise_k"), Words::tr("coil warmer by")},
        {QStringLiteral("sheetPower_w"), Words::tr("as a sheet counts it")},
        {QStringLiteral("limitVoltage_v"), Words::tr("voltage")},
        {QStringLiteral("qts"), Words::tr("Qts")},
        {QStringLiteral("qes"), Words::tr("Qes")},
        {QStringLiteral("qms"), Words::tr("Qms")},
        {QStringLiteral("mms_kg"), Words::tr("moving mass")},
        {QStringLiteral("vas_m3"), Words::tr("Vas")},
        {QStringLiteral("fraction"), Words::tr("share of the power")},
        {QStringLiteral("mean_w"), Words::tr("mean power")},
        {QStringLiteral("averageShare"), Words::tr("mean over full-sine power")},
        {QStringLiteral("crest_db"), Words::tr("crest factor left")},
        {QStringLiteral("lowering_db"), Words::tr("lower by")},
        {QStringLiteral("soundSpeed_m_s"), Words::tr("speed of sound")},
        {QStringLiteral("density_kg_m3"), Words::tr("density")},
        {QStringLiteral("absorption"), Words::tr("taken")},
        {QStringLiteral("arrival_s"), Words::tr("on the way")},
        {QStringLiteral("beaming_hz"), Words::tr("beams from")},
        {QStringLiteral("box_m3"), Words::tr("box")},
        {QStringLiteral("coherent_db"), Words::tr("in step")},
        {QStringLiteral("compliance_ratio"), Words::tr("Vas over box")},
        {QStringLiteral("delay_s"), Words::tr("delay")},
        {QStringLiteral("depth_db"), Words::tr("notch depth")},
        {QStringLiteral("driver_m3"), Words::tr("taken by the driver")},
        {QStringLiteral("effective_m"), Words::tr("acoustic length")},
        {QStringLiteral("effective_m3"), Words::tr("works like")},
        {QStringLiteral("firstMaximum_hz"), Words::tr("most gained at")},
        {QStringLiteral("firstPeak_hz"), Words::tr("first peak")},
        {QStringLiteral("fresnel"), Words::tr("Fresnel number")},
        {QStringLiteral("gap_m"), Words::tr("least gap")},
        {QStringLiteral("halfPower_hz"), Words::tr("−3 dB at")},
        {QStringLiteral("halfPressure_hz"), Words::tr("−6 dB there at")},
        {QStringLiteral("incoherent_db"), Words::tr("as unlike sounds")},
        {QStringLiteral("index_db"), Words::tr("directivity index")},
        {QStringLiteral("kind"), Words::tr("alignment")},
        {QStringLiteral("leftLouder_db"), Words::tr("left louder by")},
        {QStringLiteral("length_m"), Words::tr("length")},
        {QStringLiteral("mirrored"), Words::tr("mirrored")},
        {QStringLiteral("net_m3"), Words::tr("left inside")},
        {QStringLiteral("notch_hz"), Words::tr("notches")},
        {QStringLiteral("peak_db"), Words::tr("peak")},
        {QStringLiteral("pipeResonance_hz"), Words::tr("pipe rings at")},
        {QStringLiteral("plateau_db"), Words::tr("at most")},
        {QStringLiteral("port_m3"), Words::tr("taken by the port")},
        {QStringLiteral("resonance_hz"), Words::tr("resonance")},
        {QStringLiteral("response_db"), Words::tr("response")},
        {QStringLiteral("rightLater_s"), Words::tr("right later by")},
        {QStringLiteral("samples"), Words::tr("samples")},
        {QStringLiteral("shift"), Words::tr("image (−1 right, +1 left)")},
        {QStringLiteral("totalQ"), Words::tr("Qtc")},
        {QStringLiteral("tuning_hz"), Words::tr("tuning")},
        {QStringLiteral("tuning_ratio"), Words::tr("fb over fs")},
        {QStringLiteral("unwrapped_deg"), Words::tr("in all")},
        {QStringLiteral("zone_hz"), Words::tr("pressure zone up to")},
        {QStringLiteral("exposure_s"), Words::tr("a day")},
    };
    return labels.value(QString::fromStdString(name));
}

QString wordOf(const std::string& text)
{
    const QHash<QString, QString> known{
        {QStringLiteral("silent"), Words::tr("all right")},
        {QStringLiteral("care"), Words::tr("take care")},
        {QStringLiteral("stop"), Words::tr("stop")},
        {QStringLiteral("twoWire"), Words::tr("two wires, there and back")},
        {QStringLiteral("oneWire"), Words::tr("one wire, one way")},
        {QStringLiteral("chassis"), Words::tr("one wire, back through the body")},
        {QStringLiteral("either"), Words::tr("either way is flat")},
        {QStringLiteral("invert"), Words::tr("invert one leg")},
        {QStringLiteral("same"), Words::tr("both alike")},
    };
    const QHash<QString, QString> fuses{
        {QStringLiteral("blade"), Words::tr("blade %1")},
        {QStringLiteral("largeBlade"), Words::tr("large blade %1")},
        {QStringLiteral("boltM5"), Words::tr("bolted M5 %1")},
        {QStringLiteral("boltM8"), Words::tr("bolted M8 %1")},
        {QStringLiteral("anl"), Words::tr("ANL %1")},
    };
    const QString plain = QString::fromStdString(text);
    const QString kind = plain.section(QLatin1Char(' '), 0, 0);
    if (fuses.contains(kind) && kind != plain) return fuses[kind].arg(plain.mid(kind.size() + 1));
    return known.value(plain, plain);
}

}  // namespace words
