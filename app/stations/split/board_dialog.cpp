#include "app/stations/split/board_dialog.h"

#include <QDialogButtonBox>
#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/asks/typed_quantity.h"
#include "app/session/snapshot.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/quiet_combo.h"
#include "app/widgets/typed_number.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/settings_words.h"
#include "words/split_words.h"

namespace app {
namespace {

const std::vector<core::FilterShape>& shapes()
{
    static const std::vector<core::FilterShape> all = core::boardShapes();
    return all;
}

}  // namespace

BoardDialog::BoardDialog(const Theme& theme, const std::shared_ptr<const Snapshot>& snapshot,
                         const std::vector<core::BoardSpeakers>& choices, QWidget* parent)
    : TrialDialog(parent),
      m_theme(theme),
      m_snapshot(snapshot),
      m_choices(choices),
      m_for(new QuietCombo(this)),
      m_load(new QuietCombo(this)),
      m_padLabel(new PlainLabel(this)),
      m_pad(new QLineEdit(QStringLiteral("0"), this)),
      m_padKind(new QuietCombo(this)),
      m_said(new PlainLabel(this)),
      m_against(new PlainLabel(this))
{
    setWindowTitle(tr("A board to be made"));
    build();
    for (const core::BoardSpeakers& one : m_choices) m_for->addItem(textOf(one));
    m_load->addItems({tr("the ohms on the label"), tr("its ohms at the corner"), tr("its ohms all along")});
    m_padKind->addItems({tr("two resistors, its ohms stay"), tr("one resistor in series")});
    begin();
    connect(m_for, &QComboBox::currentIndexChanged, this, &BoardDialog::begin);
    for (QuietCombo* combo : {m_load, m_padKind})
        connect(combo, &QComboBox::currentIndexChanged, this, &BoardDialog::read);
    connect(m_pad, &QLineEdit::textChanged, this, &BoardDialog::read);
    for (const Row& row : m_rows) {
        connect(row.corner, &QLineEdit::textChanged, this, &BoardDialog::read);
        connect(row.shape, &QComboBox::currentIndexChanged, this, &BoardDialog::read);
    }
}

void BoardDialog::build()
{
    auto* grid = new QGridLayout;
    int line = 0;
    const auto add = [&](QLabel* label, QWidget* field, QWidget* beside) {
        label->setProperty("role", "quiet");
        grid->addWidget(label, line, 0);
        grid->addWidget(field, line, 1, 1, beside ? 1 : 2);
        if (beside) grid->addWidget(beside, line, 2);
        ++line;
    };
    add(new PlainLabel(tr("for"), this), m_for, nullptr);
    for (Row& row : m_rows) {
        row = {new PlainLabel(this), new QLineEdit(this), new QuietCombo(this)};
        for (const core::FilterShape& shape : shapes()) row.shape->addItem(words::nameOf(shape));
        const QString number = QString::number(&row - m_rows.data() + 1);
        row.corner->setObjectName(QStringLiteral("boardCorner%1").arg(number));
        row.shape->setObjectName(QStringLiteral("boardShape%1").arg(number));
        add(row.label, row.corner, row.shape);
    }
    add(new PlainLabel(tr("made for"), this), m_load, nullptr);
    add(m_padLabel, m_pad, m_padKind);
    m_for->setObjectName(QStringLiteral("boardFor"));
    m_load->setObjectName(QStringLiteral("boardLoad"));
    m_pad->setObjectName(QStringLiteral("boardPad"));
    m_padKind->setObjectName(QStringLiteral("boardPadKind"));
    m_said->setObjectName(QStringLiteral("boardSaid"));
    m_for->setAccessibleName(tr("for"));
    m_load->setAccessibleName(tr("made for"));
    m_padKind->setAccessibleName(tr("how it is made quieter"));
    m_said->setWordWrap(true);
    m_against->setObjectName(QStringLiteral("boardAgainst"));
    m_against->setProperty("role", "quiet");
    m_against->setWordWrap(true);
    m_against->setMinimumHeight(m_theme.px(54));  // so that nothing moves when it is known
    m_against->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_said->setMinimumWidth(m_theme.px(380));
    auto* buttons = makeButtons(QStringLiteral("board"));
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(grid);
    layout->addWidget(m_said);
    layout->addWidget(m_against);
    layout->addWidget(buttons);
}

const core::BoardSpeakers& BoardDialog::speakers() const
{
    return m_choices[static_cast<size_t>(std::max(0, m_for->currentIndex()))];
}

QString BoardDialog::textOf(const core::BoardSpeakers& speakers) const
{
    QStringList names;
    for (const auto& [leg, speaker] : speakers)
        names << words::nameOf(core::Subject{speaker}, m_snapshot->after().used);
    return names.join(QStringLiteral(" + "));
}

void BoardDialog::begin()
{
    const core::BoardSpeakers& whom = speakers();
    const core::BoardWish wish = core::startingWish(m_snapshot->after(), whom, m_snapshot->practice());
    const std::array<QString, 2> names = whom.size() == 1   ? std::array{tr("high-pass"), tr("low-pass")}
                                         : whom.size() == 2 ? std::array{tr("hand-over"), QString()}
                                                            : std::array{tr("woofer to mid"), tr("mid to tweeter")};
    m_padLabel->setText(whom.size() == 1 ? tr("quieter by") : tr("highest one quieter by"));
    m_pad->setAccessibleName(m_padLabel->text());
    m_filling = true;
    for (size_t i = 0; i < m_rows.size(); ++i) {
        const Row& row = m_rows[i];
        row.label->setText(names[i]);
        row.corner->setText(wish.filters[i] ? words::frequency(wish.filters[i]->frequency_hz) : QString());
        row.corner->setAccessibleName(names[i]);
        row.shape->setAccessibleName(tr("shape of the filter"));
        row.corner->setPlaceholderText(whom.size() == 1 ? tr("none") : QString());
        const auto shape = std::find(shapes().begin(), shapes().end(),
                                     wish.filters[i] ? wish.filters[i]->shape() : core::FilterShape{});
        row.shape->setCurrentIndex(static_cast<int>(shape - shapes().begin()));
        for (QWidget* widget : std::initializer_list<QWidget*>{row.label, row.corner, row.shape})
            widget->setVisible(!names[i].isEmpty());
    }
    m_filling = false;
    read();
}

std::optional<core::Filter> BoardDialog::filterIn(const Row& row, QString& wrong) const
{
    if (row.corner->isHidden() || (speakers().size() == 1 && row.corner->text().trimmed().isEmpty()))
        return std::nullopt;
    const auto corner = typedQuantity(row.corner->text(), core::Quantity::HighPass_hz);
    if (!corner) {
        if (wrong.isEmpty()) wrong = corner.error();
        return std::nullopt;
    }
    const core::FilterShape& shape = shapes()[static_cast<size_t>(row.shape->currentIndex())];
    return core::Filter{*corner, shape.order, shape.family};
}

core::BoardWish BoardDialog::wishIn(QString& wrong) const
{
    core::BoardWish wish{.filters = {filterIn(m_rows[0], wrong), filterIn(m_rows[1], wrong)},
                         .load = static_cast<core::LegLoad>(m_load->currentIndex()),
                         .keepsLoad = m_padKind->currentIndex() == 0};
    QString text = m_pad->text();
    const auto pad_db = typedNumber(text.remove(QStringLiteral("dB"), Qt::CaseInsensitive));
    const bool empty = text.trimmed().isEmpty();
    if (!empty && (!pad_db || *pad_db < 0.0 || *pad_db > core::kMostPad_db) && wrong.isEmpty())
        wrong = tr("%1 cannot be: allowed %2 to %3.")
                    .arg(m_pad->text(), words::decibels(0.0), words::decibels(core::kMostPad_db));
    wish.pad_db = empty ? 0.0 : pad_db.value_or(0.0);
    return wish;
}

void BoardDialog::showAgainst(const QString& text)
{
    m_against->setText(text);
}

void BoardDialog::read()
{
    if (m_filling) return;
    QString wrong;
    const core::BoardWish wish = wishIn(wrong);
    m_parts.reset();
    if (wrong.isEmpty()) {
        const core::BoardParts parts = core::designBoard(m_snapshot->after(), speakers(), wish);
        if (core::countOf(parts) > 0)
            m_parts = parts;
        else
            wrong = tr("Nothing on it yet: a frequency, or some dB less.");
    }
    m_ok->setEnabled(m_parts.has_value());
    m_said->setText(m_parts ? words::jottedBoard(*m_parts) : wrong);
    m_against->clear();
    emit tried();
}

}  // namespace app
