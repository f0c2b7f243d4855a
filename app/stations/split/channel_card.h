#pragma once

#include <QFrame>
#include <optional>

#include "core/model/evaluation.h"

class QLabel;
class QPushButton;

namespace app {

class ElidedLabel;
class Theme;

// What a channel itself can be set to.
enum class Knob { HighPass, LowPass, Level, Polarity };

// One channel of a source with its own switches and knob, as they stand; each opens where it stands.
class ChannelCard : public QFrame {
    Q_OBJECT
public:
    ChannelCard(const Theme& theme, QWidget* parent);
    void present(const core::StageResult& stage, const core::Port& channel);
    [[nodiscard]] const core::Port& channel() const { return m_channel; }
    [[nodiscard]] QWidget* knob(Knob knob) const;

signals:
    void asked(Knob knob);
    void slopeAsked(Knob knob);  // the next one

private:
    void showFilter(Knob knob, const std::optional<core::Filter>& filter, const std::optional<core::Known>& builtIn,
                    std::optional<bool> has);
    void restyle();

    const Theme& m_theme;
    core::Port m_channel{};
    ElidedLabel* m_source;
    QLabel* m_name;
    QPushButton* m_highPass;
    QPushButton* m_highSlope;
    QPushButton* m_lowPass;
    QPushButton* m_lowSlope;
    QPushButton* m_level;
    QPushButton* m_polarity;
};

}  // namespace app
