#include "cli/plan_input.h"

#include <iostream>

#include "core/io/atomic_file.h"

namespace cli {

using namespace core;

int report(const InputError& error, bool json)
{
    if (json)
        std::cout << Json{{"error", {{"file", error.file}, {"where", error.where}, {"message", error.message}}}}.dump(2)
                  << '\n';
    std::cerr << oneLine(error) << '\n';
    return kUnreadable;
}

Result<Document> loadDocument(const std::string& path)
{
    const auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    return readPlanText(*text, path);
}

void print(const Json& json)
{
    std::cout << json.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
}

}  // namespace cli
