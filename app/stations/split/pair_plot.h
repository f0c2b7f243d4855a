#pragma once

#include <QWidget>
#include <array>

#include "app/session/snapshot.h"
#include "core/spread/split_band.h"

class QCustomPlot;
class QCPItemStraightLine;
class QCPItemText;
class QLabel;

namespace app {

class SplitWindow;
class Theme;

// Two drivers of one side at the ear, by third-octaves: each alone, both as they are wired and with the tweeter turned
// over; where the one takes over, what the tweeter wants and where the woofer beams.
class PairPlot : public QWidget {
    Q_OBJECT
public:
    explicit PairPlot(const Theme& theme, QWidget* parent = nullptr);
    // Nothing: there is no pair here, or nobody hears it.
    void present(const Snapshot& snapshot, const core::StageResult& stage, const std::optional<core::SplitPair>& pair,
                 core::ListenerId listener);
    // How far the sum may lie off with its parts as they are sold; nothing: not known yet, or there are none.
    void showBand(const std::optional<core::SplitBand>& band);

private:
    void restyle();
    void showSeats(const core::StageResult& stage, const core::SplitPair& pair);
    void showSum(const Snapshot& snapshot, const core::StageResult& stage, const core::SplitPair& pair,
                 const core::SplitSum& sum);

    const Theme& m_theme;
    QLabel* m_title;
    QLabel* m_figure;
    QLabel* m_none;  // why there is no curve
    QLabel* m_wired;
    QLabel* m_turned;
    QLabel* m_seats;  // which way round is right where
    QCustomPlot* m_plot;
    SplitWindow* m_window;
    QCPItemStraightLine* m_at;
    QCPItemText* m_bandName;
    std::array<QCPItemText*, 2> m_names{};
    Eigen::ArrayXd m_hz{};
    double m_middle_db = 0.0;  // what stands at 0
};

}  // namespace app
