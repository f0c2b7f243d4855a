#pragma once

#include <optional>

#include "app/stations/station.h"
#include "app/stations/walk/walk_card.h"
#include "app/widgets/drawn_things.h"

class QPushButton;

namespace app {

class CircuitBar;
class CircuitView;
class CustomerCard;
class InventoryView;
class Theme;
class VehicleDrawing;
class Workbench;

// Station 1: what came in and what is wanted. The drawing is the way in: what is picked there opens its questions
// beside it, one at a time. Where there is no room for both they take turns; in bay mode one question fills the
// station.
class WalkView : public Station {
    Q_OBJECT
public:
    WalkView(const Theme& theme, Workbench& bench, QWidget* parent = nullptr);

    void present(const SharedSnapshot& snapshot, core::ListenerId listener) override;
    [[nodiscard]] QString owed(const Snapshot& snapshot) const override;
    [[nodiscard]] QWidget* aside() override;
    [[nodiscard]] std::vector<QWidget*> areas() override { return {m_left, m_card}; }
    void startAfresh() override;
    void choosePlace(core::PlaceId place);
    void showTopic(WalkTopic topic);
    void setBay(bool on) override;
    void setShop(const ShopSettings& shop) override;
    [[nodiscard]] core::PlaceId place() const override { return m_survey.place; }
    [[nodiscard]] core::DeviceId chosenDevice() const override { return m_survey.driver; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    void connectDrawing();
    void connectCard();
    void refresh();
    void arrange();
    void take(const core::Edit& edit);
    void sayWhatWent(const core::Fitout& before);
    [[nodiscard]] core::Edit ofThePlan(const core::Edit& edit) const;
    void moveThing(const DrawnThing& thing, const core::Vec3& to_m);
    void goOn(int step);  // in bay mode: to the next question, then to the next place
    void showVehicleAlone(bool alone);
    void resolveChoice();
    [[nodiscard]] QString headNow() const;

    const Theme& m_theme;
    Survey m_survey{};
    WalkTopic m_topic = WalkTopic::Vehicle;
    bool m_bay = false;
    bool m_alone = false;     // the vehicle has the station for itself
    bool m_planning = false;  // what is entered belongs to the job, not to the vehicle
    bool m_flanks = false;    // the vehicle from both sides too
    Ask* m_wires = nullptr;   // while it is open, the circuit is drawn
    VehicleDrawing* m_drawing;
    CircuitView* m_circuit;
    CircuitBar* m_bar;
    InventoryView* m_inventory;
    CustomerCard* m_customer;
    WalkCard* m_card;
    QWidget* m_left;
    QPushButton* m_sides;
    QPushButton* m_question;
};

}  // namespace app
