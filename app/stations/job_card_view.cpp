#include "app/stations/job_card_view.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollBar>
#include <QTextBrowser>
#include <QVBoxLayout>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/save_path.h"
#include "card/paper.h"
#include "card/tables.h"
#include "core/io/atomic_file.h"
#include "words/figures.h"

namespace app {
namespace {

card::Shop shopOf(const ShopSettings& shop)
{
    return {shop.name, shop.currency, shop.hourlyRate, shop.letterPaper, shop.missing};
}

// Calls `use` with the card of this moment.
template <class Use>
auto withCard(const Snapshot& snapshot, const ShopSettings& settings, Use use)
{
    const card::Shop shop = shopOf(settings);
    return use(
        card::Job{snapshot.plan, snapshot.evaluation, snapshot.findings, snapshot.job, snapshot.shop->shelf,
                          snapshot.shop->vehicles, shop});
}

}  // namespace

JobCardView::JobCardView(const Theme& theme, QWidget* parent)
    : Station({.name = QStringLiteral("JobCard"),
               .title = tr("Job card"),
               .menuText = tr("&Job card"),
               .digit = 9,
               .keys = tr("Page up and down turn the card.")},
              parent),
      m_theme(theme),
      m_preview(new QTextBrowser(this))
{
    setObjectName(QStringLiteral("stationPage"));
    m_preview->setObjectName(QStringLiteral("jobCardPreview"));
    m_preview->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);  // a table may round up by a pixel
    m_preview->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);     // laid out once: no bar comes and takes width
    m_preview->setAccessibleName(tr("The job card"));
    auto* pdf = new QPushButton(tr("Save as P&DF…"), this);
    pdf->setObjectName(QStringLiteral("savePdf"));
    pdf->setProperty("role", "mend");
    auto* csv = new QPushButton(tr("Save as &CSV…"), this);
    csv->setObjectName(QStringLiteral("saveCsv"));
    auto* note = new PlainLabel(tr("As it prints"), this);
    note->setProperty("role", "quiet");
    auto* head = new QHBoxLayout;
    head->addWidget(note, 1);
    head->addWidget(csv);
    head->addWidget(pdf);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addLayout(head);
    layout->addWidget(m_preview, 1);
    connect(pdf, &QPushButton::clicked, this, &JobCardView::askForPdf);
    connect(csv, &QPushButton::clicked, this, &JobCardView::askForCsv);
    connect(&theme, &Theme::changed, this, [this] {
        if (m_snapshot) present(m_snapshot, {});
    });
}

void JobCardView::present(const SharedSnapshot& snapshot, core::ListenerId)
{
    m_snapshot = snapshot;
    const int scrolled = m_preview->verticalScrollBar()->value();
    m_preview->document()->setDefaultFont(m_theme.text());
    m_preview->document()->setDocumentMargin(m_theme.px(14));
    QString html;
    const card::Inks inks{m_theme.tokens().ink2.name(), m_theme.tokens().rust.name()};
    for (const QString& piece :
         withCard(*snapshot, m_shop, [&](const card::Job& job) { return card::piecesOf(job, inks); }))
        html += piece;
    m_preview->setHtml(html);
    m_preview->verticalScrollBar()->setValue(scrolled);
}

QString JobCardView::owed(const Snapshot& snapshot) const
{
    const int steps = static_cast<int>(snapshot.job.steps.size());
    return steps == 0 ? tr("nothing planned") : tr("%n step(s)", nullptr, steps);
}

void JobCardView::setShop(const ShopSettings& shop)
{
    m_shop = shop;
    if (m_snapshot) present(m_snapshot, {});
}

core::Result<void> JobCardView::writePdf(const QString& path) const
{
    const QByteArray bytes = withCard(*m_snapshot, m_shop, card::pdfOf);
    return core::writeAtomically(path.toStdString(), bytes.toStdString(), 0);
}

std::vector<std::pair<QString, std::string>> JobCardView::tables(const QString& path) const
{
    const QFileInfo chosen(path);
    const QString base = chosen.path() + QLatin1Char('/') + chosen.completeBaseName();
    std::vector<std::pair<QString, std::string>> files;
    for (auto& [suffix, text] : withCard(*m_snapshot, m_shop, card::csvOf))
        files.emplace_back(base + QString::fromStdString(suffix), std::move(text));
    return files;
}

void JobCardView::saveCsv(const QString& path)
{
    const auto files = tables(path);
    QStringList names;
    for (const auto& [name, text] : files) names << name;
    if (!mayOverwrite(this, names)) return;
    for (const auto& [name, text] : files)
        if (const auto written = core::writeAtomically(name.toStdString(), text, 0); !written) {
            emit said(QString::fromStdString(core::oneLine(written.error())));
            return;
        }
    emit said(tr("Saved %1").arg(names.join(QStringLiteral(", "))));
}

void JobCardView::askForPdf()
{
    const QString path = askSavePath(this, tr("Save the job card"), QStringLiteral("job-card.pdf"), tr("PDF (*.pdf)"),
                                     QStringLiteral(".pdf"));
    if (path.isEmpty()) return;
    const auto written = writePdf(path);
    emit said(written ? tr("Job card saved as %1").arg(path) : QString::fromStdString(core::oneLine(written.error())));
}

void JobCardView::askForCsv()
{
    // The name itself is not written: the three files are asked about.
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Save steps, wires and parts"), QStringLiteral("job.csv"),
                                     tr("CSV (*.csv)"), nullptr, QFileDialog::DontConfirmOverwrite);
    if (!path.isEmpty()) saveCsv(path);
}

}  // namespace app
