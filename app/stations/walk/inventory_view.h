#pragma once

#include <QAbstractListModel>
#include <QListView>
#include <QWidget>

#include "app/session/snapshot.h"
#include "core/survey/channel_map.h"

class QLabel;

namespace app {

// The drawing once more as a list: each driver with its place, channel, colours and band, and what is still open.
class InventoryModel : public QAbstractListModel {
    Q_OBJECT
public:
    using QAbstractListModel::QAbstractListModel;
    void show(const core::ChannelMap& map, const core::Fitout& fitout);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] core::PlaceId placeAt(int row) const { return m_map.rows[static_cast<size_t>(row)].place; }
    [[nodiscard]] int rowOf(core::PlaceId place) const;

private:
    core::ChannelMap m_map{};
    QStringList m_texts{};
};

class InventoryView : public QWidget {
    Q_OBJECT
public:
    explicit InventoryView(QWidget* parent = nullptr);
    void present(const Snapshot& snapshot, core::PlaceId chosen);

signals:
    void placeChosen(core::PlaceId place);

private:
    QLabel* m_state;
    QListView* m_list;
    InventoryModel* m_model;
};

}  // namespace app
