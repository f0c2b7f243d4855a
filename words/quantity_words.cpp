#include "words/quantity_words.h"

#include "words/tr.h"

namespace words {

using namespace core;

QString labelOf(Quantity quantity)
{
    return Words::tr(row(quantity).label.data());  // made of whole literals, so it ends with a nought
}

}  // namespace words
