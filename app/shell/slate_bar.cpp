#include "app/shell/slate_bar.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "core/slate/slate.h"
#include "words/slate_words.h"

namespace app {
namespace {

constexpr const char* kSamples[] = {"68 uF 4 ohm", "3x4 ohm min 2"};

// As high as the answer; a long one scrolls, so that it never pushes the window taller.
class StepsScroll : public QScrollArea {
public:
    StepsScroll(QLabel* steps, QWidget* parent) : QScrollArea(parent), m_steps(steps)
    {
        setWidget(steps);
        setWidgetResizable(true);
        setFrameShape(QFrame::NoFrame);
        setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        setFocusPolicy(Qt::NoFocus);
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
        steps->setAutoFillBackground(false);  // setWidget turned it on
    }
    [[nodiscard]] QSize sizeHint() const override
    {
        const int wanted = m_steps->heightForWidth(std::max(200, viewport()->width()));
        return {400, std::min(kMostLines * m_steps->fontMetrics().lineSpacing(), wanted)};
    }
    [[nodiscard]] QSize minimumSizeHint() const override
    {
        return {100, std::min(kLeastLines * m_steps->fontMetrics().lineSpacing(), sizeHint().height())};
    }

protected:
    void resizeEvent(QResizeEvent* event) override
    {
        QScrollArea::resizeEvent(event);
        if (event->size().width() != event->oldSize().width()) updateGeometry();
    }

private:
    static constexpr int kLeastLines = 4, kMostLines = 14;
    QLabel* m_steps;
};

}  // namespace

SlateBar::SlateBar(const Theme& theme, PracticeNow practice, QWidget* parent)
    : QFrame(parent),
      m_practice(std::move(practice)),
      m_theme(theme),
      m_heading(new QWidget(this)),
      m_line(new QLineEdit(this)),
      m_samples(new QWidget(this)),
      m_headline(new PlainLabel(this)),
      m_steps(new PlainLabel(this)),
      m_scroll(new StepsScroll(m_steps, this))
{
    setProperty("role", "slate");
    setObjectName(QStringLiteral("slateBar"));
    m_line->setObjectName(QStringLiteral("slateLine"));
    m_line->setAccessibleName(tr("Slate: type quantities, read the answer below"));
    m_line->setPlaceholderText(tr(
        "68 uF 4 ohm   ·   50 W 4 ohm   ·   4 ohm || 8 ohm   ·   pad 3 dB 4 ohm   ·   drop 60 A 5 m awg 4   ·   help"));
    m_headline->setObjectName(QStringLiteral("slateAnswer"));
    m_steps->setObjectName(QStringLiteral("slateSteps"));
    m_steps->setProperty("role", "quiet");
    for (QLabel* label : {m_headline, m_steps}) {
        label->setTextInteractionFlags(Qt::TextSelectableByMouse);
        label->setWordWrap(true);
    }
    auto* title = new PlainLabel(tr("Slate"), m_heading);
    auto* about = new PlainLabel(tr("a quick sum, no plan needed"), m_heading);
    about->setProperty("role", "quiet");
    auto* heading = new QVBoxLayout(m_heading);
    heading->setContentsMargins(0, 0, 0, 0);
    heading->setSpacing(0);
    heading->addWidget(title);
    heading->addWidget(about);
    auto* samples = new QHBoxLayout(m_samples);
    samples->setContentsMargins(0, 0, 0, 0);
    for (const char* text : kSamples) {
        auto* sample = new QPushButton(QLatin1String(text), m_samples);
        sample->setObjectName(QStringLiteral("slateSample%1").arg(samples->count()));
        samples->addWidget(sample);
        connect(sample, &QPushButton::clicked, this, [this, text] {
            m_line->setText(QLatin1String(text));
            m_line->setFocus();
        });
    }
    auto* row = new QHBoxLayout;
    row->setSpacing(16);
    row->addWidget(m_heading);
    row->addWidget(m_line, 1);
    row->addWidget(m_samples);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addLayout(row);
    layout->addWidget(m_headline);
    layout->addWidget(m_scroll);
    connect(m_line, &QLineEdit::textChanged, this, &SlateBar::answer);
    const auto dress = [this, &theme, title] {
        m_headline->setFont(theme.figure());
        title->setFont(theme.title());
    };
    connect(&theme, &Theme::changed, this, dress);
    dress();
    answer({});
    setStanding(false);
}

void SlateBar::open()
{
    if (isHidden()) m_cameFrom = QApplication::focusWidget();
    show();
    m_line->setFocus();
    m_line->selectAll();
}

void SlateBar::setStanding(bool standing)
{
    m_standing = standing;
    setVisible(standing);
    arrange();
}

// What stands beside the line gives way to it.
void SlateBar::arrange()
{
    m_heading->setVisible(m_standing && width() >= m_theme.px(500));
    m_samples->setVisible(m_standing && width() >= m_theme.px(800));
}

void SlateBar::resizeEvent(QResizeEvent* event)
{
    QFrame::resizeEvent(event);
    arrange();
}

void SlateBar::close()
{
    m_standing ? m_line->clear() : hide();
    if (m_cameFrom) m_cameFrom->setFocus();
}

void SlateBar::answer(const QString& text)
{
    m_headline->hide();
    showSteps({});
    if (text.trimmed().isEmpty()) return;
    const auto found = core::slate(text.toUtf8().toStdString(), m_practice());
    if (!found) return showSteps(QString::fromStdString(found.error().message));
    const words::SlateText said = words::textOf(*found);
    m_headline->setText(said.headline);
    m_headline->show();
    QStringList lines = said.steps;
    if (!said.formula.isEmpty()) lines.prepend(said.formula);
    showSteps(lines.join(QLatin1Char('\n')));
}

void SlateBar::showSteps(const QString& text)
{
    m_steps->setText(text);
    m_scroll->setVisible(!text.isEmpty());
    m_scroll->updateGeometry();
}

void SlateBar::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Escape) return close();
    QFrame::keyPressEvent(event);
}

}  // namespace app
