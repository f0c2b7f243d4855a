#pragma once

#include "core/calc/calc_model.h"

namespace core {

// The models, a file for each group, in the order of the physics reference.
void addConventionModels(std::vector<CalcModel>& models);   // 0
void addLoadModels(std::vector<CalcModel>& models);         // A1 to A5, A7
void addAmplifierModels(std::vector<CalcModel>& models);    // A6, A8, A9
void addSupplyModels(std::vector<CalcModel>& models);       // A10 to A16
void addNetworkModels(std::vector<CalcModel>& models);      // B1, B7, B10, B11: what takes a netlist
void addCrossoverModels(std::vector<CalcModel>& models);    // B3 to B8
void addFilterModels(std::vector<CalcModel>& models);       // C
void addDriverModels(std::vector<CalcModel>& models);       // B2, D1 to D6, D8
void addMeasurementModels(std::vector<CalcModel>& models);  // D7, H6
void addProgrammeModels(std::vector<CalcModel>& models);    // G
void addEnclosureModels(std::vector<CalcModel>& models);    // E1 to E3, E5, E7, E8, pod
void addBoxBuildingModels(std::vector<CalcModel>& models);  // E4, E6: what is cut and glued
void addCabinModels(std::vector<CalcModel>& models);        // F1 to F7
void addHearingModels(std::vector<CalcModel>& models);      // F8 to F11
void addFitModels(std::vector<CalcModel>& models);          // I

}  // namespace core
