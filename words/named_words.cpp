#include "words/named_words.h"

#include <QRegularExpression>
#include <algorithm>

#include "core/base/unit.h"
#include "core/slate/named_line.h"
#include "words/calc_words.h"
#include "words/figures.h"
#include "words/tr.h"
#include "words/warning_words.h"

namespace words {

using namespace core;

namespace {

constexpr qsizetype kRowLength = 95;
constexpr size_t kMostShown = 6;  // of a list

double magnitudeOf(const CalcValue& value, size_t index)
{
    const std::complex<double>& number = value.numbers.at(index);
    return value.isComplex ? std::abs(number) : number.real();
}

// Short entries side by side, as many as a row holds.
QStringList inRows(const QStringList& entries)
{
    QStringList rows;
    for (const QString& entry : entries) {
        const bool fits = !rows.isEmpty() && rows.back().size() + entry.size() < kRowLength;
        if (fits)
            rows.back() += QStringLiteral("  ·  ") + entry;
        else
            rows << entry;
    }
    return rows;
}

// A word that is a name is replaced where it stands alone: the pi in "pieces" stays.
QString wholeWord(const QString& word)
{
    const bool name = std::all_of(word.begin(), word.end(), [](QChar c) { return c.isLetter(); });
    const QString literal = QRegularExpression::escape(word);
    return name ? QStringLiteral("(?<![A-Za-z])%1(?![A-Za-z])").arg(literal) : literal;
}

// Signs instead of the words that plain text has for them.
QString formulaText(const std::string& plain)
{
    QString text = QString::fromStdString(plain);
    for (const auto& [word, sign] : {std::pair{" - ", " − "},
                                     {"sqrt", "√"},
                                     {"pi", "π"},
                                     {"^2", "²"},
                                     {"<=", "≤"},
                                     {">=", "≥"},
                                     {"alpha", "α"},
                                     {"eta", "η"},
                                     {"rho", "ρ"},
                                     {" x ", " · "}})
        text.replace(QRegularExpression(wholeWord(QString::fromUtf8(word))), QString::fromUtf8(sign));
    return text;
}

QString quantityText(const QString& symbol, const TypedQuantity& quantity)
{
    return QStringLiteral("%1 = %2").arg(symbol, figure(quantity.value, unitOf(quantity.dimension)));
}

// Every way to wire the coils, by rising load.
void addArrangements(SlateText& text, const NamedResult& named)
{
    const CalcValue& wired = named.results.at(0).second;
    const CalcValue& load = named.results.at(1).second;
    std::vector<size_t> order(wired.texts.size());
    for (size_t i = 0; i < order.size(); ++i) order[i] = i;
    std::stable_sort(order.begin(), order.end(),
                     [&](size_t a, size_t b) { return magnitudeOf(load, a) < magnitudeOf(load, b); });
    text.headline = Words::tr("%1 ways to wire them, %2 to %3")
                        .arg(order.size())
                        .arg(ohms(magnitudeOf(load, order.front())), ohms(magnitudeOf(load, order.back())));
    if (order.size() == 1) text.headline = Words::tr("one way to wire it: %1").arg(ohms(magnitudeOf(load, 0)));
    QStringList allowed, forbidden;
    for (const size_t i : order) {
        const QString entry =
            QStringLiteral("%1 %2").arg(QString::fromStdString(wired.texts[i]), ohms(magnitudeOf(load, i)));
        const bool below = named.results.size() > 2 && named.results[2].second.numbers.at(i) == 0.0;
        (below ? forbidden : allowed) << entry;
    }
    text.steps << Words::tr("a is the first coil; + in series, || side by side") << inRows(allowed);
    if (!forbidden.isEmpty()) text.steps << Words::tr("below the minimum:") << inRows(forbidden);
}

// Parts of a ladder, or candidates for a nominal impedance, in their order.
void addList(SlateText& text, const NamedResult& named)
{
    const CalcValue& left = named.results.at(0).second;
    const CalcValue& right = named.results.at(1).second;
    QStringList entries;
    for (size_t i = 0; i < left.numbers.size(); ++i)
        entries << QStringLiteral("%1 (%2 %3)")
                       .arg(figure(left.numbers[i].real(), core::unitOfName(named.results.at(0).first)),
                            outputFigure(named.results.at(1).first, magnitudeOf(right, i)),
                            labelOfOutput(named.results.at(1).first));
    for (size_t i = 0; i < left.texts.size(); ++i) {
        const QStringList part = QString::fromStdString(left.texts[i]).split(QStringLiteral(", "));  // "series L, H"
        entries << QStringLiteral("%1 %2").arg(part.front(), figure(magnitudeOf(right, i), part.back().toStdString()));
    }
    const QStringList rows = inRows(entries);
    text.headline = rows.isEmpty() ? Words::tr("nothing fits") : rows.front();
    text.steps << rows.mid(1);
}

QString resultText(const SlateAnswer& answer, size_t index)
{
    const auto& [name, value] = answer.named.results.at(index);
    if (!value.texts.empty()) {
        QStringList texts;
        for (const std::string& one : value.texts) texts << wordOf(one);
        return texts.join(QStringLiteral(", "));
    }
    // A preferred value has the unit of what was typed.
    if (answer.named.model == "preferred-value" && !answer.inputs.empty())
        return figure(magnitudeOf(value, 0), unitOf(answer.inputs.front().dimension));
    QStringList all;
    for (size_t i = 0; i < std::min(value.numbers.size(), kMostShown); ++i)
        all << outputFigure(name, magnitudeOf(value, i));
    if (value.numbers.size() > kMostShown) all << QStringLiteral("…");
    return all.join(QStringLiteral(", "));
}

}  // namespace

SlateText namedText(const SlateAnswer& answer)
{
    const NamedResult& named = answer.named;
    SlateText text;
    text.formula = formulaText(named.formula);
    QStringList typed, usual;
    for (size_t i = 0; i < answer.inputs.size(); ++i)
        typed << quantityText(QString::fromStdString(named.symbols.at(i)), answer.inputs[i]);
    for (const auto& [symbol, quantity] : named.usual) usual << quantityText(QString::fromStdString(symbol), quantity);
    if (!usual.isEmpty()) typed << Words::tr("as usual %1").arg(usual.join(QStringLiteral(",  ")));
    if (!typed.isEmpty()) text.steps << typed.join(QStringLiteral(",  "));
    if (named.model == "coil-arrangements") {
        addArrangements(text, named);
    } else if (named.results.size() == 2 && named.results.front().second.list) {
        addList(text, named);
    } else {
        QStringList results;
        for (size_t i = 0; i < named.results.size(); ++i)
            results << QStringLiteral("%1 %2").arg(labelOfOutput(named.results[i].first), resultText(answer, i));
        if (!results.isEmpty()) text.headline = results.takeFirst();
        text.steps << inRows(results);
    }
    for (const Warning& warning : named.warnings) text.steps << sentenceOf(warning);
    if (text.headline.isEmpty())
        text.headline = named.warnings.empty() ? Words::tr("nothing fits") : text.steps.takeLast();
    return text;
}

SlateText slateHelp()
{
    QStringList examples{QStringLiteral("68 uF 4 ohm"), QStringLiteral("390 Hz 4 ohm"), QStringLiteral("50 W 4 ohm"),
                         QStringLiteral("4 ohm || 8 ohm"), QStringLiteral("3x4 ohm min 2")};
    for (const NamedLine& line : namedLines())
        examples << QString::fromUtf8(line.example.data(), static_cast<qsizetype>(line.example.size()));
    return {Words::tr("Slate reads lines such as"), {}, inRows(examples)};
}

}  // namespace words
