#pragma once

#include <QFrame>
#include <optional>

#include "core/model/evaluation.h"

class QPushButton;

namespace app {

class ElidedLabel;

// What a channel itself can be set to.
enum class Knob { HighPass, LowPass, Level, Delay, Polarity, Equaliser };

// One channel of a source with its own switches and knob, as they stand; each opens where it stands.
class ChannelCard : public QFrame {
    Q_OBJECT
public:
    explicit ChannelCard(QWidget* parent);
    void present(const core::StageResult& stage, const core::Port& channel);
    [[nodiscard]] const core::Port& channel() const { return m_channel; }
    [[nodiscard]] QWidget* knob(Knob knob) const;

signals:
    void asked(Knob knob);
    void shapeAsked(Knob knob, const core::FilterShape& shape);

private:
    void showFilter(Knob knob, const std::optional<core::Filter>& filter, const std::optional<core::Known>& builtIn,
                    std::optional<bool> has);
    void showDelay(const std::optional<core::Known>& most);
    void offerShapes(Knob knob);

    core::Port m_channel{};
    ElidedLabel* m_source;
    QPushButton* m_highPass;
    QPushButton* m_highSlope;
    QPushButton* m_lowPass;
    QPushButton* m_lowSlope;
    QPushButton* m_level;
    QPushButton* m_delay;
    QPushButton* m_polarity;
    QPushButton* m_equaliser;
    core::Setting m_setting{};
};

}  // namespace app
