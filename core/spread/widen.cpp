#include "core/spread/widen.h"

#include <algorithm>
#include <cmath>
#include <string>

#include "core/base/splitmix.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/make_stage.h"
#include "core/model/names.h"
#include "core/physics/network_sweep.h"
#include "core/physics/quantile.h"
#include "core/spread/stage_figures.h"
#include "core/spread/uncertain_inputs.h"

namespace core {
namespace {

constexpr double kLow = 0.025, kHigh = 0.975;
// Values shifted one by one: so many that a usual vehicle's are all among them. Each costs two whole stages.
constexpr size_t kMostShifted = 128;

// FNV-1a: a stream of draws for each value by its name, so that it does not depend on what else there is.
std::uint64_t seedOf(const std::string& name)
{
    std::uint64_t hash = 0xCBF29CE484222325ULL;
    for (const char letter : name) hash = (hash ^ static_cast<unsigned char>(letter)) * 0x100000001B3ULL;
    return hash;
}

// Shares of the spread, -1 to 1.
Eigen::ArrayXd sharesOf(const UncertainInput& input)
{
    Splitmix random(seedOf(textOf(input.what)));
    Eigen::ArrayXd shares(kSpreadDraws);
    for (double& share : shares) share = 2.0 * random.uniform() - 1.0;
    return shares;
}

// What the model of a closed cabin leaves out, +- dB: how much it lifts the bass, and room modes.
Eigen::ArrayXd cabinDoubt_db(const StageResult& stage, const Evaluation& evaluation)
{
    const Eigen::ArrayXd& f = evaluation.frequency_hz;
    if (!stage.cabin.gain) return Eigen::ArrayXd::Zero(f.size());
    const Practice& practice = evaluation.practice;
    return (f < stage.cabin.gain->zone_hz)
        .select(practice[PracticeKey::CabinSpread_db],
                (f <= practice[PracticeKey::ModesUpTo_hz])
                    .select(Eigen::ArrayXd::Constant(f.size(), practice[PracticeKey::ModeSpread_db]), 0.0));
}

Range withDoubt(const Range& range, double nominal, double doubt)
{
    return {nominal - std::hypot(std::max(0.0, nominal - range.low), doubt),
            nominal + std::hypot(std::max(0.0, range.high - nominal), doubt)};
}

// Collects one listener's draws.
struct HeardDraws {
    Eigen::ArrayXXd level_db = Eigen::ArrayXXd::Zero(kSpreadDraws, 0);
    std::array<Eigen::ArrayXd, kBandCount> reach_db{}, balance_db{};
    std::vector<double> image{};

    explicit HeardDraws(Eigen::Index frequencies) : level_db(kSpreadDraws, frequencies)
    {
        for (size_t band = 0; band < kBandCount; ++band)
            reach_db[band] = balance_db[band] = Eigen::ArrayXd::Zero(kSpreadDraws);
    }
    void take(Eigen::Index draw, const HearingResult& heard)
    {
        level_db.row(draw) = heard.level_db.transpose();
        for (size_t band = 0; band < kBandCount; ++band) {
            reach_db[band](draw) = heard.bands[band].reach_db;
            balance_db[band](draw) = heard.bands[band].balance_db;
        }
        if (heard.image) image.push_back(*heard.image);
    }
};

class StageWidener {
public:
    StageWidener(const Evaluation& evaluation, const StageResult& nominal, const std::stop_token& stop)
        : m_evaluation(evaluation),
          m_nominal(nominal),
          m_stop(stop),
          m_settled(settled(nominal.used, evaluation.practice))
    {
        m_spread->inputs = uncertainInputs(nominal.used, evaluation.practice);
        for (const ChannelInputs& inputs : nominal.inputs)  // so that no draw decides the order
            if (inputs.circuit && !inputs.circuit->taps.empty())
                static_cast<void>(m_sweeps.of(inputs.circuit->network));
    }

