#include "app/trial/trial_rows.h"

#include <algorithm>

#include "planning/trial_mixtures.h"
#include "storage/materials_json.h"
#include "storage/text.h"

namespace app {

namespace {

std::vector<materials::Material> mediaOf(const review::TrialCard& card) {
    std::vector<materials::Material> media;
    for (const materials::Owned& stick : card.sticks) media.push_back(std::get<materials::Material>(stick.what));
    return media;
}

}  // namespace

materials::OwnMixture mixtureOf(const planning::Strokes& strokes, const std::vector<materials::Material>& media,
                                const std::string& name, const std::string& paper) {
    materials::OwnMixture mixture{name, paper, {}};
    for (const pigment::Lay& lay : strokes)
        mixture.strokes.push_back({pigment::laysPigment(lay.manner) ? media[std::size_t(lay.stick)].id : std::string(),
                                   lay.manner, lay.pressure});
    return mixture;
}

std::optional<planning::Strokes> strokesOf(const materials::OwnMixture& mixture,
                                           const std::vector<materials::Material>& media) {
    planning::Strokes strokes;
    for (const materials::MixtureStroke& stroke : mixture.strokes) {
        const auto at = std::ranges::find(media, stroke.stick, &materials::Material::id);
        if (pigment::laysPigment(stroke.manner) && at == media.end()) return std::nullopt;
        strokes.push_back({at == media.end() ? 0 : int(at - media.begin()), stroke.manner, stroke.pressure});
    }
    return strokes;
}

std::vector<std::string> rowsOf(const review::TrialCard& card) {
    std::vector<std::string> rows;
    const std::vector<materials::Material> media = mediaOf(card);
    for (const review::TrialWindow& window : card.windows) {
        rows.push_back(window.paper.id);
        for (std::size_t i = 1; i < review::windowFields; ++i)
            rows.push_back(window.fields[i].empty()
                               ? std::string()
                               : storage::mixtureText(mixtureOf(window.fields[i], media, "field", {})).toStdString());
    }
    return rows;
}

std::optional<review::TrialCard> trialCardOf(const std::vector<std::string>& rows, const materials::Library& library) {
    if (rows.empty() || rows.size() % review::windowFields != 0) return std::nullopt;
    review::TrialCard card;
    for (std::size_t at = 0; at < rows.size(); at += review::windowFields) {
        const materials::Paper* paper = library.paper(rows[at]);
        if (!paper) return std::nullopt;
        card.windows.push_back({*paper, {}});
        for (std::size_t i = 1; i < review::windowFields; ++i) {
            const auto field = storage::mixtureIn(storage::text(rows[at + i]));
            auto strokes = field ? strokesOf(*field, library.media) : std::nullopt;
            if (!strokes) continue;
            planning::addTo(card, *strokes, library.media);
            card.windows.back().fields[i] = *std::move(strokes);
        }
    }
    return card;
}

}  // namespace app
