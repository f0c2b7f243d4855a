// How the window's areas share its width, and how the keys go from one to the next.
#include <QApplication>
#include <QSettings>
#include <QStackedWidget>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "app/shell/findings_column.h"
#include "app/shell/main_window.h"
#include "app/shell/rail.h"
#include "app/shell/strip.h"
#include "app/shell/trace_drawer.h"
#include "app/theme/theme.h"

namespace app {

void MainWindow::focusNextArea()
{
    std::vector<QWidget*> areas{m_rail, m_strip};
    if (m_open)
        for (QWidget* area : m_open->areas()) areas.push_back(area);
    else
        areas.push_back(m_pages->currentWidget());
    areas.insert(areas.end(), {m_traces, m_findings});
    const auto holds = [](const QWidget* area) {
        return area == QApplication::focusWidget() || area->isAncestorOf(QApplication::focusWidget());
    };
    const auto current = std::find_if(areas.begin(), areas.end(), holds);
    const auto start = current == areas.end() ? 0 : static_cast<size_t>(current - areas.begin()) + 1;
    for (size_t step = 0; step < areas.size(); ++step) {
        QWidget* area = areas[(start + step) % areas.size()];
        if (!area->isVisible()) continue;
        for (QWidget* child : area->findChildren<QWidget*>()) {
            if (child->focusPolicy() == Qt::NoFocus || !child->isEnabled() || !child->isVisible()) continue;
            return child->setFocus(Qt::TabFocusReason);
        }
    }
}

void MainWindow::resizeEvent(QResizeEvent* event)
{
    QMainWindow::resizeEvent(event);
    arrangeForWidth();
}

QString MainWindow::foldKey() const
{
    return QStringLiteral("tracesFolded/%1").arg(m_open ? m_open->sign().name : QString());
}

// From 1100 logical pixels three columns; under that the findings are a counter that opens over the work; under 800 the
// rail shows marks only, the strip one band at a time, and the traces are folded. In bay mode one question is all.
void MainWindow::arrangeForWidth()
{
    constexpr int kThreeColumns = 1100, kNarrow = 800, kFindings = 252;
    const bool open = m_session.isOpen();
    const bool wide = width() >= m_theme.px(kThreeColumns), narrow = width() < m_theme.px(kNarrow);
    const bool bay = m_theme.bay();
    m_findings->setVisible(open && ((wide && !bay) || m_findingsWanted));
    m_findings->setFixedWidth(m_theme.px(kFindings));
    m_rail->setNarrow(narrow);
    m_rail->setVisible(open && !bay);  // its stations come with a plan
    m_strip->setWidth(narrow ? Strip::Width::OneBand : wide ? Strip::Width::Whole : Strip::Width::Bands);
    m_traces->setVisible(m_open && !bay);
    m_traces->setFolded(narrow || m_settings.value(foldKey(), m_open && m_open->sign().tracesFolded).toBool());
}

void MainWindow::zoomBy(double factor)
{
    m_theme.setZoom(factor == 0.0 ? 1.0 : m_theme.zoom() * factor);
    m_settings.setValue(QStringLiteral("zoom"), m_theme.zoom());
}

// Ctrl and the wheel: whatever nothing under the pointer wanted for itself.
void MainWindow::wheelEvent(QWheelEvent* event)
{
    constexpr double kNotch = 120.0;  // eighths of a degree
    if (!event->modifiers().testFlag(Qt::ControlModifier)) return QMainWindow::wheelEvent(event);
    zoomBy(std::pow(1.1, event->angleDelta().y() / kNotch));
    event->accept();
}

void MainWindow::setBay(bool on)
{
    m_theme.setBay(on);
    for (const StationStand& stand : m_stations) stand.station->setBay(on);
    arrangeForWidth();
}

}  // namespace app
