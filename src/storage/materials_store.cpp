#include "storage/materials_store.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QSqlError>
#include <QSqlQuery>
#include <QStandardPaths>
#include <QUrl>
#include <QUuid>
#include <QVariant>
#include <algorithm>
#include <array>
#include <cmath>
#include <filesystem>
#include <functional>
#include <map>
#include <set>

#include "storage/materials_json.h"
#include "storage/text.h"
#include "storage/thing_rows.h"

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
        QStringLiteral("ALTER TABLE thing ADD COLUMN colour_error REAL"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN hiding_error REAL"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN photographs TEXT"),
        QStringLiteral("CREATE TABLE photograph (key TEXT PRIMARY KEY, name TEXT NOT NULL, bytes BLOB NOT NULL)"),
        QStringLiteral("CREATE TABLE card (page INTEGER NOT NULL, place INTEGER NOT NULL, printed INTEGER NOT NULL, id "
                       "TEXT NOT NULL, PRIMARY KEY (page, place)) WITHOUT ROWID"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN capacity REAL NOT NULL DEFAULT 1"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN grip REAL NOT NULL DEFAULT 1"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN sheet_width REAL NOT NULL DEFAULT 0"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN sheet_height REAL NOT NULL DEFAULT 0"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN sheets INTEGER NOT NULL DEFAULT 0"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN fibres TEXT NOT NULL DEFAULT 'unknown'"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN other_side_of TEXT NOT NULL DEFAULT ''"),
        QStringLiteral("ALTER TABLE thing ADD COLUMN lost REAL NOT NULL DEFAULT 0"),
        QStringLiteral("CREATE TABLE answer (number INTEGER PRIMARY KEY, exercise TEXT NOT NULL, sitting INTEGER NOT "
                       "NULL, at INTEGER NOT NULL, apart REAL NOT NULL, is_right INTEGER NOT NULL)"),
        QStringLiteral("CREATE TABLE mixture (name TEXT PRIMARY KEY, mixture TEXT NOT NULL) WITHOUT ROWID"),
        QStringLiteral("CREATE TABLE stock_taken (record TEXT PRIMARY KEY, entries INTEGER NOT NULL) WITHOUT ROWID"),
    };
    return steps;
}

}  // namespace

materials::Drawer applied(materials::Drawer drawer, const DrawerChange& change) {
    // The last of several with one id counts.
    std::map<std::string_view, const Owned*> put;
    for (const Owned& owned : change.put) put[materials::idOf(owned)] = &owned;
    for (Owned& owned : drawer.things)
        if (const auto found = put.find(materials::idOf(owned)); found != put.end()) {
            // The key lies in what is put, not in what is overwritten.
            const Owned* there = found->second;
            put.erase(found);
            owned = *there;
        }
    const auto before = std::ptrdiff_t(drawer.things.size());
    for (const auto& [id, owned] : put) drawer.things.push_back(*owned);
    std::ranges::inplace_merge(drawer.things, drawer.things.begin() + before, {}, &materials::idOf);
    const std::set<std::string_view> removed(change.removed.begin(), change.removed.end());
    if (!removed.empty()) {
        std::erase_if(drawer.things, [&](const Owned& owned) { return removed.contains(materials::idOf(owned)); });
        for (materials::Tray& tray : drawer.trays)
            std::erase_if(tray.ids, [&](const std::string& id) { return removed.contains(id); });
    }
    for (const materials::Tray& tray : change.trays) {
        std::erase_if(drawer.trays, [&](const materials::Tray& other) { return other.name == tray.name; });
        drawer.trays.insert(std::ranges::upper_bound(drawer.trays, tray.name, {}, &materials::Tray::name), tray);
    }
    std::erase_if(drawer.trays, [](const materials::Tray& tray) { return tray.ids.empty(); });
    for (const materials::OwnMixture& mixture : change.mixtures) {
        std::erase_if(drawer.mixtures, [&](const auto& other) { return other.name == mixture.name; });
        if (mixture.strokes.empty()) continue;
        drawer.mixtures.insert(
            std::ranges::upper_bound(drawer.mixtures, mixture.name, {}, &materials::OwnMixture::name), mixture);
    }
    for (const materials::StockTaken& taken : change.stockTaken) {
        std::erase_if(drawer.stockTaken, [&](const auto& other) { return other.record == taken.record; });
        drawer.stockTaken.insert(
            std::ranges::upper_bound(drawer.stockTaken, taken.record, {}, &materials::StockTaken::record), taken);
    }
    return drawer;
}

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

