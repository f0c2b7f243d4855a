#pragma once

#include <QAbstractButton>
#include <optional>

#include "core/survey/cable_to.h"

namespace app {

class Theme;

// The cable at the lead that leaves a channel: how long, how thick, what it loses; dashed while that is not known.
class CableTile : public QAbstractButton {
    Q_OBJECT
public:
    CableTile(const Theme& theme, QWidget* parent);
    // room  what there is for it; it is laid at the top left of it
    void show(const core::CableTo& cable, const core::CircuitResult* circuit, const QRect& room);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    bool m_known = false;
};

}  // namespace app
