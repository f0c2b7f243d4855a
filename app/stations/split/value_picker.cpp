#include "app/stations/split/value_picker.h"

#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <algorithm>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/quantity_field.h"

namespace app {
namespace {

constexpr int kOneNotch = 120;  // of a wheel, in eighths of a degree

}  // namespace

ValuePicker::ValuePicker(const Theme& theme, QWidget* parent)
    : QFrame(parent),
      m_theme(theme),
      m_before(new QPushButton(this)),
      m_after(new QPushButton(this)),
      m_field(new QuantityField(this)),
      m_off(new QPushButton(tr("off"), this)),
      m_outBefore(new PlainLabel(this)),
      m_outNow(new PlainLabel(this)),
      m_outAfter(new PlainLabel(this)),
      m_said(new PlainLabel(this))
{
    setObjectName(QStringLiteral("valuePicker"));
    setProperty("role", "slate");
    setFrameShape(QFrame::StyledPanel);
    setAutoFillBackground(true);
    m_before->setObjectName(QStringLiteral("valueBefore"));
    m_after->setObjectName(QStringLiteral("valueAfter"));
    m_field->setObjectName(QStringLiteral("valueField"));
    m_off->setObjectName(QStringLiteral("valueOff"));
    m_said->setObjectName(QStringLiteral("valueSaid"));
    m_off->setCheckable(true);
    m_field->setFixedWidth(theme.px(96));
    m_field->installEventFilter(this);
    for (QLabel* label : {m_outBefore, m_outNow, m_outAfter}) {
        label->setFont(theme.small());
        label->setAlignment(Qt::AlignCenter);
        label->setProperty("role", label == m_outNow ? "strong" : "quiet");
    }
    m_said->setWordWrap(true);
    m_said->setProperty("role", "quiet");
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(6, 6, 6, 6);
    grid->setSpacing(4);
    grid->addWidget(m_before, 0, 0);
    grid->addWidget(m_field, 0, 1);
    grid->addWidget(m_after, 0, 2);
    grid->addWidget(m_off, 0, 3);
    grid->addWidget(m_outBefore, 1, 0);
    grid->addWidget(m_outNow, 1, 1);
    grid->addWidget(m_outAfter, 1, 2);
    grid->addWidget(m_said, 2, 0, 1, 4);
    connect(m_before, &QPushButton::clicked, this, [this] { stepBy(-1); });
    connect(m_after, &QPushButton::clicked, this, [this] { stepBy(1); });
    connect(m_field, &QLineEdit::textEdited, this, &ValuePicker::takeText);
    connect(m_off, &QPushButton::toggled, this, [this](bool off) {
        m_isOff = off;
        emit tried(m_value, m_isOff);
    });
    hide();
}

void ValuePicker::open(const Row& row, const QRect& tip)
{
    m_row = row;
    m_value = row.value;
    m_isOff = false;
    m_turned = 0;
    m_off->setVisible(row.canBeOff);
    {
        const QSignalBlocker quiet(m_off);
        m_off->setChecked(false);
    }
    m_field->setAccessibleName(row.name);
    setOutcomes({}, {}, {});
    m_said->hide();
    refresh();
    adjustSize();
    const int left = std::clamp(tip.center().x() - width() / 2, 0, std::max(0, parentWidget()->width() - width()));
    const int above = tip.top() - height() - m_theme.px(4);
    move(left, above >= 0 ? above : tip.bottom() + m_theme.px(4));
    show();
    raise();
    m_field->setFocus();
    m_field->selectAll();
}

void ValuePicker::shut()
{
    if (isHidden()) return;
    hide();
    m_row = {};
}

void ValuePicker::setOutcomes(const QString& before, const QString& now, const QString& after)
{
    m_outBefore->setText(before);
    m_outNow->setText(now);
    m_outAfter->setText(after);
    adjustSize();
}

void ValuePicker::refresh()
{
    m_field->setText(m_row.text(m_value));
    showBeside();
}

void ValuePicker::showBeside()
{
    const QString before = m_row.text(m_row.step(m_value, -1)), after = m_row.text(m_row.step(m_value, 1));
    m_before->setText(QStringLiteral("\u25C2 ") + before);
    m_after->setText(after + QStringLiteral(" \u25B8"));
    m_before->setAccessibleName(tr("%1, the value before").arg(before));
    m_after->setAccessibleName(tr("%1, the value after").arg(after));
}

void ValuePicker::take(double value)
{
    m_value = value;
    m_isOff = false;
    {
        const QSignalBlocker quiet(m_off);
        m_off->setChecked(false);
    }
    emit tried(m_value, m_isOff);
}

void ValuePicker::stepBy(int steps)
{
    take(m_row.step(m_value, steps));
    complain({});
    refresh();
    m_field->setFocus();
    m_field->selectAll();
}

void ValuePicker::takeText()
{
    QString why;
    const auto value = m_row.read(m_field->text(), why);
    complain(value ? QString() : why);
    if (!value) return;
    take(*value);
    showBeside();
}

void ValuePicker::complain(const QString& why)
{
    m_said->setText(why);
    m_said->setVisible(!why.isEmpty());
    adjustSize();
}

void ValuePicker::giveBack()
{
    shut();
    emit returned();
}

void ValuePicker::keep()
{
    QString why;
    if (!m_isOff && !m_row.read(m_field->text(), why)) {
        complain(why);
        return;
    }
    const double value = m_value;
    const bool off = m_isOff;
    shut();
    emit kept(value, off);
}

bool ValuePicker::eventFilter(QObject* watched, QEvent* event)
{
    if (watched != m_field || event->type() != QEvent::KeyPress) return QFrame::eventFilter(watched, event);
    switch (static_cast<QKeyEvent*>(event)->key()) {
        case Qt::Key_Down:
            stepBy(-1);
            return true;
        case Qt::Key_Up:
            stepBy(1);
            return true;
        case Qt::Key_Return:
        case Qt::Key_Enter:
            keep();
            return true;
        case Qt::Key_Escape:
            giveBack();
            return true;
        default:
            return QFrame::eventFilter(watched, event);
    }
}

// It was opened, so the wheel acts on it.
void ValuePicker::wheelEvent(QWheelEvent* event)
{
    m_turned += event->angleDelta().y();
    const int steps = m_turned / kOneNotch;
    m_turned -= steps * kOneNotch;
    if (steps != 0) stepBy(steps);
    event->accept();
}

}  // namespace app
