#pragma once

#include <QWidget>
#include <array>

#include "app/session/snapshot.h"
#include "app/widgets/band_reed.h"

class QLabel;
class QPushButton;

namespace app {

class ElidedLabel;
class SeatPlan;
class Theme;

// What never leaves the screen: whose ears, the four bands before and after, and the count of findings.
class Strip : public QWidget {
    Q_OBJECT
public:
    explicit Strip(const Theme& theme, QWidget* parent = nullptr);

    void present(const Snapshot& snapshot);
    [[nodiscard]] core::ListenerId listener() const;
    void chooseListener(core::ListenerId listener);
    void startAfresh();                          // another plan: the first of its ears
    enum class Width { OneBand, Bands, Whole };  // one band at a time; all of them; with words beside them
    void setWidth(Width width);

signals:
    void listenerChosen(core::ListenerId listener);
    void findingsAsked();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void showBands(const Snapshot& snapshot);
    void arrange();
    void sayWhose();

    const Theme& m_theme;
    ElidedLabel* m_title;
    ElidedLabel* m_subtitle;
    SeatPlan* m_ears;
    std::array<BandReed*, core::kBandCount> m_reeds{};
    std::array<QPushButton*, 3> m_counts{};  // by severity
    std::array<int, 3> m_counted{};
    QLabel* m_reach;
    QLabel* m_level;
    QPushButton* m_nextBand;
    size_t m_shownBand = 0;
    Width m_width = Width::Whole;
};

}  // namespace app
