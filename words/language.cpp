#include "words/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <algorithm>

namespace words {
namespace {

const QString kEnglish = QStringLiteral("en");

bool isSpoken(const QString& code)
{
    return std::ranges::any_of(languages(), [&](const Language& one) { return one.code == code; });
}

QString catalogueOf(const QString& code)
{
    return QStringLiteral(":/languages/golden-reed_%1.qm").arg(code);
}

}  // namespace

const std::vector<Language>& languages()
{
    static const std::vector<Language> kAll{{kEnglish, QStringLiteral("English")},
                                            {QStringLiteral("de"), QStringLiteral("Deutsch")}};
    return kAll;
}

QString languageOfDesktop()
{
    for (const QString& wanted : QLocale::system().uiLanguages()) {
        const QString code = wanted.section(QLatin1Char('-'), 0, 0);
        if (isSpoken(code)) return code;
    }
    return kEnglish;
}

Speaker::Speaker(const QString& code) : m_code(isSpoken(code) ? code : languageOfDesktop())
{
    // The plurals first: whatever a language lacks is said in English, with the right number.
    if (m_plurals.load(catalogueOf(kEnglish))) QCoreApplication::installTranslator(&m_plurals);
    // No points or commas between thousands: "1.200" typed again would be another number.
    const QLocale own(m_code);
    QLocale figures =
        m_figures.language() == own.language() || (m_figures.language() == QLocale::C && m_code == kEnglish) ? m_figures
                                                                                                             : own;
    figures.setNumberOptions(figures.numberOptions() | QLocale::OmitGroupSeparator);
    QLocale::setDefault(figures);
    if (m_code == kEnglish) return;
    if (m_toolkit.load(QStringLiteral("qtbase_%1").arg(m_code), QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(&m_toolkit);
    if (m_own.load(catalogueOf(m_code))) QCoreApplication::installTranslator(&m_own);
}

Speaker::~Speaker()
{
    QLocale::setDefault(m_figures);
    for (QTranslator* one : {&m_own, &m_toolkit, &m_plurals}) QCoreApplication::removeTranslator(one);
}

}  // namespace words
