#pragma once

#include <utility>

#include "core/job/step.h"

namespace core {

// Steps in the making. Each takes a time of the practice, once or several times.
class StepList {
public:
    explicit StepList(const Practice& practice) : m_practice(practice) {}

    Step& add(StepKind kind, PracticeKey time, double times = 1.0)
    {
        const PracticeEntry& entry = m_practice.entries.at(time);
        return m_steps.emplace_back(Step{.kind = kind,
                                         .time = time,
                                         .times = times,
                                         .minutes = times * entry.value,
                                         .least_min = times * entry.least,
                                         .most_min = times * entry.greatest});
    }
    [[nodiscard]] std::vector<Step> take() { return std::exchange(m_steps, {}); }

private:
    const Practice& m_practice;
    std::vector<Step> m_steps{};
};

}  // namespace core
