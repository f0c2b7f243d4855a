#pragma once

#include <QWidget>
#include <vector>

#include "app/widgets/answer_line.h"

namespace app {

// How far the questions about one thing have got: a full dot for each that is answered, a ring for each that is not,
// and gold for the one that is asked now.
class AnswerDots : public QWidget {
    Q_OBJECT
public:
    explicit AnswerDots(const Theme& theme, QWidget* parent = nullptr);
    struct Dot {
        Answer answer = Answer::Open;
        bool asked = false;
        bool operator==(const Dot&) const = default;
    };
    void show(const std::vector<Dot>& dots);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    std::vector<Dot> m_dots{};
};

}  // namespace app
