#pragma once

#include <QObject>
#include <thread>

#include "core/model/evaluation.h"

class QTimer;

namespace app {

// Works out in the background what unmeasured values could do, once the plan has been left alone for a moment. A newer
// question stops the one that is under way.
class Widening : public QObject {
    Q_OBJECT
public:
    explicit Widening(QObject* parent = nullptr);
    ~Widening() override;

    void ask(const core::Evaluation& evaluation);
    void setRest(int rest_ms);  // how long the plan must have been left alone

signals:
    void done(const core::Evaluation& evaluation);

private:
    void start();

    QTimer* m_rest;
    core::Evaluation m_asked{};
    int m_question = 0;  // an answer to an older one is dropped
    std::jthread m_worker{};
};

}  // namespace app