    // nothing if it was stopped
    std::shared_ptr<const StageSpread> make() { return draw() && shiftTelling() ? m_spread : nullptr; }

private:
    [[nodiscard]] std::shared_ptr<const StageResult> resultOf(Fitout fitout)
    {
        return makeStage(std::move(fitout), m_evaluation.practice, *m_evaluation.tables, {&m_nominal}, &m_sweeps);
    }

    bool draw()
    {
        std::vector<Eigen::ArrayXd> shares;
        for (const UncertainInput& input : m_spread->inputs) shares.push_back(sharesOf(input));
        std::map<ListenerId, HeardDraws> heard;
        for (const auto& [id, one] : m_nominal.hearing) heard.emplace(id, HeardDraws(m_evaluation.frequency_hz.size()));
        for (const auto& [address, value] : figuresOf(m_nominal))
            m_spread->draws[address] = Eigen::ArrayXd::Constant(kSpreadDraws, value);
        for (Eigen::Index n = 0; n < kSpreadDraws; ++n) {
            if (m_stop.stop_requested()) return false;
            Fitout fitout = m_settled;
            for (size_t i = 0; i < shares.size(); ++i) shift(fitout, m_spread->inputs[i], shares[i](n));
            const auto result = resultOf(std::move(fitout));
            // Near a wiring that cannot be solved a draw may have a figure more, or one less: that one stays nominal.
            for (const auto& [address, value] : figuresOf(*result))
                if (const auto there = m_spread->draws.find(address); there != m_spread->draws.end())
                    there->second(n) = value;
            for (auto& [id, draws] : heard) {
                const auto there = result->hearing.find(id);
                draws.take(n, there == result->hearing.end() ? m_nominal.hearing.at(id) : there->second);
            }
        }
        for (const auto& [id, draws] : heard) m_spread->hearing[id] = heardSpread(draws, m_nominal.hearing.at(id));
        chooseTelling(shares, heard);
        return true;
    }

    // The values that are shifted. Where there are too many: half of them those that the loudest clean level at the
    // first listener follows closest from draw to draw, the others those that some figure does.
    void chooseTelling(const std::vector<Eigen::ArrayXd>& shares, const std::map<ListenerId, HeardDraws>& heard)
    {
        for (size_t i = 0; i < m_spread->inputs.size(); ++i)
            if (m_spread->inputs[i].value.basis.origin != Origin::Measured) m_telling.push_back(i);
        m_spread->allShifted = m_telling.size() <= kMostShifted;
        if (m_spread->allShifted) return;
        Eigen::MatrixXd inputs(kSpreadDraws, std::ssize(shares));
        for (size_t i = 0; i < shares.size(); ++i)
            inputs.col(static_cast<Eigen::Index>(i)) = about(shares[i]).normalized();
        Eigen::VectorXd ofLevel = Eigen::VectorXd::Zero(inputs.cols()), ofFigures = ofLevel;
        if (!heard.empty())
            for (const Eigen::ArrayXd& band_db : heard.begin()->second.reach_db)
                ofLevel += (inputs.transpose() * about(band_db)).cwiseAbs2();
        for (const auto& [address, draws] : m_spread->draws)
            ofFigures = ofFigures.cwiseMax((inputs.transpose() * about(draws).normalized()).cwiseAbs2());
        const auto first = [&](auto from, const Eigen::VectorXd& share) {
            std::stable_sort(from, m_telling.end(), [&](size_t a, size_t b) {
                return share(static_cast<Eigen::Index>(a)) > share(static_cast<Eigen::Index>(b));
            });
        };
        first(m_telling.begin(), ofLevel);
        first(m_telling.begin() + kMostShifted / 2, ofFigures);
        m_telling.resize(kMostShifted);
    }

    [[nodiscard]] static Eigen::VectorXd about(const Eigen::ArrayXd& draws) { return (draws - draws.mean()).matrix(); }

