#include "core/evaluate/cone_results.h"

#include <algorithm>

#include "core/physics/programme.h"

namespace core {
namespace {

// What all channels together do to a cone.
ConeShare wholeOf(const StageResult& stage, const Port& coil)
{
    ConeShare whole;
    for (const CircuitResult& circuit : stage.circuits)
        for (const ConeShare& share : circuit.cones) {
            if (share.device != coil.device ||
                std::find(share.coils.begin(), share.coils.end(), coil.element) == share.coils.end())
                continue;
            if (whole.coils.empty()) {
                whole = share;
                continue;
            }
            whole.drive += share.drive;
            whole.motion_a += share.motion_a;
            for (size_t i = 0; i < whole.current_a.size(); ++i) whole.current_a[i] += share.current_a[i];
        }
    return whole;
}

int netSign(const StageResult& stage, const RunResult& run)
{
    const auto setting = stage.used.settings.find(run.run.id.channel);
    const bool turned = setting != stage.used.settings.end() && setting->second.reversed;
    return run.run.sign * (run.coil.at(Quantity::Polarity).value < 0.0 ? -1 : 1) * (turned ? -1 : 1);
}

// The source clips where the first of its channels does.
double limitOf(const StageResult& stage, const ConeResult& cone)
{
    double limit_v = 1e9;
    for (const size_t run : cone.runs)
        limit_v = std::min(limit_v, findCircuit(stage, stage.runs[run].run.id.channel)->sourceLimit_v.minCoeff());
    return limit_v;
}

void addHeat(ConeResult& cone, const ConeShare& whole, double limit_v, const GridTables& tables, double crest_db)
{
    cone.heat_w_v2 = Eigen::ArrayXd::Zero(tables.frequency_hz.size());
    for (size_t coil = 0; coil < whole.coils.size(); ++coil) cone.heat_w_v2 += coilHeat_w_v2(whole, coil);
    Eigen::Index worst = 0;
    cone.sine_w = limit_v * limit_v * cone.heat_w_v2.maxCoeff(&worst);
    cone.sine_hz = tables.frequency_hz(worst);
    cone.programme_w = limit_v * limit_v * programmeShare(crest_db) * (tables.programme * cone.heat_w_v2).sum();
}

ConeResult coneOfRun(const StageResult& stage, size_t first, const GridTables& tables, const Practice& practice)
{
    const RunResult& run = stage.runs[first];
    const Port& coil = run.run.id.coil;
    const Part& part = stage.used.parts.at(stage.used.devices.at(coil.device).part);
    const std::vector<std::string> coils = coilsOfCone(part, coil.element);
    ConeResult cone;
    for (size_t i = 0; i < stage.runs.size(); ++i) {
        const Port& other = stage.runs[i].run.id.coil;
        if (other.device != coil.device || std::find(coils.begin(), coils.end(), other.element) == coils.end())
            continue;
        cone.runs.push_back(i);
        cone.worst = std::max(cone.worst, stage.runs[i].worst);
        cone.fights = cone.fights || netSign(stage, stage.runs[i]) * netSign(stage, run) < 0;
    }
    for (const std::string& one : coils)
        if (std::none_of(cone.runs.begin(), cone.runs.end(),
                         [&](size_t i) { return stage.runs[i].run.id.coil.element == one; }))
            cone.idle.push_back({coil.device, one});
    const double limit_v = limitOf(stage, cone);
    if (coils.size() == 1) {
        ConeResult single = coneOfOneRun(run);
        single.runs = std::move(cone.runs);
        single.worst = cone.worst;
        single.fights = cone.fights;
        for (const size_t other : single.runs)
            if (other != first) single.excursion_m_v += stage.runs[other].excursion_m_v;  // two channels on one coil
        if (single.runs.size() > 1) single.travel = travelOf(single.excursion_m_v, limit_v, tables, practice);
        return single;
    }
    const ConeShare whole = wholeOf(stage, coil);
    const CircuitResult& own = *findCircuit(stage, run.run.id.channel);
    const auto share = std::find_if(own.cones.begin(), own.cones.end(), [&](const ConeShare& one) {
        return one.device == coil.device &&
               std::find(one.coils.begin(), one.coils.end(), coil.element) != one.coils.end();
    });
    constexpr double kLeast = 1e-12;
    cone.excursion_m_v = run.excursion_m_v * whole.drive.abs() / share->drive.abs().max(kLeast);
    cone.travel = travelOf(cone.excursion_m_v, limit_v, tables, practice);
    addHeat(cone, whole, limit_v, tables, practice[PracticeKey::CrestFactor_db]);
    return cone;
}

}  // namespace

Travel travelOf(const Eigen::ArrayXd& excursion_m_v, double limit_v, const GridTables& tables, const Practice& practice)
{
    Eigen::Index worst = 0;
    const double most_m_v = excursion_m_v.maxCoeff(&worst);
    return {limit_v * most_m_v, tables.frequency_hz(worst),
            programmeTravel_m(limit_v, practice[PracticeKey::CrestFactor_db], tables.programme, excursion_m_v)};
}

Eigen::ArrayXd coilHeat_w_v2(const ConeShare& cone, size_t coil)
{
    return cone.current_a[coil].abs2() * cone.re_ohm[coil] +
           cone.motion_a.abs2() * (cone.suspension_ohm / static_cast<double>(cone.coils.size()));
}

ConeResult coneOfOneRun(const RunResult& run)
{
    ConeResult cone;
    cone.excursion_m_v = run.excursion_m_v;
    cone.travel = run.travel;
    cone.heat_w_v2 = run.heat_w_v2;
    cone.programme_w = run.programme_w;
    cone.sine_w = run.sine_w;
    cone.sine_hz = run.sine_hz;
    cone.worst = run.worst;
    return cone;
}

std::vector<ConeResult> conesOf(const StageResult& stage, const GridTables& tables, const Practice& practice)
{
    std::vector<ConeResult> cones;
    std::vector<bool> counted(stage.runs.size(), false);
    for (size_t i = 0; i < stage.runs.size(); ++i) {
        if (counted[i]) continue;
        cones.push_back(coneOfRun(stage, i, tables, practice));
        for (const size_t run : cones.back().runs) counted[run] = true;
    }
    return cones;
}

}  // namespace core
