#pragma once

#include <QtGlobal>
#include <optional>

namespace app {

/// Keeps the screen awake for as long as this is told to: asks the desktop (org.freedesktop.ScreenSaver over D-Bus, as
/// the freedesktop.org idle inhibition has it). Where no desktop answers nothing is done.
class Wakefulness {
 public:
    ~Wakefulness() { keep(false); }
    void keep(bool awake);
    bool isKept() const { return cookie_.has_value(); }

 private:
    std::optional<quint32> cookie_;
};

}  // namespace app
