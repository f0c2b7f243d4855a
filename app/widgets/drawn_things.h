#pragma once

#include <QCoreApplication>
#include <QString>
#include <vector>

#include "app/session/snapshot.h"
#include "core/model/usual_vehicle.h"

namespace app {

// What can be picked on the drawing of the vehicle.
struct DrawnThing {
    enum class Kind { Place, Seat, Source, Spot, New } kind = Kind::Place;
    int number = 0;    // of the id; of a spot its rank, negative on the right
    QString name{};    // "left front door"
    QString tag{};     // the same where the side is seen: "front door"
    QString value{};   // what is known, in a few words
    QString figure{};  // what stands beside it on the drawing
    QString more{};    // and under that once it is picked
    core::Vec3 at_m{};
    bool likely = false;
    bool planned = false;  // comes with the job
    bool unfound = false;  // is somewhere: nobody has looked where
    [[nodiscard]] bool is(Kind other, int id) const { return kind == other && number == id; }
};

// How a point was pointed at: on the plan, on a flank, or by keys.
enum class DrawnFrom { Above, Side, Keys };

struct DrawingFocus {
    core::PlaceId place{};
    core::DeviceId source{};
    core::ListenerId listener{};
    std::optional<core::Vec3> fresh_m{};  // a spot that was pointed at and is nothing yet
    bool survey = false;                  // spots are offered, things are moved
    bool flanks = false;                  // the sides are shown under the plan, where there is height for them
};

// The translation context of the words on the drawing.
struct Drawing {
    Q_DECLARE_TR_FUNCTIONS(app::Drawing)
};

// Places, seats and sources of the plan; in a survey also where a vehicle of the kind usually has drivers and this plan
// has none yet. In the order in which Tab goes through them: from the nose to the tail, left before right.
[[nodiscard]] std::vector<DrawnThing> drawnThings(const Snapshot& snapshot, const core::UsualVehicles& vehicles,
                                                  const DrawingFocus& focus);

// The spots that are still offered, each one with its left side or its middle.
[[nodiscard]] std::vector<core::UsualSpot> openSpots(const core::Plan& plan, const core::UsualVehicles& vehicles);

}  // namespace app
