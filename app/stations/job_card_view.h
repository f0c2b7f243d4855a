#pragma once

#include <QWidget>

#include "app/shop_settings.h"
#include "core/base/result.h"
#include "app/snapshot.h"
#include "core/io/shop.h"

class QTextBrowser;

namespace app {

class Theme;

// Station 9: the job as it will lie on the bench, and its way to paper and to other programs.
class JobCardView : public QWidget {
    Q_OBJECT
public:
    JobCardView(const Theme& theme, const core::Shop& shop, QWidget* parent = nullptr);
    void present(const Snapshot& snapshot);
    void setShop(const ShopSettings& shop);

    [[nodiscard]] core::Result<void> writePdf(const QString& path) const;
    // Steps, wires and parts, each a table of its own: NAME-steps.csv, NAME-wiring.csv, NAME-parts.csv. Asks before it
    // writes over any of them, and says what was written or what could not be.
    void saveCsv(const QString& path);

signals:
    void said(const QString& text);

private:
    [[nodiscard]] std::vector<std::pair<QString, std::string>> tables(const QString& path) const;
    void askForPdf();
    void askForCsv();

    const Theme& m_theme;
    const core::Shop& m_sold;
    ShopSettings m_shop{};
    QTextBrowser* m_preview;
    const Snapshot* m_snapshot = nullptr;
};

}  // namespace app
