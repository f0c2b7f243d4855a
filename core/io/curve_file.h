#pragma once

#include <iosfwd>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/base/warning.h"
#include "core/physics/measured_curve.h"

namespace core {

enum class CurveFileKind { Response, Impedance };  // dB (.frd) or ohm (.zma)

struct CurveFile {
    MeasuredCurve curve{};
    std::vector<std::string> comments{};
    std::vector<Warning> warnings{};  // "2 lines at 100 Hz averaged"
};

struct CurveFileOptions {
    bool decimalComma = false;  // 100,5 is 100.5; only with tabs, semicolons or blanks between fields
};

// Text, a record a line: frequency in Hz, magnitude, phase in degrees (optional; without it the curve has none).
// Blanks, tabs, commas or semicolons between fields; quotes round fields are stripped; a line that begins with
// * # ; ! or a letter is a comment. Sorted by frequency, equal frequencies averaged with a warning. Byte-order mark and
// CR/LF accepted; at most 200 000 lines.
// errors  line, what was found and what is expected; `100,5 80` asks whether the comma is a decimal one
[[nodiscard]] Result<CurveFile> readCurveFile(std::string_view text, CurveFileKind kind, const std::string& file,
                                              const CurveFileOptions& options = {});

// `* comment` lines, then frequency, magnitude and phase as %.6g %.6f %.6f; phase only where the curve has one.
void writeCurveFile(std::ostream& out, const CurveFile& file);

}  // namespace core
