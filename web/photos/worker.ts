// Makes pictures smaller away from the page: twelve million pixels stop no tap.
import { shrink, type ShrinkReply } from './shrink.ts';

onmessage = ({ data: file }: MessageEvent<Blob>) => {
  void shrink(file)
    .catch((): ShrinkReply => ({ fault: 'no picture' }))
    .then((reply) => postMessage(reply));
};
