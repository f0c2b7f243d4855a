#pragma once

#include <array>

#include "app/widgets/trial_dialog.h"
#include "core/design/spot_judge.h"

class QSpinBox;

namespace app {

// How many points each fault of a spot can take; tried at once, the usual ones a button away.
class WeightsDialog : public TrialDialog {
    Q_OBJECT
public:
    WeightsDialog(const core::SpotWeights& now, const core::SpotWeights& usual, QWidget* parent);
    [[nodiscard]] core::SpotWeights weights() const;

private:
    void fill(const core::SpotWeights& weights);
    std::array<QSpinBox*, 6> m_fields{};
};

}  // namespace app
