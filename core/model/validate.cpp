#include "core/model/validate.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <set>

#include "core/model/linings.h"
#include "core/model/names.h"

namespace core {
namespace {

class Validator {
public:
    explicit Validator(const Plan& plan) : m_plan(plan) {}

    std::vector<Problem> run()
    {
        checkStages();
        if (!m_problems.empty()) return std::move(m_problems);  // everything else rests on the tree of stages
        for (const auto& [key, device] : m_plan.devices) {
            if (!device) continue;
            m_devices.insert(key.key);
            const auto part = m_plan.parts.find(device->part);
            if (part == m_plan.parts.end()) continue;
            for (const auto& [terminal, connector] : part->second.terminals) m_terminals[key.key].insert(terminal);
            // A link across a capacitor that sits on its speaker ends behind it.
            for (const auto& [name, element] : part->second.inside) m_terminals[key.key].insert({element.a, element.b});
        }
        if (m_plan.lastId < 0 || m_plan.lastId > kMostId) add("/lastId", "is outside 0 to " + std::to_string(kMostId));
        checkVehicle();
        checkSurfaces();
        checkCurves();
        checkParts();
        checkLayers();
        checkReadings();
        return std::move(m_problems);
    }

private:
    void add(const std::string& where, const std::string& message) { m_problems.push_back({where, message}); }

    void checkStages()
    {
        const auto& stages = m_plan.stages;
        const auto is = [&](StageId id, StageKind kind, StageId on) {
            const auto found = stages.find(id);
            return found != stages.end() && found->second.kind == kind && found->second.on == on;
        };
        if (!is(kFactory, StageKind::Factory, {})) add("/stages/s1", "must be the factory stage and stand on none");
        if (!is(kFound, StageKind::Found, kFactory)) add("/stages/s2", "must be the found stage and stand on s1");
        for (const auto& [id, stage] : stages) {
            if (id == kFactory || id == kFound) continue;
            const std::string where = "/stages/" + textOf(id);
            if (!stages.contains(stage.on)) {
                add(where + "/on", "names " + textOf(stage.on) + ", which is no stage of this plan");
                continue;
            }
            StageId below = stage.on;
            size_t steps = 0;
            while (below != kFactory && stages.contains(below) && steps++ < stages.size()) below = stages.at(below).on;
            if (below != kFactory) add(where + "/on", "the stages go round in a ring");
        }
        if (!stages.contains(m_plan.job.goal))
            add("/job/goal", "names " + textOf(m_plan.job.goal) + ", which is no stage of this plan");
    }

    void checkFinite(double value, const std::string& where)
    {
        if (!std::isfinite(value))
            add(where, "is not a finite number");
        else if (std::abs(value) > 100.0)
            add(where, "is out of any vehicle: allowed -100 to 100 m");
    }

    void checkPoint(const Vec3& point, const std::string& where)
    {
        for (const double value : {point.x, point.y, point.z}) checkFinite(value, where);
    }

    void checkFrame(const Frame& frame, const std::string& where)
    {
        checkPoint(frame.at_m, where + "/at_m");
        checkPoint(frame.facing, where + "/facing");
        if (frame.facing == Vec3{0.0, 0.0, 0.0}) add(where + "/facing", "looks nowhere: a direction is wanted");
    }

    void checkBasis(const Basis& basis, const std::string& where)
    {
        if (basis.reading && !m_plan.readings.contains(basis.reading))
            add(where, "names reading " + textOf(basis.reading) + ", which is not in the plan");
    }

    void checkFilter(const std::optional<Filter>& filter, const std::string& where)
    {
        if (!filter) return;
        if (!(filter->frequency_hz >= 1.0 && filter->frequency_hz <= 40000.0 && filter->order >= 1 &&
              filter->order <= 8))
            return add(where, "a filter needs 1 to 40000 Hz and an order of 1 to 8");
        if (filter->family != FilterFamily::Butterworth && !isOffered(filter->shape()))
            add(where, "no " + std::string(textOf(filter->family)) + " filter of order " +
                           std::to_string(filter->order) + " is made");
    }

    void checkBands(const std::vector<EqualiserBand>& bands, const std::string& where)
    {
        if (bands.size() > kMostBands) add(where, "holds more than " + std::to_string(kMostBands) + " bands");
        for (const EqualiserBand& band : bands)
            if (!(band.corner_hz >= 1.0 && band.corner_hz <= 40000.0 && std::abs(band.gain_db) <= kMostBandGain_db &&
                  band.q >= kLeastBandQ && band.q <= kMostBandQ))
                add(where, "a band needs 1 to 40000 Hz, at most 24 dB either way and a Q of 0.1 to 20");
    }

