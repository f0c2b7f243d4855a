#include "app/session/plan_session.h"

#include <QFileInfo>
#include <QTimer>
#include <QUndoCommand>

#include "app/session/widening.h"
#include "app/session/workbench.h"
#include "core/design/try_driver.h"
#include "core/edits/house_edits.h"
#include "core/edits/vehicle_sheet.h"
#include "core/evaluate/evaluate.h"
#include "core/io/atomic_file.h"
#include "core/judgement/held_steady.h"
#include "core/judgement/judge.h"
#include "core/judgement/measure_next.h"
#include "core/model/validate.h"
#include "words/name_words.h"

namespace app {

// One edit on the stack: it and its inverse, never a whole plan.
class EditCommand : public QUndoCommand {
public:
    // drag: steps of one drag have its number and become one; 0: stands by itself
    EditCommand(PlanSession& session, core::Edit edit, int drag)
        : QUndoCommand(words::nameOf(edit)), m_session(session), m_edit(std::move(edit)), m_drag(drag)
    {
    }

    [[nodiscard]] int id() const override { return m_drag > 0 ? m_drag : -1; }
    bool mergeWith(const QUndoCommand* later) override
    {
        return core::mergeInto(m_edit, static_cast<const EditCommand*>(later)->m_edit);
    }

