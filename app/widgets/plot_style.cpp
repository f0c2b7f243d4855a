#include "app/widgets/plot_style.h"

#include <qcustomplot.h>

#include <QCoreApplication>

#include "app/theme/theme.h"

namespace app {

void stylePlot(QCustomPlot& plot, const Theme& theme)
{
    const Tokens& tokens = theme.tokens();
    plot.setBackground(tokens.paper);
    for (QCPAxis* axis : {plot.xAxis, plot.yAxis}) {
        axis->setBasePen(QPen(tokens.rule));
        axis->setTickPen(QPen(tokens.rule));
        axis->setSubTickPen(Qt::NoPen);
        axis->grid()->setPen(QPen(tokens.rule, 1));
        axis->grid()->setZeroLinePen(Qt::NoPen);
        axis->setTickLabelColor(tokens.ink2);
        axis->setLabelColor(tokens.ink2);
        axis->setTickLabelFont(theme.small());
        axis->setLabelFont(theme.small());
    }
}

void showFrequencies(QCustomPlot& plot, double from_hz, double to_hz)
{
    plot.xAxis->setScaleType(QCPAxis::stLogarithmic);
    plot.xAxis->setRange(from_hz, to_hz);
    const QSharedPointer<QCPAxisTickerText> ticks(new QCPAxisTickerText);
    const bool many = to_hz / from_hz < 500.0 || plot.width() > 300;
    for (const double hz : {20.0, 50.0, 100.0, 200.0, 500.0})
        if (many || hz == 20.0 || hz == 200.0) ticks->addTick(hz, QString::number(hz));
    for (const double khz : {1.0, 2.0, 5.0, 10.0, 20.0})
        if (many || khz == 2.0 || khz == 20.0)
            ticks->addTick(1000.0 * khz, QCoreApplication::translate("app::TraceDrawer", "%1 k").arg(khz));
    plot.xAxis->setTicker(ticks);
}

}  // namespace app
