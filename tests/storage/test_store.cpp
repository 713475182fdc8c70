#include <sys/stat.h>
#include <unistd.h>

#include <QCoreApplication>
#include <QFile>
#include <QProcess>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QtTest>
#include <csignal>
#include <set>

#include "numbers.h"
#include "owned_things.h"
#include "storage/drawer_json.h"
#include "storage/materials_json.h"
#include "storage/materials_store.h"
#include "wording/sentences.h"

using namespace storage;
using common::ProblemKind;
using materials::Owned;

namespace {

std::unique_ptr<MaterialsStore> opened(const QString& file) {
    auto store = MaterialsStore::open(file);
    if (!store) qFatal("%s", qPrintable(wording::problemSentence(store.problem())));
    return *std::move(store);
}

/// With all that only the library holds, in its order.
std::vector<Owned> storedThings() {
    std::vector<Owned> things = ownedThings();
    for (std::size_t i = 0; i < things.size(); ++i) {
        things[i].colourError = 0.25 * double(i);
        things[i].hidingError = 0.01 * double(i);
        if (i % 3 == 0) things[i].photographs = {"a1b2", "c3d4"};
        things[i].notes += "\nand again";
    }
    std::ranges::sort(things, {}, [](const Owned& owned) { return materials::idOf(owned); });
    return things;
}

Owned numbered(int n) {
    materials::Material stick;
    stick.id = "n" + std::to_string(n);
    stick.name = "stick " + std::to_string(n);
    return {stick};
}

/// What some other program does to a library.
void changedBy(const QString& file, const QString& statement) {
    {
        QSqlDatabase database = QSqlDatabase::addDatabase("QSQLITE", "other");
        database.setDatabaseName(file);
        QVERIFY(database.open() && QSqlQuery(database).exec(statement));
    }
    QSqlDatabase::removeDatabase("other");
}

/// What the killed program does: writes one thing after the other and says each when it is confirmed.
int writeForEver(const QString& file) {
    const auto store = opened(file);
    const int first = int((*store->drawer()).things.size());
    for (int n = first; n < first + 100000; ++n) {
        // Two at once: both or none.
        if (!store->apply({.put = {numbered(2 * n), numbered(2 * n + 1)}})) return 1;
        std::printf("%d\n", n);
        std::fflush(stdout);
    }
    return 0;
}

}  // namespace