    void redo() override
    {
        core::Applied applied = core::apply(m_session.m_document.plan, m_edit);
        m_inverse = std::move(applied.inverse);
        m_session.setPlan(std::move(applied.plan));
    }
    void undo() override
    {
        m_session.setPlan(core::apply(m_session.m_document.plan, m_inverse).plan);
        if (m_givenUp) setObsolete(true);  // the stack forgets it
    }
    void giveUp() { m_givenUp = true; }

private:
    PlanSession& m_session;
    core::Edit m_edit;
    core::Edit m_inverse{};
    int m_drag;
    bool m_givenUp = false;
};

namespace {

constexpr int kRecoveryDelay_ms = 1500;

std::string utf8(const QString& text)
{
    return text.toUtf8().toStdString();
}

}  // namespace

PlanSession::PlanSession(core::Shop shop, QString recoveryFolder, QObject* parent)
    : QObject(parent),
      m_shop(std::make_shared<const core::Shop>(std::move(shop))),
      m_recovery(std::move(recoveryFolder)),
      m_snapshot(std::make_shared<const Snapshot>()),
      m_recoveryTimer(new QTimer(this)),
      m_bench(std::make_unique<Workbench>()),
      m_widening(new Widening(*m_bench, this))
{
    connect(m_widening, &Widening::done, this, &PlanSession::takeSpread);
    m_recoveryTimer->setSingleShot(true);
    m_recoveryTimer->setInterval(kRecoveryDelay_ms);
    connect(m_recoveryTimer, &QTimer::timeout, this, &PlanSession::writeRecoveryNow);
}

PlanSession::~PlanSession() = default;

core::Result<void> PlanSession::openFile(const QString& path)
{
    auto document = core::readPlanFile(utf8(path), utf8(QFileInfo(path).fileName()));
    if (!document) return tl::unexpected(document.error());
    adopt(std::move(*document), QFileInfo(path).absoluteFilePath());
    return {};
}

core::Result<void> PlanSession::openText(const std::string& text, const QString& name)
{
    auto document = core::readPlanText(text, utf8(name));
    if (!document) return tl::unexpected(document.error());
    adopt(std::move(*document), {});
    return {};
}

core::Result<void> PlanSession::saveAs(const QString& path)
{
    if (const auto written = core::writePlanFile(utf8(path), m_document); !written) return written;
    dropRecovery();
    const QString absolute = QFileInfo(path).absoluteFilePath();
    if (absolute != m_path) {
        m_recovery.move(absolute);
        lock(absolute);
    }
    m_undo.setClean();
    emit saved();
    return {};
}

core::Result<void> PlanSession::startFromSheet(const QString& path)
{
    auto document = core::readPlanFile(utf8(path), utf8(QFileInfo(path).fileName()));
    if (!document) return tl::unexpected(document.error());
    startNew(core::planFromSheet(document->plan));
    return {};
}

core::Result<void> PlanSession::saveSheet(const QString& path) const
{
    return core::writePlanFile(utf8(path), {core::vehicleSheet(m_document.plan), {}});
}

void PlanSession::adopt(core::Document document, const QString& path)
{
    m_document = std::move(document);
    m_recovery.begin(path);
    lock(path);
    m_dragging = false;
    m_undo.clear();
    m_undo.setClean();
    m_open = true;
    m_snapshot = std::make_shared<const Snapshot>();  // nothing of another plan is held
    setPlan(m_document.plan);
    m_recoveryTimer->stop();
    emit opened();
}

// The plan of this window is from now on the one at this path; empty: not saved under any name.
void PlanSession::lock(const QString& path)
{
    m_path = path;
    m_lock.reset();  // before it is taken again: by the same name it would be another's
    if (!path.isEmpty()) m_lock = std::make_unique<FileLock>(path);
}

void PlanSession::setPlan(core::Plan plan)
{
    auto next = std::make_shared<Snapshot>();
    const bool sameThings = plan.parts == m_snapshot->plan.parts && plan.places == m_snapshot->plan.places;
    if (sameThings) next->next = m_snapshot->next;  // else what to measure is another question now
    m_document.plan = std::move(plan);
    next->plan = m_document.plan;
    next->shop = m_shop;
    next->evaluation = core::evaluateJob(next->plan, m_shop->practice, m_snapshot->evaluation);
    next->job = core::planJob(next->plan, core::kFound, next->plan.job.goal, next->evaluation);
    judge(*next);
    publish(std::move(next));
    m_recoveryTimer->start();
    m_widening->ask(m_snapshot->evaluation);
    emit changed();
}

void PlanSession::publish(std::shared_ptr<Snapshot> next)
{
    next->revision = ++m_revision;
    m_snapshot = std::move(next);
    m_bench->moveOn(m_revision);
}

// Against the findings that are shown now: what is not settled yet is held as it was.
void PlanSession::judge(Snapshot& snapshot) const
{
    snapshot.findings = core::judge(snapshot.plan, snapshot.evaluation);
    snapshot.settling = core::spreadAt(snapshot.evaluation, snapshot.plan.job.goal) == nullptr;
    if (snapshot.settling)
        snapshot.findings = core::heldSteady(m_snapshot->findings, std::move(snapshot.findings));
    else
        snapshot.next = core::measureNext(snapshot.plan, snapshot.evaluation, snapshot.findings, m_bay);
}

void PlanSession::takeSpread(const core::Evaluation& widened)
{
    auto next = std::make_shared<Snapshot>(*m_snapshot);
    next->evaluation = widened;
    judge(*next);
    m_snapshot = std::move(next);  // of the same revision: no solver asks for the spread
    emit this->widened();
}

void PlanSession::apply(const core::Edit& edit)
{
    if (edit.changes.empty()) return;
    // One of an older plan may draw ids that are taken, or speak of what is gone.
    if (!core::fits(m_document.plan, edit) || !core::validate(core::apply(m_document.plan, edit).plan).empty()) {
        emit refused(tr("The plan has moved on since this was offered; please ask for it again."));
        return;
    }
    endDrag(true);
    m_undo.push(new EditCommand(*this, edit, 0));
}

void PlanSession::drag(const core::Edit& edit)
{
    if (edit.changes.empty() || !core::fits(m_document.plan, edit)) return;
    if (!m_dragging) ++m_drags;
    m_dragging = true;
    m_undo.push(new EditCommand(*this, edit, m_drags));
}

void PlanSession::endDrag(bool keep)
{
    if (!m_dragging) return;
    m_dragging = false;
    if (keep || m_undo.index() == 0) return;
    // Returned: as if it had never been taken hold of.
    const auto* last = static_cast<const EditCommand*>(m_undo.command(m_undo.index() - 1));
    const_cast<EditCommand*>(last)->giveUp();
    m_undo.undo();
}

void PlanSession::startNew(core::Plan plan)
{
    const core::Edit schools = core::followSchools(plan, m_schools, m_shop->practice);
    adopt({core::apply(std::move(plan), schools).plan, {}}, {});
}

void PlanSession::take(const core::Mend& mend)
{
    if (const auto* edit = std::get_if<core::Edit>(&mend.act)) return apply(*edit);
    const auto& request = std::get<core::SolverRequest>(mend.act);
    if (request.kind == core::SolverRequest::Kind::TakeReading) {
        emit readingAsked(request.device, request.stage);
        return;
    }
    if (request.kind == core::SolverRequest::Kind::Measure) {
        emit measureAsked(request.device, request.what.value_or(core::Quantity::Depth_m));
        return;
    }
    m_request = request;
    askSolverAgain();
}

void PlanSession::askSolverAgain()
{
    m_bench->ask(
        this, mending(), m_snapshot->revision,
        [this, shown = m_snapshot, request = m_request](const std::stop_token& stop) -> Workbench::Take {
            const auto found = core::answer(request, shown->plan, shown->practice(), shown->shop->shelf, stop,
                                            shown->shop->vehicles);
            return [this, found, kind = request.kind] {
                if (found) return apply(*found);
                emit refused(kind == core::SolverRequest::Kind::ChooseBracket
                                 ? tr("The shelf has no bracket that meets this vehicle's holes and the driver's.")
                             : kind == core::SolverRequest::Kind::FindSplit
                                 ? tr("No network of preferred values leaves less to say against this plan.")
                                 : tr("The shelf has no other driver for this place."));
            };
        });
}

void PlanSession::setShelf(const core::Shelf& shelf)
{
    auto shop = std::make_shared<core::Shop>(*m_shop);
    shop->shelf = shelf;
    m_shop = std::move(shop);
    if (!m_open) return;
    auto next = std::make_shared<Snapshot>(*m_snapshot);
    next->shop = m_shop;
    publish(std::move(next));
    emit changed();
}

void PlanSession::setSaws(std::vector<double> saws_m)
{
    if (m_soldSaws_m.empty()) m_soldSaws_m = m_shop->practice[core::PracticeList::HoleSaw_m];
    std::vector<double> wanted = saws_m.empty() ? m_soldSaws_m : std::move(saws_m);
    if (wanted == m_shop->practice[core::PracticeList::HoleSaw_m]) return;
    auto shop = std::make_shared<core::Shop>(*m_shop);
    shop->practice.lists.at(core::PracticeList::HoleSaw_m).values = std::move(wanted);
    m_shop = std::move(shop);
    if (m_open) setPlan(m_document.plan);
}

void PlanSession::setBay(const core::Bay& bay)
{
    if (m_bay == bay) return;
    m_bay = bay;
    if (!m_open) return;
    auto next = std::make_shared<Snapshot>(*m_snapshot);
    judge(*next);
    m_snapshot = std::move(next);  // of the same revision: no solver asks for the bay
    emit changed();
}

std::vector<LostWork> PlanSession::lostWork() const
{
    return m_recovery.lost(m_path, m_open ? &m_document : nullptr);
}

void PlanSession::takeUp(const LostWork& work)
{
    auto document = Recovery::take(work);
    if (!document) {
        emit refused(QString::fromStdString(core::oneLine(document.error())));
        return;
    }
    if (m_open) {
        m_document.unknown = std::move(document->unknown);
        apply(core::difference(core::EditName::Unnamed, m_document.plan, document->plan));
    } else {
        adopt(std::move(*document), {});
        m_undo.resetClean();
    }
    writeRecoveryNow();
}

void PlanSession::dropRecovery()
{
    m_recoveryTimer->stop();
    m_recovery.drop();
}

void PlanSession::writeRecoveryNow()
{
    if (!m_open) return;
    if (m_undo.isClean()) {  // undone back to what the file holds: nothing is unsaved
        dropRecovery();
        return;
    }
    if (const auto written = m_recovery.write(m_document); !written)
        emit refused(
            tr("Unsaved work cannot be kept aside: %1").arg(QString::fromStdString(core::oneLine(written.error()))));
}

}  // namespace app
