#pragma once

#include <QMessageBox>
#include <QSettings>
#include <QString>
#include <QTemporaryDir>
#include <memory>

#include "app/session/plan_session.h"

namespace app {
class MainWindow;
class VehicleDrawing;
class Theme;
}  // namespace app

namespace tests {

// Works the real window as a person would: real key and mouse events, widgets by objectName, nothing behind its back.
class WindowDriver {
public:
    explicit WindowDriver(app::Theme& theme);
    ~WindowDriver();

    [[nodiscard]] app::MainWindow& window() { return *m_window; }
    [[nodiscard]] app::PlanSession& session() { return *m_session; }
    [[nodiscard]] QSettings& settings() { return m_settings; }
    [[nodiscard]] app::VehicleDrawing& drawing();  // of the walk-round
    [[nodiscard]] QString folder() const { return m_folder.path(); }

    void openDemo();                 // a pair of wide-bands and nothing else
    void openShipped(bool trouble);  // the demos of the menu
    void newJob(const char* kind);   // on the start page, as in files: "estate"
    void openTrouble();              // the same with two wrong drivers
    // Waits until what unmeasured values could do is known. It does not come by itself between two keys of a test.
    void rest();
    // Waits until what the bench was asked for is shown; every step of a test does.
    void settle();
    void key(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void click(const char* objectName);
    void clickThing(const QString& name);                    // on the drawing of the walk-round
    void openCustomer();                                     // his questions, wherever the way to them is
    void type(const char* objectName, const QString& text);  // replaces what stands there, then Enter
    void answerNextBox(QMessageBox::StandardButton button);  // of the message box that is still to come
    void pickCandidate(const char* shelfKey);                // arrows on the shelf, then Enter
    void openSlate(const QString& text);
    void closeSlate();
    [[nodiscard]] QString text(const char* objectName) const;
    [[nodiscard]] QString answer(const char* objectName) const;  // on the line of a question
    [[nodiscard]] bool has(const char* objectName) const;
    // The numbers line of a finding; empty: that finding is not there.
    [[nodiscard]] QString finding(const char* code) const;
    [[nodiscard]] QVector<double> trace(int graph) const;

private:
    void openSmall(const char* path);

    QTemporaryDir m_folder;
    QSettings m_settings;
    QString m_sheets;  // where the window keeps vehicle sheets
    std::unique_ptr<app::PlanSession> m_session;
    std::unique_ptr<app::MainWindow> m_window;
};

}  // namespace tests
