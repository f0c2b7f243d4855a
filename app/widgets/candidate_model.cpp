#include "app/widgets/candidate_model.h"

#include <QStringList>
#include <algorithm>
#include <numeric>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

double figureOr(const core::Candidate& candidate, core::Quantity quantity, double otherwise)
{
    return core::valueOf(candidate.part.figures, quantity).value_or(otherwise);
}

// Less comes first; what nobody knows comes last. best: its place in the ranking.
double orderKey(const core::Candidate& one, CandidateOrder order, size_t best)
{
    constexpr double kUnknown = 1e9;
    switch (order) {
        case CandidateOrder::Clear:
            return one.fit.depthMargin_m ? -one.fit.depthMargin_m->value : kUnknown;
        case CandidateOrder::Load:
            return one.connected ? -one.least_ohm : kUnknown;
        case CandidateOrder::Loudest:
            return -one.levelChange_db;
        case CandidateOrder::Travel:
            return one.connected ? one.travel_ratio : kUnknown;
        case CandidateOrder::Cheapest:
            return figureOr(one, core::Quantity::Price, kUnknown);
        case CandidateOrder::Lightest:
            return figureOr(one, core::Quantity::Mass_kg, kUnknown);
        case CandidateOrder::Best:
        case CandidateOrder::Name:
            break;
    }
    return static_cast<double>(best);
}

}  // namespace

CandidateModel::CandidateModel(const Theme& theme, QObject* parent) : QAbstractListModel(parent), m_theme(theme) {}

QString CandidateModel::reasonsOf(const core::Candidate& candidate) const
{
    QStringList reasons;
    if (candidate.connected) {
        reasons << tr("sees %1").arg(words::ohms(candidate.least_ohm));
        reasons << tr("%1 in the middle").arg(words::decibelChange(candidate.levelChange_db));
    }
    if (candidate.corner_hz) reasons << tr("nominal corner %1").arg(words::frequency(*candidate.corner_hz));
    if (const auto depth = core::valueOf(candidate.part.figures, core::Quantity::Depth_m))
        reasons << tr("%1 deep").arg(words::marginText(*depth, m_theme.units()));
    if (!candidate.lost.empty()) reasons.prepend(words::lineOf(candidate.lost.front(), m_theme.units(), m_currency));
    return reasons.join(QStringLiteral(" · "));
}

bool CandidateModel::passes(const core::Candidate& candidate) const
{
    if (m_filter.wholeOnly && candidate.cuts()) return false;
    if (m_filter.goesInOnly && candidate.stops()) return false;
    const QString all = QString::fromStdString(candidate.part.name + " " + candidate.part.shelfKey) + QLatin1Char(' ') +
                        words::nameOfClass(candidate.part.driverClass);
    const QStringList asked = m_filter.words.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    return std::all_of(asked.begin(), asked.end(),
                       [&](const QString& word) { return all.contains(word, Qt::CaseInsensitive); });
}

void CandidateModel::arrange()
{
    m_rows.clear();
    for (size_t i = 0; i < m_all.size(); ++i)
        if (passes(m_all[i])) m_rows.push_back(i);
    const auto key = [&](size_t i) { return orderKey(m_all[i], m_filter.order, i); };
    std::stable_sort(m_rows.begin(), m_rows.end(), [&](size_t a, size_t b) {
        if (m_all[a].stops() != m_all[b].stops()) return m_all[b].stops();
        if (m_filter.order == CandidateOrder::Name) return m_all[a].part.name < m_all[b].part.name;
        return key(a) < key(b);
    });
}

void CandidateModel::setCandidates(std::vector<core::Candidate> candidates)
{
    beginResetModel();
    m_all = std::move(candidates);
    arrange();
    endResetModel();
}

void CandidateModel::setFilter(const CandidateFilter& filter)
{
    if (filter == m_filter) return;
    beginResetModel();
    m_filter = filter;
    arrange();
    endResetModel();
}

int CandidateModel::rowOfKey(const std::string& shelfKey) const
{
    const auto found =
        std::find_if(m_rows.begin(), m_rows.end(), [&](size_t i) { return m_all[i].part.shelfKey == shelfKey; });
    return found == m_rows.end() ? -1 : static_cast<int>(found - m_rows.begin());
}

void CandidateModel::toggleHeld(int row)
{
    const std::string& key = candidate(row).part.shelfKey;
    if (m_held.erase(key) == 0 && m_held.size() < kMostHeld) m_held.insert(key);
    emit dataChanged(index(row), index(row));
}

std::vector<const core::Candidate*> CandidateModel::held() const
{
    std::vector<const core::Candidate*> found;
    for (const core::Candidate& one : m_all)
        if (m_held.contains(one.part.shelfKey)) found.push_back(&one);
    return found;
}

int CandidateModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

QVariant CandidateModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid()) return {};
    const core::Candidate& one = candidate(index.row());
    switch (role) {
        case Qt::DisplayRole:
            return QString::fromStdString(one.part.name);
        case ReasonsRole:
        case Qt::AccessibleTextRole:
            return role == ReasonsRole ? reasonsOf(one)
                                       : tr("%1: %2").arg(QString::fromStdString(one.part.name), reasonsOf(one));
        case PointsRole:
            return one.points;
        case FirstStopRole:
            return one.stops() && (index.row() == 0 || !candidate(index.row() - 1).stops());
        case FittedRole:
            return one.fitted;
        case HeldRole:
            return m_held.contains(one.part.shelfKey);
        case Qt::ToolTipRole:
        case Qt::AccessibleDescriptionRole: {
            QStringList lines{tr("%1 points").arg(words::fixedNumber(one.points, 0))};
            for (const core::LostPoints& lost : one.lost) lines << words::lineOf(lost, m_theme.units(), m_currency);
            const QString all = lines.join(QLatin1Char('\n'));
            return role == Qt::ToolTipRole ? plainTip(all) : all;
        }
        default:
            return {};
    }
}

}  // namespace app
