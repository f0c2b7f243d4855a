#include "core/io/curve_file.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <ostream>

#include "core/base/text.h"

namespace core {
namespace {

constexpr size_t kMostLines = 200000;

struct Record {
    double frequency_hz = 0.0, magnitude = 0.0, phase_deg = 0.0;
    bool hasPhase = false;
};

bool isBetweenDigits(std::string_view line, size_t i)
{
    return i > 0 && i + 1 < line.size() && isDigit(line[i - 1]) && isDigit(line[i + 1]);
}

// A comma between two digits of a line whose fields a tab or a semicolon parts can only be a decimal comma.
bool partsWithoutCommas(std::string_view line)
{
    return line.find_first_of("\t;") != std::string_view::npos;
}

// One in a line with blanks: a decimal comma, or between fields?
bool isAmbiguous(std::string_view line)
{
    if (partsWithoutCommas(line) || line.find(' ') == std::string_view::npos) return false;
    for (size_t i = 0; i < line.size(); ++i)
        if (line[i] == ',' && isBetweenDigits(line, i)) return true;
    return false;
}

// Comments are marked, or words; a quoted word is one, too.
bool isComment(std::string_view line)
{
    if (line.starts_with('"')) line.remove_prefix(1);
    if (line.empty()) return false;
    return std::string_view("*#;!").find(line.front()) != std::string_view::npos || isLetter(line.front());
}

class CurveReader {
public:
    CurveReader(CurveFileKind kind, const std::string& file, const CurveFileOptions& options)
        : m_kind(kind), m_file(file), m_options(options)
    {
    }

    Result<CurveFile> read(std::string_view text)
    {
        if (text.starts_with("\xEF\xBB\xBF")) text.remove_prefix(3);
        size_t number = 0;
        for (size_t at = 0; at < text.size();) {
            const size_t end = std::min(text.find('\n', at), text.size());
            const std::string_view line = trimmed(text.substr(at, end - at));
            at = end + 1;
            if (++number > kMostLines) return wrong(number, fmt::format("more than {} lines", kMostLines));
            if (line.empty()) continue;
            if (isComment(line)) {
                m_result.comments.emplace_back(trimmed(line.substr(isLetter(line.front()) ? 0 : 1)));
                continue;
            }
            auto record = recordOf(line, number);
            if (!record) return tl::unexpected(record.error());
            m_records.push_back(*record);
        }
        if (m_records.empty()) return wrong(number, "no line with a frequency and a magnitude");
        return curve();
    }

private:
    tl::unexpected<InputError> wrong(size_t line, const std::string& message) const
    {
        return tl::unexpected(InputError{m_file, fmt::format("line {}", line), message});
    }

    Result<Record> recordOf(std::string_view line, size_t number) const
    {
        while (line.ends_with(';')) line = trimmed(line.substr(0, line.size() - 1));  // ends a line, parts nothing
        if (!m_options.decimalComma && isAmbiguous(line))
            return wrong(number,
                         fmt::format("AmbiguousComma: '{}' could have decimal commas; read the file with decimal "
                                     "commas, or write 100.5",
                                     line));
        const bool decimal = m_options.decimalComma || partsWithoutCommas(line);
        std::string plain;
        for (size_t i = 0; i < line.size(); ++i) {
            const char c = line[i];
            if (c == '"') continue;
            const bool comma = c == ',' && !(decimal && isBetweenDigits(line, i));
            plain += isBlank(c) || c == ';' || comma ? ' ' : (c == ',' ? '.' : c);
        }
        double values[3] = {0.0, 0.0, 0.0};
        size_t count = 0;
        for (std::string_view rest = trimmed(plain); !rest.empty(); rest = trimmed(rest)) {
            const size_t length = std::min(rest.find(' '), rest.size());
            std::string_view field = rest.substr(0, length);
            rest.remove_prefix(length);
            if (count == 3)
                return wrong(number, fmt::format("found '{}' after the phase, expected 2 or 3 fields", field));
            if (field.starts_with('+')) field.remove_prefix(1);
            const auto [end, error] = std::from_chars(field.data(), field.data() + field.size(), values[count]);
            if (error != std::errc{} || end != field.data() + field.size() || !std::isfinite(values[count]))
                return wrong(number, fmt::format("found '{}', expected a number", field));
            ++count;
        }
        if (count < 2) return wrong(number, fmt::format("found '{}', expected frequency and magnitude", line));
        if (values[0] <= 0.0) return wrong(number, fmt::format("found {:g} Hz, expected more than 0", values[0]));
        if (m_kind == CurveFileKind::Impedance && values[1] <= 0.0)
            return wrong(number, fmt::format("found {:g} ohm, expected more than 0", values[1]));
        return Record{values[0], values[1], values[2], count == 3};
    }

