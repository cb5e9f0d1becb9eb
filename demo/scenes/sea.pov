// The sea: lighthouse, boats, open water, the sun low.
#include "shore.inc"
#declare Low = ((V=3)|(V=6));
#if (mod(V,3)+1=1) #declare H8 = 0.45; #else #if (mod(V,3)+1=2) #declare H8 = 0.34; #else #declare H8 = 0.5; #end #end
#if (Low) #declare H9 = srgb <0.97,0.62,0.46>; #else #declare H9 = srgb 0.96; #end
#if (Low) #declare H10 = srgb <0.99,0.68,0.40>; #else #declare H10 = srgb <0.83,0.89,0.93>; #end
#if (Low) #declare H11 = srgb <0.36,0.38,0.56>; #else #declare H11 = srgb <0.26,0.47,0.74>*(1-(V=5)*0.35); #end
Sky(H11, H10, H9, H8)
#if (Low) #declare H12 = rgb <1.7,1.0,0.55>; #else #declare H12 = rgb <1.2,1.14,1.05>; #end
#if (Low) #declare H13 = <0.25,0.16,0.9>; #else #declare H13 = <-0.7,0.8,-0.5>; #end
Sun(H13, H12)
#if (V=5) #declare H14 = srgb <0.12,0.24,0.26>; #else #declare H14 = srgb <0.06,0.22,0.30>; #end
#if (Low) #declare H15 = srgb <0.10,0.14,0.20>; #else #declare H15 = H14; #end
Sea(H15, 0.22)
#declare Rock = texture { pigment { granite scale 4 color_map { [0 srgb <0.36,0.32,0.29>] [0.6 srgb <0.50,0.46,0.42>] [1 srgb <0.26,0.25,0.25>] } } normal { granite 0.6 scale 3 } finish { ambient 0 diffuse 0.8 } }
#macro Lighthouse() union {
  cone { 0,3.1,<0,20,0>,2.0 texture { pigment { gradient y color_map { [0 srgb 0.93] [0.5 srgb 0.93] [0.5 srgb <0.20,0.36,0.40>] [1 srgb <0.20,0.36,0.40>] } scale 8 } finish { ambient 0 diffuse 0.85 } } }
  cylinder { <0,20,0>,<0,20.5,0>,2.9 pigment { srgb 0.25 } } torus { 2.8,0.07 translate y*21.5 pigment { srgb 0.2 } } #local I=0; #while(I<16) cylinder { <2.8,20.5,0>,<2.8,21.5,0>,0.05 rotate y*I*22.5 pigment { srgb 0.2 } } #local I=I+1; #end
  cylinder { <0,20.5,0>,<0,23.4,0>,1.35 texture { pigment { srgb <0.75,0.82,0.80> } finish { ambient 0.2 diffuse 0.4 specular 0.8 reflection 0.2 } } } cone { <0,23.4,0>,1.8,<0,25.2,0>,0.1 texture { pigment { srgb <0.20,0.36,0.40> } finish { ambient 0 diffuse 0.7 specular 0.3 } } }
  #local I=0; #while(I<3) box { <-0.4,0,-4>,<0.4,1.1,0> translate <0,5+I*5,0.75+I*0.22> pigment { srgb 0.12 } } #local I=I+1; #end } #end
#macro Boat(C, S) union {
  intersection { sphere { 0,1 scale <1.15,1.3,4> } plane { y,0.1 } plane { -y,0.9 } texture { pigment { gradient y color_map { [0 C] [0.82 C] [0.82 srgb 0.93] [1 srgb 0.93] } scale <1,1.05,1> translate y*-0.9 } finish { ambient 0 diffuse 0.8 specular 0.2 } } }
  box { <-0.9,0.05,-2>,<0.9,0.14,-1.6> pigment { srgb <0.6,0.44,0.28> } } 
  #if (S) cylinder { <0,0,0.4>,<0,7.2,0.4>,0.07 pigment { srgb <0.58,0.42,0.26> } } triangle { <0.05,1,0.3>,<0.05,7,0.35>,<0.35,1.1,-3.4> Cloth(srgb <0.93,0.90,0.84>) } triangle { <0.05,1,0.6>,<0.05,6.2,0.5>,<0.2,0.8,3.5> Cloth(srgb <0.90,0.86,0.78>) }
  #else box { <-0.75,0.1,-0.9>,<0.75,1.5,0.7> pigment { srgb 0.9 } } box { <-0.85,1.5,-1>,<0.85,1.62,0.9> pigment { C } } box { <-0.76,0.9,-0.5>,<0.76,1.3,0.4> pigment { srgb 0.1 } } #end } #end
#switch (V)
 #case (1) union { #local I=0; #while(I<26) sphere { 0, 2+rand(R0)*3 scale <1,0.45,1> translate <(rand(R0)-0.5)*22,0,(rand(R0)-0.5)*12> } #local I=I+1; #end texture { Rock } translate z*42 } object { Lighthouse() translate <1,1.4,42> } camera { location <-9,3.4,-10> look_at <-1,10.5,42> angle 44 right x*image_width/image_height } #break
 #case (2) object { Boat(Dye[0],1) rotate y*70 translate <-6,0.2,16> } object { Boat(Dye[2],1) rotate y*50 translate <9,0.2,30> } object { Boat(Dye[4],0) rotate y*100 translate <5,0.2,13> } camera { location <0,3,-6> look_at <0,2.9,16> angle 50 right x*image_width/image_height } #break
 #case (3) object { Boat(Dye[7],1) rotate y*75 translate <3,0.2,24> } camera { location <0,2.2,-6> look_at <0,3.4,20> angle 50 right x*image_width/image_height } #break
 #case (4) #local I=0; #while(I<5) object { Boat(Dye[I],0) rotate y*(20+I*9) translate <-7+I*3.6,0.2,9+mod(I*7,5)*1.5> } #local I=I+1; #end box { <-20,-1,24>,<24,1.4,27> texture { Rock } } camera { location <0,4.4,-5> look_at <0,1.2,11> angle 52 right x*image_width/image_height } #break
 #case (5) height_field { function 300,300 { pattern { granite scale 0.6 turbulence 0.2 } } translate <-0.5,-0.35,-0.5> scale <70,12,40> texture { Rock } translate <18,0,46> } object { Boat(Dye[1],1) rotate y*80 translate <-9,0.2,30> } camera { location <-4,2.6,-8> look_at <0,4,24> angle 56 right x*image_width/image_height } #break
 #else union { #local I=0; #while(I<16) sphere { 0, 2+rand(R0)*2 scale <1,0.4,1> translate <(rand(R0)-0.5)*16,0,0> } #local I=I+1; #end texture { Rock } translate <-16,0,60> } object { Lighthouse() translate <-16,1,60> } object { Boat(Dye[7],1) rotate y*85 translate <14,0.2,40> } camera { location <0,3.4,-10> look_at <0,5,40> angle 60 right x*image_width/image_height }
#end
