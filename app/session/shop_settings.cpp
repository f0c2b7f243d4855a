#include "app/session/shop_settings.h"

#include <QLocale>
#include <QRegularExpression>
#include <QSettings>
#include <QStandardPaths>
#include <QStringList>

#include "core/model/names.h"

namespace app {
namespace {

QString schoolKey(core::PracticeKey rule)
{
    return QStringLiteral("house/") + QString::fromUtf8(core::textOf(rule));
}

}  // namespace

ShopSettings ShopSettings::read(const QSettings& settings)
{
    ShopSettings shop;
    shop.name = settings.value(QStringLiteral("shop/name")).toString();
    shop.currency = settings.value(QStringLiteral("shop/currency"), shop.currency).toString();
    shop.hourlyRate = settings.value(QStringLiteral("shop/hourlyRate"), 0.0).toDouble();
    const bool letter = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
    shop.letterPaper = settings.value(QStringLiteral("shop/letterPaper"), letter).toBool();
    shop.saws = settings.value(QStringLiteral("shop/saws")).toString();
    for (const QString& tool : settings.value(QStringLiteral("shop/missingTools")).toStringList())
        shop.missing.insert(static_cast<core::Tool>(tool.toInt()));
    if (const QVariant bay = settings.value(QStringLiteral("shop/bay")); bay.isValid()) {
        shop.bay.clear();
        for (const QString& name : bay.toStringList())
            if (const auto one = core::enumFromText<core::Instrument>(name.toStdString())) shop.bay.insert(*one);
    }
    shop.sheetFolder =
        settings
            .value(QStringLiteral("shop/sheetFolder"),
                   QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/sheets"))
            .toString();
    for (const auto& rule : core::enumNames<core::PracticeKey>()) {
        if (!rule.text.ends_with("_school")) continue;  // of some hundred keys these few are looked up at start-up
        const QVariant school = settings.value(schoolKey(rule.value));
        if (school.isValid() && school.toInt() >= 0) shop.schools[rule.value] = static_cast<size_t>(school.toInt());
    }
    shop.language = settings.value(QStringLiteral("shop/language")).toString();
    return shop;
}

void ShopSettings::write(QSettings& settings) const
{
    settings.setValue(QStringLiteral("shop/name"), name);
    settings.setValue(QStringLiteral("shop/currency"), currency);
    settings.setValue(QStringLiteral("shop/hourlyRate"), hourlyRate);
    settings.setValue(QStringLiteral("shop/letterPaper"), letterPaper);
    settings.setValue(QStringLiteral("shop/saws"), saws);
    QStringList tools;
    for (const core::Tool tool : missing) tools << QString::number(static_cast<int>(tool));
    settings.setValue(QStringLiteral("shop/missingTools"), tools);
    QStringList bayNames;
    for (const core::Instrument one : bay) bayNames << QString::fromStdString(std::string(core::textOf(one)));
    settings.setValue(QStringLiteral("shop/bay"), bayNames);
    settings.setValue(QStringLiteral("shop/sheetFolder"), sheetFolder);
    for (const auto& [rule, school] : schools) settings.setValue(schoolKey(rule), static_cast<int>(school));
    settings.setValue(QStringLiteral("shop/language"), language);
}

std::vector<double> sawsOf(const QString& typed)
{
    static const QRegularExpression kNumber(QStringLiteral("[0-9]+([.,][0-9]+)?"));
    std::set<double> saws;
    for (auto match = kNumber.globalMatch(typed); match.hasNext();) {
        const double saw_mm = match.next().captured().replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
        constexpr double kLeast_mm = 5.0, kMost_mm = 400.0;
        if (saw_mm >= kLeast_mm && saw_mm <= kMost_mm) saws.insert(saw_mm / 1000.0);
    }
    return {saws.begin(), saws.end()};
}

}  // namespace app
