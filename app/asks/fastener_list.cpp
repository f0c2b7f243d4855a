#include "app/asks/fastener_list.h"

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/asks/fastener_text.h"
#include "app/theme/plain_label.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/quantity_field.h"
#include "words/survey_words.h"

namespace app {

FastenerList::FastenerList(const QString& name, const QString& placeholder, QWidget* parent)
    : QWidget(parent), m_rows(new QVBoxLayout), m_field(new QuantityField(this)), m_answer(new PlainLabel(this))
{
    m_field->setObjectName(name);
    m_field->setPlaceholderText(placeholder);
    m_field->setAccessibleName(tr("Fasteners: how many, kind, size, where; Enter adds them"));
    m_answer->setObjectName(name + QStringLiteral("Answer"));
    m_answer->setWordWrap(true);
    m_answer->setProperty("role", "quiet");
    m_answer->hide();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(m_rows);
    layout->addWidget(m_field);
    layout->addWidget(m_answer);
    connect(m_field, &QLineEdit::returnPressed, this, &FastenerList::take);
}

void FastenerList::present(const std::vector<core::Fastener>& fasteners)
{
    const KeepFocus keys(*this);
    m_fasteners = fasteners;
    clearLayout(*m_rows);
    for (size_t i = 0; i < fasteners.size(); ++i) {
        auto* button = new QPushButton(tr("× %1").arg(words::textOf(fasteners[i])), this);
        button->setToolTip(tr("Takes it off the list"));
        button->setObjectName(QStringLiteral("%1_%2").arg(m_field->objectName()).arg(i));
        connect(button, &QPushButton::clicked, this, [this, i] {
            auto left = m_fasteners;
            left.erase(left.begin() + static_cast<std::ptrdiff_t>(i));
            emit edited(left);
        });
        m_rows->addWidget(button);
    }
}

void FastenerList::take()
{
    if (m_field->text().trimmed().isEmpty()) return;
    const auto typed = fastenerFromText(m_field->text());
    m_answer->setVisible(!typed);
    if (!typed) {
        m_answer->setText(tr("Found '%1': name the kind too, a screw, bolt, nut, clip, push pin, rivet or hook, or a "
                             "size such as T25 or 8 mm.")
                              .arg(m_field->text()));
        return;
    }
    m_field->clear();
    auto more = m_fasteners;
    more.push_back(*typed);
    emit edited(more);
}

}  // namespace app
