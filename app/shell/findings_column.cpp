#include "app/shell/findings_column.h"

#include <QAbstractButton>
#include <QApplication>
#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollBar>
#include <QVBoxLayout>
#include <algorithm>

#include "app/stations/station.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/severity_mark.h"
#include "core/judgement/held_steady.h"
#include "words/doubt_words.h"
#include "words/finding_words.h"
#include "words/house_words.h"
#include "words/name_words.h"
#include "words/reckoning_words.h"

namespace app {
namespace {

constexpr size_t kShownFirst = 3;

QLabel* wrapped(const QString& text, const char* role, QWidget* parent)
{
    auto* label = new PlainLabel(text, parent);
    label->setWordWrap(true);
    label->setProperty("role", role);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

// Two that would read alike say which device they mean.
QString mendText(const core::Finding& finding, size_t number, const core::Fitout& fitout)
{
    const QString text = words::textOf(finding.mends[number]);
    const auto* request = std::get_if<core::SolverRequest>(&finding.mends[number].act);
    const auto alike = std::count_if(finding.mends.begin(), finding.mends.end(),
                                     [&](const core::Mend& mend) { return words::textOf(mend) == text; });
    if (alike < 2 || !request) return text;
    return FindingsColumn::tr("%1: %2").arg(text, words::nameOf(core::Subject{request->device}, fitout));
}

constexpr int kMendWidth = 176;  // of the text, at normal zoom: what the column has beside a scroll bar

}  // namespace

FindingsColumn::FindingsColumn(const Theme& theme, QWidget* parent) : QScrollArea(parent), m_theme(theme)
{
    auto* page = new QWidget(this);
    page->setObjectName(QStringLiteral("stationPage"));
    m_column = new QVBoxLayout(page);
    m_column->setContentsMargins(12, 10, 12, 10);
    m_slips = new QVBoxLayout;
    m_slips->setSpacing(10);
    m_column->addLayout(m_slips);
    m_column->addStretch();
    setWidget(page);
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Findings"));
    setFocusPolicy(Qt::StrongFocus);
    connect(&theme, &Theme::changed, this, [this] { m_shown = false; });
}

void FindingsColumn::present(const Snapshot& snapshot, const Station* open)
{
    std::vector<core::Finding> findings = snapshot.findings;
    const auto own = [open](const core::Finding& finding) { return open && open->isOwn(finding); };
    std::stable_partition(findings.begin(), findings.end(), [&](const core::Finding& finding) {
        return finding.severity == core::Severity::Stop || own(finding);
    });
    const auto count = static_cast<size_t>(std::count_if(findings.begin(), findings.end(), own));
    const bool isOf = open && !open->sign().rules.empty();
    // Slips are made anew only where they would say something else: they cost more than a frame of a drag has.
    const core::Fitout& used = snapshot.after().used;
    const bool sameNames =
        used.devices == m_used.devices && used.parts == m_used.parts && used.places.size() == m_used.places.size() &&
        std::equal(used.places.begin(), used.places.end(), m_used.places.begin(),
                   [](const auto& a, const auto& b) { return a.first == b.first && a.second.name == b.second.name; });
    const bool same = m_shown && sameNames && findings == m_findings && count == m_own && isOf == m_isOf && snapshot.next == m_next &&
                      snapshot.settling == m_settling;
    m_used = used;
    m_findings = std::move(findings);
    m_own = count;
    m_isOf = isOf;
    m_next = snapshot.next;
    m_settling = snapshot.settling;
    if (same) return;
    m_practice = snapshot.practice();
    rebuild();
}

void FindingsColumn::setAside(QWidget* aside)
{
    if (aside == m_aside) return;
    if (m_aside) m_aside->hide();
    m_aside = aside;
    if (!aside) return;
    m_column->insertWidget(1, aside);
    aside->show();
    orderTabs();
}

void FindingsColumn::orderTabs()
{
    QWidget* last = this;
    for (QPushButton* button : widget()->findChildren<QPushButton*>()) {
        setTabOrder(last, button);
        last = button;
    }
    if (!m_aside) return;
    for (QAbstractButton* line : m_aside->findChildren<QAbstractButton*>()) {
        setTabOrder(last, line);
        last = line;
    }
}

void FindingsColumn::startAfresh()
{
    m_all = m_shown = false;
    m_open.clear();
    verticalScrollBar()->setValue(0);
}

void FindingsColumn::rebuild()
{
    m_shown = true;
    const bool hadFocus = isAncestorOf(QApplication::focusWidget());
    clearLayout(*m_slips);
    auto* line = new QWidget(widget());
    auto* head = new QHBoxLayout(line);
    head->setContentsMargins(0, 0, 0, 0);
    auto* heading = new PlainLabel(m_isOf ? tr("Findings here") : tr("Findings"), widget());
    heading->setFont(m_theme.title());
    head->addWidget(heading, 1);
    if (m_isOf && !m_findings.empty()) {
        auto* share = new PlainLabel(tr("%1 of %2").arg(m_own).arg(m_findings.size()), widget());
        share->setObjectName(QStringLiteral("findingsShare"));
        share->setProperty("role", "quiet");
        share->setToolTip(tr("Of this station, of all; what stops the plan comes first wherever it belongs"));
        head->addWidget(share);
    }
    m_slips->addWidget(line);
    if (m_findings.empty())
        m_slips->addWidget(wrapped(tr("None of the rules checked so far has anything to say about this plan. That is "
                                      "what was checked, no more."),
                                   "quiet", widget()));
    const size_t shown = m_all ? m_findings.size() : std::min(m_findings.size(), kShownFirst);
    for (size_t i = 0; i < shown; ++i) m_slips->addWidget(makeSlip(m_findings[i], static_cast<int>(i)));
    if (m_findings.size() > kShownFirst) {
        auto* more = new QPushButton(
            m_all ? tr("first three only") : tr("%1 more").arg(m_findings.size() - kShownFirst), widget());
        more->setObjectName(QStringLiteral("moreFindings"));
        m_slips->addWidget(more);
        connect(more, &QPushButton::clicked, this, [this] {
            m_all = !m_all;
            rebuild();
        });
    }
    if (m_next) m_slips->addWidget(makeNextSlip());
    orderTabs();
    if (!hadFocus) return;
    // Keys stay here: on the first mend that is left, or on the column.
    auto* next = widget()->findChild<QPushButton*>();
    static_cast<QWidget*>(next ? next : static_cast<QWidget*>(this))->setFocus();
}

QWidget* FindingsColumn::makeNextSlip()
{
    const words::ReadingText text = words::textOf(*m_next, m_used);
    auto* slip = new QFrame(widget());
    slip->setProperty("role", "slip");
    slip->setObjectName(QStringLiteral("measureNext"));
    slip->setAccessibleName(tr("Measure next: %1. %2").arg(text.title, text.reason));
    auto* layout = new QVBoxLayout(slip);
    layout->setContentsMargins(10, 8, 10, 8);
    layout->setSpacing(4);
    layout->addWidget(wrapped(tr("Measure next"), "quiet", slip));
    layout->addWidget(wrapped(text.title, "strong", slip));
    layout->addWidget(wrapped(text.reason, "plain", slip));
    layout->addWidget(wrapped(text.with, "quiet", slip));
    const auto mend = core::readingMend(*m_next);
    if (!mend) return slip;
    auto* button = new QPushButton(words::textOf(*mend), slip);
    button->setObjectName(QStringLiteral("measureNextNow"));
    button->setAccessibleName(tr("%1: enter the reading").arg(text.title));
    connect(button, &QPushButton::clicked, this, [this, mend] { emit mendTaken(*mend); });
    auto* row = new FlowLayout(6);
    row->addWidget(button);
    layout->addLayout(row);
    return slip;
}

QWidget* FindingsColumn::makeSlip(const core::Finding& finding, int number)
{
    const words::FindingText text = words::textOf(finding);
    const QString code = QString::fromStdString(std::string(core::code(finding.rule)));
    auto* slip = new QFrame(widget());
    slip->setProperty("role", "slip");
    slip->setObjectName(QStringLiteral("finding_%1").arg(code));
    slip->setAccessibleName(tr("%1: %2. %3").arg(words::nameOf(finding.severity), text.title, text.numbers));
    auto* layout = new QVBoxLayout(slip);
    layout->setContentsMargins(10, 8, 10, 6);
    layout->setSpacing(4);
    auto* head = new QHBoxLayout;
    auto* mark = new SeverityMark(finding.severity, m_theme, slip);
    head->addWidget(mark, 0, Qt::AlignTop);
    head->addWidget(wrapped(text.title, "strong", slip), 1);
    layout->addLayout(head);
    const QString names = words::namesOf(finding.where, m_used);
    const bool settling = m_settling && core::restsOnSpread(finding);
    auto* where = wrapped(settling ? tr("%1 · settling").arg(names) : names, "quiet", slip);
    where->setObjectName(QStringLiteral("where_%1").arg(code));
    layout->addWidget(where);
    auto* numbers = wrapped(text.numbers, "plain", slip);
    numbers->setObjectName(QStringLiteral("numbers_%1").arg(code));
    layout->addWidget(numbers);
    auto* reason = wrapped(text.reason, "quiet", slip);
    reason->setObjectName(QStringLiteral("reason_%1").arg(code));
    layout->addWidget(reason);
    auto* reckoning = wrapped(words::reckoningOf(finding, m_practice).join(QLatin1Char('\n')), "quiet", slip);
    reckoning->setObjectName(QStringLiteral("reckoning_%1").arg(code));
    reckoning->setFont(m_theme.small());
    layout->addWidget(reckoning);
    QPushButton* house = nullptr;
    if (finding.house) {
        reason->setText(text.reason + QLatin1Char('\n') + words::lineOf(*finding.house));
        house = new QPushButton(tr("house rules\u2026"), slip);
        house->setObjectName(QStringLiteral("house_%1").arg(code));
        house->setProperty("role", "why");
        connect(house, &QPushButton::clicked, this, &FindingsColumn::houseRulesAsked);
        layout->addWidget(house, 0, Qt::AlignLeft);
    }
    auto* mends = new FlowLayout(6);
    for (size_t i = 0; i < finding.mends.size(); ++i) {
        auto* button = new QPushButton(mendText(finding, i, m_used), slip);
        button->setObjectName(QStringLiteral("mend_%1_%2").arg(code).arg(i));
        button->setAccessibleName(tr("%1, mend for: %2").arg(button->text(), text.title));
        if (i == 0) button->setProperty("role", "mend");
        button->ensurePolished();
        if (const QString fits = button->fontMetrics().elidedText(button->text(), Qt::ElideRight, m_theme.px(kMendWidth));
            fits != button->text()) {
            button->setToolTip(button->text());
            button->setText(fits);
        }
        connect(button, &QPushButton::clicked, this, [this, button, number, i] { takeMend(button, number, i); });
        mends->addWidget(button);
    }
    layout->addLayout(mends);
    layout->addWidget(makeWhy(code, names, text.title, {reason, reckoning, house}), 0, Qt::AlignRight);
    return slip;
}

// The code, which opens and closes the reason; what was open stays open when the slips are made anew.
QWidget* FindingsColumn::makeWhy(const QString& code, const QString& where, const QString& title, const Reason& reason)
{
    auto* why = new QPushButton(reason.text->parentWidget());
    why->setObjectName(QStringLiteral("why_%1").arg(code));
    why->setProperty("role", "why");
    why->setCheckable(true);
    why->setToolTip(tr("The reason"));
    why->setAccessibleName(tr("Why: %1").arg(title));
    const std::string key = (code + where).toStdString();
    const auto show = [this, why, reason, key, code](bool open) {
        if (open)
            m_open.insert(key);
        else
            m_open.erase(key);
        reason.text->setVisible(open);
        reason.figures->setVisible(open && !reason.figures->text().isEmpty());
        if (reason.house) reason.house->setVisible(open);
        why->setText(open ? tr("less · %1").arg(code) : tr("why · %1").arg(code));
    };
    why->setChecked(m_open.contains(key));
    show(why->isChecked());
    connect(why, &QPushButton::toggled, reason.text, show);
    return why;
}

void FindingsColumn::takeMend(QPushButton* button, int number, size_t mend)
{
    const core::Finding& finding = m_findings[static_cast<size_t>(number)];
    constexpr const char* kAsked = "asked";
    if (m_settling && core::restsOnSpread(finding) && !button->property(kAsked).toBool()) {
        button->setProperty(kAsked, true);
        button->setText(tr("Still settling: press again"));
        return;
    }
    emit mendTaken(finding.mends[mend]);
}

}  // namespace app
