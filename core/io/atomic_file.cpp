#include "core/io/atomic_file.h"

#include <fcntl.h>
#include <unistd.h>

#include <cerrno>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <system_error>

namespace core {
namespace {

namespace fs = std::filesystem;

tl::unexpected<InputError> failed(const std::string& path, const std::string& what)
{
    return tl::unexpected(InputError{path, {}, what + ": " + std::generic_category().message(errno)});
}

bool writeAll(int file, const std::string& content)
{
    size_t done = 0;
    while (done < content.size()) {
        const ssize_t wrote = ::write(file, content.data() + done, content.size() - done);
        if (wrote < 0 && errno == EINTR) continue;
        if (wrote <= 0) return false;
        done += static_cast<size_t>(wrote);
    }
    return ::fsync(file) == 0;
}

// A rename is on the disk only once its folder is.
void syncFolder(const fs::path& folder)
{
    const int directory = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (directory < 0) return;
    ::fsync(directory);
    ::close(directory);
}

void shiftCopies(const fs::path& path, int copies)
{
    std::error_code ignored;
    const auto copy = [&](int number) { return fs::path(path.string() + "~" + std::to_string(number)); };
    for (int number = copies; number > 1; --number) fs::rename(copy(number - 1), copy(number), ignored);
    // A link keeps the file in its place until the new one is renamed over it.
    fs::create_hard_link(path, copy(1), ignored);
    if (ignored && fs::exists(path)) fs::copy_file(path, copy(1), fs::copy_options::overwrite_existing, ignored);
}

}  // namespace

Result<std::string> readWholeFile(const std::string& path)
{
    errno = 0;
    std::ifstream in(path, std::ios::binary);
    if (!in || fs::is_directory(path)) return failed(path, "cannot be opened");
    std::string text{std::istreambuf_iterator<char>(in), {}};
    if (in.bad()) return failed(path, "cannot be read");
    return text;
}

Result<void> writeAtomically(const std::string& path, const std::string& content, int copies)
{
    std::error_code ignored;
    fs::path target(path);
    if (fs::is_symlink(target, ignored)) target = fs::weakly_canonical(target, ignored);
    const std::string temporary = target.string() + ".writing";
    errno = 0;
    const int file = ::open(temporary.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (file < 0) return failed(path, "cannot be written");
    const bool written = writeAll(file, content);
    if (::close(file) != 0 || !written) {
        const auto error = failed(path, "could not be written whole; the old file stands");
        fs::remove(temporary, ignored);
        return error;
    }
    if (copies > 0) shiftCopies(target, copies);
    if (std::rename(temporary.c_str(), target.c_str()) != 0)
        return failed(path, "could not take the new content; it lies in " + temporary);
    syncFolder(target.has_parent_path() ? target.parent_path() : fs::path("."));
    return {};
}

}  // namespace core
