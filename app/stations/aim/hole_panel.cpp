#include "app/stations/aim/hole_panel.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QStyle>
#include <algorithm>

#include "app/asks/typed_quantity.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/quantity_field.h"
#include "app/widgets/quiet_combo.h"
#include "app/widgets/typed_number.h"
#include "core/design/surface_corners.h"
#include "core/fitout/closed_zones.h"
#include "core/fitout/sides.h"
#include "core/fitout/surface_under.h"
#include "core/limits/hold_limits.h"
#include "core/model/aim.h"
#include "words/aim_words.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/hole_words.h"
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
      m_saws(new PlainLabel(this)),
      m_room(new PlainLabel(this)),
      m_style(new QuietCombo(this)),
      m_backing(new QuietCombo(this)),
      m_holds(new QuietCombo(this)),
      m_shape(new QPushButton(tr("corners\u2026"), this)),
      m_follows(new QPushButton(this)),
      m_template(new QPushButton(this))
{
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(theme.px(kPicture + 14), 2, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(2);
    m_title->setObjectName(QStringLiteral("holeTitle"));
    m_what->setProperty("role", "quiet");
    m_saws->setObjectName(QStringLiteral("holeSaws"));
    m_room->setObjectName(QStringLiteral("holeRoom"));
    int line = 1;
    for (QLabel* one : {m_what, m_saws, m_room}) {
        one->setWordWrap(true);
        grid->addWidget(one, line++, 0, 1, 4);
    }
    const std::array<const char*, 4> names{"holeFirst", "holeSecond", "aimIn", "aimUp"};
    for (size_t i = 0; i < m_fields.size(); ++i) {
        m_names[i] = new PlainLabel(this);
        m_names[i]->setWordWrap(true);
        m_fields[i] = new QuantityField(this);
        m_fields[i]->setObjectName(QLatin1String(names[i]));
        m_fields[i]->setMaximumWidth(theme.px(84));
        m_names[i]->setBuddy(m_fields[i]);
        const int row = line + static_cast<int>(i % 2), column = i < 2 ? 0 : 2;
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
    grid->setColumnStretch(3, 0);
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
    m_backing->setObjectName(QStringLiteral("surfaceBacking"));
    m_backing->setAccessibleName(tr("What it is made of"));
    for (const core::Backing one : {core::Backing::Metal, core::Backing::Plastic, core::Backing::Cloth})
        m_backing->addItem(words::nameOf(one), static_cast<int>(one));
    connect(m_backing, &QComboBox::activated, this, [this](int row) {
        core::Surface surface = m_scene.mounts.at(m_surface);
        surface.backing = static_cast<core::Backing>(m_backing->itemData(row).toInt());
        emit shaped(surface);
    });
    m_holds->setObjectName(QStringLiteral("mountHolds"));
    m_holds->setAccessibleName(tr("What holds it"));
    connect(m_holds, &QComboBox::activated, this,
            [this](int row) { emit held(static_cast<core::Fixing>(m_holds->itemData(row).toInt())); });
    m_shape->setObjectName(QStringLiteral("surfaceCorners"));
    m_shape->setProperty("role", "topic");
    m_shape->setCheckable(true);
    m_shape->setToolTip(tr("The surface as it really is: drag its corners, or type how wide and high it is"));
    connect(m_shape, &QPushButton::clicked, this, &HolePanel::shaping);
    grid->addWidget(m_style, line + 2, 0, 1, 2);
    grid->addWidget(m_backing, line + 2, 0, 1, 2);
    grid->addWidget(m_holds, line + 2, 2, 1, 2);
    auto* foot = new QHBoxLayout;
    foot->addWidget(m_follows);
    foot->addStretch();
    foot->addWidget(m_shape);
    grid->addLayout(foot, line + 3, 0, 1, 4);
    auto* heading = new QHBoxLayout;
    heading->addWidget(m_title, 1);
    heading->addWidget(m_template);
    grid->addLayout(heading, 0, 0, 1, 4);
    grid->setRowStretch(line + 4, 1);
    for (QuietCombo* one : {m_style, m_backing, m_holds}) {  // else what they hold decides how wide the cabin is
        one->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        one->setMinimumContentsLength(8);
    }
    const auto letters = [this] {  // not with each frame of a drag: a font is resolved anew each time
        m_title->setFont(m_theme.title());
        for (QLabel* small : {m_what, m_saws, m_room, m_names[0], m_names[1], m_names[2], m_names[3]}) small->setFont(m_theme.small());
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
    if (isShaping()) m_surface = scene.shaped;
    presentHole(*own);
    presentFields(*own);
    presentHolds();
    const bool on = static_cast<bool>(m_surface);
    m_style->setVisible(!isShaping());
    m_backing->setVisible(isShaping());
    m_shape->setVisible(on);
    m_shape->setChecked(isShaping());
    m_shape->setText(isShaping() ? tr("done") : tr("corners\u2026"));
    m_template->setVisible(on && !isShaping());
    m_follows->setVisible(scene.other.has_value() && !isShaping());
    m_follows->setText(scene.follows ? tr("other side: mirrored") : tr("mirror the other side"));
    m_follows->setToolTip(scene.follows ? tr("Aim each side by itself from now on")
                                        : tr("The other side takes the mirrored spot, and follows again"));
    update();
}

void HolePanel::presentHole(const AimDriver& own)
{
    m_saws->setVisible(static_cast<bool>(m_surface) && !isShaping());
    m_room->setVisible(static_cast<bool>(m_surface) && !isShaping());
    if (!m_surface) {
        m_title->setText(tr("off every surface"));
        m_what->setText(tr("It needs a bracket or a pod here, or another spot."));
        return;
    }
    const core::Surface& surface = m_scene.mounts.at(m_surface);
    const core::Practice& practice = m_scene.snapshot->practice();
    const auto outline = core::holeOutline(m_scene.snapshot->after(), m_scene.held, m_scene.mounts, practice);
    m_outline = outline && !isShaping() ? *outline : core::holeOn(surface, own.frame.at_m);
    m_measures = {m_outline.across, m_outline.down};
    m_backing->setCurrentIndex(m_backing->findData(static_cast<int>(surface.backing)));
    const bool guessed = surface.basis.origin == core::Origin::ClassGuess;
    QString what = guessed ? tr("%1, usual size: measure before you cut").arg(words::nameOf(surface.backing))
                           : words::nameOf(surface.backing);
    if (isShaping()) {
        m_title->setText(words::named(surface.name));
        m_what->setText(tr("Drag its corners in either view; over its face they make it larger or smaller, off its face "
                           "all of it goes along. Esc: done."));
        return;
    }
    m_title->setText(tr("the hole in the %1").arg(words::named(surface.name)));
    const core::Fitout& used = m_scene.snapshot->after().used;
    if (const auto why = core::closedAt(used, surface.kind, own.frame.at_m, practice)) what = words::whyClosed(*why);
    m_what->setText(what);
    m_saws->setText(m_outline.hole_m > 0.0
                        ? tr("hole %1; saws: %2").arg(words::spokenLength(m_outline.hole_m), words::sawsText(m_outline))
                        : QString());
    m_room->setText(outline ? words::roomText(m_outline) : QString());
    const QString role = outline && m_outline.isWrong() ? QStringLiteral("bad") : QStringLiteral("quiet");
    if (m_room->property("role") == role) return;  // not with each frame of a drag
    m_room->setProperty("role", role);
    m_room->style()->unpolish(m_room);
    m_room->style()->polish(m_room);
}

// Two measures from two edges, or how wide and high the surface is; which way the driver looks.
void HolePanel::presentFields(const AimDriver& own)
{
    const std::array<double, 2> sizes{m_outline.wide_m, m_outline.high_m};
    const std::array<QString, 2> sizeNames{tr("wide"), tr("high")};
    for (size_t i = 0; i < 2; ++i) {
        m_fields[i]->setVisible(static_cast<bool>(m_surface));
        m_names[i]->setVisible(static_cast<bool>(m_surface));
        if (!m_surface) continue;
        const QString name = isShaping() ? sizeNames[i] : words::nameOf(m_measures[i].edge);
        m_names[i]->setText(name);
        m_fields[i]->setAccessibleName(name);
        m_fields[i]->setText(words::fieldText(core::Quantity::Depth_m, isShaping() ? sizes[i] : m_measures[i].from_m,
                                              m_theme.units()));
    }
    const core::Aim aim = core::aimOf(own.frame);
    m_names[2]->setText(tr("° in"));
    m_names[3]->setText(tr("° up"));
    m_fields[2]->setText(words::fixedNumber(aim.in_deg, 0));
    m_fields[3]->setText(words::fixedNumber(aim.up_deg, 0));
    for (size_t i = 2; i < 4; ++i) {
        m_fields[i]->setAccessibleName(m_names[i]->text());
        m_fields[i]->setVisible(!isShaping());
        m_names[i]->setVisible(!isShaping());
    }
}

// How it is let in, and what could hold it, what is best first.
void HolePanel::presentHolds()
{
    const core::StageResult& stage = m_scene.snapshot->after();
    const core::Practice& practice = m_scene.snapshot->practice();
    const auto mount = stage.used.mounts.find(m_scene.held);
    const core::Mount now = mount == stage.used.mounts.end() ? core::Mount{} : mount->second;
    m_style->setCurrentIndex(m_style->findData(static_cast<int>(now.style)));
    const core::Place* place = core::placeOf(stage.used, m_scene.held);
    const auto fit = stage.fits.find(m_scene.held);
    m_holds->setVisible(place && fit != stage.fits.end() && !isShaping());
    if (!place || fit == stage.fits.end()) return;
    const auto ways = core::waysToHold(stage.used.body, *place, *fit->second, practice);
    const double wanted = practice[core::PracticeKey::HoldMargin_ratio];
    struct Choice {
        QString text{}, why{};
        core::Fixing fixing{};
    };
    std::vector<Choice> choices;
    for (const core::HeldBy& way : ways) choices.push_back({words::heldText(way), words::whyHeld(way, wanted), way.fixing});
    if (std::none_of(ways.begin(), ways.end(), [&](const core::HeldBy& way) { return way.fixing == now.fixing; }))
        choices.push_back({words::nameOf(now.fixing), {}, now.fixing});  // nobody knows what its screws bite in
    QStringList texts;
    for (const Choice& one : choices) texts << one.text;
    if (texts != m_holdsShown) {  // not with each frame of a drag
        m_holdsShown = texts;
        m_holds->clear();
        for (const Choice& one : choices) {
            m_holds->addItem(one.text, static_cast<int>(one.fixing));
            m_holds->setItemData(m_holds->count() - 1, one.why, Qt::ToolTipRole);
        }
    }
    m_holds->setCurrentIndex(m_holds->findData(static_cast<int>(now.fixing)));
    m_holds->setToolTip(m_holds->currentData(Qt::ToolTipRole).toString());
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
    if (!isShaping()) {
        emit moved({core::movedTo(own->frame.at_m, m_measures[which], *typed), own->frame.facing});
    } else if (*typed >= core::kLeastSurface_m) {
        core::Surface surface = core::withSize(m_scene.mounts.at(m_surface), m_measures[which], *typed);
        surface.basis = {core::Origin::Measured};
        emit shaped(surface);
    } else {
        emit said(tr("A surface is at least %1 wide and high.").arg(words::spokenLength(core::kLeastSurface_m)));
        present(AimScene(m_scene));
    }
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
