#pragma once

#include <QFont>
#include <QObject>
#include <QPen>

#include "app/theme/tokens.h"
#include "words/figures.h"

class QApplication;
class QPalette;

namespace app {

enum class Ground { FromDesktop, Light, Dark };

// How everything looks: the tokens in force, the sizes of type under the user's own zoom, and the units.
class Theme : public QObject {
    Q_OBJECT
public:
    explicit Theme(QApplication& application);

    [[nodiscard]] const Tokens& tokens() const { return m_tokens; }
    [[nodiscard]] Ground ground() const { return m_ground; }
    [[nodiscard]] double zoom() const { return m_zoom; }
    [[nodiscard]] words::UnitSystem units() const { return words::spokenUnits(); }
    [[nodiscard]] bool bay() const { return m_bay; }

    void setGround(Ground ground);
    void setZoom(double zoom);  // kept within 0.8 and 2.5; what is no size at all is the usual one
    void setUnits(words::UnitSystem units);
    void setBay(bool on);  // larger type and targets, for the bay

    // Type by what it is for; Lato wherever a figure can stand, Cabin for titles.
    [[nodiscard]] QFont text() const { return lato(13.0, false); }
    [[nodiscard]] QFont small() const { return lato(12.0, false); }
    [[nodiscard]] QFont strong() const { return lato(13.0, true); }
    [[nodiscard]] QFont figure() const { return lato(19.0, true); }
    [[nodiscard]] QFont title() const;
    [[nodiscard]] int px(double atNormalZoom) const;

signals:
    void changed();

protected:
    // Tool tips say what stands there: a name is no markup. Enter presses the button that has the keys, as Space does.
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    [[nodiscard]] QFont lato(double pixels, bool bold) const;
    void applyToApplication();

    QApplication& m_application;
    Tokens m_tokens{};
    Ground m_ground = Ground::FromDesktop;
    double m_zoom = 1.0;
    bool m_bay = false;
    bool m_desktopIsDark = false;
};

}  // namespace app
