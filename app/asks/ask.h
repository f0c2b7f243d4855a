#pragma once

#include <QWidget>
#include <functional>

#include "app/asks/ask_rows.h"

class QLabel;
class QToolButton;

namespace app {

class Theme;

// One question of the walk-round: closed it is a line with what is known, open its form lies beneath it.
class Ask : public QWidget {
    Q_OBJECT
public:
    using Summary = std::function<QString(const Survey&)>;
    Ask(const Theme& theme, const QString& name, const QString& question, Summary summary, AskForm* form,
        QWidget* parent = nullptr);

    void present(const Survey& survey);
    // Asked only where this holds; without it always.
    void onlyWhere(std::function<bool(const Survey&)> applies) { m_applies = std::move(applies); }
    [[nodiscard]] bool applies(const Survey& survey) const { return !m_applies || m_applies(survey); }
    void setOpen(bool open);
    [[nodiscard]] bool isOpen() const { return m_open; }
    void focusForm();

signals:
    void openAsked(bool open);
    void edited(const core::Edit& edit);

private:
    void restyle();

    const Theme& m_theme;
    Summary m_summary;
    std::function<bool(const Survey&)> m_applies{};
    QToolButton* m_head;
    QLabel* m_line;
    AskForm* m_form;
    bool m_open = false;
};

}  // namespace app
