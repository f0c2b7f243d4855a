#include "app/widgets/trial_dialog.h"

#include <QDialogButtonBox>
#include <QPushButton>

namespace app {

QDialogButtonBox* TrialDialog::makeButtons(const QString& name)
{
    setObjectName(name + QStringLiteral("Dialog"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    m_ok = buttons->button(QDialogButtonBox::Ok);
    m_ok->setObjectName(name + QStringLiteral("Ok"));
    m_ok->setText(tr("&Keep it"));
    QPushButton* back = buttons->button(QDialogButtonBox::Cancel);
    back->setObjectName(name + QStringLiteral("Cancel"));
    back->setText(tr("As it &was"));
    for (QAbstractButton* button : buttons->buttons()) button->setIcon({});
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    return buttons;
}

}  // namespace app
