#pragma once

#include <Eigen/Core>
#include <array>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/base/warning.h"
#include "core/model/computed.h"
#include "core/model/driver_fit.h"
#include "core/model/plan.h"
#include "core/model/spread.h"
#include "core/model/stage_inputs.h"
#include "core/physics/amplifier.h"
#include "core/physics/bands.h"
#include "core/physics/clean_voltage.h"
#include "core/physics/driver.h"
#include "core/practice/practice.h"

namespace core {

// What a stage amounts to: the only thing physics sees. Computed, never saved.
struct Fitout {
    Body body{};
    std::map<PlaceId, Place> places{};
    std::map<PanelId, Panel> panels{};
    std::map<SurfaceId, Surface> surfaces{};
    std::map<ListenerId, Listener> listeners{};
    std::map<PartId, Part> parts{};  // those that a device plays
    std::map<CurveId, Curve> curves{};
    std::map<AlterationId, Alteration> alterations{};
    std::map<DeviceId, Device> devices{};
    std::map<DeviceId, Mount> mounts{};
    std::map<Port, Setting> settings{};
    std::map<WireId, Wire> wires{};         // both ends exist
    std::map<PlaceId, Known> usualHoles{};  // where nobody measured one: by the driver that was found there
    std::vector<WireId> loose{};  // an end names a device or a terminal that is not there: legal, and carries nothing
    bool operator==(const Fitout&) const = default;
};

// Two ears: left, right.
template <class T>
using Ears = std::array<T, 2>;

// What one part of a channel's circuit has to bear with the source at its limit.
struct PartBurden {
    Port element{};
    ElementKind kind = ElementKind::Resistor;
    double voltage_v = 0.0, voltageAt_hz = 0.0;  // largest rms across it
    double current_a = 0.0, currentAt_hz = 0.0;  // and through it
    double sine_w = 0.0, sineAt_hz = 0.0;  // heat of the worst full-scale sine, losses of coils and capacitors too
    double programme_w = 0.0;              // heat of programme that just touches the limit
    double rating = 0.0;  // least to buy: W of a resistor, V direct of a capacitor, A of saturation of a coil
    Origin worst = Origin::Measured;
};

// What one channel does to a cone with several coils, per source volt.
struct ConeShare {
    DeviceId device{};
    std::vector<std::string> coils{};
    std::vector<Eigen::ArrayXcd> current_a{};  // of each
    std::vector<double> re_ohm{};
    Eigen::ArrayXcd drive{};     // mean of the coils' volts, each by its sign: what moves the cone
    Eigen::ArrayXcd motion_a{};  // through the resistance of its suspension
    double suspension_ohm = 0.0;
};

// One channel with everything that hangs on it, solved over the grid.
struct CircuitResult {
    Port channel{};
    Figures output{};  // completed: rating, least load, output resistance
    OutputLimits limits{};
    Eigen::ArrayXcd load_ohm{};      // what the channel sees at its terminals
    Eigen::ArrayXd gain{};           // of the channel's own filters and setting
    Eigen::ArrayXd sourceLimit_v{};  // largest source voltage, before those, that the terminals still give cleanly
    double least_ohm = 0.0;          // least |Z| over the grid
    double least_hz = 0.0;
    double clip_v = 0.0, clip_a = 0.0, clip_w = 0.0;  // a sine at the source's limit, where |Z| is least
    bool filteredLow = false;                         // a high-pass in the channel, built in or set
    std::vector<PartBurden> burdens{};                // of capacitors, inductors and resistors
    std::vector<ConeShare> cones{};                   // with several coils
    std::vector<Warning> marks{};                     // the rating model's warnings
    Origin worst = Origin::Measured;
};

// How far a cone is driven with the source at its limit: peak, one way.
struct Travel {
    double sine_m = 0.0, sineAt_hz = 0.0;  // the largest of a sine
    double programme_m = 0.0;              // of programme that just touches the limit, passed 0.3 % of the time
};

// One run with its driver, solved over the grid. Coils of one cone have the cone's sound and travel in common.
struct RunResult {
    Run run{};
    DriverParameters driver{};        // with all coils of its cone in parallel
    Figures coil{};                   // completed figures of the coil, each with its origin
    bool sameCone = false;            // another run of this channel stands for the cone's sound and travel
    Eigen::ArrayXcd transfer{};       // coil volts per source volt, the channel's own filters and gain included
    Eigen::ArrayXcd pressure_pa_v{};  // of its cone: on axis at 1 m, per source volt
    Eigen::ArrayXd excursion_m_v{};   // of its cone: peak, per source volt rms, by this channel alone
    std::optional<double> seriesCapacitance_f{};       // of the capacitors that every way passes
    std::optional<double> idealCorner_hz{};            // that capacitance into the nominal impedance
    std::vector<double> halfPower_hz{};                // -3 dB re the source into the real driver, highest first
    Eigen::ArrayXd heat_w_v2{};                        // in the coil, per square source volt
    double programme_w = 0.0;                          // in the coil, programme just touching the source's limit
    std::array<double, kBandCount> programmeBand_w{};  // the same, band by band
    double sine_w = 0.0, sine_hz = 0.0;                // the worst full-scale sine
    double most_v = 0.0, mostAt_hz = 0.0;              // largest rms volts at the coil with the source at its limit
    Travel travel{};                                   // of its cone, by this channel alone
    double midLevel_db = 0.0;                          // on axis, 1 m, 2.83 V at the source, mean of 250 Hz-4 kHz
    std::optional<double> portSpeed_m_s{}, portSpeedAt_hz{};  // peak, largest with the source at its limit
    std::optional<double> blendStep_db{};  // a measured response over the model where they are joined
    std::vector<Warning> marks{};
    Origin worst = Origin::Measured;
};

// One cone with all the coils that move it, over all channels.
struct ConeResult {
    std::vector<size_t> runs{};      // among the stage's, of its coils; the first one stands for it
    std::vector<Port> idle{};        // coils of it that no channel plays
    bool fights = false;             // two of its coils push against each other
    Eigen::ArrayXd excursion_m_v{};  // peak, per source volt rms
    Travel travel{};
    Eigen::ArrayXd heat_w_v2{};          // in all its coils, per square source volt
    double programme_w = 0.0;            // in all its coils, programme just touching the source's limit
    double sine_w = 0.0, sine_hz = 0.0;  // the worst full-scale sine
    Origin worst = Origin::Measured;
};

struct BandFigures {
    double reach_db = 0.0;        // loudest clean level of programme's full-scale sine, band mean
    Limit limit = Limit::Source;  // what rules over the largest share of the band
    double balance_db = 0.0;      // band mean relative to 250 Hz-4 kHz
};

// One run's way to the ears of the listeners: pressure there over the pressure on axis at 1 m.
struct RunWays {
    SoundSource source{};
    std::map<ListenerId, std::shared_ptr<const Ears<Eigen::ArrayXcd>>> ears{};  // shared by all that have it alike
};

struct HearingResult {
    Eigen::ArrayXd level_db{};               // all together, mean over the two ears, per source volt, re 20 uPa
    Ears<Eigen::ArrayXd> ear_pa2{};          // the same at each ear, as a square
    Eigen::ArrayXd left_pa2{}, right_pa2{};  // the channels of one side alone, mean over the ears
    Eigen::ArrayXd curve_db{};               // with the source as far under its first limit as practice says
    double curveMid_db = 0.0;                // its mean in 250 Hz-4 kHz
    std::array<BandFigures, kBandCount> bands{};
    std::optional<double> image{};  // between the sides, -1 right to +1 left; an estimate
    Origin worst = Origin::Measured;
};

struct PreparedCabin;

struct StageResult {
    Fitout used{};
    Cabin cabin{};
    std::vector<ChannelInputs> inputs{};
    std::shared_ptr<const PreparedCabin> prepared{};  // for ways of sound; nothing while none was needed
    std::vector<CircuitResult> circuits{};
    std::vector<RunResult> runs{};
    std::vector<ConeResult> cones{};  // every cone that some run moves
    std::vector<RunWays> ways{};      // of each run
    CleanVoltage clean{};             // of the one volume control
    double sourceLeast_v = 0.0;       // where the source clips first
    std::map<ListenerId, HearingResult> hearing{};
    std::map<Address, Computed> expected{};                       // what a meter should read
    std::map<DeviceId, std::shared_ptr<const DriverFit>> fits{};  // of the drivers that have a place
};

struct GridTables;

struct Evaluation {
    Eigen::ArrayXd frequency_hz{};
    Practice practice{};                         // with the plan's own changes: what the results rest on
    std::shared_ptr<const GridTables> tables{};  // what depends on that practice alone
    std::map<StageId, std::shared_ptr<const StageResult>> stages{};
    std::map<StageId, std::shared_ptr<const StageSpread>> spread{};  // as far as widen() has come
};

// Nothing as long as nobody has worked it out.
[[nodiscard]] const StageSpread* spreadAt(const Evaluation& evaluation, StageId stage);
[[nodiscard]] const RunResult* findRun(const StageResult& stage, const RunId& id);
[[nodiscard]] const CircuitResult* findCircuit(const StageResult& stage, const Port& channel);
// The cone that this run moves. requires a run of the stage
[[nodiscard]] const ConeResult& coneOf(const StageResult& stage, const RunResult& run);
// The run that ends in a coil of this device: the first by id of its own coils, before those of a driver inside it.
[[nodiscard]] const RunResult* findRunOfDevice(const StageResult& stage, DeviceId device);

}  // namespace core
