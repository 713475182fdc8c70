#include "planning/study_fields.h"

#include <algorithm>
#include <cstdint>
#include <cstdio>
#include <map>

namespace planning {

namespace {

/// Does nothing with any field: visitors say what they do with those that matter to them.
struct Passive {
    void text(const Field&, const std::string&) {}
    void flag(const Field&, bool) {}
    template <typename Number>
    void number(const Field&, Number&, const Bounds&) {}
    template <typename Enum, typename Named>
    void word(const Field&, Enum&, Named) {}
    template <typename Enum, typename Named>
    void optionalWord(const Field&, std::optional<Enum>&, Named) {}
    template <typename Enum, typename Named>
    void optionalWord(const Field&, const std::optional<Enum>&, Named) {}
    void numbers(const Field&, const std::vector<double>&, const Bounds&, std::size_t) {}
    template <typename Files>
    void files(const Field&, Files&) {}
    void light(const Field&, const std::optional<colour::Xyz>&) {}
    template <typename Number>
    void place(const Field&, const Field&, Number&, Number&) {}
    template <typename LineType>
    void line(const Field&, LineType&) {}
    template <typename LineType>
    void path(LineType&) {}
    template <typename Scribbles>
    void scribbles(const Field&, Scribbles&) {}
    template <typename List>
    void index(const Field&, const int&, const List&) {}
};

class BoundsCheck : public Passive {
 public:
    std::optional<common::Problem> problem;

    void text(const Field& field, const std::string& value) {
        if (value.size() > mostLetters)
            fail(field, std::to_string(value.size()) + " letters long", std::to_string(mostLetters) + " at most");
    }
    void light(const Field& field, const std::optional<colour::Xyz>& light) {
        if (light && !(std::isfinite(light->x) && std::isfinite(light->z) && std::isfinite(light->y) && light->y > 0))
            fail(field, "black", "something lighter");
    }
    template <typename Number>
    void number(const Field& field, const Number& value, const Bounds& bounds) {
        check(field, double(value), bounds);
    }
    void numbers(const Field& field, const std::vector<double>& values, const Bounds& bounds, std::size_t most) {
        for (const double value : values) check(field, value, bounds);
        if (!std::ranges::is_sorted(values) || values.size() >= most)
            fail(field, std::to_string(values.size()), "rising values, " + std::to_string(most - 1) + " at most");
    }
    template <typename Files>
    void files(const Field&, const Files& files) {
        others_ = files.size();
    }
    template <typename Object>
    void object(const Field&, const Object& object) {
        describe(*this, object);
    }
    template <typename Object>
    void optionalObject(const Field&, const std::optional<Object>& object) {
        if (object) describe(*this, *object);
    }
    template <typename Item>
    void list(const Field&, const std::vector<Item>& items) {
        for (const Item& item : items) {
            describe(*this, item);
            if constexpr (std::same_as<Item, AreaChoice>)
                if (item.borrowed && item.borrowed->picture >= int(others_))
                    fail({"", "picture that colours are taken from"}, std::to_string(item.borrowed->picture + 1),
                         "1 to " + std::to_string(others_));
        }
    }

 private:
    void check(const Field& field, double value, const Bounds& bounds) {
        if (bounds.holds(value)) return;
        char said[64], allowed[64];
        std::snprintf(said, sizeof said, "%g", value);
        std::snprintf(allowed, sizeof allowed, "%g to %g", bounds.least, bounds.most);
        fail(field, said, allowed);
    }
    void fail(const Field& field, const std::string& said, const std::string& allowed) {
        if (problem) return;
        problem = common::Problem{.kind = common::ProblemKind::numberBad,
                                  .where = *field.words ? field.words : field.name,
                                  .what = said,
                                  .allowed = allowed};
    }

    std::size_t others_ = 0;
};

class KeyMaker {
 public:
    static constexpr Affects everything{~0u};
    explicit KeyMaker(Affects what) : what_(what) {}
    std::string key;

