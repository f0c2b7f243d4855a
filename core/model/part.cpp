#include "core/model/part.h"

namespace core {

Figures figuresOf(const Part& part, const std::string& element)
{
    Figures figures = part.figures;
    if (const auto found = part.inside.find(element); found != part.inside.end())
        for (const auto& [quantity, known] : found->second.figures) figures.insert_or_assign(quantity, known);
    return figures;
}

const std::string& driverClassOf(const Part& part, const std::string& element)
{
    const auto found = part.inside.find(element);
    return found != part.inside.end() && !found->second.driverClass.empty() ? found->second.driverClass
                                                                            : part.driverClass;
}

}  // namespace core
