#pragma once

#include <QPointF>
#include <QRectF>
#include <QString>
#include <QStringList>
#include <map>
#include <set>
#include <vector>

#include "core/model/evaluation.h"

namespace app {

// A device on the bench: a box with the terminals that wires hang on, and what is inside in words.
struct CircuitBox {
    core::DeviceId device{};
    QString name{};
    QStringList inside{};
    int column = 0;
    QRectF area{};
    std::map<std::string, QPointF> terminals{};
};

struct CircuitWire {
    core::WireId wire{};
    QPointF from{}, to{};
    QString colour{};
    core::Pin a{}, b{};
};

// What hangs together with one device, from its source on: laid out in columns, the source first.
struct CircuitLayout {
    std::vector<CircuitBox> boxes{};
    std::vector<CircuitWire> wires{};
    QSizeF size{};

    // Whether a terminal stands at the left edge of its box.
    [[nodiscard]] bool isLeft(const core::Pin& pin) const;
};
// unit: of the layout in pixels at the normal zoom
[[nodiscard]] CircuitLayout layOutCircuit(const core::Fitout& fitout, core::DeviceId device, double unit, double width);

}  // namespace app
