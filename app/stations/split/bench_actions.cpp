#include "app/stations/split/bench_actions.h"

#include <QCoreApplication>

#include "core/design/split_start.h"
#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "words/name_words.h"
#include "words/part_value.h"

namespace app {
namespace {

struct ActionText {
    Q_DECLARE_TR_FUNCTIONS(app::BenchActions)
};

class Actions {
public:
    Actions(const Snapshot& snapshot, const BenchPick& picked, const std::optional<core::SplitPair>& pair)
        : m_plan(snapshot.plan),
          m_stage(snapshot.after()),
          m_practice(snapshot.practice()),
          m_picked(picked),
          m_pair(pair)
    {
    }

    [[nodiscard]] std::vector<BenchAction> ofPart()
    {
        const core::Port& port = m_picked.port;
        const auto device = m_stage.used.devices.find(port.device);
        if (device == m_stage.used.devices.end()) return {};
        const core::Part& part = partOf(m_stage.used, port.device);
        if (!part.inside.contains(port.element)) return {};
        if (core::isBridged(m_stage.used, port))
            add(QStringLiteral("takeBridgeOut"), ActionText::tr("Take the link out"),
                core::takeBridgeOut(m_plan, port));
        else
            add(QStringLiteral("takePartOut"),
                part.kind == core::PartKind::Network ? ActionText::tr("Take it out") : ActionText::tr("Bridge it"),
                core::takePartOut(m_plan, port));
        return std::move(m_actions);
    }

    [[nodiscard]] std::vector<BenchAction> ofSpeaker(core::DeviceId speaker)
    {
        const core::RunResult* run = core::findRunOfDevice(m_stage, speaker);
        if (!run) return {};
        const QString name = words::nameOf(core::Subject{speaker}, m_stage.used);
        add(QStringLiteral("turnOver"),
            m_picked ? ActionText::tr("Turn it over") : ActionText::tr("Turn over %1").arg(name),
            core::planTurnOver(m_plan, core::mates(m_stage.used, speaker)));
        const core::DeviceId woofer = m_pair ? m_stage.runs[m_pair->low].run.id.coil.device : core::DeviceId{};
        const core::DeviceId board = woofer ? core::networkOf(m_stage.used, woofer) : core::DeviceId{};
        const double begin_f = core::startingCapacitor_f(m_stage, *run, m_pair, m_practice);
        add(QStringLiteral("addCapacitor"),
            ActionText::tr("%1 into its lead").arg(words::partValue(core::ElementKind::Capacitor, begin_f)),
            core::addCapacitor(m_plan, speaker, begin_f));
        const double begin_ohm = core::kStartingResistor_ohm;
        add(QStringLiteral("addResistor"),
            ActionText::tr("%1 into its lead").arg(words::partValue(core::ElementKind::Resistor, begin_ohm)),
            core::addResistor(m_plan, speaker, begin_ohm));
        if (const auto across = core::startingAcross(*run, m_practice);
            across && !core::branchAcross(m_stage.used, speaker))
            add(QStringLiteral("addAcross"), textOf(*across), core::addAcross(m_plan, speaker, *across));
        if (board)
            add(QStringLiteral("boardOut"), ActionText::tr("Take the board out"), core::removeNetwork(m_plan, woofer));
        else if (m_pair && core::canBeParted(m_stage, *m_pair))
            add(QStringLiteral("boardForBoth"), ActionText::tr("A board for both"),
                core::fitMadeNetwork(m_plan, woofer, m_stage.runs[m_pair->high].run.id.coil.device,
                                     core::startingBoard(m_stage, *m_pair, m_practice)));
        return std::move(m_actions);
    }

private:
    static QString textOf(const core::SeriesBranch& branch)
    {
        const QString resistor = words::partValue(core::ElementKind::Resistor, branch.r_ohm);
        const QString capacitor = words::partValue(core::ElementKind::Capacitor, branch.c_f);
        return branch.l_h == 0.0
                   ? ActionText::tr("%1 and %2 across it").arg(resistor, capacitor)
                   : ActionText::tr("%1, %2 and %3 across it")
                         .arg(resistor, words::partValue(core::ElementKind::Inductor, branch.l_h), capacitor);
    }

    void add(const QString& name, const QString& text, core::Edit edit)
    {
        if (!edit.changes.empty()) m_actions.push_back({name, text, std::move(edit)});
    }

    const core::Plan& m_plan;
    const core::StageResult& m_stage;
    const core::Practice& m_practice;
    const BenchPick& m_picked;
    const std::optional<core::SplitPair>& m_pair;
    std::vector<BenchAction> m_actions{};
};

}  // namespace

std::vector<BenchAction> benchActions(const Snapshot& snapshot, const BenchPick& picked,
                                      const std::optional<core::SplitPair>& pair, core::DeviceId speaker)
{
    Actions actions(snapshot, picked, pair);
    if (picked && !picked.speaker) return actions.ofPart();
    if (picked) return actions.ofSpeaker(picked.port.device);
    return actions.ofSpeaker(pair ? snapshot.after().runs[pair->high].run.id.coil.device : speaker);
}

}  // namespace app
