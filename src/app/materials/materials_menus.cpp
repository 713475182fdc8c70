#include <QBuffer>
#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QImageReader>
#include <QInputDialog>
#include <QLineEdit>
#include <QMenuBar>
#include <algorithm>
#include <set>

#include "app/file_to_write.h"
#include "app/materials/card_sheet.h"
#include "app/materials/colour_pick.h"
#include "app/materials/kept_fields.h"
#include "app/materials/list_sheet.h"
#include "app/materials/materials_window.h"
#include "app/materials/reader_sheet.h"
#include "app/materials/thing_editor.h"
#include "materials/doubles.h"
#include "print/swatch_card.h"
#include "storage/drawer_json.h"
#include "storage/list_export.h"
#include "storage/whole_file.h"
#include "subject/picture.h"
#include "wording/counts.h"
#include "wording/sentences.h"

namespace app {

using materials::Owned;

QAction* MaterialsWindow::add(QMenu* menu, const QString& text, const QKeySequence& key, std::function<void()> work) {
    QAction* action = menu->addAction(text);
    action->setShortcut(key);
    connect(action, &QAction::triggered, this, std::move(work));
    return action;
}

void MaterialsWindow::makeMenus() {
    const auto openFile = [this](const QString& title, const QString& filter,
                                 void (MaterialsWindow::*then)(const QString&)) {
        return [this, title, filter, then] {
            const QString file = QFileDialog::getOpenFileName(this, title, {}, filter);
            if (!file.isEmpty()) (this->*then)(file);
        };
    };
    QMenu* menu = menuBar()->addMenu(tr("&Drawer"));
    changing_ << add(menu, tr("Put something new into it…"), QKeySequence::New, [this] { addThing(); });
    forChosen_ << add(menu, tr("Change what it is…"), {}, [this] { editChosen(); });
    forChosen_ << add(menu, tr("Attach a photograph…"), {}, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Attach a photograph"), {}, photographKinds());
        if (!file.isEmpty()) attach(file);
    });
    connect(fields_, &KeptFields::attachWanted, forChosen_.last(), &QAction::trigger);
    forChosen_ << add(menu, tr("Try on the trial sheet"), QKeySequence(Qt::Key_Y),
                      [this] { Q_EMIT trialWanted(view_->selectedIds()); });
    menu->addSeparator();
    changing_ << add(
        menu, tr("Take in a list…"), QKeySequence::Open,
        openFile(tr("Take in a list"),
                 tr("Lists, palettes, readings, drawers (*.csv *.tsv *.gpl *.txt *.cgats *.ti3 *.sp *.json)"),
                 &MaterialsWindow::takeIn));
    add(menu, tr("Export…"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] {
        const QString file = fileToWrite(
            this, tr("Export"), {},
            tr("List of what is shown (*.csv);;Its colours as a palette (*.gpl);;Its colours as readings, CGATS "
               "(*.txt);;The whole drawer (*.json)"));
        if (!file.isEmpty()) exportTo(file);
    });
    menu->addSeparator();
    for (const auto& [paper, text, key] :
         {std::tuple(review::CardPaper::a4, tr("Print swatch cards for what is shown, A4…"),
                     QKeySequence(QKeySequence::Print)),
          std::tuple(review::CardPaper::letter, tr("Print swatch cards for what is shown, Letter…"), QKeySequence())})
        add(menu, text, key, [this, p = paper] {
            const QString file = fileToWrite(this, tr("Print swatch cards"), {}, tr("Cards (*.pdf)"));
            if (!file.isEmpty()) printCards(p, file);
        });
    changing_ << add(menu, tr("Read a filled card…"), QKeySequence(Qt::CTRL | Qt::Key_R),
                     openFile(tr("Read a filled card"), photographKinds(), &MaterialsWindow::readCard));
    changing_ << add(menu, tr("Colour reader…"), QKeySequence(Qt::CTRL | Qt::Key_L), [this] { readWithReader(); });
    menu->addSeparator();
    add(menu, tr("Close"), QKeySequence::Close, [this] { close(); });

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = add(edit, tr("Undo"), QKeySequence::Undo, [this] { own_.undo(); });
    QAction* redo = add(edit, tr("Redo"), {}, [this] { own_.redo(); });
    redo->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    const auto follow = [this, undo, redo] {
        const QUndoStack& history = own_.history();
        undo->setText(tr("Undo %1").arg(history.undoText()));
        redo->setText(tr("Redo %1").arg(history.redoText()));
        undo->setEnabled(history.canUndo() && !own_.isWriting());
        redo->setEnabled(history.canRedo() && !own_.isWriting());
    };
    connect(&own_.history(), &QUndoStack::indexChanged, this, follow);
    connect(&own_, &OwnDrawer::writingChanged, this, follow);
    follow();
    edit->addSeparator();
    add(edit, tr("Select all that is shown"), QKeySequence::SelectAll, [this] {
        std::set<int> everything;
        for (const Section& section : view_->sections())
            everything.insert(section.things.begin(), section.things.end());
        view_->select(everything);
    });
    add(edit, tr("Find"), QKeySequence::Find, [this] {
        find_->setFocus();
        find_->selectAll();
    });
    add(edit, tr("Find a colour out of a photograph…"), {},
        openFile(tr("Find a colour"), photographKinds(), &MaterialsWindow::findColourIn));
    edit->addSeparator();
    QAction* doubles = edit->addAction(tr("Show what is likely there twice"));
    doubles->setCheckable(true);
    connect(doubles, &QAction::toggled, this, [this](bool on) {
        wanted_.doubles = on;
        arrange();
    });
    forChosen_ << add(edit, tr("Make one of what is chosen"), QKeySequence(Qt::CTRL | Qt::Key_M), [this] { merge(); });
    forChosen_ << add(edit, tr("Take out of the drawer"), QKeySequence::Delete,
                      [this] { own_.apply(tr("Take out of the drawer"), {.removed = view_->selectedIds()}); });
    makeTrayMenu();
}

