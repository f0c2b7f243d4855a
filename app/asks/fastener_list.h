#pragma once

#include <QWidget>
#include <vector>

#include "core/model/vehicle.h"

class QLabel;
class QLineEdit;
class QVBoxLayout;

namespace app {

// Fasteners in the order they come out, each with a button that strikes it, and a line that takes the next.
class FastenerList : public QWidget {
    Q_OBJECT
public:
    // name  of the field; its answer and the buttons are named after it
    FastenerList(const QString& name, const QString& placeholder, QWidget* parent = nullptr);
    void present(const std::vector<core::Fastener>& fasteners);

signals:
    void edited(const std::vector<core::Fastener>& fasteners);

private:
    void take();

    std::vector<core::Fastener> m_fasteners{};
    QVBoxLayout* m_rows;
    QLineEdit* m_field;
    QLabel* m_answer;
};

}  // namespace app
