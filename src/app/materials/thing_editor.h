#pragma once

#include <functional>
#include <vector>

#include "app/widgets/sheet.h"
#include "materials/owned.h"

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLineEdit;

namespace app {

/// What one thing or several are, to be changed or told for the first time. Fields that are not touched leave each
/// thing as it is.
class ThingEditor : public Sheet {
    Q_OBJECT

 public:
    /// Several things at once must be of one class. A new one gets its id from whoever takes it.
    /// `others` are papers whose back a paper may be.
    ThingEditor(QWidget* parent, std::vector<materials::Owned> things, bool isNew,
                const std::vector<materials::Paper>& others);

    /// Asks for a colour out of a photograph and hands it on; set by the owner.
    std::function<void(std::function<void(colour::Srgb8)>)> pickColour;

 Q_SIGNALS:
    void taken(const std::vector<materials::Owned>& things);

 private:
    /// One field: shows what all things share, and changes them once it was touched.
    struct Field {
        QWidget* widget = nullptr;
        std::function<void()> show;
        std::function<void(materials::Owned&)> set;
        bool isTouched = false;
    };
    using Get = std::function<QString(const materials::Owned&)>;
    using Set = std::function<void(materials::Owned&, const QString&)>;
    QLineEdit* addLine(const QString& label, Get get, Set set);
    struct FigureRange {
        double least, most;
        int decimals;
        QString suffix;
    };
    void addFigure(const QString& label, const FigureRange& range, unsigned classes,
                   std::function<double(const materials::Owned&)> get,
                   std::function<void(materials::Owned&, double)> set);
    void addChoice(const QString& label, const QStringList& words, std::function<int(const materials::Owned&)> get,
                   std::function<void(materials::Owned&, int)> set);
    void add(const QString& label, QWidget* widget, std::function<void()> show,
             std::function<void(materials::Owned&)> set);
    void touch(QWidget* widget);
    void addKinds();
    void addPaperFields(const std::vector<materials::Paper>& others);
    void addColour();
    void showAll();
    void showRows();
    void take();

    std::vector<materials::Owned> things_;
    bool isNew_;
    QFormLayout* form_;
    std::vector<Field> fields_;
    std::vector<std::pair<QWidget*, unsigned>> classes_;  // of things that a field is for, a bit each
    QComboBox* kind_ = nullptr;
    QLineEdit* hex_ = nullptr;
    QWidget* swatch_ = nullptr;
    materials::ColourSource source_ = materials::ColourSource::typed;
};

}  // namespace app
