// Still life: a copper kettle, two aubergines, brown eggs in a blue-grey bowl and a folded ochre cloth
// on a slate shelf by a window. Units are centimetres; y is up; the window is on the left.
#version 3.7;
#include "functions.inc"
// Ids=1 renders, without light, what is one thing to an artist in a grey of its own: 20 times its number (see render).
#ifndef (Ids) #declare Ids = 0; #end
#macro Part(Number) texture { pigment { color srgb Number * 20 / 255 } finish { ambient 0 diffuse 0 emission 1 } } #end

#ifndef (Samples) #declare Samples = 11; #end

global_settings {
  assumed_gamma 1.0
  max_trace_level 10
  #if (!Ids)
  radiosity {
    pretrace_start 0.08
    pretrace_end 0.02
    count 70
    nearest_count 12
    error_bound 0.7
    recursion_limit 2
    low_error_factor 0.8
    gray_threshold 0.0
    minimum_reuse 0.008
    brightness 1.0
  }
  #end
}

#declare Focus = <2, 10, -6>;

camera {
  perspective
  location <6, 27, -112>
  right x*4/3
  look_at <2.2, 11.9, 0>
  angle 33
  #if (!Ids)
  focal_point Focus
  aperture 2.2
  blur_samples Samples
  confidence 0.9
  variance 1/1500
  #end
}

// ---- light ------------------------------------------------------------------------------------------

// Overcast window light; the panes are seen in the copper and on the aubergines.
#declare WindowX = -95;
light_source {
  <WindowX + 2, 48, -34>
  color rgb <1.00, 0.97, 0.92> * 2.25
  area_light <0, 0, 62>, <0, 66, 0>, 5, 5
  adaptive 0
  jitter
  fade_distance 95
  fade_power 2
}

#declare Pane = texture {
  pigment { color rgb <0.90, 0.97, 1.06> }
  finish { ambient 0 diffuse 0 emission 2.6 }
}

union {
  box { <WindowX, 14, -66>, <WindowX + 0.2, 46, -36> }
  box { <WindowX, 14, -32>, <WindowX + 0.2, 46, -2> }
  box { <WindowX, 50, -66>, <WindowX + 0.2, 84, -36> }
  box { <WindowX, 50, -32>, <WindowX + 0.2, 84, -2> }
  texture { Pane }
  no_shadow
}

// ---- room -------------------------------------------------------------------------------------------

#declare Plaster = texture {
  pigment {
    bozo
    turbulence 0.6
    omega 0.62
    color_map {
      [0.0 color rgb <0.250, 0.245, 0.225>]
      [0.5 color rgb <0.300, 0.292, 0.265>]
      [1.0 color rgb <0.345, 0.335, 0.300>]
    }
    scale 26
  }
  normal {
    average
    normal_map {
      [1.0 bumps 0.35 scale 2.4]
      [0.8 granite 0.20 scale 9]
      [0.5 wrinkles 0.35 scale 6]
    }
  }
  finish { diffuse 0.85 roughness 0.2 specular 0.02 }
}
#if (Ids) #declare Plaster = Part(1) #end

plane { -z, -34 texture { Plaster } }                                          // wall behind
box { <-96, -40, 36>, <-95, 120, -150> texture { Plaster } }                   // wall with the window
plane { -x, -120 pigment { color rgb <0.34, 0.27, 0.21> } finish { diffuse 0.7 } }
plane { -y, -140 pigment { color rgb 0.55 } finish { diffuse 0.8 } }
plane { y, -80 pigment { color rgb <0.14, 0.09, 0.06> } finish { diffuse 0.7 } }
plane { z, -170 pigment { color rgb <0.20, 0.18, 0.17> } finish { diffuse 0.7 } }

// ---- slate shelf -------------------------------------------------------------------------------------