common::Result<std::unique_ptr<MaterialsStore>> MaterialsStore::another() const {
    std::unique_ptr<MaterialsStore> store(new MaterialsStore(file_));
    store->isUnwritable_ = isUnwritable_;
    store->sharesLock_ = !isReadOnly();
    if (auto problem = store->begin()) return *problem;
    return store;
}

/// What SQLite says (https://www.sqlite.org/rescode.html), as a problem.
Problem MaterialsStore::problem(const QSqlError& error) const {
    enum { permission = 3, busy = 5, readOnly = 8, corrupt = 11, full = 13, notALibrary = 26 };
    switch (error.nativeErrorCode().toInt() & 0xff) {
        case full:
            return problem(ProblemKind::diskFull);
        case corrupt:
        case notALibrary:
            return problem(ProblemKind::libraryDamaged);
        case permission:
        case readOnly:
            return problem(ProblemKind::libraryReadOnly);
        case busy:
            return problem(ProblemKind::libraryBusy);
        default: {
            // That a flush found no room SQLite does not tell.
            constexpr std::uintmax_t little = 1'000'000;
            std::error_code unknown;
            const auto room = std::filesystem::space(QFileInfo(file_).absolutePath().toStdString(), unknown).available;
            return problem(!unknown && room < little ? ProblemKind::diskFull : ProblemKind::writeFailed);
        }
    }
}

bool MaterialsStore::done(QSqlQuery& query, bool isDone) {
    if (!isDone) error_ = query.lastError();
    return isDone;
}

/// Opens the database and brings its schema up to date.
std::optional<Problem> MaterialsStore::begin() {
    const QFileInfo info(file_);
    const bool lockRefused = !sharesLock_ && !lock_.isLocked() && lock_.error() != QLockFile::LockFailedError;
    isUnwritable_ = isUnwritable_ || lockRefused || (info.exists() && !info.isWritable());
    if (isUnwritable_ && !info.exists()) return problem(ProblemKind::folderUnwritable);
    if (isUnwritable_ && !QFileInfo::exists(file_ + QStringLiteral("-wal"))) {
        // Nothing is to come from a log, and none can be made to look for it.
        database_.setDatabaseName(QString::fromLatin1(QUrl::fromLocalFile(info.absoluteFilePath()).toEncoded()) +
                                  QStringLiteral("?immutable=1"));
        database_.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY;QSQLITE_OPEN_URI"));
    } else if (isReadOnly()) {
        database_.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY"));
    }
    if (!database_.open()) {
        if (isReadOnly()) return problem(ProblemKind::libraryBusy);
        return problem(info.exists() ? ProblemKind::libraryDamaged : ProblemKind::folderUnwritable);
    }
    QSqlQuery query(database_);
    // Written ahead and flushed at every commit, so that what is confirmed survives a crash and readers never wait.
    if (!query.exec("PRAGMA busy_timeout = 5000")) return problem(ProblemKind::libraryDamaged);
    if (!isReadOnly() && !(query.exec("PRAGMA journal_mode = WAL") && query.exec("PRAGMA synchronous = FULL")))
        return problem(ProblemKind::libraryDamaged);
    if (!query.exec("PRAGMA user_version") || !query.next()) return problem(ProblemKind::libraryDamaged);
    const int version = query.value(0).toInt();
    query.finish();
    const int wanted = int(schemaSteps().size());
    if (version < 0) return problem(ProblemKind::libraryDamaged);
    if (version > wanted) return problem(ProblemKind::libraryNewer);
    if (version == wanted) {
        letGoOfPhotographs();
        return std::nullopt;
    }
    isNew_ = version == 0;
    const auto brought = changed([&] {
        for (int step = version; step < wanted; ++step)
            if (!done(query, query.exec(schemaSteps()[step]))) return false;
        return done(query, query.exec(QStringLiteral("PRAGMA user_version = %1").arg(wanted)));
    });
    if (!brought) return brought.problem();
    return std::nullopt;
}

