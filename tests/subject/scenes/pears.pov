// Three pears and a bottle in a hard side light: their shadows fall over the table and up the wall.
#version 3.7;
#include "part.inc"
camera { location <0, 22, -70> right x*4/3 look_at <0, 9, 0> angle 40 }
Lamp(<-90, 70, -50>, rgb <1.5, 1.4, 1.2>, 16)
Fill(<40, 40, -100>, rgb <0.10, 0.12, 0.16>)
#declare Wall = Matt(rgb <0.30, 0.36, 0.38>, 0.12, 14)
#declare Wood = texture {
  pigment { wood turbulence 0.08 color_map { [0 rgb <0.33, 0.20, 0.11>] [1 rgb <0.24, 0.14, 0.08>] } scale 3 rotate y*87 rotate z*3 }
  finish { ambient 0.03 diffuse 0.8 specular 0.1 }
}
#declare Pear = lathe { cubic_spline 9
  <0, -0.6>, <0, 0>, <3.1, 0.7>, <4.3, 3.6>, <3.4, 6.8>, <2.0, 9.4>, <1.5, 11.2>, <0, 12.2>, <0, 13>
  sturm }
#declare Stem = cylinder { <0, 11.8, 0>, <0.5, 14.4, 0>, 0.28 }
#declare Green = Shiny(rgb <0.42, 0.48, 0.10>, 0.25, 3)
#declare Yellow = Shiny(rgb <0.72, 0.50, 0.10>, 0.20, 3)
#declare Brown = Shiny(rgb <0.42, 0.19, 0.08>, 0.25, 2)
#declare Dark = Shiny(rgb <0.02, 0.05, 0.03>, 0.1, 6)
plane { z, 26 Part(1, Wall) }
box { <-80, -4, -30>, <80, 0, 26> Part(2, Wood) }
union { object { Pear } object { Stem } translate <-14, 0, 0> Part(3, Green) }
union { object { Pear } object { Stem } rotate z*-68 rotate y*30 translate <2, 3.3, -7> Part(4, Yellow) }
union { object { Pear } object { Stem } scale 0.92 rotate y*120 translate <9, 0, 5> Part(5, Brown) }
union {
  lathe { cubic_spline 10 <0, -1>, <0, 0>, <4.6, 0.3>, <4.8, 4>, <4.8, 15>, <3.6, 19.5>, <1.6, 22>, <1.5, 28>, <0, 28.6>, <0, 30> sturm }
  translate <22, 0, 10> Part(6, Dark)
}