#declare Slate = texture {
  pigment {
    wrinkles
    turbulence 0.5
    color_map {
      [0.00 color rgb <0.034, 0.040, 0.048>]
      [0.45 color rgb <0.056, 0.063, 0.073>]
      [0.75 color rgb <0.078, 0.086, 0.096>]
      [1.00 color rgb <0.105, 0.110, 0.116>]
    }
    scale <22, 3, 12>
    rotate y*17
  }
  normal {
    average
    normal_map {
      [1.0 wrinkles 0.55 scale <9, 2, 5> rotate y*17]
      [0.7 granite 0.22 scale 5]
      [0.5 bumps 0.30 scale 0.5]
    }
  }
  finish { diffuse 0.85 specular 0.14 roughness 0.045 reflection { 0.01, 0.16 fresnel on } conserve_energy }
}
#if (Ids) #declare Slate = Part(2) #end
// A slab with a rounded front edge.
union {
  box { <-111, -4.2, -18.2>, <111, 0, 34> }
  box { <-111, -3.6, -18.8>, <111, -0.6, 34> }
  cylinder { <-111, -0.6, -18.2>, <111, -0.6, -18.2>, 0.6 }
  cylinder { <-111, -3.6, -18.2>, <111, -3.6, -18.2>, 0.6 }
  texture { Slate }
  interior { ior 1.45 }
}

// ---- kettle ------------------------------------------------------------------------------------------

#declare Copper = texture {
  pigment {
    bozo
    turbulence 0.8
    color_map {
      [0.0 color rgb <0.56, 0.215, 0.105>]
      [0.6 color rgb <0.64, 0.265, 0.135>]
      [1.0 color rgb <0.50, 0.170, 0.090>]
    }
    scale <7, 4, 7>
  }
  normal {
    average
    normal_map {
      [1.0 bumps 0.05 scale <1.8, 0.7, 1.8>]
      [1.0 bumps 0.10 scale <0.25, 0.06, 0.25>]
      [1.0 dents 0.05 scale 3]
    }
  }
  finish {
    diffuse 0.34
    specular 0.55
    roughness 0.035
    metallic
    brilliance 1.6
    reflection { 0.36, 0.52 metallic }
    conserve_energy
  }
}
#if (Ids) #declare Copper = Part(3) #end
#declare DarkCopper = texture {
  pigment { color rgb <0.30, 0.115, 0.065> }
  finish { diffuse 0.35 specular 0.4 roughness 0.04 metallic reflection { 0.20, 0.36 metallic } conserve_energy }
}
#if (Ids) #declare DarkCopper = Part(3) #end

#declare Kettle = union {
  lathe {
    cubic_spline 15,
    <6.0, -0.6>, <8.6, 0.0>, <9.7, 0.5>, <11.3, 3.0>, <11.75, 6.2>, <11.1, 9.2>, <9.1, 11.8>, <6.9, 13.3>,
    <5.75, 13.95>, <5.55, 14.55>, <5.85, 15.0>, <6.05, 15.1>, <6.0, 15.3>, <5.5, 15.35>, <5.0, 15.2>
    texture { Copper }
  }
  torus { 9.95, 0.28 translate y*0.45 texture { DarkCopper } }
  torus { 5.75, 0.20 translate y*14.2 texture { Copper } }
  // lid
  lathe {
    cubic_spline 8,
    <5.9, 15.0>, <5.6, 15.35>, <4.4, 16.35>, <2.6, 17.15>, <1.1, 17.5>, <0.75, 17.9>, <0.62, 18.4>, <0.6, 18.8>
    texture { Copper }
  }
  sphere { 0, 1.35 scale <1, 0.88, 1> translate y*19.3 texture { DarkCopper } }
  // spout
  difference {
    sphere_sweep {
      b_spline 8,
      <7.0, 3.2, 0>, 3.1, <9.6, 4.4, 0>, 2.9, <12.6, 6.2, 0>, 2.2, <14.9, 9.2, 0>, 1.65,
      <16.6, 12.4, 0>, 1.38, <18.6, 14.6, 0>, 1.25, <20.6, 15.6, 0>, 1.2, <22.6, 16.2, 0>, 1.2
      tolerance 0.0001
    }
    cylinder { <19.6, 15.25, 0>, <24, 16.6, 0>, 0.8 }
    plane { -x, 0 rotate z*32 translate <20.2, 15.5, 0> }
    texture { Copper }
  }
  // bail handle with its two ears
  sphere_sweep {
    b_spline 11,
    <-8.2, 9.2, 0>, 0.52, <-8.3, 12.2, 0>, 0.52, <-8.8, 15.6, 0>, 0.52, <-9.0, 19.6, 0>, 0.52, <-7.4, 24.6, 0>, 0.60, <0.0, 27.6, 0>, 0.95,
    <7.4, 24.6, 0>, 0.60, <9.0, 19.6, 0>, 0.52, <8.8, 15.6, 0>, 0.52, <8.3, 12.2, 0>, 0.52, <8.2, 9.2, 0>, 0.52
    tolerance 0.0001
    texture { DarkCopper }
  }
  sphere { <-8.3, 12.2, 0>, 1.05 texture { Copper } }
  sphere { <8.3, 12.2, 0>, 1.05 texture { Copper } }
}
object { Kettle rotate y*-14 translate <-9.5, 0.1, 6.5> }

