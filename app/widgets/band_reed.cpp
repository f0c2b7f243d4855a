#include "app/widgets/band_reed.h"

#include <QPainter>
#include <algorithm>

#include "app/theme/theme.h"
#include "words/doubt_words.h"
#include "words/figures.h"
#include "words/loudness_words.h"
#include "words/name_words.h"

namespace app {

BandReed::BandReed(core::Band band, const Theme& theme, QWidget* parent) : QWidget(parent), m_band(band), m_theme(theme)
{
}

QSize BandReed::sizeHint() const
{
    return {m_theme.px(98), m_theme.px(58)};
}

void BandReed::show(const core::BandFigures* before, const core::BandFigures* after, const core::Range* could)
{
    m_before_db = before ? std::optional(before->reach_db) : std::nullopt;
    m_after_db = after ? std::optional(after->reach_db) : std::nullopt;
    QString name = tr("%1, %2").arg(words::nameOf(m_band), words::rangeOf(m_band));
    if (before && after) {
        name = tr("%1: reach %2 before, %3 after, change %4")
                   .arg(name, words::decibels(*m_before_db), words::decibels(*m_after_db),
                        words::decibelChange(*m_after_db - *m_before_db));
        const double change_db = *m_after_db - *m_before_db;
        QString help =
            tr("Loudest clean level: %1 before (then %2), %3 after (then %4).\nBalance against 250 Hz–4 kHz: %5 "
               "before, %6 after.")
                .arg(words::decibels(before->reach_db), words::nameOf(before->limit), words::decibels(after->reach_db),
                     words::nameOf(after->limit), words::decibelChange(before->balance_db),
                     words::decibelChange(after->balance_db));
        for (const QString& more :
             {words::loudnessOf(m_band, change_db),
              could ? tr("With what nobody measured: %1 dB after.").arg(words::rangeText(*could, 1)) : QString(),
              words::hearingCaution(after->reach_db)})
            if (!more.isEmpty()) help += QLatin1Char('\n') + more;
        setToolTip(help);
    }
    setAccessibleName(name);
    update();
}

void BandReed::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const double bottom = height() - m_theme.px(8);
    const double tall = height() - m_theme.px(16);
    const auto reed = [&](std::optional<double> level_db, double x, const QColor& fill, const QColor& line) {
        if (!level_db) return;
        constexpr double kFloor_db = 50.0, kTop_db = 120.0;  // what a car plays lies between
        const double share = std::clamp((*level_db - kFloor_db) / (kTop_db - kFloor_db), 0.03, 1.0);
        painter.setPen(QPen(line, 1));
        painter.setBrush(fill);
        painter.drawRect(QRectF(x, bottom - share * tall, m_theme.px(8), share * tall));
    };
    reed(m_before_db, m_theme.px(2), tokens.rule, tokens.ink2);
    reed(m_after_db, m_theme.px(13), tokens.gold, tokens.goldText);
    const int left = m_theme.px(27);
    const QRect area(left, m_theme.px(1), width() - left, height() - m_theme.px(2));
    painter.setPen(tokens.ink);
    QFont change = m_theme.strong();
    change.setPixelSize(m_theme.px(15));
    painter.setFont(change);
    const bool both = m_before_db && m_after_db;
    painter.drawText(area, Qt::AlignTop, both ? words::decibelChange(*m_after_db - *m_before_db) : tr("–"));
    painter.setFont(m_theme.small());
    painter.drawText(area, Qt::AlignVCenter, words::nameOf(m_band));
    painter.setPen(tokens.ink2);
    painter.drawText(area, Qt::AlignBottom, words::rangeOf(m_band));
}

}  // namespace app
