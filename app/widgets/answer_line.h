#pragma once

#include <QAbstractButton>

namespace app {

class Theme;

// How sure an answer is: nobody gave one, it is what is usual, it is a cue and no proof, or somebody looked or
// measured.
enum class Answer { None, Open, Assumed, Cue, Given };

// An estimate is no answer.
[[nodiscard]] inline bool isAnswered(Answer answer)
{
    return answer == Answer::Given || answer == Answer::Cue;
}

struct AnswerSaid {
    Answer mark = Answer::None;
    QString from{};  // where it came from, in a word or two
};

void drawAnswer(QPainter& painter, const QRectF& box, Answer answer, const Theme& theme);

// A question as one line: what it is about, what was answered, and how sure that is. While it is the question it is
// written out in the size of a title. The text of the button is what it is about, with its letter.
class AnswerLine : public QAbstractButton {
    Q_OBJECT
public:
    explicit AnswerLine(const Theme& theme, QWidget* parent = nullptr);
    void setAnswer(const QString& answer, const AnswerSaid& said = {});
    // Empty: it is a line.
    void setQuestion(const QString& question);
    void setLabelWidth(int pixels);  // at the normal zoom
    [[nodiscard]] QString answer() const { return m_answer; }

    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    // Where the answer stands within a line of this width, and what stands at its end.
    [[nodiscard]] QRect answerArea(int width) const;
    [[nodiscard]] int endWidth() const;

    const Theme& m_theme;
    QString m_answer{}, m_question{};
    AnswerSaid m_said{};
    int m_label = 96;
};

}  // namespace app
