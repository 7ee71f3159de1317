/** Metals: L*, C*, h; “=” other words. As the last word for a colour they make a paint metallic. */
export const metals = `
silver 76 2 250
bright silver 84 1 240
dark silver 56 2 250
chrome 80 3 240
nickel 68 3 96
platinum 81 3 88
aluminium 74 2 244 = aluminum, dural, duralumin
steel 60 4 250
stainless steel 63 3 242
dark steel 44 5 252
burnt steel 42 9 300
iron 47 3 255
cast iron 33 2 260
wrought iron 29 2 265
gun metal 38 4 262 = gunmetal
pewter 56 3 110
tin 67 3 200
zinc 61 4 228
lead 44 4 258
titanium 54 5 282
gold 63 46 82
bright gold 73 56 86
old gold 53 38 80
antique gold 51 36 78 = aged gold, ancient gold
pale gold 78 38 88
rose gold 64 28 52
red gold 56 43 68
white gold 80 13 86
green gold 62 42 98
champagne gold 79 28 86
dark gold 48 36 76
brass 60 42 86
old brass 47 32 82
bronze 44 31 68
dark bronze 32 22 66
old bronze 38 22 76
copper 50 39 54
bright copper 58 46 56
old copper 38 28 50
metal 58 3 252
quicksilver 79 2 244 = mercury
`;
