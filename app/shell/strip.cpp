#include "app/shell/strip.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/elided_label.h"
#include "app/widgets/seat_plan.h"
#include "app/widgets/severity_mark.h"
#include "core/edits/branch_edits.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {

Strip::Strip(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_title(new ElidedLabel(this)),
      m_subtitle(new ElidedLabel(this)),
      m_ears(new SeatPlan(theme, this)),
      m_reach(new PlainLabel(this)),
      m_level(new PlainLabel(tr("loudest clean level"), this)),
      m_nextBand(new QPushButton(tr("›"), this))
{
    m_title->setObjectName(QStringLiteral("planTitle"));
    m_subtitle->setObjectName(QStringLiteral("planSubtitle"));
    m_subtitle->setProperty("role", "quiet");
    m_ears->setObjectName(QStringLiteral("listenerChoice"));
    m_ears->setAccessibleName(tr("Whose ears are listened with"));
    for (QLabel* label : {m_title, m_subtitle}) label->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_title->setMinimumWidth(60);
    auto* names = new QVBoxLayout;
    names->setSpacing(0);
    names->addWidget(m_title);
    names->addWidget(m_subtitle);
    m_reach->setToolTip(tr("The loudest clean level of each band at these ears, before and after"));
    m_reach->setBuddy(m_ears);
    m_reach->setAlignment(Qt::AlignBottom);
    m_level->setAlignment(Qt::AlignTop);
    m_level->setProperty("role", "quiet");
    auto* ears = new QVBoxLayout;
    ears->setSpacing(3);
    ears->addWidget(m_reach);
    ears->addWidget(m_level);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(18, 4, 12, 4);
    layout->setSpacing(10);
    layout->addLayout(names, 1);
    layout->addLayout(ears);
    layout->addWidget(m_ears);
    for (const core::BandEdges& edges : core::kBands) {
        auto* reed = new BandReed(edges.band, theme, this);
        reed->setObjectName(QStringLiteral("band%1").arg(static_cast<int>(edges.band)));
        m_reeds[static_cast<size_t>(edges.band)] = reed;
        layout->addWidget(reed);
    }
    m_nextBand->setObjectName(QStringLiteral("nextBand"));
    m_nextBand->setAccessibleName(tr("The next band"));
    layout->addWidget(m_nextBand);
    connect(m_nextBand, &QPushButton::clicked, this, [this] {
        m_shownBand = (m_shownBand + 1) % m_reeds.size();
        arrange();
    });
    for (const core::Severity severity : {core::Severity::Stop, core::Severity::Care, core::Severity::Note}) {
        auto* count = new QPushButton(this);
        count->setObjectName(QStringLiteral("count%1").arg(static_cast<int>(severity)));
        m_counts[static_cast<size_t>(severity)] = count;
        layout->addWidget(count);
        connect(count, &QPushButton::clicked, this, &Strip::findingsAsked);
    }
    arrange();
    connect(m_ears, &SeatPlan::listenerChosen, this, [this](core::ListenerId listener) {
        sayWhose();
        emit listenerChosen(listener);
    });
}

void Strip::arrange()
{
    const bool one = m_width == Width::OneBand;
    for (size_t band = 0; band < m_reeds.size(); ++band) m_reeds[band]->setVisible(!one || band == m_shownBand);
    m_nextBand->setVisible(one);
    m_reach->setVisible(m_width == Width::Whole);
    m_level->setVisible(m_width == Width::Whole);
    m_subtitle->setVisible(!one);
    // Where there is no room for the word the shape says which.
    for (size_t i = 0; i < m_counts.size(); ++i)
        m_counts[i]->setText(one ? QString::number(m_counted[i]) : m_counts[i]->accessibleName());
}

void Strip::setWidth(Width width)
{
    m_width = width;
    arrange();
}

void Strip::startAfresh()
{
    m_ears->startAfresh();
}

void Strip::chooseListener(core::ListenerId listener)
{
    m_ears->choose(listener);
}

void Strip::sayWhose()
{
    const QString name = m_ears->chosenName();
    m_reach->setText(name.isEmpty() ? tr("&Reach") : tr("&Reach, %1").arg(name));
}

core::ListenerId Strip::listener() const
{
    return m_ears->chosen();
}

void Strip::present(const Snapshot& snapshot)
{
    const core::Plan& plan = snapshot.plan;
    m_title->setFont(m_theme.title());
    m_title->setWhole(words::titleOf(plan.body));
    QStringList job{QString::fromStdString(plan.job.customer), QString::fromStdString(plan.job.complaint)};
    // Which of several ways this is.
    if (core::planWays(plan).size() > 1) job.prepend(QString::fromStdString(plan.stages.at(plan.job.goal).name));
    m_subtitle->setWhole(words::joinedKnown(job));
    m_ears->present(plan.listeners);
    sayWhose();
    showBands(snapshot);
    for (const core::Severity severity : {core::Severity::Stop, core::Severity::Care, core::Severity::Note}) {
        const auto count = std::count_if(snapshot.findings.begin(), snapshot.findings.end(),
                                         [&](const core::Finding& f) { return f.severity == severity; });
        QPushButton* button = m_counts[static_cast<size_t>(severity)];
        QPixmap mark(m_theme.px(13), m_theme.px(13));
        mark.fill(Qt::transparent);
        QPainter painter(&mark);
        painter.setRenderHint(QPainter::Antialiasing);
        drawSeverity(painter, QRectF(mark.rect()).adjusted(1, 1, -1, -1), severity, m_theme.tokens());
        button->setIcon(QIcon(mark));
        const QString said = tr("%1 %2").arg(count).arg(words::nameOf(severity));
        button->setAccessibleName(said);
        button->setToolTip(said);
        m_counted[static_cast<size_t>(severity)] = static_cast<int>(count);
    }
    arrange();
}

void Strip::showBands(const Snapshot& snapshot)
{
    const auto heardIn = [&](const core::StageResult& stage) -> const core::HearingResult* {
        const auto found = stage.hearing.find(listener());
        return found == stage.hearing.end() ? nullptr : &found->second;
    };
    const core::HearingResult* before = heardIn(snapshot.before());
    const core::HearingResult* after = heardIn(snapshot.after());
    const core::StageSpread* spread = core::spreadAt(snapshot.evaluation, snapshot.plan.job.goal);
    const bool known = spread && spread->hearing.contains(listener());
    for (size_t band = 0; band < core::kBandCount; ++band)
        m_reeds[band]->show(before ? &before->bands[band] : nullptr, after ? &after->bands[band] : nullptr,
                            known ? &spread->hearing.at(listener()).reach_db[band] : nullptr);
}

void Strip::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setPen(m_theme.tokens().rule);
    painter.drawLine(0, height() - 1, width(), height() - 1);
}

}  // namespace app
