#pragma once

#include <QPolygonF>
#include <QRectF>
#include <vector>

#include "core/edits/network_edits.h"
#include "core/model/evaluation.h"
#include "core/survey/bench_way.h"

namespace app {

// A part or a speaker as it lies on the bench.
struct BenchItem {
    enum class Kind { Part, Speaker } kind = Kind::Part;
    core::Port port{};                // of a speaker its first coil
    std::vector<core::Port> coils{};  // of a speaker, in series
    QRectF area{};
    int row = 0;
    bool upright = false;  // lies across, from plus to minus
    bool bridged = false;  // a link goes round it
};

struct BenchLead {
    QPolygonF points{};
    bool plus = true;
};

// A board with what is on it, and the screws where leads come and go.
struct BenchBoard {
    core::DeviceId device{};
    QRectF area{};
};
struct BenchScrew {
    QPointF at{};
    int row = 0;
    bool plus = true, output = false;
    std::optional<core::Leg> leg{};  // of an output: which of the board's
};

struct BenchPicture {
    std::vector<BenchItem> items{};
    std::vector<BenchLead> leads{};
    std::vector<BenchBoard> boards{};
    std::vector<BenchScrew> screws{};
    std::vector<double> plusAt{}, minusAt{};  // heights of each row's leads
    std::vector<int> starts{};                // the row where each way begins
    double right = 0.0;                       // of the speakers: what arrives stands beside them
};

// How high a row is at least, and how wide what it holds, in the units of `unit`.
inline constexpr double kBenchRow = 86.0;

// The ways of these channels, each speaker one row, however many coils side by side it has.
[[nodiscard]] std::vector<core::BenchWay> benchWays(const core::Fitout& fitout,
                                                    const std::vector<core::Port>& channels);

// The ways of one or several channels, one under the other; of one channel the tweeter's row over the woofer's, joined
// where their leads part.
// unit  pixels at normal zoom
[[nodiscard]] BenchPicture layOutBench(const std::vector<core::BenchWay>& ways, const core::StageResult& stage,
                                       const QRectF& area, double unit);
// How many rows they take: one a speaker.
[[nodiscard]] int benchRows(const std::vector<core::BenchWay>& ways);

}  // namespace app
