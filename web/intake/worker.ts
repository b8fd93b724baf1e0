// Reads lists away from the page, so that a long one never stops a tap.
import { readList, type ReadRequest } from './read.ts';

onmessage = ({ data }: MessageEvent<{ no: number; request: ReadRequest }>) => {
  postMessage({ no: data.no, reply: readList(data.request) });
};
