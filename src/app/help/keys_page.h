#pragma once

#include <QList>

#include "app/help/manual_text.h"

class QWidget;

namespace app {

/// All keys of these windows, read off what they do: a key that is told here is bound.
ManualPage keysPage(const QList<QWidget*>& windows);

}  // namespace app
