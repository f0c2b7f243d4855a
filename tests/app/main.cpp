// One QApplication for all tests of the window, offscreen unless a display is asked for.
#include <gtest/gtest.h>

#include <QApplication>
#include <QLocale>

#include "words/language.h"

int main(int argc, char** argv)
{
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    QLocale::setDefault(QLocale::c());
    QApplication application(argc, argv);
    const words::Speaker speaker(QStringLiteral("en"));
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
