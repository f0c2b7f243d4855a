#pragma once

#include <QLayout>
#include <vector>

namespace app {

// Puts items side by side and goes on in a new line where they do not fit, like words in a text.
class FlowLayout : public QLayout {
public:
    explicit FlowLayout(int gap);
    ~FlowLayout() override;

    void addItem(QLayoutItem* item) override;
    [[nodiscard]] int count() const override { return static_cast<int>(m_items.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int index) const override;
    QLayoutItem* takeAt(int index) override;
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override { return arrange(QRect(0, 0, width, 0), false); }
    [[nodiscard]] QSize sizeHint() const override { return minimumSize(); }
    [[nodiscard]] QSize minimumSize() const override;
    void setGeometry(const QRect& area) override;

private:
    int arrange(const QRect& area, bool move) const;  // the height it takes

    std::vector<QLayoutItem*> m_items{};
    int m_gap;
};

}  // namespace app
