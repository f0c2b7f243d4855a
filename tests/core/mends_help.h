#pragma once

#include "tests/core/demo_plan.h"

namespace tests {

inline constexpr auto kStop = core::Severity::Stop, kCare = core::Severity::Care, kNote = core::Severity::Note;

// Every mend that is an edit does away with its finding, or makes it lighter, and can be undone. How many there were.
inline int expectMendsHelp(const core::Plan& plan, const core::Finding& finding)
{
    int tried = 0;
    for (const core::Mend& mend : finding.mends) {
        const auto* edit = std::get_if<core::Edit>(&mend.act);
        if (!edit) continue;
        ++tried;
        const core::Applied mended = core::apply(plan, *edit);
        const auto left = core::judge(mended.plan, evaluated(mended.plan));
        EXPECT_TRUE(std::none_of(left.begin(), left.end(),
                                 [&](const core::Finding& f) {
                                     return f.rule == finding.rule && f.where == finding.where &&
                                            f.severity >= finding.severity;
                                 }))
            << core::code(finding.rule) << " mend " << static_cast<int>(mend.name);
        EXPECT_EQ(core::apply(mended.plan, mended.inverse).plan, plan);
    }
    return tried;
}

}  // namespace tests
