#include "wording/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>
#include <algorithm>

void initWordingResources() {
    Q_INIT_RESOURCE(translations);
}

namespace wording {

namespace {

const QString ownWords = QStringLiteral("words of the program"), qtWords = QStringLiteral("words of Qt");

bool isSpoken(const QString& code) {
    return std::ranges::count(languages(), code, &Language::code) > 0;
}

QString languageOf(const QString& locale) {
    return locale.section(QLatin1Char('-'), 0, 0);
}

QString systemLanguage() {
    for (const QString& locale : QLocale::system().uiLanguages())
        if (isSpoken(languageOf(locale))) return languageOf(locale);
    return languages().front().code;
}

void install(const QString& name, const QString& file, const QString& folder) {
    auto* application = QCoreApplication::instance();
    delete application->findChild<QTranslator*>(name);
    auto* translator = new QTranslator(application);
    translator->setObjectName(name);
    if (translator->load(file, folder)) QCoreApplication::installTranslator(translator);
}

}  // namespace

const std::vector<Language>& languages() {
    static const std::vector<Language> all{{QStringLiteral("en"), QStringLiteral("English")},
                                           {QStringLiteral("de"), QStringLiteral("Deutsch")},
                                           {QStringLiteral("fr"), QStringLiteral("Français")},
                                           {QStringLiteral("es"), QStringLiteral("Español")}};
    return all;
}

void speak(const QString& code) {
    initWordingResources();
    const QString language = isSpoken(code) ? code : systemLanguage();
    QLocale locale = QLocale::system();
    if (languageOf(locale.bcp47Name()) != language) locale = QLocale(language);
    // Millimetres in the thousands are read off a ruler, not counted like money.
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    QLocale::setDefault(locale);
    install(qtWords, QStringLiteral("qtbase_") + language, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    install(ownWords, QStringLiteral("yawning-dune_") + language, QStringLiteral(":/translations"));
}

}  // namespace wording
