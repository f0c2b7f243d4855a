#include <algorithm>
#include <cmath>
#include <sstream>

#include "core/base/grid.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/netlist/netlist_file.h"
#include "core/physics/bands.h"
#include "core/physics/level.h"
#include "core/physics/network.h"
#include "core/physics/network_condition.h"
#include "core/physics/part_stress.h"
#include "core/physics/programme.h"
#include "core/physics/tolerance.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

// A text that is no netlist is refused with its line.
Outcome<Netlist> netlistOf(const CalcArguments& in)
{
    auto netlist = readNetlist(in.text("netlist"), "netlist");
    if (!netlist) return refuse(ErrorCode::Unreadable, "netlist", 0.0, oneLine(netlist.error()));
    std::vector<Warning> warnings = netlist->warnings;
    return Answer<Netlist>{std::move(*netlist), std::move(warnings)};
}

Eigen::ArrayXd frequenciesOf(const CalcArguments& in)
{
    return in.has("frequency_hz") ? in.numbers("frequency_hz") : frequencyGrid_hz();
}

// The first voltage source: the one that stands for the amplifier.
std::optional<size_t> sourceOf(const Network& network)
{
    for (size_t i = 0; i < network.elements.size(); ++i)
        if (network.elements[i].kind == NetworkKind::VoltageSource) return i;
    return std::nullopt;
}

Outcome<CalcResults> networkModel(const CalcArguments& in)
{
    const auto netlist = netlistOf(in);
    if (!netlist) return tl::unexpected(netlist.error());
    const Network& network = netlist->value.network;
    const Eigen::ArrayXd frequency_hz = frequenciesOf(in);
    const bool list = !in.has("frequency_hz") || in.isList("frequency_hz");
    const auto solution = solveNetwork(network, frequency_hz);
    if (!solution) return tl::unexpected(solution.error());
    Answer<CalcResults> answer{{}, netlist->warnings};
    constexpr double kMostCondition = 1e12;
    if (conditionEstimate(network, frequency_hz) > kMostCondition)
        answer.warnings.emplace_back(WarningKind::IllConditioned);
    answer.value.set("frequency_hz", frequency_hz, list);
    answer.value.set("node", std::vector(network.nodeNames.begin() + 1, network.nodeNames.end()));
    if (in.has("node")) {
        const auto node = findNode(network, in.text("node"));
        if (!node) return refuse(ErrorCode::UnknownName, "node", 0.0, "a node of the netlist");
        const Eigen::ArrayXcd voltage_v = solution->value.voltage_v.col(*node);
        answer.value.set("voltage_v", voltage_v, list);
        if ((voltage_v.abs() > 0.0).all()) {
            answer.value.set("level_db", (20.0 * voltage_v.abs().log10()).eval(), list);
            answer.value.set("phase_deg", voltage_v.unaryExpr([](const auto& v) { return degreesOf(v); }).eval(), list);
        }
    }
    if (const auto source = sourceOf(network)) {
        const NetworkElement& e = network.elements[*source];
        const Eigen::ArrayXcd current_a = elementCurrent_a(network, solution->value, *source);
        if ((current_a.abs() > 0.0).all()) {
            const Eigen::ArrayXcd input = -voltageBetween_v(solution->value, e.plus, e.minus) / current_a;
            answer.value.set("input_ohm", input, list).set("inputMagnitude_ohm", input.abs().eval(), list);
        }
    }
    return answer;
}

Outcome<std::vector<size_t>> elementsOf(const Network& network, const std::string& names, const char* input)
{
    std::vector<size_t> elements;
    std::istringstream fields(names);
    for (std::string name; std::getline(fields, name, ',');) {
        const auto element = findElement(network, name);
        if (!element) return refuse(ErrorCode::UnknownName, input, 0.0, "names of the netlist, with commas: " + name);
        elements.push_back(*element);
    }
    return Answer<std::vector<size_t>>{std::move(elements), {}};
}

