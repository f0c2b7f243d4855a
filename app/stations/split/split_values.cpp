// What Split opens where it stands: a part's value, a channel's switch or knob, and what is tried before it is kept.
#include <QBoxLayout>
#include <QLabel>
#include <algorithm>
#include <cmath>

#include "app/asks/typed_quantity.h"
#include "app/session/workbench.h"
#include "app/stations/split/board_dialog.h"
#include "app/stations/split/cable_dialog.h"
#include "app/stations/split/equaliser_dialog.h"
#include "app/stations/split/split_view.h"
#include "app/stations/split/value_picker.h"
#include "app/theme/theme.h"
#include "app/widgets/typed_number.h"
#include "core/design/split_start.h"
#include "core/edits/element_edits.h"
#include "core/edits/lead_edits.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/physics/air.h"
#include "core/physics/preferred_values.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/part_value.h"

namespace app {
namespace {

constexpr double kStep_db = 0.5, kLeast_db = -40.0, kMost_db = 12.0, kStep_s = 5e-5;

// A value that is typed as this quantity.
ValuePicker::Row rowOf(core::Quantity quantity, double value)
{
    ValuePicker::Row row{.value = value};
    row.read = [quantity](const QString& text, QString& why) -> std::optional<double> {
        const auto typed = typedQuantity(text, quantity);
        if (typed) return *typed;
        why = typed.error();
        return std::nullopt;
    };
    return row;
}

ValuePicker::Row partRow(core::ElementKind kind, core::Quantity quantity, double value)
{
    ValuePicker::Row row = rowOf(quantity, value);
    row.step = [](double now, int steps) {
        const auto next = core::preferredStep(now, core::PreferredSeries::E12, steps);
        return next ? next->value : now;
    };
    row.text = [kind](double one) { return words::partValue(kind, one); };
    return row;
}

ValuePicker::Row cornerRow(core::Quantity quantity, double value_hz)
{
    ValuePicker::Row row = rowOf(quantity, value_hz);
    row.step = [](double now_hz, int steps) {
        const auto next = core::cornerStep(now_hz, steps);
        return next ? next->value : now_hz;
    };
    row.text = words::frequency;
    return row;
}

ValuePicker::Row levelRow(double value)
{
    ValuePicker::Row row{.value = value};
    row.step = [](double now, int steps) {
        return std::clamp(std::round(now / kStep_db + steps) * kStep_db, kLeast_db, kMost_db);
    };
    row.text = [](double one) { return words::fixedNumber(one, 1) + QStringLiteral(" dB"); };
    row.read = [](const QString& text, QString& why) -> std::optional<double> {
        const auto typed = typedNumber(QString(text).remove(QStringLiteral("dB"), Qt::CaseInsensitive));
        if (typed && *typed >= kLeast_db && *typed <= kMost_db) return typed;
        why = SplitView::tr("%1 cannot be: allowed %2 to %3.")
                  .arg(text, words::decibelChange(kLeast_db), words::decibelChange(kMost_db));
        return std::nullopt;
    };
    return row;
}

// Shown in milliseconds; typed in centimetres, too: the way that sound goes in that time.
ValuePicker::Row delayRow(double delay_s, double most_s)
{
    const auto inMs = [](double value_s, int decimals) {
        return words::fixedNumber(1e3 * value_s, decimals) + QStringLiteral(" ms");
    };
    ValuePicker::Row row{.value = delay_s};
    row.step = [most_s](double now_s, int steps) {
        return std::clamp((std::round(now_s / kStep_s) + steps) * kStep_s, 0.0, most_s);
    };
    row.text = [inMs](double one_s) { return inMs(one_s, 2); };
    row.read = [inMs, most_s](const QString& text, QString& why) -> std::optional<double> {
        const bool isWay = text.contains(QStringLiteral("cm"), Qt::CaseInsensitive);
        QString figure = text;
        figure.remove(isWay ? QStringLiteral("cm") : QStringLiteral("ms"), Qt::CaseInsensitive);
        auto typed = typedNumber(figure);
        if (typed) *typed *= isWay ? 1e-2 / core::kSoundSpeed_m_s : 1e-3;
        if (typed && *typed >= 0.0 && *typed <= most_s) return typed;
        why = SplitView::tr("%1 cannot be: allowed %2 to %3.").arg(text, inMs(0.0, 0), inMs(most_s, 1));
        return std::nullopt;
    };
    return row;
}

// Where it hands over and how evenly, as two short figures.
QString outcomeOf(const core::Plan& plan, const Snapshot& shown, const core::RunId& high, core::ListenerId seat)
{
    const core::StageId goal = plan.job.goal;
    const core::Evaluation evaluation = core::evaluate(plan, shown.shop->practice, std::array{goal}, shown.evaluation);
    const core::StageResult& stage = *evaluation.stages.at(goal);
    const auto pair = core::splitPairOf(stage, high.coil.device, evaluation.practice);
    const auto sum = pair ? core::splitSum(stage, *pair, seat) : std::nullopt;
    if (!sum) return {};
    const QString even = QStringLiteral("\u00B1") + words::decibels(sum->wired.even_db);
    return sum->at_hz ? words::frequency(*sum->at_hz) + QStringLiteral(", ") + even : SplitView::tr("no hand-over");
}

}  // namespace

void SplitView::openPart(const core::Port& port)
{
    const core::StageResult& stage = m_snapshot->after();
    const core::Part& part = partOf(stage.used, port.device);
    const core::ElementKind kind = part.inside.at(port.element).kind;
    const auto what = core::boughtBy(kind);
    if (!what || (part.kind == core::PartKind::Driver && kind != core::ElementKind::Capacitor)) return;
    const auto value = valueOf(figuresOf(part, port.element), *what);
    m_open = {port, {}};
    ValuePicker::Row row = partRow(kind, *what, value.value_or(core::startingValue(kind)));
    row.name = words::partName(part, port.element);
    m_picker->open(row, QRect(m_drawing->mapTo(this, m_drawing->areaOf({port, false}).topLeft()),
                              m_drawing->areaOf({port, false}).size()));
    showActions(stage);
    askNeighbours(row.value);
}

void SplitView::openKnob(const core::Port& channel, Knob knob)
{
    leaveValue();
    core::Setting setting = settingOf(m_snapshot->after().used, channel);
    if (knob == Knob::Polarity) {
        setting.reversed = !setting.reversed;
        emit edited(core::setChannel(m_snapshot->plan, channel, setting));
        return;
    }
    if (knob == Knob::Equaliser) return openEqualiser(channel);
    m_open = {channel, knob};
    const auto cornerOf = [&](const std::optional<core::Filter>& filter, core::Quantity quantity, double usual_hz) {
        ValuePicker::Row row = cornerRow(quantity, filter ? filter->frequency_hz : usual_hz);
        row.canBeOff = filter.has_value();
        return row;
    };
    ValuePicker::Row row;
    if (knob == Knob::Level) {
        row = levelRow(setting.gain_db);
        row.name = tr("level");
    } else if (knob == Knob::Delay) {
        const core::Part& source = partOf(m_snapshot->after().used, channel.device);
        row = delayRow(setting.delay_s, valueOf(figuresOf(source, channel.element), core::Quantity::MostDelay_s)
                                            .value_or(m_snapshot->practice()[core::PracticeKey::UnstatedDelay_s]));
        row.name = tr("delay");
    } else if (knob == Knob::HighPass) {
        row = cornerOf(setting.highPass, core::Quantity::HighPass_hz, core::kStartingHighPass_hz);
        row.name = tr("high-pass");
    } else {
        row = cornerOf(setting.lowPass, core::Quantity::LowPass_hz, core::kStartingLowPass_hz);
        row.name = tr("low-pass");
    }
    const QWidget* at = m_card->knob(knob);
    m_picker->open(row, QRect(at->mapTo(this, QPoint()), at->size()));
    showActions(m_snapshot->after());
    askNeighbours(row.value);
}

// What stands in a dialog is shown here at once, and planned when it is kept; while it cannot be read, what is planned.
void SplitView::openTrial(TrialDialog* dialog, const std::function<std::optional<core::Edit>()>& wanted)
{
    dialog->setModal(true);
    connect(dialog, &QDialog::finished, dialog, [dialog] {  // gone at once, deleted when its signal is through
        dialog->setParent(nullptr);
        dialog->deleteLater();
    });
    const auto look = [this, wanted] {
        if (const auto edit = wanted()) return tryEdit(*edit);
        m_tried.reset();
        show();
    };
    connect(dialog, &TrialDialog::tried, this, look);
    connect(dialog, &QDialog::accepted, this, [this, wanted] {
        const auto edit = wanted();
        leaveValue();
        if (edit) emit edited(*edit);
    });
    connect(dialog, &QDialog::rejected, this, [this] {
        leaveValue();
        show();
    });
    dialog->adjustSize();
    const QRect whole = window()->geometry();
    dialog->move(whole.bottomRight() - QPoint(dialog->width(), dialog->height()));
    dialog->show();  // over the findings and answers of what was: what it changes stays in sight
    look();
}

void SplitView::openEqualiser(const core::Port& channel)
{
    const core::Setting setting = settingOf(m_snapshot->after().used, channel);
    auto* dialog = new EqualiserDialog(m_theme, words::nameOf(core::Subject{channel}, m_snapshot->after().used),
                                       setting.bands, this);
    openTrial(dialog, [this, channel, setting, dialog] {
        core::Setting set = setting;
        set.bands = dialog->bands();
        return core::setChannel(m_snapshot->plan, channel, set);
    });
}

void SplitView::openBoard(core::DeviceId speaker)
{
    leaveValue();
    const auto choices = core::boardChoices(m_snapshot->after(), speaker, m_snapshot->practice());
    if (choices.empty()) return;
    auto* dialog = new BoardDialog(m_theme, m_snapshot, choices, this);
    openTrial(dialog, [this, dialog]() -> std::optional<core::Edit> {
        const auto parts = dialog->parts();
        return parts ? std::optional(core::fitMadeNetwork(m_snapshot->plan, dialog->speakers(), *parts)) : std::nullopt;
    });
    const auto ask = [this, dialog] {
        if (const auto parts = dialog->parts())
            askAgainst(dialog, core::fitMadeNetwork(m_snapshot->plan, dialog->speakers(), *parts));
    };
    connect(dialog, &BoardDialog::tried, this, ask);
    ask();
}

void SplitView::openCable(const core::Port& channel)
{
    leaveValue();
    const core::DeviceId speaker = m_drawing->cabledOn(channel);
    const core::Fitout& used = m_snapshot->after().used;
    const auto cable = core::cableTo(used, speaker, m_snapshot->practice());
    if (!cable) return;
    auto* dialog = new CableDialog(m_theme, words::nameOf(core::Subject{channel}, used), *cable, this);
    openTrial(dialog, [this, dialog, speaker]() -> std::optional<core::Edit> {
        const core::Plan& plan = m_snapshot->plan;
        core::Plan after = plan;
        for (const core::Quantity what : {core::Quantity::Length_m, core::Quantity::Area_m2}) {
            const auto value = dialog->value(what);
            if (!value) return std::nullopt;
            after = core::apply(after, core::noteCable(after, plan.job.goal, speaker, what, *value)).plan;
        }
        return core::difference(core::EditName::WireLength, plan, after);
    });
}

void SplitView::setShape(const core::Port& channel, Knob knob, const core::FilterShape& shape)
{
    core::Setting setting = settingOf(m_snapshot->after().used, channel);
    std::optional<core::Filter>& filter = knob == Knob::HighPass ? setting.highPass : setting.lowPass;
    if (!filter) return;
    filter->order = shape.order;
    filter->family = shape.family;
    leaveValue();
    emit edited(core::setChannel(m_snapshot->plan, channel, setting));
}

core::Edit SplitView::editTo(double value, bool off) const
{
    if (!m_open.knob) return core::setPartValue(m_snapshot->plan, m_open.port, value);
    core::Setting setting = settingOf(m_snapshot->after().used, m_open.port);
    const auto set = [&](std::optional<core::Filter>& filter) {
        if (off)
            filter.reset();
        else
            filter = core::Filter{value, filter.value_or(core::Filter{}).order, filter.value_or(core::Filter{}).family};
    };
    switch (*m_open.knob) {
        case Knob::HighPass:
            set(setting.highPass);
            break;
        case Knob::LowPass:
            set(setting.lowPass);
            break;
        case Knob::Level:
            setting.gain_db = value;
            break;
        case Knob::Delay:
            setting.delay_s = value;
            break;
        case Knob::Polarity:
        case Knob::Equaliser:
            break;
    }
    return core::setChannel(m_snapshot->plan, m_open.port, setting);
}

// Everything here shows what it would be; the plan is as it was until it is kept.
void SplitView::tryValue(double value, bool off)
{
    tryEdit(editTo(value, off));
    askNeighbours(value);
}

void SplitView::tryEdit(const core::Edit& edit)
{
    m_triedEdit = edit;
    const core::Plan plan = core::apply(m_snapshot->plan, m_triedEdit).plan;
    const core::StageId goal = plan.job.goal;
    m_tried =
        core::evaluate(plan, m_snapshot->shop->practice, std::array{goal}, m_snapshot->evaluation).stages.at(goal);
    show();
}

// What the value before and the one after would give, from the bench.
void SplitView::askNeighbours(double value)
{
    m_picker->setOutcomes({}, {}, {});
    if (!m_pair) return;
    const core::RunId high = m_snapshot->after().runs[m_pair->high].run.id;
    std::array<core::Edit, 3> edits;
    for (const int step : {-1, 0, 1})
        edits[static_cast<size_t>(step + 1)] = editTo(m_picker->stepped(value, step), false);
    m_bench.ask(
        this, neighbours(), m_snapshot->revision,
        [this, shown = m_snapshot, edits, high, seat = m_listener](const std::stop_token& stop) -> Workbench::Take {
            std::array<QString, 3> said;
            for (size_t i = 0; i < edits.size() && !stop.stop_requested(); ++i)
                said[i] = outcomeOf(core::apply(shown->plan, edits[i]).plan, *shown, high, seat);
            return [this, said] { m_picker->setOutcomes(said[0], said[1], said[2]); };
        });
}

void SplitView::leaveValue()
{
    m_bench.drop(this, neighbours());
    m_picker->shut();
    m_open = {};
    m_tried.reset();
}

}  // namespace app
