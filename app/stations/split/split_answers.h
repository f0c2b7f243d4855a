#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "core/design/split_search.h"

class QLabel;
class QVBoxLayout;

namespace app {

class Theme;

// Crossovers that differ in kind, each with the same figures at the same spots and what it takes: one is planned by
// picking it.
class SplitAnswers : public QWidget {
    Q_OBJECT
public:
    SplitAnswers(const Theme& theme, QWidget* parent);
    // why  where there are none
    void present(std::vector<core::SplitAnswer> answers, const QString& why);
    [[nodiscard]] const std::vector<core::SplitAnswer>& answers() const { return m_answers; }

signals:
    void taken(const core::Edit& edit);

private:
    const Theme& m_theme;
    QVBoxLayout* m_rows;
    QLabel* m_why;
    std::vector<core::SplitAnswer> m_answers{};
};

}  // namespace app
