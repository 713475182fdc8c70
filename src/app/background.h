#pragma once

#include <QObject>
#include <QThreadPool>
#include <concepts>
#include <functional>
#include <optional>
#include <stop_token>
#include <utility>

#include "common/current_problem.h"
#include "common/progress.h"

namespace app {

/// Work off the interface thread, one piece at a time: a new piece takes the place of what was asked for before, whose
/// result is then dropped. Stops and waits when it goes.
class Background {
 public:
    /// What is done with results runs on the thread of `context`, which owns this.
    explicit Background(QObject* context) : context_(context) { pool_.setMaxThreadCount(1); }
    ~Background() {
        stop();
        pool_.waitForDone();
    }
    Background(const Background&) = delete;
    Background& operator=(const Background&) = delete;

    /// What is done with the problem when work throws that gives no common::Result; another gives the problem itself.
    std::function<void(const common::Problem&)> failed = [](const common::Problem&) {};

    /// `work` gets a common::Progress and may give any value; `done` gets that; `report` gets fractions, if it is set.
    template <typename Work, typename Done>
    void run(Work work, Done done, std::function<void(double)> report = {}) {
        stop();
        stop_ = std::stop_source();
        append(std::move(work), std::move(done), std::move(report));
    }
    /// The same after what was asked for before, which is done too.
    template <typename Work, typename Done>
    void append(Work work, Done done, std::function<void(double)> report = {}) {
        ++busy_;
        pool_.start([this, work = std::move(work), done = std::move(done), report, token = stop_.get_token(),
                     job = job_]() mutable {
            const auto onContext = [this](auto then) {
                QMetaObject::invokeMethod(context_, then, Qt::QueuedConnection);
            };
            common::Progress progress{{}, token};
            if (report)
                progress.report = [&](double fraction) {
                    onContext([this, report, fraction, job] {
                        if (job == job_) report(fraction);
                    });
                };
            using Given = decltype(work(progress));
            std::optional<Given> given;
            std::optional<common::Problem> problem;
            try {
                given = work(progress);
            } catch (...) {
                problem = common::currentProblem();
            }
            if constexpr (std::constructible_from<Given, common::Problem>)
                if (problem) given = *problem;
            onContext([this, done = std::move(done), given = std::move(given), problem, job]() mutable {
                if (job != job_) return;
                --busy_;
                if (given)
                    done(*std::move(given));
                else
                    failed(*problem);
            });
        });
    }
    /// What a piece of work that is about to be run hands over on its way; dropped once another is asked for.
    template <typename Value>
    std::function<void(const Value&)> teller(std::function<void(const Value&)> tell) {
        return [this, tell = std::move(tell), job = job_ + 1](const Value& value) {
            QMetaObject::invokeMethod(
                context_,
                [this, tell, value, job] {
                    if (job == job_) tell(value);
                },
                Qt::QueuedConnection);
        };
    }
    /// Drops what is under way or waits; its `done` is not called.
    void stop() {
        ++job_;
        busy_ = 0;
        stop_.request_stop();
        pool_.clear();
    }
    bool isBusy() const { return busy_ > 0; }
    /// Waits for all that was asked for.
    void finish() { pool_.waitForDone(); }

 private:
    QObject* context_;
    QThreadPool pool_;
    std::stop_source stop_;
    int job_ = 0;
    int busy_ = 0;  // pieces that run or wait
};

}  // namespace app
