#pragma once

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QInputDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QtTest>
#include <set>

#include "app/main_window.h"
#include "app/materials/card_sheet.h"
#include "app/materials/colour_pick.h"
#include "app/materials/list_sheet.h"
#include "app/materials/materials_window.h"
#include "app/materials/reader_sheet.h"
#include "app/materials/thing_editor.h"
#include "app/widgets/theme.h"
#include "colour/difference.h"
#include "drawing/fonts.h"
#include "own_home.h"
#include "patience.h"
#include "review/stand_in_camera.h"
#include "small_study.h"
#include "window_hand.h"

using namespace app;
using materials::Owned;

/// What a hand does at the window of the artist's own materials; each test begins with the small library.
class DrawerHand : public QObject {
 protected:
    QTemporaryDir folder_;
    std::unique_ptr<storage::MaterialsStore> store_;
    std::unique_ptr<OwnDrawer> own_;
    std::unique_ptr<MaterialsWindow> window_;

    void openWindow() {
        window_.reset();
        own_ = std::make_unique<OwnDrawer>(*store_);
        window_ = std::make_unique<MaterialsWindow>(*own_);
        window_->resize(1200, 1400);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowExposed(window_.get()));
    }
    /// So many steps back, or forth again, by the menu: the keys belong to a field that has the keyboard.
    void undone(int steps = 1, const char* way = "Undo ") {
        for (int i = 0; i < steps; ++i) {
            const int before = own_->history().index();
            for (QAction* action : window_->findChildren<QAction*>())
                if (action->text().startsWith(QLatin1String(way))) action->trigger();
            QTRY_VERIFY(own_->history().index() != before && !own_->isWriting());
        }
    }
    void redone(int steps = 1) { undone(steps, "Redo "); }

    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }
    template <typename Field>
    Field* named(const QString& name) {
        for (Field* field : window_->findChildren<Field*>())
            if (field->accessibleName() == name) return field;
        return nullptr;
    }
    int indexOf(const std::string& id) const {
        const auto& things = window_->drawer().things;
        return int(std::ranges::find(things, id, &materials::idOf) - things.begin());
    }
    const Owned& thing(const std::string& id) const { return window_->drawer().things[std::size_t(indexOf(id))]; }
    int shown() const {
        int count = 0;
        for (const Section& section : window_->view().sections()) count += int(section.things.size());
        return count;
    }
    void write(const char* name, const QByteArray& bytes) {
        QFile file(at(name));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(bytes);
    }
    template <typename Field>
    static Field* in(QWidget* sheet, const QString& name) {
        for (Field* field : sheet->findChildren<Field*>())
            if (field->accessibleName() == name) return field;
        return nullptr;
    }
    template <typename... Numbers>
    static QPushButton* button(QWidget* sheet, const char* text, Numbers... numbers) {
        QString wanted = QString::fromUtf8(text);
        ((wanted = wanted.arg(numbers)), ...);
        for (QPushButton* found : sheet->findChildren<QPushButton*>())
            if (found->text() == wanted) return found;
        qFatal("no button \"%s\"", qPrintable(wanted));
    }
    static QCheckBox* checkBox(QWidget* sheet, const QString& text) {
        for (QCheckBox* found : sheet->findChildren<QCheckBox*>())
            if (found->text() == text) return found;
        return nullptr;
    }
    static void type(QWidget* sheet, const QString& field, const QString& words) {
        auto* line = in<QLineEdit>(sheet, field);
        QVERIFY(line && line->isVisible());
        line->setFocus();
        QTest::keyClicks(line, words);
    }
    static void choose(QComboBox* box, int index) {
        box->setCurrentIndex(index);
        Q_EMIT box->activated(index);
    }
    /// The sheet that `open` opens.
    template <typename Opened>
    Opened* opened(const std::function<void()>& open) {
        open();
        const auto found = [&]() -> Opened* {
            for (Opened* sheet : window_->findChildren<Opened*>())
                if (sheet->isVisible()) return sheet;
            return nullptr;
        };
        if (!QTest::qWaitFor([&] { return found() != nullptr; }, patience)) qFatal("no sheet was opened");
        return found();
    }
    void trigger(const QString& text) {
        for (QAction* action : window_->findChildren<QAction*>())
            if (action->text() == text) return action->trigger();
        QFAIL(qPrintable(text));
    }
    /// Types an answer into the box that `ask` opens, and Return.
    void answering(const QString& words, const std::function<void()>& ask) {
        QTimer::singleShot(200, window_.get(), [words] {
            auto* box = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(box);
            auto* line = box->findChild<QLineEdit*>();
            line->selectAll();
            QTest::keyClicks(line, words);
            QTest::keyClick(box, Qt::Key_Return);
        });
        ask();
    }
    void click(const std::string& id, Qt::KeyboardModifiers modifiers = {}) {
        const QRect box = window_->view().boxOf(indexOf(id));
        QVERIFY(!box.isEmpty());
        QTest::mouseClick(window_->view().viewport(), Qt::LeftButton, modifiers, box.center());
    }
    void beginAll() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
    }

    void beginOne() {
        window_.reset();
        own_.reset();
        store_.reset();
        QFile::remove(at("own.sqlite"));
        auto store = storage::MaterialsStore::open(at("own.sqlite"));
        QVERIFY(store.ok());
        store_ = *std::move(store);
        QVERIFY(store_->apply({.put = materials::ownedOf(smallLibrary())}).ok());
        QVERIFY(store_->apply({.put = {{materials::Tool{"u1", "", "a stump", materials::ToolKind::stump}}}}).ok());
        openWindow();
    }
};
