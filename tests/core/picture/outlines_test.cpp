// The sketches as they were looked at. Their proportions are drawn, not published: this finds what moves them unseen.
// One that was redrawn on purpose is written anew with UPDATE_OUTLINES=1, and looked at.
#include <gtest/gtest.h>

#include <cstdlib>
#include <fstream>
#include <sstream>

#include "core/edits/survey_edits.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "core/picture/body_shape.h"

namespace core {
namespace {

constexpr const char* kFile = TEST_FOLDER "/data/outlines.csv";

// One point a line: kind, view, line, what it is, its corners' radius, then x, y, z.
std::string outlines()
{
    const UsualVehicles vehicles = shippedShop().vehicles;
    std::ostringstream text;
    text.precision(6);
    for (const auto& [kind, name] : enumNames<BodyKind>()) {
        const BodyShape shape = bodyShape(newPlan(kind, vehicles).body, vehicles);
        for (const auto& [view, lines] : {std::pair{"above", &shape.above}, {"flank", &shape.flank}})
            for (size_t i = 0; i < lines->size(); ++i)
                for (const Vec3& point : (*lines)[i].points)
                    text << name << ',' << view << ',' << i << ',' << static_cast<int>((*lines)[i].kind) << ','
                         << (*lines)[i].round_m << ',' << point.x + 0.0 << ',' << point.y + 0.0 << ',' << point.z + 0.0
                         << '\n';
    }
    return text.str();
}

TEST(Outlines, AreThoseThatWereLookedAt)
{
    if (std::getenv("UPDATE_OUTLINES")) std::ofstream(kFile) << outlines();
    std::istringstream now(outlines());
    std::ifstream before(kFile);
    ASSERT_TRUE(before);
    int line = 0;
    for (std::string was, is; std::getline(before, was); ++line) {
        ASSERT_TRUE(std::getline(now, is)) << "fewer points than there were";
        ASSERT_EQ(is, was) << "line " << line + 1;
    }
    std::string more;
    EXPECT_FALSE(std::getline(now, more)) << more;
    EXPECT_GT(line, 1000);
}

}  // namespace
}  // namespace core
