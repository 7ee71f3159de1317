import * as Comlink from 'comlink';
import { pictureWork } from './work/pictureWork';

Comlink.expose(pictureWork);
