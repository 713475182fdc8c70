#include "app/widgets/drawn_parts.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QKeyEvent>
#include <algorithm>
#include <map>

namespace app {

namespace {

/// One part. It is asked of the widget anew each time: what is drawn may have changed.
class PartInterface : public QAccessibleInterface, public QAccessibleActionInterface {
 public:
    PartInterface(QWidget& widget, int index) : widget_(widget), index_(index) {}

    bool isValid() const override { return index_ < int(all().size()); }
    QObject* object() const override { return nullptr; }
    QAccessibleInterface* parent() const override { return QAccessible::queryAccessibleInterface(&widget_); }
    QAccessibleInterface* child(int) const override { return nullptr; }
    QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    QAccessible::Role role() const override { return QAccessible::ListItem; }
    QRect rect() const override {
        const QRect place = part().place;
        return {widget_.mapToGlobal(place.topLeft()), place.size()};
    }
    QString text(QAccessible::Text which) const override {
        return which == QAccessible::Name ? part().name : QString();
    }
    void setText(QAccessible::Text, const QString&) override {}
    QAccessible::State state() const override {
        QAccessible::State state;
        state.selectable = state.focusable = true;
        state.selected = part().isChosen;
        state.focused = part().isChosen && widget_.hasFocus();
        state.invisible = !widget_.isVisible();
        return state;
    }
    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this) : nullptr;
    }

    QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& action) override {
        if (action == pressAction() && isValid()) dynamic_cast<HasParts&>(widget_).choosePart(index_);
    }
    QStringList keyBindingsForAction(const QString&) const override { return {}; }

 private:
    std::vector<DrawnPart> all() const { return dynamic_cast<const HasParts&>(widget_).drawnParts(); }
    DrawnPart part() const {
        const std::vector<DrawnPart> parts = all();
        return index_ < int(parts.size()) ? parts[std::size_t(index_)] : DrawnPart{};
    }

    QWidget& widget_;
    int index_;
};

class PartsInterface : public QAccessibleWidget {
 public:
    explicit PartsInterface(QWidget* widget) : QAccessibleWidget(widget, QAccessible::List) {}
    ~PartsInterface() override {
        for (const auto& [index, id] : made_) QAccessible::deleteAccessibleInterface(id);
    }

    int childCount() const override { return int(parts().size()); }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        auto [at, isNew] = made_.try_emplace(index, 0u);
        if (isNew) at->second = QAccessible::registerAccessibleInterface(new PartInterface(*widget(), index));
        return QAccessible::accessibleInterface(at->second);
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        for (const auto& [index, id] : made_)
            if (QAccessible::accessibleInterface(id) == child) return index;
        return -1;
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        const std::vector<DrawnPart> all = parts();
        const QPoint at = widget()->mapFromGlobal(QPoint(x, y));
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].place.contains(at)) return child(int(i));
        return nullptr;
    }

 private:
    std::vector<DrawnPart> parts() const { return dynamic_cast<const HasParts&>(*widget()).drawnParts(); }

    mutable std::map<int, QAccessible::Id> made_;
};

class PlaceInterface : public QAccessibleWidget, public QAccessibleValueInterface {
 public:
    explicit PlaceInterface(QWidget* widget) : QAccessibleWidget(widget, QAccessible::Slider) {}

    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ValueInterface ? static_cast<QAccessibleValueInterface*>(this)
                                                   : QAccessibleWidget::interface_cast(type);
    }
    QString text(QAccessible::Text which) const override {
        return which == QAccessible::Value ? of().place().words : QAccessibleWidget::text(which);
    }
    QVariant currentValue() const override { return of().place().value; }
    void setCurrentValue(const QVariant& value) override { of().setPlace(value.toInt()); }
    QVariant maximumValue() const override { return of().place().most; }
    QVariant minimumValue() const override { return of().place().least; }
    QVariant minimumStepSize() const override { return 1; }

 private:
    HasPlace& of() const { return dynamic_cast<HasPlace&>(*widget()); }
};

QAccessibleInterface* made(const QString&, QObject* object) {
    auto* widget = qobject_cast<QWidget*>(object);
    if (dynamic_cast<HasParts*>(widget)) return new PartsInterface(widget);
    if (dynamic_cast<HasPlace*>(widget)) return new PlaceInterface(widget);
    return nullptr;
}

}  // namespace

bool goOn(HasParts& parts, const QKeyEvent& event, int columns) {
    const int step = event.key() == Qt::Key_Right  ? 1
                     : event.key() == Qt::Key_Left ? -1
                     : event.key() == Qt::Key_Down ? columns
                     : event.key() == Qt::Key_Up   ? -columns
                                                   : 0;
    if (step == 0) return false;
    const std::vector<DrawnPart> all = parts.drawnParts();
    if (all.empty()) return false;
    const auto at = std::ranges::find(all, true, &DrawnPart::isChosen);
    const auto last = std::ssize(all) - 1;
    parts.choosePart(at == all.end() ? 0 : int(std::clamp<std::ptrdiff_t>(at - all.begin() + step, 0, last)));
    return true;
}

void letDrawnPartsBeTold() {
    QAccessible::installFactory(made);
}

void tellOfParts(QWidget& widget) {
    if (!QAccessible::isActive()) return;
    QAccessibleEvent changed(&widget, QAccessible::ObjectReorder);
    QAccessible::updateAccessibility(&changed);
    const std::vector<DrawnPart> parts = dynamic_cast<HasParts&>(widget).drawnParts();
    for (std::size_t i = 0; i < parts.size(); ++i)
        if (parts[i].isChosen) {
            QAccessibleEvent chosen(&widget, widget.hasFocus() ? QAccessible::Focus : QAccessible::Selection);
            chosen.setChild(int(i));
            QAccessible::updateAccessibility(&chosen);
        }
}

void tellOfPlace(QWidget& widget, int value) {
    QAccessibleValueChangeEvent changed(&widget, value);
    QAccessible::updateAccessibility(&changed);
}

}  // namespace app
