// Writes what each target begins with: FOLDER/TARGET/0, 1, ...
#include <filesystem>
#include <fstream>

#include "tests/fuzz/targets.h"

int main(int argc, char** argv)
{
    if (argc != 2) return 2;
    for (const fuzz::Target& target : fuzz::targets()) {
        const std::filesystem::path folder = std::filesystem::path(argv[1]) / target.name;
        std::filesystem::create_directories(folder);
        int number = 0;
        for (const std::string& text : fuzz::corpusOf(target.name))
            std::ofstream(folder / std::to_string(number++), std::ios::binary) << text;
    }
    return 0;
}
