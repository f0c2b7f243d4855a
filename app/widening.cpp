#include "app/widening.h"

#include <QTimer>

#include "core/evaluate/widen.h"

namespace app {

Widening::Widening(QObject* parent) : QObject(parent), m_rest(new QTimer(this))
{
    constexpr int kRest_ms = 150;  // longer than two frames of a drag or two keys of a number lie apart
    m_rest->setSingleShot(true);
    m_rest->setInterval(kRest_ms);
    connect(m_rest, &QTimer::timeout, this, &Widening::start);
}

Widening::~Widening() = default;  // the worker is stopped and waited for first

void Widening::setRest(int rest_ms)
{
    m_rest->setInterval(rest_ms);
}

void Widening::ask(const core::Evaluation& evaluation)
{
    ++m_question;
    m_worker.request_stop();
    m_asked = evaluation;
    m_rest->start();
}

void Widening::start()
{
    m_worker = std::jthread([this, question = m_question, asked = m_asked](const std::stop_token& stop) {
        core::Evaluation widened = core::widen(asked, stop);
        if (stop.stop_requested()) return;
        QMetaObject::invokeMethod(
            this,
            [this, question, widened = std::move(widened)] {
                if (question == m_question) emit done(widened);
            },
            Qt::QueuedConnection);
    });
}

}  // namespace app
