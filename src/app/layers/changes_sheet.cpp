#include "app/layers/changes_sheet.h"

#include <QGridLayout>
#include <QScrollArea>
#include <algorithm>

#include "app/widgets/measure.h"
#include "planning/moves.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// The name of a stick, or its id where it is not at hand.
QString nameOf(const std::string& id, const materials::Library& library) {
    const materials::Material* medium = library.medium(id);
    return QString::fromStdString(medium ? medium->name : id);
}

void addSticks(std::vector<OwnChange>& changes, const planning::Study& study, const materials::Library& library) {
    for (const planning::StickChoice& choice : study.stickChoices) {
        const QString name = nameOf(choice.stick, library);
        const QString words =
            choice.use == planning::StickUse::pinned ? ChangesSheet::tr("%1 is kept in the picture").arg(name)
            : choice.use == planning::StickUse::barred
                ? ChangesSheet::tr("%1 is left out of the picture").arg(name)
                : ChangesSheet::tr("%1 is laid in the place of %2").arg(nameOf(choice.instead, library), name);
        changes.push_back({words, [choice](planning::Study& changed) { std::erase(changed.stickChoices, choice); }});
    }
}

void addAreas(std::vector<OwnChange>& changes, const planning::Plan& plan, const planning::Study& study,
              const materials::Library& library) {
    for (std::size_t i = 0; i < study.areaChoices.size(); ++i) {
        const planning::AreaChoice& choice = study.areaChoices[i];
        const int area = subject::labelAt(plan.reading->areas.map, choice.x, choice.y);
        const QString where = wording::stackName(plan, plan.stackOfArea[std::size_t(area)]);
        const auto add = [&](const QString& words, auto undo) {
            changes.push_back({words, [i, undo](planning::Study& changed) { undo(changed.areaChoices[i]); }});
        };
        if (choice.stack)
            add(ChangesSheet::tr("%1: its layers are yours").arg(where),
                [](planning::AreaChoice& changed) { changed.stack.reset(); });
        if (choice.mixed)
            add(ChangesSheet::tr("%1: its ground is mixed by you").arg(where),
                [](planning::AreaChoice& changed) { changed.mixed.reset(); });
        for (const planning::BarredStick& barred : choice.barred)
            add(ChangesSheet::tr("%1: without %2").arg(where, nameOf(barred.stick, library)),
                [barred](planning::AreaChoice& changed) { std::erase(changed.barred, barred); });
    }
}

void addTimes(std::vector<OwnChange>& changes, const planning::Plan& plan, const planning::Study& study) {
    for (const planning::Step& step : plan.steps) {
        for (const planning::LayerPlace& place : planning::movedIn(plan, study, step)) {
            const std::string& key = plan.stacks[std::size_t(place.stack)].layers[std::size_t(place.layer)].key;
            changes.push_back({ChangesSheet::tr("%1: layer %2 is laid at another time, as step %3")
                                   .arg(wording::stackName(plan, place.stack))
                                   .arg(place.layer + 1)
                                   .arg(step.number),
                               [key](planning::Study& changed) {
                                   std::erase_if(changed.movedLayers,
                                                 [&](const auto& moved) { return moved.layer == key; });
                               }});
        }
        const planning::EveningEnd end{step.key};
        if (study.eveningMinutes > 0 && std::ranges::count(study.eveningEnds, end) > 0)
            changes.push_back({ChangesSheet::tr("An evening ends after step %1").arg(step.number),
                               [end](planning::Study& changed) { std::erase(changed.eveningEnds, end); }});
    }
}

}  // namespace

std::vector<OwnChange> ownChanges(const planning::Plan& plan, const planning::Study& study,
                                  const materials::Library& library) {
    std::vector<OwnChange> changes;
    addSticks(changes, study, library);
    addAreas(changes, plan, study, library);
    addTimes(changes, plan, study);
    return changes;
}

ChangesSheet::ChangesSheet(QWidget* parent, Session& session)
    : Sheet(parent, tr("All that you set by hand"), tr("The plan is made around it. What is set back is the plan's.")),
      session_(session) {
    auto* inside = new QWidget;
    inside_ = new QVBoxLayout(inside);
    inside_->setContentsMargins(0, 0, 0, 0);
    inside_->addStretch(1);
    body_->addWidget(scrolledDown(inside), 1);
    connect(addButton(tr("Close")), &QPushButton::clicked, this, &QDialog::accept);
    connect(&session_, &Session::planChanged, this, &ChangesSheet::list);
    resize(640, 400);
    list();
}

void ChangesSheet::list() {
    const auto plan = session_.plan();
    if (!plan) return;
    if (rows_) {  // the button that was clicked may be among them
        rows_->hide();
        rows_->deleteLater();
    }
    rows_ = new QWidget;
    inside_->insertWidget(0, rows_);
    auto* grid = new QGridLayout(rows_);
    grid->setContentsMargins(measure::grid, measure::grid, measure::grid, measure::grid);
    grid->setColumnStretch(0, 1);
    int row = 0;
    for (const OwnChange& change : ownChanges(*plan, session_.study(), session_.library())) {
        auto* words = new QLabel(change.words);
        words->setWordWrap(true);
        auto* button = new QPushButton(tr("Set it back"));
        button->setAccessibleName(tr("Set back: %1").arg(change.words));
        // What the button stands for may be gone from the study before the plan says so.
        connect(button, &QPushButton::clicked, this, [this, change] {
            rows_->setEnabled(false);
            session_.choose(tr("Set back: %1").arg(change.words),
                            [&](planning::Study& study) { change.setBack(study); });
        });
        grid->addWidget(words, row, 0);
        grid->addWidget(button, row, 1);
        ++row;
    }
    if (row == 0) grid->addWidget(new QLabel(tr("Nothing is left that you have set.")), 0, 0);
}

}  // namespace app
