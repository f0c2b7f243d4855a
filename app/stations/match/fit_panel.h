#pragma once

#include <QWidget>
#include <map>

#include "app/asks/survey.h"
#include "app/widgets/section_drawing.h"
#include "core/design/rank_drivers.h"

class QFrame;
class QLabel;
class QPushButton;

namespace app {

class AskForm;
class FlowLayout;
class SpacerPicker;
class Theme;

// How a driver stands in its place: the cut, its margins, and beside it what is measured and decided there. A measure
// is picked by its button, and only that one is asked for.
class FitPanel : public QWidget {
    Q_OBJECT
public:
    explicit FitPanel(const Theme& theme, QWidget* parent = nullptr);
    // `tried`: another driver than the planned one is looked at; its fit is shown, the plan's is edited
    void present(const Survey& survey, const core::Candidate* tried);
    void stepSpacer(int by);        // the next thicker one, or thinner
    void ask(core::Quantity what);  // the field for this measure, ready for typing
    // The spacer that is planned, or else would be needed, at 1:1; false: it could not be written.
    bool writeTemplate(const QString& path);
    void setPaper(bool letter) { m_letterPaper = letter; }

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

signals:
    void edited(const core::Edit& edit);
    void said(const QString& text);

private:
    struct Measure {
        QString name{}, label{};
        core::Quantity quantity{};
        enum class Of { Place, Driver, Screws } of = Of::Place;
        std::optional<SectionDrawing::Line> line{};  // on the drawing; nothing: beside it
    };
    [[nodiscard]] static std::vector<Measure> makeMeasures();
    void build();
    void addAsk(const Measure& measure);
    void buildDecided();
    void pick(const QString& name);
    void placeField();
    [[nodiscard]] bool suits(const Measure& measure) const;
    [[nodiscard]] std::optional<double> valueOf(const Measure& measure) const;
    void showChips();
    void showFacts(const core::DriverFit& fit, const core::Part& driver, bool picked);
    void askForTemplate();
    [[nodiscard]] double templateThickness_m() const;

    const Theme& m_theme;
    std::vector<Measure> m_measures = makeMeasures();
    SectionDrawing* m_section;
    QLabel* m_facts;
    QWidget* m_chips;
    FlowLayout* m_chipRow;
    QPushButton* m_more;
    std::map<QString, QPushButton*> m_buttons{};
    std::map<QString, AskForm*> m_asks{};
    QFrame* m_field;  // of the measure that is picked, at its tag
    SpacerPicker* m_spacer;
    AskForm* m_decided;
    QPushButton* m_template;
    std::optional<core::DriverFit> m_shown{};  // in the cut
    bool m_letterPaper = false;
    Survey m_survey{};
    QString m_picked{};
    bool m_all = false;  // every measure has its button
};

}  // namespace app
