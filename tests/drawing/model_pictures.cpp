#include <QDir>
#include <QGuiApplication>
#include <QPainter>
#include <cmath>
#include <functional>

#include "colour/difference.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "rendering/sheet_picture.h"
#include "swatch.h"

namespace {

using colour::Lab;
using drawing::TypeSize;
using materials::Surface;

constexpr int left = 170, top = 44, tile = 118, gap = 10, label = 34;
const QColor ground(0xc6, 0xc6, 0xc6), ink(0x14, 0x14, 0x14), quiet(0x3a, 0x3a, 0x3a);

/// A picture on the neutral grey of the frame.
struct Page {
    QImage image;
    QPainter painter;
    Page(int width, int height) : image(width, height, QImage::Format_RGB32) {
        image.fill(ground);
        painter.begin(&image);
        painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    }
    void words(const QRectF& box, const QString& text, int align = Qt::AlignLeft | Qt::AlignTop,
               const QColor& colour = ink) {
        painter.setPen(colour);
        painter.setFont(drawing::font(TypeSize::small));
        painter.drawText(box, align | Qt::TextWordWrap, text);
    }
    bool save(const QDir& folder, const char* name) {
        painter.end();
        return image.save(folder.filePath(QString::fromLatin1(name)));
    }
};

/// The swatch as it will look, with the paper's grain: 38 mm wide.
QImage seen(const Swatch& swatch, colour::Light light = colour::Light::daylight65) {
    const cv::Mat spot(tile * 2, tile * 2, CV_32S, cv::Scalar(0));
    Surface surface = Surface::sanded400;
    for (int i = 0; i < materials::surfaceCount; ++i)
        if (swatch.patch.surface == &materials::profileOf(Surface(i))) surface = Surface(i);
    const cv::Mat grain = rendering::grainMap(surface, spot.size(), 38.0 / spot.cols);
    return drawing::imageOf(rendering::sheetPicture(spot, {{swatch.patch, {}}}, {}, grain, light));
}

QString figures(const Lab& lab) {
    return QStringLiteral("L* %1, C* %2").arg(std::lround(lab.L)).arg(std::lround(colour::chroma(lab)));
}

struct Column {
    QString head, strokes;
};
struct Row {
    QString head, ground;  // as Swatch reads it: "#hex surface"
};

/// Every row's strokes on every column's; `written` makes a swatch of both.
bool grid(
    const QDir& folder, const char* name, const QList<Row>& rows, const QList<Column>& columns,
    const std::function<QString(const Row&, const Column&)>& written,
    const std::function<QString(const Swatch&)>& told = [](const Swatch& s) { return figures(s.lab()); }) {
    Page page(left + int(columns.size()) * (tile + gap) + gap, top + int(rows.size()) * (tile + label) + gap);
    for (int c = 0; c < columns.size(); ++c)
        page.words(QRectF(left + c * (tile + gap), 6, tile, top - 8), columns[c].head, Qt::AlignLeft | Qt::AlignBottom);
    for (int r = 0; r < rows.size(); ++r) {
        const double y = top + r * (tile + label);
        page.words(QRectF(14, y, left - 26, tile), rows[r].head, Qt::AlignLeft | Qt::AlignVCenter);
        for (int c = 0; c < columns.size(); ++c) {
            const Swatch swatch(written(rows[r], columns[c]));
            const QRectF box(left + c * (tile + gap), y, tile, tile);
            page.painter.drawImage(box, seen(swatch));
            page.words(box.translated(0, tile + 3), told(swatch), Qt::AlignLeft | Qt::AlignTop, quiet);
        }
    }
    return page.save(folder, name);
}

/// One blue on papers of many colours and surfaces.
bool ladders(const QDir& folder) {
    const QList<Row> rows{{"sanded 400,\nwarm grey", "#8a7f74 sanded-400"},
                          {"laid,\nred-orange", "#c2502c laid"},
                          {"cartridge,\ncream-yellow", "#ecd98f cartridge"},
                          {"microfibre card,\ndark brown", "#4f3d33 microfibre"},
                          {"honeycomb, rough side,\nstone", "#a89f8f honeycomb-rough"},
                          {"velour,\nmid grey", "#878683 velour"}};
    const QList<Column> columns{{"bare", ""},
                                {"scumbled,\nlight", "#2b4fa0 soft scumble light"},
                                {"scumbled,\nmedium", "#2b4fa0 soft scumble medium"},
                                {"scumbled,\nheavy", "#2b4fa0 soft scumble heavy"},
                                {"hatched,\nmedium", "#2b4fa0 soft hatch medium"},
                                {"pressed in,\nmedium", "#2b4fa0 soft press medium"}};
    return grid(folder, "ladders.png", rows, columns,
                [](const Row& row, const Column& column) { return row.ground + ": " + column.strokes; });
}

bool pressure(const QDir& folder) {
    const auto of = [](const char* kind) { return Row{kind, kind}; };
    const QList<Row> rows{of("soft"), of("hard"), of("pencil"), of("pan")};
    const QList<Column> columns{{"scumbled,\nlight", "scumble light"}, {"scumbled,\nmedium", "scumble medium"},
                                {"scumbled,\nheavy", "scumble heavy"}, {"hatched,\nlight", "hatch light"},
                                {"hatched,\nmedium", "hatch medium"},  {"hatched,\nheavy", "hatch heavy"}};
    return grid(
        folder, "pressure.png", rows, columns,
        [](const Row& row, const Column& column) {
            return QStringLiteral("#4f3d33: #e8dcc0 %1 %2").arg(row.ground, column.strokes);
        },
        [](const Swatch& s) {
            return QStringLiteral("L* %1, tooth %2 %")
                .arg(std::lround(s.lab().L))
                .arg(std::lround(100 * pigment::toothUsed(s.patch)));
        });
}

/// The same two sticks laid apart, over one another and rubbed together.
bool blending(const QDir& folder) {
    const QList<Row> rows{{"orange and blue", "#e0752a|#2f62b5"},
                          {"yellow and blue", "#edc32a|#2f62b5"},
                          {"red and green", "#c03028|#3f9a3c"},
                          {"brown and dark blue", "#6b3f22|#22306b"}};
    const QList<Column> columns{
        {"the first alone", "%1 soft press medium"},
        {"the second alone", "%2 soft press medium"},
        {"hatched\none over the other", "%1 soft hatch medium; %2 soft hatch light"},
        {"scumbled\none over the other", "%1 soft press medium; %2 soft scumble light"},
        {"both heavy,\nthen blended", "%1 soft scumble heavy; %2 soft scumble heavy; blend heavy"},
        {"blended, fixed", "%1 soft scumble heavy; %2 soft scumble heavy; blend heavy; fix heavy"}};
    return grid(folder, "blending.png", rows, columns, [](const Row& row, const Column& column) {
        QString strokes = column.strokes;
        return "#8a7f74: " +
               strokes.replace("%1", row.ground.section('|', 0, 0)).replace("%2", row.ground.section('|', 1, 1));
    });
}

/// A panel for each surface, four in a row, its name above.
bool panels(const QDir& folder, const char* name, const std::function<void(Page&, const QRectF&, Surface)>& draw) {
    constexpr int width = 220, height = 130, head = 26, between = 24;
    Page page(between + 4 * (width + between), 2 * (head + height + 2 * between));
    for (int i = 0; i < materials::surfaceCount; ++i) {
        const QRectF box(between + i % 4 * (width + between), head + i / 4 * (head + height + 2 * between), width,
                         height);
        page.words(QRectF(box.left(), box.top() - 22, width, 20),
                   QString::fromUtf8(materials::nameOf(Surface(i)).data()).replace('-', ' '));
        draw(page, box, Surface(i));
    }
    return page.save(folder, name);
}

/// The bearing curve as a cut through the sheet, peaks left, and how far down each pressure gets.
bool surfaces(const QDir& folder) {
    return panels(folder, "surfaces.png", [](Page& page, const QRectF& box, Surface surface) {
        constexpr double deepest = 72;  // micrometres
        const materials::SurfaceProfile& profile = materials::profileOf(surface);
        QPolygonF cut;
        for (int n = 0; n <= 100; ++n)
            cut << QPointF(box.left() + box.width() * n / 100,
                           box.top() + materials::depthAt(profile, n / 100.0) / deepest * box.height());
        cut << box.bottomRight() << box.bottomLeft();
        page.painter.setPen(Qt::NoPen);
        page.painter.setBrush(QColor(0x8a, 0x8a, 0x8a));
        page.painter.drawPolygon(cut);
        QStringList shares;
        for (int pressure = 0; pressure < 3; ++pressure) {
            const pigment::Stroke stroke{nullptr, pigment::Manner::scumble, pigment::Pressure{float(pressure + 1)}};
            const double share = pigment::coverages(stroke, profile).mean();
            const double y = box.top() + materials::depthAt(profile, share) / deepest * box.height();
            page.painter.setPen(QPen(ink, 1 + pressure));
            page.painter.drawLine(QPointF(box.left(), y), QPointF(box.left() + share * box.width(), y));
            shares << QStringLiteral("%1 %").arg(std::lround(share * 100));
        }
        page.words(QRectF(box.left(), box.bottom() + 4, box.width(), 36),
                   QStringLiteral("covers %1; holds %2 layers")
                       .arg(shares.join(", "))
                       .arg(materials::meanCapacity(profile), 0, 'f', 1),
                   Qt::AlignLeft | Qt::AlignTop, quiet);
    });
}

/// What each of twelve medium layers of one soft stick leaves in the tooth, a bar a layer.
bool tooth(const QDir& folder) {
    return panels(folder, "tooth.png", [](Page& page, const QRectF& box, Surface surface) {
        constexpr int layers = 12;
        const QString swatch = QStringLiteral("#8a7f74 %1: #6b3f22 soft press medium x%2");
        const double step = box.width() / layers;
        for (int n = 1; n <= layers; ++n) {
            const double held = Swatch(swatch.arg(materials::nameOf(surface).data()).arg(n)).lastDeposit;
            const double bar = std::min(1.0, held) * box.height();
            page.painter.fillRect(QRectF(box.left() + (n - 1) * step, box.bottom() - bar, step - 4, bar),
                                  QColor(0x6b, 0x3f, 0x22));
        }
        page.painter.setPen(QPen(ink, 1));
        page.painter.drawLine(box.bottomLeft(), box.bottomRight());
        page.words(QRectF(box.left(), box.bottom() + 4, box.width(), 20), "layer 1 to 12", Qt::AlignLeft, quiet);
    });
}

/// Mixtures rubbed together, beside one stick of the colour that they have in daylight.
bool lights(const QDir& folder) {
    const QList<Row> rows{{"green and red", "#00a040 soft scumble heavy; #c03028 soft scumble heavy"},
                          {"red and turquoise", "#00a0b0 soft scumble heavy; #c03028 soft scumble heavy"},
                          {"yellow and violet", "#edc32a soft scumble heavy; #6b3a86 soft scumble heavy"},
                          {"green and orange", "#3f9a3c soft scumble heavy; #e0752a soft scumble heavy"}};
    static const char* names[] = {"daylight D65", "daylight D50", "lamp (A)", "white LED"};
    Page page(left + 4 * (tile + gap) + gap, top + int(rows.size()) * (tile + label) + gap);
    for (int r = 0; r < rows.size(); ++r) {
        const double y = top + r * (tile + label);
        page.words(QRectF(14, y, left - 26, tile), rows[r].head + ",\nand one stick", Qt::AlignLeft | Qt::AlignVCenter);
        const Swatch mixed("#8a7f74: " + rows[r].ground + "; blend heavy");
        const auto one = colour::srgb8FromSrgb(colour::srgbFromLab(mixed.lab()));
        const Swatch plain(QString::fromStdString(colour::hexFromSrgb8(one)));
        for (int i = 0; i < colour::lightCount; ++i) {
            const QRectF box(left + i * (tile + gap), y, tile, tile);
            if (r == 0) page.words(QRectF(box.left(), 6, tile, top - 8), names[i], Qt::AlignLeft | Qt::AlignBottom);
            const Lab mix = pigment::labOf(mixed.patch, colour::Light(i));
            const Lab stick = pigment::labOf(plain.patch, colour::Light(i));
            page.painter.fillRect(box, drawing::colourOf(mix));
            page.painter.fillRect(box.adjusted(tile / 2.0, 0, 0, 0), drawing::colourOf(stick));
            page.words(box.translated(0, tile + 3),
                       QStringLiteral("%1 ΔE00 apart").arg(colour::differenceCie2000(mix, stick), 0, 'f', 1),
                       Qt::AlignLeft | Qt::AlignTop, quiet);
        }
    }
    return page.save(folder, "lights.png");
}

}  // namespace

/// Draws the pictures of docs/MODEL.md from the film itself into the folder given.
int main(int argc, char** argv) {
    QGuiApplication application(argc, argv);
    if (argc != 2 || !QDir().mkpath(argv[1])) return 2;
    const QDir folder(argv[1]);
    drawing::loadFonts();
    bool ok = true;
    for (const auto draw : {&ladders, &pressure, &blending, &surfaces, &tooth, &lights}) ok &= draw(folder);
    return ok ? 0 : 1;
}
