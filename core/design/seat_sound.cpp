#include "core/design/seat_sound.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/evaluate/hearing.h"
#include "core/physics/air.h"
#include "core/physics/interaural.h"
#include "core/physics/level.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

constexpr Eigen::Index kEveryFourth = 4;

std::vector<Eigen::Index> coarseGrid(const Eigen::ArrayXd& frequency_hz, const Practice& practice)
{
    std::vector<Eigen::Index> points;
    for (Eigen::Index i = 0; i < frequency_hz.size(); i += kEveryFourth)
        if (frequency_hz(i) >= practice[PracticeKey::AlignBassFrom_hz] &&
            frequency_hz(i) <= practice[PracticeKey::AlignMiddleTo_hz])
            points.push_back(i);
    return points;
}

Eigen::ArrayXd evenly(const Eigen::ArrayXd& frequency_hz, double low_hz, double high_hz)
{
    const Eigen::ArrayXd in = (frequency_hz >= low_hz && frequency_hz <= high_hz).cast<double>();
    return in / in.sum();
}

// e^(-jw delay) 10^(gain/20), reversed or not.
Eigen::ArrayXcd factorOf(const Knobs& knobs, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd phase = frequency_hz * (-2.0 * std::numbers::pi * knobs.delay_s);
    const double gain = ratioOf(knobs.gain_db) * (knobs.reversed ? -1.0 : 1.0);
    Eigen::ArrayXcd factor(frequency_hz.size());
    factor.real() = gain * phase.cos();
    factor.imag() = gain * phase.sin();
    return factor;
}

Eigen::ArrayXd meanSquare(const Ears<Eigen::ArrayXcd>& ears)
{
    return 0.5 * (ears[0].abs2() + ears[1].abs2());
}

Knobs knobsOf(const Setting& setting)
{
    return {setting.delay_s, setting.gain_db, setting.reversed};
}

// Channels added up, and what they would be with all phases alike.
struct Together {
    Ears<Eigen::ArrayXcd> pressure{};
    Ears<Eigen::ArrayXd> inPhase{};

    explicit Together(Eigen::Index points)
    {
        for (size_t ear = 0; ear < 2; ++ear) {
            pressure[ear] = Eigen::ArrayXcd::Zero(points);
            inPhase[ear] = Eigen::ArrayXd::Zero(points);
        }
    }
    void add(const Ears<Eigen::ArrayXcd>& heard)
    {
        for (size_t ear = 0; ear < 2; ++ear) {
            pressure[ear] += heard[ear];
            inPhase[ear] += heard[ear].abs();
        }
    }
    // A null counts as 20 dB: what is left there is the room's.
    [[nodiscard]] double loss_db(const Eigen::ArrayXd& weights) const
    {
        constexpr double kNothing = 1e-30, kNull = 0.01;
        const Eigen::ArrayXd best = 0.5 * (inPhase[0].square() + inPhase[1].square()) + kNothing;
        return (weights * 10.0 * (best / meanSquare(pressure).max(kNull * best)).log10()).sum();
    }
};

}  // namespace

SeatSound::SeatSound(const StageResult& stage, const Practice& practice, std::span<const ListenerId> seats)
    : m_practice(practice), m_seats(seats.begin(), seats.end())
{
    const Eigen::ArrayXd grid_hz = frequencyGrid_hz();
    const std::vector<Eigen::Index> points = coarseGrid(grid_hz, practice);
    m_frequency_hz = grid_hz(points);
    m_inBass = evenly(m_frequency_hz, practice[PracticeKey::AlignBassFrom_hz], practice[PracticeKey::AlignBassTo_hz]);
    m_inMiddle =
        evenly(m_frequency_hz, practice[PracticeKey::AlignMiddleFrom_hz], practice[PracticeKey::AlignMiddleTo_hz]);
    for (const ChannelInputs& inputs : stage.inputs) {
        ChannelSound sound{.channel = inputs.channel};
        double loudest = -1.0;
        const RunWays* lead = nullptr;
        for (size_t i = 0; i < stage.runs.size(); ++i) {
            if (stage.runs[i].run.id.channel != inputs.channel || loudest >= stage.runs[i].midLevel_db) continue;
            loudest = stage.runs[i].midLevel_db;
            lead = &stage.ways[i];
        }
        if (!lead) continue;
        sound.side = sideOf(lead->source);
        const RunResult& leading = stage.runs[static_cast<size_t>(lead - stage.ways.data())];
        sound.place = stage.used.devices.at(leading.run.id.coil.device).at;
        if (inputs.setting) sound.setting = *inputs.setting;
        const auto most_s = valueOf(inputs.output, Quantity::MostDelay_s);
        sound.mostDelay_s = most_s.value_or(practice[PracticeKey::UnstatedDelay_s]);
        sound.delayKnown = most_s.has_value();
        const Eigen::ArrayXcd own = factorOf(knobsOf(sound.setting), m_frequency_hz);
        for (const ListenerId seat : m_seats) {
            const Ears<Eigen::ArrayXcd> heard = channelAt(stage, inputs.channel, seat);
            sound.at.push_back({heard[0](points) / own, heard[1](points) / own});
            sound.arrival_s.push_back(distance(lead->source.at_m, stage.used.listeners.at(seat).head_m) /
                                      kSoundSpeed_m_s);
        }
        m_channels.push_back(std::move(sound));
    }
    for (size_t i = 0; i < m_channels.size(); ++i) m_twins.push_back(twinAt(stage.used, i));
}

