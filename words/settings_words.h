#pragma once

#include "words/job_words.h"

namespace words {

// What is typed into whatever processor is there: each channel that plays, by the source's own name, what it plays, its
// filters, level, delay in milliseconds, centimetres and samples, polarity.
[[nodiscard]] Table settingsTable(const core::StageResult& stage);
// The same in few columns, for paper.
[[nodiscard]] Table settingsOnPaper(const core::StageResult& stage);
[[nodiscard]] QString nameOf(const core::FilterShape& shape);
[[nodiscard]] QString nameOf(core::BandKind kind);
[[nodiscard]] QString nameOf(const core::EqualiserBand& band);
// Whether any of it differs from how a source comes.
[[nodiscard]] bool hasSettings(const core::StageResult& stage);

}  // namespace words
