#include "words/warning_words.h"

#include "words/tr.h"

namespace words {

QString sentenceOf(const core::Warning& warning)
{
    const QString sentence = Words::tr(core::sentenceOf(warning.kind).data());  // whole literals end with a nought
    return warning.about.empty() ? sentence : sentence.arg(QString::fromStdString(warning.about));
}

}  // namespace words