size_t SeatSound::twinAt(const Fitout& fitout, size_t channel) const
{
    const ChannelSound& own = m_channels[channel];
    const auto indexOf = [&](const auto& isTwin) {
        const auto found = std::find_if(m_channels.begin(), m_channels.end(), isTwin);
        return found == m_channels.end() ? channel : static_cast<size_t>(found - m_channels.begin());
    };
    const Part& part = fitout.parts.at(fitout.devices.at(own.channel.device).part);
    const Port stated{own.channel.device, part.inside.at(own.channel.element).twin};
    if (!stated.element.empty()) return indexOf([&](const ChannelSound& one) { return one.channel == stated; });
    const auto place = fitout.places.find(own.place);
    if (place == fitout.places.end() || !place->second.pair) return channel;
    return indexOf([&](const ChannelSound& one) { return one.place == place->second.pair; });
}

std::vector<Knobs> SeatSound::standing() const
{
    std::vector<Knobs> knobs;
    for (const ChannelSound& channel : m_channels) knobs.push_back(knobsOf(channel.setting));
    return knobs;
}

SeatScore SeatSound::score(size_t seat, std::span<const Knobs> knobs, std::span<const Eigen::ArrayXcd> factors) const
{
    Together all(m_frequency_hz.size()), left = all, right = all;
    std::array<std::pair<double, double>, 2> lead{};  // level and arrival of the loudest channel of each side
    for (size_t i = 0; i < m_channels.size(); ++i) {
        const ChannelSound& channel = m_channels[i];
        const Ears<Eigen::ArrayXcd> heard{channel.at[seat][0] * factors[i], channel.at[seat][1] * factors[i]};
        all.add(heard);
        if (channel.side == 0) continue;
        (channel.side > 0 ? left : right).add(heard);
        const double level = (m_inMiddle * meanSquare(heard)).sum();
        auto& first = lead[channel.side > 0 ? 0 : 1];
        if (level > first.first) first = {level, channel.arrival_s[seat] + knobs[i].delay_s};
    }
    SeatScore result{.seat = m_seats[seat],
                     .loss_db = all.loss_db(m_inBass),
                     .sideLoss_db = 0.5 * (left.loss_db(m_inMiddle) + right.loss_db(m_inMiddle))};
    const double left2 = (m_inMiddle * meanSquare(left.pressure)).sum();
    const double right2 = (m_inMiddle * meanSquare(right.pressure)).sum();
    if (left2 <= 0.0 || right2 <= 0.0) return result;
    result.apart_s = lead[1].second - lead[0].second;
    result.sides_db = powerDecibels(left2 / right2);
    result.image = imageShift(result.apart_s, result.sides_db, imagePractice(m_practice));
    return result;
}

std::vector<SeatScore> SeatSound::scores(std::span<const Knobs> knobs) const
{
    std::vector<Eigen::ArrayXcd> factors;
    for (const Knobs& one : knobs) factors.push_back(factorOf(one, m_frequency_hz));
    std::vector<SeatScore> all;
    for (size_t seat = 0; seat < m_seats.size(); ++seat) all.push_back(score(seat, knobs, factors));
    return all;
}

double SeatSound::cost(std::span<const Knobs> knobs) const
{
    const ImagePractice image = imagePractice(m_practice);
    double sum = 0.0;
    for (const SeatScore& seat : scores(knobs))
        for (const double share : {seat.apart_s / image.fullTime_s, seat.sides_db / image.fullLevel_db,
                                   seat.loss_db / m_practice[PracticeKey::AlignLoss_db],
                                   seat.sideLoss_db / m_practice[PracticeKey::AlignLoss_db]})
            sum += share * share;
    return sum;
}

}  // namespace core
