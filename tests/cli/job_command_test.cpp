// The job card without a screen: job.
#include <algorithm>

#include "tests/cli/cli_fixture.h"
#include "tests/cli/pdf_pages.h"

namespace {

using tests::Cli;
using tests::Json;
using tests::pagesOf;
using tests::run;
using tests::simplified;

TEST_F(Cli, AJobIsPrintedStepByStep)
{
    const Json job = run("job --json " + file("trouble.reed"), "2>/dev/null").json();
    double sum = 0.0;
    for (const Json& step : job.at("steps")) {
        const Json& time = step.at("minutes");
        sum += time.at("value").get<double>();
        EXPECT_LE(time.at("low").get<double>(), time.at("value").get<double>());
        EXPECT_GE(time.at("high").get<double>(), time.at("value").get<double>());
    }
    EXPECT_NEAR(job.at("minutes").at("value").get<double>(), sum, 1e-9);
    EXPECT_FALSE(job.at("parts").empty());
    const auto plain = run("job " + file("trouble.reed"));
    EXPECT_EQ(plain.code, 0);
    EXPECT_TRUE(plain.out.starts_with("Step,What to do,Tools,Caution,Minutes"));
}

// On paper no step is split over two pages, and each page says whose it is and how many there are.
TEST_F(Cli, AJobOnPaperKeepsEachStepOnItsPage)
{
    const Json job = run("job --json " + file("trouble.reed"), "2>/dev/null").json();
    for (const char* paper : {"", " --letter"}) {
        ASSERT_EQ(run("job " + file("trouble.reed") + " --pdf -o " + file("card.pdf") + paper).code, 0);
        const auto pages = pagesOf(file("card.pdf"));
        ASSERT_GT(pages.size(), 1U);
        for (size_t i = 0; i < pages.size(); ++i) {
            EXPECT_NE(pages[i].find("page " + std::to_string(i + 1) + " of " + std::to_string(pages.size())),
                      std::string::npos)
                << pages[i];
            EXPECT_NE(pages[i].find("Job card"), std::string::npos);
        }
        for (const Json& step : job.at("steps")) {
            const std::string what = simplified(step.at("what"));
            EXPECT_EQ(std::count_if(pages.begin(), pages.end(),
                                    [&](const std::string& page) { return page.find(what) != std::string::npos; }),
                      1)
                << what;
        }
    }
}

TEST_F(Cli, AJobAsTablesAndWhatItAsksFor)
{
    const Json written = run("job --json --csv " + file("trouble.reed") + " -o " + file("job.csv"), "").json();
    ASSERT_EQ(written.at("written").size(), 3U);
    for (const char* table : {"job-steps.csv", "job-wiring.csv", "job-parts.csv"})
        EXPECT_TRUE(std::ifstream(file(table)).good()) << table;
    EXPECT_EQ(run("job " + file("trouble.reed") + " --pdf").code, 2) << "where to?";
    EXPECT_EQ(run("job " + file("trouble.reed") + " -o " + file("x")).code, 2) << "as what?";
    EXPECT_EQ(run("job " + file("trouble.reed") + " --pdf --csv -o " + file("x")).code, 2);
    EXPECT_EQ(run("job " + file("none.reed")).code, 2);
    EXPECT_EQ(run("job " + file("trouble.reed") + " --pdf -o /nowhere/at/all.pdf").code, 2);
}

}  // namespace
