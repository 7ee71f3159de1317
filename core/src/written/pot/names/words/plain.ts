/** Browns, sands, whites, greys and blacks: L*, C*, h; “=” other words, “~” only beside a word for a hue. */
export const plainThings = `
chocolate 27 20 54
dark chocolate 20 14 52
milk chocolate 38 26 58
coffee 30 17 64
espresso 20 10 58
mocha 40 18 60
cocoa 36 20 54
chestnut 36 34 46
hazel 45 34 70
hazelnut 48 30 66
walnut 33 20 62
nut 37 30 62
oak 54 32 74
teak 46 36 68
mahogany 29 31 40
rosewood brown 32 26 34
cedar 43 36 50
pine wood 70 36 78
bark 34 18 62
wood 45 30 68
old wood 47 15 74 = weathered wood, aged wood
driftwood 59 14 74
timber 56 28 74
plank 58 22 76
leather 41 31 60
dark leather 29 22 58
red leather 34 40 38
old leather 37 24 58
saddle 42 38 58
hide 56 28 68
fur 42 24 66
cork 62 28 74
tobacco 40 30 66
cinnamon 50 42 56
ginger 55 52 62
caramel 55 44 68
toffee 46 44 65
fudge 48 34 62
butterscotch 66 48 74
camel 66 36 76
fawn 73 23 78
biscuit 76 26 78
cookie 64 34 74
oatmeal 80 14 84
sand 77 25 84
desert sand 78 28 80
dark sand 62 28 80
sandstone 71 28 80
desert 72 30 80
dune 74 28 82
beach 82 24 84
clay 52 28 62
mud 36 18 70 = muddy
dirt 40 20 70
dust 72 12 78 ~
earth 38 24 66
soil 30 16 66
loam 32 21 66
peat 20 11 68 = peat brown
bog 26 13 86 ~
dung 36 24 78
red ochre 46 46 48
van dyke 24 14 60 = vandyke
bistre 26 16 66
taupe 50 9 66
fallow 67 30 80
rope 65 27 80
hemp 70 22 86
burlap 64 24 80 = hessian, sackcloth, jute
canvas 78 18 86
linen 90 9 88
cotton 93 5 92
wool 88 9 88
parchment 87 20 88
vellum 88 22 86
papyrus 82 24 86
paper 94 6 94 ~
bone 84 18 90
old bone 76 22 86
skeleton 86 16 92
skull 85 14 88
horn 74 22 84
tooth 88 16 92
ivory white 94 9 98
ecru 77 21 89
eggshell 93 8 86
vanilla 91 23 92
champagne 88 18 84
pearl 90 4 90
oyster 82 7 92
alabaster 94 4 88
magnolia 93 10 84
buttermilk 94 19 94
milk 96 5 98
cream white 95 11 94
off white 92 6 92
antique white 91 12 82
warm white 95 7 88
cold white 96 3 240 = cool white
chalk 94 4 100
snow 98 1 220
polar white 97 2 240
ghost 92 3 230 ~
bright white 98 0 0
dead white 95 0 0
stone 62 8 88
granite 48 3 280
concrete 66 4 100
cement 62 4 90
rock 54 6 80
pebble 68 8 86
flint 41 5 262
basalt 30 3 260
marble 88 3 100
limestone 82 11 90
ash 68 4 110
smoke 50 3 90
fog 81 4 232
mist 82 4 230
cloud 78 3 240
dove 70 4 300
mouse 54 5 72
rat 46 7 66
wolf 56 5 250
elephant 52 4 80
shark 50 6 250
ship grey 60 7 250
sea grey 52 10 236
storm grey 46 6 250
neutral grey 54 0 0
dark sea grey 44 8 240
blue grey 56 14 262
green grey 56 9 140
brown grey 48 8 72
warm grey 57 6 70
cold grey 56 5 255 = cool grey
pewter grey 48 4 255
lead grey 42 4 250
steel grey 48 6 248
iron grey 38 4 245
silver grey 76 3 250
charcoal 24 3 265
anthracite 26 3 255
graphite 31 2 262
soot 17 2 70
coal 14 2 275
pitch 10 1 280 = pitch black
jet 8 1 275 = jet black
ebony 17 4 60
obsidian 12 3 290
onyx 13 2 265
raven 14 6 282
liquorice 13 3 310
tar 12 3 60
oil 20 8 80 ~
off black 15 3 260
blue black 14 10 276
rubber 25 2 75 = tyre, tire
asphalt 33 2 270 = tarmac
mahogany brown 28 30 42
`;
