#include "storage/drawer_json.h"

#include <QJsonDocument>

#include "storage/json_reader.h"
#include "storage/materials_json.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

QByteArray drawerJson(const WholeDrawer& whole) {
    QJsonArray things, trays, mixtures;
    QJsonObject photographs;
    for (const materials::Owned& owned : whole.drawer.things) things.append(jsonOf(owned));
    for (const materials::Tray& tray : whole.drawer.trays)
        trays.append(QJsonObject{{"name", text(tray.name)}, {"things", arrayOf(tray.ids)}});
    for (const materials::OwnMixture& mixture : whole.drawer.mixtures) mixtures.append(jsonOf(mixture));
    for (const auto& [key, photograph] : whole.photographs)
        photographs[text(key)] = QJsonObject{{"name", text(photograph.name)},
                                             {"base64", QString::fromLatin1(qtBytes(photograph.bytes).toBase64())}};
    return QJsonDocument(QJsonObject{{"format", "yawning-dune-drawer"},
                                     {"version", 1},
                                     {"things", things},
                                     {"trays", trays},
                                     {"mixtures", mixtures},
                                     {"photographs", photographs}})
        .toJson();
}

common::Result<WholeDrawer> drawerFromJson(const common::Bytes& json, const std::string& name) {
    QJsonParseError error;
    const QJsonObject object = QJsonDocument::fromJson(qtBytes(json), &error).object();
    if (error.error != QJsonParseError::NoError)
        return Problem{ProblemKind::drawerDamaged, name, 0, error.errorString().toStdString()};
    if (object["format"].toString() != "yawning-dune-drawer") return Problem{ProblemKind::listUnknown, name};
    const auto version = versionIn(object);
    if (!version) return Problem{ProblemKind::drawerDamaged, name, 0, "version"};
    if (*version > 1) return Problem{ProblemKind::drawerNewer, name};
    WholeDrawer whole;
    for (const QJsonValue& value : object["things"].toArray()) {
        auto owned = ownedFrom(value.toObject(), name);
        if (!owned) return Problem{ProblemKind::drawerDamaged, name, 0, owned.problem().what};
        whole.drawer.things.push_back(*std::move(owned));
    }
    for (const QJsonValue& value : object["trays"].toArray())
        whole.drawer.trays.push_back({stringIn(value.toObject(), "name"), listIn(value.toObject(), "things")});
    for (const QJsonValue& value : object["mixtures"].toArray()) {
        auto mixture = mixtureFrom(value.toObject(), name);
        if (!mixture) return Problem{ProblemKind::drawerDamaged, name, 0, mixture.problem().what};
        whole.drawer.mixtures.push_back(*std::move(mixture));
    }
    const QJsonObject photographs = object["photographs"].toObject();
    for (const QString& key : photographs.keys()) {
        const QJsonObject photograph = photographs[key].toObject();
        const QByteArray raw = QByteArray::fromBase64(photograph["base64"].toString().toLatin1());
        whole.photographs[key.toStdString()] = {stringIn(photograph, "name"), common::Bytes(raw.begin(), raw.end())};
    }
    return whole;
}

common::Result<WholeDrawer> wholeOf(const MaterialsStore& store) {
    auto drawer = store.drawer();
    if (!drawer) return drawer.problem();
    WholeDrawer whole{*std::move(drawer), {}};
    for (const materials::Owned& owned : whole.drawer.things)
        for (const std::string& key : owned.photographs) {
            auto photograph = store.photograph(key);
            if (!photograph) return photograph.problem();
            whole.photographs[key] = *std::move(photograph);
        }
    return whole;
}

common::Result<DrawerChange> takeIn(const WholeDrawer& whole, MaterialsStore& store) {
    // The photographs first: nothing refers to them until the change is made.
    for (const auto& [key, photograph] : whole.photographs)
        if (const auto kept = store.keep(photograph); !kept) return kept.problem();
    return DrawerChange{whole.drawer.things, {}, whole.drawer.trays, whole.drawer.mixtures};
}

}  // namespace storage
