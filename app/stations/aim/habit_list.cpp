#include "app/stations/aim/habit_list.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <set>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/painted_button.h"
#include "words/aim_words.h"
#include "words/figures.h"

namespace app {
namespace {

constexpr int kFewRows = 4, kMostRows = 8, kFewClosed = 1, kMostClosed = 3;

class HabitRow : public PaintedButton {
public:
    HabitRow(const Theme& theme, QWidget* parent) : PaintedButton(theme, parent)
    {
        setMinimumHeight(theme.px(34));
        setMaximumHeight(theme.px(44));
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    }
    [[nodiscard]] const core::Habit& habit() const { return m_habit; }
    // Of the same row while something is dragged: no widget is made anew.
    void show(const core::Habit& habit, int rank, double full_points)
    {
        m_full_points = full_points;
        m_habit = habit;
        m_rank = rank;
        m_name = words::nameOf(habit);
        m_more = habit.closed ? words::whyClosed(*habit.closed) : words::briefFaultsOf(habit.spot.faults);
        const QString all = habit.closed ? m_more : words::faultsOf(habit.spot.faults);
        setObjectName(habit.closed ? QStringLiteral("closedHabit_%1").arg(rank) : QStringLiteral("habit_%1").arg(rank));
        setAccessibleName(habit.closed ? m_name + QStringLiteral(", ") + m_more
                                       : HabitList::tr("%1, %2 points, %3")
                                             .arg(m_name, words::fixedNumber(habit.spot.points, 0), all));
        setToolTip(all);
        update();
    }
    [[nodiscard]] QSize sizeHint() const override { return {m_theme.px(260), m_theme.px(38)}; }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Tokens& tokens = m_theme.tokens();
        const bool now = !m_habit.surface && !m_habit.closed;
        if (now || hasFocus() || underMouse()) {
            painter.setPen(QPen(hasFocus() || now ? tokens.goldText : tokens.rule, hasFocus() ? 2 : 1));
            painter.setBrush(now ? tokens.goldTint : tokens.raised);
            painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);
        }
        const double middle = 0.5 * height(), edge = m_theme.px(8), disc = m_theme.px(9);
        const QPointF at(edge + disc, middle);
        if (m_habit.closed) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(tokens.rust);
            painter.drawRect(QRectF(at.x() - 5, at.y() - 5, 10, 10));
        } else {
            painter.setPen(QPen(now ? tokens.goldText : tokens.ink2, 1.2));
            painter.setBrush(tokens.raised);
            painter.drawEllipse(at, disc, disc);
            painter.setPen(tokens.ink);
            painter.setFont(m_theme.small());
            painter.drawText(QRectF(at.x() - disc, at.y() - disc, 2 * disc, 2 * disc), Qt::AlignCenter,
                             QString::number(m_rank));
        }
        const double left = edge + 2 * disc + m_theme.px(8), right = m_habit.closed ? width() - edge : width() - m_theme.px(132);
        const QRectF text(left, 2.0, right - left, height() - 4.0);
        painter.setFont(m_theme.strong());
        painter.setPen(tokens.ink);
        painter.drawText(QRectF(text.left(), text.top(), text.width(), 0.5 * text.height()), Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(m_name, Qt::ElideRight, int(text.width())));
        painter.setFont(m_theme.small());
        painter.setPen(m_habit.closed ? tokens.rust : now ? tokens.ink : tokens.ink2);
        painter.drawText(QRectF(text.left(), text.center().y(), text.width(), 0.5 * text.height()), Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(m_more, Qt::ElideRight, int(text.width())));
        if (m_habit.closed) return;
        const double from = right + m_theme.px(6), full = m_theme.px(84);
        painter.setPen(QPen(tokens.ink2, 1));
        painter.drawLine(QPointF(from, middle - m_theme.px(9)), QPointF(from, middle + m_theme.px(9)));
        painter.setPen(QPen(now ? tokens.goldText : tokens.ink2, 1));
        painter.setBrush(now ? tokens.gold : tokens.rule);
        painter.drawRect(QRectF(from, middle - m_theme.px(6), full * m_habit.spot.points / m_full_points, m_theme.px(12)));
        painter.setFont(m_theme.strong());
        painter.setPen(tokens.ink);
        painter.drawText(QRectF(width() - m_theme.px(36), 0, m_theme.px(30), height()), Qt::AlignVCenter | Qt::AlignRight,
                         words::fixedNumber(m_habit.spot.points, 0));
    }