void MaterialsWindow::makeTrayMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Tray"));
    forChosen_ << add(menu, tr("Put what is chosen into a tray…"), QKeySequence(Qt::CTRL | Qt::Key_T),
                      [this] { putIntoTray(); });
    forChosen_ << add(menu, tr("Take what is chosen out of this tray"), {}, [this] { takeOutOfTray(); });
    menu->addSeparator();
    changing_ << add(menu, tr("Call this tray otherwise…"), {}, [this] { renameTray(); });
    changing_ << add(menu, tr("Give this tray up"), {}, [this] { giveUpTray(); });
}

void MaterialsWindow::putIntoTray() {
    QStringList names;
    for (const materials::Tray& tray : drawer().trays) names << QString::fromStdString(tray.name);
    bool ok = false;
    const QString name =
        QInputDialog::getItem(this, tr("Into a tray"), tr("A tray that is there, or a new name:"), names, 0, true, &ok)
            .trimmed();
    if (!ok || name.isEmpty()) return;
    const materials::Tray* there = own_.tray(name.toStdString());
    materials::Tray tray = there ? *there : materials::Tray{name.toStdString(), {}};
    for (const std::string& id : view_->selectedIds())
        if (std::ranges::find(tray.ids, id) == tray.ids.end()) tray.ids.push_back(id);
    own_.apply(tr("Into the tray %1").arg(name), {.trays = {tray}});
}

void MaterialsWindow::takeOutOfTray() {
    const materials::Tray* shownNow = shownTray();
    if (!shownNow) return margin_->setProblem(tr("Show a tray first: what is chosen is then taken out of it."));
    materials::Tray tray = *shownNow;
    const std::vector<std::string> ids = view_->selectedIds();
    std::erase_if(tray.ids, [&](const std::string& id) { return std::ranges::find(ids, id) != ids.end(); });
    own_.apply(tr("Out of the tray %1").arg(QString::fromStdString(tray.name)), {.trays = {tray}});
}

void MaterialsWindow::renameTray() {
    const materials::Tray* tray = shownTray();
    if (!tray) return margin_->setProblem(tr("Show a tray first: it can then be called otherwise."));
    bool ok = false;
    const QString before = QString::fromStdString(tray->name);
    const QString name =
        QInputDialog::getText(this, tr("Tray"), tr("Its new name:"), QLineEdit::Normal, before, &ok).trimmed();
    if (!ok || name.isEmpty() || name == before) return;
    if (own_.tray(name.toStdString()))
        return margin_->setProblem(tr("There is a tray called %1 already: take another name.").arg(name));
    const materials::Tray renamed{name.toStdString(), tray->ids};
    if (!own_.apply(tr("Call the tray %1").arg(name), {.trays = {{tray->name, {}}, renamed}})) return;
    tray_->setCurrentIndex(tray_->findData(name));
    showTray();
}

