#include "core/slate/line_tables.h"

namespace core {

const std::vector<NamedLine>& fitLines()
{
    using enum Dimension;
    static const std::vector<NamedLine> kLines{
        {{"spacer"},
         "fit-depth",
         {{"depth_m", "d", Length},
          {"available_m", "a", Length},
          {"surround_m", "h", Length, "surround"},
          {"travel_m", "x", Length, "travel"},
          {"flange_m", "t", Length, "flange"}},
         {},
         {"spacer_m", "stock_m", "frontNeed_m"},
         "spacer 68 mm 60 mm surround 7 mm travel 5 mm"},
        {{"underpanel"},
         "fit-under-panel",
         {{"depth_m", "d", Length},
          {"surround_m", "h", Length, "surround"},
          {"travel_m", "x", Length, "travel"},
          {"between_m", "g", Length, "between"},
          {"flange_m", "t", Length, "flange"}},
         {},
         {"spacer_m", "stock_m", "depthNeed_m"},
         "underpanel 68 mm surround 7 mm travel 5 mm between 2 mm"},
        {{"cutout"},
         "cutout",
         {{"circle_m", "B", Length, "circle"},
          {"oldCutout_m", "old", Length, "old"},
          {"basket_m", "Db", Length},
          {"flange_m", "Df", Length}},
         {},
         {"cut_m", "saw_m", "least_m", "most_m", "ringOutside_m"},
         "cutout 126 mm 165 mm circle 145 mm"},
        {{"saw"}, "hole-saw", {{"hole_m", "D", Length}}, {}, {"saw_m", "play_m", "smaller_m"}, "saw 45 mm"},
        {{"holes"},
         "screw-circle",
         {{"count", "n", Number}, {"circle_m", "B", Length}},
         {},
         {"chord_m"},
         "holes 4 149.2 mm"},
        {{"corners"},
         "screw-rectangle",
         {{"width_m", "w", Length}, {"height_m", "h", Length}},
         {},
         {"circle_m", "angle_deg"},
         "corners 116 mm 84 mm"},
        {{"fixings"},
         "fixing-force",
         {{"fixings", "n", Number},
          {"mass_kg", "m", Mass},
          {"shock_ratio", "a/g", Number, "shock"},
          {"screw_m", "screw", Length, "screw"}},
         {},
         {"force_n", "pilot_m"},
         "fixings 4 2 kg screw 3.2 mm"},
    };
    return kLines;
}

}  // namespace core
