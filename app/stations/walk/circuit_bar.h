#pragma once

#include <QStringList>
#include <QWidget>

#include "app/session/snapshot.h"

class QLabel;
class QPushButton;

namespace app {

class Theme;

// The circuit of the picked place in one line: from the source over what lies on the way to the speaker, with its ohms;
// picking it opens the whole drawing.
class CircuitBar : public QWidget {
    Q_OBJECT
public:
    explicit CircuitBar(const Theme& theme, QWidget* parent = nullptr);
    void present(const core::StageResult& stage, core::DeviceId driver);
    [[nodiscard]] QStringList chain() const { return m_names; }  // source first, the speaker last

signals:
    void opened();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    QLabel* m_title;
    QWidget* m_room;  // where the chain is painted
    QLabel* m_ohms;
    QPushButton* m_open;
    QStringList m_names{};
    core::DeviceId m_driver{};
    std::map<core::WireId, core::Wire> m_wires{};  // what the chain was made of
    std::map<core::DeviceId, core::Device> m_devices{};
};

}  // namespace app
