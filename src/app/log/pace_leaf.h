#pragma once

#include <QWidget>

#include "app/own_pace.h"
#include "app/session.h"
#include "app/widgets/margin.h"

class QLabel;
class QPushButton;

namespace app {

/// Planned against real minutes, by manner, medium and size of place, and the pace that was learnt from it.
class PaceLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit PaceLeaf(Session& session);
    void refresh();
    MarginText margin() const;
    const planning::LearntPace& learnt() const { return learnt_; }

 Q_SIGNALS:
    void looksDifferent();

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    class Table;
    void show(planning::LearntPace learnt);

    Session& session_;
    planning::LearntPace learnt_;
    QLabel* head_;
    Table* table_;
    QPushButton *take_, *setBack_;
    Background reader_{this};
};

}  // namespace app
