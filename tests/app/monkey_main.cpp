// The monkey by hand: SECONDS [SEED]. Ends with what it broke, or says how much it did.
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <cstdio>
#include <cstdlib>

#include "app/theme/theme.h"
#include "tests/app/monkey.h"

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    const double seconds = argc > 1 ? std::atof(argv[1]) : 60.0;
    unsigned seed = argc > 2 ? static_cast<unsigned>(std::atoi(argv[2])) : 1;
    QElapsedTimer clock;
    clock.start();
    long steps = 0, sequences = 0;
    std::map<std::string, int> edits;
    const auto isOver = [&] { return static_cast<double>(clock.elapsed()) >= 1000.0 * seconds; };
    while (!isOver()) {
        std::fprintf(stderr, "seed %u\n", seed);  // of what may be the last thing it says
        app::Theme theme(application);
        tests::WindowDriver driver(theme);
        tests::Monkey monkey(driver, seed);
        for (int sequence = 0; sequence < 20 && !isOver(); ++sequence, ++sequences) {
            for (int step = 0; step < 12; ++step, ++steps) monkey.step();
            if (const std::string broken = monkey.brokenIdentity(); !broken.empty()) {
                std::printf("seed %u, sequence %d: %s\n", seed, sequence, broken.c_str());
                return 1;
            }
        }
        for (const auto& [name, count] : monkey.edits()) edits[name] += count;
        ++seed;
    }
    long made = 0;
    for (const auto& [name, count] : edits) made += count;
    std::printf(
        "%ld steps, %ld sequences undone, done again, saved, read and kept aside, %ld edits of %zu names; next seed "
        "%u\n",
        steps, sequences, made, edits.size(), seed);
    return 0;
}
