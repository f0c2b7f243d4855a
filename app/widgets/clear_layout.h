#pragma once

#include <QApplication>
#include <QLayout>
#include <QPushButton>
#include <QWidget>

namespace app {

// Takes everything out of a layout. A widget that is just sending a signal outlives it.
inline void clearLayout(QLayout& layout)
{
    while (QLayoutItem* item = layout.takeAt(0)) {
        if (QWidget* old = item->widget()) {
            old->hide();
            old->setParent(nullptr);
            old->deleteLater();
        }
        delete item;
    }
}

// Buttons that were made later come after `first` on the way of Tab, not after everything else.
inline void tabThrough(QWidget* first, const QWidget& area)
{
    for (QPushButton* button : area.findChildren<QPushButton*>()) {
        QWidget::setTabOrder(first, button);
        first = button;
    }
}

// Where an area is built anew, the keys go on at the widget of the same name, if there is one again.
class KeepFocus {
public:
    explicit KeepFocus(QWidget& area) : m_area(area)
    {
        const QWidget* focus = QApplication::focusWidget();
        if (focus && area.isAncestorOf(focus)) m_name = focus->objectName();
    }
    ~KeepFocus()
    {
        if (m_name.isEmpty()) return;
        if (auto* again = m_area.findChild<QWidget*>(m_name)) {
            again->show();  // it would be with the next turn of the event loop, too late for the keys
            again->setFocus();
        }
    }
    KeepFocus(const KeepFocus&) = delete;
    KeepFocus& operator=(const KeepFocus&) = delete;

private:
    QWidget& m_area;
    QString m_name{};
};

}  // namespace app
