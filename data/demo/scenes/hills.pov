// Terraced tea hills at first light, with mist in the valley and a tin-roofed hut. Units are metres; y is up; the sun
// stands low on the left, a little behind the hills.
#version 3.7;
#include "functions.inc"
// Ids=1 renders, without light, what is one thing to an artist in a grey of its own: 20 times its number (see render).
#ifndef (Ids) #declare Ids = 0; #end
#macro Part(Number) texture { pigment { color srgb Number * 20 / 255 } finish { ambient 0 diffuse 0 emission 1 } } #end

#ifndef (Fine) #declare Fine = 1; #end   // 0: quick look

global_settings {
  assumed_gamma 1.0
  max_trace_level 6
  #if (!Ids)
  radiosity {
    pretrace_start 0.08
    pretrace_end 0.02
    count 60
    nearest_count 8
    error_bound 0.9
    recursion_limit 1
    brightness 1.3
  }
  #end
}

camera {
  perspective
  location <0, 46, -150>
  right x*4/3
  look_at <6, 33, 0>
  angle 40
}

// ---- sky and sun -------------------------------------------------------------------------------------

light_source {
  <-900, 330, 60>
  color rgb <1.00, 0.70, 0.42> * 5.2
  parallel
  point_at <0, 20, 40>
  area_light <14, 0, 8>, <0, 16, 0>, 4, 4
  adaptive 0
  jitter
}

#if (Ids)
background { color srgb 1 * 20 / 255 }
#else
sky_sphere {
  pigment {
    gradient y
    color_map {
      [0.00 color rgb <0.96, 0.66, 0.42>]
      [0.07 color rgb <0.90, 0.66, 0.50>]
      [0.18 color rgb <0.62, 0.60, 0.62>]
      [0.40 color rgb <0.36, 0.46, 0.60>]
      [1.00 color rgb <0.17, 0.26, 0.44>]
    }
  }
  pigment {
    wrinkles
    turbulence 0.75
    omega 0.6
    color_map {
      [0.00 color rgbt <1, 0.80, 0.62, 1>]
      [0.50 color rgbt <1, 0.80, 0.62, 1>]
      [0.78 color rgbt <1.0, 0.78, 0.60, 0.45>]
      [1.00 color rgbt <1.0, 0.86, 0.74, 0.25>]
    }
    scale <0.9, 0.09, 0.5>
    rotate z*4
  }
}
#end

// Thin haze up to the ridges, thick mist low in the valley; the sky above stays clear.
#if (!Ids)
fog { fog_type 2 distance 760 fog_offset 20 fog_alt 30 color rgb <1.02, 0.98, 1.04> }
fog { fog_type 2 distance 85 fog_offset 5 fog_alt 3.4 color rgb <1.45, 1.34, 1.26> turbulence <18, 4, 18> turb_depth 0.55 }
#end

// ---- land --------------------------------------------------------------------------------------------

// Height of the bare land at x, z: ridges that fall towards the valley in the middle.
#declare fRidge = function(x, z, cx, cz, w, d, h) { h*exp(-pow((x - cx)/w, 2) - pow((z - cz)/d, 2)) }
#declare fLand = function(x, z) {
  fRidge(x, z, -62, -38, 46, 60, 40) + fRidge(x, z, 74, 14, 44, 46, 46) + fRidge(x, z, -48, 70, 50, 40, 40)
  + fRidge(x, z, 34, 118, 66, 36, 42) + fRidge(x, z, -112, 150, 80, 50, 64) + fRidge(x, z, 20, -128, 90, 34, 27)
  + fRidge(x, z, 120, 190, 90, 46, 72)
  + 5.0*f_noise3d(x/34, 3.3, z/34) + 1.6*f_noise3d(x/12, 8.1, z/12) + 0.55*f_noise3d(x/3.1, 4.7, z/3.1)
}
// Tea grows in clipped hedges along the contours: terraces of 2.3 m with a rounded hedge on each and a path between.
#declare TerraceStep = 2.3;
#declare fFrac = function(h) { h/TerraceStep - floor(h/TerraceStep) }
#declare fHedge = function(f) { select(f - 0.86, pow(max(0, sin(pi*f/0.86)), 0.40), 0) }
#declare fTea = function(x, z, h) {
  TerraceStep*(floor(h/TerraceStep) + 0.22 + 0.78*pow(fFrac(h), 2.6))
  + 1.15*fHedge(fFrac(h))*(0.74 + 0.5*f_noise3d(x*0.8, 0.5, z*0.8))
  + 0.34*f_noise3d(x*3.1, 2.5, z*3.1)*fHedge(fFrac(h))
}
#declare X0 = -190; #declare X1 = 210; #declare Z0 = -140; #declare Z1 = 250;
#declare HMax = 90;
#declare Res = (Fine ? 4200 : 1500);

