#include "core/evaluate/make_stage.h"

#include <algorithm>

#include "core/base/grid.h"
#include "core/evaluate/cabin_of.h"
#include "core/evaluate/channel_inputs.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/cone_results.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/solve_circuit.h"
#include "core/evaluate/ways.h"
#include "core/fit/fit_of.h"
#include "core/fitout/wiring_graph.h"
#include "core/physics/network_sweep.h"

namespace core {
namespace {

// What an ohmmeter and a polarity test should find.
void expectReadings(StageResult& stage)
{
    for (const RunResult& result : stage.runs) {
        const Known& re = result.coil.at(Quantity::Re_ohm);
        stage.expected[{result.run.id.coil, Quantity::Re_ohm}] = {re.value, re.basis.origin};
        stage.expected[{result.run.id, Quantity::NetPolarity}] = {
            result.run.sign * result.coil.at(Quantity::Polarity).value, result.worst};
    }
}

// Two fitouts whose circuits hang together in the same way, whatever the values in them.
bool hangTogetherAlike(const Fitout& a, const Fitout& b)
{
    const auto alike = [](const Part& one, const Part& other) {
        return std::equal(one.inside.begin(), one.inside.end(), other.inside.begin(), other.inside.end(),
                          [](const auto& x, const auto& y) {
                              return x.first == y.first && x.second.kind == y.second.kind && x.second.a == y.second.a &&
                                     x.second.b == y.second.b && x.second.cone == y.second.cone;
                          });
    };
    return a.wires == b.wires && std::equal(a.devices.begin(), a.devices.end(), b.devices.begin(), b.devices.end(),
                                            [&](const auto& x, const auto& y) {
                                                return x.first == y.first &&
                                                       alike(a.parts.at(x.second.part), b.parts.at(y.second.part));
                                            });
}

// A driver that nothing is said of is mounted the usual way.
bool mountedAlike(const Fitout& a, const Fitout& b)
{
    const auto within = [](const Fitout& one, const Fitout& other) {
        return std::all_of(one.mounts.begin(), one.mounts.end(), [&](const auto& entry) {
            const auto found = other.mounts.find(entry.first);
            const Mount mount = found == other.mounts.end() ? Mount{} : found->second;
            return entry.second.behind == mount.behind && entry.second.backwards == mount.backwards;
        });
    };
    return within(a, b) && within(b, a);
}

// Two fitouts that differ at most in where things are and who listens: their circuits and what is behind their cones
// are the same.
bool differInPositionOnly(const Fitout& a, const Fitout& b)
{
    const auto besides = [](const auto& here, const auto& there, const auto& alike) {
        return std::equal(here.begin(), here.end(), there.begin(), there.end(), [&](const auto& x, const auto& y) {
            return x.first == y.first && alike(x.second, y.second);
        });
    };
    const auto samePlace = [](const Place& x, const Place& y) { return x.kind == y.kind && x.room == y.room; };
    return a.wires == b.wires && a.settings == b.settings && a.devices == b.devices && a.curves == b.curves &&
           a.alterations == b.alterations && besides(a.places, b.places, samePlace) && mountedAlike(a, b) &&
           a.parts == b.parts;
}

class StageMaker {
public:
    StageMaker(const Practice& practice, const GridTables& tables, std::vector<const StageResult*> known,
               SweepsByShape* sweeps)
        : m_practice(practice), m_tables(tables), m_known(std::move(known)), m_sweeps(sweeps)
    {
    }

    std::shared_ptr<const StageResult> make(Fitout fitout)
    {
        m_stage->used = std::move(fitout);
        if (!takeOverAllCircuits()) {
            solveCircuits();
            m_stage->cones = conesOf(*m_stage, m_tables, m_practice);
            setCleanVoltage(*m_stage, m_practice, m_tables);
        }
        m_stage->cabin = cabinOf(m_stage->used, m_practice);
        findWays();
        for (const auto& [id, listener] : m_stage->used.listeners) addHearing(id);
        expectReadings(*m_stage);
        m_stage->fits = fitsOf(m_stage->used, m_practice, m_known);
        return m_stage;
    }

private:
    [[nodiscard]] std::vector<Run> allRuns(const WiringGraph& graph) const
    {
        for (const StageResult* last : m_known) {
            if (!hangTogetherAlike(last->used, m_stage->used)) continue;
            std::vector<Run> found;
            for (const ChannelInputs& inputs : last->inputs)
                for (const CoilInputs& coil : inputs.coils) found.push_back(coil.run);
            return found;
        }
        return runs(graph);
    }

    bool takeOverAllCircuits()
    {
        for (const StageResult* last : m_known) {
            if (!differInPositionOnly(last->used, m_stage->used)) continue;
            m_stage->inputs = last->inputs;
            m_stage->circuits = last->circuits;
            m_stage->runs = last->runs;
            m_stage->cones = last->cones;
            m_stage->clean = last->clean;
            m_stage->sourceLeast_v = last->sourceLeast_v;
            m_sameSound = last;
            return true;
        }
        return false;
    }

