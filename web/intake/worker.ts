// Reads lists away from the page, so that a long one never stops a tap.
import type { Answered, Asked } from '../data/useAsker.ts';
import { readList, type ReadReply, type ReadRequest } from '#core/intake/index.ts';

onmessage = ({ data: { no, question } }: MessageEvent<Asked<ReadRequest>>) => {
  postMessage({ no, answer: readList(question) } satisfies Answered<ReadReply>);
};
