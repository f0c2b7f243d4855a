#include "words/loudness_words.h"

#include <cmath>

#include "core/physics/loudness.h"
#include "words/figures.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString loudnessOf(Band band, double change_db)
{
    constexpr double kFrom_phon = 70.0, kNothing_db = 0.5;
    if (std::abs(change_db) < kNothing_db) return {};
    const BandEdges& edges = kBands[static_cast<size_t>(band)];
    const double middle_hz = std::sqrt(edges.low_hz * edges.high_hz);
    const auto from_db = equalLoudness_db(kFrom_phon, Eigen::ArrayXd::Constant(1, middle_hz));
    const auto ratio = from_db ? loudnessRatio(middle_hz, (*from_db)(0), (*from_db)(0) + change_db) : std::nullopt;
    if (!ratio) return {};
    return Words::tr("about %1 times as loud at %2").arg(fixedNumber(*ratio, 1), frequency(middle_hz));
}

QString hearingCaution(double level_db)
{
    constexpr double kFirst_dba = 85.0, kMinute_s = 60.0;
    if (level_db < kFirst_dba) return {};
    const double minutes_min = dailyExposure_s(level_db) / kMinute_s;
    const QString time = minutes_min < 1.0 ? Words::tr("less than a minute") : minutes(minutes_min);
    return Words::tr("It can get louder than an ear bears all day: at %1, A-weighted, %2 a day by the NIOSH criterion.")
        .arg(decibels(level_db), time);
}

}  // namespace words
