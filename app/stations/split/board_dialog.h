#pragma once

#include <array>
#include <memory>
#include <optional>

#include "app/widgets/trial_dialog.h"
#include "core/design/board_design.h"

class QLabel;
class QLineEdit;
class QPushButton;

namespace app {

class QuietCombo;
class Theme;
struct Snapshot;

// A board by the book: for whom, where they part and how steeply, into which ohms, how much quieter the highest one.
// What stands in it is shown at once wherever it tells (`tried`), and is nobody's before OK.
class BoardDialog : public TrialDialog {
    Q_OBJECT
public:
    // choices  of core::boardChoices at the snapshot's goal, not empty
    BoardDialog(const Theme& theme, const std::shared_ptr<const Snapshot>& snapshot,
                const std::vector<core::BoardSpeakers>& choices, QWidget* parent);

    [[nodiscard]] const core::BoardSpeakers& speakers() const;
    // Nothing where a field cannot be read, or where the board would have no part.
    [[nodiscard]] std::optional<core::BoardParts> parts() const { return m_parts; }

    // What stands against the one that was tried last; empty: not known yet.
    void showAgainst(const QString& text);

private:
    // Where one takes over from the next, or a filter of one alone.
    struct Row {
        QLabel* label = nullptr;
        QLineEdit* corner = nullptr;
        QuietCombo* shape = nullptr;
    };
    void build();
    void begin();  // with what is usual for those it is for
    void read();
    [[nodiscard]] QString textOf(const core::BoardSpeakers& speakers) const;
    [[nodiscard]] std::optional<core::Filter> filterIn(const Row& row, QString& wrong) const;
    [[nodiscard]] core::BoardWish wishIn(QString& wrong) const;

    const Theme& m_theme;
    std::shared_ptr<const Snapshot> m_snapshot;
    std::vector<core::BoardSpeakers> m_choices;
    std::optional<core::BoardParts> m_parts{};
    bool m_filling = false;
    QuietCombo* m_for;
    std::array<Row, 2> m_rows{};
    QuietCombo* m_load;
    QLabel* m_padLabel;
    QLineEdit* m_pad;
    QuietCombo* m_padKind;
    QLabel* m_said;
    QLabel* m_against;
};

}  // namespace app
