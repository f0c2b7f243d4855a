#include "app/stations/match/fit_panel.h"

#include <QFrame>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStyle>
#include <QVBoxLayout>
#include <algorithm>

#include "app/asks/ask.h"
#include "app/asks/ask_rows.h"
#include "app/stations/match/spacer_template.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/save_path.h"
#include "app/widgets/section_drawing.h"
#include "app/widgets/spacer_picker.h"
#include "core/edits/coil_edits.h"
#include "core/edits/fit_edits.h"
#include "core/edits/set_figure.h"
#include "core/fit/driver_body.h"
#include "core/fit/fit_of.h"
#include "core/fitout/resolve.h"
#include "core/io/atomic_file.h"
#include "core/model/names.h"
#include "words/fit_facts.h"
#include "words/fit_words.h"
#include "words/made_names.h"
#include "words/quantity_words.h"

namespace app {
namespace {

using core::Quantity;

constexpr int kChips = 2;  // of the measures beside the drawing, before somebody asks for more

const core::Fitout& planned(const Survey& survey)
{
    return survey.snapshot->after().used;
}

const core::Part* driverOf(const Survey& survey)
{
    const auto device = planned(survey).devices.find(survey.driver);
    return device == planned(survey).devices.end() ? nullptr : &planned(survey).parts.at(device->second.part);
}

// Where the driver shown came in: a measure of it is true of it, and plans no other one.
core::StageId whereItStands(const Survey& survey)
{
    const core::Fitout& before = survey.snapshot->before().used;
    const auto found = before.devices.find(survey.driver);
    const auto now = planned(survey).devices.find(survey.driver);
    const bool kept =
        found != before.devices.end() && now != planned(survey).devices.end() && found->second.part == now->second.part;
    return kept ? core::kFound : survey.plan().job.goal;
}

core::Mount mountOf(const Survey& survey)
{
    return core::mountOf(planned(survey), survey.driver);
}

double spacerOf(const Survey& survey)
{
    const auto spacer = planned(survey).parts.find(mountOf(survey).spacer);
    return spacer == planned(survey).parts.end()
               ? 0.0
               : core::valueOf(spacer->second.figures, Quantity::Thickness_m).value_or(0.0);
}

}  // namespace

std::vector<FitPanel::Measure> FitPanel::makeMeasures()
{
    using Of = Measure::Of;
    using Line = SectionDrawing::Line;
    return {{QStringLiteral("placeDepth"), tr("depth"), Quantity::Depth_m, Of::Place, Line::Behind},
            {QStringLiteral("placeGlass"), tr("window closed"), Quantity::DepthGlassUp_m, Of::Place, Line::WindowUp},
            {QStringLiteral("placeFront"), tr("in front"), Quantity::FrontClearance_m, Of::Place, Line::InFront},
            {QStringLiteral("driverDepth"), tr("its depth"), Quantity::Depth_m, Of::Driver, Line::Body},
            {QStringLiteral("placeHole"), tr("hole"), Quantity::Cutout_m, Of::Place, Line::Hole},
            {QStringLiteral("placeScrews"), tr("screws"), Quantity::ScrewCount, Of::Place},
            {QStringLiteral("placeCircle"), tr("circle"), Quantity::ScrewCircle_m, Of::Place, Line::Circle},
            {QStringLiteral("placeScrewRoom"), tr("behind screws"), Quantity::ScrewRoom_m, Of::Place},
            {QStringLiteral("screwLength"), tr("screw length"), Quantity::ScrewLength_m, Of::Screws},
            {QStringLiteral("driverBody"), tr("its body"), Quantity::Basket_m, Of::Driver},
            {QStringLiteral("driverMass"), tr("its mass"), Quantity::Mass_kg, Of::Driver}};
}

FitPanel::FitPanel(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_section(new SectionDrawing(theme, this)),
      m_facts(new PlainLabel(this)),
      m_chips(new QWidget(this)),
      m_chipRow(new FlowLayout(4)),
      m_more(new QPushButton(this)),
      m_field(new QFrame(this)),
      m_spacer(new SpacerPicker(theme, this)),
      m_decided(new AskForm(this)),
      m_template(new QPushButton(tr("Spacer at &1:1…"), this))
{
    setObjectName(QStringLiteral("fitPanel"));
    m_section->setObjectName(QStringLiteral("section"));
    m_facts->setObjectName(QStringLiteral("fitFacts"));
    m_facts->setWordWrap(true);
    m_facts->setProperty("role", "quiet");
    m_facts->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_chips->setLayout(m_chipRow);
    build();
}

void FitPanel::build()
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(m_section, 1);
    layout->addWidget(m_chips);
    m_field->setObjectName(QStringLiteral("measureField"));
    m_field->setProperty("role", "notice");
    m_field->hide();
    auto* field = new QVBoxLayout(m_field);
    field->setContentsMargins(8, 6, 8, 6);
    for (const Measure& measure : m_measures) {
        auto* button = new QPushButton(m_chips);
        button->setObjectName(QStringLiteral("measure_%1").arg(measure.name));
        button->setCheckable(true);
        button->setProperty("role", "measure");
        connect(button, &QPushButton::clicked, this,
                [this, name = measure.name] { pick(name == m_picked ? QString() : name); });
        m_buttons[measure.name] = button;
        if (measure.line)
            m_section->hold(*measure.line, button);
        else
            m_chipRow->addWidget(button);
        addAsk(measure);
        field->addWidget(m_asks.at(measure.name));
        m_asks.at(measure.name)->hide();
    }
    m_more->setObjectName(QStringLiteral("moreMeasures"));
    m_more->setProperty("role", "measure");
    m_chipRow->addWidget(m_more);
    connect(m_more, &QPushButton::clicked, this, [this] {
        m_all = !m_all;
        showChips();
    });
    connect(m_spacer, &SpacerPicker::picked, this, [this](double thickness_m) {
        emit edited(core::fitSpacer(m_survey.plan(), m_survey.driver, thickness_m));
    });
    layout->addWidget(m_spacer);
    buildDecided();
    layout->addWidget(m_decided);
    layout->addWidget(m_facts);
    m_template->setObjectName(QStringLiteral("spacerTemplate"));
    m_template->setToolTip(tr("A template to print and cut by: rim, opening, screw holes, the cable's way out"));
    layout->addWidget(m_template, 0, Qt::AlignLeft);
    connect(m_template, &QPushButton::clicked, this, &FitPanel::askForTemplate);
    connect(m_decided, &AskForm::edited, this, &FitPanel::edited);
}

void FitPanel::buildDecided()
{
    m_decided->addList(
        {.name = QStringLiteral("heldBy"),
         .label = tr("held by"),
         .choices =
             [](const Survey&) {
                 std::vector<std::pair<QString, QString>> choices;
                 for (const auto& name : core::enumNames<core::Fixing>())
                     choices.emplace_back(QString::number(static_cast<int>(name.value)), words::nameOf(name.value));
                 return choices;
             },
         .read = [](const Survey& survey) { return QString::number(static_cast<int>(mountOf(survey).fixing)); },
         .write =
             [](const Survey& survey, const QString& key) {
                 return core::fixDriver(survey.plan(), survey.driver, static_cast<core::Fixing>(key.toInt()));
             }});
    m_decided->addList({.name = QStringLiteral("plannedCoils"),
                        .label = tr("coils"),
                        .choices =
                            [](const Survey& survey) {
                                return driverOf(survey) ? joinChoices(planned(survey), survey.driver, survey.practice())
                                                        : std::vector<std::pair<QString, QString>>{};
                            },
                        .read =
                            [](const Survey& survey) {
                                if (!driverOf(survey)) return QString();
                                const auto at = core::coilsAtDriver(planned(survey), survey.driver, survey.practice());
                                return QString::number(static_cast<int>(at.join));
                            },
                        .write =
                            [](const Survey& survey, const QString& key) {
                                return core::planCoils(survey.plan(), survey.driver,
                                                       static_cast<core::CoilJoin>(key.toInt()));
                            },
                        .onlyWhereAny = true});
}

void FitPanel::addAsk(const Measure& measure)
{
    auto* form = new AskForm(this);
    const Quantity quantity = measure.quantity;
    const auto of = measure.of;
    form->addQuantity({.name = measure.name,
                       .label = words::labelOf(quantity),
                       .quantity = quantity,
                       .figures = [of](const Survey& survey) -> const core::Figures* {
                           if (of == Measure::Of::Place)
                               return survey.placeThere() ? &survey.placeThere()->room : nullptr;
                           if (of == Measure::Of::Driver)
                               return driverOf(survey) ? &driverOf(survey)->figures : nullptr;
                           static const core::Figures kNone;
                           const auto mount = planned(survey).mounts.find(survey.driver);
                           return mount == planned(survey).mounts.end() ? &kNone : &mount->second.figures;
                       },
                       .meanwhile = [of, quantity](const Survey& survey) -> std::optional<core::Known> {
                           if (of != Measure::Of::Driver || !driverOf(survey)) return std::nullopt;
                           const core::Figures all = core::bodyFigures(*driverOf(survey), survey.practice());
                           const auto found = all.find(quantity);
                           return found == all.end() ? std::nullopt : std::optional(found->second);
                       },
                       .write =
                           [of, quantity](const Survey& survey, const std::optional<core::Known>& known) {
                               if (of == Measure::Of::Screws)
                                   return core::setScrews(survey.plan(), survey.driver, known ? known->value : 0.0);
                               const bool ofPlace = of == Measure::Of::Place;
                               const core::Subject whose =
                                   ofPlace ? core::Subject{survey.place} : core::Subject{survey.driver};
                               return core::setFigure(survey.plan(), whereItStands(survey), {whose, quantity}, known);
                           }});
    connect(form, &AskForm::edited, this, &FitPanel::edited);
    for (auto* field : form->findChildren<QLineEdit*>()) field->installEventFilter(this);
    m_asks[measure.name] = form;
}

void FitPanel::pick(const QString& name)
{
    m_picked = name;
    for (const auto& [key, form] : m_asks) form->setVisible(key == name);
    for (const auto& [key, button] : m_buttons) button->setChecked(key == name);
    showChips();
    m_field->setVisible(!name.isEmpty());
    if (name.isEmpty()) return;
    placeField();
    auto* field = findChild<QLineEdit*>(name);
    field->setFocus();
    field->selectAll();
}

// Over the tag that was picked, or under it where there is no room above.
void FitPanel::placeField()
{
    if (m_picked.isEmpty()) return;
    const QPushButton* tag = m_buttons.at(m_picked);
    const QRect at(tag->mapTo(this, QPoint()), tag->size());
    m_field->layout()->activate();
    const int wide = std::min(width(), m_theme.px(230));
    const int high = m_field->hasHeightForWidth() ? m_field->heightForWidth(wide) : m_field->sizeHint().height();
    const int left = std::clamp(at.center().x() - wide / 2, 0, std::max(0, width() - wide));
    const int above = at.top() - high - 4;
    m_field->setGeometry(left, above >= 0 ? above : std::min(at.bottom() + 4, height() - high), wide, high);
    m_field->raise();
}

void FitPanel::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    placeField();
}

