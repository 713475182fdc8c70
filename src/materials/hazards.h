#pragma once

#include <string>
#include <vector>

namespace materials {

/// Metals that call for care in pigments with these Colour Index names ("PR108", "PBr7"), each once: cadmium, cobalt,
/// chromium, nickel, lead, manganese, mercury, arsenic, antimony, barium. A name that is not known here is no promise:
/// label and safety data sheet go before this. Source: compositions of the Colour Index's pigments, from memory.
std::vector<std::string> hazardsOf(const std::vector<std::string>& pigments);

}  // namespace materials
