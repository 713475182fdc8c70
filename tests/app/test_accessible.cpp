#include <QAccessible>
#include <QAccessibleInterface>
#include <QComboBox>
#include <QLineEdit>
#include <QSlider>
#include <QSpinBox>

#include "app/practice/practice_window.h"
#include "app/trial/trial_window.h"
#include "app/widgets/drawn_parts.h"
#include "app/widgets/scrubber.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "storage/document.h"
#include "storage/materials_store.h"
#include "window_hand.h"

using namespace app;

/// What is drawn is told by name, role and place to who cannot see it, and chosen without a mouse.
class TestAccessible : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<storage::MaterialsStore> store_;
    std::unique_ptr<MainWindow> window_;

    /// The drawn list of that name in a window.
    static QAccessibleInterface* list(QWidget& window, const QString& name) {
        for (QWidget* widget : window.findChildren<QWidget*>())
            if (widget->accessibleName() == name && dynamic_cast<HasParts*>(widget) && widget->isVisible())
                return QAccessible::queryAccessibleInterface(widget);
        return nullptr;
    }

    /// Presses a part as a screen reader does.
    static void press(QAccessibleInterface* part) {
        auto* action = static_cast<QAccessibleActionInterface*>(part->interface_cast(QAccessible::ActionInterface));
        QVERIFY(action && action->actionNames().contains(QAccessibleActionInterface::pressAction()));
        action->doAction(QAccessibleActionInterface::pressAction());
    }

    static QStringList unnamed(QAccessibleInterface* place, const QString& above = {}) {
        QStringList found;
        if (!place || !place->isValid() || place->state().invisible) return found;
        const QString name = place->text(QAccessible::Name);
        const QString at = above + "/" + QVariant::fromValue(place->role()).toString() + ":" + name;
        switch (place->role()) {
            case QAccessible::Button:
            case QAccessible::CheckBox:
            case QAccessible::RadioButton:
            case QAccessible::ComboBox:
            case QAccessible::SpinBox:
            case QAccessible::EditableText:
            case QAccessible::Slider:
            case QAccessible::List:
            case QAccessible::ListItem:
            case QAccessible::MenuItem:
            case QAccessible::ProgressBar:
                if (name.isEmpty()) found << at;
                break;
            default:
                break;
        }
        // Where a screen reader listens the name of a combo box is the line that is chosen in it; its own is its
        // label's.
        if (place->role() == QAccessible::ComboBox && place->relations(QAccessible::Label).isEmpty())
            found << at + " without a label";
        // What belongs to a control of Qt's own is told by that: the line in a spin box, the list of a combo box.
        if (place->role() == QAccessible::ComboBox || place->role() == QAccessible::SpinBox) return found;
        for (int i = 0; i < place->childCount(); ++i) found << unnamed(place->child(i), at);
        return found;
    }

    /// Each of the other windows is shown, looked at and put away again.
    template <typename Look>
    void atTheOthers(Look look) {
        for (QMainWindow* other :
             {static_cast<QMainWindow*>(window_->materialsWindow()), static_cast<QMainWindow*>(&window_->trialWindow()),
              static_cast<QMainWindow*>(window_->practiceWindow()),
              static_cast<QMainWindow*>(&window_->manualWindow())}) {
            other->show();
            QTest::qWait(30);
            look(*other);
            other->hide();
        }
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        QAccessible::setActive(true);
        const QString study = folder_.filePath("ball.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, study.toStdString()).ok());
        auto store = storage::MaterialsStore::open(folder_.filePath("materials.sqlite"));
        QVERIFY(store.ok());
        store_ = *std::move(store);
        const materials::Library library = smallLibrary();
        std::vector<materials::Owned> things;
        for (const materials::Material& medium : library.media) things.push_back({.what = medium});
        QVERIFY(store_->apply({.put = things}).ok());
        window_ = std::make_unique<MainWindow>(smallLibrary(), store_.get());
        window_->show();
        QVERIFY(window_->openFile(study) && planned(*window_));
    }
    void cleanupTestCase() { window_.reset(); }

    void everyDrawnListTellsItsParts_data() {
        QTest::addColumn<int>("station");
        QTest::addColumn<QString>("name");
        QTest::addRow("ladder") << 1 << "Value ladder";
        QTest::addRow("offcuts") << 2 << "Offcuts";
        QTest::addRow("tray") << 3 << "Tray";
        QTest::addRow("wash board") << 4 << "Wash board";
        QTest::addRow("section") << 5 << "Section";
        QTest::addRow("route") << 5 << "Route";
    }

    void everyDrawnListTellsItsParts() {
        QFETCH(const int, station);
        QFETCH(const QString, name);
        window_->goTo(station);
        QTRY_VERIFY(list(*window_, name) && list(*window_, name)->childCount() > 1);
        QAccessibleInterface* all = list(*window_, name);
        QCOMPARE(all->role(), QAccessible::List);
        QCOMPARE(all->text(QAccessible::Name), name);
        for (int i = 0; i < all->childCount(); ++i) {
            QAccessibleInterface* part = all->child(i);
            QCOMPARE(part->role(), QAccessible::ListItem);
            QVERIFY(part->text(QAccessible::Name).size() > 2);
            QCOMPARE(part->parent()->object(), all->object());
            QCOMPARE(all->indexOfChild(part), i);
            QVERIFY(all->rect().intersects(part->rect()));
            QCOMPARE(all->childAt(part->rect().center().x(), part->rect().center().y()) != nullptr, true);
        }
        QVERIFY(!all->child(all->childCount()));
    }

    /// The swatches of the trial sheet are told by their strokes.
    void aSwatchIsTold() {
        TrialWindow& trial = window_->trialWindow();
        trial.show();
        pressed(trial, "The plan's sticks");
        const auto swatches = [&] { return list(trial, "Swatches of the trial sheet"); };
        QTRY_VERIFY(swatches() && swatches()->childCount() > 1);
        press(swatches()->child(1));
        QTRY_VERIFY(swatches()->child(1)->state().selected);
        const QString name = swatches()->child(1)->text(QAccessible::Name);
        QVERIFY2(name.contains("stick t") && name.contains("pressure"), qPrintable(name));
        trial.close();
    }

    /// Pressed by a screen reader, a part is chosen as a click does.
    void aPartIsChosenWithoutAMouse() {
        window_->goTo(5);
        QAccessibleInterface* section = list(*window_, "Section");
        QVERIFY(section);
        press(section->child(1));
        QTRY_VERIFY(list(*window_, "Section")->child(1)->state().selected);
        QVERIFY(!list(*window_, "Section")->child(0)->state().selected);
        auto* widget = qobject_cast<QWidget*>(section->object());
        widget->setFocus();
        QTest::keyClick(widget, Qt::Key_Left);
        QTRY_VERIFY(list(*window_, "Section")->child(0)->state().selected);
        press(list(*window_, "Route")->child(2));
        QCOMPARE(window_->station(), 2);
        window_->goTo(3);
        press(list(*window_, "Tray")->child(0));
        QTRY_VERIFY(list(*window_, "Tray")->child(0)->state().selected);
    }

    void theStepsAreASlider() {
        window_->goTo(5);
        auto* scrubber = window_->findChild<Scrubber*>();
        QVERIFY(scrubber && scrubber->isVisible());
        QAccessibleInterface* slider = QAccessible::queryAccessibleInterface(scrubber);
        QCOMPARE(slider->role(), QAccessible::Slider);
        auto* value = static_cast<QAccessibleValueInterface*>(slider->interface_cast(QAccessible::ValueInterface));
        QVERIFY(value);
        const int most = int(window_->session().plan()->steps.size());
        QCOMPARE(value->maximumValue().toInt(), most);
        QCOMPARE(value->minimumValue().toInt(), 0);
        value->setCurrentValue(2);
        QCOMPARE(scrubber->step(), 2);
        QVERIFY(slider->text(QAccessible::Value).startsWith(QStringLiteral("Step 2 of %1: ").arg(most)));
        value->setCurrentValue(most + 50);
        QCOMPARE(value->currentValue().toInt(), most);
    }

    /// Every control says what it does when the pointer rests on it.
    void everyControlSaysWhatItDoes() {
        QStringList found;
        const auto look = [&](QWidget& window) {
            for (QWidget* widget : window.findChildren<QWidget*>()) {
                if (!widget->isVisible() || !widget->toolTip().isEmpty()) continue;
                const auto* button = qobject_cast<QAbstractButton*>(widget);
                const bool isPartOfAnother = qobject_cast<QAbstractSpinBox*>(widget->parentWidget()) ||
                                             qobject_cast<QComboBox*>(widget->parentWidget());
                const bool isControl = button || qobject_cast<QComboBox*>(widget) || qobject_cast<QSlider*>(widget) ||
                                       qobject_cast<QAbstractSpinBox*>(widget) || qobject_cast<QLineEdit*>(widget);
                if (!isControl || isPartOfAnother) continue;
                found << QStringLiteral("%1: %2 %3")
                             .arg(QLatin1String(widget->metaObject()->className()), widget->accessibleName(),
                                  button ? button->text() : QString());
            }
        };
        atEveryLeaf(*window_, [&] { look(*window_); });
        atTheOthers(look);
        found.removeDuplicates();
        for (const QString& each : found) qWarning("%s", qPrintable(each));
        QVERIFY(found.isEmpty());
    }

    /// The whole tree of every station and window: no control is without a name.
    void everyControlHasAName() {
        QStringList found;
        const auto look = [&](QWidget& window) { found << unnamed(QAccessible::queryAccessibleInterface(&window)); };
        atEveryLeaf(*window_, [&] { look(*window_); });
        atTheOthers(look);
        found.removeDuplicates();
        QVERIFY2(found.isEmpty(), qPrintable(found.join('\n')));
    }
};

QTEST_MAIN(TestAccessible)
#include "test_accessible.moc"
