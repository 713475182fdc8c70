#pragma once

#include <functional>
#include <optional>

#include "app/station.h"

namespace app {

/// What lies on the subject while the artist works at it; no part of the study.
struct OnSubject {
    std::optional<QLineF> line;      // fractions
    std::optional<QPointF> clicked;  // fractions; the area there is the chosen one
    std::vector<subject::Scribble> scribbles;
    int lookedAt = -1;         // the other reference that is looked at; -1 for the leading one
    bool catchesEdges = true;  // lines are moved to the borders that they nearly meet

    /// Takes all off; how lines are taken stays.
    void clear() {
        const bool catches = catchesEdges;
        *this = {};
        catchesEdges = catches;
    }
    /// The line as it is taken: with its borders caught, if it is to catch them.
    std::optional<subject::Line> taken(const Session& session) const;
    /// Index of the chosen area; -1 for none.
    int chosenArea(const Session& session) const;
};

/// A part of the Subject's instrument. Chooses through the session.
class SubjectLeaf : public QWidget {
    Q_OBJECT

 public:
    SubjectLeaf(Desk& desk, OnSubject& on) : desk_(desk), session_(desk.session()), on_(on) {}

    virtual PicturePair::Hand hand() const = 0;
    virtual void refresh() = 0;
    /// A click on the subject; false if it chooses the area there, as clicks do.
    virtual bool takesPoint(const QPointF&) { return false; }
    /// A line or a scribble has been drawn.
    virtual void drawn() {}
    virtual void addTo(Views&) const {}
    virtual QStringList sentences() const { return {}; }

 Q_SIGNALS:
    void looksDifferent();

 protected:
    /// Says something of the chosen area; choices with the same key in a row are undone as one.
    void sayOfArea(const QString& what, const std::function<void(planning::AreaChoice&)>& tell,
                   const QString& key = {});
    QLineF inMillimetres(const QLineF& fractions) const;

    Desk& desk_;
    Session& session_;  // the desk's
    OnSubject& on_;
};

}  // namespace app
