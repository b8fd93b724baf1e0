// Computes away from the page, a step at a time; a new question ends the old one between two steps.
import { failedBy, type Answered, type Asked } from '../data/useAsker.ts';
import { answersTo, type Answer, type Question } from './compute.ts';

let current = 0;

onmessage = ({ data: { no, question } }: MessageEvent<Asked<Question>>) => {
  current = no;
  const steps: Iterator<Answer | undefined, void> = answersTo(question);
  const channel = new MessageChannel();
  channel.port1.onmessage = () => {
    if (current !== no) return channel.port1.close();
    // A few draws a turn: often enough to hear a new question, seldom enough to cost nothing.
    for (let turn = 0; turn < 4; turn += 1) {
      try {
        const { value, done } = steps.next() as { value: Answer | undefined; done?: boolean };
        if (value) postMessage({ no, answer: value } satisfies Answered<Answer>);
        if (done) return channel.port1.close();
      } catch (error) {
        postMessage({ no, failed: failedBy(error) } satisfies Answered<Answer>);
        return channel.port1.close();
      }
    }
    channel.port2.postMessage(undefined);
  };
  channel.port2.postMessage(undefined);
};
