// Follows vessels away from the page.
import type { Answered, Asked } from '../data/useAsker.ts';
import { pictureOf, type RunPicture, type RunQuestion } from './compute.ts';

onmessage = ({ data: { no, question } }: MessageEvent<Asked<RunQuestion>>) => {
  postMessage({ no, answer: pictureOf(question) } satisfies Answered<RunPicture>);
};