// ---- aubergines --------------------------------------------------------------------------------------

#declare Skin = texture {
  pigment {
    bozo
    turbulence 0.4
    color_map {
      [0.0 color rgb <0.040, 0.0085, 0.036>]
      [0.7 color rgb <0.062, 0.0130, 0.052>]
      [1.0 color rgb <0.105, 0.0260, 0.072>]
    }
    scale <9, 3, 3>
  }
  normal { bumps 0.05 scale <3, 0.6, 0.6> }
  finish { diffuse 0.9 specular 0.55 roughness 0.012 reflection { 0.03, 0.85 fresnel on } conserve_energy }
}
#declare Calyx = texture {
  pigment {
    bozo
    turbulence 0.7
    color_map {
      [0.0 color rgb <0.105, 0.150, 0.050>]
      [0.6 color rgb <0.165, 0.205, 0.080>]
      [1.0 color rgb <0.120, 0.085, 0.060>]
    }
    scale <1.6, 0.5, 0.5>
  }
  normal { wrinkles 0.5 scale <1.2, 0.25, 0.25> }
  finish { diffuse 0.8 specular 0.12 roughness 0.06 }
}

// Lies along x with the stem at +x.
#macro Aubergine(Number)
union {
  sphere_sweep {
    b_spline 8,
    <-10.2, 0.1, 0.3>, 3.6, <-8.2, 0, 0>, 4.4, <-5.2, -0.1, -0.2>, 4.75, <-1.8, 0.1, -0.3>, 4.35, <1.8, 0.45, -0.2>, 3.55,
    <5.0, 0.9, 0.1>, 2.85, <7.6, 1.35, 0.4>, 2.4, <9.4, 1.7, 0.6>, 1.9
    tolerance 0.0001
    #if (Ids) Part(Number) #else texture { Skin } #end
    interior { ior 1.5 }
  }
  union {
    #local I = 0;
    #while (I < 6)
      sphere_sweep {
        b_spline 6,
        <9.9, 0, 0>, 0.85, <8.9, 0.7, 0>, 1.05, <7.9, 1.75, 0>, 0.95, <6.5, 2.22, 0>, 0.72, <4.9 - 0.5*mod(I, 3), 2.42, 0>, 0.34, <3.6 - 0.5*mod(I, 3), 2.7, 0>, 0.05
        tolerance 0.0001
        rotate x*(60*I + 11*mod(I*7, 3))
      }
      #local I = I + 1;
    #end
    sphere_sweep {
      b_spline 6,
      <7.6, 0, 0>, 1.2, <8.8, 0, 0>, 1.1, <10.4, 0.2, 0.1>, 0.72, <12.2, 0.9, 0.3>, 0.62, <13.6, 1.8, 0.6>, 0.72, <14.4, 2.6, 0.8>, 0.8
      tolerance 0.0001
    }
    translate <0.05, 1.25, 0.35>
    #if (Ids) Part(Number) #else texture { Calyx } #end
  }
}
#end
object { Aubergine(4) rotate x*35 rotate y*-38 translate <10.2, 4.75, -9.0> }
object { Aubergine(5) scale 0.93 rotate x*-60 rotate y*24 translate <24.6, 4.3, -3.5> }

