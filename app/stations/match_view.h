#pragma once

#include <QWidget>

#include "app/snapshot.h"
#include "core/io/shop.h"

class QLabel;
class QListView;
class QPushButton;

namespace app {

class CandidateModel;
class FlowLayout;
class FigureTable;
class OhmmeterLine;
class Theme;
class VehicleDrawing;

// Station 3: what fits a place and what it would do, from the shelf; with what the place is and becomes, in figures.
class MatchView : public QWidget {
    Q_OBJECT
public:
    MatchView(const Theme& theme, const core::Shop& shop, QWidget* parent = nullptr);

    void present(const Snapshot& snapshot, core::ListenerId listener);
    void startAfresh();  // another plan: nothing chosen in the last one counts
    [[nodiscard]] core::DeviceId chosenDevice() const;
    void choosePlace(core::PlaceId place);
    void takePlace(core::PlaceId place);  // shown with the next plan that is presented
    [[nodiscard]] core::PlaceId place() const { return m_place; }
    void askForReading(core::DeviceId device, core::StageId stage);

signals:
    void edited(const core::Edit& edit);
    void placeChosen();
    void seatChosen(core::ListenerId listener);

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void showPlaces();
    void showPlace();
    void showCandidates();
    [[nodiscard]] int rowToChoose(const std::string& before) const;
    void showReasons();
    void fitChosen();

    const Theme& m_theme;
    const core::Shop& m_shop;
    VehicleDrawing* m_drawing;
    QWidget* m_places;
    FlowLayout* m_placeRow;
    FigureTable* m_figures;
    OhmmeterLine* m_ohmmeter;
    QLabel* m_shelfTitle;
    QListView* m_list;
    CandidateModel* m_candidates;
    QPushButton* m_fit;
    QLabel* m_reasons;  // what there is against the chosen candidate
    const Snapshot* m_snapshot = nullptr;
    core::PlaceId m_place{};
    core::ListenerId m_listener{};
};

}  // namespace app
