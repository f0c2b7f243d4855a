#include "app/widgets/figure_table.h"

#include <QGridLayout>
#include <QLabel>
#include <QStringList>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "core/advice/run_change.h"
#include "core/fitout/coil_wiring.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {
namespace {

QString withOrigin(const QString& figure, const core::Known& known)
{
    return FigureTable::tr("%1 %2").arg(figure, words::nameOf(known.basis));
}

QString crossings(const core::RunResult& run)
{
    if (!run.idealCorner_hz) return FigureTable::tr("no capacitor");
    QStringList texts;
    for (const double hz : run.halfPower_hz) texts << words::frequency(hz);
    return texts.isEmpty() ? FigureTable::tr("nowhere") : texts.join(QStringLiteral(", "));
}

}  // namespace

FigureTable::FigureTable(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_change(new PlainLabel(this)), m_restoring(new PlainLabel(this))
{
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(16);
    grid->setVerticalSpacing(2);
    const std::array<QString, RowCount> names{tr("speaker"),
                                              tr("impedance"),
                                              tr("capacitor, nominal"),
                                              tr("−3 dB, real driver"),
                                              tr("source sees at least"),
                                              tr("clipping there")};
    for (const auto& [column, title] : {std::pair{1, tr("as found")}, std::pair{2, tr("as planned")}}) {
        auto* heading = new PlainLabel(title, this);
        heading->setProperty("role", "strong");
        grid->addWidget(heading, 0, column);
    }
    const std::array<const char*, RowCount> keys{"speaker", "impedance", "corner", "halfPower", "least", "atLimit"};
    for (int row = 0; row < RowCount; ++row) {
        const auto index = static_cast<size_t>(row);
        auto* name = new PlainLabel(names[index], this);
        name->setProperty("role", "quiet");
        grid->addWidget(name, row + 1, 0, Qt::AlignVCenter);
        for (const auto& [column, prefix] : {std::pair{&m_before, "before_"}, std::pair{&m_after, "after_"}}) {
            auto* cell = new PlainLabel(this);
            cell->setObjectName(QLatin1String(prefix) + QLatin1String(keys[index]));
            cell->setTextInteractionFlags(Qt::TextSelectableByMouse);
            cell->setWordWrap(true);
            column->cells[index] = cell;
            grid->addWidget(cell, row + 1, column == &m_before ? 1 : 2, Qt::AlignVCenter);
        }
    }
    m_change->setObjectName(QStringLiteral("levelChange"));
    m_restoring->setObjectName(QStringLiteral("restoringCapacitor"));
    for (QLabel* line : {m_change, m_restoring}) line->setWordWrap(true);
    grid->addWidget(m_change, RowCount + 1, 0, 1, 3);
    grid->addWidget(m_restoring, RowCount + 2, 0, 1, 3);
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(2, 1);
    connect(&theme, &Theme::changed, this, &FigureTable::restyle);
    restyle();
}

void FigureTable::restyle()
{
    QFont large = m_theme.figure();
    large.setPixelSize(m_theme.px(17));
    for (const Column* column : {&m_before, &m_after})
        for (const Row row : {Corner, Least}) column->cells[row]->setFont(large);
}

void FigureTable::showColumn(const Column& column, const core::StageResult& stage, core::DeviceId device,
                             const core::Practice& practice)
{
    for (QLabel* cell : column.cells) cell->setText(tr("–"));
    const core::RunResult* run = core::findRunOfDevice(stage, device);
    const auto entry = stage.used.devices.find(device);
    if (entry != stage.used.devices.end())
        column.cells[Speaker]->setText(QString::fromStdString(stage.used.parts.at(entry->second.part).name));
    if (!run) return;
    const core::Known& nominal = run->coil.at(core::Quantity::Nominal_ohm);
    const core::Known& re = run->coil.at(core::Quantity::Re_ohm);
    column.cells[Impedance]->setText(
        tr("%1 · Re %2").arg(withOrigin(words::ohms(nominal.value), nominal), withOrigin(words::ohms(re.value), re)));
    const core::CoilsAtDriver coils = core::coilsAtDriver(stage.used, device, practice);
    if (coils.coils.size() > 1 && coils.leads_ohm)
        column.cells[Impedance]->setText(
            tr("%1 coils of %2 · %3 at the leads")
                .arg(coils.coils.size())
                .arg(withOrigin(words::ohms(nominal.value), nominal), words::ohms(*coils.leads_ohm)));
    column.cells[Corner]->setText(
        run->idealCorner_hz
            ? tr("%1  (%2)").arg(words::frequency(*run->idealCorner_hz), words::farads(*run->seriesCapacitance_f))
            : tr("no capacitor"));
    column.cells[HalfPower]->setText(crossings(*run));
    if (const core::CircuitResult* circuit = core::findCircuit(stage, run->run.id.channel)) {
        column.cells[Least]->setText(words::signedAsKnown(
            tr("%1  at %2").arg(words::ohms(circuit->least_ohm), words::frequency(circuit->least_hz)), circuit->worst));
        const QString clip =
            tr("%1 · %2 · %3")
                .arg(words::volts(circuit->clip_v), words::amperes(circuit->clip_a), words::watts(circuit->clip_w));
        column.cells[AtLimit]->setText(words::signedAsKnown(clip, circuit->worst));
        for (const Row row : {Least, AtLimit})
            column.cells[row]->setToolTip(circuit->worst == core::Origin::ClassGuess ? tr("rests on a class guess")
                                                                                     : QString());
    }
}

void FigureTable::present(const Snapshot& snapshot, core::DeviceId device)
{
    showColumn(m_before, snapshot.before(), device, snapshot.practice());
    showColumn(m_after, snapshot.after(), device, snapshot.practice());
    const core::RunChange change = core::runChange(snapshot.before(), snapshot.after(), device);
    const bool both = change.before && change.after;
    m_change->setVisible(both);
    m_restoring->setVisible(both && change.restoring.has_value());
    if (!both) return;
    m_change->setText(
        tr("At equal volts the load alone gives %1; driver and all, %2 in the middle.")
            .arg(words::decibelChange(change.equalVolts_db, 2), words::decibelChange(change.midLevel_db)));
    if (change.restoring)
        m_restoring->setText(
            tr("The old corner: %1; to buy: %2.")
                .arg(words::farads(change.restoring->exact_f),
                     words::preferredFarads(change.restoring->e6_f, change.restoring->e12_f, change.restoring->e24_f)));
}

}  // namespace app