    void checkFigures(const Figures& figures, const std::string& where)
    {
        for (const auto& [quantity, known] : figures) {
            const std::string at = where + "/" + std::string(row(quantity).key);
            if (!allows(quantity, known.value)) add(at, "is outside what this quantity allows");
            if (!(known.spread >= 0.0 && known.spread <= 1.0)) add(at + "/spread", "is outside 0 to 1");
            checkBasis(known.basis, at);
        }
    }

    // Two sides name each other, and at most one follows.
    template <class AnyId, class Item>
    void checkPair(const std::map<AnyId, Item>& table, AnyId id, const Item& item, const std::string& where)
    {
        if (!item.pair) return;
        const auto pair = table.find(item.pair);
        if (pair == table.end() || pair->second.pair != id || item.pair == id)
            add(where + "/pair", "names " + textOf(item.pair) + ", which is no other one that names it back");
        else if (item.followsPair && pair->second.followsPair)
            add(where + "/followsPair", "both sides of a pair follow each other");
    }

    void checkJob()
    {
        for (const CurveId curve : {m_plan.job.hearingLeft, m_plan.job.hearingRight})
            if (curve && (!m_plan.curves.contains(curve) || m_plan.curves.at(curve).kind != CurveKind::Hearing))
                add("/job", "names " + textOf(curve) + ", which is no audiogram of this plan");
        const CurveId target = m_plan.job.target;
        if (target && (!m_plan.curves.contains(target) || m_plan.curves.at(target).kind != CurveKind::Target))
            add("/job/target", "names " + textOf(target) + ", which is no target of this plan");
        if (!(m_plan.job.budget >= 0.0 && m_plan.job.budget <= 1e9)) add("/job/budget", "is outside 0 to 1e9");
        if (!(m_plan.job.hours_h >= 0.0 && m_plan.job.hours_h <= 1e4)) add("/job/hours_h", "is outside 0 to 10000 h");
    }

    void checkFasteners(const std::vector<Fastener>& fasteners, const std::string& where)
    {
        for (size_t i = 0; i < fasteners.size(); ++i)
            if (fasteners[i].count < 0 || fasteners[i].count > 200)
                add(where + "/" + std::to_string(i) + "/count", "is outside 0 to 200");
    }

    void checkVehicle()
    {
        for (const auto& [id, place] : m_plan.places) {
            const std::string where = "/places/" + textOf(id);
            checkFrame(place.frame, where + "/frame");
            checkFigures(place.room, where + "/room");
            checkPair(m_plan.places, id, place, where);
            checkFasteners(place.held, where + "/held");
            for (const PanelId panel : place.wayIn)
                if (!m_plan.panels.contains(panel))
                    add(where + "/wayIn", "names " + textOf(panel) + ", which is no panel of this plan");
        }
        for (const auto& [id, panel] : m_plan.panels) {
            const std::string where = "/panels/" + textOf(id);
            checkPair(m_plan.panels, id, panel, where);
            checkFasteners(panel.fasteners, where + "/fasteners");
        }
        checkJob();
        for (const auto& [id, listener] : m_plan.listeners)
            checkPoint(listener.head_m, "/listeners/" + textOf(id) + "/head_m");
        checkFigures(m_plan.body.cabin, "/body/cabin");
        checkFigures(m_plan.body.feeds, "/body/feeds");
        for (const auto& [id, listener] : m_plan.listeners)
            checkPoint(listener.facing, "/listeners/" + textOf(id) + "/facing");
        const Body& body = m_plan.body;
        for (const auto& [measure_m, name] : {std::pair{body.length_m, "length_m"}, {body.width_m, "width_m"}})
            if (!(measure_m > 0.0 && measure_m <= 100.0))
                add(std::string("/body/") + name, "is out of any vehicle: allowed more than 0, to 100 m");
        if (!(body.frontAxle_m >= 0.0 && body.frontAxle_m <= 100.0))
            add("/body/frontAxle_m", "is out of any vehicle: allowed 0 to 100 m");
    }

