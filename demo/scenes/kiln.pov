// A brick kiln, door open, the ware glowing or cold inside.
#include "craft.inc"
#local Hot = (V=1);
#if (V=1) #declare H5 = 14; #else #if (V=2) #declare H5 = -34; #else #declare H5 = 0; #end #end
camera { location <H5,44,-150> look_at <0,36,0> angle 42 right x*image_width/image_height }
#if (Hot) light_source { <0,38,-14> rgb <3.4,1.4,0.4> fade_distance 26 fade_power 2 } light_source { <0,18,-8> rgb <1.6,0.6,0.16> fade_distance 22 fade_power 2 } FillLight(<-120,130,-160>, rgb <0.13,0.15,0.22>)
#else WindowLight(<-120,150,-140>, rgb <1.02,0.97,0.9>*1.2, 60) FillLight(<110,50,-160>, rgb <0.26,0.24,0.22>) light_source { <0,60,0> rgb 0.25 shadowless fade_distance 40 fade_power 2 } #end
#declare Brick = texture { pigment { brick pigment { granite color_map { [0 srgb <0.62,0.58,0.52>] [1 srgb <0.5,0.47,0.43>] } } pigment { granite scale 4 color_map { [0 srgb <0.66,0.40,0.28>] [0.5 srgb <0.74,0.50,0.36>] [1 srgb <0.60,0.36,0.27>] } } brick_size <15,6,8> mortar 0.7 } normal { granite 0.25 scale 4 } finish { ambient 0 diffuse 0.8 } }
difference { box { <-90,0,-30>, <90,110,40> } union { box { <-32,-1,-31>, <32,44,26> } cylinder { <0,44,-31>, <0,44,26>, 32 } } texture { Brick translate <3,0,1> } }
plane { y, 0 texture { pigment { granite scale 20 color_map { [0 srgb <0.45,0.42,0.40>] [1 srgb <0.36,0.34,0.32>] } } normal { granite 0.1 scale 10 } finish { ambient 0 diffuse 0.7 } } }
#local S=0; #while (S<3) box { <-30,S*24,-22>, <30,S*24+1.8,24> RawClay(srgb <0.75,0.68,0.58>) }
  #local X=-21; #while (X<25) #local K=int(rand(R0)*4.99);
    #switch(K) #case(0) object { Vase(1,15) AnyGlaze(int(rand(R0)*9)) translate <X,S*24+1.8,-6> } #break #case(1) object { Bowl(7.4,6) AnyGlaze(int(rand(R0)*9)) translate <X,S*24+1.8,-8> } #break #case(2) object { Vase(0,18) AnyGlaze(int(rand(R0)*9)) translate <X,S*24+1.8,-4> } #break #case(3) object { Mug(4.2,8.4) AnyGlaze(int(rand(R0)*9)) rotate y*-40 translate <X,S*24+1.8,-9> } #break #else object { Vase(2,16) AnyGlaze(int(rand(R0)*9)) translate <X,S*24+1.8,-4> } #end
  #local X=X+14.5; #end #local S=S+1; #end
#if (!Hot) box { <-84,0,-62>,<-58,3,-36> Oak(OakDark) } object { Vase(2,30) RawClay(ClayRed) translate <-66,3,-48> } object { Bowl(14,9) RawClay(ClayBuff) translate <62,0,-56> } #end
