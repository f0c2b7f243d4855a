#pragma once

#include <QWidget>
#include <optional>

namespace app {

class Theme;

// What the next piece of a heavy sheet still brings: insulation by mass over how much of a skin is covered, up to all
// of it twice. A click takes that much.
class ReturnCurve : public QWidget {
    Q_OBJECT
public:
    explicit ReturnCurve(const Theme& theme, QWidget* parent = nullptr);
    // covered  of the skin, in all layers; nothing: none yet
    // requires skin_kg_m2 > 0
    void present(double skin_kg_m2, double sheet_kg_m2, std::optional<double> covered);
    [[nodiscard]] double xOf(double covered) const;

signals:
    void picked(double covered);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    [[nodiscard]] QSize sizeHint() const override;

private:
    [[nodiscard]] double gain_db(double covered) const;
    [[nodiscard]] QRectF plot() const;
    [[nodiscard]] QPointF at(double covered) const;

    const Theme& m_theme;
    double m_skin_kg_m2 = 1.0, m_sheet_kg_m2 = 0.0;
    std::optional<double> m_covered{};
};

}  // namespace app
