#include "core/evaluate/driver_fit.h"

#include <algorithm>
#include <cmath>

#include "core/base/angle.h"
#include "core/evaluate/choose_turn.h"
#include "core/evaluate/complete.h"
#include "core/evaluate/driver_mounting.h"
#include "core/physics/fixing.h"

namespace core {
namespace {

// A length with the worst origin of all that entered it, or nothing as soon as one of them is unknown.
class Length {
public:
    Length(double value, Origin worst) : m_known(true), m_value(value), m_worst(worst) {}
    Length(const Figures& figures, Quantity quantity)
    {
        const auto found = figures.find(quantity);
        if (found == figures.end()) return;
        m_known = true;
        m_value = found->second.value;
        m_worst = found->second.basis.origin;
    }
    explicit operator bool() const { return m_known; }
    [[nodiscard]] double value() const { return m_value; }
    [[nodiscard]] Origin worst() const { return m_worst; }
    [[nodiscard]] std::optional<Computed> computed() const
    {
        return m_known ? std::optional(Computed{m_value, m_worst, {}}) : std::nullopt;
    }
    friend Length operator+(Length a, const Length& b) { return a.join(b, a.m_value + b.m_value); }
    friend Length operator-(Length a, const Length& b) { return a.join(b, a.m_value - b.m_value); }

private:
    Length join(const Length& other, double value)
    {
        m_known = m_known && other.m_known;
        m_value = value;
        m_worst = std::max(m_worst, other.m_worst);
        return *this;
    }

    bool m_known = false;
    double m_value = 0.0;
    Origin m_worst = Origin::Measured;
};

class Fitter {
public:
    Fitter(const FitQuestion& question, const Practice& practice) : m_q(question), m_practice(practice) {}

    DriverFit run()
    {
        m_fit.body = bodyFigures(m_q.driver, m_practice);
        if (m_q.spacer) m_fit.spacer_m = valueOf(m_q.spacer->figures, Quantity::Thickness_m).value_or(0.0);
        // A spacer is relieved where something stands up; a bare flange sits on it.
        if (!m_q.spacer) m_fit.stump_m = valueOf(m_q.place.room, Quantity::Stump_m).value_or(0.0);
        if (done(AlterationKind::CutObstruction))
            m_fit.obstruction_m = valueOf(m_q.place.room, Quantity::Obstruction_m).value_or(0.0);
        m_fit.wantedDepth_m = m_practice[m_q.place.behind == Behind::Regulator ? PracticeKey::RegulatorMargin_m
                                                                               : PracticeKey::DepthMargin_m];
        m_fit.wantedFront_m = m_practice[PracticeKey::FrontMargin_m];
        findMargins();
        findSpacers();
        findHole();
        findScrews();
        findFixing();
        if (!done(AlterationKind::OpenCover)) findCoverLoss();
        return std::move(m_fit);
    }

private:
    [[nodiscard]] double body(Quantity quantity) const { return m_fit.body.at(quantity).value; }
    [[nodiscard]] Length bodyLength(Quantity quantity) const { return {m_fit.body, quantity}; }
    [[nodiscard]] Length room(Quantity quantity) const { return {m_q.place.room, quantity}; }
    [[nodiscard]] const Alteration* done(AlterationKind what) const
    {
        for (const Alteration* alteration : m_q.alterations)
            if (alteration->what == what) return alteration;
        return nullptr;
    }
    [[nodiscard]] DriverFront front() const
    {
        return {body(Quantity::FlangeThickness_m), body(Quantity::Surround_m), body(Quantity::MostTravel_m)};
    }
    [[nodiscard]] Length surroundOut() const
    {
        return bodyLength(Quantity::Surround_m) + bodyLength(Quantity::MostTravel_m);
    }

