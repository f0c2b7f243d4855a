#pragma once

#include <QAbstractButton>

#include "app/session/recent_plans.h"
#include "core/model/usual_vehicle.h"
#include "core/picture/body_shape.h"

namespace app {

class Theme;

// A plan to go on with: its vehicle, whose it is, the worst that stands against it, and what it gains band by band.
class RecentCard : public QAbstractButton {
    Q_OBJECT
public:
    RecentCard(const Theme& theme, const RecentPlan& plan, const core::UsualVehicles& vehicles,
               QWidget* parent = nullptr);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    RecentPlan m_plan;
    core::BodyShape m_shape;
    QString m_state{};  // "1 Stop"
};

}  // namespace app
