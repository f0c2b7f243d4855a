#include "app/stations/split/bench_layout.h"

#include <algorithm>
#include <limits>
#include <map>
#include <set>

#include "core/fitout/resolve.h"
#include "core/model/branch_across.h"

namespace app {
namespace {

using core::BenchChain;

// Units of normal zoom.
constexpr double kLeft = 88.0, kColumn = 92.0, kLeast = 46.0, kPartHeight = 32.0, kUprightWidth = 52.0, kRing = 44.0;
constexpr double kNarrow = 80.0, kTall = 38.0;       // the unit stands under the value
constexpr double kBoardIn = 40.0, kBoardOut = 64.0;  // for the names of its screws
constexpr double kSpeaker = 58.0, kArrival = 152.0, kGap = 14.0, kBoardEdge = 12.0, kLead = 18.0;

int rowsOf(const BenchChain& chain)
{
    int rows = chain.coils.empty() ? 0 : 1;
    for (const BenchChain& next : chain.next) rows += rowsOf(next);
    return rows;
}

bool lies(const BenchChain& chain)
{
    return !core::feedsCoil(chain);
}

// All of what lies across, however it branches.
std::vector<core::Port> partsOf(const BenchChain& chain)
{
    std::vector<core::Port> parts = chain.parts;
    parts.insert(parts.end(), chain.beside.begin(), chain.beside.end());
    for (const BenchChain& next : chain.next) {
        const std::vector<core::Port> more = partsOf(next);
        parts.insert(parts.end(), more.begin(), more.end());
    }
    return parts;
}

bool reachesMinus(const BenchChain& chain)
{
    return chain.across || std::any_of(chain.next.begin(), chain.next.end(), reachesMinus);
}

// Coils of one cone that lie side by side with nothing before them are one speaker with as many rings.
std::vector<BenchChain> byCones(const std::vector<BenchChain>& chains, const core::Fitout& fitout)
{
    std::vector<BenchChain> cones;
    const auto isBare = [](const BenchChain& chain) {
        return chain.across && chain.parts.empty() && !chain.coils.empty();
    };
    for (BenchChain chain : chains) {
        chain.next = byCones(chain.next, fitout);
        const auto same = std::find_if(cones.begin(), cones.end(), [&](const BenchChain& one) {
            if (!isBare(one) || !isBare(chain)) return false;
            const core::Port &a = one.coils.front(), &b = chain.coils.front();
            const auto cone = core::coilsOfCone(partOf(fitout, a.device), a.element);
            return a.device == b.device && std::find(cone.begin(), cone.end(), b.element) != cone.end();
        });
        if (same == cones.end()) {
            cones.push_back(std::move(chain));
            continue;
        }
        same->coils.insert(same->coils.end(), chain.coils.begin(), chain.coils.end());
        same->bridged.insert(same->bridged.end(), chain.bridged.begin(), chain.bridged.end());
    }
    return cones;
}

int columnsOf(const std::vector<BenchChain>& chains);

int columnsOf(const BenchChain& chain)
{
    const auto own = static_cast<int>(chain.parts.size() + chain.bridged.size());
    return own + columnsOf(chain.next);
}

// From a point on: what lies across stands before what goes on.
int columnsOf(const std::vector<BenchChain>& chains)
{
    int across = 0, most = 0;
    for (const BenchChain& chain : chains) {
        if (lies(chain))
            ++across;
        else
            most = std::max(most, columnsOf(chain));
    }
    return across + most;
}

class Bench {
public:
    Bench(const core::StageResult& stage, const QRectF& area, double unit, int rows, int columns)
        : m_stage(stage), m_area(area), m_unit(unit), m_rowHeight(area.height() / std::max(1, rows))
    {
        const double room = area.width() - (kLeft + kSpeaker + kArrival + 2.0 * kGap + kLead + kBoardOut) * unit;
        m_column = std::clamp(room / std::max(1, columns), kLeast * unit, kColumn * unit);
        m_speaker = area.right() - (kArrival + kSpeaker + kGap) * unit;
        m_picture.right = m_speaker + kSpeaker * unit;
    }

    void add(const core::BenchWay& way)
    {
        const double start = m_area.left();
        m_picture.starts.push_back(m_opened);
        place(way.chains, start + kLeft * m_unit, openRow(), start);
    }

    [[nodiscard]] BenchPicture picture()
    {
        frame();
        return std::move(m_picture);
    }

private:
    [[nodiscard]] double plus(int row) const { return m_area.top() + m_rowHeight * row + 0.36 * m_rowHeight; }
    [[nodiscard]] double minus(int row) const { return m_area.top() + m_rowHeight * row + 0.82 * m_rowHeight; }

    int openRow()
    {
        const int row = m_opened++;
        m_picture.plusAt.push_back(plus(row));
        m_picture.minusAt.push_back(minus(row));
        return row;
    }

