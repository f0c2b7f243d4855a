#include "core/physics/fuse.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/threshold.h"

namespace core {

Outcome<double> fuse_a(const FuseTask& task, std::span<const double> standard_a)
{
    if (!(task.load_a > 0.0)) return refuse(ErrorCode::OutOfDomain, "load_a", task.load_a, "> 0");
    const double needed_a = task.factor * task.load_a;
    const auto chosen =
        std::find_if(standard_a.begin(), standard_a.end(), [&](double value) { return !under(value, needed_a); });
    if (chosen == standard_a.end())
        return refuse(ErrorCode::OutOfDomain, "load_a", task.load_a,
                      fmt::format("at most {:g} A for this kind of fuse", standard_a.back() / task.factor));
    if (over(*chosen, task.ampacity_a))
        return refuse(ErrorCode::CableTooSmall, "ampacity_a", task.ampacity_a,
                      fmt::format("a cable for at least {:g} A", *chosen));
    return Answer<double>{*chosen, {}};
}

}  // namespace core
