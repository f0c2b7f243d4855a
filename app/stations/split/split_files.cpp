// What leaves Split as a file that other programs read.
#include <QMenu>
#include <QPushButton>
#include <numbers>
#include <sstream>

#include "app/stations/split/channel_card.h"
#include "app/stations/split/split_view.h"
#include "app/widgets/save_path.h"
#include "core/evaluate/circuit.h"
#include "core/io/atomic_file.h"
#include "core/io/curve_file.h"
#include "core/model/names.h"
#include "core/netlist/circuit_netlist.h"
#include "words/name_words.h"

namespace app {
namespace {

struct FileRow {
    SplitView::File file;
    const char *name, *proposed, *suffix;
};
constexpr FileRow kRows[]{{SplitView::File::Netlist, "saveNetlist", "channel.cir", ".cir"},
                          {SplitView::File::Load, "saveLoad", "load.zma", ".zma"},
                          {SplitView::File::Sum, "saveSum", "pair.frd", ".frd"}};

QString titleOf(SplitView::File file)
{
    switch (file) {
        case SplitView::File::Netlist:
            return SplitView::tr("The channel as a &netlist\u2026");
        case SplitView::File::Load:
            return SplitView::tr("What the channel sees, in &ohms\u2026");
        case SplitView::File::Sum:
            return SplitView::tr("The &pair at these ears, in dB\u2026");
    }
    return {};
}

}  // namespace

void SplitView::offerFiles()
{
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("files"));
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const FileRow& row : kRows) {
        QAction* action = menu->addAction(titleOf(row.file));
        action->setObjectName(QLatin1String(row.name));
        connect(action, &QAction::triggered, this, [this, row] {
            const QString suffix = QLatin1String(row.suffix);
            const QString path = askSavePath(this, titleOf(row.file).remove(QLatin1Char('&')),
                                             QLatin1String(row.proposed), QStringLiteral("(*%1)").arg(suffix), suffix);
            if (!path.isEmpty()) writeFile(row.file, path);
        });
    }
    menu->popup(m_files->mapToGlobal(QPoint(0, m_files->height())));
}

bool SplitView::writeFile(File file, const QString& path)
{
    const core::StageResult& stage = m_snapshot->after();
    const core::Port& channel = m_card->channel();
    const Eigen::ArrayXd& hz = m_snapshot->evaluation.frequency_hz;
    const std::string title = m_snapshot->plan.body.name + ", " + core::textOf(channel);
    std::ostringstream out;
    if (file == File::Netlist) {
        if (const auto circuit = core::circuitOf(stage.used, channel, m_snapshot->practice()))
            core::writeNetlist(out, core::circuitNetlist(*circuit, title));
    } else if (file == File::Load) {
        if (const core::CircuitResult* circuit = findCircuit(stage, channel))
            core::writeCurveFile(out, {.curve = {hz, circuit->load_ohm.abs(),
                                                 circuit->load_ohm.arg() * (180.0 / std::numbers::pi), true},
                                       .comments = {title + ": ohms at its terminals, degrees"}});
    } else if (const auto sum = m_pair ? core::splitSum(stage, *m_pair, m_listener) : std::nullopt) {
        core::writeCurveFile(
            out, {.curve = {hz, sum->wired.level_db, Eigen::ArrayXd::Zero(hz.size()), false},
                  .comments = {title + ": pair at the ears, third-octaves, dB for one volt of the source"}});
    }
    if (out.str().empty()) {
        emit said(tr("There is nothing of that here to be saved."));
        return false;
    }
    const auto written = core::writeAtomically(path.toUtf8().toStdString(), out.str(), 0);
    emit said(written ? tr("Saved %1").arg(path) : QString::fromStdString(core::oneLine(written.error())));
    return written.has_value();
}

}  // namespace app
