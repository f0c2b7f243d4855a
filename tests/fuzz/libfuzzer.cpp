// One target under libFuzzer: its name is compiled in.
#include <cstddef>
#include <cstdint>
#include <string>

#include "tests/fuzz/targets.h"

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    for (const fuzz::Target& target : fuzz::targets())
        if (target.name == FUZZ_TARGET) target.run(std::string(reinterpret_cast<const char*>(data), size));
    return 0;
}
