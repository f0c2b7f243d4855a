#include "app/asks/fastener_text.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <QStringList>
#include <algorithm>

#include "words/survey_words.h"

namespace app {
namespace {

bool matches(const QString& word, const char* pattern)
{
    static const auto kWhole = [](const char* inner) {
        return QRegularExpression(QRegularExpression::anchoredPattern(QLatin1String(inner)),
                                  QRegularExpression::CaseInsensitiveOption);
    };
    return kWhole(pattern).match(word).hasMatch();
}

constexpr const char* kNumber = "[0-9]+([.,][0-9]+)?(/[0-9]+)?";
constexpr const char* kUnit = "mm|in|inch|\"";
constexpr const char* kHex = "allen|hex|hexagon";

// Without the commas of a list; those of a number stay.
QString listed(const QString& text)
{
    static const QRegularExpression kListComma(QStringLiteral("(?<![0-9]),|,(?![0-9])"));
    return text.simplified().remove(kListComma);
}

class FastenerReader {
public:
    explicit FastenerReader(const QString& text) : m_words(listed(text).split(QLatin1Char(' '), Qt::SkipEmptyParts)) {}

    std::optional<core::Fastener> read()
    {
        takeCount();
        const QString hidden = QCoreApplication::translate("FastenerText", "hidden");
        m_fastener.hidden = m_words.removeIf([&](const QString& word) { return isOne(word, hidden); }) > 0;
        const bool kind = takeKind();
        const bool size = takeSize();
        if (!kind && !size) return std::nullopt;
        if (!kind) m_fastener.kind = m_hex || isWidth() ? core::FastenerKind::Bolt : core::FastenerKind::Screw;
        m_fastener.where = m_words.join(QLatin1Char(' ')).toStdString();
        return m_fastener;
    }

private:
    // Over flats: a number with its unit.
    [[nodiscard]] bool isWidth() const { return !m_fastener.size.empty() && std::isdigit(m_fastener.size.front()); }

    // "10 mm nut" is one nut.
    void takeCount()
    {
        const QStringList spelt = QCoreApplication::translate("FastenerText",
                                                              "one two three four five six seven eight nine ten "
                                                              "eleven twelve")
                                      .split(QLatin1Char(' '));
        if (m_words.isEmpty()) return;
        bool counted = false;
        int count = m_words.front().toInt(&counted);
        if (counted && m_words.size() > 1 && matches(m_words[1], kUnit)) return;
        if (const auto at = spelt.indexOf(m_words.front().toLower()); at >= 0) {
            count = static_cast<int>(at) + 1;
            counted = true;
        } else if (isOne(m_words.front(), QCoreApplication::translate("FastenerText", "a"))) {
            count = 1;
            counted = true;
        }
        if (!counted) return;
        m_fastener.count = std::clamp(count, 0, 200);
        m_words.removeFirst();
    }

    // The word itself, or as it ends in the sentence: "screws", "an"; "Schrauben", "Clips", "verdeckte", "eine".
    static bool isOne(const QString& word, const QString& meant)
    {
        return matches(word, QRegularExpression::escape(meant).toUtf8() + "(s|e|n|en)?");
    }

    bool takeKind()
    {
        using core::FastenerKind;
        for (qsizetype i = 0; i < m_words.size(); ++i)
            for (const FastenerKind kind :
                 {FastenerKind::PushPin, FastenerKind::Screw, FastenerKind::Bolt, FastenerKind::Nut, FastenerKind::Clip,
                  FastenerKind::Rivet, FastenerKind::Hook}) {
                const QString name = words::nameOf(kind);
                const QString last = name.section(QLatin1Char(' '), -1);  // "pin" of a push pin
                if (!isOne(m_words[i], last)) continue;
                m_fastener.kind = kind;
                m_words.removeAt(i);
                if (name.contains(QLatin1Char(' ')) && i > 0) m_words.removeAt(--i);
                m_kindAt = i;
                return true;
            }
        return false;
    }

    bool takeSize()
    {
        for (qsizetype i = 0; i < m_words.size(); ++i) {
            qsizetype end = i;
            if (matches(m_words[i], "(T|PH|PZ|M)[0-9]+([.,][0-9]+)?|[0-9.,]+mm"))
                end = i + 1;
            else if (matches(m_words[i], kNumber) && i + 1 < m_words.size() && matches(m_words[i + 1], kUnit))
                end = i + 2;
            else if (i == m_kindAt && matches(m_words[i], kNumber))
                end = i + 1;  // "12 rivets 4.8"
            if (end == i) continue;
            QStringList size = m_words.mid(i, end - i);
            if (end < m_words.size() && matches(m_words[end], kHex)) {
                m_hex = true;
                size << QStringLiteral("hex");
                ++end;
            }
            m_words.remove(i, end - i);
            m_fastener.size = size.join(QLatin1Char(' ')).toStdString();
            return true;
        }
        return false;
    }

    QStringList m_words{};
    core::Fastener m_fastener{};
    qsizetype m_kindAt = -1;
    bool m_hex = false;
};

}  // namespace

std::optional<core::Fastener> fastenerFromText(const QString& text)
{
    return FastenerReader(text).read();
}

}  // namespace app
