#include <algorithm>

#include "core/calc/model_groups.h"

namespace core {

const std::vector<CalcModel>& calcModels()
{
    static const std::vector<CalcModel> kModels = [] {
        std::vector<CalcModel> models;
        addConventionModels(models);
        addLoadModels(models);
        addAmplifierModels(models);
        addSupplyModels(models);
        addNetworkModels(models);
        addCrossoverModels(models);
        addFilterModels(models);
        addDriverModels(models);
        addMeasurementModels(models);
        addEnclosureModels(models);
        addBoxBuildingModels(models);
        addCabinModels(models);
        addHearingModels(models);
        addProgrammeModels(models);
        addFitModels(models);
        // By letter, then by number: B2 before B10.
        std::stable_sort(models.begin(), models.end(), [](const CalcModel& a, const CalcModel& b) {
            return std::pair(a.section[0], a.section.size()) != std::pair(b.section[0], b.section.size())
                       ? std::pair(a.section[0], a.section.size()) < std::pair(b.section[0], b.section.size())
                       : a.section < b.section;
        });
        return models;
    }();
    return kModels;
}

}  // namespace core
