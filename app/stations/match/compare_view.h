#pragma once

#include <QWidget>
#include <vector>

#include "app/session/snapshot.h"
#include "core/design/rank_drivers.h"
#include "core/design/try_driver.h"
#include "words/figures.h"

class QCustomPlot;
class QTableWidget;

namespace app {

class CandidateHeader;
class CandidateModel;
class RankList;
class Theme;
class Workbench;

// Two or three drivers held against each other in one role: the rows of the ranking, then curves at the ear, load,
// loudness, limits, fit, cost.
class CompareView : public QWidget {
    Q_OBJECT
public:
    CompareView(const Theme& theme, Workbench& bench, QWidget* parent = nullptr);
    void setCurrency(const QString& currency);
    // Each of them as a whole plan is worked out on the bench; until then what was compared before stands.
    void present(const SharedSnapshot& snapshot, core::DeviceId device, core::ListenerId listener,
                 std::vector<core::Candidate> held);

signals:
    void askedAgain();

private:
    void show(core::DeviceId device, core::ListenerId listener);
    void showRows();
    void fillTable(core::DeviceId device, core::ListenerId listener);
    void drawCurves(core::ListenerId listener);

    const Theme& m_theme;
    Workbench& m_bench;
    std::vector<core::Candidate> m_held{};  // that are shown
    std::vector<core::Trial> m_trials{};    // of them, one each
    CandidateModel* m_model;
    RankList* m_rows;  // as they stand in the ranking
    CandidateHeader* m_header;
    QTableWidget* m_table;
    QCustomPlot* m_plot;
};

}  // namespace app
