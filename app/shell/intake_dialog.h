#pragma once

#include <QDialog>

#include "app/session/snapshot.h"
#include "core/intake/importer.h"
#include "core/io/shop.h"

class QComboBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace app {

// Any file that can be taken in: which kind it is, onto what it goes, and what came of it. Kinds are the rows of
// core::importers(); this dialog knows none of them by name.
class IntakeDialog : public QDialog {
    Q_OBJECT
public:
    // snapshot  none: no plan is open, and only the shop's shelf takes something in
    IntakeDialog(SharedSnapshot snapshot, std::shared_ptr<const core::Shop> shop, QWidget* parent = nullptr);
    // The plan and the shelf as they are now: something was taken in, or undone.
    void present(SharedSnapshot snapshot, std::shared_ptr<const core::Shop> shop);
    // A file that was chosen or dropped: its kind is found, and what it could go onto.
    void setFile(const QString& path);

signals:
    void edited(const core::Edit& edit);
    void shelfChanged(const core::Shelf& shelf);

private:
    void build();
    void browse();
    void listTargets();
    void takeIn();
    void say(const QStringList& lines);
    [[nodiscard]] const core::Importer* chosen() const;
    [[nodiscard]] core::IntakeTarget target() const;

    SharedSnapshot m_snapshot;
    std::shared_ptr<const core::Shop> m_shop;
    QLineEdit* m_path;
    QComboBox* m_kind;
    QComboBox* m_onto;
    QLabel* m_ask;
    QLabel* m_said;
    QPushButton* m_take;
};

}  // namespace app
