#include "words/part_value.h"

#include "words/calc_words.h"
#include "words/figures.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString partValue(ElementKind kind, double value)
{
    switch (kind) {
        case ElementKind::Capacitor:
            return farads(value);
        case ElementKind::Inductor:
            return figure(value, "H");
        case ElementKind::Resistor:
            return ohms(value);
        case ElementKind::Output:
        case ElementKind::Input:
        case ElementKind::Coil:
        case ElementKind::Link:
            return {};
    }
    return {};
}

QString partValue(const Part& part, const std::string& element)
{
    const ElementKind kind = part.inside.at(element).kind;
    const auto what = boughtBy(kind);
    if (!what) return {};
    const auto value = valueOf(figuresOf(part, element), *what);
    return value ? partValue(kind, *value) : QStringLiteral("?");
}

QString partName(const Part& part, const std::string& element)
{
    const QString value = partValue(part, element);
    switch (part.inside.at(element).kind) {
        case ElementKind::Capacitor:
            return Words::tr("capacitor %1").arg(value);
        case ElementKind::Inductor:
            return Words::tr("coil %1").arg(value);
        case ElementKind::Resistor:
            return Words::tr("resistor %1").arg(value);
        case ElementKind::Output:
        case ElementKind::Input:
        case ElementKind::Coil:
        case ElementKind::Link:
            return {};
    }
    return {};
}

}  // namespace words
