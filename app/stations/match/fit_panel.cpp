#include "app/stations/match/fit_panel.h"

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/asks/ask.h"
#include "app/asks/ask_rows.h"
#include "app/stations/match/spacer_template.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/save_path.h"
#include "app/widgets/section_drawing.h"
#include "core/edits/coil_edits.h"
#include "core/edits/fit_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fit/driver_body.h"
#include "core/fit/fit_of.h"
#include "core/fitout/resolve.h"
#include "core/io/atomic_file.h"
#include "core/model/names.h"
#include "words/fit_facts.h"
#include "words/fit_words.h"
#include "words/quantity_words.h"

namespace app {
namespace {

using core::Quantity;

constexpr int kChips = 6;  // of the measures, before somebody asks for more

const core::Fitout& planned(const Survey& survey)
{
    return survey.snapshot->after().used;
}

const core::Part* driverOf(const Survey& survey)
{
    const auto device = planned(survey).devices.find(survey.driver);
    return device == planned(survey).devices.end() ? nullptr : &planned(survey).parts.at(device->second.part);
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

const std::vector<FitPanel::Measure>& FitPanel::measures()
{
    using Of = Measure::Of;
    static const std::vector<Measure> kMeasures{
        {QStringLiteral("placeDepth"), tr("depth"), Quantity::Depth_m, Of::Place},
        {QStringLiteral("placeGlass"), tr("window closed"), Quantity::DepthGlassUp_m, Of::Place},
        {QStringLiteral("placeFront"), tr("in front"), Quantity::FrontClearance_m, Of::Place},
        {QStringLiteral("driverDepth"), tr("its depth"), Quantity::Depth_m, Of::Driver},
        {QStringLiteral("placeHole"), tr("hole"), Quantity::Cutout_m, Of::Place},
        {QStringLiteral("placeScrews"), tr("screws"), Quantity::ScrewCount, Of::Place},
        {QStringLiteral("placeCircle"), tr("circle"), Quantity::ScrewCircle_m, Of::Place},
        {QStringLiteral("placeScrewRoom"), tr("behind screws"), Quantity::ScrewRoom_m, Of::Place},
        {QStringLiteral("screwLength"), tr("screw length"), Quantity::ScrewLength_m, Of::Screws},
        {QStringLiteral("driverBody"), tr("its body"), Quantity::Basket_m, Of::Driver},
        {QStringLiteral("driverMass"), tr("its mass"), Quantity::Mass_kg, Of::Driver}};
    return kMeasures;
}

FitPanel::FitPanel(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_section(new SectionDrawing(theme, this)),
      m_facts(new PlainLabel(this)),
      m_chips(new QWidget(this)),
      m_chipRow(new FlowLayout(4)),
      m_more(new QPushButton(this)),
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
    layout->addWidget(m_facts);
    layout->addWidget(m_chips);
    for (const Measure& measure : measures()) {
        auto* button = new QPushButton(m_chips);
        button->setObjectName(QStringLiteral("measure_%1").arg(measure.name));
        button->setCheckable(true);
        button->setProperty("role", "measure");
        connect(button, &QPushButton::clicked, this,
                [this, name = measure.name] { pick(name == m_picked ? QString() : name); });
        m_buttons[measure.name] = button;
        m_chipRow->addWidget(button);
        addAsk(measure);
        layout->addWidget(m_asks.at(measure.name));
        m_asks.at(measure.name)->hide();
    }
    m_more->setObjectName(QStringLiteral("moreMeasures"));
    m_more->setProperty("role", "measure");
    m_chipRow->addWidget(m_more);
    connect(m_more, &QPushButton::clicked, this, [this] {
        m_all = !m_all;
        showChips();
    });
    m_decided->addList(
        {.name = QStringLiteral("spacer"),
         .label = tr("spacer"),
         .choices =
             [](const Survey& survey) {
                 std::vector<std::pair<QString, QString>> choices{{QStringLiteral("0"), tr("none")}};
                 std::vector<double> stock = survey.practice()[core::PracticeList::Spacer_m];
                 const double there_m = spacerOf(survey);
                 if (there_m > 0.0 && std::find(stock.begin(), stock.end(), there_m) == stock.end())
                     stock.push_back(there_m);  // stacked, or a ring
                 for (const double thickness_m : stock)
                     choices.emplace_back(QString::number(thickness_m), words::marginText(thickness_m, survey.units));
                 return choices;
             },
         .read = [](const Survey& survey) { return QString::number(spacerOf(survey)); },
         .write = [](const Survey& survey,
                     const QString& key) { return core::fitSpacer(survey.plan(), survey.driver, key.toDouble()); }});
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
    layout->addWidget(m_decided);
    m_template->setObjectName(QStringLiteral("spacerTemplate"));
    m_template->setToolTip(tr("A template to print and cut by: rim, opening, screw holes, the cable's way out"));
    layout->addWidget(m_template, 0, Qt::AlignLeft);
    connect(m_template, &QPushButton::clicked, this, &FitPanel::askForTemplate);
    connect(m_decided, &AskForm::edited, this, &FitPanel::edited);
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
                               if (of == Measure::Of::Place) {
                                   core::Place place = *survey.placeThere();
                                   place.room.erase(quantity);
                                   if (known) place.room[quantity] = *known;
                                   return core::changePlace(survey.plan(), survey.place, place);
                               }
                               if (of == Measure::Of::Screws)
                                   return core::setScrews(survey.plan(), survey.driver, known ? known->value : 0.0);
                               core::Part part = *driverOf(survey);
                               part.figures.erase(quantity);
                               if (known) part.figures[quantity] = *known;
                               return core::changePart(survey.plan(), survey.plan().job.goal, survey.driver, part);
                           }});
    connect(form, &AskForm::edited, this, &FitPanel::edited);
    m_asks[measure.name] = form;
}

