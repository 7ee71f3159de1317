/* Laid over the C library by LD_PRELOAD: notes every write, cut and sync of files below
   RECORD_FOLDER in RECORD_TO, with the time, so that a power cut at any moment can be played. */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <fcntl.h>
#include <pthread.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/types.h>
#include <time.h>
#include <unistd.h>

static pthread_mutex_t turn = PTHREAD_MUTEX_INITIALIZER;
static int out = -2;

static ssize_t (*real_pwrite)(int, const void *, size_t, off64_t);

static int log_file(void) {
  if (out == -2) {
    const char *to = getenv("RECORD_TO");
    out = to ? open(to, O_WRONLY | O_CREAT | O_APPEND, 0600) : -1;
    real_pwrite = dlsym(RTLD_NEXT, "pwrite64");
  }
  return out;
}

/* The file of a descriptor, where it is one of those that are watched. */
static int watched(int fd, char *path, size_t size) {
  const char *folder = getenv("RECORD_FOLDER");
  char link[64];
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  ssize_t length = readlink(link, path, size - 1);
  if (length < 0 || !folder) return 0;
  path[length] = 0;
  return strncmp(path, folder, strlen(folder)) == 0 && strstr(path, ".sqlite") != NULL;
}

/* kind, nanoseconds, offset, bytes of the path, bytes of data; then both. */
static void note(char kind, const char *path, int64_t offset, const void *data, uint32_t size) {
  if (log_file() < 0) return;
  struct timespec at;
  clock_gettime(CLOCK_MONOTONIC, &at);
  unsigned char head[25];
  int64_t ns = at.tv_sec * 1000000000LL + at.tv_nsec;
  uint32_t path_size = strlen(path);
  head[0] = kind;
  memcpy(head + 1, &ns, 8);
  memcpy(head + 9, &offset, 8);
  memcpy(head + 17, &path_size, 4);
  memcpy(head + 21, &size, 4);
  pthread_mutex_lock(&turn);
  if (write(out, head, 25) < 0 || write(out, path, path_size) < 0 ||
      (size > 0 && write(out, data, size) < 0))
    abort();
  pthread_mutex_unlock(&turn);
}

static ssize_t noted_pwrite(int fd, const void *data, size_t size, off64_t offset) {
  char path[4096];
  log_file();
  ssize_t done = real_pwrite(fd, data, size, offset);
  if (done > 0 && watched(fd, path, sizeof path)) note('w', path, offset, data, done);
  return done;
}
ssize_t pwrite64(int fd, const void *data, size_t size, off64_t offset) {
  return noted_pwrite(fd, data, size, offset);
}
ssize_t pwrite(int fd, const void *data, size_t size, off_t offset) {
  return noted_pwrite(fd, data, size, offset);
}

static int noted_sync(const char *name, int fd) {
  int (*real)(int) = dlsym(RTLD_NEXT, name);
  char path[4096];
  int done = real(fd);
  if (done == 0 && watched(fd, path, sizeof path)) note('s', path, 0, NULL, 0);
  return done;
}
int fsync(int fd) { return noted_sync("fsync", fd); }
int fdatasync(int fd) { return noted_sync("fdatasync", fd); }

static int noted_cut(int fd, off64_t size) {
  int (*real)(int, off64_t) = dlsym(RTLD_NEXT, "ftruncate64");
  char path[4096];
  int done = real(fd, size);
  if (done == 0 && watched(fd, path, sizeof path)) note('t', path, size, NULL, 0);
  return done;
}
int ftruncate64(int fd, off64_t size) { return noted_cut(fd, size); }
int ftruncate(int fd, off_t size) { return noted_cut(fd, size); }

int unlink(const char *path) {
  int (*real)(const char *) = dlsym(RTLD_NEXT, "unlink");
  int done = real(path);
  const char *folder = getenv("RECORD_FOLDER");
  if (done == 0 && folder && strncmp(path, folder, strlen(folder)) == 0) note('u', path, 0, NULL, 0);
  return done;
}
