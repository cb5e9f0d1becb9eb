// Glaze tests: rows of little tiles on a board, seen from above or aslant.
#include "craft.inc"
camera { #if (V=1) location <0,92,-26> look_at <0,0,-1> angle 44 #else #if (V=2) location <-30,26,-46> look_at <2,2,-2> angle 40 #else location <10,60,-2> look_at <6,0,1> angle 30 #end #end right x*image_width/image_height }
WindowLight(<-90,110,60>, rgb <1.05,0.98,0.88>*1.3, 50)
FillLight(<80,90,-90>, rgb <0.25,0.27,0.3>)
#if (V=1) #declare H25 = OakGrey; #else #if (V=2) #declare H25 = OakDark; #else #declare H25 = OakPale; #end #end
Bench(H25)
box { <-36,0,-24>, <36,1.6,24> Oak(OakPale) }
#local I=0; #while (I<9) #local J=0; #while (J<5)
  #local A = Glz[mod(I*2+J*3,9)][0]; #local B = Glz[mod(I+J*2+1,9)][1];
  superellipsoid { <0.12,0.12> scale <3.1,0.45,3.6> Glaze(A*(0.7+0.15*J)+B*0.15, A*0.3+B*0.6, 0.02*I) rotate <0,(rand(R0)-0.5)*7,(rand(R0)-.5)*2> translate <(I-4)*7.4+(rand(R0)-.5)*0.7, 2.1, (J-2)*8.8+(rand(R0)-.5)*0.7> }
  #local J=J+1; #end #local I=I+1; #end
