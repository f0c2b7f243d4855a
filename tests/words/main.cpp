// English as it is spoken to a user, with its plurals.
#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QLocale>

#include "words/language.h"

int main(int argc, char** argv)
{
    QLocale::setDefault(QLocale::c());
    const QCoreApplication application(argc, argv);
    const words::Speaker speaker(QStringLiteral("en"));
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
