#pragma once

#include <QWidget>

#include "app/snapshot.h"

namespace app {

class Theme;

// The vehicle from above, nose up, drawn from its measures: seats, places, the source, and the runs as lines with
// figures at their ends. A place is picked by pointer or by arrows; the station has an equal list beside it.
class VehicleDrawing : public QWidget {
    Q_OBJECT
public:
    explicit VehicleDrawing(const Theme& theme, QWidget* parent = nullptr);

    void present(const Snapshot& snapshot, core::PlaceId chosen, core::ListenerId listener);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QPointF pointOf(core::PlaceId place) const;  // where it is drawn

signals:
    void placeChosen(core::PlaceId place);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] QPointF at(const core::Vec3& point) const;
    [[nodiscard]] double scale() const;  // pixels a metre
    void drawBody(QPainter& painter) const;
    void drawSeats(QPainter& painter) const;
    void drawRuns(QPainter& painter) const;
    void drawPlaces(QPainter& painter) const;

    const Theme& m_theme;
    const Snapshot* m_snapshot = nullptr;
    core::PlaceId m_chosen{};
    core::ListenerId m_listener{};
};

}  // namespace app
