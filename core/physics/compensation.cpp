#include "core/physics/compensation.h"

#include <nlopt.h>

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/level.h"

namespace core {
namespace {

using Complex = std::complex<double>;

struct Fit {
    Eigen::ArrayXd angular{};
    Eigen::ArrayXcd coil_ohm{};
    double re_ohm = 0.0;

    // ln |Z / Re| of the coil with the branch across it; the unknowns are ln (R / Re) and ln (C / Cstart).
    [[nodiscard]] Eigen::ArrayXd excess(double r_ohm, double c_f) const
    {
        const Eigen::ArrayXcd branch = r_ohm + (Complex{0.0, c_f} * angular.cast<Complex>()).inverse();
        return ((coil_ohm * branch / (coil_ohm + branch)).abs() / re_ohm).log();
    }
};

}  // namespace

SeriesBranch inductanceCompensation(double re_ohm, double le_h)
{
    assert(re_ohm > 0.0 && le_h > 0.0);
    return {re_ohm, 0.0, le_h / (re_ohm * re_ohm)};
}

SeriesBranch resonanceTrap(const DriverParameters& driver)
{
    const double ws = 2.0 * std::numbers::pi * driver.fs_hz;
    return {driver.re_ohm * (1.0 + driver.qes / driver.qms), driver.re_ohm * driver.qes / ws,
            1.0 / (ws * driver.re_ohm * driver.qes)};
}

ExactCompensation exactCompensation(const DriverParameters& driver)
{
    const MotionalElements motion = motionalElements(driver);
    const double square = driver.re_ohm * driver.re_ohm;
    return {
        driver.re_ohm, driver.le_h / square, {square / motion.res_ohm, square * motion.cmes_f, motion.lces_h / square}};
}

FittedCompensation fittedCompensation(const LossyCoil& coil, double crossover_hz)
{
    Fit fit;
    fit.angular =
        2.0 * std::numbers::pi * crossover_hz * (Eigen::ArrayXd::LinSpaced(49, -1.0, 1.0) * std::log(2.0)).exp();
    fit.re_ohm = coil.re_ohm;
    fit.coil_ohm = coil.re_ohm + coil.k * (fit.angular.log() * coil.exponent).exp().cast<Complex>() *
                                     std::polar(1.0, coil.exponent * std::numbers::pi / 2.0);
    // As if the coil's reactance at the crossover were a plain inductance.
    const double reactance = coil.k * std::pow(2.0 * std::numbers::pi * crossover_hz, coil.exponent);
    const double start_f = reactance / (2.0 * std::numbers::pi * crossover_hz) / (coil.re_ohm * coil.re_ohm);
    struct Context {
        const Fit* fit;
        double start_f;
    } context{&fit, start_f};
    const auto error = [](unsigned, const double* x, double*, void* data) {
        const auto* c = static_cast<const Context*>(data);
        return c->fit->excess(c->fit->re_ohm * std::exp(x[0]), c->start_f * std::exp(x[1])).square().sum();
    };
    nlopt_opt search = nlopt_create(NLOPT_LN_NELDERMEAD, 2);
    nlopt_set_min_objective(search, error, &context);
    nlopt_set_xtol_rel(search, 1e-9);
    nlopt_set_maxeval(search, 2000);
    double x[2] = {0.0, 0.0};
    double least = 0.0;
    nlopt_optimize(search, x, &least);
    nlopt_destroy(search);
    FittedCompensation result{{coil.re_ohm * std::exp(x[0]), 0.0, start_f * std::exp(x[1])}, 0.0};
    const Eigen::ArrayXd excess = fit.excess(result.branch.r_ohm, result.branch.c_f);
    result.ripple_db = decibels(std::exp(excess.maxCoeff() - excess.minCoeff()));
    return result;
}

}  // namespace core
