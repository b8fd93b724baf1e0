// Direct meetings: a wet tool that went from one tank to another before anybody disinfected it or it dried. Tracing goes on from here.
import { inOrder } from '../time/index.ts';

export type ToolUse = { entry: string; tool: string; tank: string; atMs: number; /** Place in its entry. */ ord: number };
export type Disinfection = { tool: string; atMs: number };
/** `tool` was wet in `from` at `fromMs`, and went into `to` at `atMs`. */
export type ToolMeeting = { entry: string; tool: string; from: string; fromMs: number; to: string; atMs: number };

/**
 * Every pair of tanks that a tool joined within `driesMs` without being disinfected between, oldest first. A disinfection at the
 * instant of a use came after it: people write both down together.
 */
export function meetingsByTool(uses: readonly ToolUse[], disinfections: readonly Disinfection[], driesMs: number): ToolMeeting[] {
  const byTool = new Map<string, ToolUse[]>();
  for (const use of uses) byTool.set(use.tool, [...(byTool.get(use.tool) ?? []), use]);
  const contacts: ToolMeeting[] = [];
  for (const [tool, list] of byTool) {
    const ordered = list.toSorted((a, b) => inOrder(a, b) || a.ord - b.ord);
    const clean = disinfections.filter((disinfection) => disinfection.tool === tool).map(({ atMs }) => atMs);
    ordered.forEach((use, index) => {
      // Back from here to the last time that it was clean or dry: each tank counts once, by its latest use.
      const from = new Map<string, number>();
      for (let before = index - 1; before >= 0; before -= 1) {
        const earlier = ordered[before]!;
        if (use.atMs - earlier.atMs > driesMs || clean.some((atMs) => atMs >= earlier.atMs && atMs <= use.atMs)) break;
        if (earlier.tank !== use.tank && !from.has(earlier.tank)) from.set(earlier.tank, earlier.atMs);
      }
      for (const [tank, fromMs] of from) contacts.push({ entry: use.entry, tool, from: tank, fromMs, to: use.tank, atMs: use.atMs });
    });
  }
  return contacts.sort(inOrder);
}

/** Whether a tool is wet still, and from which tanks. */
export function wetFrom(
  uses: readonly ToolUse[],
  disinfections: readonly Disinfection[],
  given: { now: number; driesMs: number },
): { tank: string; atMs: number }[] {
  const cleanMs = Math.max(-Infinity, ...disinfections.map(({ atMs }) => atMs));
  const latest = new Map<string, number>();
  for (const { tank, atMs } of uses)
    if (atMs > cleanMs && given.now - atMs <= given.driesMs) latest.set(tank, Math.max(latest.get(tank) ?? 0, atMs));
  return [...latest].map(([tank, atMs]) => ({ tank, atMs })).sort((a, b) => b.atMs - a.atMs);
}
