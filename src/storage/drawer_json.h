#pragma once

#include <QByteArray>
#include <map>
#include <string>

#include "common/progress.h"
#include "storage/materials_store.h"

namespace storage {

/// All that the artist owns, to carry elsewhere: things, trays, mixtures, and the photographs by their keys.
struct WholeDrawer {
    materials::Drawer drawer;
    std::map<std::string, Photograph> photographs;
};

/// One JSON file of it (docs/FORMAT.md), photographs in Base64.
QByteArray drawerJson(const WholeDrawer& whole);
/// Refuses what is no such file (listUnknown), a damaged one (drawerDamaged, with the key) and a newer one
/// (drawerNewer).
inline constexpr std::uintmax_t mostDrawerBytes = 1'000'000'000;
common::Result<WholeDrawer> drawerFromJson(const common::Bytes& json, const std::string& name);

/// Out of the library, and into it: things, trays and mixtures with the same id or name are replaced, the others kept.
common::Result<WholeDrawer> wholeOf(const MaterialsStore& store);
common::Result<DrawerChange> takeIn(const WholeDrawer& whole, MaterialsStore& store);

}  // namespace storage
