// A tumbler of water, a lemon and a blue box; the box is seen through the glass.
#version 3.7;
#include "part.inc"
camera { location <0, 18, -60> right x*4/3 look_at <0, 8, 0> angle 36 }
Lamp(<70, 70, -30>, rgb <1.5, 1.45, 1.35>, 18)
Fill(<-60, 30, -80>, rgb <0.12, 0.14, 0.17>)
#declare Wall = Matt(rgb <0.62, 0.56, 0.45>, 0.07, 12)
#declare Cloth = Matt(rgb <0.55, 0.58, 0.55>, 0.06, 3)
#declare Lemon = Shiny(rgb <0.86, 0.66, 0.05>, 0.07, 0.6)
#declare Blue = Matt(rgb <0.08, 0.14, 0.36>, 0.12, 5)
#declare Glass = texture { pigment { color rgbf <0.94, 0.98, 0.97, 0.92> } finish { specular 0.9 roughness 0.004 reflection { 0.04, 0.6 } } }
plane { z, 22 Part(1, Wall) }
box { <-80, -4, -34>, <80, 0, 22> Part(2, Cloth) }
difference {
  cone { <0, 0, 0>, 4.6, <0, 17, 0>, 5.6 }
  cone { <0, 1.2, 0>, 4.2, <0, 17.5, 0>, 5.3 }
  translate <-3, 0, -4> Part(3, Glass)
  #if (!Ids) interior { ior 1.5 } #end
}
#if (!Ids)
cone { <-3, 1.25, -4>, 4.1, <-3, 11, -4>, 4.7 texture { pigment { color rgbf <0.93, 0.97, 0.97, 0.95> } finish { reflection { 0.02, 0.4 } specular 0.5 } } interior { ior 1.33 } }
#end
sphere { 0, 1 scale <5.2, 3.9, 3.9> rotate y*25 translate <11, 3.9, -9> Part(4, Lemon) }
box { <-5, 0, -6>, <7, 20, 6> rotate y*28 translate <4, 0, 10> Part(5, Blue) }
