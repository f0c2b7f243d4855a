#include "core/intake/importer.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/edits/curve_edits.h"
#include "core/edits/set_figure.h"
#include "core/edits/source_edits.h"
#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"
#include "core/io/atomic_file.h"
#include "core/io/csv.h"
#include "core/io/curve_file.h"
#include "core/io/pin_file.h"
#include "core/io/shelf_file.h"
#include "core/physics/impedance_fit.h"

namespace core {
namespace {

// The first line has all of these as cells.
bool hasHeadings(std::string_view text, std::initializer_list<std::string_view> wanted)
{
    const std::string_view line = withoutByteOrderMark(text).substr(0, text.find_first_of("\r\n"));
    const auto rows = readCsv(line, {});
    if (!rows || rows->empty()) return false;
    const std::vector<std::string>& cells = rows->front().cells;
    return std::all_of(wanted.begin(), wanted.end(), [&](std::string_view heading) {
        return std::find(cells.begin(), cells.end(), heading) != cells.end();
    });
}

bool isShelf(std::string_view text)
{
    return hasHeadings(text, {"key", "name"});
}

Result<Intake> takeShelf(std::string_view text, const std::string& file, const IntakeTarget&, const Shop& shop)
{
    auto read = readShelf(text, file, shop.practice);
    if (!read) return tl::unexpected(read.error());
    Intake intake{.rows = read->shelf.parts.size(), .errors = std::move(read->errors)};
    intake.gives = std::move(read->shelf);
    return intake;
}

bool isPinTable(std::string_view text)
{
    return hasHeadings(text, {"terminal"});
}

Result<Intake> takePins(std::string_view text, const std::string& file, const IntakeTarget& target, const Shop&)
{
    auto read = readPins(std::string(text), file);
    if (!read) return tl::unexpected(read.error());
    const Fitout fitout = resolve(*target.plan, target.stage);
    const Part& source = partOf(fitout, target.device);
    Intake intake{.rows = read->rows.size(), .passedOver = read->unknown, .errors = read->errors};
    for (const PinRow& row : read->rows)
        if (!source.terminals.contains(row.terminal)) intake.homeless.push_back(row.terminal);
    intake.rows -= intake.homeless.size();
    intake.gives = notePins(*target.plan, target.stage, target.device, read->rows);
    return intake;
}

// Whatever has the ending: lines of numbers have no heading to be known by.
bool anyText(std::string_view)
{
    return true;
}

bool isDriver(const Part& part)
{
    return part.kind == PartKind::Driver && !firstOf(part, ElementKind::Coil).empty();
}

std::pair<double, double> bandOf(const MeasuredCurve& curve)
{
    return {curve.frequency_hz(0), curve.frequency_hz(curve.frequency_hz.size() - 1)};
}

Result<Intake> takeResponse(std::string_view text, const std::string& file, const IntakeTarget& target, const Shop&)
{
    const auto read = readCurveFile(text, CurveFileKind::Response, file);
    if (!read) return tl::unexpected(read.error());
    const MeasuredCurve& measured = read->curve;
    Curve curve{.kind = CurveKind::Response, .name = file};
    curve.frequency_hz.assign(measured.frequency_hz.begin(), measured.frequency_hz.end());
    curve.level_db.assign(measured.magnitude.begin(), measured.magnitude.end());
    if (measured.hasPhase) curve.phase_deg.assign(measured.phase_deg.begin(), measured.phase_deg.end());
    Intake intake{.rows = curve.frequency_hz.size(), .band_hz = bandOf(measured), .warnings = read->warnings};
    intake.warnings.push_back({WarningKind::AsOnASheet, {}});
    const Fitout fitout = resolve(*target.plan, target.stage);
    const std::string coil = firstOf(partOf(fitout, target.device), ElementKind::Coil);
    intake.gives = setResponse(*target.plan, target.stage, {target.device, coil}, curve);
    return intake;
}

// Of two nobody could tell how they were joined when it was measured.
bool hasOneCoil(const Part& part)
{
    return isDriver(part) && coilsOfCone(part, firstOf(part, ElementKind::Coil)).size() == 1;
}

std::string whyNotFitted(ErrorCode code)
{
    switch (code) {
        case ErrorCode::NoResonance:
            return "shows no resonance; sweep from a quarter of it to twenty times it, in free air";
        case ErrorCode::MultipleResonances:
            return "shows more than one resonance; measure the speaker out of its box, in free air";
        case ErrorCode::Underdetermined:
            return "has too few points about its resonance; five are the least";
        default:
            return "cannot be the impedance of a speaker; ohms over hertz are expected";
    }
}

// Re, Le, fs, Qms and Qes by least squares, known from then on as measured.
Result<Intake> takeImpedance(std::string_view text, const std::string& file, const IntakeTarget& target,
                             const Shop& shop)
{
    const auto read = readCurveFile(text, CurveFileKind::Impedance, file);
    if (!read) return tl::unexpected(read.error());
    const Fitout fitout = resolve(*target.plan, target.stage);
    Part part = partOf(fitout, target.device);
    const std::string coil = firstOf(part, ElementKind::Coil);
    // Where the fit begins: no impedance lies under its own direct resistance.
    const double re_ohm = std::min(complete(part, coil, shop.practice).at(Quantity::Re_ohm).value,
                                   read->curve.magnitude.minCoeff());
    const auto fit = fitImpedance(read->curve, re_ohm, CoilModel::Inductance);
    if (!fit) return tl::unexpected(InputError{file, {}, whyNotFitted(fit.error().code)});
    const DriverParameters& found = fit->value.parameters;
    for (const auto& [what, value] : {std::pair{Quantity::Re_ohm, found.re_ohm},
                                      {Quantity::Le_h, found.le_h},
                                      {Quantity::Fs_hz, found.fs_hz},
                                      {Quantity::Qms, found.qms},
                                      {Quantity::Qes, found.qes}}) {
        if (!allows(what, value))
            return tl::unexpected(InputError{file, std::string(row(what).key),
                                             fmt::format("comes out as {:.4g}, {}; is it the impedance of this speaker?",
                                                         value, core::allowedText(what))});
        part.inside.at(coil).figures.erase(what);
        part.figures[what] = Known{value, {Origin::Measured}};
    }
    Intake intake{.rows = static_cast<size_t>(read->curve.frequency_hz.size()),
                  .band_hz = bandOf(read->curve),
                  .warnings = read->warnings};
    intake.warnings.insert(intake.warnings.end(), fit->warnings.begin(), fit->warnings.end());
    intake.warnings.push_back({WarningKind::AsInFreeAir, {}});
    Edit edit = changePlayed(*target.plan, target.stage, target.device, part, true);
    edit.name = EditName::TakeReading;
    intake.gives = std::move(edit);
    return intake;
}

bool hasEnding(const Importer& importer, std::string_view file)
{
    const size_t dot = file.rfind('.');
    if (dot == std::string_view::npos || dot + 1 == file.size()) return false;
    std::string ending(file.substr(dot + 1));
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; });
    const std::string all = " " + std::string(importer.endings) + " ";
    return all.find(" " + ending + " ") != std::string::npos;
}

}  // namespace

