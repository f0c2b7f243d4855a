#pragma once

#include <QAbstractTableModel>
#include <QWidget>

#include "app/asks/survey.h"
#include "core/survey/pin_table.h"

class QLabel;
class QTableView;

namespace app {

// The pins of a source's plugs as a table that is typed once: plug, number, colour, and how each was proved.
class PinModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Carries, Plug, Number, Colour, Known, kColumns };
    using QAbstractTableModel::QAbstractTableModel;
    void show(std::vector<core::PinRow> rows);
    [[nodiscard]] const std::vector<core::PinRow>& rows() const { return m_rows; }
    // The next way of knowing this pin: unverified, in papers, measured.
    void goOn(int row);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void typed(const std::vector<core::PinRow>& rows);

private:
    std::vector<core::PinRow> m_rows{};
};

class PinView : public QWidget {
    Q_OBJECT
public:
    explicit PinView(QWidget* parent = nullptr);
    void present(const Survey& survey);
    // From and to a table of pins, so that the next amplifier of its kind is not typed again.
    bool readFile(const QString& path);
    bool writeFile(const QString& path);

signals:
    void edited(const core::Edit& edit);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void say(const QStringList& lines);

    Survey m_survey{};
    PinModel* m_model;
    QTableView* m_table;
    QLabel* m_said;
};

}  // namespace app
