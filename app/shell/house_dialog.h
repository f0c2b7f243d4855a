#pragma once

#include <QDialog>
#include <map>

#include "core/practice/practice.h"

class QButtonGroup;
class QCheckBox;
class QGridLayout;

namespace app {

class Theme;

// The house rules of a plan: every school of each with its reason, the usual one marked. Nothing is kept until OK.
class HouseDialog : public QDialog {
    Q_OBJECT
public:
    // ofShop  no plan is open: these are what new ones begin with
    HouseDialog(const Theme& theme, const core::Practice& practice, bool ofShop, QWidget* parent);

signals:
    void chosen(const std::map<core::PracticeKey, size_t>& schools, bool forNewPlans);

private:
    void addRule(QGridLayout& grid, core::PracticeKey rule, size_t school);

    const Theme& m_theme;
    std::map<core::PracticeKey, QButtonGroup*> m_schools{};
    QCheckBox* m_forNew = nullptr;
};

}  // namespace app
