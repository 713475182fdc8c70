// A sheet that is worked on, taped to a board on an easel, photographed in the light of a window and of a lamp. Units
// are centimetres; y is up; the window is on the left. It takes sheet.png, the picture that lies on it, from where it
// is rendered, and writes corners.txt there: the picture's corners in shares of the photograph, clockwise from the upper
// left. What may be declared on the command line:
//   SheetHeight           its height; it is 40 cm wide
//   Aside, Above, Turned  where the camera stands (cm) and how far it is turned (degrees)
//   Lamp                  how strong the lamp is beside the window, 0 to 1
//   GreyCard              1 where a card of 18 % is clipped to the board
#version 3.7;
#include "transforms.inc"
#ifndef (SheetHeight) #declare SheetHeight = 30; #end
#ifndef (Aside) #declare Aside = 12; #end
#ifndef (Above) #declare Above = 4; #end
#ifndef (Turned) #declare Turned = 1; #end
#ifndef (Lamp) #declare Lamp = 0.35; #end
#ifndef (GreyCard) #declare GreyCard = 0; #end

global_settings {
  assumed_gamma 1.0
  radiosity {
    pretrace_start 0.08
    pretrace_end 0.02
    count 60
    nearest_count 10
    error_bound 0.8
    recursion_limit 2
  }
}

#declare SheetWidth = 40;
#declare Tape = 1.2;
// The board leans back; its middle is 120 cm above the floor.
#declare Lean = transform { rotate x*12 translate <0, 120, 0> }

camera {
  perspective
  right x*4/3
  sky vrotate(y, z*Turned)
  location <Aside, 120 + Above, -78>
  look_at <0.6, 119.4, 0>
  angle 44
}

// ---- light ------------------------------------------------------------------------------------------

light_source {
  <-170, 180, -120> color rgb <0.86, 0.97, 1.12> * 0.62
  area_light <0, 90, 0>, <70, 0, -70>, 9, 9 adaptive 1 jitter
}
light_source {
  <95, 215, -95> color rgb <1.25, 0.92, 0.55> * Lamp
  area_light <18, 0, 0>, <0, 0, 18>, 5, 5 adaptive 1 jitter circular orient
}

// ---- room -------------------------------------------------------------------------------------------

#declare Plaster = texture {
  pigment { bozo color_map { [0 color rgb <0.52, 0.50, 0.46>] [1 color rgb <0.58, 0.56, 0.52>] } scale 14 }
  normal { bumps 0.12 scale 0.8 }
  finish { diffuse 1 ambient 0 }
}
plane { -z, -140 texture { Plaster } }
plane { x, -230 texture { Plaster } }
plane { y, 0 pigment { wood color_map { [0 color rgb <0.20, 0.12, 0.07>] [1 color rgb <0.31, 0.20, 0.12>] }
  turbulence 0.06 scale 6 rotate y*88 } finish { diffuse 1 ambient 0 } }
plane { -y, -270 pigment { color rgb 0.7 } finish { diffuse 1 ambient 0 } }

#declare Beech = texture {
  pigment { wood turbulence 0.05 color_map { [0 color rgb <0.52, 0.34, 0.19>] [0.7 color rgb <0.44, 0.27, 0.14>]
    [1 color rgb <0.36, 0.21, 0.10>] } scale <2, 2, 22> rotate x*88 }
  finish { diffuse 0.95 ambient 0 specular 0.08 roughness 0.05 }
}

// The easel: a mast, a ledge, two legs.
union {
  box { <-2.4, -95, 2.2>, <2.4, 48, 4.6> }
  box { <-33, -24.6, -3.2>, <33, -21.6, 3.6> }
  box { <-1.9, -120, 2>, <1.9, 0, 4> rotate z*-13 translate x*-6 }
  box { <-1.9, -120, 2>, <1.9, 0, 4> rotate z*13 translate x*6 }
  texture { Beech }
  transform { Lean }
}
// The board, a little darker than its wood was when it was new, with dust along its lower edge.
box {
  <-31, -21.6, 0>, <31, 22, 1.6>
  texture {
    pigment { gradient y color_map { [0 color rgb <0.36, 0.33, 0.29>] [0.12 color rgb <0.30, 0.25, 0.19>]
      [1 color rgb <0.33, 0.27, 0.20>] } scale 44 translate y*-21.6 warp { turbulence 0.4 } }
    finish { diffuse 1 ambient 0 }
  }
  transform { Lean }
}

// ---- the sheet --------------------------------------------------------------------------------------

// Crêpe tape round the picture, in linear light as the program takes it to be.
box {
  <-SheetWidth/2 - Tape, -SheetHeight/2 - Tape, -0.06>, <SheetWidth/2 + Tape, SheetHeight/2 + Tape, 0>
  pigment { color rgb <0.78, 0.74, 0.62> }
  normal { wrinkles 0.10 scale 0.12 }
  finish { diffuse 1 ambient 0 }
  transform { Lean }
}
polygon {
  5, <0, 0>, <1, 0>, <1, 1>, <0, 1>, <0, 0>
  pigment { image_map { png "sheet.png" interpolate 2 } }
  normal { granite 0.05 scale 0.02 }
  finish { diffuse 1 ambient 0 }
  scale <SheetWidth, SheetHeight, 1>
  translate <-SheetWidth/2, -SheetHeight/2, -0.075>
  transform { Lean }
}
#if (GreyCard)
box {
  <22.6, -12, -0.08>, <29.6, -1, 0>
  pigment { color rgb 0.18 }
  finish { diffuse 1 ambient 0 }
  transform { Lean }
}
#end

// ---- on the ledge -----------------------------------------------------------------------------------

#macro Stub(At, Length, Tone) cylinder {
  <At, -21.0, -2.4>, <At + Length, -21.0, -1.9>, 0.62
  pigment { color rgb Tone } normal { bumps 0.3 scale 0.3 } finish { diffuse 1 ambient 0 }
  transform { Lean }
} #end
Stub(-22, 4.1, <0.36, 0.10, 0.05>)
Stub(-13, 2.6, <0.55, 0.36, 0.08>)
Stub(-4, 3.4, <0.05, 0.07, 0.19>)
Stub(8, 2.2, <0.68, 0.64, 0.55>)
Stub(16, 3.9, <0.10, 0.16, 0.09>)

// ---- where its corners are seen ---------------------------------------------------------------------

#declare Location = <Aside, 120 + Above, -78>;
#declare Ahead = vnormalize(<0.6, 119.4, 0> - Location);
#declare Right = vnormalize(vcross(vrotate(y, z*Turned), Ahead));
#declare Upward = vcross(Ahead, Right);
#declare Half = tan(radians(22));
#fopen Corners "corners.txt" write
#macro Seen(X, Y)
  #local There = vtransform(<X, Y, -0.075>, Lean) - Location;
  #local Deep = vdot(There, Ahead);
  #write (Corners, str(0.5 + vdot(There, Right) / Deep / Half / 2, 0, 7), " ",
          str(0.5 - vdot(There, Upward) / Deep / Half / 2 * 4/3, 0, 7), "\n")
#end
Seen(-SheetWidth/2, SheetHeight/2)
Seen(SheetWidth/2, SheetHeight/2)
Seen(SheetWidth/2, -SheetHeight/2)
Seen(-SheetWidth/2, -SheetHeight/2)
#fclose Corners
