#include "app/shell/settings_dialog.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/quiet_combo.h"
#include "app/widgets/typed_number.h"
#include "core/model/names.h"
#include "core/slate/quantity_text.h"
#include "words/doubt_words.h"
#include "words/job_words.h"
#include "words/language.h"

namespace app {
namespace {

constexpr core::Tool kTools[] = {core::Tool::PlasticPry,    core::Tool::CrossHead,  core::Tool::Camera,
                                 core::Tool::SolderOrCrimp, core::Tool::SideCutter, core::Tool::HexBattery,
                                 core::Tool::Tape};
constexpr core::Instrument kInstruments[] = {core::Instrument::Ohmmeter, core::Instrument::Ruler,
                                             core::Instrument::Voltmeter, core::Instrument::Microphone,
                                             core::Instrument::SoundCard};

QComboBox* languageBox(const QString& chosen, QWidget* parent)
{
    auto* box = new QuietCombo(parent);
    box->addItem(SettingsDialog::tr("as the desktop"), QString());
    for (const words::Language& one : words::languages()) box->addItem(one.name, one.code);
    box->setCurrentIndex(std::max(0, box->findData(chosen)));
    return box;
}

QComboBox* twoWays(const QString& first, const QString& second, bool isSecond, QWidget* parent)
{
    auto* box = new QuietCombo(parent);
    box->addItems({first, second});
    box->setCurrentIndex(isSecond ? 1 : 0);
    return box;
}

}  // namespace

SettingsDialog::SettingsDialog(const Theme& theme, const ShopSettings& shop, QWidget* parent)
    : QDialog(parent),
      m_shop(shop),
      m_name(new QLineEdit(shop.name, this)),
      m_currency(new QLineEdit(shop.currency, this)),
      m_rate(new QLineEdit(shop.hourlyRate > 0.0 ? words::plainNumber(shop.hourlyRate) : QString(), this)),
      m_saws(new QLineEdit(shop.saws, this)),
      m_folder(new QLineEdit(shop.sheetFolder, this)),
      m_units(twoWays(tr("millimetres first"), tr("inches first"), theme.units() == words::UnitSystem::Imperial, this)),
      m_paper(twoWays(tr("A4"), tr("Letter"), shop.letterPaper, this)),
      m_language(languageBox(shop.language, this)),
      m_answer(new PlainLabel(this))
{
    setWindowTitle(tr("Shop settings"));
    setObjectName(QStringLiteral("settingsDialog"));
    m_rate->setPlaceholderText(tr("75"));
    m_saws->setPlaceholderText(tr("44 51 60 68 76 mm"));
    auto* form = new QFormLayout;
    const std::tuple<QString, QWidget*, const char*> rows[] = {
        {tr("&Name of the shop"), m_name, "settingName"},
        {tr("&Currency"), m_currency, "settingCurrency"},
        {tr("Money for an &hour"), m_rate, "settingRate"},
        {tr("&Lengths"), m_units, "settingUnits"},
        {tr("&Paper"), m_paper, "settingPaper"},
        {tr("Hole &saws at hand"), m_saws, "settingSaws"},
        {tr("&Folder of vehicle sheets"), m_folder, "settingSheets"},
        {tr("Lan&guage, from the next start on"), m_language, "settingLanguage"}};
    for (const auto& [label, field, name] : rows) {
        field->setObjectName(QLatin1String(name));
        form->addRow(label, field);
    }
    auto* tools = new QGridLayout;
    int count = 0;
    for (const core::Tool tool : kTools) {
        auto* box = new QCheckBox(words::nameOf(tool), this);
        box->setObjectName(QStringLiteral("tool%1").arg(static_cast<int>(tool)));
        box->setChecked(!shop.missing.contains(tool));
        m_tools[tool] = box;
        tools->addWidget(box, count / 2, count % 2);
        ++count;
    }
    auto* instruments = new QGridLayout;
    count = 0;
    for (const core::Instrument one : kInstruments) {
        auto* box = new QCheckBox(words::nameOf(one), this);
        box->setObjectName(QStringLiteral("bay_%1").arg(QString::fromStdString(std::string(core::textOf(one)))));
        box->setChecked(shop.bay.contains(one));
        m_bay[one] = box;
        instruments->addWidget(box, count / 2, count % 2);
        ++count;
    }
    m_answer->setObjectName(QStringLiteral("settingsAnswer"));
    m_answer->setWordWrap(true);
    m_answer->hide();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    for (QAbstractButton* button : buttons->buttons()) button->setIcon({});  // words are enough
    buttons->button(QDialogButtonBox::Ok)->setObjectName(QStringLiteral("settingsOk"));
    buttons->button(QDialogButtonBox::Cancel)->setObjectName(QStringLiteral("settingsCancel"));
    connect(buttons, &QDialogButtonBox::accepted, this, &SettingsDialog::acceptIfFine);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(new PlainLabel(tr("Instruments in the bay:"), this));
    layout->addLayout(instruments);
    layout->addWidget(new PlainLabel(tr("Tools the shop owns:"), this));
    layout->addLayout(tools);
    layout->addWidget(m_answer);
    layout->addWidget(buttons);
    resize(theme.px(460), sizeHint().height());
}

void SettingsDialog::acceptIfFine()
{
    const auto rate = m_rate->text().trimmed().isEmpty() ? std::optional(0.0) : typedNumber(m_rate->text());
    if (!rate || *rate < 0.0 || *rate > 1e6) {
        m_answer->setText(tr("Money for an hour: found '%1', expected a plain number such as 75.").arg(m_rate->text()));
        m_answer->show();
        return m_rate->setFocus();
    }
    m_shop.name = m_name->text().trimmed();
    m_shop.currency = m_currency->text().trimmed();
    m_shop.hourlyRate = *rate;
    m_shop.letterPaper = m_paper->currentIndex() == 1;
    m_shop.saws = m_saws->text().trimmed();
    m_shop.sheetFolder = m_folder->text().trimmed();
    m_shop.language = m_language->currentData().toString();
    m_shop.missing.clear();
    for (const auto& [tool, box] : m_tools)
        if (!box->isChecked()) m_shop.missing.insert(tool);
    m_shop.bay.clear();
    for (const auto& [instrument, box] : m_bay)
        if (box->isChecked()) m_shop.bay.insert(instrument);
    if (!m_shop.bay.contains(core::Instrument::Ohmmeter)) m_shop.missing.insert(core::Tool::Ohmmeter);
    emit chosen(m_shop, m_units->currentIndex() == 1);
    accept();
}

}  // namespace app
