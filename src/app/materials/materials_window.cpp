#include "app/materials/materials_window.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QLineEdit>
#include <QMenuBar>
#include <QPushButton>
#include <QScrollArea>
#include <QUndoCommand>
#include <QVBoxLayout>
#include <limits>
#include <map>

#include "app/widgets/fields.h"
#include "colour/srgb.h"
#include "common/file.h"
#include "drawing/fonts.h"
#include "matching/substitutes.h"
#include "pigment/patch.h"
#include "print/swatch_card.h"
#include "storage/library_csv.h"
#include "subject/picture.h"
#include "wording/sentences.h"

namespace app {

/// Things as they were and as they are; what was not there before is taken out again by undoing.
class MaterialsWindow::Change : public QUndoCommand {
 public:
    Change(MaterialsWindow& window, const QString& what, std::vector<materials::Owned> before,
           std::vector<materials::Owned> after, std::vector<std::string> added)
        : QUndoCommand(what),
          window_(window),
          before_(std::move(before)),
          after_(std::move(after)),
          added_(std::move(added)) {}

    void redo() override { setObsolete(!window_.write(after_, {})); }
    void undo() override { window_.write(before_, added_); }

 private:
    MaterialsWindow& window_;
    std::vector<materials::Owned> before_, after_;
    std::vector<std::string> added_;
};

MaterialsWindow::MaterialsWindow(storage::MaterialsStore& store) : store_(store) {
    worker_.setMaxThreadCount(1);
    reader_.setMaxThreadCount(1);
    setWindowTitle(tr("Materials · Yawning Dune"));
    makeFrame();
    makeMenus();
    resize(1280, 800);
    write({}, {});
    if (store_.isReadOnly()) say({common::ProblemKind::libraryBusy, store_.file().toStdString()});
}

MaterialsWindow::~MaterialsWindow() {
    for (QThreadPool* pool : {&worker_, &reader_}) {
        pool->clear();
        pool->waitForDone();
    }
}

void MaterialsWindow::makeFrame() {
    auto* whole = new QWidget;
    whole->setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(16, 10, 0, 10);
    auto* left = new QVBoxLayout;
    auto* head = new QHBoxLayout;
    head->setSpacing(6);
    auto* title = new QLabel(tr("The drawer"));
    title->setFont(drawing::font(drawing::TypeSize::head, true));
    head->addWidget(title);
    head->addStretch(1);
    by_ = new QComboBox;
    by_->addItems({tr("hue and value"), tr("kind"), tr("box")});
    addField(head, tr("Lay out by"), by_);
    head->addSpacing(10);
    find_ = new QLineEdit;
    find_->setPlaceholderText(tr("name, pigment, colour, box …"));
    find_->setMinimumWidth(230);
    find_->setClearButtonEnabled(true);
    addField(head, tr("Find"), find_);
    head->addSpacing(10);
    runsLow_ = new QCheckBox(tr("Runs low"));
    head->addWidget(runsLow_);
    nearest_ = new QPushButton(tr("Nearest to this"));
    nearest_->setCheckable(true);
    nearest_->setEnabled(false);
    head->addWidget(nearest_);
    left->addLayout(head);
    view_ = new DrawerView;
    left->addWidget(view_, 1);
    row->addLayout(left, 1);

    auto* right = new QVBoxLayout;
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFixedWidth(282);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFrameShape(QFrame::NoFrame);
    margin_ = new Margin;
    scroll->setWidget(margin_);
    scroll->setFixedHeight(360);
    right->addWidget(scroll);
    right->addWidget(makeFields());
    right->addStretch(1);
    row->addLayout(right);
    setCentralWidget(whole);

    connect(by_, &QComboBox::currentIndexChanged, this, [this](int by) {
        wanted_.by = static_cast<LaidOutBy>(by);
        arrange();
    });
    connect(find_, &QLineEdit::textChanged, this, [this](const QString& words) {
        wanted_.words = words;
        arrange();
    });
    connect(runsLow_, &QCheckBox::toggled, this, [this](bool on) {
        wanted_.runsLow = on;
        arrange();
    });
    connect(nearest_, &QPushButton::toggled, this, [this](bool on) {
        wanted_.nearestTo.reset();
        const auto things = selected();
        if (const auto colour = on && things.size() == 1 ? colourOf(things[0]) : std::nullopt)
            wanted_.nearestTo = colour::labFromSrgb8(*colour);
        arrange();
    });
    connect(view_, &DrawerView::selectionChanged, this, &MaterialsWindow::describe);
}

QWidget* MaterialsWindow::makeFields() {
    fields_ = new QWidget;
    auto* form = new QFormLayout(fields_);
    form->setContentsMargins(16, 4, 16, 4);
    stock_ = new QComboBox;
    for (int i = 0; i < 4; ++i) stock_->addItem(wording::stockWord(materials::Stock(i)));
    box_ = new QLineEdit;
    slot_ = wholeNumber(0, 9999);
    slot_->setSpecialValueText(tr("none"));
    notes_ = new QLineEdit;
    const std::pair<QString, QWidget*> rows[] = {
        {tr("Left"), stock_}, {tr("Box"), box_}, {tr("Slot"), slot_}, {tr("Notes"), notes_}};
    for (const auto& [label, field] : rows) {
        form->addRow(label, field);
        field->setAccessibleName(label);
    }
    paper_ = new QComboBox;
    paper_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    form->addRow(tr("Tried on"), paper_);
    paper_->setAccessibleName(tr("Tried on"));
    connect(paper_, &QComboBox::activated, this, &MaterialsWindow::describe);
    connect(stock_, &QComboBox::activated, this, [this](int stock) {
        change(tr("What is left"),
               [stock](materials::Owned& owned) { owned.stock = static_cast<materials::Stock>(stock); });
    });
    connect(box_, &QLineEdit::editingFinished, this, [this] {
        if (!box_->isModified()) return;
        change(tr("Box"), [box = box_->text().trimmed().toStdString()](materials::Owned& owned) { owned.box = box; });
    });
    connect(slot_, &QSpinBox::valueChanged, this,
            [this](int slot) { change(tr("Slot"), [slot](materials::Owned& owned) { owned.slot = slot; }); });
    connect(notes_, &QLineEdit::editingFinished, this, [this] {
        if (!notes_->isModified()) return;
        change(tr("Notes"),
               [notes = notes_->text().trimmed().toStdString()](materials::Owned& owned) { owned.notes = notes; });
    });
    return fields_;
}

void MaterialsWindow::makeMenus() {
    const auto add = [this](QMenu* menu, const QString& text, const QKeySequence& key, auto work) {
        QAction* action = menu->addAction(text);
        action->setShortcut(key);
        connect(action, &QAction::triggered, this, work);
        return action;
    };
    QMenu* drawer = menuBar()->addMenu(tr("&Drawer"));
    add(drawer, tr("Take in a list (CSV)…"), QKeySequence::Open, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Take in a list"), {}, tr("Lists (*.csv)"));
        if (!file.isEmpty()) takeIn(file);
    })->setEnabled(!store_.isReadOnly());
    add(drawer, tr("Print swatch cards for what is shown…"), QKeySequence::Print, [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("Print swatch cards"), {}, tr("Cards (*.pdf)"));
        if (!file.isEmpty()) printCards(file);
    });
    add(drawer, tr("Read a filled card of what is shown…"), QKeySequence(Qt::CTRL | Qt::Key_R), [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Read a filled card"), {},
                                                          tr("Photographs (*.jpg *.jpeg *.png *.tif *.tiff *.webp)"));
        if (!file.isEmpty()) readCard(file);
    })->setEnabled(!store_.isReadOnly());
    add(drawer, tr("Stop reading"), QKeySequence(Qt::Key_Escape), [this] { stopReading(); });
    drawer->addSeparator();
    add(drawer, tr("Close"), QKeySequence::Close, [this] { close(); });
    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = history_.createUndoAction(this, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = history_.createRedoAction(this, tr("Redo"));
    redo->setShortcut(QKeySequence::Redo);
    edit->addActions({undo, redo});
    edit->addSeparator();
    add(edit, tr("Select all that is shown"), QKeySequence::SelectAll, [this] {
        std::set<int> all;
        for (const Section& section : view_->sections()) all.insert(section.things.begin(), section.things.end());
        view_->select(all);
    });
    add(edit, tr("Find"), QKeySequence::Find, [this] {
        find_->setFocus();
        find_->selectAll();
    });
}

