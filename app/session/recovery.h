#pragma once

#include <QDateTime>
#include <QString>
#include <memory>
#include <vector>

#include "app/session/file_lock.h"
#include "core/base/result.h"
#include "core/io/plan_file.h"

namespace app {

// Work that a window left behind, unsaved, when it ended without being asked.
struct LostWork {
    QString file{};
    QDateTime kept{};    // when it was written last
    QDateTime opened{};  // when its window opened the plan; invalid: an older program's, which did not say
    QString vehicle{};   // and whose it is, as far as the file can be read
};

// Unsaved work kept aside, a file for each plan that a window has open: `HASH-OPENED-RANDOM.reed`, where HASH is of the
// plan's path. While the window lives it holds the lock beside it, so that no other one offers its work away.
class Recovery {
public:
    explicit Recovery(QString folder) : m_folder(std::move(folder)) {}

    // A plan was opened in this window; its work before that is no longer kept by it. planPath: empty for none
    void begin(const QString& planPath);
    // The same work under another name.
    void move(const QString& planPath);
    core::Result<void> write(const core::Document& document);
    void drop();  // nothing is unsaved any more

    // What dead windows left of the plan at this path, the latest first.
    // open  of which nothing is lost that is the same; none: no plan is open
    [[nodiscard]] std::vector<LostWork> lost(const QString& planPath, const core::Document* open) const;
    // Reads it and takes it away from everybody else; an error where another window was faster.
    static core::Result<core::Document> take(const LostWork& work);
    static void forget(const LostWork& work);

private:
    QString m_folder;
    QString m_file{};  // ours
    std::unique_ptr<FileLock> m_lock;
};

}  // namespace app
