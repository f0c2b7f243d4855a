#pragma once

#include <QFrame>
#include <functional>
#include <optional>

class QLabel;
class QPushButton;

namespace app {

class QuantityField;
class Theme;

// A value opened where it stands: the one before, the field, the one after, and under each what it would give. Arrows
// and the wheel step, what is typed counts at once; Enter keeps it, Escape returns what was there.
class ValuePicker : public QFrame {
    Q_OBJECT
public:
    struct Row {
        QString name{};                                         // for those who cannot see it
        double value = 0.0;                                     // SI
        std::function<double(double value, int steps)> step{};  // the next value that is made
        std::function<QString(double)> text{};                  // as it is shown and can be typed
        std::function<std::optional<double>(const QString&, QString& why)> read{};
        bool canBeOff = false;  // of a filter that a channel may do without
    };
    ValuePicker(const Theme& theme, QWidget* parent);

    // tip  where the thing is, in the parent's coordinates: it opens over that
    void open(const Row& row, const QRect& tip);
    void shut();
    void keep();
    void giveBack();  // as it was
    [[nodiscard]] double value() const { return m_value; }
    [[nodiscard]] double stepped(double value, int steps) const { return m_row.step(value, steps); }
    // What each of the three would give; empty: not known yet.
    void setOutcomes(const QString& before, const QString& now, const QString& after);

signals:
    void tried(double value, bool off);  // shown at once, not yet planned
    void kept(double value, bool off);
    void returned();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    void take(double value);
    void takeText();
    void stepBy(int steps);
    void complain(const QString& why);  // empty: nothing is wrong
    void refresh();
    void showBeside();

    const Theme& m_theme;
    QPushButton* m_before;
    QPushButton* m_after;
    QuantityField* m_field;
    QPushButton* m_off;
    QLabel* m_outBefore;
    QLabel* m_outNow;
    QLabel* m_outAfter;
    QLabel* m_said;
    Row m_row{};
    double m_value = 0.0;
    bool m_isOff = false;
    int m_turned = 0;  // of the wheel, that made no whole notch yet
};

}  // namespace app
