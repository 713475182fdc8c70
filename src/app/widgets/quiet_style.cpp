#include "app/widgets/quiet_style.h"

#include <QComboBox>
#include <QPainter>
#include <QStyleFactory>
#include <QStyleOption>
#include <QWidget>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/shapes.h"

namespace app {

namespace {

bool has(const QStyleOption& option, QStyle::StateFlag flag) {
    return option.state.testFlag(flag);
}

QColor inkOf(const QStyleOption& option) {
    return has(option, QStyle::State_Enabled) ? theme().ink : theme().quiet;
}

/// A flat rectangle with a line of one pixel around it.
void paintBox(QPainter& painter, const QRect& box, const QColor& fill, const QColor& line) {
    painter.fillRect(box, line);
    painter.fillRect(box.adjusted(1, 1, -1, -1), fill);
}

/// The double line within a control.
void paintChosen(QPainter& painter, const QRect& box) {
    drawing::paintSelection(painter, box.adjusted(1, 1, -2, -2), 1);
}

/// What is written or chosen in.
void paintField(QPainter& painter, const QStyleOption& option) {
    const bool isOn = has(option, QStyle::State_Enabled);
    paintBox(painter, option.rect, isOn ? theme().raised : theme().panel, theme().line);
    if (has(option, QStyle::State_HasFocus)) paintChosen(painter, option.rect);
}

enum class Way { up, down, left, right };

void paintArrow(QPainter& painter, const QRectF& room, Way way, const QColor& ink) {
    constexpr double wide = 3.5, high = 4;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(room.center());
    painter.rotate(way == Way::up ? 180 : way == Way::left ? 90 : way == Way::right ? -90 : 0);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink);
    painter.drawPolygon(QPolygonF({{-wide, -high / 2}, {wide, -high / 2}, {0, high / 2}}));
    painter.restore();
}

/// As a pencil would make it: a short stroke down and a longer one up.
void paintTick(QPainter& painter, const QRectF& box, const QColor& ink) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(ink, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const auto at = [&](double x, double y) {
        return QPointF(box.left() + x * box.width(), box.top() + y * box.height());
    };
    painter.drawPolyline(QPolygonF({at(0.22, 0.52), at(0.42, 0.76), at(0.84, 0.2)}));
    painter.restore();
}

}  // namespace

QuietStyle::QuietStyle() : QProxyStyle(QStyleFactory::create(QStringLiteral("Fusion"))) {}

void QuietStyle::polish(QWidget* widget) {
    QProxyStyle::polish(widget);
    if (widget->objectName() == QLatin1String("panel")) widget->setAutoFillBackground(true);
    if (widget->objectName() == QLatin1String("quiet")) {
        QPalette palette = widget->palette();
        palette.setColor(QPalette::WindowText, theme().quiet);
        widget->setPalette(palette);
    }
    // A scroll bar grows, and a button answers, when it is touched.
    if (widget->inherits("QScrollBar") || widget->inherits("QAbstractButton")) widget->setAttribute(Qt::WA_Hover);
}

int QuietStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const {
    switch (metric) {
        case PM_ButtonShiftHorizontal:
        case PM_ButtonShiftVertical:
        case PM_MenuBarPanelWidth:
        case PM_MenuBarHMargin:
            return 0;
        case PM_ToolTipLabelFrameWidth:
            return 4;
        case PM_ButtonIconSize:
        case PM_SmallIconSize:
            return 16;
        case PM_DefaultFrameWidth:
        case PM_ComboBoxFrameWidth:
        case PM_SpinBoxFrameWidth:
        case PM_MenuPanelWidth:
            return 1;
        case PM_MenuVMargin:
        case PM_MenuHMargin:
            return 3;
        case PM_MenuBarItemSpacing:
            return 0;
        case PM_IndicatorWidth:
        case PM_IndicatorHeight:
        case PM_ExclusiveIndicatorWidth:
        case PM_ExclusiveIndicatorHeight:
            return measure::mark;
        case PM_CheckBoxLabelSpacing:
            return measure::grid;
        case PM_ScrollBarExtent:
            return measure::bar;
        case PM_ScrollBarSliderMin:
            return 4 * measure::grid;
        case PM_ScrollView_ScrollBarSpacing:
            return 0;
        case PM_SliderThickness:
        case PM_SliderControlThickness:
            return 20;
        case PM_SliderLength:
            return 11;
        case PM_MenuButtonIndicator:
            return measure::arrow;
        case PM_LayoutHorizontalSpacing:
        case PM_LayoutVerticalSpacing:
            return measure::grid;
        default:
            return QProxyStyle::pixelMetric(metric, option, widget);
    }
}

