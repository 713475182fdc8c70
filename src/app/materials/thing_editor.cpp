#include "app/materials/thing_editor.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPainter>
#include <algorithm>
#include <optional>

#include "app/materials/drawer_view.h"
#include "materials/hazards.h"
#include "wording/counts.h"
#include "wording/sentences.h"
#include "wording/text.h"

namespace app {

using wording::text;

using materials::Owned;

namespace {

constexpr unsigned media = 1, papers = 2, tools = 4, coloured = media | papers, all = coloured | tools;

std::vector<std::string> parted(const QString& words) {
    std::vector<std::string> parts;
    for (const QString& part : QString(words).replace(';', ',').split(',', Qt::SkipEmptyParts))
        if (!part.trimmed().isEmpty()) parts.push_back(part.trimmed().toStdString());
    return parts;
}

/// What all things share.
template <typename Value, typename Get>
std::optional<Value> shared(const std::vector<Owned>& things, Get get) {
    const Value first = get(things.front());
    for (const Owned& owned : things)
        if (get(owned) != first) return std::nullopt;
    return first;
}

/// A kind of any class as one number: media as they are counted, then the paper, then tools.
constexpr int paperKind = 100, toolKinds = 200;

int kindOf(const Owned& owned) {
    if (const auto* medium = std::get_if<materials::Material>(&owned.what)) return int(medium->kind);
    if (const auto* tool = std::get_if<materials::Tool>(&owned.what)) return toolKinds + int(tool->kind);
    return paperKind;
}

/// Turns a thing into one of another kind; what both have stays.
void setKind(Owned& owned, int kind, bool isNew) {
    const std::string id = materials::idOf(owned), maker = materials::makerOf(owned), name = materials::nameOf(owned);
    const auto colour = materials::colourOf(owned);
    if (kind >= toolKinds) {
        owned.what = materials::Tool{id, maker, name, materials::ToolKind(kind - toolKinds)};
    } else if (kind == paperKind) {
        auto* paper = std::get_if<materials::Paper>(&owned.what);
        if (!paper) owned.what = materials::Paper{id, maker, name, {}, colour.value_or(colour::Srgb8{}), {}};
    } else {
        if (!std::holds_alternative<materials::Material>(owned.what)) {
            materials::Material medium;
            medium.id = id;
            medium.maker = maker;
            medium.name = name;
            medium.masstone = colour.value_or(colour::Srgb8{});
            owned.what = medium;
        }
        auto& medium = std::get<materials::Material>(owned.what);
        medium.kind = materials::Kind(kind);
        if (isNew) medium.hardness = materials::usualHardness(medium.kind);
    }
}

/// The first thing's shape in the colour that is typed.
class Preview : public QWidget {
 public:
    explicit Preview(std::function<std::optional<Owned>()> thing) : thing_(std::move(thing)) { setFixedSize(64, 28); }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        if (const auto thing = thing_()) paintShape(painter, QRectF(2, 2, 60, 24), *thing);
    }

 private:
    std::function<std::optional<Owned>()> thing_;
};

}  // namespace

