#include <cctype>

#include "core/physics/coil_arrangements.h"

namespace core {
namespace {

// sum = product { '+' product };  product = factor { '||' factor };  factor = letter | '(' sum ')'
class TreeReader {
public:
    TreeReader(std::string_view text, size_t coils) : m_text(text), m_used(coils, false) {}

    Outcome<CoilTree> read()
    {
        auto tree = joined(CoilTree::Join::Series);
        if (tree && !next().empty()) tree = wrong("a letter, +, || or a bracket");
        for (size_t coil = 0; coil < m_used.size() && tree; ++coil)
            if (!m_used[coil]) tree = wrong(std::string("every coil once; missing ") + letter(coil));
        return tree;
    }

private:
    static char letter(size_t coil) { return static_cast<char>('a' + coil); }

    std::string_view next()
    {
        while (!m_text.empty() && m_text.front() == ' ') m_text.remove_prefix(1);
        return m_text;
    }
    bool take(std::string_view mark)
    {
        if (!next().starts_with(mark)) return false;
        m_text.remove_prefix(mark.size());
        return true;
    }
    static Outcome<CoilTree> wrong(const std::string& expected)
    {
        return refuse(ErrorCode::Unreadable, "arrangement", 0.0, expected);
    }

    Outcome<CoilTree> joined(CoilTree::Join join)
    {
        const bool series = join == CoilTree::Join::Series;
        const auto member = [&] { return series ? joined(CoilTree::Join::Parallel) : factor(); };
        CoilTree tree{join, 0, {}};
        do {
            auto one = member();
            if (!one) return one;
            // a+(b+c) is a+b+c
            if (one->value.join == join)
                tree.children.insert(tree.children.end(), one->value.children.begin(), one->value.children.end());
            else
                tree.children.push_back(std::move(one->value));
        } while (take(series ? "+" : "||"));
        if (tree.children.size() > 1) return Answer<CoilTree>{std::move(tree), {}};
        CoilTree only = std::move(tree.children.front());
        return Answer<CoilTree>{std::move(only), {}};
    }

    Outcome<CoilTree> factor()
    {
        constexpr int kDeepest = 20;
        if (take("(")) {
            if (++m_depth > kDeepest) return wrong("fewer brackets");
            auto inner = joined(CoilTree::Join::Series);
            --m_depth;
            if (inner && !take(")")) return wrong("a closing bracket");
            return inner;
        }
        const std::string_view rest = next();
        const auto coil = rest.empty() ? m_used.size() : static_cast<size_t>(rest.front() - 'a');
        if (coil >= m_used.size() || m_used[coil])
            return wrong(std::string("the letters a to ") + letter(m_used.size() - 1) + ", each once");
        m_used[coil] = true;
        m_text.remove_prefix(1);
        return Answer<CoilTree>{CoilTree{CoilTree::Join::Coil, static_cast<int>(coil), {}}, {}};
    }

    std::string_view m_text;
    std::vector<bool> m_used;
    int m_depth = 0;
};

}  // namespace

std::string textOf(const CoilTree& tree)
{
    if (tree.join == CoilTree::Join::Coil) return std::string(1, static_cast<char>('a' + tree.coil));
    const bool series = tree.join == CoilTree::Join::Series;
    std::string text;
    for (const CoilTree& child : tree.children) {
        if (!text.empty()) text += series ? "+" : "||";
        text += child.join == CoilTree::Join::Coil ? textOf(child) : "(" + textOf(child) + ")";
    }
    return text;
}

Outcome<CoilTree> coilTreeFromText(std::string_view text, size_t coils)
{
    return TreeReader(text, coils).read();
}

}  // namespace core
