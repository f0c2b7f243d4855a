// The fuzz targets without a fuzzer: on what they begin with, on what was once found, and on a few damages of each that
// are drawn anew. `tools/fuzz TARGET SECONDS` looks further.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <filesystem>
#include <fstream>
#include <sstream>

#include "tests/fuzz/targets.h"

namespace {

const fuzz::Target& drawn()
{
    const auto all = fuzz::targets();
    return all[*rc::gen::inRange<size_t>(0, all.size())];
}

TEST(Fuzz, EveryTargetTakesWhatItBeginsWith)
{
    for (const fuzz::Target& target : fuzz::targets()) {
        const auto corpus = fuzz::corpusOf(target.name);
        EXPECT_FALSE(corpus.empty()) << target.name;
        for (const std::string& text : corpus) target.run(text);
        target.run("");
    }
}

// tests/data/found/TARGET-what: each ended the program once.
TEST(Fuzz, NothingThatWasFoundBreaksItAgain)
{
    int replayed = 0;
    for (const auto& entry : std::filesystem::directory_iterator(TEST_FOLDER "/data/found")) {
        const std::string name = entry.path().filename().string();
        std::ifstream in(entry.path(), std::ios::binary);
        std::ostringstream text;
        text << in.rdbuf();
        for (const fuzz::Target& target : fuzz::targets())
            if (name.starts_with(std::string(target.name) + "-")) {
                target.run(text.str());
                ++replayed;
            }
    }
    EXPECT_GT(replayed, 0);
}

// Bytes that mean something in these files stand where others stood, or a piece stands twice or is gone.
RC_GTEST_PROP(FuzzLaw, ADamageIsAnErrorOrAnotherFile, ())
{
    const fuzz::Target& target = drawn();
    const auto corpus = fuzz::corpusOf(target.name);
    std::string text = *rc::gen::elementOf(corpus);
    const int damages = *rc::gen::inRange(1, 5);
    for (int i = 0; i < damages && !text.empty(); ++i) {
        const size_t at = *rc::gen::inRange<size_t>(0, text.size());
        const size_t count = std::min(*rc::gen::inRange<size_t>(1, 12), text.size() - at);
        switch (*rc::gen::inRange(0, 4)) {
            case 0:
                text[at] = static_cast<char>(*rc::gen::inRange(0, 256));
                break;
            case 1:
                text[at] = *rc::gen::elementOf(std::string("0192-+eE.,:;{}[]\"'/\\=@#\n\r\t "));
                break;
            case 2:
                text.erase(at, count);
                break;
            default:
                text.insert(at, text.substr(at, count));
        }
    }
    RC_LOG() << target.name << ":\n" << text;
    target.run(text);
}

}  // namespace
