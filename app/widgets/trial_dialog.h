#pragma once

#include <QDialog>

class QDialogButtonBox;
class QPushButton;

namespace app {

// A question in a window of its own: what stands in it is shown at once wherever it tells (`tried`), and is nobody's
// before it is kept.
class TrialDialog : public QDialog {
    Q_OBJECT
public:
    using QDialog::QDialog;

signals:
    void tried();

protected:
    // To be kept, or as it was; they are called NAMEOk and NAMECancel, the dialog NAMEDialog.
    QDialogButtonBox* makeButtons(const QString& name);

    QPushButton* m_ok = nullptr;
};

}  // namespace app
