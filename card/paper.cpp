#include "card/paper.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QCoreApplication>
#include <QFontDatabase>
#include <QPainter>
#include <QPdfWriter>
#include <QTextDocument>
#include <algorithm>
#include <memory>

namespace card {
namespace {

struct Paper {
    Q_DECLARE_TR_FUNCTIONS(Paper)
};

constexpr double kMargin_mm = 18.0, kFoot_mm = 8.0, kOverHeading_mm = 3.0;
constexpr double kInch_mm = 25.4;

QFont textFont()
{
    QFont font(QStringLiteral("Lato"));
    font.setPointSizeF(9.5);
    // None to the eye, but without ligatures, which a search of the PDF would miss.
    font.setLetterSpacing(QFont::AbsoluteSpacing, 0.1);
    return font;
}

// A piece where it stands: on which page, how far down, and from where in it where it is longer than a page.
struct Laid {
    QTextDocument* piece = nullptr;
    int page = 0;
    double top = 0.0, from = 0.0, height = 0.0;
};

class Printer {
public:
    explicit Printer(QPdfWriter& writer) : m_writer(writer)
    {
        const double dot = writer.resolution() / kInch_mm;
        m_width = writer.width();
        m_height = writer.height() - kFoot_mm * dot;
    }

    void print(const std::vector<QString>& pieces, const QString& foot)
    {
        for (const QString& piece : pieces) lay(piece);
        QPainter painter(&m_writer);
        int page = 0;
        for (const Laid& laid : m_laid) {
            for (; page < laid.page; ++page) {
                paintFoot(painter, foot, page);
                m_writer.newPage();
            }
            painter.save();
            painter.translate(0.0, laid.top - laid.from);
            laid.piece->drawContents(&painter, QRectF(0.0, laid.from, m_width, laid.height));
            painter.restore();
        }
        paintFoot(painter, foot, page);
    }

private:
    void lay(const QString& html)
    {
        auto document = std::make_unique<QTextDocument>();
        document->documentLayout()->setPaintDevice(&m_writer);
        document->setDocumentMargin(0.0);
        document->setDefaultFont(textFont());
        document->setHtml(html);
        document->setTextWidth(m_width);
        // The margin over a heading is lost where a document begins with it.
        if (html.startsWith(QStringLiteral("<h")) && m_top > 0.0)
            m_top += kOverHeading_mm * m_writer.resolution() / kInch_mm;
        double left = document->size().height();
        if (left > m_height - m_top && m_top > 0.0) turnPage();
        for (double from = 0.0; left > 0.0;) {
            const double height = std::min(left, m_height - m_top);
            m_laid.push_back({document.get(), m_page, m_top, from, height});
            from += height;
            left -= height;
            m_top += height;
            if (left > 0.0) turnPage();
        }
        m_pieces.push_back(std::move(document));
    }

    void turnPage()
    {
        ++m_page;
        m_top = 0.0;
    }

    void paintFoot(QPainter& painter, const QString& foot, int page) const
    {
        QFont font = textFont();
        font.setPointSizeF(8.0);
        painter.setFont(font);
        painter.setPen(Qt::black);
        const QRectF line(0.0, m_height, m_width, m_writer.height() - m_height);
        painter.drawText(line, Qt::AlignLeft | Qt::AlignBottom, foot);
        painter.drawText(line, Qt::AlignRight | Qt::AlignBottom,
                         Paper::tr("page %1 of %2").arg(page + 1).arg(m_page + 1));
    }

    QPdfWriter& m_writer;
    double m_width = 0.0, m_height = 0.0, m_top = 0.0;
    int m_page = 0;
    std::vector<std::unique_ptr<QTextDocument>> m_pieces{};
    std::vector<Laid> m_laid{};
};

}  // namespace

void loadFonts()
{
    for (const char* file : {":/fonts/Lato-Regular.ttf", ":/fonts/Lato-Bold.ttf", ":/fonts/Cabin-SemiBold.otf"})
        QFontDatabase::addApplicationFont(QString::fromLatin1(file));
}

QByteArray pdfOf(const Job& job)
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setPageSize(QPageSize(job.shop.letterPaper ? QPageSize::Letter : QPageSize::A4));
        writer.setPageMargins(QMarginsF(kMargin_mm, kMargin_mm, kMargin_mm, kMargin_mm), QPageLayout::Millimeter);
        writer.setTitle(Paper::tr("Job card"));
        Printer(writer).print(piecesOf(job, {QStringLiteral("#555"), QStringLiteral("#222")}), titleOf(job.plan));
    }
    return bytes;
}

}  // namespace card
