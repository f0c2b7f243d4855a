#pragma once

#include <gtest/gtest.h>

#include <cmath>
#include <fstream>
#include <map>
#include <sstream>
#include <string>
#include <vector>

#include "core/io/csv.h"

// Tables of tests/reference: comment lines that name the source, a heading, then rows.
namespace tests {

inline constexpr const char* kCalcFiles[] = {"calc_electrical.csv", "calc_networks.csv",   "calc_filters.csv",
                                             "calc_drivers.csv",    "calc_enclosures.csv", "calc_hearing.csv",
                                             "calc_sweeps.csv",     "calc_fit.csv"};

using ReferenceRow = std::map<std::string, std::string>;

inline std::vector<ReferenceRow> referenceRows(const std::string& file)
{
    std::ifstream in(std::string(TEST_FOLDER) + "/reference/" + file);
    EXPECT_TRUE(in) << file;
    std::string text;
    for (std::string line; std::getline(in, line);)
        if (!line.starts_with('#')) text += line + "\n";
    const auto rows = core::readCsv(text, file);
    EXPECT_TRUE(rows) << core::oneLine(rows.error());
    std::vector<ReferenceRow> named;
    for (size_t i = 1; i < rows->size(); ++i) {
        ReferenceRow& row = named.emplace_back();
        for (size_t column = 0; column < rows->front().cells.size(); ++column)
            row[rows->front().cells[column]] = (*rows)[i].cells.at(column);
    }
    return named;
}

inline double number(const ReferenceRow& row, const std::string& column)
{
    return std::stod(row.at(column));
}

// Half a unit of the last digit a number is printed with: "-3.01030" -> 0.000005.
inline double halfLastDigit(const std::string& printed)
{
    const size_t exponent = printed.find_first_of("eE");
    const std::string mantissa = printed.substr(0, exponent);
    const size_t point = mantissa.find('.');
    const double decimals = point == std::string::npos ? 0.0 : static_cast<double>(mantissa.size() - point - 1);
    const double scale = exponent == std::string::npos ? 0.0 : std::stod(printed.substr(exponent + 1));
    return 0.5 * std::pow(10.0, scale - decimals) * (1.0 + 1e-9);
}

// The tolerance of a printed value: its own, relative, after a ~, or half its last digit.
inline double toleranceOf(const std::string& printed)
{
    const size_t mark = printed.find('~');
    if (mark == std::string::npos) return halfLastDigit(printed);
    return std::abs(std::stod(printed)) * std::stod(printed.substr(mark + 1));
}

}  // namespace tests
