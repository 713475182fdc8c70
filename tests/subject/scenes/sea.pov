// Sea and sky of nearly one blue, a headland, sand in front and a boat with an ochre sail.
#version 3.7;
#include "part.inc"
#include "functions.inc"
camera { location <0, 7, -60> right x*4/3 look_at <0, 8, 0> angle 46 }
#if (!Ids) light_source { <-600, 500, -400> color rgb <1.5, 1.42, 1.25> } #end
Fill(<300, 500, -300>, rgb <0.20, 0.25, 0.34>)
#declare Sky = texture {
  pigment { bozo turbulence 0.9 octaves 6 lambda 2.3 color_map { [0.45 rgb <0.36, 0.50, 0.68>] [0.62 rgb <0.62, 0.66, 0.70>] [0.8 rgb <0.80, 0.80, 0.80>] } scale <900, 180, 900> }
  finish { ambient 0 diffuse 0 emission 0.9 }
}
#declare Sea = texture {
  pigment { color rgb <0.10, 0.20, 0.28> }
  normal { bumps 0.5 scale <5, 1, 1.6> turbulence 0.4 }
  finish { ambient 0.02 diffuse 0.5 specular 0.3 roughness 0.02 reflection { 0.05, 0.55 } }
}
#declare Land = Matt(rgb <0.20, 0.24, 0.14>, 0.35, 14)
#declare Sand = Matt(rgb <0.62, 0.50, 0.33>, 0.08, 1)
#declare Hull = Matt(rgb <0.22, 0.08, 0.05>, 0.08, 2)
#declare Sail = Matt(rgb <0.70, 0.42, 0.14>, 0.06, 4)
sphere { 0, 3000 inverse hollow no_shadow Part(1, Sky) }
plane { y, 0 Part(2, Sea) }
isosurface {
  function { y - 60 * exp(-pow(x / 150, 2)) * (0.8 + 0.4 * f_noise3d(x * 0.03, 0, z * 0.03)) + 6 * f_noise3d(x * 0.1, y * 0.1, z * 0.1) }
  contained_by { box { <-300, 0, -90>, <300, 80, 90> } } max_gradient 3
  translate <330, 0, 620> Part(3, Land)
}
isosurface {
  function { y - (0.9 - 0.07 * (z + 22) - 0.02 * x + 0.5 * f_noise3d(x * 0.05, 0, z * 0.05)) }
  contained_by { box { <-80, -3, -60>, <80, 6, 10> } } max_gradient 2
  Part(4, Sand)
}
union {
  intersection { sphere { 0, 1 scale <11, 4.6, 3.4> } plane { y, 0 } translate y*3.2 }
  cylinder { <-0.6, 2, 0>, <-0.6, 25, 0>, 0.3 }
  rotate y*-24 translate <-12, 0, 30> Part(5, Hull)
}
union {
  triangle { <-0.2, 24, 0>, <-0.2, 6, 0>, <10, 5.4, 1.5> }
  triangle { <-1.0, 22, 0>, <-1.0, 7, 0>, <-9, 5.4, 0.6> }
  rotate y*-24 translate <-12, 0, 30> Part(6, Sail)
}
