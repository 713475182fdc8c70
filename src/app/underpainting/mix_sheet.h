#pragma once

#include <memory>

#include "app/widgets/sheet.h"
#include "planning/plan.h"
#include "planning/study.h"

class QComboBox;
class QSpinBox;

namespace app {

/// A ground mixed by hand for one area: up to three media with their parts, how strongly it is laid, and what that
/// looks like wet and dry on the plan's paper, beside what the area is to become.
class MixSheet : public Sheet {
    Q_OBJECT

 public:
    MixSheet(QWidget* parent, std::shared_ptr<const planning::Plan> plan, const planning::Study& study,
             const materials::Library& library, int stack, const planning::OwnMixture& start);

    planning::OwnMixture mixed() const;

 Q_SIGNALS:
    /// Nothing: the area's ground is the plan's again.
    void taken(const std::optional<planning::OwnMixture>& mixed);

 private:
    class Swatches;
    void showMixture();

    std::shared_ptr<const planning::Plan> plan_;
    planning::Drying drying_;
    std::vector<materials::Material> media_;
    int stack_;
    QComboBox* medium_[planning::mostOwnParts];
    QSpinBox* parts_[planning::mostOwnParts];
    QComboBox* strength_;
    Swatches* swatches_;
    QLabel* told_;
    QPushButton* lay_;
};

}  // namespace app
