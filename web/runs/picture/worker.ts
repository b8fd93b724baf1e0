// Follows vessels away from the page.
import { failedBy, type Answered, type Asked } from '../../data/useAsker.ts';
import { pictureOf, type RunPicture, type RunQuestion } from './compute.ts';

onmessage = ({ data: { no, question } }: MessageEvent<Asked<RunQuestion>>) => {
  let said: Answered<RunPicture>;
  try {
    said = { no, answer: pictureOf(question) };
  } catch (error) {
    said = { no, failed: failedBy(error) };
  }
  postMessage(said);
};
