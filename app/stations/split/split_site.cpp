// Where a crossover board sits: what speaks for and against each usual spot, told where it is chosen.
#include <QMenu>
#include <QPushButton>

#include "app/stations/split/split_view.h"
#include "core/advice/network_site.h"
#include "core/edits/network_edits.h"
#include "core/model/names.h"
#include "words/split_words.h"

namespace app {

void SplitView::offerSites(core::DeviceId board, QWidget& from)
{
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("sites"));
    menu->setAttribute(Qt::WA_DeleteOnClose);
    const core::StageResult& stage = m_snapshot->after();
    const core::PlaceKind now = stage.used.devices.at(board).site;
    const auto add = [&](core::PlaceKind kind, const QString& text) {
        QAction* action = menu->addAction(text);
        action->setObjectName(QStringLiteral("site_") + QString::fromUtf8(core::textOf(kind)));
        action->setCheckable(true);
        action->setChecked(kind == now);
        connect(action, &QAction::triggered, this,
                [this, board, kind] { emit edited(core::siteNetwork(m_snapshot->plan, board, kind)); });
        return action;
    };
    for (const core::NetworkSite& site : core::networkSites(stage, board, m_snapshot->shop->vehicles))
        add(site.kind, words::lineOf(site))->setEnabled(!site.closed);
    add(core::PlaceKind::Hidden, tr("not said: on the dry side, beside its speaker"));
    menu->popup(from.mapToGlobal(QPoint(0, from.height())));
}

}  // namespace app
