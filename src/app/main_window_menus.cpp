#include <QActionGroup>
#include <QApplication>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <cmath>

#include "app/main_window.h"
#include "app/preferences.h"
#include "app/widgets/theme.h"
#include "wording/language.h"
#include "wording/sentences.h"

namespace app {

void MainWindow::makeMenus() {
    const auto add = [this](QMenu* menu, const QString& text, const QKeySequence& key, auto work) {
        QAction* action = menu->addAction(text);
        action->setShortcut(key);
        connect(action, &QAction::triggered, this, work);
        return action;
    };
    QMenu* study = menuBar()->addMenu(tr("&Study"));
    add(study, tr("New from picture…"), QKeySequence::New, [this] { chooseAndOpen(true); });
    add(study, tr("Pin up another reference…"), {}, [this] { chooseAndPinUp(); });
    add(study, tr("Open study…"), QKeySequence::Open, [this] { chooseAndOpen(false); });
    add(study, tr("Open the demo study \"Kettle\""), {}, [this] { openDemo(QStringLiteral("kettle")); });
    add(study, tr("Open the demo study \"Tea hills\""), {}, [this] { openDemo(QStringLiteral("hills")); });
    add(study, tr("Open the demo evening at the easel"), {}, [this] { openDemo(QStringLiteral("kettle-evening")); });
    study->addSeparator();
    add(study, tr("Begin another sheet of this study"), {}, [this] { beginAnotherSheet(); });
    add(study, tr("Save"), QKeySequence::Save, [this] { lifecycle_.save(); });
    add(study, tr("Save as…"), QKeySequence::SaveAs, [this] { lifecycle_.saveAs(); });
    add(study, tr("Write the plan for the easel…"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] { chooseAndExport(); });
    add(study, tr("Export construction drawing (SVG, PDF)…"), {}, [this] { chooseAndExportConstruction(); });
    study->addSeparator();
    add(study, tr("Quit"), QKeySequence::Quit, [this] { close(); });

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = session_.history().createUndoAction(this, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = session_.history().createRedoAction(this, tr("Redo"));
    redo->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    edit->addActions({undo, redo});
    edit->addSeparator();
    add(edit, tr("Stop reading or planning"), QKeySequence(Qt::Key_Escape), [this] { stopWork(); });

    edit->addSeparator();
    for (const Station* station : stations_) edit->addActions(station->actions());
    leftHand_ = edit->addAction(tr("I work with the left hand"));
    leftHand_->setCheckable(true);
    leftHand_->setChecked(workingHand() == planning::Hand::left);
    connect(leftHand_, &QAction::triggered, this, [this](bool left) {
        const planning::Hand hand = left ? planning::Hand::left : planning::Hand::right;
        setWorkingHand(hand);
        if (session_.study().reference)
            session_.choose(tr("The hand that works"), [&](planning::Study& changed) { changed.hand = hand; });
    });
    connect(&session_, &Session::studyChanged, leftHand_, [this] {
        if (session_.study().reference) leftHand_->setChecked(session_.study().hand == planning::Hand::left);
    });

    QMenu* look = menuBar()->addMenu(tr("&Look"));
    using Way = PicturePair::Way;
    for (const auto& [way, text] :
         {std::pair(Way::squint, tr("Squint (hold Q)")), std::pair(Way::values, tr("Values only (hold W)")),
          std::pair(Way::mirror, tr("Mirror (hold E)")), std::pair(Way::upsideDown, tr("Upside down (hold D)")),
          std::pair(Way::other, tr("What the sheet is compared with, in its place (hold A)")),
          std::pair(Way::grid, tr("Grid (R)"))}) {
        QAction* action = look->addAction(text);
        action->setCheckable(true);
        connect(action, &QAction::toggled, this, [this, w = way](bool on) { pictures_->setWay(w, on); });
        connect(pictures_, &PicturePair::wayChanged, action, [action, w = way](Way changed, bool on) {
            if (changed == w) action->setChecked(on);
        });
    }
    glance_ = look->addAction(tr("Under lamp light, or daylight again (hold T)"));
    glance_->setCheckable(true);
    connect(glance_, &QAction::toggled, this, [this](bool on) {
        using colour::Light;
        const Light other = session_.study().light == Light::lamp ? Light::daylight65 : Light::lamp;
        session_.glanceUnder(on ? std::optional(other) : std::nullopt);
    });
    look->addSeparator();
    add(look, tr("Nearer"), QKeySequence::ZoomIn,
        [this] { pictures_->zoomBy(1.4, QPointF(pictures_->width() / 4.0, pictures_->height() / 2.0)); });
    add(look, tr("Further"), QKeySequence::ZoomOut,
        [this] { pictures_->zoomBy(1 / 1.4, QPointF(pictures_->width() / 4.0, pictures_->height() / 2.0)); });
    for (const auto& [words, centimetres] :
         {std::pair(tr("The sheet from 2 cm"), 2.0), std::pair(tr("The sheet from 20 cm"), 20.0),
          std::pair(tr("The sheet from 2 m"), 200.0)})
        add(look, words, {}, [this, away = centimetres] { pictures_->lookFrom(away); });
    add(look, tr("Whole picture"), QKeySequence(Qt::CTRL | Qt::Key_0), [this] { pictures_->fit(); });
    look->addSeparator();
    const auto takeTheme = [this](ThemeName name) {
        applyTheme(name);
        setFrameTheme(name);
        for (QWidget* widget : findChildren<QWidget*>()) widget->update();
    };
    add(look, tr("Mid grey frame"), {}, [takeTheme] { takeTheme(ThemeName::mid); });
    add(look, tr("Evening frame"), {}, [takeTheme] { takeTheme(ThemeName::evening); });

    look->addSeparator();
    QMenu* larger = look->addMenu(tr("Words and controls larger"));
    auto* sizes = new QActionGroup(this);
    for (const int percent : {100, 125, 150, 200}) {
        QAction* action = larger->addAction(tr("%1 %").arg(percent));
        action->setCheckable(true);
        action->setChecked(std::lround(magnification() * 100) == percent);
        sizes->addAction(action);
        connect(action, &QAction::triggered, this, [this, percent] {
            setMagnification(percent / 100.0);
            tell(tr("Words and controls have %1 % of their usual size from the next start on.").arg(percent));
        });
    }

    QMenu* spoken = look->addMenu(tr("Language"));
    auto* tongues = new QActionGroup(this);
    std::vector<wording::Language> choices{{{}, tr("As the system")}};
    choices.insert(choices.end(), wording::languages().begin(), wording::languages().end());
    for (const wording::Language& choice : choices) {
        QAction* action = spoken->addAction(choice.name);
        action->setCheckable(true);
        action->setChecked(choice.code == language());
        tongues->addAction(action);
        connect(action, &QAction::triggered, this, [this, choice] {
            setLanguage(choice.code);
            tell(tr("Yawning Dune speaks this language from its next start on."));
        });
    }

    QMenu* go = menuBar()->addMenu(tr("&Route"));
    for (int i = 0; i < int(stations_.size()); ++i)
        add(go, stations_[i]->name(), QKeySequence(Qt::Key_1 + i), [this, i] { goTo(i); });

    go->addSeparator();
    add(go, tr("Materials"), QKeySequence(Qt::Key_M), [this] {
        toFront(*materialsWindow());
    })->setEnabled(desk_.hasDrawer());
    add(go, tr("Practice"), QKeySequence(Qt::Key_I), [this] {
        toFront(*practiceWindow());
    })->setEnabled(desk_.hasDrawer());
    add(go, tr("Trial sheet, with what is in hand"), QKeySequence(Qt::Key_Y),
        [this] { tryOut(stations_[station()]->trialWish()); });

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("Manual, at this page"), QKeySequence::HelpContents, [this] { openManual(manualPage()); });
    add(help, tr("All keys"), QKeySequence(Qt::CTRL | Qt::Key_F1), [this] { openManual(QStringLiteral("keys")); });
    help->addSeparator();
    add(help, tr("Working safely"), {}, [this] {
        QStringList sentences;
        for (const planning::NoteTopic topic : {planning::NoteTopic::dust, planning::NoteTopic::heatAndWater})
            sentences << wording::noteSentence({planning::NoteKind::safety, topic, {}, {}, 0}, {});
        QMessageBox::information(this, tr("Working safely"), sentences.join(QStringLiteral("\n\n")));
    });
    add(help, tr("Notes of a first study again"), {}, [this] { wantAllNotes(); });
    add(help, tr("About Yawning Dune"), {}, [this] {
        QMessageBox::about(this, tr("About Yawning Dune"),
                           tr("Yawning Dune %1 plans soft-pastel pictures: paper, sticks, underpainting and the order "
                              "of layers.\nFree software under the GNU GPL, version 3 or later.")
                               .arg(QApplication::applicationVersion()));
    });
}

}  // namespace app
