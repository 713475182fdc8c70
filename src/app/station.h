#pragma once

#include <QBoxLayout>
#include <QImage>
#include <QWidget>

#include "app/desk.h"
#include "app/widgets/flow_row.h"
#include "app/widgets/margin.h"
#include "app/widgets/picture_pair.h"
#include "app/widgets/route.h"

namespace app {

/// What a station puts into the two pictures.
struct Views {
    QImage subject;
    QString subjectCaption;
    QImage sheet;
    QString sheetCaption;
    QString figure;
    QImage other = {};         // what the held key lays over the sheet; the subject where it is null
    int sheetSteps = -1;       // of the plan that are done on the sheet; -1 where it shows something else
    QImage outline;            // mask of what is selected, may be null
    bool isReference = false;  // the subject as photographed: more detail may be looked up
    PicturePair::Hand hand = PicturePair::Hand::pan;
    std::vector<Overlay> overlays;
    double gridMillimetres = 0;  // 0: thirds
};

/// What is taken along to the trial sheet: sticks and a paper by their ids, areas of the subject by index.
struct TrialWish {
    std::vector<std::string> sticks = {};
    std::string paper = {};
    std::vector<int> areas = {};
};

/// One stop of the route: its instrument, and what it says and shows. Stations read the session and choose through it;
/// they hold no decision of their own.
class Station : public QWidget {
    Q_OBJECT

 public:
    Station(Desk& desk, const QString& title, const QString& explanation);

    virtual QString name() const = 0;
    /// One line for the route.
    virtual QString decided() const = 0;
    virtual Route::Mark mark() const { return session_.isPlanCurrent() ? Route::Mark::decided : Route::Mark::open; }
    virtual MarginText margin() const = 0;
    /// What somebody is told who is here for the first time.
    virtual QString introduction() const = 0;
    virtual Views views() const;
    /// What is in hand here.
    virtual TrialWish trialWish() const { return {}; }
    /// A click in the pictures, as fractions.
    virtual void point(const QPointF&) {}
    virtual void measure(const QLineF&) {}
    virtual void scribble(const QPolygonF&) {}
    /// The session has changed: study, reading or plan.
    virtual void refresh() {}
    /// Another study is in hand: what was pointed at or selected was of the one before.
    virtual void forgetStudy() {}

 Q_SIGNALS:
    /// Views or margin differ from before.
    void looksDifferent();

 protected:
    /// Of pressure maps: wide enough for the picture on the screen, and cheap to draw at every step.
    static constexpr int mapWidth = 560;

    /// Index of the stack at a place, -1 without a plan.
    int stackAt(const QPointF& fraction) const;
    /// Of stacks of the plan.
    QImage maskOf(const std::vector<int>& stacks) const;
    /// Of the pixels that have this label (CV_32S).
    static QImage maskOf(const cv::Mat& labels, int label);
    QImage sheetAfter(int steps) const;

    Desk& desk_;
    Session& session_;   // the desk's
    QVBoxLayout* body_;  // the instrument goes here
    FlowRow* choices_;   // the title, and labelled fields right of it
};

}  // namespace app
