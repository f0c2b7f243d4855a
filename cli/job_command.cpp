#include "cli/job_command.h"

#include <filesystem>
#include <iostream>

#include "card/paper.h"
#include "card/tables.h"
#include "cli/plan_input.h"
#include "core/evaluate/evaluate.h"
#include "core/io/atomic_file.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/judgement/judge.h"
#include "core/shipped/shipped.h"
#include "words/job_words.h"

namespace cli {

using namespace core;

namespace {

int write(const std::string& file, const std::string& text, bool json, Json& written)
{
    const auto done = writeAtomically(file, text, 0);
    if (!done) return report(done.error(), json);
    written.push_back(file);
    return kDone;
}

std::string pdfText(const card::Job& job)
{
    card::loadFonts();
    return card::pdfOf(job).toStdString();
}

Json stepJson(const Step& step, const std::vector<QString>& row)
{
    return {{"what", row[1].toStdString()},
            {"tools", row[2].toStdString()},
            {"cautions", row[3].toStdString()},
            {"minutes", {{"value", step.minutes}, {"low", step.least_min}, {"high", step.most_min}, {"unit", "min"}}}};
}

int printJob(const card::Job& job, bool json)
{
    const Fitout &before = job.before().used, &after = job.after().used;
    const words::Table steps = words::stepTable(job.job, before, after);
    if (!json) {
        for (const auto& [suffix, text] : card::csvOf(job)) std::cout << text << '\n';
        return kDone;
    }
    Json list = Json::array(), parts = Json::array();
    for (size_t i = 0; i < job.job.steps.size(); ++i) list.push_back(stepJson(job.job.steps[i], steps[i + 1]));
    const words::Table bought = words::partTable(job.job, after, &job.shelf);
    for (size_t i = 1; i < bought.size(); ++i)
        parts.push_back({{"count", bought[i][0].toInt()}, {"part", bought[i][1].toStdString()}});
    print({{"steps", std::move(list)},
           {"parts", std::move(parts)},
           {"minutes",
            {{"value", job.job.minutes}, {"low", job.job.least_min}, {"high", job.job.most_min}, {"unit", "min"}}}});
    return kDone;
}

}  // namespace

int writeJob(const JobRequest& request)
{
    if ((request.pdf || request.csv) && request.output.empty())
        return report({"--output", {}, "is needed to write a card; such as -o card.pdf"}, request.json);
    if (!request.output.empty() && !request.pdf && !request.csv)
        return report({"--output", {}, "needs --pdf or --csv, which say what is written"}, request.json);
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const Plan& plan = document->plan;
    const Shop shop = shippedShop();
    const Evaluation evaluation = evaluateJob(plan, shop.practice);
    const std::vector<Finding> findings = judge(plan, evaluation);
    const JobPlan work = planJob(plan, kFound, plan.job.goal, evaluation);
    const card::Shop whose{.letterPaper = request.letter};
    const card::Job job{plan, evaluation, findings, work, shop.shelf, shop.vehicles, whose};
    if (!request.pdf && !request.csv) return printJob(job, request.json);
    Json written = Json::array();
    if (request.pdf) {
        if (const int code = write(request.output, pdfText(job), request.json, written); code != kDone) return code;
    } else {
        const std::filesystem::path chosen(request.output);
        const std::string base = (chosen.parent_path() / chosen.stem()).string();
        for (const auto& [suffix, text] : card::csvOf(job))
            if (const int code = write(base + suffix, text, request.json, written); code != kDone) return code;
    }
    if (request.json) print({{"written", std::move(written)}});
    return kDone;
}

}  // namespace cli
