#include "app/asks/spot_list.h"

#include <QPushButton>
#include <cmath>

#include "app/widgets/clear_layout.h"
#include "app/widgets/drawn_things.h"
#include "app/widgets/flow_layout.h"
#include "core/edits/survey_edits.h"
#include "words/made_names.h"
#include "words/survey_words.h"

namespace app {

std::vector<core::UsualSpot> spotsFor(const Survey& survey, SpotList::Reach reach)
{
    constexpr double kNear_m = 0.8;
    std::vector<core::UsualSpot> open = openSpots(survey.plan(), survey.shop().vehicles);
    const core::Place* place = survey.placeThere();
    if (reach == SpotList::Reach::Everywhere || !place) return open;
    std::erase_if(open, [&](const core::UsualSpot& spot) {
        core::Vec3 at_m = place->frame.at_m;
        at_m.y = std::abs(at_m.y);  // a spot is told with its left side
        return core::distance(at_m, spot.frame.at_m) > kNear_m;
    });
    return open;
}

SpotList::SpotList(Reach reach, QWidget* parent) : QWidget(parent), m_reach(reach)
{
    setLayout(new FlowLayout(6));
}

void SpotList::present(const Survey& survey)
{
    m_survey = survey;
    std::vector<core::UsualSpot> spots = spotsFor(survey, m_reach);
    const bool same = survey.planning() == m_planned && layout()->count() > 0 &&
                      std::equal(spots.begin(), spots.end(), m_spots.begin(), m_spots.end(),
                                 [](const core::UsualSpot& a, const core::UsualSpot& b) { return a.name == b.name; });
    if (same) return;
    m_planned = survey.planning();
    m_spots = std::move(spots);
    const KeepFocus keys(*this);
    clearLayout(*layout());
    for (size_t i = 0; i < m_spots.size(); ++i) {
        const QString name = words::named(m_spots[i].name);
        auto* button = new QPushButton(name, this);
        button->setObjectName(QStringLiteral("spot_%1").arg(QString::fromStdString(m_spots[i].name)));
        button->setToolTip(tr("A %1, as is usual there").arg(words::nameOfClass(m_spots[i].driverClass)));
        button->setAccessibleName(m_planned ? tr("Add as planned: %1").arg(name) : tr("Add: %1").arg(name));
        button->setProperty("role", m_planned ? "planned" : "spot");
        connect(button, &QPushButton::clicked, this, [this, i] {
            emit edited(core::addSpeakers(m_survey.plan(), m_survey.stage, m_spots[i], m_survey.practice()));
        });
        layout()->addWidget(button);
    }
}

}  // namespace app
