#pragma once

#include <cstdio>
#include <sstream>
#include <string>
#include <vector>

// What a PDF says, page by page, as pdftotext reads it.
namespace tests {

// The words of a text, one blank apart, with plain blanks.
inline std::string simplified(std::string text)
{
    for (const std::string narrow : {"\u202f", "\u00a0"})
        for (size_t at = text.find(narrow); at != std::string::npos; at = text.find(narrow))
            text.replace(at, narrow.size(), " ");
    std::istringstream words(text);
    std::string all, word;
    while (words >> word) all += (all.empty() ? "" : " ") + word;
    return all;
}

inline std::vector<std::string> pagesOf(const std::string& pdf)
{
    std::vector<std::string> pages(1);
    FILE* pipe = popen(("pdftotext " + pdf + " - 2>/dev/null").c_str(), "r");
    for (int c = fgetc(pipe); c != EOF; c = fgetc(pipe))
        if (c == '\f')
            pages.emplace_back();
        else
            pages.back() += static_cast<char>(c);
    pclose(pipe);
    if (pages.back().empty()) pages.pop_back();
    for (std::string& page : pages) page = simplified(page);
    return pages;
}

}  // namespace tests
