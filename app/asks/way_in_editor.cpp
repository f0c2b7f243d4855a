#include "app/asks/way_in_editor.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/asks/fastener_list.h"
#include "app/theme/plain_label.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/quantity_field.h"
#include "app/widgets/quiet_combo.h"
#include "core/edits/panel_edits.h"
#include "core/edits/place_edits.h"
#include "core/model/names.h"
#include "words/made_names.h"
#include "words/survey_words.h"

namespace app {

namespace {

bool isOnTheWay(const core::Place& place, core::PanelId panel)
{
    return std::find(place.wayIn.begin(), place.wayIn.end(), panel) != place.wayIn.end();
}

}  // namespace

WayInEditor::WayInEditor(QWidget* parent)
    : QWidget(parent),
      m_panels(new QVBoxLayout),
      m_known(new QuietCombo(this)),
      m_name(new QuantityField(this)),
      m_one(new QWidget(this)),
      m_fasteners(new FastenerList(QStringLiteral("fastener"), tr("2 hidden screws T20 behind the handle cup"), this)),
      m_leave(new QuantityField(this)),
      m_undo(new QuantityField(this)),
      m_labels(new QuantityField(this)),
      m_membrane(new QCheckBox(tr("a film behind it keeps the water out"), this)),
      m_remove(new QPushButton(tr("Take this panel off the list"), this)),
      m_holds(new QWidget(this)),
      m_held(new FastenerList(QStringLiteral("held"), tr("4 screws T25"), this))
{
    m_name->setObjectName(QStringLiteral("panelName"));
    m_name->setPlaceholderText(tr("door card"));
    m_name->setAccessibleName(tr("A panel that has to come off; Enter adds it"));
    m_known->setObjectName(QStringLiteral("panelKnown"));
    m_known->setAccessibleName(tr("A panel that is on another way in too"));
    m_leave->setObjectName(QStringLiteral("panelLeave"));
    m_leave->setPlaceholderText(tr("the yellow plug under the switch stays on"));
    m_leave->setAccessibleName(tr("What must not be pulled or unplugged there"));
    m_undo->setObjectName(QStringLiteral("panelUndo"));
    m_undo->setPlaceholderText(tr("window switch plug, lock cable"));
    m_undo->setAccessibleName(tr("What hangs on it and is undone: plugs, cables, rods"));
    m_membrane->setObjectName(QStringLiteral("panelMembrane"));
    m_labels->setObjectName(QStringLiteral("panelLabels"));
    m_labels->setPlaceholderText(tr("the warning label on its edge"));
    m_labels->setAccessibleName(tr("What is stuck on it and has to be there again afterwards"));
    m_remove->setObjectName(QStringLiteral("removePanel"));
    auto* one = new QVBoxLayout(m_one);
    one->setContentsMargins(0, 4, 0, 0);
    one->addWidget(m_fasteners);
    one->addWidget(new PlainLabel(tr("Hangs on it:"), m_one));
    one->addWidget(m_undo);
    one->addWidget(m_membrane);
    one->addWidget(new PlainLabel(tr("Leave alone:"), m_one));
    one->addWidget(m_leave);
    one->addWidget(new PlainLabel(tr("To be there again:"), m_one));
    one->addWidget(m_labels);
    one->addWidget(m_remove, 0, Qt::AlignLeft);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(m_panels);
    layout->addWidget(m_name);
    layout->addWidget(m_known);
    layout->addWidget(m_one);
    auto* holds = new QVBoxLayout(m_holds);
    holds->setContentsMargins(0, 4, 0, 0);
    holds->addWidget(new PlainLabel(tr("Holds the old speaker:"), m_holds));
    holds->addWidget(m_held);
    layout->addWidget(m_holds);
    connect(m_name, &QLineEdit::returnPressed, this, &WayInEditor::addPanel);
    connect(m_fasteners, &FastenerList::edited, this, [this](const std::vector<core::Fastener>& fasteners) {
        if (!panel()) return;
        core::Panel changed = *panel();
        changed.fasteners = fasteners;
        write(changed);
    });
    connect(m_held, &FastenerList::edited, this, [this](const std::vector<core::Fastener>& fasteners) {
        core::Place changed = *m_survey.placeThere();
        changed.held = fasteners;
        emit edited(core::changePlace(m_survey.plan(), m_survey.place, changed));
    });
    connect(m_membrane, &QCheckBox::clicked, this, [this](bool there) {
        if (!panel()) return;
        core::Panel changed = *panel();
        changed.membrane = there;
        write(changed);
    });
    const auto takes = [this](QLineEdit* field, std::string core::Panel::*member) {
        connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
            if (!panel() || !field->isModified()) return;
            core::Panel changed = *panel();
            changed.*member = field->text().toStdString();
            field->setModified(false);
            write(changed);
        });
    };
    takes(m_leave, &core::Panel::leave);
    takes(m_undo, &core::Panel::undo);
    takes(m_labels, &core::Panel::labels);
    connect(m_known, &QComboBox::activated, this, [this](int index) {
        const core::PanelId known{m_known->itemData(index).toInt()};
        if (known) emit edited(core::usePanel(m_survey.plan(), m_survey.place, known));
    });
    connect(m_remove, &QPushButton::clicked, this,
            [this] { emit edited(core::removePanel(m_survey.plan(), m_panel)); });
}

