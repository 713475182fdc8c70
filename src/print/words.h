#pragma once

#include <QCoreApplication>

namespace print {

/// What the sheets say, translatable.
struct Words {
    Q_DECLARE_TR_FUNCTIONS(print)
};

}  // namespace print
