#include "core/io/vehicles_file.h"

#include "core/io/plan_json.h"
#include "core/model/names.h"

namespace core {
namespace {

bool readPoint(const Json& node, Vec3& point)
{
    const bool three =
        node.is_array() && node.size() == 3 && node[0].is_number() && node[1].is_number() && node[2].is_number();
    if (three) point = {node[0].get<double>(), node[1].get<double>(), node[2].get<double>()};
    return three;
}

// What stands under this name, or a blank where there is something else.
Json member(const Json& node, const char* name, Json::value_t type)
{
    const auto found = node.find(name);
    return found != node.end() && found->type() == type ? *found : Json(type);
}

std::string textAt(const Json& node, const char* name)
{
    return member(node, name, Json::value_t::string).get<std::string>();
}

bool flagAt(const Json& node, const char* name)
{
    return member(node, name, Json::value_t::boolean).get<bool>();
}

class VehicleReader {
public:
    explicit VehicleReader(std::string file) : m_file(std::move(file)) {}

    Result<UsualVehicle> read(const Json& node, const std::string& where)
    {
        UsualVehicle vehicle;
        vehicle.source = textAt(node, "source");
        for (const auto& [name, value] : {std::pair{"length_m", &vehicle.length_m},
                                          {"width_m", &vehicle.width_m},
                                          {"height_m", &vehicle.height_m},
                                          {"wheelbase_m", &vehicle.wheelbase_m},
                                          {"frontOverhang_m", &vehicle.frontOverhang_m}}) {
            const auto found = node.find(name);
            if (found == node.end() || !found->is_number() || !(found->get<double>() > 0.0))
                return wrong(where + "/" + name, "needs a length above 0");
            *value = found->get<double>();
        }
        if (!readPoint(member(node, "source_m", Json::value_t::array), vehicle.source_m))
            return wrong(where + "/source_m", "needs three numbers [x, y, z]");
        const Json seats = member(node, "seats", Json::value_t::object);
        for (const auto& [text, head] : seats.items()) {
            const auto seat = enumFromText<Seat>(text);
            if (!seat || !readPoint(head, vehicle.seats[seat.value_or(Seat::Driver)]))
                return wrong(where + "/seats/" + text, "needs the name of a seat and three numbers [x, y, z]");
        }
        if (!vehicle.seats.contains(Seat::Driver)) return wrong(where + "/seats", "needs the driver");
        const Json spots = member(node, "spots", Json::value_t::object);
        for (const auto& [name, spot] : spots.items()) {
            auto read = readSpot(spot, where + "/spots/" + name);
            if (!read) return tl::unexpected(read.error());
            read->name = name;
            vehicle.spots.push_back(std::move(*read));
        }
        if (vehicle.spots.empty()) return wrong(where + "/spots", "needs one at least");
        return vehicle;
    }

    [[nodiscard]] tl::unexpected<InputError> wrong(const std::string& where, const std::string& message) const
    {
        return tl::unexpected(InputError{m_file, where, message});
    }

private:
    Result<UsualSpot> readSpot(const Json& node, const std::string& where)
    {
        UsualSpot spot;
        if (!node.is_object()) return wrong(where, "needs an object");
        const auto kind = enumFromText<PlaceKind>(textAt(node, "kind"));
        if (!kind) return wrong(where + "/kind", "names no kind of place");
        spot.kind = *kind;
        if (!readPoint(member(node, "at_m", Json::value_t::array), spot.frame.at_m) ||
            !readPoint(member(node, "facing", Json::value_t::array), spot.frame.facing))
            return wrong(where, "needs at_m and facing, three numbers each");
        spot.driverClass = textAt(node, "driverClass");
        if (const auto row = node.find("row"); row != node.end() && row->is_number_integer())
            spot.row = row->get<int>();
        spot.ownFilter = flagAt(node, "ownFilter");
        spot.likely = flagAt(node, "likely");
        return spot;
    }

    std::string m_file;
};

}  // namespace

Result<UsualVehicles> readVehicles(const std::string& text, const std::string& file)
{
    VehicleReader reader(file);
    const Json json = Json::parse(text, nullptr, false);
    if (json.is_discarded() || !json.is_object())
        return reader.wrong("/", "is not JSON; take the file that came with the program");
    if (!json.contains("format") || json["format"] != "reed-vehicles" || !json.contains("version") ||
        json["version"] != 1)
        return reader.wrong("/format", "is no file of usual vehicles, version 1");
    UsualVehicles vehicles;
    const Json all = member(json, "vehicles", Json::value_t::object);
    for (const auto& name : enumNames<BodyKind>()) {
        const std::string where = "/vehicles/" + std::string(name.text);
        const auto found = all.find(std::string(name.text));
        if (found == all.end() || !found->is_object()) return reader.wrong(where, "is missing");
        auto vehicle = reader.read(*found, where);
        if (!vehicle) return tl::unexpected(vehicle.error());
        vehicles[name.value] = std::move(*vehicle);
    }
    return vehicles;
}

}  // namespace core
