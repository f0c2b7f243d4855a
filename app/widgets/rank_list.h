#pragma once

#include <QListView>

namespace app {

// A ranked list whose picked row opens: the detail lies in it, under its line, and scrolls along.
class RankList : public QListView {
    Q_OBJECT
public:
    explicit RankList(QWidget* parent = nullptr);
    // What the picked row opens to; hidden while no row is picked, or while it is empty.
    void setDetail(QWidget* detail);
    // Its words changed: the row takes the height they need.
    void fitDetail();
    // What the picked row needs beyond its line, and the delegate adds to its height.
    [[nodiscard]] int detailHeight() const { return m_detailHeight; }

protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;
    void scrollContentsBy(int dx, int dy) override;
    void updateGeometries() override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void place();

    QWidget* m_detail = nullptr;
    int m_detailHeight = 0;
};

}  // namespace app