int QuietStyle::styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                          QStyleHintReturn* answer) const {
    switch (hint) {
        case SH_DialogButtonBox_ButtonsHaveIcons:
        case SH_EtchDisabledText:
        case SH_DitherDisabledText:
        case SH_ComboBox_Popup:
        case SH_UnderlineShortcut:
        case SH_ScrollBar_Transient:
        case SH_Menu_FadeOutOnHide:
        case SH_Widget_Animation_Duration:
            return 0;
        case SH_Slider_AbsoluteSetButtons:
            return Qt::LeftButton;
        default:
            return QProxyStyle::styleHint(hint, option, widget, answer);
    }
}

QIcon QuietStyle::standardIcon(StandardPixmap kind, const QStyleOption* option, const QWidget* widget) const {
    const QIcon usual = QProxyStyle::standardIcon(kind, option, widget);
    QIcon grey;
    for (const QSize& size : usual.availableSizes()) {
        QImage picture = usual.pixmap(size).toImage().convertToFormat(QImage::Format_ARGB32);
        for (int y = 0; y < picture.height(); ++y)
            for (int x = 0; x < picture.width(); ++x) {
                const QRgb was = picture.pixel(x, y);
                picture.setPixel(x, y, qRgba(qGray(was), qGray(was), qGray(was), qAlpha(was)));
            }
        grey.addPixmap(QPixmap::fromImage(picture));
    }
    return grey;
}

QSize QuietStyle::sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& contents,
                                   const QWidget* widget) const {
    const int high = std::max(measure::control, (option ? option->fontMetrics.height() : 18) + measure::grid);
    switch (type) {
        case CT_PushButton: {
            const auto* button = qstyleoption_cast<const QStyleOptionButton*>(option);
            const bool hasMenu = button && button->features.testFlag(QStyleOptionButton::HasMenu);
            return {contents.width() + 2 * measure::inset + (hasMenu ? measure::arrow : 0),
                    std::max(high, contents.height() + 4)};
        }
        case CT_ComboBox:
            return {contents.width() + 2 * measure::inset + measure::arrow, std::max(high, contents.height())};
        case CT_SpinBox:
            return {contents.width() + measure::inset + measure::arrow, std::max(high, contents.height())};
        case CT_LineEdit:
            return {contents.width() + measure::inset, std::max(high, contents.height())};
        case CT_MenuItem: {
            const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option);
            if (item && item->menuItemType == QStyleOptionMenuItem::Separator) return {contents.width(), 9};
            const qsizetype tab = item ? item->text.indexOf('\t') : -1;
            // Room for the tick before the words, and between these and their key.
            return {contents.width() + 40 + (tab >= 0 ? 24 : 0) + (tab >= 0 ? item->reservedShortcutWidth : 0), high};
        }
        case CT_MenuBarItem:
            return {contents.width() + 2 * 10, high};
        case CT_HeaderSection:
            return {contents.width() + measure::grid, high};
        default:
            return QProxyStyle::sizeFromContents(type, option, contents, widget);
    }
}

QRect QuietStyle::subElementRect(SubElement element, const QStyleOption* option, const QWidget* widget) const {
    if (element == SE_LineEditContents) return option->rect.adjusted(measure::inset / 2, 1, -measure::inset / 2, -1);
    if (element == SE_ProgressBarGroove || element == SE_ProgressBarContents) return option->rect;
    return QProxyStyle::subElementRect(element, option, widget);
}

