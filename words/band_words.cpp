#include "words/band_words.h"

#include "words/figures.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

QString nameOfRow(const BandRow& row, const StageResult& stage)
{
    const DeviceId device = row.run.coil.device;
    const QString name = nameOf(Subject{device}, stage.used);
    const bool inside = isWay(stage.used.parts.at(stage.used.devices.at(device).part), row.run.coil.element);
    return inside ? Words::tr("tweeter in %1").arg(name) : name;
}

}  // namespace

QString textOf(const BandStretch& stretch)
{
    return Words::tr("%1 to %2").arg(frequency(stretch.from_hz), frequency(stretch.to_hz));
}

QString carriesText(const BandRow& row)
{
    if (row.carries.empty()) return Words::tr("drowned by the others");
    QStringList stretches;
    for (const BandStretch& one : row.carries) stretches << textOf(one);
    return stretches.join(QStringLiteral(", "));
}

QString travelText(const BandRow& row)
{
    return row.travel_ratio ? Words::tr("%1 of its travel").arg(fixedNumber(*row.travel_ratio, 2)) : QString();
}

QStringList remarksOf(const BandPlan& bands, const StageResult& stage)
{
    QStringList remarks;
    for (const BandStretch& gap : bands.gaps)
        remarks << Words::tr("Gap from %1 to %2: nobody plays it as loud as the rest.")
                       .arg(frequency(gap.from_hz), frequency(gap.to_hz));
    for (const BandRow& row : bands.rows)
        if (row.doubled)
            remarks << Words::tr("%1: the channel begins at %2, the part before it at %3. Both cut the same notes.")
                           .arg(nameOfRow(row, stage), frequency(*row.channelHighPass_hz),
                                frequency(*row.ownHighPass_hz));
    for (const BandRelief& one : bands.relief)
        remarks << (one.relieved()
                        ? Words::tr("%1 is relieved: %2 of its travel, before %3.")
                        : Words::tr("%1 is not relieved by the subwoofer: %2 of its travel, before %3. A high-pass "
                                    "takes its lows, or an equaliser."))
                       .arg(nameOfRow(bands.rows[one.row], stage), fixedNumber(one.after_ratio, 2),
                            fixedNumber(one.before_ratio, 2));
    for (const BandOverlap& one : bands.overlaps)
        remarks << Words::tr("%1 and %2 are equally loud from %3 to %4: no clear split.")
                       .arg(nameOfRow(bands.rows[one.low], stage), nameOfRow(bands.rows[one.high], stage),
                            frequency(one.where.from_hz), frequency(one.where.to_hz));
    return remarks;
}

QStringList linesOf(const BandPlan& bands, const StageResult& stage)
{
    QStringList lines{Words::tr("All together: %1").arg(textOf(bands.plays))};
    for (const BandRow& row : bands.rows) {
        const QString travel = travelText(row);
        const QString line = Words::tr("%1: %2").arg(nameOfRow(row, stage), carriesText(row));
        lines << (travel.isEmpty() ? line : Words::tr("%1; %2").arg(line, travel));
    }
    return lines + remarksOf(bands, stage);
}

}  // namespace words