#declare Tea = texture {
  pigment {
    bozo
    turbulence 0.7
    color_map {
      [0.00 color rgb <0.030, 0.066, 0.016>]
      [0.35 color rgb <0.052, 0.112, 0.024>]
      [0.60 color rgb <0.082, 0.150, 0.032>]
      [0.85 color rgb <0.135, 0.200, 0.046>]
      [1.00 color rgb <0.070, 0.110, 0.030>]
    }
    scale 1.1
  }
  normal { bumps 0.6 scale 0.22 }
  finish { diffuse 0.95 specular 0.05 roughness 0.08 brilliance 0.9 }
}
#declare Path = texture {
  pigment {
    bozo
    turbulence 0.6
    color_map {
      [0.0 color rgb <0.150, 0.084, 0.045>]
      [1.0 color rgb <0.095, 0.078, 0.040>]
    }
    scale 0.9
  }
  normal { bumps 0.4 scale 0.3 }
  finish { diffuse 0.9 }
}

// The part that a place belongs to: the near hill on the left, the hut's, those behind them, the one in front.
#declare fLeft = function(x, z) { fRidge(x, z, -62, -38, 46, 60, 40) }
#declare fHut = function(x, z) { fRidge(x, z, 74, 14, 44, 46, 46) }
#declare fBehindLeft = function(x, z) { max(fRidge(x, z, -48, 70, 50, 40, 40), fRidge(x, z, -112, 150, 80, 50, 64)) }
#declare fBehind = function(x, z) { max(fRidge(x, z, 34, 118, 66, 36, 42), fRidge(x, z, 120, 190, 90, 46, 72)) }
#declare fFront = function(x, z) { fRidge(x, z, 20, -128, 90, 34, 27) }
#declare fMost = function(x, z) { max(fLeft(x, z), fHut(x, z), fBehindLeft(x, z), fBehind(x, z), fFront(x, z)) }
#declare fHill = function(x, z) {
  select(fLeft(x, z) - fMost(x, z), select(fHut(x, z) - fMost(x, z), select(fBehindLeft(x, z) - fMost(x, z), select(fBehind(x, z) - fMost(x, z), 9.5, 8.5), 7.5), 6.5), 5.5)
}

