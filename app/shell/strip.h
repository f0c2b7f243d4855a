#pragma once

#include <QWidget>
#include <array>
#include <optional>

#include "app/snapshot.h"

class QComboBox;
class QLabel;
class QPushButton;

namespace app {

class Theme;

// One band as two reeds, before and after, with the change in figures.
class BandReed : public QWidget {
    Q_OBJECT
public:
    BandReed(core::Band band, const Theme& theme, QWidget* parent);
    // could: of after, once it is known
    void show(const core::BandFigures* before, const core::BandFigures* after, const core::Range* could);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    core::Band m_band;
    const Theme& m_theme;
    std::optional<double> m_before_db{}, m_after_db{};
};

// What never leaves the screen: whose ears, the four bands before and after, and the count of findings.
class Strip : public QWidget {
    Q_OBJECT
public:
    explicit Strip(const Theme& theme, QWidget* parent = nullptr);

    void present(const Snapshot& snapshot);
    [[nodiscard]] core::ListenerId listener() const;

signals:
    void listenerChosen(core::ListenerId listener);
    void findingsAsked();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void showBands(const Snapshot& snapshot);

    const Theme& m_theme;
    QLabel* m_title;
    QLabel* m_subtitle;
    QComboBox* m_ears;
    std::array<BandReed*, core::kBandCount> m_reeds{};
    std::array<QPushButton*, 3> m_counts{};  // by severity
};

}  // namespace app
