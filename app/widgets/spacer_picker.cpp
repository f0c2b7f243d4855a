#include "app/widgets/spacer_picker.h"

#include <QAbstractButton>
#include <QLabel>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "words/fit_words.h"

namespace app {
namespace {

bool same(double a_m, double b_m)
{
    return std::abs(a_m - b_m) < 1e-6;
}

// A slab as thick as it is against the others, its number under it.
class Slab : public QAbstractButton {
public:
    Slab(const Theme& theme, double thickness_m, const QString& text, QWidget* parent)
        : QAbstractButton(parent), m_theme(theme), m_thickness_m(thickness_m)
    {
        setText(text);
        setCheckable(true);
    }
    [[nodiscard]] QSize sizeHint() const override
    {
        const int wide = QFontMetrics(m_theme.small()).horizontalAdvance(text());
        return {std::max(m_theme.px(25), wide + m_theme.px(8)), m_theme.px(40)};
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Tokens& tokens = m_theme.tokens();
        const bool lit = isChecked() || hasFocus() || underMouse();
        painter.setPen(QPen(lit ? tokens.goldText : tokens.rule, hasFocus() ? 2 : 1));
        painter.setBrush(isChecked() ? tokens.goldTint : tokens.raised);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), m_theme.px(4), m_theme.px(4));
        const double high = std::clamp(0.8e3 * m_thickness_m, 1.2, 16.0) * m_theme.px(100) / 100.0;
        const double middle = m_theme.px(13);
        painter.setPen(QPen(isChecked() ? tokens.goldText : tokens.ink2, 1));
        painter.setBrush(isChecked() ? tokens.gold : tokens.rule);
        painter.drawRect(QRectF(m_theme.px(6), middle - 0.5 * high, width() - 2.0 * m_theme.px(6), high));
        painter.setFont(m_theme.small());
        painter.setPen(tokens.ink);
        painter.drawText(rect().adjusted(0, 0, 0, -m_theme.px(4)), Qt::AlignHCenter | Qt::AlignBottom, text());
    }

private:
    const Theme& m_theme;
    double m_thickness_m;
};

}  // namespace

SpacerPicker::SpacerPicker(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_name(new PlainLabel(tr("spacer"), this)), m_row(new FlowLayout(2))
{
    m_name->setProperty("role", "quiet");
    setLayout(m_row);
    m_row->addWidget(m_name);
    connect(&theme, &Theme::changed, this, &SpacerPicker::rebuild);
}

void SpacerPicker::present(std::vector<double> stock_m, double used_m, words::UnitSystem units)
{
    stock_m.insert(stock_m.begin(), 0.0);
    if (std::none_of(stock_m.begin(), stock_m.end(), [&](double one) { return same(one, used_m); })) {
        stock_m.push_back(used_m);  // stacked, or a ring
        std::sort(stock_m.begin(), stock_m.end());
    }
    if (stock_m == m_stock_m && same(used_m, m_used_m) && units == m_units) return;
    m_stock_m = std::move(stock_m);
    m_used_m = used_m;
    m_units = units;
    rebuild();
}

void SpacerPicker::rebuild()
{
    const KeepFocus keys(*this);
    while (m_row->count() > 1) {
        QLayoutItem* item = m_row->takeAt(1);
        item->widget()->hide();
        item->widget()->setParent(nullptr);
        item->widget()->deleteLater();
        delete item;
    }
    m_slabs.clear();
    m_name->setToolTip(m_units == words::UnitSystem::Imperial ? tr("in inches") : tr("in millimetres"));
    for (const double thickness_m : m_stock_m) {
        const bool used = same(thickness_m, m_used_m);
        auto* slab =
            new Slab(m_theme, thickness_m,
                     thickness_m > 0.0 ? words::marginNumber(thickness_m, m_units) : QStringLiteral("0"), this);
        slab->setObjectName(QStringLiteral("spacer_%1").arg(1e-1 * std::round(1e4 * thickness_m)));
        slab->setChecked(used);
        slab->setAccessibleName(thickness_m > 0.0 ? tr("spacer of %1").arg(words::marginText(thickness_m, m_units))
                                                  : tr("no spacer"));
        connect(slab, &QAbstractButton::clicked, this, [this, thickness_m] { emit picked(thickness_m); });
        m_row->addWidget(slab);
        slab->show();
        m_slabs.push_back(slab);
    }
}

void SpacerPicker::step(int by)
{
    for (size_t i = 0; i < m_stock_m.size(); ++i) {
        if (!same(m_stock_m[i], m_used_m)) continue;
        const auto next = static_cast<std::ptrdiff_t>(i) + by;
        if (next >= 0 && next < std::ssize(m_stock_m)) emit picked(m_stock_m[static_cast<size_t>(next)]);
        return;
    }
}

}  // namespace app
