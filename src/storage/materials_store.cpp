#include "storage/materials_store.h"

#include <QDir>
#include <QFileInfo>
#include <QSqlError>
#include <QSqlQuery>
#include <QStandardPaths>
#include <QUuid>
#include <QVariant>
#include <functional>

#include "materials/names.h"

namespace storage {

using common::Problem;
using common::ProblemKind;
using materials::Owned;

namespace {

/// Schema n is made from schema n - 1 by the n-th of these. Never change one that has been released: add another.
const QStringList& schemaSteps() {
    static const QStringList steps{
        QStringLiteral(
            "CREATE TABLE thing (id TEXT PRIMARY KEY, class TEXT NOT NULL, kind TEXT NOT NULL, maker TEXT, name "
            "TEXT, number TEXT, hex TEXT, source TEXT, hiding REAL, hardness REAL, pigments TEXT, "
            "lightfastness TEXT, hazards TEXT, surface TEXT, water TEXT, stock TEXT, box TEXT, slot INTEGER, "
            "notes TEXT) WITHOUT ROWID"),
        QStringLiteral("CREATE TABLE tray (name TEXT NOT NULL, place INTEGER NOT NULL, id TEXT NOT NULL, PRIMARY KEY "
                       "(name, place)) WITHOUT ROWID"),
    };
    return steps;
}

QString text(std::string_view s) {
    return QString::fromUtf8(s.data(), qsizetype(s.size()));
}

QString joined(const std::vector<std::string>& list) {
    QStringList parts;
    for (const std::string& part : list) parts << text(part);
    return parts.join(QStringLiteral("; "));
}

std::vector<std::string> parted(const QString& list) {
    std::vector<std::string> parts;
    for (const QString& part : list.split(QStringLiteral("; "), Qt::SkipEmptyParts))
        parts.push_back(part.toStdString());
    return parts;
}

/// Columns by name, as they are written and read.
class Row {
 public:
    Row() = default;
    explicit Row(const QSqlQuery& query) : query_(&query) {}

    void set(const char* column, const QVariant& value) {
        columns << QLatin1String(column);
        values << value;
    }
    std::string string(const char* column) const {
        return query_->value(QLatin1String(column)).toString().toStdString();
    }
    double number(const char* column) const { return query_->value(QLatin1String(column)).toDouble(); }
    template <typename Enum>
    Enum word(const char* column, std::optional<Enum> (*named)(std::string_view)) {
        const auto value = named(string(column));
        good = good && value.has_value();
        return value.value_or(Enum{});
    }
    colour::Srgb8 hex() {
        const auto colour = colour::srgb8FromHex(string("hex"));
        good = good && colour.has_value();
        return colour.value_or(colour::Srgb8{});
    }

    QStringList columns;
    QVariantList values;
    bool good = true;

 private:
    const QSqlQuery* query_ = nullptr;
};

void write(Row& row, const materials::Material& medium) {
    row.set("class", "medium");
    row.set("kind", text(materials::nameOf(medium.kind)));
    row.set("hex", text(colour::hexFromSrgb8(medium.masstone)));
    row.set("hiding", medium.hiding);
    row.set("hardness", medium.hardness);
    row.set("pigments", joined(medium.pigments));
    row.set("lightfastness", text(medium.lightfastness));
    row.set("hazards", joined(medium.hazards));
}

void write(Row& row, const materials::Paper& paper) {
    row.set("class", "paper");
    row.set("kind", "paper");
    row.set("hex", text(colour::hexFromSrgb8(paper.tone)));
    row.set("surface", text(materials::nameOf(paper.surface)));
    row.set("water", text(materials::nameOf(paper.water)));
}

void write(Row& row, const materials::Tool& tool) {
    row.set("class", "tool");
    row.set("kind", text(materials::nameOf(tool.kind)));
}

Row rowOf(const Owned& owned) {
    Row row;
    std::visit(
        [&](const auto& what) {
            row.set("id", text(what.id));
            row.set("maker", text(what.maker));
            row.set("name", text(what.name));
            write(row, what);
        },
        owned.what);
    row.set("number", text(owned.number));
    row.set("source", text(materials::nameOf(owned.source)));
    row.set("stock", text(materials::nameOf(owned.stock)));
    row.set("box", text(owned.box));
    row.set("slot", owned.slot);
    row.set("notes", text(owned.notes));
    return row;
}

std::optional<Owned> ownedFrom(const QSqlQuery& query) {
    Row row(query);
    Owned owned;
    const std::string id = row.string("id"), maker = row.string("maker"), name = row.string("name");
    const std::string what = row.string("class");
    if (what == "medium")
        owned.what = materials::Material{id,
                                         maker,
                                         name,
                                         row.word("kind", &materials::kindNamed),
                                         row.hex(),
                                         row.number("hiding"),
                                         row.number("hardness"),
                                         parted(text(row.string("pigments"))),
                                         row.string("lightfastness"),
                                         parted(text(row.string("hazards")))};
    else if (what == "paper")
        owned.what = materials::Paper{id,        maker,
                                      name,      row.word("surface", &materials::surfaceNamed),
                                      row.hex(), row.word("water", &materials::waterNamed)};
    else
        owned.what = materials::Tool{id, maker, name, row.word("kind", &materials::toolKindNamed)};
    owned.number = row.string("number");
    owned.source = row.word("source", &materials::colourSourceNamed);
    owned.stock = row.word("stock", &materials::stockNamed);
    owned.box = row.string("box");
    owned.slot = int(row.number("slot"));
    owned.notes = row.string("notes");
    if (!row.good) return std::nullopt;
    return owned;
}

}  // namespace

QString MaterialsStore::usualFile() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/yawning-dune/materials.sqlite");
}

