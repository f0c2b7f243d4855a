#include "app/stations/split/bench_actions.h"

#include <QCoreApplication>

#include "core/design/split_start.h"
#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/leg_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/limits/sound_limits.h"
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
        move(core::Along::ToInput, QStringLiteral("moveToInput"), ActionText::tr("\u25C2 to the input"));
        move(core::Along::ToSpeaker, QStringLiteral("moveToSpeaker"), ActionText::tr("to the speaker \u25B8"));
        return std::move(m_actions);
    }

    [[nodiscard]] std::vector<BenchAction> ofSpeaker(core::DeviceId speaker)
    {
        const core::RunResult* run = core::findRunOfDevice(m_stage, speaker);
        if (!run) return {};
        const QString name = words::nameOf(core::Subject{speaker}, m_stage.used);
        add(QStringLiteral("turnOver"),
            m_picked                              ? ActionText::tr("Turn it over")
            : core::isTweeter(*run, m_practice) ? ActionText::tr("Turn the tweeter over")
                                                  : ActionText::tr("Turn over %1").arg(name),
            core::planTurnOver(m_plan, core::mates(m_stage.used, speaker)));
        const double begin_f = core::startingCapacitor_f(m_stage, *run, m_pair, m_practice);
        add(QStringLiteral("addCapacitor"),
            ActionText::tr("add %1").arg(words::partValue(core::ElementKind::Capacitor, begin_f)),
            core::addCapacitor(m_plan, speaker, begin_f), ActionText::tr("A capacitor into its lead"));
        const double begin_ohm = core::kStartingResistor_ohm;
        add(QStringLiteral("addResistor"),
            ActionText::tr("add %1").arg(words::partValue(core::ElementKind::Resistor, begin_ohm)),
            core::addResistor(m_plan, speaker, begin_ohm), ActionText::tr("A resistor into its lead"));
        if (const auto across = core::startingAcross(*run, m_practice);
            across && !core::branchAcross(m_stage.used, speaker))
            add(QStringLiteral("addAcross"),
                across->l_h == 0.0 ? ActionText::tr("R, C across") : ActionText::tr("R, L, C across"),
                core::addAcross(m_plan, speaker, *across), textOf(*across));
        if (const core::DeviceId board = core::networkOf(m_stage.used, speaker))
            add(QStringLiteral("boardOut"), ActionText::tr("Board out"), core::takeBoardOut(m_plan, board));
        if (const core::DeviceId filter = core::inlineFilterOf(m_stage.used, speaker))
            add(QStringLiteral("filterOut"), ActionText::tr("Filter out"),
                core::takeBoardOut(m_plan, filter));
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

    void move(core::Along along, const QString& name, const QString& text)
    {
        auto moved = core::movePart(m_plan, m_picked.port, along);
        if (!moved) return;
        add(name, text, std::move(moved->edit),
            along == core::Along::ToInput ? ActionText::tr("Past the next one, towards the input (Ctrl+Left)")
                                          : ActionText::tr("Past the next one, towards the speaker (Ctrl+Right)"));
        if (!m_actions.empty()) m_actions.back().along = along;
    }

    void add(const QString& name, const QString& text, core::Edit edit, const QString& more = {})
    {
        if (!edit.changes.empty()) m_actions.push_back({name, text, std::move(edit), more});
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
