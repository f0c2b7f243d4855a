#pragma once

#include <QDialog>
#include <memory>

#include "core/io/shelf_file.h"
#include "core/io/shop.h"
#include "words/figures.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QSortFilterProxyModel;
class QTableView;

namespace app {

class ShelfModel;

// The shop's shelf of parts: searched, filtered and sorted; CSV in and out. A file with bad lines keeps its good ones,
// and says of each bad one where it is and what is wrong.
class ShelfDialog : public QDialog {
    Q_OBJECT
public:
    ShelfDialog(std::shared_ptr<const core::Shop> shop, words::UnitSystem units, QWidget* parent = nullptr);
    // Takes what is good of it onto the shelf. False: nothing of it could be read.
    bool importFile(const QString& path);
    bool exportFile(const QString& path);
    [[nodiscard]] const core::Shelf& shelf() const { return m_shelf; }

signals:
    void changed(const core::Shelf& shelf);

private:
    void build();
    void showParts();
    void askImport();
    void askExport();
    void say(const QStringList& lines);

    std::shared_ptr<const core::Shop> m_shop;  // as it was when it was opened: for its practice
    core::Shelf m_shelf;
    words::UnitSystem m_units;
    ShelfModel* m_model;
    QSortFilterProxyModel* m_proxy;
    QLineEdit* m_search;
    QComboBox* m_kind;
    QTableView* m_table;
    QLabel* m_count;
    QLabel* m_fact;
    QLabel* m_said;
};

}  // namespace app
