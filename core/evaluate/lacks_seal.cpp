#include "core/evaluate/lacks_seal.h"

#include "core/evaluate/driver_mounting.h"
#include "core/fitout/resolve.h"

namespace core {
namespace {

// Where air gets past the edge of a driver: doors, pods and decks.
bool needsSeal(PlaceKind kind)
{
    switch (kind) {
        case PlaceKind::Door:
        case PlaceKind::KickPanel:
        case PlaceKind::Quarter:
        case PlaceKind::RearDeck:
        case PlaceKind::Fairing:
        case PlaceKind::BagLid:
        case PlaceKind::RollBar:
        case PlaceKind::CargoSide:
            return true;
        case PlaceKind::DashTop:
        case PlaceKind::Sail:
        case PlaceKind::Pillar:
        case PlaceKind::UnderSeat:
        case PlaceKind::Overhead:
        case PlaceKind::OwnBox:
        case PlaceKind::Hidden:
            return false;
    }
    return false;
}

}  // namespace

bool lacksSeal(const StageResult& stage, DeviceId driver, const Practice& practice)
{
    const auto fit = stage.fits.find(driver);
    if (fit == stage.fits.end()) return false;
    const PlaceId at = stage.used.devices.at(driver).at;
    // A dome's own chamber is closed behind it.
    const bool open = fit->second->body.at(Quantity::Basket_m).value > practice[PracticeKey::LargestDomeBody_m];
    return open && needsSeal(stage.used.places.at(at).kind) && !isAltered(stage.used, at, AlterationKind::Seal) &&
           !isAltered(stage.used, at, AlterationKind::Foam);
}

}  // namespace core
