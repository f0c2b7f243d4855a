#include "app/stations/walk/way_in_editor.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QVBoxLayout>
#include <algorithm>

#include "app/widgets/clear_layout.h"
#include "app/widgets/quantity_field.h"
#include "app/widgets/quiet_combo.h"
#include "core/edits/panel_edits.h"
#include "core/model/names.h"
#include "words/survey_words.h"

namespace app {

std::optional<std::pair<std::string, core::Fastener>> fastenerFromText(const QString& text)
{
    core::Fastener fastener;
    QStringList words = text.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    bool counted = false;
    if (!words.isEmpty()) {
        const int count = words.front().toInt(&counted);
        if (counted) {
            fastener.count = std::clamp(count, 0, 200);
            words.removeFirst();
        }
    }
    const auto hidden = words.indexOf(QRegularExpression(QStringLiteral("^hidden$")));
    if (hidden >= 0) {
        fastener.hidden = true;
        words.removeAt(hidden);
    }
    for (qsizetype i = 0; i < words.size(); ++i)
        for (const auto& [kind, name] :
             {std::pair{core::FastenerKind::PushPin, words::nameOf(core::FastenerKind::PushPin)},
              {core::FastenerKind::Screw, words::nameOf(core::FastenerKind::Screw)},
              {core::FastenerKind::Bolt, words::nameOf(core::FastenerKind::Bolt)},
              {core::FastenerKind::Nut, words::nameOf(core::FastenerKind::Nut)},
              {core::FastenerKind::Clip, words::nameOf(core::FastenerKind::Clip)},
              {core::FastenerKind::Rivet, words::nameOf(core::FastenerKind::Rivet)}}) {
            const QString last = name.section(QLatin1Char(' '), -1);  // "pin" of a push pin
            if (words[i].compare(last, Qt::CaseInsensitive) != 0 &&
                words[i].compare(last + QLatin1Char('s'), Qt::CaseInsensitive) != 0)
                continue;
            fastener.kind = kind;
            QStringList rest = words;
            rest.removeAt(i);
            if (name.contains(QLatin1Char(' ')) && i > 0) rest.removeAt(--i);
            if (i < rest.size() && rest[i].contains(QRegularExpression(QStringLiteral("[0-9]"))))
                fastener.size = rest.takeAt(i).toStdString();
            const QString where = rest.join(QLatin1Char(' '));
            return std::pair{where.isEmpty() ? QObject::tr("at the edge").toStdString() : where.toStdString(),
                             fastener};
        }
    return std::nullopt;
}

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
      m_fasteners(new QVBoxLayout),
      m_fastener(new QuantityField(this)),
      m_answer(new QLabel(this)),
      m_leave(new QuantityField(this)),
      m_labels(new QuantityField(this)),
      m_remove(new QPushButton(tr("Take this panel off the list"), this))
{
    m_name->setObjectName(QStringLiteral("panelName"));
    m_name->setPlaceholderText(tr("door card"));
    m_name->setAccessibleName(tr("A panel that has to come off; Enter adds it"));
    m_known->setObjectName(QStringLiteral("panelKnown"));
    m_known->setAccessibleName(tr("A panel that is on another way in too"));
    m_fastener->setObjectName(QStringLiteral("fastener"));
    m_fastener->setPlaceholderText(tr("2 hidden screws T20 behind the handle cup"));
    m_fastener->setAccessibleName(tr("Fasteners: how many, kind, size, where; Enter adds them"));
    m_answer->setObjectName(QStringLiteral("fastenerAnswer"));
    m_answer->setWordWrap(true);
    m_answer->setProperty("role", "quiet");
    m_answer->hide();
    m_leave->setObjectName(QStringLiteral("panelLeave"));
    m_leave->setPlaceholderText(tr("the yellow plug under the switch stays on"));
    m_leave->setAccessibleName(tr("What must not be pulled or unplugged there"));
    m_labels->setObjectName(QStringLiteral("panelLabels"));
    m_labels->setPlaceholderText(tr("the warning label on its edge"));
    m_labels->setAccessibleName(tr("What is stuck on it and has to be there again afterwards"));
    m_remove->setObjectName(QStringLiteral("removePanel"));
    auto* one = new QVBoxLayout(m_one);
    one->setContentsMargins(0, 4, 0, 0);
    one->addLayout(m_fasteners);
    one->addWidget(m_fastener);
    one->addWidget(m_answer);
    one->addWidget(new QLabel(tr("Leave alone:"), m_one));
    one->addWidget(m_leave);
    one->addWidget(new QLabel(tr("To be there again:"), m_one));
    one->addWidget(m_labels);
    one->addWidget(m_remove, 0, Qt::AlignLeft);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(m_panels);
    layout->addWidget(m_name);
    layout->addWidget(m_known);
    layout->addWidget(m_one);
    connect(m_name, &QLineEdit::returnPressed, this, &WayInEditor::addPanel);
    connect(m_fastener, &QLineEdit::returnPressed, this, &WayInEditor::addFastener);
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
}

void WayInEditor::showPanels()
{
    const KeepFocus keys(*this);
    clearLayout(*m_panels);
    const core::Place* place = m_survey.placeThere();
    if (!place) return;
    for (const core::PanelId id : place->wayIn) {
        const core::Panel& one = m_survey.plan().panels.at(id);
        auto* button = new QPushButton(
            tr("%1 · %2").arg(QString::fromStdString(one.name),
                              words::counted(std::ssize(one.fasteners), tr("%1 entry"), tr("%1 entries"))),
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
            m_known->addItem(QString::fromStdString(one.name), id.number);
    m_known->setVisible(m_known->count() > 1);
}

void WayInEditor::showPanel()
{
    const core::Panel* one = panel();
    m_one->setVisible(one != nullptr);
    clearLayout(*m_fasteners);
    if (!one) return;
    for (const auto& [where, fastener] : one->fasteners) {
        auto* button = new QPushButton(tr("× %1").arg(words::textOf(fastener, where)), m_one);
        button->setToolTip(tr("Takes it off the list"));
        button->setObjectName(QStringLiteral("fastener_%1").arg(QString::fromStdString(where)));
        connect(button, &QPushButton::clicked, this, [this, where = where] {
            core::Panel changed = *panel();
            changed.fasteners.erase(where);
            write(changed);
        });
        m_fasteners->addWidget(button);
    }
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

void WayInEditor::addFastener()
{
    if (!panel() || m_fastener->text().trimmed().isEmpty()) return;
    const auto typed = fastenerFromText(m_fastener->text());
    m_answer->setVisible(!typed);
    if (!typed) {
        m_answer->setText(
            tr("Found '%1': name the kind too, a screw, bolt, nut, clip, push pin or rivet.").arg(m_fastener->text()));
        return;
    }
    m_fastener->clear();
    core::Panel changed = *panel();
    changed.fasteners[typed->first] = typed->second;
    write(changed);
}

QString WayInEditor::lineOf(const Survey& survey)
{
    const core::Place* place = survey.placeThere();
    if (!place || place->wayIn.empty()) return tr("not noted");
    QStringList names;
    int fasteners = 0;
    for (const core::PanelId id : place->wayIn) {
        const core::Panel& one = survey.plan().panels.at(id);
        names << QString::fromStdString(one.name);
        for (const auto& [where, fastener] : one.fasteners) fasteners += fastener.count;
    }
    return tr("%1 · %2").arg(names.join(tr(", then ")),
                             words::counted(fasteners, tr("%1 fastener"), tr("%1 fasteners")));
}

}  // namespace app
