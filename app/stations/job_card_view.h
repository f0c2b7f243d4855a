#pragma once

#include "app/stations/station.h"
#include "core/base/result.h"

class QTextBrowser;

namespace app {

class Theme;

// Station 9: the job as it will lie on the bench, and its way to paper and to other programs.
class JobCardView : public Station {
    Q_OBJECT
public:
    explicit JobCardView(const Theme& theme, QWidget* parent = nullptr);
    void present(const SharedSnapshot& snapshot, core::ListenerId listener) override;
    [[nodiscard]] QString owed(const Snapshot& snapshot) const override;
    void setShop(const ShopSettings& shop) override;

    [[nodiscard]] core::Result<void> writePdf(const QString& path) const;
    // Steps, wires and parts, each a table of its own: NAME-steps.csv, NAME-wiring.csv, NAME-parts.csv. Asks before it
    // writes over any of them, and says what was written or what could not be.
    void saveCsv(const QString& path);

private:
    [[nodiscard]] std::vector<std::pair<QString, std::string>> tables(const QString& path) const;
    void askForPdf();
    void askForCsv();

    const Theme& m_theme;
    ShopSettings m_shop{};
    QTextBrowser* m_preview;
    SharedSnapshot m_snapshot{};
};

}  // namespace app