Outcome<CalcResults> toleranceModel(const CalcArguments& in)
{
    const auto netlist = netlistOf(in);
    if (!netlist) return tl::unexpected(netlist.error());
    const Network& network = netlist->value.network;
    const auto node = findNode(network, in.text("node"));
    if (!node) return refuse(ErrorCode::UnknownName, "node", 0.0, "a node of the netlist");
    const auto elements = elementsOf(network, in.text("parts"), "parts");
    if (!elements) return tl::unexpected(elements.error());
    const Eigen::ArrayXd tolerance = in.numbers("tolerance");
    if (tolerance.size() != static_cast<Eigen::Index>(elements->value.size()))
        return refuse(ErrorCode::Inconsistent, "tolerance", static_cast<double>(tolerance.size()), "one for each part");
    std::vector<TolerancedPart> parts;
    for (const size_t element : elements->value)
        parts.push_back({element, tolerance(static_cast<Eigen::Index>(parts.size()))});
    const auto spread = toleranceSpread(network, *node, parts, in.numbers("frequency_hz"),
                                        {static_cast<std::uint64_t>(in.number("seed")), in.whole("draws")});
    if (!spread) return tl::unexpected(spread.error());
    const ToleranceSpread& s = spread->value;
    const bool list = in.isList("frequency_hz");
    const Eigen::ArrayXd slopes = s.slope_db.reshaped<Eigen::RowMajor>();
    return Answer<CalcResults>{CalcResults()
                                   .set("nominal_db", s.nominal_db, list)
                                   .set("lowest_db", s.lowest_db, list)
                                   .set("highest_db", s.highest_db, list)
                                   .set("low_db", s.low_db, list)
                                   .set("median_db", s.median_db, list)
                                   .set("high_db", s.high_db, list)
                                   .set("slope_db", slopes),
                               netlist->warnings};
}

Outcome<CalcResults> stressModel(const CalcArguments& in)
{
    const auto netlist = netlistOf(in);
    if (!netlist) return tl::unexpected(netlist.error());
    Network network = netlist->value.network;
    const auto source = sourceOf(network);
    if (!source) return refuse(ErrorCode::OutOfDomain, "netlist", 0.0, "a voltage source in it");
    network.elements[*source].value = 1.0;
    network.elements[*source].phase_deg = 0.0;
    const Eigen::ArrayXd frequency_hz = frequenciesOf(in);
    const auto solution = solveNetwork(network, frequency_hz);
    if (!solution) return tl::unexpected(solution.error());
    const Eigen::ArrayXd weight =
        spectrumWeights(frequency_hz, programmeWeight(programmeShape(in.practice()), frequency_hz));
    const double voltage_v = in.number("source_v"), square = voltage_v * voltage_v;
    const double share = programmeShare(in.number("crestFactor_db"));
    const StressMargins margins = stressMargins(in.practice());
    std::vector<std::string> names;
    const auto count = static_cast<Eigen::Index>(network.elements.size());
    Eigen::ArrayXd volts(count), amperes(count), sine(count), sineAt(count), programme(count), rating(count);
    for (Eigen::Index i = 0; i < count; ++i) {
        const NetworkElement& element = network.elements[static_cast<size_t>(i)];
        const PartStress stress = partStress(network, solution->value, static_cast<size_t>(i), weight,
                                             Eigen::ArrayXd::Ones(frequency_hz.size()));
        names.push_back(element.name);
        volts(i) = voltage_v * stress.voltage_v_v;
        amperes(i) = voltage_v * stress.current_a_v;
        sine(i) = square * stress.sine_w_v2;
        sineAt(i) = stress.sineAt_hz;
        programme(i) = square * share * stress.programme_w_v2;
        const bool capacitor = element.kind == NetworkKind::Capacitor;
        const bool coil = element.kind == NetworkKind::Inductor;
        rating(i) = capacitor
                        ? capacitorRating_v(volts(i), margins)
                        : (coil ? saturationCurrent_a(amperes(i)) : resistorRating_w(programme(i), sine(i), margins));
    }
    std::vector<Warning> warnings = netlist->warnings;
    warnOfClipping(warnings, in.number("crestFactor_db"));
    return Answer<CalcResults>{CalcResults()
                                   .set("part", std::move(names))
                                   .set("voltage_v", volts)
                                   .set("current_a", amperes)
                                   .set("sinePower_w", sine)
                                   .set("sineAt_hz", sineAt)
                                   .set("programmePower_w", programme)
                                   .set("leastRating", rating),
                               std::move(warnings)};
}

