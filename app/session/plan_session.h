#pragma once

#include <QObject>
#include <QString>
#include <QUndoStack>
#include <memory>

#include "app/session/recovery.h"
#include "app/session/snapshot.h"
#include "core/base/result.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"

class QTimer;

namespace app {

class Widening;
class Workbench;

// The plan that is open, its undo stack and its file: the only mutable state of the program.
class PlanSession : public QObject {
    Q_OBJECT
public:
    // recoveryFolder: where unsaved work is kept between saves
    PlanSession(core::Shop shop, QString recoveryFolder, QObject* parent = nullptr);
    ~PlanSession() override;

    [[nodiscard]] bool isOpen() const { return m_open; }
    [[nodiscard]] const Snapshot& snapshot() const { return *m_snapshot; }
    [[nodiscard]] const SharedSnapshot& shared() const { return m_snapshot; }
    [[nodiscard]] const core::Shop& shop() const { return *m_shop; }
    [[nodiscard]] const std::shared_ptr<const core::Shop>& sharedShop() const { return m_shop; }
    // Another shelf to choose from: what is planned keeps its own copies.
    void setShelf(const core::Shelf& shelf);
    // The hole saws at hand, in rising order; none: those that are sold.
    void setSaws(std::vector<double> saws_m);
    // The instruments at hand: what to measure next is asked of them.
    void setBay(const core::Bay& bay);
    [[nodiscard]] QUndoStack& undoStack() { return m_undo; }
    // Fields of the file that this program does not know, by their path; they are kept.
    [[nodiscard]] const std::map<std::string, std::string>& unknown() const { return m_document.unknown; }
    [[nodiscard]] const QString& path() const { return m_path; }  // empty: not saved under any name yet
    [[nodiscard]] Workbench& bench() { return *m_bench; }
    [[nodiscard]] Widening& widening() { return *m_widening; }
    [[nodiscard]] bool openElsewhere() const { return m_lock && m_lock->isAnothers(); }

    // Nothing that is open is lost where one of these fails.
    core::Result<void> openFile(const QString& path);
    core::Result<void> openText(const std::string& text, const QString& name);
    core::Result<void> saveAs(const QString& path);
    // A new plan, not saved yet, of the vehicle in a sheet; and the vehicle of this plan as a sheet.
    core::Result<void> startFromSheet(const QString& path);
    core::Result<void> saveSheet(const QString& path) const;
    void startNew(core::Plan plan);
    // House rules that both begin with.
    void setSchools(const std::map<core::PracticeKey, size_t>& schools) { m_schools = schools; }

    void apply(const core::Edit& edit);
    // Again and again while something is moved: one step to undo. Put down, or returned to where it was.
    void drag(const core::Edit& edit);
    void endDrag(bool keep);
    [[nodiscard]] bool isDragging() const { return m_dragging; }
    // A mend's edit, asked of a solver or of whoever holds the meter where it must be.
    void take(const core::Mend& mend);
    // A solver's mend is asked of the bench under this name, in this session's; given up there, it can be asked again.
    [[nodiscard]] static QString mending() { return QStringLiteral("mend"); }
    void askSolverAgain();

    // Unsaved work that windows which are no more left of this plan, or of no saved one; the latest first.
    [[nodiscard]] std::vector<LostWork> lostWork() const;
    void takeUp(const LostWork& work);
    void dropRecovery();  // of this window
    void writeRecoveryNow();

signals:
    void changed();
    void widened();  // the same plan: its spread, and what that means for the findings
    void opened();
    void saved();
    void refused(const QString& why);
    void readingAsked(core::DeviceId device, core::StageId stage);
    void measureAsked(core::DeviceId device, core::Quantity what);

private:
    friend class EditCommand;
    void adopt(core::Document document, const QString& path);
    void lock(const QString& path);
    void setPlan(core::Plan plan);
    void judge(Snapshot& snapshot) const;
    void publish(std::shared_ptr<Snapshot> next);
    void takeSpread(const core::Evaluation& widened);

    std::shared_ptr<const core::Shop> m_shop;
    std::map<core::PracticeKey, size_t> m_schools{};
    std::vector<double> m_soldSaws_m{};  // as practice has them
    core::Bay m_bay = core::kUsualBay;
    Recovery m_recovery;
    QString m_path{};
    core::Document m_document{};
    SharedSnapshot m_snapshot;
    std::uint64_t m_revision = 0;
    QUndoStack m_undo;
    QTimer* m_recoveryTimer;
    std::unique_ptr<Workbench> m_bench;
    Widening* m_widening;
    std::unique_ptr<FileLock> m_lock;
    core::SolverRequest m_request{};  // of the mend that was taken last
    bool m_open = false;
    int m_drags = 0;          // drags so far
    bool m_dragging = false;  // the last step on the stack still grows
};

}  // namespace app
