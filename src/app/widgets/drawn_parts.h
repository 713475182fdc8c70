#pragma once

#include <QRect>
#include <QString>
#include <vector>

class QKeyEvent;
class QWidget;

namespace app {

/// A thing that a widget has drawn itself, as it is told to who hears or touches the screen instead of seeing it.
struct DrawnPart {
    QString name;
    QRect place;  // in the widget
    bool isChosen = false;
};

/// A widget that draws several things, one of which can be chosen: a list, to assistive technology.
class HasParts {
 public:
    virtual std::vector<DrawnPart> drawnParts() const = 0;
    virtual void choosePart(int part) = 0;

 protected:
    ~HasParts() = default;
};

/// A widget that is a place on a scale: a slider, to assistive technology.
class HasPlace {
 public:
    struct Place {
        int value = 0, least = 0, most = 0;
        QString words;
    };
    virtual Place place() const = 0;
    virtual void setPlace(int value) = 0;

 protected:
    ~HasPlace() = default;
};

/// Chooses the part that an arrow key goes on to from the one that is chosen, or the first: one to the side, or as many
/// as there are `columns` up or down. False for another key, and where there is nothing to choose.
bool goOn(HasParts& parts, const QKeyEvent& event, int columns = 0);

/// Lets QAccessible see the parts and places of such widgets. Once for all; again does nothing.
void letDrawnPartsBeTold();

/// Tells who listens that other parts are there, or another is chosen.
void tellOfParts(QWidget& widget);
/// Tells who listens that the place is another.
void tellOfPlace(QWidget& widget, int value);

}  // namespace app
