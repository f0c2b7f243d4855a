// Whole jobs, from a bare vehicle to the text of the card on paper: what belongs to this kind of vehicle stands there,
// and nothing that belongs to another. What is said to belong where: facts of the trade, common practice, no source.
#include <algorithm>

#include "tests/cli/cli_fixture.h"
#include "tests/cli/pdf_pages.h"

namespace {

using tests::Json;
using tests::pagesOf;
using tests::run;

struct JobRow {
    const char* what;
    const char* kind;
    const char* drive;
    const char* spot;
    const char* driver;
    std::vector<const char*> says{}, not_{};
};
void PrintTo(const JobRow& row, std::ostream* out)
{
    *out << row.what;
}

class WholeJob : public tests::Cli, public testing::WithParamInterface<JobRow> {
protected:
    // The plan with what drives the vehicle, which no command sets.
    void drivenBy(const std::string& path, const char* kind, const char* drive) const
    {
        std::ifstream in(path);
        Json plan = Json::parse(in);
        plan["body"]["kind"] = kind;
        plan["body"]["drive"] = drive;
        std::ofstream(path) << plan.dump(1);
    }
};

TEST_P(WholeJob, ReachesPaperWithWhatBelongsToIt)
{
    const JobRow& row = GetParam();
    const std::string bare = file("bare.reed"), planned = file("planned.reed"), card = file("card.pdf");
    ASSERT_EQ(run(std::string("new ") + row.kind + " -o " + bare).code, 0);
    drivenBy(bare, row.kind, row.drive);
    const auto added = run("add " + bare + " -o " + planned + " --spot \"" + row.spot + "\" --driver " + row.driver);
    ASSERT_EQ(added.code, 0) << added.out;
    ASSERT_EQ(run("job " + planned + " --pdf -o " + card).code, 0);
    std::string text;
    for (const std::string& page : pagesOf(card)) text += page + ' ';
    ASSERT_FALSE(text.empty());
    for (const char* line : row.says) EXPECT_NE(text.find(line), std::string::npos) << line << "\n" << text;
    for (const char* line : row.not_) EXPECT_EQ(text.find(line), std::string::npos) << line;
    // Whatever it is: dead first, tried before it is closed, nothing taken out that was not there, no empty name.
    EXPECT_LT(text.find("negative off first"), text.find("Gasket on"));
    EXPECT_LT(text.find("Gasket on"), text.find("Before any trim goes back"));
    EXPECT_LT(text.find("Before any trim goes back"), text.find("Write down readings"));
    EXPECT_EQ(text.find("Unplug and take out"), std::string::npos) << "it was added, not exchanged";
    EXPECT_EQ(text.find(": ,"), std::string::npos);
    EXPECT_EQ(text.find("\u00b7 \u00b7"), std::string::npos);
}
const std::vector<const char*> kOfACar{"Airbags", "restraint plug", "closed car"};
const std::vector<const char*> kOfHighVoltage{"orange", "traction"};
INSTANTIATE_TEST_SUITE_P(
    Each, WholeJob,
    testing::Values(JobRow{"a saloon's front doors",
                           "saloon",
                           "combustion",
                           "front door",
                           "cx165-lapwing-4",
                           {"Airbags", "restraint plug", "window all the way", "lock, handles", "closed car"},
                           kOfHighVoltage},
                    JobRow{"an estate's mirror corners",
                           "estate",
                           "combustion",
                           "sail",
                           "cx100-birch-4",
                           {"Airbags", "mirror and its switch"},
                           {"orange", "window all the way"}},
                    JobRow{"a hybrid hatchback",
                           "hatchback",
                           "hybrid",
                           "rear door",
                           "cx165-lapwing-4",
                           {"orange", "traction battery", "Airbags", "window all the way"},
                           {"lock to lock"}},
                    JobRow{"an electric saloon",
                           "saloon",
                           "electric",
                           "front door",
                           "cx165-lapwing-4",
                           {"orange", "traction battery", "voltage battery first"},
                           {"fuel"}},
                    JobRow{"a pickup's rear doors",
                           "pickup",
                           "combustion",
                           "rear door",
                           "cx165-lapwing-4",
                           {"Airbags"},
                           kOfHighVoltage},
                    JobRow{"a work van",
                           "van",
                           "combustion",
                           "front door",
                           "cx165-lapwing-4",
                           {"Airbags", "A rough road"},
                           kOfHighVoltage},
                    JobRow{"a motorcycle's fairing",
                           "motorcycle",
                           "combustion",
                           "fairing",
                           "cx100-birch-4",
                           {"engine and exhaust cold", "steering lock to lock", "Then a first ride, slowly",
                            "sealed plugs"},
                           kOfACar},
                    JobRow{"its bags",
                           "motorcycle",
                           "combustion",
                           "bag lid",
                           "cx165-lapwing-4",
                           {"lid shut and opened", "none near the exhaust"},
                           kOfACar},
                    JobRow{"a side-by-side's roll bar",
                           "openSideBySide",
                           "combustion",
                           "roll bar",
                           "cx165-lapwing-4",
                           {"sealed plugs", "tethers"},
                           {"first ride", "window all the way", "closed car", "Airbags", "restraint plug"}},
                    JobRow{"a classic",
                           "classic",
                           "combustion",
                           "front door",
                           "cx165-lapwing-4",
                           {"window all the way", "tamper-proof"},
                           {"Airbags", "restraint plug", "orange"}},
                    JobRow{"a boat", "boat", "combustion", "cockpit side", "cx165-lapwing-4", {"bilge aired"}, kOfACar},
                    JobRow{"an off-roader's kick panels",
                           "offRoad",
                           "combustion",
                           "kick panel",
                           "cx100-birch-4",
                           {"Airbags"},
                           {"window all the way", "orange"}}));

}  // namespace
