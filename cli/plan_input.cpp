#include "cli/plan_input.h"

#include <iostream>

#include "core/io/plan_file.h"

namespace cli {

using namespace core;

int report(const InputError& error, bool json)
{
    if (json) print({{"error", {{"file", error.file}, {"where", error.where}, {"message", error.message}}}});
    std::cerr << oneLine(error) << '\n';
    return kUnreadable;
}

void print(const Json& json)
{
    std::cout << json.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
}

int writeTo(const Plan& plan, const std::string& output, bool json)
{
    const auto written = writePlanFile(output, {plan, {}});
    if (!written) return report(written.error(), json);
    if (json) print({{"written", output}});
    return kDone;
}

}  // namespace cli
