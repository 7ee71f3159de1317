/** Reds, pinks, oranges, yellows and skins: L*, C*, h; “=” other words, “~” only beside a word for a hue. */
export const warmThings = `
blood 32 50 27
dried blood 24 30 28
poppy 47 74 36
cherry 38 62 25
strawberry 50 62 22
raspberry 40 56 8
tomato 50 66 37
apple red 42 62 28
ruby 34 58 16
garnet 28 40 22
carmine 36 58 18
vermilion 49 76 40 = vermillion, cinnabar
cardinal 36 60 26
claret 26 38 12
wine 26 34 8
merlot 24 28 12
oxblood 25 32 26 = ox blood
brick 42 42 39 = brick red
fire 53 80 42 ~
flame 56 80 46
fire engine 43 74 33
ember 48 66 44
lava 50 78 42
magma 46 74 40
cranberry 36 52 16
currant 29 44 14
rust 42 44 50 = rusty
fresh rust 52 54 58
iron oxide 36 38 38 = red oxide, oxide red
rosewood 33 30 26
redwood 36 34 34
russet 38 38 52
terracotta 52 46 48 = terra cotta
salmon 71 42 36
coral 65 54 34
peach 81 32 60
apricot 77 42 66
shrimp 72 36 32
flamingo 70 46 16
bubblegum 73 40 350 = bubble gum
candy pink 70 46 356
hot pink 57 76 356
shocking pink 54 80 352
fuchsia 50 78 346 = fuschia
cerise 46 66 4
blush 81 20 14 = blush pink
shell pink 86 15 42
baby pink 85 20 5
rose pink 72 38 6
dusky pink 63 24 12 = dusky rose
old rose 58 26 14
pig pink 76 26 22
orchid pink 70 42 340
tangerine 68 80 62
mandarin 66 78 58
clementine 69 80 64
pumpkin 63 74 60
carrot 64 70 58
marigold 73 76 72
saffron 76 78 78
sunset 65 66 54
sunrise 76 54 70 ~
papaya 73 60 62
mango 75 76 74
persimmon 59 70 50
cantaloupe 78 46 66
copper orange 58 58 58
sun 86 78 90
sun yellow 86 82 90 = sunny yellow
sunshine 88 74 92
sunflower 81 82 84
lemon 90 78 102
canary 90 76 100
primrose 89 44 100
daffodil 87 82 94
buttercup 85 84 90
dandelion 82 84 88
banana 89 56 94
butter 90 42 94
custard 88 46 92
corn 84 60 86 = maize, sweetcorn
straw 82 42 92
wheat 81 36 84
hay 78 38 90
honey 70 60 80
mustard 68 64 84 = dijon
flax 86 36 92
cornsilk 92 20 92
sulphur 88 66 106 = sulfur
brimstone 80 60 102
golden yellow 78 82 82 = gold yellow
sand yellow 76 38 84
desert yellow 72 40 84
dark yellow 62 44 86
naples yellow 86 42 86 = naples
ochre red 48 44 46
moon 91 18 96 ~
moonlight 90 14 100
pale flesh 83 20 62 = pale skin, light skin, light flesh
medium flesh 66 29 60 = medium skin
dark flesh 44 27 57 = dark skin
fluorescent yellow 94 90 108 = neon yellow, fluo yellow, fluor yellow
tanned flesh 60 32 60 = tanned skin
sunburnt flesh 58 36 48 = sunburnt skin
rosy flesh 72 30 40 = rosy skin
freckled flesh 70 28 56 = freckled skin
zombie flesh 68 24 108 = zombie, zombie skin
undead flesh 74 14 104 = undead skin
dead flesh 72 17 100 = dead skin, corpse flesh
troll skin 58 20 140
orc skin 50 38 126
goblin skin 56 42 122
olive skin 62 30 74 = olive flesh
brown skin 43 27 58 = brown flesh
black skin 28 16 56
porcelain 92 7 76
lips 58 34 24
tongue 62 36 20
gums 60 34 18
`;