ThingEditor::ThingEditor(QWidget* parent, std::vector<Owned> things, bool isNew,
                         const std::vector<materials::Paper>& others)
    : Sheet(parent,
            isNew                ? tr("Something new in the drawer")
            : things.size() == 1 ? text(materials::nameOf(things[0]))
                                 : wording::thingCount(int(things.size())),
            things.size() == 1 ? QString() : tr("Fields that you leave alone stay as they are, each thing its own.")),
      things_(std::move(things)),
      isNew_(isNew) {
    form_ = new QFormLayout;
    form_->setLabelAlignment(Qt::AlignLeft);
    body_->addLayout(form_);
    addKinds();
    if (things_.size() == 1)
        addLine(
            tr("Name"), [](const Owned& owned) { return text(materials::nameOf(owned)); },
            [](Owned& owned, const QString& name) {
                std::visit([&](auto& what) { what.name = name.toStdString(); }, owned.what);
            });
    addLine(
        tr("Maker"), [](const Owned& owned) { return text(materials::makerOf(owned)); },
        [](Owned& owned, const QString& maker) {
            std::visit([&](auto& what) { what.maker = maker.toStdString(); }, owned.what);
        });
    addLine(
        tr("Number on the label"), [](const Owned& owned) { return text(owned.number); },
        [](Owned& owned, const QString& number) { owned.number = number.toStdString(); });
    addColour();
    const auto mediumLine = [this](const QString& label, auto get, auto set) {
        addLine(
            label,
            [get](const Owned& owned) {
                const auto* medium = std::get_if<materials::Material>(&owned.what);
                return medium ? get(*medium) : QString();
            },
            [set](Owned& owned, const QString& words) {
                if (auto* medium = std::get_if<materials::Material>(&owned.what)) set(*medium, words);
            });
        classes_.back().second = media;
    };
    mediumLine(
        tr("Pigments"), [](const materials::Material& medium) { return wording::listed(medium.pigments); },
        [](materials::Material& medium, const QString& words) {
            medium.pigments = parted(words);
            medium.hazards = materials::hazardsOf(medium.pigments);
        });
    mediumLine(
        tr("Calls for care"), [](const materials::Material& medium) { return wording::listed(medium.hazards); },
        [](materials::Material& medium, const QString& words) { medium.hazards = parted(words); });
    mediumLine(
        tr("Lightfastness"), [](const materials::Material& medium) { return text(medium.lightfastness); },
        [](materials::Material& medium, const QString& words) { medium.lightfastness = words.toStdString(); });
    const auto mediumFigure = [this](const QString& label, const FigureRange& range,
                                     double materials::Material::*member) {
        addFigure(
            label, range, media, [member](const Owned& o) { return std::get<materials::Material>(o.what).*member; },
            [member](Owned& o, double value) {
                std::get<materials::Material>(o.what).*member = value;
                if (member == &materials::Material::hiding) o.hidingError = 0;
            });
    };
    mediumFigure(tr("Hides"), {0.05, 5, 2, tr(" times the usual")}, &materials::Material::hiding);
    mediumFigure(tr("Hardness"), {0, 1, 2, tr(" (0 buttery, 1 a hard point)")}, &materials::Material::hardness);
    addPaperFields(others);
    connect(addButton(isNew ? tr("Put it into the drawer") : tr("Take these changes")), &QPushButton::clicked, this,
            &ThingEditor::take);
    connect(addButton(tr("Leave it")), &QPushButton::clicked, this, &QDialog::reject);
    showAll();
    showRows();
    resize(520, 100);
}

void ThingEditor::add(const QString& label, QWidget* widget, std::function<void()> show,
                      std::function<void(Owned&)> set) {
    form_->addRow(label, widget);
    if (widget->accessibleName().isEmpty()) widget->setAccessibleName(label);
    fields_.push_back({widget, std::move(show), std::move(set)});
    classes_.emplace_back(widget, all);
}

void ThingEditor::touch(QWidget* widget) {
    std::ranges::find(fields_, widget, &Field::widget)->isTouched = true;
    setProblem({});
}

QLineEdit* ThingEditor::addLine(const QString& label, Get get, Set set) {
    auto* line = new QLineEdit;
    add(
        label, line,
        [this, line, get] {
            const auto words = shared<QString>(things_, get);
            line->setText(words.value_or(QString()));
            line->setPlaceholderText(words ? QString() : tr("several"));
        },
        [line, set](Owned& owned) { set(owned, line->text().trimmed()); });
    connect(line, &QLineEdit::textEdited, this, [this, line] { touch(line); });
    return line;
}

void ThingEditor::addFigure(const QString& label, const FigureRange& range, unsigned classes,
                            std::function<double(const Owned&)> get, std::function<void(Owned&, double)> set) {
    auto* box = new QDoubleSpinBox;
    box->setRange(range.least, range.most);
    box->setDecimals(range.decimals);
    box->setSingleStep(range.decimals > 0 ? 0.05 : 1);
    box->setSuffix(range.suffix);
    const auto isOf = [classes](const Owned& owned) { return (classes >> owned.what.index() & 1U) != 0; };
    add(
        label, box,
        [this, box, get, isOf] {
            const QSignalBlocker quiet(box);
            if (isOf(things_.front())) box->setValue(get(things_.front()));
        },
        [box, set, isOf](Owned& owned) {
            if (isOf(owned)) set(owned, box->value());
        });
    classes_.back().second = classes;
    connect(box, &QDoubleSpinBox::valueChanged, this, [this, box] { touch(box); });
}

