// The order of unpacking, worked out away from the page.
import { failedBy, type Answered, type Asked } from '../data/useAsker.ts';
import { unpacked, type UnpackAnswer, type UnpackQuestion } from './tasks.ts';

onmessage = ({ data: { no, question } }: MessageEvent<Asked<UnpackQuestion>>) => {
  try {
    postMessage({ no, answer: unpacked(question) } satisfies Answered<UnpackAnswer>);
  } catch (error) {
    postMessage({ no, failed: failedBy(error) } satisfies Answered<UnpackAnswer>);
  }
};
