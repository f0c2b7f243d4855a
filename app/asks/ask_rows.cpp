#include "app/asks/ask_rows.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <memory>

#include "app/asks/typed_quantity.h"
#include "app/theme/plain_label.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/quantity_field.h"
#include "app/widgets/quiet_combo.h"
#include "core/edits/set_figure.h"
#include "core/fitout/figures_at.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

// What is being typed, or was refused, stays until something else is picked: it was meant for this one.
void setTextQuietly(QLineEdit* field, const QString& text, bool sameSubject)
{
    if (field->isModified() && sameSubject) return;
    if (field->text() != text) field->setText(text);
    field->setModified(false);
}

// What was typed is taken: from here on, undo is the plan's and no more the line's own.
void forget(QLineEdit* field)
{
    field->setText(field->text());
    field->setModified(false);
}

QPushButton* chip(const QString& text, const QString& name, QWidget* parent)
{
    auto* button = new QPushButton(text, parent);
    button->setObjectName(name);
    button->setCheckable(true);
    return button;
}

}  // namespace

AskForm::AskForm(QWidget* parent) : QWidget(parent), m_layout(new QVBoxLayout(this))
{
    m_layout->setContentsMargins(0, 0, 0, 0);
    m_layout->setSpacing(6);
}

void AskForm::addRow(const QString& label, QWidget* field)
{
    if (!m_form) {
        m_form = new QFormLayout;
        m_form->setSpacing(6);
        m_form->setFieldGrowthPolicy(QFormLayout::ExpandingFieldsGrow);
        m_layout->addLayout(m_form);
    }
    auto* text = new PlainLabel(label, this);
    text->setBuddy(field);
    field->setAccessibleName(label);
    m_form->addRow(text, field);
}

QLabel* AskForm::addHeading(const QString& text)
{
    if (text.isEmpty()) return nullptr;
    auto* label = new PlainLabel(text, this);
    label->setWordWrap(true);
    m_layout->addWidget(label);
    return label;
}

QLabel* AskForm::addAnswer(const QString& name)
{
    auto* answer = new PlainLabel(this);
    answer->setObjectName(name + QStringLiteral("Answer"));
    answer->setProperty("role", "quiet");
    answer->setWordWrap(true);
    answer->hide();
    m_form->addRow(answer);
    return answer;
}

void AskForm::write(const std::function<core::Edit()>& edit)
{
    if (m_survey.snapshot) emit edited(edit());
}

void AskForm::takeQuantity(const QuantityLine& line, QuantityField* field, QLabel* answer)
{
    if (!field->isModified() || !m_survey.snapshot) return;
    const QString typed = field->text().trimmed();
    std::optional<core::Known> known;
    if (!typed.isEmpty()) {
        const auto value = typedQuantity(typed, line.quantity);
        if (!value) {
            answer->setText(value.error());
            answer->show();
            return;
        }
        known = core::Known{*value, {core::Origin::Stated}};
    }
    answer->hide();
    forget(field);
    write([&] { return line.write(m_survey, known); });
}

// A value that came with a sheet, kept as it is by somebody who looked.
void AskForm::confirm(const QuantityLine& line, QuantityField* field)
{
    if (field->isModified() || !m_survey.snapshot) return;
    const core::Figures* figures = line.figures(m_survey);
    const auto found = figures ? figures->find(line.quantity) : core::Figures::const_iterator{};
    if (!figures || found == figures->end() || !found->second.basis.toConfirm) return;
    core::Known kept = found->second;
    kept.basis.toConfirm = false;
    write([&] { return line.write(m_survey, kept); });
}

void AskForm::addQuantity(QuantityLine line)
{
    if (!line.figures)
        line.figures = [of = line.of](const Survey& survey) { return core::figuresAt(survey.fitout(), of(survey)); };
    if (!line.write)
        line.write = [of = line.of, what = line.quantity](const Survey& survey,
                                                          const std::optional<core::Known>& known) {
            return core::setFigure(survey.plan(), survey.stage, {of(survey), what}, known);
        };
    auto* field = new QuantityField(this);
    field->setObjectName(line.name);
    addRow(line.label, field);
    QLabel* answer = addAnswer(line.name);
    connect(field, &QLineEdit::editingFinished, this,
            [this, line, field, answer] { takeQuantity(line, field, answer); });
    connect(field, &QLineEdit::returnPressed, this, [this, line, field] { confirm(line, field); });
    m_presenters.emplace_back([this, line, field, answer, form = m_form](const Survey& survey) {
        const bool concerns = !line.concerns || line.concerns(survey);
        if (line.concerns) form->setRowVisible(field, concerns);
        if (!concerns) {
            answer->hide();
            return;
        }
        const core::Figures* figures = line.figures(survey);
        field->setEnabled(figures != nullptr);
        QString text, hint = tr("unknown"), note;
        if (figures)
            if (const auto found = figures->find(line.quantity); found != figures->end()) {
                text = words::fieldText(line.quantity, found->second.value, survey.units);
                field->setToolTip(words::nameOf(found->second.basis));
                if (found->second.basis.toConfirm)
                    note = tr("%1: Enter keeps it.").arg(words::nameOf(found->second.basis));
            }
        if (text.isEmpty()) {
            field->setToolTip({});
            if (line.meanwhile)
                if (const auto guess = line.meanwhile(survey))
                    hint = tr("%1 by estimate").arg(words::fieldText(line.quantity, guess->value, survey.units));
        }
        field->setPlaceholderText(hint);
        setTextQuietly(field, text, m_sameSubject);
        if (field->isModified()) return;
        answer->setText(note);
        answer->setVisible(!note.isEmpty());
    });
}

