// Two houses in the evening sun, each with a lit and a dark side, a road with their shadows and a tree.
#version 3.7;
#include "part.inc"
camera { location <-4, 16, -95> right x*4/3 look_at <0, 17, 0> angle 46 }
#if (!Ids) light_source { <-500, 330, -420> color rgb <1.6, 1.38, 1.05> } #end
Fill(<300, 400, -300>, rgb <0.20, 0.24, 0.33>)
#declare Sky = texture { pigment { gradient y color_map { [0 rgb <0.80, 0.70, 0.56>] [0.25 rgb <0.50, 0.60, 0.72>] [1 rgb <0.25, 0.38, 0.58>] } scale 2000 } finish { ambient 0 diffuse 0 emission 1 } }
#declare Road = Matt(rgb <0.30, 0.28, 0.26>, 0.15, 2)
#declare Lime = Matt(rgb <0.78, 0.74, 0.66>, 0.06, 8)
#declare Rose = Matt(rgb <0.62, 0.34, 0.26>, 0.08, 8)
#declare Tiles = texture { pigment { brick color rgb <0.16, 0.06, 0.04>, color rgb <0.36, 0.12, 0.07> brick_size <3, 2, 3> mortar 0.3 } finish { ambient 0.03 diffuse 0.8 } }
#declare Slate = texture { pigment { brick color rgb <0.08, 0.09, 0.11>, color rgb <0.17, 0.19, 0.23> brick_size <3, 2, 3> mortar 0.3 } finish { ambient 0.03 diffuse 0.8 } }
#declare Leaves = Matt(rgb <0.12, 0.22, 0.06>, 0.5, 3)
#macro House(Broad, High, Deep) box { <-Broad, 0, 0>, <Broad, High, Deep> } #end
#macro Roof(Broad, Top, Deep, Rise) prism { linear_sweep linear_spline -1.5, Deep + 1.5, 4 <-Broad - 2, 0>, <Broad + 2, 0>, <0, Rise>, <-Broad - 2, 0> rotate x*-90 scale <1, 1, -1> translate y*Top } #end
sphere { 0, 3000 inverse hollow no_shadow Part(1, Sky) }
plane { y, 0 Part(2, Road) }
union { House(15, 22, 30) rotate y*-32 translate <-24, 0, 5> Part(3, Lime) }
union { Roof(15, 22, 30, 13) rotate y*-32 translate <-24, 0, 5> Part(4, Tiles) }
union { House(13, 28, 26) rotate y*36 translate <30, 0, 6> Part(5, Rose) }
union { Roof(13, 28, 26, 10) rotate y*36 translate <30, 0, 6> Part(6, Slate) }
#declare R = seed(3);
union {
  cylinder { <0, 0, 0>, <0, 16, 0>, 1.2 }
  #declare I = 0;
  #while (I < 900)
    #declare A = rand(R) * 360; #declare B = rand(R) * 180 - 90; #declare D = pow(rand(R), 0.4);
    sphere { <9 * D * cos(radians(A)) * cos(radians(B)), 21 + 11 * D * sin(radians(B)), 9 * D * sin(radians(A)) * cos(radians(B))>, 1.1 }
    #declare I = I + 1;
  #end
  translate <4, 0, 4> Part(7, Leaves)
}