QRect QuietStyle::subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                                 const QWidget* widget) const {
    const QRect all = option->rect;
    const auto mirrored = [&](const QRect& rect) { return visualRect(option->direction, all, rect); };
    if (control == CC_SpinBox) {
        const QRect arrows(all.right() + 1 - measure::arrow, all.top(), measure::arrow, all.height());
        switch (part) {
            case SC_SpinBoxUp:
                return mirrored(arrows.adjusted(0, 0, 0, -arrows.height() / 2));
            case SC_SpinBoxDown:
                return mirrored(arrows.adjusted(0, arrows.height() / 2, 0, 0));
            case SC_SpinBoxEditField:
                return mirrored(all.adjusted(2, 2, -measure::arrow, -2));
            default:
                return all;
        }
    }
    if (control == CC_ComboBox) {
        switch (part) {
            case SC_ComboBoxArrow:
                return mirrored({all.right() + 1 - measure::arrow, all.top(), measure::arrow, all.height()});
            case SC_ComboBoxEditField:
                return mirrored(all.adjusted(measure::inset, 1, -measure::arrow, -1));
            default:
                return all;
        }
    }
    if (control == CC_ScrollBar) {
        const auto* bar = qstyleoption_cast<const QStyleOptionSlider*>(option);
        if (!bar) return {};
        const bool isLevel = bar->orientation == Qt::Horizontal;
        const int length = isLevel ? all.width() : all.height();
        const int range = bar->maximum - bar->minimum;
        int knob = length;
        if (range > 0)
            knob = std::clamp(int(qint64(bar->pageStep) * length / (range + bar->pageStep)), 4 * measure::grid, length);
        const int at =
            sliderPositionFromValue(bar->minimum, bar->maximum, bar->sliderPosition, length - knob, bar->upsideDown);
        const auto along = [&](int from, int to) {
            return isLevel ? QRect(all.left() + from, all.top(), to - from, all.height())
                           : QRect(all.left(), all.top() + from, all.width(), to - from);
        };
        switch (part) {
            case SC_ScrollBarSlider:
                return along(at, at + knob);
            case SC_ScrollBarSubPage:
                return along(0, at);
            case SC_ScrollBarAddPage:
                return along(at + knob, length);
            case SC_ScrollBarGroove:
                return all;
            default:
                return {};  // no buttons at the ends
        }
    }
    return QProxyStyle::subControlRect(control, option, part, widget);
}

void QuietStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                               const QWidget* widget) const {
    const Theme& t = theme();
    switch (element) {
        case PE_PanelButtonCommand:
        case PE_PanelButtonTool: {
            const bool isDown = has(*option, State_Sunken) || has(*option, State_On);
            const bool isOn = has(*option, State_Enabled);
            paintBox(*painter, option->rect, isDown ? t.line : isOn ? t.raised : t.panel, t.line);
            if (has(*option, State_HasFocus) || has(*option, State_On)) paintChosen(*painter, option->rect);
            return;
        }
        case PE_FrameFocusRect:
            if (widget && (widget->inherits("QPushButton") || widget->inherits("QAbstractItemView"))) return;
            painter->setPen(QPen(t.ink, 1));
            painter->drawLine(option->rect.bottomLeft(), option->rect.bottomRight());
            return;
        case PE_FrameDefaultButton:
        case PE_FrameButtonBevel:
        case PE_PanelMenuBar:
        case PE_PanelStatusBar:
            return;
        case PE_PanelLineEdit:
            // Within a spin box or a list the field is drawn by these.
            if (widget && widget->parentWidget() &&
                (widget->parentWidget()->inherits("QAbstractSpinBox") || widget->parentWidget()->inherits("QComboBox")))
                return;
            paintField(*painter, *option);
            return;
        case PE_FrameLineEdit:
            return;
        case PE_Frame:
        case PE_FrameMenu:
        case PE_FrameGroupBox:
            painter->setPen(t.line);
            painter->setBrush(Qt::NoBrush);
            painter->drawRect(option->rect.adjusted(0, 0, -1, -1));
            return;
        case PE_PanelMenu:
        case PE_PanelTipLabel:
            paintBox(*painter, option->rect, element == PE_PanelMenu ? t.panel : t.raised, t.line);
            return;
        case PE_IndicatorCheckBox:
        case PE_IndicatorItemViewItemCheck:
            paintBox(*painter, option->rect, has(*option, State_Enabled) ? t.raised : t.panel, inkOf(*option));
            if (has(*option, State_On)) paintTick(*painter, option->rect, inkOf(*option));
            if (has(*option, State_NoChange)) painter->fillRect(option->rect.adjusted(4, 7, -4, -7), inkOf(*option));
            return;
        case PE_IndicatorMenuCheckMark:
            paintTick(*painter, option->rect, inkOf(*option));
            return;
        case PE_IndicatorArrowUp:
        case PE_IndicatorSpinUp:
            return paintArrow(*painter, option->rect, Way::up, inkOf(*option));
        case PE_IndicatorArrowDown:
        case PE_IndicatorSpinDown:
        case PE_IndicatorButtonDropDown:
            return paintArrow(*painter, option->rect, Way::down, inkOf(*option));
        case PE_IndicatorArrowLeft:
            return paintArrow(*painter, option->rect, Way::left, inkOf(*option));
        case PE_IndicatorArrowRight:
            return paintArrow(*painter, option->rect, Way::right, inkOf(*option));
        case PE_PanelItemViewItem:
            if (has(*option, State_Selected)) painter->fillRect(option->rect, t.line);
            return;
        case PE_PanelItemViewRow:
            return;
        default:
            QProxyStyle::drawPrimitive(element, option, painter, widget);
    }
}

