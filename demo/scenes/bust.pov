// A clay bust with a glazed scarf on a plinth, before a dark wall, by a window.
#include "craft.inc"
camera { location <-36,44,-104> look_at <0,29,0> angle 23 right x*image_width/image_height }
WindowLight(<-110,120,-80>, rgb <1.05,1.0,0.92>*1.25, 50)
FillLight(<110,60,-140>, rgb <0.17,0.18,0.21>)
FillLight(<60,120,120>, rgb <0.22,0.20,0.18>)
plane { -z, -70 Plaster(srgb <0.30,0.36,0.33>) }
Bench(OakDark)
#declare Head = blob {
  threshold 0.5
  sphere { 0,1,1.5 scale <12.6,13,14> translate <0,42,1.5> }
  sphere { 0,1,1.3 scale <11.2,14.5,11.5> translate <0,36,-2.2> }
  cylinder { <-3.2,30.4,-2>, <3.2,30.4,-2>, 7, 0.8 }
  sphere { 0,1,0.8 scale <5.4,4.4,5> translate <0,28.6,-6.4> }
  #local S=-1; #while (S<2)
    sphere { <S*4.6,35.2,-7>, 4.6, 0.35 }
    cylinder { <S*1.6,41.2,-9.6>, <S*5.4,40.8,-7.8>, 2, 0.32 }
    sphere { <S*3.7,38.6,-10.8>, 2.7, -0.5 }
    sphere { 0,1,0.7 scale <2.6,1.7,2.2> translate <S*3.7,38.5,-8.3> }
    sphere { <S*1.5,34.6,-11>, 1.7, 0.45 }
    cylinder { <S*2.2,31.9,-9>, <S*0.4,32.4,-9.9>, 1.2, 0.34 }
    sphere { 0,1,1 scale <1.8,4.2,2.8> rotate y*S*18 translate <S*8.4,37.2,1> }
    cylinder { <0,12.5,4>, <S*15.5,8.5,5>, 9, 0.9 }
  #local S=S+2; #end
  cylinder { <0,40.6,-9.4>, <0,35.3,-11.8>, 1.9, 0.75 }
  sphere { <0,34.9,-11.9>, 2.4, 0.45 }
  cylinder { <-1.5,30.6,-9.2>, <1.5,30.6,-9.2>, 1.4, 0.4 }
  cylinder { <-2.6,31.4,-10.6>, <2.6,31.4,-10.6>, 0.9, -0.4 }
  cylinder { <0,30,1.5>, <0,12,3.5>, 9, 1.3 }
  sphere { 0,1,1.2 scale <20,14,13> translate <0,7,4> }
}
intersection {
  object { Head }
  box { <-60,5,-60>, <60,80,60> }
  RawClay(ClayRed)
}
// A scarf about the head, dipped in two glazes.
#declare Scarf = blob {
  threshold 0.5
  sphere { 0,1,1.4 scale <13.8,14.4,15.4> translate <0,42.2,1.7> }
  sphere { <0,41,13>, 7.5, 1.1 }
  cylinder { <0,40,13>, <5,26,15>, 4.4, 1 }
  cylinder { <0,40,13>, <-4,23,16>, 4.4, 1 }
}
intersection {
  object { Scarf }
  plane { <0,-1,-0.75>, -33 }
  texture { gradient y turbulence 0.06 scale 9 rotate x*32
    texture_map { [0.5 pigment { srgb <0.12,0.24,0.48> } normal { bumps 0.05 scale 2 } finish { ambient 0 diffuse 0.7 specular 0.5 roughness 0.012 reflection { 0.01, 0.18 fresnel on } }]
      [0.5 pigment { srgb <0.80,0.56,0.10> } normal { bumps 0.05 scale 2 } finish { ambient 0 diffuse 0.7 specular 0.5 roughness 0.012 reflection { 0.01, 0.18 fresnel on } }] } }
  interior { ior 1.45 }
}
box { <-15,0,-8>, <15,5.4,16> Oak(OakPale) }