    void text(const Field& field, const std::string& value) {
        if (counts(field)) key += std::to_string(value.size()) + value + ' ';
    }
    void flag(const Field& field, bool value) { add(field, value); }
    template <typename Number>
    void number(const Field& field, const Number& value, const Bounds&) {
        add(field, double(value));
    }
    template <typename Enum, typename Named>
    void word(const Field& field, const Enum& value, Named) {
        add(field, double(value));
    }
    template <typename Enum, typename Named>
    void optionalWord(const Field& field, const std::optional<Enum>& value, Named) {
        add(field, value ? double(*value) : -1.0);
    }
    void numbers(const Field& field, const std::vector<double>& values, const Bounds&, std::size_t) {
        add(field, double(values.size()));
        for (const double value : values) add(field, value);
    }
    template <typename Files>
    void files(const Field& field, const Files& files) {
        // A file's own address stands for it: it is held as long as what was read of it.
        add(field, double(files.size()));
        for (const auto& file : files) add(field, double(reinterpret_cast<std::uintptr_t>(file.get())));
    }
    void light(const Field& field, const std::optional<colour::Xyz>& light) {
        add(field, light.has_value());
        if (light)
            for (const double v : {light->x, light->y, light->z}) add(field, v);
    }
    void place(const Field& field, const Field&, double x, double y) {
        const Field counted{field.name, field.words, field.affects | onlyPlaces};
        const bool isPlace = what_ == onlyPlaces;
        add(isPlace ? counted : field, x);
        add(isPlace ? counted : field, y);
    }
    void line(const Field& field, const subject::Line& line) {
        place(field, field, line.from.x, line.from.y);
        place(field, field, line.to.x, line.to.y);
    }
    void path(const subject::Line& line) { this->line({"", "", listAffects_}, line); }
    void scribbles(const Field& field, const std::vector<subject::Scribble>& scribbles) {
        for (const subject::Scribble& scribble : scribbles) {
            add(field, double(scribble.size()));
            for (const subject::Place& p : scribble) place(field, field, p.x, p.y);
        }
    }
    template <typename Object>
    void object(const Field&, const Object& object) {
        describe(*this, object);
    }
    template <typename Object>
    void optionalObject(const Field& field, const std::optional<Object>& object) {
        add(field, object.has_value());
        if (object) describe(*this, *object);
    }
    template <typename Item>
    void list(const Field& field, const std::vector<Item>& items) {
        if (counts(field)) {
            add(field, double(items.size()));
            listAffects_ = field.affects;
            for (const Item& item : items) describe(*this, item);
            return;
        }
        // An item that says nothing of what counts is as if it were not there.
        KeyMaker silent(what_);
        const Item nothing{};
        describe(silent, nothing);
        for (const Item& item : items) {
            KeyMaker said(what_);
            describe(said, item);
            if (said.key == silent.key) continue;
            KeyMaker placed(onlyPlaces);
            describe(placed, item);
            key += placed.key + said.key;
        }
    }
    template <typename List>
    void index(const Field& field, int index, const List&) {
        add(field, index);
    }

 private:
    bool counts(const Field& field) const { return what_ == everything || any(field.affects, what_); }
    void add(const Field& field, double value) {
        if (!counts(field)) return;
        char text[32];
        std::snprintf(text, sizeof text, "%.17g ", value);
        key += text;
    }

    static constexpr Affects onlyPlaces{1u << 31};
    Affects what_;
    Affects listAffects_ = Affects::nothing;
};

/// Each of the study's own fields alone, by its name, as a key of all that is in it.
class FieldKeys {
 public:
    std::vector<std::pair<const char*, std::string>> keys;

    void text(const Field& f, const std::string& value) {
        add(f, [&](auto& key, auto& all) { key.text(all, value); });
    }
    template <typename Number>
    void number(const Field& f, const Number& value, const Bounds& bounds) {
        add(f, [&](auto& key, auto& all) { key.number(all, value, bounds); });
    }
    template <typename Enum, typename Named>
    void word(const Field& f, const Enum& value, Named named) {
        add(f, [&](auto& key, auto& all) { key.word(all, value, named); });
    }
    void numbers(const Field& f, const std::vector<double>& values, const Bounds& bounds, std::size_t most) {
        add(f, [&](auto& key, auto& all) { key.numbers(all, values, bounds, most); });
    }
    template <typename Files>
    void files(const Field& f, const Files& files) {
        add(f, [&](auto& key, auto& all) { key.files(all, files); });
    }
    template <typename Object>
    void object(const Field& f, const Object& object) {
        add(f, [&](auto& key, auto& all) { key.object(all, object); });
    }
    template <typename Item>
    void list(const Field& f, const std::vector<Item>& items) {
        add(f, [&](auto& key, auto& all) { key.list(all, items); });
    }
    template <typename List>
    void index(const Field& f, int index, const List& list) {
        add(f, [&](auto& key, auto& all) { key.index(all, index, list); });
    }

