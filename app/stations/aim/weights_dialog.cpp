#include "app/stations/aim/weights_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>
#include <cmath>

#include "app/theme/plain_label.h"

namespace app {
namespace {

constexpr std::array<double core::SpotWeights::*, 6> kParts{
    &core::SpotWeights::offAxis, &core::SpotWeights::evenness, &core::SpotWeights::image,
    &core::SpotWeights::width,   &core::SpotWeights::height,   &core::SpotWeights::shadow};

}  // namespace

WeightsDialog::WeightsDialog(const core::SpotWeights& now, const core::SpotWeights& usual, QWidget* parent)
    : TrialDialog(parent)
{
    setWindowTitle(tr("What counts for a spot"));
    const std::array<QString, 6> names{tr("little lost off the axis"), tr("evenness, no notches"),
                                       tr("image in the middle"),      tr("width of the stage"),
                                       tr("at eye level"),             tr("nothing in the way")};
    auto* form = new QFormLayout;
    for (size_t i = 0; i < m_fields.size(); ++i) {
        m_fields[i] = new QSpinBox(this);
        m_fields[i]->setObjectName(QStringLiteral("weight_%1").arg(i));
        m_fields[i]->setRange(0, 100);
        m_fields[i]->setAccessibleName(names[i]);
        auto* name = new PlainLabel(names[i], this);
        name->setBuddy(m_fields[i]);
        form->addRow(name, m_fields[i]);
        connect(m_fields[i], &QSpinBox::valueChanged, this, [this] {
            m_ok->setEnabled(weights().sum() > 0.0);
            if (weights().sum() > 0.0) emit tried();
        });
    }
    auto* reset = new QPushButton(tr("as usual"), this);
    reset->setObjectName(QStringLiteral("weightsUsual"));
    connect(reset, &QPushButton::clicked, this, [this, usual] { fill(usual); });
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(new PlainLabel(tr("The points that each fault can take, by estimate."), this));
    layout->addLayout(form);
    layout->addWidget(reset, 0, Qt::AlignLeft);
    layout->addWidget(makeButtons(QStringLiteral("weights")));
    fill(now);
}

core::SpotWeights WeightsDialog::weights() const
{
    core::SpotWeights all;
    for (size_t i = 0; i < m_fields.size(); ++i) all.*kParts[i] = m_fields[i]->value();
    return all;
}

void WeightsDialog::fill(const core::SpotWeights& weights)
{
    for (size_t i = 0; i < m_fields.size(); ++i) m_fields[i]->setValue(static_cast<int>(std::lround(weights.*kParts[i])));
}

}  // namespace app
