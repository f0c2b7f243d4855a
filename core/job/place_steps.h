#pragma once

#include "core/job/fit_steps.h"
#include "core/job/openings.h"

namespace core {

// The work at single places: bench, fitting, and what is tried before it is closed.
class PlaceSteps {
public:
    PlaceSteps(const Body& body, const Fitout& from, const Fitout& to, const FitsAt& fits, const Practice& practice,
               StepList& steps)
        : m_body(body), m_from(from), m_to(to), m_fits(fits), m_practice(practice), m_steps(steps)
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
    void takeOut(PlaceId place, DeviceId driver);
    void addAlteration(PlaceId place, const Alteration& alteration, DeviceId driver);
    void addHole(PlaceId place, const Alteration& hole, DeviceId driver);
    void addWiring(PlaceId place, const PlaceWork& work);
    void noteReading(Step& step, DeviceId driver) const;
    void addPanel(StepKind kind, PlaceId place, PanelId panel);
    void addDriver(PlaceId place, DeviceId driver, bool fresh);
    // Nothing for one that is nowhere.
    [[nodiscard]] const FitAt* fitOf(DeviceId driver) const;

    const Body& m_body;
    const Fitout& m_from;
    const Fitout& m_to;
    const FitsAt& m_fits;
    const Practice& m_practice;
    StepList& m_steps;
};

}  // namespace core
