#pragma once

#include <QWidget>

#include "app/shop_settings.h"
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

    // False: the file could not be written.
    [[nodiscard]] bool writePdf(const QString& path) const;
    // Steps, wires and parts, each a table of its own: NAME-steps.csv, NAME-wiring.csv, NAME-parts.csv. Returns what
    // was written; empty where something could not be.
    [[nodiscard]] QStringList writeCsv(const QString& path) const;

signals:
    void said(const QString& text);

private:
    void askForPdf();
    void askForCsv();

    const Theme& m_theme;
    const core::Shop& m_sold;
    ShopSettings m_shop{};
    QTextBrowser* m_preview;
    const Snapshot* m_snapshot = nullptr;
};

}  // namespace app
