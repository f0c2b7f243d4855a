#pragma once

#include <QVector>
#include <QWidget>

namespace app {

class Theme;

// Two curves over one axis without figures: before grey and dashed, after solid. What is left of them in a folded bar.
class CurveLine : public QWidget {
    Q_OBJECT
public:
    explicit CurveLine(const Theme& theme, QWidget* parent = nullptr);
    // hz  rising; of both
    void present(const QVector<double>& hz, const QVector<double>& before, const QVector<double>& after);
    [[nodiscard]] QSize sizeHint() const override;
    // Where a point of a curve lies, in pixels; for tests that measure it.
    [[nodiscard]] QPointF at(double hz, double value) const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    QVector<double> m_hz{}, m_before{}, m_after{};
    double m_low = 0.0, m_high = 1.0;
};

}  // namespace app
