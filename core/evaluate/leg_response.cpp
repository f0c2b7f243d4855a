#include "core/evaluate/leg_response.h"

namespace core {

LegResponse legResponse(const LegParts& parts, const Eigen::ArrayXcd& load_ohm, const Eigen::ArrayXcd& s)
{
    LegResponse leg{Eigen::ArrayXcd::Ones(s.size()), load_ohm};
    for (auto part = parts.rbegin(); part != parts.rend(); ++part) {
        const Eigen::ArrayXcd own_ohm = part->kind == ElementKind::Capacitor ? (part->value * s).inverse()
                                        : part->kind == ElementKind::Inductor
                                            ? Eigen::ArrayXcd(part->value * s)
                                            : Eigen::ArrayXcd::Constant(s.size(), part->value);
        if (part->series) {
            leg.transfer *= leg.input_ohm / (leg.input_ohm + own_ohm);
            leg.input_ohm += own_ohm;
        } else {
            leg.input_ohm = (leg.input_ohm.inverse() + own_ohm.inverse()).inverse();
        }
    }
    return leg;
}

}  // namespace core
