#pragma once

#include <QString>
#include <map>
#include <set>
#include <vector>

#include "core/job/job_plan.h"
#include "core/judgement/measure_next.h"
#include "core/practice/practice_key.h"

class QSettings;

namespace app {

// What one shop sets once for all its plans.
struct ShopSettings {
    QString name{};
    QString currency = QStringLiteral("EUR");
    double hourlyRate = 0.0;          // 0: not said
    bool letterPaper = false;         // else A4
    QString saws{};                   // hole saws at hand, as typed: "44 51 60 mm"
    std::set<core::Tool> missing{};   // tools the shop does not own
    core::Bay bay = core::kUsualBay;  // instruments at hand
    QString sheetFolder{};            // where vehicle sheets lie
    std::map<core::PracticeKey, size_t> schools{};  // house rules that new plans begin with, as far as any was chosen
    QString language{};               // the code of one that is spoken; empty: as the desktop

    static ShopSettings read(const QSettings& settings);
    void write(QSettings& settings) const;
};

// The saws that a shop typed, in metres and rising order: numbers are millimetres, whatever stands between them.
[[nodiscard]] std::vector<double> sawsOf(const QString& typed);

}  // namespace app
