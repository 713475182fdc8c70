#pragma once

#include <QImage>

#include "app/widgets/sheet.h"
#include "colour/srgb.h"
#include "common/file.h"

namespace app {

/// A photograph out of which one colour is picked: the mean of a small round spot.
class ColourPick : public Sheet {
    Q_OBJECT

 public:
    ColourPick(QWidget* parent, const QImage& photograph);

    /// The photograph belongs to a thing and may be taken from it.
    void allowDetaching();

    /// A photograph as it is shown, through its own colour profile, upright.
    static common::Result<QImage> read(const common::Bytes& bytes, const std::string& name);

 Q_SIGNALS:
    void picked(colour::Srgb8 colour);
    void detached();

 private:
    class Spot;

    Spot* spot_;
    QPushButton* take_;
};

}  // namespace app
