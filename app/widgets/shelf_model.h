#pragma once

#include <QAbstractTableModel>
#include <vector>

#include "core/model/shelf.h"
#include "words/figures.h"

namespace app {

// All parts of a shelf, one a row: name, kind and the figures that tell them apart. Sort keys are numbers.
class ShelfModel : public QAbstractTableModel {
    Q_OBJECT
public:
    static constexpr int SortRole = Qt::UserRole + 1, KindRole = Qt::UserRole + 2;

    explicit ShelfModel(QObject* parent = nullptr);
    void setShelf(const core::Shelf& shelf, words::UnitSystem units);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    core::Shelf m_shelf{};
    words::UnitSystem m_units = words::UnitSystem::Metric;
};

}  // namespace app