private:
    core::Habit m_habit{};
    int m_rank = 0;
    double m_full_points = 100.0;
    QString m_name{}, m_more{};
};

}  // namespace

HabitList::HabitList(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_title(new PlainLabel(tr("where people put them, for these ears"), this)),
      m_more(new QPushButton(this)),
      m_rows(new QVBoxLayout)
{
    m_more->setObjectName(QStringLiteral("moreHabits"));
    m_more->setProperty("role", "topic");
    connect(m_more, &QPushButton::clicked, this, [this] {
        m_all = !m_all;
        present(AimScene(m_scene));
        emit unfolded();
    });
    auto* head = new QHBoxLayout;
    head->addWidget(m_title, 1);
    head->addWidget(m_more);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setSpacing(1);
    m_rows->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(2);
    layout->addLayout(head);
    layout->addLayout(m_rows);
    const auto letters = [this] { m_title->setFont(m_theme.title()); };
    connect(&theme, &Theme::changed, this, letters);
    letters();
}

int HabitList::mostRanks() const
{
    return m_all ? kMostRows : kFewRows;
}

void HabitList::present(const AimScene& scene)
{
    if (m_title->toolTip().isEmpty() || !(m_scene.weights == scene.weights))
        m_title->setToolTip(words::weighedBy(scene.weights));
    m_scene = scene;
    struct Wanted {
        core::Habit habit{};
        int number = 0;
    };
    std::vector<Wanted> wanted;
    int rank = 0, shut = 0, left = 0;
    std::set<size_t> zones;  // said once each
    // What can be opened again comes before what is only in the way.
    std::vector<core::Habit> habits = scene.habits;
    std::stable_partition(habits.begin(), habits.end(), [](const core::Habit& habit) {
        return !habit.closed || std::holds_alternative<core::RestraintZone>(*habit.closed);
    });
    for (const core::Habit& habit : habits) {
        if (!habit.closed) {
            ++rank;
            const bool few = rank <= kFewRows || !habit.surface;  // how it stands is always there
            if (few || (m_all && rank <= kMostRows))
                wanted.push_back({habit, rank});
            else if (rank <= kMostRows)
                ++left;
            continue;
        }
        const auto* zone = std::get_if<core::RestraintZone>(&*habit.closed);
        if (!zones.insert(zone ? static_cast<size_t>(*zone) : zones.max_size()).second || ++shut > kMostClosed) continue;
        if (m_all || shut <= kFewClosed)
            wanted.push_back({habit, shut});
        else
            ++left;
    }
    m_more->setVisible(m_all || left > 0);
    m_more->setText(m_all ? tr("fewer") : tr("%n more", nullptr, left));
    for (size_t i = rows().size(); i < wanted.size(); ++i) addRow();
    const auto all = rows();
    for (size_t i = 0; i < all.size(); ++i) {
        auto* row = static_cast<HabitRow*>(all[i]);
        row->setVisible(i < wanted.size());
        if (i < wanted.size())
            row->show(wanted[i].habit, wanted[i].number, scene.weights.sum());
        else
            row->setObjectName({});
    }
}

std::vector<QWidget*> HabitList::rows() const
{
    std::vector<QWidget*> all;
    for (int i = 0; i + 1 < m_rows->count(); ++i) all.push_back(m_rows->itemAt(i)->widget());
    return all;
}

void HabitList::addRow()
{
    auto* row = new HabitRow(m_theme, this);
    connect(row, &QAbstractButton::clicked, this, [this, row] {
        const core::Habit habit = row->habit();
        if (!habit.closed) {
            if (habit.surface) emit taken(habit);
            return;
        }
        if (const auto* zone = std::get_if<core::RestraintZone>(&*habit.closed)) emit cleared(*zone);
    });
    m_rows->insertWidget(m_rows->count() - 1, row);
}

}  // namespace app
