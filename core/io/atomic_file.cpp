#include "core/io/atomic_file.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstdio>
#include <filesystem>
#include <memory>
#include <random>
#include <system_error>
#include <utility>

namespace core {
namespace {

namespace fs = std::filesystem;

constexpr size_t kLargestFile = 64U << 20U;
constexpr int kNames = 100;  // tried before one gives up

tl::unexpected<InputError> refused(const std::string& path, const std::string& message)
{
    return tl::unexpected(InputError{path, {}, message});
}

tl::unexpected<InputError> failed(const std::string& path, const std::string& what)
{
    return refused(path, what + ": " + std::generic_category().message(errno));
}

// An open file, closed whatever happens.
class Descriptor {
public:
    Descriptor() = default;
    explicit Descriptor(int number) : m_number(number) {}
    Descriptor(Descriptor&& other) noexcept : m_number(std::exchange(other.m_number, -1)) {}
    Descriptor& operator=(Descriptor&& other) noexcept
    {
        std::swap(m_number, other.m_number);
        return *this;
    }
    ~Descriptor() { static_cast<void>(close()); }
    [[nodiscard]] int operator*() const { return m_number; }
    explicit operator bool() const { return m_number >= 0; }
    // Whether the system says that it went well; some disks tell of a lost write only now.
    bool close() { return m_number < 0 || ::close(std::exchange(m_number, -1)) == 0; }

private:
    int m_number = -1;
};

std::string kindOf(mode_t mode)
{
    if (S_ISDIR(mode)) return "is a folder: name a file";
    if (S_ISFIFO(mode)) return "is a pipe: name a file";
    return "is a device or a socket: name a file";
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
    const Descriptor directory(::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (directory) ::fsync(*directory);
}

std::string freshName(const fs::path& target)
{
    std::random_device random;
    return target.string() + ".writing-" + std::to_string(random());
}

// The new content beside its target. Where the file system can, it has no name until it is whole and on the disk, so
// that whatever ends the program before leaves nothing behind; else a name that nobody had, never one that stands there
// as a link.
class NewFile {
public:
    NewFile(fs::path target, bool named) : m_target(std::move(target)), m_named(named) {}
    ~NewFile()
    {
        if (!m_name.empty()) ::unlink(m_name.c_str());
    }
    NewFile(const NewFile&) = delete;
    NewFile& operator=(const NewFile&) = delete;

    // Whole and on the disk, under a name of its own.
    // like  what stands there now; nothing: nothing does
    bool take(const std::string& content, const struct stat* like)
    {
        if (!open()) return false;
        if (like) takeAfter(*like);
        return writeAll(*m_file, content) && giveName() && m_file.close();
    }
    [[nodiscard]] bool isOpen() const { return static_cast<bool>(m_file); }

    bool takePlace()
    {
        if (std::rename(m_name.c_str(), m_target.c_str()) != 0) return false;
        m_name.clear();
        syncFolder(folder());
        return true;
    }

private:
    [[nodiscard]] fs::path folder() const { return m_target.has_parent_path() ? m_target.parent_path() : "."; }

    bool open()
    {
        if (!m_named) {
            m_file = Descriptor(::open(folder().c_str(), O_TMPFILE | O_WRONLY | O_CLOEXEC, 0666));
            return isOpen();
        }
        for (int i = 0; i < kNames && !m_file; ++i) {
            const std::string name = freshName(m_target);
            m_file = Descriptor(::open(name.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, 0666));
            if (m_file) m_name = name;
            if (!m_file && errno != EEXIST) return false;
        }
        return isOpen();
    }

    // Its owner only where the system lets us give files away.
    void takeAfter(const struct stat& like) const
    {
        if (::fchown(*m_file, like.st_uid, like.st_gid) != 0) errno = 0;
        if (::fchmod(*m_file, like.st_mode & 07777) != 0) errno = 0;
    }

    // open(2): a file without a name gets one through /proc, where no privilege is asked for.
    bool giveName()
    {
        if (m_named) return true;
        const std::string open = "/proc/self/fd/" + std::to_string(*m_file);
        for (int i = 0; i < kNames; ++i) {
            const std::string name = freshName(m_target);
            if (::linkat(AT_FDCWD, open.c_str(), AT_FDCWD, name.c_str(), AT_SYMLINK_FOLLOW) == 0) {
                m_name = name;
                return true;
            }
            if (errno != EEXIST) return false;
        }
        return false;
    }

    fs::path m_target;
    bool m_named;
    Descriptor m_file{};
    std::string m_name{};
};

// What stood there is kept under another name too, until the new one is renamed over it: at no moment is there none.
void shiftCopies(const fs::path& path, int copies)
{
    std::error_code ignored;
    const auto copy = [&](int number) { return fs::path(path.string() + "~" + std::to_string(number)); };
    for (int number = copies; number > 1; --number) fs::rename(copy(number - 1), copy(number), ignored);
    fs::create_hard_link(path, copy(1), ignored);
    if (!ignored || ignored == std::errc::file_exists || !fs::exists(path, ignored)) return;
    const std::string whole = freshName(path);  // a file system without links
    if (fs::copy_file(path, whole, ignored)) fs::rename(whole, copy(1), ignored);
    fs::remove(whole, ignored);
}

Result<fs::path> followed(const std::string& path)
{
    std::error_code error;
    if (path.empty()) return refused(path, "has no name: say where to write");
    if (!fs::is_symlink(path, error)) return fs::path(path);
    const fs::path target = fs::weakly_canonical(path, error);
    if (error || fs::is_symlink(target, error)) return refused(path, "is a link that leads nowhere: take another name");
    return target;
}

}  // namespace

Result<std::string> readWholeFile(const std::string& path)
{
    errno = 0;
    const Descriptor file(::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC));
    struct stat about {};
    if (!file || ::fstat(*file, &about) != 0) return failed(path, "cannot be opened");
    if (!S_ISREG(about.st_mode)) return refused(path, kindOf(about.st_mode));
    std::string text;
    text.reserve(std::min(kLargestFile, static_cast<size_t>(about.st_size)));
    std::array<char, 65536> part{};
    while (true) {
        const ssize_t got = ::read(*file, part.data(), part.size());
        if (got < 0 && errno == EINTR) continue;
        if (got < 0) return failed(path, "cannot be read");
        if (got == 0) return text;
        text.append(part.data(), static_cast<size_t>(got));
        if (text.size() > kLargestFile) return refused(path, "is larger than 64 MB: take a smaller one");
    }
}

Result<void> writeAtomically(const std::string& path, const std::string& content, int copies)
{
    const auto target = followed(path);
    if (!target) return tl::unexpected(target.error());
    struct stat there {};
    const bool stands = ::stat(target->c_str(), &there) == 0;
    if (stands && !S_ISREG(there.st_mode)) return refused(path, kindOf(there.st_mode));
    // A rename would get round what its owner forbade.
    if (stands && ::access(target->c_str(), W_OK) != 0) return failed(path, "may not be written");
    errno = 0;
    auto file = std::make_unique<NewFile>(*target, false);
    if (!file->take(content, stands ? &there : nullptr)) {  // not every file system has files without a name
        file = std::make_unique<NewFile>(*target, true);
        if (!file->take(content, stands ? &there : nullptr))
            return failed(path,
                          file->isOpen() ? "could not be written whole; the old file stands" : "cannot be written");
    }
    if (copies > 0) shiftCopies(*target, copies);
    if (!file->takePlace()) return failed(path, "could not take the new content; the old file stands");
    return {};
}

}  // namespace core
