#pragma once

#include <QWidget>
#include <functional>

#include "app/asks/ask_rows.h"
#include "app/widgets/answer_line.h"

namespace app {

class Theme;

// A question, and in a word what it is about.
struct AskWords {
    QString about{}, question{};
};

// One question of the walk-round: closed it is a line with what is known, open it is written out with its form beneath.
class Ask : public QWidget {
    Q_OBJECT
public:
    using Summary = std::function<QString(const Survey&)>;
    using Said = std::function<AnswerSaid(const Survey&)>;
    // said: how sure the answer is; left out: nobody owes one
    Ask(const Theme& theme, const QString& name, AskWords words, Summary summary, AskForm* form,
        QWidget* parent = nullptr, Said said = {});

    void present(const Survey& survey);
    // Asked only where this holds; without it always.
    void onlyWhere(std::function<bool(const Survey&)> applies) { m_applies = std::move(applies); }
    [[nodiscard]] bool applies(const Survey& survey) const { return !m_applies || m_applies(survey); }
    [[nodiscard]] AnswerSaid said(const Survey& survey) const { return m_said ? m_said(survey) : AnswerSaid{}; }
    [[nodiscard]] QString summary(const Survey& survey) const { return m_summary(survey); }
    void setOpen(bool open);
    [[nodiscard]] bool isOpen() const { return m_open; }
    void focusForm();

signals:
    void openAsked(bool open);
    void edited(const core::Edit& edit);

private:
    const Theme& m_theme;
    AskWords m_words;
    Summary m_summary;
    Said m_said;
    std::function<bool(const Survey&)> m_applies{};
    AnswerLine* m_line;
    AskForm* m_form;
    bool m_open = false;
};

}  // namespace app
