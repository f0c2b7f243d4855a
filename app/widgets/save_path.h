#pragma once

#include <QStringList>

class QWidget;

namespace app {

// A name to write to: with this suffix where none was typed; empty where nobody wants it. What lies there already is
// asked about by the name that is really written.
[[nodiscard]] QString askSavePath(QWidget* parent, const QString& title, const QString& proposed, const QString& filter,
                                  const QString& suffix);

// Of several files by one name: asks once about those that are there already.
[[nodiscard]] bool mayOverwrite(QWidget* parent, const QStringList& paths);

}  // namespace app
