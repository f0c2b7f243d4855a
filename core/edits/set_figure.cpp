#include "core/edits/set_figure.h"

#include "core/edits/layers.h"
#include "core/edits/named_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/figures_at.h"
#include "core/fitout/resolve.h"

namespace core {
namespace {

class FigureEdit {
public:
    FigureEdit(const Plan& plan, StageId stage, Quantity what, const std::optional<Known>& value)
        : m_plan(plan), m_stage(stage), m_what(what), m_value(value)
    {
    }

    Edit operator()(PlaceId id) const
    {
        const auto there = m_plan.places.find(id);
        if (there == m_plan.places.end()) return {};
        Place place = there->second;
        put(place.room, m_what, m_value);
        return changePlace(m_plan, id, place);
    }
    Edit operator()(DeviceId id) const { return (*this)(Port{id, {}}); }
    Edit operator()(const Port& port) const
    {
        const auto device = itemAt(m_plan, &Plan::devices, m_stage, port.device);
        if (!device) return {};
        Part part = m_plan.parts.at(device->part);
        Figures* figures = figuresIn(part, port.element);
        if (!figures) return {};
        put(*figures, m_what, m_value);
        return changePlayed(m_plan, m_stage, port.device, part);
    }
    Edit operator()(PartId id) const { return (*this)(Inside{id, {}}); }
    Edit operator()(const Inside& inside) const
    {
        Plan after = m_plan;
        const auto part = after.parts.find(inside.part);
        Figures* figures = part == after.parts.end() ? nullptr : figuresIn(part->second, inside.element);
        if (!figures) return {};
        put(*figures, m_what, m_value);
        return difference(isSource(part->second) ? EditName::ChangeSource : EditName::ChangeDriver, m_plan, after);
    }
    Edit operator()(WireId id) const
    {
        auto wire = itemAt(m_plan, &Plan::wires, m_stage, id);
        if (!wire) return {};
        put(wire->figures, m_what, m_value);
        Plan after = m_plan;
        putAt(after, &Plan::wires, m_stage, id, *wire);
        return difference(EditName::WireLength, m_plan, after);
    }
    Edit operator()(std::monostate) const
    {
        Plan after = m_plan;
        put(after.body.feeds, m_what, m_value);
        return difference(EditName::SetBody, m_plan, after);
    }
    Edit operator()(const RunId&) const { return {}; }
    Edit operator()(ListenerId) const { return {}; }

private:
    const Plan& m_plan;
    StageId m_stage;
    Quantity m_what;
    const std::optional<Known>& m_value;
};

}  // namespace

Edit setFigure(const Plan& plan, StageId stage, const Address& address, const std::optional<Known>& value)
{
    return std::visit(FigureEdit(plan, stage, address.what, value), address.of);
}

Edit changePlayed(const Plan& plan, StageId stage, DeviceId device, const Part& part, bool seen)
{
    if (stage == plan.job.goal && stage != kFound && stage != kFactory) {
        const auto now = itemAt(plan, &Plan::devices, stage, device);
        const auto before = itemAt(plan, &Plan::devices, kFound, device);
        if (now && before && now->part == before->part) {
            Part planned = part;
            planned.shelfKey.clear();  // it is not quite the shelf's any more
            return fitPart(plan, device, planned);
        }
    }
    return seen ? seenThere(plan, stage, device, part) : changePart(plan, stage, device, part);
}

}  // namespace core
