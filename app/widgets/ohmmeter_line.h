#pragma once

#include <QWidget>

#include "app/session/snapshot.h"

class QComboBox;
class QLabel;

namespace app {

class QuantityField;

// An ohmmeter reading typed at a place, plug off. Enter settles Re and its origin at once.
class OhmmeterLine : public QWidget {
    Q_OBJECT
public:
    // name: what its fields are called begins with it
    explicit OhmmeterLine(QWidget* parent = nullptr, const QString& name = QStringLiteral("ohmmeter"));
    void present(const SharedSnapshot& snapshot, core::DeviceId device);
    void startAfresh();             // another job, another place: nothing typed is left
    void ask(core::StageId stage);  // the field is ready for the reading at this stage

signals:
    void edited(const core::Edit& edit);

protected:
    void changeEvent(QEvent* event) override;

private:
    void takeReading();
    void say(const QString& text);
    // Whether a reading lies so far from what is stated that it is asked for again before it is taken.
    [[nodiscard]] bool objects(const core::Part& part, const std::string& coil, double ohm);

    QComboBox* m_which;  // the speaker as found, or the one that is planned
    QuantityField* m_reading;
    QuantityField* m_leads;
    QLabel* m_answer;
    SharedSnapshot m_snapshot{};
    core::DeviceId m_device{};
    std::optional<core::StageId> m_picked{};  // by hand or by a mend; else what hangs there now
    std::optional<double> m_doubted_ohm{};    // was objected to; the same again is meant
};

}  // namespace app
