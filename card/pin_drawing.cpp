#include "card/pin_drawing.h"

#include <QCollator>
#include <QCoreApplication>
#include <QLocale>
#include <algorithm>
#include <map>
#include <set>

#include "core/survey/pin_table.h"
#include "words/label_words.h"
#include "words/name_words.h"

namespace card {
namespace {

struct PinDrawing {
    Q_DECLARE_TR_FUNCTIONS(PinDrawing)
};

constexpr size_t kAcross = 8;  // that a page has room for

using Row = std::vector<core::PinRow>;

QString numberOf(const core::PinRow& pin)
{
    return QString::fromStdString(pin.number);
}

bool isPlus(const core::PinRow& pin)
{
    return pin.terminal.ends_with('+');
}

// Counted: by number, as one counts along it. Else the plusses over the minuses, channel by channel.
std::vector<Row> rowsOf(Row pins)
{
    const bool counted = std::none_of(pins.begin(), pins.end(), [](const auto& pin) { return pin.number.empty(); });
    auto low = pins.end();
    if (counted) {
        QCollator collator(QLocale(QLocale::English));  // the plain one knows no numbers
        collator.setNumericMode(true);
        std::stable_sort(pins.begin(), pins.end(),
                         [&](const auto& a, const auto& b) { return collator.compare(numberOf(a), numberOf(b)) < 0; });
    } else {
        low = std::stable_partition(pins.begin(), pins.end(), isPlus);
    }
    const Row high(pins.begin(), low), under(low, pins.end());
    std::vector<Row> rows;
    for (size_t from = 0; from < std::max(high.size(), under.size()); from += kAcross)
        for (const Row* row : {&high, &under})
            if (from < row->size())
                rows.emplace_back(row->begin() + static_cast<long>(from),
                                  row->begin() + static_cast<long>(std::min(from + kAcross, row->size())));
    return rows;
}

QString cellOf(const core::PinRow& pin, const QString& label)
{
    QStringList lines;
    lines
        << QStringLiteral("<b>%1</b>").arg((pin.number.empty() ? QStringLiteral("?") : numberOf(pin)).toHtmlEscaped());
    lines << QString::fromStdString(pin.terminal).toHtmlEscaped();
    lines << QString::fromStdString(pin.colour).toHtmlEscaped();
    lines << (label.isEmpty() ? QString() : QStringLiteral("<b>%1</b>").arg(label.toHtmlEscaped()));
    return QStringLiteral("<td align='center' valign='top'>%1</td>").arg(lines.join(QStringLiteral("<br>")));
}

}  // namespace

std::vector<QString> pinDrawings(const core::JobPlan& job, const core::Fitout& after)
{
    std::map<core::Pin, QString> labels;
    std::set<core::DeviceId> reached;
    for (const core::WireRow& wire : job.wires) {
        if (!words::isLaid(wire)) continue;
        for (const core::Pin& end : {wire.from, wire.to}) {
            labels[end] = words::labelOf(wire);
            if (isSource(core::partOf(after, end.device))) reached.insert(end.device);
        }
    }
    std::vector<QString> drawings;
    for (const core::DeviceId source : reached) {
        std::map<std::string, Row> plugs;
        for (core::PinRow& pin : core::pinTable(after, source)) plugs[pin.plug].push_back(std::move(pin));
        for (const auto& [plug, pins] : plugs) {
            if (std::none_of(pins.begin(), pins.end(), [&](const auto& pin) {
                    return labels.contains({source, pin.terminal});
                }))
                continue;
            QString html;
            for (const Row& row : rowsOf(pins)) {
                html += QStringLiteral("<tr>");
                for (const core::PinRow& pin : row) {
                    const auto label = labels.find({source, pin.terminal});
                    html += cellOf(pin, label == labels.end() ? QString() : label->second);
                }
                html += QStringLiteral("</tr>");
            }
            const QString name = words::nameOf(core::Subject{source}, after);
            const QString where =
                plug.empty() ? name : PinDrawing::tr("%1, plug %2").arg(name, QString::fromStdString(plug));
            drawings.push_back(QStringLiteral("<p>%1</p><table border='1' cellspacing='0' cellpadding='4'>%2</table>")
                                   .arg(where.toHtmlEscaped(), html));
        }
    }
    return drawings;
}

}  // namespace card
