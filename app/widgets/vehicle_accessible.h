#pragma once

namespace app {

class VehicleDrawing;

// From now on each thing on a drawing of the vehicle is an accessible child: its name, what is known of it, and the
// action of picking it.
void makeVehicleDrawingsAccessible();

// Says what the keys are on.
void announceCurrent(VehicleDrawing& drawing);

}  // namespace app
