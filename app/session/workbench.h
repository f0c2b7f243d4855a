#pragma once

#include <QObject>
#include <QPointer>
#include <QThreadPool>
#include <cstdint>
#include <functional>
#include <map>
#include <stop_token>

namespace app {

// Where whatever a solver finds is worked out: in the background, the newest question first, each stamped with the
// revision of the plan it is about. An answer about a plan that has moved on is given up and never shown.
class Workbench : public QObject {
    Q_OBJECT
public:
    explicit Workbench(QObject* parent = nullptr);
    ~Workbench() override;  // stops what is under way and waits for it

    // What is to be done in the window's thread with what was found.
    using Take = std::function<void()>;
    // Runs in another thread: holds all it needs by value, looks at the token now and then.
    using Work = std::function<Take(const std::stop_token&)>;
    // The asker's older question about the same subject is given up.
    void ask(QObject* asker, const QString& subject, std::uint64_t revision, Work work);
    void drop(const QObject* asker, const QString& subject);
    // The plan moved on: questions about older ones are given up.
    void moveOn(std::uint64_t revision);
    [[nodiscard]] std::uint64_t revision() const { return m_revision; }
    [[nodiscard]] bool isAsked(const QString& subject) const;

signals:
    // A question is not answered after 0.3 s; it is answered, or given up.
    void busy(const QObject* asker, const QString& subject);
    void done(const QObject* asker, const QString& subject);

private:
    struct Question {
        QPointer<QObject> asker{};
        QString subject{};
        std::uint64_t revision = 0;
        std::stop_source stop{};
    };
    void deliver(int id, const Take& take);
    void giveUp(const std::function<bool(const Question&)>& which);

    std::map<int, Question> m_open{};
    int m_last = 0;
    std::uint64_t m_revision = 0;
    QThreadPool m_pool;
};

}  // namespace app
