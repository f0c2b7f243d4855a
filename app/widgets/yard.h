#pragma once

#include <QAbstractButton>
#include <vector>

#include "app/widgets/vehicle_views.h"
#include "core/model/usual_vehicle.h"
#include "core/picture/body_shape.h"

namespace app {

class Theme;

// One kind of vehicle as its outline from the left, standing on the ground line, its name under it.
class YardVehicle : public QAbstractButton {
    Q_OBJECT
public:
    YardVehicle(const Theme& theme, core::BodyKind kind, const core::UsualVehicles& vehicles, QWidget* parent);
    [[nodiscard]] core::BodyKind kind() const { return m_kind; }
    // Of its outline, metres.
    [[nodiscard]] double length_m() const { return m_extent_m.width(); }
    [[nodiscard]] double height_m() const { return m_extent_m.height(); }
    void setScale(double pixelsPerMetre);
    [[nodiscard]] double scale() const { return m_scale; }
    [[nodiscard]] QSize sizeAt(double pixelsPerMetre) const;
    [[nodiscard]] QSize sizeHint() const override { return sizeAt(m_scale); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    core::BodyKind m_kind;
    core::BodyShape m_shape{};
    QRectF m_extent_m{};  // of the flank: along from the front, up from the ground
    double m_scale = 40.0;
};

// Every kind of vehicle in lanes, all to one scale, as large as the width allows; a lane that
// is too long goes on under itself. Arrows walk the lanes, Enter takes
// one.
class Yard : public QWidget {
    Q_OBJECT
public:
    Yard(const Theme& theme, const core::UsualVehicles& vehicles, QWidget* parent = nullptr);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return {200, 100}; }
    [[nodiscard]] int heightForWidth(int width) const override;

signals:
    void taken(core::BodyKind kind);

protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    using Row = std::vector<YardVehicle*>;
    [[nodiscard]] double scaleFor(int width) const;
    // The lanes, each in as many rows as the width asks for.
    [[nodiscard]] std::vector<Row> rowsFor(int width) const;
    void arrange();
    void walk(const YardVehicle* from, int key);

    const Theme& m_theme;
    std::vector<Row> m_lanes{};
    std::vector<Row> m_rows{};     // as they stand
    std::vector<int> m_grounds{};  // y of the line of each
};

}  // namespace app
