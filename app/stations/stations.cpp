#include "app/stations/stations.h"

#include <QCoreApplication>

#include "app/stations/aim/aim_view.h"
#include "app/stations/job_card_view.h"
#include "app/stations/match/match_view.h"
#include "app/stations/split/split_view.h"
#include "app/stations/walk/walk_view.h"

namespace app {
namespace {

struct Path {
    Q_DECLARE_TR_FUNCTIONS(app::Path)
};

}  // namespace

std::vector<Stop> makeStations(const Theme& theme, Workbench& bench)
{
    return {{new WalkView(theme, bench)},  {nullptr, Path::tr("Meter")},  {new MatchView(theme, bench)},
            {new SplitView(theme, bench)}, {new AimView(theme, bench)},    {nullptr, Path::tr("Lows")},
            {nullptr, Path::tr("Feed")},   {nullptr, Path::tr("Ladder")}, {new JobCardView(theme)},
            {nullptr, Path::tr("Proof")}};
}

}  // namespace app
