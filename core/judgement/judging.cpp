#include "core/judgement/judging.h"

#include "core/spread/widen.h"

namespace core {

void soften(Finding& finding, Doubt doubt)
{
    Evidence& evidence = finding.evidence.front();
    bool doubtful = doubt.worst == Origin::ClassGuess;
    if (doubt.figure) {
        evidence.figure.could = rangeOf(*doubt.figure);
        const Range margin = rangeOf(doubt.limit ? (*doubt.figure - *doubt.limit).eval()
                                                 : (*doubt.figure - evidence.limit.value_or(0.0)).eval());
        doubtful = doubt.limitGuessed || (doubt.worst != Origin::Measured && margin.low < 0.0 && margin.high > 0.0);
    }
    finding.leans = std::move(doubt.leans);
    if (!doubtful) return;
    finding.couldBe = true;
    finding.severity = std::min(finding.severity, Severity::Care);
}

Mend ohmmeterMend(DeviceId device, StageId stage)
{
    return {MendName::MeasureRe, 0.0, SolverRequest{SolverRequest::Kind::TakeReading, device, stage}};
}

void offerFirst(Finding& finding, Mend mend)
{
    std::erase(finding.mends, mend);
    finding.mends.push_back(std::move(mend));
    std::rotate(finding.mends.begin(), finding.mends.end() - 1, finding.mends.end());
}

}  // namespace core
