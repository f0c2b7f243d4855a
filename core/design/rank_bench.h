#pragma once

#include <memory>

#include "core/design/rank_drivers.h"
#include "core/design/rank_role.h"

namespace core {

// One candidate after another in the same seat: the circuit it is in is solved anew, nothing else is.
class RankBench {
public:
    // requires that plan and role outlive it
    RankBench(const Plan& plan, const RankRole& role);
    ~RankBench();
    [[nodiscard]] Candidate sit(const Part& part);

private:
    class Seat;
    std::unique_ptr<Seat> m_seat;
};

}  // namespace core