std::span<const Importer> importers()
{
    static constexpr Importer kImporters[] = {
        {"shelf", "csv", isShelf, nullptr, takeShelf},
        {"pins", "csv", isPinTable, isSource, takePins},
        {"response", "frd txt", anyText, isDriver, takeResponse},
        {"impedance", "zma", anyText, hasOneCoil, takeImpedance},
    };
    return kImporters;
}

const Importer* importerByKey(std::string_view key)
{
    for (const Importer& importer : importers())
        if (importer.key == key) return &importer;
    return nullptr;
}

const Importer* importerFor(std::string_view file, std::string_view text)
{
    for (const Importer& importer : importers())
        if (hasEnding(importer, file) && importer.looksLikeIt(text)) return &importer;
    return nullptr;
}

Result<Intake> takeFile(const Importer& importer, const std::string& path, const std::string& name,
                        const IntakeTarget& target, const Shop& shop)
{
    const auto text = readWholeFile(path);
    if (!text) return tl::unexpected(InputError{name, {}, text.error().message});
    return importer.read(*text, name, target, shop);
}

std::vector<DeviceId> targetsOf(const Importer& importer, const Fitout& fitout)
{
    std::vector<DeviceId> targets;
    if (!importer.mayGoOnto) return targets;
    for (const auto& [id, device] : fitout.devices)
        if (importer.mayGoOnto(fitout.parts.at(device.part))) targets.push_back(id);
    return targets;
}

}  // namespace core
