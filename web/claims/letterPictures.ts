// The photographs that go with a claim's letter, from this device or from the house; one that neither has is said to be missing.
import type { ClaimCard } from '#contract/views.ts';
import { findPicture } from '../photos/photos.ts';
import { claimPictures } from '../words/claim.ts';
import type { LetterPicture } from './pdf.ts';

export const picturesOf = (claim: ClaimCard, when: (ms: number) => string): Promise<LetterPicture[]> =>
  Promise.all(
    claimPictures(claim).map(async ({ photo: { shows, atMs, by, note, picture }, what }): Promise<LetterPicture> => {
      const jpeg = await findPicture(picture.sha256);
      const says = [
        `${what}: ${shows}${note ? ` (${note})` : ''}. Taken ${when(atMs)} by ${by}.${jpeg ? '' : ' Not sent from the device yet.'}`,
        `SHA-256 ${picture.sha256}`,
      ];
      return { says, ...(jpeg ? { jpeg } : {}) };
    }),
  );
