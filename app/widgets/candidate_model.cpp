#include "app/widgets/candidate_model.h"

#include <QPainter>
#include <QStringList>
#include <algorithm>

#include "app/theme/theme.h"
#include "app/widgets/severity_mark.h"
#include "words/figures.h"
#include "words/finding_words.h"
#include "words/name_words.h"

namespace app {
CandidateModel::CandidateModel(const Theme& theme, QObject* parent) : QAbstractListModel(parent), m_theme(theme) {}

QString CandidateModel::reasonsOf(const core::Candidate& candidate) const
{
    QStringList reasons;
    reasons << tr("sees %1").arg(words::ohms(candidate.least_ohm));
    reasons << tr("%1 in the middle").arg(words::decibelChange(candidate.levelChange_db));
    if (candidate.corner_hz) reasons << tr("cuts at %1").arg(words::frequency(*candidate.corner_hz));
    if (const auto depth = core::valueOf(candidate.part.figures, core::Quantity::Depth_m))
        reasons << tr("%1 deep").arg(words::length(*depth, m_theme.units()));
    return reasons.join(QStringLiteral(" · "));
}

void CandidateModel::setCandidates(std::vector<core::Candidate> candidates)
{
    beginResetModel();
    m_candidates = std::move(candidates);
    endResetModel();
}

int CandidateModel::rowOfKey(const std::string& shelfKey) const
{
    const auto found = std::find_if(m_candidates.begin(), m_candidates.end(),
                                    [&](const core::Candidate& c) { return c.part.shelfKey == shelfKey; });
    return found == m_candidates.end() ? -1 : static_cast<int>(found - m_candidates.begin());
}

int CandidateModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_candidates.size());
}

QVariant CandidateModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid()) return {};
    const core::Candidate& candidate = m_candidates.at(static_cast<size_t>(index.row()));
    switch (role) {
        case Qt::DisplayRole:
            return QString::fromStdString(candidate.part.name);
        case ReasonsRole:
            return reasonsOf(candidate);
        case FittedRole:
            return candidate.fitted;
        case SeveritiesRole: {
            QVariantList severities;
            for (const core::Finding& finding : candidate.findings) severities << static_cast<int>(finding.severity);
            return severities;
        }
        case Qt::ToolTipRole:
        case Qt::AccessibleDescriptionRole: {
            QStringList lines{reasonsOf(candidate)};
            for (const core::Finding& finding : candidate.findings)
                lines << tr("%1: %2").arg(words::nameOf(finding.severity), words::textOf(finding).title);
            return lines.join(QLatin1Char('\n'));
        }
        default:
            return {};
    }
}

QSize CandidateDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const
{
    return {m_theme.px(300), m_theme.px(46)};
}

void CandidateDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const
{
    const Tokens& tokens = m_theme.tokens();
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const bool selected = option.state.testFlag(QStyle::State_Selected);
    const bool fitted = index.data(CandidateModel::FittedRole).toBool();
    if (selected) {
        painter->setPen(QPen(tokens.goldText, 1));
        painter->setBrush(tokens.goldTint);
        painter->drawRect(QRectF(option.rect).adjusted(0.5, 0.5, -0.5, -0.5));
    } else {
        painter->setPen(tokens.rule);
        painter->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());
    }
    const QRect area = option.rect.adjusted(m_theme.px(12), m_theme.px(5), -m_theme.px(12), -m_theme.px(5));
    painter->setPen(tokens.ink);
    painter->setFont(m_theme.strong());
    painter->drawText(area, Qt::AlignTop,
                      fitted ? tr("%1 – planned here").arg(index.data().toString()) : index.data().toString());
    painter->setFont(m_theme.small());
    painter->setPen(selected ? tokens.ink : tokens.ink2);
    const QString reasons = index.data(CandidateModel::ReasonsRole).toString();
    const int room = area.width() - m_theme.px(64);  // the verdict stands at the right
    painter->drawText(area, Qt::AlignBottom, painter->fontMetrics().elidedText(reasons, Qt::ElideRight, room));
    // What there is against it: one shape a finding, and the count of the worst kind in words.
    const QVariantList severities = index.data(CandidateModel::SeveritiesRole).toList();
    double right = area.right();
    for (auto severity = severities.rbegin(); severity != severities.rend(); ++severity) {
        const double size = m_theme.px(11);
        right -= size;
        drawSeverity(*painter, QRectF(right, area.top() + m_theme.px(3), size, size),
                     static_cast<core::Severity>(severity->toInt()), tokens);
        right -= m_theme.px(4);
    }
    painter->setPen(selected ? tokens.ink : tokens.ink2);
    if (severities.isEmpty()) {
        painter->drawText(area, Qt::AlignTop | Qt::AlignRight, tr("nothing found against it"));
    } else {
        const auto worst = static_cast<core::Severity>(severities.front().toInt());
        painter->drawText(area, Qt::AlignBottom | Qt::AlignRight,
                          tr("%1 %2").arg(severities.count(severities.front())).arg(words::nameOf(worst)));
    }
    painter->restore();
}

}  // namespace app
