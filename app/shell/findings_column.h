#pragma once

#include <QScrollArea>
#include <set>

#include "app/session/snapshot.h"

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace app {

class Theme;

class Station;

// The findings as slips: what is wrong, the numbers, mends as buttons; the reason opens when it is asked for, and the
// code is small at the end. Three first: what stops the plan, then what the open station has to say, each by its weight.
class FindingsColumn : public QScrollArea {
    Q_OBJECT
public:
    explicit FindingsColumn(const Theme& theme, QWidget* parent = nullptr);
    void present(const Snapshot& snapshot, const Station* open);
    void setAside(QWidget* aside);  // what the open station has to say beside its work, or nothing
    void startAfresh();             // another plan: the worst three from the top

signals:
    void mendTaken(const core::Mend& mend);
    void houseRulesAsked();

private:
    void rebuild();
    void orderTabs();  // what stands beside comes after the slips, which are made anew
    QWidget* makeNextSlip();
    QWidget* makeSlip(const core::Finding& finding, int number);
    struct Reason {
        QLabel* text = nullptr;
        QLabel* figures = nullptr;     // what it rests on
        QPushButton* house = nullptr;  // where a house rule speaks
    };
    QWidget* makeWhy(const QString& code, const QString& where, const QString& title, const Reason& reason);
    // A mend of a finding that still settles is asked for twice.
    void takeMend(QPushButton* button, int number, size_t mend);

    const Theme& m_theme;
    QVBoxLayout* m_slips;
    QVBoxLayout* m_column;
    QWidget* m_aside = nullptr;
    std::vector<core::Finding> m_findings{};  // in the order of the slips
    size_t m_own = 0;                         // of the open station
    bool m_isOf = false;                      // that it may have any
    core::Fitout m_used{};
    core::Practice m_practice{};  // whose limits they are held against
    std::optional<core::NextReading> m_next{};
    std::set<std::string> m_open{};  // reasons, by code and where
    bool m_all = false;
    bool m_settling = false;
    bool m_shown = false;  // what is held is what the slips say
};

}  // namespace app
