#pragma once

#include <QLineEdit>
#include <QRegularExpression>
#include <QTimer>
#include <map>
#include <random>
#include <string>

#include "tests/app/window_driver.h"

namespace tests {

// Works the real window without sense, the same way for the same seed: buttons, fields, choices, drawings, keys, sizes.
class Monkey {
public:
    Monkey(WindowDriver& driver, unsigned seed);
    ~Monkey();

    void step();
    // Everything that was done can be undone and done again, saved and read, and kept aside. Empty, or what is broken.
    [[nodiscard]] std::string brokenIdentity();
    [[nodiscard]] const std::map<std::string, int>& edits() const { return m_edits; }  // by name, so many of each

private:
    template <class Widget>
    Widget* any(const QRegularExpression& name = QRegularExpression());
    int upTo(int most) { return std::uniform_int_distribution<int>(0, most)(m_random); }
    QString textFor(const QLineEdit& field);
    void clickSomething();
    void typeSomething();
    void chooseSomething();
    void draw();
    void pressKeys();
    void pickRow();
    void changeShape();
    void noteEdits();

    WindowDriver& m_driver;
    std::mt19937 m_random;
    QTimer m_dialogs{};  // sends away whatever dialog waits for an answer
    std::map<std::string, int> m_edits{};
    const void* m_lastCommand = nullptr;
};

}  // namespace tests
