#pragma once

#include <memory>

#include "app/background.h"
#include "app/widgets/sheet.h"
#include "planning/alternatives.h"
#include "planning/comparison.h"

class QComboBox;
class QGridLayout;

namespace app {

/// An area's layers set by hand: another stick, manner or weight for each, one more or one less; or one of three other
/// ways to make it. Says what the film makes of them before they are taken.
class StackSheet : public Sheet {
    Q_OBJECT

 public:
    StackSheet(QWidget* parent, std::shared_ptr<const planning::Plan> plan, const planning::Study& study,
               const materials::Library& library, int stack);

    planning::OwnStack stack() const;
    void show(const planning::OwnStack& stack);
    using QWidget::show;

 Q_SIGNALS:
    /// Nothing: the layers are the plan's again.
    void taken(const std::optional<planning::OwnStack>& stack);
    /// The stick is not to be laid in the area.
    void barred(const std::string& stick);

 private:
    struct Row {
        QComboBox *stick, *manner, *weight;
        QPushButton* bar;
    };
    void addRow(QGridLayout* grid, int row);
    void makeAlternatives();
    void showFigures();
    QString figureWords(const planning::OwnStack& stack) const;

    std::shared_ptr<const planning::Plan> plan_;
    planning::Study study_;
    std::vector<materials::Material> media_;
    int index_;
    planning::OwnStack before_;
    QString beforeWords_;  // its figures
    bool isShowing_ = false;
    std::array<Row, planning::mostWithMends> rows_{};
    std::array<QPushButton*, planning::alternativeCount> alternatives_{};
    std::array<planning::OwnStack, planning::alternativeCount> found_;
    QLabel* told_;
    QPushButton* take_;
    Background finder_{this};
};

}  // namespace app
