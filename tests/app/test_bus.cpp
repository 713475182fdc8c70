#include <QDBusConnection>
#include <QDBusInterface>
#include <QDBusMetaType>
#include <QDBusReply>
#include <QProcess>
#include <QtTest>
#include <map>

/// A thing on the bus of assistive technology: whose, and where.
struct Thing {
    QString service;
    QDBusObjectPath path;
};
Q_DECLARE_METATYPE(Thing)
QDBusArgument& operator<<(QDBusArgument& argument, const Thing& thing) {
    argument.beginStructure();
    argument << thing.service << thing.path;
    argument.endStructure();
    return argument;
}
const QDBusArgument& operator>>(const QDBusArgument& argument, Thing& thing) {
    argument.beginStructure();
    argument >> thing.service >> thing.path;
    argument.endStructure();
    return argument;
}

/// What it has to do with others.
struct Relation {
    uint kind = 0;
    QList<Thing> others;
};
Q_DECLARE_METATYPE(Relation)
QDBusArgument& operator<<(QDBusArgument& argument, const Relation& relation) {
    argument.beginStructure();
    argument << relation.kind << relation.others;
    argument.endStructure();
    return argument;
}
const QDBusArgument& operator>>(const QDBusArgument& argument, Relation& relation) {
    argument.beginStructure();
    argument >> relation.kind >> relation.others;
    argument.endStructure();
    return argument;
}

namespace {

/// Of AtspiRole, AtspiStateType and AtspiRelationType (AT-SPI 2, atspi-constants.h).
enum Role {
    checkBox = 7,
    comboBox = 11,
    list = 31,
    listItem = 32,
    menuBar = 34,
    menuItem = 35,
    progressBar = 42,
    pushButton = 43,
    radioButton = 44,
    slider = 51,
    spinButton = 52,
    text = 61,
    toggleButton = 62,
    entry = 79,
};
constexpr int showing = 25;
constexpr uint labelledBy = 2;
constexpr auto accessible = "org.a11y.atspi.Accessible";

bool isControl(int role) {
    return std::set<int>{checkBox,    comboBox, list,       listItem, menuItem,     progressBar, pushButton,
                         radioButton, slider,   spinButton, text,     toggleButton, entry}
        .contains(role);
}

}  // namespace