void MaterialsWindow::say(const common::Problem& problem) {
    margin_->setProblem(wording::problemSentence(problem));
}

bool MaterialsWindow::write(const std::vector<materials::Owned>& put, const std::vector<std::string>& removed) {
    for (const auto& done : {put.empty() ? common::Done(std::monostate{}) : store_.put(put),
                             removed.empty() ? common::Done(std::monostate{}) : store_.remove(removed)})
        if (!done) {
            say(done.problem());
            return false;
        }
    auto drawer = store_.drawer();
    if (!drawer) {
        say(drawer.problem());
        return false;
    }
    // Places change when things come and go: what is selected is kept by its id.
    std::set<std::string> ids;
    for (const materials::Owned& owned : selected()) ids.insert(materials::idOf(owned));
    drawer_ = *std::move(drawer);
    listPapers();
    std::set<int> kept;
    for (int i = 0; i < int(drawer_.things.size()); ++i)
        if (ids.contains(materials::idOf(drawer_.things[std::size_t(i)]))) kept.insert(i);
    margin_->setProblem({});
    arrange();
    view_->select(kept);
    describe();
    Q_EMIT drawerChanged();
    return true;
}

void MaterialsWindow::arrange() {
    view_->show(drawer_.things, arranged(drawer_.things, wanted_));
}

