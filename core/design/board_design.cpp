#include "core/design/board_design.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <iterator>

#include "core/base/grid.h"
#include "core/design/leg_fit.h"
#include "core/design/split_start.h"
#include "core/design/tried_leg.h"
#include "core/fitout/coil_wiring.h"
#include "core/limits/sound_limits.h"
#include "core/physics/driver.h"
#include "core/physics/ladder.h"
#include "core/physics/pad.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

constexpr double kFitted_ratio = 4.0;  // two octaves either way of its corners
constexpr Eigen::Index kFitted = 96;   // points of it
constexpr FilterShape kUsual{FilterFamily::LinkwitzRiley, 2};

double preferred(double value)
{
    return nearestPreferred(value, PreferredSeries::E12)->value;
}

struct LegWish {
    std::optional<Filter> highPass{}, lowPass{};
    double pad_db = 0.0;
    bool keepsLoad = true;
};

// What is wanted of the leg at this place among so many.
LegWish legOf(const BoardWish& wish, size_t place, size_t count)
{
    LegWish leg;
    if (count == 1) {
        leg.highPass = wish.filters[0];
        leg.lowPass = wish.filters[1];
    } else {
        if (place > 0) leg.highPass = wish.filters[place - 1];
        if (place + 1 < count) leg.lowPass = wish.filters[place];
    }
    if (place + 1 == count) leg.pad_db = wish.pad_db;
    leg.keepsLoad = wish.keepsLoad;
    return leg;
}

class LegDesign {
public:
    LegDesign(const StageResult& stage, const RunResult& run, const LegWish& wish, LegLoad load)
        : m_run(run), m_wish(wish), m_load(load), m_times(leadsOverCone(stage.used, run.run.id.coil))
    {
        const std::optional<Filter>& filter = wish.highPass ? wish.highPass : wish.lowPass;
        m_pad = pad(wish.pad_db, filter ? ohmAt(filter->frequency_hz) : m_times * run.driver.nominal_ohm);
    }

    [[nodiscard]] LegParts parts()
    {
        if (m_wish.highPass) add(FilterSide::HighPass, *m_wish.highPass);
        if (m_wish.lowPass) add(FilterSide::LowPass, *m_wish.lowPass);
        if (m_load == LegLoad::WholeCurve) fit();
        for (const LegPart& part : padParts()) m_parts.push_back(part);
        for (LegPart& part : m_parts) part.value = preferred(part.value);
        return std::move(m_parts);
    }

private:
    // Of the speaker alone.
    [[nodiscard]] double ohmAt(double corner_hz) const
    {
        if (m_load == LegLoad::Stated) return m_times * m_run.driver.nominal_ohm;
        return m_times * std::abs(impedance_ohm(m_run.driver, Eigen::ArrayXd::Constant(1, corner_hz))(0));
    }

    void add(FilterSide side, const Filter& filter)
    {
        const double padded_ohm = m_wish.pad_db > 0.0 && !m_wish.keepsLoad ? m_pad.plainSeries_ohm : 0.0;
        for (const LadderPart& one :
             ladder(filter.shape(), side, filter.frequency_hz, ohmAt(filter.frequency_hz) + padded_ohm))
            m_parts.push_back({one.inductor ? ElementKind::Inductor : ElementKind::Capacitor, one.series, one.value});
    }

    [[nodiscard]] LegParts padParts() const
    {
        if (m_wish.pad_db <= 0.0) return {};
        LegParts parts{{ElementKind::Resistor, true, m_wish.keepsLoad ? m_pad.series_ohm : m_pad.plainSeries_ohm}};
        if (m_wish.keepsLoad && m_pad.shunt_ohm) parts.push_back({ElementKind::Resistor, false, *m_pad.shunt_ohm});
        return parts;
    }

    // To the filter's own curve, into the speaker behind its pad.
    void fit()
    {
        if (m_parts.empty()) return;
        const double first_hz = (m_wish.highPass ? m_wish.highPass : m_wish.lowPass)->frequency_hz;
        const double last_hz = (m_wish.lowPass ? m_wish.lowPass : m_wish.highPass)->frequency_hz;
        const Eigen::ArrayXd hz = Eigen::ArrayXd::LinSpaced(kFitted, std::log(std::min(first_hz, last_hz) / kFitted_ratio),
                                                            std::log(std::max(first_hz, last_hz) * kFitted_ratio))
                                      .exp();
        Eigen::ArrayXcd wanted = Eigen::ArrayXcd::Ones(hz.size());
        const auto follow = [&](const std::optional<Filter>& filter, FilterSide side) {
            if (filter) wanted *= filterResponse(filter->shape(), side, filter->frequency_hz, hz);
        };
        follow(m_wish.highPass, FilterSide::HighPass);
        follow(m_wish.lowPass, FilterSide::LowPass);
        const Eigen::ArrayXcd speaker_ohm = m_times * impedance_ohm(m_run.driver, hz);
        m_parts = fitLeg(m_parts, wanted, legResponse(padParts(), speaker_ohm, laplace(hz)).input_ohm, hz);
    }

