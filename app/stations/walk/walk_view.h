#pragma once

#include <array>
#include <optional>

#include "app/asks/asks.h"
#include "app/stations/station.h"
#include "app/widgets/drawn_things.h"

class QLabel;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace app {

class CircuitView;
class InventoryView;
class Theme;
class VehicleDrawing;

// Station 1: what came in and what is wanted. The drawing is the way in: what is picked there opens its questions
// beside it, one at a time. In bay mode one question fills the station.
class WalkView : public Station {
    Q_OBJECT
public:
    enum class Topic { Vehicle, Customer, Sources, Inventory, Place, Fresh };

    WalkView(const Theme& theme, Workbench& bench, QWidget* parent = nullptr);

    void present(const SharedSnapshot& snapshot, core::ListenerId listener) override;
    [[nodiscard]] QString owed(const Snapshot& snapshot) const override;
    void startAfresh() override;
    void choosePlace(core::PlaceId place);
    void showTopic(Topic topic);
    void setBay(bool on) override;
    void setShop(const ShopSettings& shop) override;
    [[nodiscard]] core::PlaceId place() const override { return m_survey.place; }
    [[nodiscard]] core::DeviceId chosenDevice() const override { return m_survey.driver; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    QWidget* makeTopicRow();
    QWidget* makeStageRow();
    void addAsks(Topic topic, const Asks& asks);
    void connectDrawing();
    void refresh();
    void arrange();
    void take(const core::Edit& edit);
    [[nodiscard]] core::Edit ofThePlan(const core::Edit& edit) const;
    void moveThing(const DrawnThing& thing, const core::Vec3& to_m);
    void openAsk(Ask* ask, bool open);
    void openOne();
    [[nodiscard]] Asks asksThatApply() const;
    void goThroughAsks(int step);
    void resolveChoice();
    [[nodiscard]] const Asks& asksNow() const { return m_asks[static_cast<size_t>(m_topic)]; }
    [[nodiscard]] QString headNow() const;

    const Theme& m_theme;
    Survey m_survey{};
    Topic m_topic = Topic::Vehicle;
    bool m_bay = false;
    std::array<Asks, 6> m_asks{};
    Ask* m_wires = nullptr;  // while it is open, the circuit is drawn
    std::array<QPushButton*, 4> m_topics{};
    std::array<QPushButton*, 3> m_stages{};
    bool m_planning = false;  // what is entered belongs to the job, not to the vehicle
    VehicleDrawing* m_drawing;
    CircuitView* m_circuit;
    InventoryView* m_inventory;
    QWidget* m_left;
    QWidget* m_card;
    QWidget* m_stageRow = nullptr;
    QWidget* m_steps = nullptr;  // back and on, in bay mode
    QLabel* m_head;
    QLabel* m_verdict;
    QScrollArea* m_scroll;
    QVBoxLayout* m_askColumn;
};

}  // namespace app
