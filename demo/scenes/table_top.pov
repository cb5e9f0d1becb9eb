// Set table seen from straight above: plates and bowls on linen or slate.
#include "craft.inc"
#if (V=1) #declare H23 = 34; #else #if (V=2) #declare H23 = 30; #else #declare H23 = 40; #end #end
camera { location <0,120,-1> look_at <0,0,0> angle H23 right x*image_width/image_height }
#if (V=1) #declare H24 = <1.05,0.98,0.88>; #else #if (V=2) #declare H24 = <0.95,0.98,1.03>; #else #declare H24 = <1.08,0.93,0.78>; #end #end
WindowLight(<-120,110,90>, rgb H24*1.25, 60)
FillLight(<100,140,-60>, rgb <0.26,0.27,0.3>)
#switch (V) #case (1) plane { y,0 Linen(srgb <0.80,0.76,0.68>) } #break #case(2) plane { y,0 texture { pigment { granite scale 30 color_map { [0 srgb <0.20,0.22,0.24>] [1 srgb <0.30,0.31,0.33>] } } normal { granite 0.15 scale 12 } finish { ambient 0 diffuse 0.7 specular 0.1 } } } #break #else plane { y,0 Oak(OakPale) } box { <-16,0,-80>,<16,0.25,80> Linen(srgb <0.33,0.42,0.52>) } #end
#switch (V)
 #case (1) object { Plate(15) AnyGlaze(8) } object { Bowl(8,5) AnyGlaze(2) translate <0,1,0> } object { Plate(9) AnyGlaze(1) translate <-25,0,13> } object { Mug(4.4,9) AnyGlaze(0) rotate y*-50 translate <24,0,12> } object { Bowl(5.5,3.5) AnyGlaze(6) translate <23,0,-14> } #break
 #case (2) #local I=0; #while(I<12) object { Bowl(5.2+rand(R0)*1.2,4) AnyGlaze(I*4+int(I/3)) translate <(mod(I,4)-1.5)*14.5,0,(int(I/4)-1)*14.5> } #local I=I+1; #end #break
 #else object { Plate(17) AnyGlaze(4) translate <-4,0,0> } object { Plate(11) AnyGlaze(1) translate <-4,1.2,0> } object { Bowl(9,6) AnyGlaze(3) translate <30,0,14> } object { Mug(4.6,9) AnyGlaze(6) rotate y*30 translate <27,0,-16> } object { Vase(3,16) AnyGlaze(2) translate <-34,0,18> }
#end
