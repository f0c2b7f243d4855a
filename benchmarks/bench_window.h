#pragma once

#include <QApplication>
#include <QSettings>
#include <QTemporaryDir>

#include "app/session/plan_session.h"
#include "app/session/widening.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"

namespace bench {

// The real window at its usual size with settings of its own, and no spread worked out beside what is measured.
struct Window {
    QTemporaryDir folder{};
    app::Theme theme{*qApp};
    QSettings settings{folder.filePath(QStringLiteral("settings.ini")), QSettings::IniFormat};
    app::PlanSession session{core::shippedShop(), folder.filePath(QStringLiteral("recovery"))};
    app::MainWindow window{session, theme, settings};

    void show(const char* station)
    {
        session.widening().setRest(3'600'000);
        window.resize(1280, 800);
        window.show();
        window.showStation(QString::fromLatin1(station));
    }
};

}  // namespace bench