    void lead(bool isPlus, std::initializer_list<QPointF> points)
    {
        m_picture.leads.push_back({QPolygonF(points), isPlus});
    }

    void item(const core::Port& port, const QPointF& centre, int row, bool upright, bool bridged = false)
    {
        const core::Part& part = partOf(m_stage.used, port.device);
        const bool wound = part.inside.at(port.element).kind == core::ElementKind::Inductor;
        const double across = 0.62 * (minus(row) - plus(row));
        const QSizeF size =
            upright ? QSizeF(std::min(kUprightWidth * m_unit, m_column - 4.0 * m_unit), across)
            : wound ? QSizeF(kRing * m_unit, kRing * m_unit)
                    : QSizeF(m_column - kGap * m_unit, (m_column < kNarrow * m_unit ? kTall : kPartHeight) * m_unit);
        m_picture.items.push_back(
            {BenchItem::Kind::Part,
             port,
             {},
             QRectF(centre.x() - 0.5 * size.width(), centre.y() - 0.5 * size.height(), size.width(), size.height()),
             row,
             upright,
             bridged});
    }

    // The smallest cone first: a tweeter's row lies over its woofer's.
    [[nodiscard]] double coneOf(const BenchChain& chain) const
    {
        double least = std::numeric_limits<double>::max();
        for (const core::Port& coil : chain.coils)
            for (const core::RunResult& run : m_stage.runs)
                if (run.run.id.coil == coil) least = std::min(least, run.driver.sd_m2);
        for (const BenchChain& next : chain.next) least = std::min(least, coneOf(next));
        return least;
    }

    // from  where the lead to this point begins
    void place(const std::vector<BenchChain>& chains, double x, int row, double from)
    {
        double at = x;
        for (const BenchChain& chain : chains) {
            if (!lies(chain)) continue;
            if (isAcrossSpeaker(chain))
                across(chain, besideSpeaker(row) - 0.5 * m_column, row);
            else
                at = across(chain, at, row);
        }
        if (at > x || from < x) {
            lead(true, {{from, plus(row)}, {at, plus(row)}});
            lead(false, {{from, minus(row)}, {at, minus(row)}});
        }
        std::vector<const BenchChain*> on;
        for (const BenchChain& chain : chains)
            if (!lies(chain)) on.push_back(&chain);
        std::stable_sort(on.begin(), on.end(),
                         [&](const BenchChain* a, const BenchChain* b) { return coneOf(*a) < coneOf(*b); });
        for (size_t i = 0; i < on.size(); ++i) {
            int its = row;
            if (i > 0) {
                its = openRow();
                const double fork = at - (0.5 * kGap) * m_unit, back = fork - 0.7 * kGap * m_unit;
                lead(true, {{fork, plus(row)}, {fork, plus(its)}, {at, plus(its)}});
                lead(false, {{back, minus(row)}, {back, minus(its)}, {at, minus(its)}});
            }
            follow(*on[i], at, its);
        }
    }

    // The next free place in a row right before its speaker.
    double besideSpeaker(int row) { return m_speaker - (kLead + kGap) * m_unit - (m_beside[row]++ + 0.5) * m_column; }

    // Made across the speaker, not on a board.
    [[nodiscard]] bool isAcrossSpeaker(const BenchChain& chain) const
    {
        return !chain.parts.empty() && core::isBranchAcross(partOf(m_stage.used, chain.parts.front().device));
    }

    // What lies from here to the minus, one thing under another.
    double across(const BenchChain& chain, double x, int row)
    {
        const double centre = x + 0.5 * m_column;
        const std::vector<core::Port> parts = partsOf(chain);
        const double step = (minus(row) - plus(row)) / static_cast<double>(parts.size());
        for (size_t i = 0; i < parts.size(); ++i) {
            item(parts[i], {centre, plus(row) + step * (static_cast<double>(i) + 0.5)}, row, true);
            QRectF& area = m_picture.items.back().area;
            const double height = std::min(area.height(), 0.8 * step);
            area = {area.left(), area.center().y() - 0.5 * height, area.width(), height};
        }
        lead(true, {{centre, plus(row)}, {centre, 0.5 * (plus(row) + minus(row))}});
        if (reachesMinus(chain))  // else its other end hangs loose
            lead(false, {{centre, 0.5 * (plus(row) + minus(row))}, {centre, minus(row)}});
        return x + m_column;
    }

    void follow(const BenchChain& chain, double x, int row)
    {
        double at = x;
        const auto put = [&](const core::Port& port, bool bridged) {
            item(port, {at + 0.5 * m_column, plus(row)}, row, false, bridged);
            at += m_column;
        };
        for (const core::Port& port : chain.parts) put(port, false);
        for (size_t i = 0; i < chain.beside.size(); ++i) {  // under what it lies beside
            const double under = plus(row) + (kPartHeight + 4.0) * m_unit * static_cast<double>(i + 1);
            item(chain.beside[i], {x + 0.5 * m_column, under}, row, false);
        }
        // What sits on the speaker lies beside it, bridged or not.
        for (const core::Port& port : chain.bridged) item(port, {besideSpeaker(row), plus(row)}, row, false, true);
        lead(true, {{x, plus(row)}, {at, plus(row)}});
        lead(false, {{x, minus(row)}, {at, minus(row)}});
        if (chain.coils.empty()) return place(chain.next, at, row, at);
        speaker(chain, at, row);
        if (!chain.next.empty()) place(chain.next, at, row, at);
    }

