#include "app/asks/pin_view.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QTableView>
#include <QVBoxLayout>
#include <sstream>

#include "app/theme/plain_label.h"
#include "app/widgets/save_path.h"
#include "core/intake/importer.h"
#include "core/io/atomic_file.h"
#include "core/io/pin_file.h"
#include "words/intake_words.h"
#include "words/source_words.h"

namespace app {

void PinModel::show(std::vector<core::PinRow> rows)
{
    if (rows == m_rows) return;
    const bool sameShape = rows.size() == m_rows.size();
    if (!sameShape) beginResetModel();
    m_rows = std::move(rows);
    if (!sameShape)
        endResetModel();
    else if (!m_rows.empty())
        emit dataChanged(index(0, 0), index(rowCount() - 1, kColumns - 1));
}

int PinModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

int PinModel::columnCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : kColumns;
}

QVariant PinModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || (role != Qt::DisplayRole && role != Qt::EditRole)) return {};
    const core::PinRow& row = m_rows[static_cast<size_t>(index.row())];
    switch (index.column()) {
        case Carries:
            return QString::fromStdString(row.terminal);
        case Plug:
            return QString::fromStdString(row.plug);
        case Number:
            return QString::fromStdString(row.number);
        case Colour:
            return QString::fromStdString(row.colour);
        case Known: {
            const core::PinNote note{row.number, row.known};
            return words::nameOfPin(&note);
        }
        default:
            return {};
    }
}

QVariant PinModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (role != Qt::DisplayRole || orientation != Qt::Horizontal) return {};
    const QStringList names{tr("carries"), tr("plug"), tr("pin"), tr("colour"), tr("known")};
    return names.value(section);
}

Qt::ItemFlags PinModel::flags(const QModelIndex& index) const
{
    const bool typed = index.column() == Plug || index.column() == Number || index.column() == Colour;
    return QAbstractTableModel::flags(index) | (typed ? Qt::ItemIsEditable : Qt::NoItemFlags);
}

bool PinModel::setData(const QModelIndex& index, const QVariant& value, int role)
{
    if (role != Qt::EditRole || !index.isValid()) return false;
    std::vector<core::PinRow> rows = m_rows;
    core::PinRow& row = rows[static_cast<size_t>(index.row())];
    std::string* cell = index.column() == Plug     ? &row.plug
                        : index.column() == Number ? &row.number
                        : index.column() == Colour ? &row.colour
                                                   : nullptr;
    const std::string text = value.toString().trimmed().toStdString();
    if (!cell || *cell == text) return false;
    *cell = text;
    emit typed(rows);
    return true;
}

void PinModel::goOn(int row)
{
    std::vector<core::PinRow> rows = m_rows;
    core::Basis& known = rows[static_cast<size_t>(row)].known;
    using core::Origin;
    known = {known.origin == Origin::ClassGuess ? Origin::Stated
             : known.origin == Origin::Stated   ? Origin::Measured
                                                : Origin::ClassGuess};
    emit typed(rows);
}

PinView::PinView(QWidget* parent)
    : QWidget(parent), m_model(new PinModel(this)), m_table(new QTableView(this)), m_said(new PlainLabel(this))
{
    setObjectName(QStringLiteral("pinView"));
    m_table->setObjectName(QStringLiteral("pinTable"));
    m_table->setAccessibleName(tr("Pins of its plugs; typing changes a cell, Space how it is known"));
    m_table->setModel(m_model);
    m_table->verticalHeader()->hide();
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(PinModel::Colour, QHeaderView::Stretch);
    m_table->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);  // the card scrolls
    m_table->setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::SelectedClicked |
                             QAbstractItemView::EditKeyPressed);
    m_table->installEventFilter(this);
    m_said->setObjectName(QStringLiteral("pinsSaid"));
    m_said->setWordWrap(true);
    m_said->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_said->hide();
    auto* foot = new QHBoxLayout;
    const auto button = [&](const QString& text, const char* name, auto act) {
        auto* made = new QPushButton(text, this);
        made->setObjectName(QLatin1String(name));
        connect(made, &QPushButton::clicked, this, act);
        foot->addWidget(made);
    };
    button(tr("Take in a table…"), "pinsImport", [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("A table of pins"), {}, tr("Tables (*.csv)"));
        if (!path.isEmpty()) readFile(path);
    });
    button(tr("Write it…"), "pinsExport", [this] {
        const QString path = askSavePath(this, tr("Write the pins"), QStringLiteral("pins.csv"), tr("Tables (*.csv)"),
                                         QStringLiteral(".csv"));
        if (!path.isEmpty()) writeFile(path);
    });
    foot->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_table);
    layout->addWidget(m_said);
    layout->addLayout(foot);
    connect(m_model, &PinModel::typed, this, [this](const std::vector<core::PinRow>& rows) {
        emit edited(core::notePins(m_survey.plan(), m_survey.stage, m_survey.source, rows));
    });
    connect(m_table, &QTableView::clicked, this, [this](const QModelIndex& index) {
        if (index.column() == PinModel::Known) m_model->goOn(index.row());
    });
}

void PinView::present(const Survey& survey)
{
    if (survey.source != m_survey.source) m_said->hide();
    m_survey = survey;
    m_model->show(survey.partOf(survey.source) ? core::pinTable(survey.fitout(), survey.source)
                                               : std::vector<core::PinRow>{});
    // Rows that a finger meets, columns that can be typed into, at any zoom.
    m_table->verticalHeader()->setDefaultSectionSize(2 * m_table->fontMetrics().height());
    m_table->horizontalHeader()->setMinimumSectionSize(3 * m_table->fontMetrics().height());
    m_table->setFixedHeight(m_table->horizontalHeader()->sizeHint().height() + m_table->verticalHeader()->length() +
                            2 * m_table->frameWidth());
}

bool PinView::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == m_table && event->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Space && m_table->currentIndex().column() == PinModel::Known) {
        m_model->goOn(m_table->currentIndex().row());
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

bool PinView::readFile(const QString& path)
{
    const QString name = QFileInfo(path).fileName();
    const auto intake =
        core::takeFile(*core::importerByKey("pins"), path.toUtf8().toStdString(), name.toUtf8().toStdString(),
                       {&m_survey.plan(), m_survey.stage, m_survey.source}, m_survey.shop());
    if (!intake) {
        say({QString::fromStdString(core::oneLine(intake.error()))});
        return false;
    }
    say(words::linesOf(*intake, name));
    emit edited(std::get<core::Edit>(intake->gives));
    return true;
}

bool PinView::writeFile(const QString& path)
{
    std::ostringstream out;
    core::writePins(out, m_model->rows());
    const auto written = core::writeAtomically(path.toUtf8().toStdString(), out.str(), 0);
    say({written ? tr("%1 pins written to %2.").arg(m_model->rowCount()).arg(QFileInfo(path).fileName())
                 : QString::fromStdString(core::oneLine(written.error()))});
    return written.has_value();
}

void PinView::say(const QStringList& lines)
{
    m_said->setText(lines.join(QLatin1Char('\n')));
    m_said->show();
}

}  // namespace app
