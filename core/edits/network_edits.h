#pragma once

#include "core/model/edit.h"
#include "core/model/evaluation.h"
#include "core/model/two_way_network.h"
#include "core/practice/practice.h"

namespace core {

// A two-way network of the shelf: from in to w, the woofer, and t, the tweeter.
[[nodiscard]] bool isTwoWay(const Part& part);
// The network that a woofer hangs on by its own terminals; none where something else feeds it.
[[nodiscard]] DeviceId networkOf(const Fitout& fitout, DeviceId woofer);
// The tweeter that plays on the woofer's channel; none where there is none, or for what is a tweeter itself.
[[nodiscard]] DeviceId tweeterBeside(const Fitout& fitout, DeviceId woofer, const Practice& practice);

// As planned: what arrived at the woofer arrives at the network, which goes on to both; one that is there already is
// exchanged. The tweeter's own lead goes; what went on from the woofer goes on from before the network, with its whole
// range, and what went on from the tweeter stays. Both sides where one follows the other.
// requires drivers at the goal and a two-way network
[[nodiscard]] Edit fitNetwork(const Plan& plan, DeviceId woofer, DeviceId tweeter, const Part& network);
// The same with one that is made of these parts for this pair: a capacitor that sits on the tweeter is bridged, since
// the network does what it did.
[[nodiscard]] Edit fitMadeNetwork(const Plan& plan, DeviceId woofer, DeviceId tweeter, const TwoWayParts& parts);
// It goes again: the woofer takes its wires, and what it fed goes on from the woofer's terminals; a capacitor that was
// bridged for it on what it fed carries again.
[[nodiscard]] Edit removeNetwork(const Plan& plan, DeviceId woofer);

}  // namespace core
