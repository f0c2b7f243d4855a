#pragma once

#include <QAbstractListModel>
#include <QWidget>

#include "app/asks/survey.h"
#include "core/survey/continuity.h"

class QLabel;
class QLineEdit;
class QListView;

namespace app {

class ContinuityModel : public QAbstractListModel {
    Q_OBJECT
public:
    using QAbstractListModel::QAbstractListModel;
    void show(std::vector<core::ContinuityRow> rows, const core::Fitout& fitout);
    [[nodiscard]] const std::vector<core::ContinuityRow>& rows() const { return m_rows; }
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

private:
    std::vector<core::ContinuityRow> m_rows{};
    QStringList m_texts{};
};

// What an ohmmeter at the source's plug should read, channel by channel, and what it did. One field: type, Enter, next.
class ContinuityView : public QWidget {
    Q_OBJECT
public:
    explicit ContinuityView(QWidget* parent = nullptr);
    void present(const Survey& survey);

signals:
    void edited(const core::Edit& edit);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void take();
    void pick(int row);
    [[nodiscard]] const core::ContinuityRow* current() const;

    Survey m_survey{};
    ContinuityModel* m_model;
    QListView* m_list;
    QLineEdit* m_field;
    QLabel* m_answer;
};

}  // namespace app
