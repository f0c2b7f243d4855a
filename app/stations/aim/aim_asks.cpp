// What Aim asks: of the bench, of who works there, of a file.
#include <QMessageBox>
#include <QPushButton>
#include <QSaveFile>
#include <QSettings>

#include "app/session/workbench.h"
#include "app/stations/aim/aim_view.h"
#include "app/stations/aim/weights_dialog.h"
#include "card/hole_template.h"
#include "core/design/align.h"
#include "core/edits/aim_edits.h"
#include "core/fitout/surface_under.h"
#include "words/aim_words.h"
#include "words/name_words.h"

namespace app {
namespace {

const QString kWeightsKey = QStringLiteral("aim/weights");

}  // namespace

// Somebody says that he has read it: nothing else opens such a zone.
void AimView::clearZone(core::RestraintZone zone)
{
    auto* box = new QMessageBox(QMessageBox::Warning, tr("Airbags and belts"),
                                tr("%1: has the vehicle maker\u2019s data been read, and does it clear this zone for a speaker "
                                   "and its leads? Nothing else opens it. Disconnect the battery and wait as the maker "
                                   "says before anything there is touched.")
                                    .arg(words::nameOf(zone)),
                                QMessageBox::NoButton, this);
    box->setObjectName(QStringLiteral("clearZone"));
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    QPushButton* yes = box->addButton(tr("It clears it: record that"), QMessageBox::AcceptRole);
    yes->setObjectName(QStringLiteral("recordCleared"));
    box->setDefaultButton(box->addButton(tr("Leave it closed"), QMessageBox::RejectRole));
    connect(box, &QMessageBox::buttonClicked, this, [this, yes, zone](QAbstractButton* pressed) {
        if (pressed == yes) emit edited(core::clearZone(m_snapshot->plan, zone, true));
    });
    box->open();
}

// What counts is tried on the map and the list behind the question, and is kept for the next plan, too.
void AimView::askWeights()
{
    const std::optional<core::SpotWeights> before = m_weights;
    const core::SpotWeights usual = core::usualWeights(m_snapshot->practice());
    auto* dialog = new WeightsDialog(m_scene.weights, usual, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &WeightsDialog::tried, this, [this, dialog, usual] {
        const core::SpotWeights now = dialog->weights();
        m_weights = now == usual ? std::nullopt : std::optional(now);
        show();
    });
    connect(dialog, &QDialog::rejected, this, [this, before] {
        m_weights = before;
        show();
    });
    dialog->open();
}

void AimView::recall(const QSettings& settings)
{
    const QVariantList kept = settings.value(kWeightsKey).toList();
    std::array<double, 6> points{};
    if (static_cast<size_t>(kept.size()) != points.size()) return;
    for (size_t i = 0; i < points.size(); ++i) points[i] = std::clamp(kept[static_cast<int>(i)].toDouble(), 0.0, 100.0);
    const core::SpotWeights weights{points[0], points[1], points[2], points[3], points[4], points[5]};
    if (weights.sum() > 0.0) m_weights = weights;
}

void AimView::keep(QSettings& settings) const
{
    if (!m_weights) return settings.remove(kWeightsKey);
    settings.setValue(kWeightsKey, QVariantList{m_weights->offAxis, m_weights->evenness, m_weights->image,
                                                m_weights->width, m_weights->height, m_weights->shadow});
}

// The corners of the surface under the driver are taken in the hand, or left.
void AimView::shape(bool on)
{
    m_shaped.reset();
    const AimDriver* own = m_scene.driver(m_scene.held);
    const core::SurfaceId under = on && own ? core::surfaceUnder(m_scene.mounts, own->frame.at_m) : core::SurfaceId{};
    if (const auto at = m_scene.mounts.find(under); at != m_scene.mounts.end())
        m_shaped = std::distance(m_scene.mounts.begin(), at);
    show();
}

void AimView::shapeAs(const core::Surface& surface, bool put)
{
    if (!m_scene.shaped) return;
    const core::Edit edit = core::changeSurface(m_snapshot->plan, m_scene.mounts, m_scene.shaped, surface);
    if (put)
        emit edited(edit);
    else
        emit dragged(edit);
}

bool AimView::writeTemplate(const QString& path)
{
    const core::StageResult& stage = m_snapshot->after();
    std::vector<core::HoleOutline> sides;
    for (const core::DeviceId one : {m_scene.held, m_scene.other ? m_scene.other->device : core::DeviceId{}})
        if (const auto outline = one ? core::holeOutline(stage, one, m_scene.mounts, m_snapshot->practice()) : std::nullopt)
            sides.push_back(*outline);
    if (sides.empty()) {
        emit said(tr("It stands on no surface: there is no hole to draw."));
        return false;
    }
    const card::HolePage page{words::nameOf(core::Subject{m_scene.held}, stage.used), m_letterPaper};
    const bool svg = path.endsWith(QStringLiteral(".svg"), Qt::CaseInsensitive);
    QSaveFile file(path);
    const bool written = file.open(QIODevice::WriteOnly) &&
                         file.write(svg ? card::holeSvg(sides, page) : card::holePdf(sides, page)) > 0 && file.commit();
    emit said(written ? tr("%1 is written.").arg(path) : tr("%1 cannot be written: %2").arg(path, file.errorString()));
    return written;
}

void AimView::askMap()
{
    if (!m_snapshot || !m_scene.held || m_snapshot->plan.listeners.empty()) return;
    const core::SpotTask task{.device = m_scene.held, .seats = seats(), .surfaces = m_scene.mounts,
                              .weights = m_scene.weights};
    m_bench.ask(this, mapping(), m_snapshot->revision,
                [this, shown = m_snapshot, task, of = mappedNow()](const std::stop_token& stop) -> Workbench::Take {
                    auto found = core::mapSpots(shown->after(), shown->practice(), task, stop);
                    return [this, found = std::move(found), of] {
                        if (!found) return;
                        m_map = std::make_shared<const core::SpotMap>(*found);
                        m_mapped = of;
                        show();
                    };
                });
}

void AimView::askAlign()
{
    std::vector<core::ListenerId> seats = this->seats();
    if (seats.empty())
        for (const auto& [id, listener] : m_snapshot->plan.listeners)
            if (seats.size() < 2) seats.push_back(id);
    m_bench.ask(this, aligning(), m_snapshot->revision,
                [this, shown = m_snapshot, seats](const std::stop_token& stop) -> Workbench::Take {
                    auto found = core::align(shown->plan, shown->shop->practice, seats, shown->evaluation, stop);
                    return [this, found = std::move(found)] {
                        if (!found) return emit said(tr("Fewer than two channels play: there is nothing to set."));
                        if (!found->canDelay) emit said(tr("Nothing in this chain can delay: level and polarity only."));
                        if (found->edit.changes.empty()) return emit said(tr("It stands as well as it can be set."));
                        emit edited(found->edit);
                    };
                });
}

}  // namespace app
