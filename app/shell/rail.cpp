#include "app/shell/rail.h"

#include <QButtonGroup>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/theme/theme.h"

namespace app {
namespace {

constexpr double kDotX = 22.0;

// A station that is still to come: readable, on the path, and plainly not a button.
class NotYetStation : public QWidget {
public:
    NotYetStation(QString title, const Theme& theme, QWidget* parent)
        : QWidget(parent), m_title(std::move(title)), m_theme(theme)
    {
        setAccessibleName(Rail::tr("%1, not yet").arg(m_title));
    }
    [[nodiscard]] QSize sizeHint() const override { return {m_theme.px(m_narrow ? 44 : 164), m_theme.px(38)}; }
    void setNarrow(bool narrow)
    {
        m_narrow = narrow;
        updateGeometry();
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Tokens& tokens = m_theme.tokens();
        painter.setPen(QPen(tokens.rule, 2));
        painter.setBrush(tokens.paper);
        painter.drawEllipse(QPointF(m_theme.px(kDotX), height() / 2.0), m_theme.px(6), m_theme.px(6));
        if (m_narrow) return;
        QFont font = m_theme.title();
        font.setPixelSize(m_theme.px(14));
        painter.setFont(font);
        painter.setPen(tokens.ink2);
        const QRect area = rect().adjusted(m_theme.px(40), 0, -m_theme.px(4), 0);
        const QRect name = painter.boundingRect(area, Qt::AlignVCenter, m_title);
        painter.drawText(area, Qt::AlignVCenter, m_title);
        painter.setFont(m_theme.small());
        painter.drawText(area.adjusted(name.width() + m_theme.px(8), 1, 0, 0), Qt::AlignVCenter, Rail::tr("not yet"));
    }

private:
    QString m_title;
    const Theme& m_theme;
    bool m_narrow = false;
};

}  // namespace

StationButton::StationButton(const QString& title, const Theme& theme, QWidget* parent)
    : QAbstractButton(parent), m_theme(theme)
{
    setText(title);
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(title);
}

void StationButton::setOwed(const QString& owed)
{
    m_owed = owed;
    setAccessibleDescription(owed);
    update();
}

void StationButton::setNarrow(bool narrow)
{
    m_narrow = narrow;
    setToolTip(text());
    updateGeometry();
}

QSize StationButton::sizeHint() const
{
    return {m_theme.px(m_narrow ? 44 : 164), m_theme.px(46)};
}

void StationButton::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    if (isChecked() || hasFocus()) {  // the open station points at the work
        const double tip = m_theme.px(12);
        const QRectF body = QRectF(rect()).adjusted(0.5, 3.5, -1.5, -3.5);
        const QPolygonF flag{{body.left(), body.top()},
                             {body.right() - tip, body.top()},
                             {body.right(), body.center().y()},
                             {body.right() - tip, body.bottom()},
                             {body.left(), body.bottom()}};
        painter.setPen(QPen(tokens.goldText, hasFocus() ? 2 : 1));
        painter.setBrush(isChecked() ? tokens.goldTint : tokens.raised);
        painter.drawPolygon(flag);
    }
    painter.setPen(QPen(tokens.goldText, 1.5));
    painter.setBrush(isChecked() ? tokens.gold : tokens.raised);
    painter.drawEllipse(QPointF(m_theme.px(kDotX), height() / 2.0), m_theme.px(7), m_theme.px(7));
    if (m_narrow) return;
    const QRect area = rect().adjusted(m_theme.px(40), m_theme.px(5), -m_theme.px(12), -m_theme.px(5));
    QFont font = m_theme.title();
    font.setPixelSize(m_theme.px(15));
    painter.setFont(font);
    painter.setPen(tokens.ink);
    painter.drawText(area, m_owed.isEmpty() ? Qt::AlignVCenter : Qt::AlignTop, text());
    painter.setFont(m_theme.small());
    painter.setPen(isChecked() ? tokens.ink : tokens.ink2);
    painter.drawText(area, Qt::AlignBottom, painter.fontMetrics().elidedText(m_owed, Qt::ElideRight, area.width()));
}

Rail::Rail(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_path(new QVBoxLayout), m_group(new QButtonGroup(this))
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 12);
    m_path->setSpacing(0);
    layout->addLayout(m_path);
    layout->addStretch();
    setAccessibleName(tr("Stations"));
}

StationButton* Rail::addStation(const QString& objectName, const QString& title, const QString& shortcut)
{
    auto* button = new StationButton(title, m_theme, this);
    button->setObjectName(objectName);
    button->setToolTip(tr("%1 (%2)").arg(title, shortcut));
    m_group->addButton(button);
    m_path->addWidget(button);
    return button;
}

void Rail::addNotYet(const QString& title)
{
    m_path->addWidget(new NotYetStation(title, m_theme, this));
}

QAbstractButton* Rail::addSlate()
{
    auto* slate = new QPushButton(tr("Slate   F4"), this);
    m_slate = slate;
    slate->setObjectName(QStringLiteral("slateButton"));
    slate->setAccessibleName(tr("Slate: a quick calculation"));
    auto* margin = new QHBoxLayout;
    margin->setContentsMargins(10, 0, 10, 0);
    margin->addWidget(slate);
    static_cast<QVBoxLayout*>(layout())->addLayout(margin);
    connect(slate, &QPushButton::clicked, this, &Rail::slateAsked);
    return slate;
}

void Rail::setNarrow(bool narrow)
{
    if (narrow == m_narrow) return;
    m_narrow = narrow;
    for (int i = 0; i < m_path->count(); ++i) {
        QWidget* one = m_path->itemAt(i)->widget();
        if (auto* station = qobject_cast<StationButton*>(one)) station->setNarrow(narrow);
        if (auto* notYet = dynamic_cast<NotYetStation*>(one)) notYet->setNarrow(narrow);
    }
    m_slate->setVisible(!narrow);  // F4 stays
}

void Rail::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    const Tokens& tokens = m_theme.tokens();
    painter.setPen(QPen(tokens.rule, 2));
    const int x = m_theme.px(kDotX);
    painter.drawLine(x, m_path->geometry().top() + m_theme.px(22), x, m_path->geometry().bottom() - m_theme.px(18));
    painter.setPen(tokens.rule);
    painter.drawLine(width() - 1, 0, width() - 1, height());
}

}  // namespace app
