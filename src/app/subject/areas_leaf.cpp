#include "app/subject/areas_leaf.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <algorithm>
#include <cmath>

#include "app/area_choice.h"
#include "app/subject/triad_board.h"
#include "app/widgets/fields.h"
#include "app/widgets/flow_row.h"
#include "drawing/pictures.h"
#include "wording/sentences.h"
#include "wording/subject.h"

namespace app {

namespace {

QPolygonF polygonOf(const subject::Scribble& scribble) {
    QPolygonF polygon;
    for (const subject::Place& place : scribble) polygon << QPointF(place.x, place.y);
    return polygon;
}

/// Of what was found as a face.
bool isFound(const subject::Area& area) {
    return area.recognised >= subject::Recognised::face && area.recognised <= subject::Recognised::rightEye;
}

}  // namespace

AreasLeaf::AreasLeaf(Desk& desk, OnSubject& on) : SubjectLeaf(desk, on) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    triads_ = new TriadBoard;
    auto* scroll = new QScrollArea;
    scroll->setWidget(triads_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->viewport()->setAutoFillBackground(false);
    triads_->setAutoFillBackground(false);
    auto* proposal = new QHBoxLayout;
    count_ = wholeNumber(int(planning::areaBounds.least), int(planning::areaBounds.most));
    count_->setToolTip(tr("How many areas are proposed."));
    addField(proposal, tr("Areas proposed"), count_);
    count_->setAccessibleName(tr("Areas"));
    corrected_ = new QLabel;
    proposal->addWidget(corrected_);
    fewer_ = new QSlider(Qt::Horizontal);
    fewer_->setRange(count_->minimum(), count_->maximum());
    fewer_->setAccessibleName(tr("Fewer or more areas"));
    fewer_->setToolTip(tr("Each step parts one area in two, or joins two."));
    proposal->addWidget(fewer_, 1);
    anew_ = new QPushButton(tr("Propose anew"));
    anew_->setToolTip(
        tr("This study's areas were proposed by colour alone. Now things are told from their shadows; what "
           "was corrected and named is kept by its place."));
    proposal->addWidget(anew_);
    const auto choose = [this](int areas) {
        session_.choose(
            tr("Number of areas"), [&](planning::Study& study) { study.areas = areas; }, QStringLiteral("areas"));
    };
    connect(count_, &QSpinBox::valueChanged, this, choose);
    connect(fewer_, &QSlider::valueChanged, this, choose);
    connect(anew_, &QPushButton::clicked, this, [this] {
        session_.choose(tr("Areas proposed anew"),
                        [](planning::Study& study) { study.parting = subject::Parting::byThings; });
    });
    column->addLayout(proposal);
    column->addWidget(scroll, 1);
    column->addLayout(makeScribbleRow());
    column->addLayout(makePairRow());
    column->addLayout(makeAreaRow());
    connect(triads_, &TriadBoard::chosen, this, [this](int area) {
        // Any place in it will do; its medium swatch is one.
        const subject::Place& place = triads_->triads()[std::size_t(area)].medium.place;
        const QPointF fraction(place.x, place.y);
        if (!takesPoint(fraction)) on_.clicked = fraction;
        refresh();
        Q_EMIT looksDifferent();
    });
}

QLayout* AreasLeaf::makeScribbleRow() {
    using Kind = subject::AreaEdit::Kind;
    auto* row = new FlowRow;
    row->addWidget(new QLabel(tr("By scribbles")));
    const auto add = [&](Kind kind, const QString& text, const QString& hint, const QString& what) {
        auto* button = new QPushButton(text);
        button->setToolTip(hint);
        row->addWidget(button);
        edits_.push_back({button, kind});
        connect(button, &QPushButton::clicked, this, [this, kind, what] { edit(kind, what); });
    };
    add(Kind::join, tr("Join areas"), tr("All areas that the scribbles touch become one."), tr("Join areas"));
    add(Kind::part, tr("Part the area"),
        tr("Scribble once on each part: it is parted where its colours change most between them."), tr("Part an area"));
    add(Kind::border, tr("New area"), tr("What the scribble goes round becomes an area of its own."), tr("New area"));
    add(Kind::grow, tr("Move the border"),
        tr("Begin in the area that is to grow, and go round what it is to take from its neighbours."),
        tr("Move a border"));
    add(Kind::cutOut, tr("Cut out"),
        tr("Go loosely round the subject: it is cut out of its background by its colours."), tr("Cut the subject out"));
    directions_ = new QPushButton(tr("Strokes run so"));
    directions_->setToolTip(tr("Each scribble becomes an arrow: strokes follow it in the area where it begins."));
    row->addWidget(directions_);
    connect(directions_, &QPushButton::clicked, this, &AreasLeaf::takeDirections);
    row->addStretch();
    wipe_ = new QPushButton(tr("Wipe off"));
    wipe_->setToolTip(tr("Takes the scribbles off again."));
    row->addWidget(wipe_);
    connect(wipe_, &QPushButton::clicked, this, [this] {
        on_.scribbles.clear();
        refresh();
        Q_EMIT looksDifferent();
    });
    return row;
}

QPushButton* AreasLeaf::awaiting(const QString& text, const QString& hint) {
    auto* button = new QPushButton(text);
    button->setCheckable(true);
    button->setToolTip(hint);
    connect(button, &QPushButton::toggled, this, &AreasLeaf::looksDifferent);
    return button;
}

QLayout* AreasLeaf::makePairRow() {
    auto* row = new FlowRow;
    row->addWidget(new QLabel(tr("The chosen area")));
    joinWith_ = awaiting(tr("Join with…"), tr("Then click on the area that is to be one with it."));
    pairWith_ = awaiting(tr("Pair with…"), tr("Then click on its fellow, as the other eye: both are planned as one."));
    apart_ = new QPushButton(tr("Plan it apart"));
    apart_->setToolTip(tr("It is no longer one of a pair."));
    noDirections_ = new QPushButton(tr("No arrows in it"));
    noDirections_->setToolTip(tr("Takes the arrows off: strokes follow none in this area."));
    noFace_ = new QPushButton(tr("No face"));
    noFace_->setToolTip(tr("What was taken for a face here is none: its areas are given back."));
    for (QPushButton* button : {joinWith_, pairWith_, apart_, noDirections_, noFace_}) row->addWidget(button);
    row->addStretch();
    edge_ = new QComboBox;
    edge_->setToolTip(
        tr("How hard the border to a neighbour is: hard, soft or lost. As it is seen: measured from how fast the "
           "colours change there."));
    for (int i = 0; i < subject::edgeCount; ++i) edge_->addItem(wording::edgeWord(subject::Edge(i)));
    edge_->addItem(tr("as it is seen"));
    edgeWith_ = awaiting(tr("with…"), tr("Then click on the area that it meets there."));
    addField(row, tr("Make its edge"), edge_)->layout()->addWidget(edgeWith_);
    source_ = new QComboBox;
    source_->setToolTip(tr("Another reference comes up: draw a diagonal over the part whose colours the area takes."));
    addField(row, tr("takes its colours from"), source_);
    connect(apart_, &QPushButton::clicked, this, &AreasLeaf::planApart);
    connect(noFace_, &QPushButton::clicked, this, &AreasLeaf::forgetFace);
    connect(noDirections_, &QPushButton::clicked, this, [this] {
        const int area = on_.chosenArea(session_);
        const cv::Mat& map = session_.reading()->areas.map;
        session_.choose(tr("No arrows"), [&](planning::Study& study) {
            std::erase_if(study.directions, [&](const subject::Line& arrow) {
                return subject::labelAt(map, arrow.from.x, arrow.from.y) == area;
            });
        });
    });
    connect(source_, &QComboBox::activated, this, [this](int index) {
        on_.line.reset();
        on_.lookedAt = index - 1;
        if (index == 0) sayOfArea(tr("Colours of its own"), [](planning::AreaChoice& area) { area.borrowed.reset(); });
        refresh();
        Q_EMIT looksDifferent();
    });
    return row;
}

QLayout* AreasLeaf::makeAreaRow() {
    auto* row = new FlowRow;
    name_ = new QLineEdit;
    name_->setToolTip(tr("What you call this area: the plan and the log name it so."));
    name_->setMaxLength(60);
    row->setGrowing(addField(row, tr("It is"), name_));
    name_->setAccessibleName(tr("Area's name"));
    name_->setMinimumWidth(120);
    kind_ = new QComboBox;
    kind_->setToolTip(tr("What it is: the plan gives advice for it and lays its strokes accordingly."));
    for (int i = 0; i < subject::areaKindCount; ++i) kind_->addItem(wording::areaKindWord(subject::AreaKind(i)));
    addField(row, tr("of"), kind_);
    kind_->setAccessibleName(tr("Area's kind"));
    plane_ = new QComboBox;
    plane_->setToolTip(tr("How near it lies: what is behind is laid first, softer and greyer."));
    for (int i = 0; i < 3; ++i) plane_->addItem(wording::planeWord(subject::Plane(i)));
    addField(row, tr("in the"), plane_);
    plane_->setAccessibleName(tr("Area's plane"));
    focal_ = new QCheckBox(tr("What the picture is about"));
    focal_->setToolTip(tr("It may be finished first, and the strongest contrast is held against it."));
    row->addWidget(focal_);
    connect(name_, &QLineEdit::editingFinished, this, [this] {
        if (!name_->isModified()) return;
        name_->setModified(false);
        sayOfArea(tr("Area's name"),
                  [name = name_->text().trimmed().toStdString()](planning::AreaChoice& area) { area.name = name; });
    });
    connect(kind_, &QComboBox::activated, this, [this](int kind) {
        sayOfArea(tr("Area's kind"), [kind](planning::AreaChoice& area) { area.kind = subject::AreaKind(kind); });
    });
    connect(plane_, &QComboBox::activated, this, [this](int plane) {
        sayOfArea(tr("Area's plane"), [plane](planning::AreaChoice& area) { area.plane = subject::Plane(plane); });
    });
    connect(focal_, &QCheckBox::clicked, this, [this](bool on) {
        sayOfArea(tr("What the picture is about"), [on](planning::AreaChoice& area) { area.focal = on; });
    });
    return row;
}

PicturePair::Hand AreasLeaf::hand() const {
    return on_.lookedAt >= 0 ? PicturePair::Hand::line : PicturePair::Hand::scribble;
}

void AreasLeaf::edit(subject::AreaEdit::Kind kind, const QString& what) {
    session_.choose(what, [&](planning::Study& study) {
        study.areaEdits.push_back({kind, on_.scribbles});
        on_.scribbles.clear();
    });
}

void AreasLeaf::takeDirections() {
    session_.choose(tr("Direction of the strokes"), [&](planning::Study& study) {
        for (const subject::Scribble& scribble : on_.scribbles)
            if (scribble.size() > 1) study.directions.push_back({scribble.front(), scribble.back()});
        on_.scribbles.clear();
    });
}

void AreasLeaf::planApart() {
    const int area = on_.chosenArea(session_);
    const cv::Mat& map = session_.reading()->areas.map;
    session_.choose(tr("Plan an area apart"), [&](planning::Study& study) {
        std::erase_if(study.pairs, [&](const subject::Line& pair) {
            return subject::labelAt(map, pair.from.x, pair.from.y) == area ||
                   subject::labelAt(map, pair.to.x, pair.to.y) == area;
        });
    });
}

void AreasLeaf::forgetFace() {
    session_.choose(tr("No face"), [&](planning::Study& study) {
        study.noFaces.push_back({on_.clicked->x(), on_.clicked->y()});
    });
}

void AreasLeaf::chooseEdge(const subject::Line& between) {
    const cv::Mat& map = session_.reading()->areas.map;
    const auto ends = [&](const subject::Line& line) {
        const int one = subject::labelAt(map, line.from.x, line.from.y);
        const int other = subject::labelAt(map, line.to.x, line.to.y);
        return std::pair(std::min(one, other), std::max(one, other));
    };
    session_.choose(tr("Edge between two areas"), [&](planning::Study& study) {
        std::erase_if(study.edges,
                      [&](const planning::EdgeChoice& choice) { return ends(choice.between) == ends(between); });
        if (edge_->currentIndex() < subject::edgeCount)
            study.edges.push_back({between, subject::Edge(edge_->currentIndex())});
    });
}

bool AreasLeaf::takesPoint(const QPointF& fraction) {
    if (!on_.clicked || !(joinWith_->isChecked() || pairWith_->isChecked() || edgeWith_->isChecked())) return false;
    const subject::Place one(on_.clicked->x(), on_.clicked->y()), other(fraction.x(), fraction.y());
    const bool isPair = pairWith_->isChecked(), isEdge = edgeWith_->isChecked();
    for (QPushButton* button : {joinWith_, pairWith_, edgeWith_}) button->setChecked(false);
    const cv::Mat& map = session_.reading()->areas.map;
    if (subject::labelAt(map, one.x, one.y) == subject::labelAt(map, other.x, other.y)) return true;
    if (isEdge) {
        chooseEdge({one, other});
        return true;
    }
    session_.choose(isPair ? tr("Pair two areas") : tr("Join areas"), [&](planning::Study& study) {
        if (isPair)
            study.pairs.push_back({one, other});
        else
            study.areaEdits.push_back({subject::AreaEdit::Kind::join, {{one}, {other}}});
    });
    return true;
}

void AreasLeaf::drawn() {
    if (on_.lookedAt >= 0 && on_.line && on_.clicked) {
        const planning::Borrowing borrowing{on_.lookedAt,
                                            {{on_.line->x1(), on_.line->y1()}, {on_.line->x2(), on_.line->y2()}}};
        sayOfArea(
            tr("Colours from another reference"), [&](planning::AreaChoice& area) { area.borrowed = borrowing; },
            QStringLiteral("borrowed"));
    }
    refresh();
}

void AreasLeaf::showArea() {
    const auto reading = session_.reading();
    const int index = on_.chosenArea(session_);
    for (QWidget* field : QList<QWidget*>{name_, kind_, plane_, focal_, joinWith_, pairWith_, edge_, edgeWith_})
        field->setEnabled(index >= 0);
    source_->setEnabled(index >= 0 && !session_.study().others.empty());
    apart_->setEnabled(false);
    noDirections_->setEnabled(false);
    noFace_->setVisible(index >= 0 && isFound(reading->areas.list[std::size_t(index)]));
    if (index < 0) {
        name_->clear();
        focal_->setChecked(false);
        source_->setCurrentIndex(0);
        return;
    }
    const subject::Area& area = reading->areas.list[std::size_t(index)];
    const planning::AreaChoice* said = saidOf(session_.study(), reading->areas, index);
    if (!name_->hasFocus() || !name_->isModified()) {
        name_->setText(said ? QString::fromStdString(said->name) : QString());
        name_->setPlaceholderText(wording::areaNames(session_.study(), reading->areas)[index]);
    }
    kind_->setCurrentIndex(int(area.kind));
    plane_->setCurrentIndex(int(area.plane));
    focal_->setChecked(area.focal);
    if (on_.lookedAt < 0) source_->setCurrentIndex(said && said->borrowed ? said->borrowed->picture + 1 : 0);
    apart_->setEnabled(std::ranges::count(reading->areas.list, area.together, &subject::Area::together) > 1);
    noDirections_->setEnabled(std::ranges::any_of(session_.study().directions, [&](const subject::Line& arrow) {
        return subject::labelAt(reading->areas.map, arrow.from.x, arrow.from.y) == index;
    }));
}

void AreasLeaf::refresh() {
    const planning::Study& study = session_.study();
    const auto reading = session_.reading();
    for (const auto& [button, kind] : edits_)
        button->setEnabled(reading && int(on_.scribbles.size()) >= subject::leastScribbles(kind));
    directions_->setEnabled(reading && !on_.scribbles.empty());
    wipe_->setEnabled(!on_.scribbles.empty());
    showValue(count_, study.areas);
    showValue(fewer_, study.areas);
    corrected_->setVisible(reading && !study.areaEdits.empty());
    if (reading) corrected_->setText(tr("%n as corrected", nullptr, int(reading->areas.list.size())));
    anew_->setVisible(study.parting == subject::Parting::byColour);
    QStringList sources{tr("this picture")};
    for (const auto& file : study.others) sources << QString::fromStdString(file->name);
    if (source_->count() != sources.size()) {
        source_->clear();
        source_->addItems(sources);
    }
    showArea();
    triads_->show(reading, reading ? wording::areaNames(study, reading->areas) : QStringList(),
                  on_.chosenArea(session_));
}

void AreasLeaf::addTo(Views& views) const {
    const planning::Study& study = session_.study();
    for (const subject::Line& arrow : study.directions)
        views.overlays.push_back(
            {{QPointF(arrow.from.x, arrow.from.y), QPointF(arrow.to.x, arrow.to.y)}, Overlay::Kind::arrow});
    for (const subject::Line& pair : study.pairs)
        views.overlays.push_back({{QPointF(pair.from.x, pair.from.y), QPointF(pair.to.x, pair.to.y)},
                                  Overlay::Kind::guide,
                                  false,
                                  tr("pair")});
    for (const subject::Scribble& scribble : on_.scribbles) views.overlays.push_back({polygonOf(scribble)});
}

QStringList AreasLeaf::sentences() const {
    const planning::Study& study = session_.study();
    const auto reading = session_.reading();
    const int index = on_.chosenArea(session_);
    QStringList sentences;
    if (on_.lookedAt >= 0)
        sentences << tr(
            "Draw a diagonal over the part of this reference whose colours the area takes, from its darkest to "
            "its lightest. \"this picture\" gives it its own colours back.");
    if (joinWith_->isChecked()) sentences << tr("Click on the area that is to be one with the chosen one.");
    if (edgeWith_->isChecked()) sentences << tr("Click on the area with which the chosen one has this edge.");
    if (pairWith_->isChecked()) sentences << tr("Click on the area that is planned as one with the chosen one.");
    const QStringList names = wording::areaNames(study, reading->areas);
    if (index < 0) {
        sentences << tr(
            "%n areas are proposed. Click on one to say what it is; scribble on the picture to correct them.", nullptr,
            int(names.size()));
        QStringList parts;
        for (int i = 0; i < names.size(); ++i) {
            const long percent = std::lround(reading->areas.list[std::size_t(i)].share * 100);
            parts << (percent > 0 ? tr("%1 (%2 %)").arg(names[i]).arg(percent) : tr("%1 (under 1 %)").arg(names[i]));
        }
        sentences << parts.join(QStringLiteral("; ")) + QStringLiteral(".");
        return sentences;
    }
    const subject::Area& area = reading->areas.list[std::size_t(index)];
    const long percent = std::lround(area.share * 100);
    sentences << (percent > 0 ? tr("%1 holds %2 % of the picture.").arg(names[index]).arg(percent)
                              : tr("%1 holds less than 1 % of the picture.").arg(names[index]));
    sentences.last()[0] = sentences.last()[0].toUpper();
    const QString why = wording::planeWhyWords(area, names);
    sentences << (why.isEmpty() ? tr("It lies in the %1.").arg(wording::planeWord(area.plane))
                                : tr("It lies in the %1: %2.").arg(wording::planeWord(area.plane), why));
    if (index < int(triads_->triads().size()))
        sentences << tr("Its light: %1.").arg(wording::lightOnArea(triads_->triads()[std::size_t(index)]));
    if (const QString edges = wording::edgesSentence(subject::meetingsOf(reading->areas, reading->edges, index), names);
        !edges.isEmpty())
        sentences << edges;
    if (const QString by = wording::recognisedBy(area.recognised); !by.isEmpty()) sentences << by;
    if (const QString advice = wording::areaKindAdvice(area.kind); !advice.isEmpty()) sentences << advice;
    QStringList fellows;
    for (int i = 0; i < names.size(); ++i)
        if (i != index && reading->areas.list[std::size_t(i)].together == area.together) fellows << names[i];
    if (!fellows.isEmpty())
        sentences << tr("Planned together with %1: the same layers, in the same steps.")
                         .arg(fellows.join(QStringLiteral("; ")));
    if (const planning::AreaChoice* said = saidOf(study, reading->areas, index); said && said->borrowed)
        sentences << tr("Its colours come from %1.")
                         .arg(QString::fromStdString(study.others[std::size_t(said->borrowed->picture)]->name));
    return sentences;
}

}  // namespace app
