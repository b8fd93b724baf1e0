// A second model of quarantine clocks, for tests: a ledger that walks forward through what happened, minute by minute, with the little state that a keeper would
// have in mind. It shares no code with core/quarantine, which looks back over intervals instead.

/** What happened, in the order in which it happened. Minutes since a midnight; a day has 1440. */
export type Happened = { at: number } & (
  | { is: 'cleared stock'; lot: string; tank: string }
  | { is: 'arrives'; lot: string; tank: string }
  | { is: 'in quarantine again'; lot: string }
  | { is: 'moves'; lot: string; tank: string }
  | { is: 'replumbed'; tank: string; system: string }
  | { is: 'looked'; tank: string; missed?: string; ill?: string; stressed?: string }
  | { is: 'dies'; lot: string; ill: boolean }
  | { is: 'wets'; tool: string; tank: string }
  | { is: 'disinfects'; tool: string }
  | { is: 'pours'; from: string; to: string }
  | { is: 'treatment begins' | 'treatment ends'; system: string }
  | { is: 'signed off'; lot: string }
);
export type Rules = { days: number; afterTreatment: number; driesMin: number; settlesMin: number };
export type Calculated = { restarts: string[]; left: number };

const DAY = 1440;
type Lot = {
  tank: string;
  since: number;
  status: 'cleared stock' | 'in quarantine' | 'done';
  /** Signed off while these lived on its system, in a quarantine that is not over yet. */
  among: Set<string>;
  openedDay: number;
  restarts: { at: number; why: string }[];
  days: { seen: Set<string>; came: boolean; missed: boolean; treated: boolean; last: string }[];
};
type Wet = { tank: string; at: number; system: string; dirty: string[] };

