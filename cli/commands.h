#pragma once

#include <string>

namespace cli {

struct EvaluateRequest {
    std::string plan{};
    std::string stage = "goal";  // against what was found: an id or a name
    bool json = false;
    bool csv = false;     // the curves instead, one frequency a line
    bool spread = false;  // and where each figure and each curve could lie
};

// One function a command. Each prints its result and returns the exit code: 0 done (check: no Stop), 1 a Stop stands,
// 2 the input could not be read or understood.
int evaluatePlan(const EvaluateRequest& request);
int checkPlan(const std::string& path, bool json);
int answerSlate(const std::string& text, bool json);
int printSchema(bool json);
int writeDemo(const std::string& path, bool trouble, bool json);
int printNetlist(const std::string& path, const std::string& channel, const std::string& stage, bool json);

// The vehicle of a plan as a sheet, and a new plan from one.
int writeSheet(const std::string& path, const std::string& output, bool json);
int startFromSheet(const std::string& path, const std::string& customer, const std::string& output, bool json);
// One plug of a device off: what goes quiet and what the amplifier then sees. connector: needed where there are several
int unplugDevice(const std::string& path, const std::string& device, const std::string& connector,
                 const std::string& stage, bool json);

}  // namespace cli
