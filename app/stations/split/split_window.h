#pragma once

#include <QWidget>
#include <functional>
#include <optional>

#include "core/model/finding.h"

namespace app {

class Theme;

// The room for a split under the curves of the pair, on their axis: up to where the larger one does not beam, from
// where the tweeter is spared, and where its filter begins.
class SplitWindow : public QWidget {
    Q_OBJECT
public:
    struct Room {
        double beamsOver_hz = 0.0;
        std::optional<double> sparedFrom_hz{};            // of a tweeter
        std::optional<double> begins_hz{};                // its filter
        std::optional<core::Severity> beaming{}, near{};  // what the rules say of the two
        bool operator==(const Room&) const = default;
    };
    // xOf  where a frequency lies, in pixels of this widget
    SplitWindow(const Theme& theme, std::function<double(double)> xOf, QWidget* parent);
    void present(const Room& room);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    std::function<double(double)> m_xOf;
    Room m_room{};
};

}  // namespace app
