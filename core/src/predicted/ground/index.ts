export { groundWords } from './groundWords';
export { groundRefusal, groundsBelow, mostGrounds, onGround } from './onGround';
