#include "core/advice/band_plan.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/advice/strain.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/driver_work.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/smoothing.h"

namespace core {
namespace {

constexpr double kThird = 3.0;  // of an octave
// Ours, no source:
constexpr double kLineFrom_hz = 200.0, kLineTo_hz = 5000.0;  // where any system plays
constexpr double kWide_octave = 1.0;                         // of an overlap: narrower than that is a hand-over
constexpr double kRelieved_ratio = 0.8;                      // of the travel there was: less is felt

// Where something holds, as stretches of frequency.
template <class Holds>
std::vector<BandStretch> stretches(const Eigen::ArrayXd& hz, Holds holds)
{
    std::vector<BandStretch> found;
    bool on = false;
    for (Eigen::Index i = 0; i < hz.size(); ++i) {
        if (!holds(i)) {
            on = false;
            continue;
        }
        if (!on) found.push_back({hz(i), hz(i)});
        found.back().to_hz = hz(i);
        on = true;
    }
    return found;
}

class Planner {
public:
    Planner(const StageResult& stage, const StageResult& found, ListenerId listener, const Practice& practice,
            const Eigen::ArrayXd& hz)
        : m_stage(stage), m_found(found), m_listener(listener), m_practice(practice), m_hz(hz)
    {
    }

    std::optional<BandPlan> run()
    {
        const auto heard = m_stage.hearing.find(m_listener);
        if (heard == m_stage.hearing.end() || m_stage.runs.empty()) return std::nullopt;
        m_plan.frequency_hz = m_hz;
        m_plan.sum_db = smoothed_db(m_hz, heard->second.level_db, kThird, m_hz);
        addRows();
        addEnds();
        addCarries();
        addOverlaps();
        addRelief();
        return std::move(m_plan);
    }

private:
    [[nodiscard]] bool isBass(const RunResult& run) const
    {
        return workOf(m_stage.used, run.run.id.coil) == DriverWork::Bass;
    }

    // This driver and those on other sides that repeat it, their energies added.
    [[nodiscard]] Eigen::ArrayXd level_db(const RunResult& leader) const
    {
        Eigen::ArrayXd square_pa2 = Eigen::ArrayXd::Zero(m_hz.size());
        const auto alike = mates(m_stage.used, leader.run.id.coil.device);
        for (size_t i = 0; i < m_stage.runs.size(); ++i) {
            const RunResult& run = m_stage.runs[i];
            const bool same = std::find(alike.begin(), alike.end(), run.run.id.coil.device) != alike.end() &&
                              run.run.id.coil.element == leader.run.id.coil.element;
            if (run.sameCone || !same || !m_stage.ways[i].ears.contains(m_listener)) continue;
            const Ears<Eigen::ArrayXcd> ears = runAt(m_stage, i, m_listener);
            square_pa2 += 0.5 * (ears[0].abs2() + ears[1].abs2());
        }
        return smoothed_db(m_hz, levelOf_db(square_pa2), kThird, m_hz);
    }

    void addRows()
    {
        for (const RunResult& run : m_stage.runs) {
            if (run.sameCone || repeatsLeader(m_stage, run.run.id.coil.device)) continue;
            BandRow row{.run = run.run.id, .level_db = level_db(run)};
            if (const auto filter = channelHighPass(m_stage, run.run.id.channel))
                row.channelHighPass_hz = filter->value;
            row.ownHighPass_hz = run.idealCorner_hz;
            row.doubled = row.channelHighPass_hz && row.ownHighPass_hz &&
                          stackedLimit(*row.channelHighPass_hz, *row.ownHighPass_hz, run.worst, m_practice);
            if (!isTweeter(run, m_practice)) addTravel(row, run);
            m_plan.rows.push_back(std::move(row));
        }
        std::stable_sort(m_plan.rows.begin(), m_plan.rows.end(), [&](const BandRow& a, const BandRow& b) {
            return findRun(m_stage, a.run)->driver.sd_m2 > findRun(m_stage, b.run)->driver.sd_m2;
        });
    }

    void addTravel(BandRow& row, const RunResult& run) const
    {
        const auto ratio = [&](const StageResult& stage, const RunResult& one) {
            const Strain strain = strainOf(stage, one, m_found, m_practice);
            return strain.travel_m / strain.xmax_m;
        };
        row.travel_ratio = ratio(m_stage, run);
        if (const RunResult* before = findRunOfDevice(m_found, run.run.id.coil.device))
            row.before_ratio = ratio(m_found, *before);
    }

