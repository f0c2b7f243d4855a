#include "card/tables.h"

#include <sstream>

#include "core/io/csv.h"
#include "words/aim_words.h"
#include "words/job_words.h"
#include "words/label_words.h"
#include "words/making_words.h"
#include "words/settings_words.h"

namespace card {
namespace {

std::string csvText(const words::Table& table)
{
    std::ostringstream out;
    for (const auto& row : table) {
        std::vector<std::string> cells;
        for (const QString& cell : row) cells.push_back(cell.toUtf8().toStdString());
        core::writeCsvRow(out, cells);
    }
    return out.str();
}

}  // namespace

std::string settingsCsv(const core::StageResult& stage)
{
    return csvText(words::settingsTable(stage));
}

std::vector<std::pair<std::string, std::string>> csvOf(const Job& job)
{
    const core::Fitout &before = job.before().used, &after = job.after().used;
    std::vector<std::pair<std::string, std::string>> files{
        {"-steps.csv", csvText(words::stepTable(job.job, before, after))},
        {"-wiring.csv", csvText(words::wireTable(job.job, before, after))},
        {"-parts.csv", csvText(words::partTable(job.job, after, &job.shelf))}};
    if (const words::Table spots = words::spotTable(job.after(), job.mounts(), job.evaluation.practice); spots.size() > 1)
        files.emplace_back("-spots.csv", csvText(spots));
    if (const words::Table labels = words::labelTable(job.job, after); labels.size() > 1)
        files.emplace_back("-labels.csv", csvText(labels));
    if (const words::Table made = words::makingTable(job.after(), job.evaluation.practice); made.size() > 1)
        files.emplace_back("-making.csv", csvText(made));
    if (words::hasSettings(job.after())) files.emplace_back("-settings.csv", settingsCsv(job.after()));
    return files;
}

}  // namespace card
