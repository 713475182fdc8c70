#pragma once

#include <vector>

#include "app/recovery/journal_keeper.h"
#include "app/widgets/sheet.h"

namespace app {

/// Offers what earlier runs did not save: each with its picture, to be taken up or thrown away. What is not decided is
/// offered again at the next start.
class UnsavedSheet : public Sheet {
    Q_OBJECT

 public:
    UnsavedSheet(std::vector<UnsavedWork> works, QWidget* parent);

 Q_SIGNALS:
    void takeUpWanted(const app::UnsavedWork& work);

 private:
    QWidget* rowOf(const UnsavedWork& work);

    int undecided_;
};

}  // namespace app
