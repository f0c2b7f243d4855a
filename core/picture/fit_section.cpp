#include "core/picture/fit_section.h"

#include <algorithm>

namespace core {
namespace {

using What = SectionPiece::What;

constexpr double kSheet_m = 0.0012;      // of a panel whose thickness nobody noted
constexpr double kPanelBeyond_m = 0.03;  // how much of it is shown
constexpr double kBasketShare = 0.55;    // of the depth, down to the magnet

class Sketch {
public:
    Sketch(const Place& place, const Mount& mount, const DriverFit& fit) : m_place(place), m_mount(mount), m_fit(fit) {}

    FitSection draw()
    {
        const double radius_m = 0.5 * body(Quantity::Flange_m);
        m_out.radius_m = radius_m + kPanelBeyond_m;
        // Where the flange's front face lies; the driver goes back from there.
        const double raised_m = m_fit.spacer_m + m_fit.stump_m;
        const double seat_m = m_place.underPanel ? raised_m + between() : -raised_m;
        const double flange_m = body(Quantity::FlangeThickness_m);
        const double back_m =
            m_place.underPanel ? seat_m + flange_m + body(Quantity::Depth_m) : seat_m + body(Quantity::Depth_m);
        addPanel();
        addSpacer(radius_m);
        if (m_place.underPanel)
            add(What::Flange, seat_m, seat_m + flange_m, 0.5 * body(Quantity::Basket_m), radius_m);
        else
            add(What::Flange, seat_m - flange_m, seat_m, 0.5 * body(Quantity::Basket_m), radius_m);
        addBody(m_place.underPanel ? seat_m + flange_m : seat_m, back_m);
        addFront(seat_m);
        addRoom(back_m);
        addScrew(m_place.underPanel ? seat_m + flange_m : seat_m - flange_m, radius_m);
        for (const SectionPiece& piece : m_out.pieces) {
            m_out.front_m = std::min({m_out.front_m, piece.from_m, piece.to_m});
            m_out.back_m = std::max({m_out.back_m, piece.from_m, piece.to_m});
        }
        return std::move(m_out);
    }

private:
    [[nodiscard]] double body(Quantity what) const { return m_fit.body.at(what).value; }
    [[nodiscard]] std::optional<double> room(Quantity what) const { return valueOf(m_place.room, what); }
    [[nodiscard]] double between() const { return room(Quantity::Between_m).value_or(0.0); }

    void add(What what, double from_m, double to_m, double inner_m, double outer_m)
    {
        m_out.pieces.push_back({what, from_m, to_m, inner_m, outer_m});
    }

    void addPanel()
    {
        const double sheet_m = std::max(kSheet_m, room(Quantity::Sheet_m).value_or(0.0));
        double hole_m = body(Quantity::Basket_m) + 0.002;
        if (m_fit.hole && m_fit.hole->there_m && m_fit.hole->ringInside_m == std::nullopt)
            hole_m = *m_fit.hole->there_m;
        if (const auto cutout = room(Quantity::Cutout_m)) hole_m = *cutout;
        const double inner_m = 0.5 * hole_m;
        m_out.radius_m = std::max(m_out.radius_m, inner_m + kPanelBeyond_m);
        if (m_place.underPanel)
            add(What::Panel, -sheet_m, 0.0, inner_m, m_out.radius_m);
        else
            add(What::Panel, 0.0, sheet_m, inner_m, m_out.radius_m);
    }

    void addSpacer(double radius_m)
    {
        if (!(m_fit.spacer_m > 0.0)) return;
        const double from_m = m_place.underPanel ? 0.0 : -m_fit.spacer_m;
        add(What::Spacer, from_m, from_m + m_fit.spacer_m, 0.5 * body(Quantity::Basket_m) + 0.001, radius_m);
    }

    void addBody(double from_m, double back_m)
    {
        const double neck_m = from_m + kBasketShare * (back_m - from_m);
        const double magnet_m = 0.5 * body(Quantity::Magnet_m);
        add(What::Basket, from_m, neck_m, 0.8 * magnet_m, 0.5 * body(Quantity::Basket_m));
        add(What::Magnet, neck_m, back_m, 0.0, magnet_m);
    }

    void addFront(double seat_m)
    {
        const double outer_m = 0.45 * body(Quantity::Basket_m), inner_m = 0.36 * body(Quantity::Basket_m);
        const double surround_m = seat_m - body(Quantity::Surround_m);
        add(What::Surround, surround_m, seat_m, inner_m, outer_m);
        const double travel_m = surround_m - body(Quantity::MostTravel_m);
        add(What::Travel, travel_m, surround_m, inner_m, outer_m);
        const auto clearance = room(Quantity::FrontClearance_m);
        if (clearance && !m_place.underPanel) add(What::Cover, -*clearance - 0.001, -*clearance, 0.0, m_out.radius_m);
        if (!m_fit.frontMargin_m) return;
        const double reach_m =
            m_place.underPanel ? travel_m : std::min(travel_m, seat_m - body(Quantity::FlangeThickness_m));
        m_out.measures.push_back({Quantity::FrontMargin_m, reach_m - m_fit.frontMargin_m->value, reach_m,
                                  *m_fit.frontMargin_m, m_fit.wantedFront_m});
    }

    void addRoom(double back_m)
    {
        if (const auto depth = room(Quantity::Depth_m)) {
            const double at_m = *depth + m_fit.obstruction_m;  // what stood in the way is cut free
            add(What::Behind, at_m, at_m + 0.004, 0.0, m_out.radius_m);
        }
        if (const auto up = room(Quantity::DepthGlassUp_m)) add(What::GlassUp, *up, *up + 0.004, 0.0, m_out.radius_m);
        for (const auto& [what, margin] : {std::pair{Quantity::DepthMargin_m, m_fit.depthMargin_m},
                                           std::pair{Quantity::GlassMargin_m, m_fit.glassUpMargin_m}})
            if (margin) m_out.measures.push_back({what, back_m, back_m + margin->value, *margin, m_fit.wantedDepth_m});
    }

    void addScrew(double head_m, double radius_m)
    {
        const auto length = valueOf(m_mount.figures, Quantity::ScrewLength_m);
        if (!length) return;
        const double at_m = 0.5 * (0.5 * body(Quantity::Basket_m) + radius_m);
        add(What::Screw, head_m, head_m + *length, at_m - 0.002, at_m + 0.002);
        if (m_fit.screwMargin_m)
            m_out.measures.push_back({Quantity::ScrewMargin_m, head_m + *length,
                                      head_m + *length + m_fit.screwMargin_m->value, *m_fit.screwMargin_m, 0.0});
    }

    const Place& m_place;
    const Mount& m_mount;
    const DriverFit& m_fit;
    FitSection m_out{};
};

}  // namespace

FitSection fitSection(const Place& place, const Mount& mount, const DriverFit& fit)
{
    return Sketch(place, mount, fit).draw();
}

}  // namespace core
