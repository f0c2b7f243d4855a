#pragma once

#include <QWidget>
#include <map>
#include <vector>

#include "core/model/plan.h"
#include "core/model/usual_vehicle.h"
#include "core/picture/body_shape.h"

class QAbstractButton;

namespace app {

class Theme;

// The vehicle small, from above, with a dot for each place: one is picked by pointing near it, or by Tab and arrows.
class PlacePlan : public QWidget {
    Q_OBJECT
public:
    explicit PlacePlan(const Theme& theme, QWidget* parent = nullptr);
    // shown  the places that have a dot
    void present(const core::Plan& plan, const core::UsualVehicles& vehicles, const std::vector<core::PlaceId>& shown,
                 core::PlaceId picked);
    [[nodiscard]] QSize sizeHint() const override;

signals:
    void picked(core::PlaceId place);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void arrange();
    [[nodiscard]] QPointF at(const core::Vec3& point_m) const;
    [[nodiscard]] core::PlaceId nearest(const QPointF& point) const;
    void step(core::PlaceId from, const QPointF& way);

    const Theme& m_theme;
    core::Body m_body{};
    core::BodyShape m_shape{};
    std::map<core::PlaceId, core::Vec3> m_at_m{};
    std::map<core::PlaceId, QAbstractButton*> m_dots{};
    core::PlaceId m_picked{};
};

}  // namespace app
