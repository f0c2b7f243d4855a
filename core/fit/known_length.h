#pragma once

#include <algorithm>
#include <optional>

#include "core/model/computed.h"
#include "core/model/quantity.h"

namespace core {

// A length with the worst origin of all that entered it, or nothing as soon as one of them is unknown.
class KnownLength {
public:
    KnownLength(double value, Origin worst) : m_known(true), m_value(value), m_worst(worst) {}
    KnownLength(const Figures& figures, Quantity quantity)
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
    friend KnownLength operator+(KnownLength a, const KnownLength& b) { return a.join(b, a.m_value + b.m_value); }
    friend KnownLength operator-(KnownLength a, const KnownLength& b) { return a.join(b, a.m_value - b.m_value); }

private:
    KnownLength join(const KnownLength& other, double value)
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

}  // namespace core
