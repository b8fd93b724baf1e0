// A photograph from the camera of a phone or from a file: made smaller here, kept with its entry, sent when it can be.
import { clsx } from 'clsx';
import { Camera } from 'lucide-react';
import { useId, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { PhotoOf, PhotoShows, PhotoTaken } from '#core/photos/index.ts';
import { useActions } from '../actions/actions.tsx';
import { newId } from '../data/house.ts';
import { capital } from '../words/text.ts';
import { keepPictures, sendPictures } from './photos.ts';
import css from './photos.module.scss';
import type { ShrinkFault, Shrunk } from './shrink.ts';
import { shrinkAway } from './shrinkAway.ts';

export const PHOTO_FAULTS: Record<ShrinkFault, string> = {
  'too large': 'This file is too large for a photograph (over 40 MB). Nothing was taken from it.',
  'cut off': 'This photograph is cut off: its end is missing. Take it again.',
  'no picture': 'This is no picture that can be read here. A JPEG or PNG can.',
};
const NOT_KEPT = 'This browser keeps nothing (a private window?), so the photograph would be lost. Take it with another device.';

type Props = {
  of: PhotoOf;
  shows: PhotoShows;
  /** `the closed bag of bag 11`. */ what: string;
  label?: string;
  strong?: boolean;
  quiet?: boolean;
};

const sums = ({ sha256, bytes, width, height }: PhotoTaken['picture']) => ({ sha256, bytes, width, height });
const photoEntry = ({ picture, small }: Shrunk, subject: PhotoOf, shows: PhotoShows) => ({
  kind: 'photo.taken' as const,
  payload: { photo: newId(), of: subject, shows, picture: sums(picture), small: sums(small) },
});

export function TakePhoto({ of: subject, shows, what, label = 'Photograph', strong = false, quiet = false }: Props) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const { recordAction } = useActions();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const take = async (file: File) => {
    setBusy(true);
    setFault(undefined);
    try {
      const made = await shrinkAway(file);
      if ('fault' in made) return setFault(PHOTO_FAULTS[made.fault]);
      const kept = await keepPictures(made).then(
        () => true,
        () => false,
      );
      if (!kept) return setFault(NOT_KEPT);
      await recordAction(`Photograph of ${what}`, photoEntry(made, subject, shows));
      sendPictures();
    } catch {
      setFault(PHOTO_FAULTS['no picture']);
    } finally {
      setBusy(false);
    }
  };
  return (
    <span className={css.take}>
      <Button
        variant={quiet ? 'link' : strong ? 'odd' : 'plain'}
        className={quiet ? clsx('btn-quiet', css.quiet) : ''}
        disabled={busy}
        aria-label={`${capital(label)}: ${what}`}
        onClick={() => input.current?.click()}
      >
        {!quiet && <Camera size={18} aria-hidden />} {busy ? 'Taking it in …' : label}
      </Button>
      <input
        ref={input}
        id={id}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={`Picture file for ${what}`}
        onChange={(event) => {
          const file = event.target.files?.[0];
          // The same file may be chosen again.
          event.target.value = '';
          if (file) void take(file);
        }}
      />
      {fault && (
        <span className="warn" role="alert">
          {fault}
        </span>
      )}
    </span>
  );
}
