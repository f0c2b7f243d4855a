#pragma once

namespace core {

// A signal cut at a level: its rms relative to that level, and so its crest factor.
struct ClippedSignal {
    double rms_ratio = 0.0;
    double crest_db = 0.0;
    double lowering_db = 0.0;  // of the crest factor, against the signal not cut
};

// A sine driven beyond clip by so many dB (0: just touching); its crest falls by 3.01 dB at most.
[[nodiscard]] ClippedSignal clippedSine(double overdrive_db);

// Programme with Gaussian amplitudes, crest factor CF before, driven beyond clip.      requires crestFactor_db > 0
[[nodiscard]] ClippedSignal clippedProgramme(double crestFactor_db, double overdrive_db);

}  // namespace core
