#include "app/stations/split/channel_card.h"

#include <QGridLayout>
#include <QMenu>
#include <QPushButton>
#include <QStyle>

#include "app/theme/plain_label.h"
#include "app/widgets/elided_label.h"
#include "core/fitout/resolve.h"
#include "core/model/names.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/settings_words.h"

namespace app {
namespace {

// Whether somebody looked whether the source has this; nothing: nobody has.
std::optional<bool> has(const core::Part& source, core::Control control)
{
    const auto found = source.controls.find(control);
    return found == source.controls.end() ? std::nullopt : std::optional(found->second);
}

// Dashed while nobody has looked.
void markUnknown(QPushButton& button, bool unknown)
{
    if (button.property("unknown").toBool() == unknown) return;
    button.setProperty("unknown", unknown);
    button.style()->unpolish(&button);
    button.style()->polish(&button);
}

constexpr int kMostOrder = 8;

// Butterworth is what a figure alone means.
QString shortName(const core::FilterShape& shape)
{
    const int slope_db = core::kSlopePerOrder_db * shape.order;
    switch (shape.family) {
        case core::FilterFamily::Butterworth:
            return ChannelCard::tr("%1 dB").arg(slope_db);
        case core::FilterFamily::LinkwitzRiley:
            return ChannelCard::tr("LR %1").arg(slope_db);
        case core::FilterFamily::Bessel:
            return ChannelCard::tr("Bessel %1").arg(slope_db);
    }
    return {};
}

}  // namespace

ChannelCard::ChannelCard(QWidget* parent)
    : QFrame(parent),
      m_source(new ElidedLabel(this)),
      m_highPass(new QPushButton(this)),
      m_highSlope(new QPushButton(this)),
      m_lowPass(new QPushButton(this)),
      m_lowSlope(new QPushButton(this)),
      m_level(new QPushButton(this)),
      m_delay(new QPushButton(this)),
      m_polarity(new QPushButton(this)),
      m_equaliser(new QPushButton(this))
{
    setObjectName(QStringLiteral("channelCard"));
    setProperty("role", "slip");
    m_source->setProperty("role", "strong");
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(8, 6, 8, 6);
    grid->setSpacing(3);
    grid->addWidget(m_source, 0, 0, 1, 3);
    grid->setColumnStretch(1, 1);
    struct Row {
        QPushButton* button;
        QPushButton* beside;
        Knob knob;
        const char* name;
        QString label, help;
    };
    const Row rows[]{
        {m_highPass, m_highSlope, Knob::HighPass, "knobHighPass", tr("high-pass"), tr("Holds back what is lower")},
        {m_lowPass, m_lowSlope, Knob::LowPass, "knobLowPass", tr("low-pass"), tr("Holds back what is higher")},
        {m_level, m_delay, Knob::Level, "knobLevel", tr("level"), tr("This channel against the others")},
        {m_polarity, nullptr, Knob::Polarity, "knobPolarity", tr("polarity"),
         tr("The channel's own switch for polarity")},
        {m_equaliser, nullptr, Knob::Equaliser, "knobEqualiser", tr("equaliser"),
         tr("Bands that lift or take a stretch of this channel")}};
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
        grid->addWidget(row.button, line, 1, 1, row.beside ? 1 : 2);
        if (row.beside) {
            row.beside->setProperty("role", "measure");
            grid->addWidget(row.beside, line, 2);
        }
        if (row.knob == Knob::HighPass || row.knob == Knob::LowPass) {
            row.beside->setObjectName(QLatin1String(row.name) + QStringLiteral("Slope"));
            row.beside->setAccessibleName(tr("%1, how steep").arg(row.label));
            connect(row.beside, &QPushButton::clicked, this, [this, knob = row.knob] { offerShapes(knob); });
        }
        ++line;
    }
    m_delay->setObjectName(QStringLiteral("knobDelay"));  // beside the level: no row more
    m_delay->setToolTip(tr("How much later this channel plays"));
    m_delay->setAccessibleName(tr("delay"));
    connect(m_delay, &QPushButton::clicked, this, [this] { emit asked(Knob::Delay); });
}

// What electronic crossovers offer, under the button that shows the one there is.
void ChannelCard::offerShapes(Knob knob)
{
    const std::optional<core::Filter>& filter = knob == Knob::HighPass ? m_setting.highPass : m_setting.lowPass;
    if (!filter) return;
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("shapes"));
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const core::FilterFamily family :
         {core::FilterFamily::Butterworth, core::FilterFamily::LinkwitzRiley, core::FilterFamily::Bessel})
        for (int order = 1; order <= kMostOrder; ++order) {
            const core::FilterShape shape{family, order};
            if (!core::isOffered(shape)) continue;
            QAction* action = menu->addAction(words::nameOf(shape));
            action->setObjectName(QStringLiteral("shape_%1_%2")
                                      .arg(QString::fromUtf8(core::textOf(family).data()))
                                      .arg(core::kSlopePerOrder_db * order));
            action->setCheckable(true);
            action->setChecked(shape == filter->shape());
            if (action->isChecked()) menu->setActiveAction(action);
            connect(action, &QAction::triggered, this, [this, knob, shape] { emit shapeAsked(knob, shape); });
        }
    const QPushButton& slope = knob == Knob::HighPass ? *m_highSlope : *m_lowSlope;
    menu->popup(slope.mapToGlobal(QPoint(0, slope.height())));
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
        case Knob::Delay:
            return m_delay;
        case Knob::Polarity:
            return m_polarity;
        case Knob::Equaliser:
            return m_equaliser;
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
    markUnknown(button, !there && !filter && !builtIn);
    slope.setVisible(filter.has_value());
    if (!filter) return;
    slope.setText(shortName(filter->shape()));
    slope.setToolTip(words::nameOf(filter->shape()));
}

void ChannelCard::showDelay(const std::optional<core::Known>& most)
{
    const bool none = most && most->value == 0.0;
    m_delay->setText(
        none ? QStringLiteral("\u2013")
             : tr("%1 ms").arg(words::fixedNumber(1e3 * m_setting.delay_s, m_setting.delay_s == 0.0 ? 0 : 2)));
    m_delay->setEnabled(!none);
    markUnknown(*m_delay, !most && m_setting.delay_s == 0.0);
}

void ChannelCard::present(const core::StageResult& stage, const core::Port& channel)
{
    m_channel = channel;
    const core::Part& source = partOf(stage.used, channel.device);
    m_setting = settingOf(stage.used, channel);
    const core::Setting& setting = m_setting;
    m_source->setWhole(words::nameOf(core::Subject{channel}, stage.used));
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
    showDelay(builtIn(core::Quantity::MostDelay_s));
    m_polarity->setText(setting.reversed ? tr("turned over") : tr("as marked"));
    m_polarity->setEnabled(has(source, core::Control::Polarity) != false);
    const bool none = has(source, core::Control::Equaliser) == false;
    m_equaliser->setText(none                    ? tr("has none")
                         : setting.bands.empty() ? tr("flat")
                                                 : tr("%n band(s)", nullptr, static_cast<int>(setting.bands.size())));
    m_equaliser->setEnabled(!none);
    setToolTip(tr("What nobody has looked for at this source is dashed: look before it is counted on."));
}

}  // namespace app
