// Apples in a bowl on a striped cloth before a patterned paper.
#version 3.7;
#include "part.inc"
camera { location <0, 34, -66> right x*4/3 look_at <0, 7, 0> angle 38 }
Lamp(<-70, 80, -40>, rgb <1.4, 1.35, 1.25>, 16)
Fill(<70, 30, -80>, rgb <0.12, 0.13, 0.16>)
#declare Paper = texture { pigment { hexagon color rgb <0.40, 0.44, 0.36>, color rgb <0.36, 0.40, 0.33>, color rgb <0.44, 0.47, 0.40> scale 4 rotate x*90 } finish { ambient 0.03 diffuse 0.85 } }
#declare Stripes = texture { pigment { gradient x color_map { [0 rgb <0.78, 0.74, 0.66>] [0.62 rgb <0.78, 0.74, 0.66>] [0.62 rgb <0.52, 0.16, 0.14>] [1 rgb <0.52, 0.16, 0.14>] } scale 7 rotate y*24 } finish { ambient 0.03 diffuse 0.85 } }
#declare Bowl = Shiny(rgb <0.10, 0.20, 0.34>, 0.06, 4)
#declare Red = Shiny(rgb <0.55, 0.06, 0.05>, 0.3, 2)
#declare Green = Shiny(rgb <0.38, 0.50, 0.10>, 0.2, 2)
#declare Apple = lathe { cubic_spline 9 <0, -1>, <0, 0.6>, <2.4, 0>, <4.6, 3>, <4.8, 6>, <3, 8.3>, <1, 7.8>, <0, 6.8>, <0, 6> sturm }
plane { z, 34 Part(1, Paper) }
box { <-90, -4, -44>, <90, 0, 34> Part(2, Stripes) }
union {
  lathe { cubic_spline 11 <0, -1>, <0, 0>, <5, 0>, <9, 3>, <13, 8>, <13.4, 8.2>, <12.6, 8.2>, <8, 3.6>, <5, 1.4>, <0, 1.2>, <0, 2> sturm }
  translate <-5, 0, 4> Part(3, Bowl)
}
object { Apple rotate z*12 translate <-9, 3.4, 3> Part(4, Red) }
object { Apple rotate z*-16 translate <-0.6, 3.6, 4> Part(5, Green) }
object { Apple scale 0.95 rotate x*-8 translate <13, 0, -10> Part(6, Red) }
