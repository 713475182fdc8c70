#pragma once

#include "app/station.h"
#include "app/widgets/scrubber.h"
#include "drawing/section.h"

namespace app {

/// Layers: the section, with a scrubber that lays the steps down.
class LayersStation : public Station {
    Q_OBJECT

 public:
    explicit LayersStation(Session& session);
    QString name() const override { return tr("Layers"); }
    QString decided() const override;
    MarginText margin() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;
    Scrubber& scrubber() { return *scrubber_; }
    int selectedPassage() const { return selected_; }

 private:
    class SectionView;
    MarginText stepMargin() const;
    MarginText passageMargin() const;

    SectionView* section_;
    Scrubber* scrubber_;
    std::shared_ptr<const planning::Plan> shown_;
    int selected_ = -1;
};

}  // namespace app
