#pragma once

#include <span>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// What each channel sends to each seat with its own delay, gain and polarity taken off, on every fourth frequency of
// the grid between 60 Hz and 4 kHz: enough to try thousands of settings.
struct ChannelSound {
    Port channel{};
    PlaceId place{};                          // of its loudest driver
    int side = 0;                             // of its loudest driver: +1 left, -1 right, 0 both
    Setting setting{};                        // as it stands
    double mostDelay_s = 0.0;                 // that it can be set to
    bool delayKnown = false;                  // somebody stated that
    std::vector<Ears<Eigen::ArrayXcd>> at{};  // by seat, pressure per source volt
    std::vector<double> arrival_s{};          // by seat, from its loudest driver
};

// One channel's knobs.
struct Knobs {
    double delay_s = 0.0;
    double gain_db = 0.0;
    bool reversed = false;
};

// What one head hears.
struct SeatScore {
    ListenerId seat{};
    std::optional<double> image{};  // -1 right to +1 left; nothing without two sides
    double loss_db = 0.0;           // 60-300 Hz: how far all channels are under what they would give in phase
    double sideLoss_db = 0.0;       // 250 Hz-4 kHz: the same within each side, mean of the two
    double apart_s = 0.0;           // right arrives later than left
    double sides_db = 0.0;          // left louder than right, 250 Hz-4 kHz
};

class SeatSound {
public:
    // stage  of an evaluation made with this practice
    SeatSound(const StageResult& stage, const Practice& practice, std::span<const ListenerId> seats);

    [[nodiscard]] const std::vector<ChannelSound>& channels() const { return m_channels; }
    // The index of the channel that does the same on the other side, as its part says, else the one whose loudest
    // driver is at the paired place; its own where there is none.
    [[nodiscard]] size_t twinOf(size_t channel) const { return m_twins[channel]; }
    [[nodiscard]] std::vector<Knobs> standing() const;
    // knobs  one for each channel
    [[nodiscard]] std::vector<SeatScore> scores(std::span<const Knobs> knobs) const;
    // What is wrong, the less the better: over the seats the squares of how far the sides are apart in time and in
    // level, each over what shifts an image wholly to one side, and of the loss over what practice takes for as bad.
    // Time is not traded for level: an image that is held up by both being wrong falls apart with the next song.
    [[nodiscard]] double cost(std::span<const Knobs> knobs) const;

private:
    [[nodiscard]] size_t twinAt(const Fitout& fitout, size_t channel) const;
    [[nodiscard]] SeatScore score(size_t seat, std::span<const Knobs> knobs,
                                  std::span<const Eigen::ArrayXcd> factors) const;

    const Practice& m_practice;
    std::vector<ListenerId> m_seats;
    Eigen::ArrayXd m_frequency_hz{};
    Eigen::ArrayXd m_inBass{}, m_inMiddle{};  // weights, each sum 1
    std::vector<ChannelSound> m_channels{};
    std::vector<size_t> m_twins{};
};

}  // namespace core