    void findMargins()
    {
        const Length depth = bodyLength(Quantity::Depth_m), flange = bodyLength(Quantity::FlangeThickness_m);
        const Length spacer{m_fit.spacer_m + m_fit.stump_m, Origin::Measured};
        const Length freed{m_fit.obstruction_m, Origin::Measured};
        // Below a panel a spacer pushes the magnet away, in front of it the magnet comes with it.
        const Length back = m_q.place.underPanel ? spacer + flange + depth : depth - spacer;
        m_fit.depthMargin_m = (room(Quantity::Depth_m) + freed - back).computed();
        m_fit.glassUpMargin_m = (room(Quantity::DepthGlassUp_m) - back).computed();
        if (m_q.place.underPanel) {
            if (!clearsTheSurround())
                m_fit.frontMargin_m =
                    (spacer + Length{valueOf(m_q.place.room, Quantity::Between_m).value_or(0.0), Origin::Measured} -
                     surroundOut())
                        .computed();
        } else {
            const Length reach = flange.value() > surroundOut().value() ? flange : surroundOut();
            m_fit.frontMargin_m = (room(Quantity::FrontClearance_m) - spacer - reach).computed();
        }
        const Length screw{m_q.mount.figures, Quantity::ScrewLength_m};
        const Length sheet{valueOf(m_q.place.room, Quantity::Sheet_m).value_or(0.0), Origin::Measured};
        m_fit.screwMargin_m = (room(Quantity::ScrewRoom_m) - (screw - flange - spacer - sheet)).computed();
    }

    // A hole so wide that the surround moves freely through it.
    [[nodiscard]] bool clearsTheSurround() const
    {
        const auto cutout = valueOf(m_q.place.room, Quantity::Cutout_m);
        return cutout && *cutout >= body(Quantity::Basket_m) + 2.0 * m_fit.wantedFront_m;
    }

    void findSpacers()
    {
        const double depth_m = body(Quantity::Depth_m);
        const auto available = availableDepth_m();
        const auto clearance = valueOf(m_q.place.room, Quantity::FrontClearance_m);
        if (m_q.place.underPanel) {
            const double between_m = valueOf(m_q.place.room, Quantity::Between_m).value_or(0.0);
            m_fit.spacerNeeded_m = clearsTheSurround() ? 0.0 : spacerBelow_m(front(), m_fit.wantedFront_m, between_m);
        } else if (available) {
            m_fit.spacerNeeded_m = spacerForDepth_m(depth_m, m_fit.wantedDepth_m, *available);
        } else {
            return;
        }
        auto stack = spacerStack(*m_fit.spacerNeeded_m, m_practice[PracticeList::Spacer_m],
                                 static_cast<int>(m_practice[PracticeKey::MostSpacers_count]));
        if (!stack) return;
        constexpr double kSlack_m = 1e-9;
        const bool roomLeft =
            m_q.place.underPanel
                ? !available ||
                      depthBelow_m(front(), depth_m, stack->sum_m, m_fit.wantedDepth_m) <= *available + kSlack_m
                : !clearance || frontNeed_m(front(), stack->sum_m, m_fit.wantedFront_m) <= *clearance + kSlack_m;
        if (roomLeft) m_fit.spacers = std::move(stack);
    }

    // Glass up or down, whichever leaves less.
    [[nodiscard]] std::optional<double> availableDepth_m() const
    {
        auto one = valueOf(m_q.place.room, Quantity::Depth_m);
        const auto other = valueOf(m_q.place.room, Quantity::DepthGlassUp_m);
        if (one) *one += m_fit.obstruction_m;
        if (one && other) return std::min(*one, *other);
        return one ? one : other;
    }

    // Half axes; what states no short way is round.
    [[nodiscard]] static Oval ovalOf(const Figures& figures, Quantity across, Quantity shortWay)
    {
        const double long_m = figures.at(across).value;
        return {0.5 * long_m, 0.5 * std::min(long_m, valueOf(figures, shortWay).value_or(long_m))};
    }

    // The opening as it is, or as it is planned to be cut; nothing where nobody knows it.
    [[nodiscard]] std::optional<Oval> openingThere() const
    {
        Figures opening = m_q.place.room;
        if (const Alteration* hole = done(AlterationKind::Hole)) opening = hole->figures;
        if (m_q.spacer && m_q.spacer->figures.contains(Quantity::Cutout_m)) opening = m_q.spacer->figures;
        if (!opening.contains(Quantity::Cutout_m)) return std::nullopt;
        return ovalOf(opening, Quantity::Cutout_m, Quantity::CutoutShort_m);
    }

