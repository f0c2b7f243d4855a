#include "app/theme/theme.h"

#include <QAbstractButton>
#include <QApplication>
#include <QFontDatabase>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPalette>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/theme/plain_label.h"
#include "app/theme/style_sheet.h"
#include "card/paper.h"

namespace app {

Theme::Theme(QApplication& application) : QObject(&application), m_application(application)
{
    card::loadFonts();
    words::speakIn(words::UnitSystem::Metric);
    m_desktopIsDark = application.palette().color(QPalette::Window).lightnessF() < 0.5F;
    application.setStyle(QStringLiteral("Fusion"));
    application.installEventFilter(this);
    applyToApplication();
}

bool Theme::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::KeyPress) {
        const auto* pressed = static_cast<QKeyEvent*>(event);
        auto* button = qobject_cast<QAbstractButton*>(watched);
        const bool enter = pressed->key() == Qt::Key_Return || pressed->key() == Qt::Key_Enter;
        if (!enter || !button || !button->hasFocus() || pressed->modifiers().testFlag(Qt::ControlModifier))
            return false;
        button->click();
        return true;
    }
    if (event->type() != QEvent::ToolTip) return false;
    auto* widget = qobject_cast<QWidget*>(watched);
    if (!widget || !Qt::mightBeRichText(widget->toolTip())) return false;
    QToolTip::showText(static_cast<QHelpEvent*>(event)->globalPos(), plainTip(widget->toolTip()), widget);
    return true;
}

void Theme::setGround(Ground ground)
{
    m_ground = ground;
    applyToApplication();
}

void Theme::setZoom(double zoom)
{
    m_zoom = std::isfinite(zoom) && zoom > 0.0 ? std::clamp(zoom, 0.8, 2.5) : 1.0;
    applyToApplication();
}

void Theme::setBay(bool on)
{
    m_bay = on;
    applyToApplication();
}

void Theme::setUnits(words::UnitSystem units)
{
    words::speakIn(units);
    emit changed();
}

QFont Theme::title() const
{
    QFont font(QStringLiteral("Cabin"));
    font.setPixelSize(px(17.0));
    font.setWeight(QFont::DemiBold);
    return font;
}

int Theme::px(double atNormalZoom) const
{
    constexpr double kBay = 1.4;  // text 18, targets 44
    return static_cast<int>(std::lround(atNormalZoom * m_zoom * (m_bay ? kBay : 1.0)));
}

QFont Theme::lato(double pixels, bool bold) const
{
    QFont font(QStringLiteral("Lato"));
    font.setPixelSize(px(pixels));
    font.setBold(bold);
    return font;
}

void Theme::applyToApplication()
{
    const bool dark = m_ground == Ground::Dark || (m_ground == Ground::FromDesktop && m_desktopIsDark);
    m_tokens = dark ? darkened(Tokens{}) : Tokens{};
    QPalette palette;
    palette.setColor(QPalette::Window, m_tokens.paper);
    palette.setColor(QPalette::WindowText, m_tokens.ink);
    palette.setColor(QPalette::Base, m_tokens.raised);
    palette.setColor(QPalette::AlternateBase, m_tokens.paper);
    palette.setColor(QPalette::Text, m_tokens.ink);
    palette.setColor(QPalette::PlaceholderText, m_tokens.ink2);
    palette.setColor(QPalette::Button, m_tokens.raised);
    palette.setColor(QPalette::ButtonText, m_tokens.ink);
    palette.setColor(QPalette::ToolTipBase, m_tokens.raised);
    palette.setColor(QPalette::ToolTipText, m_tokens.ink);
    palette.setColor(QPalette::Highlight, m_tokens.goldTint);
    palette.setColor(QPalette::HighlightedText, m_tokens.ink);
    palette.setColor(QPalette::Link, m_tokens.goldText);
    palette.setColor(QPalette::Mid, m_tokens.rule);
    palette.setColor(QPalette::Disabled, QPalette::Text, m_tokens.ink2);
    palette.setColor(QPalette::Disabled, QPalette::ButtonText, m_tokens.ink2);
    palette.setColor(QPalette::Disabled, QPalette::WindowText, m_tokens.ink2);
    m_application.setPalette(palette);
    m_application.setFont(text());
    m_application.setStyleSheet(styleSheet(*this));
    emit changed();
}

}  // namespace app
