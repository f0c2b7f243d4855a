#include "app/session/file_lock.h"

#include <QFileInfo>

namespace app {

FileLock::FileLock(const QString& file)
{
    const QString name = file + QStringLiteral(".lock");
    if (const QFileInfo there(name); there.exists() && !there.isFile()) return;  // a pipe would be waited for
    m_lock = std::make_unique<QLockFile>(name);
    m_lock->setStaleLockTime(0);  // a window may be open for days
    m_lock->tryLock();
}

}  // namespace app
