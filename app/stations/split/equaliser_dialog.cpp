#include "app/stations/split/equaliser_dialog.h"

#include <qcustomplot.h>

#include <QDialogButtonBox>
#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/asks/typed_quantity.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/plot_style.h"
#include "app/widgets/quiet_combo.h"
#include "app/widgets/typed_number.h"
#include "core/base/grid.h"
#include "core/model/wiring.h"
#include "words/figures.h"
#include "words/settings_words.h"

namespace app {
namespace {

constexpr core::BandKind kKinds[]{core::BandKind::Peak, core::BandKind::LowShelf, core::BandKind::HighShelf,
                                  core::BandKind::AllPass1, core::BandKind::AllPass2};
constexpr double kLeastShown_db = 6.0;

std::optional<double> within(QLineEdit* field, double least, double most)
{
    QString text = field->text();
    const auto typed = typedNumber(text.remove(QStringLiteral("dB"), Qt::CaseInsensitive));
    return typed && *typed >= least && *typed <= most ? typed : std::nullopt;
}

}  // namespace

EqualiserDialog::EqualiserDialog(const Theme& theme, const QString& channel,
                                 const std::vector<core::EqualiserBand>& bands, QWidget* parent)
    : TrialDialog(parent),
      m_theme(theme),
      m_grid(new QGridLayout),
      m_said(new PlainLabel(this)),
      m_add(new QPushButton(tr("&Another band"), this)),
      m_plot(new QCustomPlot(this))
{
    setWindowTitle(tr("Equaliser of %1").arg(channel));
    m_plot->setObjectName(QStringLiteral("equaliserPlot"));
    m_plot->setMinimumSize(theme.px(440), theme.px(150));
    m_plot->addGraph();
    stylePlot(*m_plot, theme);
    m_plot->graph(0)->setPen(QPen(theme.tokens().goldText, 2.2));
    showFrequencies(*m_plot, 20.0, 20000.0);
    m_said->setObjectName(QStringLiteral("equaliserSaid"));
    m_said->setWordWrap(true);
    m_add->setObjectName(QStringLiteral("addBand"));
    m_add->setAutoDefault(false);
    auto* buttons = makeButtons(QStringLiteral("equaliser"));
    connect(m_add, &QPushButton::clicked, this, [this] {
        addRow({});
        placeRows();
        m_rows.back().corner->setFocus();
        m_rows.back().corner->selectAll();
        read();
    });
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(m_plot, 1);
    layout->addLayout(m_grid);
    auto* foot = new QHBoxLayout;
    foot->addWidget(m_add);
    foot->addStretch(1);
    foot->addWidget(buttons);
    layout->addWidget(m_said);
    layout->addLayout(foot);
    int column = 0;
    for (const QString& heading : {tr("kind"), tr("at"), tr("dB"), tr("Q")}) {
        auto* label = new PlainLabel(heading, this);
        label->setProperty("role", "quiet");
        m_grid->addWidget(label, 0, column++);
    }
    for (const core::EqualiserBand& band : bands) addRow(band);
    placeRows();
    read();
}

void EqualiserDialog::addRow(const core::EqualiserBand& band)
{
    Row row{new QuietCombo(this), new QLineEdit(words::frequency(band.corner_hz), this),
            new QLineEdit(words::fixedNumber(band.gain_db, 1), this),
            new QLineEdit(words::fixedNumber(band.q, 2), this), new QPushButton(QStringLiteral("\u00D7"), this)};
    for (const core::BandKind kind : kKinds) row.kind->addItem(words::nameOf(kind), static_cast<int>(kind));
    row.kind->setCurrentIndex(row.kind->findData(static_cast<int>(band.kind)));
    row.kind->setAccessibleName(tr("kind of band"));
    row.corner->setAccessibleName(tr("frequency of the band"));
    row.gain->setAccessibleName(tr("dB of the band"));
    row.q->setAccessibleName(tr("Q of the band"));
    row.remove->setAccessibleName(tr("Take this band out"));
    row.remove->setToolTip(tr("Take this band out"));
    row.remove->setAutoDefault(false);
    connect(row.kind, &QComboBox::currentIndexChanged, this, &EqualiserDialog::read);
    for (QLineEdit* field : {row.corner, row.gain, row.q})
        connect(field, &QLineEdit::textChanged, this, &EqualiserDialog::read);
    connect(row.remove, &QPushButton::clicked, this, [this, which = row.remove] { removeRow(which); });
    m_rows.push_back(row);
}

void EqualiserDialog::removeRow(const QPushButton* which)
{
    const auto row = std::find_if(m_rows.begin(), m_rows.end(), [&](const Row& one) { return one.remove == which; });
    if (row == m_rows.end()) return;
    for (QWidget* widget : std::initializer_list<QWidget*>{row->kind, row->corner, row->gain, row->q, row->remove}) {
        widget->hide();
        widget->deleteLater();
    }
    m_rows.erase(row);
    placeRows();
    m_add->setFocus();
    read();
}

void EqualiserDialog::placeRows()
{
    int line = 1;
    for (const Row& row : m_rows) {
        int column = 0;
        for (QWidget* widget : std::initializer_list<QWidget*>{row.kind, row.corner, row.gain, row.q, row.remove})
            m_grid->addWidget(widget, line, column++);
        const auto name = [&](QWidget* widget, const char* what) {
            widget->setObjectName(QStringLiteral("band%1_%2").arg(line).arg(QLatin1String(what)));
        };
        name(row.kind, "kind");
        name(row.corner, "at");
        name(row.gain, "gain");
        name(row.q, "q");
        name(row.remove, "out");
        ++line;
    }
    m_add->setEnabled(m_rows.size() < core::kMostBands);
}

QString EqualiserDialog::wrongIn(const Row& row, core::EqualiserBand& band) const
{
    band.kind = static_cast<core::BandKind>(row.kind->currentData().toInt());
    const auto corner = typedQuantity(row.corner->text(), core::Quantity::HighPass_hz);
    const auto gain = within(row.gain, -core::kMostBandGain_db, core::kMostBandGain_db);
    const auto q = within(row.q, core::kLeastBandQ, core::kMostBandQ);
    if (!corner) return corner.error();
    if (!gain)
        return tr("%1 cannot be: allowed %2 to %3.")
            .arg(row.gain->text(), words::decibelChange(-core::kMostBandGain_db),
                 words::decibelChange(core::kMostBandGain_db));
    if (!q)
        return tr("Q of %1 cannot be: allowed %2 to %3.")
            .arg(row.q->text(), words::fixedNumber(core::kLeastBandQ, 1), words::fixedNumber(core::kMostBandQ, 0));
    band.corner_hz = *corner;
    band.gain_db = *gain;
    band.q = *q;
    return {};
}

std::vector<core::EqualiserBand> EqualiserDialog::bands() const
{
    std::vector<core::EqualiserBand> bands;
    for (const Row& row : m_rows)
        if (core::EqualiserBand band; wrongIn(row, band).isEmpty()) bands.push_back(band);
    return bands;
}

// All-passes have no level, and one of first order no Q.
void EqualiserDialog::read()
{
    QString wrong;
    for (const Row& row : m_rows) {
        core::EqualiserBand band;
        const QString said = wrongIn(row, band);
        if (wrong.isEmpty()) wrong = said;
        row.gain->setEnabled(band.kind != core::BandKind::AllPass1 && band.kind != core::BandKind::AllPass2);
        row.q->setEnabled(band.kind != core::BandKind::AllPass1);
    }
    m_ok->setEnabled(wrong.isEmpty());
    m_said->setText(!wrong.isEmpty() ? wrong
                    : m_rows.empty() ? tr("Flat: what comes in goes out. A band lifts or takes a stretch of it.")
                                     : QString());
    const Eigen::ArrayXd hz = core::frequencyGrid_hz();
    Eigen::ArrayXcd response = Eigen::ArrayXcd::Ones(hz.size());
    for (const core::EqualiserBand& band : bands()) response *= core::bandResponse(band, hz);
    const Eigen::ArrayXd level_db = 20.0 * response.abs().log10();
    m_plot->graph(0)->setData(QVector<double>(hz.begin(), hz.end()), QVector<double>(level_db.begin(), level_db.end()),
                              true);
    const double most_db = std::max(kLeastShown_db, 1.1 * level_db.abs().maxCoeff());
    m_plot->yAxis->setRange(-most_db, most_db);
    m_plot->replot(QCustomPlot::rpQueuedReplot);
    emit tried();
}

}  // namespace app
