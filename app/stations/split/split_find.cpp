// What Split asks of the bench: the search for a crossover, what it is to come near and for whose ears.
#include <QMenu>
#include <QPointer>
#include <QPushButton>

#include "app/session/workbench.h"
#include "app/stations/split/board_dialog.h"
#include "app/stations/split/split_answers.h"
#include "app/stations/split/split_view.h"
#include "core/design/split_search.h"
#include "words/figures.h"
#include "words/split_words.h"

namespace app {

// What stands against the board that is tried, beside the best that was found.
void SplitView::askAgainst(BoardDialog* dialog, const core::Edit& tried)
{
    std::optional<core::Edit> best;
    for (const core::SplitAnswer& answer : m_answers->answers())
        if (m_answered == m_snapshot->revision && answer.kind == core::SplitKind::MostEven) best = answer.edit;
    m_bench.ask(this, against(), m_snapshot->revision,
                [shown = m_snapshot, to = QPointer(dialog), tried, best, tweeter = high(),
                 seat = m_listener, slope_db = m_slope_db_octave](const std::stop_token&) -> Workbench::Take {
                    const QString text = words::textOf(core::whyNot(shown->plan, shown->evaluation, shown->findings,
                                                                    tried, tweeter, seat, slope_db, best));
                    return [to, text] {
                        if (to) to->showAgainst(text);
                    };
                });
}

// What parts as they are sold make of the sum that is shown.
void SplitView::askBand()
{
    const std::shared_ptr<const core::StageResult> stage = shownStage();
    const auto pair = shownPair(*stage);
    if (!pair || m_allBands->isChecked()) return;
    m_bench.ask(this, band(), m_snapshot->revision,
                [this, shown = m_snapshot, stage, pair = *pair, seat = m_listener](
                    const std::stop_token& stop) -> Workbench::Take {
                    const auto found = core::splitBand(*stage, pair, seat, shown->evaluation, stop);
                    return [this, found] { m_pairPlot->showBand(found); };
                });
}

// What was found stands until the bench has searched anew.
void SplitView::showAnswers(bool again)
{
    const core::StageResult& stage = m_snapshot->after();
    m_find->setVisible(m_pair.has_value() && !m_allBands->isChecked());
    m_find->setToolTip(words::weighedBy(m_snapshot->practice(), m_answers->currency()));
    m_forSeats->setVisible(m_snapshot->plan.listeners.size() > 1);
    if (!m_pair || !(core::canBeParted(stage, *m_pair) || core::canBeSet(stage, *m_pair))) {
        m_bench.drop(this, searching());
        m_searched = {};
        m_answers->presentNone(!m_pair ? QString()
                                       : tr("Nothing can be put between these two: they are one speaker, or a channel "
                                            "of theirs has no filter."));
        return;
    }
    const core::DeviceId tweeter = high();
    const bool all = m_forSeats->isChecked();
    const Searched wanted{m_snapshot->revision, tweeter, all ? core::ListenerId{} : m_listener, m_slope_db_octave, all};
    if (wanted == m_searched && !again) return;
    m_searched = wanted;
    m_bench.ask(this, searching(), m_snapshot->revision,
                [this, shown = m_snapshot, tweeter, seat = m_listener, all,
                 slope_db = m_slope_db_octave](const std::stop_token& stop) -> Workbench::Take {
                    core::SplitTask task{.tweeter = tweeter, .slope_db_octave = slope_db};
                    for (const auto& [id, listener] : shown->plan.listeners)
                        if (all || id == seat) task.seats.push_back(id);
                    auto found = core::searchSplits(shown->plan, shown->evaluation, task, stop);
                    return [this, found = std::move(found), shown] {
                        m_answered = shown->revision;
                        if (!found || found->answers.empty())
                            m_answers->presentNone(
                                tr("No network of preferred values, and no filter, suits this pair."));
                        else
                            m_answers->present(shown, found->answers);
                    };
                });
}

void SplitView::showTarget()
{
    m_target->setText(m_slope_db_octave == 0.0 ? tr("flat")
                                               : tr("%1 an octave").arg(words::decibelChange(m_slope_db_octave)));
    m_forSeats->setText(m_forSeats->isChecked() ? tr("all seats") : tr("this seat"));
}

void SplitView::offerTargets()
{
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("targets"));
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const double slope_db : {0.0, -0.5, -1.0, -1.5, -2.0}) {
        QAction* action = menu->addAction(
            slope_db == 0.0 ? tr("A flat sum") : tr("%1 an octave to the highs").arg(words::decibelChange(slope_db)));
        action->setObjectName(QStringLiteral("target_%1").arg(slope_db));
        action->setCheckable(true);
        action->setChecked(slope_db == m_slope_db_octave);
        connect(action, &QAction::triggered, this, [this, slope_db] {
            m_slope_db_octave = slope_db;
            showTarget();
            showAnswers();
        });
    }
    menu->popup(m_target->mapToGlobal(QPoint(0, m_target->height())));
}

}  // namespace app
