#pragma once

#include <QFile>
#include <QList>
#include <QString>

/// The first `count` fields of a row of a text table: its name, if it has one, and its numbers.
struct TableRow {
    QByteArray name;
    QList<double> numbers;
};

/// Rows of more than `least` numbers, separated by blanks or tabs; lines of another kind are left out. CGATS files and
/// plain columns alike.
inline QList<TableRow> tableOf(const QString& path, int least = 3) {
    QFile file(path);
    QList<TableRow> rows;
    if (!file.open(QIODevice::ReadOnly)) return rows;
    for (const QByteArray& line : file.readAll().split('\n')) {
        TableRow row;
        for (const QByteArray& field : line.simplified().split(' ')) {
            bool ok = false;
            const double v = field.toDouble(&ok);
            if (ok)
                row.numbers << v;
            else if (row.numbers.isEmpty() && row.name.isEmpty())
                row.name = field;
            else
                break;
        }
        if (row.numbers.size() > least) rows << row;
    }
    return rows;
}

inline QList<QList<double>> rowsOf(const QString& path) {
    QList<QList<double>> rows;
    for (const TableRow& row : tableOf(path)) rows << row.numbers;
    return rows;
}
