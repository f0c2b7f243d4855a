#pragma once

#include <QWidget>
#include <array>

#include "app/stations/aim/aim_scene.h"
#include "core/design/hole_outline.h"

class QLabel;
class QPushButton;

namespace app {

class QuantityField;
class QuietCombo;
class Theme;

// The hole on its surface as a ruler finds it: two measures from two real edges, typed or read; saws, room and edge;
// which way the driver looks, in degrees; how it is let in and held; whether the other side follows. Or the surface
// itself, whose corners are in the hand: how wide and high it is, and what it is made of.
class HolePanel : public QWidget {
    Q_OBJECT
public:
    HolePanel(const Theme& theme, QWidget* parent);
    void present(const AimScene& scene);

signals:
    void moved(const core::Frame& to);  // once, as typed
    void styleChosen(core::MountStyle style);
    void held(core::Fixing fixing);
    void shaping(bool on);                       // the surface is to be shaped, or is left
    void shaped(const core::Surface& surface);   // once, as typed
    void freed();
    void mirrored();
    void templateAsked();
    void said(const QString& text);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void takeMeasure(size_t which);
    void takeAngles();
    void presentHole(const AimDriver& own);
    void presentFields(const AimDriver& own);
    void presentHolds();
    [[nodiscard]] bool isShaping() const { return static_cast<bool>(m_scene.shaped); }
    [[nodiscard]] QRectF picture() const;

    const Theme& m_theme;
    QLabel* m_title;
    QLabel* m_what;
    QLabel* m_saws;
    QLabel* m_room;
    std::array<QLabel*, 4> m_names{};
    std::array<QuantityField*, 4> m_fields{};  // two measures, in, up
    QuietCombo* m_style;
    QuietCombo* m_backing;
    QuietCombo* m_holds;
    QStringList m_holdsShown{};
    QPushButton* m_shape;
    QPushButton* m_follows;
    QPushButton* m_template;
    AimScene m_scene{};
    core::SurfaceId m_surface{};
    core::HoleOutline m_outline{};
    std::array<core::EdgeMeasure, 2> m_measures{};  // of it: across, down
};

}  // namespace app
