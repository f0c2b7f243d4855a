#pragma once

#include <rapidcheck.h>

#include <cmath>

namespace tests {

// A random number, even in its logarithm.
inline double between(double low, double high)
{
    return low * std::pow(high / low, *rc::gen::inRange(0, 10001) / 10000.0);
}

}  // namespace tests
