#include "words/customer_words.h"

#include <cmath>

#include "words/figures.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(Complaint complaint)
{
    switch (complaint) {
        case Complaint::Dull:
            return Words::tr("dull, no highs");
        case Complaint::Thin:
            return Words::tr("thin");
        case Complaint::NoBass:
            return Words::tr("no deep bass");
        case Complaint::Harsh:
            return Words::tr("harsh");
        case Complaint::NotLoud:
            return Words::tr("not loud enough");
        case Complaint::Buzz:
            return Words::tr("buzzes, rattles");
        case Complaint::OneSided:
            return Words::tr("one side only");
        case Complaint::CutsOut:
            return Words::tr("cuts out");
    }
    return {};
}

QString nameOf(Cause cause)
{
    switch (cause) {
        case Cause::NoTweeter:
            return Words::tr("no tweeter, or one far from the ear");
        case Cause::Covered:
            return Words::tr("a cover that swallows sound");
        case Cause::DeadDriver:
            return Words::tr("a dead driver");
        case Cause::SmallWoofer:
            return Words::tr("a small or light woofer");
        case Cause::AirLeak:
            return Words::tr("air that leaks round the frame");
        case Cause::HighPassed:
            return Words::tr("a high-pass that nobody asked for");
        case Cause::SidesReversed:
            return Words::tr("one side wired the other way round");
        case Cause::NoSubwoofer:
            return Words::tr("nothing that reaches so low");
        case Cause::TooMuchTreble:
            return Words::tr("a tweeter too loud for its woofer");
        case Cause::Reflection:
            return Words::tr("a reflection off the glass");
        case Cause::WeakSource:
            return Words::tr("a source that clips");
        case Cause::HigherOhms:
            return Words::tr("more ohms than before");
        case Cause::TornSurround:
            return Words::tr("a torn surround or cone");
        case Cause::LooseTrim:
            return Words::tr("loose trim");
        case Cause::BrokenWire:
            return Words::tr("a broken wire, often in the hinge");
        case Cause::LoadTooLow:
            return Words::tr("too few ohms on a channel");
        case Cause::HotAmplifier:
            return Words::tr("an amplifier without air");
    }
    return {};
}

QString textOf(TellingTest test)
{
    switch (test) {
        case TellingTest::ListenAtEachTweeter:
            return Words::tr("Play quiet noise and put an ear to each place; lift the cover and listen again.");
        case TellingTest::PressRoundTheFrame:
            return Words::tr("Play a low tone quietly, press the trim round the speaker and feel for air.");
        case TellingTest::FlipOneSide:
            return Words::tr("Play the same tone on both sides and turn one over: more bass means it was reversed.");
        case TellingTest::SweepSlowly:
            return Words::tr("Sweep slowly and quietly; note where it begins and touch what is near.");
        case TellingTest::CompareSides:
            return Words::tr("Read the resistance on both sides and compare.");
        case TellingTest::TurnUpAndRead:
            return Words::tr("Turn up until it just roughens, note the mark, and read the volts there.");
        case TellingTest::ReadTheLoad:
            return Words::tr("Read each channel's load with the plug off at the amplifier, warm.");
        case TellingTest::MoveTheBalance:
            return Words::tr("Move the balance from side to side, then swap the two channels at the source.");
    }
    return {};
}

QString nameOf(Goal goal)
{
    switch (goal) {
        case Goal::Improve:
            return Words::tr("better than it was");
        case Goal::Restore:
            return Words::tr("as it was when new");
        case Goal::Replace:
            return Words::tr("replace like for like");
    }
    return {};
}

QString nameOf(Keep keep)
{
    switch (keep) {
        case Keep::NoCutting:
            return Words::tr("nothing is cut");
        case Keep::Looks:
            return Words::tr("looks stay");
        case Keep::Radio:
            return Words::tr("radio stays");
        case Keep::Badge:
            return Words::tr("badge stays in sight");
        case Keep::LoadSpace:
            return Words::tr("load space stays");
    }
    return {};
}

QString nameOf(Use use)
{
    switch (use) {
        case Use::FamilyCar:
            return Words::tr("family car");
        case Use::WorkVan:
            return Words::tr("work van");
        case Use::WindAndHelmet:
            return Words::tr("wind and helmet");
        case Use::OpenCab:
            return Words::tr("open cab, trail");
        case Use::SummerCruiser:
            return Words::tr("summer cruiser");
    }
    return {};
}

QString meaningOf(Use use)
{
    switch (use) {
        case Use::FamilyCar:
            return Words::tr("No more than usual is asked of the parts.");
        case Use::WorkVan:
            return Words::tr(
                "Noise, dust and theft: louder mids, grilles that hold a knock, nothing that invites a look.");
        case Use::WindAndHelmet:
            return Words::tr(
                "Wind drowns bass first: level in the mids counts. Sealed plugs, tethers, parts for water and "
                "sun; try it at low speed, steering lock to lock.");
        case Use::OpenCab:
            return Words::tr("Mud, water and shaking: sealed plugs, drained boxes, fixings that cannot work loose.");
        case Use::SummerCruiser:
            return Words::tr("Sun and damp under a cover: cones that stand ultraviolet light, no bare steel.");
    }
    return {};
}

QString textOf(const ComplaintRow& row)
{
    QStringList causes;
    for (const Cause cause : row.causes) causes << nameOf(cause);
    return Words::tr("Likely %1. It lives between %2 and %3. To tell: %4")
        .arg(causes.join(Words::tr(", or ")), frequency(row.from_hz), frequency(row.to_hz), textOf(row.test));
}

QString textOf(const Remedy& remedy, const Fitout& fitout)
{
    const QString place = remedy.place ? nameOf(Subject{remedy.place}, fitout) : QString();
    QString what;
    switch (remedy.kind) {
        case RemedyKind::Uncover:
            what = Words::tr("Open the cover, %1").arg(place);
            break;
        case RemedyKind::Seal:
            what = Words::tr("Seal round the frame, %1").arg(place);
            break;
        case RemedyKind::BypassCapacitor:
            what = Words::tr("Bypass the capacitor, %1").arg(place);
            break;
        case RemedyKind::AnotherDriver:
            what = Words::tr("%1, %2").arg(nameOf(remedy.edit), place);
            break;
        case RemedyKind::AddTweeter:
            what = Words::tr("Add a tweeter, %1").arg(QString::fromStdString(remedy.spot));
            break;
        case RemedyKind::AddSubwoofer:
            what = Words::tr("Add a subwoofer and its amplifier, %1").arg(QString::fromStdString(remedy.spot));
            break;
    }
    return Words::tr("%1: %2 there, %3 against the middle, %4 at the loudest")
        .arg(what, decibelChange(remedy.level_db), decibelChange(remedy.balance_db), decibelChange(remedy.reach_db));
}

QString textOf(const std::array<BandHeard, kBandCount>& heard)
{
    QStringList lines;
    for (size_t band = 0; band < kBandCount; ++band)
        lines << Words::tr("%1 %2 before, %3 after")
                     .arg(rangeOf(kBands[band].band), percent(heard[band].before_ratio),
                          percent(heard[band].after_ratio));
    return Words::tr("By estimate the better ear hears of each band: %1. Start low; hearing that is left can be lost.")
        .arg(lines.join(Words::tr("; ")));
}

}  // namespace words
