#pragma once

#include <QCoreApplication>

namespace words {

// The translation context of everything the program says about its own results, on screen and on the command line.
struct Words {
    Q_DECLARE_TR_FUNCTIONS(Words)
};

}  // namespace words
