#pragma once

#include <functional>
#include <vector>

#include "app/widgets/sheet.h"
#include "materials/material.h"
#include "planning/plan.h"

class QListWidget;

namespace app {

/// Which stick was taken for the step in hand instead of the plan's: those at hand, the nearest first.
class OtherStickSheet : public Sheet {
    Q_OBJECT

 public:
    /// `media` are what is at hand; `placeOf` tells where one lies.
    OtherStickSheet(QWidget* parent, const planning::Plan& plan, const planning::Step& step,
                    const std::vector<materials::Material>& media,
                    const std::function<QString(const std::string& id)>& placeOf);
    QListWidget& list() { return *list_; }

 Q_SIGNALS:
    void taken(const materials::Material& stick);

 private:
    void take();

    QListWidget* list_;
    std::vector<materials::Material> nearest_;
};

}  // namespace app
