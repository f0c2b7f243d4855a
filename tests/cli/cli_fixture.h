#pragma once

#include <gtest/gtest.h>
#include <unistd.h>

#include <array>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <string>

// The command line as others call it, with two small plans in a folder of the test's own, and the demos as they ship.
namespace tests {

namespace fs = std::filesystem;
using Json = nlohmann::json;

struct Ran {
    int code = -1;
    std::string out{};
    [[nodiscard]] Json json() const { return Json::parse(out); }
};

inline Ran runShell(const std::string& command)
{
    Ran ran;
    FILE* pipe = ::popen(command.c_str(), "r");
    EXPECT_NE(pipe, nullptr);
    std::array<char, 4096> buffer{};
    for (size_t got = 0; (got = std::fread(buffer.data(), 1, buffer.size(), pipe)) > 0;)
        ran.out.append(buffer.data(), got);
    ran.code = WEXITSTATUS(::pclose(pipe));
    return ran;
}

// Both streams, or what a machine reads: the output alone.
inline Ran run(const std::string& arguments, const char* errors = "2>&1")
{
    return runShell(std::string(CLI_PROGRAM) + " " + arguments + " " + errors);
}

class Cli : public testing::Test {
protected:
    void SetUp() override
    {
        fs::create_directories(m_folder);
        fs::copy_file(TEST_FOLDER "/data/plans/quarter-pair.reed", file("demo.reed"));
        fs::copy_file(TEST_FOLDER "/data/plans/quarter-trouble.reed", file("trouble.reed"));
        ASSERT_EQ(run("demo -o " + file("shipped.reed")).code, 0);
        ASSERT_EQ(run("demo --trouble -o " + file("shipped-trouble.reed")).code, 0);
    }
    void TearDown() override { fs::remove_all(m_folder); }
    [[nodiscard]] std::string file(const std::string& name) const { return (m_folder / name).string(); }
    void write(const std::string& name, const std::string& text) const { std::ofstream(file(name)) << text; }

private:
    fs::path m_folder = fs::temp_directory_path() / ("golden-reed-cli-" + std::to_string(::getpid()));
};

}  // namespace tests
