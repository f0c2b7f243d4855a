#include "core/physics/loudness.h"

#include <array>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>
#include <cstdint>

#include "core/base/log_interpolation.h"

namespace core {
namespace {

struct LoudnessRow {
    double frequency_hz, exponent, transfer_db, threshold_db;
};
constexpr std::array<LoudnessRow, 29> kContours{{
    {20, 0.532, -31.6, 78.5},   {25, 0.506, -27.2, 68.7}, {31.5, 0.480, -23.0, 59.5}, {40, 0.455, -19.1, 51.1},
    {50, 0.432, -15.9, 44.0},   {63, 0.409, -13.0, 37.5}, {80, 0.387, -10.3, 31.5},   {100, 0.367, -8.1, 26.5},
    {125, 0.349, -6.2, 22.1},   {160, 0.330, -4.5, 17.9}, {200, 0.315, -3.1, 14.4},   {250, 0.301, -2.0, 11.4},
    {315, 0.288, -1.1, 8.6},    {400, 0.276, -0.4, 6.2},  {500, 0.267, 0.0, 4.4},     {630, 0.259, 0.3, 3.0},
    {800, 0.253, 0.5, 2.2},     {1000, 0.250, 0.0, 2.4},  {1250, 0.246, -2.7, 3.5},   {1600, 0.244, -4.1, 1.7},
    {2000, 0.243, -1.0, -1.3},  {2500, 0.243, 1.7, -4.2}, {3150, 0.243, 2.5, -6.0},   {4000, 0.242, 1.2, -5.4},
    {5000, 0.242, -2.1, -1.5},  {6300, 0.245, -7.1, 6.0}, {8000, 0.254, -11.2, 12.6}, {10000, 0.271, -10.7, 13.9},
    {12500, 0.301, -3.1, 12.3},
}};

double thresholdTerm(const LoudnessRow& row)
{
    return std::pow(0.4 * std::pow(10.0, (row.threshold_db + row.transfer_db) / 10.0 - 9.0), row.exponent);
}

double contour_db(const LoudnessRow& row, double phon)
{
    const double a = 4.47e-3 * (std::pow(10.0, 0.025 * phon) - 1.15) + thresholdTerm(row);
    return 10.0 / row.exponent * std::log10(a) - row.transfer_db + 94.0;
}

// Linear in log f between the rows, the ends held.
template <class Level>
double betweenRows(double frequency_hz, Level level)
{
    const auto at = positionInLog(
        kContours.size(), [](size_t i) { return kContours[i].frequency_hz; }, frequency_hz);
    return at.of([&](size_t i) { return level(kContours[i]); });
}

constexpr double kLeast_phon = 20.0, kMost_phon = 90.0;

}  // namespace

std::optional<Eigen::ArrayXd> equalLoudness_db(double phon, const Eigen::ArrayXd& frequency_hz)
{
    if (!(phon >= kLeast_phon && phon <= kMost_phon)) return std::nullopt;
    return frequency_hz.unaryExpr(
        [&](double f) { return betweenRows(f, [&](const LoudnessRow& row) { return contour_db(row, phon); }); });
}

Eigen::ArrayXd hearingThreshold_db(const Eigen::ArrayXd& frequency_hz)
{
    return frequency_hz.unaryExpr(
        [](double f) { return betweenRows(f, [](const LoudnessRow& row) { return row.threshold_db; }); });
}

std::optional<double> loudness_phon(double frequency_hz, double level_db)
{
    const auto above_db = [&](double phon) {
        return betweenRows(frequency_hz, [&](const LoudnessRow& row) { return contour_db(row, phon); }) - level_db;
    };
    constexpr double kSlack_db = 1e-9;  // the ends belong to it
    if (above_db(kLeast_phon) > kSlack_db || above_db(kMost_phon) < -kSlack_db) return std::nullopt;
    if (above_db(kLeast_phon) >= 0.0) return kLeast_phon;
    if (above_db(kMost_phon) <= 0.0) return kMost_phon;
    boost::math::tools::eps_tolerance<double> close(48);
    std::uintmax_t most = 100;
    const auto [low, high] = boost::math::tools::toms748_solve(above_db, kLeast_phon, kMost_phon, close, most);
    return 0.5 * (low + high);
}

std::optional<double> loudnessRatio(double frequency_hz, double from_db, double to_db)
{
    const auto from = loudness_phon(frequency_hz, from_db), to = loudness_phon(frequency_hz, to_db);
    if (!from || !to) return std::nullopt;
    return std::exp2((*to - *from) / 10.0);
}

double dailyExposure_s(double level_dba)
{
    constexpr double kDay_s = 8.0 * 3600.0, kLevel_dba = 85.0, kExchange_db = 3.0;
    return kDay_s * std::exp2((kLevel_dba - level_dba) / kExchange_db);
}

}  // namespace core