 private:
    template <typename Visit>
    void add(const Field& field, Visit visit) {
        KeyMaker maker(KeyMaker::everything);
        const Field all{field.name, field.words, KeyMaker::everything};
        visit(maker, all);
        keys.emplace_back(field.name, std::move(maker.key));
    }
};

/// Moves places from one frame to another, and lets go of what lies outside it then.
class Mover : public Passive {
 public:
    Mover(const subject::FramePlace& before, const subject::FramePlace& after) : before_(before), after_(after) {}

    void place(const Field&, const Field&, double& x, double& y) {
        subject::Place place(x, y);
        isKept_ &= moved(place);
        x = place.x;
        y = place.y;
    }
    void path(subject::Line& line) {
        const bool isFromIn = moved(line.from), isToIn = moved(line.to);
        isKept_ &= isFromIn && isToIn;
    }
    void scribbles(const Field&, std::vector<subject::Scribble>& scribbles) {
        scribblesIn_ = 0;
        for (subject::Scribble& scribble : scribbles) {
            int placesIn = 0;
            for (subject::Place& place : scribble) placesIn += moved(place);
            scribblesIn_ += placesIn > 0;
        }
    }
    template <typename Object>
    void object(const Field&, Object&) {}  // lies on no picture, or not on the framed one
    template <typename Object>
    void optionalObject(const Field&, Object&) {}
    template <typename Item>
    void list(const Field&, std::vector<Item>& items) {
        std::vector<Item> kept;
        std::vector<int> newIndex;
        for (Item& item : items) {
            isKept_ = true;
            describe(*this, item);
            if constexpr (std::same_as<Item, subject::AreaEdit>)
                isKept_ = scribblesIn_ >= subject::leastScribbles(item.kind);
            newIndex.push_back(isKept_ ? int(kept.size()) : -1);
            if (isKept_) kept.push_back(item);
        }
        items = std::move(kept);
        newIndices_[&items] = std::move(newIndex);
    }
    template <typename List>
    void index(const Field&, int& index, List& list) {
        const std::vector<int>& known = newIndices_[&list];
        index = index >= 0 && index < int(known.size()) ? known[std::size_t(index)] : -1;
    }

 private:
    bool moved(subject::Place& place) {
        place = after_.inFrame(before_.inReference(place));
        return subject::isInFrame(place);
    }

    const subject::FramePlace &before_, &after_;
    bool isKept_ = true;
    int scribblesIn_ = 0;
    std::map<const void*, std::vector<int>> newIndices_;
};

}  // namespace

std::optional<common::Problem> outOfBounds(const Study& study) {
    BoundsCheck check;
    describe(check, study);
    return check.problem;
}

std::string keyOf(const Study& study, Affects what) {
    KeyMaker maker(what);
    describe(maker, study);
    return std::move(maker.key);
}

ChoiceKey::ChoiceKey(const Study& study, Affects what)
    : fields(keyOf(study, what)), reference(study.reference), others(study.others) {}

bool differIn(const Study& before, const Study& after, Affects what) {
    const bool isOfPicture = any(what, Affects::framed | Affects::sheet);
    if (isOfPicture && before.reference != after.reference) return true;
    return keyOf(before, what) != keyOf(after, what);
}

std::vector<std::string> changedFields(const Study& before, const Study& after) {
    std::vector<std::string> changed;
    if (before.reference != after.reference) changed.emplace_back("reference");
    const auto keys = [](const Study& study) {
        FieldKeys fields;
        describe(fields, study);
        return std::move(fields.keys);
    };
    const auto one = keys(before), other = keys(after);
    for (std::size_t i = 0; i < one.size(); ++i)
        if (one[i].second != other[i].second) changed.emplace_back(one[i].first);
    return changed;
}

void moveWithFrame(Study& study, const subject::FramePlace& before, const subject::FramePlace& after) {
    Mover mover(before, after);
    describe(mover, study);
}

}  // namespace planning
