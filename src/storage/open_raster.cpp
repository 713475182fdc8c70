#include "storage/open_raster.h"

#include <QXmlStreamWriter>

#include "storage/archive.h"
#include "storage/plan_export.h"
#include "subject/reduced.h"

namespace storage {

namespace {

QString fileOf(std::size_t layer) {
    return QStringLiteral("data/layer%1.png").arg(layer + 1, 3, 10, QLatin1Char('0'));
}

QByteArray stackXml(const std::vector<RasterLayer>& layers, cv::Size size) {
    QByteArray bytes;
    QXmlStreamWriter xml(&bytes);
    xml.setAutoFormatting(true);
    xml.writeStartDocument();
    xml.writeStartElement(QStringLiteral("image"));
    xml.writeAttribute(QStringLiteral("version"), QStringLiteral("0.0.5"));
    xml.writeAttribute(QStringLiteral("w"), QString::number(size.width));
    xml.writeAttribute(QStringLiteral("h"), QString::number(size.height));
    xml.writeStartElement(QStringLiteral("stack"));
    for (std::size_t i = layers.size(); i-- > 0;) {  // the topmost is the first there
        xml.writeStartElement(QStringLiteral("layer"));
        xml.writeAttribute(QStringLiteral("name"), layers[i].name);
        xml.writeAttribute(QStringLiteral("src"), fileOf(i));
        xml.writeAttribute(QStringLiteral("x"), QStringLiteral("0"));
        xml.writeAttribute(QStringLiteral("y"), QStringLiteral("0"));
        xml.writeEndElement();
    }
    xml.writeEndDocument();
    return bytes;
}

}  // namespace

std::optional<QByteArray> openRaster(const std::vector<RasterLayer>& layers, const cv::Mat& merged) {
    constexpr double thumbnailSide = 256;
    ArchiveWriter archive;
    archive.add("mimetype", QByteArray("image/openraster"));  // first, and not packed
    archive.add("stack.xml", stackXml(layers, merged.size()));
    for (std::size_t i = 0; i < layers.size(); ++i) archive.add(fileOf(i).toStdString(), pngOf(layers[i].picture));
    archive.add("mergedimage.png", pngOf(merged));
    archive.add("Thumbnails/thumbnail.png", pngOf(subject::reduced(merged, thumbnailSide)));
    return archive.finish();
}

}  // namespace storage
