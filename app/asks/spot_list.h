#pragma once

#include <QWidget>

#include "app/asks/survey.h"
#include "core/model/edit.h"

namespace app {

// The usual spots where nothing is noted yet, as buttons: what the drawing offers, for whoever does not point at it.
class SpotList : public QWidget {
    Q_OBJECT
public:
    enum class Reach { Everywhere, NearThePlace };
    explicit SpotList(Reach reach, QWidget* parent = nullptr);
    void present(const Survey& survey);

signals:
    void edited(const core::Edit& edit);

private:
    Reach m_reach;
    Survey m_survey{};
    std::vector<core::UsualSpot> m_spots{};  // as they are shown
    bool m_planned = false;
};

// The spots that are still open: all of them, or those that a lead at the picked place reaches within the same panel.
[[nodiscard]] std::vector<core::UsualSpot> spotsFor(const Survey& survey, SpotList::Reach reach);

}  // namespace app