height_field {
  function Res, Res { fTea(X0 + x*(X1 - X0), Z0 + (1 - y)*(Z1 - Z0), fLand(X0 + x*(X1 - X0), Z0 + (1 - y)*(Z1 - Z0)))/HMax }
  scale <X1 - X0, HMax, Z1 - Z0>
  translate <X0, 0, Z0>
  #if (Ids)
  // by the hill that it belongs to
  texture {
    pigment { function { fHill(x, z) / 10 } color_map { #local I = 0; #while (I < 10) [I/10 color srgb I * 20 / 255] [(I + 1)/10 color srgb I * 20 / 255] #local I = I + 1; #end } }
    finish { ambient 0 diffuse 0 emission 1 }
  }
  #else
  texture {
    // hedge or path, by where the land's height falls in its terrace
    pigment_pattern {
      function { fHedge(fFrac(fLand(x, z))) }
      color_map { [0 rgb 0] [1 rgb 1] }
    }
    texture_map {
      [0.00 Path]
      [0.06 Path]
      [0.16 Tea]
      [1.00 Tea]
    }
  }
  #end
}

// Far ranges, each paler than the one before.
#macro Range(Number, Z, Base, High, Seed, Tone)
  prism {
    linear_sweep
    linear_spline
    0, 1, 163
    <-900, -60>
    #local I = 0;
    #while (I <= 160)
      #local X = -900 + I*11.25;
      #local H = Base + High*(0.75*f_noise3d(X/260 + Seed, 0.3, 0.7) + 0.2*f_noise3d(X/70 + Seed, 2.3, 0.7) + 0.05*f_noise3d(X/14 + Seed, 1.3, 0.7));
      , <X, H>
      #local I = I + 1;
    #end
    , <900, -60>
    rotate x*-90
    translate z*Z
    #if (Ids) Part(Number) #else
    pigment { color rgb Tone }
    finish { diffuse 0.7 }
    #end
  }
#end
Range(4, 330, 26, 84, 3.7, <0.10, 0.15, 0.17>)
Range(3, 520, 44, 120, 11.2, <0.11, 0.15, 0.21>)
Range(2, 820, 66, 190, 21.9, <0.13, 0.17, 0.26>)

// ---- trees -------------------------------------------------------------------------------------------

#declare Leaf = texture {
  pigment {
    bozo
    color_map {
      [0.0 color rgb <0.018, 0.036, 0.014>]
      [0.6 color rgb <0.036, 0.062, 0.020>]
      [1.0 color rgb <0.075, 0.096, 0.028>]
    }
    scale 0.5
  }
  finish { diffuse 0.9 }
}
#if (Ids) #declare Leaf = Part(10) #end
#declare Bark = texture { pigment { color rgb <0.085, 0.062, 0.046> } normal { wrinkles 0.6 scale <0.2, 1, 0.2> } finish { diffuse 0.85 } }
#if (Ids) #declare Bark = Part(10) #end

// A shade tree: a leaning trunk with a few boughs, each with a cloud of small leaf clumps.
#macro Tree(Seed, Height)
  #local R = seed(Seed);
  union {
    #local Lean = <0.10*Height*(rand(R) - 0.5), 0, 0.10*Height*(rand(R) - 0.5)>;
    cone { <0, -1, 0>, 0.045*Height, Lean + y*0.62*Height, 0.018*Height texture { Bark } }
    #local B = 0;
    #while (B < 9)
      #local A = 2*pi*rand(R);
      #local Y = Height*(0.50 + 0.46*rand(R));
      #local Reach = Height*(0.12 + 0.24*rand(R))*(1.25 - Y/Height);
      #local End = Lean + <Reach*cos(A)*1.5, Y, Reach*sin(A)*1.5>;
      cone { Lean*0.8 + y*(0.36*Height + 0.2*(Y - 0.4*Height)), 0.013*Height, End, 0.004*Height texture { Bark } }
      #local C = 0;
      #while (C < (Fine ? 520 : 60))
        #local D = <rand(R) - 0.5, rand(R) - 0.5, rand(R) - 0.5>;
        #if (vlength(D) < 0.5)
          sphere {
            0, 0.0135*Height*(0.6 + 0.9*rand(R))
            scale <1.3, 0.5, 1.1>
            rotate <40*rand(R), 360*rand(R), 40*rand(R)>
            translate End + D*<0.36, 0.20, 0.36>*Height
          }
        #end
        #local C = C + 1;
      #end
      #local B = B + 1;
    #end
    texture { Leaf }
  }
#end
#macro Plant(Seed, Height, X, Z) object { Tree(Seed, Height) translate <X, fLand(X, Z) - 0.5, Z> } #end
Plant(5, 12.5, -45, -68)
Plant(17, 10.5, -31, -20)
Plant(29, 12, 46, -22)
Plant(41, 10, 61, -2)
Plant(57, 11, 15, 82)
Plant(63, 10, -28, 58)
Plant(79, 12, 38, 96)
Plant(83, 10, -66, 74)
Plant(97, 11, 88, 30)
Plant(103, 9, 24, 22)

// ---- hut ---------------------------------------------------------------------------------------------

#declare Plank = texture {
  pigment {
    wood
    turbulence 0.15
    color_map {
      [0.0 color rgb <0.16, 0.105, 0.070>]
      [0.6 color rgb <0.23, 0.155, 0.105>]
      [1.0 color rgb <0.12, 0.085, 0.064>]
    }
    scale <0.25, 4, 0.25>
  }
  normal { gradient x 0.9 ramp_wave scale 0.34 }
  finish { diffuse 0.9 }
}
#if (Ids) #declare Plank = Part(11) #end
#declare Tin = texture {
  pigment {
    bozo
    turbulence 0.9
    omega 0.65
    color_map {
      [0.00 color rgb <0.50, 0.51, 0.52>]
      [0.55 color rgb <0.46, 0.46, 0.47>]
      [0.68 color rgb <0.34, 0.20, 0.12>]
      [1.00 color rgb <0.26, 0.12, 0.07>]
    }
    scale <1.6, 1.6, 3.0>
  }
  finish { diffuse 0.55 specular 0.45 roughness 0.06 metallic 0.5 reflection { 0.10 metallic } }
}
#if (Ids) #declare Tin = Part(12) #end
// One slope of the roof: corrugations run down it.
#declare Slope = union {
  #local I = 0;
  #while (I < 44)
    cylinder { <I*0.21, 0, -0.5>, <I*0.21, 0, 4.0>, 0.095 }
    #local I = I + 1;
  #end
  box { <-0.1, -0.06, -0.5>, <9.13, 0.03, 4.0> }
  translate <-4.5, 0, -4.0>
  texture { Tin }
}
#declare Hut = union {
  difference {
    union {
      box { <-3.9, -3, -2.8>, <3.9, 3.0, 2.8> }
      prism { linear_sweep linear_spline -3.9, 3.9, 4, <-2.8, 3.0>, <0, 4.9>, <2.8, 3.0>, <-2.8, 3.0> rotate z*90 rotate x*0 matrix <1,0,0, 0,1,0, 0,0,1, 0,0,0> }
    }
    box { <-1.0, -3, -3.0>, <0.3, 2.1, -2.5> }
    box { <1.5, 0.8, -3.0>, <2.8, 2.0, -2.5> }
    box { <-3.0, 0.8, -3.0>, <-1.9, 2.0, -2.5> }
    texture { Plank }
  }
  box { <-1.0, -3, -2.55>, <0.3, 2.1, -2.5> #if (Ids) Part(11) #else pigment { color rgb <0.045, 0.035, 0.030> } #end }
  box { <1.5, 0.8, -2.55>, <2.8, 2.0, -2.5> #if (Ids) Part(11) #else pigment { color rgb <0.9, 0.55, 0.22> } finish { emission 0.5 diffuse 0.3 } #end }
  box { <2.10, 0.8, -2.75>, <2.20, 2.0, -2.6> texture { Plank } }
  box { <1.5, 1.36, -2.75>, <2.8, 1.44, -2.6> texture { Plank } }
  box { <-3.0, 0.8, -2.55>, <-1.9, 2.0, -2.5> #if (Ids) Part(11) #else pigment { color rgb <0.050, 0.050, 0.055> } #end }
  object { Slope rotate x*-33 translate y*5.05 }
  object { Slope rotate x*-33 translate y*5.05 scale <1, 1, -1> }
  cylinder { <2.3, 3.5, 1.2>, <2.3, 6.4, 1.2>, 0.22 texture { Tin } }
}
object { Hut scale 1.28 rotate y*30 translate <34, 26.6, -22> }
