#pragma once

#include "core/model/address.h"
#include "core/model/edit.h"

namespace core {

// One figure of the plan by its address, as it stands at this stage; nothing: nobody knows it. Where figuresAt
// finds nothing at the address, the edit changes nothing.
//   place            of its room; a twin that follows gets it too
//   device, port     of the part it plays, or of the element with this name inside it: changePlayed says in whom
//   part, inside     of the part itself, in every device that plays it and at every stage
//   wire             of it, from this stage on
//   none of these    of what lies ready in the vehicle for a source
[[nodiscard]] Edit setFigure(const Plan& plan, StageId stage, const Address& address,
                             const std::optional<Known>& value);

// What a device plays becomes this part. As it was found: true of that part at every stage, its twin's too where it
// follows. At the goal over what was found: another part, made from it, that is planned from now on.
// seen  somebody looked: it is no guess any more that this part is there
[[nodiscard]] Edit changePlayed(const Plan& plan, StageId stage, DeviceId device, const Part& part, bool seen = false);

}  // namespace core