    void checkSurfaces()
    {
        constexpr double kLeastSide_m = 1e-3, kSkew_ratio = 0.02;
        for (const auto& [id, surface] : m_plan.surfaces) {
            const std::string where = "/surfaces/" + textOf(id);
            checkPoint(surface.corner_m, where + "/corner_m");
            checkPoint(surface.along_m, where + "/along_m");
            checkPoint(surface.across_m, where + "/across_m");
            const double along = length(surface.along_m), across = length(surface.across_m);
            if (!(along >= kLeastSide_m && across >= kLeastSide_m))
                add(where, "needs two edges of 1 mm or more");
            else if (!(std::abs(dot(surface.along_m, surface.across_m)) <= kSkew_ratio * along * across))
                add(where, "its edges along_m and across_m must stand at right angles");
        }
    }

    void checkCurves()
    {
        const auto within = [](const std::vector<double>& values, double least, double greatest) {
            return std::all_of(values.begin(), values.end(),
                               [&](double value) { return value >= least && value <= greatest; });
        };
        for (const auto& [id, curve] : m_plan.curves) {
            const std::string where = "/curves/" + textOf(id);
            const size_t count = curve.frequency_hz.size();
            if (count < 2 || curve.level_db.size() != count)
                add(where, "needs two points or more, and a level for each frequency");
            if (!curve.phase_deg.empty() && curve.phase_deg.size() != count)
                add(where + "/phase_deg", "needs a phase for each frequency, or none");
            if (!within(curve.frequency_hz, 1.0, 1e5) ||
                std::adjacent_find(curve.frequency_hz.begin(), curve.frequency_hz.end(), std::greater_equal<>()) !=
                    curve.frequency_hz.end())
                add(where + "/frequency_hz", "must rise within 1 to 100000 Hz");
            if (!within(curve.level_db, -200.0, 250.0)) add(where + "/level_db", "is outside -200 to 250 dB");
            if (!within(curve.phase_deg, -1e6, 1e6)) add(where + "/phase_deg", "is not a number of degrees");
            if (!(curve.voltage_v >= 1e-3 && curve.voltage_v <= 1000.0))
                add(where + "/voltage_v", "is outside 0.001 to 1000 V");
            if (!(curve.distance_m >= 0.01 && curve.distance_m <= 100.0))
                add(where + "/distance_m", "is outside 0.01 to 100 m");
            checkFigures(curve.box, where + "/box");
            if (curve.kind != CurveKind::InPlace) continue;
            checkDevice(curve.coil.device, where + "/coil");
            if (!m_plan.listeners.contains(curve.listener))
                add(where + "/listener", "names " + textOf(curve.listener) + ", which is no listener of this plan");
        }
    }

    void checkParts()
    {
        for (const auto& [id, part] : m_plan.parts) {
            const std::string where = "/parts/" + textOf(id);
            checkFigures(part.figures, where + "/figures");
            for (const auto& [terminal, pin] : part.pins) {
                if (!part.terminals.contains(terminal))
                    add(where + "/pins/" + terminal, "names no terminal of this part");
                checkBasis(pin.basis, where + "/pins/" + terminal);
            }
            for (const auto& [name, element] : part.inside) {
                const std::string at = where + "/inside/" + name;
                if (name.empty() || name.find_first_of(".:>") != std::string::npos)
                    add(at, "a name may not be empty or hold '.', ':' or '>'");
                if (element.a.empty() || element.b.empty()) add(at, "needs both its ends, a and b");
                if (!element.twin.empty() && !part.inside.contains(element.twin))
                    add(at + "/twin", "names no element of this part");
                checkFigures(element.figures, at + "/figures");
                if (element.curve && !m_plan.curves.contains(element.curve))
                    add(at + "/curve", "names " + textOf(element.curve) + ", which is no curve of this plan");
            }
        }
    }

    void checkStage(StageId stage, const std::string& where)
    {
        if (!m_plan.stages.contains(stage)) add(where, "lies at a stage that the plan does not have");
    }

    void checkDevice(DeviceId id, const std::string& where)
    {
        if (!m_devices.contains(id)) add(where, "names device " + textOf(id) + ", which no stage has");
    }

    // Of a part that the device is at some stage: a wire outlives a change of what it goes to.
    void checkEnd(const Pin& pin, const std::string& where)
    {
        checkDevice(pin.device, where);
        if (m_devices.contains(pin.device) && !m_terminals[pin.device].contains(pin.terminal))
            add(where, "names a terminal " + textOf(pin) + ", which none of its parts has");
    }

    void checkMaterial(const Alteration& alteration, const std::string& where)
    {
        const std::string named = "names " + textOf(alteration.material);
        const auto part = m_plan.parts.find(alteration.material);
        if (part == m_plan.parts.end())
            add(where, named + ", which is no part of this plan");
        else if (!isLining(alteration.what))
            add(where, named + ", but nothing is laid there");
        else if (part->second.kind != materialOf(alteration.what))
            add(where, named + ", which is no " + std::string(textOf(materialOf(alteration.what))));
    }

