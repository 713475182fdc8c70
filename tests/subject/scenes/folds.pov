// A hanging cloth in deep folds that also lies on the table, a white jug and an orange before it.
#version 3.7;
#include "part.inc"
#include "functions.inc"
camera { location <6, 24, -72> right x*4/3 look_at <0, 13, 0> angle 38 }
Lamp(<-95, 60, -22>, rgb <1.5, 1.42, 1.3>, 14)
Fill(<80, 20, -60>, rgb <0.12, 0.13, 0.17>)
#declare Cloth = Matt(rgb <0.16, 0.26, 0.45>, 0.08, 5)
#declare White = Shiny(rgb <0.80, 0.78, 0.72>, 0.04, 5)
#declare Orange = Shiny(rgb <0.85, 0.33, 0.04>, 0.12, 0.8)
#declare Table = Matt(rgb <0.30, 0.17, 0.10>, 0.18, 4)
#declare Folds = function { 13 - z - 3.6 * sin(x * 0.34 + 0.9 * sin(x * 0.11 + y * 0.03)) * (1.1 - y / 90) - 1.5 * sin(x * 0.83 + y * 0.05) }
isosurface {
  function { Folds(x, y, z) }
  contained_by { box { <-70, 0, 4>, <70, 62, 24> } }
  max_gradient 4 accuracy 0.01
  Part(1, Cloth)
}
box { <-90, -4, -40>, <90, 0, 24> Part(2, Table) }
union {
  lathe { cubic_spline 11 <0, -1>, <0, 0>, <5.4, 0.2>, <7.2, 6>, <6.0, 12>, <3.9, 16>, <4.4, 20>, <5.2, 22>, <4.6, 22.1>, <3.4, 16>, <3, 14> sturm }
  torus { 5, 0.9 rotate x*90 scale <0.8, 1.2, 1> translate <8, 13, 0> }
  rotate y*-20 translate <-6, 0, 0> Part(3, White)
}
sphere { <11, 4.2, -9>, 4.2 Part(4, Orange) }
