#pragma once

#include <gtest/gtest.h>

#include <QApplication>
#include <QTest>

#include "app/theme/theme.h"
#include "app/widgets/vehicle_drawing.h"
#include "tests/app/window_driver.h"

namespace tests {

// A walk-round in the real window.
class Survey : public testing::Test {
protected:
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};

    [[nodiscard]] const core::Plan& plan() { return driver.session().snapshot().plan; }
    [[nodiscard]] core::PlaceId placeNamed(const std::string& name)
    {
        for (const auto& [id, place] : plan().places)
            if (place.name == name) return id;
        return {};
    }
    [[nodiscard]] const core::Place& place(const std::string& name) { return plan().places.at(placeNamed(name)); }
    [[nodiscard]] const core::Part& partAt(const std::string& name)
    {
        const core::PlaceId at = placeNamed(name);
        const core::Fitout& used = driver.session().snapshot().before().used;
        for (const auto& [id, device] : used.devices)
            if (device.at == at) return used.parts.at(device.part);
        throw std::runtime_error(name);
    }
    // Goes on with Tab until this is what the keys are on.
    void tabTo(const char* objectName)
    {
        for (int i = 0; i < 200; ++i) {
            if (QApplication::focusWidget() && QApplication::focusWidget()->objectName() == QLatin1String(objectName))
                return;
            driver.key(Qt::Key_Tab);
        }
        ADD_FAILURE() << objectName << " is not reached by Tab; the keys are on "
                      << QApplication::focusWidget()->objectName().toStdString();
    }
    void tabToThing(const QString& name)
    {
        for (int i = 0; i < 80; ++i) {
            const app::DrawnThing* current = driver.drawing().hasFocus() ? driver.drawing().current() : nullptr;
            if (current && current->name == name) return;
            driver.key(Qt::Key_Tab);
        }
        ADD_FAILURE() << name.toStdString() << " is not reached by Tab";
    }
    void keys(const QString& text) { QTest::keyClicks(QApplication::focusWidget(), text); }
};

}  // namespace tests
