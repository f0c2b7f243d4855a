#pragma once

#include <QString>
#include <set>
#include <vector>

#include "core/design/mount_surfaces.h"
#include "core/job/job_plan.h"
#include "core/model/finding.h"
#include "core/model/shelf.h"

// The job card as it prints, for the window and the command line alike.
namespace card {

// Whose card it is.
struct Shop {
    QString name{};
    QString currency{};
    double hourlyRate = 0.0;         // 0: not said
    bool letterPaper = false;        // else A4
    std::set<core::Tool> missing{};  // tools the shop does not own
};

// What it tells of.
struct Job {
    const core::Plan& plan;
    const core::Evaluation& evaluation;
    const std::vector<core::Finding>& findings;
    const core::JobPlan& job;
    const core::Shelf& shelf;
    const core::UsualVehicles& vehicles;
    const Shop& shop;

    [[nodiscard]] const core::StageResult& before() const { return *evaluation.stages.at(core::kFound); }
    // What drivers are put on.
    [[nodiscard]] std::map<core::SurfaceId, core::Surface> mounts() const
    {
        return core::mountsOf(after().used, vehicles, evaluation.practice);
    }
    [[nodiscard]] const core::StageResult& after() const { return *evaluation.stages.at(plan.job.goal); }
};

struct Inks {
    QString quiet{}, caution{};
};

// HTML in pieces: none of them is split over two pages.
[[nodiscard]] std::vector<QString> piecesOf(const Job& job, const Inks& inks);
// What stands at the foot of each page: whose job it is.
[[nodiscard]] QString titleOf(const core::Plan& plan);

}  // namespace card
