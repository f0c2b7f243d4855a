#include "core/survey/bench_way.h"

#include <algorithm>
#include <map>
#include <set>

#include "core/fitout/wiring_graph.h"

namespace core {
namespace {

class Bench {
public:
    Bench(const Fitout& fitout, const Port& channel) : m_runs(runs(fitout)), m_channel(channel)
    {
        const WiringGraph graph = wiringGraph(fitout);
        const std::vector<int> net = nets(graph, [](const GraphEdge& edge) { return edge.kind == ElementKind::Link; });
        const auto netOf = [&](int pin) { return net[static_cast<size_t>(pin)]; };
        for (const GraphEdge& edge : graph.edges) {
            const int a = netOf(edge.a), b = netOf(edge.b);
            if (edge.kind == ElementKind::Output && edge.element == channel) {
                m_plus = a;
                m_minus = b;
            }
            if (edge.kind == ElementKind::Output || edge.kind == ElementKind::Input || edge.kind == ElementKind::Link)
                continue;
            if (a == b)
                m_bridged.push_back(edge.element);
            else
                m_edges.push_back({edge.element, edge.kind, a, b});
        }
        for (size_t i = 0; i < m_edges.size(); ++i)
            for (const int at : {m_edges[i].a, m_edges[i].b}) m_at[at].push_back(i);
        m_taken.assign(m_edges.size(), false);
    }

    [[nodiscard]] BenchWay way()
    {
        BenchWay way{.channel = m_channel};
        if (m_plus == m_minus) return way;  // its output is shorted
        m_seen = {m_plus, m_minus};
        way.chains = chainsFrom(m_plus);
        way.apart = m_apart;
        return way;
    }

private:
    struct Edge {
        Port element{};
        ElementKind kind{};
        int a = 0, b = 0;
    };
    struct Found {
        BenchChain chain{};
        int end = 0;
    };

    // From here through whatever has only one way on.
    Found follow(int from, size_t first)
    {
        Found found;
        int at = from;
        for (std::optional<size_t> next = first; next;) {
            const Edge& edge = m_edges[*next];
            m_taken[*next] = true;
            (edge.kind == ElementKind::Coil ? found.chain.coils : found.chain.parts).push_back(edge.element);
            at = edge.a == at ? edge.b : edge.a;
            next.reset();
            if (m_seen.contains(at) || m_at[at].size() != 2) continue;
            for (const size_t on : m_at[at])
                if (!m_taken[on]) next = on;
        }
        found.end = at;
        return found;
    }

    std::vector<BenchChain> chainsFrom(int net)
    {
        std::vector<Found> found;
        for (const size_t edge : m_at[net])
            if (!m_taken[edge]) found.push_back(follow(net, edge));
        std::vector<BenchChain> chains;
        std::map<int, size_t> towards;  // end -> chain, of those that go on
        std::vector<int> ends;
        for (Found& one : found) {
            one.chain.across = one.end == m_minus;
            if (!one.chain.across && m_seen.contains(one.end)) {
                m_apart.insert(m_apart.end(), one.chain.parts.begin(), one.chain.parts.end());
                m_apart.insert(m_apart.end(), one.chain.coils.begin(), one.chain.coils.end());
                continue;
            }
            if (!one.chain.across) {
                const auto [entry, fresh] = towards.try_emplace(one.end, chains.size());
                if (!fresh) {
                    BenchChain& same = chains[entry->second];
                    same.beside.insert(same.beside.end(), one.chain.parts.begin(), one.chain.parts.end());
                    same.coils.insert(same.coils.end(), one.chain.coils.begin(), one.chain.coils.end());
                    continue;
                }
            }
            takeBridged(one.chain);
            chains.push_back(std::move(one.chain));
            ends.push_back(one.end);
        }
        for (const auto& [end, chain] : towards) m_seen.insert(end);
        for (size_t i = 0; i < chains.size(); ++i)
            if (!chains[i].across) chains[i].next = chainsFrom(ends[i]);
        return chains;
    }

    // What is bridged on the way to these coils, once.
    void takeBridged(BenchChain& chain)
    {
        for (const Port& coil : chain.coils)
            for (const Run& run : m_runs) {
                if (run.id.coil != coil || run.id.channel != m_channel) continue;
                std::erase_if(m_bridged, [&](const Port& part) {
                    const bool here = std::find(run.along.begin(), run.along.end(), part.device) != run.along.end();
                    if (here) chain.bridged.push_back(part);
                    return here;
                });
            }
    }

    std::vector<Run> m_runs;
    Port m_channel;
    int m_plus = 0, m_minus = 0;
    std::vector<Edge> m_edges{};
    std::map<int, std::vector<size_t>> m_at{};
    std::vector<bool> m_taken{};
    std::set<int> m_seen{};
    std::vector<Port> m_bridged{}, m_apart{};
};

}  // namespace

BenchWay benchWay(const Fitout& fitout, const Port& channel)
{
    return Bench(fitout, channel).way();
}

bool feedsCoil(const BenchChain& chain)
{
    return !chain.coils.empty() || std::any_of(chain.next.begin(), chain.next.end(), feedsCoil);
}

}  // namespace core
