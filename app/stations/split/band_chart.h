#pragma once

#include <QWidget>

#include "app/session/snapshot.h"
#include "core/advice/band_plan.h"

class QLabel;
class QPushButton;

namespace app {

class Theme;

// Who plays what: a bar a driver from 20 Hz to 20 kHz, the largest cone first, under them all of it together; gaps are
// hatched through, filters are ticks on their bar, and what there is to say stands below. A name leads to its place.
class BandChart : public QWidget {
    Q_OBJECT
public:
    explicit BandChart(const Theme& theme, QWidget* parent = nullptr);

    void present(const Snapshot& snapshot, const core::StageResult& stage, core::ListenerId listener);
    [[nodiscard]] const std::optional<core::BandPlan>& bands() const { return m_bands; }
    [[nodiscard]] QSize minimumSizeHint() const override;

signals:
    void placeChosen(core::PlaceId place);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void arrange();
    [[nodiscard]] double xOf(double hz) const;
    [[nodiscard]] QRectF areaOf(size_t row) const;
    [[nodiscard]] QRectF sumArea() const;
    void paintScale(QPainter& painter);
    void paintRow(QPainter& painter, size_t row);
    void paintSum(QPainter& painter);
    void paintLegend(QPainter& painter);
    void paintGaps(QPainter& painter);

    const Theme& m_theme;
    std::optional<core::BandPlan> m_bands{};
    std::vector<QPushButton*> m_names{};
    QLabel* m_said;
};

}  // namespace app
