// What Split asks of the bench: the search for a crossover, what it is to come near and for whose ears.
#include <QFileDialog>
#include <QFileInfo>
#include <QMenu>
#include <QPointer>
#include <QPushButton>

#include "app/session/workbench.h"
#include "app/stations/split/board_dialog.h"
#include "app/stations/split/pair_plot.h"
#include "app/stations/split/split_answers.h"
#include "app/stations/split/split_view.h"
#include "core/design/split_search.h"
#include "core/edits/target_edits.h"
#include "core/intake/target_curve.h"
#include "core/io/atomic_file.h"
#include "words/figures.h"
#include "words/made_names.h"
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
    showTarget();
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
    const bool own = !m_slope_db_octave && m_snapshot && m_snapshot->plan.job.target;
    const double slope_db = m_slope_db_octave.value_or(0.0);
    m_target->setText(own               ? tr("own curve")
                      : slope_db == 0.0 ? tr("flat")
                                        : tr("%1 an octave").arg(words::decibelChange(slope_db)));
    m_forSeats->setText(m_forSeats->isChecked() ? tr("all seats") : tr("this seat"));
}

void SplitView::offerTargets()
{
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("targets"));
    menu->setAttribute(Qt::WA_DeleteOnClose);
    const auto add = [&](const QString& name, const QString& text, auto then) {
        QAction* action = menu->addAction(text);
        action->setObjectName(name);
        connect(action, &QAction::triggered, this, then);
        return action;
    };
    const auto choose = [&](const QString& name, const QString& text, std::optional<double> slope_db, bool isChosen) {
        QAction* action = add(name, text, [this, slope_db] {
            m_slope_db_octave = slope_db;
            showTarget();
            showAnswers();
        });
        action->setCheckable(true);
        action->setChecked(isChosen);
    };
    const auto own = m_snapshot->plan.curves.find(m_snapshot->plan.job.target);
    const bool hasOwn = own != m_snapshot->plan.curves.end();
    for (const double slope_db : {0.0, -0.5, -1.0, -1.5, -2.0})
        choose(QStringLiteral("target_%1").arg(slope_db),
               slope_db == 0.0 ? tr("A flat sum") : tr("%1 an octave to the highs").arg(words::decibelChange(slope_db)),
               slope_db, m_slope_db_octave == slope_db || (!hasOwn && !m_slope_db_octave && slope_db == 0.0));
    menu->addSeparator();
    if (hasOwn)
        choose(QStringLiteral("target_own"), tr("This plan's curve, %1").arg(words::named(own->second.name)), {},
               !m_slope_db_octave);
    add(QStringLiteral("target_take"), tr("A curve from a file\u2026"), [this] { takeTargetFile(); });
    if (hasOwn)
        add(QStringLiteral("target_forget"), tr("Forget this plan's curve"),
            [this] { emit edited(core::setTarget(m_snapshot->plan, {})); });
    menu->popup(m_target->mapToGlobal(QPoint(0, m_target->height())));
}

void SplitView::takeTargetFile()
{
    const QString path =
        QFileDialog::getOpenFileName(this, tr("What the sum is to come near"), {}, tr("Curves (*.frd *.txt *.csv)"));
    if (!path.isEmpty()) readTarget(path);
}

bool SplitView::readTarget(const QString& path)
{
    const std::string name = QFileInfo(path).fileName().toUtf8().toStdString();
    const auto refused = [&](const core::InputError& error) {
        emit said(QString::fromStdString(core::oneLine(error)));
        return false;
    };
    const auto text = core::readWholeFile(path.toUtf8().toStdString());
    if (!text) return refused({name, {}, text.error().message});
    const auto edit = core::takeTarget(m_snapshot->plan, *text, name);
    if (!edit) return refused(edit.error());
    m_slope_db_octave.reset();
    emit edited(*edit);
    return true;
}

}  // namespace app
