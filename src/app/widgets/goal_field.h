#pragma once

#include <QComboBox>

#include "app/session.h"

namespace app {

/// What counts most where papers and grounds are weighed, as a field: choosing is a choice of the study.
class GoalField : public QComboBox {
    Q_OBJECT

 public:
    explicit GoalField(Session& session);
    /// Shows the study's goal.
    void refresh();

 private:
    Session& session_;
};

}  // namespace app
