// A post stands in the sun: its shadow runs over the ground, over a box and up a wall.
#version 3.7;
#include "part.inc"
camera { location <10, 30, -80> right x*4/3 look_at <4, 10, 0> angle 42 }
Lamp(<-70, 60, -80>, rgb <1.6, 1.5, 1.25>, 5)
Fill(<30, 90, -40>, rgb <0.16, 0.19, 0.26>)
#declare Wall = Matt(rgb <0.62, 0.60, 0.54>, 0.07, 12)
#declare Ground = Matt(rgb <0.46, 0.36, 0.24>, 0.14, 3)
#declare Red = Matt(rgb <0.46, 0.07, 0.05>, 0.08, 6)
#declare Green = Matt(rgb <0.12, 0.28, 0.20>, 0.10, 6)
#declare Ball = Shiny(rgb <0.85, 0.70, 0.20>, 0.05, 4)
plane { z, 26 Part(1, Wall) }
box { <-120, -4, -60>, <120, 0, 26> Part(2, Ground) }
box { <-8, 0, -8>, <8, 14, 8> rotate y*24 translate <10, 0, 4> Part(3, Red) }
cylinder { <-12, 0, -16>, <-12, 40, -16>, 2.2 Part(4, Green) }
sphere { <26, 5.5, -10>, 5.5 Part(5, Ball) }
