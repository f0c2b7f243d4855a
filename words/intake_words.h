#pragma once

#include <QStringList>

#include "core/intake/importer.h"

namespace words {

// What this kind of file is: "pins of a source".
[[nodiscard]] QString nameOf(const core::Importer& importer);
// What its file is onto, as a question: "Whose pins?"; empty where it goes onto no device.
[[nodiscard]] QString askOf(const core::Importer& importer);

// What was taken and what was not, a line each, the whole first; of many bad lines the first few.
// file  its name; fresh  of parts for the shelf, how many were not there before
[[nodiscard]] QStringList linesOf(const core::Intake& intake, const QString& file, int fresh = 0);

}  // namespace words
