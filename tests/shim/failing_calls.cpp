// Loaded before the C library: lets the call number FAIL_AT of those that save a file in the folder FAIL_IN fail, as a
// full or a broken disk would; with FAIL_ON every one after it too. With FAIL_SHORT a write takes seven bytes at most.
// At its end it says how many there were.
#include <dlfcn.h>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdarg>
#include <cstdio>
#include <cstdlib>
#include <cstring>

namespace {

int calls = 0;

template <class Function>
Function* next(const char* name)
{
    return reinterpret_cast<Function*>(::dlsym(RTLD_NEXT, name));
}

bool isWatched(const char* path)
{
    const char* folder = std::getenv("FAIL_IN");
    return folder && path && std::strstr(path, folder);
}

bool isWatched(int file)
{
    std::array<char, 64> link{};
    std::array<char, 4096> path{};
    std::snprintf(link.data(), link.size(), "/proc/self/fd/%d", file);
    return ::readlink(link.data(), path.data(), path.size() - 1) > 0 && isWatched(path.data());
}

template <class What>
bool fails(What what)
{
    const char* at = std::getenv("FAIL_AT");
    if (!at || !isWatched(what)) return false;
    ++calls;
    const int failing = std::atoi(at);
    if (failing == 0 || (std::getenv("FAIL_ON") ? calls < failing : calls != failing)) return false;
    errno = EIO;
    return true;
}

struct Say {
    ~Say()
    {
        if (std::getenv("FAIL_AT")) std::fprintf(stderr, "calls %d\n", calls);
    }
} say;

mode_t modeOf(va_list& rest, int flags)
{
    return (flags & (O_CREAT | O_TMPFILE)) != 0 ? va_arg(rest, mode_t) : 0;
}

}  // namespace

extern "C" {

int open(const char* path, int flags, ...)
{
    va_list rest;
    va_start(rest, flags);
    const mode_t mode = modeOf(rest, flags);
    va_end(rest);
    return fails(path) ? -1 : next<int(const char*, int, ...)>("open")(path, flags, mode);
}

ssize_t write(int file, const void* data, size_t size)
{
    if (fails(file)) return -1;
    if (std::getenv("FAIL_SHORT") && isWatched(file)) size = std::min<size_t>(size, 7);
    return next<ssize_t(int, const void*, size_t)>("write")(file, data, size);
}

int fsync(int file)
{
    return fails(file) ? -1 : next<int(int)>("fsync")(file);
}

int close(int file)
{
    const bool failing = fails(file);
    const int closed = next<int(int)>("close")(file);  // the number is gone either way
    if (failing) errno = EIO;
    return failing ? -1 : closed;
}

int rename(const char* from, const char* to) noexcept
{
    return fails(to) ? -1 : next<int(const char*, const char*)>("rename")(from, to);
}

int link(const char* from, const char* to) noexcept
{
    return fails(to) ? -1 : next<int(const char*, const char*)>("link")(from, to);
}

int linkat(int fromFolder, const char* from, int toFolder, const char* to, int flags) noexcept
{
    return fails(to)
               ? -1
               : next<int(int, const char*, int, const char*, int)>("linkat")(fromFolder, from, toFolder, to, flags);
}

int unlink(const char* path) noexcept
{
    return fails(path) ? -1 : next<int(const char*)>("unlink")(path);
}

int fchown(int file, uid_t owner, gid_t group) noexcept
{
    return fails(file) ? -1 : next<int(int, uid_t, gid_t)>("fchown")(file, owner, group);
}

int fchmod(int file, mode_t mode) noexcept
{
    return fails(file) ? -1 : next<int(int, mode_t)>("fchmod")(file, mode);
}

}  // extern "C"
