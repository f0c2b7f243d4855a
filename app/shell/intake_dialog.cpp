#include "app/shell/intake_dialog.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>

#include "app/theme/plain_label.h"
#include "app/widgets/quiet_combo.h"
#include "core/io/atomic_file.h"
#include "words/intake_words.h"
#include "words/name_words.h"

namespace app {

IntakeDialog::IntakeDialog(SharedSnapshot snapshot, std::shared_ptr<const core::Shop> shop, QWidget* parent)
    : QDialog(parent),
      m_snapshot(std::move(snapshot)),
      m_shop(std::move(shop)),
      m_path(new QLineEdit(this)),
      m_kind(new QuietCombo(this)),
      m_onto(new QuietCombo(this)),
      m_ask(new PlainLabel(this)),
      m_said(new PlainLabel(this)),
      m_take(new QPushButton(tr("&Take it in"), this))
{
    setWindowTitle(tr("Take in a file"));
    setObjectName(QStringLiteral("intakeDialog"));
    build();
    for (const core::Importer& importer : core::importers())
        if (m_snapshot || !importer.mayGoOnto)
            m_kind->addItem(words::nameOf(importer),
                            QString::fromUtf8(importer.key.data(), qsizetype(importer.key.size())));
    connect(m_kind, &QComboBox::currentIndexChanged, this, &IntakeDialog::listTargets);
    connect(m_path, &QLineEdit::editingFinished, this, [this] {
        if (m_path->isModified()) setFile(m_path->text());
    });
    connect(m_take, &QPushButton::clicked, this, &IntakeDialog::takeIn);
    listTargets();
}

void IntakeDialog::build()
{
    m_path->setObjectName(QStringLiteral("intakePath"));
    m_path->setMinimumWidth(28 * fontMetrics().averageCharWidth());
    m_kind->setObjectName(QStringLiteral("intakeKind"));
    m_kind->setAccessibleName(tr("It is"));
    m_onto->setObjectName(QStringLiteral("intakeOnto"));
    m_said->setObjectName(QStringLiteral("intakeSaid"));
    m_said->setWordWrap(true);
    m_said->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_take->setObjectName(QStringLiteral("intakeTake"));
    auto* choose = new QPushButton(tr("&Choose…"), this);
    choose->setObjectName(QStringLiteral("intakeChoose"));
    connect(choose, &QPushButton::clicked, this, &IntakeDialog::browse);
    auto* file = new QHBoxLayout;
    file->addWidget(m_path, 1);
    file->addWidget(choose);
    auto* form = new QFormLayout;
    form->setSpacing(6);
    auto* label = new PlainLabel(tr("&File"), this);
    label->setBuddy(m_path);
    form->addRow(label, file);
    form->addRow(new PlainLabel(tr("It is"), this), m_kind);
    form->addRow(m_ask, m_onto);
    auto* buttons = new QDialogButtonBox(this);
    buttons->addButton(m_take, QDialogButtonBox::ActionRole);
    buttons->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(m_said, 1);
    layout->addWidget(buttons);
    for (QPushButton* button : findChildren<QPushButton*>()) button->setAutoDefault(false);  // Enter ends the path
}

void IntakeDialog::browse()
{
    QStringList patterns;
    for (const core::Importer& importer : core::importers())
        for (const QString& ending :
             QString::fromUtf8(importer.endings.data(), qsizetype(importer.endings.size())).split(QLatin1Char(' ')))
            patterns << QStringLiteral("*.") + ending;
    patterns.removeDuplicates();
    const QString path = QFileDialog::getOpenFileName(
        this, windowTitle(), {},
        tr("Files that can be taken in (%1)").arg(patterns.join(QLatin1Char(' '))) + tr(";;All files (*)"));
    if (!path.isEmpty()) setFile(path);
}

void IntakeDialog::setFile(const QString& path)
{
    m_path->setText(path);
    m_path->setModified(false);
    say({});
    if (path.isEmpty()) return listTargets();
    const QString name = QFileInfo(path).fileName();
    const auto text = core::readWholeFile(path.toUtf8().toStdString());
    if (!text) {
        say({tr("%1 %2; is the name right?").arg(name, QString::fromStdString(text.error().message))});
        return listTargets();
    }
    const core::Importer* found = core::importerFor(name.toUtf8().toStdString(), *text);
    const int row = found ? m_kind->findData(QString::fromUtf8(found->key.data(), qsizetype(found->key.size()))) : -1;
    if (row >= 0)
        m_kind->setCurrentIndex(row);
    else
        say({found
                 ? tr("%1 goes into a plan: open one first.").arg(name)
                 : tr("%1 is of no kind that is known here by its ending and first line: say what it is.").arg(name)});
    listTargets();
}

const core::Importer* IntakeDialog::chosen() const
{
    return core::importerByKey(m_kind->currentData().toString().toStdString());
}

// As the list has it: of a stage, a device.
core::IntakeTarget IntakeDialog::target() const
{
    const QPoint there = m_onto->currentData().toPoint();
    return {m_snapshot ? &m_snapshot->plan : nullptr, {there.x()}, {there.y()}};
}

void IntakeDialog::present(SharedSnapshot snapshot, std::shared_ptr<const core::Shop> shop)
{
    m_snapshot = std::move(snapshot);
    m_shop = std::move(shop);
}

void IntakeDialog::listTargets()
{
    const core::Importer* importer = chosen();
    const QVariant before = m_onto->currentData();
    m_onto->clear();
    if (importer && m_snapshot) {
        const core::Fitout& found = m_snapshot->before().used;
        const core::Fitout& planned = m_snapshot->after().used;
        for (const core::DeviceId id : core::targetsOf(*importer, found))
            m_onto->addItem(words::nameOf(core::Subject{id}, found), QPoint(core::kFound.number, id.number));
        for (const core::DeviceId id : core::targetsOf(*importer, planned)) {
            const auto there = found.devices.find(id);
            if (there != found.devices.end() && there->second.part == planned.devices.at(id).part) continue;
            m_onto->addItem(tr("planned: %1").arg(words::nameOf(core::Subject{id}, planned)),
                            QPoint(m_snapshot->plan.job.goal.number, id.number));
        }
    }
    m_onto->setCurrentIndex(std::max(0, m_onto->findData(before)));
    const QString ask = importer ? words::askOf(*importer) : QString();
    m_ask->setText(ask);
    m_ask->setVisible(!ask.isEmpty());
    m_onto->setVisible(!ask.isEmpty());
    m_onto->setAccessibleName(ask);
    const bool ready = importer && !m_path->text().isEmpty() && (ask.isEmpty() || m_onto->count() > 0);
    m_take->setEnabled(ready);
    if (importer && !ask.isEmpty() && m_onto->count() == 0)
        say({tr("Nothing of this plan can take it yet: note the speaker or the source first.")});
}

void IntakeDialog::takeIn()
{
    const core::Importer* importer = chosen();
    if (!importer || !m_take->isEnabled()) return;
    const QString name = QFileInfo(m_path->text()).fileName();
    const auto intake = core::takeFile(*importer, m_path->text().toUtf8().toStdString(), name.toUtf8().toStdString(),
                                       target(), *m_shop);
    if (!intake) {
        say({QString::fromStdString(core::oneLine(intake.error()))});
        return;
    }
    int fresh = 0;
    if (const auto* parts = std::get_if<core::Shelf>(&intake->gives)) {
        core::Shelf shelf = m_shop->shelf;
        fresh = core::takeIn(shelf, *parts);
        emit shelfChanged(shelf);
    } else {
        emit edited(std::get<core::Edit>(intake->gives));
    }
    say(words::linesOf(*intake, name, fresh));
    m_take->setEnabled(false);  // it is in: another file, kind or target asks again
}

void IntakeDialog::say(const QStringList& lines)
{
    m_said->setText(lines.join(QLatin1Char('\n')));
    m_said->setVisible(!lines.isEmpty());
}

}  // namespace app
