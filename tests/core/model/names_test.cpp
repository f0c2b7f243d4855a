#include "core/model/names.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

namespace core {
namespace {

TEST(Names, AnIdIsItsLetterAndNumber)
{
    EXPECT_EQ(textOf(DeviceId{17}), "d17");
    EXPECT_EQ(idFromText<DeviceId>("d17"), DeviceId{17});
}

class NoId : public testing::TestWithParam<const char*> {};
TEST_P(NoId, IsRefused)
{
    EXPECT_FALSE(idFromText<DeviceId>(GetParam()));
}
INSTANTIATE_TEST_SUITE_P(Texts, NoId,
                         testing::Values("", "d", "17", "t17", "d0", "d017", "d-1", "d1x", "d 1", "d9999999999"));

TEST(Names, ASubjectReadsBackFromItsText)
{
    const Subject subjects[] = {std::monostate{}, PartId{7},       Inside{{7}, "1"}, PlaceId{3},
                                DeviceId{9},      Port{{9}, "RL"}, WireId{12},       RunId{{{9}, "RL"}, {{11}, "1"}},
                                ListenerId{5}};
    for (const Subject& subject : subjects) EXPECT_EQ(subjectFromText(textOf(subject)), subject) << textOf(subject);
}

TEST(Names, AnAddressReadsBackFromItsText)
{
    const Address address{Port{{11}, "1"}, Quantity::Re_ohm};
    EXPECT_EQ(textOf(address), "d11.1:re_ohm");
    EXPECT_EQ(addressFromText("d11.1:re_ohm"), address);
    EXPECT_FALSE(addressFromText("d11.1:weight"));
    EXPECT_FALSE(addressFromText("d11.1"));
    EXPECT_FALSE(addressFromText("nowhere:re_ohm"));
}

TEST(Names, APinNeedsADeviceAndATerminal)
{
    EXPECT_EQ(pinFromText("d9.RL+"), (Pin{{9}, "RL+"}));
    for (const char* text : {"d9", "d9.", ".RL+", "t9.RL+", "d9.a.b", "d9.a>b"})
        EXPECT_FALSE(pinFromText(text)) << text;
}

TEST(Names, EveryEnumeratorReadsBack)
{
    for (const auto& name : enumNames<BodyKind>()) EXPECT_EQ(enumFromText<BodyKind>(name.text), name.value);
    for (const auto& name : enumNames<PracticeKey>()) EXPECT_EQ(textOf(name.value), name.text);
    EXPECT_FALSE(enumFromText<BodyKind>("hovercraft"));
}

TEST(Names, EveryQuantityHasItsOwnKeyAndARangeThatIsNotEmpty)
{
    for (const QuantityRow& one : quantities()) {
        EXPECT_EQ(quantityFromKey(one.key), one.quantity);
        EXPECT_LT(one.least, one.greatest) << one.key;
    }
}

}  // namespace
}  // namespace core
