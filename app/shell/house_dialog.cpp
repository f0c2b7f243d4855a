#include "app/shell/house_dialog.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QPushButton>
#include <QRadioButton>
#include <QVBoxLayout>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "core/model/names.h"
#include "core/practice/house_rules.h"
#include "words/house_words.h"

namespace app {

HouseDialog::HouseDialog(const Theme& theme, const core::Practice& practice, bool ofShop, QWidget* parent)
    : QDialog(parent), m_theme(theme)
{
    setWindowTitle(ofShop ? tr("House rules of the shop") : tr("House rules of this plan"));
    setObjectName(QStringLiteral("houseDialog"));
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(theme.px(12));
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(theme.px(4));
    grid->setHorizontalSpacing(theme.px(16));
    grid->setColumnStretch(1, 1);
    layout->addLayout(grid);
    for (const core::PracticeKey rule : core::houseRules(practice))
        addRule(*grid, rule, core::schoolOf(practice, rule));
    m_forNew = new QCheckBox(tr("&New jobs begin with these, too"), this);
    m_forNew->setObjectName(QStringLiteral("houseForNew"));
    m_forNew->setChecked(ofShop);
    m_forNew->setVisible(!ofShop);
    layout->addWidget(m_forNew, 0, Qt::AlignLeft);
    layout->addStretch();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    for (QAbstractButton* button : buttons->buttons()) button->setIcon({});  // words are enough
    buttons->button(QDialogButtonBox::Ok)->setObjectName(QStringLiteral("houseOk"));
    buttons->button(QDialogButtonBox::Cancel)->setObjectName(QStringLiteral("houseCancel"));
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(buttons, &QDialogButtonBox::accepted, this, [this] {
        std::map<core::PracticeKey, size_t> schools;
        for (const auto& [rule, group] : m_schools) schools[rule] = static_cast<size_t>(group->checkedId());
        emit chosen(schools, m_forNew->isChecked());
        accept();
    });
    layout->addWidget(buttons);
    const int width = theme.px(760);
    resize(width, layout->totalHeightForWidth(width));
}

void HouseDialog::addRule(QGridLayout& grid, core::PracticeKey rule, size_t school)
{
    const words::HouseRuleText text = words::textOf(rule);
    const QString name = QString::fromUtf8(core::textOf(rule));
    auto* question = new PlainLabel(text.question, this);
    question->setProperty("role", "strong");
    int row = grid.rowCount();
    if (row > 1) grid.setRowMinimumHeight(row++, m_theme.px(6));
    grid.addWidget(question, row++, 0, 1, 2);
    auto* group = new QButtonGroup(this);
    for (size_t i = 0; i < text.schools.size(); ++i, ++row) {
        const int rank = static_cast<int>(i);
        auto* one = new QRadioButton(i == 0 ? tr("%1 (usual)").arg(text.schools[i].name) : text.schools[i].name, this);
        one->setObjectName(QStringLiteral("%1_%2").arg(name).arg(rank));
        one->setAccessibleDescription(text.schools[i].reason);
        one->setChecked(i == school);
        group->addButton(one, rank);
        grid.addWidget(one, row, 0, Qt::AlignLeft | Qt::AlignTop);
        auto* reason = new PlainLabel(text.schools[i].reason, this);
        reason->setProperty("role", "quiet");
        reason->setWordWrap(true);
        reason->setContentsMargins(0, m_theme.px(3), 0, 0);  // on one line with the name
        grid.addWidget(reason, row, 1, Qt::AlignTop);
    }
    m_schools[rule] = group;
}

}  // namespace app