    [[nodiscard]] HeardSpread heardSpread(const HeardDraws& draws, const HearingResult& nominal) const
    {
        const Eigen::ArrayXd doubt_db = cabinDoubt_db(m_nominal, m_evaluation);
        HeardSpread spread;
        spread.level_db = {nominal.level_db, nominal.level_db};
        for (Eigen::Index f = 0; f < doubt_db.size(); ++f) {
            const Range range = withDoubt(rangeOf(draws.level_db.col(f)), nominal.level_db(f), doubt_db(f));
            spread.level_db.low_db(f) = range.low;
            spread.level_db.high_db(f) = range.high;
        }
        for (size_t band = 0; band < kBandCount; ++band) {
            const double doubt = std::sqrt((m_evaluation.tables->bands[band] * doubt_db.square()).sum());
            spread.reachSquare_db2 += about(draws.reach_db[band]).squaredNorm() / kSpreadDraws;
            spread.reach_db[band] = withDoubt(rangeOf(draws.reach_db[band]), nominal.bands[band].reach_db, doubt);
            if (static_cast<Band>(band) != Band::Mid)  // which the others are relative to
                spread.balance_db[band] =
                    withDoubt(rangeOf(draws.balance_db[band]), nominal.bands[band].balance_db, doubt);
        }
        if (draws.image.size() > 1)
            spread.image = rangeOf(Eigen::Map<const Eigen::ArrayXd>(draws.image.data(), std::ssize(draws.image)));
        return spread;
    }

    // One value after the other from end to end, all others as they are.
    bool shiftTelling()
    {
        constexpr double kNothing = 1e-9;  // of what it is a shift of
        for (const size_t place : m_telling) {
            UncertainInput& input = m_spread->inputs[place];
            if (m_stop.stop_requested()) return false;
            Fitout low = m_settled, high = m_settled;
            shift(low, input, -1.0);
            shift(high, input, 1.0);
            const auto below = resultOf(std::move(low)), above = resultOf(std::move(high));
            const auto figuresBelow = figuresOf(*below);
            for (const auto& [address, value] : figuresOf(*above)) {
                const auto there = figuresBelow.find(address);
                if (there == figuresBelow.end() || !m_spread->draws.contains(address)) continue;
                const double half = 0.5 * (value - there->second);
                if (std::abs(half) > kNothing * std::abs(value)) input.shifts[address] = half;
            }
            for (const auto& [id, heard] : above->hearing) {
                const auto there = below->hearing.find(id);
                if (there == below->hearing.end() || !m_nominal.hearing.contains(id)) continue;
                for (size_t band = 0; band < kBandCount; ++band)
                    input.reach_db[id][band] = 0.5 * (heard.bands[band].reach_db - there->second.bands[band].reach_db);
            }
        }
        return true;
    }

    const Evaluation& m_evaluation;
    const StageResult& m_nominal;
    const std::stop_token& m_stop;
    Fitout m_settled;
    SweepsByShape m_sweeps{};
    std::vector<size_t> m_telling{};
    std::shared_ptr<StageSpread> m_spread = std::make_shared<StageSpread>();
};

}  // namespace

Range rangeOf(Eigen::ArrayXd draws)
{
    std::sort(draws.begin(), draws.end());
    return {quantile(draws, kLow), quantile(draws, kHigh)};
}

Evaluation widen(Evaluation evaluation, const std::stop_token& stop)
{
    auto spread = evaluation.spread;
    for (const auto& [id, stage] : evaluation.stages) {
        if (spread.contains(id)) continue;
        // Two stages that amount to the same share one result, and its spread.
        const auto same = std::find_if(
            evaluation.stages.begin(), evaluation.stages.end(),
            [&, &result = stage](const auto& other) { return other.second == result && spread.contains(other.first); });
        auto made =
            same != evaluation.stages.end() ? spread.at(same->first) : StageWidener(evaluation, *stage, stop).make();
        if (!made) return evaluation;
        spread[id] = std::move(made);
    }
    evaluation.spread = std::move(spread);
    return evaluation;
}

}  // namespace core