std::vector<materials::Owned> MaterialsWindow::selected() const {
    std::vector<materials::Owned> things;
    for (const int i : view_->selected())
        if (i < int(drawer_.things.size())) things.push_back(drawer_.things[std::size_t(i)]);
    return things;
}

void MaterialsWindow::change(const QString& what, const std::function<void(materials::Owned&)>& edit) {
    if (describing_) return;
    const std::vector<materials::Owned> before = selected();
    std::vector<materials::Owned> after = before;
    for (materials::Owned& owned : after) edit(owned);
    if (after != before) history_.push(new Change(*this, what, before, after, {}));
}

bool MaterialsWindow::takeIn(const QString& file) {
    const auto library = storage::readLibraryCsv(file.toStdString());
    if (!library) {
        say(library.problem());
        return false;
    }
    const std::vector<materials::Owned> after = materials::ownedOf(*library);
    std::map<std::string, const materials::Owned*> there;
    for (const materials::Owned& owned : drawer_.things) there[materials::idOf(owned)] = &owned;
    std::vector<materials::Owned> before;
    std::vector<std::string> added;
    for (const materials::Owned& owned : after) {
        const auto found = there.find(materials::idOf(owned));
        if (found == there.end())
            added.push_back(materials::idOf(owned));
        else
            before.push_back(*found->second);
    }
    history_.push(new Change(*this, tr("Take in %1").arg(QFileInfo(file).fileName()), before, after, added));
    // A change that could not be written does not stay in the history.
    return margin_->problem().isEmpty();
}

bool MaterialsWindow::printCards(const QString& file) {
    const int rows = int(cardRows().size());
    if (rows == 0) {
        margin_->setProblem(tr("Nothing that is shown leaves colour: show some sticks, then print cards for them."));
        return false;
    }
    const int most = review::mostPages * int(review::layoutOf(review::CardPaper::a4).rows.size());
    const auto done = print::writeSwatchCards(review::CardPaper::a4, std::min(rows, most), file);
    if (!done) say(done.problem());
    return done.ok();
}

std::vector<materials::Owned> MaterialsWindow::cardRows() const {
    std::vector<materials::Owned> rows;
    for (const Section& section : view_->sections())
        for (const int i : section.things)
            if (std::holds_alternative<materials::Material>(drawer_.things[std::size_t(i)].what))
                rows.push_back(drawer_.things[std::size_t(i)]);
    return rows;
}

void MaterialsWindow::stopReading() {
    ++cardJob_;
    describe();
}

void MaterialsWindow::readCard(const QString& file) {
    const int job = ++cardJob_;
    margin_->setText({tr("Reading the card"),
                      {tr("The photograph is looked at; this takes a moment. Escape stops it.")},
                      {},
                      {},
                      {}});
    reader_.start([this, file, job, rows = cardRows()] {
        std::vector<materials::Material> known;
        for (const materials::Owned& owned : rows) known.push_back(std::get<materials::Material>(owned.what));
        const auto read = [&]() -> common::Result<review::CardMaterials> {
            const std::string name = file.toStdString();
            const auto bytes = common::readFile(name);
            if (!bytes) return bytes.problem();
            const auto photograph = subject::readPicture(*bytes, name, std::numeric_limits<int>::max());
            if (!photograph) return photograph.problem();
            const auto card = review::readCard(photograph->xyz, name);
            if (!card) return card.problem();
            return review::materialsFrom(*card, known);
        };
        QMetaObject::invokeMethod(
            this,
            [this, rows, job, result = read()] {
                if (job != cardJob_) return;  // stopped
                describe();
                if (result)
                    applyCard(rows, *result);
                else
                    say(result.problem());
            },
            Qt::QueuedConnection);
    });
}