/// The program as a screen reader meets it: another program, over the bus (AT-SPI 2).
class TestBus : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QProcess program_;
    std::optional<QDBusConnection> bus_;
    Thing root_;
    int controls_ = 0;  // the most that were seen at once

    template <typename Value>
    Value asked(const Thing& thing, const char* question) const {
        QDBusInterface there(thing.service, thing.path.path(), accessible, *bus_);
        const QDBusReply<Value> reply = there.call(QLatin1String(question));
        return reply.isValid() ? reply.value() : Value{};
    }
    QString nameOf(const Thing& thing) const {
        QDBusInterface there(thing.service, thing.path.path(), accessible, *bus_);
        return there.property("Name").toString();
    }
    QList<Thing> partsOf(const Thing& thing) const { return asked<QList<Thing>>(thing, "GetChildren"); }
    bool isShown(const Thing& thing) const {
        const auto states = asked<QList<uint>>(thing, "GetState");
        return !states.isEmpty() && (states[0] >> showing) & 1;
    }

    /// What is seen of a thing and all its parts, each with the names of those it lies in.
    void walk(const Thing& thing, const QString& above, const std::function<void(const Thing&, int, QString)>& look) {
        if (!isShown(thing)) return;
        const int role = int(asked<uint>(thing, "GetRole"));
        const QString at = above + "/" + nameOf(thing);
        look(thing, role, at);
        // What belongs to a control of the toolkit's own is told by that.
        if (role == comboBox || role == spinButton) return;
        for (const Thing& part : partsOf(thing)) walk(part, at, look);
    }
    void walkAll(const std::function<void(const Thing&, int, QString)>& look) {
        for (const Thing& window : partsOf(root_)) walk(window, {}, look);
    }
    /// What is told of it: a chosen line stands in the place of a combo box's name, whose name is that of its label.
    bool isNamed(const Thing& thing, int role) {
        if (nameOf(thing).isEmpty()) return false;
        if (role != comboBox) return true;
        const auto relations = asked<QList<Relation>>(thing, "GetRelationSet");
        return std::ranges::any_of(relations, [](const Relation& relation) { return relation.kind == labelledBy; });
    }
    /// The first that is seen of which this holds.
    std::optional<Thing> first(const std::function<bool(const Thing&, int)>& holds) {
        std::optional<Thing> found;
        walkAll([&](const Thing& thing, int role, const QString&) {
            if (!found && holds(thing, role)) found = thing;
        });
        return found;
    }
    bool pressed(const Thing& thing) const {
        QDBusInterface action(thing.service, thing.path.path(), "org.a11y.atspi.Action", *bus_);
        const QDBusReply<bool> done = action.call("DoAction", 0);
        return done.isValid() && done.value();
    }

    void lookAtAll() {
        QTest::qWait(200);
        int controls = 0;
        QStringList unnamed;
        walkAll([&](const Thing& thing, int role, const QString& at) {
            if (!isControl(role)) return;
            ++controls;
            if (!isNamed(thing, role)) unnamed << QString("role %1 in %2").arg(role).arg(at);
        });
        QVERIFY2(unnamed.isEmpty(), qPrintable(unnamed.join("\n")));
        constexpr int fewest = 14;  // the route and the menus alone have as many
        QVERIFY(controls > fewest);
        controls_ = std::max(controls_, controls);
    }

 private Q_SLOTS:
    void initTestCase() {
        qDBusRegisterMetaType<Thing>();
        qDBusRegisterMetaType<QList<Thing>>();
        qDBusRegisterMetaType<Relation>();
        qDBusRegisterMetaType<QList<Relation>>();
        auto environment = QProcessEnvironment::systemEnvironment();
        for (const char* place : {"XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_CACHE_HOME"})
            environment.insert(place, folder_.path());
        environment.insert("LANGUAGE", "en");
        program_.setProcessEnvironment(environment);
        program_.setProcessChannelMode(QProcess::ForwardedChannels);
        program_.start(PROGRAM, {"--demo"});
        QVERIFY(program_.waitForStarted());

        QDBusInterface launcher("org.a11y.Bus", "/org/a11y/bus", "org.a11y.Bus", QDBusConnection::sessionBus());
        const QDBusReply<QString> address = launcher.call("GetAddress");
        QVERIFY2(address.isValid(), qPrintable(address.error().message()));
        bus_ = QDBusConnection::connectToBus(address.value(), "a11y");
        QVERIFY2(bus_->isConnected(), qPrintable(bus_->lastError().message()));
        const Thing registry{"org.a11y.atspi.Registry", QDBusObjectPath("/org/a11y/atspi/accessible/root")};
        const auto isThere = [&] {
            for (const Thing& program : partsOf(registry))
                for (const Thing& window : partsOf(program))
                    if (nameOf(window).startsWith("Kettle")) return root_ = program, true;
            return false;
        };
        QTRY_VERIFY(isThere());
    }
    void cleanupTestCase() {
        program_.terminate();
        QVERIFY(program_.waitForFinished());
        qInfo("%d controls at once", controls_);
    }

    void everyControlOfAStationHasAName_data() {
        QTest::addColumn<QString>("station");
        for (const char* station :
             {"Subject", "Values", "Paper", "Sticks", "Underpainting", "Layers", "Bench", "Check", "Log"})
            QTest::newRow(station) << station;
    }
    void everyControlOfAStationHasAName() {
        QFETCH(QString, station);
        const auto stationItem = first([&](const Thing& thing, int role) {
            return role == listItem && nameOf(thing).startsWith(station + ":");  // "Subject: 40 x 30 cm"
        });
        QVERIFY2(stationItem.has_value(), qPrintable(station));
        QVERIFY(pressed(*stationItem));
        lookAtAll();
        QList<Thing> leaves;
        walkAll([&](const Thing& thing, int role, const QString&) {
            if (role == radioButton) leaves << thing;
        });
        for (const Thing& leaf : leaves) {
            QVERIFY(pressed(leaf));
            lookAtAll();
        }
    }

    void everyControlOfTheOtherWindowsHasAName_data() {
        QTest::addColumn<QString>("entry");
        for (const char* entry : {"Materials", "Practice", "Trial sheet, with what is in hand", "Manual, at this page"})
            QTest::newRow(entry) << entry;
    }
    void everyControlOfTheOtherWindowsHasAName() {
        QFETCH(QString, entry);
        const auto windows = partsOf(root_).size();
        const auto bar = first([&](const Thing&, int role) { return role == menuBar; });
        QVERIFY(bar.has_value());
        bool isPressed = false;
        for (const Thing& menu : partsOf(*bar))
            for (const Thing& popup : partsOf(menu))
                for (const Thing& item : partsOf(popup))
                    if (nameOf(item) == entry) isPressed = pressed(item);
        QVERIFY2(isPressed, qPrintable(entry));
        QTRY_VERIFY(partsOf(root_).size() > windows);
        lookAtAll();
    }
};

QTEST_GUILESS_MAIN(TestBus)
#include "test_bus.moc"