// Esc puts the field away, and the keys go back to its tag.
bool FitPanel::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::KeyPress && static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape &&
        !m_picked.isEmpty()) {
        QPushButton* tag = m_buttons.at(m_picked);
        pick({});
        tag->setFocus();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void FitPanel::stepSpacer(int by)
{
    m_spacer->step(by);
}

void FitPanel::ask(Quantity what)
{
    using Of = Measure::Of;
    // A margin nobody knows is asked for at the place; a figure of the driver at the driver.
    if (what == Quantity::DepthMargin_m || what == Quantity::GlassMargin_m) return pick(QStringLiteral("placeDepth"));
    for (const Measure& measure : m_measures)
        if (measure.quantity == what && measure.of == Of::Driver) return pick(measure.name);
    for (const Measure& measure : m_measures)
        if (measure.quantity == what) return pick(measure.name);
    pick(QStringLiteral("driverBody"));
}

bool FitPanel::suits(const Measure& measure) const
{
    const core::Place* place = m_survey.placeThere();
    const bool glass = place && (place->behind == core::Behind::Glass || place->behind == core::Behind::Regulator ||
                                 place->room.contains(Quantity::DepthGlassUp_m));
    return place && (measure.of == Measure::Of::Place || driverOf(m_survey)) &&
           (measure.quantity != Quantity::DepthGlassUp_m || glass);
}

std::optional<double> FitPanel::valueOf(const Measure& measure) const
{
    const core::Place* place = m_survey.placeThere();
    const core::Part* driver = driverOf(m_survey);
    switch (measure.of) {
        case Measure::Of::Place:
            return place ? core::valueOf(place->room, measure.quantity) : std::nullopt;
        case Measure::Of::Driver:
            return driver ? core::valueOf(driver->figures, measure.quantity) : std::nullopt;
        case Measure::Of::Screws:
            return core::valueOf(mountOf(m_survey).figures, measure.quantity);
    }
    return std::nullopt;
}

void FitPanel::showChips()
{
    int shown = 0, left = 0;
    for (const Measure& measure : m_measures) {
        QPushButton* button = m_buttons.at(measure.name);
        const bool there = suits(measure), beside = !measure.line;
        const bool seen = there && (!beside || m_all || shown < kChips || measure.name == m_picked);
        shown += seen && beside ? 1 : 0;
        left += there && !seen ? 1 : 0;
        button->setVisible(seen);
        const auto value = valueOf(measure);
        button->setText(value
                            ? tr("%1 %2").arg(measure.label, words::fieldText(measure.quantity, *value, m_survey.units))
                            : tr("%1 ?").arg(measure.label));
        button->setProperty("unknown", !value);
        button->style()->unpolish(button);  // dashed while unknown
        button->style()->polish(button);
        if (measure.line) m_section->setKnown(*measure.line, value.has_value());
    }
    m_more->setText(m_all ? tr("fewer") : tr("%1 more").arg(left));
    m_more->setVisible(m_all || left > 0);
    m_section->arrangeTags();
}

// Whose cut it is stands first: the one that is picked on the shelf, or the one that is there or planned.
void FitPanel::showFacts(const core::DriverFit& fit, const core::Part& driver, bool picked)
{
    QStringList facts =
        words::fitFacts({*m_survey.placeThere(), fit,
                         core::findRunOfDevice(m_survey.snapshot->after(), m_survey.driver), m_survey.practice()},
                        m_survey.units);
    const QString name = words::named(driver.name);
    facts.prepend(picked ? tr("%1, picked and not planned.").arg(name) : tr("%1, as it stands in the plan.").arg(name));
    m_facts->setText(facts.join(QLatin1Char(' ')));
    m_facts->setVisible(true);
}

// As planned; else what one can buy, or would have to make.
double FitPanel::templateThickness_m() const
{
    if (!m_shown || !m_survey.placeThere()) return 0.0;
    if (m_shown->spacer_m > 0.0) return m_shown->spacer_m;
    if (m_shown->spacers && m_shown->spacers->sum_m > 0.0) return m_shown->spacers->sum_m;
    if (m_shown->spacerNeeded_m.value_or(0.0) > 0.0) return *m_shown->spacerNeeded_m;
    const bool ring = m_shown->hole && m_shown->hole->ring;
    return ring ? m_survey.practice()[core::PracticeKey::RingThickness_m] : 0.0;
}

bool FitPanel::writeTemplate(const QString& path)
{
    const double thickness_m = templateThickness_m();
    if (!(thickness_m > 0.0)) return false;
    const core::Place& place = *m_survey.placeThere();
    const core::SpacerOutline outline =
        core::spacerOutline(place, mountOf(m_survey), *m_shown, thickness_m, m_survey.practice());
    const auto pair = m_survey.plan().places.find(place.pair);
    const bool both = pair != m_survey.plan().places.end() && pair->second.followsPair;
    const QByteArray pdf =
        spacerPdf(outline, both, {tr("Spacer, %1").arg(words::named(place.name)), m_letterPaper, place.frame.at_m.y});
    if (!core::writeAtomically(path.toUtf8().toStdString(), pdf.toStdString(), 0)) return false;
    const QString where = tr("Template saved as %1.").arg(path);
    emit said(outline.thin() ? tr("%1 Only %2 are left beside a hole: choose stouter stuff, or turn the driver.")
                                   .arg(where, words::marginText(std::max(0.0, outline.leastLand_m), m_survey.units))
                             : where);
    return true;
}

void FitPanel::askForTemplate()
{
    const QString path = askSavePath(this, tr("Save the template"), QStringLiteral("spacer.pdf"), tr("PDF (*.pdf)"),
                                     QStringLiteral(".pdf"));
    if (!path.isEmpty() && !writeTemplate(path))
        emit said(tr("%1 cannot be written; choose another folder.").arg(path));
}

void FitPanel::present(const Survey& survey, const core::Candidate* tried)
{
    m_survey = survey;
    m_shown.reset();
    const auto& fits = survey.snapshot->after().fits;
    const auto fit = fits.find(survey.driver);
    const core::Place* place = survey.placeThere();
    if (!place || (fit == fits.end() && !tried)) {
        m_section->clear();
        m_facts->hide();
    } else {
        const core::DriverFit& shown = tried ? tried->fit : *fit->second;
        m_shown = shown;
        m_section->present(core::fitSection(*place, mountOf(survey), shown), place->underPanel);
        showFacts(shown, tried ? tried->part : *driverOf(survey), tried != nullptr);
    }
    m_template->setVisible(templateThickness_m() > 0.0);
    m_spacer->setVisible(driverOf(survey) != nullptr);
    if (driverOf(survey))
        m_spacer->present(survey.practice()[core::PracticeList::Spacer_m], spacerOf(survey), survey.units);
    showChips();
    m_decided->setVisible(driverOf(survey) != nullptr);
    if (driverOf(survey)) m_decided->present(survey);
    for (const auto& [name, form] : m_asks) form->present(survey);
}

}  // namespace app
