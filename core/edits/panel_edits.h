#pragma once

#include <string>

#include "core/model/edit.h"

namespace core {

// What comes off on the way to a place. A panel of one side has a twin on the other, which follows it like a place.

// A new panel, last on the way to this place, and its twin on the way to the place that follows.
[[nodiscard]] Edit addPanel(const Plan& plan, PlaceId place, const std::string& name);

// A panel that is there already, last on the way to another place too.
[[nodiscard]] Edit usePanel(const Plan& plan, PlaceId place, PanelId panel);

// What is known of a panel becomes this; its twin's becomes the same if it follows.
[[nodiscard]] Edit changePanel(const Plan& plan, PanelId id, const Panel& panel);

// The panel is on no way any more, nor its twin if it follows.
[[nodiscard]] Edit removePanel(const Plan& plan, PanelId id);

}  // namespace core
