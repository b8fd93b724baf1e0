// Getting ready as this screen's own unanswered acts make it: a line that was ticked is ticked at once.
import type { PrepareView } from '#contract/views.ts';
import type { Overlay } from '../data/overlay.ts';

export const overlayPrepare: Overlay<'prepare'> = (view, { actId, entries }, { by }) =>
  entries.reduce<PrepareView>((now, entry) => {
    if (entry.kind !== 'prep.ticked' || entry.payload.crate !== now.crate?.crate) return now;
    const { crate, step, left } = entry.payload;
    const line = now.lines.find((known) => known.step === step && known.ends === 'by hand');
    if (!line) return now;
    const ticked = { by, atMs: entry.occurredAtMs, actId, ...(left === undefined ? {} : { left }) };
    return {
      ...now,
      lines: now.lines.map((known) => (known === line ? { ...known, ticked } : known)),
      crates: now.crates.map((card) => (card.crate === crate && !line.ticked ? { ...card, open: card.open - 1 } : card)),
    };
  }, view);
