#include "app/session/workbench.h"

#include <QTimer>
#include <algorithm>
#include <vector>

namespace app {

Workbench::Workbench(QObject* parent) : QObject(parent)
{
    // Two at least, or the spread of a large plan would keep everything else waiting.
    m_pool.setMaxThreadCount(std::max(2, QThread::idealThreadCount()));
}

Workbench::~Workbench()
{
    for (auto& [id, question] : m_open) question.stop.request_stop();
    m_pool.clear();
    m_pool.waitForDone();
}

void Workbench::ask(QObject* asker, const QString& subject, std::uint64_t revision, Work work)
{
    constexpr int kBusy_ms = 300;
    drop(asker, subject);
    if (revision < m_revision) return;
    const int id = ++m_last;
    const Question& question = m_open[id] = {asker, subject, revision, {}};
    m_pool.start(
        [this, id, work = std::move(work), stop = question.stop.get_token()] {
            if (stop.stop_requested()) return;
            Take take = work(stop);
            if (stop.stop_requested()) return;
            QMetaObject::invokeMethod(
                this, [this, id, take = std::move(take)] { deliver(id, take); }, Qt::QueuedConnection);
        },
        id);  // the higher, the sooner
    QTimer::singleShot(kBusy_ms, this, [this, id] {
        if (const auto found = m_open.find(id); found != m_open.end())
            emit busy(found->second.asker, found->second.subject);
    });
}

void Workbench::drop(const QObject* asker, const QString& subject)
{
    giveUp([&](const Question& question) { return question.asker == asker && question.subject == subject; });
}

void Workbench::moveOn(std::uint64_t revision)
{
    m_revision = revision;
    giveUp([&](const Question& question) { return question.revision < revision; });
}

bool Workbench::isAsked(const QString& subject) const
{
    return std::any_of(m_open.begin(), m_open.end(),
                       [&](const auto& entry) { return entry.second.subject == subject; });
}

void Workbench::giveUp(const std::function<bool(const Question&)>& which)
{
    std::vector<Question> given;
    std::erase_if(m_open, [&](const auto& entry) {
        if (!which(entry.second)) return false;
        given.push_back(entry.second);
        return true;
    });
    for (Question& question : given) {
        question.stop.request_stop();
        emit done(question.asker, question.subject);
    }
}

void Workbench::deliver(int id, const Take& take)
{
    const auto found = m_open.find(id);
    if (found == m_open.end()) return;  // given up while its answer was on the way
    const Question question = found->second;
    m_open.erase(found);
    emit done(question.asker, question.subject);
    if (question.asker && take) take();
}

}  // namespace app