class TestStore : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }

 private Q_SLOTS:
    void everythingComesBack() {
        const std::vector<Owned> things = storedThings();
        materials::Drawer before;
        {
            const auto store = opened(at("a/b/own.sqlite"));
            QVERIFY(!store->isReadOnly());
            QVERIFY(store->drawer()->things.empty());
            QVERIFY(store->apply({.put = things}).ok());
            QVERIFY(store->apply({.trays = {{"field box", {"t1", "t3", "p-grey"}}}}).ok());
            QVERIFY(store->apply({.trays = {{"class", {"t2"}}}}).ok());
            before = *store->drawer();
        }
        QVERIFY(before.things == things);
        const auto store = opened(at("a/b/own.sqlite"));
        QVERIFY(*store->drawer() == before);
        QCOMPARE(before.trays.size(), std::size_t(2));
        QVERIFY(before.trays[1] == (materials::Tray{"field box", {"t1", "t3", "p-grey"}}));
    }

    void thingsAreChangedAndTakenOut() {
        const auto store = opened(at("change.sqlite"));
        QVERIFY(store->apply({.put = storedThings()}).ok());
        QVERIFY(store->apply({.trays = {{"two", {"t1", "t2"}}}}).ok());
        Owned changed = storedThings()[5];
        changed.notes = "sharpened";
        QVERIFY(store->apply({.put = {changed}}).ok());
        QVERIFY(store->apply({.removed = {"t1", "none"}}).ok());
        const materials::Drawer drawer = *store->drawer();
        QCOMPARE(drawer.things.size(), storedThings().size() - 1);
        QVERIFY(std::ranges::find(drawer.things, changed) != drawer.things.end());
        QVERIFY(drawer.trays == (std::vector<materials::Tray>{{"two", {"t2"}}}));
        QVERIFY(store->apply({.trays = {{"two", {}}}}).ok());
        QVERIFY(store->drawer()->trays.empty());
    }

    /// Mixtures of one's own go with the drawer wherever it goes, and into the studies that have their sticks.
    void ownMixturesAreKept() {
        const auto store = opened(at("mixtures.sqlite"));
        const materials::OwnMixture olive{
            "olive, \"warm\"",
            "p-grey",
            {{"t1", materials::Manner::press, {1.5f}}, {"", materials::Manner::blend, {2}}}};
        const materials::OwnMixture gone{"bright", "p-grey", {{"t99", materials::Manner::hatch, {3}}}};
        QVERIFY(store->apply({.put = storedThings(), .mixtures = {olive, gone}}).ok());
        const materials::Drawer drawer = *store->drawer();
        QVERIFY(drawer.mixtures == (std::vector{gone, olive}));
        QVERIFY(materials::libraryOf(drawer).mixtures == std::vector{olive});

        const QByteArray json = drawerJson({drawer, {}});
        const auto whole = drawerFromJson(common::Bytes(json.begin(), json.end()), "drawer.json");
        QVERIFY(whole.ok() && whole->drawer == drawer);
        const auto library = libraryFrom(jsonOf(materials::libraryOf(drawer)), "materials.json");
        QVERIFY(library.ok() && library->mixtures == std::vector{olive});
        QVERIFY(mixtureIn(mixtureText(olive)) == olive);
        for (const char* bad : {"", "{}", "{\"name\":\"x\",\"strokes\":[]}",
                                "{\"name\":\"x\",\"strokes\":[{\"stick\":\"a\",\"manner\":\"fling\",\"pressure\":1}]}",
                                "{\"name\":\"x\",\"strokes\":[{\"stick\":\"a\",\"manner\":\"press\",\"pressure\":4}]}"})
            QVERIFY2(!mixtureIn(bad), bad);

        materials::OwnMixture changed = olive;
        changed.strokes.pop_back();
        QVERIFY(store->apply({.mixtures = {changed, {"bright", {}, {}}}}).ok());
        QVERIFY(*store->mixtures() == std::vector{changed});
        // One bad row is left out, the others are there.
        changedBy(at("mixtures.sqlite"), "INSERT INTO mixture (name, mixture) VALUES ('bad', 'no mixture')");
        QVERIFY(*opened(at("mixtures.sqlite"))->mixtures() == std::vector{changed});
    }

    void aStudyDrawsFromWhatIsLeft() {
        materials::Drawer drawer{storedThings(), {{"box", {"t2", "t3", "p-grey", "gone"}}}};
        const materials::Library all = materials::libraryOf(drawer);
        for (const Owned& owned : drawer.things)
            QCOMPARE(all.medium(materials::idOf(owned)) || all.paper(materials::idOf(owned)),
                     owned.stock != materials::Stock::usedUp && owned.what.index() < 2);
        const materials::Library box = materials::libraryOf(drawer, &drawer.trays[0]);
        QVERIFY(box.media.size() + box.papers.size() <= 3);
        QVERIFY(!box.medium("t1") && box.media.size() < all.media.size());
    }

    /// What the windows reckon of a change is what the library then holds, for random changes.
    void aChangeIsReckonedAsItIsWritten() {
        const auto store = opened(at("reckoned.sqlite"));
        materials::Drawer drawer;
        Numbers random(33);
        for (int round = 0; round < 120; ++round) {
            DrawerChange change;
            for (int n = random.below(4); n > 0; --n) {
                Owned owned = numbered(random.below(30));
                owned.notes = std::to_string(round) + "/" + std::to_string(n);
                change.put.push_back(owned);
            }
            for (int n = random.below(3); n > 0; --n) change.removed.push_back("n" + std::to_string(random.below(30)));
            for (int n = random.below(3); n > 0; --n) {
                materials::Tray tray{"tray " + std::to_string(random.below(4)), {}};
                for (int i = random.below(4); i > 0; --i) tray.ids.push_back("n" + std::to_string(random.below(30)));
                change.trays.push_back(tray);
            }
            for (int n = random.below(3); n > 0; --n) {
                materials::OwnMixture mixture{"mixture " + std::to_string(random.below(4)), {}, {}};
                for (int i = random.below(3); i > 0; --i)
                    mixture.strokes.push_back({"n" + std::to_string(random.below(30)), materials::Manner::hatch, {2}});
                change.mixtures.push_back(mixture);
            }
            QVERIFY(store->apply(change).ok());
            drawer = applied(std::move(drawer), change);
            QVERIFY2(*store->drawer() == drawer, qPrintable(QString::number(round)));
        }
        QVERIFY(drawer.things.size() > 5);
    }

    void photographsAreHeldWhileSomethingRefersToThem() {
        const common::Bytes bytes{0, 1, 2, 255};
        std::string key;
        {
            const auto store = opened(at("photographs.sqlite"));
            QVERIFY(store->isNew());
            const auto kept = store->keep({"front.jpg", bytes});
            QVERIFY(kept.ok());
            key = *kept;
            QCOMPARE(*store->keep({"again.jpg", bytes}), key);
            Owned owned = numbered(1);
            owned.photographs = {key};
            QVERIFY(store->apply({.put = {owned}}).ok());
            QVERIFY(store->keep({"nobody's.jpg", {9}}).ok());
        }
        {
            const auto store = opened(at("photographs.sqlite"));
            QVERIFY(!store->isNew());
            QCOMPARE(store->photograph(key)->bytes, bytes);
            QCOMPARE(store->photograph(key)->name, std::string("front.jpg"));
            QVERIFY(store->apply({.removed = {"n1"}}).ok());
            // It is still there for an undo.
            QVERIFY(store->photograph(key).ok());
        }
        const auto store = opened(at("photographs.sqlite"));
        QCOMPARE(store->photograph(key).problem().kind, ProblemKind::fileMissing);
    }

    void printedCardsAreRememberedRoundTheirPages() {
        const auto store = opened(at("cards.sqlite"));
        const auto ids = [](int from, int count) {
            std::vector<std::string> list;
            for (int i = 0; i < count; ++i) list.push_back("n" + std::to_string(from + i));
            return list;
        };
        QCOMPARE(*store->rememberCards(ids(0, 7), 3, 5), 0);
        QCOMPARE(*store->cardRows(1), ids(3, 3));
        QCOMPARE(*store->cardRows(2), ids(6, 1));
        QVERIFY(store->cardRows(3)->empty());
        QCOMPARE(*store->rememberCards(ids(20, 8), 3, 5), 3);
        QCOMPARE(*store->cardRows(4), ids(23, 3));
        QCOMPARE(*store->cardRows(0), ids(26, 2));  // the oldest is forgotten
        QCOMPARE(*store->cardRows(1), ids(3, 3));
        QCOMPARE(*store->rememberCards(ids(40, 1), 3, 5), 1);
    }

    /// A long change from another thread.
    void anotherConnectionWrites() {
        const auto store = opened(at("thread.sqlite"));
        const auto other = store->another();
        QVERIFY(other.ok() && !(*other)->isReadOnly());
        QVERIFY((*other)->apply({.put = {numbered(4)}}).ok());
        QCOMPARE(store->drawer()->things.size(), std::size_t(1));
        const auto second = opened(at("thread.sqlite"));
        QVERIFY(second->isReadOnly());
        const auto readOnly = second->another();
        QVERIFY(readOnly.ok() && (*readOnly)->isReadOnly());
    }

    /// A library of the first schema, as it was released, is brought up to date with all that is in it.
    void anOlderLibraryIsBroughtUpToDate() {
        {
            QSqlDatabase old = QSqlDatabase::addDatabase("QSQLITE", "old");
            old.setDatabaseName(at("old.sqlite"));
            QVERIFY(old.open());
            QSqlQuery query(old);
            QVERIFY(
                query.exec("CREATE TABLE thing (id TEXT PRIMARY KEY, class TEXT NOT NULL, kind TEXT NOT NULL, maker "
                           "TEXT, name TEXT, number TEXT, hex TEXT, source TEXT, hiding REAL, hardness REAL, pigments "
                           "TEXT, lightfastness TEXT, hazards TEXT, surface TEXT, water TEXT, stock TEXT, box TEXT, "
                           "slot INTEGER, notes TEXT) WITHOUT ROWID"));
            QVERIFY(
                query.exec("INSERT INTO thing (id, class, kind, name, hex, source, hiding, hardness, stock) VALUES "
                           "('s1', 'medium', 'soft', 'old grey', '#808080', 'typed', 1.2, 0.1, 'stub')"));
            QVERIFY(
                query.exec("INSERT INTO thing (id, class, kind, name, hex, source, surface, water, stock) VALUES "
                           "('s2', 'paper', 'paper', 'old laid', '#a0a0a0', 'typed', 'laid', 'no', 'full')"));
            QVERIFY(query.exec("PRAGMA user_version = 1"));
        }
        QSqlDatabase::removeDatabase("old");
        const auto store = opened(at("old.sqlite"));
        const materials::Drawer drawer = *store->drawer();
        QCOMPARE(drawer.things.size(), std::size_t(2));
        QCOMPARE(std::get<materials::Material>(drawer.things[0].what).name, std::string("old grey"));
        const materials::Paper wanted{
            "s2", "", "old laid", materials::Surface::laid, *colour::srgb8FromHex("#a0a0a0"), materials::Water::none};
        QVERIFY(std::get<materials::Paper>(drawer.things[1].what) == wanted);  // its tooth as is usual
        QCOMPARE(drawer.things[0].stock, materials::Stock::stub);
        QVERIFY(!store->isNew());
        Owned measured = drawer.things[0];
        measured.colourError = 0.4;
        measured.lost = 0.1;
        QVERIFY(store->apply({.put = {measured}, .trays = {{"new", {"s1"}}}}).ok());
        QVERIFY(store->drawer()->things[0] == measured);
    }

    /// What is counted off the stock and how far it was counted are one change, and undone as one.
    void stockIsToldOfARecordOnce() {
        const auto store = opened(at("stock.sqlite"));
        QVERIFY(store->apply({.put = {numbered(1)}, .stockTaken = {{"r1", 4}}}).ok());
        QVERIFY(store->apply({.stockTaken = {{"r2", 1}, {"r1", 9}}}).ok());
        const std::vector<materials::StockTaken> taken{{"r1", 9}, {"r2", 1}};
        QVERIFY(store->drawer()->stockTaken == taken);
        QVERIFY(opened(at("stock.sqlite"))->drawer()->stockTaken == taken);
    }

    /// Photographs that cannot be let go now do not keep the library shut.
    void aPhotographThatCannotGoStays() {
        std::string key;
        {
            const auto store = opened(at("stuck.sqlite"));
            key = *store->keep({"nobody's.jpg", {9}});
        }
        changedBy(at("stuck.sqlite"),
                  "CREATE TRIGGER stuck BEFORE DELETE ON photograph BEGIN SELECT RAISE(ABORT, 'no'); END");
        const auto store = MaterialsStore::open(at("stuck.sqlite"));
        QVERIFY(store.ok());
        QVERIFY((*store)->photograph(key).ok());
        QVERIFY((*store)->apply({.put = {numbered(1)}}).ok());
    }

    void whatCannotBeReadIsRefused() {
        QFile broken(at("broken.sqlite"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write(QByteArray(5000, 'x'));
        broken.close();
        auto refused = MaterialsStore::open(at("broken.sqlite"));
        QVERIFY(!refused.ok());
        QCOMPARE(refused.problem().kind, ProblemKind::libraryDamaged);
        {
            QSqlDatabase newer = QSqlDatabase::addDatabase("QSQLITE", "newer");
            newer.setDatabaseName(at("newer.sqlite"));
            QVERIFY(newer.open());
            QVERIFY(QSqlQuery(newer).exec("PRAGMA user_version = 99"));
        }
        QSqlDatabase::removeDatabase("newer");
        auto newer = MaterialsStore::open(at("newer.sqlite"));
        QCOMPARE(newer.problem().kind, ProblemKind::libraryNewer);
        auto nowhere = MaterialsStore::open("/proc/none/own.sqlite");
        QCOMPARE(nowhere.problem().kind, ProblemKind::folderUnwritable);
        for (const auto& problem : {refused.problem(), newer.problem(), nowhere.problem()})
            QVERIFY(wording::problemSentence(problem).endsWith('.'));
    }

    void oneBadRowIsToldAndTheRestIsThere() {
        const QString file = at("bad.sqlite");
        QVERIFY(opened(file)->apply({.put = {numbered(1), numbered(2), numbered(3)}}).ok());
        changedBy(file, "UPDATE thing SET kind = 'nonsense' WHERE id = 'n2'");
        const auto store = opened(file);
        std::optional<common::Problem> unreadable;
        const auto drawer = store->drawer(&unreadable);
        QVERIFY(drawer.ok());
        QCOMPARE(drawer->things.size(), std::size_t(2));
        QVERIFY(unreadable);
        QCOMPARE(unreadable->kind, ProblemKind::thingsUnreadable);
        QCOMPARE(unreadable->what, materials::idOf(numbered(2)));
        // It stays where it is, and is there again when it is put right.
        QVERIFY(store->apply({.put = {numbered(4)}}).ok());
        changedBy(file, "UPDATE thing SET kind = 'soft' WHERE kind = 'nonsense'");
        QCOMPARE(store->drawer()->things.size(), std::size_t(4));
    }

    void aSchemaBelowNothingIsDamage() {
        const QString file = at("negative.sqlite");
        opened(file);
        changedBy(file, "PRAGMA user_version = -3");
        QCOMPARE(MaterialsStore::open(file).problem().kind, ProblemKind::libraryDamaged);
    }

    void aDamagedPageIsDamage() {
        const QString file = at("page.sqlite");
        std::vector<materials::Owned> many;
        for (int i = 0; i < 2000; ++i) many.push_back(numbered(i));
        QVERIFY(opened(file)->apply({.put = many}).ok());
        QFile raw(file);
        QVERIFY(raw.open(QIODevice::ReadWrite));
        for (qint64 at = 4096 * 3; at < raw.size(); at += 4096) {
            raw.seek(at);
            raw.write(QByteArray(512, 'x'));
        }
        raw.close();
        auto store = MaterialsStore::open(file);
        const auto kind = !store ? store.problem().kind : (*store)->apply({.put = many}).problem().kind;
        QCOMPARE(kind, ProblemKind::libraryDamaged);
    }

    /// A library in a folder that may not be written is read; a change says why it cannot be.
    void aReadOnlyLibraryIsRead() {
        const QTemporaryDir folder;
        const QString file = folder.filePath("own.sqlite");
        QVERIFY(opened(file)->apply({.put = {numbered(1)}}).ok());
        QVERIFY(chmod(file.toUtf8().constData(), 0444) == 0 && chmod(folder.path().toUtf8().constData(), 0555) == 0);
        const uid_t before = geteuid();
        if (before == 0) QVERIFY(seteuid(65534) == 0);  // nothing is read-only for root
        {
            auto store = MaterialsStore::open(file);
            const bool isOpen = store.ok();
            const std::size_t count = isOpen ? (*store)->drawer()->things.size() : 0;
            const auto refused = isOpen ? (*store)->apply({.put = {numbered(2)}}) : common::Done(store.problem());
            if (before == 0) QVERIFY(seteuid(before) == 0);
            QVERIFY(isOpen);
            QCOMPARE(count, std::size_t(1));
            QCOMPARE(refused.problem().kind, ProblemKind::libraryReadOnly);
        }
        QVERIFY(chmod(folder.path().toUtf8().constData(), 0755) == 0);
    }

    void aSecondCopyReadsAndSaysSo() {
        const auto first = opened(at("two.sqlite"));
        QVERIFY(first->apply({.put = {numbered(1)}}).ok());
        {
            const auto second = opened(at("two.sqlite"));
            QVERIFY(second->isReadOnly());
            QCOMPARE(second->drawer()->things.size(), std::size_t(1));
            QVERIFY(first->apply({.put = {numbered(2)}}).ok());
            QCOMPARE(second->drawer()->things.size(), std::size_t(2));
            const auto refused = second->apply({.put = {numbered(3)}});
            QCOMPARE(refused.problem().kind, ProblemKind::libraryBusy);
            QVERIFY(wording::problemSentence(refused.problem()).startsWith("Another Yawning Dune has"));
        }
        QVERIFY(first->apply({.put = {numbered(4)}}).ok());
    }

    /// A hundred times killed while it writes: what was confirmed is there, and never half of a change.
    void killedWhileWritingNothingConfirmedIsLost() {
        const QString file = at("killed.sqlite");
        Numbers random(61);
        QSet<int> confirmed;
        for (int round = 0; round < 25; ++round) {
            QProcess writer;
            writer.start(QCoreApplication::applicationFilePath(), {"--write-for-ever", file});
            QVERIFY(writer.waitForStarted());
            QVERIFY(writer.waitForReadyRead(patience));
            QTest::qWait(random.below(25));
            ::kill(pid_t(writer.processId()), SIGKILL);
            QVERIFY(writer.waitForFinished());
            for (const QByteArray& line : writer.readAllStandardOutput().split('\n'))
                if (!line.isEmpty()) confirmed << line.toInt();
            const auto store = opened(file);
            QVERIFY(!store->isReadOnly());
            std::set<std::string> ids;
            const materials::Drawer drawer = *store->drawer();
            for (const Owned& owned : drawer.things) ids.insert(materials::idOf(owned));
            QVERIFY(ids.size() % 2 == 0);
            for (const int n : confirmed)
                QVERIFY(ids.contains("n" + std::to_string(2 * n)) && ids.contains("n" + std::to_string(2 * n + 1)));
        }
        QVERIFY(confirmed.size() >= 25);
        QSqlDatabase check = QSqlDatabase::addDatabase("QSQLITE", "check");
        check.setDatabaseName(file);
        QVERIFY(check.open());
        QSqlQuery query("PRAGMA integrity_check", check);
        QVERIFY(query.next());
        QCOMPARE(query.value(0).toString(), QStringLiteral("ok"));
    }
};

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    const QStringList arguments = QCoreApplication::arguments();
    if (arguments.value(1) == "--write-for-ever") return writeForEver(arguments.value(2));
    TestStore test;
    return QTest::qExec(&test, argc, argv);
}
#include "patience.h"
#include "test_store.moc"
