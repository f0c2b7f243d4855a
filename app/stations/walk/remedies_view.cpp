#include "app/stations/walk/remedies_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMetaObject>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/widgets/clear_layout.h"
#include "app/widgets/plain_label.h"
#include "words/customer_words.h"

namespace app {

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

RemediesView::~RemediesView()
{
    ++m_run;
    m_worker = {};  // asks it to stop and waits
}

void RemediesView::present(const Survey& survey)
{
    m_survey = survey;
    setVisible(!survey.plan().job.complaints.empty());
    if (survey.plan() == m_askedOf) return;
    stop();
    clearLayout(*m_list);  // of another plan
    m_said->hide();
}

void RemediesView::stop()
{
    ++m_run;
    m_worker.request_stop();
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
    // By value: the plan may move on meanwhile.
    m_worker = std::jthread([this, run = m_run, plan = m_askedOf, shop = m_survey.shop, listener = m_survey.listener,
                             evaluation = m_survey.snapshot->evaluation](const std::stop_token& token) {
        std::vector<core::Remedy> found;
        for (const core::Complaint complaint : plan.job.complaints) {
            auto more = core::remedies(plan, shop->practice, shop->shelf, shop->vehicles, evaluation, complaint,
                                       listener, token);
            found.insert(found.end(), std::make_move_iterator(more.begin()), std::make_move_iterator(more.end()));
        }
        if (token.stop_requested()) return;
        QMetaObject::invokeMethod(
            this,
            [this, run, found] {
                if (run == m_run) show(found);
            },
            Qt::QueuedConnection);
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
