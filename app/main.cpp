#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>
#include <cstdio>
#include <cstdlib>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "words/language.h"

namespace {

// Closes the window after it has been painted once.
class CloseWhenPainted : public QObject {
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override
    {
        if (event->type() == QEvent::Paint) QTimer::singleShot(0, static_cast<QWidget*>(watched), &QWidget::close);
        return false;
    }
};

// Until there is a window: without a display Qt says so at length and aborts. One line says it too.
void sayWhyItEnds(QtMsgType type, const QMessageLogContext&, const QString&)
{
    if (type != QtFatalMsg) return;
    const char* platform = std::getenv("QT_QPA_PLATFORM");
    if (platform)
        std::fprintf(stderr, "golden-reed: no window can be opened by QT_QPA_PLATFORM=%s; unset it\n", platform);
    else
        std::fputs("golden-reed: there is no display to open its window on; golden-reed-cli needs none\n", stderr);
    std::_Exit(2);
}

}  // namespace

int main(int argc, char** argv)
{
    const QtMessageHandler usual = qInstallMessageHandler(sayWhyItEnds);
    QApplication application(argc, argv);
    qInstallMessageHandler(usual);
    QApplication::setApplicationName(QStringLiteral("golden-reed"));
    QApplication::setOrganizationName(QStringLiteral("golden-reed"));
    QApplication::setApplicationVersion(QStringLiteral(GOLDEN_REED_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("golden-reed"));
    QSettings settings(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("golden-reed"),
                       QStringLiteral("golden-reed"));
    const words::Speaker speaker(app::ShopSettings::read(settings).language);
    QCommandLineParser parser;
    parser.setApplicationDescription(QObject::tr("Plans the electrical and acoustic design of a car audio upgrade."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("plan"), QObject::tr("A plan to open (.reed)."),
                                 QStringLiteral("[PLAN]"));
    const QCommandLineOption demo(QStringLiteral("demo"), QObject::tr("Start with the demo plan."));
    const QCommandLineOption once(QStringLiteral("quit-when-painted"),
                                  QObject::tr("Close again after the first painted window, to measure the start."));
    parser.addOptions({demo, once});
    parser.process(application);

    app::Theme theme(application);
    theme.setGround(static_cast<app::Ground>(settings.value(QStringLiteral("ground"), 0).toInt()));
    if (settings.contains(QStringLiteral("zoom"))) theme.setZoom(settings.value(QStringLiteral("zoom")).toDouble());
    if (settings.value(QStringLiteral("inches")).toBool()) theme.setUnits(words::UnitSystem::Imperial);

    app::PlanSession session(core::shippedShop(), QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) +
                                                      QStringLiteral("/recovery"));
    app::MainWindow window(session, theme, settings);
    if (parser.isSet(once)) window.installEventFilter(new CloseWhenPainted(&window));
    if (!parser.positionalArguments().isEmpty())
        window.openPlan(parser.positionalArguments().front());
    else if (parser.isSet(demo))
        window.openDemo();
    window.show();
    return QApplication::exec();
}
