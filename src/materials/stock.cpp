#include "materials/stock.h"

#include <algorithm>
#include <array>

namespace materials {

double shareLeft(Stock stock) {
    static constexpr std::array<double, 4> shares{1, 0.5, 0.18, 0};
    return shares[static_cast<std::size_t>(stock)];
}

Stock stockOf(double share) {
    return share >= 0.75 ? Stock::full : share >= 0.3 ? Stock::half : share > 0 ? Stock::stub : Stock::usedUp;
}

double leftOf(const Owned& owned) {
    return std::clamp(shareLeft(owned.stock) - owned.lost, 0.0, 1.0);
}

void setLeft(Owned& owned, double share) {
    owned.stock = stockOf(share);
    owned.lost = shareLeft(owned.stock) - share;
}

std::optional<double> squareCentimetresIn(Kind kind) {
    switch (kind) {
        case Kind::soft:
            return 4000;
        case Kind::hard:
            return 3500;
        case Kind::pencil:
            return 1500;
        case Kind::pan:
            return 6000;
        case Kind::charcoal:
            return 2000;
        case Kind::watercolour:
        case Kind::gouache:
        case Kind::acrylic:
        case Kind::ink:
            return std::nullopt;
    }
    return std::nullopt;
}

std::optional<double> leftAfter(const Owned& owned, double squareCentimetres) {
    const auto* medium = std::get_if<Material>(&owned.what);
    const auto whole = medium ? squareCentimetresIn(medium->kind) : std::nullopt;
    if (!whole) return std::nullopt;
    return std::max(0.0, leftOf(owned) - squareCentimetres / *whole);
}

void use(Owned& owned, double squareCentimetres) {
    constexpr double least = 0.01;
    if (const auto left = leftAfter(owned, squareCentimetres); left && owned.stock != Stock::usedUp)
        setLeft(owned, std::max(*left, least));
}

}  // namespace materials
