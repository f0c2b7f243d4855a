#pragma once

#include <QWidget>
#include <array>
#include <vector>

#include "app/asks/asks.h"

class QLabel;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace app {

class AnswerDots;
class Theme;

// What the questions are about.
enum class WalkTopic { Vehicle, Customer, Sources, Inventory, Place, Fresh };

// The questions beside the vehicle: the one that is asked written out at the top, the answered ones as lines under it,
// and what else there is to be asked at the foot. In bay mode the question is all there is.
class WalkCard : public QWidget {
    Q_OBJECT
public:
    explicit WalkCard(const Theme& theme, QWidget* parent = nullptr);

    void addAsks(WalkTopic topic, const Asks& asks);
    void addList(QWidget* list);  // over the questions of the inventory
    // What everything is about; what is open stays open.
    void present(const Survey& survey, WalkTopic topic, const QString& where);
    // A question is asked, where none is.
    void openOne();
    void open(Ask* ask, bool on);
    void openFirst() { open(asksThatApply().front(), true); }
    void openNumber(size_t number) { open(asksNow()[number], true); }  // of the topic's
    void openLast() { open(asksThatApply().back(), true); }
    [[nodiscard]] bool goOn(int step);  // to the next question; false: that was the last one
    void focusQuestion();               // the keys go into it
    void closeAll();
    void scrollToTop();
    // What was answered to the first question of a topic.
    [[nodiscard]] QString answerOf(WalkTopic topic, const Survey& survey) const;
    void setBay(bool on);
    void offerVehicle(bool on);  // there is no room for it beside the question
    // The findings stand beside it, with the customer under them: neither is said here too.
    void setFindingsBeside(bool beside);
    void setTabAfter(QWidget* before);

signals:
    void edited(const core::Edit& edit);
    void topicAsked(app::WalkTopic topic);
    void stageAsked(core::StageId stage);  // none: as planned
    void stepAsked(int step);
    void vehicleAsked();
    void opened();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    QWidget* makeStageRow();
    QWidget* makeTopicLines();
    QWidget* makeSteps();
    void arrange();
    void placeTopics();
    void orderTabs();
    [[nodiscard]] Asks asksThatApply() const;
    [[nodiscard]] const Asks& asksNow() const { return m_asks[static_cast<size_t>(m_topic)]; }

    const Theme& m_theme;
    Survey m_survey{};
    WalkTopic m_topic = WalkTopic::Vehicle;
    bool m_bay = false;
    bool m_findingsBeside = false;
    std::array<Asks, 6> m_asks{};
    std::array<AnswerLine*, 4> m_topics{};
    std::array<QPushButton*, 3> m_stages{};
    QWidget* m_list = nullptr;
    QLabel* m_where;
    QLabel* m_verdict;
    AnswerDots* m_dots;
    QPushButton* m_vehicle;
    QWidget* m_stageRow = nullptr;
    QWidget* m_topicLines = nullptr;
    QWidget* m_steps = nullptr;
    QScrollArea* m_scroll;
    QVBoxLayout* m_askColumn;
    QVBoxLayout* m_layout;
};

}  // namespace app
