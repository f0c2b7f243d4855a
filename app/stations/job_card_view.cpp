#include "app/stations/job_card_view.h"

#include <QBuffer>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPdfWriter>
#include <QPushButton>
#include <QScrollBar>
#include <QTextBrowser>
#include <QTextDocument>
#include <QVBoxLayout>
#include <sstream>

#include "app/stations/job_card_html.h"
#include "app/theme/theme.h"
#include "core/io/atomic_file.h"
#include "core/io/csv.h"
#include "words/job_words.h"

namespace app {
namespace {

std::string csvText(const words::Table& table)
{
    std::ostringstream out;
    for (const auto& row : table) {
        std::vector<std::string> cells;
        for (const QString& cell : row) cells.push_back(cell.toUtf8().toStdString());
        core::writeCsvRow(out, cells);
    }
    return out.str();
}

}  // namespace

JobCardView::JobCardView(const Theme& theme, const core::Shop& shop, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_sold(shop), m_preview(new QTextBrowser(this))
{
    setObjectName(QStringLiteral("stationPage"));
    m_preview->setObjectName(QStringLiteral("jobCardPreview"));
    m_preview->setAccessibleName(tr("The job card"));
    auto* pdf = new QPushButton(tr("Save as &PDF…"), this);
    pdf->setObjectName(QStringLiteral("savePdf"));
    pdf->setProperty("role", "mend");
    auto* csv = new QPushButton(tr("Save as &CSV…"), this);
    csv->setObjectName(QStringLiteral("saveCsv"));
    auto* note = new QLabel(tr("As it prints"), this);
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
        if (m_snapshot) present(*m_snapshot);
    });
}

void JobCardView::present(const Snapshot& snapshot)
{
    m_snapshot = &snapshot;
    const int scrolled = m_preview->verticalScrollBar()->value();
    m_preview->document()->setDefaultFont(m_theme.text());
    m_preview->document()->setDocumentMargin(m_theme.px(14));
    m_preview->setHtml(
        jobCardHtml(snapshot, m_shop, m_sold.shelf, m_theme.tokens().ink2.name(), m_theme.tokens().rust.name()));
    m_preview->verticalScrollBar()->setValue(scrolled);
}

void JobCardView::setShop(const ShopSettings& shop)
{
    m_shop = shop;
    if (m_snapshot) present(*m_snapshot);
}

bool JobCardView::writePdf(const QString& path) const
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setPageSize(QPageSize(m_shop.letterPaper ? QPageSize::Letter : QPageSize::A4));
    writer.setPageMargins(QMarginsF(0, 0, 0, 0));  // print() sets the text 2 cm in by itself
    writer.setTitle(tr("Job card"));
    QTextDocument document;
    QFont font(QStringLiteral("Lato"));
    font.setPointSizeF(9.5);
    font.setLetterSpacing(QFont::AbsoluteSpacing,
                          0.1);  // none to the eye, but without ligatures, which a search of the PDF would miss
    document.setDefaultFont(font);
    document.setHtml(jobCardHtml(*m_snapshot, m_shop, m_sold.shelf, QStringLiteral("#555"), QStringLiteral("#222")));
    document.print(&writer);
    return core::writeAtomically(path.toUtf8().toStdString(), bytes.toStdString(), 0).has_value();
}

QStringList JobCardView::writeCsv(const QString& path) const
{
    const QFileInfo chosen(path);
    const QString base = chosen.path() + QLatin1Char('/') + chosen.completeBaseName();
    const core::Fitout& before = m_snapshot->before().used;
    const core::Fitout& after = m_snapshot->after().used;
    QStringList written;
    for (const auto& [suffix, table] :
         {std::pair{QStringLiteral("-steps.csv"), words::stepTable(m_snapshot->job, before, after)},
          std::pair{QStringLiteral("-wiring.csv"), words::wireTable(m_snapshot->job, before, after)},
          std::pair{QStringLiteral("-parts.csv"), words::partTable(m_snapshot->job, after, &m_sold.shelf)}}) {
        if (!core::writeAtomically((base + suffix).toUtf8().toStdString(), csvText(table), 0)) return {};
        written << base + suffix;
    }
    return written;
}

void JobCardView::askForPdf()
{
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Save the job card"), QStringLiteral("job-card.pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty()) return;
    emit said(writePdf(path) ? tr("Job card saved as %1").arg(path)
                             : tr("%1 cannot be written; choose another folder.").arg(path));
}

void JobCardView::askForCsv()
{
    const QString path = QFileDialog::getSaveFileName(this, tr("Save steps, wires and parts"),
                                                      QStringLiteral("job.csv"), tr("CSV (*.csv)"));
    if (path.isEmpty()) return;
    const QStringList written = writeCsv(path);
    emit said(written.isEmpty() ? tr("%1 cannot be written; choose another folder.").arg(path)
                                : tr("Saved %1").arg(written.join(QStringLiteral(", "))));
}

}  // namespace app
