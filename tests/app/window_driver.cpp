#include "tests/app/window_driver.h"

#include <qcustomplot.h>

#include <QAction>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPointer>
#include <QPushButton>
#include <QTest>
#include <QTimer>

#include "app/session/widening.h"
#include "app/session/workbench.h"
#include "app/shell/main_window.h"
#include "app/widgets/answer_line.h"
#include "app/widgets/candidate_model.h"
#include "app/widgets/vehicle_drawing.h"
#include "core/io/atomic_file.h"
#include "core/io/shop.h"

namespace tests {
namespace {

constexpr int kNever_ms = 3'600'000;  // the background is for those tests that ask for it

}  // namespace

WindowDriver::WindowDriver(app::Theme& theme)
    : m_settings(m_folder.filePath(QStringLiteral("settings.ini")), QSettings::IniFormat),
      m_sheets((m_settings.setValue(QStringLiteral("shop/sheetFolder"), m_folder.filePath(QStringLiteral("sheets"))),
                m_folder.filePath(QStringLiteral("sheets")))),
      m_session(std::make_unique<app::PlanSession>(core::shippedShop(), m_folder.filePath(QStringLiteral("recovery")))),
      m_window(std::make_unique<app::MainWindow>(*m_session, theme, m_settings))
{
    m_session->widening().setRest(kNever_ms);
    m_settings.setValue(QStringLiteral("tracesFolded/Match"), false);  // for tests that read curves off them
    m_window->show();
    static_cast<void>(QTest::qWaitForWindowExposed(m_window.get()));
    m_window->activateWindow();
    static_cast<void>(QTest::qWaitForWindowActive(m_window.get()));
}

WindowDriver::~WindowDriver() = default;

void WindowDriver::openDemo()
{
    openSmall(TEST_FOLDER "/data/plans/quarter-pair.reed");
}

void WindowDriver::openSmall(const char* path)
{
    m_session->undoStack().setClean();  // as if it had been saved: nothing asks
    if (!m_session->openText(core::readWholeFile(path).value_or(""), QStringLiteral("demo"))) qFatal("%s", path);
    settle();
}

void WindowDriver::openShipped(bool trouble)
{
    m_session->undoStack().setClean();
    m_window->findChild<QAction*>(trouble ? QStringLiteral("actionTrouble") : QStringLiteral("actionDemo"))->trigger();
    settle();
}

void WindowDriver::newJob(const char* kind)
{
    m_session->undoStack().setClean();  // as if it had been saved: nothing asks
    m_session->dropRecovery();
    m_window->showStart();
    click((std::string("new_") + kind).c_str());
}

app::VehicleDrawing& WindowDriver::drawing()
{
    return *m_window->findChild<app::VehicleDrawing*>(QStringLiteral("surveyDrawing"));
}

void WindowDriver::clickThing(const QString& name)
{
    for (const app::DrawnThing& thing : drawing().things())
        if (thing.name == name) {
            const app::DrawnThing meant = thing;
            if (!drawing().rect().contains(drawing().pointOf(meant).toPoint()))  // the small plan brings it near
                QTest::mouseClick(&drawing(), Qt::LeftButton, {}, drawing().smallPlan().at(meant.at_m).toPoint());
            QTest::mouseClick(&drawing(), Qt::LeftButton, {}, drawing().pointOf(meant).toPoint());
            settle();
            return;
        }
    qFatal("%s is not on the drawing", qPrintable(name));
}

void WindowDriver::openCustomer()
{
    const auto* entry = m_window->findChild<QAbstractButton*>(QStringLiteral("customerHears"));
    click(entry->isVisible() ? "customerHears" : "topicCustomer");
}

void WindowDriver::openTrouble()
{
    openSmall(TEST_FOLDER "/data/plans/quarter-trouble.reed");
}

void WindowDriver::rest()
{
    const auto evaluation = [&]() -> const core::Evaluation& { return m_session->snapshot().evaluation; };
    m_session->widening().setRest(0);
    m_session->widening().ask(evaluation());
    static_cast<void>(
        QTest::qWaitFor([&] { return evaluation().spread.size() == evaluation().stages.size(); }, 20'000));
    m_session->widening().setRest(kNever_ms);
}

void WindowDriver::key(int key, Qt::KeyboardModifiers modifiers)
{
    QCoreApplication::processEvents();  // what the last key made is there when the next one comes
    QWidget* focus = QApplication::focusWidget();
    QTest::keyClick(focus ? focus : m_window.get(), static_cast<Qt::Key>(key), modifiers);
    settle();
}

void WindowDriver::settle()
{
    const auto waits = [this] {
        app::Workbench& bench = m_session->bench();
        return bench.isAsked(QStringLiteral("ranking")) || bench.isAsked(QStringLiteral("comparison")) ||
               bench.isAsked(app::PlanSession::mending());
    };
    if (!QTest::qWaitFor([&] { return !waits(); }, 20'000)) qFatal("the bench does not answer");
}

void WindowDriver::answerNextBox(QMessageBox::StandardButton button)
{
    QTimer::singleShot(50, qApp, [button] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box) qFatal("no box to answer");
        QTest::mouseClick(box->button(button), Qt::LeftButton);
    });
}

void WindowDriver::click(const char* objectName)
{
    auto* button = m_window->findChild<QAbstractButton*>(QLatin1String(objectName));
    // What has just been made is shown with the next turn of the event loop.
    if (!button || !QTest::qWaitFor([&] { return button->isVisible() && button->isEnabled(); }, 500))
        qFatal("%s cannot be clicked", objectName);
    QTest::mouseClick(button, Qt::LeftButton);
    // A mend of what still settles asks once more; here nothing ever settles by itself.
    const QPointer<QAbstractButton> asks = button;
    if (asks && asks->property("asked").toBool()) QTest::mouseClick(asks, Qt::LeftButton);
    settle();
}

void WindowDriver::type(const char* objectName, const QString& text)
{
    auto* field = m_window->findChild<QLineEdit*>(QLatin1String(objectName));
    if (!field || !field->isVisible() || !field->isEnabled()) qFatal("%s cannot be typed into", objectName);
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, text);
    QTest::keyClick(field, Qt::Key_Return);
    settle();
}

void WindowDriver::pickCandidate(const char* shelfKey)
{
    auto* list = m_window->findChild<QListView*>(QStringLiteral("candidateList"));
    const auto* model = qobject_cast<const app::CandidateModel*>(list->model());
    if (!list->isVisible()) key(Qt::Key_3, Qt::ControlModifier);
    settle();
    if (model->rowOfKey(shelfKey) < 0) qFatal("%s is not in the list", shelfKey);
    list->setFocus();
    QTest::keyClick(list, Qt::Key_Home);
    for (int row = model->rowOfKey(shelfKey); row > 0; --row) QTest::keyClick(list, Qt::Key_Down);
    QTest::keyClick(list, Qt::Key_Return);
    settle();
}

void WindowDriver::openSlate(const QString& text)
{
    key(Qt::Key_F4);
    auto* line = m_window->findChild<QLineEdit*>(QStringLiteral("slateLine"));
    line->selectAll();
    QTest::keyClicks(line, text);
}

void WindowDriver::closeSlate()
{
    QTest::keyClick(m_window->findChild<QLineEdit*>(QStringLiteral("slateLine")), Qt::Key_Escape);
}

QString WindowDriver::text(const char* objectName) const
{
    const auto* label = m_window->findChild<QLabel*>(QLatin1String(objectName));
    return label ? label->text().replace(QChar(0x202F), QLatin1Char(' ')) : QString();
}

QString WindowDriver::answer(const char* objectName) const
{
    const auto* line = m_window->findChild<app::AnswerLine*>(QLatin1String(objectName));
    return line ? line->answer().replace(QChar(0x202F), QLatin1Char(' ')) : QString();
}

bool WindowDriver::has(const char* objectName) const
{
    return m_window->findChild<QWidget*>(QLatin1String(objectName)) != nullptr;
}

QString WindowDriver::finding(const char* code) const
{
    return text((std::string("numbers_") + code).c_str());
}

QVector<double> WindowDriver::trace(int graph) const
{
    const auto* plot = m_window->findChild<QCustomPlot*>(QStringLiteral("tracePlot"));
    QVector<double> values;
    for (const QCPGraphData& point : *plot->graph(graph)->data()) values << point.value;
    return values;
}

}  // namespace tests