// ---- bowl with eggs ----------------------------------------------------------------------------------

#declare Glaze = texture {
  pigment {
    granite
    turbulence 0.2
    color_map {
      [0.00 color rgb <0.190, 0.255, 0.315>]
      [0.62 color rgb <0.235, 0.305, 0.365>]
      [0.80 color rgb <0.275, 0.340, 0.390>]
      [0.90 color rgb <0.130, 0.150, 0.165>]
      [1.00 color rgb <0.270, 0.335, 0.385>]
    }
    scale 3.2
  }
  normal { bumps 0.04 scale <3, 0.5, 3> }
  finish { diffuse 0.82 specular 0.35 roughness 0.02 reflection { 0.02, 0.5 fresnel on } conserve_energy }
}
#if (Ids) #declare Glaze = Part(6) #end
#declare Bowl = lathe {
  cubic_spline 19,
  <2.8, 0.9>, <3.4, 0.0>, <4.1, 0.05>, <4.35, 0.6>, <4.5, 1.0>, <6.6, 2.2>, <8.3, 4.0>, <9.35, 6.2>, <9.7, 7.5>,
  <9.68, 7.78>, <9.42, 7.80>, <9.25, 7.5>, <8.85, 6.2>, <7.8, 4.3>, <6.1, 2.6>, <4.0, 1.7>, <2.0, 1.4>, <0.3, 1.35>, <0.0, 1.35>
  texture { Glaze }
  interior { ior 1.5 }
}

#macro Egg(R, G, B)
  union {
    intersection { sphere { 0, 1 scale <2.25, 3.25, 2.25> } plane { -y, 0 } }
    intersection { sphere { 0, 1 scale <2.25, 2.45, 2.25> } plane { y, 0 } }
    #if (Ids) Part(7) #else
    texture {
      pigment {
        granite
        color_map {
          [0.00 color rgb <R, G, B>]
          [0.70 color rgb <R, G, B>*0.95]
          [0.86 color rgb <R, G, B>*0.80]
          [1.00 color rgb <R, G, B>*1.04]
        }
        scale 1.4
      }
      normal { bumps 0.09 scale 0.12 }
      finish { diffuse 0.88 specular 0.08 roughness 0.07 }
    }
    #end
  }
#end

union {
  object { Bowl }
  object { Egg(0.52, 0.285, 0.165) rotate z*72 rotate y*28 translate <-3.6, 6.2, -3.1> }
  object { Egg(0.60, 0.360, 0.225) rotate z*-64 rotate y*-22 translate <3.3, 6.3, -3.2> }
  object { Egg(0.47, 0.245, 0.140) rotate z*80 rotate y*84 translate <0.4, 6.4, 3.0> }
  object { Egg(0.57, 0.330, 0.195) rotate z*38 rotate x*-18 rotate y*-70 translate <-0.2, 8.7, -0.9> }
  translate <19.0, 0.1, 13.5>
}

// ---- folded cloth ------------------------------------------------------------------------------------

