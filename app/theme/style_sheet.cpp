#include "app/theme/style_sheet.h"

#include "app/theme/theme.h"

namespace app {
namespace {

// @name is a token, ~n~ a length in pixels at normal zoom.
constexpr const char* kSheet = R"(
QMainWindow, QDialog, QScrollArea, #stationPage, #centre { background: @paper; }
QLabel[role="quiet"] { color: @ink2; }
QLabel[role="strong"] { font-weight: bold; }
QLabel[role="wired"] { color: @goldText; font-weight: bold; }
QLabel[role="turned"] { color: @rust; }
QLabel[role="bad"] { color: @clay; }
QPushButton, QToolButton {
    background: @raised; border: 1px solid @rule; border-radius: ~14~px; padding: ~3~px ~12~px; min-height: ~24~px;
}
QPushButton:hover, QToolButton:hover { border-color: @goldText; }
QPushButton:checked, QPushButton[role="mend"], QPushButton:default { background: @goldTint; border-color: @goldText; font-weight: bold; }
QPushButton:focus, QToolButton:focus { border: 2px solid @goldText; padding: ~2~px ~11~px; }
QPushButton[role="measure"] { border-radius: ~4~px; padding: ~2~px ~6~px; min-height: ~26~px; }
QPushButton[role="measure"]:focus { padding: ~1~px ~5~px; }
QPushButton[role="measure"][unknown="true"] { background: @paper; color: @clay; border: 1px dashed @clay; }
QPushButton[role="measure"][unknown="true"]:focus, QPushButton[role="measure"][unknown="true"]:checked { border: 2px solid @goldText; padding: ~1~px ~5~px; }
QPushButton[role="why"] { background: transparent; border: 1px solid transparent; color: @ink2; padding: ~2~px ~6~px; font-size: ~12~px; font-weight: normal; }
QPushButton[role="why"]:hover { border-color: @rule; } QPushButton[role="why"]:focus { border: 2px solid @goldText; padding: ~1~px ~5~px; }
QPushButton[role="planned"] { border: 2px dashed @goldText; background: @goldTint; padding: ~2~px ~11~px; }
QPushButton[role="topic"] { border-radius: ~4~px; padding: ~3~px ~8~px; }
QToolButton[role="ask"] { background: transparent; border: 1px solid transparent; text-align: left; padding: ~3~px ~2~px; font-weight: bold; }
QToolButton[role="ask"]:focus { border: 2px solid @goldText; padding: ~2~px ~1~px; }
QPushButton[role="column"] { text-align: right; font-weight: normal; background: transparent; border: 1px solid transparent; border-radius: 0; color: @ink2; padding: 0; min-height: ~20~px; font-size: ~12~px; }
QPushButton[role="column"][side="left"] { text-align: left; }
QPushButton[role="column"]:hover { color: @ink; border-color: transparent; }
QPushButton[role="column"]:checked { color: @ink; border-bottom: 2px solid @goldText; background: transparent; }
QPushButton[role="column"]:focus { border: 2px solid @goldText; }
QPushButton:disabled { color: @ink2; }
QLineEdit {
    background: @raised; border: 1px solid @rule; border-radius: ~4~px; padding: ~3~px ~8~px; min-height: ~24~px;
    selection-background-color: @goldTint; selection-color: @ink;
}
QLineEdit:focus { border: 2px solid @goldText; padding: ~2~px ~7~px; }
QComboBox { min-height: ~30~px; padding: 0 ~6~px; }
QComboBox QAbstractItemView { background: @raised; color: @ink; selection-background-color: @goldTint; selection-color: @ink; }
QTextBrowser, QListView { background: @raised; border: 1px solid @rule; border-radius: ~4~px; }
QListView:focus, QTextBrowser:focus { border: 2px solid @goldText; }
#inventoryList::item, #continuityList::item { padding: ~6~px ~4~px; border-bottom: 1px solid @rule; }
#inventoryList::item:selected, #continuityList::item:selected { background: @goldTint; color: @ink; }
QTableView { background: @raised; border: 1px solid @rule; gridline-color: @rule; selection-background-color: @goldTint; selection-color: @ink; }
QTableView:focus { border: 2px solid @goldText; }
QHeaderView { background: @paper; } QHeaderView::section { background: @paper; color: @ink2; border: 0; border-bottom: 1px solid @rule; border-right: 1px solid @rule; padding: ~3~px ~6~px; }
QTableCornerButton::section { background: @paper; border: 0; }
QCheckBox::indicator { width: ~15~px; height: ~15~px; background: @raised; border: 1px solid @ink2; border-radius: ~3~px; }
QCheckBox::indicator:checked { background: @gold; border: 1px solid @goldText; }
QCheckBox:focus { outline: none; border-bottom: 2px solid @goldText; }
QRadioButton { padding: ~2~px 0; border-bottom: 2px solid transparent; }
QRadioButton::indicator { width: ~14~px; height: ~14~px; background: @raised; border: 1px solid @ink2; border-radius: ~8~px; }
QRadioButton::indicator:checked { background: @gold; border: 1px solid @goldText; }
QRadioButton:focus { outline: none; border-bottom: 2px solid @goldText; }
QMenuBar { background: @paper; } QMenuBar::item { padding: ~5~px ~10~px; background: transparent; }
QMenuBar::item:selected, QMenu::item:selected { background: @goldTint; color: @ink; }
QMenu { background: @raised; border: 1px solid @rule; } QMenu::item { padding: ~5~px ~22~px; }
QSplitter::handle { background: @rule; }
QFrame[role="slip"] { background: @raised; border: 1px solid @rule; border-radius: ~2~px; }
QFrame[role="notice"] { background: @goldTint; border: 1px solid @goldText; border-radius: ~2~px; }
QFrame[role="slate"] { background: @raised; border: 1px solid @goldText; }
QScrollArea { border: none; } #findingsColumn { border: 2px solid @paper; } #findingsColumn:focus { border: 2px solid @goldText; }
QFrame[role="slate"] QScrollArea { background: @raised; }
QScrollBar:vertical { background: @paper; width: ~12~px; } QScrollBar::handle:vertical { background: @ink2; border-radius: ~5~px; min-height: ~30~px; }
QScrollBar:horizontal { background: @paper; height: ~12~px; } QScrollBar::handle:horizontal { background: @ink2; border-radius: ~5~px; min-width: ~30~px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QProgressBar { background: @raised; border: 1px solid @ink2; border-radius: ~4~px; max-height: ~14~px; } QProgressBar::chunk { background: @goldText; }
QToolTip { background: @raised; color: @ink; border: 1px solid @rule; }
)";

}  // namespace

QString styleSheet(const Theme& theme)
{
    const Tokens& tokens = theme.tokens();
    QString sheet = QString::fromLatin1(kSheet);
    // Longer names first: @ink2 holds @ink.
    const std::pair<const char*, QColor> colours[] = {{"@goldTint", tokens.goldTint},
                                                      {"@goldText", tokens.goldText},
                                                      {"@gold", tokens.gold},
                                                      {"@raised", tokens.raised},
                                                      {"@paper", tokens.paper},
                                                      {"@ink2", tokens.ink2},
                                                      {"@rule", tokens.rule},
                                                      {"@clay", tokens.clay},
                                                      {"@rust", tokens.rust},
                                                      {"@ink", tokens.ink}};
    for (const auto& [name, colour] : colours) sheet.replace(QLatin1String(name), colour.name());
    QString sized;
    const QStringList pieces = sheet.split(QLatin1Char('~'));
    for (int i = 0; i < pieces.size(); ++i)
        sized += i % 2 == 1 ? QString::number(theme.px(pieces[i].toDouble())) : pieces[i];
    return sized;
}

}  // namespace app
