#pragma once

#include <QString>
#include <functional>
#include <vector>

#include "app/session.h"
#include "app/widgets/sheet.h"

namespace app {

/// Something that the artist has set by hand, and how it is left to the plan again.
struct OwnChange {
    QString words;
    std::function<void(planning::Study&)> setBack;
};
/// All of them: sticks of the whole picture, layers of areas, their time, ends of evenings.
std::vector<OwnChange> ownChanges(const planning::Plan& plan, const planning::Study& study,
                                  const materials::Library& library);

/// What was set by hand, each with a button that sets it back.
class ChangesSheet : public Sheet {
    Q_OBJECT

 public:
    ChangesSheet(QWidget* parent, Session& session);

 private:
    void list();

    Session& session_;
    QWidget* rows_ = nullptr;
    QVBoxLayout* inside_;
};

}  // namespace app
