#include "cli/card_files.h"

#include "storage/whole_file.h"

namespace cli {

common::Result<review::CardPaper> cardPaperNamed(const QString& format) {
    if (format == "a4") return review::CardPaper::a4;
    if (format == "letter") return review::CardPaper::letter;
    return common::Problem{common::ProblemKind::nameUnknown, "The format", 0, format.toStdString(), "a4, letter"};
}

common::Done writePhotograph(const QString& file, const std::vector<std::uint8_t>& jpeg) {
    return storage::writeWhole(file.toStdString(),
                               QByteArray(reinterpret_cast<const char*>(jpeg.data()), qsizetype(jpeg.size())));
}

}  // namespace cli