MaterialsStore::MaterialsStore(const QString& file) : file_(file), lock_(file + QStringLiteral(".lock")) {
    lock_.setStaleLockTime(0);  // only a lock whose program is gone is stale
    database_ = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QUuid::createUuid().toString());
    database_.setDatabaseName(file);
}

MaterialsStore::~MaterialsStore() {
    const QString name = database_.connectionName();
    database_.close();
    database_ = QSqlDatabase();
    QSqlDatabase::removeDatabase(name);
}

Problem MaterialsStore::problem(ProblemKind kind) const {
    return {kind, file_.toStdString()};
}

common::Result<std::unique_ptr<MaterialsStore>> MaterialsStore::open(const QString& file) {
    QDir().mkpath(QFileInfo(file).absolutePath());
    std::unique_ptr<MaterialsStore> store(new MaterialsStore(file));
    store->lock_.tryLock(0);
    if (auto problem = store->begin()) return *problem;
    return store;
}

/// Opens the database and brings its schema up to date.
std::optional<Problem> MaterialsStore::begin() {
    if (isReadOnly()) {
        if (lock_.error() != QLockFile::LockFailedError) return problem(ProblemKind::folderUnwritable);
        database_.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY"));
    }
    if (!database_.open()) return problem(isReadOnly() ? ProblemKind::libraryBusy : ProblemKind::folderUnwritable);
    QSqlQuery query(database_);
    // Written ahead and flushed at every commit, so that what is confirmed survives a crash and readers never wait.
    if (!query.exec("PRAGMA busy_timeout = 5000")) return problem(ProblemKind::libraryDamaged);
    if (!isReadOnly() && !(query.exec("PRAGMA journal_mode = WAL") && query.exec("PRAGMA synchronous = FULL")))
        return problem(ProblemKind::libraryDamaged);
    if (!query.exec("PRAGMA user_version") || !query.next()) return problem(ProblemKind::libraryDamaged);
    const int version = query.value(0).toInt();
    query.finish();
    const int wanted = int(schemaSteps().size());
    if (version > wanted) return problem(ProblemKind::libraryNewer);
    if (version == wanted) return std::nullopt;
    const auto done = changed([&] {
        for (int step = version; step < wanted; ++step)
            if (!query.exec(schemaSteps()[step])) return false;
        return query.exec(QStringLiteral("PRAGMA user_version = %1").arg(wanted));
    });
    if (!done) return done.problem();
    return std::nullopt;
}

common::Done MaterialsStore::changed(const std::function<bool()>& work) {
    if (isReadOnly()) return problem(ProblemKind::libraryBusy);
    QSqlQuery transaction(database_);
    if (!transaction.exec("BEGIN IMMEDIATE")) return problem(ProblemKind::writeFailed);
    if (work() && transaction.exec("COMMIT")) return std::monostate{};
    transaction.exec("ROLLBACK");
    return problem(ProblemKind::writeFailed);
}

common::Result<materials::Drawer> MaterialsStore::drawer() const {
    materials::Drawer drawer;
    QSqlQuery query(database_);
    query.setForwardOnly(true);
    if (!query.exec("SELECT * FROM thing ORDER BY id")) return problem(ProblemKind::libraryDamaged);
    while (query.next()) {
        auto owned = ownedFrom(query);
        if (!owned) return problem(ProblemKind::libraryDamaged);
        drawer.things.push_back(*std::move(owned));
    }
    if (query.lastError().isValid()) return problem(ProblemKind::libraryDamaged);
    if (!query.exec("SELECT name, id FROM tray ORDER BY name, place")) return problem(ProblemKind::libraryDamaged);
    while (query.next()) {
        const std::string name = query.value(0).toString().toStdString();
        if (drawer.trays.empty() || drawer.trays.back().name != name) drawer.trays.push_back({name, {}});
        drawer.trays.back().ids.push_back(query.value(1).toString().toStdString());
    }
    return drawer;
}

common::Done MaterialsStore::put(const std::vector<Owned>& things) {
    return changed([&] {
        QSqlQuery query(database_);
        QStringList prepared;
        for (const Owned& owned : things) {
            const Row row = rowOf(owned);
            if (row.columns != prepared) {
                prepared = row.columns;
                const QString places = QStringList(prepared.size(), QStringLiteral("?")).join(',');
                if (!query.prepare(QStringLiteral("INSERT OR REPLACE INTO thing (%1) VALUES (%2)")
                                       .arg(prepared.join(','), places)))
                    return false;
            }
            for (int i = 0; i < row.values.size(); ++i) query.bindValue(i, row.values[i]);
            if (!query.exec()) return false;
        }
        return true;
    });
}

common::Done MaterialsStore::remove(const std::vector<std::string>& ids) {
    return changed([&] {
        QSqlQuery things(database_), trays(database_);
        if (!things.prepare("DELETE FROM thing WHERE id = ?") || !trays.prepare("DELETE FROM tray WHERE id = ?"))
            return false;
        for (const std::string& id : ids)
            for (QSqlQuery* query : {&things, &trays}) {
                query->bindValue(0, text(id));
                if (!query->exec()) return false;
            }
        return true;
    });
}

common::Done MaterialsStore::putTray(const materials::Tray& tray) {
    return changed([&] {
        QSqlQuery query(database_);
        query.prepare("DELETE FROM tray WHERE name = ?");
        query.bindValue(0, text(tray.name));
        if (!query.exec() || !query.prepare("INSERT INTO tray (name, place, id) VALUES (?, ?, ?)")) return false;
        for (std::size_t i = 0; i < tray.ids.size(); ++i) {
            query.bindValue(0, text(tray.name));
            query.bindValue(1, qulonglong(i));
            query.bindValue(2, text(tray.ids[i]));
            if (!query.exec()) return false;
        }
        return true;
    });
}

}  // namespace storage
