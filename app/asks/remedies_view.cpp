#include "app/asks/remedies_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/session/workbench.h"
#include "app/theme/plain_label.h"
#include "app/widgets/clear_layout.h"
#include "words/customer_words.h"

namespace app {
namespace {

const QString kRemedies = QStringLiteral("remedies");

}  // namespace

RemediesView::RemediesView(QWidget* parent)
    : QWidget(parent),
      m_ask(new QPushButton(tr("What would help?"), this)),
      m_cancel(new QPushButton(tr("Cancel"), this)),
      m_busy(new QProgressBar(this)),
      m_said(new PlainLabel(this)),
      m_list(new QVBoxLayout)
{
    m_ask->setObjectName(QStringLiteral("askRemedies"));
    m_cancel->setObjectName(QStringLiteral("cancelRemedies"));
    m_busy->setRange(0, 0);
    m_busy->setTextVisible(false);
    m_said->setObjectName(QStringLiteral("remediesSaid"));
    m_said->setProperty("role", "quiet");
    m_said->setWordWrap(true);
    auto* row = new QHBoxLayout;
    row->addWidget(m_ask);
    row->addWidget(m_busy, 1);
    row->addWidget(m_cancel);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(row);
    layout->addWidget(m_said);
    layout->addLayout(m_list);
    connect(m_ask, &QPushButton::clicked, this, &RemediesView::ask);
    connect(m_cancel, &QPushButton::clicked, this, &RemediesView::stop);
    stop();
    m_said->hide();
}

void RemediesView::present(const Survey& survey)
{
    m_survey = survey;
    setVisible(!survey.plan().job.complaints.empty());
    // Under way, and given up by the bench: the shop changed, or the plan and back.
    const bool givenUp = !m_busy->isHidden() && !survey.bench->isAsked(kRemedies);
    if (survey.plan() == m_askedOf && !givenUp) return;
    stop();
    clearLayout(*m_list);  // of another plan
    m_said->hide();
}

void RemediesView::stop()
{
    if (m_survey.bench) m_survey.bench->drop(this, kRemedies);
    m_ask->show();
    m_busy->hide();
    m_cancel->hide();
}

void RemediesView::ask()
{
    stop();
    m_askedOf = m_survey.plan();
    m_ask->hide();
    m_busy->show();
    m_cancel->show();
    m_cancel->setFocus();
    m_survey.bench->ask(
        this, kRemedies, m_survey.snapshot->revision,
        [this, shown = m_survey.snapshot, plan = m_askedOf,
         listener = m_survey.listener](const std::stop_token& stop) -> Workbench::Take {
            std::vector<core::Remedy> found;
            for (const core::Complaint complaint : plan.job.complaints) {
                auto more = core::remedies(plan, shown->practice(), shown->shop->shelf, shown->shop->vehicles,
                                           shown->evaluation, complaint, listener, stop);
                found.insert(found.end(), std::make_move_iterator(more.begin()), std::make_move_iterator(more.end()));
            }
            return [this, found = std::move(found)] { show(found); };
        });
}

void RemediesView::show(const std::vector<core::Remedy>& found)
{
    stop();
    clearLayout(*m_list);
    m_said->setText(found.empty() ? tr("Nothing that can be computed changes it by half a decibel or more.")
                                  : tr("Each by itself, for these ears. Picking one plans it."));
    m_said->show();
    constexpr size_t kMost = 5;
    for (size_t i = 0; i < std::min(found.size(), kMost); ++i) {
        auto* button = new QPushButton(this);
        button->setObjectName(QStringLiteral("remedy%1").arg(i));
        const QString text = words::textOf(found[i], m_survey.snapshot->after().used);
        auto* label = new PlainLabel(text, this);
        label->setWordWrap(true);
        label->setObjectName(QStringLiteral("remedyText%1").arg(i));
        button->setText(tr("Plan it"));
        button->setAccessibleName(text);
        auto* slip = new QWidget(this);
        auto* row = new QHBoxLayout(slip);
        row->setContentsMargins(0, 0, 0, 0);
        row->addWidget(label, 1);
        row->addWidget(button);
        connect(button, &QPushButton::clicked, this, [this, edit = found[i].edit] { emit edited(edit); });
        m_list->addWidget(slip);
    }
    m_ask->setFocus();
}

}  // namespace app
