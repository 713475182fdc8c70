#pragma once

#include <optional>
#include <string_view>

#include "matching/tray.h"

namespace matching {

/// Which end of the value ladder is laid first.
enum class School { darkFirst, lightBase };
std::string_view nameOf(School school);
std::optional<School> schoolNamed(std::string_view name);

/// Hard before soft wherever the film says that it holds better so; or pencils and hard sticks alone, over a thin base
/// of soft pastel that is rubbed in.
enum class Hardness { hardFirst, softBase };
std::string_view nameOf(Hardness hardness);
std::optional<Hardness> hardnessNamed(std::string_view name);

/// Layers are blended where that betters them clearly; wherever it serves, for a smooth sheet; or never, and laid in
/// lines that stay apart.
enum class Blending { sparing, blended, strokesKept };
std::string_view nameOf(Blending blending);
std::optional<Blending> blendingNamed(std::string_view name);

/// Black over all else in the darks; never; or where its value puts it.
enum class Black { last, never, freely };
std::string_view nameOf(Black black);
std::optional<Black> blackNamed(std::string_view name);

/// Fixative between layers where the tooth wants it, only where it darkens towards what is wanted, or never.
enum class Fixing { between, toDarken, never };
std::string_view nameOf(Fixing fixing);
std::optional<Fixing> fixingNamed(std::string_view name);

/// What a way of working asks of stacks, and of the order of steps where it follows from them.
struct StackRules {
    School school = School::darkFirst;
    Hardness hardness = Hardness::hardFirst;
    Blending blending = Blending::sparing;
    Black black = Black::last;
    Fixing fixing = Fixing::between;
    bool operator==(const StackRules&) const = default;
};

/// A stack's sticks are laid by rising rank: by lightness, from the end that the school begins with; black over all
/// else where it comes last.
double rankIn(const StackRules& rules, const PreparedStick& stick);

/// Whether the rules have room for a stick laid in a manner.
bool allows(const StackRules& rules, const PreparedStick& stick, pigment::Manner manner);

}  // namespace matching