void FitPanel::pick(const QString& name)
{
    m_picked = name;
    for (const auto& [key, form] : m_asks) form->setVisible(key == name);
    for (const auto& [key, button] : m_buttons) button->setChecked(key == name);
    showChips();
    if (auto* field = name.isEmpty() ? nullptr : findChild<QLineEdit*>(name)) field->setFocus();
}

void FitPanel::ask(Quantity what)
{
    using Of = Measure::Of;
    // A margin nobody knows is asked for at the place; a figure of the driver at the driver.
    if (what == Quantity::DepthMargin_m || what == Quantity::GlassMargin_m) return pick(QStringLiteral("placeDepth"));
    for (const Measure& measure : measures())
        if (measure.quantity == what && measure.of == Of::Driver) return pick(measure.name);
    for (const Measure& measure : measures())
        if (measure.quantity == what) return pick(measure.name);
    pick(QStringLiteral("driverBody"));
}

void FitPanel::showChips()
{
    const core::Place* place = m_survey.placeThere();
    const core::Part* driver = driverOf(m_survey);
    const bool glass = place && (place->behind == core::Behind::Glass || place->behind == core::Behind::Regulator ||
                                 place->room.contains(Quantity::DepthGlassUp_m));
    int shown = 0, left = 0;
    for (const Measure& measure : measures()) {
        QPushButton* button = m_buttons.at(measure.name);
        const bool suits = place && (measure.of == Measure::Of::Place || driver) &&
                           (measure.quantity != Quantity::DepthGlassUp_m || glass);
        const bool seen = suits && (m_all || shown < kChips || measure.name == m_picked);
        shown += seen ? 1 : 0;
        left += suits && !seen ? 1 : 0;
        button->setVisible(seen);
        std::optional<double> value;
        if (measure.of == Measure::Of::Place && place) value = core::valueOf(place->room, measure.quantity);
        if (measure.of == Measure::Of::Driver && driver) value = core::valueOf(driver->figures, measure.quantity);
        if (measure.of == Measure::Of::Screws) value = core::valueOf(mountOf(m_survey).figures, measure.quantity);
        button->setText(value
                            ? tr("%1 %2").arg(measure.label, words::fieldText(measure.quantity, *value, m_survey.units))
                            : tr("%1 ?").arg(measure.label));
    }
    m_more->setText(m_all ? tr("fewer") : tr("%1 more").arg(left));
    m_more->setVisible(m_all || left > 0);
}

// Whose cut it is stands first: the one that is picked on the shelf, or the one that is there or planned.
void FitPanel::showFacts(const core::DriverFit& fit, const core::Part& driver, bool picked)
{
    QStringList facts =
        words::fitFacts({*m_survey.placeThere(), fit,
                         core::findRunOfDevice(m_survey.snapshot->after(), m_survey.driver), m_survey.practice()},
                        m_survey.units);
    const QString name = QString::fromStdString(driver.name);
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
    const QByteArray pdf = spacerPdf(
        outline, both, {tr("Spacer, %1").arg(QString::fromStdString(place.name)), m_letterPaper, place.frame.at_m.y});
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
    showChips();
    m_decided->setVisible(driverOf(survey) != nullptr);
    if (driverOf(survey)) m_decided->present(survey);
    for (const auto& [name, form] : m_asks) form->present(survey);
}

}  // namespace app
