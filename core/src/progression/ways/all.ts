export { lightDown } from './lightDown';
export { oneCoat } from './oneCoat';
export { restore } from './restore';
export { shadowUp } from './shadowUp';
export { sketch } from './sketch';
export { threeTone } from './threeTone';
