#include "app/widgets/ohmmeter_line.h"

#include <QComboBox>
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <QStringList>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/plain_label.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/quantity_field.h"
#include "app/widgets/quiet_combo.h"
#include "core/edits/named_edits.h"
#include "core/practice/practice_shapes.h"
#include "core/slate/quantity_text.h"
#include "core/survey/expected_ohms.h"
#include "words/figures.h"

namespace app {

OhmmeterLine::OhmmeterLine(QWidget* parent, const QString& name)
    : QWidget(parent),
      m_which(new QuietCombo(this)),
      m_reading(new QuantityField(this)),
      m_leads(new QuantityField(this)),
      m_answer(new PlainLabel(this))
{
    m_which->setObjectName(name + QStringLiteral("Which"));
    m_which->setAccessibleName(tr("Which speaker was measured"));
    m_which->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_reading->setObjectName(name + QStringLiteral("Reading"));
    m_reading->setAccessibleName(tr("Ohmmeter reading, plug off"));
    m_reading->setPlaceholderText(tr("3.3 ohm"));
    m_leads->setObjectName(name + QStringLiteral("Leads"));
    m_leads->setAccessibleName(tr("What the leads read by themselves"));
    m_leads->setPlaceholderText(tr("0.2 ohm"));
    m_answer->setObjectName(name + QStringLiteral("Answer"));
    m_answer->setProperty("role", "quiet");
    m_answer->setWordWrap(true);
    auto* reading = new PlainLabel(tr("&Ohmmeter, plug off:"), this);
    reading->setBuddy(m_reading);
    auto* leads = new PlainLabel(tr("leads alone:"), this);
    leads->setBuddy(m_leads);
    // Side by side where there is room, else one under the other.
    auto* row = new FlowLayout(6);
    const auto together = [this](QLabel* label, QWidget* field) {
        auto* pair = new QWidget(this);
        auto* inside = new QHBoxLayout(pair);
        inside->setContentsMargins(0, 0, 0, 0);
        inside->addWidget(label);
        inside->addWidget(field);
        return pair;
    };
    row->addWidget(together(reading, m_reading));
    row->addWidget(together(leads, m_leads));
    row->addWidget(m_which);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(2);
    layout->addLayout(row);
    layout->addWidget(m_answer);
    m_answer->hide();
    connect(m_which, &QComboBox::activated, this, [this] { m_picked = core::StageId{m_which->currentData().toInt()}; });
    for (QuantityField* field : {m_reading, m_leads})
        connect(field, &QLineEdit::returnPressed, this, &OhmmeterLine::takeReading);
}

// As wide as a reading in the type that is used now.
void OhmmeterLine::changeEvent(QEvent* event)
{
    QWidget::changeEvent(event);
    if (event->type() != QEvent::StyleChange && event->type() != QEvent::FontChange) return;
    constexpr int kPadding = 20;
    for (QuantityField* field : {m_reading, m_leads})
        field->setFixedWidth(field->fontMetrics().horizontalAdvance(QStringLiteral("3.30 ohm ")) + kPadding);
}

void OhmmeterLine::startAfresh()
{
    m_reading->clear();
    m_reading->setModified(false);
    m_picked.reset();
    m_doubted_ohm.reset();
    say({});
}

void OhmmeterLine::say(const QString& text)
{
    m_answer->setText(text);
    m_answer->setVisible(!text.isEmpty());
}

void OhmmeterLine::present(const SharedSnapshot& shown, core::DeviceId device)
{
    if (device != m_device) startAfresh();
    m_snapshot = shown;
    const Snapshot& snapshot = *shown;
    m_device = device;
    setEnabled(static_cast<bool>(device));
    const QSignalBlocker quiet(m_which);
    m_which->clear();
    const auto found = snapshot.before().used.devices.find(device);
    const auto planned = snapshot.after().used.devices.find(device);
    const bool changed = found != snapshot.before().used.devices.end() &&
                         planned != snapshot.after().used.devices.end() && found->second.part != planned->second.part;
    // What hangs there now comes first: the planned one is still in its box.
    if (changed) m_which->addItem(tr("of the one there now"), core::kFound.number);
    if (planned != snapshot.after().used.devices.end())
        m_which->addItem(changed ? tr("of the planned one") : tr("of the speaker there"),
                         snapshot.plan.job.goal.number);
    if (m_picked) m_which->setCurrentIndex(std::max(0, m_which->findData(m_picked->number)));
}

void OhmmeterLine::ask(core::StageId stage)
{
    m_picked = stage;
    m_which->setCurrentIndex(std::max(0, m_which->findData(stage.number)));
    m_reading->setFocus();
    say(tr("Plug off, meter across the driver's own tabs; type what it shows, then Enter."));
}

bool OhmmeterLine::objects(const core::Part& part, const std::string& coil, double ohm)
{
    const auto expected = core::expectedOhms(part, coil, m_snapshot->practice());
    const bool far = expected && (ohm < expected->low || ohm > expected->high);
    if (!far || m_doubted_ohm == ohm) {
        m_doubted_ohm.reset();
        return false;
    }
    m_doubted_ohm = ohm;
    say(tr("%1 is far from what is stated: %2 to %3 would fit. Is the plug off, and is it this speaker? Enter again "
           "takes it.")
            .arg(words::ohms(ohm), words::ohms(expected->low), words::ohms(expected->high)));
    return true;
}

void OhmmeterLine::takeReading()
{
    if (!m_snapshot || !m_device || m_which->currentIndex() < 0) return;
    const auto ohms = [](const QuantityField* field) {
        return core::parseQuantity(field->text().toStdString(), core::Dimension::Resistance);
    };
    const auto reading = ohms(m_reading);
    const auto leads =
        m_leads->text().trimmed().isEmpty() ? core::Result<core::TypedQuantity>(core::TypedQuantity{}) : ohms(m_leads);
    for (const auto* typed : {&reading, &leads})
        if (!*typed)
            return say(
                tr("%1. Type a reading such as 3.3 or 3R3.").arg(QString::fromStdString(typed->error().message)));
    const auto guess =
        core::nominalFromReading({reading->value, leads->value, 0.0}, core::ohmmeterWindows(m_snapshot->practice()));
    if (!guess) {
        const bool open = guess.error().code == core::ErrorCode::Open;
        return say(open ? tr("%1 is no voice coil: a capacitor in series, a broken coil, or not a coil at all. Measure "
                             "at the driver's own tabs.")
                              .arg(words::ohms(reading->value))
                        : tr("The reading must be above what the leads read alone, and above 0."));
    }
    QStringList candidates;
    for (const core::NominalCandidate& one : guess->value.candidates) candidates << words::ohms(one.nominal_ohm);
    QString verdict = guess->value.likely ? tr("likely %1 nominal").arg(candidates.front())
                                          : tr("ambiguous: could be %1 nominal").arg(candidates.join(tr(" or ")));
    if (candidates.isEmpty())
        verdict = tr("no usual nominal impedance fits: coils in series or parallel, or a part in circuit");
    const core::StageId stage{m_which->currentData().toInt()};
    const core::Fitout& used = stage == core::kFound ? m_snapshot->before().used : m_snapshot->after().used;
    const core::Part& part = used.parts.at(used.devices.at(m_device).part);
    for (const auto& [name, element] : part.inside) {
        if (element.kind != core::ElementKind::Coil) continue;
        if (objects(part, name, reading->value - leads->value)) return;
        say(tr("Re %1, measured; %2.").arg(words::ohms(reading->value - leads->value), verdict));
        m_reading->setText({});  // unlike clear(), this leaves nothing in the field to undo
        emit edited(core::readResistance(m_snapshot->plan, stage, {m_device, name}, reading->value, leads->value));
        return;
    }
}

}  // namespace app
