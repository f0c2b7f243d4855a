#pragma once

#include <QWidget>
#include <array>

#include "app/session/snapshot.h"

class QButtonGroup;
class QCPItemText;
class QCustomPlot;
class QLabel;
class QPushButton;

namespace app {

class CurveLine;
class Theme;

// The curves before and after, at one listener or at one channel; the other listeners' thin. It can be pulled up over the whole window.
class TraceDrawer : public QWidget {
    Q_OBJECT
public:
    enum class Trace { Level, Matched, Impedance };

    explicit TraceDrawer(const Theme& theme, QWidget* parent = nullptr);
    void present(const SharedSnapshot& snapshot, core::ListenerId listener, core::DeviceId device);
    void setFolded(bool folded);
    void askFold() { emit foldAsked(!m_folded); }  // or to unfold  // down to its heading

signals:
    void wholeWindowAsked(bool whole);
    void foldAsked(bool folded);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Curve {
        QVector<double> x{}, y{};
    };
    [[nodiscard]] Curve curveOf(const core::StageResult& stage, core::ListenerId listener) const;
    // Where the curve after could lie: its lower and its upper edge; empty until that is known.
    [[nodiscard]] std::array<Curve, 2> couldBe() const;
    // The least level that the customer's left and right ear hears, where there is an audiogram.
    [[nodiscard]] std::array<Curve, 2> thresholds() const;
    void placeEarLabel(size_t ear, const Curve& curve);
    void restyle();
    void redraw();

    const Theme& m_theme;
    QLabel* m_title;
    QLabel* m_about;
    CurveLine* m_line;  // while folded
    QCustomPlot* m_plot;
    QButtonGroup* m_modes;
    QPushButton* m_whole;
    QPushButton* m_fold;
    bool m_folded = false;
    QCPItemText* m_beforeLabel;
    QCPItemText* m_afterLabel;
    std::array<QCPItemText*, 2> m_earLabels{};
    SharedSnapshot m_snapshot{};
    core::ListenerId m_listener{};
    core::DeviceId m_device{};
};

}  // namespace app
