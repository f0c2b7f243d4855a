#include "core/evaluate/grid_tables.h"

#include <algorithm>

#include "core/base/grid.h"
#include "core/physics/level.h"
#include "core/practice/practice_shapes.h"

namespace core {

GridTables gridTables(const Practice& practice)
{
    return gridTables(practice, frequencyGrid_hz());
}

GridTables gridTables(const Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    GridTables tables;
    tables.frequency_hz = frequency_hz;
    tables.programme =
        spectrumWeights(tables.frequency_hz, programmeWeight(programmeShape(practice), tables.frequency_hz));
    for (const BandEdges& edges : kBands)
        tables.bands[static_cast<size_t>(edges.band)] = bandWeights(tables.frequency_hz, edges.low_hz, edges.high_hz);
    tables.random = randomShare(tables.frequency_hz, stereoMix(practice));
    return tables;
}

double bandLevel_db(const GridTables& tables, Band band, const Eigen::ArrayXd& square)
{
    constexpr double kNothing = 1e-30;
    return powerDecibels(std::max(kNothing, (tables.bands[static_cast<size_t>(band)] * square).sum()));
}

}  // namespace core
