#pragma once

#include <functional>

#include "app/stations/split/bench_drawing.h"
#include "app/stations/split/channel_card.h"
#include "app/stations/station.h"
#include "core/evaluate/split_sum.h"

class QBoxLayout;
class QPushButton;
class QLabel;
class QTimer;

namespace app {

class BandChart;
class BoardDialog;
struct BenchAction;
class FlowLayout;
class LoadPlot;
class OthersRow;
class PairPlot;
class PlacePlan;
class SplitAnswers;
class TrialDialog;
class ValuePicker;
class Workbench;

// Station 4: where one driver takes over from another. The way from the amplifier to the coils as it lies on the bench,
// every value set where it stands; what reaches each speaker, what the channel sees, the pair at the ear, and three
// crossovers that differ in kind.
class SplitView : public Station {
    Q_OBJECT
public:
    SplitView(const Theme& theme, Workbench& bench, QWidget* parent = nullptr);

    void present(const SharedSnapshot& snapshot, core::ListenerId listener) override;
    [[nodiscard]] QString owed(const Snapshot& snapshot) const override;
    void startAfresh() override;
    void setShop(const ShopSettings& shop) override;
    [[nodiscard]] core::DeviceId chosenDevice() const override;
    [[nodiscard]] core::PlaceId place() const override { return m_place; }
    void takePlace(core::PlaceId place) override;
    [[nodiscard]] std::vector<QWidget*> areas() override;

    // What leaves as a file: the channel as a netlist, what it sees, the pair's sum at the chosen ears.
    enum class File { Netlist, Load, Sum };
    // False where there is nothing of the kind, or where it could not be written; either is said.
    bool writeFile(File file, const QString& path);
    // What the sum is to come near, from a curve file. False where it cannot be taken: that is said.
    bool readTarget(const QString& path);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    // What the value picker is open for.
    struct Open {
        core::Port port{};  // a part, or a channel
        std::optional<Knob> knob{};
    };
    [[nodiscard]] static QString searching() { return QStringLiteral("splits"); }  // what it asks of the bench
    [[nodiscard]] static QString against() { return QStringLiteral("split against"); }
    [[nodiscard]] static QString band() { return QStringLiteral("split band"); }
    [[nodiscard]] static QString neighbours() { return QStringLiteral("split neighbours"); }

    static constexpr int kLowerHalf = 53;  // of a hundred

    void build();
    void arrange();
    void findPair();
    void show();  // the snapshot, or what is tried in its stead
    void showPlaces();
    void showOne(const std::shared_ptr<const core::StageResult>& stage);
    void openBand(core::PlaceId place);
    [[nodiscard]] core::Port channelOf(const core::StageResult& stage, const std::vector<core::Port>& channels) const;
    void showActions(const core::StageResult& stage);
    void offerTargets();
    void takeTargetFile();
    void showTarget();
    void showAnswers(bool again = false);  // again: although nothing has changed
    void pick(const BenchPick& pick);
    void openPart(const core::Port& part);
    void openKnob(const core::Port& channel, Knob knob);
    void openTrial(TrialDialog* dialog, const std::function<std::optional<core::Edit>()>& wanted);
    void openEqualiser(const core::Port& channel);
    void openBoard(core::DeviceId speaker);
    void openCable(const core::Port& channel);
    void askAgainst(BoardDialog* dialog, const core::Edit& tried);
    void offerFiles();
    [[nodiscard]] core::DeviceId shownBoard() const;  // that has a place; none: there is none
    void showSite();
    void offerSites();
    void setShape(const core::Port& channel, Knob knob, const core::FilterShape& shape);
    [[nodiscard]] core::Edit editTo(double value, bool off) const;
    void tryValue(double value, bool off);
    void tryEdit(const core::Edit& edit);
    void askNeighbours(double value);
    void askBand();
    // The snapshot's goal or what is tried in its stead, and the pair there.
    [[nodiscard]] std::shared_ptr<const core::StageResult> shownStage() const;
    [[nodiscard]] std::optional<core::SplitPair> shownPair(const core::StageResult& stage) const;
    void leaveValue();
    void turnOver(const BenchPick& speaker);
    void remove(const BenchPick& part);
    void choosePlace(core::PlaceId place);
    void addAction(const BenchAction& action);
    void movePart(BenchPick part, core::Along along);
    [[nodiscard]] core::DeviceId high() const;  // of the pair, or the speaker itself

    const Theme& m_theme;
    Workbench& m_bench;
    QLabel* m_title;
    QLabel* m_follows;
    PlacePlan* m_places;
    QWidget* m_left;
    ChannelCard* m_card;  // of the channel whose way something is picked on
    QLabel* m_wayTitle;
    QPushButton* m_site;  // where its board sits
    QPushButton* m_files;
    QPushButton* m_allBands;  // pressed: who plays what, instead of one place
    BandChart* m_bands;
    BenchDrawing* m_drawing;
    QLabel* m_none;
    QWidget* m_actions;
    OthersRow* m_others;
    FlowLayout* m_actionRow;
    LoadPlot* m_load;
    PairPlot* m_pairPlot;
    QWidget* m_find;
    QPushButton* m_target;    // what the search is to come near: flat, or falling to the highs
    QPushButton* m_forSeats;  // pressed: for all who listen, not for the chosen seat alone
    SplitAnswers* m_answers;
    ValuePicker* m_picker;
    QTimer* m_rest;  // runs out when nothing has been stepped for a moment
    QBoxLayout* m_top;
    QBoxLayout* m_bottom;
    SharedSnapshot m_snapshot{};
    std::shared_ptr<const core::StageResult> m_tried{};  // with the value that is being stepped through
    // What the answers are about: nothing else has to be searched for anew.
    struct Searched {
        std::uint64_t revision = 0;
        core::DeviceId tweeter{};
        core::ListenerId seat{};
        std::optional<double> slope_db_octave{};
        bool allSeats = false;
        bool operator==(const Searched&) const = default;
    };
    Searched m_searched{};
    std::uint64_t m_answered = 0;               // of the plan that the answers are about
    std::optional<double> m_slope_db_octave{};  // of the target; nothing: the plan's own curve, or flat
    core::Edit m_triedEdit{};                   // that makes it so
    core::ListenerId m_listener{};
    core::PlaceId m_place{};
    std::optional<core::SplitPair> m_pair{};
    BenchPick m_picked{};
    Open m_open{};
};

}  // namespace app
