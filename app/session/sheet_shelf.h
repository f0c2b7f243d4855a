#pragma once

#include <QString>
#include <vector>

#include "core/survey/variant.h"

namespace app {

// A vehicle sheet in the shop's folder.
struct SheetEntry {
    QString path{};
    core::Body body{};
};

// The sheets in a folder, by name. Files that cannot be read are passed over: opening one says what is wrong with it.
[[nodiscard]] std::vector<SheetEntry> sheetsIn(const QString& folder);
// Those whose name, kind, variant or file holds every word.
[[nodiscard]] std::vector<SheetEntry> matching(const std::vector<SheetEntry>& sheets, const QString& words);
// "Tarnwick Sallow, estate · a separate amplifier drives them"
[[nodiscard]] QString nameOf(const SheetEntry& sheet);

}  // namespace app
