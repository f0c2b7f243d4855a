#include "app/stations/split/cable_dialog.h"

#include <QDialogButtonBox>
#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <tuple>

#include "app/asks/typed_quantity.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "words/figures.h"

namespace app {

CableDialog::CableDialog(const Theme& theme, const QString& channel, const core::CableTo& cable, QWidget* parent)
    : TrialDialog(parent), m_said(new PlainLabel(this))
{
    setWindowTitle(tr("Cable of %1").arg(channel));
    auto* grid = new QGridLayout;
    int line = 0;
    for (const auto& [what, name, label, known] :
         {std::tuple{core::Quantity::Length_m, "cableLengthField", tr("how long, one way"), cable.length_m},
          {core::Quantity::Area_m2, "cableAreaField", tr("each core"), cable.area_m2}}) {
        const QString text = known ? words::fieldText(what, known->value, words::spokenUnits()) : QString();
        auto* edit = new QLineEdit(text, this);
        edit->setObjectName(QLatin1String(name));
        edit->setAccessibleName(label);
        edit->setPlaceholderText(tr("not known"));
        auto* title = new PlainLabel(label, this);
        title->setProperty("role", "quiet");
        grid->addWidget(title, line, 0);
        grid->addWidget(edit, line++, 1);
        m_fields[what] = {edit, text, known};
        connect(edit, &QLineEdit::textChanged, this, &CableDialog::read);
    }
    m_said->setObjectName(QStringLiteral("cableSaid"));
    m_said->setWordWrap(true);
    m_said->setMinimumWidth(theme.px(280));
    auto* buttons = makeButtons(QStringLiteral("cable"));
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(grid);
    layout->addWidget(m_said);
    layout->addWidget(buttons);
    read();
}

std::optional<std::optional<core::Known>> CableDialog::value(core::Quantity what) const
{
    const Field& field = m_fields.at(what);
    const QString text = field.edit->text().trimmed();
    if (text == field.text) return field.known;
    if (text.isEmpty()) return std::optional<core::Known>();
    const auto typed = typedQuantity(text, what);
    if (!typed) return std::nullopt;
    return core::Known{*typed, {core::Origin::Stated}};
}

void CableDialog::read()
{
    QString wrong;
    for (const auto& [what, field] : m_fields)
        if (!value(what) && wrong.isEmpty()) wrong = typedQuantity(field.edit->text().trimmed(), what).error();
    m_ok->setEnabled(wrong.isEmpty());
    m_said->setText(!wrong.isEmpty() ? wrong : tr("With both, its ohms count in every figure: there and back."));
    emit tried();
}

}  // namespace app
