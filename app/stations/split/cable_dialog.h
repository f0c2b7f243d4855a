#pragma once

#include <map>
#include <optional>

#include "app/widgets/trial_dialog.h"
#include "core/survey/cable_to.h"

class QLabel;
class QLineEdit;
class QPushButton;

namespace app {

class Theme;

// The cable that leaves a channel: how long it is, one way, and how thick each core. What stands in it is shown at once
// wherever it tells (`tried`), and is nobody's before OK.
class CableDialog : public TrialDialog {
    Q_OBJECT
public:
    CableDialog(const Theme& theme, const QString& channel, const core::CableTo& cable, QWidget* parent);
    // What a field says: nothing inside where it is empty, nothing at all where it cannot be read. One that was not
    // touched keeps its origin.
    [[nodiscard]] std::optional<std::optional<core::Known>> value(core::Quantity what) const;

private:
    struct Field {
        QLineEdit* edit = nullptr;
        QString text{};  // as it was filled
        std::optional<core::Known> known{};
    };
    void read();

    std::map<core::Quantity, Field> m_fields{};
    QLabel* m_said;
};

}  // namespace app