/// Those that no thing refers to any more. What cannot be let go now (a full disk) is at the next opening: the library
/// is whole with it.
void MaterialsStore::letGoOfPhotographs() {
    if (isReadOnly() || sharesLock_) return;
    (void)changed([&] {
        QSqlQuery query(database_);
        return done(query, query.exec("DELETE FROM photograph WHERE NOT EXISTS (SELECT 1 FROM thing WHERE "
                                      "instr(photographs, photograph.key))"));
    });
}

common::Done MaterialsStore::changed(const std::function<bool()>& work) {
    if (const auto why = whyReadOnly()) return *why;
    QSqlQuery transaction(database_);
    if (!done(transaction, transaction.exec("BEGIN IMMEDIATE"))) return problem(error_);
    if (work() && done(transaction, transaction.exec("COMMIT"))) return std::monostate{};
    transaction.exec("ROLLBACK");
    return problem(error_);
}

std::optional<Problem> MaterialsStore::whyReadOnly() const {
    if (!isReadOnly()) return std::nullopt;
    return problem(isUnwritable_ ? ProblemKind::libraryReadOnly : ProblemKind::libraryBusy);
}

common::Result<materials::Drawer> MaterialsStore::drawer(std::optional<Problem>* unreadable) const {
    materials::Drawer drawer;
    QSqlQuery query(database_);
    query.setForwardOnly(true);
    if (!query.exec(QStringLiteral("SELECT %1 FROM thing ORDER BY id").arg(thingColumns())))
        return problem(ProblemKind::libraryDamaged);
    QStringList bad;
    while (query.next()) {
        auto owned = thingIn(query);
        if (owned)
            drawer.things.push_back(*std::move(owned));
        else
            bad << text(idIn(query));
    }
    if (query.lastError().isValid()) return problem(ProblemKind::libraryDamaged);
    if (unreadable && !bad.isEmpty()) {
        constexpr int named = 5;
        const QString more = bad.size() > named ? QStringLiteral(", ...") : QString();
        *unreadable = Problem{ProblemKind::thingsUnreadable, file_.toStdString(), int(bad.size()),
                              (bad.mid(0, named).join(QStringLiteral(", ")) + more).toStdString()};
    }
    auto all = trays();
    if (!all) return all.problem();
    drawer.trays = *std::move(all);
    auto tried = mixtures();
    if (!tried) return tried.problem();
    drawer.mixtures = *std::move(tried);
    auto taken = stockTaken();
    if (!taken) return taken.problem();
    drawer.stockTaken = *std::move(taken);
    return drawer;
}

common::Result<std::vector<materials::Tray>> MaterialsStore::trays() const {
    std::vector<materials::Tray> trays;
    QSqlQuery query(database_);
    query.setForwardOnly(true);
    if (!query.exec("SELECT name, id FROM tray ORDER BY name, place")) return problem(ProblemKind::libraryDamaged);
    while (query.next()) {
        const std::string name = query.value(0).toString().toStdString();
        if (trays.empty() || trays.back().name != name) trays.push_back({name, {}});
        trays.back().ids.push_back(query.value(1).toString().toStdString());
    }
    return trays;
}

common::Result<std::vector<materials::OwnMixture>> MaterialsStore::mixtures() const {
    std::vector<materials::OwnMixture> mixtures;
    QSqlQuery query(database_);
    query.setForwardOnly(true);
    if (!query.exec("SELECT mixture FROM mixture ORDER BY name")) return problem(ProblemKind::libraryDamaged);
    while (query.next())
        if (auto mixture = mixtureIn(query.value(0).toString())) mixtures.push_back(*std::move(mixture));
    return mixtures;
}

common::Result<std::vector<materials::StockTaken>> MaterialsStore::stockTaken() const {
    std::vector<materials::StockTaken> taken;
    QSqlQuery query(database_);
    query.setForwardOnly(true);
    if (!query.exec("SELECT record, entries FROM stock_taken ORDER BY record"))
        return problem(ProblemKind::libraryDamaged);
    while (query.next()) taken.push_back({query.value(0).toString().toStdString(), query.value(1).toInt()});
    return taken;
}