void QuietStyle::drawControl(ControlElement element, const QStyleOption* option, QPainter* painter,
                             const QWidget* widget) const {
    const Theme& t = theme();
    switch (element) {
        case CE_PushButtonBevel: {
            const auto* button = qstyleoption_cast<const QStyleOptionButton*>(option);
            proxy()->drawPrimitive(PE_PanelButtonCommand, option, painter, widget);
            if (button && button->features.testFlag(QStyleOptionButton::HasMenu))
                paintArrow(*painter, option->rect.adjusted(option->rect.width() - measure::arrow, 0, 0, 0), Way::down,
                           inkOf(*option));
            return;
        }
        case CE_MenuItem:
            if (const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option))
                drawMenuItem(*item, *painter, widget);
            return;
        case CE_MenuEmptyArea:
        case CE_MenuBarEmptyArea:
            painter->fillRect(option->rect, t.panel);
            return;
        case CE_MenuBarItem:
            if (const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option)) {
                painter->fillRect(item->rect, has(*item, State_Selected) ? t.raised : t.panel);
                drawItemText(painter, item->rect, Qt::AlignCenter | Qt::TextShowMnemonic, item->palette,
                             has(*item, State_Enabled), item->text, QPalette::WindowText);
            }
            return;
        case CE_ProgressBarGroove:
            painter->fillRect(option->rect, t.line);
            return;
        case CE_ProgressBarContents:
            if (const auto* bar = qstyleoption_cast<const QStyleOptionProgressBar*>(option)) {
                const double share = bar->maximum > bar->minimum
                                         ? double(bar->progress - bar->minimum) / double(bar->maximum - bar->minimum)
                                         : 0;
                QRectF done = bar->rect;
                done.setWidth(done.width() * share);
                painter->fillRect(done, t.ink);
            }
            return;
        case CE_HeaderSection:
            painter->fillRect(option->rect, t.panel);
            painter->fillRect(QRect(option->rect.left(), option->rect.bottom(), option->rect.width(), 1), t.line);
            painter->fillRect(QRect(option->rect.right(), option->rect.top(), 1, option->rect.height()), t.line);
            return;
        case CE_HeaderEmptyArea:
            painter->fillRect(option->rect, t.panel);
            return;
        default:
            QProxyStyle::drawControl(element, option, painter, widget);
    }
}

void QuietStyle::drawComplexControl(ComplexControl control, const QStyleOptionComplex* option, QPainter* painter,
                                    const QWidget* widget) const {
    if (const auto* spin = qstyleoption_cast<const QStyleOptionSpinBox*>(option); control == CC_SpinBox && spin)
        return drawSpinBox(*spin, *painter, widget);
    if (const auto* list = qstyleoption_cast<const QStyleOptionComboBox*>(option); control == CC_ComboBox && list)
        return drawComboBox(*list, *painter, widget);
    if (const auto* slider = qstyleoption_cast<const QStyleOptionSlider*>(option)) {
        if (control == CC_ScrollBar) return drawScrollBar(*slider, *painter, widget);
        if (control == CC_Slider) return drawSlider(*slider, *painter, widget);
    }
    QProxyStyle::drawComplexControl(control, option, painter, widget);
}

void QuietStyle::drawSpinBox(const QStyleOptionSpinBox& option, QPainter& painter, const QWidget* widget) const {
    paintField(painter, option);
    for (const auto& [part, way, step] : {std::tuple(SC_SpinBoxUp, Way::up, QAbstractSpinBox::StepUpEnabled),
                                          std::tuple(SC_SpinBoxDown, Way::down, QAbstractSpinBox::StepDownEnabled)}) {
        const QRect room = proxy()->subControlRect(CC_SpinBox, &option, part, widget);
        const bool isTouched = option.activeSubControls == part && has(option, State_Sunken);
        if (isTouched) painter.fillRect(room.adjusted(0, 2, -2, -2), theme().line);
        // The two triangles stand near each other.
        const int towards = way == Way::up ? room.height() / 6 : -room.height() / 6;
        const bool can = has(option, State_Enabled) && option.stepEnabled.testFlag(step);
        paintArrow(painter, room.translated(0, towards), way, can ? theme().ink : theme().line);
    }
}

