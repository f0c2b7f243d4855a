// Everything that the window says is said in the language of its user: in a language of which every vowel has dots, no
// text may be drawn, told as a tip or read aloud that has none. What people named (places, parts, colours), and units
// as they are typed, stay as they are.
#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QAction>
#include <QApplication>
#include <QDialog>
#include <QRegularExpression>
#include <QTest>
#include <QTextBrowser>
#include <QTranslator>
#include <set>
#include <string_view>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "core/io/plan_file.h"
#include "core/shipped/shipped.h"
#include "tests/app/contrast_probe.h"
#include "tests/app/window_driver.h"

namespace {

// Says everything as it stands, with dots on its vowels; placeholders stay. Notes what a real language has no word for.
class Dotted : public QTranslator {
public:
    Dotted() { EXPECT_TRUE(german.load(QStringLiteral(":/languages/golden-reed_de.qm"))); }
    [[nodiscard]] bool isEmpty() const override { return false; }
    [[nodiscard]] QString translate(const char* context, const char* text, const char* which, int n) const override
    {
        const bool toolkit = *context == 'Q' && std::string_view(context) != "QObject";
        if (!toolkit && german.translate(context, text, which, n).isEmpty())
            missing.insert(std::string(context) + ": " + text);
        QString dotted = QString::fromUtf8(text);
        for (QChar& c : dotted) {
            const qsizetype at = QStringLiteral("aeiouAEIOU").indexOf(c);
            if (at >= 0) c = QStringLiteral("äëïöüÄËÏÖÜ")[at];
        }
        // A number in place of %n is Qt's matter, the letter of a placeholder too: neither is a vowel.
        return dotted;
    }

    QTranslator german{};
    mutable std::set<std::string> missing{};
};

std::set<QString> wordsOf(const QString& text)
{
    static const QRegularExpression kWord(QStringLiteral("[A-Za-z]{3,}+(?!…)"));  // what is cut off is no word
    std::set<QString> words;
    for (auto match = kWord.globalMatch(text); match.hasNext();) words.insert(match.next().captured());
    return words;
}

class PseudoLanguage : public testing::Test {
protected:
    PseudoLanguage()
    {
        QCoreApplication::installTranslator(&dotted);
        driver = std::make_unique<tests::WindowDriver>(theme);
        driver->window().resize(1280, 800);
        for (const std::string_view file : {core::shippedDemoText(), core::shippedTroubleText(),
                                            core::shippedShelfText(), core::shippedVehiclesText()})
            allow(QString::fromUtf8(file.data(), static_cast<qsizetype>(file.size())));
        // Units as they are typed, what the answering line was asked, and the letters of its formulas.
        allow(QStringLiteral("ohm awg drop contacts return min"));
    }
    ~PseudoLanguage() override
    {
        driver.reset();
        QCoreApplication::removeTranslator(&dotted);
        for (const std::string& text : dotted.missing) ADD_FAILURE() << "no German for " << text;
    }
    void allow(const QString& text) { data.merge(wordsOf(text)); }

    void check(const QString& text, const char* where)
    {
        for (const QString& word : wordsOf(text)) {
            const bool code = word == word.toUpper();  // of a rule, of a file format, a gauge
            if (code || !word.contains(kVowel) || data.contains(word) || !said.insert(word).second) continue;
            ADD_FAILURE() << where << ": '" << word.toStdString() << "' in '" << text.left(120).toStdString() << "'";
        }
    }
    void look(const char* where) { look(driver->window(), where); }
    void look(QWidget& view, const char* where)
    {
        QTest::qWait(20);
        for (const tests::DrawnText& text : tests::drawnTexts(view)) check(text.text, where);
        for (const QWidget* widget : view.findChildren<QWidget*>()) {
            if (!widget->isVisible() || widget->objectName().startsWith(QLatin1String("qt_"))) continue;
            check(widget->toolTip(), where);
            check(widget->accessibleName(), where);
            check(widget->accessibleDescription(), where);
        }
    }

    Dotted dotted{};
    app::Theme theme{*qApp};
    std::unique_ptr<tests::WindowDriver> driver{};
    std::set<QString> data{}, said{};
    const QRegularExpression kVowel{QStringLiteral("[aeiouAEIOU]")};
};

TEST_F(PseudoLanguage, IsSpokenOnTheStartPage)
{
    look("start");
    driver->openSlate(QStringLiteral("drop 60 A 5 m awg 4"));
    look("slate");
}

TEST_F(PseudoLanguage, IsSpokenOnTheWalkRound)
{
    driver->openShipped(false);
    driver->key(Qt::Key_1, Qt::ControlModifier);
    for (const char* topic : {"topicVehicle", "topicSources", "topicInventory"}) {
        driver->click(topic);
        look(topic);
    }
    for (const char* ask : {"askMeasures", "askVariant", "askHazards"}) {
        driver->click("topicVehicle");
        driver->click(ask);
        look(ask);
    }
    driver->click("topicSources");
    for (const char* ask : {"askPower", "askBand", "askOutputs", "askPins", "askSupply", "askAnother", "askFeeds"}) {
        driver->click(ask);
        look(ask);
    }
    driver->openCustomer();
    look("customer");
    for (const char* ask : {"askWish", "askHearing"}) {
        driver->click(ask);
        look(ask);
    }
    driver->clickThing(QStringLiteral("rear left"));
    for (const char* ask : {"askHole", "askDepth", "askWay", "askCover", "askLining", "askWires", "askSides",
                            "askWayIn", "askNearby", "askDriver"}) {
        driver->click(ask);
        look(ask);
    }
    driver->key(Qt::Key_F1);
    look("help");
}

TEST_F(PseudoLanguage, IsSpokenInSplit)
{
    driver->openShipped(false);
    driver->key(Qt::Key_4, Qt::ControlModifier);
    allow(QStringLiteral("FL FR ML MR RL RR"));  // as the channels are called on the radio
    driver->settle();
    look("split");
    driver->click("dot_p34");
    driver->settle();
    look("a tweeter");
    driver->click("knobHighPass");
    look("a value that is open");
}

TEST_F(PseudoLanguage, IsSpokenInMatchAndOnTheJobCard)
{
    driver->openShipped(true);
    look("a plan with trouble");
    driver->click("moreFindings");
    look("all findings");
    driver->click("showFigures");
    look("figures");
    driver->key(Qt::Key_9, Qt::ControlModifier);
    look("job card");
    check(driver->window().findChild<QTextBrowser*>(QStringLiteral("jobCardPreview"))->toPlainText(), "the card");
    driver->key(Qt::Key_3, Qt::ControlModifier);
    driver->click("openShelf");
    QTest::qWait(50);
    look(*driver->window().findChild<QDialog*>(QStringLiteral("shelfDialog")), "shelf");
    driver->click("shelfClose");
    driver->window().findChild<QAction*>(QStringLiteral("actionSettings"))->trigger();
    allow(QStringLiteral("English Deutsch Letter"));  // each language in itself
    allow(driver->folder() + QStringLiteral("/sheets"));
    look(*driver->window().findChild<QDialog*>(QStringLiteral("settingsDialog")), "settings");
    driver->click("settingsCancel");
    driver->window().findChild<QAction*>(QStringLiteral("actionHouseRules"))->trigger();
    look(*driver->window().findChild<QDialog*>(QStringLiteral("houseDialog")), "house rules");
    driver->click("houseCancel");
    driver->window().findChild<QAction*>(QStringLiteral("actionIntake"))->trigger();
    look(*driver->window().findChild<QDialog*>(QStringLiteral("intakeDialog")), "a file to take in");
}

}  // namespace
