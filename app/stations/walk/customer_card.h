#pragma once

#include <QWidget>
#include <array>

#include "app/asks/survey.h"

class QLabel;

namespace app {

class AnswerLine;
class Theme;

// The customer as three entries: what he hears, wants and keeps. Each opens its question.
class CustomerCard : public QWidget {
    Q_OBJECT
public:
    explicit CustomerCard(const Theme& theme, QWidget* parent = nullptr);
    void present(const Survey& survey);

signals:
    void asked(size_t number);  // of the customer's questions
    void shown(bool on);

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    const Theme& m_theme;
    QLabel* m_name;
    std::array<AnswerLine*, 3> m_lines{};
};

}  // namespace app
