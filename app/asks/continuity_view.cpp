#include "app/asks/continuity_view.h"

#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QVBoxLayout>

#include "app/asks/typed_quantity.h"
#include "app/theme/plain_label.h"
#include "app/widgets/fit_to_rows.h"
#include "core/edits/named_edits.h"
#include "words/source_words.h"

namespace app {

void ContinuityModel::show(std::vector<core::ContinuityRow> rows, const core::Fitout& fitout)
{
    QStringList texts;
    for (const core::ContinuityRow& row : rows) texts << words::textOf(row, fitout);
    const bool sameShape = texts.size() == m_texts.size();
    if (!sameShape) beginResetModel();
    m_rows = std::move(rows);
    m_texts = texts;
    if (!sameShape)
        endResetModel();
    else if (!m_texts.isEmpty())
        emit dataChanged(index(0), index(rowCount() - 1));
}

int ContinuityModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_texts.size());
}

QVariant ContinuityModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid()) return {};
    return role == Qt::DisplayRole || role == Qt::AccessibleTextRole ? m_texts.value(index.row()) : QVariant();
}

ContinuityView::ContinuityView(QWidget* parent)
    : QWidget(parent),
      m_model(new ContinuityModel(this)),
      m_list(new QListView(this)),
      m_field(new QLineEdit(this)),
      m_answer(new PlainLabel(this))
{
    m_list->setObjectName(QStringLiteral("continuityList"));
    m_list->setAccessibleName(tr("Channels to read at the source's plug"));
    m_list->setModel(m_model);
    m_list->setWordWrap(true);
    m_list->setResizeMode(QListView::Adjust);
    m_field->setObjectName(QStringLiteral("continuityReading"));
    m_field->setPlaceholderText(tr("ohms read at the channel, or open"));
    m_field->setAccessibleName(tr("What the ohmmeter reads at the picked channel; Enter keeps it and goes on"));
    m_field->installEventFilter(this);
    m_answer->setObjectName(QStringLiteral("continuityAnswer"));
    m_answer->setWordWrap(true);
    m_answer->hide();
    auto* caution = new PlainLabel(tr("Power off, the source's plug off, nothing yellow touched: on its harness side, "
                                      "across both pins of a channel."),
                                   this);
    caution->setWordWrap(true);
    caution->setProperty("role", "quiet");
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    for (QWidget* one : std::initializer_list<QWidget*>{caution, m_field, m_answer, m_list}) layout->addWidget(one);
    connect(m_field, &QLineEdit::returnPressed, this, &ContinuityView::take);
}

const core::ContinuityRow* ContinuityView::current() const
{
    const int row = m_list->currentIndex().row();
    return row < 0 || row >= m_model->rowCount() ? nullptr : &m_model->rows()[static_cast<size_t>(row)];
}

void ContinuityView::pick(int row)
{
    if (m_model->rowCount() == 0) return;
    m_list->setCurrentIndex(m_model->index(std::clamp(row, 0, m_model->rowCount() - 1)));
    m_list->scrollTo(m_list->currentIndex());
}

// The field keeps the keys: up and down go through the channels.
bool ContinuityView::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == m_field && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Up || key == Qt::Key_Down) {
            pick(m_list->currentIndex().row() + (key == Qt::Key_Down ? 1 : -1));
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

// "open" or "ol" as the meter shows it; nothing typed takes a reading back.
void ContinuityView::take()
{
    const core::ContinuityRow* row = current();
    if (!row || !m_survey.snapshot) return;
    const QString text = m_field->text().trimmed();
    std::optional<double> reading_ohm;
    if (text.compare(tr("open"), Qt::CaseInsensitive) == 0 ||
        text.compare(QLatin1String("ol"), Qt::CaseInsensitive) == 0) {
        reading_ohm = core::row(core::Quantity::SeenOhm_ohm).greatest;
    } else if (!text.isEmpty()) {
        const auto typed = typedQuantity(text, core::Quantity::SeenOhm_ohm);
        m_answer->setText(typed ? QString() : typed.error());
        m_answer->setVisible(!typed);
        if (!typed) return;
        reading_ohm = *typed;
    }
    const core::Port channel = row->channel;
    m_answer->hide();
    m_field->clear();
    const int next = m_list->currentIndex().row() + 1;
    emit edited(core::readChannel(m_survey.plan(), core::kFound, channel, reading_ohm));
    pick(next);
}

void ContinuityView::present(const Survey& survey)
{
    m_survey = survey;
    m_model->show(core::continuityList(survey.plan(), core::kFound, survey.snapshot->before(), survey.practice()),
                  survey.fitout());
    m_field->setEnabled(m_model->rowCount() > 0);
    fitToRows(*m_list);
    if (!current()) pick(0);
}

}  // namespace app
