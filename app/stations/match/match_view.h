#pragma once

#include <QWidget>

#include "app/snapshot.h"
#include "app/widgets/candidate_model.h"
#include "core/edits/set_edits.h"
#include "core/io/shop.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QListView;
class QPushButton;
class QStackedWidget;

namespace app {

class CompareView;
class ElidedLabel;
class FigureTable;
class FitPanel;
class FlowLayout;
class OhmmeterLine;
class Theme;

// Station 3: what fits a place and what it would do, from the shelf; with what the place is and becomes, in figures.
class MatchView : public QWidget {
    Q_OBJECT
public:
    MatchView(const Theme& theme, const core::Shop& shop, QWidget* parent = nullptr);

    void present(const Snapshot& snapshot, core::ListenerId listener);
    void setCurrency(const QString& currency);  // of the shop
    void setPaper(bool letter);
    void startAfresh();  // another plan: nothing chosen in the last one counts
    [[nodiscard]] core::DeviceId chosenDevice() const;
    void choosePlace(core::PlaceId place);
    void takePlace(core::PlaceId place);  // shown with the next plan that is presented
    [[nodiscard]] core::PlaceId place() const { return m_place; }
    void askForReading(core::DeviceId device, core::StageId stage);
    void askForMeasure(core::DeviceId device, core::Quantity what);

signals:
    void edited(const core::Edit& edit);
    void placeChosen();
    void shelfAsked();
    void said(const QString& text);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    void arrange();
    [[nodiscard]] QWidget* buildShelf();
    void goTo(core::DeviceId device);
    void showPlaces();
    void showPlace();
    void showFit();
    void showCandidates();
    void takeFilter();
    void chooseRow(const std::string& before);
    void showReasons();
    void keepReasonsWhole();
    [[nodiscard]] QStringList reasonsOf(const core::Candidate& candidate) const;
    [[nodiscard]] const core::Candidate* current() const;
    void fitChosen();
    void fitSetOfChosen();
    [[nodiscard]] std::optional<core::ComponentSet> setOfChosen() const;
    void holdChosen();
    void showCompared();

    const Theme& m_theme;
    const core::Shop& m_shop;
    FitPanel* m_fit;
    QWidget* m_places;
    FlowLayout* m_placeRow;
    QPushButton* m_showFit;  // where the window is narrow
    QWidget* m_right;
    FigureTable* m_figures;
    OhmmeterLine* m_ohmmeter;
    ElidedLabel* m_shelfTitle;
    QLineEdit* m_search;
    QComboBox* m_order;
    QPushButton* m_goesIn;
    QPushButton* m_whole;
    QPushButton* m_otherKinds;
    QPushButton* m_hold;
    QPushButton* m_compare;
    QPushButton* m_plan;
    QPushButton* m_planSet;  // of a driver that comes in a set
    QStackedWidget* m_stack;
    QListView* m_list;
    CandidateModel* m_candidates;
    CompareView* m_compared;
    QLabel* m_reasons;  // what cost the chosen candidate its points
    const Snapshot* m_snapshot = nullptr;
    core::PlaceId m_place{};
    core::ListenerId m_listener{};
};

}  // namespace app
