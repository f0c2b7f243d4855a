#include "core/fitout/figures_at.h"

namespace core {
namespace {

template <class Map>
auto* found(Map& map, const typename Map::key_type& key)
{
    const auto at = map.find(key);
    return at == map.end() ? nullptr : &at->second;
}

template <class SomePart>
auto* inPart(SomePart* part, const std::string& element)
{
    using Found = decltype(&part->figures);
    if (!part || element.empty()) return part ? &part->figures : Found{};
    auto* inside = found(part->inside, element);
    return inside ? &inside->figures : Found{};
}

// Whether it may be written to follows from the fitout.
template <class SomeFitout>
struct FiguresFound {
    SomeFitout& fitout;
    using Found = decltype(&fitout.body.feeds);

    Found operator()(PlaceId id) const
    {
        auto* place = found(fitout.places, id);
        return place ? &place->room : nullptr;
    }
    Found operator()(DeviceId id) const { return (*this)(Port{id, {}}); }
    Found operator()(const Port& port) const
    {
        const auto* device = found(fitout.devices, port.device);
        return device ? (*this)(Inside{device->part, port.element}) : nullptr;
    }
    Found operator()(PartId id) const { return (*this)(Inside{id, {}}); }
    Found operator()(const Inside& inside) const { return inPart(found(fitout.parts, inside.part), inside.element); }
    Found operator()(WireId id) const
    {
        auto* wire = found(fitout.wires, id);
        return wire ? &wire->figures : nullptr;
    }
    Found operator()(std::monostate) const { return &fitout.body.feeds; }
    Found operator()(const RunId&) const { return nullptr; }
    Found operator()(ListenerId) const { return nullptr; }
};

}  // namespace

const Figures* figuresAt(const Fitout& fitout, const Subject& subject)
{
    return std::visit(FiguresFound<const Fitout>{fitout}, subject);
}

Figures* figuresAt(Fitout& fitout, const Subject& subject)
{
    return std::visit(FiguresFound<Fitout>{fitout}, subject);
}

Figures* figuresIn(Part& part, const std::string& element)
{
    return inPart(&part, element);
}

}  // namespace core
