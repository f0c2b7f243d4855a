#pragma once

#include "app/stations/station.h"
#include "app/widgets/candidate_model.h"
#include "core/edits/set_edits.h"

class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace app {

class CandidateHeader;
class ChangeFigures;
class CompareView;
class FigureTable;
class FitPanel;
class FlowLayout;
class OhmmeterLine;
class RankList;
class Theme;
class Workbench;

// Station 3: what fits a place and what it would do, from the shelf; with what the place is and becomes, in figures.
class MatchView : public Station {
    Q_OBJECT
public:
    MatchView(const Theme& theme, Workbench& bench, QWidget* parent = nullptr);

    void present(const SharedSnapshot& snapshot, core::ListenerId listener) override;
    [[nodiscard]] QString owed(const Snapshot& snapshot) const override;
    [[nodiscard]] bool wantsToBeFirst(const Snapshot& snapshot) const override
    {
        return !snapshot.after().runs.empty();
    }
    void setShop(const ShopSettings& shop) override;
    void startAfresh() override;
    [[nodiscard]] core::DeviceId chosenDevice() const override;
    void choosePlace(core::PlaceId place);
    void takePlace(core::PlaceId place) override;
    [[nodiscard]] core::PlaceId place() const override { return m_place; }
    [[nodiscard]] bool takesReadings() const override { return true; }
    void askForReading(core::DeviceId device, core::StageId stage) override;
    void askForMeasure(core::DeviceId device, core::Quantity what) override;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] static QString ranking() { return QStringLiteral("ranking"); }  // what it asks of the bench
    void build();
    void arrange();
    [[nodiscard]] QWidget* buildShelf();
    [[nodiscard]] QWidget* buildFilters();
    void buildDetail();
    void goTo(core::DeviceId device);
    void showPlaces();
    void showPlace();
    void showFit();
    void showCandidates();
    void takeRanking(std::vector<core::Candidate> ranked);
    void takeFilter();
    void chooseRow(const std::string& before);
    void showReasons();
    [[nodiscard]] const core::Candidate* current() const;
    void fitChosen();
    void fitSetOfChosen();
    [[nodiscard]] std::optional<core::ComponentSet> setOfChosen() const;
    void holdChosen();
    void showCompared();

    const Theme& m_theme;
    Workbench& m_bench;
    FitPanel* m_fit;
    QWidget* m_places;
    FlowLayout* m_placeRow;
    QPushButton* m_showFit;  // where the window is narrow
    QWidget* m_right;
    ChangeFigures* m_change;  // opens the two below
    FigureTable* m_figures;
    OhmmeterLine* m_ohmmeter;
    QLineEdit* m_search;
    QPushButton* m_goesIn;
    QPushButton* m_whole;
    QPushButton* m_otherKinds;
    QPushButton* m_hold;
    QPushButton* m_compare;
    QPushButton* m_plan;
    QPushButton* m_planSet;  // of a driver that comes in a set
    QStackedWidget* m_stack;
    RankList* m_list;
    CandidateHeader* m_header;
    QLabel* m_empty;    // why the list is
    QWidget* m_detail;  // what the chosen row opens to
    CandidateModel* m_candidates;
    CompareView* m_compared;
    QLabel* m_reasons;  // what cost the chosen candidate its points
    SharedSnapshot m_snapshot{};
    std::string m_fitWhenRanked{};  // asked to be planned while the ranking was still of an older plan
    core::PlaceId m_place{};
    core::ListenerId m_listener{};
};

}  // namespace app
