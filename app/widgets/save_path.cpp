#include "app/widgets/save_path.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>

namespace app {

bool mayOverwrite(QWidget* parent, const QStringList& paths)
{
    QStringList there;
    for (const QString& path : paths)
        if (QFileInfo::exists(path)) there << QFileInfo(path).fileName();
    if (there.isEmpty()) return true;
    QMessageBox box(QMessageBox::Question, QCoreApplication::translate("SavePath", "Write over it?"),
                    QCoreApplication::translate("SavePath", "There already: %1. Write over it?")
                        .arg(there.join(QStringLiteral(", "))),
                    QMessageBox::Yes | QMessageBox::Cancel, parent);
    box.setTextFormat(Qt::PlainText);
    return box.exec() == QMessageBox::Yes;
}

QString askSavePath(QWidget* parent, const QString& title, const QString& proposed, const QString& filter,
                    const QString& suffix)
{
    QString path =
        QFileDialog::getSaveFileName(parent, title, proposed, filter, nullptr, QFileDialog::DontConfirmOverwrite);
    if (path.isEmpty()) return {};
    if (QFileInfo(path).suffix().isEmpty()) path += suffix;
    return mayOverwrite(parent, {path}) ? path : QString();
}

}  // namespace app