const core::Panel* WayInEditor::panel() const
{
    const auto found = m_survey.plan().panels.find(m_panel);
    return found == m_survey.plan().panels.end() ? nullptr : &found->second;
}

void WayInEditor::present(const Survey& survey)
{
    m_survey = survey;
    const core::Place* place = survey.placeThere();
    const std::vector<core::PanelId> way = place ? place->wayIn : std::vector<core::PanelId>{};
    if (std::find(way.begin(), way.end(), m_panel) == way.end()) m_panel = way.empty() ? core::PanelId{} : way.back();
    showPanels();
    showPanel();
    m_holds->setVisible(place != nullptr);
    if (place) m_held->present(place->held);
}

void WayInEditor::showPanels()
{
    const KeepFocus keys(*this);
    clearLayout(*m_panels);
    const core::Place* place = m_survey.placeThere();
    if (!place) return;
    for (const core::PanelId id : place->wayIn) {
        const core::Panel& one = m_survey.plan().panels.at(id);
        auto* button =
            new QPushButton(tr("%1 · %2").arg(words::named(one.name),
                                              tr("%n entry(s)", nullptr, static_cast<int>(one.fasteners.size()))),
                            this);
        button->setObjectName(QStringLiteral("panel_n%1").arg(id.number));
        button->setCheckable(true);
        button->setChecked(id == m_panel);
        connect(button, &QPushButton::clicked, this, [this, id] {
            m_panel = id;
            showPanels();
            showPanel();
        });
        m_panels->addWidget(button);
    }
    m_known->clear();
    m_known->addItem(tr("or one that is known already"), 0);
    for (const auto& [id, one] : m_survey.plan().panels)
        if (!isOnTheWay(*place, id) && !isOnTheWay(*place, one.pair))
            m_known->addItem(words::named(one.name), id.number);
    m_known->setVisible(m_known->count() > 1);
}

void WayInEditor::showPanel()
{
    const core::Panel* one = panel();
    m_one->setVisible(one != nullptr);
    if (!one) return;
    m_fasteners->present(one->fasteners);
    m_membrane->setChecked(one->membrane);
    if (!m_undo->isModified()) m_undo->setText(QString::fromStdString(one->undo));
    if (!m_leave->isModified()) m_leave->setText(QString::fromStdString(one->leave));
    if (!m_labels->isModified()) m_labels->setText(QString::fromStdString(one->labels));
}

void WayInEditor::write(const core::Panel& changed)
{
    emit edited(core::changePanel(m_survey.plan(), m_panel, changed));
}

void WayInEditor::addPanel()
{
    const QString name = m_name->text().trimmed();
    if (name.isEmpty() || !m_survey.placeThere()) return;
    m_name->clear();
    m_panel = {};  // the new one is last on the way, and picked
    emit edited(core::addPanel(m_survey.plan(), m_survey.place, name.toStdString()));
}

QString WayInEditor::lineOf(const Survey& survey)
{
    const core::Place* place = survey.placeThere();
    if (!place || place->wayIn.empty()) return tr("not noted");
    QStringList names;
    int fasteners = 0;
    for (const core::PanelId id : place->wayIn) {
        const core::Panel& one = survey.plan().panels.at(id);
        names << words::named(one.name);
        for (const core::Fastener& fastener : one.fasteners) fasteners += fastener.count;
    }
    return tr("%1 · %2").arg(names.join(tr(", then ")), WayInEditor::tr("%n fastener(s)", nullptr, fasteners));
}

}  // namespace app
