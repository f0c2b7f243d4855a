#include "app/asks/audiogram_text.h"

#include <QStringList>

#include "core/edits/survey_edits.h"

namespace app {

std::optional<std::vector<double>> audiogramFromText(const QString& text)
{
    constexpr double kLeast_db = -20.0, kMost_db = 120.0;
    std::vector<double> levels;
    for (QString word : text.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        bool fine = false;
        levels.push_back(word.replace(QChar(0x2212), QLatin1Char('-')).toDouble(&fine));
        if (!fine || levels.back() < kLeast_db || levels.back() > kMost_db) return std::nullopt;
    }
    if (levels.size() != core::kAudiogram_hz.size()) return std::nullopt;
    return levels;
}

QString audiogramText(const core::Curve& audiogram)
{
    QStringList words;
    for (const double level_db : audiogram.level_db) words << QString::number(level_db);
    return words.join(QLatin1Char(' '));
}

}  // namespace app
