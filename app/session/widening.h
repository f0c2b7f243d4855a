#pragma once

#include <QObject>

#include "core/model/evaluation.h"

class QTimer;

namespace app {

class Workbench;

// Has worked out what unmeasured values could do, once the plan has been left alone for a moment. A newer question
// stops the one that is under way.
class Widening : public QObject {
    Q_OBJECT
public:
    explicit Widening(Workbench& bench, QObject* parent = nullptr);

    void ask(const core::Evaluation& evaluation);
    void setRest(int rest_ms);  // how long the plan must have been left alone

signals:
    void done(const core::Evaluation& evaluation);

private:
    void start();

    Workbench& m_bench;
    QTimer* m_rest;
    core::Evaluation m_asked{};
};

}  // namespace app
