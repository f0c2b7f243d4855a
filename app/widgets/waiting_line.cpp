#include "app/widgets/waiting_line.h"

#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>

#include "app/session/workbench.h"
#include "app/theme/plain_label.h"

namespace app {

WaitingLine::WaitingLine(Workbench& bench, const QObject* asker, const QString& subject, QWidget* parent)
    : QWidget(parent),
      m_said(new PlainLabel(this)),
      m_bar(new QProgressBar(this)),
      m_cancel(new QPushButton(tr("Cancel"), this)),
      m_again(new QPushButton(tr("Go on"), this))
{
    setObjectName(subject + QStringLiteral("Waiting"));
    m_cancel->setObjectName(subject + QStringLiteral("Cancel"));
    m_again->setObjectName(subject + QStringLiteral("Again"));
    m_said->setProperty("role", "quiet");
    m_bar->setRange(0, 0);
    m_bar->setTextVisible(false);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_said);
    layout->addWidget(m_bar, 1);
    layout->addWidget(m_cancel);
    layout->addWidget(m_again);
    const auto ours = [asker, subject](const QObject* who, const QString& what) {
        return who == asker && what == subject;
    };
    connect(&bench, &Workbench::busy, this, [this, ours](const QObject* who, const QString& what) {
        if (ours(who, what)) show(State::Waiting);
    });
    connect(&bench, &Workbench::done, this, [this, ours](const QObject* who, const QString& what) {
        if (ours(who, what)) show(State::Quiet);
    });
    connect(m_cancel, &QPushButton::clicked, this, [this, &bench, asker, subject] {
        bench.drop(asker, subject);
        show(State::GivenUp);
    });
    connect(m_again, &QPushButton::clicked, this, &WaitingLine::askedAgain);
    show(State::Quiet);
}

void WaitingLine::show(State state)
{
    m_said->setText(state == State::GivenUp ? tr("Given up; what stands here is older.") : tr("Working it out"));
    m_bar->setVisible(state == State::Waiting);
    m_cancel->setVisible(state == State::Waiting);
    m_again->setVisible(state == State::GivenUp);
    setVisible(state != State::Quiet);
}

}  // namespace app