    const RunResult& m_run;
    const LegWish& m_wish;
    LegLoad m_load;
    double m_times;  // its pair's ohms over those of all its coils in parallel
    Pad m_pad{};
    LegParts m_parts{};
};

DeviceId deviceOf(const StageResult& stage, size_t run)
{
    return stage.runs[run].run.id.coil.device;
}

// The pair in which one of them is this speaker and a board can part them.
std::optional<SplitPair> partablePair(const StageResult& stage, DeviceId speaker, bool isHigh, const Practice& practice)
{
    for (const SplitPair& pair : splitPairs(stage, practice))
        if (deviceOf(stage, isHigh ? pair.high : pair.low) == speaker && canBeParted(stage, pair)) return pair;
    return std::nullopt;
}

}  // namespace

std::vector<FilterShape> boardShapes()
{
    std::vector<FilterShape> shapes;
    for (int order = 1; order <= kMostBoardOrder; ++order)
        for (const FilterFamily family : {FilterFamily::Butterworth, FilterFamily::LinkwitzRiley, FilterFamily::Bessel})
            if (isOffered({family, order})) shapes.push_back({family, order});
    return shapes;
}

BoardParts designBoard(const StageResult& stage, const BoardSpeakers& speakers, const BoardWish& wish)
{
    BoardParts board;
    size_t place = 0;
    for (const auto& [leg, speaker] : speakers) {
        const LegWish wanted = legOf(wish, place++, speakers.size());
        const RunResult* run = findRunOfDevice(stage, speaker);
        board[leg] = run ? LegDesign(stage, *run, wanted, wish.load).parts() : LegParts{};
    }
    return board;
}

std::vector<BoardSpeakers> boardChoices(const StageResult& stage, DeviceId speaker, const Practice& practice)
{
    const auto under = partablePair(stage, speaker, true, practice), over = partablePair(stage, speaker, false, practice);
    std::array<DeviceId, 3> row{under ? deviceOf(stage, under->low) : DeviceId{}, speaker,
                                over ? deviceOf(stage, over->high) : DeviceId{}};
    if (under && !over)
        if (const auto lower = partablePair(stage, row[0], true, practice))
            row = {deviceOf(stage, lower->low), row[0], speaker};
    if (over && !under)
        if (const auto higher = partablePair(stage, row[2], false, practice))
            row = {speaker, row[2], deviceOf(stage, higher->high)};
    std::vector<BoardSpeakers> choices;
    if (row[0] && row[1] && row[2])
        choices.push_back({{Leg::Woofer, row[0]}, {Leg::Mid, row[1]}, {Leg::Tweeter, row[2]}});
    for (const auto& [low, high] : {std::pair{row[0], row[1]}, {row[1], row[2]}})
        if (low && high) choices.push_back({{Leg::Woofer, low}, {Leg::Tweeter, high}});
    std::stable_sort(row.begin(), row.end(), [&](DeviceId one, DeviceId) { return one == speaker; });
    for (const DeviceId one : row)
        if (const RunResult* run = one ? findRunOfDevice(stage, one) : nullptr)
            choices.push_back({{isTweeter(*run, practice) ? Leg::Tweeter : Leg::Woofer, one}});
    return choices;
}

BoardWish startingWish(const StageResult& stage, const BoardSpeakers& speakers, const Practice& practice)
{
    const auto usual = [](double at_hz) { return Filter{at_hz, kUsual.order, kUsual.family}; };
    const auto from = [&](DeviceId speaker, bool isHigh) -> std::optional<Filter> {
        const auto pair = partablePair(stage, speaker, isHigh, practice);
        return pair ? std::optional(usual(startingSplit_hz(stage, *pair, practice))) : std::nullopt;
    };
    BoardWish wish;
    if (speakers.size() > 1) {  // each from the one before it
        size_t place = 0;
        for (auto high = std::next(speakers.begin()); high != speakers.end(); ++high)
            wish.filters[place++] = from(high->second, true);
        return wish;
    }
    const auto& [leg, speaker] = *speakers.begin();
    auto& [highPass, lowPass] = wish.filters;
    highPass = from(speaker, true);
    if (!highPass && leg == Leg::Tweeter)
        highPass = usual(practice[PracticeKey::SplitNear_ratio] * findRunOfDevice(stage, speaker)->driver.fs_hz);
    if (!highPass) lowPass = from(speaker, false).value_or(usual(kStartingLowPass_hz));
    return wish;
}

}  // namespace core
