#include "app/materials/materials_window.h"

#include <QCheckBox>
#include <QCloseEvent>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/materials/kept_fields.h"
#include "app/preferences.h"
#include "app/widgets/fields.h"
#include "app/widgets/room.h"
#include "drawing/fonts.h"
#include "matching/extremes.h"
#include "matching/substitutes.h"
#include "pigment/patch.h"
#include "wording/sentences.h"

namespace app {

using materials::Owned;

MaterialsWindow::MaterialsWindow(OwnDrawer& own) : own_(own) {
    setWindowTitle(tr("Materials · Yawning Dune"));
    makeFrame();
    makeMenus();
    putInPlace(*this, QStringLiteral("materials"), {1280, 800});
    connect(&own_, &OwnDrawer::changed, this, &MaterialsWindow::onDrawerChanged);
    connect(&own_, &OwnDrawer::writingChanged, this, &MaterialsWindow::describe);
    connect(&own_, &OwnDrawer::problemMet, this, &MaterialsWindow::tellProblem);
    onDrawerChanged();
    if (const auto why = own_.store().whyReadOnly()) tellProblem(*why);
    if (own_.unreadable()) tellProblem(*own_.unreadable());
}

void MaterialsWindow::makeFrame() {
    auto* whole = new QWidget;
    whole->setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(16, 10, 0, 10);
    auto* left = new QVBoxLayout;
    auto* head = new QHBoxLayout;
    head->setSpacing(6);
    tray_ = new QComboBox;
    tray_->setToolTip(tr("All that you have, or one tray of it."));
    tray_->setSizePolicy(QSizePolicy::Minimum, QSizePolicy::Fixed);
    tray_->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    tray_->setMaximumWidth(260);  // a tray may be called anything
    addField(head, tr("Show"), tray_);
    head->addSpacing(10);
    by_ = new QComboBox;
    by_->setToolTip(tr("By what things lie together."));
    by_->addItems({tr("hue and value"), tr("kind"), tr("box")});
    addField(head, tr("by"), by_);
    by_->setAccessibleName(tr("Lay out by"));
    head->addSpacing(10);
    find_ = new QLineEdit;
    find_->setToolTip(tr("Words that a thing has, or a colour as #rrggbb: what comes nearest is first."));
    find_->setPlaceholderText(tr("words, or a colour: #rrggbb"));
    find_->setMinimumWidth(210);
    find_->setClearButtonEnabled(true);
    addField(head, tr("Find"), find_);
    head->addStretch(1);
    runsLow_ = new QCheckBox(tr("Runs low"));
    runsLow_->setToolTip(tr("Shows only what is a stub or used up."));
    head->addWidget(runsLow_);
    nearest_ = new QPushButton(tr("Nearest to this"));
    nearest_->setToolTip(tr("Lays out everything by how near its colour is to the chosen one, in CIEDE2000."));
    nearest_->setCheckable(true);
    nearest_->setEnabled(false);
    head->addWidget(nearest_);
    left->addLayout(head);
    view_ = new DrawerView;
    left->addWidget(view_, 1);
    row->addLayout(left, 1);

    auto* right = new QVBoxLayout;
    margin_ = new Margin;
    right->addWidget(scrolled(*margin_, 282), 1);
    fields_ = new KeptFields;
    right->addWidget(fields_);
    paper_ = new QComboBox;
    paper_->setToolTip(tr("The paper on which what is told of colours and substitutes is tried."));
    paper_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    auto* tried = new QHBoxLayout;
    tried->setContentsMargins(16, 0, 16, 4);
    addField(tried, tr("Tried on"), paper_);
    tried->setStretch(1, 1);
    right->addLayout(tried);
    row->addLayout(right);
    setCentralWidget(roomFor(whole));

    connect(tray_, &QComboBox::activated, this, &MaterialsWindow::showTray);
    connect(by_, &QComboBox::currentIndexChanged, this, [this](int by) {
        wanted_.by = static_cast<LaidOutBy>(by);
        arrange();
    });
    connect(find_, &QLineEdit::textChanged, this, [this](const QString& words) {
        // A colour that is typed is looked for by how near things come to it.
        const auto colour = colour::srgb8FromHex(words.trimmed().toStdString());
        wanted_.words = colour ? QString() : words;
        if (colour)
            wanted_.nearestTo = colour::labFromSrgb8(*colour);
        else if (!nearest_->isChecked())
            wanted_.nearestTo.reset();
        arrange();
    });
    connect(runsLow_, &QCheckBox::toggled, this, [this](bool on) {
        wanted_.runsLow = on;
        arrange();
    });
    connect(nearest_, &QPushButton::toggled, this, [this](bool on) {
        wanted_.nearestTo.reset();
        const auto things = selected();
        if (const auto colour = on && things.size() == 1 ? materials::colourOf(things[0]) : std::nullopt)
            wanted_.nearestTo = colour::labFromSrgb8(*colour);
        arrange();
    });
    connect(view_, &DrawerView::selectionChanged, this, &MaterialsWindow::describe);
    connect(view_, &DrawerView::opened, this, &MaterialsWindow::editChosen);
    connect(paper_, &QComboBox::activated, this, &MaterialsWindow::describe);
    connect(fields_, &KeptFields::edited, this,
            qOverload<const QString&, const std::function<void(Owned&)>&>(&MaterialsWindow::change));
    connect(fields_, &KeptFields::photographOpened, this, &MaterialsWindow::openPhotograph);
}

void MaterialsWindow::closeEvent(QCloseEvent* event) {
    keepPlace(*this, QStringLiteral("materials"));
    event->accept();
}

void MaterialsWindow::tellProblem(const common::Problem& problem) {
    margin_->setProblem(wording::problemSentence(problem));
}

void MaterialsWindow::tell(const QString& head, const QString& sentence) {
    margin_->setText({head, {sentence}});
}

void MaterialsWindow::onDrawerChanged() {
    margin_->setProblem({});
    listPapers();
    listTrays();
    // Places change when things come and go: what is selected is kept by its id.
    const std::vector<std::string> before = view_->selectedIds();
    const QSignalBlocker quiet(view_);  // described once, below
    arrange();
    std::set<int> kept;
    for (const std::string& id : before)
        if (const Owned* owned = own_.thing(id)) kept.insert(int(owned - drawer().things.data()));
    view_->select(kept);
    describe();
}

void MaterialsWindow::arrange() {
    view_->show(drawer().things, arranged(drawer().things, wanted_));
}

std::vector<Owned> MaterialsWindow::selected() const {
    std::vector<Owned> things;
    for (const int i : view_->selected()) things.push_back(drawer().things[std::size_t(i)]);
    return things;
}

std::vector<Owned> MaterialsWindow::shown() const {
    std::vector<Owned> things;
    for (const Section& section : view_->sections())
        for (const int i : section.things) things.push_back(drawer().things[std::size_t(i)]);
    return things;
}

std::vector<std::string> MaterialsWindow::shownIds() const {
    std::vector<std::string> ids;
    for (const Owned& owned : shown())
        if (materials::colourOf(owned)) ids.push_back(materials::idOf(owned));
    return ids;
}

void MaterialsWindow::change(const QString& what, const std::function<void(Owned&)>& edit) {
    change(what, selected(), edit);
}

void MaterialsWindow::change(const QString& what, std::vector<Owned> things, const std::function<void(Owned&)>& edit) {
    const std::vector<Owned> before = things;
    for (Owned& owned : things) edit(owned);
    if (things != before) own_.apply(what, {.put = std::move(things)});
}

void MaterialsWindow::listPapers() {
    const QVariant chosen = paper_->currentData();
    paper_->clear();
    for (const Owned& owned : drawer().things)
        if (const auto* paper = std::get_if<materials::Paper>(&owned.what))
            paper_->addItem(QString::fromStdString(paper->name), QString::fromStdString(paper->id));
    paper_->setCurrentIndex(std::max(0, paper_->findData(chosen)));
}

/// Keeps the tray that is shown, by its name.
void MaterialsWindow::listTrays() {
    const QString chosen = tray_->currentData().toString();
    tray_->clear();
    tray_->addItem(tr("the whole drawer"));
    for (const materials::Tray& tray : drawer().trays)
        tray_->addItem(tr("tray: %1").arg(QString::fromStdString(tray.name)), QString::fromStdString(tray.name));
    tray_->setCurrentIndex(chosen.isEmpty() ? 0 : std::max(0, tray_->findData(chosen)));
    wanted_.only.reset();
    if (const materials::Tray* tray = shownTray()) wanted_.only.emplace(tray->ids.begin(), tray->ids.end());
}

void MaterialsWindow::showTray() {
    listTrays();
    arrange();
    describe();
}

const materials::Tray* MaterialsWindow::shownTray() const {
    const QString name = tray_->currentData().toString();
    return name.isEmpty() ? nullptr : own_.tray(name.toStdString());
}

void MaterialsWindow::seekSubstitutes() {
    substitutes_.stop();
    const std::vector<Owned> things = selected();
    materials::Library library = materials::libraryOf(drawer(), shownTray());
    const Owned* tried = own_.thing(paper_->currentData().toString().toStdString());
    if (!tried || things.size() > 1) return;
    const auto* stick = things.empty() ? nullptr : std::get_if<materials::Material>(&things[0].what);
    if (!things.empty() && (!stick || materials::isWet(stick->kind))) return;
    // What is used up may be asked for, too.
    if (stick) {
        std::erase_if(library.media, [&](const materials::Material& medium) { return medium.id == stick->id; });
        library.media.insert(library.media.begin(), *stick);
    }
    substitutes_.run(
        [library = std::move(library), isStick = stick != nullptr,
         paper = pigment::barePatch(std::get<materials::Paper>(tried->what))](const common::Progress&) {
            // The drawer belongs to no study: it is looked at in daylight.
            constexpr auto light = colour::Light::daylight65;
            const auto sticks = matching::prepared(library.media, light);
            return isStick ? wording::substituteSentences(matching::substitutesFor(0, sticks, paper, 2, light),
                                                          library.media)
                           : wording::extremeSentences(matching::extremesOf(sticks, paper, light), library.media);
        },
        [this](const QStringList& sentences) {
            MarginText text = margin_->text();
            text.paragraphs << sentences;
            margin_->setText(text);
        });
}

/// What is said while nothing is chosen.
MarginText MaterialsWindow::wholeText() const {
    MarginText text;
    const materials::Tray* tray = shownTray();
    text.head = tray ? QString::fromStdString(tray->name) : tr("Materials");
    text.paragraphs << (tray ? tr("%n things lie in this tray. The Sticks station lets a study draw from it alone.",
                                  nullptr, int(tray->ids.size()))
                             : tr("%n things lie in the drawer. Choose some to read what is known of them and to say "
                                  "what is left, where they lie and what you noticed.",
                                  nullptr, int(drawer().things.size())));
    if (!tray) text.paragraphs << tr("New studies draw from all that is not used up.");
    QStringList mixtures;
    for (const materials::OwnMixture& mixture : drawer().mixtures) mixtures << QString::fromStdString(mixture.name);
    if (!tray && !mixtures.isEmpty())
        text.paragraphs << tr("Mixtures of your own, to be laid on the trial sheet (Y): %1.")
                               .arg(mixtures.join(QStringLiteral(", ")));
    return text;
}

void MaterialsWindow::describe() {
    const std::vector<Owned> things = selected();
    MarginText text = wholeText();
    if (things.size() == 1) {
        text = {};
        text.head = QString::fromStdString(materials::nameOf(things[0]));
        text.paragraphs = wording::whatIsKnown(things[0]);
        text.cautions = wording::cautionsOf(things[0]);
        QStringList trays;
        for (const materials::Tray& tray : drawer().trays)
            if (std::ranges::find(tray.ids, materials::idOf(things[0])) != tray.ids.end())
                trays << QString::fromStdString(tray.name);
        if (!trays.isEmpty()) text.paragraphs << tr("It lies in: %1.").arg(trays.join(QStringLiteral(", ")));
        QStringList mixtures;
        for (const materials::OwnMixture& mixture : drawer().mixtures)
            if (std::ranges::count(mixture.strokes, materials::idOf(things[0]), &materials::MixtureStroke::stick) > 0)
                mixtures << QString::fromStdString(mixture.name);
        if (!mixtures.isEmpty())
            text.paragraphs << tr("It is in your own: %1.").arg(mixtures.join(QStringLiteral(", ")));
    } else if (things.size() > 1) {
        text = {};
        text.head = tr("%n things chosen", nullptr, int(things.size()));
        text.paragraphs << tr("What you say below goes for all of them.");
    }
    margin_->setText(text);
    const bool mayChange = !own_.store().isReadOnly() && !own_.isWriting();
    nearest_->setEnabled(nearest_->isChecked() || (things.size() == 1 && materials::colourOf(things[0])));
    fields_->setEnabled(!things.empty() && mayChange);
    for (QAction* action : changing_) action->setEnabled(mayChange);
    for (QAction* action : forChosen_) action->setEnabled(mayChange && !things.empty());
    fields_->show(things);
    photographs_.stop();
    if (things.size() == 1 && !things[0].photographs.empty()) seekPhotographs(things[0]);
    seekSubstitutes();
}

}  // namespace app
