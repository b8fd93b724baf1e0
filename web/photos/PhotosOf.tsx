// The photographs of a tank or a lot, and one more.
import { clsx } from 'clsx';
import type { PhotoCard } from '#contract/views.ts';
import type { PhotoOf, PhotoShows } from '#core/photos/index.ts';
import { Photos } from './Photos.tsx';
import css from './photos.module.scss';
import { TakePhoto } from './TakePhoto.tsx';

type Props = { photos: readonly PhotoCard[]; of: PhotoOf; shows: PhotoShows; what: string };

export function PhotosOf({ photos, of: subject, shows, what }: Props) {
  return (
    <section className={clsx('no-print', css.section)} aria-label={`Photographs, ${what}`}>
      <Photos photos={photos} of={what} />
      <TakePhoto of={subject} shows={shows} what={what} />
    </section>
  );
}