    // An oval in an opening, or a round body in an oval one: nothing that a round saw or ring could mend.
    void findOvalHole()
    {
        constexpr double kRoom_m = 0.001, kCovered_m = 0.004, kMetal_m = 0.002;
        const Oval body = ovalOf(m_fit.body, Quantity::Basket_m, Quantity::BasketShort_m);
        const Oval flange = ovalOf(m_fit.body, Quantity::Flange_m, Quantity::FlangeShort_m);
        HoleFit fit{.limits = {.least_m = 2.0 * (body.long_m + kRoom_m),
                               .wanted_m = 2.0 * (body.long_m + kRoom_m),
                               .most_m = 2.0 * (flange.long_m - kCovered_m)}};
        fit.plan = {std::nullopt, fit.limits.wanted_m};
        fit.worst = worstOrigin(m_fit.body, {Quantity::Basket_m, Quantity::BasketShort_m, Quantity::Flange_m});
        fit.ovalCut = Oval{body.long_m + kRoom_m, body.short_m + kRoom_m};
        if (const auto opening = openingThere()) {
            fit.there_m = 2.0 * opening->long_m;
            fit.cut = !passes(body, *opening);
            const double radius_m = 0.5 * valueOf(m_fit.body, Quantity::ScrewHole_m).value_or(kUsualScrewHole_m);
            bool metal = true;
            if (const auto pattern = patternOf(m_fit.body))
                for (const ScrewHole& hole : pattern->holes)
                    metal = metal && metalTo_m(*opening, hole.u_m, hole.v_m) >= radius_m + kMetal_m - 1e-9;
            fit.ring = !fit.cut && (overlap_m(*opening, flange) < kCovered_m - 1e-9 || !metal);
        }
        m_fit.hole = fit;
    }

    void findHole()
    {
        if (m_fit.body.contains(Quantity::BasketShort_m) ||
            (openingThere() && openingThere()->short_m < openingThere()->long_m))
            return findOvalHole();
        const auto circle = patternOf(m_fit.body);
        DriverHole driver{.basket_m = body(Quantity::Basket_m), .flange_m = body(Quantity::Flange_m)};
        if (circle) driver.boltCircle_m = 2.0 * std::hypot(circle->holes.front().u_m, circle->holes.front().v_m);
        if (const auto hole = valueOf(m_fit.body, Quantity::ScrewHole_m)) driver.screwHole_m = *hole;
        const auto limits = cutoutLimits(driver);
        if (!limits) return;
        HoleFit fit{.limits = limits->value, .plan = planCutout(limits->value, m_practice[PracticeList::HoleSaw_m])};
        fit.worst = worstOrigin(m_fit.body, {Quantity::Basket_m, Quantity::Flange_m});
        fit.there_m = valueOf(m_q.place.room, Quantity::Cutout_m);
        if (!fit.there_m && m_q.usualHole) {
            fit.there_m = m_q.usualHole->value;
            fit.worst = std::max(fit.worst, m_q.usualHole->basis.origin);
        }
        if (const Alteration* hole = done(AlterationKind::Hole))
            if (const auto cut = valueOf(hole->figures, Quantity::Cutout_m)) fit.there_m = cut;
        if (m_q.spacer)
            if (const auto inside = valueOf(m_q.spacer->figures, Quantity::Cutout_m)) fit.there_m = inside;
        if (fit.there_m) {
            fit.ring = needsRing(fit.limits, *fit.there_m);
            fit.cut = *fit.there_m < fit.limits.least_m - 1e-9;
            if (fit.ring) {
                OldOpening old{.cutout_m = *fit.there_m};
                if (const auto pattern = patternOf(m_q.place.room))
                    old.boltCircle_m = 2.0 * std::hypot(pattern->holes.front().u_m, pattern->holes.front().v_m);
                if (const auto hole = valueOf(m_q.place.room, Quantity::ScrewHole_m)) old.screwHole_m = *hole;
                if (const auto ring = adapterRing(driver, fit.plan.cut_m, old, m_practice[PracticeKey::RingSheet_m])) {
                    fit.ringInside_m = ring->value.inside_m;
                    fit.ringOutside_m = ring->value.outside_m;
                }
            }
        }
        m_fit.hole = fit;
    }