common::Done MaterialsStore::apply(const DrawerChange& change) {
    return changed([&] {
        return put(change.put) && remove(change.removed) &&
               std::ranges::all_of(change.trays, [&](const auto& tray) { return putTray(tray); }) &&
               std::ranges::all_of(change.mixtures, [&](const auto& mixture) { return putMixture(mixture); }) &&
               std::ranges::all_of(change.stockTaken, [&](const auto& taken) { return putStockTaken(taken); });
    });
}

bool MaterialsStore::put(const std::vector<Owned>& things) {
    if (things.empty()) return true;
    QSqlQuery query(database_);
    const QString places = QStringList(qsizetype(thingColumnCount), QStringLiteral("?")).join(',');
    if (!done(query, query.prepare(
                         QStringLiteral("INSERT OR REPLACE INTO thing (%1) VALUES (%2)").arg(thingColumns(), places))))
        return false;
    // In batches, since Qt's binding of single values costs more than writing them.
    constexpr std::size_t batch = 4096;
    for (std::size_t first = 0; first < things.size(); first += batch) {
        std::array<QVariantList, thingColumnCount> columns;
        for (std::size_t n = first; n < std::min(things.size(), first + batch); ++n) {
            const ThingRow row = rowOf(things[n]);
            for (std::size_t i = 0; i < row.size(); ++i) columns[i] << row[i];
        }
        for (std::size_t i = 0; i < columns.size(); ++i) query.bindValue(int(i), columns[i]);
        if (!done(query, query.execBatch())) return false;
    }
    return true;
}

bool MaterialsStore::remove(const std::vector<std::string>& ids) {
    QSqlQuery things(database_), trays(database_);
    if (!done(things, things.prepare("DELETE FROM thing WHERE id = ?")) ||
        !done(trays, trays.prepare("DELETE FROM tray WHERE id = ?")))
        return false;
    for (const std::string& id : ids)
        for (QSqlQuery* query : {&things, &trays}) {
            query->bindValue(0, text(id));
            if (!done(*query, query->exec())) return false;
        }
    return true;
}

bool MaterialsStore::putTray(const materials::Tray& tray) {
    QSqlQuery query(database_);
    query.prepare("DELETE FROM tray WHERE name = ?");
    query.bindValue(0, text(tray.name));
    if (!done(query, query.exec() && query.prepare("INSERT INTO tray (name, place, id) VALUES (?, ?, ?)")))
        return false;
    for (std::size_t i = 0; i < tray.ids.size(); ++i) {
        query.bindValue(0, text(tray.name));
        query.bindValue(1, qulonglong(i));
        query.bindValue(2, text(tray.ids[i]));
        if (!done(query, query.exec())) return false;
    }
    return true;
}

bool MaterialsStore::putMixture(const materials::OwnMixture& mixture) {
    QSqlQuery query(database_);
    query.prepare(mixture.strokes.empty() ? "DELETE FROM mixture WHERE name = ?"
                                          : "INSERT OR REPLACE INTO mixture (name, mixture) VALUES (?, ?)");
    query.addBindValue(text(mixture.name));
    if (!mixture.strokes.empty()) query.addBindValue(mixtureText(mixture));
    return done(query, query.exec());
}

bool MaterialsStore::putStockTaken(const materials::StockTaken& taken) {
    QSqlQuery query(database_);
    query.prepare("INSERT OR REPLACE INTO stock_taken (record, entries) VALUES (?, ?)");
    query.addBindValue(text(taken.record));
    query.addBindValue(taken.entries);
    return done(query, query.exec());
}

common::Result<std::string> MaterialsStore::keep(const Photograph& photograph) {
    const QByteArray bytes = qtBytes(photograph.bytes);
    const QString key =
        QString::fromLatin1(QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex().first(32));
    const auto kept = changed([&] {
        QSqlQuery query(database_);
        query.prepare("INSERT OR IGNORE INTO photograph (key, name, bytes) VALUES (?, ?, ?)");
        query.addBindValue(key);
        query.addBindValue(text(photograph.name));
        query.addBindValue(bytes);
        return done(query, query.exec());
    });
    if (!kept) return kept.problem();
    return key.toStdString();
}

