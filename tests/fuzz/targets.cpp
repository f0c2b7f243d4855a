#include "tests/fuzz/targets.h"

#include <QSettings>
#include <QTemporaryDir>
#include <algorithm>
#include <array>
#include <filesystem>
#include <fstream>
#include <sstream>
#include <stdexcept>

#include "app/session/recovery.h"
#include "app/session/shop_settings.h"
#include "cli/calc_json.h"
#include "core/calc/calc_model.h"
#include "core/design/align.h"
#include "core/design/rank_drivers.h"
#include "core/design/remedies.h"
#include "core/design/spots.h"
#include "core/edits/vehicle_sheet.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/curve_file.h"
#include "core/io/pin_file.h"
#include "core/io/plan_file.h"
#include "core/io/shelf_file.h"
#include "core/io/shop.h"
#include "core/io/strict_json.h"
#include "core/judgement/judge.h"
#include "core/judgement/measure_next.h"
#include "core/model/names.h"
#include "core/netlist/netlist_file.h"
#include "core/shipped/shipped.h"
#include "core/slate/slate.h"
#include "core/spread/widen.h"
#include "words/finding_words.h"

namespace fuzz {
namespace {

using namespace core;
namespace fs = std::filesystem;

const Shop& shop()
{
    static const Shop kShop = shippedShop();
    return kShop;
}

// Thrown to the end, where a fuzzer takes it for a crash and a test says what it was.
void require(bool holds, const char* what)
{
    if (!holds) throw std::logic_error(std::string("broken law: ") + what);
}

// A plan that was read can be written, and is the same when it is read again.
std::optional<Document> readTwice(const std::string& text)
{
    const auto document = readPlanText(text, "fuzz.reed");
    if (!document) {
        require(!document.error().message.empty(), "an error says what is wrong");
        return std::nullopt;
    }
    const auto again = readPlanText(planText(*document), "again.reed");
    require(again.has_value(), "a plan that was read can be read again");
    require(again->plan == document->plan, "a plan is the same when it is read again");
    return *document;
}

void plan(const std::string& text)
{
    static_cast<void>(readTwice(text));
}

// So large that it only takes long is no find.
bool isSmall(const Plan& plan)
{
    size_t inside = 0;
    for (const auto& [id, part] : plan.parts) inside += part.inside.size();
    return plan.devices.size() <= 40 && inside <= 120 && plan.surfaces.size() <= 12 && plan.listeners.size() <= 4;
}

// Everything the program does with a plan of its own accord; what takes a second only for one in many.
void whole(const std::string& text)
{
    const auto document = readTwice(text);
    if (!document || !isSmall(document->plan)) return;
    const Plan& read = document->plan;
    Evaluation evaluation = evaluateJob(read, shop().practice);
    static_cast<void>(planJob(read, kFound, read.job.goal, evaluation));
    const size_t turn = std::hash<std::string>()(text) % 64;
    if (turn == 0) evaluation = widen(std::move(evaluation));
    const std::vector<Finding> findings = judge(read, evaluation);
    static_cast<void>(measureNext(read, evaluation, findings));
    for (const Finding& finding : findings) static_cast<void>(words::textOf(finding));
    if (read.listeners.empty()) return;
    const ListenerId listener = read.listeners.begin()->first;
    const StageResult& goal = *evaluation.stages.at(read.job.goal);
    for (const auto& [id, device] : goal.used.devices) {
        if (partOf(goal.used, id).kind != PartKind::Driver) continue;
        if (turn == 1) static_cast<void>(rankDrivers(read, shop().shelf, id, evaluation));
        if (turn == 2) static_cast<void>(mapSpots(goal, shop().practice, {.device = id, .count = 30}));
        break;
    }
    if (turn == 3) static_cast<void>(align(read, shop().practice, std::array{listener}));
    if (turn == 4)
        static_cast<void>(
            remedies(read, shop().practice, shop().shelf, shop().vehicles, evaluation, Complaint::Dull, listener));
}

void sheet(const std::string& text)
{
    const auto document = readTwice(text);
    if (!document) return;
    const Plan sheetOf = vehicleSheet(document->plan);
    static_cast<void>(readTwice(planText({sheetOf, {}})).value());
    static_cast<void>(readTwice(planText({planFromSheet(sheetOf, "somebody"), {}})).value());
}

void shelf(const std::string& text)
{
    const auto read = readShelf(text, "fuzz.csv", shop().practice);
    if (!read) return;
    std::ostringstream out;
    writeShelf(out, read->shelf, read->rest);
    const auto again = readShelf(out.str(), "again.csv", shop().practice);
    require(again.has_value(), "a shelf that was read can be read again");
    require(again->shelf == read->shelf, "a shelf is the same when it is read again");
    require(again->errors.size() == read->errors.size(), "no bad line is lost");
}

void pins(const std::string& text)
{
    const auto read = readPins(text, "fuzz.csv");
    if (!read) return;
    std::ostringstream out;
    writePins(out, read->rows);
    const auto again = readPins(out.str(), "again.csv");
    require(again && again->rows == read->rows, "pins are the same when they are read again");
}

void netlist(const std::string& text)
{
    const auto read = readNetlist(text, "fuzz.cir");
    if (!read || read->network.elements.size() > 100) return;
    // Written it has a source, if it had none: so it is only from then on the same.
    const auto asWritten = [](const Netlist& one) {
        std::ostringstream out;
        writeNetlist(out, one);
        auto again = readNetlist(out.str(), "again.cir");
        require(again.has_value(), "a netlist that was read can be read again");
        return *again;
    };
    const Netlist written = asWritten(*read);
    require(asWritten(written).network == written.network, "a network is the same when it is read again");
    static_cast<void>(solveNetwork(read->network, Eigen::ArrayXd::LinSpaced(5, 20.0, 20000.0)));
}

void curve(const std::string& text)
{
    for (const CurveFileKind kind : {CurveFileKind::Response, CurveFileKind::Impedance})
        for (const bool comma : {false, true}) {
            const auto read = readCurveFile(text, kind, "fuzz.frd", {.decimalComma = comma});
            if (!read) continue;
            std::ostringstream out;
            writeCurveFile(out, *read);
            require(readCurveFile(out.str(), kind, "again.frd").has_value(), "a curve can be read again");
        }
}

void line(const std::string& text)
{
    const auto answer = slate(text, shop().practice);
    require(answer || !answer.error().message.empty(), "an error says what is wrong");
}

// The name of a model on the first line, then a JSON object of its inputs.
void calcJson(const std::string& text)
{
    const size_t end = std::min(text.find('\n'), text.size());
    const auto json = parseStrict(text.substr(end), "fuzz.json");
    if (!json || !json->is_object()) return;
    std::vector<std::string> names;
    for (const auto& [name, value] : json->items()) names.push_back(name);
    const CalcModel* model = findCalcModel(text.substr(0, end), names);
    if (!model) return;
    std::map<std::string, CalcValue> inputs;
    for (const auto& [name, value] : json->items())
        for (const CalcInput& input : model->inputs)
            if (input.name == name)
                if (auto read = cli::valueFromJson(value, input.kind)) inputs[name] = std::move(*read);
    for (const auto& [name, value] : inputs)
        if (value.numbers.size() > 200) return;
    static_cast<void>(calculate(*model, inputs, shop().practice));
}

fs::path scratch()
{
    static const QTemporaryDir kFolder;
    return kFolder.path().toStdString();
}

void settings(const std::string& text)
{
    const fs::path file = scratch() / "settings.ini";
    std::ofstream(file, std::ios::binary) << text;
    const QSettings read(QString::fromStdString(file.string()), QSettings::IniFormat);
    const app::ShopSettings settings = app::ShopSettings::read(read);
    const std::vector<double> saws = app::sawsOf(settings.saws);
    require(std::is_sorted(saws.begin(), saws.end()), "saws come in rising order");
}

// A file that a dead window is said to have left.
void recovery(const std::string& text)
{
    const app::LostWork work{.file = QString::fromStdString((scratch() / "lost.reed").string())};
    std::ofstream(work.file.toStdString(), std::ios::binary) << text;
    const bool stood = fs::exists(work.file.toStdString());
    const auto taken = app::Recovery::take(work);
    require(stood && fs::exists(work.file.toStdString()) == !taken.has_value(), "what cannot be read stays");
}

std::string fileText(const fs::path& path)
{
    std::ifstream in(path, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    return text.str();
}

std::vector<std::string> filesIn(const fs::path& folder, const char* extension)
{
    std::vector<std::string> texts;
    for (const auto& entry : fs::directory_iterator(folder))
        if (entry.path().extension() == extension) texts.push_back(fileText(entry.path()));
    return texts;
}

// Every model of the physics, each input at one, or as near to it as it may be.
std::vector<std::string> everyModel()
{
    std::vector<std::string> all;
    for (const CalcModel& model : calcModels()) {
        cli::Json inputs = cli::Json::object();
        for (const CalcInput& input : model.inputs) {
            const double one = std::clamp(1.0, input.least, input.greatest);
            switch (input.kind) {
                case CalcKind::Number:
                case CalcKind::Complex:
                    inputs[input.name] = one;
                    break;
                case CalcKind::Numbers:
                case CalcKind::ComplexNumbers:
                    inputs[input.name] = {one, one};
                    break;
                case CalcKind::Flag:
                    inputs[input.name] = true;
                    break;
                case CalcKind::Choice:
                    inputs[input.name] = input.choices.front();
                    break;
                case CalcKind::Text:
                    inputs[input.name] = "R1 a 0 4";
            }
        }
        all.push_back(model.name + "\n" + inputs.dump());
    }
    return all;
}

}  // namespace

std::span<const Target> targets()
{
    static const std::array kTargets{
        Target{"plan", plan},     Target{"whole", whole},       Target{"sheet", sheet},      Target{"shelf", shelf},
        Target{"pins", pins},     Target{"netlist", netlist},   Target{"curve", curve},      Target{"slate", line},
        Target{"calc", calcJson}, Target{"settings", settings}, Target{"recovery", recovery}};
    return kTargets;
}

std::vector<std::string> corpusOf(std::string_view target)
{
    const fs::path data = TEST_FOLDER "/data";
    if (target == "shelf") {
        const std::string all(shippedShelfText());
        return {all.substr(0, all.find('\n', 4000) + 1)};
    }
    if (target == "pins") return {"terminal,plug,pin,colour,known\r\nFL+,main,1,white,measured\r\nFL-,main,2,,\r\n"};
    if (target == "netlist") return filesIn(data, ".cir");
    if (target == "curve") return filesIn(data, ".frd");
    if (target == "slate")
        return {"68 uF 4 ohm",   "4 ohm || 8 ohm + 2", "50 W 4 ohm",    "2/0 awg",
                "3x4 ohm min 2", "5 5/8 in",           "1.2 m vs 0.7 m"};
    if (target == "calc") return everyModel();
    if (target == "settings")
        return {"[shop]\nname=Somebody\nsaws=\"44 51, 60 mm\"\nhourlyRate=50\nmissing=1, 2\n[General]\nzoom=1.25\n"};
    return {std::string(shippedDemoText()), std::string(shippedTroubleText()),
            fileText(data / "plans" / "quarter-pair.reed"), fileText(data / "plans" / "quarter-trouble.reed")};
}

}  // namespace fuzz
