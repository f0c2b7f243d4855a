#pragma once

namespace core {

// Every limit and class value that is common practice or uncertain. data/practice.json is the table of them: default,
// range, unit and source stand there, and the enumerators are made from its keys when the program is built.
enum class PracticeKey {
#define PRACTICE_KEY(name, key) name,
#include "core/practice/practice_keys.def"
};

// Sizes one can buy, and what they carry: the lists of practice.json.
enum class PracticeList {
#define PRACTICE_LIST(name, key) name,
#include "core/practice/practice_keys.def"
};

}  // namespace core