void MaterialsWindow::giveUpTray() {
    const materials::Tray* tray = shownTray();
    if (!tray) return margin_->setProblem(tr("Show a tray first: it can then be given up. Its things stay."));
    own_.apply(tr("Give up the tray %1").arg(QString::fromStdString(tray->name)), {.trays = {{tray->name, {}}}});
}

void MaterialsWindow::merge() {
    const std::vector<Owned> things = selected();
    if (!materials::canMerge(things))
        return margin_->setProblem(
            tr("Choose two or more that are one and the same, all sticks or paints, all papers or all tools."));
    const Owned one = materials::merged(things);
    storage::DrawerChange change{.put = {one}};
    for (auto other = things.begin() + 1; other != things.end(); ++other)
        change.removed.push_back(materials::idOf(*other));
    // A mixture or tray that held any of them holds the one.
    for (materials::OwnMixture mixture : drawer().mixtures) {
        const materials::OwnMixture before = mixture;
        for (materials::MixtureStroke& stroke : mixture.strokes)
            if (std::ranges::find(change.removed, stroke.stick) != change.removed.end())
                stroke.stick = materials::idOf(one);
        if (mixture != before) change.mixtures.push_back(mixture);
    }
    for (materials::Tray tray : drawer().trays) {
        const std::size_t before = tray.ids.size();
        std::erase_if(tray.ids, [&](const std::string& id) {
            return std::ranges::find(change.removed, id) != change.removed.end();
        });
        if (tray.ids.size() == before) continue;
        if (std::ranges::find(tray.ids, materials::idOf(one)) == tray.ids.end())
            tray.ids.push_back(materials::idOf(one));
        change.trays.push_back(tray);
    }
    own_.apply(tr("Make one of %1").arg(things.size()), change);
}

ThingEditor* MaterialsWindow::openEditor(std::vector<Owned> things, bool isNew) {
    std::vector<materials::Paper> others;
    for (const Owned& owned : own_.drawer().things)
        if (const auto* paper = std::get_if<materials::Paper>(&owned.what))
            if (paper->id != materials::idOf(things.front())) others.push_back(*paper);
    auto* editor = new ThingEditor(this, std::move(things), isNew, others);
    editor->pickColour = [this](const std::function<void(colour::Srgb8)>& take) {
        const QString file = QFileDialog::getOpenFileName(this, tr("Pick a colour"), {}, photographKinds());
        if (!file.isEmpty()) pickFrom(file, take);
    };
    editor->open();
    return editor;
}

void MaterialsWindow::editChosen() {
    const std::vector<Owned> things = selected();
    if (things.empty() || own_.store().isReadOnly()) return;
    const auto isOther = [&](const Owned& owned) { return owned.what.index() != things[0].what.index(); };
    if (std::ranges::any_of(things, isOther))
        return margin_->setProblem(
            tr("Choose sticks and paints, papers or tools alone: they are told in other words."));
    connect(openEditor(things, false), &ThingEditor::taken, this, [this](const std::vector<Owned>& after) {
        own_.apply(after.size() == 1 ? tr("Change %1").arg(QString::fromStdString(materials::nameOf(after[0])))
                                     : tr("Change %n things", nullptr, int(after.size())),
                   {.put = after});
    });
}

void MaterialsWindow::addThing() {
    Owned fresh;
    fresh.source = materials::ColourSource::typed;
    connect(openEditor({fresh}, true), &ThingEditor::taken, this, [this](std::vector<Owned> told) {
        Owned& owned = told.front();
        int tried = 0;
        const std::string id = materials::freeId(
            materials::nameOf(owned), [this](const std::string& one) { return own_.thing(one) != nullptr; }, tried);
        std::visit([&](auto& what) { what.id = id; }, owned.what);
        if (!own_.apply(tr("Put in %1").arg(QString::fromStdString(materials::nameOf(owned))), {.put = {owned}}))
            return;
        view_->select({int(own_.thing(id) - drawer().things.data())});
    });
}

