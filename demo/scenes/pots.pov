// One to five vessels on a workbench before a wall, by a window.
#include "craft.inc"
#declare Warm = array[10] { <1,0.95,0.86>, <0.9,0.96,1.05>, <1.08,0.9,0.7>, <1,1,0.98>, <0.92,0.95,1.02>, <1.05,0.93,0.78>, <1,0.97,0.9>, <0.86,0.93,1.05>, <1.1,0.88,0.66>, <1,0.98,0.95> };
#declare Wall = array[10] { <0.86,0.83,0.77>, <0.45,0.50,0.52>, <0.70,0.52,0.38>, <0.90,0.89,0.87>, <0.24,0.27,0.30>, <0.62,0.64,0.54>, <0.80,0.74,0.68>, <0.30,0.38,0.46>, <0.52,0.30,0.22>, <0.76,0.79,0.80> };
#declare Side = select(mod(V,2)-0.5, -1, 1);
camera { location <Side*6, 26+mod(V*7,11), -78> look_at <0,(V=4)*6+10,0> angle 34+(V=4)*12 right x*image_width/image_height }
WindowLight(<-Side*110,120,-70>, rgb Warm[mod(V,10)]*1.25, 60)
FillLight(<Side*100,70,-150>, rgb <0.20,0.22,0.26>)
FillLight(<0,150,-20>, rgb <0.13,0.13,0.14>)
plane { -z, -70 Plaster(srgb Wall[mod(V,10)]) }
#switch (mod(V,3)) #case(0) Bench(OakPale) #break #case(1) Bench(srgb <0.60,0.42,0.28>) #break #break #else Bench(OakGrey) #end
#switch (V)
  #case (1) object { Bowl(15,11) AnyGlaze(0) } object { Bowl(8,6) AnyGlaze(1) translate <24,0,-10> } #break
  #case (2) object { Vase(0,32) AnyGlaze(2) } object { Vase(3,22) AnyGlaze(8) translate <-21,0,4> } object { Vase(1,14) AnyGlaze(1) translate <19,0,-9> } #break
  #case (3) object { Mug(4.6,9.5) DippedGlaze(Glz[4][0],Glz[4][1],ClayBuff,3) rotate y*-25 } object { Mug(4.6,9.5) DippedGlaze(Glz[8][0],Glz[8][1],ClayBuff,3) rotate y*40 translate <-15,0,6> } object { Mug(4.6,9.5) DippedGlaze(Glz[6][0],Glz[6][1],ClayBuff,3) rotate y*-60 translate <17,0,8> } #break
  #case (4) object { Vase(2,24) Glaze(Glz[5][0],Glz[5][1],0.1) } 
    #local I=0; #while(I<9) sphere_sweep { b_spline 5, <0,12,0>,0.22 <0,24,0>,0.2 <(rand(R0)-0.5)*9,32,(rand(R0)-.5)*8>,0.18 <(rand(R0)-0.5)*24,40,(rand(R0)-.5)*20>,0.14 <(rand(R0)-0.5)*30,47,(rand(R0)-.5)*20>,0.1 pigment { srgb <0.45,0.36,0.2> } finish { ambient 0 diffuse 0.8 } } #local I=I+1; #end #break
  #case (5) #local I=0; #while(I<6) object { Bowl(11-I*0.12,7) AnyGlaze(I+1) rotate y*I*47 translate <0,I*2.6,0> } #local I=I+1; #end object { Bowl(7,5) AnyGlaze(7) translate <-23,0,-4> } #break
  #case (6) object { Vase(1,26) DippedGlaze(Glz[2][0],Glz[0][0],ClayRed,9) translate <-9,0,0> } object { Vase(3,30) DippedGlaze(Glz[1][0],Glz[1][1],ClayRed,8) translate <13,0,6> } object { Bowl(6,4.4) AnyGlaze(3) translate <3,0,-16> } #break
  #case (7) object { Bowl(18,8) AnyGlaze(6) } #local I=0; #while(I<9) sphere { 0,3.1 scale <1,0.93,1> pigment { bozo scale 4 color_map { [0 srgb <0.72,0.16,0.10>] [0.6 srgb <0.80,0.38,0.12>] [1 srgb <0.78,0.62,0.2>] } } finish { ambient 0 diffuse 0.75 specular 0.3 roughness 0.03 } rotate <rand(R0)*360,rand(R0)*360,0> translate <8*cos(I*0.8)*(I<7), 5.6+(I>6)*3.4, 7*sin(I*0.8)*(I<7)> + <(rand(R0)-.5)*2,0,(I=8)*4> } #local I=I+1; #end #break
  #case (8) object { Vase(0,28) RawClay(ClayRed) translate <-18,0,0> } object { Vase(2,24) RawClay(ClayBuff) translate <4,0,5> } object { Vase(3,20) RawClay(srgb<0.8,0.76,0.7>) translate <22,0,-5> } #break
  #case (9) object { Vase(3,38) AnyGlaze(7) } object { Bowl(9,6) AnyGlaze(8) translate <20,0,-6> } #break
  #else object { Bowl(13,12) DippedGlaze(Glz[2][0],Glz[2][1],ClayBuff,3.5) translate <-12,0,0> } object { Mug(4.8,8) DippedGlaze(Glz[2][0],Glz[2][1],ClayBuff,3) rotate y*-30 translate <12,0,-4> } object { Vase(1,20) DippedGlaze(Glz[2][0],Glz[2][1],ClayBuff,4) translate <24,0,10> }
#end
