// Boards of drying and finished ware.
#include "craft.inc"
#if (V=1) #declare H16 = -30; #else #if (V=2) #declare H16 = 40; #else #declare H16 = 0; #end #end
#if (V=1) #declare H17 = 165; #else #if (V=2) #declare H17 = 120; #else #declare H17 = 210; #end #end
#if (V=1) #declare H18 = 44; #else #if (V=2) #declare H18 = 38; #else #declare H18 = 46; #end #end
camera { location <H16,46,-H17> look_at <0,H18,0> angle 40 right x*image_width/image_height }
#if (V=1) #declare H19 = -150; #else #if (V=2) #declare H19 = 160; #else #declare H19 = -90; #end #end
#if (V=1) #declare H20 = <1,0.96,0.9>; #else #if (V=2) #declare H20 = <1.08,0.94,0.78>; #else #declare H20 = <0.92,0.97,1.05>; #end #end
WindowLight(<H19,140,-130>, rgb H20*1.35, 70)
FillLight(<-60,60,-220>, rgb <0.22,0.23,0.26>)
#if (V=1) #declare H21 = <0.82,0.80,0.75>; #else #if (V=2) #declare H21 = <0.40,0.43,0.42>; #else #declare H21 = <0.72,0.60,0.50>; #end #end
plane { -z, -24 Plaster(srgb H21) }
plane { y, -14 Plaster(srgb <0.42,0.38,0.34>) }
#local S=0; #while (S<4)
#if (V=1) #declare H22 = OakPale; #else #if (V=2) #declare H22 = OakGrey; #else #declare H22 = OakDark; #end #end
  box { <-150,S*27-1.6,-16>, <150,S*27,18> Oak(H22) rotate <0,0,0> }
  #local X=-120; #while (X<120)
    #local K=int(rand(R0)*5.99); #local GK=int(rand(R0)*8.99); #local W=8+rand(R0)*3;
    #switch (K)
      #case(0) object { Bowl(W,W*0.62) #if (S=3) RawClay(ClayBuff) #else AnyGlaze(GK) #end translate <X,S*27,rand(R0)*4> } object { Bowl(W,W*0.62) #if (S=3) RawClay(ClayRed) #else AnyGlaze(GK) #end translate <X,S*27+W*0.3,2> } #break
      #case(1) object { Vase(0,20+rand(R0)*3) #if (S=3) RawClay(ClayRed) #else AnyGlaze(GK) #end translate <X,S*27,rand(R0)*4> } #break
      #case(2) object { Mug(4.5,9) #if (S=3) RawClay(ClayBuff) #else AnyGlaze(GK) #end rotate y*(rand(R0)*120-90) translate <X-4,S*27,-4> } object { Mug(4.5,9) AnyGlaze(GK+1) rotate y*(rand(R0)*90-60) translate <X+6,S*27,6> } #break
      #case(3) object { Vase(1,17+rand(R0)*5) AnyGlaze(GK) translate <X,S*27,rand(R0)*5> } #break
      #case(4) object { Vase(2,18+rand(R0)*4) #if (S=3) RawClay(ClayBuff) #else AnyGlaze(GK) #end translate <X,S*27,rand(R0)*5> } #break
      #else object { Vase(3,19+rand(R0)*4) AnyGlaze(GK) translate <X,S*27,rand(R0)*5> }
    #end
    #local X=X+20+rand(R0)*3;
  #end
#local S=S+1; #end
