#pragma once

#include <QAbstractButton>
#include <vector>

class QHBoxLayout;

namespace app {

class Theme;

// A figure as it was and as it will be, with what it is above and what belongs to it below. Empty: nobody knows.
struct ChangeFigure {
    QString label{}, before{}, after{}, unit{}, note{};
    bool operator==(const ChangeFigure&) const = default;
};

// A few of them side by side, large enough to be read standing. Picked, they open what they rest on.
class ChangeFigures : public QAbstractButton {
    Q_OBJECT
public:
    explicit ChangeFigures(const Theme& theme, QWidget* parent = nullptr);
    void present(const std::vector<ChangeFigure>& figures);
    [[nodiscard]] const std::vector<ChangeFigure>& figures() const { return m_figures; }
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void paintFigure(QPainter& painter, const QRect& box, const ChangeFigure& one) const;

    const Theme& m_theme;
    std::vector<ChangeFigure> m_figures{};
};

}  // namespace app
