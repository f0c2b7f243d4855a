#pragma once

#include <QWidget>

#include <vector>

#include "core/model/evaluation.h"

namespace app {

class Theme;

// The other speakers of the plan in one line, each drawn the same way and small: what lies before it, what it is. One
// that is picked is shown in their stead. Of two sides that follow one another the leading one; what finds no room here
// is on the plan of the places.
class OthersRow : public QWidget {
    Q_OBJECT
public:
    explicit OthersRow(const Theme& theme, QWidget* parent = nullptr);
    // shown  the speakers that the bench shows
    void present(const core::StageResult& stage, const std::vector<core::DeviceId>& shown);

signals:
    void placeChosen(core::PlaceId place);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void lay();

    const Theme& m_theme;
    std::vector<QWidget*> m_tiles{};
};

}  // namespace app
