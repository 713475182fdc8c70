// A plant of many leaves in a clay pot on a stone sill before a plaster wall.
#version 3.7;
#include "part.inc"
camera { location <0, 26, -86> right x*4/3 look_at <0, 19, 0> angle 40 }
Lamp(<60, 90, -60>, rgb <1.45, 1.4, 1.25>, 14)
Fill(<-80, 30, -60>, rgb <0.12, 0.14, 0.18>)
#declare Wall = Matt(rgb <0.66, 0.52, 0.42>, 0.10, 16)
#declare Stone = Matt(rgb <0.34, 0.34, 0.36>, 0.20, 3)
#declare Clay = Matt(rgb <0.50, 0.20, 0.10>, 0.12, 3)
#declare Leaf = Shiny(rgb <0.10, 0.26, 0.06>, 0.5, 9)
plane { z, 24 Part(1, Wall) }
box { <-90, -8, -20>, <90, 0, 24> Part(2, Stone) }
lathe { linear_spline 8 <0, 0>, <6, 0>, <8, 12>, <9, 12>, <9, 15>, <8, 15>, <7.4, 13>, <0, 13> translate <-4, 0, 0> Part(3, Clay) }
#declare R = seed(7);
union {
  #declare I = 0;
  #while (I < 260)
    #declare Around = rand(R) * 360;
    #declare Out = pow(rand(R), 0.6) * 15;
    #declare Up = 16 + rand(R) * 24;
    sphere { 0, 1 scale <3.4, 0.25, 1.5> translate x*2.4
             rotate z*(rand(R) * 80 - 50) rotate x*(rand(R) * 60 - 30) rotate y*Around
             translate <-4 + Out * 0.9 * cos(radians(Around)), Up - Out * 0.3, Out * 0.6 * sin(radians(Around))> }
    #declare I = I + 1;
  #end
  cylinder { <-4, 12, 0>, <-4, 30, 0>, 0.7 }
  Part(4, Leaf)
}
