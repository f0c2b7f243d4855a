// What is said in other languages: whole, with the same figures in it, and with the right plural.
#include "words/language.h"

#include <gtest/gtest.h>

#include <QFile>
#include <QRegularExpression>
#include <QXmlStreamReader>
#include <cstdlib>

#include "core/io/shop.h"
#include "words/doubt_words.h"
#include "words/figures.h"
#include "words/finding_words.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace {

using words::Speaker;
using words::Words;

// Every text of the code is in every catalogue, translated, and nothing else is.
TEST(Languages, CataloguesAreUpToDateAndWhole)
{
    EXPECT_EQ(std::system(SOURCE_FOLDER "/tools/translate --check"), 0);
}

QStringList placeholdersOf(const QString& text)
{
    static const QRegularExpression kPlaceholder(QStringLiteral("%(n|L?[0-9])"));
    QStringList found;
    for (auto match = kPlaceholder.globalMatch(text); match.hasNext();) found << match.next().captured();
    found.sort();
    found.removeDuplicates();
    return found;
}

// A figure that is left out of a translation is left out of the sentence; one too many stands there as "%4".
TEST(Languages, TranslationsHoldTheSameFigures)
{
    int texts = 0;
    for (const words::Language& language : words::languages()) {
        QFile file(QStringLiteral(SOURCE_FOLDER "/data/languages/golden-reed_%1.ts").arg(language.code));
        ASSERT_TRUE(file.open(QIODevice::ReadOnly));
        QXmlStreamReader xml(&file);
        QString source;
        const auto check = [&](const QString& translation) {
            ++texts;
            EXPECT_FALSE(translation.trimmed().isEmpty() && !source.trimmed().isEmpty()) << source.toStdString();
            EXPECT_EQ(placeholdersOf(translation), placeholdersOf(source))
                << source.toStdString() << " => " << translation.toStdString();
            // Spaces at the ends hold lists together, "&" is a letter for the keyboard, ":" comes before a list.
            EXPECT_EQ(translation.startsWith(QLatin1Char(' ')), source.startsWith(QLatin1Char(' ')));
            EXPECT_EQ(translation.endsWith(QLatin1Char(' ')), source.endsWith(QLatin1Char(' ')));
            EXPECT_EQ(translation.count(QLatin1Char('&')), source.count(QLatin1Char('&')))
                << source.toStdString() << " => " << translation.toStdString();
        };
        while (!xml.atEnd()) {
            if (xml.readNext() != QXmlStreamReader::StartElement) continue;
            if (xml.name() == QLatin1String("source"))
                source = xml.readElementText();
            else if (xml.name() == QLatin1String("numerusform"))
                check(xml.readElementText());
            else if (xml.name() == QLatin1String("translation") && xml.attributes().isEmpty()) {
                const QString text = xml.readElementText(QXmlStreamReader::SkipChildElements);
                if (!text.trimmed().isEmpty()) check(text);
            }
        }
        EXPECT_FALSE(xml.hasError()) << xml.errorString().toStdString();
    }
    EXPECT_GT(texts, 1900);
}

TEST(Languages, OneAndMany)
{
    const auto sheets = [](int count) { return Words::tr("%n sheet(s)", nullptr, count); };
    EXPECT_EQ(sheets(1), "1 sheet");
    EXPECT_EQ(sheets(3), "3 sheets");
    const Speaker german(QStringLiteral("de"));
    EXPECT_EQ(sheets(1), "1 Platte");
    EXPECT_EQ(sheets(3), "3 Platten");
}

TEST(Languages, GermanWritesItsFiguresWithAComma)
{
    const double hole_m = 0.1428;
    {
        const Speaker german(QStringLiteral("de"));
        EXPECT_EQ(words::length(hole_m), "143 mm (5,62 in)");
        EXPECT_EQ(words::plainNumber(1234.0), "1234") << "a point between thousands, typed again, is another number";
        EXPECT_EQ(words::nameOf(core::Severity::Stop), "Halt");
        EXPECT_EQ(words::nameOf(core::Quantity::Fs_hz), "die Resonanz");  // of a table that core holds
    }
    EXPECT_EQ(words::length(hole_m), "143 mm (5.62 in)");
    EXPECT_EQ(words::nameOf(core::Severity::Stop), "Stop");
}

// What the program named is said in the language of whoever reads it; what people named stays.
TEST(Languages, MadeNamesAreTranslated)
{
    const Speaker german(QStringLiteral("de"));
    EXPECT_EQ(words::named("left front door"), "vordere Tür, links");
    EXPECT_EQ(words::named("sail driver"), "Lautsprecher, Spiegeldreieck");
    EXPECT_EQ(words::named("radio"), "Radio");
    EXPECT_EQ(words::named("left of the big dent"), "left of the big dent");
    const core::Shop shop = core::shippedShop();
    int spots = 0;
    for (const auto& [kind, usual] : shop.vehicles)
        for (const core::UsualSpot& spot : usual.spots) {
            ++spots;
            EXPECT_NE(words::named(spot.name).toStdString(), spot.name) << "no name in words/made_names.cpp";
        }
    EXPECT_GT(spots, 60);
}

TEST(Languages, WhatIsNotSpokenIsTheDesktops)
{
    EXPECT_EQ(Speaker(QStringLiteral("xx")).code(), words::languageOfDesktop());
    EXPECT_EQ(Speaker(QStringLiteral("de")).code(), "de");
}

}  // namespace
