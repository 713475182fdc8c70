#pragma once

#include <QString>
#include <QStringList>
#include <stdexcept>

#include "colour/reflectance.h"
#include "materials/names.h"
#include "pigment/patch.h"

/// Swatches written as a painter would say them: paper, surface and strokes,
///     "#c2502c sanded-400: #2b4fa0 soft scumble light; blend heavy; #f6f5f1 pencil hatch medium x3"
/// The surface may be left out (sanded-400). "wet" after a stroke leaves the paint wet; "alcohol" is a wash without
/// pigment.
struct Swatch {
    pigment::Patch patch;
    double lastDeposit = 0;  // what the tooth took of the last stroke, mean over the cells

    explicit Swatch(const QString& written) {
        const QStringList sides = written.split(':');
        const QStringList ground = sides[0].simplified().split(' ');
        const auto surface = materials::surfaceNamed(ground.value(1, "sanded-400").toStdString());
        if (!surface) throw std::invalid_argument(qPrintable(written));
        patch = pigment::barePatch(materials::profileOf(*surface), reflectance(ground[0]));
        for (const QString& stroke : sides.value(1).trimmed().split(';', Qt::SkipEmptyParts))
            lay(stroke.simplified().split(' '));
    }

    colour::Lab lab() const { return pigment::labOf(patch, colour::Light::daylight65); }

    static colour::Spectrum reflectance(const QString& hex) {
        const auto colour = colour::srgb8FromHex(hex.toStdString());
        if (!colour) throw std::invalid_argument(qPrintable(hex));
        return colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*colour));
    }
    static colour::Lab labOfHex(const QString& hex) {
        return colour::labFromSrgb8(*colour::srgb8FromHex(hex.toStdString()));
    }
    static pigment::Pigment pigmentOf(const QString& hex, materials::Kind kind) {
        materials::Material material;
        material.kind = kind;
        material.masstone = *colour::srgb8FromHex(hex.toStdString());
        material.hardness = materials::usualHardness(kind);
        return pigment::pigmentOf(material);
    }

 private:
    void lay(QStringList words) {
        const bool wet = words.removeAll("wet") > 0;
        int times = 1;
        if (words.last().startsWith('x')) times = words.takeLast().mid(1).toInt();
        if (words[0] == "alcohol") words = {"wash", "medium"};
        const auto manner = pigment::mannerNamed(words[words.size() - 2].toStdString());
        const auto pressure = pigment::pressureNamed(words.last().toStdString());
        if (!manner || !pressure) throw std::invalid_argument(qPrintable(words.join(' ')));
        pigment::Pigment pigment;
        if (words.size() == 4) {
            pigment = pigmentOf(words[0], *materials::kindNamed(words[1].toStdString()));
            if (wet) pigment = pigment::whileWet(pigment);
        }
        for (int i = 0; i < times; ++i) {
            const double before = patch.filled.mean();
            pigment::lay(patch, {words.size() == 4 ? &pigment : nullptr, *manner, *pressure});
            lastDeposit = patch.filled.mean() - before;
        }
    }
};
