#pragma once

#include <array>

#include "app/background.h"
#include "app/widgets/sheet.h"
#include "print/plan_folder.h"

class QCheckBox;
class QLineEdit;
class QProgressBar;

namespace app {

/// Where the plan is written to, and what of it: chosen once and remembered.
class ExportSheet : public Sheet {
    Q_OBJECT

 public:
    ExportSheet(QWidget* parent, std::shared_ptr<const planning::Plan> plan, planning::Study study);

    QLineEdit& folder() { return *folder_; }
    QCheckBox& part(print::PlanPart part) { return *parts_[std::size_t(part)]; }

 Q_SIGNALS:
    void written(const QString& sentence);

 private:
    print::PlanParts chosen() const;
    void write();

    std::shared_ptr<const planning::Plan> plan_;
    planning::Study study_;
    QLineEdit* folder_;
    std::array<QCheckBox*, print::planPartCount> parts_{};
    QProgressBar* progress_;
    QPushButton* write_;
    Background writer_{this};  // goes first: what it does uses all of the above
};

}  // namespace app
