#include "words/quantity_words.h"

#include "words/calc_words.h"
#include "words/figures.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString labelOf(Quantity quantity)
{
    return Words::tr(row(quantity).label.data());  // made of whole literals, so it ends with a nought
}

QString figureOf(Quantity quantity, double value)
{
    const std::string_view unit = row(quantity).unit;
    return unit.starts_with("dB") ? decibels(value) : figure(value, unit);
}

}  // namespace words
