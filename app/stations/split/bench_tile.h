#pragma once

#include "app/stations/split/bench_layout.h"
#include "app/widgets/painted_button.h"

namespace app {

// One part or speaker on the bench, to be picked: a capacitor, a coil of wire seen from above, a resistor, or a cone
// from behind with one ring a coil. Its value stands in it.
class BenchTile : public PaintedButton {
    Q_OBJECT
public:
    struct Look {
        core::ElementKind kind = core::ElementKind::Coil;
        bool upright = false, bridged = false, onSpeaker = false, picked = false;
        int coils = 1;    // of a speaker
        QString value{};  // "8.2 µF"; '?' where nobody knows
        bool operator==(const Look&) const = default;
    };
    using PaintedButton::PaintedButton;
    void show(const Look& look);
    [[nodiscard]] const Look& look() const { return m_look; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void paintCapacitor(QPainter& painter, const QRectF& area);
    void paintInductor(QPainter& painter, const QRectF& area);
    void paintResistor(QPainter& painter, const QRectF& area);
    void paintSpeaker(QPainter& painter, const QRectF& area);
    [[nodiscard]] QPen edge() const;
    void write(QPainter& painter, const QRectF& area);

    Look m_look{};
};

}  // namespace app
