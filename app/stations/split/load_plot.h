#pragma once

#include <QWidget>

#include "app/session/snapshot.h"

class QCustomPlot;
class QLabel;

namespace app {

class Theme;

// What a channel sees: its load over frequency, where it is least, and the zone under what the channel bears.
class LoadPlot : public QWidget {
    Q_OBJECT
public:
    explicit LoadPlot(const Theme& theme, QWidget* parent = nullptr);
    // stage  the snapshot's goal, or what is tried in its stead
    void present(const Snapshot& snapshot, const core::StageResult& stage, const core::Port& channel);

private:
    void restyle();

    const Theme& m_theme;
    QLabel* m_title;
    QLabel* m_figure;
    QLabel* m_least;
    QLabel* m_foot;
    QCustomPlot* m_plot;
};

}  // namespace app