    void solveCircuits()
    {
        const WiringGraph graph = wiringGraph(m_stage->used);
        const std::vector<Run> found = allRuns(graph);
        const std::vector<Port> all = channels(m_stage->used);
        m_stage->inputs.reserve(all.size());
        m_stage->circuits.reserve(all.size());
        m_stage->runs.reserve(found.size());
        for (const Port& channel : all) {
            m_stage->inputs.push_back(channelInputs(m_stage->used, graph, channel, found, m_practice));
            if (takeOver(m_stage->inputs.back())) continue;
            m_sameSound = nullptr;
            const ChannelInputs& inputs = m_stage->inputs.back();
            const bool plays = inputs.circuit && !inputs.circuit->taps.empty();
            const NetworkSweep* sweep = m_sweeps && plays ? &m_sweeps->of(inputs.circuit->network) : nullptr;
            if (auto solved = solveCircuit(inputs, m_practice, m_tables, {.sweep = sweep})) {
                m_stage->circuits.push_back(std::move(solved->circuit));
                for (RunResult& run : solved->runs) m_stage->runs.push_back(std::move(run));
            }
        }
        if (m_sameSound && m_sameSound->runs.size() != m_stage->runs.size()) m_sameSound = nullptr;
    }

    bool takeOver(const ChannelInputs& inputs)
    {
        for (const StageResult* last : m_known) {
            if (std::find(last->inputs.begin(), last->inputs.end(), inputs) == last->inputs.end()) continue;
            if (const CircuitResult* circuit = findCircuit(*last, inputs.channel))
                m_stage->circuits.push_back(*circuit);
            for (const RunResult& run : last->runs)
                if (run.run.id.channel == inputs.channel) m_stage->runs.push_back(run);
            if (m_sameSound != last) m_sameSound = nullptr;
            return true;
        }
        return false;
    }

    void findWays()
    {
        m_stage->ways.reserve(m_stage->runs.size());
        for (const RunResult& run : m_stage->runs) {
            RunWays ways{soundSource(m_stage->used, run.run.id.coil, run.driver.sd_m2, m_practice), {}};
            for (const auto& [id, listener] : m_stage->used.listeners) {
                const auto same = std::find_if(m_stage->ways.begin(), m_stage->ways.end(),
                                               [&](const RunWays& one) { return one.source == ways.source; });
                if (same != m_stage->ways.end()) {  // another coil of its cone
                    ways.ears[id] = same->ears.at(id);
                    continue;
                }
                if (const auto known = knownWays(ways.source, id, listener)) {
                    ways.ears[id] = known;
                    continue;
                }
                const PreparedCabin& cabin = prepared();
                const Ears<Vec3> ears = earsOf(listener);
                ways.ears[id] = std::make_shared<const Ears<Eigen::ArrayXcd>>(
                    Ears<Eigen::ArrayXcd>{wayTo(ways.source, ears[0], cabin), wayTo(ways.source, ears[1], cabin)});
            }
            m_stage->ways.push_back(std::move(ways));
        }
    }

    const PreparedCabin& prepared()
    {
        for (const StageResult* last : m_known)
            if (!m_stage->prepared && last->cabin == m_stage->cabin) m_stage->prepared = last->prepared;
        if (!m_stage->prepared)
            m_stage->prepared = std::make_shared<const PreparedCabin>(
                prepareCabin(m_stage->cabin, gridField(m_stage->cabin.gain), m_practice));
        return *m_stage->prepared;
    }

    [[nodiscard]] std::shared_ptr<const Ears<Eigen::ArrayXcd>> knownWays(const SoundSource& source, ListenerId id,
                                                                         const Listener& listener) const
    {
        for (const StageResult* last : m_known) {
            const auto sameListener = last->used.listeners.find(id);
            if (sameListener == last->used.listeners.end() || !(sameListener->second == listener) ||
                !(last->cabin == m_stage->cabin))
                continue;
            for (const RunWays& ways : last->ways)
                if (ways.source == source)
                    if (const auto ears = ways.ears.find(id); ears != ways.ears.end()) return ears->second;
        }
        return nullptr;
    }

    // Where nothing that sounds or is heard has changed, neither has what is heard.
    void addHearing(ListenerId id)
    {
        const StageResult* last = m_sameSound;
        if (last && last->cabin == m_stage->cabin && last->used.curves == m_stage->used.curves &&
            last->hearing.contains(id) && last->used.listeners.at(id) == m_stage->used.listeners.at(id) &&
            std::equal(last->ways.begin(), last->ways.end(), m_stage->ways.begin(), m_stage->ways.end(),
                       [](const RunWays& a, const RunWays& b) { return a.source == b.source; })) {
            m_stage->hearing.emplace(id, last->hearing.at(id));
            return;
        }
        if (auto heard = hear(*m_stage, id, m_practice, m_tables)) m_stage->hearing.emplace(id, std::move(*heard));
    }

    const Practice& m_practice;
    const GridTables& m_tables;
    std::vector<const StageResult*> m_known;
    SweepsByShape* m_sweeps;
    std::shared_ptr<StageResult> m_stage = std::make_shared<StageResult>();
    const StageResult* m_sameSound = m_known.empty() ? nullptr : m_known.front();  // all circuits so far came from it
};

}  // namespace

std::shared_ptr<const StageResult> makeStage(Fitout fitout, const Practice& practice, const GridTables& tables,
                                             std::vector<const StageResult*> known, SweepsByShape* sweeps)
{
    return StageMaker(practice, tables, std::move(known), sweeps).make(std::move(fitout));
}

}  // namespace core
