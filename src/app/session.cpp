#include "app/session.h"

#include <QHash>
#include <QUndoCommand>

#include "colour/picture_under.h"
#include "planning/stage_picture.h"
#include "wording/sentences.h"

namespace app {

class Session::Choice : public QUndoCommand {
 public:
    Choice(Session& session, const QString& what, planning::Study before, planning::Study after, const QString& key)
        : QUndoCommand(what), session_(session), before_(std::move(before)), after_(std::move(after)), key_(key) {}

    void undo() override { session_.set(before_); }
    void redo() override { session_.set(after_); }
    int id() const override { return key_.isEmpty() ? -1 : int(qHash(key_) & 0x7fffffff); }
    bool mergeWith(const QUndoCommand* other) override {
        after_ = static_cast<const Choice*>(other)->after_;
        return true;
    }

 private:
    Session& session_;
    planning::Study before_, after_;
    QString key_;
};

Session::Session(QObject* parent) : QObject(parent) {
    worker_.setMaxThreadCount(1);
    delay_.setSingleShot(true);
    delay_.setInterval(120);
    connect(&delay_, &QTimer::timeout, this, &Session::startPlanning);
}

Session::~Session() {
    if (stop_) stop_->request_stop();
    worker_.waitForDone();
}

void Session::open(planning::Study study, materials::Library library) {
    library_ = std::make_shared<materials::Library>(std::move(library));
    plan_.reset();
    reading_.reset();
    picture_ = shown_ = cv::Mat();
    set(study);
    history_.clear();
}

void Session::choose(const QString& what, const planning::Study& changed, const QString& mergeKey) {
    if (changed == study_) return;
    history_.push(new Choice(*this, what, study_, changed, mergeKey));
}

void Session::set(const planning::Study& study) {
    study_ = study;
    Q_EMIT studyChanged();
    delay_.start();
}

void Session::glanceUnder(std::optional<colour::Light> light) {
    if (glance_ == light) return;
    glance_ = light;
    Q_EMIT shownLightChanged();
}

const cv::Mat& Session::shownPicture() {
    if (shown_.empty() || shownUnder_ != shownLight()) {
        shownUnder_ = shownLight();
        shown_ = picture_.empty() ? picture_ : colour::pictureUnder(picture_, shownUnder_);
    }
    return shown_;
}

void Session::stopPlanning() {
    delay_.stop();
    if (stop_) stop_->request_stop();
}

void Session::startPlanning() {
    if (stop_) stop_->request_stop();
    if (!study_.reference) return;
    stop_.emplace();
    ++job_;
    Q_EMIT planningStarted();
    worker_.start([this, study = study_, library = library_, kept = kept_, token = stop_->get_token(), job = job_] {
        const auto onInterface = [this](auto work) { QMetaObject::invokeMethod(this, work, Qt::QueuedConnection); };
        if (token.stop_requested()) {
            onInterface([this, study, job] {
                finish(common::Problem{common::ProblemKind::cancelled, ""}, {}, study, job);
            });
            return;
        }
        if (auto picture = planning::readReference(study, *kept))
            onInterface([this, picture = *picture, job] {
                if (job != job_) return;
                picture_ = picture;
                shown_ = cv::Mat();
                Q_EMIT readingChanged();
            });
        auto read = planning::readSubject(study, *kept);
        if (read)
            onInterface([this, reading = *read, job] {
                if (job != job_) return;
                reading_ = reading;
                Q_EMIT readingChanged();
            });
        common::Progress progress{[&](double f) {
                                      onInterface([this, f, job] {
                                          if (job == job_) Q_EMIT planningProgress(f);
                                      });
                                  },
                                  token};
        auto result = planning::makePlan(study, *library, *kept, progress);
        const cv::Mat grain = result ? planning::grainOf(*result, study.widthMillimetres) : cv::Mat();
        onInterface([this, result = std::move(result), grain, study, job]() mutable {
            finish(std::move(result), grain, study, job);
        });
    });
}

void Session::finish(common::Result<planning::Plan> result, cv::Mat grain, const planning::Study& of, int job) {
    if (job != job_) return;  // another is under way already
    stop_.reset();
    if (result) {
        plan_ = std::make_shared<planning::Plan>(std::move(result).value());
        reading_ = plan_->reading;
        grain_ = grain;
        planOf_ = of;
        Q_EMIT planChanged();
    } else {
        Q_EMIT problemMet(wording::problemSentence(result.problem()));
    }
    Q_EMIT planningEnded();
}

}  // namespace app
