#include "words/intake_words.h"

#include <algorithm>

#include "words/figures.h"
#include "words/tr.h"
#include "words/warning_words.h"

namespace words {

using namespace core;

namespace {

constexpr size_t kMostErrors = 6;

struct IntakeRow {
    std::string_view key;
    const char* name;
    const char* ask;
};
constexpr IntakeRow kRows[] = {
    {"shelf", QT_TRANSLATE_NOOP("Words", "parts for the shelf"), ""},
    {"pins", QT_TRANSLATE_NOOP("Words", "pins of a source"), QT_TRANSLATE_NOOP("Words", "Whose pins?")},
    {"response", QT_TRANSLATE_NOOP("Words", "measured response of a driver"),
     QT_TRANSLATE_NOOP("Words", "Whose response?")},
    {"impedance", QT_TRANSLATE_NOOP("Words", "measured impedance of a driver"),
     QT_TRANSLATE_NOOP("Words", "Whose impedance?")},
};

const IntakeRow* rowOf(const Importer& importer)
{
    for (const IntakeRow& row : kRows)
        if (row.key == importer.key) return &row;
    return nullptr;
}

QString said(const std::string& text)
{
    return QString::fromStdString(text);
}

}  // namespace

QString nameOf(const Importer& importer)
{
    const IntakeRow* row = rowOf(importer);
    return row ? Words::tr(row->name) : QString();
}

QString askOf(const Importer& importer)
{
    const IntakeRow* row = rowOf(importer);
    return row && *row->ask != '\0' ? Words::tr(row->ask) : QString();
}

QStringList linesOf(const Intake& intake, const QString& file, int fresh)
{
    const bool parts = std::holds_alternative<Shelf>(intake.gives);
    const int rows = static_cast<int>(intake.rows);
    QStringList lines{parts ? Words::tr("%1: %n part(s) taken in, %2 of them new.", nullptr, rows).arg(file).arg(fresh)
                            : Words::tr("%1: %n line(s) taken in.", nullptr, rows).arg(file)};
    if (intake.band_hz)
        lines << Words::tr("It reaches from %1 to %2.")
                     .arg(frequency(intake.band_hz->first), frequency(intake.band_hz->second));
    for (const std::string& heading : intake.passedOver)
        lines << Words::tr("The column %1 is not known here and was passed over.").arg(said(heading));
    for (const std::string& terminal : intake.homeless)
        lines << Words::tr("This source has no %1; add its channel first.").arg(said(terminal));
    for (const Warning& warning : intake.warnings) lines << sentenceOf(warning);
    if (!intake.errors.empty())
        lines << Words::tr("%n line(s) left out:", nullptr, static_cast<int>(intake.errors.size()));
    for (size_t i = 0; i < std::min(kMostErrors, intake.errors.size()); ++i) lines << said(oneLine(intake.errors[i]));
    if (intake.errors.size() > kMostErrors) lines << Words::tr("and %1 more").arg(intake.errors.size() - kMostErrors);
    return lines;
}

}  // namespace words