void AskForm::addText(TextLine line)
{
    auto* field = new QuantityField(this);
    field->setObjectName(line.name);
    field->setPlaceholderText(line.hint);
    addRow(line.label, field);
    QLabel* answer = addAnswer(line.name);
    connect(field, &QLineEdit::editingFinished, this, [this, line, field, answer] {
        if (!field->isModified() || !m_survey.snapshot) return;
        const QString wrong = line.refuse ? line.refuse(field->text().trimmed()) : QString();
        answer->setText(wrong);
        answer->setVisible(!wrong.isEmpty());
        if (!wrong.isEmpty()) return;
        forget(field);
        write([&] { return line.write(m_survey, field->text().trimmed()); });
    });
    m_presenters.emplace_back([this, line, field, answer](const Survey& survey) {
        setTextQuietly(field, line.read(survey), m_sameSubject);
        if (!field->isModified()) answer->hide();
    });
}

void AskForm::addChoice(ChoiceLine line)
{
    m_form = nullptr;
    QLabel* heading = addHeading(line.label);
    auto* row = new FlowLayout(6);
    auto* group = new QButtonGroup(this);
    for (const auto& [id, text] : line.choices) {
        QPushButton* button = chip(text, QStringLiteral("%1_%2").arg(line.name).arg(id), this);
        button->setAccessibleName(line.label.isEmpty() ? text : tr("%1: %2").arg(line.label, text));
        group->addButton(button, id);
        row->addWidget(button);
    }
    m_layout->addLayout(row);
    connect(group, &QButtonGroup::idClicked, this,
            [this, line](int id) { write([&] { return line.write(m_survey, id); }); });
    m_presenters.emplace_back([line, group, heading](const Survey& survey) {
        const bool concerns = !line.concerns || line.concerns(survey);
        if (heading) heading->setVisible(concerns);
        for (QAbstractButton* button : group->buttons()) button->setVisible(concerns);
        const int now = line.read(survey);
        group->setExclusive(false);
        for (QAbstractButton* button : group->buttons()) button->setChecked(group->id(button) == now);
        group->setExclusive(true);
    });
}

void AskForm::addFlags(FlagsLine line)
{
    m_form = nullptr;
    addHeading(line.label);
    auto* row = new FlowLayout(6);
    for (const auto& [id, text] : line.choices) {
        QPushButton* button = chip(text, QStringLiteral("%1_%2").arg(line.name).arg(id), this);
        button->setAccessibleName(line.label.isEmpty() ? text : tr("%1: %2").arg(line.label, text));
        row->addWidget(button);
        connect(button, &QPushButton::clicked, this,
                [this, line, id = id](bool on) { write([&] { return line.write(m_survey, id, on); }); });
        m_presenters.emplace_back(
            [line, button, id = id](const Survey& survey) { button->setChecked(line.read(survey, id)); });
    }
    m_layout->addLayout(row);
}

void AskForm::addList(ListLine line)
{
    auto* box = new QuietCombo(this);
    box->setObjectName(line.name);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(8);
    box->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    addRow(line.label, box);
    QFormLayout* form = m_form;
    connect(box, &QComboBox::activated, this, [this, line, box](int index) {
        write([&] { return line.write(m_survey, box->itemData(index).toString()); });
    });
    m_presenters.emplace_back(
        [line, box, form, shown = std::make_shared<std::vector<std::pair<QString, QString>>>()](const Survey& survey) {
            const QSignalBlocker quiet(box);
            // Made anew only where it offers something else: a frame of a drag has no time for it.
            if (auto choices = line.choices(survey); choices != *shown) {
                box->clear();
                for (const auto& [key, text] : choices) box->addItem(text, key);
                *shown = std::move(choices);
            }
            box->setCurrentIndex(box->findData(line.read(survey)));
            box->setEnabled(box->count() > 0);
            if (line.onlyWhereAny) form->setRowVisible(box, box->count() > 0);
        });
}

void AskForm::addButton(ButtonLine line)
{
    m_form = nullptr;
    auto* button = new QPushButton(line.text, this);
    button->setObjectName(line.name);
    m_layout->addWidget(button, 0, Qt::AlignLeft);
    connect(button, &QPushButton::clicked, this, [this, line] { write([&] { return line.write(m_survey); }); });
    m_presenters.emplace_back(
        [line, button](const Survey& survey) { button->setVisible(!line.enabled || line.enabled(survey)); });
}

void AskForm::addSentence(const QString& name, std::function<QString(const Survey&)> read)
{
    m_form = nullptr;
    auto* label = new PlainLabel(this);
    label->setObjectName(name);
    label->setProperty("role", "quiet");
    label->setWordWrap(true);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_layout->addWidget(label);
    m_presenters.emplace_back([label, read = std::move(read)](const Survey& survey) {
        const QString text = read(survey);
        label->setText(text);
        label->setVisible(!text.isEmpty());
    });
}

void AskForm::addWidget(QWidget* widget, std::function<void(const Survey&)> present)
{
    m_form = nullptr;
    m_layout->addWidget(widget);
    m_presenters.push_back(std::move(present));
}

void AskForm::present(const Survey& survey)
{
    m_sameSubject =
        survey.place == m_survey.place && survey.driver == m_survey.driver && survey.source == m_survey.source;
    m_survey = survey;
    for (const auto& presenter : m_presenters) presenter(survey);
}

}  // namespace app
