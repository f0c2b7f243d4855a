#pragma once

#include <QWidget>
#include <functional>
#include <optional>
#include <utility>
#include <vector>

#include "app/asks/survey.h"

class QComboBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace app {

class QuantityField;

// What can be asked in one breath: a few lines, each of which shows a value of the plan and turns what is typed or
// picked into an edit. The lines are told by functions; a line without an answer shows what is assumed meanwhile.
class AskForm : public QWidget {
    Q_OBJECT
public:
    explicit AskForm(QWidget* parent = nullptr);

    struct QuantityLine {
        QString name{};  // of the field, for tests and for readers
        QString label{};
        core::Quantity quantity{};
        std::function<core::Subject(const Survey&)> of{};  // whose figure it is; read and written by its address, or
        std::function<const core::Figures*(const Survey&)> figures{};          // where it stands; nothing: nowhere yet
        std::function<std::optional<core::Known>(const Survey&)> meanwhile{};  // what is assumed
        std::function<core::Edit(const Survey&, const std::optional<core::Known>&)> write{};
        std::function<bool(const Survey&)> concerns{};  // hidden where not
    };
    // requires `of`, or both `figures` and `write`, which go before it
    void addQuantity(QuantityLine line);

    struct TextLine {
        QString name{}, label{}, hint{};
        std::function<QString(const Survey&)> read{};
        std::function<core::Edit(const Survey&, const QString&)> write{};
        std::function<QString(const QString&)> refuse{};  // what is wrong with it; may be left out
    };
    void addText(TextLine line);

    // One of several, each a button.
    struct ChoiceLine {
        QString name{}, label{};
        std::vector<std::pair<int, QString>> choices{};
        std::function<int(const Survey&)> read{};
        std::function<core::Edit(const Survey&, int)> write{};
        std::function<bool(const Survey&)> concerns{};  // this vehicle, this place; hidden where not
    };
    void addChoice(ChoiceLine line);

    // Any of several.
    struct FlagsLine {
        QString name{}, label{};
        std::vector<std::pair<int, QString>> choices{};
        std::function<bool(const Survey&, int)> read{};
        std::function<core::Edit(const Survey&, int, bool)> write{};
    };
    void addFlags(FlagsLine line);

    // One of many, or of what the plan has: the list is made anew each time.
    struct ListLine {
        QString name{}, label{};
        std::function<std::vector<std::pair<QString, QString>>(const Survey&)> choices{};  // key, text
        std::function<QString(const Survey&)> read{};
        std::function<core::Edit(const Survey&, const QString&)> write{};
        bool onlyWhereAny = false;  // hidden while there is nothing to choose from
    };
    void addList(ListLine line);

    struct ButtonLine {
        QString name{}, text{};
        std::function<bool(const Survey&)> enabled{};
        std::function<core::Edit(const Survey&)> write{};
    };
    void addButton(ButtonLine line);

    // A sentence that follows from the plan; hidden while it is empty.
    void addSentence(const QString& name, std::function<QString(const Survey&)> read);
    // A view of its own that presents itself.
    void addWidget(QWidget* widget, std::function<void(const Survey&)> present);

    void present(const Survey& survey);

signals:
    void edited(const core::Edit& edit);

private:
    void addRow(const QString& label, QWidget* field);
    QLabel* addHeading(const QString& text);  // nothing where there is no text
    [[nodiscard]] QLabel* addAnswer(const QString& name);
    void write(const std::function<core::Edit()>& edit);  // once there is a plan to write to
    void confirm(const QuantityLine& line, QuantityField* field);
    void takeQuantity(const QuantityLine& line, QuantityField* field, QLabel* answer);

    QVBoxLayout* m_layout;
    QFormLayout* m_form = nullptr;  // consecutive short lines share one
    std::vector<std::function<void(const Survey&)>> m_presenters{};
    Survey m_survey{};
    bool m_sameSubject = false;  // as when it was presented before
};

}  // namespace app
