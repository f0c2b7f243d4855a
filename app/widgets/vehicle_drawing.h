#pragma once

#include <QPixmap>
#include <QWidget>

#include "app/widgets/drawn_things.h"
#include "app/widgets/vehicle_views.h"
#include "core/picture/body_shape.h"
#include "core/survey/leads.h"

namespace app {

class Theme;

// The vehicle drawn from its measures, from above and in a survey from both sides: seats, places, sources, the runs as
// lines with figures at their ends. A thing is picked by pointer or by Tab and arrows; in a survey it is moved by
// dragging, or taken hold of with Enter, moved with the arrows, put down with Enter and returned with Esc. The station
// has an equal list beside it, and each thing is an accessible child.
class VehicleDrawing : public QWidget {
    Q_OBJECT
public:
    explicit VehicleDrawing(const Theme& theme, QWidget* parent = nullptr);

    void present(const SharedSnapshot& snapshot, const DrawingFocus& focus);
    [[nodiscard]] QSize sizeHint() const override;

    [[nodiscard]] const std::vector<DrawnThing>& things() const { return m_things; }
    [[nodiscard]] QPointF pointOf(const DrawnThing& thing) const;  // where it is drawn, seen from above
    [[nodiscard]] QPointF pointOf(core::PlaceId place) const;
    [[nodiscard]] const DrawnThing* current() const;
    [[nodiscard]] const VehicleView& view(VehicleView::Side side) const;  // requires that it is shown
    // The whole of it while a part is shown, where a click brings another part; requires that a part is shown.
    [[nodiscard]] const VehicleView& smallPlan() const { return m_views.back(); }
    void activate(const DrawnThing& thing);  // as if it had been clicked

signals:
    void placeChosen(core::PlaceId place);
    void sourceChosen(core::DeviceId source);
    void seatChosen(core::ListenerId listener);
    void spotChosen(const core::UsualSpot& spot);
    void pointChosen(const core::Vec3& point_m, app::DrawnFrom from);  // where nothing is
    void moved(const app::DrawnThing& thing, const core::Vec3& to_m);  // again and again while it is moved
    void putDown();
    void returned();    // as it was before it was taken hold of
    void formAsked();   // of what is picked
    void wholeAsked();  // the drawing alone, or no longer
    void sidesAsked();  // the vehicle from both sides too, or no longer
    void removalAsked(core::PlaceId place);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool focusNextPrevChild(bool next) override;
    void focusOutEvent(QFocusEvent* event) override;
    bool event(QEvent* event) override;

private:
    [[nodiscard]] const core::UsualVehicles& vehicles() const { return m_snapshot->shop->vehicles; }
    void arrange();
    [[nodiscard]] core::Vec3 lookedAt_m() const;  // where the large view goes while not all of it can be shown
    void paintBodies(QPainter& painter);
    void choose(size_t index);
    void chooseTowards(const QPointF& direction);
    void moveHeld(const QPointF& direction, bool fine);
    void letGo(bool keep);
    [[nodiscard]] const DrawnThing* thingAt(const QPointF& pixel, const VehicleView** view) const;
    [[nodiscard]] size_t indexOfCurrent() const;
    [[nodiscard]] bool canMove(const DrawnThing& thing) const;

    const Theme& m_theme;
    SharedSnapshot m_snapshot{};
    DrawingFocus m_focus{};
    core::BodyShape m_shape{};
    core::Body m_drawnBody{};
    std::vector<DrawnThing> m_things{};
    std::vector<VehicleView> m_views{};
    std::vector<core::Lead> m_leads{};
    std::map<core::WireId, core::Wire> m_leadWires{};  // what they were made of
    std::map<core::DeviceId, core::Device> m_leadDevices{};
    core::Vec3 m_about_m{};
    std::optional<core::Vec3> m_lookedAt_m{};  // picked on the small plan, until something is chosen
    QPixmap m_bodies{};                        // the vehicle without its things, of all views: it changes seldom
    DrawnThing::Kind m_currentKind = DrawnThing::Kind::Place;  // what the keys are on
    int m_currentNumber = 0;
    bool m_held = false;                      // by key
    const VehicleView* m_dragView = nullptr;  // by pointer
    QPointF m_pressedAt{};
    bool m_dragged = false;
};

}  // namespace app