export function walk(
  happened: readonly Happened[],
  { systemOf, rules, until }: { systemOf: Record<string, string>; rules: Rules; until: number },
): Map<string, Calculated> {
  const systemNow = { ...systemOf };
  const lots = new Map<string, Lot>();
  const wet = new Map<string, Wet[]>();
  const treatments = new Set<string>();
  let day = 0;
  const get = (lot: string) => lots.get(lot)!;
  const where = (lot: string) => systemNow[get(lot).tank]!;
  const on = (system: string) => [...lots.keys()].filter((lot) => where(lot) === system);
  const isClear = (lot: string): boolean => {
    const { status, among } = get(lot);
    return status === 'cleared stock' || (status === 'done' && among.size === 0);
  };
  const restart = (lot: string, atMs: number, why: string) => {
    const treatment = get(lot);
    if (treatment.status === 'in quarantine' && Math.floor(atMs / DAY) > treatment.openedDay) treatment.restarts.push({ at: atMs, why });
  };
  /** The page of the day: opened for each lot with the first thing of it. */
  const page = (lot: string) => {
    const treatment = get(lot);
    return (treatment.days[day] ??= { seen: new Set(), came: false, missed: false, treated: false, last: treatment.tank });
  };
  const markTreatments = () => {
    for (const lot of lots.keys()) if (treatments.has(where(lot))) page(lot).treated = true;
  };
  /** Fish that lived together before are no newcomers to each other. */
  const comeTo = (system: string, newcomers: readonly string[], atMs: number) => {
    const there = on(system).filter((lot) => !newcomers.includes(lot));
    const dirtyThere = there.filter((lot) => !isClear(lot));
    const dirtyComing = newcomers.filter((lot) => !isClear(lot));
    return () => {
      for (const lot of there) for (const _ of dirtyComing) restart(lot, atMs, 'newcomer');
      if (dirtyThere.length > 0) for (const lot of newcomers) restart(lot, atMs, 'came to fish in quarantine');
    };
  };
  const put = (lot: string, tank: string, atMs: number) => {
    Object.assign(get(lot), { tank, since: atMs });
    page(lot).came = true;
  };
  const turn = (to: number) => {
    while (day < to) {
      for (const lot of lots.keys()) {
        page(lot).last = get(lot).tank;
      }
      day += 1;
      markTreatments();
    }
  };
  for (const event of happened) {
    turn(Math.floor(event.at / DAY));
    const { at } = event;
    switch (event.is) {
      case 'cleared stock':
      case 'arrives': {
        const on_ = event.is === 'arrives';
        lots.set(event.lot, {
          tank: event.tank,
          since: at,
          status: on_ ? 'in quarantine' : 'cleared stock',
          among: new Set(),
          openedDay: on_ ? day : Infinity,
          restarts: [],
          days: [],
        });
        comeTo(systemNow[event.tank]!, [event.lot], at)();
        page(event.lot).came = true;
        markTreatments();
        break;
      }
      case 'in quarantine again':
        Object.assign(get(event.lot), { status: 'in quarantine', openedDay: day, restarts: [] });
        break;
      case 'moves': {
        const to = systemNow[event.tank]!;
        const meet = to === where(event.lot) ? () => undefined : comeTo(to, [event.lot], at);
        put(event.lot, event.tank, at);
        meet();
        markTreatments();
        break;
      }
      case 'replumbed': {
        const moved = [...lots.keys()].filter((lot) => get(lot).tank === event.tank);
        const meet = event.system === systemNow[event.tank] ? () => undefined : comeTo(event.system, moved, at);
        systemNow[event.tank] = event.system;
        meet();
        markTreatments();
        break;
      }
      case 'looked':
        for (const lot of lots.keys()) if (get(lot).tank === event.tank) page(lot).seen.add(event.tank);
        if (event.missed) page(event.missed).missed = true;
        if (event.ill) illness(event.ill, at);
        if (event.stressed && at - get(event.stressed).since > rules.settlesMin) restart(event.stressed, at, 'lasting stress');
        break;
      case 'dies':
        if (event.ill) illness(event.lot, at);
        else restart(event.lot, at, 'unexplained death');
        break;
      case 'wets': {
        const list = wet.get(event.tool) ?? [];
        const from = list.filter(({ tank, at: when }) => tank !== event.tank && at - when <= rules.driesMin);
        for (const source of from) carried(source, event.tank, at, 'shared tool');
        const now: Wet = {
          tank: event.tank,
          at,
          system: systemNow[event.tank]!,
          dirty: on(systemNow[event.tank]!).filter((lot) => !isClear(lot)),
        };
        wet.set(event.tool, [...list.filter(({ tank }) => tank !== event.tank), now]);
        break;
      }
      case 'disinfects':
        wet.delete(event.tool);
        break;
      case 'pours': {
        const system = systemNow[event.from]!;
        carried({ tank: event.from, at, system, dirty: on(system).filter((lot) => !isClear(lot)) }, event.to, at, 'shared system');
        break;
      }
      case 'treatment begins':
        treatments.add(event.system);
        markTreatments();
        break;
      case 'treatment ends':
        markTreatments();
        treatments.delete(event.system);
        for (const lot of on(event.system)) restart(lot, at, 'treatment ended');
        break;
      case 'signed off': {
        const others = on(where(event.lot)).filter((lot) => lot !== event.lot && get(lot).status === 'in quarantine');
        Object.assign(get(event.lot), { status: 'done', among: new Set(others) });
        for (const { among } of lots.values()) among.delete(event.lot);
        break;
      }
    }
  }
  turn(Math.floor(until / DAY));
  return new Map([...lots].filter(([, { status }]) => status === 'in quarantine').map(([lot, here]) => [lot, calculated(here)]));

  function illness(lot: string, atMs: number) {
    restart(lot, atMs, 'illness');
    for (const otherLot of on(where(lot))) if (otherLot !== lot) restart(otherLot, atMs, 'illness in the system');
  }
  function carried(source: Wet, tank: string, atMs: number, why: string) {
    if (source.system === systemNow[tank]) return;
    for (const lot of on(systemNow[tank]!)) if (source.dirty.some((otherLot) => otherLot !== lot)) restart(lot, atMs, why);
  }
  function calculated({ restarts, openedDay, days }: Lot): Calculated {
    const dayOf = ({ at }: { at: number }) => Math.floor(at / DAY);
    const zeros = new Set([openedDay, ...restarts.map(dayOf)]);
    const isClean = (no: number) => {
      const day = days[no];
      return day && !zeros.has(no) && !day.missed && !day.treated && (day.seen.has(day.last) || (day.came && day.seen.size > 0));
    };
    const cleanSince = (from: number) => Array.from({ length: day - from - 1 }, (_, no) => from + 1 + no).filter(isClean).length;
    const last = restarts.at(-1);
    const lastOther = restarts.findLast(({ why }) => why !== 'treatment ended');
    const left = (from: number, asked: number) => Math.max(0, asked - cleanSince(from));
    return {
      restarts: restarts.map(({ at, why }) => `${at} ${why}`),
      left: Math.max(
        left(lastOther ? dayOf(lastOther) : openedDay, rules.days),
        last?.why === 'treatment ended' ? left(dayOf(last), rules.afterTreatment) : 0,
      ),
    };
  }
}
