// Not a test: opens the real window at 1280x800 with the demo plan, works it by keys, and saves one picture of each
// main view.
#include <QApplication>
#include <QCursor>
#include <QDialog>
#include <QDir>
#include <QListView>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>

#include "app/shell/main_window.h"
#include "app/stations/job_card_view.h"
#include "app/theme/theme.h"
#include "tests/app/window_driver.h"
#include "words/language.h"

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    const QDir folder(argc > 1 ? QString::fromLocal8Bit(argv[1]) : QStringLiteral("."));
    const words::Speaker speaker(argc > 2 ? QString::fromLocal8Bit(argv[2]) : QStringLiteral("en"));
    app::Theme theme(application);
    tests::WindowDriver window(theme);
    QCursor::setPos(0, 0);  // nothing is lit by a pointer that stands somewhere
    const auto shoot = [&](const char* name) {
        if (window.session().isOpen()) window.rest();
        QTest::qWait(150);
        window.window().grab().save(folder.filePath(QLatin1String(name)));
    };
    window.settings().remove(QStringLiteral("tracesFolded/Match"));  // as it is at first
    window.window().resize(1280, 800);
    theme.setGround(app::Ground::Light);
    shoot("start.png");
    window.openShipped(false);
    window.key(Qt::Key_1, Qt::ControlModifier);
    window.clickThing(QStringLiteral("rear left"));
    shoot("walk-round.png");
    window.click("askWires");
    window.click("unplug_d11_plug");
    shoot("circuit.png");
    window.click("topicSources");
    window.click("askPins");
    shoot("sources.png");
    window.click("topicInventory");
    window.click("askContinuity");
    window.type("continuityReading", "open");
    shoot("continuity.png");
    window.newJob("pickup");
    for (const char* spot : {"front door", "sail", "rear door"}) window.clickThing(QString::fromLatin1(spot));
    window.openCustomer();
    window.click("complaintKind_1");
    window.click("askRemedies");
    static_cast<void>(QTest::qWaitFor([&] { return window.has("remedy0"); }, 20'000));
    shoot("customer.png");
    window.clickThing(QStringLiteral("left front door"));
    theme.setZoom(2.0);
    shoot("large.png");
    theme.setZoom(1.0);
    window.key(Qt::Key_F8);
    shoot("bay.png");
    window.key(Qt::Key_F8);
    theme.setGround(app::Ground::Dark);
    window.newJob("motorcycle");
    window.clickThing(QStringLiteral("fairing"));
    window.clickThing(QStringLiteral("bag lid"));
    window.click("topicInventory");
    shoot("motorcycle-dark.png");
    theme.setGround(app::Ground::Light);
    window.session().dropRecovery();
    window.openShipped(false);
    window.pickCandidate("wb-alder-4");
    shoot("match.png");
    window.session().dropRecovery();
    window.openShipped(false);
    window.key(Qt::Key_4, Qt::ControlModifier);
    window.click("dot_p34");
    window.settle();
    window.click("makeBoard");
    window.click("boardOk");
    window.settle();
    static_cast<void>(QTest::qWaitFor([&] { return window.has("answer_2"); }, 20'000));
    for (const auto& [id, device] : window.session().snapshot().after().used.devices)
        if (device.at.number == 25 && device.label == "network to be made")
            window.click(QStringLiteral("part_d%1_Ct").arg(id.number).toLatin1());
    QTest::qWait(1500);  // what the values beside it would give
    shoot("split.png");
    window.click("returnValue");
    window.session().undoStack().undo();
    window.session().dropRecovery();
    window.openShipped(false);
    window.pickCandidate("wb-alder-4");
    window.key(Qt::Key_5, Qt::ControlModifier);
    QTest::qWait(1500);  // the map of better spots
    shoot("aim.png");
    window.key(Qt::Key_3, Qt::ControlModifier);
    window.key(Qt::Key_F7);
    window.click("traceImpedance");
    window.openSlate("drop 60 A 5 m awg 4");
    shoot("slate.png");
    window.closeSlate();
    window.click("traceLevel");
    window.key(Qt::Key_F7);
    window.click("mend_SPLIT2_0");
    window.key(Qt::Key_9, Qt::ControlModifier);
    shoot("job-card.png");
    if (argc > 2)
        static_cast<void>(window.window().findChild<app::JobCardView*>()->writePdf(QString::fromLocal8Bit(argv[2])));
    theme.setGround(app::Ground::Light);
    window.newJob("estate");
    for (const char* spot : {"front door", "sail"}) window.clickThing(QString::fromLatin1(spot));
    window.clickThing(QStringLiteral("left front door"));
    window.click("askDepth");
    window.click("behind_1");
    window.type("depth", "62 mm");
    window.type("depthGlassUp", "70 mm");
    window.type("frontClearance", "22 mm");
    window.key(Qt::Key_3, Qt::ControlModifier);
    window.pickCandidate("wf165-willow-4");
    shoot("fit.png");
    auto* list = window.window().findChild<QListView*>(QStringLiteral("candidateList"));
    list->setFocus();
    QTest::keyClick(list, Qt::Key_Home);
    for (int held = 0; held < 3; ++held) {
        QTest::keyClick(list, Qt::Key_Space);
        QTest::keyClick(list, Qt::Key_Down);
    }
    window.click("compareCandidates");
    shoot("compare.png");
    window.click("compareCandidates");
    window.newJob("van");
    window.clickThing(QStringLiteral("own box"));
    window.click("stagePlanned");
    window.key(Qt::Key_3, Qt::ControlModifier);
    window.pickCandidate("sw-valerian-4");
    window.key(Qt::Key_1, Qt::ControlModifier);
    window.click("askWires");
    shoot("coils.png");
    window.key(Qt::Key_3, Qt::ControlModifier);
    window.click("openShelf");
    QTest::qWait(150);
    window.window()
        .findChild<QDialog*>(QStringLiteral("shelfDialog"))
        ->grab()
        .save(folder.filePath(QStringLiteral("shelf.png")));
    window.click("shelfClose");
    window.session().dropRecovery();
    window.openShipped(true);
    theme.setGround(app::Ground::Dark);
    shoot("trouble-dark.png");
    return 0;
}
