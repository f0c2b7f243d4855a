#pragma once

#include <QDialog>

#include "app/session/shop_settings.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;

namespace app {

class Theme;

// The shop's settings: what it is called, its money, paper, units and tools. Nothing is kept until OK.
class SettingsDialog : public QDialog {
    Q_OBJECT
public:
    SettingsDialog(const Theme& theme, const ShopSettings& shop, QWidget* parent);

signals:
    void chosen(const app::ShopSettings& shop, bool inches);

private:
    void acceptIfFine();

    ShopSettings m_shop;
    QLineEdit* m_name;
    QLineEdit* m_currency;
    QLineEdit* m_rate;
    QLineEdit* m_saws;
    QLineEdit* m_folder;
    QComboBox* m_units;
    QComboBox* m_paper;
    QComboBox* m_language;
    std::map<core::Tool, QCheckBox*> m_tools{};
    std::map<core::Instrument, QCheckBox*> m_bay{};
    QLabel* m_answer;
};

}  // namespace app
