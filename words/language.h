#pragma once

#include <QLocale>
#include <QString>
#include <QTranslator>
#include <vector>

namespace words {

struct Language {
    QString code{};  // as of a locale: "de"
    QString name{};  // in itself: "Deutsch"
};

// What this program can speak. English stands in the code; its catalogue holds the plurals alone.
[[nodiscard]] const std::vector<Language>& languages();

// The first language of the desktop that is spoken here; English where there is none.
[[nodiscard]] QString languageOfDesktop();

// Speaks a language for as long as it lives: what is said after it was made is said in it, Qt's own words too, and
// figures are written as there where the desktop writes another language.      requires a QCoreApplication
class Speaker {
public:
    explicit Speaker(const QString& code);  // one of languages(); empty: as the desktop
    ~Speaker();
    Speaker(const Speaker&) = delete;
    Speaker& operator=(const Speaker&) = delete;

    [[nodiscard]] const QString& code() const { return m_code; }

private:
    QString m_code{};
    QLocale m_figures{};  // as they were written before
    QTranslator m_plurals{}, m_own{}, m_toolkit{};
};

}  // namespace words
