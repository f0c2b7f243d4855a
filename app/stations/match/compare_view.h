#pragma once

#include <QWidget>
#include <vector>

#include "app/snapshot.h"
#include "core/design/rank_drivers.h"
#include "core/design/try_driver.h"
#include "words/figures.h"

class QCustomPlot;
class QTableWidget;

namespace app {

class Theme;

// Two or three drivers held against each other in one role: curves at the ear, load, loudness, limits, fit, cost.
class CompareView : public QWidget {
    Q_OBJECT
public:
    explicit CompareView(const Theme& theme, QWidget* parent = nullptr);
    void setCurrency(const QString& currency) { m_currency = currency; }
    void present(const Snapshot& snapshot, const core::Practice& practice, core::DeviceId device,
                 core::ListenerId listener, const std::vector<const core::Candidate*>& held);

private:
    void fillTable(const std::vector<const core::Candidate*>& held, const std::vector<core::Trial>& trials,
                   core::DeviceId device, core::ListenerId listener);
    void drawCurves(const std::vector<core::Trial>& trials, const std::vector<const core::Candidate*>& held,
                    core::ListenerId listener);

    const Theme& m_theme;
    QTableWidget* m_table;
    QCustomPlot* m_plot;
    QString m_currency{};
};

}  // namespace app
