#pragma once

#include "app/stations/aim/aim_scene.h"
#include "app/stations/station.h"

class QBoxLayout;
class QLabel;
class QTimer;

namespace app {

class AimDrawing;
class HabitList;
class HolePanel;
class SeatRow;
class Theme;
class Workbench;

// Station 5: where a tweeter goes and which way it points. The cabin from above and from the side at one scale, the
// driver in the hand; the map of better spots on the surfaces themselves; the habits of the trade ranked for these
// ears, what counts changeable; the hole as a ruler finds it, and the surface that it is in; delays and levels.
class AimView : public Station {
    Q_OBJECT
public:
    AimView(const Theme& theme, Workbench& bench, QWidget* parent = nullptr);

    void present(const SharedSnapshot& snapshot, core::ListenerId listener) override;
    [[nodiscard]] QString owed(const Snapshot& snapshot) const override;
    void startAfresh() override;
    [[nodiscard]] core::DeviceId chosenDevice() const override { return m_scene.held; }
    [[nodiscard]] core::PlaceId place() const override;
    void takePlace(core::PlaceId place) override;
    [[nodiscard]] std::vector<QWidget*> areas() override;
    void setShop(const ShopSettings& shop) override;
    void recall(const QSettings& settings) override;
    void keep(QSettings& settings) const override;
    // The hole at 1:1, both sides; a PDF, or an SVG where the name says so. False where it could not be written, or
    // where there is no surface under it: that is said.
    bool writeTemplate(const QString& path);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] static QString mapping() { return QStringLiteral("spots"); }  // what it asks of the bench
    [[nodiscard]] static QString aligning() { return QStringLiteral("align seats"); }
    void build();
    void arrange();
    void show();
    void showScene();
    void showTime();
    void connectDrawing(AimDrawing* drawing);
    void move(const core::Frame& to);
    void putDown();
    void giveBack();
    void put(const core::Frame& frame, core::SurfaceId surface);
    void clearZone(core::RestraintZone zone);
    void askWeights();
    void shape(bool on);
    void shapeAs(const core::Surface& surface, bool put);
    void askMap();
    void askAlign();
    [[nodiscard]] std::vector<core::ListenerId> seats() const;

    const Theme& m_theme;
    Workbench& m_bench;
    AimDrawing* m_above;
    AimDrawing* m_side;
    HabitList* m_habits;
    HolePanel* m_hole;
    QLabel* m_none;
    QLabel* m_time;
    SeatRow* m_seatRow;
    QTimer* m_rest;
    QBoxLayout* m_columns;
    SharedSnapshot m_snapshot{};
    core::ListenerId m_listener{};
    core::DeviceId m_picked{};
    bool m_letterPaper = false;
    bool m_moved = false;  // since it was taken hold of
    bool m_all = false;  // best for everybody who listens, not for the chosen seat alone
    AimScene m_scene{};
    std::optional<core::SpotWeights> m_weights{};  // as somebody set them
    // The surface whose corners are in the hand, by its turn among them: what it is called by changes with the first edit.
    std::optional<std::ptrdiff_t> m_shaped{};
    double m_scale = 0.0;  // of both views, pixels a metre
    // What the map is of: nothing else has to be found anew.
    struct Mapped {
        core::DeviceId device{};
        core::PartId part{};
        std::vector<core::ListenerId> seats{};
        core::Cabin cabin{};
        core::Body body{};
        std::map<core::SurfaceId, core::Surface> mounts{};
        bool left = true;
        core::SpotWeights weights{};
        bool operator==(const Mapped&) const = default;
    };
    [[nodiscard]] Mapped mappedNow() const;
    Mapped m_mapped{};
    std::shared_ptr<const core::SpotMap> m_map{};
};

}  // namespace app
