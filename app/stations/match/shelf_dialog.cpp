#include "app/stations/match/shelf_dialog.h"

#include <QComboBox>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSortFilterProxyModel>
#include <QTableView>
#include <QVBoxLayout>
#include <sstream>

#include "app/theme/plain_label.h"
#include "app/widgets/quiet_combo.h"
#include "app/widgets/save_path.h"
#include "app/widgets/shelf_model.h"
#include "core/design/shelf_facts.h"
#include "core/intake/importer.h"
#include "core/io/atomic_file.h"
#include "core/model/names.h"
#include "words/fit_words.h"
#include "words/intake_words.h"

namespace app {
namespace {

// By words in the name, and by kind.
class ShelfProxy : public QSortFilterProxyModel {
public:
    using QSortFilterProxyModel::QSortFilterProxyModel;
    void ask(const QString& words, int kind)
    {
        m_words = words.split(QLatin1Char(' '), Qt::SkipEmptyParts);
        m_kind = kind;
        invalidateFilter();
    }

protected:
    [[nodiscard]] bool filterAcceptsRow(int row, const QModelIndex& parent) const override
    {
        const QModelIndex first = sourceModel()->index(row, 0, parent);
        if (m_kind >= 0 && first.data(ShelfModel::KindRole).toInt() != m_kind) return false;
        const QString name = first.data().toString();
        return std::all_of(m_words.begin(), m_words.end(),
                           [&](const QString& word) { return name.contains(word, Qt::CaseInsensitive); });
    }

private:
    QStringList m_words{};
    int m_kind = -1;
};

}  // namespace

ShelfDialog::ShelfDialog(std::shared_ptr<const core::Shop> shop, words::UnitSystem units, QWidget* parent)
    : QDialog(parent),
      m_shop(std::move(shop)),
      m_shelf(m_shop->shelf),
      m_units(units),
      m_model(new ShelfModel(this)),
      m_proxy(new ShelfProxy(this)),
      m_search(new QLineEdit(this)),
      m_kind(new QuietCombo(this)),
      m_table(new QTableView(this)),
      m_count(new PlainLabel(this)),
      m_fact(new PlainLabel(this)),
      m_said(new PlainLabel(this))
{
    setObjectName(QStringLiteral("shelfDialog"));
    setWindowTitle(tr("The shelf"));
    resize(980, 640);
    build();
    showParts();
}

void ShelfDialog::build()
{
    m_search->setObjectName(QStringLiteral("shelfSearch"));
    m_search->setPlaceholderText(tr("Words of a name"));
    m_search->setAccessibleName(tr("Search the shelf"));
    m_kind->setObjectName(QStringLiteral("shelfKind"));
    m_kind->setAccessibleName(tr("Kind of part"));
    m_kind->addItem(tr("all kinds"), -1);
    for (const auto& kind : core::enumNames<core::PartKind>())
        m_kind->addItem(words::nameOf(kind.value), static_cast<int>(kind.value));
    m_proxy->setSourceModel(m_model);
    m_proxy->setSortRole(ShelfModel::SortRole);
    m_table->setObjectName(QStringLiteral("shelfTable"));
    m_table->setAccessibleName(tr("Parts of the shelf"));
    m_table->setModel(m_proxy);
    m_table->setSortingEnabled(true);
    m_table->sortByColumn(0, Qt::AscendingOrder);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->verticalHeader()->hide();
    m_table->setWordWrap(false);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_fact->setObjectName(QStringLiteral("shelfFact"));
    m_fact->setWordWrap(true);
    m_fact->setProperty("role", "quiet");
    m_said->setObjectName(QStringLiteral("shelfSaid"));
    m_said->setWordWrap(true);
    m_said->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_said->hide();
    const auto button = [&](const QString& text, const char* name, auto act) {
        auto* made = new QPushButton(text, this);
        made->setObjectName(QLatin1String(name));
        made->setAutoDefault(false);
        connect(made, &QPushButton::clicked, this, act);
        return made;
    };
    auto* head = new QHBoxLayout;
    head->addWidget(m_search, 1);
    head->addWidget(m_kind);
    head->addWidget(m_count);
    auto* foot = new QHBoxLayout;
    foot->addWidget(button(tr("Take in a &CSV…"), "shelfImport", &ShelfDialog::askImport));
    foot->addWidget(button(tr("&Write it as CSV…"), "shelfExport", &ShelfDialog::askExport));
    foot->addStretch();
    foot->addWidget(button(tr("Close"), "shelfClose", &QDialog::accept));
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(head);
    layout->addWidget(m_table, 1);
    layout->addWidget(m_fact);
    layout->addWidget(m_said);
    layout->addLayout(foot);
    const auto ask = [this] {
        static_cast<ShelfProxy*>(m_proxy)->ask(m_search->text(), m_kind->currentData().toInt());
        m_count->setText(tr("%1 of %2").arg(m_proxy->rowCount()).arg(m_model->rowCount()));
    };
    connect(m_search, &QLineEdit::textChanged, this, ask);
    connect(m_kind, &QComboBox::currentIndexChanged, this, ask);
}

void ShelfDialog::showParts()
{
    m_model->setShelf(m_shelf, m_units);
    m_count->setText(tr("%1 of %2").arg(m_proxy->rowCount()).arg(m_model->rowCount()));
    const auto weight = core::correlation(m_shelf, core::Quantity::Mass_kg, core::Quantity::Sensitivity_db);
    m_fact->setVisible(weight.has_value());
    if (weight)
        m_fact->setText(tr("On this shelf the weight of %1 drivers explains %2 of how sensitive they are. Compare "
                           "sensitivity, Qts, Xmax and power instead.")
                            .arg(weight->drivers)
                            .arg(words::percent(weight->r * weight->r)));
}

void ShelfDialog::say(const QStringList& lines)
{
    m_said->setText(lines.join(QLatin1Char('\n')));
    m_said->show();
}

bool ShelfDialog::importFile(const QString& path)
{
    const QString name = QFileInfo(path).fileName();
    const auto intake = core::takeFile(*core::importerByKey("shelf"), path.toUtf8().toStdString(),
                                       name.toUtf8().toStdString(), {}, *m_shop);
    if (!intake) {
        say({QString::fromStdString(core::oneLine(intake.error()))});
        return false;
    }
    const int fresh = core::takeIn(m_shelf, std::get<core::Shelf>(intake->gives));
    say(words::linesOf(*intake, name, fresh));
    showParts();
    emit changed(m_shelf);
    return true;
}

bool ShelfDialog::exportFile(const QString& path)
{
    std::ostringstream out;
    core::writeShelf(out, m_shelf);
    const auto written = core::writeAtomically(path.toUtf8().toStdString(), out.str(), 0);
    say({written ? tr("%1 parts written to %2.").arg(m_shelf.parts.size()).arg(QFileInfo(path).fileName())
                 : QString::fromStdString(core::oneLine(written.error()))});
    return written.has_value();
}

void ShelfDialog::askImport()
{
    const QString path = QFileDialog::getOpenFileName(this, tr("A shelf of parts"), {}, tr("Tables (*.csv)"));
    if (!path.isEmpty()) importFile(path);
}

void ShelfDialog::askExport()
{
    const QString path = askSavePath(this, tr("Write the shelf"), QStringLiteral("shelf.csv"), tr("Tables (*.csv)"),
                                     QStringLiteral(".csv"));
    if (!path.isEmpty()) exportFile(path);
}

}  // namespace app
