#pragma once

#include <QPixmap>
#include <QWidget>

#include "app/stations/aim/aim_scene.h"
#include "app/widgets/vehicle_views.h"

namespace app {

class Theme;

inline constexpr double kStep_m = 0.005, kFineStep_m = 0.001;  // of an arrow, and with Shift

// The cabin from above or from one side, with the driver that is picked, its axis and its ways to the ears. It is taken
// hold of with the pointer or with Enter, moved by dragging or by arrows, turned at the head of its axis, with R or
// with the wheel, put down by letting go or with Enter, and returned with Esc. Tab goes from driver to driver. A dot of
// the map of better spots is tried by picking it. While a surface is shaped its corners are in the hand instead.
class AimDrawing : public QWidget {
    Q_OBJECT
public:
    enum class From { Above, Side };
    AimDrawing(const Theme& theme, From from, QWidget* parent);

    // scale  pixels a metre; 0: as large as it goes
    void present(const AimScene& scene, double scale);
    void setScale(double scale);
    // Something is, or a surface is being shaped: nothing is to slide away.
    [[nodiscard]] bool inHand() const { return m_hand != Hand::Empty || m_shaping; }
    [[nodiscard]] double bestScale() const;  // at which all of it is seen
    [[nodiscard]] QPointF pointOf(const core::Vec3& at_m) const { return m_view.at(at_m); }
    [[nodiscard]] QPointF axisHead() const;  // of the driver that is picked: where it is turned
    [[nodiscard]] std::optional<QPointF> cornerPoint(size_t corner) const;  // while a surface is shaped
    // Of a dot of the map on another surface than the picked driver's; nothing while there is no map.
    [[nodiscard]] std::optional<QPointF> spotPoint() const;
    [[nodiscard]] QSize sizeHint() const override;

signals:
    void picked(core::DeviceId device);
    void moved(const core::Frame& to);  // again and again, of the driver that is picked
    void putDown();
    void returned();
    void spotTried(const core::Spot& spot);
    void seatChosen(core::ListenerId listener);
    void shaped(const core::Surface& surface);  // again and again, of the surface whose corners are in the hand
    void shapePut();
    void shapeLeft();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool focusNextPrevChild(bool next) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    bool event(QEvent* event) override;

private:
    enum class Hand { Empty, Takes, Moves, Turns, Keys, Corner };
    void arrange();
    [[nodiscard]] QRectF shown_m() const;  // across and down, in metres of this view
    [[nodiscard]] const core::Frame* frame() const;
    void step(const QPointF& direction, bool fine);
    void turn(double degrees);
    void turnTo(const QPointF& pixel);
    void letGo(bool keep);
    [[nodiscard]] core::DeviceId driverAt(const QPointF& pixel) const;
    void say();
    // Of the surface that is shaped; nothing where none is.
    [[nodiscard]] const core::Surface* shapedSurface() const;
    [[nodiscard]] bool takeCorner(const QPointF& pixel);
    void moveCorner(const QPointF& pixel);
    bool cornerKey(int key, bool fine);
    bool nextCorner(bool next);
    void paintBody(QPainter& painter);

    const Theme& m_theme;
    From m_from;
    AimScene m_scene{};
    double m_scale = 0.0;
    VehicleView m_view{};
    QPixmap m_body{};  // the vehicle alone, of this view and shape
    VehicleView m_bodyView{};
    core::BodyShape m_bodyShape{};
    Hand m_hand = Hand::Empty;
    bool m_shaping = false;  // and was before
    size_t m_corner = 0;     // of the surface that is shaped: the one that the keys move
    QPointF m_pressedAt{}, m_grip{};  // from there to the driver's middle
};

}  // namespace app
