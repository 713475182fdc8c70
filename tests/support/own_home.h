#pragma once

#include <QTemporaryDir>

/// Settings, state and data of a test program go into folders of their own. Stands before main(), so that nothing has
/// looked for them yet.
class OwnHome {
 public:
    OwnHome() {
        if (qEnvironmentVariableIsSet(mark)) return;  // begun by such a program, with which it shares them
        qputenv(mark, "1");
        for (const char* name : {"XDG_CONFIG_HOME", "XDG_STATE_HOME", "XDG_DATA_HOME"})
            qputenv(name, folder_.filePath(name).toUtf8());
    }

 private:
    static constexpr const char* mark = "YAWNING_DUNE_OWN_HOME";
    QTemporaryDir folder_;
};
inline const OwnHome ownHome;
