#pragma once

#include <cstdint>

namespace core {

// Random numbers that are the same on every machine.
// source  G. L. Steele, D. Lea, C. H. Flood, "Fast splittable pseudorandom number generators", OOPSLA 2014
class Splitmix {
public:
    explicit Splitmix(std::uint64_t seed) : m_state(seed) {}

    std::uint64_t next()
    {
        std::uint64_t z = (m_state += 0x9E3779B97F4A7C15ULL);
        z = (z ^ (z >> 30U)) * 0xBF58476D1CE4E5B9ULL;
        z = (z ^ (z >> 27U)) * 0x94D049BB133111EBULL;
        return z ^ (z >> 31U);
    }
    double uniform() { return static_cast<double>(next() >> 11U) * 0x1.0p-53; }  // 0 <= u < 1

private:
    std::uint64_t m_state;
};

}  // namespace core