void MaterialsWindow::applyCard(const std::vector<materials::Owned>& rows, const review::CardMaterials& card) {
    std::vector<materials::Owned> before, after;
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (!card.rows[i]) continue;
        before.push_back(rows[i]);
        materials::Owned read = rows[i];
        read.what = *card.rows[i];
        read.source = materials::ColourSource::card;
        after.push_back(read);
    }
    if (!after.empty()) history_.push(new Change(*this, tr("Read a swatch card"), before, after, {}));
    if (!margin_->problem().isEmpty()) return;
    const QString hand = card.hand > 1.1 ? tr("Your hand lays more than is usual (%1 times).").arg(card.hand, 0, 'f', 1)
                         : card.hand < 0.9
                             ? tr("Your hand lays less than is usual (%1 times).").arg(card.hand, 0, 'f', 1)
                             : tr("Your hand lays about as much as is usual.");
    margin_->setText(
        {tr("Card read"),
         {tr("%1 of %2 things that are shown were read from it. Fields that are empty, glossy or unsure were "
             "passed over; what was known before can be had back by undoing.")
              .arg(after.size())
              .arg(rows.size()),
          hand},
         {},
         {},
         {}});
}

void MaterialsWindow::listPapers() {
    const QVariant chosen = paper_->currentData();
    paper_->clear();
    for (const materials::Owned& owned : drawer_.things)
        if (const auto* paper = std::get_if<materials::Paper>(&owned.what))
            paper_->addItem(QString::fromStdString(paper->name), QString::fromStdString(paper->id));
    paper_->setCurrentIndex(std::max(0, paper_->findData(chosen)));
}

void MaterialsWindow::seekSubstitutes() {
    const int job = ++job_;
    const std::vector<materials::Owned> things = selected();
    const auto* stick = things.size() == 1 ? std::get_if<materials::Material>(&things[0].what) : nullptr;
    materials::Library library = materials::libraryOf(drawer_);
    const materials::Paper* paper = library.paper(paper_->currentData().toString().toStdString());
    if (!stick || !paper || materials::isWet(stick->kind)) return;
    worker_.clear();  // what was asked for before is not wanted any more
    worker_.start([this, job, stick = *stick, library = std::move(library), paper = *paper]() mutable {
        // What is used up may be asked for, too.
        std::erase_if(library.media, [&](const materials::Material& medium) { return medium.id == stick.id; });
        library.media.insert(library.media.begin(), stick);
        const auto substitutes =
            matching::substitutesFor(0, matching::prepared(library.media), pigment::barePatch(paper), 2);
        const QStringList sentences = wording::substituteSentences(substitutes, library.media);
        QMetaObject::invokeMethod(
            this,
            [this, job, sentences] {
                if (job != job_) return;
                MarginText text = margin_->text();
                text.paragraphs << sentences;
                margin_->setText(text);
            },
            Qt::QueuedConnection);
    });
}

void MaterialsWindow::describe() {
    describing_ = true;
    const std::vector<materials::Owned> things = selected();
    MarginText text;
    nearest_->setEnabled(nearest_->isChecked() || (things.size() == 1 && colourOf(things[0])));
    fields_->setEnabled(!things.empty() && !store_.isReadOnly());
    if (things.empty()) {
        text.head = tr("Materials");
        text.paragraphs
            << tr("%1 things lie in the drawer. Choose some to read what is known of them and to say what is left, "
                  "where they lie and what you noticed.")
                   .arg(drawer_.things.size());
        text.paragraphs << tr("New studies draw from all that is not used up.");
    } else if (things.size() == 1) {
        std::visit([&](const auto& what) { text.head = QString::fromStdString(what.name); }, things[0].what);
        text.paragraphs = wording::whatIsKnown(things[0]);
        text.cautions = wording::cautionsOf(things[0]);
    } else {
        text.head = tr("%1 things chosen").arg(things.size());
        text.paragraphs << tr("What you say below goes for all of them.");
    }
    margin_->setText(text);
    seekSubstitutes();
    const materials::Owned shown = things.empty() ? materials::Owned{} : things.front();
    stock_->setCurrentIndex(int(shown.stock));
    box_->setText(QString::fromStdString(shown.box));
    slot_->setValue(shown.slot);
    notes_->setText(QString::fromStdString(shown.notes));
    describing_ = false;
}

}  // namespace app
