#include "app/session/recent_plans.h"

#include <QFileInfo>
#include <algorithm>

#include "core/evaluate/evaluate.h"
#include "core/io/plan_file.h"
#include "core/judgement/judge.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {

std::optional<RecentPlan> lookAt(const QString& path, const core::Shop& shop)
{
    const auto document = core::readPlanFile(path.toStdString(), QFileInfo(path).fileName().toStdString());
    if (!document) return std::nullopt;
    const core::Plan& plan = document->plan;
    RecentPlan recent{.path = path, .body = plan.body, .title = words::titleOf(plan.body)};
    recent.customer =
        words::joinedKnown({QString::fromStdString(plan.job.customer), QString::fromStdString(plan.job.complaint)});
    const core::Evaluation evaluation = core::evaluateJob(plan, shop.practice);
    for (const core::Finding& finding : core::judge(plan, evaluation)) {
        if (!recent.worst || finding.severity > *recent.worst) {
            recent.worst = finding.severity;
            recent.count = 0;
        }
        recent.count += finding.severity == *recent.worst ? 1 : 0;
    }
    if (plan.listeners.empty()) return recent;
    const core::ListenerId ears = plan.listeners.begin()->first;
    const auto& before = evaluation.stages.at(core::kFound)->hearing;
    const auto& after = evaluation.stages.at(plan.job.goal)->hearing;
    const auto was = before.find(ears), is = after.find(ears);
    if (was == before.end() || is == after.end()) return recent;
    for (size_t band = 0; band < recent.change_db.size(); ++band)
        recent.change_db[band] = is->second.bands[band].reach_db - was->second.bands[band].reach_db;
    return recent;
}

}  // namespace app
