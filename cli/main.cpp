#include <CLI/CLI.hpp>
#include <QGuiApplication>
#include <algorithm>
#include <iostream>
#include <memory>
#include <string>
#include <vector>

#include "cli/add_command.h"
#include "cli/bands_command.h"
#include "cli/calc_command.h"
#include "cli/commands.h"
#include "cli/intake_command.h"
#include "cli/job_command.h"
#include "cli/plan_input.h"
#include "cli/settings_command.h"
#include "cli/shelf_commands.h"
#include "cli/solver_commands.h"
#include "cli/split_command.h"
#include "cli/survey_commands.h"
#include "core/base/utf8.h"
#include "words/language.h"

namespace {

// Sentences want it for their plurals, paper for its letters: that takes longer to start.
std::unique_ptr<QCoreApplication> makeApplication(int& argc, char** argv, bool draws)
{
    if (!draws) return std::make_unique<QCoreApplication>(argc, argv);
    qputenv("QT_QPA_PLATFORM", "offscreen");
    return std::make_unique<QGuiApplication>(argc, argv);
}

}  // namespace

int main(int argc, char** argv)
{
    CLI::App app{"Golden Reed without a screen: plans of car audio upgrades, computed and judged."};
    app.require_subcommand(1);
    bool json = false;
    std::string file;
    std::string text;
    std::string stage = "goal";
    bool trouble = false;
    int code = 0;
    cli::JobRequest card;
    const auto command = [&](const char* name, const char* help, auto run) {
        CLI::App* sub = app.add_subcommand(name, help);
        sub->add_flag("--json", json, "answer as JSON, values with their units");
        sub->callback([&, run, drawn = std::string_view(name) == "template"] {
            const auto application = makeApplication(argc, argv, card.pdf || drawn);
            const words::Speaker speaker(words::languages().front().code);  // what scripts read stays as it is
            code = run();
        });
        return sub;
    };
    cli::EvaluateRequest evaluation;
    CLI::App* evaluate = command("evaluate", "what follows from a plan, before and after", [&] {
        evaluation.json = json;
        return cli::evaluatePlan(evaluation);
    });
    evaluate->add_option("PLAN", evaluation.plan, "a .reed file")->required();
    evaluate
        ->add_flag("--csv", evaluation.csv, "the curves instead: loads, coil volts, travel and levels over frequency")
        ->excludes("--json");
    evaluate->add_flag("--spread", evaluation.spread, "and what the values that nobody measured could do");
    evaluate->add_option("--stage", evaluation.stage, "the stage to hold against what was found: its id or its name");
    command("check", "findings of a plan; exit 0 no Stop, 1 a Stop, 2 could not read it",
            [&] { return cli::checkPlan(file, json); })
        ->add_option("PLAN", file, "a .reed file")
        ->required();
    command("slate", "a quick answer: \"68 uF 4 ohm\", \"50 W 4 ohm\", \"4 ohm || 8 ohm\"",
            [&] { return cli::answerSlate(text, json); })
        ->add_option("TEXT", text, "the line")
        ->required();
    command("schema", "the JSON schema of a plan", [&] { return cli::printSchema(json); });
    cli::CalcRequest request;
    CLI::App* calc = command("calc", "run a model of the physics on its own; alone: list them all", [&] {
        request.json = json;
        return cli::calc(request);
    });
    calc->add_option("MODEL", request.model, "plain name (fuse) or section (A13)");
    calc->add_option("INPUTS", request.inputs, "name=value: 4, [4,8,2], 3.3+2.2j, @file for a text");
    calc->add_option("--in", request.file, "a JSON object of inputs");
    calc->add_option("--spread", request.spread, "name=relative uncertainty of an input, for that of the results");
    CLI::App* demo = command("demo", "write the demo plan", [&] { return cli::writeDemo(file, trouble, json); });
    demo->add_option("-o,--output", file, "the file to write")->required();
    demo->add_flag("--trouble", trouble, "the second plan, in which somebody bought the wrong drivers");
    CLI::App* netlist = command("netlist", "one channel of a plan as a netlist",
                                [&] { return cli::printNetlist(file, text, stage, json); });
    netlist->add_option("PLAN", file, "a .reed file")->required();
    netlist->add_option("CHANNEL", text, "such as d10.RL")->required();
    netlist->add_option("--stage", stage, "its id or its name; goal");
    std::string output;
    CLI::App* sheet = command("sheet", "the vehicle of a plan as a sheet, for the next one of its kind",
                              [&] { return cli::writeSheet(file, output, json); });
    sheet->add_option("PLAN", file, "a .reed file")->required();
    sheet->add_option("-o,--output", output, "the file to write")->required();
    CLI::App* start = command("start", "a new plan from a vehicle sheet, every value to be confirmed",
                              [&] { return cli::startFromSheet(file, text, output, json); });
    start->add_option("SHEET", file, "a .reed file")->required();
    start->add_option("--customer", text, "whose vehicle it is");
    start->add_option("-o,--output", output, "the file to write")->required();
    std::string device;
    CLI::App* unplug = command("unplug", "what goes quiet with one plug off, and what the amplifier then sees",
                               [&] { return cli::unplugDevice(file, device, text, stage, json); });
    unplug->add_option("PLAN", file, "a .reed file")->required();
    unplug->add_option("DEVICE", device, "such as d12")->required();
    unplug->add_option("CONNECTOR", text, "the plug's name, where it has several");
    unplug->add_option("--stage", stage, "its id or its name; goal");
    cli::AddRequest addition;
    CLI::App* add = command("add", "speakers or an amplifier added as planned; before stays as it was found", [&] {
        addition.json = json;
        return cli::addPlanned(addition);
    });
    add->add_option("PLAN", addition.plan, "a .reed file")->required();
    add->add_option("-o,--output", addition.output, "the file to write")->required();
    add->add_option("--spot", addition.spot, "a usual spot of the vehicle, such as \"front door\"");
    add->add_option("--driver", addition.driver, "a key of the shelf; without it what is usual there");
    add->add_option("--channel", addition.channel, "what feeds it, such as d10.FL");
    add->add_option("--on-from", addition.onFrom, "the driver from whose terminals it goes on, such as d12");
    add->add_option("--capacitor", addition.capacitance_f, "farads in its lead");
    add->add_option("--set", addition.set, "a set of the shelf: woofers, tweeters and networks; with --as");
    add->add_option("--network", addition.network, "a two-way network of the shelf; with --as");
    add->add_option("--as", addition.as, "the driver whose role the set's woofer takes, or the network's, such as d12");
    add->add_option("--supply", addition.supply,
                    "the source that --fuse feeds, such as d21; without it the --amplifier");
    add->add_option("--fuse", addition.fuse, "a fuse of the shelf, near the battery");
    add->add_option("--to", addition.to, "the driver that a new cable goes to, such as d12");
    add->add_option("--cable-area", addition.cableArea_m2, "m2 of each core of it, such as 2.5e-6");
    add->add_option("--cable-length", addition.cableLength_m, "m of it, one way");
    add->add_option("--amplifier", addition.amplifier, "a key of the shelf");
    CLI::App* fresh = command("new", "an empty job on a vehicle of which only the kind is known",
                              [&] { return cli::newPlanOf(text, output, json); });
    fresh->add_option("KIND", text, "such as estate, pickup, motorcycle")->required();
    fresh->add_option("-o,--output", output, "the file to write")->required();
    command("inventory", "every driver with its place, channel, colours and band, and what is still open",
            [&] { return cli::printInventory(file, json); })
        ->add_option("PLAN", file, "a .reed file")
        ->required();
    command("continuity", "what an ohmmeter at the source's plug should read before anything is ordered",
            [&] { return cli::printContinuity(file, json); })
        ->add_option("PLAN", file, "a .reed file")
        ->required();
    CLI::App* pins = command("pins", "the pins of a source, each with its wire's colour and how it was proved; CSV",
                             [&] { return cli::printPins(file, device, json); });
    pins->add_option("PLAN", file, "a .reed file")->required();
    pins->add_option("DEVICE", device, "a radio or an amplifier, such as d10")->required();
    CLI::App* job = command("job", "the job card: steps, wiring and parts, as the window writes them", [&] {
        card.json = json;
        return cli::writeJob(card);
    });
    job->add_option("PLAN", card.plan, "a .reed file")->required();
    auto* pdf = job->add_flag("--pdf", card.pdf, "one PDF");
    job->add_flag("--csv", card.csv, "three tables, named after the output")->excludes(pdf);
    job->add_flag("--letter", card.letter, "on letter paper instead of A4");
    job->add_option("-o,--output", card.output, "the file to write");
    std::string seat;
    CLI::App* remedies = command("remedies", "what would help against a complaint, each with what it changes",
                                 [&] { return cli::printRemedies(file, text, seat, json); });
    remedies->add_option("PLAN", file, "a .reed file")->required();
    remedies->add_option("COMPLAINT", text, "such as dull, thin, noBass, notLoud")->required();
    remedies->add_option("--seat", seat, "whose ears: driver, frontPassenger, e5");
    cli::IntakeRequest intake;
    CLI::App* import =
        command("import", "take a file into a plan or onto the shelf: pins, measured responses, parts", [&] {
            intake.json = json;
            return cli::takeIn(intake);
        });
    import->add_option("FILE", intake.file, "what is taken in")->required();
    import->add_option("--plan", intake.plan, "the .reed file that takes it; without it the shelf does");
    import->add_option("--as", intake.as,
                       "its kind, such as shelf, pins, response; without it by its ending and first line");
    import->add_option("--onto", intake.onto, "the device it is of, such as d10");
    import->add_option("-o,--output", intake.output, "the file to write")->required();
    command("shelf", "read a shelf of parts; exit 0 all good, 1 some lines are not, 2 could not read it",
            [&] { return cli::checkShelf(file, json); })
        ->add_option("CSV", file, "a .csv file")
        ->required();
    cli::RankRequest rank;
    CLI::App* ranks = command("rank", "the drivers of a shelf for one place, best first, with every lost point", [&] {
        rank.json = json;
        return cli::rankForPlace(rank);
    });
    ranks->add_option("PLAN", rank.plan, "a .reed file")->required();
    ranks->add_option("DEVICE", rank.device, "the driver's role, such as d12")->required();
    ranks->add_option("--shelf", rank.shelf, "a .csv file instead of the shelf that ships");
    ranks->add_option("--count", rank.count, "so many of the best")->check(CLI::Range(1, 100000));
    ranks->add_flag("--other-kinds", rank.otherKinds, "also drivers that are made for another part of the sound");
    ranks->add_flag("--no-cutting", rank.noCutting, "only what leaves the vehicle whole");
    cli::SolverRequest solver;
    const auto solves = [&](const char* name, const char* help, int (*run)(const cli::SolverRequest&)) {
        CLI::App* sub = command(name, help, [&solver, &json, run] {
            solver.json = json;
            return run(solver);
        });
        sub->add_option("PLAN", solver.plan, "a .reed file")->required();
        sub->add_option("--seat", solver.seats, "whose ears: driver, frontPassenger, e5");
        sub->add_option("-o,--output", solver.output, "where to write the plan with the answer in it");
        return sub;
    };
    solves("align", "delays, levels and polarity for one seat, or the best compromise for two", cli::alignPlan);
    CLI::App* surfaces = command("surfaces", "what a driver can be put on in this kind of vehicle, and what is behind", [&] {
        solver.json = json;
        return cli::listSurfaces(solver);
    });
    surfaces->add_option("PLAN", solver.plan, "a .reed file")->required();
    CLI::App* spots = solves("spots", "a map of better spots for a driver and its twin", cli::mapPlanSpots);
    spots->add_option("DEVICE", solver.device, "the driver, such as d12")->required();
    spots->add_option("--count", solver.count, "about so many spots")->check(CLI::Range(1, 100000));
    CLI::App* outline = command("template", "a driver's hole at 1:1, both sides, from the edges it is measured from", [&] {
        solver.json = json;
        return cli::writeTemplate(solver);
    });
    outline->add_option("PLAN", solver.plan, "a .reed file")->required();
    outline->add_option("DEVICE", solver.device, "the driver, such as d12")->required();
    outline->add_option("-o,--output", solver.output, "the file to write: .svg or .pdf")->required();
    cli::SplitRequest split;
    CLI::App* splits =
        command("splits", "three crossovers that differ in kind: nothing new, one part, the most even", [&] {
            split.json = json;
            return cli::findSplits(split);
        });
    splits->add_option("PLAN", split.plan, "a .reed file")->required();
    splits->add_option("TWEETER", split.tweeter,
                       "the driver that takes over, such as d13; without it those of one side");
    splits->add_option("--seat", split.seats, "whose ears: driver, frontPassenger, e5");
    splits->add_option("--slope", split.slope_db, "of the target in dB an octave, such as -1: falling to the highs")
        ->check(CLI::Range(-6.0, 6.0));
    splits->add_option("--target", split.target,
                       "a curve file that the sum is to come near; with -o the plan keeps it");
    splits->add_option("-o,--output", split.output, "where to write the plan with an answer in it");
    splits->add_option("--answer", split.answer, "which answer that is: even, fewest, oneCorner, standing");
    cli::SettingsRequest settings;
    CLI::App* processor = command("settings", "what is typed into a processor, a row a channel, as CSV", [&] {
        settings.json = json;
        return cli::printSettings(settings);
    });
    processor->add_option("PLAN", settings.plan, "a .reed file")->required();
    processor->add_flag("--csv", settings.csv, "as CSV, which it is without --json");
    cli::BandsRequest bands;
    CLI::App* bandplan = command("bandplan", "who plays what: bands, gaps, overlaps, what a subwoofer relieves", [&] {
        bands.json = json;
        return cli::printBands(bands);
    });
    bandplan->add_option("PLAN", bands.plan, "a .reed file")->required();
    bandplan->add_option("--seat", bands.seats, "whose ears: driver, frontPassenger, e5")->expected(1);
    const std::vector<std::string> arguments(argv, argv + argc);
    const bool asJson = std::find(arguments.begin(), arguments.end(), "--json") != arguments.end();
    for (size_t i = 1; i < arguments.size(); ++i)
        if (!core::isUtf8(arguments[i]))
            return cli::report(
                {"argument " + std::to_string(i), core::beginningOf(arguments[i], 40), "is not UTF-8 text"}, asJson);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        const bool asked = error.get_exit_code() == 0;  // for help
        if (!asked && asJson) return cli::report({"golden-reed-cli", {}, error.what()}, true);
        code = app.exit(error) == 0 ? cli::kDone : cli::kUnreadable;
    }
    std::cout.flush();
    if (std::cout) return code;
    return cli::report({"the answer", {}, "could not be written"}, false);
}
