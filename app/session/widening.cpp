#include "app/session/widening.h"

#include <QTimer>

#include "app/session/workbench.h"
#include "core/spread/widen.h"

namespace app {
namespace {

const QString kSpread = QStringLiteral("spread");

}  // namespace

Widening::Widening(Workbench& bench, QObject* parent) : QObject(parent), m_bench(bench), m_rest(new QTimer(this))
{
    constexpr int kRest_ms = 150;  // longer than two frames of a drag or two keys of a number lie apart
    m_rest->setSingleShot(true);
    m_rest->setInterval(kRest_ms);
    connect(m_rest, &QTimer::timeout, this, &Widening::start);
}

void Widening::setRest(int rest_ms)
{
    m_rest->setInterval(rest_ms);
}

void Widening::ask(const core::Evaluation& evaluation)
{
    m_bench.drop(this, kSpread);
    m_asked = evaluation;
    m_rest->start();
}

void Widening::start()
{
    m_bench.ask(this, kSpread, m_bench.revision(),
                [this, asked = m_asked](const std::stop_token& stop) -> Workbench::Take {
                    return [this, widened = core::widen(asked, stop)] { emit done(widened); };
                });
}

}  // namespace app
