import { jpeg } from './formats/jpeg';
import { png } from './formats/png';
import { webp } from './formats/webp';
import type { PictureFormat } from './pictureFormat';

/** Kinds of picture file the ledger takes; a file each. */
export const pictureFormats: readonly PictureFormat[] = [jpeg, png, webp];

/** As sentences list them. */
export const pictureFormatWords = 'a JPEG, a PNG or a WebP';