void QuietStyle::drawComboBox(const QStyleOptionComboBox& option, QPainter& painter, const QWidget* widget) const {
    paintField(painter, option);
    paintArrow(painter, proxy()->subControlRect(CC_ComboBox, &option, SC_ComboBoxArrow, widget), Way::down,
               inkOf(option));
}

void QuietStyle::drawSlider(const QStyleOptionSlider& option, QPainter& painter, const QWidget* widget) const {
    const QRect groove = proxy()->subControlRect(CC_Slider, &option, SC_SliderGroove, widget);
    const QRect handle = proxy()->subControlRect(CC_Slider, &option, SC_SliderHandle, widget);
    const QPoint middle = groove.center();
    if (option.orientation == Qt::Horizontal)
        painter.fillRect(QRect(groove.left(), middle.y() - 1, groove.width(), 3), theme().line);
    else
        painter.fillRect(QRect(middle.x() - 1, groove.top(), 3, groove.height()), theme().line);
    painter.fillRect(handle.adjusted(0, 1, 0, -1), inkOf(option));
    if (has(option, State_HasFocus)) paintChosen(painter, option.rect);
}

void QuietStyle::drawScrollBar(const QStyleOptionSlider& option, QPainter& painter, const QWidget* widget) const {
    painter.fillRect(option.rect, theme().panel);
    if (option.maximum <= option.minimum) return;
    const QRectF knob = proxy()->subControlRect(CC_ScrollBar, &option, SC_ScrollBarSlider, widget);
    const bool isTouched = has(option, State_MouseOver) || has(option, State_Sunken);
    const double thick = isTouched ? measure::bar - 2 : 4;
    QRectF line = knob;
    if (option.orientation == Qt::Horizontal)
        line = QRectF(knob.left(), knob.center().y() - thick / 2, knob.width(), thick);
    else
        line = QRectF(knob.center().x() - thick / 2, knob.top(), thick, knob.height());
    painter.fillRect(line, isTouched ? theme().ink : theme().quiet);
}

void QuietStyle::drawMenuItem(const QStyleOptionMenuItem& option, QPainter& painter, const QWidget* widget) const {
    const Theme& t = theme();
    if (option.menuItemType == QStyleOptionMenuItem::Separator) {
        painter.fillRect(option.rect, t.panel);
        painter.fillRect(QRect(option.rect.left() + 4, option.rect.center().y(), option.rect.width() - 8, 1), t.line);
        return;
    }
    const bool isOn = has(option, State_Enabled);
    painter.fillRect(option.rect, has(option, State_Selected) && isOn ? t.raised : t.panel);
    const auto mirrored = [&](const QRect& rect) { return visualRect(option.direction, option.rect, rect); };
    const QRect all = option.rect;
    if (option.checked)
        paintTick(painter, mirrored(QRect(all.left() + 6, all.center().y() - 7, 14, 14)), isOn ? t.ink : t.quiet);
    // A list's own menu (drop-down) has the words where the field has them.
    const bool isList = qobject_cast<const QComboBox*>(widget) != nullptr;
    const QRect words = mirrored(all.adjusted(isList ? measure::inset : 26, 0, -12, 0));
    painter.setPen(isOn ? t.ink : t.quiet);
    painter.setFont(option.font);
    const QStringList parts = option.text.split('\t');
    painter.drawText(words, Qt::AlignVCenter | Qt::AlignLeft | Qt::TextShowMnemonic | Qt::TextSingleLine,
                     parts.first());
    if (parts.size() > 1) painter.drawText(words, Qt::AlignVCenter | Qt::AlignRight | Qt::TextSingleLine, parts.last());
    if (option.menuItemType == QStyleOptionMenuItem::SubMenu)
        paintArrow(painter, mirrored(QRect(all.right() - 18, all.top(), 14, all.height())),
                   option.direction == Qt::LeftToRight ? Way::right : Way::left, isOn ? t.ink : t.quiet);
}

}  // namespace app