void MaterialsWindow::pickFrom(const QString& file, const std::function<void(colour::Srgb8)>& take) {
    files_.run(
        [name = file.toStdString()](const common::Progress&) -> common::Result<QImage> {
            const auto bytes = common::readFile(name, subject::mostPictureBytes);
            if (!bytes) return bytes.problem();
            return ColourPick::read(*bytes, name);
        },
        [this, take](common::Result<QImage> image) {
            if (!image) return tellProblem(image.problem());
            auto* pick = new ColourPick(this, *image);
            connect(pick, &ColourPick::picked, this, take);
            pick->open();
        });
}

void MaterialsWindow::findColourIn(const QString& file) {
    pickFrom(file,
             [this](colour::Srgb8 colour) { find_->setText(QString::fromStdString(colour::hexFromSrgb8(colour))); });
}

void MaterialsWindow::attach(const QString& file) {
    files_.run(
        [name = file.toStdString(), title = QFileInfo(file).fileName().toStdString(),
         &store = own_.store()](const common::Progress&) -> common::Result<std::string> {
            const auto bytes = common::readFile(name, subject::mostPictureBytes);
            if (!bytes) return bytes.problem();
            // What is no picture is refused before it is held.
            if (const auto image = ColourPick::read(*bytes, name); !image) return image.problem();
            const auto other = store.another();
            if (!other) return other.problem();
            return (*other)->keep({title, *bytes});
        },
        [this, ids = view_->selectedIds()](const common::Result<std::string>& key) {
            if (!key) return tellProblem(key.problem());
            // As they are now: they may have been changed, or taken out, while it was read.
            std::vector<Owned> things;
            for (const std::string& id : ids)
                if (const Owned* owned = own_.thing(id)) things.push_back(*owned);
            change(tr("Attach a photograph"), things, [&](Owned& owned) {
                if (std::ranges::find(owned.photographs, *key) == owned.photographs.end())
                    owned.photographs.push_back(*key);
            });
        });
}

namespace {

/// A photograph decoded small.
QImage thumbnailOf(const storage::Photograph& photograph) {
    QBuffer buffer;
    buffer.setData(reinterpret_cast<const char*>(photograph.bytes.data()), qsizetype(photograph.bytes.size()));
    QImageReader reader(&buffer);
    reader.setAutoTransform(true);
    reader.setScaledSize(reader.size().scaled(72, 52, Qt::KeepAspectRatio));
    QImage image = reader.read();
    if (!image.isNull()) return image;
    // A format that Qt does not know.
    const auto other = ColourPick::read(photograph.bytes, photograph.name);
    return other ? other->scaled(72, 52, Qt::KeepAspectRatio) : QImage();
}

}  // namespace

void MaterialsWindow::seekPhotographs(const Owned& thing) {
    photographs_.run(
        [keys = thing.photographs, &store = own_.store()](const common::Progress&) {
            QList<std::pair<QString, QImage>> small;
            if (const auto other = store.another())
                for (const std::string& key : keys)
                    if (const auto photograph = (*other)->photograph(key))
                        small << std::pair(QString::fromStdString(key), thumbnailOf(*photograph));
            return small;
        },
        [this](const QList<std::pair<QString, QImage>>& small) { fields_->showPhotographs(small); });
}

void MaterialsWindow::openPhotograph(const QString& key) {
    files_.run(
        [key = key.toStdString(), &store = own_.store()](const common::Progress&) -> common::Result<QImage> {
            const auto other = store.another();
            if (!other) return other.problem();
            auto photograph = (*other)->photograph(key);
            if (!photograph) return photograph.problem();
            return ColourPick::read(photograph->bytes, photograph->name);
        },
        [this, key](const common::Result<QImage>& image) {
            if (!image) return tellProblem(image.problem());
            auto* pick = new ColourPick(this, *image);
            pick->allowDetaching();
            connect(pick, &ColourPick::picked, this, [this](colour::Srgb8 colour) {
                change(tr("Pick its colour"), [colour](Owned& owned) {
                    materials::setColour(owned, colour);
                    owned.source = materials::ColourSource::picked;
                    owned.colourError = 0;
                });
            });
            connect(pick, &ColourPick::detached, this, [this, key] {
                change(tr("Detach a photograph"),
                       [key](Owned& owned) { std::erase(owned.photographs, key.toStdString()); });
            });
            pick->open();
        });
}

