#include "words/file_words.h"

#include <QStringList>

#include "words/figures.h"
#include "words/tr.h"

namespace words {

QString unknownText(const std::map<std::string, std::string>& unknown)
{
    constexpr size_t kMostShown = 4;
    if (unknown.empty()) return {};
    QStringList paths;
    for (const auto& [path, value] : unknown) {
        if (static_cast<size_t>(paths.size()) == kMostShown) {
            paths << Words::tr("and %1 more").arg(unknown.size() - kMostShown);
            break;
        }
        paths << QString::fromStdString(path);
    }
    return Words::tr(
               "Care: this program does not know %1 of this file and does not count it in; a newer one may. It "
               "is kept.")
        .arg(paths.join(QStringLiteral(", ")));
}

}  // namespace words