// The cloth follows an S-shaped path (three layers, then over the shelf's edge) and is swept along x with soft wrinkles.
#declare fNoise = function { pigment { bozo turbulence 0.35 color_map { [0 rgb 0] [1 rgb 1] } } }
#declare PathPoints = array[21] {
  <0, 0.25, 6.5>, <0, 0.28, 2.0>, <0, 0.30, -3.0>, <0, 0.35, -7.0>, <0, 0.75, -8.0>, <0, 1.18, -7.0>, <0, 1.22, -2.0>,
  <0, 1.24, 3.0>, <0, 1.30, 6.6>, <0, 1.85, 7.6>, <0, 2.35, 6.6>, <0, 2.34, 2.0>, <0, 2.28, -4.0>, <0, 2.20, -9.5>,
  <0, 1.75, -14.5>, <0, 0.95, -17.6>, <0, -0.50, -18.85>, <0, -3.5, -19.2>, <0, -7.5, -19.3>, <0, -11.0, -19.25>, <0, -14.0, -19.2>
}
#declare Path = spline {
  natural_spline
  #local I = 0;
  #while (I < 21) I/20, PathPoints[I] #local I = I + 1; #end
}
#declare NU = 340;
#declare NV = 200;
#declare ClothWidth = 21;
#macro ClothPoint(U, V)
  #local P = Path(U);
  #local Q = Path(min(U + 0.002, 1));
  #local O = Path(max(U - 0.002, 0));
  #local T = vnormalize(Q - O);
  #local N = <0, T.z, -T.y>;
  #local S = V*ClothWidth;
  #local W = 0.55*(fNoise(S/7.0, U*6, 1.3).gray - 0.5) + 0.22*(fNoise(S/2.6, U*14, 7.7).gray - 0.5);
  #local Hang = max(0, (U - 0.72)/0.28);
  #local Fold = Hang*(0.95*sin(S*0.62 + 0.8) + 0.35*sin(S*1.35 + 2.2))*min(1, Hang*1.6);
  #local P2 = P - N*(W*(0.5 + 1.1*Hang)) + <S - ClothWidth/2 + 0.5*Hang*sin(S*0.5), 0, -abs(Fold) - 0.15*Hang>;
  #local Sag = 0.55*(fNoise(S/5.0 + 3, P.z/9, 2.1).gray - 0.5);
  (P2 + <0.5*(fNoise(U*9, 4.4, V*0.2).gray - 0.5), Sag*max(0, 1 - Hang*4), 0>)
#end
mesh2 {
  vertex_vectors {
    (NU + 1)*(NV + 1)
    #local I = 0;
    #while (I <= NU)
      #local J = 0;
      #while (J <= NV)
        , ClothPoint(I/NU, J/NV)
        #local J = J + 1;
      #end
      #local I = I + 1;
    #end
  }
  uv_vectors {
    (NU + 1)*(NV + 1)
    #local I = 0;
    #while (I <= NU)
      #local J = 0;
      #while (J <= NV)
        , <I/NU, J/NV>
        #local J = J + 1;
      #end
      #local I = I + 1;
    #end
  }
  face_indices {
    2*NU*NV
    #local I = 0;
    #while (I < NU)
      #local J = 0;
      #while (J < NV)
        #local A = I*(NV + 1) + J;
        , <A, A + 1, A + NV + 1>, <A + 1, A + NV + 2, A + NV + 1>
        #local J = J + 1;
      #end
      #local I = I + 1;
    #end
  }
  uv_mapping
  #if (Ids) Part(8) #else
  texture {
    pigment {
      gradient x
      color_map {
        [0.000 color rgb <0.510, 0.300, 0.068>]
        [0.905 color rgb <0.530, 0.315, 0.074>]
        [0.906 color rgb <0.300, 0.130, 0.045>]
        [0.918 color rgb <0.300, 0.130, 0.045>]
        [0.919 color rgb <0.530, 0.315, 0.074>]
        [0.930 color rgb <0.530, 0.315, 0.074>]
        [0.931 color rgb <0.300, 0.130, 0.045>]
        [0.937 color rgb <0.300, 0.130, 0.045>]
        [0.938 color rgb <0.510, 0.300, 0.068>]
        [1.000 color rgb <0.510, 0.300, 0.068>]
      }
    }
    normal {
      average
      normal_map {
        [1.0 gradient x 0.30 sine_wave scale 0.0035]
        [1.0 gradient y 0.30 sine_wave scale 0.0075]
        [0.8 bumps 0.35 scale <0.02, 0.05, 0.02>]
      }
    }
    finish { diffuse 0.85 specular 0.02 roughness 0.2 }
  }
  #end
  rotate y*9
  translate <-22.0, 0.05, -2.6>
}
