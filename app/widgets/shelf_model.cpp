#include "app/widgets/shelf_model.h"

#include <array>

#include "words/fit_words.h"
#include "words/quantity_words.h"

namespace app {
namespace {

using core::Quantity;

constexpr int kName = 0, kKind = 1, kFirstFigure = 2;
constexpr std::array kFigures{
    Quantity::Nominal_ohm,  Quantity::Power_w,       Quantity::Sensitivity_db, Quantity::Depth_m, Quantity::Cutout_m,
    Quantity::RatedPower_w, Quantity::LeastLoad_ohm, Quantity::Thickness_m,    Quantity::Mass_kg, Quantity::Price};

}  // namespace

ShelfModel::ShelfModel(QObject* parent) : QAbstractTableModel(parent) {}

void ShelfModel::setShelf(const core::Shelf& shelf, words::UnitSystem units)
{
    beginResetModel();
    m_shelf = shelf;
    m_units = units;
    endResetModel();
}

int ShelfModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_shelf.parts.size());
}

int ShelfModel::columnCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : kFirstFigure + static_cast<int>(kFigures.size());
}

QVariant ShelfModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid()) return {};
    const core::Part& part = m_shelf.parts.at(static_cast<size_t>(index.row()));
    if (role == KindRole) return static_cast<int>(part.kind);
    const bool shown = role == Qt::DisplayRole, sorted = role == SortRole;
    if (!shown && !sorted) return {};
    if (index.column() == kName) return QString::fromStdString(part.name);
    if (index.column() == kKind) return words::nameOf(part.kind);
    const Quantity what = kFigures.at(static_cast<size_t>(index.column() - kFirstFigure));
    const auto value = core::valueOf(part.figures, what);
    if (!value) return sorted ? QVariant(1e12) : QVariant();  // unknown ones come last
    if (sorted) return *value;
    if (what == Quantity::Sensitivity_db) return words::decibels(*value);
    return what == Quantity::Price ? words::plainNumber(*value) : words::fieldText(what, *value, m_units);
}

QVariant ShelfModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    if (section == kName) return tr("part");
    if (section == kKind) return tr("kind");
    const Quantity what = kFigures.at(static_cast<size_t>(section - kFirstFigure));
    if (what == Quantity::RatedPower_w) return tr("gives");
    if (what == Quantity::Cutout_m) return tr("hole");
    return words::labelOf(what);
}

}  // namespace app
