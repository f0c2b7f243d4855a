#pragma once

#include <QWidget>

#include "app/session/snapshot.h"
#include "app/widgets/circuit_layout.h"

class QLabel;
class QScrollArea;

namespace app {

class FlowLayout;
class Theme;

// The drawing of one circuit: source, plugs, drivers and the wires between their terminals, as it lies on the bench;
// what is unplugged hangs open.
class CircuitDrawing : public QWidget {
    Q_OBJECT
public:
    explicit CircuitDrawing(const Theme& theme, QWidget* parent = nullptr);
    struct Open {  // the plug that is off, and what goes quiet by it
        core::DeviceId device{};
        std::string connector{};
        std::set<core::DeviceId> quiet{};
    };
    void present(const core::Fitout& fitout, core::DeviceId device, const Open& open);
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void layOut();
    [[nodiscard]] bool isOff(const core::Pin& pin) const;

    const Theme& m_theme;
    core::Fitout m_fitout{};
    core::DeviceId m_device{};
    Open m_open{};
    CircuitLayout m_layout{};
};

// That drawing with its "unplug this": a button for each plug, and what it would do.
class CircuitView : public QWidget {
    Q_OBJECT
public:
    explicit CircuitView(const Theme& theme, QWidget* parent = nullptr);
    // planned: as it will be, else as it was found
    void present(const SharedSnapshot& snapshot, core::DeviceId device, bool planned = false);
    void setTabAfter(QWidget* before) { m_tabAfter = before; }  // where Tab comes from

private:
    void rebuild();

    const Theme& m_theme;
    SharedSnapshot m_snapshot{};
    core::DeviceId m_device{};
    bool m_planned = false;
    CircuitDrawing::Open m_open{};
    CircuitDrawing* m_drawing;
    QWidget* m_plugs;
    FlowLayout* m_plugRow;
    QLabel* m_answer;
    QWidget* m_tabAfter = nullptr;
};

}  // namespace app
