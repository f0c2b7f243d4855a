#pragma once

#include <QKeyEvent>
#include <QLineEdit>

namespace app {

// A line for one quantity. While it holds nothing to undo itself, undo and redo are the plan's.
class QuantityField : public QLineEdit {
    Q_OBJECT
public:
    using QLineEdit::QLineEdit;

    bool event(QEvent* event) override
    {
        if (event->type() == QEvent::ShortcutOverride) {
            const auto* key = static_cast<QKeyEvent*>(event);
            const bool plansUndo = key->matches(QKeySequence::Undo) && !isUndoAvailable();
            const bool plansRedo = key->matches(QKeySequence::Redo) && !isRedoAvailable();
            if (plansUndo || plansRedo) {
                event->ignore();
                return false;
            }
        }
        return QLineEdit::event(event);
    }
};

}  // namespace app
