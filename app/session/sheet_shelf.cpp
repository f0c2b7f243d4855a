#include "app/session/sheet_shelf.h"

#include <QCoreApplication>
#include <QDir>
#include <algorithm>

#include "core/io/plan_file.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {

QString nameOf(const SheetEntry& sheet)
{
    const core::Variant variant = core::readVariant(sheet.body).variant;
    const QString name =
        sheet.body.name.empty() ? QFileInfo(sheet.path).completeBaseName() : QString::fromStdString(sheet.body.name);
    const QString vehicle = QCoreApplication::translate("Sheets", "%1, %2").arg(name, words::nameOf(sheet.body.kind));
    return variant == core::Variant::Unknown
               ? vehicle
               : QCoreApplication::translate("Sheets", "%1 · %2").arg(vehicle, words::nameOf(variant));
}

std::vector<SheetEntry> sheetsIn(const QString& folder)
{
    std::vector<SheetEntry> sheets;
    for (const QFileInfo& file : QDir(folder).entryInfoList({QStringLiteral("*.reedcar")}, QDir::Files, QDir::Name))
        if (const auto body = core::readBodyFile(file.filePath().toUtf8().toStdString(), file.fileName().toStdString()))
            sheets.push_back({file.absoluteFilePath(), *body});
    std::sort(sheets.begin(), sheets.end(),
              [](const SheetEntry& a, const SheetEntry& b) { return nameOf(a).localeAwareCompare(nameOf(b)) < 0; });
    return sheets;
}

std::vector<SheetEntry> matching(const std::vector<SheetEntry>& sheets, const QString& words)
{
    const QStringList wanted = words.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    std::vector<SheetEntry> found;
    std::copy_if(sheets.begin(), sheets.end(), std::back_inserter(found), [&](const SheetEntry& sheet) {
        const QString text = nameOf(sheet) + QLatin1Char(' ') + QFileInfo(sheet.path).fileName();
        return std::all_of(wanted.begin(), wanted.end(),
                           [&](const QString& word) { return text.contains(word, Qt::CaseInsensitive); });
    });
    return found;
}

}  // namespace app
