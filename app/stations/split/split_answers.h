#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "app/session/snapshot.h"
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
    // Found for the plan of this snapshot.
    void present(const SharedSnapshot& snapshot, std::vector<core::SplitAnswer> answers);
    void presentNone(const QString& why);
    void setCurrency(const QString& currency);
    [[nodiscard]] const QString& currency() const { return m_currency; }
    [[nodiscard]] const std::vector<core::SplitAnswer>& answers() const { return m_answers; }

signals:
    void taken(const core::Edit& edit);

private:
    void fill();

    const Theme& m_theme;
    QVBoxLayout* m_rows;
    QLabel* m_why;
    QString m_currency{};
    SharedSnapshot m_snapshot{};  // that they were found for
    std::vector<core::SplitAnswer> m_answers{};
};

}  // namespace app
