#include "core/intake/target_curve.h"

#include "core/edits/target_edits.h"
#include "core/io/curve_file.h"
#include "core/model/validate.h"

namespace core {

Result<Edit> takeTarget(const Plan& plan, std::string_view text, const std::string& file)
{
    const auto read = readCurveFile(text, CurveFileKind::Response, file);
    if (!read) return tl::unexpected(read.error());
    Curve curve{.name = file};
    curve.frequency_hz.assign(read->curve.frequency_hz.begin(), read->curve.frequency_hz.end());
    curve.level_db.assign(read->curve.magnitude.begin(), read->curve.magnitude.end());
    Edit edit = setTarget(plan, std::move(curve));
    if (const auto problems = validate(apply(plan, edit).plan); !problems.empty())
        return tl::unexpected(InputError{file, problems.front().where, problems.front().message});
    return edit;
}

}  // namespace core
