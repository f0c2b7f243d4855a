// What each house rule decides, and the reason of every school.
#include "words/house_words.h"

#include "words/tr.h"

namespace words {

using core::PracticeKey;

namespace {

HouseRuleText ofSmallDriver()
{
    return {Words::tr("A capacitor before a small speaker"),
            {{Words::tr("keep one high-pass"),
              Words::tr("until its travel is reckoned something holds the lows back; a thump is tested, not "
                        "assumed")},
             {Words::tr("keep what is there"), Words::tr("nothing new can go wrong")},
             {Words::tr("a larger capacitor"), Words::tr("more low voice, and still some protection")},
             {Words::tr("a whole crossover"), Words::tr("each speaker gets what it plays well, and no more")},
             {Words::tr("leave it off"),
              Words::tr("all the bass there is, no fear of a thump at switch-on; nothing protects the cone")}}};
}

HouseRuleText ofFactoryAmplifier()
{
    return {Words::tr("The amplifier that came with the vehicle"),
            {{Words::tr("decide job by job"),
              Words::tr("each is a way of the plan; past it only once band, turn-on and chimes are answered")},
             {Words::tr("keep it"), Words::tr("simple, and the chimes stay")},
             {Words::tr("go past it"), Words::tr("the whole band, without its filters")},
             {Words::tr("add to it"), Words::tr("its features stay, new power does the rest")},
             {Words::tr("radio power only"), Words::tr("fewest boxes; the radio\u2019s watts are all there is")}}};
}

HouseRuleText ofTapPoint()
{
    return {
        Words::tr("Where a signal is taken"),
        {{Words::tr("the earliest whole point"),
          Words::tr("the first whose sweep shows the whole band, at a level that the adaptor bears")},
         {Words::tr("at the speaker"), Words::tr("no diagram needed; filters and delays on the way come along")},
         {Words::tr("at the amplifier\u2019s plug"), Words::tr("the whole band, once the plug is known pin by pin")}}};
}

HouseRuleText ofStageOrder()
{
    return {Words::tr("What comes first, in several visits"),
            {{Words::tr("nothing overloaded between"),
              Words::tr("no visit ends with a part that gets too much, or that nothing protects")},
             {Words::tr("speakers"), Words::tr("heard the same day")},
             {Words::tr("amplifier"), Words::tr("it drives whatever comes after")},
             {Words::tr("subwoofer"), Words::tr("it hangs on none of the speakers")}}};
}

}  // namespace

HouseRuleText textOf(PracticeKey rule)
{
    if (rule == PracticeKey::SmallDriver_school) return ofSmallDriver();
    if (rule == PracticeKey::FactoryAmplifier_school) return ofFactoryAmplifier();
    if (rule == PracticeKey::TapPoint_school) return ofTapPoint();
    return ofStageOrder();
}

QString lineOf(const core::FollowedSchool& followed)
{
    const HouseRuleText text = textOf(followed.rule);
    const SchoolText& school = text.schools.at(followed.school);
    return (followed.school != 0 ? Words::tr("House rule, not the usual one: %1 (%2).")
                                 : Words::tr("House rule: %1 (%2)."))
        .arg(school.name, school.reason);
}

}  // namespace words
