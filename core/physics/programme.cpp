#include "core/physics/programme.h"

#include <cmath>

namespace core {

Eigen::ArrayXd programmeWeight(const ProgrammeWeight& shape, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd x2 = (frequency_hz / shape.highPass_hz).square();
    const Eigen::ArrayXd highPass = x2.square() / ((1.0 - x2).square() + x2 / (shape.highPassQ * shape.highPassQ));
    const Eigen::ArrayXd lowPass1 = 1.0 + (frequency_hz / shape.lowPass1_hz).square();
    const Eigen::ArrayXd lowPass2 = 1.0 + (frequency_hz / shape.lowPass2_hz).square();
    return highPass / (lowPass1 * lowPass2);
}

double programmeShare(double crestFactor_db)
{
    return 2.0 / std::pow(10.0, crestFactor_db / 10.0);
}

}  // namespace core
