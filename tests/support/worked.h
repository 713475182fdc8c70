#pragma once

#include <QFile>
#include <QRegularExpression>
#include <QString>
#include <QStringList>
#include <cmath>
#include <span>

#include "colour/lab.h"

/// Lines of words and figures, to be held against a file of what came out when somebody last looked at it and found it
/// good. Such a file is no proof that a figure is right; it tells that one has changed, and which. With
/// YAWNING_DUNE_RENEW=1 in the environment the files are written anew: look at what `git diff` then says.
class Worked {
 public:
    Worked& line(const QString& words) {
        lines_ << words;
        return *this;
    }
    Worked& figure(double value) {
        lines_.last() += ' ' + (std::fabs(value) < 5e-5 ? QStringLiteral("0") : QString::number(value, 'g', 5));
        return *this;
    }
    Worked& figures(std::span<const double> values) {
        for (const double value : values) figure(value);
        return *this;
    }
    Worked& figures(const colour::Lab& lab) { return figure(lab.L).figure(lab.a).figure(lab.b); }

    /// What parts first from the file, empty if nothing does. Figures agree within `share` of theirs or within `least`.
    QString against(const QString& path, double share = 1e-3, double least = 5e-4) const {
        if (qEnvironmentVariableIsSet("YAWNING_DUNE_RENEW")) {
            QFile out(path);
            if (!out.open(QIODevice::WriteOnly)) return "cannot write " + path;
            out.write((lines_.join('\n') + '\n').toUtf8());
        }
        QFile file(path);
        if (!file.open(QIODevice::ReadOnly)) return "cannot read " + path;
        const QStringList known = QString::fromUtf8(file.readAll()).split('\n', Qt::SkipEmptyParts);
        for (qsizetype i = 0; i < std::max(known.size(), lines_.size()); ++i)
            if (!alike(known.value(i), lines_.value(i), share, least))
                return QStringLiteral("line %1 was: %2\n   and is now: %3")
                    .arg(i + 1)
                    .arg(known.value(i), lines_.value(i));
        return {};
    }

 private:
    static bool alike(const QString& known, const QString& now, double share, double least) {
        const QStringList one = known.split(' '), other = now.split(' ');
        if (one.size() != other.size()) return false;
        for (qsizetype i = 0; i < one.size(); ++i) {
            bool isNumber = false, isToo = false;
            const double was = one[i].toDouble(&isNumber), is = other[i].toDouble(&isToo);
            if (isNumber != isToo || (!isNumber && one[i] != other[i])) return false;
            if (isNumber && !(std::fabs(was - is) <= std::max(least, share * std::fabs(was)))) return false;
        }
        return true;
    }

    QStringList lines_;
};
