#include "app/stations/walk/inventory_view.h"

#include <QLabel>
#include <QVBoxLayout>

#include "app/theme/plain_label.h"
#include "app/widgets/fit_to_rows.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {

void InventoryModel::show(const core::ChannelMap& map, const core::Fitout& fitout)
{
    beginResetModel();
    m_map = map;
    m_texts.clear();
    for (const core::MapRow& row : map.rows) m_texts << words::textOf(row, fitout);
    endResetModel();
}

int InventoryModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_texts.size());
}

QVariant InventoryModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= m_texts.size()) return {};
    if (role == Qt::DisplayRole || role == Qt::AccessibleTextRole) return m_texts[index.row()];
    return {};
}

int InventoryModel::rowOf(core::PlaceId place) const
{
    for (size_t i = 0; i < m_map.rows.size(); ++i)
        if (m_map.rows[i].place == place) return static_cast<int>(i);
    return -1;
}

InventoryView::InventoryView(QWidget* parent)
    : QWidget(parent), m_state(new PlainLabel(this)), m_list(new QListView(this)), m_model(new InventoryModel(this))
{
    m_state->setObjectName(QStringLiteral("inventoryState"));
    m_state->setWordWrap(true);
    m_list->setObjectName(QStringLiteral("inventoryList"));
    m_list->setAccessibleName(tr("Every driver and place; Enter picks it"));
    m_list->setModel(m_model);
    m_list->setWordWrap(true);
    m_list->setResizeMode(QListView::Adjust);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_state);
    layout->addWidget(m_list);
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    const auto choose = [this](const QModelIndex& index) {
        if (const core::PlaceId place = m_model->placeAt(index.row())) emit placeChosen(place);
    };
    connect(m_list, &QListView::clicked, this, choose);
    connect(m_list, &QListView::activated, this, choose);
}

void InventoryView::present(const Snapshot& snapshot, core::PlaceId chosen)
{
    const core::ChannelMap map = core::channelMap(snapshot.before(), snapshot.evaluation.frequency_hz);
    m_model->show(map, snapshot.before().used);
    m_state->setText(words::stateOf(map));
    fitToRows(*m_list);
    if (const int row = m_model->rowOf(chosen); row >= 0) m_list->setCurrentIndex(m_model->index(row));
}

}  // namespace app
