/** Blues, violets and greens: L*, C*, h; “=” other words, “~” only beside a word for a hue. */
// eslint-disable-next-line words/retired-words -- pots are named after the green of a leaf
export const coolThings = `
sky 74 27 248
sky blue 72 30 250
ice 88 10 225
ice blue 86 13 228 = icy blue, iceberg
glacier 85 12 235 = glacier blue
arctic 84 14 240 = arctic blue
frost 90 7 230 = frost blue
royal blue 35 66 288 = royal
ultramarine 30 70 294
cobalt 36 56 280 = cobalt blue
cerulean 55 40 244
prussian blue 20 28 266 = prussian
midnight 13 20 284 = midnight blue
night blue 16 26 284
baby blue 83 19 243
powder blue 82 15 236
cornflower 59 47 280 = cornflower blue
periwinkle 64 38 292
sapphire 28 56 288
peacock 43 32 228 = peacock blue
petrol 34 20 226
denim 42 27 268
jeans 46 25 266
slate 43 8 252
slate blue 46 20 272
steel blue 52 22 256
electric blue 55 62 272
lagoon 60 32 212
ocean 40 34 256 ~
sea blue 45 33 240
sea green 55 32 172
sea 48 28 216 ~
marine 28 38 272 = marine blue
deep sea 26 24 238
atlantic 34 30 250 ~
pacific 44 36 244 ~
horizon 70 20 244 ~
lapis 31 58 286 = lapis lazuli
forget me not 70 32 266
bluebell 50 48 290
hyacinth 52 44 298
robin egg 78 26 208 = duck egg, duck egg blue, robin egg blue
bluebird 48 42 260
kingfisher 48 38 238
storm 44 8 252 ~
thunder 38 7 258 ~
rain 60 8 245 ~
blueberry 29 34 284
uniform blue 32 22 270
violet blue 33 60 300
ultraviolet 36 72 308
amethyst 47 46 312
grape 30 38 320
plum 31 32 336
damson 22 26 332
prune 22 18 340
aubergine 20 24 330 = eggplant
mulberry 31 38 350
wisteria 68 29 304
orchid 61 44 328
heather 56 24 320
thistle 70 20 318
iris 43 50 298
pansy 34 54 310
lupin 46 44 302
violets 38 48 310
imperial purple 27 48 324
royal purple 30 54 312
tyrian 26 46 346
emerald 53 52 158
jade 57 36 162
malachite 47 42 156
viridian 43 32 170
mint 86 24 160
peppermint 84 27 158
spearmint 80 26 154
sage 66 17 122
moss 49 36 112
forest 32 30 141 = forest green
woodland 37 26 124 ~
jungle 38 38 130 ~
swamp 36 22 104
marsh 42 22 108
bottle green 26 26 156 = bottle
racing green 28 30 152
hunter green 31 27 140 = hunter
pine 32 23 152
fir 29 21 148
spruce 38 18 168
ivy 34 28 133
fern 52 36 124
leaf 54 45 128
foliage 42 33 124
grass 55 49 126
meadow 60 46 124
spring green 80 50 128
apple green 70 62 118
apple 66 58 118 ~
pear 77 54 110
pea 64 50 112 = pea green
avocado 48 38 112
pistachio 77 34 116
asparagus 62 36 116
spinach 38 34 122
cactus 52 30 136
cucumber 48 34 132
seaweed 34 20 126
algae 42 34 118
kelp 33 24 108
lichen 68 18 112
clover 45 44 138
shamrock 50 52 150
chartreuse 83 82 115
acid green 82 84 118
toxic green 72 80 124
poison green 62 70 128
verdigris 62 24 186 = patina
celadon 78 16 150
absinthe 80 60 110
bronze green 36 18 110
olive drab 40 24 98
olive green 42 33 106
army green 39 24 108
military green 38 22 114
field grey 47 9 135 = feldgrau
reseda 50 18 122
chromium green 42 30 132
emerald blue 46 32 204
aquamarine 74 30 186
seafoam 84 20 166
bay leaf 48 24 118
laurel 38 28 134
juniper 34 16 166
eucalyptus 66 14 158
`;
