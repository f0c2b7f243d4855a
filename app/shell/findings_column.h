#pragma once

#include <QScrollArea>

#include "app/session/snapshot.h"

class QPushButton;
class QVBoxLayout;

namespace app {

class Theme;

// The findings as slips: what is wrong, the numbers, the reason, mends as buttons, the code small at the end. Worst
// three first.
class FindingsColumn : public QScrollArea {
    Q_OBJECT
public:
    explicit FindingsColumn(const Theme& theme, QWidget* parent = nullptr);
    void present(const Snapshot& snapshot);
    void startAfresh();  // another plan: the worst three from the top

signals:
    void mendTaken(const core::Mend& mend);

private:
    void rebuild();
    QWidget* makeNextSlip();
    QWidget* makeSlip(const core::Finding& finding, int number);
    // A mend of a finding that still settles is asked for twice.
    void takeMend(QPushButton* button, int number, size_t mend);

    const Theme& m_theme;
    QVBoxLayout* m_slips;
    std::vector<core::Finding> m_findings{};
    core::Fitout m_used{};
    std::optional<core::NextReading> m_next{};
    bool m_all = false;
    bool m_settling = false;
    bool m_shown = false;  // what is held is what the slips say
};

}  // namespace app
