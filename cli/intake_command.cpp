#include "cli/intake_command.h"

#include <fmt/format.h>

#include <filesystem>
#include <iostream>
#include <sstream>

#include "cli/plan_input.h"
#include "core/fitout/resolve.h"
#include "core/intake/importer.h"
#include "core/io/atomic_file.h"
#include "core/io/plan_file.h"
#include "core/io/shelf_file.h"
#include "core/model/names.h"
#include "words/intake_words.h"

namespace cli {

using namespace core;

namespace {

constexpr int kSomeLeftOut = 1;

std::string kinds()
{
    std::string all;
    for (const Importer& importer : importers()) all += (all.empty() ? "" : ", ") + std::string(importer.key);
    return all;
}

Result<const Importer*> importerOf(const IntakeRequest& request)
{
    if (!request.as.empty()) {
        if (const Importer* named = importerByKey(request.as)) return named;
        return tl::unexpected(InputError{"--as", request.as, "is none of " + kinds()});
    }
    const auto text = readWholeFile(request.file);
    if (!text) return tl::unexpected(text.error());
    if (const Importer* found = importerFor(request.file, *text)) return found;
    return tl::unexpected(InputError{request.file, {}, "its kind is not known; say it by --as: " + kinds()});
}

// The device as found, or as planned where only the goal has it.
Result<IntakeTarget> targetIn(const Plan& plan, const Importer& importer, const IntakeRequest& request)
{
    if (!importer.mayGoOnto)
        return tl::unexpected(InputError{"--plan", request.plan, "the shelf takes this in, no plan"});
    const auto id = idFromText<DeviceId>(request.onto);
    for (const StageId stage : {kFound, plan.job.goal}) {
        const auto targets = targetsOf(importer, resolve(plan, stage));
        if (id && std::find(targets.begin(), targets.end(), *id) != targets.end())
            return IntakeTarget{&plan, stage, *id};
    }
    return tl::unexpected(InputError{"--onto", request.onto, "is no device of the plan that can take it"});
}

int tell(const Intake& intake, const IntakeRequest& request, int fresh)
{
    const std::string name = std::filesystem::path(request.file).filename().string();
    if (request.json) {
        Json json{{"written", request.output},
                  {"rows", intake.rows},
                  {"passedOver", intake.passedOver},
                  {"homeless", intake.homeless},
                  {"warnings", textsOf(intake.warnings)},
                  {"leftOut", Json::array()}};
        for (const InputError& error : intake.errors) json["leftOut"].push_back(oneLine(error));
        print(json);
    } else {
        for (const QString& line : words::linesOf(intake, QString::fromStdString(name), fresh))
            std::cout << line.toStdString() << '\n';
    }
    return intake.errors.empty() && intake.homeless.empty() ? kDone : kSomeLeftOut;
}

int takeOntoShelf(const Importer& importer, const IntakeRequest& request)
{
    if (importer.mayGoOnto) return report({"--plan", {}, "name the plan that takes this in"}, request.json);
    Shop shop = shippedShop();
    const auto intake = takeFile(importer, request.file, request.file, {}, shop);
    if (!intake) return report(intake.error(), request.json);
    const int fresh = core::takeIn(shop.shelf, std::get<Shelf>(intake->gives));
    std::ostringstream out;
    writeShelf(out, shop.shelf);
    if (const auto written = writeAtomically(request.output, out.str(), 0); !written)
        return report(written.error(), request.json);
    return tell(*intake, request, fresh);
}

}  // namespace

int takeIn(const IntakeRequest& request)
{
    const auto importer = importerOf(request);
    if (!importer) return report(importer.error(), request.json);
    if (request.plan.empty()) return takeOntoShelf(**importer, request);
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const auto target = targetIn(document->plan, **importer, request);
    if (!target) return report(target.error(), request.json);
    const auto intake = takeFile(**importer, request.file, request.file, *target, shippedShop());
    if (!intake) return report(intake.error(), request.json);
    Document after = *document;
    after.plan = apply(document->plan, std::get<Edit>(intake->gives)).plan;
    if (const auto written = writePlanFile(request.output, after); !written)
        return report(written.error(), request.json);
    return tell(*intake, request, 0);
}

}  // namespace cli
