import * as Comlink from 'comlink';
import { pictureWork } from './shared/pictureWork';

Comlink.expose(pictureWork);
