#include "tests/app/monkey.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QLineEdit>
#include <QRegularExpression>
#include <QTest>
#include <QUndoStack>
#include <algorithm>

#include "app/shell/main_window.h"
#include "app/widgets/vehicle_drawing.h"
#include "core/io/plan_file.h"

namespace tests {

Monkey::Monkey(WindowDriver& driver, unsigned seed) : m_driver(driver), m_random(seed)
{
    QObject::connect(&m_dialogs, &QTimer::timeout, [] {
        if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget())) dialog->reject();
        if (QWidget* popup = QApplication::activePopupWidget()) popup->close();
    });
    m_dialogs.start(20);
}

Monkey::~Monkey() = default;

template <class Widget>
Widget* Monkey::any(const QRegularExpression& name)
{
    QList<Widget*> shown;
    for (Widget* one : m_driver.window().findChildren<Widget*>(name))
        if (one->isVisible() && one->isEnabled() && !one->visibleRegion().isEmpty()) shown << one;
    return shown.isEmpty() ? nullptr : shown[upTo(static_cast<int>(shown.size()) - 1)];
}

void Monkey::clickSomething()
{
    static const QRegularExpression kMends(QStringLiteral("^mend_"));
    auto* mend = upTo(3) == 0 ? any<QAbstractButton>(kMends) : nullptr;
    if (auto* button = mend ? mend : any<QAbstractButton>()) QTest::mouseClick(button, Qt::LeftButton);
}

// What stands there with another digit, or something that nobody would type.
QString Monkey::textFor(const QLineEdit& field)
{
    static const QStringList kTexts{"4",      "4 ohm",   "3.3",      "120 mm", "5 1/4 in", "68 uF", "-1",   "0",
                                    "1e9",    "nan",     "left one", "<b>x",   "é€",       "",      "2x10", "44 51 60",
                                    "0.9 mm", "2.5 mm2", "14 awg",   "50",     "= 1 + 1",  "1 m",   "12 V", "25 %"};
    QString text = field.text().isEmpty() ? field.placeholderText() : field.text();
    const qsizetype digit = text.indexOf(QRegularExpression(QStringLiteral("[0-9]")));
    if (digit < 0 || upTo(1) == 0) return kTexts[upTo(static_cast<int>(kTexts.size()) - 1)];
    return text.replace(digit, 1, QString::number(upTo(9)));
}

void Monkey::typeSomething()
{
    auto* field = any<QLineEdit>();
    if (!field || field->isReadOnly()) return;
    field->setFocus();
    field->selectAll();
    const QString text = textFor(*field);
    const bool typed = std::all_of(text.begin(), text.end(), [](QChar c) { return c.unicode() < 128; });
    if (typed)
        QTest::keyClicks(field, text);
    else
        field->insert(text);  // as pasted: no key has it
    QTest::keyClick(field, upTo(4) == 0 ? Qt::Key_Escape : Qt::Key_Return);
}

void Monkey::chooseSomething()
{
    auto* box = any<QComboBox>();
    if (!box) return;
    box->setFocus();
    for (int i = upTo(4); i >= 0; --i) QTest::keyClick(box, upTo(1) == 0 ? Qt::Key_Down : Qt::Key_Up);
}

void Monkey::draw()
{
    auto* drawing = any<app::VehicleDrawing>();
    if (!drawing) return;
    const auto point = [&] { return QPoint(upTo(drawing->width()), upTo(drawing->height())); };
    const QPoint from = point();
    if (upTo(2) == 0) return QTest::mouseClick(drawing, Qt::LeftButton, {}, from);
    QTest::mousePress(drawing, Qt::LeftButton, {}, from);
    for (int i = upTo(4); i >= 0; --i) QTest::mouseMove(drawing, point());
    QTest::mouseRelease(drawing, Qt::LeftButton, {}, point());
    QTest::keyClick(drawing, static_cast<Qt::Key>(Qt::Key_Left + upTo(3)));
}