    // A bracket takes the vehicle's holes with its outer ones, or with those in its tabs, whichever meets more.
    void findBracket()
    {
        if (!m_q.spacer) return;
        const auto vehicle = patternOf(m_q.place.room);
        const auto outer = outerPatternOf(m_q.spacer->figures), tabs = tabPatternOf(m_q.spacer->figures);
        if (!outer) return;
        m_fit.bracketCount = static_cast<int>(outer->holes.size());
        if (done(AlterationKind::ScrewHoles)) m_fit.bracket = PatternMatch{.matched = m_fit.bracketCount};
        if (!vehicle || m_fit.bracket) return;
        const double tolerance_m = m_practice[PracticeKey::HoleTolerance_m];
        m_fit.bracket = matchPatterns(*outer, *vehicle, tolerance_m);
        m_fit.bracketTabsOff = tabs.has_value();
        if (!tabs) return;
        const PatternMatch byTabs = matchPatterns(*tabs, *vehicle, tolerance_m);
        if (byTabs.matched <= m_fit.bracket->matched) return;
        m_fit.bracket = byTabs;
        m_fit.bracketCount = static_cast<int>(tabs->holes.size());
        m_fit.bracketTabsOff = false;
    }

    void findScrews()
    {
        findBracket();
        auto driver = patternOf(m_fit.body);
        if (driver) {
            const Oval flange = ovalOf(m_fit.body, Quantity::Flange_m, Quantity::FlangeShort_m);
            const double radius_m = 0.5 * valueOf(m_fit.body, Quantity::ScrewHole_m).value_or(kUsualScrewHole_m);
            double reach = 0.0;
            for (const ScrewHole& hole : driver->holes)
                reach = std::max(reach, screwReach(flange, hole.u_m, hole.v_m, radius_m));
            m_fit.screwReach = reach;
        }
        const auto tabs = tabPatternOf(m_fit.body);
        const bool tabsOn = tabs && valueOf(m_q.mount.figures, Quantity::TabsOff).value_or(0.0) == 0.0;
        const auto own = driver;
        if (tabsOn) driver = tabs;
        if (driver) m_fit.screwCount = static_cast<int>(driver->holes.size());
        auto there = m_q.spacer ? patternOf(m_q.spacer->figures) : std::nullopt;
        if (!there) there = patternOf(m_q.place.room);
        TurnQuestion question{.terminal_deg = valueOf(m_fit.body, Quantity::Terminal_deg),
                              .badge_deg = valueOf(m_fit.body, Quantity::Badge_deg),
                              .wireExit_deg = valueOf(m_q.place.room, Quantity::WireExit_deg),
                              .glassSide_deg = valueOf(m_q.place.room, Quantity::GlassSide_deg),
                              .within = {.down_deg = m_practice[PracticeKey::TurnDown_deg],
                                         .wire_deg = m_practice[PracticeKey::TurnWire_deg],
                                         .glass_deg = m_practice[PracticeKey::TurnGlass_deg],
                                         .badge_deg = m_practice[PracticeKey::TurnBadge_deg]}};
        const double tolerance_m = m_practice[PracticeKey::HoleTolerance_m];
        if (tabsOn && own && there) m_fit.withoutTabs = matchPatterns(*own, *there, tolerance_m);
        if (driver && there) {
            m_fit.screws = matchPatterns(*driver, *there, tolerance_m);
            if (m_fit.screws->matched >=
                std::min<int>(static_cast<int>(m_practice[PracticeKey::LeastHoles_count]), m_fit.screwCount))
                for (const double turn_rad : m_fit.screws->alsoGood_rad)
                    question.turns_deg.push_back(turn_rad / kDegree_rad);
        }
        const bool wishes = question.terminal_deg || question.badge_deg;
        if (wishes || !question.turns_deg.empty()) m_fit.turn = chooseTurn(question);
        if (driver && done(AlterationKind::ScrewHoles)) {  // drilled where it sits
            m_fit.screws = PatternMatch{.matched = m_fit.screwCount};
            return;
        }
        // A ring that is made for it has a hole for each of its screws, whatever the vehicle has under it.
        if (driver && m_q.spacer && isMade(*m_q.spacer) && !patternOf(m_q.spacer->figures)) {
            m_fit.screws = PatternMatch{.matched = m_fit.screwCount};
            return;
        }
        if (!m_fit.screws) return;
        const std::optional<double> turn_deg =
            m_q.mount.turn_deg ? m_q.mount.turn_deg : (m_fit.turn ? std::optional(m_fit.turn->turn_deg) : std::nullopt);
        if (turn_deg && (m_q.mount.turn_deg || !question.turns_deg.empty()))
            m_fit.screws = matchAt(*driver, *there, *turn_deg * kDegree_rad, tolerance_m);
    }

