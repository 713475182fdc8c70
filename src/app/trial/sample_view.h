#pragma once

#include <QWidget>
#include <optional>

#include "subject/target.h"

namespace app {

/// A swatch large beside the colour that is wanted, both amid what lies around that in the subject; or on the paper
/// alone.
class SampleView : public QWidget {
    Q_OBJECT

 public:
    SampleView();
    void show(const colour::Lab& paper, const colour::Lab& swatch, const std::optional<subject::Target>& target);
    QSize sizeHint() const override { return {170, 200}; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    colour::Lab paper_, swatch_;
    std::optional<subject::Target> target_;
};

}  // namespace app
