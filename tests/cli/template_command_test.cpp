// A hole at 1:1, measured in the SVG's numbers and in the PDF's units.
#include <fmt/format.h>

#include <regex>

#include "tests/cli/cli_fixture.h"

namespace {

using tests::Cli;
using tests::run;

std::string textOf(const std::string& path)
{
    std::ifstream in(path);
    return {std::istreambuf_iterator<char>(in), {}};
}

double number(const std::string& text, const std::string& pattern)
{
    std::smatch found;
    return std::regex_search(text, found, std::regex(pattern)) ? std::stod(found[1]) : -1.0;
}

TEST_F(Cli, WritesAHoleAtOneToOne)
{
    const std::string svg = file("hole.svg"), pdf = file("hole.pdf");
    EXPECT_EQ(run("template " + file("demo.reed") + " d12 -o " + svg).code, 2) << "its quarter is no surface here";
    const std::string demo = file("shipped.reed");
    ASSERT_EQ(run("template " + demo + " d37 -o " + svg).code, 0);
    const std::string text = textOf(svg);
    // Two A4 pages beside each other, in millimetres.
    EXPECT_NE(text.find("width=\"420.000mm\" height=\"297.000mm\""), std::string::npos);
    EXPECT_NE(text.find("viewBox=\"0 0 420.000 297.000\""), std::string::npos);
    EXPECT_NE(text.find("translate(210.000 0)"), std::string::npos);
    // The bar to check the printer by: 100 mm.
    EXPECT_NE(text.find("x1=\"10.000\" y1=\"38.000\" x2=\"110.000\" y2=\"38.000\""), std::string::npos);
    // The sail is 100 mm across and the tweeter stands in its middle: each edge is 50 mm from the centre.
    const double x = number(text, "cx=\"([0-9.]+)\""), y = number(text, "cy=\"([0-9.]+)\"");
    EXPECT_NEAR(x, 105.0, 1e-9);
    const auto has = [&](const char* name, double value) {
        return text.find(fmt::format("{}=\"{:.3f}\"", name, value)) != std::string::npos;
    };
    EXPECT_TRUE(has("y2", y - 50.0)) << "the upper edge";
    EXPECT_TRUE(has("x1", x - 50.0)) << "the left one's outer edge is at the left";
    EXPECT_TRUE(has("x1", x + 50.0)) << "the right one's at the right";
    EXPECT_NE(text.find("UP"), std::string::npos);
    ASSERT_EQ(run("template " + demo + " d37 -o " + pdf).code, 0);
    const std::string bytes = textOf(pdf);
    EXPECT_EQ(bytes.substr(0, 5), "%PDF-");
    // A4 in points: 595 by 842.
    EXPECT_NEAR(number(bytes, "/MediaBox *\\[ *0 +0 +([0-9.]+)"), 595.0, 1.0);
    EXPECT_EQ(run("template " + demo + " d37 -o " + file("hole.txt")).code, 2);
}

}  // namespace
