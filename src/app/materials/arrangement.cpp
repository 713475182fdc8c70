#include "app/materials/arrangement.h"

#include <QCoreApplication>
#include <QStringList>
#include <algorithm>
#include <array>
#include <map>

#include "colour/difference.h"
#include "colour/srgb.h"
#include "materials/doubles.h"
#include "wording/sentences.h"
#include "wording/text.h"

namespace app {

using wording::text;

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(app::Materials)
};

/// A place in the order of sections, and its head.
using Place = std::pair<int, QString>;

Place byHue(const materials::Owned& owned) {
    const auto colour = colourOf(owned);
    if (!colour) return {101, Words::tr("Tools")};
    if (std::holds_alternative<materials::Paper>(owned.what)) return {100, Words::tr("Papers")};
    const colour::Lab lab = colour::labFromSrgb8(*colour);
    if (colour::chroma(lab) < 9) return {0, Words::tr("Greys, black, white")};
    struct Family {
        double to;
        const char* head;
    };
    static constexpr std::array<Family, 8> families{{{20, "Roses"},
                                                     {48, "Reds"},
                                                     {72, "Oranges and browns"},
                                                     {100, "Yellows and ochres"},
                                                     {180, "Greens"},
                                                     {245, "Blue-greens"},
                                                     {290, "Blues"},
                                                     {340, "Violets"}}};
    const double hue = colour::hue(lab);
    for (std::size_t i = 0; i < families.size(); ++i)
        if (hue < families[i].to) return {i == 0 ? 9 : int(i), Words::tr(families[i].head)};
    return {9, Words::tr(families[0].head)};
}

Place byKind(const materials::Owned& owned) {
    if (const auto* medium = std::get_if<materials::Material>(&owned.what))
        return {int(medium->kind), wording::kindWord(medium->kind)};
    if (std::holds_alternative<materials::Paper>(owned.what)) return {100, Words::tr("Papers")};
    return {101, Words::tr("Tools")};
}

Place byBox(const materials::Owned& owned) {
    return owned.box.empty() ? Place{1, Words::tr("In no box")} : Place{0, text(owned.box)};
}

/// All that is known of a thing, as words.
QString knownOf(const materials::Owned& owned) {
    QStringList words{text(owned.number), text(owned.box), text(owned.notes), wording::stockWord(owned.stock)};
    std::visit([&](const auto& what) { words << text(what.id) << text(what.maker) << text(what.name); }, owned.what);
    if (const auto* medium = std::get_if<materials::Material>(&owned.what)) {
        words << wording::kindWord(medium->kind) << text(medium->lightfastness);
        for (const auto* list : {&medium->pigments, &medium->hazards})
            for (const std::string& word : *list) words << text(word);
    }
    if (const auto colour = colourOf(owned)) words << wording::colourWords(colour::labFromSrgb8(*colour));
    return words.join('\n');
}

bool isShown(const materials::Owned& owned, const Wanted& wanted) {
    if (wanted.only && !wanted.only->contains(materials::idOf(owned))) return false;
    if (wanted.runsLow && owned.stock != materials::Stock::stub && owned.stock != materials::Stock::usedUp)
        return false;
    if (wanted.nearestTo && !colourOf(owned)) return false;
    const QString known = wanted.words.isEmpty() ? QString() : knownOf(owned);
    for (const QString& word : wanted.words.simplified().split(' ', Qt::SkipEmptyParts))
        if (!known.contains(word, Qt::CaseInsensitive)) return false;
    return true;
}

double lightnessOf(const materials::Owned& owned) {
    const auto colour = colourOf(owned);
    return colour ? colour::labFromSrgb8(*colour).L : -1;
}

std::vector<Section> doubleSections(const std::vector<materials::Owned>& things, const Wanted& wanted) {
    std::vector<Section> sections;
    for (std::vector<int>& group : materials::doublesIn(things)) {
        std::erase_if(group, [&](int i) { return !isShown(things[std::size_t(i)], wanted); });
        if (group.size() > 1)
            sections.push_back(
                {Words::tr("Likely the same: %1").arg(text(materials::nameOf(things[std::size_t(group[0])]))), group});
    }
    return sections;
}

}  // namespace

std::vector<Section> arranged(const std::vector<materials::Owned>& things, const Wanted& wanted) {
    if (wanted.doubles) return doubleSections(things, wanted);
    std::map<Place, std::vector<std::pair<double, int>>> places;
    for (int i = 0; i < int(things.size()); ++i) {
        const materials::Owned& owned = things[std::size_t(i)];
        if (!isShown(owned, wanted)) continue;
        if (wanted.nearestTo) {
            const colour::Lab lab = colour::labFromSrgb8(*colourOf(owned));
            places[{0, Words::tr("Nearest first")}].emplace_back(colour::differenceCie2000(*wanted.nearestTo, lab), i);
            continue;
        }
        const bool inBox = wanted.by == LaidOutBy::box && !owned.box.empty();
        const Place place = wanted.by == LaidOutBy::hue    ? byHue(owned)
                            : wanted.by == LaidOutBy::kind ? byKind(owned)
                                                           : byBox(owned);
        places[place].emplace_back(inBox ? owned.slot : -lightnessOf(owned), i);
    }
    std::vector<Section> sections;
    for (auto& [place, members] : places) {
        std::ranges::stable_sort(members, {}, [](const auto& member) { return member.first; });
        Section& section = sections.emplace_back(Section{place.second, {}});
        for (const auto& [order, index] : members) section.things.push_back(index);
    }
    return sections;
}

}  // namespace app
