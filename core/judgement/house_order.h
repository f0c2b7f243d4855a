#pragma once

#include "core/judgement/judging.h"

namespace core {

// Where schools differ, the finding names the house rule it falls under, and the mend that the house prefers is offered
// first. Severity and figures are nobody's choice.
void followHouse(Finding& finding, const Practice& practice);

}  // namespace core
