#pragma once

#include <QWidget>
#include <map>
#include <optional>

#include "app/session/snapshot.h"
#include "app/stations/split/arrival.h"
#include "app/stations/split/bench_layout.h"
#include "core/edits/leg_edits.h"

namespace app {

class BenchTile;
class CableTile;
class Theme;

// What is picked on the bench: a part, or a speaker by its coil.
struct BenchPick {
    core::Port port{};
    bool speaker = false;
    bool operator==(const BenchPick&) const = default;
    explicit operator bool() const { return static_cast<bool>(port.device); }
};

// The way from the amplifier to the coils as a fitter sees it: red the plus lead, black the minus, boards with their
// screws, every value in its part, and beside each speaker what reaches it. Tab and arrows go from thing to thing,
// Enter picks, R turns a speaker over, Delete takes a part out.
class BenchDrawing : public QWidget {
    Q_OBJECT
public:
    explicit BenchDrawing(const Theme& theme, QWidget* parent = nullptr);

    // stage  what is shown: the snapshot's goal, or what is tried in its stead
    void present(SharedSnapshot snapshot, std::shared_ptr<const core::StageResult> stage,
                 std::vector<core::BenchWay> ways, const BenchPick& picked);
    // Towards whom a channel's cable is told of.
    [[nodiscard]] core::DeviceId cabledOn(const core::Port& channel) const;
    [[nodiscard]] const BenchPick& picked() const { return m_picked; }
    // Where a thing lies; empty: it is not here.
    [[nodiscard]] QRect areaOf(const BenchPick& pick) const;
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;
    void focusPicked();

signals:
    void chosen(const BenchPick& pick);
    void turnAsked(const BenchPick& speaker);
    void removeAsked(const BenchPick& part);
    void moveAsked(const BenchPick& part, core::Along along);
    void cableAsked(const core::Port& channel);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void arrange();
    void layTile(const BenchItem& item);
    void layCables();
    void paintLeads(QPainter& painter);
    void paintBoard(QPainter& painter, const BenchBoard& board);
    void paintScrews(QPainter& painter);
    void paintArrival(QPainter& painter, const BenchItem& item, const Arrival& arrival);
    void paintBar(QPainter& painter, const QRectF& area, const ArrivalBar& bar);
    void step(const QWidget& from, const QPointF& way);
    [[nodiscard]] std::optional<Arrival> arrivalOf(const core::Port& coil) const;

    const Theme& m_theme;
    SharedSnapshot m_snapshot{};
    std::shared_ptr<const core::StageResult> m_stage{};
    std::vector<core::BenchWay> m_ways{};
    BenchPick m_picked{};
    BenchPicture m_picture{};
    std::map<QString, BenchTile*> m_tiles{};
    std::map<const QObject*, BenchPick> m_pickOf{};
    std::map<core::Port, CableTile*> m_cables{};
};

}  // namespace app
