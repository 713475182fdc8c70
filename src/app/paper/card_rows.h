#pragma once

#include <string>
#include <vector>

#include "review/paper_card.h"

namespace app {

/// What a printed test card is remembered by: of each window the paper's id and its sticks', empty for none, one after
/// the other.
std::vector<std::string> rowsOf(const std::vector<review::PaperTest>& tests);
/// Back from those; empty where the page was no test card of papers that the library has.
std::vector<review::PaperTest> testsOfRows(const std::vector<std::string>& rows, const materials::Library& library);

}  // namespace app
