// Values of a test as what views are shown; the test outlives the view.
#pragma once

#include "app/session/snapshot.h"

namespace tests {

template <class Value>
std::shared_ptr<const Value> unowned(const Value& value)
{
    return {std::shared_ptr<void>{}, &value};
}

}  // namespace tests