Outcome<CalcResults> netlistModel(const CalcArguments& in)
{
    auto netlist = netlistOf(in);
    if (!netlist) return tl::unexpected(netlist.error());
    const Network& network = netlist->value.network;
    std::vector<std::string> names;
    Eigen::ArrayXd values(static_cast<Eigen::Index>(network.elements.size()));
    for (const NetworkElement& element : network.elements) {
        values(static_cast<Eigen::Index>(names.size())) = element.value;
        names.push_back(element.name);
    }
    std::ostringstream out;
    writeNetlist(out, netlist->value);
    return Answer<CalcResults>{CalcResults()
                                   .set("title", netlist->value.title)
                                   .set("element", std::move(names))
                                   .set("value", values)
                                   .set("node", std::vector(network.nodeNames.begin() + 1, network.nodeNames.end()))
                                   .set("text", out.str()),
                               netlist->warnings};
}

}  // namespace

void addNetworkModels(std::vector<CalcModel>& models)
{
    const CalcInput netlist = textInput("netlist").meaning("the text, or @file on the command line");
    const CalcInput frequencies =
        positive("frequency_hz").list().maybe().meaning("the 481 points of the grid if left out");
    models.push_back({"B1",
                      "network",
                      "voltages of any linear network, and the load its source sees",
                      "modified nodal analysis, Y x = b",
                      {netlist, frequencies, textInput("node").maybe()},
                      {"frequency_hz", "node", "voltage_v", "level_db", "phase_deg", "input_ohm", "inputMagnitude_ohm"},
                      networkModel});
    models.push_back({"B7",
                      "tolerance",
                      "what the tolerance of parts does to a voltage: all corners, random draws, slope per 1 %",
                      "corners 2^m; value = nominal (1 + tol (2u - 1)), u from splitmix64",
                      {netlist, textInput("node"), positive("frequency_hz").list(),
                       textInput("parts").meaning("names with commas: C1,L1,C2"),
                       within("tolerance", 0.0, 0.5).list().meaning("+- share, one a part"),
                       within("seed", 0.0, 9007199254740992.0).counted().orElse(1.0),
                       within("draws", 2.0, 100000.0).counted().orElse(2000.0)},
                      {"nominal_db", "lowest_db", "highest_db", "low_db", "median_db", "high_db", "slope_db"},
                      toleranceModel});
    models.push_back({"B10",
                      "part-stress",
                      "what every part of a network has to bear, and the least rating to buy",
                      "P = |V_R|^2/R; programme mean 2/10^(CF/10) integral(w p dln f)/integral(w dln f)",
                      {netlist, positive("source_v"), frequencies,
                       within("crestFactor_db", 0.0, 60.0).orElse(PracticeKey::CrestFactor_db)},
                      {"part", "voltage_v", "current_a", "sinePower_w", "sineAt_hz", "programmePower_w", "leastRating"},
                      stressModel});
    models.push_back({"B11",
                      "netlist",
                      "a netlist read and written again",
                      "R, L, C, V, I, E, G; t g meg k m u n p f mil",
                      {netlist},
                      {"title", "element", "value", "node", "text"},
                      netlistModel});
}

}  // namespace core
