#include "app/asks/audiogram_text.h"

#include <QStringList>

#include "app/widgets/typed_number.h"
#include "core/edits/survey_edits.h"

namespace app {

std::optional<std::vector<double>> audiogramFromText(const QString& text)
{
    constexpr double kLeast_db = -20.0, kMost_db = 120.0;
    std::vector<double> levels;
    for (const QString& word : text.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        const auto level_db = typedNumber(word);
        if (!level_db || *level_db < kLeast_db || *level_db > kMost_db) return std::nullopt;
        levels.push_back(*level_db);
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
