import { entry, type Entry } from './entry';

/** Negation, order, reference, number of coats. */
export const orderWords: readonly Entry[] = [
  entry(
    { kind: 'not' },
    "not|no|not in|not on|never|never on|never in|except|except for|except in|except on|but not|but not in|but not on|don't|don't touch|don't go in|don't go on|don't go into|don't get it in|don't get it on|do not|leave|leaving|leaving out|leave out|keep|keeping|avoid|avoiding|stay off|stay away from|stay out of|staying off|staying away from|staying out of|keep off|keep away from|keep clear of|keep out of|keeping off|keeping clear of|keep it off|keep it out of|keep it away from|steer clear of|miss|missing|skip|skipping|without touching|without covering|without going into|without|apart from|other than|bar|all but|everything but|everywhere but|everything except|everywhere except|everything apart from|everywhere apart from|all except|anywhere but|not quite to|not the|spare|sparing|ignore|ignoring|minus|short of covering|out of",
    1.4,
  ),
  entry(
    { kind: 'asItIs' },
    'alone|dark|untouched|clean|showing|show|visible|as they are|as it is|free|clear|bare|unpainted|exposed|shown|peeking through|to show|show through|showing through|be',
  ),
  entry(
    { kind: 'upTo' },
    'up to|up to the|right up to|right up to the|short of the|stopping short of the|almost to the|nearly to the|just short of the|just below the|just under the|almost up to the|nearly up to the|almost to|nearly to|short of|stopping short of|stop short of|just short of|until just below|just below|just under|up until|stop before|stopping before|stop at|stopping at|almost up to|nearly up to|to just below|below',
  ),
  entry({ kind: 'from' }, 'from|starting from|starting at|from about'),
  entry(
    { kind: 'upwards' },
    'up|upwards|upward|and up|and above|and upwards|and higher|on up|and everything above|above|to the top|to the tips',
  ),
  entry(
    { kind: 'downwards' },
    'down|downwards|downward|and down|and below|and lower|and everything below',
  ),
  entry(
    { kind: 'smaller' },
    'smaller|higher|go smaller|a bit higher up|higher|go smaller|a bit higher up|on a smaller area|smaller area|a smaller area|on a smaller area again|over a smaller area|over less|on less|less again|a bit smaller|smaller still|even smaller|less area|covering less|cover less|further up|higher up|a bit higher|tighter|more focused|smaller again|over a smaller patch|leaving some of the last|leave some of the last one|leave some of the last|leave a bit of the last|leave a little of the last|leave some of the previous|leave some of the layer below showing|leaving some of the last one|leaving some of the previous|leave some of the one before|leaving a bit of the last|leaving some of the layer before|leaving a little of the last layer|leave some of that showing|on less of it|narrower|a touch smaller|but smaller|but less of it|less of the area',
    1.4,
  ),
  entry(
    { kind: 'smaller', isEach: true },
    'each smaller|each one smaller|each time smaller|smaller each time|each over less|each on less|each over a smaller area|each one less|each one over less|less each time|less and less|over less and less|smaller and smaller|each a bit smaller|each a little smaller|each coat smaller|each layer smaller|covering less each time|getting smaller|getting smaller each time|shrinking|each smaller than the last|each tighter|each one tighter|tighter each time|tighter and tighter|each less than the last|each smaller than the one before|each covering less|a bit less each time|a little less each time|every time smaller|on smaller areas each time|each higher up|higher each time|working up each time|each time a bit higher|each one higher|smaller every time',
    1.6,
  ),
  entry(
    { kind: 'deeper' },
    'deeper|deeper in|further in|deeper into the recesses|deeper down|further down|lower down|deeper still',
  ),
  entry({ kind: 'sparser' }, 'sparser|sparsely|sparse|fewer|less of it|more spread out|spread out'),
  entry(
    { kind: 'same' },
    'same|same again|the same|same as before|same as above|as above|as before|same thing|do the same|same way|same deal|likewise|same idea|ditto|same places|same spots|same areas|in the same places|same place|repeat that|do it again|once more|one more time|same treatment|same technique|as the last|same as the last|same as last time|and again',
  ),
  entry(
    { kind: 'mixAbove' },
    'that mix|this mix|the mix|mix|last mix|previous mix|mix above|mix before|the mix before|the mix from before|mix from before|same mix|the same mix|same colour|the same colour|that colour|this colour|same paint|that same colour|last colour|previous colour|the last one|last one|that one|that|same mixture|that mixture|colour above|colour before|colour from before|same stuff|the previous|of the mix|of that|of that mix|line above|what is left on the brush|whats left on the brush|whatever is left on the brush|whatevers left on the brush|what is on the brush|whats on the brush|what is left in the brush|whats left in the brush|leftover paint|leftover mix|what remains on the brush',
    0.95,
  ),
  entry(
    { kind: 'baseMix' },
    'the base|of the base|into the base|in the base|with the base|to the base|into the base colour|into the base mix|with the base colour|to the base colour|base mix|base colour mix|the base colour|of the base colour|the basecoat|of the basecoat|the base coat|of the base coat|base coat colour|what i used for the base|what i based it with|the colour i used for the base|colour of the base|colour used for the base|what we used for the base|the first colour|first colour|the original colour|original base',
    1.05,
  ),
  entry(
    { kind: 'baseMix' },
    'added to the base|mixed into the base|mixed with the base|stirred into the base|added to the base colour|mixed into the base colour|put into the base',
    1.6,
  ),
  entry(
    { kind: 'intoIt' },
    'into that|into it|in it|to it|to that|into the mix|to the mix|in that|in the mix|into this|to this|added to that|added to it|mixed in|stirred in|added in|mixed into that|mixed into it',
    1.1,
  ),
  entry(
    { kind: 'more' },
    'more|even more|some more|a bit more|a little more|more of|yet more|extra|another bit of|further',
  ),
  entry(
    { kind: 'add' },
    'add|adding|lighten|lighten it|lighten with|lighten it with|lightened with|brighten|brighten with|brighten it with|brightened with|darken|darken with|darken it with|darkened with|warm it with|warm it up with|warmed with|warm up with|cool it with|cooled with|lighten that with|lighten the mix with|add in|mix in|mixing in|throw in|bring in|knock it up with|brighten it up with|dull it with|dulled with|desaturate with|desaturate it with|brighten that with|darken that with|lighten it up with|start adding|keep adding',
  ),
  entry({ kind: 'instead' }, 'instead|rather'),
  entry({ kind: 'line' }, 'line|step'),
  entry({ kind: 'line' }, 'lines', 0.1),
  entry(
    { kind: 'then' },
    'and while it is wet|and while its wet|and while wet|and while that is wet|and while its still wet|then|→|->|=>|➔|and then|after that|followed by|finally|and finally|afterwards|next|lastly|once dry|when dry|when that is dry|once that is dry|and after that|after which|before finishing with|finish with|finishing with|finish off with|ending with|end with|after drying',
  ),
  entry({ kind: 'only' }, 'only|just|alone|nothing else|and nowhere else|nowhere else'),
  entry(
    { kind: 'coats' },
    'coat|coats|pass|passes|go|goes|round|rounds|times|layers of it|coat of|coats of|passes of|applications|application|pass of|rounds of|hits|hit',
  ),
  entry(
    { kind: 'often', times: 1 },
    'once|one coat|a coat|a single coat|single coat|one single coat|a coat of|one coat of|good coat of|wet coat of|good wet coat of|one pass|a pass|one go|one layer|in one go|a single layer|one thin coat|one good coat|another coat|another coat of|one more coat|one more coat of|a final coat of|another pass|one more pass|another thin coat of|another layer of|one more layer of|another go',
  ),
  entry(
    { kind: 'often', times: 2 },
    'twice|two times|two coats|two thin coats|couple of coats|couple of passes|couple of layers|a couple of coats|a couple of passes|a couple of layers|a couple of goes|a couple of thin coats|couple of thin coats|both coats',
  ),
  entry(
    { kind: 'often', times: 3 },
    'thrice|three times|a few coats|a few passes|a few times|a few layers|several coats|several passes|several layers|a few thin coats|few coats|few passes|a few thin layers|several times|several thin coats',
  ),
  entry(
    { kind: 'manyTimes' },
    'lots of passes|lots of coats|many passes|many coats|lots of layers|many layers|as many passes as it takes|as many coats as it takes|as many as it takes|as many as needed|loads of passes|loads of coats|multiple coats|multiple passes|multiple layers|lots of thin coats|lots of thin layers|many thin layers|many thin coats|multiple thin coats|multiple thin layers',
  ),
  entry(
    { kind: 'ifNeeded' },
    "second coat if needed|second coat if it needs it|a second coat if needed|a second coat if it needs it|another coat if needed|another if it needs it|another if needed|another if it wants it|another coat if it wants it|second if needed|a second if needed|two if needed|two if it needs it|maybe two|maybe a second|maybe another|possibly two|perhaps two|or two|repeat if needed|repeat if necessary|repeat once if needed|second coat if necessary|a second coat if necessary|another coat if necessary|touch up if needed|until even|until it is even|till even|until opaque|until it covers|until solid|till it covers|till solid|until covered|till it is even|till it's even|until it's even|until it's solid|until it's opaque|another coat if it looks patchy|second coat if it looks patchy|second one if needed|more if needed|again if needed|again if it needs it",
    1.5,
  ),
  entry(
    { kind: 'repeat' },
    "repeat|repeat until|repeat till|keep going until|keep going till|keep going|and so on|until you like it|till you like it|until you're happy|till you're happy|until happy|till happy|build it up slowly|repeat as needed|as needed|until it looks right|till it looks right|until smooth|till smooth|repeat until smooth|keep adding until",
  ),
  entry(
    { kind: 'optional' },
    "optional|optionally|if you want|if you like|if there is time|if there's time|if time allows|if you have time|if you feel like it",
  ),
  entry({ kind: 'below' }, 'over the|over|on top of|onto the'),
  entry({ kind: 'and' }, 'and|&|und|n'),
  entry({ kind: 'plus' }, '+|plus'),
  entry({ kind: 'with' }, 'with|w|using|mixed with|mixed into|mix with|mixed'),
  entry({ kind: 'of' }, 'of'),
  entry(
    { kind: 'on' },
    'on|onto|along|across|around|round|at|all along|over the top of|near|by|against|beside|on the|around the|round the|along the|across the|all the',
  ),
  entry(
    { kind: 'in' },
    'in|into|inside|within|between|under|beneath|in the|into the|inside the|between the|under the|round the inside of',
  ),
  entry({ kind: 'comma' }, ',|;|.|!|—|–|(|)|[|]|…'),
  entry({ kind: 'colon' }, ':'),
  entry({ kind: 'dash' }, '-'),
  entry({ kind: 'to' }, 'to|until|till'),
  entry({ kind: 'or' }, 'or|/'),
  entry({ kind: 'times' }, 'x|×|*'),
];
