#include "app/stations/split/channel_card.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QStyle>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/elided_label.h"
#include "core/fitout/resolve.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {
namespace {

// Whether somebody looked whether the source has this; nothing: nobody has.
std::optional<bool> has(const core::Part& source, core::Control control)
{
    const auto found = source.controls.find(control);
    return found == source.controls.end() ? std::nullopt : std::optional(found->second);
}

}  // namespace

ChannelCard::ChannelCard(const Theme& theme, QWidget* parent)
    : QFrame(parent),
      m_theme(theme),
      m_source(new ElidedLabel(this)),
      m_name(new PlainLabel(this)),
      m_highPass(new QPushButton(this)),
      m_highSlope(new QPushButton(this)),
      m_lowPass(new QPushButton(this)),
      m_lowSlope(new QPushButton(this)),
      m_level(new QPushButton(this)),
      m_polarity(new QPushButton(this))
{
    setObjectName(QStringLiteral("channelCard"));
    setProperty("role", "slip");
    m_source->setProperty("role", "strong");
    m_name->setProperty("role", "quiet");
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(8, 6, 8, 6);
    grid->setSpacing(3);
    grid->addWidget(m_source, 0, 0, 1, 3);
    grid->addWidget(m_name, 1, 0, 1, 3);
    grid->setColumnStretch(1, 1);
    struct Row {
        QPushButton* button;
        QPushButton* slope;
        Knob knob;
        const char* name;
        QString label, help;
    };
    const Row rows[]{
        {m_highPass, m_highSlope, Knob::HighPass, "knobHighPass", tr("high-pass"), tr("Holds back what is lower")},
        {m_lowPass, m_lowSlope, Knob::LowPass, "knobLowPass", tr("low-pass"), tr("Holds back what is higher")},
        {m_level, nullptr, Knob::Level, "knobLevel", tr("level"), tr("This channel against the others")},
        {m_polarity, nullptr, Knob::Polarity, "knobPolarity", tr("polarity"),
         tr("The channel's own switch for polarity")}};
    int line = 2;
    for (const Row& row : rows) {
        row.button->setObjectName(QLatin1String(row.name));
        row.button->setToolTip(row.help);
        row.button->setProperty("role", "measure");
        connect(row.button, &QPushButton::clicked, this, [this, knob = row.knob] { emit asked(knob); });
        auto* label = new PlainLabel(row.label, this);
        label->setProperty("role", "quiet");
        row.button->setAccessibleName(row.label);
        grid->addWidget(label, line, 0);
        grid->addWidget(row.button, line, 1, 1, row.slope ? 1 : 2);
        if (row.slope) {
            row.slope->setObjectName(QLatin1String(row.name) + QStringLiteral("Slope"));
            row.slope->setToolTip(tr("How steep, in dB an octave: the next one"));
            row.slope->setProperty("role", "measure");
            connect(row.slope, &QPushButton::clicked, this, [this, knob = row.knob] { emit slopeAsked(knob); });
            grid->addWidget(row.slope, line, 2);
        }
        ++line;
    }
    connect(&theme, &Theme::changed, this, &ChannelCard::restyle);
    restyle();
}

void ChannelCard::restyle()
{
    m_name->setFont(m_theme.small());
}

QWidget* ChannelCard::knob(Knob knob) const
{
    switch (knob) {
        case Knob::HighPass:
            return m_highPass;
        case Knob::LowPass:
            return m_lowPass;
        case Knob::Level:
            return m_level;
        case Knob::Polarity:
            return m_polarity;
    }
    return nullptr;
}

void ChannelCard::showFilter(Knob knob, const std::optional<core::Filter>& filter,
                             const std::optional<core::Known>& builtIn, std::optional<bool> there)
{
    QPushButton& button = knob == Knob::HighPass ? *m_highPass : *m_lowPass;
    QPushButton& slope = knob == Knob::HighPass ? *m_highSlope : *m_lowSlope;
    const QString at = filter           ? words::frequency(filter->frequency_hz)
                       : builtIn        ? tr("%1, built in").arg(words::frequency(builtIn->value))
                       : there == false ? tr("has none")
                                        : tr("off");
    button.setText(at);
    button.setEnabled(there != false);
    const bool unknown = !there && !filter && !builtIn;
    if (button.property("unknown").toBool() != unknown) {
        button.setProperty("unknown", unknown);
        button.style()->unpolish(&button);
        button.style()->polish(&button);
    }
    slope.setVisible(filter.has_value());
    if (filter) slope.setText(tr("%1 dB").arg(core::kSlopePerOrder_db * filter->order));
}

void ChannelCard::present(const core::StageResult& stage, const core::Port& channel)
{
    m_channel = channel;
    const core::Part& source = partOf(stage.used, channel.device);
    const core::Setting setting = settingOf(stage.used, channel);
    m_source->setWhole(words::nameOf(core::Subject{channel.device}, stage.used));
    m_name->setText(tr("channel %1").arg(QString::fromStdString(channel.element)));
    const auto builtIn = [&](core::Quantity what) -> std::optional<core::Known> {
        const core::Figures figures = figuresOf(source, channel.element);
        const auto figure = figures.find(what);
        return figure == figures.end() ? std::nullopt : std::optional(figure->second);
    };
    showFilter(Knob::HighPass, setting.highPass, builtIn(core::Quantity::HighPass_hz),
               has(source, core::Control::HighPass));
    showFilter(Knob::LowPass, setting.lowPass, builtIn(core::Quantity::LowPass_hz),
               has(source, core::Control::LowPass));
    m_level->setText(words::decibelChange(setting.gain_db));
    m_level->setEnabled(has(source, core::Control::ChannelGain) != false);
    m_polarity->setText(setting.reversed ? tr("turned over") : tr("as marked"));
    m_polarity->setEnabled(has(source, core::Control::Polarity) != false);
    setToolTip(tr("What nobody has looked for at this source is dashed: look before it is counted on."));
}

}  // namespace app
