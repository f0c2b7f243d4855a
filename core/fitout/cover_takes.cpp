#include "core/fitout/cover_takes.h"

namespace core {

CoverLoss coverLoss(const Practice& practice, Cover cover)
{
    if (cover == Cover::None) return {};
    const std::vector<double>& table = practice[cover == Cover::ThinCloth    ? PracticeList::CoverThinCloth_db
                                                : cover == Cover::ThickCloth ? PracticeList::CoverThickCloth_db
                                                                             : PracticeList::CoverClothUnderLeather_db];
    return {table[0], table[1], table[2]};
}

std::optional<PerforatedPlate> plateOf(const Place& place)
{
    const auto thickness = valueOf(place.room, Quantity::GrilleThickness_m);
    const auto hole = valueOf(place.room, Quantity::GrilleHole_m);
    const auto pitch = valueOf(place.room, Quantity::GrillePitch_m);
    if (thickness && hole && pitch && *pitch > *hole) return PerforatedPlate{*thickness, *hole, *pitch};
    return std::nullopt;
}

Eigen::ArrayXd coverTakes_db(const Place& place, const Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    Eigen::ArrayXd loss_db = coverLoss_db(coverLoss(practice, place.cover), frequency_hz);
    if (const auto plate = plateOf(place))
        if (const auto mass = plateMass_kg_m2(*plate)) loss_db += plateLoss_db(mass->value, frequency_hz);
    return loss_db;
}

}  // namespace core
