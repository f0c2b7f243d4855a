#pragma once

#include <QKeySequence>
#include <QWidget>
#include <algorithm>
#include <string>
#include <string_view>
#include <vector>

#include "app/session/shop_settings.h"
#include "app/session/snapshot.h"
#include "core/model/edit.h"

class QSettings;

namespace app {

// One station of the path: how the rail and the menu call it, what it shows of a plan, what it reports. The window
// knows stations only by this; it hands them snapshots and hands their edits to the session.
class Station : public QWidget {
    Q_OBJECT
public:
    struct Sign {
        QString name{};             // its button is called stationNAME, its menu entry actionNAME
        QString title{};            // on the rail
        QString menuText{};         // with its letter
        int digit = 0;              // with Ctrl
        QString keys{};             // the keys of its own, for the help
        std::vector<std::string> rules{};  // how the codes of its findings begin; none: it has none of its own
        bool scrolls = false;       // large type or a low window: it scrolls, nothing is cut off
        bool tracesFolded = false;  // at first
    };
    explicit Station(Sign sign, QWidget* parent = nullptr) : QWidget(parent), m_sign(std::move(sign)) {}
    [[nodiscard]] const Sign& sign() const { return m_sign; }
    [[nodiscard]] QKeySequence shortcut() const { return QKeySequence(Qt::CTRL | (Qt::Key_0 + m_sign.digit)); }

    // Only while it is the one that is open.
    virtual void present(const SharedSnapshot& snapshot, core::ListenerId listener) = 0;
    // What waits there, as the rail says it.
    [[nodiscard]] virtual QString owed(const Snapshot& snapshot) const = 0;
    // Whether a plan that was just opened is to be looked at here rather than at the first station.
    [[nodiscard]] virtual bool wantsToBeFirst(const Snapshot&) const { return false; }
    virtual void startAfresh() {}  // another plan: nothing chosen in the last one counts
    virtual void setShop(const ShopSettings&) {}
    virtual void setBay(bool) {}

    // What is kept from one session to the next of how somebody works here.
    virtual void recall(const QSettings&) {}
    virtual void keep(QSettings&) const {}

    // What stands under the findings while this station is open; nothing: nothing does.
    [[nodiscard]] virtual QWidget* aside() { return nullptr; }

    // What F6 goes through here, one after the other.
    [[nodiscard]] virtual std::vector<QWidget*> areas() { return {this}; }

    [[nodiscard]] bool isOwn(const core::Finding& finding) const
    {
        const std::string_view code = core::code(finding.rule);
        return std::any_of(m_sign.rules.begin(), m_sign.rules.end(),
                           [&](const std::string& start) { return code.starts_with(start); });
    }

    // What is picked here; nothing: nothing can be.
    [[nodiscard]] virtual core::DeviceId chosenDevice() const { return {}; }
    [[nodiscard]] virtual core::PlaceId place() const { return {}; }
    // Picked at another station, shown with the next snapshot.
    virtual void takePlace(core::PlaceId) {}

    // A mend that somebody with a meter or a ruler has to carry out is asked for where readings are taken.
    [[nodiscard]] virtual bool takesReadings() const { return false; }
    virtual void askForReading(core::DeviceId, core::StageId) {}
    virtual void askForMeasure(core::DeviceId, core::Quantity) {}

protected:
    // How many findings of its own there are, as the rail says it.
    [[nodiscard]] QString ownFindings(const Snapshot& snapshot) const;

signals:
    void edited(const core::Edit& edit);
    void dragged(const core::Edit& edit);
    void dragEnded(bool keep);
    void chosen();       // another thing: the traces follow it
    void placeChosen();  // everything is to be shown again
    void seatChosen(core::ListenerId listener);
    void shelfAsked();
    void said(const QString& text);

private:
    Sign m_sign;
};

}  // namespace app
