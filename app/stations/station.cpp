#include "app/stations/station.h"

namespace app {

QString Station::ownFindings(const Snapshot& snapshot) const
{
    const auto count = std::count_if(snapshot.findings.begin(), snapshot.findings.end(),
                                     [this](const core::Finding& finding) { return isOwn(finding); });
    return count > 0 ? tr("%n finding(s)", nullptr, static_cast<int>(count)) : tr("no findings");
}

}  // namespace app
