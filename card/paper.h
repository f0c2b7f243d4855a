#pragma once

#include <QByteArray>

#include "card/job_card.h"

namespace card {

// A PDF, black on white, page n of m and the job at the foot of each.      requires a QGuiApplication
[[nodiscard]] QByteArray pdfOf(const Job& job);

// The fonts that ship with the program.      requires a QGuiApplication
void loadFonts();

}  // namespace card
