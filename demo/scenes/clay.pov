// Raw material: a wheel with a fresh pot, or lumps of clay with tools.
#include "craft.inc"
camera { location <10,42,-70> look_at <0,8,0> angle 38 right x*image_width/image_height }
WindowLight(<110,120,-30>, rgb <1.0,0.97,0.92>*1.3, 50)
FillLight(<-110,70,-120>, rgb <0.24,0.25,0.28>)
plane { -z, -90 Plaster(srgb <0.55,0.50,0.44>) }
#if (V=1)
  box { <-400,-14,-200>, <400,-10,60> Oak(OakDark) rotate y*90 }
  cylinder { <0,-10,0>, <0,-6,0>, 44 RawClay(srgb <0.55,0.48,0.42>) }
  cylinder { <0,-6,0>, <0,0,0>, 24 texture { pigment { wood scale 1.6 rotate x*90 color_map { [0 srgb <0.6,0.6,0.6>] [1 srgb <0.42,0.42,0.43>] } } normal { wood 0.2 scale 1.6 rotate x*90 } finish { ambient 0 diffuse 0.5 specular 0.5 roughness 0.02 reflection 0.06 } } }
  object { Bowl(14,17) texture { pigment { srgb <0.52,0.42,0.34> } normal { gradient y 0.25 scale 1.3 sine_wave } finish { ambient 0 diffuse 0.7 specular 0.35 roughness 0.02 } } }
  #local I=0; #while(I<60) #local A=rand(R0)*2*pi; #local D=15+rand(R0)*26; sphere { <D*cos(A),select(D-24,0,-6)+0.1,D*sin(A)>,0.3+rand(R0)*0.7 scale <1,0.6,1> RawClay(srgb <0.50,0.40,0.33>) } #local I=I+1; #end
#else
  Bench(OakPale)
  #local I=0; #while(I<5) superellipsoid { <0.55,0.45> scale <7+rand(R0)*3,4.6,6> #if (mod(I,2)) RawClay(ClayBuff) #else RawClay(ClayRed) #end rotate y*rand(R0)*80 translate <(I-2)*15,4.4+(I=2)*0,10-mod(I,2)*14> } #local I=I+1; #end
  #local I=0; #while(I<6) union { cylinder { <0,0,0>,<0,0,16>,0.7 Oak(OakDark) } cone { <0,0,16>,0.5,<0,0,25>,0.15 texture { pigment { srgb <0.7,0.7,0.72> } finish { ambient 0 diffuse 0.4 specular 0.7 roughness 0.01 reflection 0.25 } } } rotate y*(I*4-12+rand(R0)*5) translate <-22+I*8.5,0.7,-34> } #local I=I+1; #end
#end