    void checkLayers()
    {
        const auto at = [](const auto& key, const char* table) {
            return "/stages/" + textOf(key.stage) + "/" + table + "/" + textOf(key.key);
        };
        for (const auto& [key, device] : m_plan.devices) {
            const std::string where = at(key, "devices");
            checkStage(key.stage, where);
            if (!device) continue;
            checkBasis(device->basis, where);
            if (!m_plan.parts.contains(device->part))
                add(where + "/part", "names " + textOf(device->part) + ", which is no part of this plan");
            if (device->at && !m_plan.places.contains(device->at))
                add(where + "/at", "names " + textOf(device->at) + ", which is no place of this plan");
        }
        for (const auto& [key, mount] : m_plan.mounts) {
            checkStage(key.stage, at(key, "mounts"));
            checkDevice(key.key, at(key, "mounts"));
            if (mount && mount->behind) checkDevice(mount->behind, at(key, "mounts") + "/behind");
            if (!mount) continue;
            if (mount->frame) checkFrame(*mount->frame, at(key, "mounts") + "/frame");
            checkFigures(mount->figures, at(key, "mounts") + "/figures");
            if (mount->spacer && !m_plan.parts.contains(mount->spacer))
                add(at(key, "mounts") + "/spacer",
                    "names " + textOf(mount->spacer) + ", which is no part of this plan");
            if (mount->turn_deg && !(std::abs(*mount->turn_deg) <= 360.0))
                add(at(key, "mounts") + "/turn_deg", "is outside -360 to 360 degrees");
        }
        for (const auto& [key, setting] : m_plan.settings) {
            const std::string where = at(key, "settings");
            checkStage(key.stage, where);
            checkDevice(key.key.device, where);
            if (!setting) continue;
            for (const auto& filter : {setting->highPass, setting->lowPass}) checkFilter(filter, where);
            checkBands(setting->bands, where + "/bands");
            if (!(setting->gain_db >= -100.0 && setting->gain_db <= 60.0))
                add(where + "/gain_db", "is outside -100 to 60 dB");
            if (!(setting->delay_s >= 0.0 && setting->delay_s <= 1.0)) add(where + "/delay_s", "is outside 0 to 1 s");
        }
        for (const auto& [key, wire] : m_plan.wires) {
            const std::string where = at(key, "wires");
            checkStage(key.stage, where);
            if (!wire) continue;
            checkEnd(wire->a, where + "/a");
            checkEnd(wire->b, where + "/b");
            if (wire->a == wire->b) add(where, "runs from " + textOf(wire->a) + " to itself");
            checkFigures(wire->figures, where + "/figures");
            checkBasis(wire->basis, where);
        }
        for (const auto& [key, alteration] : m_plan.alterations) {
            checkStage(key.stage, at(key, "alterations"));
            if (alteration) checkFigures(alteration->figures, at(key, "alterations") + "/figures");
            if (alteration && !m_plan.places.contains(alteration->place))
                add(at(key, "alterations") + "/place", "names no place of this plan");
            if (alteration && alteration->material) checkMaterial(*alteration, at(key, "alterations") + "/material");
        }
    }

    void checkReadings()
    {
        for (const auto& [id, reading] : m_plan.readings) {
            const std::string where = "/readings/" + textOf(id);
            if (!m_plan.stages.contains(reading.stage)) add(where + "/stage", "names no stage of this plan");
            // An open circuit reads far beyond what a coil may have; nothing reads below what there can be.
            if (!(reading.value >= std::min(0.0, row(reading.of.what).least) && reading.value <= 1e9))
                add(where + "/value", "is no reading: allowed 0 to 1e9");
            if (!(reading.leads_ohm >= 0.0 && reading.leads_ohm <= 1000.0))
                add(where + "/leads_ohm", "is outside 0 to 1000 ohm");
            if (const auto* port = std::get_if<Port>(&reading.of.of)) checkDevice(port->device, where + "/of");
            if (const auto* device = std::get_if<DeviceId>(&reading.of.of)) checkDevice(*device, where + "/of");
        }
    }

    const Plan& m_plan;
    std::set<DeviceId> m_devices{};
    std::map<DeviceId, std::set<std::string>> m_terminals{};
    std::vector<Problem> m_problems{};
};

}  // namespace

std::vector<Problem> validate(const Plan& plan)
{
    return Validator(plan).run();
}

}  // namespace core