    void findFixing()
    {
        int count = m_fit.screwCount;
        if (m_fit.screws) count = std::max(1, m_fit.screws->matched);
        if (count == 0) return;
        m_fit.fixing_n =
            Computed{forcePerFixing_n(body(Quantity::Mass_kg), m_practice[PracticeKey::Shock_ratio], count),
                     m_fit.body.at(Quantity::Mass_kg).basis.origin,
                     {}};
    }

    void findCoverLoss()
    {
        if (m_q.place.cover == Cover::None && !m_q.place.room.contains(Quantity::GrilleHole_m)) return;
        constexpr double kLow_hz = 4000.0, kHigh_hz = 20000.0;
        constexpr int kPoints = 24;
        const Eigen::ArrayXd hz = Eigen::ArrayXd::LinSpaced(kPoints, std::log(kLow_hz), std::log(kHigh_hz)).exp();
        m_fit.coverLoss_db = coverTakes_db(m_q.place, m_practice, hz).mean();
    }

    const FitQuestion& m_q;
    const Practice& m_practice;
    DriverFit m_fit{};
};

}  // namespace

Figures bodyFigures(const Part& driver, const Practice& practice)
{
    Figures figures = driver.figures;
    const std::string coil = firstOf(driver, ElementKind::Coil);
    if (!coil.empty())
        for (const auto& [quantity, known] : driver.inside.at(coil).figures) figures[quantity] = known;
    const DriverClass& usual = practice.driverClass(driver.driverClass);
    const auto fill = [&](Quantity quantity, double value) {
        figures.try_emplace(quantity, Known{value, Basis{Origin::ClassGuess}});
    };
    fill(Quantity::Depth_m, usual.depth_m);
    fill(Quantity::Flange_m, usual.flange_m);
    fill(Quantity::FlangeThickness_m, usual.flangeThickness_m);
    fill(Quantity::Surround_m, usual.surround_m);
    fill(Quantity::Magnet_m, usual.magnet_m);
    fill(Quantity::Mass_kg, usual.mass_kg);
    // A sheet that states the hole states the body, but for its slack.
    if (const auto cutout = figures.find(Quantity::Cutout_m); cutout != figures.end())
        figures.try_emplace(Quantity::Basket_m,
                            Known{std::max(0.005, cutout->second.value - 0.001), cutout->second.basis});
    fill(Quantity::Basket_m, usual.basket_m);
    fill(Quantity::Xmax_m, usual.xmax_m);
    figures.try_emplace(Quantity::MostTravel_m, figures.at(Quantity::Xmax_m));
    return figures;
}

namespace {

// Which quantities describe a pattern.
struct PatternNames {
    Quantity count{}, circle{};
    std::optional<Quantity> width{}, height{}, start{};
};

std::optional<ScrewPattern> patternBy(const Figures& figures, const PatternNames& names)
{
    const auto value = [&](const std::optional<Quantity>& name) {
        return name ? valueOf(figures, *name) : std::nullopt;
    };
    const auto width = value(names.width), height = value(names.height);
    const auto circle = value(names.circle), count = value(names.count);
    std::optional<ScrewPattern> pattern;
    if (width && height)
        pattern = rectanglePattern(*width, *height);
    else if (circle && count && *count >= 2.0)
        pattern = circlePattern(static_cast<int>(std::lround(*count)), *circle,
                                value(names.start).value_or(0.0) * kDegree_rad);
    if (pattern) pattern->slot_m = valueOf(figures, Quantity::ScrewSlot_m).value_or(0.0);
    return pattern;
}

}  // namespace

std::optional<ScrewPattern> patternOf(const Figures& figures)
{
    return patternBy(figures, {Quantity::ScrewCount, Quantity::ScrewCircle_m, Quantity::ScrewWidth_m,
                               Quantity::ScrewHeight_m, Quantity::ScrewStart_deg});
}

std::optional<ScrewPattern> outerPatternOf(const Figures& figures)
{
    return patternBy(figures, {Quantity::OuterScrewCount, Quantity::OuterScrewCircle_m, Quantity::OuterScrewWidth_m,
                               Quantity::OuterScrewHeight_m, Quantity::OuterScrewStart_deg});
}

std::optional<ScrewPattern> tabPatternOf(const Figures& figures)
{
    return patternBy(figures, {.count = Quantity::TabCount, .circle = Quantity::TabCircle_m});
}

DriverFit fitOf(const FitQuestion& question, const Practice& practice)
{
    return Fitter(question, practice).run();
}

namespace {

// All that the fit of one driver follows from, as far as it lies in the fitout.
struct FitInputs {
    const Part* driver = nullptr;
    const Place* place = nullptr;
    const Mount* mount = nullptr;
    const Part* spacer = nullptr;
    std::vector<const Alteration*> alterations{};
    std::optional<Known> usualHole{};
};

std::optional<FitInputs> inputsOf(const Fitout& fitout, DeviceId id)
{
    static const Mount kUsual;
    const auto device = fitout.devices.find(id);
    if (device == fitout.devices.end()) return std::nullopt;
    const auto place = fitout.places.find(device->second.at);
    const Part& part = fitout.parts.at(device->second.part);
    if (part.kind != PartKind::Driver || place == fitout.places.end()) return std::nullopt;
    const auto mount = fitout.mounts.find(id);
    FitInputs inputs{&part, &place->second, mount == fitout.mounts.end() ? &kUsual : &mount->second};
    if (const auto spacer = fitout.parts.find(inputs.mount->spacer); spacer != fitout.parts.end())
        inputs.spacer = &spacer->second;
    for (const auto& [alteration, item] : fitout.alterations)
        if (item.place == device->second.at) inputs.alterations.push_back(&item);
    if (const auto hole = fitout.usualHoles.find(device->second.at); hole != fitout.usualHoles.end())
        inputs.usualHole = hole->second;
    return inputs;
}

bool sameValue(const Part* a, const Part* b)
{
    return a == b || (a && b && *a == *b);
}

bool alike(const FitInputs& a, const FitInputs& b)
{
    return *a.place == *b.place && *a.mount == *b.mount && sameValue(a.driver, b.driver) &&
           sameValue(a.spacer, b.spacer) && a.usualHole == b.usualHole &&
           std::equal(a.alterations.begin(), a.alterations.end(), b.alterations.begin(), b.alterations.end(),
                      [](const Alteration* x, const Alteration* y) { return *x == *y; });
}

}  // namespace

DriverFits fitsOf(const Fitout& fitout, const Practice& practice, const std::vector<const StageResult*>& known)
{
    const auto knownFit = [&](DeviceId id, const FitInputs& inputs) -> std::shared_ptr<const DriverFit> {
        for (const StageResult* last : known) {
            const auto fit = last->fits.find(id);
            if (fit == last->fits.end()) continue;
            const auto before = inputsOf(last->used, id);
            if (before && alike(*before, inputs)) return fit->second;
        }
        return nullptr;
    };
    DriverFits fits;
    for (const auto& [id, device] : fitout.devices) {
        const auto inputs = inputsOf(fitout, id);
        if (!inputs) continue;
        auto fit = knownFit(id, *inputs);
        if (!fit)
            fit = std::make_shared<const DriverFit>(fitOf({*inputs->driver, *inputs->place, *inputs->mount,
                                                           inputs->spacer, inputs->alterations, inputs->usualHole},
                                                          practice));
        fits.emplace(id, std::move(fit));
    }
    return fits;
}

}  // namespace core
