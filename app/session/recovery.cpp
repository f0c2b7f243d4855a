#include "app/session/recovery.h"

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QUuid>

#include "core/io/atomic_file.h"

namespace app {
namespace {

const QString kTimeFormat = QStringLiteral("yyyyMMdd'T'HHmmss");

QString hashOf(const QString& planPath)
{
    const QByteArray key = planPath.isEmpty() ? QByteArrayLiteral("untitled") : planPath.toUtf8();
    return QString::fromLatin1(QCryptographicHash::hash(key, QCryptographicHash::Sha256).toHex().left(24));
}

QString vehicleOf(const core::Plan& plan)
{
    QStringList parts{QString::fromStdString(plan.body.name), QString::fromStdString(plan.job.customer)};
    parts.removeAll(QString());
    return parts.join(QStringLiteral(" · "));
}

}  // namespace

void Recovery::begin(const QString& planPath)
{
    m_lock.reset();
    m_file = QDir(m_folder).filePath(QStringLiteral("%1-%2-%3.reed")
                                         .arg(hashOf(planPath), QDateTime::currentDateTimeUtc().toString(kTimeFormat),
                                              QUuid::createUuid().toString(QUuid::Id128).left(12)));
}

void Recovery::move(const QString& planPath)
{
    drop();
    begin(planPath);
}

core::Result<void> Recovery::write(const core::Document& document)
{
    QDir().mkpath(m_folder);
    if (!m_lock) m_lock = std::make_unique<FileLock>(m_file);
    return core::writeAtomically(m_file.toStdString(), core::planText(document), 0);
}

void Recovery::drop()
{
    if (!m_file.isEmpty()) QFile::remove(m_file);
    m_lock.reset();
}

std::vector<LostWork> Recovery::lost(const QString& planPath, const core::Document* open) const
{
    const QString hash = hashOf(planPath);
    const QFileInfoList files =
        QDir(m_folder).entryInfoList({hash + QStringLiteral("*.reed")}, QDir::Files, QDir::Time);
    std::vector<LostWork> lost;
    for (const QFileInfo& file : files) {
        if (file.filePath() == m_file || !FileLock(file.filePath()).isOurs()) continue;
        const auto document = core::readPlanFile(file.filePath().toStdString(), "recovery");
        if (document && open && *document == *open) continue;
        QDateTime opened = QDateTime::fromString(file.completeBaseName().section(QLatin1Char('-'), 1, 1), kTimeFormat);
        opened.setTimeSpec(Qt::UTC);
        lost.push_back({file.filePath(), file.lastModified(), opened.toLocalTime(),
                        document ? vehicleOf(document->plan) : QString()});
    }
    return lost;
}

core::Result<core::Document> Recovery::take(const LostWork& work)
{
    const FileLock lock(work.file);
    if (!lock.isOurs() || !QFile::exists(work.file))
        return tl::unexpected(core::InputError{
            {}, {}, QCoreApplication::translate("Recovery", "Another window has taken this work up.").toStdString()});
    auto document = core::readPlanFile(work.file.toStdString(), QFileInfo(work.file).fileName().toStdString());
    if (document) QFile::remove(work.file);
    return document;
}

void Recovery::forget(const LostWork& work)
{
    const FileLock lock(work.file);
    if (lock.isOurs()) QFile::remove(work.file);
}

}  // namespace app
