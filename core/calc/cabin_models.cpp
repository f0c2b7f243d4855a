#include <cmath>

#include "core/calc/model_groups.h"
#include "core/evaluate/practice_shapes.h"
#include "core/physics/level.h"
#include "core/physics/path.h"
#include "core/physics/stereo.h"

namespace core {

void addCabinModels(std::vector<CalcModel>& models)
{
    models.push_back(
        {"F1",
         "direct-path",
         "sound over a distance in free field, relative to 1 m",
         "exp(-jkr)/r",
         {positive("distance_m"), positive("frequency_hz").list()},
         {"level_db", "phase_deg"},
         [](const CalcArguments& in) -> Outcome<CalcResults> {
             const Eigen::ArrayXcd path = directPath(in.number("distance_m"), in.numbers("frequency_hz"));
             const bool list = in.isList("frequency_hz");
             return Answer<CalcResults>{
                 CalcResults()
                     .set("level_db", (20.0 * path.abs().log10()).eval(), list)
                     .set("phase_deg", path.unaryExpr([](const auto& p) { return degreesOf(p); }).eval(), list),
                 {}};
         }});
    models.push_back({"F7",
                      "left-and-right",
                      "rise of level when a second, equally loud channel joins at a phase angle",
                      "|p|^2 = (1 - w) |pL + pR|^2 + w (|pL|^2 + |pR|^2)",
                      {positive("frequency_hz"), anyNumber("angle_deg").orElse(0.0)},
                      {"rise_db"},
                      [](const CalcArguments& in) -> Outcome<CalcResults> {
                          const Eigen::ArrayXcd left = Eigen::ArrayXcd::Ones(1);
                          const Eigen::ArrayXcd right = Eigen::ArrayXcd::Constant(
                              1, std::polar(1.0, in.number("angle_deg") * std::numbers::pi / 180.0));
                          const double sum =
                              leftAndRight_pa2(left, right, in.numbers("frequency_hz"), stereoMix(in.practice()))(0);
                          Answer<CalcResults> answer;
                          if (sum > 0.0)
                              answer.value.set("rise_db", powerDecibels(sum));
                          else
                              answer.warnings.emplace_back("Null(rise_db)");
                          return answer;
                      }});
}

}  // namespace core
