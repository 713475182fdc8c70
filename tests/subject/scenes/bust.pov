// A rounded head of clay on shoulders with a scarf and a hat, before a backdrop of nearly its own colour.
#version 3.7;
#include "part.inc"
camera { location <4, 22, -80> right x*4/3 look_at <0, 17, 0> angle 40 }
Lamp(<-70, 70, -60>, rgb <1.4, 1.3, 1.15>, 12)
Fill(<80, 20, -60>, rgb <0.14, 0.15, 0.19>)
#declare Back = Matt(rgb <0.52, 0.40, 0.31>, 0.10, 18)
#declare Skin = Matt(rgb <0.62, 0.38, 0.28>, 0.05, 6)
#declare Coat = Matt(rgb <0.10, 0.13, 0.20>, 0.15, 3)
#declare Scarf = Matt(rgb <0.55, 0.08, 0.10>, 0.15, 2)
#declare Felt = Matt(rgb <0.16, 0.12, 0.09>, 0.12, 3)
plane { z, 30 Part(1, Back) }
union {
  sphere { 0, 1 scale <9, 11.5, 10> translate <0, 26, 0> }
  sphere { 0, 1 scale <1.7, 2.6, 3> rotate x*20 translate <0.5, 24.5, -10> }
  cylinder { <0, 8, 1>, <0, 20, 1>, 4.6 }
  Part(2, Skin)
}
union {
  sphere { 0, 1 scale <24, 12, 11> translate <0, -1, 2> }
  box { <-24, -20, -8>, <24, -1, 12> }
  Part(3, Coat)
}
union {
  torus { 6.2, 2.6 translate <0, 11.5, 0.5> }
  box { <-2.6, -8, -1.2>, <2.6, 11, 1> rotate x*14 rotate z*9 translate <4.5, 0, -8.5> }
  Part(4, Scarf)
}
union {
  sphere { 0, 1 scale <9.4, 8, 10.4> translate <0, 34, 0.4> clipped_by { plane { -y, -33 } } }
  cylinder { <0, 32.6, 0>, <0, 33.8, 0>, 15 }
  rotate z*-5 Part(5, Felt)
}
