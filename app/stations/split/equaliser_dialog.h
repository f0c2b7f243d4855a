#pragma once

#include <vector>

#include "app/widgets/trial_dialog.h"
#include "core/physics/equaliser.h"

class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QCustomPlot;

namespace app {

class QuietCombo;
class Theme;

// The equaliser of one channel: a row a band, and what they do together. What stands in it is shown at once wherever it
// tells (`tried`), and is nobody's before OK.
class EqualiserDialog : public TrialDialog {
    Q_OBJECT
public:
    EqualiserDialog(const Theme& theme, const QString& channel, const std::vector<core::EqualiserBand>& bands,
                    QWidget* parent);
    // The bands whose fields can be read.
    [[nodiscard]] std::vector<core::EqualiserBand> bands() const;

private:
    struct Row {
        QuietCombo* kind = nullptr;
        QLineEdit *corner = nullptr, *gain = nullptr, *q = nullptr;
        QPushButton* remove = nullptr;
    };
    void addRow(const core::EqualiserBand& band);
    void removeRow(const QPushButton* which);
    void placeRows();
    void read();
    [[nodiscard]] QString wrongIn(const Row& row, core::EqualiserBand& band) const;

    const Theme& m_theme;
    std::vector<Row> m_rows{};
    QGridLayout* m_grid;
    QLabel* m_said;
    QPushButton* m_add;
    QCustomPlot* m_plot;
};

}  // namespace app
