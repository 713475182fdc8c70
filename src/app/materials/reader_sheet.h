#pragma once

#include <memory>

#include "app/background.h"
#include "app/materials/own_drawer.h"
#include "app/widgets/sheet.h"
#include "review/stand_in_reader.h"

class QCheckBox;
class QComboBox;

namespace app {

/// The colour reader at work: its white tile, then one thing after the other. The reader is asked off the interface
/// thread.
class ReaderSheet : public Sheet {
    Q_OBJECT

 public:
    /// Reads these things of the drawer in turn. `situation` is what lies under the stand-in reader; with a real one it
    /// is null and no choice of it is shown.
    ReaderSheet(QWidget* parent, OwnDrawer& drawer, std::vector<std::string> ids, review::ColourReader reader,
                std::shared_ptr<review::StandInSituation> situation);

    bool isBusy() const { return background_.isBusy(); }

 Q_SIGNALS:
    void taken(int readings);

 private:
    class Swatches;
    void makeStandIn();
    void readTile();
    void readSwatch();
    void take();
    void next();
    void refresh();
    void layUnder();
    const materials::Owned* thing() const;

    OwnDrawer& drawer_;
    std::vector<std::string> ids_;
    std::size_t at_ = 0;
    int count_ = 0;
    std::shared_ptr<review::ColourReader> reader_;
    std::shared_ptr<review::StandInSituation> situation_;
    review::Calibration calibration_;
    std::optional<review::ReaderReading> reading_;

    QComboBox* under_ = nullptr;
    QCheckBox* unplugged_ = nullptr;
    Swatches* swatches_;
    QLabel* words_;
    QPushButton* take_;
    QPushButton* swatch_;
    QPushButton* tile_;
    QPushButton* pass_;
    Background background_{this};  // goes first: what it does uses all of the above
};

}  // namespace app
