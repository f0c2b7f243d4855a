#pragma once

#include "app/widgets/painted_button.h"
#include "core/survey/cable_to.h"

namespace app {

// The cable at the lead that leaves a channel: how long, how thick, what it loses; dashed while that is not known.
class CableTile : public PaintedButton {
    Q_OBJECT
public:
    using PaintedButton::PaintedButton;
    // room  what there is for it; it is laid at the top left of it
    void show(const core::CableTo& cable, const core::CircuitResult* circuit, const QRect& room);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    bool m_known = false;
};

}  // namespace app
