// A photograph as screens read it: the addresses of its bytes follow from their sums.
import type { PhotoShows, Picture } from '#core/photos/index.ts';
import type { Done } from '../notebook/views.ts';

export type PhotoCard = Done & { photo: string; shows: PhotoShows; picture: Picture; small: Picture; note?: string };