    void speaker(const BenchChain& chain, double from, int row)
    {
        const double size = std::min(kSpeaker * m_unit, 0.9 * m_rowHeight);
        const double middle = 0.5 * (plus(row) + minus(row));
        m_picture.items.push_back({BenchItem::Kind::Speaker, chain.coils.front(), chain.coils,
                                   QRectF(m_speaker, middle - 0.5 * size, size, size), row});
        int sign = 1;
        for (const core::RunResult& run : m_stage.runs)
            if (run.run.id.coil == chain.coils.front() && run.run.sign != 0) sign = run.run.sign;
        // Turned over, its two leads cross.
        const double cross = m_speaker - kLead * m_unit, tab = 0.16 * size;
        const double high = middle - tab, low = middle + tab;
        lead(true, {{from, plus(row)}, {cross, plus(row)}, {m_speaker, sign < 0 ? low : high}});
        lead(false, {{from, minus(row)}, {cross, minus(row)}, {m_speaker, sign < 0 ? high : low}});
    }

    // A board round what is on it, with a screw for each lead that crosses its edge.
    void frame()
    {
        std::map<core::DeviceId, QRectF> areas;
        std::map<core::DeviceId, std::map<int, std::optional<core::Leg>>> rows;
        for (const BenchItem& item : m_picture.items) {
            if (item.kind != BenchItem::Kind::Part || item.bridged) continue;
            const core::Part& part = partOf(m_stage.used, item.port.device);
            const bool board = part.kind == core::PartKind::Network && part.terminals.size() > 2;
            if (!board || core::isBranchAcross(part)) continue;
            areas[item.port.device] |= item.area;
            rows[item.port.device].try_emplace(item.row);
        }
        // A leg without a part of its own passes through the board, too.
        for (const BenchItem& item : m_picture.items)
            for (const core::RunResult& run : m_stage.runs)
                if (item.kind == BenchItem::Kind::Speaker && run.run.id.coil == item.port)
                    for (const core::DeviceId device : run.run.along)
                        if (areas.contains(device))
                            rows[device][item.row] = core::legTo(m_stage.used, device, item.port.device);
        for (auto& [device, area] : areas) {
            const int top = rows[device].begin()->first, bottom = rows[device].rbegin()->first;
            area.setTop(plus(top) - 0.5 * kRing * m_unit - 6.0 * m_unit);
            area.setBottom(minus(bottom) + kBoardEdge * m_unit);
            area.adjust(-kBoardIn * m_unit, 0, kBoardOut * m_unit, 0);
            m_picture.boards.push_back({device, area});
            for (const bool isPlus : {true, false})
                m_picture.screws.push_back({{area.left(), isPlus ? plus(top) : minus(top)}, top, isPlus, false, {}});
            for (const auto& [row, leg] : rows[device])
                for (const bool isPlus : {true, false})
                    m_picture.screws.push_back({{area.right(), isPlus ? plus(row) : minus(row)}, row, isPlus, true, leg});
        }
    }

    const core::StageResult& m_stage;
    QRectF m_area;
    double m_unit, m_rowHeight, m_column = 0.0, m_speaker = 0.0;
    int m_opened = 0;
    std::map<int, int> m_beside{};  // taken, by row
    BenchPicture m_picture{};
};

}  // namespace

std::vector<core::BenchWay> benchWays(const core::Fitout& fitout, const std::vector<core::Port>& channels)
{
    std::vector<core::BenchWay> ways;
    for (const core::Port& channel : channels) {
        ways.push_back(core::benchWay(fitout, channel));
        ways.back().chains = byCones(ways.back().chains, fitout);
    }
    return ways;
}

int benchRows(const std::vector<core::BenchWay>& ways)
{
    int rows = 0;
    for (const core::BenchWay& way : ways) {
        int own = 0;
        for (const BenchChain& chain : way.chains) own += rowsOf(chain);
        rows += std::max(1, own);
    }
    return rows;
}

BenchPicture layOutBench(const std::vector<core::BenchWay>& ways, const core::StageResult& stage, const QRectF& area,
                         double unit)
{
    int columns = 0;
    for (const core::BenchWay& way : ways) columns = std::max(columns, columnsOf(way.chains));
    Bench bench(stage, area, unit, benchRows(ways), columns);
    for (const core::BenchWay& way : ways) bench.add(way);
    return bench.picture();
}

}  // namespace app
