#include "app/help/manual_text.h"

#include <QCoreApplication>
#include <QFile>
#include <QLocale>
#include <QMap>
#include <QRegularExpression>
#include <algorithm>

#include "storage/library_csv.h"

namespace app {

namespace {

QString manualFolder() {
    return QString::fromStdString((storage::dataFolder() / "manual").string());
}

QString pageText(const QString& name) {
    for (const QString& language : {QLocale().name().left(2), QStringLiteral("en")})
        if (QFile file(QStringLiteral("%1/%2/%3.md").arg(manualFolder(), language, name));
            file.open(QIODevice::ReadOnly))
            return QString::fromUtf8(file.readAll());
    return {};
}

}  // namespace

std::vector<ManualPage> manualPages() {
    std::vector<ManualPage> pages;
    for (const char* name : {"begin", "subject", "values", "paper", "sticks", "underpainting", "layers", "bench",
                             "check", "log", "materials", "trial", "practice", "saving", "safety", "commandline"}) {
        const QString text = pageText(QString::fromLatin1(name));
        if (text.isEmpty()) continue;
        pages.push_back({QString::fromLatin1(name), text.section(QLatin1Char('\n'), 0, 0).mid(2), text});
    }
    return pages;
}

QString manualPictures() {
    return manualFolder() + QStringLiteral("/pictures");
}

ManualPage manualIndex(const std::vector<ManualPage>& pages) {
    static const QRegularExpression word(QStringLiteral("\\*\\*(.+?)\\*\\*|^##? (.+)$"),
                                         QRegularExpression::MultilineOption);
    QMap<QString, QStringList> places;  // by the word in small letters
    QMap<QString, QString> words;
    for (const ManualPage& page : pages)
        for (auto it = word.globalMatch(page.text); it.hasNext();) {
            const auto found = it.next();
            const QString said = found.captured(1) + found.captured(2);
            const QString link = QStringLiteral("[%1](%2.md)").arg(page.title, page.name);
            words.insert(said.toLower(), said);
            if (QStringList& links = places[said.toLower()]; !links.contains(link)) links << link;
        }
    QStringList keys = words.keys();
    std::ranges::sort(keys, [](const QString& a, const QString& b) { return a.localeAwareCompare(b) < 0; });
    const QString title = QCoreApplication::translate("app::ManualWindow", "Index");
    QString text = QStringLiteral("# %1\n\n").arg(title);
    for (const QString& key : keys)
        text += QStringLiteral("* %1: %2\n").arg(words[key], places[key].join(QStringLiteral(", ")));
    return {QStringLiteral("index"), title, text};
}

}  // namespace app
