#include "core/survey/source_gaps.h"

#include <algorithm>

namespace core {

std::set<SourceGap> sourceGaps(const Fitout& fitout, DeviceId source)
{
    const Device& device = fitout.devices.at(source);
    const Part& part = fitout.parts.at(device.part);
    const std::string output = firstOf(part, ElementKind::Output);
    const Figures figures = output.empty() ? part.figures : figuresOf(part, output);
    std::set<SourceGap> gaps;
    const auto ask = [&](SourceGap gap, bool missing) {
        if (missing) gaps.insert(gap);
    };
    ask(SourceGap::Where, !device.at);
    ask(SourceGap::Power, !figures.contains(Quantity::RatedPower_w));
    ask(SourceGap::LeastLoad, !figures.contains(Quantity::LeastLoad_ohm));
    ask(SourceGap::Band, !figures.contains(Quantity::HighPass_hz) && !figures.contains(Quantity::LowPass_hz));
    ask(SourceGap::Ground, part.ground == OutputGround::Unknown);
    ask(SourceGap::LineOutputs, !figures.contains(Quantity::LineOutputs));
    ask(SourceGap::Controls, part.controls.empty());
    ask(SourceGap::Pins, std::any_of(part.terminals.begin(), part.terminals.end(), [&](const auto& terminal) {
            const auto pin = part.pins.find(terminal.first);
            return pin == part.pins.end() || pin->second.basis.origin == Origin::ClassGuess;
        }));
    return gaps;
}

std::set<Quantity> feedGaps(const Body& body)
{
    std::set<Quantity> gaps;
    for (const Quantity feed :
         {Quantity::ConstantFeed_v, Quantity::SwitchedFeed_v, Quantity::TurnOn_v, Quantity::FeedGround_ohm})
        if (!body.feeds.contains(feed)) gaps.insert(feed);
    return gaps;
}

}  // namespace core