void MaterialsWindow::takeIn(const QString& file) {
    if (own_.isWriting())
        return margin_->setProblem(tr("What was taken in before is still being written: wait until it is shown."));
    if (QFileInfo(file).suffix().toLower() != QStringLiteral("json")) {
        auto* sheet = new ListSheet(this, own_, file);
        connect(sheet, &ListSheet::taken, this, [this](int things) {
            tell(tr("List taken in"),
                 tr("%n things were taken in; undoing gives back what was before.", nullptr, int(things)));
        });
        return sheet->open();
    }
    tell(tr("Taking in a drawer"), tr("The file is being read."));
    files_.run(
        [name = file.toStdString(),
         &store = own_.store()](const common::Progress&) -> common::Result<storage::DrawerChange> {
            const auto bytes = common::readFile(name, storage::mostDrawerBytes);
            if (!bytes) return bytes.problem();
            const auto whole = storage::drawerFromJson(*bytes, name);
            if (!whole) return whole.problem();
            const auto other = store.another();
            if (!other) return other.problem();
            return storage::takeIn(*whole, **other);
        },
        [this, file](common::Result<storage::DrawerChange> change) mutable {
            describe();
            if (!change) return tellProblem(change.problem());
            const int things = int(change->put.size()), trays = int(change->trays.size());
            own_.applyInBackground(
                tr("Take in %1").arg(QFileInfo(file).fileName()), *change, [this, things, trays](bool isWritten) {
                    if (isWritten)
                        tell(tr("Drawer taken in"), tr("%1 and %2 were taken in; undoing gives back what was before.")
                                                        .arg(wording::thingCount(things), wording::trayCount(trays)));
                });
        });
}

bool MaterialsWindow::exportTo(const QString& file) {
    std::optional<QByteArray> bytes = storage::listFor(file, shown());
    if (QFileInfo(file).suffix().toLower() == "json") {
        const auto whole = storage::wholeOf(own_.store());
        if (!whole) return tellProblem(whole.problem()), false;
        bytes = storage::drawerJson(*whole);
    }
    if (!bytes) {
        margin_->setProblem(
            tr("A drawer is exported as .csv, .gpl, .txt or .json: give the file one of these endings."));
        return false;
    }
    const auto done = storage::writeWhole(file.toStdString(), *bytes);
    if (!done) tellProblem(done.problem());
    return done.ok();
}

bool MaterialsWindow::printCards(review::CardPaper paper, const QString& file) {
    const std::vector<std::string> ids = shownIds();
    const int rowsOnPage = int(review::layoutOf(paper).rows.size());
    if (ids.empty()) {
        margin_->setProblem(tr("Nothing that is shown has a colour: show some sticks, then print cards for them."));
        return false;
    }
    if (int(ids.size()) > review::mostPages * rowsOnPage) {
        margin_->setProblem(
            tr("Cards can be printed for %1 things at once: show fewer.").arg(review::mostPages * rowsOnPage));
        return false;
    }
    int first = 0;
    if (!own_.store().isReadOnly()) {
        const auto page = own_.store().rememberCards(ids, rowsOnPage, review::mostPages);
        if (!page) return tellProblem(page.problem()), false;
        first = *page;
    }
    QStringList names;
    for (const std::string& id : ids) names << QString::fromStdString(materials::nameOf(*own_.thing(id)));
    const auto done = print::writeSwatchCards(paper, {int(ids.size()), first, names}, file);
    if (!done) tellProblem(done.problem());
    return done.ok();
}

void MaterialsWindow::readCard(const QString& file) {
    auto* sheet = new CardSheet(this, own_, file, shownIds());
    connect(sheet, &CardSheet::taken, this, [this](const QString& sentence) { tell(tr("Card read"), sentence); });
    sheet->open();
}

void MaterialsWindow::readWithReader() {
    std::vector<std::string> ids = view_->selectedIds();
    if (ids.empty()) ids = shownIds();
    const auto situation = std::make_shared<review::StandInSituation>();
    situation->milliseconds = 400;
    auto* sheet = new ReaderSheet(this, own_, std::move(ids), review::standInReader(situation, 1), situation);
    connect(sheet, &QDialog::finished, this, [this] { describe(); });
    sheet->open();
}

}  // namespace app
