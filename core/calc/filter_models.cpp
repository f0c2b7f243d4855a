#include <cmath>

#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/equaliser.h"
#include "core/physics/level.h"
#include "core/physics/sampled_filter.h"

namespace core {
namespace {

// A transfer function as everybody wants to read it.
void setTransfer(CalcResults& results, const Eigen::ArrayXcd& h, bool list)
{
    results.set("transfer", h, list);
    if (!(h.abs() > 0.0).all()) return;
    results.set("level_db", (20.0 * h.abs().log10()).eval(), list);
    results.set("phase_deg", h.unaryExpr([](const auto& v) { return degreesOf(v); }).eval(), list);
}

Outcome<double> sampleRate(const CalcArguments& in)
{
    const double rate = in.number("sampleRate_hz"), corner = in.number("corner_hz");
    if (corner >= kMostCorner_ratio * rate)
        return refuse(ErrorCode::OutOfDomain, "corner_hz", corner, "below 0.49 of sampleRate_hz");
    if (in.has("frequency_hz") && in.numbers("frequency_hz").maxCoeff() >= 0.5 * rate)
        return refuse(ErrorCode::OutOfDomain, "frequency_hz", in.numbers("frequency_hz").maxCoeff(),
                      "below half of sampleRate_hz");
    return Answer<double>{rate, {}};
}

Outcome<CalcResults> filterModel(const CalcArguments& in)
{
    const auto shape = filterShape(in);
    if (!shape) return tl::unexpected(shape.error());
    const double corner_hz = in.number("corner_hz");
    const Eigen::ArrayXd frequency_hz = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    CalcResults results;
    if (!in.has("sampleRate_hz")) {
        setTransfer(results, filterResponse(shape->value, filterSide(in), corner_hz, frequency_hz), list);
        results.set("groupDelay_s", filterDelay_s(shape->value, filterSide(in), corner_hz, frequency_hz), list);
        return Answer<CalcResults>{std::move(results), {}};
    }
    const auto rate = sampleRate(in);
    if (!rate) return tl::unexpected(rate.error());
    Eigen::ArrayXcd h = Eigen::ArrayXcd::Ones(frequency_hz.size());
    for (const Biquad& biquad : sampledFilter(shape->value, filterSide(in), corner_hz, rate->value))
        h *= biquadResponse(biquad, rate->value, frequency_hz);
    setTransfer(results, h, list);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> sectionsModel(const CalcArguments& in)
{
    const auto shape = filterShape(in);
    if (!shape) return tl::unexpected(shape.error());
    const std::vector<FilterSection> sections = filterSections(shape->value);
    const auto count = static_cast<Eigen::Index>(sections.size());
    Eigen::ArrayXd corner(count), q(count);
    for (Eigen::Index i = 0; i < count; ++i) {
        corner(i) = sections[static_cast<size_t>(i)].corner_ratio;
        q(i) = sections[static_cast<size_t>(i)].q;
    }
    return Answer<CalcResults>{CalcResults().set("corner_ratio", corner).set("q", q), {}};
}

BandKind bandKind(const std::string& name)
{
    if (name == "lowShelf") return BandKind::LowShelf;
    if (name == "highShelf") return BandKind::HighShelf;
    if (name == "allPass1") return BandKind::AllPass1;
    return name == "allPass2" ? BandKind::AllPass2 : BandKind::Peak;
}

EqualiserBand bandOf(const CalcArguments& in)
{
    return {bandKind(in.text("kind")), in.number("corner_hz"), in.number("q"), in.number("gain_db")};
}

Outcome<CalcResults> bandModel(const CalcArguments& in)
{
    const Eigen::ArrayXd frequency_hz = in.numbers("frequency_hz");
    CalcResults results;
    if (in.has("sampleRate_hz")) {
        const auto rate = sampleRate(in);
        if (!rate) return tl::unexpected(rate.error());
        setTransfer(results, biquadResponse(bandBiquad(bandOf(in), rate->value), rate->value, frequency_hz),
                    in.isList("frequency_hz"));
    } else {
        setTransfer(results, bandResponse(bandOf(in), frequency_hz), in.isList("frequency_hz"));
    }
    return Answer<CalcResults>{std::move(results), {}};
}

CalcResults coefficients(const std::vector<Biquad>& biquads)
{
    const auto count = static_cast<Eigen::Index>(biquads.size());
    Eigen::ArrayXd b(3 * count), a(2 * count);
    for (Eigen::Index i = 0; i < count; ++i) {
        const Biquad& biquad = biquads[static_cast<size_t>(i)];
        b.segment<3>(3 * i) = Eigen::Map<const Eigen::Array3d>(biquad.b.data());
        a.segment<2>(2 * i) = Eigen::Map<const Eigen::Array2d>(biquad.a.data());
    }
    return CalcResults().set("b", b).set("a", a);
}

Outcome<CalcResults> bandBiquadModel(const CalcArguments& in)
{
    const auto rate = sampleRate(in);
    if (!rate) return tl::unexpected(rate.error());
    const std::string& kind = in.text("kind");
    if (kind == "lowPass" || kind == "highPass") {
        const FilterSide side = kind == "lowPass" ? FilterSide::LowPass : FilterSide::HighPass;
        return Answer<CalcResults>{
            coefficients({sectionBiquad(side, in.number("corner_hz"), in.number("q"), rate->value)}), {}};
    }
    return Answer<CalcResults>{coefficients({bandBiquad(bandOf(in), rate->value)}), {}};
}

Outcome<CalcResults> sampledSectionsModel(const CalcArguments& in)
{
    const auto shape = filterShape(in);
    if (!shape) return tl::unexpected(shape.error());
    const auto rate = sampleRate(in);
    if (!rate) return tl::unexpected(rate.error());
    const double corner_hz = in.number("corner_hz");
    const std::vector<double> corners = sampledCorners_hz(shape->value, filterSide(in), corner_hz, rate->value);
    CalcResults results = coefficients(sampledFilter(shape->value, filterSide(in), corner_hz, rate->value));
    results.set("sectionCorner_hz",
                Eigen::Map<const Eigen::ArrayXd>(corners.data(), static_cast<Eigen::Index>(corners.size())).eval());
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> delayModel(const CalcArguments& in)
{
    CalcResults results;
    setTransfer(results,
                (in.isSet("inverted") ? -1.0 : 1.0) * delayResponse(in.number("delay_s"), in.numbers("frequency_hz")),
                in.isList("frequency_hz"));
    return Answer<CalcResults>{std::move(results), {}};
}

}  // namespace

void addFilterModels(std::vector<CalcModel>& models)
{
    const CalcInput side = choice("side", {"lowPass", "highPass"});
    const CalcInput corner = positive("corner_hz");
    const CalcInput frequencies = positive("frequency_hz").list();
    const CalcInput rate = positive("sampleRate_hz");
    const CalcInput analogue = rate.maybe().meaning("sampled; analogue if left out");
    const CalcInput gain = within("gain_db", -kMostBandGain_db, kMostBandGain_db).orElse(0.0);
    const CalcInput q = within("q", kLeastBandQ, kMostBandQ).orElse(std::sqrt(0.5));
    const std::vector<std::string> transfer{"transfer", "level_db", "phase_deg"};
    models.push_back({"C1",
                      "filter",
                      "a low-pass or high-pass of an electronic crossover",
                      "H(S) = prod(-p_k)/prod(S - p_k), S = j f/f0; high-pass 1/S; sampled: C3",
                      withFilterShape({side, corner, frequencies, analogue}),
                      {"transfer", "level_db", "phase_deg", "groupDelay_s"},
                      filterModel});
    models.push_back({"C1",
                      "filter-sections",
                      "corner and Q of each section of a prototype; Q 0 is first order",
                      "Butterworth poles exp(j pi (2k + n + 1)/(2n)); Bessel at -3.01 dB",
                      withFilterShape({}),
                      {"corner_ratio", "q"},
                      sectionsModel});
    models.push_back({"C2",
                      "equaliser-band",
                      "a peak, a shelf or an all-pass, analogue or sampled",
                      "peak (S^2 + S A/Q + 1)/(S^2 + S/(A Q) + 1), A = 10^(gain/40)",
                      {choice("kind", {"peak", "lowShelf", "highShelf", "allPass1", "allPass2"}), corner, q, gain,
                       frequencies, analogue},
                      transfer,
                      bandModel});
    models.push_back({"C2",
                      "delay",
                      "a delay, with or without inverted polarity",
                      "exp(-j 2 pi f t), times -1",
                      {notNegative("delay_s"), flag("inverted"), frequencies},
                      transfer,
                      delayModel});
    models.push_back(
        {"C2",
         "bandwidth-q",
         "Q of a band so many octaves wide between the points of half its gain",
         "Q = sqrt(2^N)/(2^N - 1)",
         {within("bandwidth_octaves", 0.01, 20.0)},
         {"q"},
         [](const CalcArguments& in) -> Outcome<CalcResults> {
             return Answer<CalcResults>{CalcResults().set("q", qOfBandwidth(in.number("bandwidth_octaves"))), {}};
         }});
    models.push_back({"C2",
                      "shelf-q",
                      "Q of a shelf of a slope",
                      "Q = 1/sqrt((A + 1/A)(1/slope - 1) + 2)",
                      {within("slope", 0.01, 1.0), gain},
                      {"q"},
                      [](const CalcArguments& in) -> Outcome<CalcResults> {
                          return Answer<CalcResults>{
                              CalcResults().set("q", qOfShelfSlope(in.number("slope"), in.number("gain_db"))), {}};
                      }});
    models.push_back({"C3",
                      "biquad",
                      "coefficients of one sampled section or band, a0 = 1",
                      "bilinear transform, w = 2 pi f0/Fs, alpha = sin w/(2Q)",
                      {choice("kind", {"lowPass", "highPass", "peak", "lowShelf", "highShelf", "allPass1", "allPass2"}),
                       corner, q, gain, rate},
                      {"b", "a"},
                      bandBiquadModel});
    models.push_back({"C3",
                      "sampled-filter",
                      "coefficients and corners of all sections of a sampled filter",
                      "f_n = (Fs/pi) atan(w_n tan(pi f0/Fs))",
                      withFilterShape({side, corner, rate}),
                      {"b", "a", "sectionCorner_hz"},
                      sampledSectionsModel});
}

}  // namespace core
