// Rocks in a river, a bank of grass, far woods and a pale sky.
#version 3.7;
#include "part.inc"
#include "functions.inc"
camera { location <0, 15, -70> right x*4/3 look_at <0, 9, 0> angle 44 }
#if (!Ids) light_source { <500, 450, -250> color rgb <1.45, 1.4, 1.25> } #end
Fill(<-300, 400, -300>, rgb <0.18, 0.22, 0.30>)
#declare Sky = texture { pigment { gradient y color_map { [0 rgb <0.82, 0.82, 0.78>] [0.2 rgb <0.66, 0.74, 0.80>] [1 rgb <0.40, 0.54, 0.70>] } scale 2000 } finish { ambient 0 diffuse 0 emission 0.95 } }
#declare Water = texture { pigment { color rgb <0.10, 0.13, 0.10> } normal { bumps 0.35 scale <6, 1, 1.4> turbulence 0.5 } finish { ambient 0.02 diffuse 0.4 reflection { 0.06, 0.6 } specular 0.3 } }
#declare Grass = texture { pigment { granite color_map { [0 rgb <0.20, 0.28, 0.07>] [0.5 rgb <0.34, 0.38, 0.12>] [1 rgb <0.14, 0.22, 0.05>] } scale 3 } normal { granite 0.8 scale 1.4 } finish { ambient 0.03 diffuse 0.8 } }
#declare Wood = texture { pigment { granite color_map { [0 rgb <0.10, 0.16, 0.12>] [1 rgb <0.22, 0.28, 0.22>] } scale 14 } normal { granite 0.9 scale 6 } finish { ambient 0.05 diffuse 0.7 } }
#declare Rock = Matt(rgb <0.36, 0.33, 0.30>, 0.25, 2)
sphere { 0, 3000 inverse hollow no_shadow Part(1, Sky) }
plane { y, 0 Part(2, Water) }
isosurface {
  function { y - (3.2 + 0.08 * (z - 20) + 5.0 * f_noise3d(x * 0.02, 3, z * 0.02) + 1.2 * f_noise3d(x * 0.08, 0, z * 0.08) - 7 / (1 + exp((z - 22 + 5 * sin(x * 0.06)) * 0.5))) }
  contained_by { box { <-140, -4, 4>, <140, 26, 150> } } max_gradient 5
  Part(3, Grass)
}
isosurface {
  function { y - (22 + 18 * f_noise3d(x * 0.05, 0, 0) + 8 * f_noise3d(x * 0.16, y * 0.16, z * 0.16)) }
  contained_by { box { <-300, 0, 150>, <300, 60, 190> } } max_gradient 4
  Part(4, Wood)
}
#macro Stone(Size, Turn, Place)
  isosurface {
    function { f_sphere(x, y, z, 1) + 0.30 * (f_noise3d(x * 1.6 + Turn, y * 1.6, z * 1.6) - 0.5) }
    contained_by { sphere { 0, 1.25 } } max_gradient 2.2
    scale Size rotate y*Turn translate Place
  }
#end
object { Stone(<13, 8, 9>, 20, <-18, 0, -14>) Part(5, Rock) }
object { Stone(<8, 5, 6>, 75, <12, 0, -2>) Part(6, Rock) }
object { Stone(<5, 3, 4>, 130, <27, 0, -22>) Part(7, Rock) }