void Monkey::pressKeys()
{
    static const QList<QKeyCombination> kKeys{Qt::CTRL | Qt::Key_1,
                                              Qt::CTRL | Qt::Key_3,
                                              Qt::CTRL | Qt::Key_9,
                                              Qt::CTRL | Qt::Key_Z,
                                              Qt::CTRL | Qt::SHIFT | Qt::Key_Z,
                                              Qt::CTRL | Qt::Key_Y,
                                              Qt::Key_F1 | Qt::NoModifier,
                                              Qt::Key_Escape | Qt::NoModifier,
                                              Qt::Key_Tab | Qt::NoModifier,
                                              Qt::Key_Delete | Qt::NoModifier,
                                              Qt::CTRL | Qt::Key_Plus,
                                              Qt::CTRL | Qt::Key_0};
    const QKeyCombination keys = kKeys[upTo(static_cast<int>(kKeys.size()) - 1)];
    m_driver.key(keys.key(), keys.keyboardModifiers());
}

void Monkey::pickRow()
{
    auto* view = any<QAbstractItemView>();
    if (!view || !view->model() || view->model()->rowCount() == 0) return;
    const QModelIndex index = view->model()->index(upTo(view->model()->rowCount() - 1), 0);
    view->scrollTo(index);
    QTest::mouseClick(view->viewport(), Qt::LeftButton, {}, view->visualRect(index).center());
    if (upTo(1) == 0) QTest::keyClick(view, Qt::Key_Return);
}

void Monkey::changeShape()
{
    m_driver.window().resize(640 + upTo(900), 480 + upTo(500));
}

void Monkey::noteEdits()
{
    const QUndoStack& stack = m_driver.session().undoStack();
    if (stack.index() == 0) return;
    const QUndoCommand* last = stack.command(stack.index() - 1);
    if (last != m_lastCommand) ++m_edits[last->text().toStdString()];
    m_lastCommand = last;
}

void Monkey::step()
{
    if (!m_driver.session().isOpen()) m_driver.openShipped(upTo(1) == 0);
    const int what = upTo(99);
    if (what < 45)
        clickSomething();
    else if (what < 62)
        typeSomething();
    else if (what < 74)
        chooseSomething();
    else if (what < 84)
        draw();
    else if (what < 90)
        pickRow();
    else if (what < 98)
        pressKeys();
    else
        changeShape();
    QCoreApplication::processEvents();
    noteEdits();
}

std::string Monkey::brokenIdentity()
{
    app::PlanSession& session = m_driver.session();
    if (!session.isOpen()) return {};
    session.endDrag(true);
    QUndoStack& stack = session.undoStack();
    const core::Plan plan = session.snapshot().plan;
    constexpr int kFar = 16;  // the whole way takes long, and was gone piece by piece
    const int done = stack.index(), from = std::max(0, done - kFar);
    stack.setIndex(from);
    const core::Plan first = session.snapshot().plan;
    stack.setIndex(done);
    if (!(session.snapshot().plan == plan)) return "undone and done again it is another plan";
    stack.setIndex(from);
    if (!(session.snapshot().plan == first)) return "undone twice it is another plan";
    stack.setIndex(done);
    const auto read = core::readPlanText(core::planText({plan, session.unknown()}), "monkey.reed");
    if (!read) return "what the window made cannot be read: " + core::oneLine(read.error());
    if (!(read->plan == plan)) return "saved and read it is another plan";
    if (stack.isClean()) return {};
    const QDir kept(m_driver.folder() + "/recovery");
    session.writeRecoveryNow();
    const QFileInfoList files = kept.entryInfoList({"*.reed"}, QDir::Files, QDir::Time);
    if (files.isEmpty()) return "nothing was kept aside";
    bool found = false;  // beside what other plans of this window left
    for (const QFileInfo& file : files) {
        const auto aside = core::readPlanFile(file.filePath().toStdString(), "recovery");
        found = found || (aside && aside->plan == plan);
    }
    return found ? std::string() : "what was kept aside is another plan";
}

}  // namespace tests
