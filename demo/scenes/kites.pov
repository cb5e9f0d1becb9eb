// Kites against the sky, alone or many.
#include "shore.inc"
#declare Top = array[8] { <0.22,0.42,0.72>, <0.30,0.52,0.78>, <0.16,0.30,0.56>, <0.42,0.56,0.70>, <0.26,0.48,0.76>, <0.36,0.34,0.52>, <0.20,0.44,0.70>, <0.34,0.56,0.80> };
#declare Low = array[8] { <0.78,0.86,0.92>, <0.85,0.90,0.93>, <0.70,0.76,0.86>, <0.84,0.84,0.82>, <0.84,0.88,0.90>, <0.96,0.66,0.42>, <0.82,0.88,0.92>, <0.88,0.92,0.95> };
#if (mod(V,3)+1=1) #declare H6 = 0.42; #else #if (mod(V,3)+1=2) #declare H6 = 0.52; #else #declare H6 = 0.3; #end #end
#if (V=6) #declare H7 = srgb <0.98,0.72,0.52>; #else #declare H7 = srgb <0.98,0.98,0.98>; #end
Sky(srgb Top[V-1], srgb Low[V-1], H7, H6)
Sun(<-0.5,0.8,-0.9>, rgb 1.25)
camera { location <0,1.6,-6> look_at <0,4.2,2> angle 48 right x*image_width/image_height }
#switch (V)
 #case (1) object { Diamond(0,1) rotate <-20,12,-18> scale 2.1 translate <0.2,4.9,2> } Line(<0.1,4.9,2>,<-3,0.5,-3>) #break
 #case (2) object { Delta(2,1) rotate <-25,-10,14> scale 2.0 translate <0.3,4.6,2> } Line(<0.3,4.4,2>,<3,0.4,-3>) #break
 #case (3) object { BoxKite(5,3) scale 2.2 translate <0,4.3,2> } Line(<0,4.2,2>,<-2,0,-4>) #break
 #case (4) #local I=0; #while(I<9) #local P=<(rand(R0)-0.5)*13,2.6+rand(R0)*6.2,6+rand(R0)*7>; #switch(mod(I,3)) #case(0) object { Diamond(mod(I,7),mod(I+3,7)) rotate <-20,rand(R0)*40-20,rand(R0)*60-30> scale 1.3 translate P } #break #case(1) object { Delta(mod(I+1,7),mod(I+2,7)) rotate <-20,0,rand(R0)*50-25> scale 1.2 translate P } #break #else object { BoxKite(mod(I,7),3) scale 1.1 translate P } #end Line(P,<P.x*0.3,-2,-2>) #local I=I+1; #end #break
 #case (5) object { Diamond(4,3) rotate <-20,-22,24> scale 1.5 translate <-1.7,5.5,3> } object { Diamond(5,1) rotate <-20,10,-12> scale 1.5 translate <1.5,4.3,2> } Line(<1.5,4.3,2>,<0,0,-3>) Line(<-1.7,5.5,3>,<0,0,-3>) #break
 #case (6) object { Delta(7,0) rotate <-20,0,-12> scale 1.7 translate <-0.6,4.7,2> } Line(<-0.6,4.6,2>,<1.6,0,-3>) #break
 #case (7) #local I=0; #while(I<7) object { Diamond(mod(I,7),mod(I+1,7)) rotate <-20,8,-14> scale 0.95 translate <-3.2+I*1.05,2.6+I*0.55+0.12*I*I*0.5,4+I*0.6> } #local I=I+1; #end #break
 #else object { Delta(6,1) rotate <-30,20,30> scale 1.5 translate <1.2,5.4,3> } object { BoxKite(0,3) scale 1.2 translate <-1.8,3.6,3> } Line(<1.2,5.4,3>,<2,0,-3>) Line(<-1.8,3.6,3>,<-2,0,-3>)
#end
