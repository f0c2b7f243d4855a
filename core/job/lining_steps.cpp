#include "core/job/lining_steps.h"

#include "core/job/class_cautions.h"

namespace core {
namespace {

Step& addAt(StepList& steps, PlaceId place, StepKind kind, PracticeKey time, double times, std::vector<ToolUse> tools)
{
    Step& step = steps.add(kind, time, times);
    step.place = place;
    step.tools = std::move(tools);
    return step;
}

// Airbags' and sensors' openings are not covered, and hot air is kept off them.
std::vector<Caution> skinCautions(const Body& body, std::vector<Caution> more)
{
    if (hasRestraints(body)) more.insert(more.begin(), Caution::Restraints);
    return more;
}

}  // namespace

void addLiningSteps(StepList& steps, const Body& body, PlaceId place, const PlaceWork& work)
{
    for (const AlterationKind what : work.stripped) {
        Step& step = addAt(steps, place, StepKind::StripSkin, PracticeKey::CleanSkin_min, 1.0,
                           {{Tool::HotAir, {}}, {Tool::PlasticPry, {}}, {Tool::Cleaner, {}}});
        step.alteration = what;
        step.cautions = skinCautions(body, {Caution::CuttingEdges, Caution::HotSolder});
    }
    if (work.laid.empty()) return;
    addAt(steps, place, StepKind::CleanSkin, PracticeKey::CleanSkin_min, 1.0, {{Tool::Cleaner, {}}, {Tool::HotAir, {}}})
        .cautions = skinCautions(body, {Caution::HotSolder});
    for (const Laid& one : work.laid) {
        Step& step = addAt(steps, place, StepKind::LineSkin, PracticeKey::LineSkin_min, one.area_m2,
                           {{Tool::Knife, {}}, {Tool::Roller, {}}});
        step.alteration = one.what;
        step.figures[StepFigure::Laid_m2] = one.area_m2;
        step.figures[StepFigure::Layers] = one.layers;
        step.cautions = {Caution::CuttingEdges};
    }
    addAt(steps, place, StepKind::InspectSkin, PracticeKey::InspectSkin_min, 1.0, {});
}

}  // namespace core
