#pragma once

#include <QString>

#include "app/shop_settings.h"
#include "app/snapshot.h"
#include "core/model/shelf.h"

namespace app {

// The job card as one document, for the preview and the PDF alike: head, figures, steps with cautions at their step,
// wires, parts. The colours are names that HTML understands.
[[nodiscard]] QString jobCardHtml(const Snapshot& snapshot, const ShopSettings& shop, const core::Shelf& shelf,
                                  const QString& quietColour, const QString& cautionColour);

}  // namespace app
