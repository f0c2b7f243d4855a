#pragma once

#include "core/job/openings.h"
#include "core/job/place_work.h"
#include "core/job/step_list.h"

namespace core {

// The work at single places: bench, fitting, and what is tried before it is closed.
class PlaceSteps {
public:
    PlaceSteps(const Plan& plan, const Fitout& from, const StageResult& goal, const Practice& practice, StepList& steps)
        : m_plan(plan), m_from(from), m_to(goal.used), m_goal(goal), m_practice(practice), m_steps(steps)
    {
    }

    // Leads and spacers that are made before the vehicle is touched.
    void addBenchWork(const PlaceWork& work);
    // From the old driver's screws to the new one's.
    void addFitting(PlaceId place, const PlaceWork& work);
    void open(const Opening& opening);
    // What the panels hide works, and the new speaker is heard and read.
    void tryBeforeClosing(const Opening& opening, const std::map<PlaceId, PlaceWork>& work);
    void close(const Opening& opening);

private:
    Step& add(StepKind kind, PracticeKey time, double times, PlaceId place, DeviceId device,
              std::vector<ToolUse> tools = {}, std::vector<Caution> cautions = {});
    [[nodiscard]] const Part& part(DeviceId id) const { return m_to.parts.at(m_to.devices.at(id).part); }
    [[nodiscard]] std::vector<Caution> cutting(std::vector<Caution> more) const;
    void removeDriver(PlaceId place, DeviceId driver);
    void addAlteration(PlaceId place, const Alteration& alteration, DeviceId driver);
    void addHole(PlaceId place, const Alteration& hole, DeviceId driver);
    void addWiring(PlaceId place, const PlaceWork& work);
    void noteReading(Step& step, DeviceId driver) const;
    void addPanel(StepKind kind, PlaceId place, PanelId panel);
    template <class Take>
    void withFit(DeviceId driver, Take take) const;

    const Plan& m_plan;
    const Fitout& m_from;
    const Fitout& m_to;
    const StageResult& m_goal;
    const Practice& m_practice;
    StepList& m_steps;
};

}  // namespace core