void ThingEditor::addPaperFields(const std::vector<materials::Paper>& others) {
    QStringList surfaces, waters, fibres;
    for (int i = 0; i < materials::surfaceCount; ++i) surfaces << wording::surfaceWord(materials::Surface(i));
    for (int i = 0; i < 3; ++i) waters << wording::waterWord(materials::Water(i));
    for (int i = 0; i < 3; ++i) fibres << wording::fibresWord(materials::FibreDirection(i));
    const auto choice = [this](const QString& label, const QStringList& words, auto get, auto set) {
        addChoice(
            label, words,
            [get](const Owned& o) {
                const auto* paper = std::get_if<materials::Paper>(&o.what);
                return paper ? get(*paper) : 0;
            },
            [set](Owned& o, int i) {
                if (auto* paper = std::get_if<materials::Paper>(&o.what)) set(*paper, i);
            });
    };
    const auto figure = [this](const QString& label, const FigureRange& range, auto materials::Paper::*member) {
        addFigure(
            label, range, papers,
            [member](const Owned& o) { return double(std::get<materials::Paper>(o.what).*member); },
            [member](Owned& o, double value) {
                auto& kept = std::get<materials::Paper>(o.what).*member;
                kept = static_cast<std::remove_reference_t<decltype(kept)>>(value);
            });
    };
    using materials::Paper;
    choice(
        tr("Surface"), surfaces, [](const Paper& paper) { return int(paper.surface); },
        [](Paper& paper, int i) { paper.surface = materials::Surface(i); });
    choice(
        tr("Takes"), waters, [](const Paper& paper) { return int(paper.water); },
        [](Paper& paper, int i) { paper.water = materials::Water(i); });
    figure(tr("Tooth holds"), {materials::leastTooth, materials::mostTooth, 2, tr(" times the usual")},
           &Paper::capacity);
    figure(tr("Takes off a stick"), {materials::leastTooth, materials::mostTooth, 2, tr(" times the usual")},
           &Paper::grip);
    figure(tr("Sheet, width"), {0, materials::mostSheetMillimetres, 0, tr(" mm")}, &Paper::sheetWidthMillimetres);
    figure(tr("Sheet, height"), {0, materials::mostSheetMillimetres, 0, tr(" mm")}, &Paper::sheetHeightMillimetres);
    figure(tr("Sheets at hand"), {0, materials::mostSheets, 0, {}}, &Paper::sheets);
    choice(
        tr("Fibres run"), fibres, [](const Paper& paper) { return int(paper.fibres); },
        [](Paper& paper, int i) { paper.fibres = materials::FibreDirection(i); });
    QStringList names{tr("no other")};
    std::vector<std::string> ids{{}};
    for (const Paper& paper : others) {
        names << text(paper.name);
        ids.push_back(paper.id);
    }
    choice(
        tr("Other side of"), names,
        [ids](const Paper& paper) {
            const auto found = std::ranges::find(ids, paper.otherSideOf);
            return found == ids.end() ? 0 : int(found - ids.begin());
        },
        [ids](Paper& paper, int i) { paper.otherSideOf = ids[std::size_t(std::max(0, i))]; });
}

void ThingEditor::addChoice(const QString& label, const QStringList& words, std::function<int(const Owned&)> get,
                            std::function<void(Owned&, int)> set) {
    auto* box = new QComboBox;
    box->addItems(words);
    add(
        label, box, [this, box, get] { box->setCurrentIndex(shared<int>(things_, get).value_or(-1)); },
        [box, set](Owned& owned) { set(owned, box->currentIndex()); });
    classes_.back().second = papers;
    connect(box, &QComboBox::activated, this, [this, box] { touch(box); });
}

