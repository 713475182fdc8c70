#pragma once

namespace app {

/// Figures of the frame, in pixels: one grid of 8, and what controls are made of.
namespace measure {
inline constexpr int grid = 8;
inline constexpr int edge = 2 * grid;  // from an edge of a panel to what stands in it
inline constexpr int control = 28;     // height of a field or a button at the usual size of text
inline constexpr int inset = 8;        // from a field's edge to its words
inline constexpr int arrow = 20;       // room of an arrow at a field's end
inline constexpr int mark = 16;        // side of a box to tick
inline constexpr int bar = 10;         // room of a scroll bar; its line is thinner until touched
}  // namespace measure

}  // namespace app
