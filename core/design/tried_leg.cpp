#include "core/design/tried_leg.h"

#include <algorithm>
#include <cmath>
#include <complex>

#include "core/base/grid.h"
#include "core/base/threshold.h"
#include "core/design/part_price.h"
#include "core/evaluate/solve_circuit.h"
#include "core/fitout/coil_wiring.h"
#include "core/limits/split_limits.h"
#include "core/physics/driver.h"

namespace core {

LegTrial::LegTrial(const StageResult& stage, size_t run, const std::vector<ListenerId>& seats,
                   const SplitMeasure& measure, const Practice& practice)
    : m_stage(stage),
      m_practice(practice),
      m_run(run),
      m_hz(measure.hz()),
      m_s(laplace(m_hz)),
      m_leads(leadsOverCone(stage.used, stage.runs[run].run.id.coil)),
      m_share(1.0 / std::max(1.0, leadsOverCoil(stage.used, stage.runs[run].run.id.coil.device))),
      m_ohm(m_leads * impedance_ohm(stage.runs[run].driver, m_hz)),
      m_channel(Eigen::ArrayXcd::Ones(m_hz.size()))
{
    for (const ChannelInputs& inputs : stage.inputs)
        if (inputs.channel == stage.runs[run].run.id.channel) m_channel = channelResponse(inputs, m_hz);
    for (const ListenerId seat : seats) m_perCoilVolt.push_back(SplitMeasure::perCoilVolt(stage, run, seat));
}

TriedLeg LegTrial::with(LegParts parts) const
{
    const LegResponse response = legResponse(parts, m_ohm, m_s);
    const double money_db = m_practice[PracticeKey::SplitMoney_db] * priceOf(parts, m_practice);
    const double parts_db = m_practice[PracticeKey::SplitPart_db] * static_cast<double>(parts.size());
    TriedLeg leg{.parts = std::move(parts),
                 .transfer = m_share * m_channel * response.transfer,
                 .admittance_s = response.input_ohm.inverse(),
                 .cost_db = parts_db + money_db};
    hear(leg);
    return leg;
}

TriedLeg LegTrial::standing() const
{
    TriedLeg leg{.transfer = SplitMeasure::coarse(run().transfer)};
    hear(leg);
    return leg;
}

void LegTrial::hear(TriedLeg& leg) const
{
    for (const Ears<Eigen::ArrayXcd>& ears : m_perCoilVolt)
        leg.at.push_back({leg.transfer * ears[0], leg.transfer * ears[1]});
    leg.square = leg.at.front()[0].abs2() + leg.at.front()[1].abs2();
}

double LegTrial::ohmAt(double hz) const
{
    return m_leads * std::abs(impedance_ohm(run().driver, Eigen::ArrayXd::Constant(1, hz))(0));
}

bool LegTrial::spares(const TriedLeg& leg, int order) const
{
    const PracticeKey key = order < 2 ? PracticeKey::SplitNearFirst_ratio : PracticeKey::SplitNear_ratio;
    const auto corner_hz = highPassCorner_hz(leg.transfer.abs(), m_hz);
    return corner_hz && !under(*corner_hz, m_practice[key] * run().driver.fs_hz);
}

}  // namespace core