common::Result<Photograph> MaterialsStore::photograph(const std::string& key) const {
    QSqlQuery query(database_);
    query.prepare("SELECT name, bytes FROM photograph WHERE key = ?");
    query.addBindValue(text(key));
    if (!query.exec()) return problem(ProblemKind::libraryDamaged);
    if (!query.next()) return Problem{ProblemKind::fileMissing, key};
    const QByteArray bytes = query.value(1).toByteArray();
    return Photograph{query.value(0).toString().toStdString(), common::Bytes(bytes.begin(), bytes.end())};
}

common::Result<int> MaterialsStore::rememberCards(const std::vector<std::string>& ids, int rowsOnPage, int pages) {
    int first = 0;
    const auto remembered = changed([&] {
        QSqlQuery query(database_);
        if (!done(query, query.exec("SELECT page, printed FROM card ORDER BY printed DESC, page DESC LIMIT 1")))
            return false;
        qlonglong printed = 1;
        if (query.next()) {
            first = (query.value(0).toInt() + 1) % pages;
            printed = query.value(1).toLongLong() + 1;
        }
        QSqlQuery forget(database_), row(database_);
        if (!done(forget, forget.prepare("DELETE FROM card WHERE page = ?")) ||
            !done(row, row.prepare("INSERT INTO card (page, place, printed, id) VALUES (?, ?, ?, ?)")))
            return false;
        for (int i = 0; i < int(ids.size()); ++i) {
            // Each page counts as printed after the one before, so that the next set goes on behind the last.
            const int page = (first + i / rowsOnPage) % pages;
            if (i % rowsOnPage == 0) {
                forget.bindValue(0, page);
                if (!done(forget, forget.exec())) return false;
            }
            row.bindValue(0, page);
            row.bindValue(1, i % rowsOnPage);
            row.bindValue(2, printed + i / rowsOnPage);
            row.bindValue(3, text(ids[std::size_t(i)]));
            if (!done(row, row.exec())) return false;
        }
        return true;
    });
    if (!remembered) return remembered.problem();
    return first;
}

common::Result<std::vector<std::string>> MaterialsStore::cardRows(int page) const {
    QSqlQuery query(database_);
    query.prepare("SELECT id FROM card WHERE page = ? ORDER BY place");
    query.addBindValue(page);
    if (!query.exec()) return problem(ProblemKind::libraryDamaged);
    std::vector<std::string> ids;
    while (query.next()) ids.push_back(query.value(0).toString().toStdString());
    return ids;
}

common::Done MaterialsStore::addAnswer(const practice::Answer& answer) {
    return changed([&] {
        QSqlQuery query(database_);
        if (!done(query,
                  query.prepare("INSERT INTO answer (exercise, sitting, at, apart, is_right) VALUES (?, ?, ?, ?, ?)")))
            return false;
        query.addBindValue(text(std::string(practice::factsOf(answer.exercise).name)));
        query.addBindValue(qlonglong(answer.sitting));
        query.addBindValue(qlonglong(answer.at));
        query.addBindValue(answer.apart);
        query.addBindValue(answer.isRight);
        return done(query, query.exec());
    });
}

common::Result<std::vector<practice::Answer>> MaterialsStore::answers() const {
    QSqlQuery query(database_);
    if (!query.exec("SELECT exercise, sitting, at, apart, is_right FROM answer ORDER BY number"))
        return problem(ProblemKind::libraryDamaged);
    std::vector<practice::Answer> answers;
    while (query.next()) {
        const auto exercise = practice::exerciseNamed(query.value(0).toString().toStdString());
        const double apart = query.value(3).toDouble();
        if (!exercise || !std::isfinite(apart)) continue;
        answers.push_back(
            {*exercise, query.value(1).toLongLong(), query.value(2).toLongLong(), apart, query.value(4).toBool()});
    }
    return answers;
}

}  // namespace storage
