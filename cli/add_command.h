#pragma once

#include <optional>
#include <string>

namespace cli {

// What is added as planned: before stays as it was found.
struct AddRequest {
    std::string plan{}, output{};
    std::string spot{};          // a usual spot of the vehicle ("front door")
    std::string driver{};        // a key of the shelf; empty: what is usual there
    std::string channel{};       // what feeds it, such as d10.FL
    std::string onFrom{};        // or the driver from whose terminals it goes on, such as d12
    double capacitance_f = 0.0;  // in its lead; 0: none
    std::string amplifier{};     // a key of the shelf
    std::string set{};           // a set of the shelf, in the role of the woofer `as`, such as d12
    std::string network{};  // a two-way network of the shelf, before the woofer `as` and the tweeter on its channel
    std::string as{};
    std::string supply{};  // the source that the fuse feeds, such as d21; empty: the amplifier that is added
    std::string fuse{};    // a key of the shelf; its cable by area and length, unless those are of a speaker's
    std::string to{};      // the driver whose cable is another one, such as d12
    std::optional<double> cableArea_m2{}, cableLength_m{};  // of each core, one way; nothing: as it is
    bool json = false;
};
// Prints nothing but errors; exit 0 written, 2 something that was asked for is not there.
int addPlanned(const AddRequest& request);

}  // namespace cli
