// Where a crossover board sits: what speaks for and against each usual spot, told where it is chosen.
#include <QMenu>
#include <QPushButton>

#include "app/stations/split/split_view.h"
#include "core/advice/network_site.h"
#include "core/edits/network_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/model/names.h"
#include "words/split_words.h"
#include "words/survey_words.h"

namespace app {

core::DeviceId SplitView::shownBoard() const
{
    const core::Fitout& used = m_snapshot->after().used;
    const core::DeviceId speaker = high();
    if (!speaker || !core::findRunOfDevice(m_snapshot->after(), speaker)) return {};
    const core::DeviceId board = core::networkOf(used, speaker);
    return board && core::placeOf(used, board) ? board : core::DeviceId{};
}

void SplitView::showSite()
{
    const core::DeviceId board = shownBoard();
    m_site->setVisible(board && !m_allBands->isChecked());
    if (!board) return;
    const core::PlaceKind site = m_snapshot->after().used.devices.at(board).site;
    m_site->setText(site == core::PlaceKind::Hidden ? tr("where it sits\u2026")
                                                    : tr("sits: %1").arg(words::nameOf(site)));
}

void SplitView::offerSites()
{
    const core::DeviceId board = shownBoard();
    if (!board) return;
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
    for (const core::NetworkSite& site : core::networkSites(stage, board, m_snapshot->shop->vehicles, m_snapshot->practice()))
        add(site.kind, words::lineOf(site))->setEnabled(!site.closed);
    add(core::PlaceKind::Hidden, tr("not said: on the dry side, beside its speaker"));
    menu->popup(m_site->mapToGlobal(QPoint(0, m_site->height())));
}

}  // namespace app
