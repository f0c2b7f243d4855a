#include "app/stations/aim/hole_panel.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

#include "app/asks/typed_quantity.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/quantity_field.h"
#include "app/widgets/quiet_combo.h"
#include "app/widgets/typed_number.h"
#include "core/design/mount_surfaces.h"
#include "core/fitout/closed_zones.h"
#include "core/model/aim.h"
#include "words/aim_words.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/made_names.h"

namespace app {
namespace {

constexpr double kPicture = 118.0;  // how wide it is drawn

}  // namespace

HolePanel::HolePanel(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_title(new PlainLabel(this)),
      m_what(new PlainLabel(this)),
      m_style(new QuietCombo(this)),
      m_follows(new QPushButton(this)),
      m_template(new QPushButton(this))
{
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(theme.px(kPicture + 14), 2, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(2);
    m_title->setObjectName(QStringLiteral("holeTitle"));
    m_what->setProperty("role", "quiet");
    m_what->setWordWrap(true);
    grid->addWidget(m_what, 1, 0, 1, 4);
    const std::array<const char*, 4> names{"holeFirst", "holeSecond", "aimIn", "aimUp"};
    for (size_t i = 0; i < m_fields.size(); ++i) {
        m_names[i] = new PlainLabel(this);
        m_names[i]->setWordWrap(true);
        m_fields[i] = new QuantityField(this);
        m_fields[i]->setObjectName(QLatin1String(names[i]));
        m_fields[i]->setMaximumWidth(theme.px(84));
        m_names[i]->setBuddy(m_fields[i]);
        const int row = 2 + static_cast<int>(i % 2), column = i < 2 ? 0 : 2;
        grid->addWidget(m_fields[i], row, column);
        grid->addWidget(m_names[i], row, column + 1);
        connect(m_fields[i], &QLineEdit::editingFinished, this, [this, i] {
            if (!m_fields[i]->isModified()) return;
            if (i < 2)
                takeMeasure(i);
            else
                takeAngles();
        });
    }
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(3, 1);
    m_style->setObjectName(QStringLiteral("mountStyle"));
    m_style->setAccessibleName(tr("How it is let in"));
    for (const core::MountStyle one : {core::MountStyle::Flush, core::MountStyle::Cup, core::MountStyle::Pod,
                                       core::MountStyle::Plate})
        m_style->addItem(words::nameOf(one), static_cast<int>(one));
    connect(m_style, &QComboBox::activated, this,
            [this](int row) { emit styleChosen(static_cast<core::MountStyle>(m_style->itemData(row).toInt())); });
    m_follows->setObjectName(QStringLiteral("sidesLocked"));
    connect(m_follows, &QPushButton::clicked, this, [this] {
        if (m_scene.follows)
            emit freed();
        else
            emit mirrored();
    });
    m_template->setText(tr("template…"));
    m_template->setProperty("role", "topic");
    m_template->setObjectName(QStringLiteral("holeTemplate"));
    m_template->setToolTip(tr("1:1 for both sides, as a PDF or an SVG"));
    connect(m_template, &QPushButton::clicked, this, &HolePanel::templateAsked);
    grid->addWidget(m_style, 4, 0, 1, 2);
    grid->addWidget(m_follows, 4, 2, 1, 2);
    auto* heading = new QHBoxLayout;
    heading->addWidget(m_title, 1);
    heading->addWidget(m_template);
    grid->addLayout(heading, 0, 0, 1, 4);
    grid->setRowStretch(5, 1);
    const auto letters = [this] {  // not with each frame of a drag: a font is resolved anew each time
        m_title->setFont(m_theme.title());
        for (QLabel* small : {m_what, m_names[0], m_names[1], m_names[2], m_names[3]}) small->setFont(m_theme.small());
    };
    connect(&theme, &Theme::changed, this, letters);
    letters();
}

void HolePanel::present(const AimScene& scene)
{
    m_scene = scene;
    const AimDriver* own = scene.driver(scene.held);
    setVisible(own != nullptr);
    if (!own) return;
    m_surface = core::surfaceUnder(scene.mounts, own->frame.at_m);
    const core::Fitout& used = scene.snapshot->after().used;
    if (m_surface) {
        const core::Surface& surface = scene.mounts.at(m_surface);
        m_outline = core::holeOutline(scene.snapshot->after(), scene.held, scene.mounts)
                        .value_or(core::holeOn(surface, own->frame.at_m));
        m_measures = {m_outline.across, m_outline.down};
        m_title->setText(tr("the hole in the %1").arg(words::named(surface.name)));
        QString what = words::nameOf(surface.backing);
        if (m_outline.hole_m > 0.0)
            what = (m_outline.sawn ? tr("%1, a hole of %2 by saw") : tr("%1, a hole of %2 by template"))
                       .arg(what, words::spokenLength(m_outline.hole_m));
        if (surface.basis.origin == core::Origin::ClassGuess) what = tr("%1, usual size: measure before you cut").arg(what);
        if (const auto why = core::closedAt(used, surface.kind, own->frame.at_m, scene.snapshot->practice()))
            what = words::whyClosed(*why);
        m_what->setText(what);
    } else {
        m_title->setText(tr("off every surface"));
        m_what->setText(tr("It needs a bracket or a pod here, or another spot."));
    }
    for (size_t i = 0; i < 2; ++i) {
        m_fields[i]->setVisible(static_cast<bool>(m_surface));
        m_names[i]->setVisible(static_cast<bool>(m_surface));
        if (!m_surface) continue;
        m_names[i]->setText(words::nameOf(m_measures[i].edge));
        m_fields[i]->setAccessibleName(words::nameOf(m_measures[i].edge));
        m_fields[i]->setText(words::fieldText(core::Quantity::Depth_m, m_measures[i].from_m, m_theme.units()));
    }
    const core::Aim aim = core::aimOf(own->frame);
    m_names[2]->setText(tr("° in"));
    m_names[3]->setText(tr("° up"));
    m_fields[2]->setText(words::fixedNumber(aim.in_deg, 0));
    m_fields[3]->setText(words::fixedNumber(aim.up_deg, 0));
    for (size_t i = 2; i < 4; ++i) m_fields[i]->setAccessibleName(m_names[i]->text());
    const auto mount = used.mounts.find(scene.held);
    m_style->setCurrentIndex(
        m_style->findData(static_cast<int>(mount == used.mounts.end() ? core::MountStyle::Flush : mount->second.style)));
    m_follows->setVisible(scene.other.has_value());
    m_follows->setText(scene.follows ? tr("other side: mirrored") : tr("mirror the other side"));
    m_follows->setToolTip(scene.follows ? tr("Aim each side by itself from now on")
                                        : tr("The other side takes the mirrored spot, and follows again"));
    m_template->setVisible(static_cast<bool>(m_surface));
    update();
}

void HolePanel::takeMeasure(size_t which)
{
    const AimDriver* own = m_scene.driver(m_scene.held);
    QString text = m_fields[which]->text();
    if (typedNumber(text)) text += m_theme.units() == words::UnitSystem::Imperial ? QStringLiteral(" in") : QStringLiteral(" mm");
    const auto typed = typedQuantity(text, core::Quantity::Depth_m);
    m_fields[which]->setModified(false);
    if (!typed || !own) {
        if (!typed) emit said(typed.error());
        return present(AimScene(m_scene));
    }
    emit moved({core::movedTo(own->frame.at_m, m_measures[which], *typed), own->frame.facing});
}

void HolePanel::takeAngles()
{
    const AimDriver* own = m_scene.driver(m_scene.held);
    const auto in = typedNumber(m_fields[2]->text()), up = typedNumber(m_fields[3]->text());
    for (size_t i = 2; i < 4; ++i) m_fields[i]->setModified(false);
    const bool right = in && up && std::abs(*in) <= 180.0 && std::abs(*up) <= 90.0;
    if (!right || !own) {
        if (!right) emit said(tr("An angle is a number: up to 180 degrees in or out, up to 90 up or down."));
        return present(AimScene(m_scene));
    }
    emit moved(core::aimed(own->frame.at_m, {*in, *up}));
}

QRectF HolePanel::picture() const
{
    const double wide = m_theme.px(kPicture);
    return QRectF(m_theme.px(2), m_theme.px(4), wide, std::min<double>(height() - m_theme.px(8), wide));
}

// As a hand sees it from the seats, with the two edges that it is measured from.
void HolePanel::paintEvent(QPaintEvent*)
{
    const AimDriver* own = m_scene.driver(m_scene.held);
    if (!own || !m_surface) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const QRectF room = picture().adjusted(m_theme.px(4), m_theme.px(4), -m_theme.px(4), -m_theme.px(4));
    const double scale = std::min(room.width() / m_outline.wide_m, room.height() / m_outline.high_m);
    const QRectF face(room.left(), room.top(), m_outline.wide_m * scale, m_outline.high_m * scale);
    painter.setPen(QPen(tokens.ink, 1.6));
    painter.setBrush(tokens.raised);
    painter.drawRect(face);
    const double across = m_outline.across.from_m * scale;
    const QPointF hole(m_outline.fromLeft ? face.left() + across : face.right() - across,
                       face.top() + m_outline.down.from_m * scale);
    painter.setPen(QPen(tokens.ink2, 1));
    painter.drawLine(QPointF(m_outline.fromLeft ? face.left() : face.right(), hole.y()), hole);
    painter.drawLine(QPointF(hole.x(), face.top()), hole);
    // The figures at their lines, in the ruler's own unit.
    painter.setFont(m_theme.small());
    painter.setPen(tokens.ink);
    const double edge = m_outline.fromLeft ? face.left() : face.right();
    const auto write = [&](const QPointF& middle, double length_m) {
        const QString text = words::spokenLength(length_m);
        const QRectF about(middle.x() - m_theme.px(40), middle.y() - m_theme.px(9), m_theme.px(80), m_theme.px(18));
        QRectF used = painter.boundingRect(about, Qt::AlignCenter, text);
        used.moveLeft(std::clamp(used.left(), face.left() + 2.0, std::max(face.left() + 2.0, face.right() - used.width() - 2.0)));
        painter.fillRect(used, tokens.raised);
        painter.drawText(used, Qt::AlignCenter, text);
    };
    write({0.5 * (edge + hole.x()), hole.y() - m_theme.px(10)}, m_outline.across.from_m);
    write({hole.x(), 0.5 * (face.top() + hole.y())}, m_outline.down.from_m);
    const double radius = std::max<double>(m_theme.px(4), own->radius_m * scale);
    painter.setPen(QPen(tokens.goldText, 1.6));
    painter.setBrush(tokens.goldTint);
    painter.drawEllipse(hole, radius, radius);
    const double arm = m_theme.px(4);
    painter.drawLine(hole - QPointF(arm, 0), hole + QPointF(arm, 0));
    painter.drawLine(hole - QPointF(0, arm), hole + QPointF(0, arm));
}

}  // namespace app
