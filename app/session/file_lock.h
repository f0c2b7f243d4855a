#pragma once

#include <QLockFile>
#include <QString>
#include <memory>

namespace app {

// Says that a living window works on a file, for as long as this lives, by a lock beside it. One whose owner ended
// without a word counts no more.
class FileLock {
public:
    explicit FileLock(const QString& file);

    [[nodiscard]] bool isOurs() const { return m_lock && m_lock->isLocked(); }
    // Not where no lock can be written, as in a folder that is only read.
    [[nodiscard]] bool isAnothers() const { return m_lock && m_lock->error() == QLockFile::LockFailedError; }

private:
    std::unique_ptr<QLockFile> m_lock;  // none: what has its name is no file, and is not touched
};

}  // namespace app
