#pragma once

#include <QObject>
#include <memory>

#include "app/session.h"
#include "planning/reading.h"

namespace app {

/// What a view's work keeps from one run to the next, of the study in hand: its pictures many times over. Let go when
/// another study is opened.
class KeptOfStudy : public QObject {
 public:
    explicit KeptOfStudy(Session& session) { connect(&session, &Session::opened, this, &KeptOfStudy::letGo); }
    /// Work that still runs holds on to what it was given.
    const std::shared_ptr<planning::Kept>& inHand() const { return inHand_; }
    /// Also after work that failed: what it has left is half done.
    void letGo() { inHand_ = std::make_shared<planning::Kept>(); }

 private:
    std::shared_ptr<planning::Kept> inHand_ = std::make_shared<planning::Kept>();
};

}  // namespace app
