#include "app/stations/split/bench_actions.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/network_edits.h"
#include "core/fitout/sides.h"
#include "core/model/two_way_network.h"
#include "core/physics/directivity.h"
#include "core/physics/ladder.h"
#include "core/physics/preferred_values.h"
#include "core/physics/series_capacitor.h"
#include "words/name_words.h"
#include "words/part_value.h"

namespace app {
namespace {

struct ActionText {
    Q_DECLARE_TR_FUNCTIONS(app::BenchActions)
};

constexpr double kDoorHighPass_hz = 80.0;  // where a door speaker usually begins; common practice, no source
constexpr double kBeginWith_ohm = 2.2;     // takes some 3 dB from a speaker of 4 ohms

double preferred(double value)
{
    return core::nearestPreferred(value, core::PreferredSeries::E12)->value;
}

// Where a split is begun with: between what the tweeter wants and where the woofer beams, else at what it wants.
double beginning_hz(const core::StageResult& stage, const core::SplitPair& pair, const core::Practice& practice)
{
    const double wants_hz = practice[core::PracticeKey::SplitNear_ratio] * stage.runs[pair.high].driver.fs_hz;
    const double beams_hz = core::beaming_hz(std::sqrt(stage.runs[pair.low].driver.sd_m2 / std::numbers::pi));
    return wants_hz < beams_hz ? std::sqrt(wants_hz * beams_hz) : wants_hz;
}

// A second-order board of textbook values into the nominal impedances, each the nearest that is made.
// source  S. Linkwitz, "Active crossover networks for noncoincident drivers", J. Audio Eng. Soc. 24 (1976)
core::TwoWayParts boardFor(const core::StageResult& stage, const core::SplitPair& pair, double at_hz)
{
    const core::FilterShape shape{core::FilterFamily::LinkwitzRiley, 2};
    const auto low = core::ladder(shape, core::FilterSide::LowPass, at_hz, stage.runs[pair.low].driver.nominal_ohm);
    const auto high = core::ladder(shape, core::FilterSide::HighPass, at_hz, stage.runs[pair.high].driver.nominal_ohm);
    return {.wooferCoil_h = preferred(low[0].value),
            .wooferShunt_f = preferred(low[1].value),
            .tweeterSeries_f = preferred(high[0].value),
            .tweeterShunt_h = preferred(high[1].value)};
}

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
        const core::Part& part = m_stage.used.parts.at(device->second.part);
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
        add(QStringLiteral("turnOver"), ActionText::tr("Turn over %1").arg(name),
            core::planTurnOver(m_plan, core::mates(m_stage.used, speaker)));
        const bool takesOver = m_pair && m_stage.runs[m_pair->high].run.id.coil.device == speaker;
        const core::DeviceId woofer = m_pair ? m_stage.runs[m_pair->low].run.id.coil.device : core::DeviceId{};
        const core::DeviceId board = woofer ? core::networkOf(m_stage.used, woofer) : core::DeviceId{};
        const double at_hz = takesOver ? beginning_hz(m_stage, *m_pair, m_practice) : kDoorHighPass_hz;
        const auto begin_f = core::seriesCapacitance_f(at_hz, run->driver.nominal_ohm);
        if (begin_f) {
            const double value_f = preferred(begin_f->value);
            add(QStringLiteral("addCapacitor"),
                ActionText::tr("%1 into its lead").arg(words::partValue(core::ElementKind::Capacitor, value_f)),
                core::addCapacitor(m_plan, speaker, value_f));
        }
        add(QStringLiteral("addResistor"),
            ActionText::tr("%1 into its lead").arg(words::partValue(core::ElementKind::Resistor, kBeginWith_ohm)),
            core::addResistor(m_plan, speaker, kBeginWith_ohm));
        if (board)
            add(QStringLiteral("boardOut"), ActionText::tr("Take the board out"), core::removeNetwork(m_plan, woofer));
        else if (m_pair && core::canBeParted(m_stage, *m_pair))
            addBoard(woofer, m_stage.runs[m_pair->high].run.id.coil.device);
        return std::move(m_actions);
    }

private:
    void addBoard(core::DeviceId woofer, core::DeviceId tweeter)
    {
        add(QStringLiteral("boardForBoth"), ActionText::tr("A board for both"),
            core::fitMadeNetwork(m_plan, woofer, tweeter,
                                 boardFor(m_stage, *m_pair, beginning_hz(m_stage, *m_pair, m_practice))));
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