    // From where to where all of it plays, and what is missing between.
    void addEnds()
    {
        double sum_db = 0.0;
        int count = 0;
        for (Eigen::Index i = 0; i < m_hz.size(); ++i)
            if (m_hz(i) >= kLineFrom_hz && m_hz(i) <= kLineTo_hz) {
                sum_db += m_plan.sum_db(i);
                ++count;
            }
        m_plan.line_db = sum_db / std::max(1, count);
        const double least_db = m_plan.line_db - m_practice[PracticeKey::BandGap_db];
        const auto playing = stretches(m_hz, [&](Eigen::Index i) { return m_plan.sum_db(i) >= least_db; });
        if (playing.empty()) return;
        m_plan.plays = {playing.front().from_hz, playing.back().to_hz};
        for (size_t i = 1; i < playing.size(); ++i) {
            const BandStretch gap{playing[i - 1].to_hz, playing[i].from_hz};
            if (over(gap.octaves(), m_practice[PracticeKey::SplitOffWide_octave])) m_plan.gaps.push_back(gap);
        }
    }

    // Near the loudest of them, where anything is heard of all.
    void addCarries()
    {
        const double carries_db = m_practice[PracticeKey::BandCarries_db];
        m_least_db = Eigen::ArrayXd::Constant(m_hz.size(), std::numeric_limits<double>::lowest());
        for (const BandRow& row : m_plan.rows) m_least_db = m_least_db.max(row.level_db - carries_db);
        const double heard_db = m_plan.line_db - m_practice[PracticeKey::BandGap_db];
        for (Eigen::Index i = 0; i < m_hz.size(); ++i)
            if (m_plan.sum_db(i) < heard_db) m_least_db(i) = std::numeric_limits<double>::max();
        for (BandRow& row : m_plan.rows)
            row.carries = broad(stretches(m_hz, [&](Eigen::Index i) { return row.level_db(i) >= m_least_db(i); }));
    }

    // A break narrower than a third of an octave is none, nor is what is left of a third.
    static std::vector<BandStretch> broad(const std::vector<BandStretch>& found)
    {
        std::vector<BandStretch> joined;
        for (const BandStretch& one : found) {
            if (!joined.empty() && BandStretch{joined.back().to_hz, one.from_hz}.octaves() < 1.0 / kThird)
                joined.back().to_hz = one.to_hz;
            else
                joined.push_back(one);
        }
        std::erase_if(joined, [](const BandStretch& one) { return one.octaves() < 1.0 / kThird; });
        return joined;
    }

    [[nodiscard]] std::optional<size_t> rowOf(const RunId& run) const
    {
        for (size_t i = 0; i < m_plan.rows.size(); ++i)
            if (m_plan.rows[i].run == run) return i;
        return std::nullopt;
    }

    void addOverlaps()
    {
        for (const SplitPair& pair : splitPairs(m_stage, m_practice)) {
            const auto low = rowOf(m_stage.runs[pair.low].run.id), high = rowOf(m_stage.runs[pair.high].run.id);
            if (low && high) addOverlap(*low, *high);
        }
        for (size_t low = 0; low < m_plan.rows.size(); ++low)
            for (size_t high = 0; high < m_plan.rows.size(); ++high) {
                const RunResult &a = *findRun(m_stage, m_plan.rows[low].run),
                                &b = *findRun(m_stage, m_plan.rows[high].run);
                if (isBass(a) && !isBass(b) && !isTweeter(b, m_practice)) addOverlap(low, high);
            }
    }

    void addOverlap(size_t low, size_t high)
    {
        const BandRow &a = m_plan.rows[low], &b = m_plan.rows[high];
        const auto both = [&](Eigen::Index i) {
            return std::abs(a.level_db(i) - b.level_db(i)) <= kEquallyLoud_db &&
                   std::min(a.level_db(i), b.level_db(i)) >= m_least_db(i);
        };
        for (const BandStretch& one : stretches(m_hz, both))
            if (over(one.octaves(), kWide_octave)) m_plan.overlaps.push_back({low, high, one});
    }

    void addRelief()
    {
        const bool added = std::any_of(m_stage.runs.begin(), m_stage.runs.end(), [&](const RunResult& run) {
            return isBass(run) && !findRunOfDevice(m_found, run.run.id.coil.device);
        });
        if (!added) return;
        for (size_t i = 0; i < m_plan.rows.size(); ++i) {
            const BandRow& row = m_plan.rows[i];
            if (row.before_ratio && row.travel_ratio && !isBass(*findRun(m_stage, row.run)))
                m_plan.relief.push_back({i, *row.before_ratio, *row.travel_ratio});
        }
    }

    const StageResult& m_stage;
    const StageResult& m_found;
    ListenerId m_listener;
    const Practice& m_practice;
    const Eigen::ArrayXd& m_hz;
    BandPlan m_plan{};
    Eigen::ArrayXd m_least_db{};  // from where on a driver carries
};

}  // namespace

double BandStretch::octaves() const
{
    return std::log2(to_hz / from_hz);
}

bool BandRelief::relieved() const
{
    return after_ratio <= kRelieved_ratio * before_ratio;
}

std::optional<BandPlan> bandPlan(const StageResult& stage, const StageResult& found, ListenerId listener,
                                 const Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    return Planner(stage, found, listener, practice, frequency_hz).run();
}

}  // namespace core
