#include "app/widgets/goal_field.h"

#include "wording/choosing.h"

namespace app {

GoalField::GoalField(Session& session) : session_(session) {
    setToolTip(tr("What is ranked first: each goal weighs colour, work, tooth and sparkle otherwise."));
    for (const auto goal : {planning::Goal::truestColour, planning::Goal::leastWork, planning::Goal::mostSparkle,
                            planning::Goal::mostVivid})
        addItem(wording::goalWord(goal), int(goal));
    connect(this, &QComboBox::activated, this, [this](int index) {
        session_.choose(tr("Goal"),
                        [&](planning::Study& study) { study.goal = planning::Goal(itemData(index).toInt()); });
    });
}

void GoalField::refresh() {
    setCurrentIndex(findData(int(session_.study().goal)));
}

}  // namespace app