void ThingEditor::addKinds() {
    kind_ = new QComboBox;
    const std::size_t among = things_.front().what.index();
    if (isNew_ || among == 0)
        for (int i = 0; i <= int(materials::Kind::ink); ++i) kind_->addItem(wording::kindWord(materials::Kind(i)), i);
    if (isNew_ || among == 1) kind_->addItem(tr("paper"), paperKind);
    if (isNew_ || among == 2)
        for (int i = 0; i <= int(materials::ToolKind::other); ++i)
            kind_->addItem(wording::toolWord(materials::ToolKind(i)), toolKinds + i);
    add(
        tr("Kind"), kind_,
        [this] { kind_->setCurrentIndex(kind_->findData(shared<int>(things_, &kindOf).value_or(-1))); },
        [this](Owned& owned) { setKind(owned, kind_->currentData().toInt(), isNew_); });
    connect(kind_, &QComboBox::activated, this, [this] {
        touch(kind_);
        if (isNew_) {
            setKind(things_.front(), kind_->currentData().toInt(), true);
            for (const Field& field : fields_)
                if (!field.isTouched) field.show();
        }
        showRows();
    });
}

void ThingEditor::addColour() {
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    swatch_ = new Preview([this]() -> std::optional<Owned> {
        Owned owned = things_.front();
        if (const auto colour = colour::srgb8FromHex(hex_->text().toStdString()))
            materials::setColour(owned, *colour);
        else
            return std::nullopt;
        return owned;
    });
    hex_ = new QLineEdit;
    hex_->setAccessibleName(tr("Colour"));
    auto* pick = new QPushButton(tr("Pick from a photograph…"));
    pick->setAutoDefault(false);
    line->addWidget(swatch_);
    line->addWidget(hex_, 1);
    line->addWidget(pick);
    row->setAccessibleName(tr("Colour row"));
    const auto hexOf = [](const Owned& owned) {
        const auto colour = materials::colourOf(owned);
        return colour ? text(colour::hexFromSrgb8(*colour)) : QString();
    };
    add(
        tr("Colour"), row,
        [this, hexOf] {
            hex_->setText(isNew_ ? QString() : shared<QString>(things_, hexOf).value_or(QString()));
            hex_->setPlaceholderText(isNew_ ? tr("#rrggbb") : tr("several"));
        },
        [this](Owned& owned) {
            if (const auto colour = colour::srgb8FromHex(hex_->text().toStdString())) {
                materials::setColour(owned, *colour);
                owned.source = source_;
                owned.colourError = 0;
            }
        });
    classes_.back().second = coloured;
    const auto touched = [this, row](materials::ColourSource source) {
        source_ = source;
        touch(row);
        swatch_->update();
    };
    connect(hex_, &QLineEdit::textEdited, this, [touched] { touched(materials::ColourSource::typed); });
    connect(pick, &QPushButton::clicked, this, [this, touched] {
        if (pickColour)
            pickColour([this, touched](colour::Srgb8 colour) {
                hex_->setText(text(colour::hexFromSrgb8(colour)));
                touched(materials::ColourSource::picked);
            });
    });
}

void ThingEditor::showAll() {
    for (const Field& field : fields_) field.show();
}

/// Only what things of this class have.
void ThingEditor::showRows() {
    const unsigned bit = 1U << things_.front().what.index();
    for (const auto& [widget, classes] : classes_) form_->setRowVisible(widget, (classes & bit) != 0);
    swatch_->update();
}

void ThingEditor::take() {
    std::vector<Owned> after = things_;
    for (Owned& owned : after)
        for (const Field& field : fields_)
            if (field.isTouched) field.set(owned);
    const bool hasColour = materials::colourOf(after.front()).has_value();
    const bool isTold = !hex_->text().isEmpty() || (!isNew_ && things_.size() > 1);
    if (std::ranges::any_of(after, [](const Owned& owned) { return materials::nameOf(owned).empty(); }))
        return setProblem(tr("Give it a name by which you will find it again."));
    if (hasColour && (!isTold || (!hex_->text().isEmpty() && !colour::srgb8FromHex(hex_->text().toStdString()))))
        return setProblem(
            wording::problemSentence({common::ProblemKind::colourBad, "", 0, hex_->text().toStdString()}));
    Q_EMIT taken(after);
    accept();
}

}  // namespace app
