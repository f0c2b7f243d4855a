#include "app/asks/typed_quantity.h"

#include <QCoreApplication>

#include "app/widgets/typed_number.h"
#include "core/physics/wire.h"
#include "core/slate/quantity_text.h"
#include "words/figures.h"

namespace app {

tl::expected<double, QString> typedQuantity(const QString& text, core::Quantity quantity)
{
    QString meant = text;
    if (quantity == core::Quantity::Area_m2) {  // a cable's: square millimetres where no unit stands, or a gauge
        if (const auto gauge = core::parseQuantity(text.toUtf8().toStdString(), core::Dimension::Gauge);
            gauge && text.contains(QLatin1Char('a'), Qt::CaseInsensitive))
            return core::awgArea_m2(gauge->value);
        if (typedNumber(text)) meant += QStringLiteral(" mm2");
    }
    const auto typed = core::parseQuantity(meant.toUtf8().toStdString(), core::dimensionOf(core::row(quantity).unit));
    if (!typed) return tl::unexpected(QString::fromStdString(core::oneLine(typed.error())));
    if (core::allows(quantity, typed->value)) return typed->value;
    const core::QuantityRow& limits = core::row(quantity);
    if (limits.whole && typed->value > limits.least && typed->value < limits.greatest)
        return tl::unexpected(
            QCoreApplication::translate("Survey", "%1 cannot be: a whole number is wanted.").arg(text));
    return tl::unexpected(QCoreApplication::translate("Survey", "%1 cannot be: allowed %2 to %3.")
                              .arg(text, words::fieldText(quantity, limits.least, words::UnitSystem::Metric),
                                   words::fieldText(quantity, limits.greatest, words::UnitSystem::Metric)));
}

}  // namespace app
