// Photographs side by side, small; one of them large by a tap, with who took it and when.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import type { PhotoCard } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { useMe, useTimes } from '../data/me.ts';
import { usePicture } from './photos.ts';
import css from './photos.module.scss';

export function Photos({ photos, of: what }: { photos: readonly PhotoCard[] | undefined; of: string }) {
  const [front, setFront] = useState<string>();
  if (!photos || photos.length === 0) return null;
  const chosen = photos.find(({ photo }) => photo === front);
  return (
    <>
      <ul className={css.row} aria-label={`Photographs of ${what}`}>
        {photos.map((photo) => (
          <li key={photo.photo}>
            <Small photo={photo} of={what} onOpen={() => setFront(photo.photo)} />
          </li>
        ))}
      </ul>
      {chosen && <Large photo={chosen} of={what} onClose={() => setFront(undefined)} />}
    </>
  );
}

function Small({ photo, of: what, onOpen }: { photo: PhotoCard; of: string; onOpen: () => void }) {
  const { when } = useTimes();
  const url = usePicture(photo.small.sha256);
  const { width, height } = photo.small;
  const says = `${photo.shows}, ${what}, ${when(photo.atMs)}`;
  return (
    <button type="button" className={css.small} onClick={onOpen} aria-label={`Photograph: ${says}`}>
      {url === undefined ? <span className={css.none} /> : <Img url={url} {...{ width, height }} alt={says} />}
    </button>
  );
}

/** One that the house does not have yet is still on the device that took it. */
function Img({ url, width, height, alt }: { url: string; width: number; height: number; alt: string }) {
  const [bad, setBad] = useState<string>();
  if (bad === url) return <span className={css.none}>not sent yet</span>;
  return <img src={url} width={width} height={height} alt={alt} loading="lazy" onError={() => setBad(url)} />;
}

function Large({ photo, of: what, onClose }: { photo: PhotoCard; of: string; onClose: () => void }) {
  const { when } = useTimes();
  const { person } = useMe();
  const { undo } = useActions();
  const url = usePicture(photo.picture.sha256);
  const { width, height } = photo.picture;
  return (
    <Modal show centered size="xl" onHide={onClose} aria-label={`Photograph of ${what}`}>
      <Modal.Body className={css.large}>
        {url && <Img url={url} {...{ width, height }} alt={`${photo.shows}, ${what}`} />}
        <p>
          {what}: {photo.shows}. {when(photo.atMs)}, {photo.by}
          {photo.note && `: ${photo.note}`}
        </p>
        <div className="chips">
          <Button variant="plain" onClick={onClose} autoFocus>
            Close
          </Button>
          {(person.role === 'lead' || person.name === photo.by) && (
            <Button
              variant="plain"
              onClick={() => {
                onClose();
                void undo(photo.actId, `photograph of ${what}`);
              }}
            >
              Take it back
            </Button>
          )}
        </div>
      </Modal.Body>
    </Modal>
  );
}
