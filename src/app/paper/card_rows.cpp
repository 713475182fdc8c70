#include "app/paper/card_rows.h"

namespace app {

std::vector<std::string> rowsOf(const std::vector<review::PaperTest>& tests) {
    std::vector<std::string> rows;
    for (const review::PaperTest& test : tests) {
        rows.push_back(test.paper.id);
        for (const auto& stick : test.sticks) rows.push_back(stick ? stick->id : std::string());
    }
    return rows;
}

std::vector<review::PaperTest> testsOfRows(const std::vector<std::string>& rows, const materials::Library& library) {
    constexpr std::size_t perWindow = 1 + review::testStickCount;
    std::vector<review::PaperTest> tests;
    if (rows.size() % perWindow != 0) return {};
    for (std::size_t at = 0; at < rows.size(); at += perWindow) {
        const materials::Paper* paper = library.paper(rows[at]);
        if (!paper) return {};
        review::PaperTest test{*paper, {}};
        for (std::size_t i = 0; i < test.sticks.size(); ++i)
            if (const materials::Material* stick = library.medium(rows[at + 1 + i])) test.sticks[i] = *stick;
        tests.push_back(std::move(test));
    }
    return tests;
}

}  // namespace app
