// Dunes, marram grass and the path to the sea.
#include "shore.inc"
#declare W = array[6] { 1.2, 1.0, 1.25, 0.95, 1.2, 1.1 };
#if (V=4) #declare H1 = srgb <0.95,0.62,0.5>; #else #declare H1 = srgb 0.97; #end
#if (V=4) #declare H2 = srgb <0.98,0.70,0.46>; #else #declare H2 = srgb <0.84,0.89,0.92>; #end
Sky(srgb <0.28,0.46,0.70>*(1-(V=4)*0.2), H2, H1, 0.32+mod(V,3)*0.09)
#if (V=4) #declare H3 = rgb <1.5,0.85,0.5>; #else #declare H3 = rgb <1.15,1.08,0.98>; #end
#if (V=4) #declare H4 = <-0.9,0.24,0.5>; #else #declare H4 = <0.8-mod(V,2)*1.5,0.75,-0.25>; #end
Sun(H4, H3)
#declare D = DuneField(9+mod(V,3)*3)
object { D Sand(srgb <0.86,0.76,0.60>) translate <0,0,70> }
plane { y, -1.2 Sand(srgb <0.82,0.72,0.56>) }
#declare DD = object { D translate <0,0,70> }
#local I=0; #while(I<90+V*15) #local P=<(rand(R0)-0.5)*26,40,rand(R0)*34+1>; #local N0=<0,0,0>; #local Hit=trace(DD,P,-y,N0); #if (vlength(N0)>0) object { Tuft(Hit, 70, 0.55+rand(R0)*0.4) } #end #local I=I+1; #end
#local N1=<0,0,0>; #local C=trace(DD,<0,60,-4>,-y,N1);
camera { location <0,C.y*(vlength(N1)>0)+1.9+(V=2)*2.4,-4> look_at <select(mod(V,2)-0.5,-3,3),C.y+1.6,20> angle 52 right x*image_width/image_height }
#if (V=2) #local I=0; #while(I<26) #local Z=1+I*0.9; #local N2=<0,0,0>; #local S=-1; #while(S<2) #local H=trace(DD,<S*1.1+sin(I*0.2),60,Z>,-y,N2); cylinder { H-y*0.5, H+y*0.85, 0.045 texture { pigment { granite scale 0.3 color_map { [0 srgb <0.42,0.36,0.30>] [1 srgb <0.58,0.52,0.45>] } } finish { ambient 0 diffuse 0.8 } } } #local S=S+2; #end #local I=I+1; #end #end
#if (V=5) object { Diamond(0,3) rotate <-20,0,-16> scale 1.4 translate <2.4,C.y+5.2,10> } Line(<2.4,C.y+5.1,10>,<-3,C.y,8>) #end