    // Sorted, and equal frequencies made one.
    CurveFile curve()
    {
        std::stable_sort(m_records.begin(), m_records.end(),
                         [](const Record& a, const Record& b) { return a.frequency_hz < b.frequency_hz; });
        std::vector<Record> once;
        for (size_t i = 0; i < m_records.size();) {
            size_t end = i;
            Record mean = m_records[i];
            mean.magnitude = mean.phase_deg = 0.0;
            for (; end < m_records.size() && m_records[end].frequency_hz == mean.frequency_hz; ++end) {
                mean.magnitude += m_records[end].magnitude;
                // Near each other round the circle before they are averaged.
                mean.phase_deg +=
                    m_records[i].phase_deg + std::remainder(m_records[end].phase_deg - m_records[i].phase_deg, 360.0);
                mean.hasPhase &= m_records[end].hasPhase;
            }
            const auto count = static_cast<double>(end - i);
            mean.magnitude /= count;
            mean.phase_deg /= count;
            if (end - i > 1)
                m_result.warnings.emplace_back(WarningKind::ReaderNote,
                                               fmt::format("{} lines at {:g} Hz averaged", end - i, mean.frequency_hz));
            once.push_back(mean);
            i = end;
        }
        MeasuredCurve& curve = m_result.curve;
        const auto n = static_cast<Eigen::Index>(once.size());
        curve.frequency_hz.resize(n);
        curve.magnitude.resize(n);
        curve.phase_deg.resize(n);
        curve.hasPhase = std::all_of(once.begin(), once.end(), [](const Record& record) { return record.hasPhase; });
        for (Eigen::Index i = 0; i < n; ++i) {
            const Record& record = once[static_cast<size_t>(i)];
            curve.frequency_hz(i) = record.frequency_hz;
            curve.magnitude(i) = record.magnitude;
            const double wrapped = std::remainder(record.phase_deg, 360.0);
            curve.phase_deg(i) = !curve.hasPhase ? 0.0 : (wrapped == -180.0 ? 180.0 : wrapped);
        }
        if (!curve.hasPhase) m_result.warnings.emplace_back(WarningKind::ReaderNote, "no phase");
        return std::move(m_result);
    }

    CurveFileKind m_kind;
    const std::string& m_file;
    CurveFileOptions m_options;
    std::vector<Record> m_records{};
    CurveFile m_result{};
};

}  // namespace

Result<CurveFile> readCurveFile(std::string_view text, CurveFileKind kind, const std::string& file,
                                const CurveFileOptions& options)
{
    return CurveReader(kind, file, options).read(text);
}

void writeCurveFile(std::ostream& out, const CurveFile& file)
{
    constexpr double kLeastWritten = 1e-4;  // with six decimals; what is smaller keeps its digits
    for (const std::string& comment : file.comments) out << "* " << comment << '\n';
    const MeasuredCurve& curve = file.curve;
    for (Eigen::Index i = 0; i < curve.frequency_hz.size(); ++i) {
        const double magnitude = curve.magnitude(i);
        const bool vanishes = magnitude != 0.0 && std::abs(magnitude) < kLeastWritten;
        out << fmt::format("{:.9g} ", curve.frequency_hz(i))
            << (vanishes ? fmt::format("{:.6e}", magnitude) : fmt::format("{:.6f}", magnitude));
        if (curve.hasPhase) out << fmt::format(" {:.6f}", curve.phase_deg(i));
        out << '\n';
    }
}

}  // namespace core
