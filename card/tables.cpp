#include "card/tables.h"

#include <sstream>

#include "core/io/csv.h"
#include "words/job_words.h"

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

std::vector<std::pair<std::string, std::string>> csvOf(const Job& job)
{
    const core::Fitout &before = job.before().used, &after = job.after().used;
    return {{"-steps.csv", csvText(words::stepTable(job.job, before, after))},
            {"-wiring.csv", csvText(words::wireTable(job.job, before, after))},
            {"-parts.csv", csvText(words::partTable(job.job, after, &job.shelf))}};
}

}  // namespace card
