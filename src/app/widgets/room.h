#pragma once

#include <QScrollArea>

namespace app {

/// What is inside fills the room; where a small screen or large words leave too little of it, it is scrolled to.
inline QScrollArea* roomFor(QWidget* inside) {
    auto* room = new QScrollArea;
    room->setWidgetResizable(true);
    room->setFrameShape(QFrame::NoFrame);
    room->setFocusPolicy(Qt::NoFocus);
    room->setWidget(inside);
    return room;
}

}  // namespace app
